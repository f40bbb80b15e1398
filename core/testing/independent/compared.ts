import { steadyFall } from '../../motion/fall';
import { mediumAt } from '../../motion/medium';
import { rigBody } from '../../rig/body/body';
import { frameBody } from '../../rig/body/frame';
import { UNIT_FACTORS } from '../../rig/body/known-factors';
import { wireAcrossM } from '../../rig/body/wire';
import { STEEL_DENSITY_KG_M3 } from '../../tackle/hooks';
import { GRAVITY_MPS2, lengthMFromMm } from '../../units/units';
import { cylinderCd } from '../../water/cylinder-and-sphere';
import { waterDensityKgM3 } from '../../water/density';
import { PUBLISHED_DENSITY, PUBLISHED_SALT_DENSITY, PUBLISHED_VISCOSITY } from '../../water/published';
import { waterViscosityPaS } from '../../water/viscosity';
import { jig, vibrating } from '../fixtures/rigs';
import { beamsCompared } from './beams';
import { cablesCompared } from './cables-compared';
import { MEMORY, whiteCd, type Compared } from './comparison';
import { linesCompared } from './lines-compared';
import { strandsCompared } from './strands-compared';

export type { Compared } from './comparison';

function waters(): Compared[] {
  return [
    ...PUBLISHED_DENSITY.map(({ tempC, value, tolerance }) => ({
      of: `density of fresh water at ${tempC} °C`,
      ...{ unit: 'kg/m³', ours: waterDensityKgM3(tempC, 0), theirs: value, within: tolerance / value },
      source: 'McCutcheon 1993',
    })),
    ...PUBLISHED_SALT_DENSITY.map(({ tempC, saltGPerKg, value, tolerance }) => ({
      of: `density at ${tempC} °C with ${saltGPerKg} g/kg of salt`,
      ...{ unit: 'kg/m³', ours: waterDensityKgM3(tempC, saltGPerKg), theirs: value, within: tolerance / value },
      source: `check values of EOS-80, ${MEMORY}`,
    })),
    ...PUBLISHED_VISCOSITY.map(({ tempC, value, tolerance }) => ({
      of: `viscosity at ${tempC} °C`,
      ...{ unit: 'mPa s', ours: 1000 * waterViscosityPaS(tempC), theirs: value, within: tolerance },
      source: 'IAPWS 2008',
    })),
  ];
}

/** Drag coefficient of a sphere by the published fits over the decades of Reynolds number. */
export function sphereCdCgw(re: number): number {
  const w = Math.log10(re);
  if (re < 260) return (24 / re) * (1 + 0.1935 * re ** 0.6305);
  if (re < 1500) return 10 ** (1.6435 - 1.1242 * w + 0.1558 * w ** 2);
  if (re < 12_000) return 10 ** (-2.4571 + 2.5558 * w - 0.9295 * w ** 2 + 0.1049 * w ** 3);
  if (re < 44_000) return 10 ** (-1.9181 + 0.637 * w - 0.0636 * w ** 2);
  return 10 ** (-4.339 + 1.5809 * w - 0.1546 * w ** 2);
}

/** A lead ball let go in still water: our whole solver with nothing on the ball, against force balance with the published coefficient. */
function balls(): Compared[] {
  const medium = mediumAt(20);
  return [1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2, 1].map((oz): Compared => {
    const body = rigBody({ ...jig({ style: 'ball', oz, trailer: null }), skirt: null, guard: null });
    const { head } = body;
    const alone = { ...body, ...{ massKg: head.massKg, volumeM3: head.volumeM3, wire: { alongM2: 0, acrossM2: 0 } } };
    const frontM2 = (Math.PI / 4) * head.widthM ** 2;
    const weightN = GRAVITY_MPS2 * (head.massKg - medium.densityKgM3 * head.volumeM3);
    let speed = 1;
    for (let round = 0; round < 40; round++) {
      const cd = sphereCdCgw((speed * head.widthM) / medium.kinematicM2ps);
      speed = Math.sqrt((2 * weightN) / (medium.densityKgM3 * cd * frontM2));
    }
    return {
      of: `fall of a bare lead ball of ${oz} oz`,
      ...{ unit: 'm/s', ours: steadyFall(alone, medium).speedMps, theirs: speed, within: 0.05 },
      source: `Clift, Grace and Weber 1978, ${MEMORY}`,
    };
  });
}

/** Rods of hook wire let go broadside: our fall with nothing but the wire, against the coefficient at the speed it ends at. */
function rods(): Compared[] {
  const medium = mediumAt(20);
  return [0.95, 1.15, 1.5].map((wireMm): Compared => {
    const [d, lengthM] = [lengthMFromMm(wireMm), 0.06];
    const volumeM3 = (Math.PI / 4) * d * d * lengthM;
    const massKg = STEEL_DENSITY_KG_M3 * volumeM3;
    const base = rigBody({ ...jig({ trailer: null, strands: 0 }), guard: null });
    const nothing = { axialM2: 0, broadsideM2: 0 };
    const broadside = { ...UNIT_FACTORS, posture: Math.exp(Math.PI / 2) };
    const body = { ...base, massKg, volumeM3, head: { ...base.head, ...nothing } };
    const wire = { alongM2: 0, acrossM2: wireAcrossM(d) * lengthM };
    const ours = steadyFall({ ...body, wire }, medium, 0, broadside).speedMps;
    let theirs = 0.3;
    for (let round = 0; round < 40; round++) {
      const cd = whiteCd((theirs * d) / medium.kinematicM2ps);
      const perM = (Math.PI / 4) * d * d * (STEEL_DENSITY_KG_M3 - medium.densityKgM3) * GRAVITY_MPS2;
      theirs = Math.sqrt((2 * perM) / (medium.densityKgM3 * cd * d));
    }
    return {
      of: `fall of a steel rod of ${wireMm} mm, broadside`,
      ...{ unit: 'm/s', ours, theirs, within: 0.05 },
      source: `White 2006, ${MEMORY}`,
    };
  });
}

const cylinders = (): Compared[] =>
  (
    [
      [20, 2.1],
      [100, 1.45],
      [1000, 1.05],
      [10_000, 1.1],
    ] as const
  ).map(([re, theirs]) => ({
    of: `drag of a cylinder across the flow at Re ${re}`,
    ...{ unit: '', ours: cylinderCd(re), theirs, within: 0.15 },
    source: `White 2006, ${MEMORY}`,
  }));

function plates(): Compared[] {
  const [plate] = frameBody(vibrating())!.vanes;
  return [
    {
      of: 'lift over drag of a plate at 50°',
      ...{ unit: '', ours: plate!.liftM2 / plate!.dragM2, theirs: 0.84, within: 0.01 },
      source: 'Hoerner 1965: the push stands square on a stalled plate',
    },
  ];
}

/** Everything there is to compare; takes some seconds. */
export const compared = (): readonly Compared[] => [
  ...waters(),
  ...balls(),
  ...rods(),
  ...cylinders(),
  ...plates(),
  ...strandsCompared(),
  ...linesCompared(),
  ...beamsCompared(),
  ...cablesCompared(),
];
