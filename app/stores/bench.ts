import { computed, nextTick, ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  applyEdit,
  editOf,
  benchWater,
  changedBuild,
  lastEffects,
  judgeRig,
  knownWaterBest,
  UNSCALED,
  keptVersion,
  measureBuild,
  redone,
  startBuild,
  undone,
  usualSpeedMps,
  type Build,
  type LastEffect,
  type Edited,
  type EditId,
  type Rig,
} from '@core';
import { useLiveRows } from '../live/useLiveRows';
import { useDocumentAtHand } from '../live/useDocumentAtHand';
import { db } from '../db/database';
import { keeper } from '../db/our-keeper';
import { onBeginAnew } from '../db/page-state';
import { newId } from '../new-id';
import { useNotices } from './notices';
import { useTickets } from './tickets';
import { useWater } from './water';
import * as words from '../locale/en/frame';

/** What a version is compared with when none was kept: the rig as it came. */
export const AS_IT_CAME = -1;
/** How often numbers follow a drag, ms, and that they take at most one part in this many of the time; the drawing follows at every movement. */
const READ_EVERY_MS = 120;
const READ_TAKES_ONE_IN = 20;

/** The build on the bench: every change is stored at once and can be taken back. */
export const useBench = defineStore('bench', () => {
  const water = useWater();
  const notices = useNotices();
  const { value: build, ...atHand } = useDocumentAtHand('build', {
    onLaid: prepare,
    onOther: () => notices.say(words.buildChangedElsewhere),
    onCleared: () => {
      cancelDrag();
      effects.value = [];
    },
  });
  const { loaded, load, reload, clear, store } = atHand;
  onBeginAnew('bench', reload);
  /** the rig under a drag, before it is let go */
  const dragged = shallowRef<Rig | null>(null);
  /** what is being dragged, and to what */
  const moving = shallowRef<{ readonly edit: EditId; readonly value: number | string } | null>(null);
  /** speed at which it is looked at, m/s; null for what this water and rig ask */
  const chosenMps = ref<number | null>(null);
  /** the version read-outs are compared with */
  const against = ref(AS_IT_CAME);
  /** what the last change amounts to by itself, against the rig as it came */
  const effects = shallowRef<readonly LastEffect[]>([]);
  const { rows: all, ready } = useLiveRows(
    'build',
    () => db.builds.orderBy('changedAt').reverse().toArray(),
    (a, b) => b.changedAt.localeCompare(a.changedAt),
  );
  const tickets = useTickets();

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
    return on.value && of ? measureBuild(on.value, of, speedMps.value) : null;
  });
  const earlier = computed(() => {
    const versions = build.value?.versions ?? [];
    return versions[against.value] ?? null;
  });
  const earlierRig = computed(() => earlier.value?.rig ?? build.value?.base ?? null);
  const before = computed(() =>
    on.value && earlierRig.value ? measureBuild(on.value, earlierRig.value, speedMps.value) : null,
  );

  /** Everything about what lay there before is of no use for this one. */
  function prepare(next: Build): void {
    cancelDrag();
    chosenMps.value = null;
    against.value = next.versions.length - 1;
    effects.value = [];
  }

  /** Lays a rig on the bench as a new build. */
  async function start(from: Rig, base?: Rig): Promise<void> {
    const next = startBuild(from, { ...now(), id: newId(), name: '', ...(base ? { base } : {}) });
    await atHand.lay(next, null);
  }
  async function open(id: string): Promise<void> {
    const found = all.value.find((row) => row.id === id);
    if (!found) return;
    await atHand.lay(found, found);
  }

  /** Takes a rig as the next state of the build. */
  async function take(next: Rig): Promise<void> {
    if (!build.value || !on.value) return;
    const was = build.value.rig;
    cancelDrag();
    const changed = changedBuild(build.value, next, now());
    if (changed === build.value) return;
    effects.value = [];
    const at = on.value;
    // what it did is said an instant later: the drawing goes first
    setTimeout(() => {
      if (build.value?.rig !== changed.rig) return;
      effects.value = lastEffects(at, changed.base, was, measureBuild(at, changed.rig, speedMps.value));
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
  /** Makes the edits of some cuts as another rig has them, each a step that can be taken back. */
  const takeCuts = (cuts: readonly { readonly edits: readonly EditId[] }[], like: Rig): void =>
    cuts.flatMap(({ edits }) => edits).forEach((id) => edit(id, editOf(id).read(like)));
  /** Shows a change while it is dragged; nothing is stored until it is let go. */
  function preview(id: EditId, value: number | string): void {
    if (!build.value) return;
    const edited = applyEdit(build.value.rig, build.value.base, id, value);
    if (!edited.ok) return;
    dragged.value = edited.rig;
    moving.value = { edit: id, value };
    // the picture goes first: the numbers are counted in a task of their own, and of what lies there by then
    reading ??= setTimeout(() => void readDragged(), Math.max(0, readNextAt - performance.now()));
  }
  let reading: ReturnType<typeof setTimeout> | undefined;
  let readNextAt = 0;
  async function readDragged(): Promise<void> {
    reading = undefined;
    if (!dragged.value) return;
    const started = performance.now();
    read.value = dragged.value;
    await nextTick();
    const took = performance.now() - started;
    readNextAt = started + Math.max(READ_EVERY_MS, took * READ_TAKES_ONE_IN);
  }
  /** Gives a drag up: the build stays as it was. */
  function cancelDrag(): void {
    moving.value = null;
    dragged.value = null;
    read.value = null;
  }
  async function commitDrag(): Promise<void> {
    if (dragged.value) await take(dragged.value);
  }
  const undo = (): Promise<void> => step(undone);
  const redo = (): Promise<void> => step(redone);
  async function step(by: typeof undone): Promise<void> {
    if (!build.value) return;
    effects.value = [];
    cancelDrag();
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
    if (!gone) return;
    if (build.value?.id === id) clear();
    const removed = await keeper.remove('build', gone);
    if (!removed.ok) return;
    notices.say(words.buildDeleted, () => keeper.put('build', gone, null));
  }
  /** What the build answers of 100 on the water at hand; null where the best there is has not been found yet. */
  function scoreOf(): number | null {
    const scale = knownWaterBest(water.water);
    if (!build.value || scale === null) return null;
    return Math.round(100 * judgeRig(water.water, build.value.rig, null, scale).score);
  }
  /** Writes the ticket of the build as it is. */
  function writeTicket(): string {
    const { rig: current, base } = build.value!;
    const scale = knownWaterBest(water.water);
    const judged = judgeRig(water.water, current, null, scale ?? UNSCALED);
    const score = scale === null ? NaN : judged.score;
    return tickets.make({ ...judged, score, base, rank: 1, dissent: [], agree: [], alike: 0 }, water.water, base);
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
    takeCuts,
    preview,
    commitDrag,
    cancelDrag,
    undo,
    redo,
    keepVersion,
    rename,
    remove,
    writeTicket,
    scoreOf,
    moving,
  };
});
