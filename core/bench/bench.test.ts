import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NORTH_ARM } from '../../demo/brindle-mere';
import { rigBody } from '../rig/body/body';
import { rigHeadOn } from '../rig/outline/head-on';
import { trailerSheet } from '../rig/outline/trailer-sheet';
import { skirtEnvelope } from '../rig/outline/skirt-outline';
import type { Rig } from '../rig/parts/schema';
import { ribsTaken } from '../tackle/ribs';
import { anyFamilyRig, jig, spinner, vibrating } from '../testing/fixtures/rigs';
import { careFor } from './care';
import { changeEffects, readoutMoves, wantMoves } from './compare';
import { cutList } from './cut-list';
import type { StepId } from './cut-steps-table';
import { applyEdit, uncutRig, editsFor, type EditId } from '../edits/edits';
import { draggedTo, handlesOf, type Handle } from './handles';
import { benchWater, measureBuild, usualSpeedMps } from './measure-build';
import { READOUT_IDS } from './readouts/table';
import { BENCH_CAUTION_TEXT, CARE_TEXT, EDIT_TITLE, stepText } from '../locale/en/bench';
import { readoutChange, readoutText } from '../wording/readouts';
import { tuningOf } from './tuning';

const done = (rig: Rig, ...edits: readonly (readonly [EditId, number | string])[]): Rig =>
  edits.reduce((now, [id, value]) => {
    const edited = applyEdit(now, rig, id, value);
    if (!edited.ok) throw new Error(`${id} ${value}: ${edited.why}`);
    return edited.rig;
  }, rig);
const stepsOf = (rig: Rig, base?: Rig): StepId[] => cutList(rig, base).map(({ id }) => id);
const WATER = benchWater(NORTH_ARM, 'skirted');
const measured = (rig: Rig, speedMps = 0.5) => measureBuild(benchWater(NORTH_ARM, rig.family), rig, speedMps);

describe('read-outs', () => {
  test('property: every number stands in its band, none is missing, none is not a number', () => {
    fc.assert(
      fc.property(anyFamilyRig, fc.double({ min: 0.1, max: 1.5, noNaN: true }), (rig, speedMps) => {
        const { readouts } = measured(rig, speedMps);
        expect(readouts.map(({ id }) => id)).toEqual([...READOUT_IDS]);
        for (const readout of readouts) {
          const { value, band } = readout;
          if (value === null) continue;
          expect(Number.isFinite(value)).toBe(true);
          if (band) {
            expect(band[0]).toBeLessThanOrEqual(value + 1e-9);
            expect(band[1]).toBeGreaterThanOrEqual(value - 1e-9);
          }
          expect(readoutText(readout, 'us').value).not.toMatch(/NaN|undefined|Infinity/);
        }
      }),
      { numRuns: 60 },
    );
  });
  test('a measured guard counts, with a narrower band', () => {
    const guardOf = (rig: Rig) => measured(rig).readouts.find(({ id }) => id === 'guard')!;
    const rig = jig();
    const weighed = guardOf({ ...rig, guard: { ...rig.guard!, pushN: 3 } });
    expect(weighed.value).toBe(3);
    expect(weighed.band![1] - weighed.band![0]).toBeLessThan(0.6);
    expect(guardOf(rig).band![1] / guardOf(rig).value!).toBeCloseTo(1.4, 6);
  });
  test('what the water asks is marked, the rest is not', () => {
    const byId = new Map(measured(jig()).readouts.map((row) => [row.id, row]));
    expect(byId.get('fall')!.good).not.toBeNull();
    expect(byId.get('overhang')!.good).toBeNull();
    expect(byId.get('hunting')!.value).toBeNull();
  });
  test('the usual speed is a pace on a reeled water and the fall on the bottom', () => {
    expect(usualSpeedMps(WATER, jig())).toBeCloseTo(
      measured(jig()).readouts.find(({ id }) => id === 'fall')!.value!,
      6,
    );
    expect(usualSpeedMps(benchWater(NORTH_ARM, 'spinner'), spinner())).toBeGreaterThan(0.5);
  });
});

describe('comparing', () => {
  const base = jig({ trailer: 'flat-bug' });
  test('a cut that worsens a want says which, and only that cut does', () => {
    const now = measured(done(base, ['nose', 22], ['guard-fibres', 18]));
    const effects = changeEffects(WATER, base, now);
    expect(effects.map(({ edit }) => edit)).toEqual(['guard-fibres', 'nose']);
    expect(effects[0]!.worsens).toEqual([]);
    expect(effects[1]!.worsens.map(({ want }) => want)).toContain('length');
  });
  test('a change that moves no number is said to be idle', () => {
    const worm = jig({ trailer: 'stick-worm' });
    const effects = changeEffects(WATER, worm, measured(done(worm, ['turn', 'edge'], ['nose', 10])));
    expect(effects.find(({ edit }) => edit === 'turn')!.idle).toBe(true);
    expect(effects.find(({ edit }) => edit === 'nose')!.idle).toBe(false);
  });
  test('the same build moves nothing', () => {
    expect(wantMoves(measured(base), measured(base))).toEqual([]);
    expect(readoutMoves(measured(base), measured(base))).toEqual([]);
  });
  test('what moved is said with its sign', () => {
    const moves = readoutMoves(measured(base), measured(done(base, ['nose', 22])));
    const mass = moves.find(({ id }) => id === 'mass')!;
    expect(mass.to!).toBeLessThan(mass.from!);
    expect(readoutChange('mass', mass.from, mass.to, 'metric')).toMatch(/^−\d/);
    expect(readoutChange('speed', 1, 1.0001, 'metric')).toBe('');
  });
});

describe('the cut list', () => {
  test('a bug on a casting jig: nose, tails, turn, thread, skirt, guard, look', () => {
    const base = jig({ trailer: 'flat-bug' });
    const now = done(
      base,
      ['skirt-length', 41],
      ['guard-length', 26],
      ['guard-spread', 'fanned'],
      ['nose', 12.2],
      ['split', 'yes'],
      ['turn', 'edge'],
    );
    expect(stepsOf(now, base)).toEqual([
      'cut-nose',
      'split-tails',
      'turn',
      'thread',
      'trim-skirt',
      'cut-guard',
      'fan-guard',
      'look-over',
    ]);
  });
  test('on a flipping jig the skirt comes before the craw that is cut to suit it', () => {
    const base = jig({ style: 'flipping', trailer: 'flapper-craw' });
    const steps = stepsOf(done(base, ['nose', 25], ['skirt-length', 40]), base);
    expect(steps.indexOf('trim-skirt')).toBeLessThan(steps.indexOf('cut-nose'));
  });
  test('a swim jig has its trailer on before the skirt is cut, its guard slanted last', () => {
    const base = jig({ style: 'swim', trailer: 'paddle-tail' });
    const steps = stepsOf(done(base, ['skirt-length', 30], ['guard-bevel', 'yes'], ['nose', 5]), base);
    expect(steps).toEqual(['cut-nose', 'thread', 'trim-skirt', 'bevel-guard', 'look-over']);
  });
  test('a spinner: frame, skirt swept aside, thread, push over both keepers, skirt, line up', () => {
    const base = spinner([['willow', 4]], { trailer: 'paddle-tail' });
    const now = done(
      base,
      ['arm-length', 50],
      ['squeeze', 'yes'],
      ['push', 6],
      ['skirt-length', 45],
      ['blade-2', 'colorado 3'],
    );
    expect(stepsOf(now, base)).toEqual([
      'swap-blades',
      'shorten-arm',
      'press-arms',
      'sweep-skirt',
      'thread',
      'push-up',
      'trim-skirt',
      'line-up-arm',
      'look-over',
    ]);
  });
  test('a core is cut, made room for, and threaded before the trailer', () => {
    const base = jig({ trailer: 'twin-tail-grub' });
    const steps = stepsOf(done(base, ['core', 15]), base);
    expect(steps).toEqual(['cut-core', 'cut-nose', 'core-on', 'thread', 'look-over']);
  });
  test('property: the last step leaves the build, and every step has words and known cautions', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        fc.array(fc.tuple(fc.nat(), fc.double({ min: 0, max: 1, noNaN: true })), { maxLength: 6 }),
        (base, picks) => {
          let rig = base;
          for (const [pick, share] of picks) {
            const edits = editsFor(rig);
            const edit = edits[pick % edits.length]!;
            const options = edit.kind === 'choice' ? edit.options(rig) : [];
            const limits = edit.kind === 'amount' ? edit.limits(rig, base) : null;
            const value = limits ? limits.min + share * (limits.max - limits.min) : options[pick % options.length]!;
            const edited = applyEdit(rig, base, edit.id, value);
            if (edited.ok) rig = edited.rig;
          }
          const steps = cutList(rig, base);
          expect(steps.at(-1)!.rig).toEqual(rig);
          for (const step of steps) {
            for (const system of ['us', 'metric'] as const) {
              const { title, text } = stepText(step, system);
              expect(title).not.toBe('');
              expect(text).not.toMatch(/undefined|NaN/);
            }
            for (const caution of step.cautions) expect(BENCH_CAUTION_TEXT[caution]).toBeTruthy();
          }
        },
      ),
      { numRuns: 100 },
    );
  });
  test('each picture shows the build no further than its step', () => {
    const base = jig({ trailer: 'flat-bug' });
    const steps = cutList(done(base, ['nose', 12], ['skirt-length', 40]), base);
    const nose = steps.find(({ id }) => id === 'cut-nose')!;
    expect(nose.rig.trailer!.cutNoseMm).toBe(12);
    expect(nose.rig.skirt!.lengthMm).toBe(55);
  });
  test('four ribs of a bug', () => {
    expect(ribsTaken('flat-bug', 101.6, 12.2)).toBe(4);
    expect(ribsTaken('flat-bug', 101.6, 12)).toBe(3);
    expect(ribsTaken('chunk', 76, 12)).toBeNull();
    const base = jig({ trailer: 'flat-bug' });
    const step = cutList(done(base, ['nose', 12.2]), base)[0]!;
    expect(stepText(step, 'metric').text).toContain('4 ribs, 12 mm');
  });
  test('scissors, hooks and lead are warned of where they are met', () => {
    const base = jig({ trailer: 'flat-bug' });
    const steps = cutList(done(base, ['nose', 12], ['second-hook', 'single-up']), base);
    expect(steps.find(({ id }) => id === 'cut-nose')!.cautions).toContain('scissors');
    expect(steps.find(({ id }) => id === 'thread')!.cautions).toContain('bare-hook');
    expect(steps.find(({ id }) => id === 'second-hook')!.cautions).toContain('two-hooks');
    expect(steps.at(-1)!.cautions).toContain('lead-hands');
    expect(cutList(jig({ metal: 'tungsten' })).at(-1)!.cautions).not.toContain('lead-hands');
  });
});

describe('handles', () => {
  const handle = (rig: Rig, edit: EditId): Handle => handlesOf(rig, rigBody(rig)).find((one) => one.edit === edit)!;
  test('dragging a cut by 10 mm makes it 10 mm', () => {
    const rig = jig({ trailer: 'flat-bug' });
    const nose = handle(rig, 'nose');
    expect(draggedTo(nose, 0, nose.at, [nose.at[0] + 10, nose.at[1] + 3])).toBeCloseTo(10, 9);
    expect(draggedTo(handle(rig, 'tail'), 0, [0, 0], [-10, 0])).toBeCloseTo(10, 9);
    expect(draggedTo(handle(rig, 'skirt-length'), 55, [0, 0], [-14, 0])).toBeCloseTo(41, 9);
  });
  test('a spinner whose arms nobody described has handles where ordinary arms are', () => {
    const { arms: _arms, ...bare } = spinner();
    expect(handle(bare, 'squeeze')).toEqual(handle(spinner(), 'squeeze'));
  });
  test('an arm turned by a quarter to the right', () => {
    const arm = handle(spinner(), 'arm-twist');
    expect(draggedTo(arm, 0, [0, -30], [30, 0])).toBeCloseTo(90, 9);
    expect(draggedTo(arm, 0, [-1, 30], [1, 30])).toBeCloseTo(-3.8, 0);
  });
  test('words are taken at the place that is nearest', () => {
    const turn = handle(jig({ trailer: 'flat-bug' }), 'turn');
    expect(draggedTo(turn, 'flat', turn.at, [1, -25])).toBe('edge');
    expect(draggedTo(turn, 'flat', turn.at, [turn.at[0] + 1, 2])).toBe('flat');
    expect(draggedTo(turn, 'flat', turn.at, [-25, 1])).toBe('inverted');
  });
  test('property: every cut and turn has a handle, and it stands where its value is', () => {
    fc.assert(
      fc.property(anyFamilyRig, (rig) => {
        const handles = handlesOf(rig, rigBody(rig));
        const without = new Set(['weight', 'blade-1', 'blade-2', 'finish-1', 'finish-2']);
        for (const edit of editsFor(rig)) {
          if (without.has(edit.id)) continue;
          const found = handles.filter((one) => one.edit === edit.id);
          expect([edit.id, found.length]).toEqual([edit.id, 1]);
          expect(found[0]!.at.every(Number.isFinite)).toBe(true);
          if (found[0]!.places) expect(draggedTo(found[0]!, '', [0, 0], [0, 0])).toBe(String(edit.read(rig)));
          expect(EDIT_TITLE[edit.id]).toBeTruthy();
        }
      }),
      { numRuns: 60 },
    );
  });
});

describe('spinner tuning', () => {
  const bent = (twistDeg: number): Rig => ({
    ...spinner(),
    arms: { upperMm: 60, angleDeg: 55, twistDeg, squeezed: false },
  });
  const tuned = (rig: Rig, speedMps = 1) => tuningOf(rig, WATER.medium, speedMps)!;
  test('a bent arm leans more, and is bent back the other way', () => {
    expect(tuned(bent(0)).bend).toBeNull();
    expect(tuned(bent(8)).bend).toBe('left');
    expect(tuned(bent(-8)).bend).toBe('right');
    expect(tuned(bent(8)).leanDeg).toBeGreaterThan(tuned(bent(0)).leanDeg);
    expect(tuned(bent(8)).leanInLineDeg).toBeCloseTo(tuned(bent(0)).leanDeg, 9);
    expect(tuned(bent(-8)).leanDeg).toBeCloseTo(tuned(bent(8)).leanDeg, 9);
    expect(tuned(bent(8)).blowOverMps).toBeLessThan(tuned(bent(8)).blowOverInLineMps);
  });
  test('pressed arms are lower, a shorter arm is over the branch sooner, faster too', () => {
    const now = tuned(bent(0));
    expect(now.pressedMm).toBeLessThan(now.openMm);
    expect(now.overWoodShorterS).toBeLessThan(now.overWoodS);
    expect(tuned(bent(0), 2).overWoodS).toBeCloseTo(now.overWoodS / 2, 9);
  });
  test('nothing without arms has any', () => {
    expect(tuningOf(jig(), WATER.medium, 1)).toBeNull();
    expect(tuningOf(vibrating(), WATER.medium, 1)).toBeNull();
  });
});

describe('drawings of the bench', () => {
  const ys = (d: string): number[] =>
    d
      .match(/-?\d+(\.\d+)?/g)!
      .map(Number)
      .filter((_, i) => i % 2 === 1);
  test('head-on an arm in line covers the hook, a bent one does not', () => {
    const tip = (twistDeg: number): number => {
      const rig: Rig = { ...spinner(), arms: { upperMm: 60, angleDeg: 55, twistDeg, squeezed: false } };
      const wire = rigHeadOn(rig, rigBody(rig), 0.12).shapes.find(({ part }) => part === 'wire')!;
      return Number(wire.d.match(/-?\d+(\.\d+)?/g)!.at(-2));
    };
    expect(tip(0)).toBe(0);
    expect(tip(10)).toBeGreaterThan(3);
    expect(tip(-10)).toBeLessThan(-3);
  });
  test('at rest a skirt takes more room than at speed', () => {
    const rig = jig();
    const room = (speedMps: number): number => Math.max(...ys(skirtEnvelope(rig, rigBody(rig), speedMps, 'side')!));
    expect(room(0)).toBeGreaterThan(room(0.3));
    expect(room(0.3)).toBeGreaterThan(room(1));
  });
  test('the sheet shows offcut, cut, ribs and exit; an uncut trailer no cut', () => {
    const rig = done(jig({ trailer: 'flat-bug' }), ['nose', 12.2]);
    const parts = (of: Rig) => new Set(trailerSheet(of)!.shapes.map(({ part }) => part));
    expect(parts(rig)).toEqual(new Set(['offcut', 'trailer', 'crease', 'cut', 'exit']));
    expect(parts(uncutRig(rig)).has('cut')).toBe(false);
    expect(trailerSheet(jig({ trailer: null }))).toBeNull();
  });
});

test('care after the day goes by what is on the rig', () => {
  expect(careFor(spinner())).toContain('blades-apart');
  expect(careFor(spinner())).not.toContain('trailer-off');
  expect(careFor(jig())).toContain('trailer-off');
  for (const id of careFor(jig({ material: 'rubber' }))) expect(CARE_TEXT[id]).toBeTruthy();
});

test('a skirt trimmed below says how much comes off there, and only there', () => {
  const rig = done(jig(), ['skirt-side', 'under'], ['skirt-length', 42]);
  const step = cutList(rig).find(({ id }) => id === 'trim-under')!;
  expect(step.data).toMatchObject({ toMm: 42, offMm: 55 - 42 });
  expect(stepsOf(rig)).not.toContain('trim-skirt');
});

test('how much of a skirt is seen through may be a fifth off, and no more than all of it', () => {
  const readout = measured(jig()).readouts.find(({ id }) => id === 'see-through')!;
  expect(readout.band![0]).toBeCloseTo(0.8 * readout.value!, 9);
  expect(readout.band![1]).toBeCloseTo(Math.min(1, 1.2 * readout.value!), 9);
});
