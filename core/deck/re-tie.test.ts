import { beforeAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { loadSolver } from '../../solver/highs';
import type { Option } from './options';
import { laidOut, readAnswers, reTieProgramme, tiedPlan, type ReTieModel, type TiedPlan } from './re-tie';
import { solved, type Solver } from './solve';
import { runs } from '../testing/runs';

let solver: Solver;
beforeAll(async () => {
  solver = await loadSolver();
});

/** Small days of any shape. */
const anyDay: fc.Arbitrary<ReTieModel> = fc
  .record({
    stops: fc.integer({ min: 1, max: 3 }),
    rigs: fc.integer({ min: 1, max: 3 }),
    ofRods: fc.integer({ min: 1, max: 2 }),
    lines: fc.integer({ min: 1, max: 2 }),
    rods: fc.integer({ min: 1, max: 2 }),
    chance: fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
  })
  .map(({ stops, rigs, ofRods, lines, rods, chance }): ReTieModel => {
    const next = (): number => chance.next().value as number;
    const all = Array.from({ length: rigs * ofRods * lines }, (_, at) => ({
      rig: at % rigs,
      rod: Math.floor(at / rigs) % ofRods,
      reel: 0,
      line: Math.floor(at / (rigs * ofRods)),
      stops: Array.from({ length: stops }, (__, stop) => stop).filter(() => next() < 0.6),
    }));
    return {
      worth: Array.from({ length: rigs }, () => Array.from({ length: stops }, () => Math.round(100 * next()))),
      options: all.filter((option) => option.stops.length > 0),
      stops,
      rods,
      reels: [next() < 0.5 ? 1 : Infinity],
      parts: next() < 0.5 ? [{ count: 1, rigs: [0] }] : [],
      locks: Array.from({ length: stops }, () => (next() < 0.15 ? 0 : null)),
      left: Array.from({ length: stops }, () => next()),
    };
  });

const locked = ({ locks }: ReTieModel, { answers }: TiedPlan): number =>
  answers.filter((tied, stop) => tied !== null && locks[stop] !== null).length;

/** Whether answers can be had: one gear on a rod, so many rods and reels, every rig tied from parts there are. */
function isPossible(model: ReTieModel, answers: readonly (Option | null)[]): boolean {
  const used = answers.filter((one) => one !== null);
  const gears = new Map<number, string>();
  for (const { rod, reel, line } of used) {
    const gear = `${reel} ${line}`;
    if ((gears.get(rod) ?? gear) !== gear) return false;
    gears.set(rod, gear);
  }
  if (gears.size > model.rods || gears.size > model.reels[0]!) return false;
  const on = new Map<number, number>();
  const ties = used.filter(({ rod, rig }) => {
    const isNew = on.get(rod) !== rig;
    on.set(rod, rig);
    return isNew;
  });
  return model.parts.every(({ count, rigs }) => ties.filter(({ rig }) => rigs.includes(rig)).length <= count);
}

/** The best of all days there are. */
function byEnumeration(model: ReTieModel): TiedPlan {
  let best = tiedPlan(
    model,
    Array.from({ length: model.stops }, () => null),
  );
  const look = (answers: readonly (Option | null)[]): void => {
    if (answers.length === model.stops) {
      if (!isPossible(model, answers)) return;
      const tried = tiedPlan(model, answers);
      const gains = locked(model, tried) - locked(model, best) || tried.worth - best.worth;
      if (gains > 1e-9) best = tried;
      return;
    }
    const stop = answers.length;
    const lock = model.locks[stop]!;
    look([...answers, null]);
    for (const option of model.options)
      if (option.stops.includes(stop) && (lock === null || lock === option.rod)) look([...answers, option]);
  };
  look([]);
  return best;
}

describe('a day on which rigs may be changed', () => {
  test('is as good as the best of all days there are, and never worse than one on which they are not', () => {
    fc.assert(
      fc.property(anyDay, (model) => {
        if (model.options.length === 0) return;
        const best = byEnumeration(model);
        const found = solved(model, solver, true);
        expect(found.isOptimal).toBe(true);
        expect(
          isPossible(
            model,
            found.answers.map((tied) => tied?.option ?? null),
          ),
        ).toBe(true);
        expect([locked(model, found), found.worth]).toEqual([locked(model, best), expect.closeTo(best.worth, 4)]);
        const fixed = solved(model, solver, false);
        if (locked(model, fixed) === locked(model, found))
          expect(found.worth).toBeGreaterThanOrEqual(fixed.worth - 1e-9);
      }),
      { numRuns: runs(200) },
    );
  });
  test('a change is made where it gains more than its minutes, and not where it does not', () => {
    const option = (rig: number): Option => ({ rig, rod: 0, reel: 0, line: 0, stops: [0, 1] });
    const model: ReTieModel = {
      worth: [
        [60, 20],
        [10, 50],
      ],
      options: [option(0), option(1)],
      stops: 2,
      rods: 1,
      reels: [1],
      parts: [],
      locks: [null, null],
      left: [1, 0.8],
    };
    const changed = solved(model, solver, true);
    expect(changed.answers.map((tied) => [tied?.option.rig, tied?.isReTied])).toEqual([
      [0, false],
      [1, true],
    ]);
    expect(changed.worth).toBeCloseTo(60 + 0.8 * 50, 9);
    const dear = solved({ ...model, left: [1, 0.3] }, solver, true);
    expect(dear.answers.map((tied) => tied?.option.rig)).toEqual([0, 0]);
    expect(dear.worth).toBeCloseTo(80, 9);
    expect(solved(model, solver, false).worth).toBeCloseTo(80, 9);
  });
  test('of more than one programme takes, what is worth it is looked at: no proof, and how far it may be off', () => {
    const stops = 8;
    const options = Array.from({ length: 480 }, (_, at): Option => ({
      rig: at % 120,
      rod: Math.floor(at / 120),
      reel: 0,
      line: 0,
      stops: Array.from({ length: stops }, (__, stop) => stop),
    }));
    const model: ReTieModel = {
      // every rig is best somewhere, and no one stands in for another
      worth: Array.from({ length: 120 }, (_, rig) =>
        Array.from({ length: stops }, (__, stop) => 40 + 50 * Math.abs(Math.sin(12.9898 * rig + 78.233 * stop))),
      ),
      options,
      stops,
      rods: 2,
      reels: [Infinity],
      parts: [],
      locks: Array.from({ length: stops }, () => null),
      left: Array.from({ length: stops }, () => 0.9),
    };
    const laid = laidOut(model, []);
    expect(laid.isWhole).toBe(false);
    const answers = readAnswers(laid.model, solver(reTieProgramme(laid.model), 20).set);
    const found = solved(model, solver, true);
    expect(found.worth).toBeGreaterThanOrEqual(tiedPlan(model, answers).worth - 1e-6);
    expect(found.isOptimal).toBe(false);
    expect(found.gap).toBeGreaterThan(0);
    expect(found.gap).toBeLessThan(0.2);
  });
});
