import { prepareRetrieve } from '../hold/retrieve-report';
import { steadyFall } from '../motion/fall';
import { awakeAt, onsetOfMps } from '../motion/kick';
import { levelDepthM } from '../motion/level';
import { mediumOf } from '../motion/medium';
import type { RetrievePlan } from '../motion/plan';
import { tailBeatHz } from '../motion/tail';
import { bladeTurnsHz, plateBeatHz } from '../motion/vanes';
import { rigBody } from '../rig/body/body';
import { STYLE_WEIGHTS_OZ } from '../rig/parts/catalogue';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';

/** A line of a chart: what it is of, and its points; null where there is none. SI. */
export interface Curve<Of> {
  readonly of: Of;
  readonly isOwn: boolean;
  readonly points: readonly (readonly [x: number, y: number | null])[];
}

/** Speeds a sweep goes over, m/s. */
const SPEEDS_MPS = Array.from({ length: 12 }, (_, at) => 0.2 + 0.12 * at);
/** Most weights that stand side by side. */
const MOST_WEIGHTS = 5;
/** A lure within this of the bottom lies there, m. */
const DEEPEST_M = 40;

/** The rig's own weight and those poured next to it. */
export function weightsAround(rig: Rig): readonly number[] {
  const all = [...new Set([...STYLE_WEIGHTS_OZ[rig.head.style], rig.head.weightOz])].sort((a, b) => a - b);
  const own = all.indexOf(rig.head.weightOz);
  const from = Math.max(0, Math.min(all.length - MOST_WEIGHTS, own - Math.floor(MOST_WEIGHTS / 2)));
  return all.slice(from, from + MOST_WEIGHTS);
}

const weighing = (rig: Rig, weightOz: number): Rig => ({ ...rig, head: { ...rig.head, weightOz } });

/** Depth held half way back against reel speed, a curve for each weight; the bottom ends it. */
export function depthAgainstSpeed(rig: Rig, plan: RetrievePlan, water: Water): readonly Curve<number>[] {
  return weightsAround(rig).map((weightOz) => {
    const { lure, line, ground } = prepareRetrieve(weighing(rig, weightOz), plan, water);
    const halfM = plan.castM / 2;
    const bottomM = Math.min(DEEPEST_M, ground.depthAt(halfM));
    return {
      of: weightOz,
      isOwn: weightOz === rig.head.weightOz,
      points: SPEEDS_MPS.map(
        (mPerS) => [mPerS, Math.min(bottomM, levelDepthM(lure, line, halfM, mPerS, bottomM))] as const,
      ),
    };
  });
}

/** Fall against weight, a curve for each of some rigs: their trailers and cuts side by side. */
export function fallAgainstWeight(rigs: readonly Rig[], water: Water): readonly Curve<number>[] {
  const medium = mediumOf(water);
  return rigs.map((rig, at) => ({
    of: at,
    isOwn: at === 0,
    points: STYLE_WEIGHTS_OZ[rig.head.style].map(
      (weightOz) => [weightOz, steadyFall(rigBody(weighing(rig, weightOz)), medium).speedMps] as const,
    ),
  }));
}

export const WORKS = ['kick', 'beat', 'turns'] as const;
/** What works on a rig against speed: the share of its kick, beats of tail or plate, turns of its blades. */
export type Works = (typeof WORKS)[number];

export function worksAgainstSpeed(rig: Rig, water: Water): readonly Curve<Works>[] {
  const body = rigBody(rig);
  const { densityKgM3 } = mediumOf(water);
  const onset = onsetOfMps(rig.trailer, water.temperatureC);
  const curve = (of: Works, at: (mPerS: number) => number | null): Curve<Works> => ({
    of,
    isOwn: true,
    points: SPEEDS_MPS.map((mPerS) => [mPerS, at(mPerS)] as const),
  });
  const found: Curve<Works>[] = [];
  if (onset !== null) found.push(curve('kick', (mPerS) => awakeAt(onset, mPerS)));
  const { frame, trailer } = body;
  const first = frame?.vanes[0];
  if (frame?.kind === 'spinner' && first)
    found.push(curve('turns', (mPerS) => bladeTurnsHz(first, mPerS, densityKgM3)));
  if (frame?.kind === 'vibrating' && first)
    found.push(curve('beat', (mPerS) => plateBeatHz(first, mPerS, densityKgM3)));
  else if (trailer && onset !== null) found.push(curve('beat', (mPerS) => tailBeatHz(trailer, onset, mPerS)));
  return found;
}
