import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { rigBody, skirtBody, type RigBody } from '../rig/body/body';
import { skirtSpreadM, STRAND_CD, strandCauchy, strandLoad } from '../rig/body/skirt-shape';
import { bentStrand } from '../rig/body/strand';
import { anyRig, jig } from '../testing/fixtures/rigs';
import { driftBandMps, fallBandMps } from './fall-bands';
import { cylinderCd, sphereCd } from '../water/cylinder-and-sphere';
import { secondsToBottom, steadyFall, submergedWeightN } from './fall';
import { mediumAt } from './medium';
import { FALL_PUSH_SHARE } from '../rig/body/trails';
import { fallAngleRad } from './attitude';
import { UNIT_FACTORS } from './fall-areas';
import { fishesLikeBandOz, fishesLikeOz } from './fishes-like';
import { fallReport } from './report';
import { skirtDragAreaM2 } from './skirt-drag';

const medium = mediumAt(15);
const speed = (body: RigBody, semiTight = 0): number => steadyFall(body, medium, semiTight).speedMps;
const heavier = (body: RigBody, extraKg: number): RigBody => ({ ...body, massKg: body.massKg + extraKg });

describe('published drag', () => {
  test.each([
    [1, 11],
    [1000, 1.1],
    [1e5, 1.0046],
  ])('cylinder at Re %p: %p', (re, cd) => expect(cylinderCd(re)).toBeCloseTo(cd, 2));
  test.each([
    [0.1, 247.4],
    [1, 27.6],
    [100, 1.09],
    [1e4, 0.41],
  ])('sphere at Re %p: %p (2 %)', (re, cd) => expect(Math.abs(sphereCd(re) / cd - 1)).toBeLessThan(0.02));
});

describe('skirt', () => {
  const skirt = skirtBody({ material: 'silicone', strands: 50, thinned: 0, lengthMm: 55 });
  test('far out the form drag grows as U to 4/3', () => {
    const drag = (speedMps: number): number => skirtDragAreaM2(skirt, speedMps, 999, 1e-12) * speedMps ** 2; // without friction
    expect(Math.log(drag(40) / drag(20)) / Math.log(2)).toBeCloseTo(4 / 3, 1);
  });
  test('at a standstill it grows as U squared', () => {
    const drag = (speedMps: number): number => skirtDragAreaM2(skirt, speedMps, 999, 1e-14) * speedMps ** 2;
    expect(Math.log(drag(0.002) / drag(0.001)) / Math.log(2)).toBeCloseTo(2, 1);
  });
  test('strands shield each other: never more than 1.2 x the disc they span, and what rubs along them', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('silicone' as const, 'rubber' as const, 'hair' as const),
        fc.integer({ min: 5, max: 400 }),
        fc.double({ min: 20, max: 90, noNaN: true }),
        fc.double({ min: 0.001, max: 4, noNaN: true }),
        (material, strands, lengthMm, speedMps) => {
          const any = skirtBody({ material, strands, thinned: 0, lengthMm });
          const form = skirtDragAreaM2(any, speedMps, 999, 1e-14); // hardly any friction
          expect(form).toBeLessThan(1.2 * (Math.PI / 4) * skirtSpreadM(any, speedMps, 999) ** 2 * 1.001);
          expect(skirtDragAreaM2(any, speedMps * 1.01, 999, 1e-6)).toBeLessThan(
            skirtDragAreaM2(any, speedMps, 999, 1e-6),
          );
        },
      ),
    );
  });
  test('one strand alone drags as the elastica says', () => {
    const one = { ...skirt, strands: 1 };
    const drag = bentStrand(one.flareAtRestRad, strandLoad(one, 0.3, 999)).drag;
    expect(skirtDragAreaM2(one, 0.3, 999, 1e-14)).toBeCloseTo(STRAND_CD * one.widthM * one.lengthM * drag, 9);
  });
  test('the Cauchy number has no unit: metres or millimetres, it is the same', () => {
    const inMm = { ...skirt, widthM: 1, thicknessM: 0.45, lengthM: 55, modulusPa: skirt.modulusPa * 1e-6 };
    // density in kg/mm³, speed in mm/s, modulus in kg/(mm s²) x 1e-3
    expect(strandCauchy({ ...inMm, modulusPa: 3e3 }, 400, 999e-9)).toBeCloseTo(strandCauchy(skirt, 0.4, 999), 6);
  });
});

describe('fall', () => {
  test('more mass in the same shape never falls slower', () => {
    fc.assert(
      fc.property(anyRig, fc.double({ min: 0, max: 0.03, noNaN: true }), (rig, extraKg) => {
        const body = rigBody(rig);
        expect(speed(heavier(body, extraKg))).toBeGreaterThanOrEqual(speed(body) - 1e-12);
      }),
    );
  });
  test('the forces balance at the speed that is returned', () => {
    fc.assert(
      fc.property(anyRig, fc.double({ min: 0, max: 0.6, noNaN: true }), (rig, semiTight) => {
        const body = rigBody(rig);
        const fast = steadyFall(body, medium, semiTight, UNIT_FACTORS, 0.5);
        const fromAfar = steadyFall(body, medium, semiTight, UNIT_FACTORS, 8);
        const fromBelow = steadyFall(body, medium, semiTight, UNIT_FACTORS, 0.01);
        expect(fromAfar.speedMps).toBeCloseTo(fast.speedMps, 7);
        expect(fromBelow.speedMps).toBeCloseTo(fast.speedMps, 7);
      }),
    );
  });
  test('the solver agrees with bisection on the forces written out', () => {
    fc.assert(
      fc.property(anyRig, fc.constantFrom(0, 0.3, 0.6), (rig, semiTight) => {
        const body = rigBody(rig);
        let [low, high] = [0.001, 50];
        for (let i = 0; i < 80; i++) {
          const middle = Math.sqrt(low * high);
          const { dragN, liftN } = forcesWrittenOut(body, middle, semiTight);
          if (Math.hypot(dragN, liftN) < submergedWeightN(body, medium) * (1 - semiTight)) low = middle;
          else high = middle;
        }
        const { dragN, liftN } = forcesWrittenOut(body, low, semiTight);
        const fall = steadyFall(body, medium, semiTight);
        expect(fall.pathMps / low).toBeCloseTo(1, 6);
        expect(fall.speedMps).toBeCloseTo(low * Math.cos(Math.atan2(liftN, dragN)), 6);
      }),
    );
  });
  test('a rig without weight in the water hangs still, a lighter one too', () => {
    const body = rigBody(jig());
    const neutral = { ...body, massKg: body.volumeM3 * medium.densityKgM3 };
    expect(steadyFall(neutral, medium)).toMatchObject({ speedMps: 0, driftMps: 0 });
    expect(secondsToBottom(neutral, medium, steadyFall(neutral, medium), 2)).toBeNull();
    expect(fallBandMps(neutral, medium, steadyFall(neutral, medium))).toEqual([0, 0]);
    expect(speed(heavier(neutral, -0.001))).toBe(0);
  });
  test('more of the weight on the line never falls faster', () => {
    fc.assert(
      fc.property(anyRig, fc.double({ min: 0, max: 0.55, noNaN: true }), (rig, share) => {
        const body = rigBody(rig);
        expect(steadyFall(body, medium, share + 0.05).pathMps).toBeLessThan(steadyFall(body, medium, share).pathMps);
      }),
    );
  });
  test('deeper takes longer, and in deep water by depth over speed', () => {
    const body = rigBody(jig());
    const fall = steadyFall(body, medium);
    const seconds = (depthM: number): number => secondsToBottom(body, medium, fall, depthM)!;
    expect(seconds(2)).toBeGreaterThan(seconds(1));
    expect(seconds(20) - seconds(10)).toBeCloseTo(10 / fall.speedMps, 6);
    expect(seconds(1)).toBeGreaterThan(1 / fall.speedMps);
  });
  test('the launch agrees with stepping quadratic drag through time', () => {
    const body = rigBody(jig());
    const fall = steadyFall(body, medium);
    const pathM = 0.4 / Math.cos(fall.glideRad);
    const closed = secondsToBottom(body, medium, fall, 0.4)!;
    // acceleration at rest from two depths so short that drag does not count
    const early = secondsToBottom(body, medium, fall, 1e-6)!;
    const startMps2 = (2 * (1e-6 / Math.cos(fall.glideRad))) / early ** 2;
    let [speedNow, way, time] = [0, 0, 0];
    for (const dt = 1e-5; way < pathM; time += dt) {
      speedNow += dt * startMps2 * (1 - (speedNow / fall.pathMps) ** 2);
      way += dt * speedNow;
    }
    expect(Math.abs(time / closed - 1)).toBeLessThan(0.01);
  });
});

describe('bands', () => {
  test('a bigger unknown makes a wider band: a trailer adds to it', () => {
    const width = (rig: ReturnType<typeof jig>): number => {
      const body = rigBody(rig);
      const [low, high] = fallBandMps(body, medium, steadyFall(body, medium));
      return Math.log(high / low);
    };
    expect(width(jig({ trailer: 'flapper-craw' }))).toBeGreaterThan(width(jig({ trailer: null, strands: 0 })));
  });
});

describe('fishes like', () => {
  test('a plain chunk jig fishes like itself', () => {
    for (const oz of [1 / 8, 1 / 4, 3 / 8, 1]) {
      const rig = jig({ oz });
      expect(fishesLikeOz(rig, medium, speed(rigBody(rig)))).toBeCloseTo(oz, 4);
    }
  });
  test('its band holds it, is wide for claws, and is none between two chunks', () => {
    for (const rig of [jig({ trailer: 'flapper-craw' }), jig({ trailer: null, oz: 0.2 })]) {
      const like = fishesLikeOz(rig, medium, speed(rigBody(rig)))!;
      const [low, high] = fishesLikeBandOz(rig, medium)!;
      expect(low).toBeLessThan(like);
      expect(high).toBeGreaterThan(like);
      expect(high / low).toBeLessThan(6);
    }
    expect(fishesLikeBandOz(jig(), medium)).toBeNull();
  });
  test('the band of the drift is wider than that of the speed: lift is known less', () => {
    const body = rigBody(jig({ trailer: 'flat-bug' }));
    const fall = steadyFall(body, medium);
    const [slow, fast] = fallBandMps(body, medium, fall);
    const [little, much] = driftBandMps(body, medium, fall);
    expect(much / little).toBeGreaterThan(fast / slow);
    expect(little).toBeLessThan(fall.driftMps);
  });
  test('outside every head there is no answer, not a guess', () => {
    expect(fishesLikeOz(jig(), medium, 0.0001)).toBeNull();
    expect(fishesLikeOz(jig(), medium, 50)).toBeNull();
  });
  test('a report refuses a share on the line outside 0 to 0.6', () => {
    expect(() => fallReport(jig(), mediumAt(15), 0.7)).toThrow(RangeError);
    expect(() => fallReport(jig(), mediumAt(15), -0.1)).toThrow(RangeError);
  });
});

/** Drag and lift of a falling rig, N, straight from the equations. */
function forcesWrittenOut(body: RigBody, pathMps: number, semiTight: number): { dragN: number; liftN: number } {
  const gamma = fallAngleRad(body, medium, semiTight);
  const [c, s] = [Math.cos(gamma), Math.sin(gamma)];
  const skirt = body.skirt ? skirtDragAreaM2(body.skirt, pathMps, medium.densityKgM3, medium.kinematicM2ps) : 0;
  const [along, across] = [body.trailerAxialM2, body.trailerNormalM2];
  const pressurePa = 0.5 * medium.densityKgM3 * pathMps ** 2;
  const drag =
    (body.head.axialM2 + body.wire.alongM2) * c ** 2 +
    (body.head.broadsideM2 + body.wire.acrossM2) * s ** 2 +
    skirt * (0.4 + 0.6 * c ** 2 + 0.2 * s ** 2) +
    FALL_PUSH_SHARE * body.pushM2 +
    along * c ** 3 +
    across * s ** 3;
  return { dragN: pressurePa * drag, liftN: pressurePa * (across * s ** 2 * c - along * c ** 2 * s) };
}
