import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { DEFAULT_WATER, type Water } from '../water/schema';
import { planSchema } from '../motion/plan';
import { fallBandMps } from '../motion/fall-bands';
import { secondsToBottom, steadyFall } from '../motion/fall';
import { SOLVE_FOR } from '../hold/solve';
import { retrieveReport } from '../hold/retrieve-report';
import { mediumOf } from '../motion/medium';
import { rigBody } from '../rig/body/body';
import { anyFamilyRig, jig, spinner, steadyPlan, vibrating } from '../testing/fixtures/rigs';
import { anyWater } from '../testing/fixtures/boxes';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { catalogueBox } from '../rig/parts/catalogue';
import { rigSchema, type Rig } from '../rig/parts/schema';
import { ableRigs } from './able';
import { solveCut } from './solve-cut';
import { breaksDown } from './breaks-down';
import { filmOf, momentAt, placeAt, type Moment } from './film';
import { HAPPENINGS, happenings, secondsInBand } from './happenings';
import { bandedOf, MEASURES, midDepthBand, ribbonAt, ribbonOf, type Banded } from './numbers';
import { planWith, PROGRAMME_IDS, PROGRAMMES } from './programmes';
import { fallerAt, fallerOf, weightThatFalls } from './race';
import { solveDepth } from './solved';
import { depthAgainstSpeed, fallAgainstWeight, fallsBeside, weightsAround, worksAgainstSpeed } from './sweeps';
import { DEFAULT_PLAN, EMPTY_TANK, tankSchema } from './tank';
import { isTold, versus } from './versus';

const water: Water = { ...DEFAULT_WATER, temperatureC: 15, depthM: 3, cover: [] };
const swim = jig({ style: 'swim', trailer: 'paddle-tail' });

describe('a film', () => {
  test('is where the path is, straight between its points', () => {
    const film = filmOf(swim, steadyPlan(), water);
    for (const [timeS, xM, zM] of film.done.path) {
      const moment = momentAt(film, timeS);
      expect([moment.xM, moment.zM]).toEqual([expect.closeTo(xM, 9), expect.closeTo(zM, 9)]);
    }
    const [a, b] = [film.done.path[5]!, film.done.path[6]!];
    const middle = placeAt(film.done.path, (a[0] + b[0]) / 2);
    expect(middle.xM).toBeCloseTo((a[1] + b[1]) / 2, 9);
    const end = placeAt(film.done.path, 1e6);
    expect([end.xM, end.zM]).toEqual([expect.closeTo(film.done.path.at(-1)![1], 9), film.done.path.at(-1)![2]]);
  });
  test('nose down while it falls, nose up on the line, level on the bottom', () => {
    const film = filmOf(
      jig(),
      {
        ...steadyPlan(),
        steps: [
          { do: 'countdown', s: 20 },
          { do: 'reel', mPerS: 0.5 },
        ],
      },
      water,
    );
    expect(momentAt(film, 2).noseUpRad).toBeLessThan(-0.3);
    expect(momentAt(film, 2).isSlack).toBe(true);
    const lying = momentAt(film, 19);
    expect([lying.onBottom, lying.noseUpRad, lying.speedMps, lying.beatHz]).toEqual([true, 0, 0, 0]);
    const reeled = momentAt(film, 26);
    expect(reeled.isSlack).toBe(false);
    expect(reeled.noseUpRad).toBeGreaterThan(0);
    expect(reeled.step).toBe(1);
  });
  test('the line is steeper at the lure than straight, more for a thick one', () => {
    const bow = (lb: number): number =>
      momentAt(filmOf(swim, steadyPlan(0.5, 2, { line: { kind: 'braid', lb } }), { ...water, depthM: 30 }), 38).bowRad;
    expect(bow(20)).toBeGreaterThan(0);
    expect(bow(80)).toBeGreaterThan(bow(20));
  });
  test('after a count its line is bent: it leads from the knee, which lies above and before it, and later straight from the tip', () => {
    const film = filmOf(swim, steadyPlan(0.5, 6, { line: { kind: 'nylon', lb: 17 } }), { ...water, depthM: 30 });
    const [, kneeX, kneeZ] = film.done.knees.find(([timeS]) => timeS >= 8)!;
    const bent = momentAt(film, 8);
    expect(bent.knee!.xM).toBeCloseTo(kneeX, 0);
    expect(bent.knee!.zM).toBeCloseTo(kneeZ, 0);
    expect(bent.knee!.zM).toBeLessThan(bent.zM);
    expect(Math.tan(bent.noseUpRad)).toBeCloseTo((bent.zM - bent.knee!.zM) / (bent.xM - bent.knee!.xM), 6);
    const [straightS] = film.done.knees.at(-1)!;
    expect(momentAt(film, straightS + 1).knee).toBeNull();
    expect(momentAt(film, straightS + 1).noseUpRad).toBeLessThan(bent.noseUpRad);
  });
  test('tail, plate and blades beat by the speed; a skirt narrows', () => {
    const slow = momentAt(filmOf(swim, steadyPlan(0.4), water), 15);
    const fast = momentAt(filmOf(swim, steadyPlan(0.8), water), 10);
    expect(fast.beatHz).toBeGreaterThan(slow.beatHz);
    expect(fast.flareM).toBeLessThan(slow.flareM);
    expect(fast.pushCm2).toBeGreaterThan(0);
    expect(momentAt(filmOf(vibrating(), steadyPlan(0.9), water), 8).beatHz).toBeGreaterThan(2);
    const blades = momentAt(filmOf(spinner([['colorado', 4]]), steadyPlan(0.9), water), 8);
    expect(blades.beatHz).toBeGreaterThan(1);
    expect(blades.leanRad).toBeGreaterThan(0);
    expect(slow.leanRad).toBeNull();
  });
  test('a bump opens the skirt, and it closes again within half a second', () => {
    const weedy = { ...water, cover: [{ kind: 'brush' as const, density: 'medium' as const, topM: 1 }] };
    const film = filmOf(swim, steadyPlan(0.6, 0), weedy);
    const [touch] = film.done.touchesS;
    expect(film.done.touchesS).toHaveLength(film.done.bottomContacts + film.done.coverContacts);
    const flare = (after: number): number => momentAt(film, touch! + after).flareM;
    expect(flare(0.02)).toBeGreaterThan(1.3 * flare(-0.1));
    expect(flare(0.25)).toBeLessThan(flare(0.02));
    expect(Math.abs(flare(0.7) / flare(-0.1) - 1)).toBeLessThan(0.15);
  });
  test('a change of pace shows within a fifth of a second, and not before', () => {
    const steps = [
      { do: 'reel' as const, mPerS: 0.3, s: 5 },
      { do: 'reel' as const, mPerS: 0.9 },
    ];
    const film = filmOf(swim, { ...steadyPlan(), steps }, { ...water, depthM: 20 });
    expect(momentAt(film, 4.8).speedMps).toBeCloseTo(momentAt(film, 4.5).speedMps, 1);
    expect(momentAt(film, 5.2).speedMps).toBeGreaterThan(0.85);
  });
  test('drawn over the bottom a head is lifted by a quarter of a radian at most', () => {
    const steps = [
      { do: 'countdown' as const, s: 20 },
      { do: 'reel' as const, mPerS: 0.2 },
    ];
    const film = filmOf(jig({ oz: 1 }), { ...steadyPlan(), castM: 10, tipHeightM: 3, steps }, water);
    const over = [24, 26, 28].map((timeS) => momentAt(film, timeS)).filter(({ onBottom }) => onBottom);
    expect(over.length).toBeGreaterThan(1);
    for (const { noseUpRad } of over) expect(noseUpRad).toBe(0.25);
  });
  test('blades push nothing while they do not turn, and all their water once they do', () => {
    const rig = spinner([['colorado', 4]], { trailer: null });
    const at = (mPerS: number): Moment =>
      momentAt(filmOf(rig, { ...steadyPlan(mPerS, 3), castM: 30 }, { ...water, depthM: 20 }), 30);
    const [slow, usual, fast] = [at(0.15), at(0.5), at(1)];
    expect(usual.pushCm2).toBeGreaterThan(1);
    expect(usual.pushCm2).toBeCloseTo(fast.pushCm2, 9);
    expect([slow.beatHz, slow.pushCm2]).toEqual([0, 0]);
  });
  test('any rig on any water: every number of every moment is one', () => {
    fc.assert(
      fc.property(
        anyFamilyRig,
        anyWater,
        fc.constantFrom(...PROGRAMME_IDS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rig, on, id, at) => {
          const film = filmOf(rig, planWith(steadyPlan(), id, { depthM: on.depthM, paceMps: 0.6 }), on);
          for (const value of Object.values(momentAt(film, at * film.endsS))) {
            if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('what happens', () => {
  test('in the order of time, from the splash to the line that is in', () => {
    const film = filmOf(jig(), planWith(DEFAULT_PLAN, 'stroke', { depthM: 3, paceMps: 0.5 }), water);
    const told = happenings(film, water);
    expect(told[0]!.kind).toBe('splash');
    expect(told.at(-1)!.kind).toBe('line-in');
    for (let at = 1; at < told.length; at++) expect(told[at]!.timeS).toBeGreaterThanOrEqual(told[at - 1]!.timeS);
    // down, off with each stroke, down again
    expect(told.filter(({ kind }) => kind === 'on-bottom').length).toBeGreaterThan(2);
    expect(told.every(({ kind }) => HAPPENINGS.includes(kind))).toBe(true);
  });
  test('ticks weed, wakes, comes alive and goes dead where they do', () => {
    const weedy = { ...water, cover: [{ kind: 'grass-submerged' as const, density: 'medium' as const, topM: 1 }] };
    const kinds = (rig: typeof swim, plan: ReturnType<typeof steadyPlan>, on = water): string[] =>
      happenings(filmOf(rig, plan, on), on).map(({ kind }) => kind);
    expect(kinds(swim, steadyPlan(0.4, 4), weedy)).toContain('into-cover');
    expect(kinds(swim, steadyPlan(2.2, 0))).toContain('breaks-surface');
    expect(kinds(swim, steadyPlan(0.6))).toContain('wakes-up');
    expect(
      kinds(swim, {
        ...steadyPlan(),
        steps: [
          { do: 'reel', mPerS: 0.6, s: 4 },
          { do: 'reel', mPerS: 0.1 },
        ],
      }),
    ).toContain('goes-dead');
    expect(kinds(jig(), steadyPlan(0.6))).not.toContain('wakes-up');
  });
  test('a lure wakes once it is nearer to the surface than three centimetres', () => {
    const film = filmOf(swim, steadyPlan(1.6, 2), water);
    const { timeS } = happenings(film, water).find(({ kind }) => kind === 'breaks-surface')!;
    expect(momentAt(film, timeS).zM).toBeLessThan(0.03);
    expect(momentAt(film, timeS - 0.1).zM).toBeGreaterThanOrEqual(0.03);
  });
  test('what lasts a quarter of a second is told: a thin layer a lure falls through', () => {
    const fall = steadyFall(rigBody(jig()), mediumOf(water)).speedMps;
    const on = { ...water, depthM: 6, band: { fromM: 2, toM: 2 + 0.4 * fall } };
    const told = happenings(filmOf(jig(), steadyPlan(0.5, 8), on), on).filter(({ timeS }) => timeS < 8);
    const kinds = told.map(({ kind }) => kind);
    expect(kinds.filter((kind) => kind === 'into-band' || kind === 'out-of-band').slice(0, 2)).toEqual([
      'into-band',
      'out-of-band',
    ]);
  });
  test('a spinnerbait is felt to roll once it leans eight tenths of a radian', () => {
    const rig = spinner([['colorado', 6]], { trailer: null, oz: 0.25 });
    const steps = Array.from({ length: 12 }, (_, at) => ({ do: 'reel' as const, mPerS: 0.2 + 0.15 * at, s: 1 }));
    const film = filmOf(rig, { ...steadyPlan(), castM: 40, steps: [...steps, { do: 'reel', mPerS: 2 }] }, water);
    const leans = happenings(film, water).find(({ kind }) => kind === 'leans-over')!;
    expect(momentAt(film, leans.timeS).leanRad).toBeGreaterThan(0.8);
    expect(momentAt(film, leans.timeS - 0.1).leanRad).toBeLessThanOrEqual(0.8);
  });
  test('a boat that drifts away draws the lure through the water faster than it is reeled', () => {
    const film = filmOf(swim, { ...steadyPlan(0.5, 2), driftMps: 0.2 }, { ...water, depthM: 20 });
    expect(momentAt(film, 6).speedMps).toBeGreaterThan(0.62);
    expect(momentAt(film, 6).speedMps).toBeLessThan(0.75);
  });
  test('seconds in the band are those of the path', () => {
    const on = { ...water, band: { fromM: 0.5, toM: 1.5 } };
    const film = filmOf(swim, steadyPlan(0.5, 3), on);
    const seconds = secondsInBand(film, on)!;
    expect(seconds).toBeGreaterThan(0);
    expect(seconds).toBeLessThan(film.endsS);
    expect(secondsInBand(film, water)).toBeNull();
    const told = happenings(film, on);
    const inS = told.find(({ kind }) => kind === 'into-band')!.timeS;
    const outS = told.find(({ kind }) => kind === 'out-of-band')!.timeS;
    expect(outS - inS).toBeGreaterThan(0);
  });
});

test('lifts and drops alone never come in: the first minute is shown, and nothing says the line is in', () => {
  const plan = {
    ...DEFAULT_PLAN,
    steps: [
      { do: 'countdown' as const, s: 4 },
      { do: 'lift-drop' as const, m: 0.4 },
    ],
  };
  const film = filmOf(jig(), plan, water);
  expect([film.goesOn, film.isIn]).toEqual([true, false]);
  expect(film.endsS).toBeLessThan(70);
  expect(happenings(film, water).map(({ kind }) => kind)).not.toContain('line-in');
});

describe('programmes', () => {
  test.each(PROGRAMME_IDS)('%s is one that files take, in any depth, and keeps line and wind', (id) => {
    for (const depthM of [0.3, 2, 30]) {
      const plan = planWith({ ...DEFAULT_PLAN, windMps: 3 }, id, { depthM, paceMps: 0.65 });
      expect(planSchema.safeParse(plan).success).toBe(true);
      // however deep the water, no more line is given than the cast has
      const deep = planWith(DEFAULT_PLAN, id, { depthM: 60, paceMps: 0.6 });
      expect(planSchema.safeParse(deep).success).toBe(true);
      expect([plan.line, plan.windMps]).toEqual([DEFAULT_PLAN.line, 3]);
      expect(PROGRAMMES[id].id).toBe(id);
    }
  });
  test('where they break down for a rig: too slow for a cold tail, up to the surface, over on its side, never down', () => {
    const kinds = (rig: typeof swim, id: (typeof PROGRAMME_IDS)[number], on = water, paceMps = 0.6): string[] =>
      breaksDown(filmOf(rig, planWith(DEFAULT_PLAN, id, { depthM: on.depthM, paceMps }), on), id, on).map(
        ({ kind }) => kind,
      );
    const cold = { ...water, temperatureC: 4 };
    const tough = { ...swim, trailer: { ...swim.trailer!, softness: 'tough' as const } };
    expect(kinds(tough, 'creep-and-bump', cold)).toContain('too-slow');
    expect(kinds(swim, 'burn', water, 1)).toContain('surface');
    // what is meant to wake is not blamed for it
    expect(kinds(swim, 'wake', water, 1)).not.toContain('surface');
    expect(kinds(jig({ oz: 1 / 16, trailer: 'flapper-craw' }), 'hop', { ...water, depthM: 35 })).toContain(
      'never-down',
    );
    expect(kinds(jig(), 'hop')).toEqual([]);
  });
  test('a pace that was solved for is not blamed: the surface is where the film says it is, and the pace that is told stays under', () => {
    const burned = planWith(DEFAULT_PLAN, 'burn', { depthM: water.depthM, paceMps: 0.8 });
    const up = breaksDown(filmOf(swim, burned, water), 'burn', water).find(({ kind }) => kind === 'surface')!;
    const { fastestMps } = up as { fastestMps: number };
    const at = (mPerS: number): ReturnType<typeof breaksDown> => {
      const steps = burned.steps.map((step) => ('mPerS' in step ? { ...step, mPerS } : step));
      return breaksDown(filmOf(swim, { ...burned, steps }, water), null, water);
    };
    expect(at(0.98 * fastestMps).some(({ kind }) => kind === 'surface')).toBe(false);
    expect(at(1.02 * fastestMps).some(({ kind }) => kind === 'surface')).toBe(true);
    // let sink for long it stays under at a pace that an endless run would bring up
    const deep = { ...water, depthM: 20 };
    const steps = [
      { do: 'countdown', s: 30, slackM: 10 },
      { do: 'reel', mPerS: 1.3 },
    ] as const;
    const film = filmOf(swim, { ...burned, steps: [...steps] }, deep);
    expect(film.done.midCastDepthM!).toBeGreaterThan(0.3);
    expect(breaksDown(film, null, deep).map(({ kind }) => kind)).not.toContain('surface');
  });
});

describe('side by side', () => {
  test('two rigs that fall land when their reports say, the braked one later', () => {
    const [chunk, claws] = [fallerOf(jig(), water, 0), fallerOf(jig({ trailer: 'flapper-craw' }), water, 0)];
    expect(claws.landsS).toBeGreaterThan(chunk.landsS!);
    expect(fallerAt(chunk, chunk.landsS!, 3).zM).toBeCloseTo(3, 3);
    const held = fallerOf(jig(), water, 0.5);
    expect(held.landsS).toBeGreaterThan(chunk.landsS!);
    expect(fallerAt(held, held.landsS!, 3).zM).toBeCloseTo(3, 6);
    for (const m of [0.05, 1]) {
      const { body, medium, fall, semiTight } = held;
      const atS = secondsToBottom(body, medium, fall, m, semiTight)!;
      expect(fallerAt(held, atS, 3).zM).toBeCloseTo(m, 9);
    }
    expect(held.bandLandsS![0]).toBeLessThan(held.landsS!);
    expect(held.bandLandsS![1]).toBeGreaterThan(held.landsS!);
    // the faster it may fall, the sooner it may land
    expect(chunk.bandLandsS![0]).toBeCloseTo(chunk.landsS! * (chunk.report.speedMps / chunk.report.bandMps[1]), 0);
    expect(chunk.bandAsideM[0]).toBeLessThanOrEqual(chunk.asideM);
    expect(chunk.bandAsideM[1]).toBeGreaterThanOrEqual(chunk.asideM);
    expect(fallerAt(chunk, 99, 3).asideM).toBeCloseTo(chunk.asideM, 9);
    expect(fallerAt(chunk, 99, 3).zM).toBe(3);
    expect(fallerAt(chunk, 0, 3)).toEqual({ zM: 0, asideM: 0 });
    expect(fallerAt(chunk, 2, 3).asideM / fallerAt(chunk, 2, 3).zM).toBeCloseTo(Math.tan(chunk.fall.glideRad), 9);
  });
  test('the weight that falls at a speed does', () => {
    const rig = jig({ trailer: 'flapper-craw' });
    const { oz, band } = weightThatFalls(rig, water, 0.45)!;
    expect(band[0]).toBeLessThan(oz);
    expect(band[1]).toBeGreaterThan(oz);
    const heavy = { ...rig, head: { ...rig.head, weightOz: oz } };
    expect(steadyFall(rigBody(heavy), mediumOf(water)).speedMps).toBeCloseTo(0.45, 6);
    expect(weightThatFalls(rig, water, 9)).toBeNull();
    expect(weightThatFalls(rig, water, 0.001)).toBeNull();
  });
  test('the larger cause is named: on edge instead of flat, not the colour', () => {
    const flat = jig({ style: 'swim', trailer: 'flat-bug' });
    const edge = { ...flat, trailer: { ...flat.trailer!, orientation: 'edge' as const, colour: 'white' } };
    const deep = { ...water, depthM: 12 };
    const plan = steadyPlan(0.6, 4);
    const [mid] = versus(filmOf(flat, plan, deep), filmOf(edge, plan, deep), deep);
    expect(mid!.cause!.of).toBe('orientation');
    expect(mid!.cause!.by).toBeCloseTo(mid!.b.value! - mid!.a.value!, 9);
    expect(mid!.by!.value).toBeCloseTo(mid!.cause!.by, 9);
    // what is unknown of both is off for both alike: how far they are apart is surer than where they are
    const wide = ({ band }: Banded): number => band![1] - band![0];
    expect(wide(mid!.by!)).toBeLessThan(0.5 * (wide(mid!.a) + wide(mid!.b)));
    const same = versus(filmOf(flat, plan, deep), filmOf(flat, plan, deep), deep);
    expect(same.every(({ cause }) => cause === null)).toBe(true);
    for (const { by } of same) if (by) expect([by.value, by.band]).toEqual([0, [0, 0]]);
  });
  test('of several changes the one that makes most of a number is its cause', () => {
    const one = jig({ trailer: 'flapper-craw', lengthIn: 3 });
    const other = jig({ oz: 0.4, trailer: 'flapper-craw', lengthIn: 5 });
    const fall = versus(filmOf(one, steadyPlan(), water), filmOf(other, steadyPlan(), water), water).find(
      ({ measure }) => measure === 'fall',
    )!;
    // heavier but slower: the claws, not the weight
    expect(fall.b.value! - fall.a.value!).toBeLessThan(0);
    expect(fall.cause!.of).toBe('trailer');
  });
  test('what the model cannot tell apart has no cause', () => {
    expect(isTold({ value: 0.1, band: [-0.05, 0.25] })).toBe(false);
    expect(isTold({ value: 0.1, band: [0.02, 0.18] })).toBe(true);
    expect(isTold({ value: -0.1, band: [-0.2, -0.01] })).toBe(true);
    const plan = steadyPlan();
    const [one, other] = [jig({ trailer: 'chunk' }), jig({ trailer: 'flapper-craw', oz: 0.5 })];
    const all = versus(filmOf(one, plan, water), filmOf(other, plan, water), water);
    const untold = all.filter(({ by }) => by && !isTold(by));
    expect(untold.map(({ measure, cause }) => [measure, cause])).toEqual([
      ['mid-depth', null],
      ['max-depth', null],
      ['fall', null],
      ['hold', null],
    ]);
  });
});

describe('how sure a film is', () => {
  const deep = { ...water, depthM: 8, band: { fromM: 0.5, toM: 1.5 } };
  const plans = [steadyPlan(), planWith(steadyPlan(), 'hop', { depthM: 8, paceMps: 0.6 })];
  test.each(plans)('numbers lie in their bands, and the band of the depth is that of a report', (plan) => {
    const film = filmOf(swim, plan, deep);
    const banded = bandedOf(film, deep);
    for (const measure of MEASURES) {
      const { value, band } = banded[measure];
      if (value === null || band === null) continue;
      expect([measure, band[0] <= value && value <= band[1]]).toEqual([measure, true]);
      expect(band[0]).toBeGreaterThanOrEqual(0);
    }
    const report = retrieveReport(swim, plan, deep);
    expect(banded['mid-depth'].value).toBe(report.midCastDepthM);
    if (report.bandMidCastDepthM === null) expect(banded['mid-depth'].band).toBeNull();
    else report.bandMidCastDepthM.forEach((end, at) => expect(banded['mid-depth'].band![at]).toBeCloseTo(end, 9));
    expect(midDepthBand(film)).toEqual(banded['mid-depth'].band);
    expect(banded.fall.band).toEqual(fallBandMps(film.prepared.lure.body, film.prepared.lure.medium, film.fall));
  });
  test('a ribbon goes along the way, between surface and bottom, and is read between its moments', () => {
    const film = filmOf(swim, steadyPlan(), deep);
    const ribbon = ribbonOf(film);
    ribbon.timeS.forEach((s, at) => {
      const { xM, zM } = placeAt(film.done.path, s);
      expect(ribbon.xM[at]).toBe(xM);
      expect(ribbon.lowM[at]!).toBeLessThanOrEqual(zM + 1e-9);
      expect(ribbon.highM[at]!).toBeGreaterThanOrEqual(zM - 1e-9);
      expect(ribbon.lowM[at]!).toBeGreaterThanOrEqual(0);
      expect(ribbon.highM[at]!).toBeLessThanOrEqual(8);
      expect(ribbonAt(ribbon, s)[0]).toBeCloseTo(ribbon.lowM[at]!, 9);
    });
    const [a, b] = [ribbon.timeS[40]!, ribbon.timeS[41]!];
    expect(ribbonAt(ribbon, (a + b) / 2)[1]).toBeCloseTo((ribbon.highM[40]! + ribbon.highM[41]!) / 2, 9);
    expect(ribbonAt(ribbon, 1e9)).toEqual(ribbonAt(ribbon, film.endsS));
  });
  test('what is solved for runs where it should, and says how sure that is', () => {
    for (const by of SOLVE_FOR) {
      const { solved, bandM, nearestBandM } = solveDepth(swim, steadyPlan(), deep, by, 1.1);
      if (solved.value === null) expect(bandM).toBeNull();
      else expect([by, bandM![0] < 1.12 && bandM![1] > 1.08]).toEqual([by, true]);
      if (solved.nearest) expect([by, nearestBandM![0] <= solved.nearest.depthM]).toEqual([by, true]);
    }
  });
});

describe('sweeps', () => {
  test('faster runs shallower, heavier deeper, and one of the weights is the own', () => {
    const curves = depthAgainstSpeed(swim, steadyPlan(), { ...water, depthM: 20 });
    expect(curves.length).toBe(weightsAround(swim).length);
    expect(curves.filter(({ isOwn }) => isOwn).map(({ of }) => of)).toEqual([swim.head.weightOz]);
    for (const { points } of curves) {
      for (const [, y, band] of points) expect(band![0] <= y! && y! <= band![1]).toBe(true);
      for (let at = 1; at < points.length; at++)
        expect(points[at]![1]!).toBeLessThanOrEqual(points[at - 1]![1]! + 1e-9);
    }
    expect(curves.at(-1)!.points[4]![1]!).toBeGreaterThan(curves[0]!.points[4]![1]!);
    const shallow = depthAgainstSpeed(swim, steadyPlan(), { ...water, depthM: 0.5 });
    expect(Math.max(...shallow.flatMap(({ points }) => points.map(([, y]) => y!)))).toBe(0.5);
  });
  test('beside a rig stand the same uncut, and the plastic of the box that falls slowest and fastest', () => {
    const cut = jig({ trailer: 'flat-bug', more: { cutNoseMm: 12 } });
    const rows = fallsBeside(cut, null, DEMO_BOX, water);
    expect(rows.map((row) => row.as)).toEqual(['own', 'uncut', 'of-the-box', 'of-the-box', 'bare']);
    const speed = (rig: Rig): number => steadyFall(rigBody(rig), mediumOf(water)).speedMps;
    const [slow, fast] = rows.filter((row) => row.as === 'of-the-box').map((row) => speed(row.rig));
    for (const part of DEMO_BOX.trailers) {
      if (part.kind === 'flat-bug') continue;
      const own = rows.find((row) => row.rig.trailer?.kind === part.kind);
      if (!own) continue;
      expect(speed(own.rig)).toBeGreaterThanOrEqual(slow! - 1e-9);
      expect(speed(own.rig)).toBeLessThanOrEqual(fast! + 1e-9);
    }
    expect(slow!).toBeLessThan(fast!);
    expect(rows[1]!.rig.trailer!.cutNoseMm).toBe(0);
    expect(
      fallsBeside(jig({ trailer: null }), swim, { ...DEMO_BOX, trailers: [] }, water).map((row) => row.as),
    ).toEqual(['own', 'chosen']);
  });
  test('falls grow with weight; what works with speed', () => {
    const [own, braked] = fallAgainstWeight([jig(), jig({ trailer: 'flapper-craw' })], water);
    expect([own!.isOwn, braked!.isOwn]).toEqual([true, false]);
    own!.points.forEach(([, y], at) => expect(y!).toBeGreaterThan(braked!.points[at]![1]!));
    const works = worksAgainstSpeed(swim, water);
    expect(works.map(({ of }) => of)).toEqual(['kick', 'beat']);
    expect(works[0]!.points.at(-1)![1]).toBe(1);
    for (const { points } of works)
      for (const [, y, band] of points) expect(band![0] <= y! && y! <= band![1]).toBe(true);
    // near its start a tail may sleep or work
    expect(works[1]!.points.some(([, , band]) => band![0] === 0 && band![1] > 0)).toBe(true);
    expect(worksAgainstSpeed(jig(), water)).toEqual([]);
    expect(worksAgainstSpeed(spinner([['willow', 4]]), water).map(({ of }) => of)).toContain('turns');
    expect(worksAgainstSpeed(vibrating(), water).map(({ of }) => of)).toContain('beat');
  });
});

test('every rig of the box that runs there, the longest first; each does when it is run', () => {
  const deep = { ...NORTH_ARM, depthM: 3, cover: [] };
  const plan = steadyPlan(0.5, 2);
  const able = ableRigs(DEMO_BOX, deep, plan, 1.2)!;
  expect(able.length).toBeGreaterThan(1);
  for (const [at, { rig, midCastDepthM, secondsInBand }] of able.entries()) {
    if (at > 0) expect(secondsInBand).toBeLessThanOrEqual(able[at - 1]!.secondsInBand);
    expect(Math.abs(midCastDepthM - 1.2)).toBeLessThanOrEqual(0.15);
    if (at < 5) expect(filmOf(rig, plan, deep).done.midCastDepthM).toBeCloseTo(midCastDepthM, 9);
  }
  expect(ableRigs(DEMO_BOX, deep, plan, 25)).toEqual([]);
  expect(ableRigs(catalogueBox(), deep, plan, 1.2)).toBeNull();
});

describe('cut to a depth', () => {
  const deep = { ...water, depthM: 12 };
  const plan = steadyPlan(0.6, 4);
  const bug = jig({ style: 'swim', trailer: 'flat-bug' });
  const runs = (rig: typeof bug): number => filmOf(rig, plan, deep).done.midCastDepthM!;
  test('a flat bug is brought deeper by turning it on edge, and the rig that comes out runs there', () => {
    const own = runs(bug);
    const edge = runs({ ...bug, trailer: { ...bug.trailer!, orientation: 'edge' } });
    const found = solveCut(bug, bug, plan, deep, edge)!;
    expect(found.isMet).toBe(true);
    expect(found.cuts.length).toBeGreaterThan(0);
    expect(runs(found.rig)).toBeCloseTo(found.depthM, 9);
    expect(found.depthM).toBeGreaterThan(own);
    expect(rigSchema.safeParse(found.rig).success).toBe(true);
  });
  test('a rig that runs there already is left as it is; what no cut reaches is told with the nearest', () => {
    const here = solveCut(bug, bug, plan, deep, runs(bug))!;
    expect([here.cuts, here.isMet]).toEqual([[], true]);
    const far = solveCut(bug, bug, plan, deep, 11)!;
    expect(far.isMet).toBe(false);
    expect(Math.abs(far.depthM - 11)).toBeLessThanOrEqual(Math.abs(runs(bug) - 11));
    expect(new Set(far.cuts.map(({ edit }) => edit)).size).toBe(far.cuts.length);
  });
});

test('what stands in the tank is checked', () => {
  expect(tankSchema.safeParse(EMPTY_TANK).success).toBe(true);
  expect(
    tankSchema.safeParse({ ...EMPTY_TANK, rig: swim, other: jig(), programme: 'burn', semiTight: 0.3 }).success,
  ).toBe(true);
  for (const wrong of [
    { semiTight: 0.9 },
    { programme: 'moon' },
    { rig: {} },
    { plan: { ...DEFAULT_PLAN, steps: [] } },
  ]) {
    expect(tankSchema.safeParse({ ...EMPTY_TANK, ...wrong }).success).toBe(false);
  }
});
