import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { HEAD_STYLES, HEADS, POSTURE_DEG } from '../tackle/heads';
import { anyRig, jig } from '../testing/fixtures/rigs';
import { degFromRad, lengthMFromMm, radFromDeg } from '../units/units';
import { fallAngleRad } from './attitude';
import { steadyFall } from './fall';
import { mediumAt } from './medium';

const medium = mediumAt(15);
const angleDeg = (rig: Rig, semiTight = 0): number => degFromRad(fallAngleRad(rigBody(rig), medium, semiTight));

describe('the angle of a fall', () => {
  test.each(HEAD_STYLES)('%s with a plain chunk of three inches hangs as known, whatever it weighs', (style) => {
    for (const oz of [1 / 8, 3 / 8, 1])
      expect(angleDeg({ ...jig({ style, oz }), guard: null })).toBeCloseTo(POSTURE_DEG, 6);
  });
  test('a tightening line levels it by 100 degrees a unit of what it carries', () => {
    const known = { ...jig(), guard: null };
    expect(angleDeg(known, 0.2)).toBeCloseTo(45, 6);
    expect(angleDeg(known, 0.6)).toBeCloseTo(85, 6);
    // the few fibres of a guard hardly count
    expect(angleDeg(jig(), 0.2)).toBeCloseTo(45, 0);
  });
  test('a long light worm behind a ball falls nose first, a short jig lies flatter', () => {
    const ball = (lengthIn: number): number => angleDeg(jig({ style: 'ball', trailer: 'finesse-worm', lengthIn }));
    expect(ball(7)).toBeLessThan(angleDeg(jig({ style: 'ball' })));
    expect(ball(7)).toBeLessThan(ball(4));
    const short = angleDeg(jig({ more: { cutTailMm: 30 } }));
    expect(short).toBeGreaterThan(angleDeg(jig()) + 2);
    expect(angleDeg(jig({ trailer: null }))).toBeGreaterThan(angleDeg(jig()));
  });
  test('claws that kick hold it to the flow, slack or on the line', () => {
    for (const k of [0, 0.3, 0.5]) {
      expect(angleDeg(jig({ trailer: 'flapper-craw' }), k)).toBeLessThan(angleDeg(jig(), k));
    }
  });
  test('plastic that floats lifts its tail, plastic that sinks lets it down', () => {
    const weighed = (share: number): number => {
      const worm = jig({ trailer: 'stick-worm' });
      const massG = 1000 * rigBody(worm).trailer!.massKg * share;
      const { widthMm, heightMm } = { widthMm: 0.083 * 127, heightMm: 0.083 * 127 };
      return angleDeg({ ...worm, trailer: { ...worm.trailer!, massG, widthMm, heightMm } });
    };
    expect(weighed(0.8)).toBeLessThan(weighed(1));
    expect(weighed(1.06)).toBeGreaterThan(weighed(1));
  });
  test('on edge the face no longer holds a chunk to the flow', () => {
    expect(angleDeg(jig({ more: { orientation: 'edge' } }))).toBeGreaterThan(angleDeg(jig()));
  });
  test('is one of 0 to 90 degrees, never jumps with what the line carries, and takes no notice of the skirt', () => {
    fc.assert(
      fc.property(anyRig, fc.double({ min: 0, max: 0.59, noNaN: true }), (rig, semiTight) => {
        const angle = angleDeg(rig, semiTight);
        expect(angle).toBeGreaterThanOrEqual(0);
        expect(angle).toBeLessThanOrEqual(90);
        expect(Math.abs(angleDeg(rig, semiTight + 1e-6) - angle)).toBeLessThan(0.1);
        const thinner = rig.skirt && { ...rig, skirt: { ...rig.skirt, strands: 12, thinned: 0, lengthMm: 40 } };
        if (thinner) expect(angleDeg(thinner, semiTight)).toBeCloseTo(angle, 9);
        expect(angleDeg({ ...rig, skirt: null }, semiTight)).toBeCloseTo(angle, 9);
      }),
    );
  });
  test('the moments of the flow and of the weight, written out in newton metres, are in balance', () => {
    const style = 'casting';
    const known = rigBody({ ...jig({ style }), guard: null });
    const body = rigBody({ ...jig({ style, trailer: 'creature' }), guard: null });
    const skirtM2 = 2.3e-4;
    const posture = radFromDeg(POSTURE_DEG);
    /** all but what turns the head, over the drag that carries the weight: per newton of weight */
    const moment = (of: typeof body, rad: number): number => {
      const [s, s0, c0] = [Math.sin(rad), Math.sin(posture), Math.cos(posture)];
      const { massKgM, volumeM4, crossM3, streamM3 } = of.trails;
      const skirt = of.skirt!;
      const weightN = 9.80665 * (of.massKg - skirt.massKg - medium.densityKgM3 * (of.volumeM3 - skirt.volumeM3));
      const dragM2 =
        (of.head.axialM2 + of.wire.alongM2) * c0 ** 2 +
        (of.head.broadsideM2 + of.wire.acrossM2) * s0 ** 2 +
        0.66 * of.pushM2 +
        of.trailerAxialM2 * c0 ** 3 +
        of.trailerNormalM2 * s0 ** 3 +
        skirtM2 * (0.4 + 0.6 * c0 ** 2 + 0.2 * s0 ** 2);
      const liftM2 = of.trailerNormalM2 * s0 ** 2 * c0 - of.trailerAxialM2 * c0 ** 2 * s0;
      const pressurePa = weightN / Math.hypot(dragM2, liftM2);
      const flow = pressurePa * (crossM3 * s * s + (streamM3 + skirtM2 * (of.head.lengthM / 2 + 0.015)) * s);
      return (flow - 9.80665 * (massKgM - medium.densityKgM3 * volumeM4) * s) / pressurePa;
    };
    // the head's own righting: six times what the known trailer gives at its posture, in proportion to the sine
    const own = (6 * moment(known, posture)) / Math.sin(posture);
    const turning = moment(known, posture) + own * Math.sin(posture);
    const rad = fallAngleRad(body, medium, 0);
    expect((moment(body, rad) + own * Math.sin(rad)) / turning).toBeCloseTo(1, 9);
  });
  test('what is known to turn a head, shape, guard and bend of the hook, would tilt it by a few degrees: nothing in it tells styles apart', () => {
    const tilts = HEAD_STYLES.map((style) => {
      const rig = jig({ style });
      const body = rigBody(rig);
      const { trails, head, wire } = body;
      // an ellipsoid in a flow without friction: added mass across less that along, after Lamb, for the section it shows from its side
      const [length, , height] = HEADS[style].shape;
      const munkM3 = head.volumeM3 * (addedMass(height / length) - addedMass(length / height));
      // brush and bend stand out of the axis by half the head and half the length of the fibres
      const wireM3 = wire.alongM2 * (head.heightM / 2 + lengthMFromMm(rig.guard!.lengthMm / 2) * Math.SQRT1_2);
      const pressurePa = (medium.densityKgM3 / 2) * steadyFall(body, medium).pathMps ** 2;
      const weightM3 = (9.80665 * (trails.massKgM - medium.densityKgM3 * trails.volumeM4)) / pressurePa;
      const streamM3 = trails.streamM3 + 2.3e-4 * (head.lengthM / 2 + 0.015) - weightM3;
      let [low, high] = [0, Math.PI / 2];
      for (let round = 0; round < 50; round++) {
        const rad = (low + high) / 2;
        const turning = 2 * munkM3 * Math.sin(rad) * Math.cos(rad) + wireM3 * Math.cos(rad);
        if (turning > trails.crossM3 * Math.sin(rad) ** 2 + streamM3 * Math.sin(rad)) low = rad;
        else high = rad;
      }
      return degFromRad(low);
    });
    for (const tilt of tilts) expect(tilt).toBeLessThan(7);
    expect(Math.max(...tilts) - Math.min(...tilts)).toBeLessThan(3);
  });
});

/** Added mass of a spheroid along its axis, of the water it displaces. @param slender length over width @source lamb-1932 */
function addedMass(slender: number): number {
  if (Math.abs(slender - 1) < 1e-6) return 0.5;
  // its integral, summed: a0 = slender x integral of du / ((slender² + u) sqrt(slender² + u) (1 + u))
  let alpha = 0;
  const steps = 20_000;
  for (let i = 0; i < steps; i++) {
    const t = (i + 0.5) / steps;
    const u = t / (1 - t);
    alpha += (slender / ((slender ** 2 + u) ** 1.5 * (1 + u))) * (1 / ((1 - t) ** 2 * steps));
  }
  return alpha / (2 - alpha);
}
