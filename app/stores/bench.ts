import { computed, ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  applyEdit,
  benchWater,
  buildSchema,
  changedBuild,
  changeEffects,
  judgeRig,
  keptVersion,
  makeTicket,
  measureBuild,
  parseWith,
  redone,
  rigTitle,
  startBuild,
  undone,
  usualSpeedMps,
  type Build,
  type ChangeEffect,
  type Edited,
  type EditId,
  type Result,
  type Rig,
} from '@core';
import { useLiveRows } from '../composables/useLiveRows';
import { db } from '../db/database';
import { buildJournal } from '../db/journal';
import { keep } from '../db/keep';
import { useNotices } from './notices';
import { useSettings } from './settings';
import { useWater } from './water';

/** What a version is compared with when none was kept: the rig as it came. */
export const AS_IT_CAME = -1;
/** How often numbers follow a drag, ms; the drawing follows at every movement. */
const READ_EVERY_MS = 120;

/** The build on the bench: every change is stored at once and can be taken back. */
export const useBench = defineStore('bench', () => {
  const water = useWater();
  const notices = useNotices();
  const { settings } = useSettings();
  const build = shallowRef<Build | null>(null);
  const loaded = ref(false);
  /** the rig under a drag, before it is let go */
  const dragged = shallowRef<Rig | null>(null);
  /** speed at which it is looked at, m/s; null for what this water and rig ask */
  const chosenMps = ref<number | null>(null);
  /** the version read-outs are compared with */
  const against = ref(AS_IT_CAME);
  /** what the last change did by itself */
  const effects = shallowRef<readonly ChangeEffect[]>([]);
  const { rows: all, ready } = useLiveRows(() => db.builds.orderBy('changedAt').reverse().toArray());

  const now = (): { at: string } => ({ at: new Date().toISOString() });
  const rig = computed(() => dragged.value ?? build.value?.rig ?? null);
  const on = computed(() => (build.value ? benchWater(water.water, build.value.rig.family) : null));
  const speedMps = computed(
    () => chosenMps.value ?? (on.value && build.value ? usualSpeedMps(on.value, build.value.base) : 0),
  );
  /** what the numbers are of while something is dragged: what lay there an instant ago, since nobody reads faster */
  const read = shallowRef<Rig | null>(null);
  const numbers = computed(() => {
    const of = read.value ?? build.value?.rig ?? null;
    return on.value && of ? measureBuild(on.value, of, speedMps.value, settings.units) : null;
  });
  const earlier = computed(() => {
    const versions = build.value?.versions ?? [];
    return versions[against.value] ?? null;
  });
  const earlierRig = computed(() => earlier.value?.rig ?? build.value?.base ?? null);
  const before = computed(() =>
    on.value && earlierRig.value ? measureBuild(on.value, earlierRig.value, speedMps.value, settings.units) : null,
  );

  async function store(next: Build): Promise<void> {
    build.value = next;
    buildJournal.note(next);
    const stored = await keep(() =>
      db.transaction('rw', db.builds, db.settings, async () => {
        await db.builds.put(next);
        await db.settings.put({ key: 'on-bench', value: next.id });
      }),
    );
    if (stored.ok) buildJournal.settle(next);
    else notices.complain(stored.issues);
  }

  function lay(next: Build): void {
    build.value = next;
    dragged.value = null;
    chosenMps.value = null;
    against.value = next.versions.length - 1;
    effects.value = [];
  }

  /** Brings back what lay on the bench, a change a closing tab kept from the database included. */
  async function load(): Promise<void> {
    if (loaded.value) return;
    const stored = await keep(async () => {
      const at = await db.settings.get('on-bench');
      return at?.key === 'on-bench' ? await db.builds.get(at.value) : undefined;
    });
    loaded.value = true;
    if (!stored.ok) return notices.complain(stored.issues);
    const unsaved = buildJournal.unsaved();
    const found = unsaved ?? stored.value;
    if (!found) return;
    const parsed = parseWith(buildSchema, found);
    if (!parsed.ok) return notices.complain(parsed.issues);
    lay(parsed.value);
    if (unsaved) await store(parsed.value);
  }

  /** Looks again what lies on the bench: everything was cleared, or another store put in its place. */
  async function reload(): Promise<void> {
    buildJournal.forget();
    build.value = null;
    letGoOf();
    effects.value = [];
    loaded.value = false;
    await load();
  }

  /** Lays a rig on the bench as a new build. */
  async function start(from: Rig, base?: Rig): Promise<void> {
    const name = rigTitle(from, settings.units).slice(0, 60);
    const next = startBuild(from, { ...now(), id: crypto.randomUUID(), name, ...(base ? { base } : {}) });
    lay(next);
    loaded.value = true;
    await store(next);
  }
  async function open(id: string): Promise<void> {
    const found = all.value.find((row) => row.id === id);
    if (!found) return;
    lay(found);
    await store(found);
  }

  /** Takes a rig as the next state of the build. */
  async function take(next: Rig): Promise<void> {
    if (!build.value || !on.value) return;
    const was = build.value.rig;
    dragged.value = null;
    read.value = null;
    const changed = changedBuild(build.value, next, now());
    if (changed === build.value) return;
    effects.value = [];
    const at = on.value;
    // what it did is said an instant later: the drawing goes first
    setTimeout(() => {
      if (build.value?.rig !== changed.rig) return;
      effects.value = changeEffects(at, was, measureBuild(at, changed.rig, speedMps.value, settings.units));
    });
    await store(changed);
  }
  /** Makes one change; what cannot be taken comes back with its reason and changes nothing. */
  function edit(id: EditId, value: number | string): Edited | null {
    if (!build.value) return null;
    const edited = applyEdit(build.value.rig, build.value.base, id, value);
    if (edited.ok) void take(edited.rig);
    return edited;
  }
  /** Shows a change while it is dragged; nothing is stored until it is let go. */
  function preview(id: EditId, value: number | string): void {
    if (!build.value) return;
    const edited = applyEdit(build.value.rig, build.value.base, id, value);
    if (!edited.ok) return;
    dragged.value = edited.rig;
    const at = performance.now();
    if (at - readAt < READ_EVERY_MS) return;
    readAt = at;
    read.value = edited.rig;
  }
  let readAt = 0;
  /** Gives a drag up: the build stays as it was. */
  function letGoOf(): void {
    dragged.value = null;
    read.value = null;
  }
  async function letGo(): Promise<void> {
    if (dragged.value) await take(dragged.value);
  }
  const undo = (): Promise<void> => step(undone);
  const redo = (): Promise<void> => step(redone);
  async function step(by: typeof undone): Promise<void> {
    if (!build.value) return;
    effects.value = [];
    dragged.value = null;
    await store(by(build.value, now()));
  }
  async function keepVersion(name: string): Promise<void> {
    if (!build.value) return;
    const next = keptVersion(build.value, { ...now(), name });
    await store(next);
    against.value = next.versions.length - 1;
  }
  async function rename(name: string): Promise<void> {
    if (build.value) await store({ ...build.value, name });
  }
  async function remove(id: string): Promise<void> {
    const gone = all.value.find((row) => row.id === id);
    const removed = await keep(() => db.builds.delete(id));
    if (!removed.ok) return notices.complain(removed.issues);
    if (build.value?.id === id) build.value = null;
    if (gone) notices.say('Build thrown away.', () => keep(() => db.builds.put(gone)));
  }
  /** Writes the ticket of the build as it is. */
  function writeTicket(): Promise<Result<string>> {
    const { rig: current, base } = build.value!;
    const judged = { ...judgeRig(water.water, current), rank: 1, dissent: [], alike: 0 };
    const name = rigTitle(current, settings.units).slice(0, 60);
    const made = makeTicket(judged, water.water, { id: crypto.randomUUID(), madeAt: now().at, name, base });
    return keep(() => db.tickets.add(made));
  }

  return {
    build,
    loaded,
    rig,
    dragged,
    on,
    speedMps,
    chosenMps,
    numbers,
    before,
    earlier,
    earlierRig,
    against,
    effects,
    all,
    ready,
    load,
    reload,
    start,
    open,
    take,
    edit,
    preview,
    letGo,
    letGoOf,
    undo,
    redo,
    keepVersion,
    rename,
    remove,
    writeTicket,
  };
});
