import { prepareRetrieve } from '../../hold/retrieve-report';
import { towedAreas, type Lure, type TowedAreas } from '../../motion/towed';
import { GRAVITY_MPS2 } from '../../units/units';
import { DEFAULT_WATER } from '../../water/schema';
import { jig, steadyPlan } from '../fixtures/rigs';
import { cableDepthM } from './cable';
import { MEMORY, whiteCd, type Compared } from './comparison';

/** Pull of a lure in even flow and the angle it has there: its forces along and across the line as the towed model has them. */
function heldLure(lure: Lure, flowMps: number): { readonly pullN: number; readonly angleRad: number } {
  const half = 0.5 * lure.medium.densityKgM3 * flowMps ** 2;
  let [low, high] = [0.01, Math.PI / 2];
  const areasAt = (rad: number): TowedAreas => towedAreas(lure, flowMps * Math.cos(rad));
  for (let round = 0; round < 60; round++) {
    const rad = (low + high) / 2;
    const { alongM2, acrossM2, submergedN } = areasAt(rad);
    const [s, c] = [Math.sin(rad), Math.cos(rad)];
    if (submergedN * c > half * (acrossM2 * s * s + alongM2 * s * c)) low = rad;
    else high = rad;
  }
  const { alongM2, submergedN } = areasAt(low);
  return { pullN: submergedN * Math.sin(low) + half * alongM2 * Math.cos(low) ** 2, angleRad: low };
}

/** A rig held on a line of fixed length by a drifting boat, against the equations of a towed cable with the same lure. */
export function cablesCompared(): Compared[] {
  const water = { ...DEFAULT_WATER, temperatureC: 20, depthM: 40 };
  const rig = jig({ style: 'swim', trailer: 'straight-minnow' });
  return ([0.1, 0.2, 0.3, 0.5] as const).map((driftMps): Compared => {
    const line = { kind: 'braid' as const, lb: 30 };
    const steps = [
      { do: 'countdown' as const, s: 2 },
      { do: 'pause' as const, s: 300 },
    ];
    const prepared = prepareRetrieve(rig, { ...steadyPlan(0.5, 2, { line }), castM: 15, driftMps, steps }, water);
    const { medium } = prepared.lure;
    const [, xM, ours] = prepared.run().path.at(-1)!;
    const { tipM, diameterM, densityKgM3 } = prepared.line;
    const pressurePa = 0.5 * medium.densityKgM3 * driftMps ** 2;
    const dragNpM = pressurePa * whiteCd((driftMps * diameterM) / medium.kinematicM2ps) * diameterM;
    const weightNpM = GRAVITY_MPS2 * (Math.PI / 4) * diameterM ** 2 * (densityKgM3 - medium.densityKgM3);
    const { pullN, angleRad } = heldLure(prepared.lure, driftMps);
    return {
      of: `depth on ${Math.hypot(xM, ours + tipM).toFixed(0)} m of 30 lb braid behind a boat that drifts at ${driftMps} m/s`,
      ...{ unit: 'm', ours, within: 0.06 },
      theirs: cableDepthM({ pullN, angleRad, dragNpM, weightNpM }, Math.hypot(xM, ours + tipM), tipM),
      source: `a towed cable step by step (\`core/testing/independent/cable.ts\`), itself against Pode 1951, ${MEMORY}`,
    };
  });
}
