/** @jest-environment ./scripts/page-environment.mjs */
import { expect, test } from '@jest/globals';
import { mount, type VueWrapper } from '@vue/test-utils';
import { rigBody, turnsHz, type Moment, type Rig } from '@core';
import { spinner } from '../../../core/testing/fixtures/rigs';
import TankLure from './TankLure.vue';

const moment = (timeS: number, speedMps: number): Moment => ({
  timeS,
  xM: 5,
  zM: 1,
  step: 0,
  isSlack: false,
  onBottom: false,
  speedMps,
  noseUpRad: 0,
  bowRad: 0,
  knee: null,
  beatHz: 0,
  pushCm2: 0,
  flareM: 0,
  awake: null,
  leanRad: null,
});
const rig: Rig = spinner([
  ['colorado', 3],
  ['willow', 5],
]);
const SPEED_MPS = 0.8;
/** quicker is shown as this */
const MOST_SEEN_HZ = 8;

/** how wide each blade is shown, as a share, with its sign: its face or its back */
const widths = (lure: VueWrapper): readonly number[] =>
  lure.findAll('[data-blade]').map((blade) => Number(/scale\(1 (-?[\d.]+)\)/.exec(blade.attributes('transform')!)![1]));
const drawn = (timeS: number, { speedMps = SPEED_MPS, still = false } = {}): readonly number[] =>
  widths(mount(TankLure, { props: { rig, moment: moment(timeS, speedMps), scale: 1, still } }));

test('each blade turns as often as it is computed to: its face, edge on, its back', () => {
  const hz = turnsHz(rigBody(rig), SPEED_MPS, 1000);
  expect(hz).toHaveLength(2);
  expect(new Set(hz).size).toBe(2);
  expect(Math.min(...hz)).toBeGreaterThan(1);
  hz.forEach((turns, blade) => {
    const often = Math.min(MOST_SEEN_HZ, turns);
    expect(drawn(1 / often)[blade]).toBeCloseTo(1, 2);
    expect(drawn(0.5 / often)[blade]).toBeCloseTo(-1, 2);
    expect(Math.abs(drawn(0.25 / often)[blade]!)).toBeLessThan(0.2);
  });
});
test('blades hang still below the pace they start at, and for whoever asked for stillness', () => {
  expect(drawn(0.37, { speedMps: 0.02 })).toEqual([1, 1]);
  expect(drawn(0.37, { still: true })).toEqual([1, 1]);
});
