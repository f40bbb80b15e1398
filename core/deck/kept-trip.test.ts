import { describe, expect, test } from '@jest/globals';
import { DEMO_BOX } from '../../demo/brindle-mere';
import { DEMO_WEEKEND } from '../../demo/weekend';
import { withTheirs } from '../keeping/merge';
import { parseWith } from '../parse';
import type { Box } from '../rig/parts/box';
import { fibreGuard } from '../rig/parts/catalogue';
import type { Rig } from '../rig/parts/schema';
import { handOverOf } from './hand-over';
import {
  isBoxKeepable,
  keptTripOf,
  keptTripSchema,
  madePlanOf,
  newTrip,
  shortOf,
  TRIP_BOX_PARTS,
  tripOf,
  type KeptTrip,
} from './kept-trip';
import { mergeTrips } from './merge-trips';
import { tripSchema, type Trip } from './trip';

const [SUNDAY, SATURDAY] = DEMO_WEEKEND as [KeptTrip, KeptTrip];
/** The box of the demo as a browser holds it: every part with its id. */
const OWN: Box = {
  ...DEMO_BOX,
  rods: DEMO_BOX.rods.map((rod, at) => ({ ...rod, id: `rod-${at}` })),
  reels: DEMO_BOX.reels.map((reel, at) => ({ ...reel, id: `reel-${at}` })),
  lines: DEMO_BOX.lines.map((line, at) => ({ ...line, id: `line-${at}` })),
  trailers: DEMO_BOX.trailers.map((trailer, at) => ({ ...trailer, id: `trailer-${at}` })),
};
const RIG: Rig = {
  family: 'skirted',
  head: { style: 'flipping', finesse: false, weightOz: 0.5, metal: 'lead', hook: { size: '5/0', wire: 'heavy' } },
  guard: fibreGuard(26),
  skirt: null,
  trailer: null,
};
let ids = 0;
const made = { id: 'a', at: '2026-09-26T05:00:00.000Z', newId: () => `s${ids++}` };

describe('a day as a browser keeps it', () => {
  test('the demo’s days are ones, and files take them', () => {
    for (const day of DEMO_WEEKEND) {
      expect(parseWith(keptTripSchema, day)).toMatchObject({ ok: true });
      expect(parseWith(tripSchema, tripOf(day, OWN))).toMatchObject({ ok: true });
    }
  });
  test('a new one has a stop at the water at hand', () => {
    const { water } = SATURDAY.stops[0]!;
    const day = newTrip({ id: 'x', stopId: 'y', at: made.at, day: '2026-09-26' }, { name: 'weir', water });
    expect(parseWith(keptTripSchema, day)).toMatchObject({ ok: true });
    expect(day.stops).toMatchObject([{ id: 'y', name: 'weir', water }]);
  });
  test('locks, bans and the plan follow their parts wherever these stand; what is gone is left out', () => {
    const plan = {
      of: 'x',
      rods: [
        {
          rod: 'rod-2',
          reel: 'reel-1',
          line: 'line-0',
          rig: RIG,
          stops: SATURDAY.stops.slice(0, 2).map(({ id }) => id),
        },
      ],
    };
    const day: KeptTrip = {
      ...SATURDAY,
      stops: SATURDAY.stops.map((stop, at) => (at === 0 ? { ...stop, lock: 'rod-3' } : stop)),
      bans: [{ tray: 'trailers', id: 'trailer-5' }],
      plan,
    };
    const trip = tripOf(day, OWN);
    expect([trip.stops[0]!.lock, trip.bans, trip.plan?.rods[0]]).toMatchObject([
      3,
      [{ tray: 'trailers', part: 5 }],
      { rod: 2, reel: 1, line: 0 },
    ]);
    const shifted = { ...OWN, rods: OWN.rods.slice(1), trailers: OWN.trailers.slice(6) };
    const later = tripOf(day, shifted);
    expect([later.stops[0]!.lock, later.bans, later.plan?.rods[0]?.rod]).toEqual([2, undefined, 1]);
    const without = tripOf(day, { ...OWN, rods: OWN.rods.slice(0, 2) });
    expect(['lock' in without.stops[0]!, without.plan]).toEqual([false, undefined]);
    expect(madePlanOf(plan, { ...OWN, reels: [] }, SATURDAY.stops)).toBeNull();
  });
  test('a trip of a file keeps the box it came with, locks and plan; and comes back the same', () => {
    const trip: Trip = {
      ...tripOf(SUNDAY, DEMO_BOX),
      stops: tripOf(SUNDAY, DEMO_BOX).stops.map((stop, at) => (at === 2 ? { ...stop, lock: 4 } : stop)),
      bans: [{ tray: 'heads', part: 3 }],
      plan: { rods: [{ rod: 1, reel: 0, line: 2, rig: RIG, stops: [0] }] },
    };
    const kept = keptTripOf(trip, made);
    expect(parseWith(keptTripSchema, kept)).toMatchObject({ ok: true });
    const back = tripOf(kept, OWN);
    expect(back.stops).toEqual(trip.stops);
    expect([back.bans, back.plan]).toEqual([trip.bans, trip.plan]);
    expect(back.box.rods.map(({ label }) => label)).toEqual(DEMO_BOX.rods.map(({ label }) => label));
    expect(kept.plan?.of).toBe(shortOf(tripOf({ ...kept, plan: null }, OWN)));
    const torn = keptTripOf({ ...trip, plan: { rods: [{ ...trip.plan!.rods[0]!, rod: 77 }] } }, made);
    expect(torn.plan).toBeNull();
  });
  test('a box of thousands is too much to be kept with a day', () => {
    const many = { ...DEMO_BOX, heads: Array.from({ length: TRIP_BOX_PARTS }, () => DEMO_BOX.heads[0]!) };
    expect([isBoxKeepable(DEMO_BOX), isBoxKeepable(many)]).toEqual([true, false]);
  });
  test('what a plan is made from reads differently when it is, and not where only names change', () => {
    const trip = tripOf(SATURDAY, OWN);
    expect(shortOf({ ...trip, name: 'another' })).toBe(shortOf(trip));
    expect(shortOf({ ...trip, rods: 3 })).not.toBe(shortOf(trip));
    const [first, ...rest] = trip.stops;
    expect(shortOf({ ...trip, stops: [...rest, first!] })).not.toBe(shortOf(trip));
  });
});

describe('two hands on one day', () => {
  const changed = (
    by: (stop: KeptTrip['stops'][number], at: number) => object,
    at = '2026-09-27T06:00:00.000Z',
  ): KeptTrip => ({
    ...SATURDAY,
    changedAt: at,
    stops: SATURDAY.stops.map((stop, place) => ({ ...stop, ...by(stop, place) })),
  });
  test('stop by stop and field by field', () => {
    const mine = changed((_, at) => (at === 0 ? { minutes: 20 } : {}));
    const theirs = { ...changed((_, at) => (at === 1 ? { name: 'reeds' } : {})), rods: 2 };
    const { value, clashes } = mergeTrips(SATURDAY, mine, theirs);
    expect([value.stops[0]!.minutes, value.stops[1]!.name, value.rods, clashes]).toEqual([20, 'reeds', 2, []]);
  });
  test('a new order of one holds beside a stop the other added; one that was taken out is gone', () => {
    const mine = { ...SATURDAY, stops: [...SATURDAY.stops].reverse() };
    const theirs = { ...SATURDAY, stops: [...SATURDAY.stops, { ...SATURDAY.stops[0]!, id: 'new' }] };
    const both = mergeTrips(SATURDAY, mine, theirs).value.stops.map(({ id }) => id);
    expect(both).toEqual([...mine.stops.map(({ id }) => id), 'new']);
    const without = { ...SATURDAY, stops: SATURDAY.stops.slice(1) };
    expect(mergeTrips(SATURDAY, SATURDAY, without).value.stops).toEqual(without.stops);
    expect(mergeTrips(SATURDAY, without, SATURDAY).value.stops).toEqual(without.stops);
    // what one threw away and the other worked on stays
    const worked = changed((_, at) => (at === 0 ? { minutes: 20 } : {}));
    expect(mergeTrips(SATURDAY, without, worked).value.stops).toHaveLength(SATURDAY.stops.length);
  });
  test('of two plans the later is kept; where both set one field, mine stands and is told', () => {
    const plan = (of: string): KeptTrip['plan'] => ({ of, rods: [] });
    const mine = { ...SATURDAY, changedAt: '2026-09-27T06:00:00.000Z', plan: plan('mine'), rods: 5 };
    const theirs = { ...SATURDAY, changedAt: '2026-09-27T07:00:00.000Z', plan: plan('theirs'), rods: 6 };
    const { value, clashes } = mergeTrips(SATURDAY, mine, theirs);
    expect([value.plan?.of, value.rods, clashes.map(({ path }) => path)]).toEqual(['theirs', 5, [['rods']]]);
    expect(parseWith(keptTripSchema, value)).toMatchObject({ ok: true });
  });
  test('minutes of one stop changed in both: the other hand’s can be taken, and the day stays a day, whatever its ids look like', () => {
    for (const id of ['one', 'a.b', 'x/y', '__proto__']) {
      const [first, ...rest] = SATURDAY.stops;
      const base: KeptTrip = { ...SATURDAY, stops: [{ ...first!, id }, ...rest] };
      const at = (minutes: number): KeptTrip => ({ ...base, stops: [{ ...base.stops[0]!, minutes }, ...rest] });
      const { value, clashes } = mergeTrips(base, at(20), at(90));
      expect(clashes).toEqual([{ path: ['stops', id, 'minutes'], mine: 20, theirs: 90 }]);
      const taken = withTheirs(value, clashes);
      expect(taken.stops.map(({ minutes }) => minutes)).toEqual([90, ...rest.map(({ minutes }) => minutes)]);
      expect(taken.stops.map((stop) => stop.id)).toEqual(base.stops.map((stop) => stop.id));
      expect(parseWith(keptTripSchema, taken)).toMatchObject({ ok: true });
    }
  });
  test('a stop that is gone by the time the other hand’s is taken has nowhere to go, and nothing else is touched', () => {
    const clash = { path: ['stops', 'nobody', 'minutes'], mine: 1, theirs: 2 };
    expect(withTheirs(SATURDAY, [clash])).toEqual(SATURDAY);
  });
});

describe('a day on its way to a phone', () => {
  test('holds what is fished, and nothing else; files take it', () => {
    const trip = tripOf(SATURDAY, OWN);
    const plan = {
      rods: [
        { rod: 3, reel: 2, line: 1, rig: RIG, base: RIG, stops: [0, 2] },
        { rod: 1, reel: 0, line: 1, rig: RIG, stops: [1] },
      ],
    };
    const over = handOverOf({ ...trip, bans: [{ tray: 'rods', part: 5 }], gpx: '<gpx/>', plan });
    expect(parseWith(tripSchema, over)).toMatchObject({ ok: true });
    expect([over.box.rods.length, over.box.heads.length, over.box.lines.length, over.bans, over.gpx]).toEqual([
      2,
      0,
      1,
      undefined,
      undefined,
    ]);
    const [first, second] = over.plan!.rods;
    expect(over.box.rods[first!.rod]!.label).toBe(OWN.rods[3]!.label);
    expect(over.box.reels[second!.reel]!.ratio).toBe(OWN.reels[0]!.ratio);
    expect(over.box.lines[first!.line]).toMatchObject({ kind: OWN.lines[1]!.kind, lb: OWN.lines[1]!.lb });
    expect(over.stops.map(({ name }) => name)).toEqual(trip.stops.map(({ name }) => name));
    expect(over.lat).toBe(trip.lat);
  });
  test('numbers keep four figures, places five decimals; a lock stays at home', () => {
    const trip = tripOf(SATURDAY, OWN);
    const [first, ...others] = trip.stops;
    const stop = { ...first!, lat: 45.123456, lon: -30.654321, lock: 0, minutes: 30 };
    const measured = { ...stop, water: { ...stop.water, depthM: 1.23456, temperatureC: 14.98765 } };
    const plan = { rods: [{ rod: 0, reel: 0, line: 0, rig: RIG, stops: [0] }] };
    const [over] = handOverOf({ ...trip, stops: [measured, ...others], plan }).stops;
    expect([over!.lat, over!.lon]).toEqual([45.12346, -30.65432]);
    expect([over!.water.depthM, over!.water.temperatureC]).toEqual([1.235, 14.99]);
    expect(over!.lock).toBeUndefined();
  });
});
