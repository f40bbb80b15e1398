import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { prepareRetrieve, retrieveReport } from '../hold/retrieve-report';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { anyRig, jig, spinner, steadyPlan } from '../testing/fixtures/rigs';
import { hiddenTruth } from '../testing/fixtures/hidden-truth';
import { runs } from '../testing/runs';
import { seeded } from '../testing/fixtures/seeded';
import { FACTOR_SD, factorsOf } from './bands';
import { fallBandMps } from './fall-bands';
import { steadyFall } from './fall';
import { mediumAt } from './medium';
import type { DragFactors } from './fall-areas';
import { holdSpeedMps } from './level';
import { linearBand, logBand, SURE_FACTORS, type RunFactors } from './path-bands';
import { lureOf } from './towed';

const medium = mediumAt(15);
const SAMPLES = 2000;

/** Ends of the middle 80 % of a number over seeded draws of the unknown factors. */
function sampled(rig: Rig, numberOf: (factors: RunFactors) => number): readonly [number, number] {
  const random = seeded(20260926);
  const names = factorsOf(rigBody(rig));
  const values = Array.from({ length: SAMPLES }, () => {
    const drawn = Object.fromEntries(names.map((name) => [name, Math.exp(FACTOR_SD[name] * random.normal())]));
    return numberOf({ ...SURE_FACTORS, ...drawn });
  }).sort((a, b) => a - b);
  return [values[SAMPLES * 0.1]!, values[SAMPLES * 0.9]!];
}

const widthsAgree = (band: readonly [number, number], drawn: readonly [number, number]): void => {
  const ratio = (band[1] - band[0]) / (drawn[1] - drawn[0]);
  expect(ratio).toBeGreaterThan(0.9);
  // the angle of a fall bends more than a slope tells
  expect(ratio).toBeLessThan(1.15);
};

describe('bands by slopes against 2,000 seeded draws, away from surface and bottom', () => {
  test.each([
    ['chunk', jig()],
    ['flapper craw', jig({ trailer: 'flapper-craw' })],
    ['skirt alone', jig({ trailer: null })],
    ['spinner', spinner([['colorado', 4]])],
  ])('fall: %s', (_, rig) => {
    const body = rigBody(rig);
    const fall = steadyFall(body, medium);
    widthsAgree(
      fallBandMps(body, medium, fall),
      sampled(rig, (factors) => steadyFall(body, medium, 0, factors).speedMps),
    );
  });
  test.each([
    ['straight minnow', jig({ style: 'swim', trailer: 'straight-minnow' })],
    ['paddle', jig({ style: 'swim', oz: 0.5, trailer: 'paddle-tail' })],
    ['flapper craw', jig({ style: 'swim', oz: 0.5, trailer: 'flapper-craw' })],
    [
      'two willows',
      spinner([
        ['willow', 4],
        ['willow', 4],
      ]),
    ],
  ])('depth half way back: %s', (_, rig) => {
    const prepared = prepareRetrieve(rig, steadyPlan(0.7, 4), null);
    const depth = (factors: RunFactors): number => prepared.run(factors).midCastDepthM!;
    widthsAgree(linearBand(rigBody(rig), depth)!, sampled(rig, depth));
  });
  test('hold speed: a swim jig at a metre', () => {
    const rig = jig({ style: 'swim', trailer: 'paddle-tail' });
    const body = rigBody(rig);
    const line = { diameterM: 0.00033, densityKgM3: 1140, tipM: 1 };
    const speed = (factors: DragFactors): number => holdSpeedMps(lureOf(body, medium, 0.25, factors), line, 12.5, 1)!;
    widthsAgree(logBand(body, speed)!, sampled(rig, speed));
  });
});

describe('a hand that reels, casts, counts and holds its rod a little differently, on a line a little thicker', () => {
  test.each([
    ['straight minnow', jig({ style: 'swim', trailer: 'straight-minnow' }), 0.7],
    ['paddle', jig({ style: 'swim', oz: 0.5, trailer: 'paddle-tail' }), 0.6],
    ['spinner', spinner([['willow', 4]]), 0.7],
  ])('finds its lure in the band of the depth about four times in five: %s', (_, rig, mPerS) => {
    const plan = steadyPlan(mPerS, 4);
    const [low, high] = retrieveReport(rig, plan, null).bandMidCastDepthM!;
    const prepared = prepareRetrieve(rig, plan, null);
    const draws = runs(1000);
    let held = 0;
    for (let seed = 1; seed <= draws; seed++) {
      const depthM = prepared.run(hiddenTruth(seed * 7919).of(rig)).midCastDepthM!;
      if (depthM >= low && depthM <= high) held++;
    }
    expect(held / draws).toBeGreaterThan(0.73);
    expect(held / draws).toBeLessThan(0.87);
    // that of the water alone would hold fewer
    const [lowAlone, highAlone] = linearBand(rigBody(rig), (factors) => prepared.run(factors).midCastDepthM)!;
    expect(highAlone - lowAlone).toBeLessThan(high - low);
  });
});

test('a band holds its number, and is wider the more is unknown', () => {
  fc.assert(
    fc.property(anyRig, (rig) => {
      const body = rigBody(rig);
      const fall = steadyFall(body, medium);
      const [low, high] = logBand(body, (factors) => steadyFall(body, medium, 0, factors).speedMps)!;
      expect(low).toBeLessThanOrEqual(fall.speedMps);
      expect(high).toBeGreaterThanOrEqual(fall.speedMps);
    }),
    { numRuns: 40 },
  );
  expect(linearBand(rigBody(jig()), () => null)).toBeNull();
  expect(linearBand(rigBody(jig()), () => 1)).toEqual([1, 1]);
});
