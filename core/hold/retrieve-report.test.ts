import fc from 'fast-check';
import { describe, expect, test } from '@jest/globals';
import { anyFamilyRig, jig, spinner, steadyPlan } from '../testing/fixtures/rigs';
import { anyWater } from '../testing/fixtures/boxes';
import { DEFAULT_WATER, type Water } from '../water/schema';
import { retrieveReport } from './retrieve-report';
import { workingWindow } from './working-window';
import { lureOf } from '../motion/towed';
import { mediumAt } from '../motion/medium';
import { rigBody } from '../rig/body/body';

const swim = jig({ style: 'swim', trailer: 'paddle-tail' });
const water = (part: Partial<Water>): Water => ({ ...DEFAULT_WATER, temperatureC: 20, cover: [], depthM: 8, ...part });

describe('a retrieve, in the shape of files', () => {
  test('whatever is reeled through whatever water: no NaN, and every number where it can be', () => {
    fc.assert(
      fc.property(anyFamilyRig, anyWater, fc.double({ min: 0.2, max: 2, noNaN: true }), (rig, anyOne, mPerS) => {
        const report = retrieveReport(rig, steadyPlan(mPerS), anyOne);
        expect(JSON.stringify(report)).not.toMatch(/NaN/);
        expect(report.maxDepthM).toBeLessThanOrEqual(anyOne.depthM + 1e-9);
        if (report.bandMidCastDepthM !== null) {
          expect(report.bandMidCastDepthM[0]).toBeGreaterThanOrEqual(0);
          expect(report.bandMidCastDepthM[1]).toBeLessThanOrEqual(anyOne.depthM + 1e-9);
        }
        if (report.fastestMps !== null && report.wakeSpeedMps !== null) {
          expect(report.fastestMps).toBeLessThanOrEqual(report.wakeSpeedMps);
        }
      }),
      { numRuns: 25 },
    );
  });
  test('the band of a depth holds it', () => {
    const { midCastDepthM, bandMidCastDepthM } = retrieveReport(swim, steadyPlan(), water({}));
    expect(bandMidCastDepthM![0]).toBeLessThan(midCastDepthM!);
    expect(bandMidCastDepthM![1]).toBeGreaterThan(midCastDepthM!);
  });
  test('seconds in the band only where one is wanted, and all of them when it is the whole water', () => {
    expect(retrieveReport(swim, steadyPlan(), water({})).secondsInBand).toBeNull();
    const whole = retrieveReport(swim, steadyPlan(), water({ band: { fromM: 0, toM: 8 } }));
    expect(whole.secondsInBand).toBeCloseTo(whole.path.at(-1)![0], 6);
  });
  test('hold speed is asked at the middle of the band, else where the retrieve took it', () => {
    const high = retrieveReport(swim, steadyPlan(), water({ band: { fromM: 0.2, toM: 0.6 } })).holdSpeedMps!;
    const low = retrieveReport(swim, steadyPlan(), water({ band: { fromM: 2, toM: 3 } })).holdSpeedMps!;
    expect(high).toBeGreaterThan(low);
    expect(retrieveReport(swim, steadyPlan(), null).holdSpeedMps).not.toBeNull();
  });
  test('weed whose top was measured is touched, weed whose top nobody knows is not counted', () => {
    const touched = (topM?: number): number =>
      retrieveReport(
        swim,
        steadyPlan(0.5, 6),
        water({
          cover: [{ kind: 'grass-submerged', density: 'medium', ...(topM === undefined ? {} : { topM }) }],
        }),
      ).contacts;
    expect(touched(0.8)).toBe(1);
    expect(touched()).toBe(0);
    expect(touched(7.9)).toBe(0);
  });
});

describe('the window of speeds', () => {
  const line = { diameterM: 0.00033, densityKgM3: 1140, tipM: 1 };
  const windowOf = (rig: typeof swim, onsetMps: number | null) =>
    workingWindow(rig, lureOf(rigBody(rig), mediumAt(20), onsetMps), line, 12.5);
  test('what ends it is named: a light swimmer comes to the surface first, a tail on a ring slips before a heavy one rises', () => {
    expect(windowOf(jig({ style: 'swim', oz: 0.25, trailer: 'paddle-tail' }), 0.25).limit).toBe('surface');
    const heavy = { ...jig({ style: 'football', oz: 1, trailer: 'flapper-craw' }), keeper: 'ring' as const };
    expect(windowOf(heavy, 0.2).limit).toBe('keeper-slip');
    const twisted = {
      ...spinner([['colorado', 6]]),
      arms: { upperMm: 60, angleDeg: 55, twistDeg: 40, squeezed: false },
    };
    expect(windowOf(twisted, null).limit).toBe('blow-over');
  });
  test('it starts with what has to come alive; nothing to wake, no start', () => {
    expect(windowOf(swim, 0.25).slowestMps).toBe(0.25);
    expect(windowOf(jig({ style: 'swim', trailer: 'straight-minnow' }), null).slowestMps).toBeNull();
    expect(windowOf(spinner([['willow', 4]]), null).slowestMps).toBeCloseTo(0.64, 1);
  });
});

describe('every number of a retrieve, by its value', () => {
  test.each([
    [{}, { midCastDepthM: 2.7001, secondsInBand: null, holdSpeedMps: 0.5054, contacts: 0 }],
    [
      { band: { fromM: 1, toM: 2 } },
      { midCastDepthM: 2.7001, secondsInBand: 8.5182, holdSpeedMps: 0.6795, contacts: 0 },
    ],
    [
      { cover: [{ kind: 'open' as const, density: 'medium' as const, topM: 0.5 }] },
      { midCastDepthM: 2.7001, secondsInBand: null, holdSpeedMps: 0.5054, contacts: 0 },
    ],
    [{ depthM: 1 }, { midCastDepthM: 1, secondsInBand: null, holdSpeedMps: 0.7861, contacts: 1 }],
  ])('half a metre a second after six seconds, in %j', (part, has) => {
    const report = retrieveReport(swim, steadyPlan(0.5, 6), water(part));
    for (const [name, value] of Object.entries(has)) {
      const found = report[name as keyof typeof has];
      if (value === null || name === 'contacts') expect(found).toBe(value);
      else expect(found).toBeCloseTo(value, 3);
    }
    expect([report.slowestWorkingMps, report.fastestMps, report.wakeSpeedMps]).toEqual([
      expect.closeTo(0.25, 3),
      expect.closeTo(1.1142, 3),
      expect.closeTo(1.1142, 3),
    ]);
  });
  test('the band of a depth ends at the bottom', () => {
    const [low, high] = retrieveReport(swim, steadyPlan(0.5, 6), water({})).bandMidCastDepthM!;
    expect([low, high]).toEqual([expect.closeTo(2.2053, 2), expect.closeTo(3.1949, 2)]);
    expect(retrieveReport(swim, steadyPlan(0.5, 6), water({ depthM: 3 })).bandMidCastDepthM![1]).toBeCloseTo(3, 9);
  });
});
