import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { handle, HANDLING_RULES } from '../advice/handling';
import { compileWater } from '../advice/rules/wants';
import { arrivingSetN, dragSetN, leastSetN, straightensN } from '../hold/hook-set';
import { lureOf, towlineOf, towPullN } from '../motion/towed';
import { mediumAt } from '../motion/medium';
import { rigBody } from '../rig/body/body';
import { emptyBox } from '../rig/parts/box';
import { LINE_KINDS, ROD_ACTIONS, ROD_POWERS } from '../tackle/gear';
import { anyFamilyRig, jig, spinner, steadyPlan } from '../testing/fixtures/rigs';
import { ozFromMassKg } from '../units/units';
import { bestGear, gearAt } from './best-gear';
import { changesOf, cheapestChange } from './change';
import {
  carries,
  fishedOf,
  fishedOn,
  MARGIN_IDS,
  marginsOf,
  weakestOf,
  type Fished,
  type Gear,
  type MarginId,
} from './margins';
import { runs } from '../testing/runs';

const gear: Gear = {
  rod: { lengthM: 2.2, power: 'medium-heavy', action: 'fast', lureFromOz: 1 / 4, lureToOz: 1 },
  reel: { ratio: 7.1, perTurnM: 0.7 },
  line: { kind: 'fluorocarbon', lb: 15 },
};
const asked = { power: ['medium-heavy', 'medium-heavy'], lengthM: [2.13, 2.24] } as const;
const fished = (more: Partial<Fished> = {}): Fished => ({
  rig: jig({ trailer: 'chunk' }),
  plan: steadyPlan(0.7),
  water: null,
  askedLb: 15,
  rod: asked,
  ...more,
});
const margin = (id: MarginId, of: Fished = fished(), on: Gear = gear): number =>
  marginsOf(of, on).find((one) => one.id === id)!.value;
const withRod = (part: Partial<Gear['rod']>): Gear => ({ ...gear, rod: { ...gear.rod, ...part } });
const withLine = (kind: (typeof LINE_KINDS)[number], lb: number): Gear => ({ ...gear, line: { kind, lb } });

describe('margins', () => {
  test('each is what it says: what there is over what is needed', () => {
    const of = fished();
    expect(margin('hook-set')).toBeCloseTo(
      arrivingSetN(gear.line, 'medium-heavy', 12.5, dragSetN(gear.line)) / leastSetN(of.rig),
      9,
    );
    expect(margin('wire')).toBeCloseTo(straightensN(of.rig.head.hook) / dragSetN(gear.line), 9);
    const lure = lureOf(rigBody(of.rig), mediumAt(15), null);
    const pullN = towPullN(lure, towlineOf(gear.line, 1), 25, 0.7);
    expect(margin('handle')).toBeCloseTo((15 * 0.045) / ((pullN * 0.7) / (2 * Math.PI)), 9);
    expect(margin('pace')).toBeCloseTo(1 / 0.5, 9);
    const oz = ozFromMassKg(rigBody(of.rig).massKg);
    expect(margin('cast')).toBeCloseTo(Math.min(oz / 0.25, 1 / oz), 9);
    expect(margin('line')).toBeCloseTo(1.3, 9);
    expect(margin('leverage')).toBeCloseTo(1.3, 9);
  });
  test('the pull of a lure is its drag, and a longer line adds to it', () => {
    const lure = lureOf(rigBody(jig()), mediumAt(15), null);
    const line = towlineOf(gear.line, 1);
    expect(towPullN(lure, line, 0, 0.8) / towPullN(lure, line, 0, 0.4)).toBeGreaterThan(2.5);
    expect(towPullN(lure, line, 40, 0.8)).toBeGreaterThan(towPullN(lure, line, 0, 0.8));
  });
  test('a longer cast, a softer rod, a thicker wire and line that stretches take from the hook-set', () => {
    const so = margin('hook-set');
    expect(margin('hook-set', fished({ plan: steadyPlan(0.7, 2, { castM: 40 }) }))).toBeLessThan(so);
    expect(margin('hook-set', fished(), withRod({ power: 'medium' }))).toBeLessThan(so);
    expect(margin('hook-set', fished(), withLine('braid', 30))).toBeGreaterThan(so);
    const thick = jig({ trailer: 'chunk' });
    const stout = { ...thick, head: { ...thick.head, hook: { ...thick.head.hook, wire: 'extra-heavy' as const } } };
    expect(margin('hook-set', fished({ rig: stout }))).toBeLessThan(so);
    expect(margin('wire', fished({ rig: stout }))).toBeGreaterThan(margin('wire'));
  });
  test('stout braid pulls harder at the wire than line that stretches; 65 of it does what 25 does', () => {
    expect(margin('wire', fished(), withLine('braid', 50))).toBeLessThan(margin('wire'));
    expect(margin('line', fished({ askedLb: 25 }), withLine('braid', 65))).toBeCloseTo(1.3, 9);
    expect(margin('line', fished({ askedLb: 25 }), withLine('braid', 50))).toBeCloseTo(1, 9);
    expect(margin('line', fished(), withLine('fluorocarbon', 12))).toBeCloseTo(1.04, 9);
    expect(margin('line', fished(), withLine('fluorocarbon', 10))).toBeLessThan(1);
  });
  test('large round blades tire a hand sooner than willows, and a slower reel is kinder', () => {
    const turned = (blades: Parameters<typeof spinner>[0], on = gear): number =>
      margin('handle', fished({ rig: spinner(blades), plan: steadyPlan(0.8) }), on);
    expect(turned([['colorado', 6]])).toBeLessThan(turned([['willow', 4]]));
    expect(turned([['colorado', 6]], { ...gear, reel: { ratio: 5.4, perTurnM: 0.55 } })).toBeGreaterThan(
      turned([['colorado', 6]]),
    );
  });
  test('one step of power beside what is asked still does, two do not; nor does a rod far too short', () => {
    expect(margin('leverage', fished(), withRod({ power: 'heavy' }))).toBeGreaterThanOrEqual(1);
    expect(margin('leverage', fished(), withRod({ power: 'extra-heavy' }))).toBeLessThan(1);
    expect(margin('leverage', fished(), withRod({ power: 'light' }))).toBeLessThan(1);
    expect(margin('leverage', fished(), withRod({ lengthM: 2.0 }))).toBeGreaterThan(1);
    expect(margin('leverage', fished(), withRod({ lengthM: 1.7 }))).toBeLessThan(1);
  });
  test('what creeps along the bottom is moved by the rod: no handle is turned for it', () => {
    const ids = marginsOf(fished({ plan: steadyPlan(0.3) }), gear).map(({ id }) => id);
    expect(ids).not.toContain('pace');
    expect(ids).not.toContain('handle');
  });
  test('what does not apply is left out: a rod without a rating, a rig that is not reeled, a rod nobody asks for', () => {
    const { lureFromOz: _from, lureToOz: _to, ...unrated } = gear.rod;
    const still = steadyPlan(0.7, 2, { steps: [{ do: 'lift-drop', m: 0.4 }] });
    const ids = marginsOf(fished({ plan: still, rod: null }), { ...gear, rod: unrated }).map(({ id }) => id);
    expect(ids).toEqual(['hook-set', 'wire', 'line']);
    const upTo = { ...unrated, lureToOz: 1 };
    expect(margin('cast', fished(), { ...gear, rod: upTo })).toBeCloseTo(
      1 / ozFromMassKg(rigBody(jig({ trailer: 'chunk' })).massKg),
      9,
    );
  });
  test('of any rig on any gear every margin is a number above 0 within its band, and the weakest is the least', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        fc.record({
          power: fc.constantFrom(...ROD_POWERS),
          action: fc.constantFrom(...ROD_ACTIONS),
          lengthM: fc.double({ min: 1, max: 4, noNaN: true }),
        }),
        fc.constantFrom(...LINE_KINDS),
        fc.double({ min: 2, max: 130, noNaN: true }),
        fc.option(fc.double({ min: 0.2, max: 2, noNaN: true }), { nil: undefined }),
        (rig, rod, kind, lb, perTurnM) => {
          const on: Gear = {
            rod,
            reel: { ratio: 7, ...(perTurnM === undefined ? {} : { perTurnM }) },
            line: { kind, lb },
          };
          const compiled = compileWater(NORTH_ARM, rig.family);
          const margins = marginsOf(fishedOf(rig, handle(compiled, rig), NORTH_ARM), on);
          for (const { value, band } of margins) {
            expect(value).toBeGreaterThan(0);
            expect(Number.isFinite(value)).toBe(true);
            expect(band[0]).toBeLessThan(value);
            expect(band[1]).toBeGreaterThan(value);
          }
          expect(weakestOf(margins).value).toBe(Math.min(...margins.map(({ value }) => value)));
          expect(margins.map(({ id }) => id)).toEqual(MARGIN_IDS.filter((id) => margins.some((one) => one.id === id)));
        },
      ),
      { numRuns: runs(150) },
    );
  });
  test('every rod the craft names is one, and a rig is asked by the rules of its water', () => {
    for (const { rod } of HANDLING_RULES) {
      if (!rod) continue;
      expect(ROD_POWERS.indexOf(rod.power[0])).toBeLessThanOrEqual(ROD_POWERS.indexOf(rod.power[1]));
      expect(rod.lengthM[0]).toBeLessThan(rod.lengthM[1]);
    }
    expect(HANDLING_RULES.filter(({ choice }) => choice === 'rod').every(({ rod }) => rod !== undefined)).toBe(true);
    const flipping = jig({ style: 'flipping', oz: 0.5 });
    const hedge = { ...NORTH_ARM, cover: NORTH_ARM.cover.map((one) => ({ ...one, density: 'thick' as const })) };
    const of = fishedOf(flipping, handle(compileWater(hedge, 'skirted'), flipping), hedge);
    expect(of.askedLb).toBeCloseTo(25, 9);
    expect(of.rod!.power[0]).toBe('heavy');
  });
});

describe('gear of a box', () => {
  const of = fished();
  test('the best has most in hand where it is least, and is found again by its places', () => {
    const best = bestGear(of, DEMO_BOX)!;
    const least = Math.min(1.3, weakestOf(best.margins).value);
    DEMO_BOX.rods.forEach((_, rod) =>
      DEMO_BOX.reels.forEach((__, reel) =>
        DEMO_BOX.lines.forEach((___, line) => {
          const other = weakestOf(marginsOf(of, gearAt(DEMO_BOX, { rod, reel, line })!));
          expect(Math.min(1.3, other.value)).toBeLessThanOrEqual(least + 1e-9);
        }),
      ),
    );
    expect(marginsOf(of, gearAt(DEMO_BOX, best)!)).toEqual(best.margins);
    // a rod that strikes harder but hardly casts it is no better
    const stout = { ...gear.rod, power: 'extra-heavy', lureFromOz: 2, lureToOz: 4 } as const;
    const two = { ...emptyBox(), rods: [stout, gear.rod], reels: [gear.reel], lines: [gear.line] };
    expect(margin('hook-set', of, { ...gear, rod: stout })).toBeGreaterThan(margin('hook-set', of));
    expect(bestGear(of, two)!.rod).toBe(1);
    // more than is usually in hand is no reason for another reel: of equals the first
    const reels = [0.7, 0.74].map((perTurnM) => ({ ratio: 7.1, perTurnM }));
    for (const row of [reels, [...reels].reverse()]) {
      const small = { ...emptyBox(), rods: [gear.rod], lines: [gear.line], reels: row };
      for (const reel of row)
        for (const id of ['pace', 'handle'] as const) expect(margin(id, of, { ...gear, reel })).toBeGreaterThan(1.3);
      expect(bestGear(of, small)!.reel).toBe(0);
    }
    // where the weakest is the same whatever the rod, the rod that is asked is taken
    const stick = fished({ askedLb: 40, rod: { power: ['heavy', 'extra-heavy'], lengthM: [2.2, 2.4] } });
    expect(DEMO_BOX.rods[bestGear(stick, DEMO_BOX)!.rod]!.label).toBe('flipping stick');
  });
  test('a box without a rod, reel or line has none; what is used up does not count', () => {
    for (const tray of ['rods', 'reels', 'lines'] as const)
      expect(bestGear(of, { ...DEMO_BOX, [tray]: [] })).toBeNull();
    const gone = { ...DEMO_BOX, rods: DEMO_BOX.rods.map((rod) => ({ ...rod, quantity: 0 })) };
    expect(bestGear(of, gone)).toBeNull();
    expect(gearAt(DEMO_BOX, { rod: 99, reel: 0, line: 0 })).toBeNull();
  });
});

describe('the cheapest change', () => {
  test('nothing where everything is enough', () => {
    const fine = { ...gear, line: { kind: 'fluorocarbon' as const, lb: 17 } };
    expect(carries(marginsOf(fished(), fine))).toBe(true);
    expect(cheapestChange(fished(), fine, DEMO_BOX)).toBeNull();
  });
  test('a cast that is too long is made shorter before anything is taken out of the box', () => {
    const far = fished({ plan: steadyPlan(0.7, 2, { castM: 45 }) });
    expect(margin('hook-set', far)).toBeLessThan(1);
    const found = cheapestChange(far, gear, DEMO_BOX)!;
    expect(found.change).toMatchObject({ kind: 'cast' });
    expect([found.isEnough, carries(found.margins)]).toEqual([true, true]);
  });
  test('shorter casts are tried down to six metres; a guard is fanned out once', () => {
    const castsOf = (castM: number): number[] =>
      [...changesOf(fished({ plan: steadyPlan(0.7, 0, { castM }) }), gear, null)].flatMap(({ change }) =>
        change.kind === 'cast' ? [change.castM] : [],
      );
    expect([8, 10, 12, 14].map(castsOf)).toEqual([[6], [8, 6], [10, 7], [11, 8, 6]]);
    const guards = (spread: 'none' | 'fanned'): number => {
      const guard = { kind: 'fibre', fibres: 30, lengthMm: 20, spread, bevel: false } as const;
      const of = fished({ rig: { ...jig({ trailer: 'chunk' }), guard } });
      return [...changesOf(of, gear, null)].filter(({ change }) => change.kind === 'guard').length;
    };
    expect([guards('none'), guards('fanned')]).toEqual([1, 0]);
  });
  test('a reel of the box for a handle that turns too heavily, a line of the box for one that is too weak, before one is bought', () => {
    const weak = cheapestChange(fished(), withLine('fluorocarbon', 8), DEMO_BOX)!;
    expect(weak.change.kind).toBe('line');
    expect(carries(weak.margins)).toBe(true);
    const bought = cheapestChange(fished(), withLine('fluorocarbon', 8), emptyBox())!;
    expect(bought.change.kind).toBe('buy-line');
    expect(carries(bought.margins)).toBe(true);
    const fast = { ...gear, line: { kind: 'fluorocarbon' as const, lb: 17 }, reel: { ratio: 11, perTurnM: 2 } };
    const slow = fished({ plan: steadyPlan(0.7) });
    expect(margin('pace', slow, fast)).toBeLessThan(1);
    expect(cheapestChange(slow, fast, DEMO_BOX)!.change.kind).toBe('reel');
  });
  test('of any rig on poor gear what is told lifts the weakest, and is enough where it says so', () => {
    const poor: Gear = { ...withLine('nylon', 6), rod: { ...gear.rod, power: 'medium-light' } };
    fc.assert(
      fc.property(anyFamilyRig, (rig) => {
        const of = fishedOn(NORTH_ARM, rig);
        const found = cheapestChange(of, poor, DEMO_BOX);
        const now = weakestOf(marginsOf(of, poor)).value;
        const lifted = [...changesOf(of, poor, DEMO_BOX)].map(
          (one) => weakestOf(marginsOf(one.fished, one.gear)).value / now,
        );
        // what lifts by less than three in a hundred is no help
        if (!carries(marginsOf(of, poor))) expect(found === null).toBe(Math.max(...lifted) <= 1.03);
        if (found === null) return;
        expect(found.isEnough).toBe(carries(found.margins));
        expect(weakestOf(found.margins).value).toBeGreaterThan(weakestOf(marginsOf(of, poor)).value);
      }),
      { numRuns: 80 },
    );
  });
  test('a stiff guard is fanned out before anything is taken out of the box', () => {
    const plain = jig({ trailer: 'chunk' });
    const guarded = (fibres: number): Fished =>
      fished({
        rig: { ...plain, guard: { kind: 'fibre', fibres, lengthMm: 20, spread: 'none', bevel: false } },
        // as short as casts get: nothing is left there
        plan: steadyPlan(0.7, 2, { castM: 6 }),
      });
    const fibres = Array.from({ length: 200 }, (_, at) => 40 + at).find(
      (count) => margin('hook-set', guarded(count)) < 1,
    )!;
    const found = cheapestChange(guarded(fibres), gear, DEMO_BOX)!;
    expect(found.change).toMatchObject({ kind: 'guard', rig: { guard: { fibres, spread: 'fanned' } } });
    expect(found.isEnough).toBe(true);
    // pressed on the scale it was stiff; fanned out it is another guard, told by the model
    const pressedN = 60;
    expect(carries(marginsOf(guarded(fibres), gear, pressedN))).toBe(false);
    const changed = [...changesOf(guarded(fibres), gear, null)].find(({ change }) => change.kind === 'guard')!;
    const pressed = cheapestChange(guarded(fibres), gear, null, pressedN)!;
    expect(pressed.change.kind).toBe('guard');
    expect(pressed.margins).toEqual(marginsOf(changed.fished, changed.gear));
  });
  test('a change that lifts the weakest by half is told, as one that is not enough', () => {
    const soft: Gear = { ...withLine('fluorocarbon', 8), rod: { ...gear.rod, power: 'light' } };
    const found = cheapestChange(fished(), soft, null)!;
    const lifted = weakestOf(found.margins).value / weakestOf(marginsOf(fished(), soft)).value;
    expect([found.isEnough, lifted > 1.4, lifted < 1.6]).toEqual([false, true, true]);
  });
  test('where one change is not enough the one that helps most is told as such', () => {
    const poor: Gear = { ...withLine('fluorocarbon', 4), rod: { ...gear.rod, power: 'light' } };
    const found = cheapestChange(fished(), poor, null);
    if (found) {
      expect(found.isEnough).toBe(false);
      expect(weakestOf(found.margins).value).toBeGreaterThan(weakestOf(marginsOf(fished(), poor)).value);
    }
  });
});
