import { describe, expect, test } from '@jest/globals';
import { ftFromLengthM } from '../units/units';
import { prepareRetrieve, retrieveReport } from '../hold/retrieve-report';
import type { Rig } from '../rig/parts/schema';
import { jig, spinner, steadyPlan, vibrating } from '../testing/fixtures/rigs';
import type { TrailerKind } from '../tackle/trailers';
import { DEFAULT_WATER } from '../water/schema';
import type { RetrievePlan } from './plan';

/** Running depths: their order, as the craft has it, and their size, as a line of 80 masses has it from the splash on (`core/testing/independent`). */
const midFt = (rig: Rig, plan: RetrievePlan = steadyPlan()): number =>
  ftFromLengthM(prepareRetrieve(rig, plan, { ...DEFAULT_WATER, temperatureC: 20, depthM: 40 }).run().midCastDepthM!);
const swim = (trailer: TrailerKind, orientation: 'flat' | 'edge' | 'inverted' = 'flat', lengthIn?: number): Rig =>
  jig({ style: 'swim', trailer, more: { orientation }, ...(lengthIn === undefined ? {} : { lengthIn }) });
const near = (ft: number, wantedFt: number): void => {
  expect(Math.abs(ft / wantedFt - 1)).toBeLessThan(0.1);
};

describe('a 3/8 swim jig, counted down two seconds and reeled at 0.75 m/s', () => {
  const rides: readonly (readonly [string, Rig, number])[] = [
    ['swim worm', swim('swim-worm'), 5.3],
    ['straight minnow', swim('straight-minnow'), 5.35],
    ['flat bug on edge', swim('flat-bug', 'edge'), 5.35],
    ['paddle turned over', swim('paddle-tail', 'inverted', 3.75), 4.65],
    ['flat bug flat', swim('flat-bug'), 4.45],
    ['paddle', swim('paddle-tail', 'flat', 3.75), 4.08],
    ['flapper craw', swim('flapper-craw'), 3.52],
    ['wide swimmer', swim('wide-swimmer'), 3.03],
  ];
  test.each(rides)('%s', (_, rig, wantedFt) => near(midFt(rig), wantedFt));
  test('slim runs deepest, wide highest: in this order', () => {
    const depths = rides.map(([, rig]) => midFt(rig));
    for (let at = 2; at < depths.length; at++) expect(depths[at]).toBeLessThan(depths[at - 1]! + 0.05);
  });
  test('thinner line deeper, higher tip shallower, faster shallower, longer count deeper', () => {
    const rig = swim('paddle-tail');
    const plain = midFt(rig);
    const braided = (lb: number): number => midFt(rig, steadyPlan(0.75, 2, { line: { kind: 'braid', lb } }));
    expect(braided(15)).toBeGreaterThan(braided(50));
    expect(midFt(rig, steadyPlan(0.75, 2, { tipHeightM: 2 }))).toBeLessThan(plain);
    expect(midFt(rig, steadyPlan(0.9))).toBeLessThan(plain);
    expect(midFt(rig, steadyPlan(0.75, 4))).toBeGreaterThan(plain);
  });
  test('3/16 with a flapper craw and the tip high rides at the surface', () => {
    const light = jig({ style: 'swim', oz: 3 / 16, trailer: 'flapper-craw' });
    expect(midFt(light, steadyPlan(0.75, 2, { tipHeightM: 2.5 }))).toBeLessThan(0.2);
  });
});

describe('a half-ounce spinnerbait at 1 m/s, tip low, three seconds down', () => {
  const plan = steadyPlan(1, 3, { tipHeightM: 0.6 });
  const rides: readonly (readonly [string, Rig, number])[] = [
    [
      'two willows',
      spinner([
        ['willow', 4],
        ['willow', 4],
      ]),
      6.13,
    ],
    [
      'Colorado and willow',
      spinner([
        ['colorado', 3],
        ['willow', 4],
      ]),
      4.94,
    ],
    [
      'two Colorados',
      spinner([
        ['colorado', 3],
        ['colorado', 4],
      ]),
      3.2,
    ],
    [
      'the same with a paddle tail',
      spinner(
        [
          ['colorado', 3],
          ['colorado', 4],
        ],
        { trailer: 'paddle-tail' },
      ),
      1.42,
    ],
  ];
  test.each(rides)('%s', (_, rig, wantedFt) => near(midFt(rig, plan), wantedFt));
  test('in this order', () => {
    const depths = rides.map(([, rig]) => midFt(rig, plan));
    expect([...depths].sort((a, b) => b - a)).toEqual(depths);
  });
});

describe('what works at which speed', () => {
  const report = (rig: Rig, tempC = 20) =>
    retrieveReport(rig, steadyPlan(), { ...DEFAULT_WATER, temperatureC: tempC, depthM: 20 });
  test('a Colorado turns slower than an Indiana, that slower than a willow', () => {
    const [colorado, indiana, willow] = (['colorado', 'indiana', 'willow'] as const).map(
      (shape) => report(spinner([[shape, 4]])).slowestWorkingMps!,
    );
    expect(colorado).toBeCloseTo(0.34, 1);
    expect(indiana).toBeCloseTo(0.42, 1);
    expect(willow).toBeCloseTo(0.64, 1);
  });
  test('in the cold a tail needs more speed, tough plastic most', () => {
    const onset = (softness: 'soft' | 'tough', tempC: number): number =>
      report(jig({ style: 'swim', trailer: 'paddle-tail', more: { softness } }), tempC).slowestWorkingMps!;
    expect(onset('soft', 5)).toBeGreaterThan(onset('soft', 20));
    expect(onset('tough', 5) / onset('tough', 20)).toBeGreaterThan(onset('soft', 5) / onset('soft', 20));
  });
  test('bulk behind a spinnerbait blows it over sooner', () => {
    const pair: [['colorado', number], ['willow', number]] = [
      ['colorado', 3],
      ['willow', 4],
    ];
    const speed = (trailer: TrailerKind | null): number => report(spinner(pair, { trailer })).fastestMps!;
    expect(speed('flapper-craw')).toBeLessThan(speed(null));
  });
  test('a wake needs more speed than a run at depth, and both stand in the window', () => {
    const found = report(jig({ style: 'swim', trailer: 'paddle-tail' }));
    expect(found.holdSpeedMps!).toBeLessThan(found.wakeSpeedMps!);
    expect(found.fastestMps!).toBeLessThanOrEqual(found.wakeSpeedMps!);
    expect(found.slowestWorkingMps!).toBeLessThan(found.fastestMps!);
  });
  test('a vibrating head runs above a plain swim head of its weight', () => {
    const plain = { ...jig({ style: 'swim', oz: 0.5, trailer: 'straight-minnow' }), guard: null };
    expect(midFt(vibrating())).toBeLessThan(midFt(plain));
  });
});
