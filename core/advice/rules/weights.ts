import type { WantId } from './rule';

/**
 * How much each want counts, and how far outside its band a rig still earns something.
 * `scale`: `ratio` measures distance by logarithm, `step` by difference; at one `reach` outside, exp(-1) is left.
 * @source adr-0006
 */
export const WANT_WEIGHTS: Readonly<
  Record<WantId, { readonly weight: number; readonly scale: 'ratio' | 'step'; readonly reach: number }>
> = {
  fall: { weight: 3, scale: 'ratio', reach: Math.log(1.3) },
  weight: { weight: 3, scale: 'ratio', reach: Math.log(1.45) },
  push: { weight: 2, scale: 'step', reach: 16 },
  show: { weight: 2, scale: 'step', reach: 0.25 },
  length: { weight: 1.5, scale: 'ratio', reach: Math.log(1.3) },
  ratio: { weight: 1, scale: 'step', reach: 0.06 },
  snag: { weight: 3, scale: 'step', reach: 0.15 },
  run: { weight: 3, scale: 'step', reach: 0.3 },
  hold: { weight: 1, scale: 'ratio', reach: Math.log(1.35) },
  window: { weight: 1, scale: 'ratio', reach: Math.log(1.35) },
  kick: { weight: 1, scale: 'ratio', reach: Math.log(1.35) },
};

/** How many times as much a want counts that the angler took in hand: more than what the water asks against it. @source adr-0022 */
export const IN_HAND_COUNTS = 4;
/** How many times as far outside its band it still tells rigs apart: where nothing comes near, the nearest leads. @source adr-0022 */
export const IN_HAND_REACHES = 2;

/** Inside its band a rig in the middle is worth a little more than one at the edge, so that ties fall sensibly. @source adr-0006 */
export const MIDDLE_BONUS = 0.06;

/**
 * Points a rig loses where it leaves a band, whatever the want weighs: a band that is shown is a band that counts. Wants that weigh less than the
 * least lose as much of themselves.
 * @source adr-0036
 */
export const LOST_OUTSIDE = 0.4;
export const LEAST_WEIGHT = 1;
