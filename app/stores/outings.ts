import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue';
import { liveQuery } from 'dexie';
import { defineStore } from 'pinia';
import {
  eventKeys,
  freeMoment,
  issue,
  LOG_LIMITS,
  sameJson,
  standing,
  withEvent,
  withoutEvent,
  type EventKind,
  type KeptOuting,
  type LogEvent,
  type Rig,
  type Water,
} from '@core';
import { useDocumentAtHand } from '../live/useDocumentAtHand';
import { db } from '../db/database';
import { keeper } from '../db/our-keeper';
import { onBeginAnew, showsRows } from '../db/page-state';
import { momentHere } from '../moment-here';
import { newId } from '../new-id';
import { askLog } from '../workers/ask-log';
import type { OutingRow } from '../workers/log';
import { useKeeping } from './keeping';
import { useLearned } from './learned';
import { useNotices } from './notices';
import { outingsAtHome } from './outings-at-home';
import { useWater } from './water';
import * as words from '../locale/en/log';

/** How an event stands: on its way to the disk, there, or not there yet. */
export interface Confirmed {
  readonly what: EventKind;
  readonly at: string;
  readonly is: 'storing' | 'stored' | 'not-stored';
}
const stamp = (): string => new Date().toISOString();
/** Points of a track that goes on: one in some seconds all day, and light enough to be stored with every key. */
const LIVE_POINTS = 2000;
/** Changes of the store that follow each other are read once, ms. */
const READ_AFTER_MS = 250;

/** Outings: the one that runs, and the others in short; every change is stored at once. */
export const useOutings = defineStore('outings', () => {
  const water = useWater();
  const notices = useNotices();
  const keeping = useKeeping();
  const learned = useLearned();
  const confirmed = shallowRef<Confirmed | null>(null);
  const { value: running, ...atHand } = useDocumentAtHand('outing', {
    onCleared: () => (confirmed.value = null),
    // ended in another tab
    isOver: ({ to }) => to !== null,
  });
  const { loaded, load, clear, store, takeOn } = atHand;
  showsRows('outing', () => (running.value ? [running.value] : []));
  /** all outings in short, the latest first; null until they were read */
  const rows = shallowRef<readonly OutingRow[] | null>(null);
  /** grows whenever the log changed */
  const turn = ref(0);

  const now = computed(() => (running.value ? standing(running.value.events) : null));

  // what could not be stored at first is tried again until it is
  watch(
    () => running.value !== null && keeper.pendingOf('outing', running.value.id) === null,
    (isStored) => {
      const is = confirmed.value;
      if (isStored && is?.is === 'not-stored') confirmed.value = { ...is, is: 'stored' };
    },
  );
  /** Looks again: everything was cleared, or another store put in its place. */
  async function reload(): Promise<void> {
    await atHand.reload();
    await read();
  }
  onBeginAnew('outings', reload);

  let reading: Promise<void> | null = null;
  let isStale = false;
  async function readOver(): Promise<void> {
    while (isStale) {
      isStale = false;
      const found = await askLog('list', { waiting: keeper.waiting(), nowMs: Date.now() });
      if (!found.ok) {
        void notices.complain(found.issues);
        break;
      }
      rows.value = found.value.rows;
      learned.setOwnLog(found.value.ownLog);
      turn.value++;
    }
    reading = null;
  }
  /** Reads all outings in short, and what they have to say where a rig is picked. */
  async function read(): Promise<void> {
    isStale = true;
    reading ??= readOver();
    await reading;
  }
  let timer: ReturnType<typeof setTimeout> | undefined;
  let following: { unsubscribe(): void } | null = null;
  /**
   * Follows the log, whoever changes it, or lets it be: on the water nobody looks at it, and whoever reads thousands of outings holds up the
   * key that is to be stored.
   */
  function follow(isOn: boolean): void {
    if (!isOn) {
      following?.unsubscribe();
      following = null;
      clearTimeout(timer);
      return;
    }
    following ??= liveQuery(async () => {
      const last = await db.outings.orderBy('changedAt').last();
      return `${await db.outings.count()} ${last?.id ?? ''} ${last?.changedAt ?? ''}`;
    }).subscribe({
      next: () => {
        clearTimeout(timer);
        timer = setTimeout(() => void read(), rows.value === null ? 0 : READ_AFTER_MS);
      },
      // whoever reads the rows says what is wrong
      error: () => undefined,
    });
  }
  onScopeDispose(() => {
    following?.unsubscribe();
    clearTimeout(timer);
  });

  /** Begins an outing with what is on the rods. */
  async function start(place: string, rigs: readonly { readonly rig: Rig }[], stop: string, at: Water): Promise<void> {
    const ms = Date.now();
    const from = momentHere(ms);
    const events = rigs.map(({ rig }, rod): LogEvent => ({
      at: from,
      what: 'tie-on',
      rod,
      rig,
      ...(rod === 0 ? { water: at, ...(stop === '' ? {} : { stop }) } : {}),
    }));
    atHandSaid = water.water;
    const made: KeptOuting = { id: newId(), changedAt: stamp(), place, from, to: null, events, rod: 0 };
    keeping.somethingToLose();
    await atHand.lay(made, null);
  }

  /** the water at hand when it was said last: what changed since is said with the next event */
  let atHandSaid: Water | null = null;
  function waterSaid(): { readonly water?: Water } {
    const said = now.value?.water ?? null;
    atHandSaid ??= water.water;
    if (said !== null && (sameJson(atHandSaid, water.water) || sameJson(said, water.water))) return {};
    atHandSaid = water.water;
    return { water: water.water };
  }

  /**
   * Notes what happened on the rod in hand. It is on the screen at once; `confirmed` says when it is on the disk.
   * @returns whether it was noted; why not is said
   */
  async function note(what: EventKind, more: Partial<LogEvent> = {}): Promise<boolean> {
    const outing = running.value;
    if (!outing) return false;
    if (outing.events.length >= LOG_LIMITS.events) {
      const got = outing.events.length + 1;
      void notices.complain([issue('too-many-rows', 'events', { got, limit: LOG_LIMITS.events })]);
      return false;
    }
    // a clock that was set back does not put it before what was noted
    const at = momentHere(freeMoment(outing.events, Math.max(Date.now(), Date.parse(outing.from))));
    const rod = more.rod ?? outing.rod;
    const event: LogEvent = { at, what, ...(rod === undefined ? {} : { rod }), ...waterSaid(), ...more };
    confirmed.value = { what, at, is: 'storing' };
    keeping.somethingToLose();
    const isStored = await store({ ...withEvent(outing, event), changedAt: stamp() });
    if (confirmed.value?.at === at) confirmed.value = { what, at, is: isStored ? 'stored' : 'not-stored' };
    return true;
  }
  /** Tells more of the last event of its kind: where it was hooked, how long it is. */
  async function tellMore(at: string, part: Pick<LogEvent, 'hookedBy' | 'lengthMm'>): Promise<void> {
    const outing = running.value;
    if (!outing) return;
    const events = outing.events.map((event) => (event.at === at ? { ...event, ...part } : event));
    await store({ ...outing, events, changedAt: stamp() });
  }
  const takeRod = (rod: number): void => {
    if (running.value && running.value.rod !== rod) void store({ ...running.value, rod, changedAt: stamp() });
  };
  /** Takes back what was noted last. */
  async function takeBack(): Promise<LogEvent | null> {
    const outing = running.value;
    const last = outing?.events.at(-1);
    // what the outing began with stays: without a rig there is none
    if (!outing || !last || (last.what === 'tie-on' && last.at === outing.from)) return null;
    await store({ ...withoutEvent(outing, eventKeys(outing.events).at(-1)!), changedAt: stamp() });
    confirmed.value = null;
    return last;
  }
  const moveTo = (stop: string, at: Water): Promise<boolean> => note('note', { stop, water: at });
  async function end(at: string | null = null): Promise<void> {
    const outing = running.value;
    if (!outing) return;
    const to = at ?? momentHere(freeMoment(outing.events, Date.now()));
    const last = outing.events.at(-1);
    const until = last && Date.parse(last.at) > Date.parse(to) ? last.at : to;
    const ended = { ...outing, to: until, changedAt: stamp() };
    const before = atHand.base();
    clear();
    const kept = await keeper.put('outing', ended, before);
    if (!kept.ok) return;
    // what it taught is heard where the next rig is picked
    void read();
    notices.say(words.ended, async () => {
      const again = { ...ended, to: null, changedAt: stamp() };
      await keeper.put('outing', again, ended);
      await takeOn(again);
    });
  }
  /** Keeps points of the sounder’s track with the outing that runs. */
  function track(points: NonNullable<KeptOuting['track']>): void {
    const outing = running.value;
    if (!outing || points.length === 0) return;
    const all = [...(outing.track ?? []), ...points];
    // every key stores the outing whole: of too many points every other one is let go
    const kept = all.length > LIVE_POINTS ? all.filter((_, at) => at % 2 === 0) : all;
    void store({ ...outing, track: kept, changedAt: stamp() });
  }

  const atHome = outingsAtHome({ running, clear, store, takeOn, read, rows });

  return {
    running,
    now,
    loaded,
    confirmed,
    rows,
    turn,
    load,
    reload,
    read,
    follow,
    start,
    note,
    tellMore,
    takeRod,
    takeBack,
    moveTo,
    end,
    track,
    ...atHome,
  };
});
