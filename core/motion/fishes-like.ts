import { rigBody } from '../rig/body/body';
import { PLAIN_CHUNK } from '../rig/parts/plain-chunk';
import type { Rig } from '../rig/parts/schema';
import { BAND_80_SD } from '../units/band-80';
import type { Band } from './bands';
import { steadyFall } from './fall';
import type { Medium } from './medium';
import { UNIT_FACTORS, type DragFactors } from './fall-areas';

/** Range of head weights in which the equivalent is looked for, oz. */
export const FISHES_LIKE_RANGE_OZ = { from: 1 / 64, to: 8 } as const;

/**
 * "Fishes like": the head weight that, with the same head style, hook and skirt and a plain 3 in flat-rigged chunk, falls
 * as fast as this rig does.
 * @param speedMps  speed straight down of the rig, m/s, with the same share on the line
 * @param factors   unknown factors of the yardstick, for its band
 * @returns         oz, or null when no head between 1/64 and 8 oz does
 */
export function fishesLikeOz(
  rig: Rig,
  medium: Medium,
  speedMps: number,
  semiTight = 0,
  factors: DragFactors = UNIT_FACTORS,
): number | null {
  const speedAt = (weightOz: number): number => {
    const plain: Rig = { ...rig, head: { ...rig.head, weightOz }, trailer: PLAIN_CHUNK, core: null };
    return steadyFall(rigBody(plain), medium, semiTight, factors).speedMps;
  };
  let low = Math.log(FISHES_LIKE_RANGE_OZ.from);
  let high = Math.log(FISHES_LIKE_RANGE_OZ.to);
  if (speedMps < speedAt(Math.exp(low)) || speedMps > speedAt(Math.exp(high))) return null;
  for (let step = 0; step < 30; step++) {
    const middle = (low + high) / 2;
    if (speedAt(Math.exp(middle)) < speedMps) low = middle;
    else high = middle;
  }
  return Math.exp((low + high) / 2);
}

/**
 * 80 % band of "fishes like". Head and skirt are the same on both sides and cancel; what is unknown is the trailer against
 * the yardstick's. Two chunks share their unknown, so there is no band between them.
 * @returns oz, or null when either end has no such head, or when both trailers are chunks
 * @source adr-0005
 */
export function fishesLikeBandOz(rig: Rig, medium: Medium, semiTight = 0): Band | null {
  if (rig.trailer?.kind === PLAIN_CHUNK.kind) return null;
  const body = rigBody(rig);
  const reach = Math.exp(BAND_80_SD * Math.sqrt(body.known.covariance.trailer.trailer));
  const endOz = (trailer: number): number | null => {
    const factors: DragFactors = { ...UNIT_FACTORS, trailer };
    // without a trailer of its own it is the yardstick's that is unknown, the other way round
    return rig.trailer
      ? fishesLikeOz(rig, medium, steadyFall(body, medium, semiTight, factors).speedMps, semiTight)
      : fishesLikeOz(rig, medium, steadyFall(body, medium, semiTight).speedMps, semiTight, {
          ...factors,
          trailer: 1 / trailer,
        });
  };
  const [low, high] = [endOz(reach), endOz(1 / reach)];
  return low === null || high === null ? null : [low, high];
}
