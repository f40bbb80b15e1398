import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../../demo/brindle-mere';
import { startBuild, undone } from '../../bench/build';
import { changesBetween } from '../../edits/edits';
import { planSchema } from '../../motion/plan';
import { parseRig, type Rig } from '../../rig/parts/schema';
import { anyWater } from '../../testing/fixtures/boxes';
import { anyFamilyRig, vibrating } from '../../testing/fixtures/rigs';
import { DEFAULT_WATER, type Water } from '../../water/schema';
import { faultIdsOf, faultsOf, SEVERITY } from '../checks';
import { advise } from '../recommend/advise';
import { judgeRig } from '../recommend/judge';
import { handle, HANDLING_RULES } from '../handling';
import { compileWater } from '../rules/wants';
import { makeReady, judgedWhole } from './make-ready';
import { runs } from '../../testing/runs';
import { adviseUnscaled } from '../../testing/unscaled';

const compiled = (water: Water, rig: Rig) => compileWater(water, rig.family);

describe('made ready', () => {
  test('property: a rig that can be tied, cut within the limits, on a retrieve that can be fished, no worse than as it came', () => {
    fc.assert(
      fc.property(anyFamilyRig, anyWater, (rig, water) => {
        const on = compiled(water, rig);
        const ready = makeReady(on, rig);
        expect(parseRig(ready.rig)).toMatchObject({ ok: true });
        expect(planSchema.safeParse(ready.handled.plan).success).toBe(true);
        expect(ready.base).toBe(rig);
        const came = judgedWhole(on, rig);
        const spoilt = (ids: readonly string[]): number =>
          ids.filter((id) => SEVERITY[id as keyof typeof SEVERITY] < 3).length;
        expect(spoilt(ready.faults)).toBeLessThanOrEqual(spoilt(came.faults) + 1);
      }),
      { numRuns: runs(60), seed: 3 },
    );
  });
  test('property: what is prescribed is what is judged', () => {
    fc.assert(
      fc.property(anyFamilyRig, anyWater, (rig, water) => {
        const on = compiled(water, rig);
        const ready = makeReady(on, rig);
        const again = judgedWhole(on, ready.rig);
        expect([again.score, again.faults, again.has]).toEqual([ready.score, ready.faults, ready.has]);
        expect(again.handled.plan).toEqual(ready.handled.plan);
        expect(ready.faults).toEqual(faultIdsOf(ready.rig, { water, plan: ready.handled.plan }));
      }),
      { numRuns: runs(40), seed: 4 },
    );
  });
});

test('property: no line of handling says what the plan does not do', () => {
  let checked = 0;
  fc.assert(
    fc.property(anyFamilyRig, anyWater, (rig, water) => {
      const { handled } = makeReady(compiled(water, rig), rig);
      for (const { rule } of handled.steps) {
        const { line, tipM } = HANDLING_RULES.find(({ id }) => id === rule)!;
        if (line) expect([rule, handled.plan.line]).toEqual([rule, line]);
        if (tipM !== undefined) expect([rule, handled.plan.tipHeightM]).toEqual([rule, tipM]);
        if (line || tipM !== undefined) checked++;
      }
    }),
    { numRuns: runs(80), seed: 6 },
  );
  expect(checked).toBeGreaterThan(runs(80) / 2);
});

test('every remedy of a retrieve is applied that leaves fewer faults, and no line of handling contradicts what came of it', () => {
  const count = 900;
  const rigs = fc.sample(anyFamilyRig, { numRuns: count, seed: 5 });
  const waters = fc.sample(anyWater, { numRuns: count, seed: 6 });
  let changed = 0;
  rigs.forEach((rig, at) => {
    const on = compiled(waters[at]!, rig);
    const plain = handle(on, rig);
    const { handled } = judgedWhole(on, rig);
    if (JSON.stringify(plain.plan) === JSON.stringify(handled.plan)) return;
    changed++;
    const faultsWith = (plan: typeof handled.plan) => faultsOf(rig, { water: waters[at]!, facts: on.facts, plan });
    const left = faultsWith(handled.plan);
    const remedy = left.find(({ fixedPlan }) => fixedPlan !== null)?.fixedPlan;
    const still = remedy ? faultsWith(remedy).length : Infinity;
    expect([at, still < left.length]).toEqual([at, false]);
    for (const { rule } of handled.steps) {
      const { tipM } = HANDLING_RULES.find(({ id }) => id === rule)!;
      if (tipM !== undefined) expect([at, handled.plan.tipHeightM]).toEqual([at, tipM]);
    }
  });
  expect(changed).toBeGreaterThan(100);
});

test('what is said to be left whole is said of no trailer that was cut', () => {
  const rig = vibrating('oversize');
  const on = compiled(DEFAULT_WATER, rig);
  const says = (one: Rig): boolean =>
    judgedWhole(on, one).handled.steps.some(({ rule }) => rule === 'full-length-behind-a-large-plate');
  expect(says(rig)).toBe(true);
  expect(says({ ...rig, trailer: { ...rig.trailer!, cutTailMm: 20 } })).toBe(false);
  expect(says({ ...rig, trailer: { ...rig.trailer!, cutNoseMm: 12 } })).toBe(false);
});

describe('picks', () => {
  const { picks } = advise(NORTH_ARM, DEMO_BOX, 8);
  test('the first of the demo is one an old hand would tie: a plain bug, flat, four ribs off, the guard in wings', () => {
    const { rig, base, faults } = picks[0]!;
    expect(rig.head).toMatchObject({ style: 'flipping', weightOz: 0.5 });
    expect(rig.trailer).toMatchObject({ kind: 'flat-bug', orientation: 'flat' });
    expect(changesBetween(base, rig).map(({ edit, to }) => [edit, to])).toEqual(
      expect.arrayContaining([
        ['nose', 12.2],
        ['guard-spread', 'wings'],
      ]),
    );
    expect(faults).toEqual([]);
  });
  test('a rig has one score, however it is come by', () => {
    for (const pick of picks) expect(judgeRig(NORTH_ARM, pick.rig).score).toBeCloseTo(pick.score, 12);
    expect(picks.map(({ score }) => score)).toEqual([...picks.map(({ score }) => score)].sort((a, b) => b - a));
  });
  test('on random waters hardly a first pick carries a fault that spoils it', () => {
    const waters = fc.sample(anyWater, { numRuns: runs(24), seed: 42 });
    const spoilt = waters.filter((water) =>
      adviseUnscaled(water, DEMO_BOX, 1).picks[0]?.faults.some((id) => SEVERITY[id] < 3),
    );
    expect(spoilt).toEqual([]);
  });
  test('laid on the bench it is laid cut, and every cut can be taken back by itself', () => {
    const { rig, base } = picks[0]!;
    const at = '2026-09-27T07:00:00.000Z';
    let build = startBuild(rig, { id: 'b', name: '', at, base });
    const cuts = changesBetween(base, rig).length;
    expect([build.rig, build.past.length, cuts > 1]).toEqual([rig, cuts, true]);
    for (let left = cuts - 1; left >= 0; left--) {
      build = undone(build, { at });
      expect(changesBetween(base, build.rig)).toHaveLength(left);
    }
    expect(build.rig).toEqual(base);
    expect(startBuild(base, { id: 'c', name: '', at, base }).past).toEqual([]);
  });
});
