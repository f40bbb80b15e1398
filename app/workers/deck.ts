import {
  eachRodMore,
  fail,
  issue,
  nothingAsked,
  ok,
  onePartMore,
  paceByHead,
  planPrepared,
  prepareDeck,
  readGpx,
  readStopsCsv,
  sameJson,
  seasonKits,
  sniff,
  stopPace,
  withoutBanned,
  writeGpx,
  type AskedBefore,
  type Box,
  type DeckPlan,
  type GpxFile,
  type OneMore,
  type Prepared,
  type Result,
  type SeasonKits,
  type Solver,
  type SoManyRods,
  type Stop,
  type StopPace,
  type Trip,
  type Water,
  type Year,
} from '@core';

import { onOtherBelief } from './belief';

/** How fast a stop is fished, and what a head lighter or heavier makes of it. */
export interface PaceTold {
  readonly pace: StopPace;
  readonly byHead: ReturnType<typeof paceByHead>;
}
export interface DeckMade {
  readonly plan: DeckPlan;
  /** by stop; null where none answers it */
  readonly paces: readonly (PaceTold | null)[];
}
/** Places of a list or map, and what else stood in it. */
export interface PlacesRead {
  readonly places: readonly (GpxFile['places'][number] | ListedPlace)[];
  readonly rest: string | null;
  readonly notes: GpxFile['notes'];
}
type ListedPlace = Extract<ReturnType<typeof readStopsCsv>, { ok: true }>['value'][number];

/** What is asked of the deck beside its page. */
export interface DeckRequests {
  plan: { readonly trip: Trip };
  /** what each rod more adds to the plan that was made last */
  rods: { readonly trip: Trip };
  /** what one part more in the box would add */
  parts: { readonly trip: Trip };
  kit: { readonly waters: readonly Water[]; readonly year: Year; readonly box: Box };
  /** reads places from a file */
  read: { readonly text: string };
  /** writes stops as places */
  gpx: { readonly stops: readonly Stop[]; readonly rest: string | null };
}
export interface DeckAnswers {
  plan: Result<DeckMade>;
  rods: Result<readonly SoManyRods[]>;
  parts: Result<readonly OneMore[]>;
  kit: SeasonKits;
  read: Result<PlacesRead>;
  gpx: string;
}
export type DeckAsk = keyof DeckRequests;
export type DeckRequest = { [Ask in DeckAsk]: { readonly ask: Ask } & DeckRequests[Ask] }[DeckAsk];

/** Cache of what was asked of a box, whatever ids its parts have: rigs know them by place. */
interface Kept {
  readonly parts: object;
  readonly before: AskedBefore;
}
let kept: Kept | null = null;
const withoutIds = (box: Box): object =>
  Object.fromEntries(
    Object.entries(box).map(([tray, parts]) => [
      tray,
      Array.isArray(parts) ? parts.map(({ id: _id, ...part }: { readonly id?: string }) => part) : parts,
    ]),
  );
/** Cache of the last preparation, which does not depend on locks, weights and minutes. */
let last: { readonly key: string; readonly box: Box; readonly prepared: Prepared } | null = null;

// what tests teach is in every number of it
onOtherBelief(() => {
  kept = null;
  last = null;
});

/** What a day is prepared from: not its locks and weights. */
function keyOf(trip: Trip): string {
  const { stops, bans, day, from, until, utcOffsetMin, lat, lon } = trip;
  const timed = stops.map(({ minutes, at, hours, water, name, lat: y, lon: x }) => [
    minutes,
    at,
    hours,
    water,
    name,
    y,
    x,
  ]);
  return JSON.stringify([timed, bans, day, from, until, utcOffsetMin, lat, lon]);
}

function prepared(trip: Trip, tell: (done: number) => void): Result<Prepared> {
  const key = keyOf(trip);
  // a lock to a rod that is not there is told anew
  const isLocked = trip.stops.some(({ lock }) => lock !== undefined && !trip.box.rods[lock]);
  if (last !== null && !isLocked && last.key === key && sameJson(last.box, trip.box)) return ok(last.prepared);
  const box = withoutBanned(trip.box, trip.bans);
  const parts = withoutIds(box);
  if (kept === null || !sameJson(kept.parts, parts)) kept = { parts, before: nothingAsked() };
  const made = prepareDeck(trip, tell, kept.before);
  if (made.ok) last = { key, box: trip.box, prepared: made.value };
  return made;
}

function pacesOf(trip: Trip, { stops, rods, times }: DeckPlan): (PaceTold | null)[] {
  return stops.map(({ stop, retrieve }) => {
    const rig = rods.find((rod) => rod.stops.includes(stop))?.rig;
    const water = times.stops[stop]?.water ?? trip.stops[stop]!.water;
    if (!rig || !retrieve) return null;
    return { pace: stopPace(rig, retrieve, water), byHead: paceByHead(rig, retrieve, water) };
  });
}

type Answering = { readonly [Ask in DeckAsk]: (of: DeckRequests[Ask]) => DeckAnswers[Ask] };

/**
 * Answers what the deck asks.
 * @param solver  of integer programmes, loaded when one is first needed
 */
export async function answerDeck(
  job: DeckRequest,
  tell: (done: number) => void,
  solver: () => Promise<Solver>,
): Promise<DeckAnswers[DeckAsk] | Result<never>> {
  const isReading = job.ask === 'read' || job.ask === 'gpx';
  let solve: Solver = () => ({ isOptimal: false, set: [], value: 0 });
  if (!isReading) {
    try {
      solve = await solver();
    } catch {
      // it is asked for again the next time
      return fail([issue('solver-missing', '')]);
    }
  }
  const answers: Answering = {
    plan({ trip }) {
      const made = prepared(trip, tell);
      if (!made.ok) return made;
      const plan = planPrepared(trip, made.value, solve);
      return ok({ plan, paces: pacesOf(trip, plan) });
    },
    rods({ trip }) {
      const made = prepared(trip, tell);
      return made.ok ? ok(eachRodMore(trip, made.value, solve, planPrepared(trip, made.value, solve))) : made;
    },
    parts({ trip }) {
      const made = prepared(trip, tell);
      return made.ok ? ok(onePartMore(trip, made.value, solve, planPrepared(trip, made.value, solve), tell)) : made;
    },
    kit: ({ waters, year, box }) => seasonKits(waters, year, box, solve, tell),
    read({ text }) {
      if (sniff(text).format === 'csv') {
        const listed = readStopsCsv(text);
        return listed.ok ? ok({ places: listed.value, rest: null, notes: [] }) : listed;
      }
      return readGpx(text);
    },
    gpx: ({ stops, rest }) => writeGpx(stops, rest ?? undefined),
  };
  return (answers[job.ask] as (of: DeckRequest) => DeckAnswers[DeckAsk])(job);
}
