import { rigBody } from '../rig/body/body';
import { PLAIN_CHUNK } from '../rig/parts/plain-chunk';
import type { Rig } from '../rig/parts/schema';
import type { Band } from './bands';
import { steadyFall } from './fall';
import type { Medium } from './medium';
import { pairBands, type Compared } from './pair-bands';
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
  const [slowest, fastest] = [speedAt(FISHES_LIKE_RANGE_OZ.from), speedAt(FISHES_LIKE_RANGE_OZ.to)];
  if (speedMps < slowest || speedMps > fastest) return null;
  // speed goes with a power of the weight that hardly changes: false position on logarithms, with the bracket halved where it would not close
  const offAt = (mps: number): number => Math.log(Math.max(mps, 1e-9) / speedMps);
  let [offLow, offHigh] = [offAt(slowest), offAt(fastest)];
  let at = low;
  for (let step = 0; step < STEPS && high - low > CLOSE; step++) {
    const share = offHigh === offLow ? 0.5 : -offLow / (offHigh - offLow);
    at = step % 3 === 2 ? (low + high) / 2 : low + share * (high - low);
    const off = offAt(speedAt(Math.exp(at)));
    if (Math.abs(off) < CLOSE) return Math.exp(at);
    if (off < 0) [low, offLow] = [at, off];
    else [high, offHigh] = [at, off];
  }
  return Math.exp(at);
}
/** How closely a weight is found, as a share, and in how many steps at most. */
const CLOSE = 1e-6;
const STEPS = 60;

/**
 * 80 % band of "fishes like": head and skirt are the same on both sides, so that what is unknown of them nearly cancels; a trailer of another kind
 * and the yardstick's are each off in their own way.
 * @returns oz; null when either rig of a nudge has no such head, or when the rig is the yardstick itself
 * @source adr-0037
 */
export function fishesLikeBandOz(rig: Rig, medium: Medium, semiTight = 0): Band | null {
  const body = rigBody(rig);
  const plastic = rig.trailer ?? null;
  const plain: Compared = { body: rigBody({ ...rig, trailer: PLAIN_CHUNK, core: null }), plastic: PLAIN_CHUNK };
  const { of: band } = pairBands({ body, plastic }, plain, [], (own, yardstick) => {
    const like = fishesLikeOz(rig, medium, steadyFall(body, medium, semiTight, own).speedMps, semiTight, yardstick);
    return { of: like === null ? null : Math.log(like) };
  });
  if (band === null || band[1] - band[0] < SAME) return null;
  return [Math.exp(band[0]), Math.exp(band[1])];
}
/** A band narrower than this, as a share, is none. */
const SAME = 1e-6;
