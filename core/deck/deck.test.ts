import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { loadSolver } from '../../solver/highs';
import { carries, gearAt, marginsOf } from '../gear';
import { parseWith } from '../parse';
import { candidatesOf, partsOf } from './candidates';
import { answered, greedy, isPossible, programmeOf, reduced, type Chosen, type DeckModel } from './model';
import { planDeck } from './plan';
import type { Solver } from './solve';
import { tripSchema, type Trip } from './trip';
import { runs } from '../testing/runs';

let solver: Solver;
beforeAll(async () => {
  solver = await loadSolver();
});

/** Small programmes of any shape. */
const anyModel: fc.Arbitrary<DeckModel> = fc
  .record({
    stops: fc.integer({ min: 1, max: 4 }),
    rigs: fc.integer({ min: 1, max: 4 }),
    ofRods: fc.integer({ min: 1, max: 3 }),
    rods: fc.integer({ min: 1, max: 3 }),
    ofReels: fc.integer({ min: 1, max: 2 }),
    chance: fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
  })
  .map(({ stops, rigs, ofRods, rods, ofReels, chance }): DeckModel => {
    const next = (): number => chance.next().value as number;
    const options = Array.from({ length: rigs * ofRods * ofReels }, (_, at) => ({
      rig: at % rigs,
      rod: Math.floor(at / rigs) % ofRods,
      reel: Math.floor(at / (rigs * ofRods)),
      line: 0,
      stops: Array.from({ length: stops }, (__, stop) => stop).filter(() => next() < 0.6),
    })).filter((option) => option.stops.length > 0);
    return {
      worth: Array.from({ length: rigs }, () => Array.from({ length: stops }, () => Math.round(100 * next()))),
      options,
      stops,
      rods,
      reels: Array.from({ length: ofReels }, () => (next() < 0.5 ? 1 : Infinity)),
      parts: [{ count: 1, rigs: Array.from({ length: rigs }, (_, rig) => rig).filter(() => next() < 0.5) }],
      locks: Array.from({ length: stops }, () => (next() < 0.2 ? Math.floor(next() * ofRods) : null)),
    };
  });

const locked = (model: DeckModel, { answers }: Chosen): number =>
  answers.filter((at, stop) => at !== null && model.locks[stop] !== null).length;

/** The best of all plans there are. */
function byEnumeration(model: DeckModel): Chosen {
  let best = answered(model, []);
  const look = (from: number, options: readonly number[]): void => {
    if (!isPossible(model, options)) return;
    const tried = answered(model, options);
    const gains = locked(model, tried) - locked(model, best) || tried.worth - best.worth;
    if (gains > 1e-9 || (Math.abs(gains) <= 1e-9 && tried.options.length < best.options.length)) best = tried;
    for (let at = from; at < model.options.length; at++) look(at + 1, [...options, at]);
  };
  look(0, []);
  return best;
}

describe('the programme', () => {
  test('solved it is as good as the best of all plans there are, with as few rigs, and never worse than one after another; so is what is left of it', () => {
    fc.assert(
      fc.property(anyModel, (model) => {
        if (model.options.length === 0) return;
        const { isOptimal, set } = solver(programmeOf(model), 10);
        expect(isOptimal).toBe(true);
        const options = set.filter((name) => name.startsWith('y')).map((name) => Number(name.slice(1)));
        expect(isPossible(model, options)).toBe(true);
        const exact = answered(model, options);
        const best = byEnumeration(model);
        expect([locked(model, exact), exact.worth, exact.options.length]).toEqual([
          locked(model, best),
          expect.closeTo(best.worth, 6),
          best.options.length,
        ]);
        const less = byEnumeration(reduced(model));
        expect([locked(model, less), less.worth]).toEqual([locked(model, best), expect.closeTo(best.worth, 6)]);
        const start = greedy(model);
        expect(isPossible(model, start.options)).toBe(true);
        if (locked(model, start) === locked(model, exact))
          expect(exact.worth).toBeGreaterThanOrEqual(start.worth - 1e-9);
      }),
      { numRuns: runs(200) },
    );
  });
});

const open = { ...NORTH_ARM, cover: [], depthM: 4, temperatureC: 20, visibilityM: 2, mood: 'active' as const };
const grass = {
  ...NORTH_ARM,
  cover: [{ kind: 'grass-submerged' as const, density: 'medium' as const, topM: 0.9 }],
  depthM: 2,
};
const TRIP: Trip = {
  kind: 'trip',
  version: 1,
  name: 'a weekend',
  rods: 3,
  stops: [
    { name: 'hedgerow', minutes: 60, water: NORTH_ARM },
    { name: 'open bank', minutes: 45, water: open },
    { name: 'grass', minutes: 30, weight: 2, water: grass },
  ],
  box: DEMO_BOX,
};
const planOf = (trip: Trip, most?: number) => {
  const plan = planDeck(trip, solver, most);
  if (!plan.ok) throw new Error(JSON.stringify(plan.issues));
  return plan.value;
};

describe('a day of the demo world', () => {
  let plan: ReturnType<typeof planOf>;
  beforeAll(() => {
    plan = planOf(TRIP);
  });
  test('is a trip that files take', () => {
    expect(parseWith(tripSchema, JSON.parse(JSON.stringify(TRIP)))).toMatchObject({ ok: true });
  });
  test('is proven, no worse than greedy, and its score is what its stops come to', () => {
    expect([plan.isOptimal, plan.gap]).toEqual([true, 0]);
    expect(plan.score).toBeGreaterThanOrEqual(plan.greedyScore - 1e-9);
    const [a, b, c] = plan.stops.map(({ score }) => score);
    expect(plan.score).toBeCloseTo((60 * a! + 45 * b! + 30 * 2 * c!) / 135, 9);
    expect(plan.unanswered).toEqual([]);
  });
  test('every rod carries its rig at each of its stops, is used once, and reels are not used more often than there are', () => {
    const candidates = candidatesOf(
      TRIP.stops.map(({ water }) => water),
      DEMO_BOX,
    );
    expect(new Set(plan.rods.map(({ rod }) => rod)).size).toBe(plan.rods.length);
    for (const { rig, stops, margins, rod, reel, line } of plan.rods) {
      const places = { rod, reel, line };
      expect(carries(margins)).toBe(true);
      const candidate = candidates.find((one) => JSON.stringify(one.rig) === JSON.stringify(rig))!;
      for (const stop of stops) {
        expect(carries(marginsOf(candidate.fished[stop]!, gearAt(DEMO_BOX, places)!))).toBe(true);
        expect(plan.stops[stop]).toMatchObject({ stop, rod, score: candidate.scores[stop], isReTied: false });
      }
    }
    DEMO_BOX.reels.forEach(({ quantity }, reel) =>
      expect(plan.rods.filter((rod) => rod.reel === reel).length).toBeLessThanOrEqual(quantity!),
    );
  });
  test('each rod more adds, or adds nothing; the last is the plan itself', () => {
    expect(plan.extraRod.map(({ rods }) => rods)).toEqual([1, 2, 3]);
    plan.extraRod.forEach(({ score }, at) => {
      if (at > 0) expect(score).toBeGreaterThanOrEqual(plan.extraRod[at - 1]!.score - 1e-9);
    });
    expect(plan.extraRod.at(-1)!.score).toBe(plan.score);
    expect(planOf(TRIP, 1).score).toBeCloseTo(plan.extraRod[0]!.score, 9);
  });
  test('planned again it is the same', () => {
    expect(planOf(TRIP)).toEqual(plan);
  });
  test('a lock is kept, and costs what it costs; one that no rig answers is told', () => {
    const lock = plan.stops[1]!.rod === 1 ? 0 : 1;
    const withLock = planOf({ ...TRIP, stops: TRIP.stops.map((stop, at) => (at === 1 ? { ...stop, lock } : stop)) });
    const told = withLock.unanswered.find(({ stop }) => stop === 1);
    if (told) expect(told.because).toBe('locked-rod');
    else expect(withLock.stops[1]!.rod).toBe(lock);
    expect(withLock.score).toBeLessThanOrEqual(plan.score + 1e-9);
    const twig = {
      lengthM: 1.2,
      power: 'light' as const,
      action: 'fast' as const,
      lureFromOz: 1 / 64,
      lureToOz: 1 / 32,
    };
    const box = { ...DEMO_BOX, rods: [...DEMO_BOX.rods, twig] };
    const last = box.rods.length - 1;
    const none = planOf({
      ...TRIP,
      box,
      stops: TRIP.stops.map((stop, at) => (at === 0 ? { ...stop, lock: last } : stop)),
    });
    expect(none.unanswered).toMatchObject([{ stop: 0, because: 'locked-rod', lack: { rod: last, lacks: 'cast' } }]);
    expect(none.idle.find(({ rod }) => rod === last)).toMatchObject({ lack: { lacks: 'cast' } });
    expect(none.stops[0]).toEqual({ stop: 0, rod: null, score: 0, isReTied: false, retrieve: null });
    expect(none.rods.every(({ rod }) => rod !== last)).toBe(true);
  });
  test('a box without rods, reels or lines, and a lock to a rod that is not there, are refused with their place', () => {
    const bad = planDeck({ ...TRIP, box: { ...DEMO_BOX, rods: [], lines: [] } }, solver);
    expect(bad.ok ? [] : bad.issues.map(({ code, path }) => [code, path])).toEqual([
      ['none-to-take', 'box.rods'],
      ['none-to-take', 'box.lines'],
    ]);
    const lost = planDeck({ ...TRIP, stops: [{ ...TRIP.stops[0]!, lock: 77 }] }, solver);
    expect(lost.ok ? [] : lost.issues.map(({ code, path }) => [code, path])).toEqual([
      ['no-such-rod', 'stops[0].lock'],
    ]);
  });
  test('where the time runs out the better of what was found and the greedy plan is told, not proven', () => {
    const found = planDeck(TRIP, () => ({ isOptimal: false, set: [], value: 0 }));
    expect(found.ok && [found.value.isOptimal, found.value.gap]).toEqual([false, null]);
    // what no plan exceeds can still be asked of it: the gap is as large as that allows
    const slow: Solver = (programme, mostS) =>
      programme.includes('\nBinary') ? { isOptimal: false, set: [], value: 0 } : solver(programme, mostS);
    const bounded = planDeck(TRIP, slow);
    const gap = bounded.ok ? bounded.value.gap! : NaN;
    expect(bounded.ok && bounded.value.isOptimal).toBe(false);
    expect(plan.score).toBeLessThanOrEqual(plan.greedyScore * (1 + gap) + 1e-6);
    expect(found.ok && found.value.score).toBeCloseTo(plan.greedyScore, 9);
  });
  test('parts that are there once are tied once', () => {
    const once = { ...DEMO_BOX, heads: DEMO_BOX.heads.map((head) => ({ ...head, quantity: 1 })) };
    const used = planOf({ ...TRIP, box: once }).rods.flatMap(({ rig }) =>
      partsOf(rig, once).filter((part) => part.startsWith('heads')),
    );
    expect(new Set(used).size).toBe(used.length);
  });
});
