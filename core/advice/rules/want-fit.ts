import { WANT_SCALES } from '../../water/intent';
import { AT_LEAST, type WantId } from './rule';
import type { Want } from './wants';
import { IN_HAND_REACHES, LEAST_WEIGHT, LOST_OUTSIDE, MIDDLE_BONUS, WANT_WEIGHTS } from './weights';

/**
 * How well a number answers a want: 1 in the middle of its band, a little less at the edges, falling off outside. Prepared
 * once a want, since it is asked for every rig.
 * @returns 0 to 1
 */
export function fitter(want: Want): (value: number) => number {
  const { scale } = WANT_WEIGHTS[want.id];
  const reach = WANT_WEIGHTS[want.id].reach * (want.inHand === undefined ? 1 : IN_HAND_REACHES);
  const place = (value: number): number => (scale === 'ratio' ? Math.log(Math.max(value, 1e-9)) : value);
  const [from, to] = [place(want.from), place(want.to)];
  const half = (to - from) / 2;
  const middle = (from + to) / 2;
  const outside = 1 - LOST_OUTSIDE / Math.max(LEAST_WEIGHT, want.weight);
  const beyond = (off: number): number => outside * (1 - MIDDLE_BONUS) * Math.exp(-(((off - half) / reach) ** 2));
  const isInside = insideOf(want);
  if (AT_LEAST.has(want.id)) {
    return (value) =>
      isInside(value)
        ? 1 - MIDDLE_BONUS * Math.min(1, Math.max(0, want.to - value))
        : beyond(Math.abs(place(value) - middle));
  }
  return (value) => {
    const off = Math.abs(place(value) - middle);
    return isInside(value) ? 1 - MIDDLE_BONUS * (half > 0 ? Math.min(1, off / half) : 0) : beyond(Math.max(off, half));
  };
}

/** Whether numbers lie in a band as people read it; where so much or more is asked, nothing is too much. */
function insideOf({ id, from, to }: Want): (value: number) => boolean {
  const { grain } = WANT_SCALES[id];
  const [least, most] = [from - grain, AT_LEAST.has(id) ? Infinity : to + grain];
  return (value) => value >= least && value <= most;
}

/** Whether a number lies in the band of a want, as people read it. */
export const meets = (want: Want, value: number): boolean => insideOf(want)(value);

/** How well one number answers a want, 0 to 1. */
export const fit = (want: Want, value: number): number => fitter(want)(value);

/** Where a fit is best: the middle of the band on its own scale, or the top where so much or more is asked. */
export function bestValue({ id, from, to }: Want): number {
  if (AT_LEAST.has(id)) return to;
  return WANT_WEIGHTS[id].scale === 'ratio' ? Math.sqrt(from * to) : (from + to) / 2;
}

/** How many wants numbers meet; a question that does not apply to a rig is none it answers. */
export const bandsMet = (wants: readonly Want[], has: Readonly<Record<WantId, number>>): number =>
  wants.filter((want) => Number.isFinite(has[want.id]) && meets(want, has[want.id])).length;
