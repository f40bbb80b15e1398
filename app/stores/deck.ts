import { computed, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import {
  banOf,
  emptyBox,
  isBoxKeepable,
  issue,
  keptPlanOf,
  keptTripOf,
  keptTripSchema,
  newTrip,
  ok,
  parseWith,
  sameJson,
  shortOf,
  TRIP_BOX_PARTS,
  TRIP_LIMITS,
  tripOf,
  type BanTray,
  type DeckPlan,
  type GpxPlace,
  type Issue,
  type KeptStop,
  type KeptTrip,
  type ListedPlace,
  type Result,
  type Trip,
  type Water,
} from '@core';
import { useDocumentAtHand } from '../live/useDocumentAtHand';
import { useLiveRows } from '../live/useLiveRows';
import { db } from '../db/database';
import { keeper } from '../db/our-keeper';
import { onBeginAnew } from '../db/page-state';
import { newId } from '../new-id';
import { useBox } from './box';
import { useKeeping } from './keeping';
import { useLearned } from './learned';
import { useNotices } from './notices';
import { today, useWater } from './water';
import * as words from '../locale/en/deck';

/** A day as it was handed to be planned. */
interface Asked {
  readonly of: string;
  readonly trip: Trip;
  /** of its stops, in their order then */
  readonly ids: readonly string[];
}

type Optional<T> = { [K in keyof T]?: T[K] | undefined };
/** Fields that are set to nothing are gone. */
const without = <T extends object>(of: T): T =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;

/** The day on the deck: its stops, and what was planned for them; every change is stored at once. */
export const useDeck = defineStore('deck', () => {
  const box = useBox();
  const water = useWater();
  const learned = useLearned();
  const notices = useNotices();
  const keeping = useKeeping();
  const { value: trip, ...atHand } = useDocumentAtHand('trip');
  const { loaded, load, reload, clear, store } = atHand;
  onBeginAnew('deck', reload);
  const { rows: all, ready } = useLiveRows(
    'trip',
    () => db.trips.orderBy('changedAt').reverse().toArray(),
    (a, b) => b.changedAt.localeCompare(a.changedAt),
  );

  /** the box it is planned from: its own, or the angler's */
  const from = computed(() => trip.value?.box ?? box.box);
  /** it came with the gear of its plan and nothing to build from: it is fished as it was planned */
  const isBare = computed(() => trip.value?.box?.heads.length === 0);
  /** the day as it is planned: what was planned before, and where the day stands, change nothing in it */
  const asked = shallowRef<Asked | null>(null);
  function ask(): void {
    const now = trip.value;
    const input =
      now && now.stops.length > 0 && box.ready && !isBare.value
        ? tripOf({ ...now, plan: null, now: null }, box.box)
        : null;
    // a plan is of the model it was made with
    const of = input && `${shortOf(input)}${learned.mark}`;
    if (of !== (asked.value?.of ?? null))
      asked.value = input && of !== null ? { of, trip: input, ids: now!.stops.map(({ id }) => id) } : null;
  }
  /** what was planned last still holds */
  const isPlanned = computed(() => asked.value !== null && trip.value?.plan?.of === asked.value.of);

  const stamp = (): string => new Date().toISOString();
  /**
   * Puts a changed day in the place of the one on the deck.
   * @returns problems that keep it from being taken; empty when it was
   */
  function put(next: KeptTrip): readonly Issue[] {
    const parsed = parseWith(keptTripSchema, { ...next, changedAt: stamp() });
    if (!parsed.ok) return parsed.issues;
    void store(parsed.value);
    keeping.somethingToLose();
    return [];
  }
  function change(part: Optional<KeptTrip>): readonly Issue[] {
    return trip.value ? put(without({ ...trip.value, ...part }) as KeptTrip) : [];
  }
  function changeStop(id: string, part: Optional<KeptStop>): readonly Issue[] {
    const stops = trip.value?.stops.map((stop) =>
      stop.id === id ? (without({ ...stop, ...part }) as KeptStop) : stop,
    );
    return stops ? change({ stops }) : [];
  }

  const waterHere = (): { name: string; water: Water } => ({ name: water.place, water: water.water });
  /** Lays a new day on the deck, with a stop at the water at hand. */
  function start(): void {
    const made = newTrip({ id: newId(), stopId: newId(), at: stamp(), day: water.day ?? today() }, waterHere());
    void atHand.lay(made, null);
  }
  /** Lays a day on the deck that is kept already. */
  async function open(id: string): Promise<void> {
    const found = all.value.find((row) => row.id === id);
    if (!found) return;
    await atHand.lay(found, found);
  }
  /** Lays a day of a file or a code on the deck, as a day of its own. */
  function takeIn(from_: Trip): readonly Issue[] {
    if (!isBoxKeepable(from_.box))
      return [issue('too-many-rows', 'box', { got: TRIP_BOX_PARTS + 1, limit: TRIP_BOX_PARTS })];
    const next = keptTripOf(from_, { id: newId(), at: stamp(), newId });
    void atHand.lay(next, null);
    keeping.somethingToLose();
    return [];
  }
  /** Keeps whole days, and lays the last of them on the deck. */
  async function layDays(days: readonly KeptTrip[]): Promise<Result<unknown>> {
    loaded.value = true;
    for (const day of days) {
      const before = all.value.find(({ id }) => id === day.id) ?? null;
      const kept = await keeper.put('trip', day, before);
      if (!kept.ok) return kept;
    }
    const last = days.at(-1);
    if (last) await atHand.lay(last, last);
    return ok(days.length);
  }
  async function remove(): Promise<void> {
    const gone = trip.value;
    if (!gone) return;
    clear();
    const removed = await keeper.remove('trip', gone);
    if (!removed.ok) return notices.complain(removed.issues);
    notices.say(words.dayTakenAway, async () => {
      await keeper.put('trip', gone, null);
      await atHand.lay(gone, gone);
    });
  }

  const isFull = computed(() => (trip.value?.stops.length ?? 0) >= TRIP_LIMITS.stops);
  /** Adds a stop behind the others: at a water that is kept, or the one at hand. */
  function addStop(at: { readonly name: string; readonly water: Water } = waterHere()): readonly Issue[] {
    const { stops } = trip.value ?? { stops: [] };
    if (isFull.value) return [issue('too-many-rows', 'stops', { got: stops.length + 1, limit: TRIP_LIMITS.stops })];
    return change({ stops: [...stops, { id: newId(), minutes: stops.at(-1)?.minutes ?? 45, ...at }] });
  }
  /** Adds places of a list or map; what they do not say of their water is as at the water at hand. */
  function addPlaces(places: readonly (GpxPlace | ListedPlace)[], rest: string | null): readonly Issue[] {
    const { stops = [] } = trip.value ?? {};
    const got = stops.length + places.length;
    if (got > TRIP_LIMITS.stops) return [issue('too-many-rows', 'stops', { got, limit: TRIP_LIMITS.stops })];
    const made = places.map(({ water: said, ...place }): KeptStop => {
      const depthM = said.depthM ?? water.water.depthM;
      const { band: _band, intent: _intent, ...plain } = water.water;
      const cover = (said.cover ?? plain.cover).map(({ topM, ...one }) => ({
        ...one,
        ...(topM === undefined ? {} : { topM: Math.min(topM, depthM) }),
      }));
      return { ...place, id: newId(), water: { ...plain, ...said, depthM, cover } };
    });
    return change({ stops: [...stops, ...made], ...(rest === null ? {} : { gpx: rest }) });
  }
  function removeStop(id: string): void {
    const before = trip.value;
    if (!before) return;
    change({ stops: before.stops.filter((stop) => stop.id !== id) });
    const after = trip.value;
    notices.say(words.stopTakenOut, async () => {
      const gone = before.stops.find((stop) => stop.id === id)!;
      const at = before.stops.indexOf(gone);
      if (trip.value && trip.value.id === after?.id)
        change({ stops: [...trip.value.stops.slice(0, at), gone, ...trip.value.stops.slice(at)] });
    });
  }
  /** Moves a stop to another place in the order. */
  function moveStop(id: string, to: number): void {
    const stops = trip.value?.stops ?? [];
    const stop = stops.find((one) => one.id === id);
    if (!stop) return;
    const others = stops.filter((one) => one !== stop);
    const at = Math.max(0, Math.min(others.length, to));
    if (stops.indexOf(stop) !== at) change({ stops: [...others.slice(0, at), stop, ...others.slice(at)] });
  }
  function ban(tray: BanTray, place: number): void {
    const now = trip.value;
    if (!now) return;
    const one = banOf(from.value, tray, place);
    if (!now.bans.some((other) => sameJson(other, one))) change({ bans: [...now.bans, one] });
  }
  const allow = (one: KeptTrip['bans'][number]): readonly Issue[] =>
    change({ bans: trip.value?.bans.filter((other) => !sameJson(other, one)) ?? [] });

  /** Keeps what was planned, where the day is still the one it was planned for. */
  function keepPlan(plan: DeckPlan): void {
    const now = trip.value;
    if (!now || !asked.value) return;
    const rods = plan.rods.map(({ rod, reel, line, rig, base, stops }) => ({
      ...{ rod, reel, line, rig, base },
      stops: [...stops],
    }));
    const { of, ids } = asked.value;
    const kept = keptPlanOf(
      { rods },
      from.value,
      ids.map((id) => ({ id })),
      of,
    );
    if (!sameJson(kept, now.plan)) void store({ ...now, plan: kept });
  }
  /** The day in the shape of files: with the box it is planned from. */
  const asFile = (): Trip | null => trip.value && tripOf(trip.value, box.ready ? box.box : emptyBox());

  return {
    trip,
    all,
    ready,
    loaded,
    from,
    asked,
    ask,
    isBare,
    isPlanned,
    isFull,
    load,
    reload,
    change,
    changeStop,
    start,
    open,
    takeIn,
    layDays,
    remove,
    addStop,
    addPlaces,
    removeStop,
    moveStop,
    ban,
    allow,
    keepPlan,
    asFile,
  };
});
