import type { Family } from '../../water/schema';
import type { WantId } from './rule';

/** How a band that is told of jigs is told of another family: stretched about 0, and moved. */
interface Scale {
  readonly times: number;
  readonly plus: number;
}

/**
 * What a want asks of each family, so that its band tells the good from the bad among what that family can do: blades and plates move more water and are
 * seen further than any jig and come through less; a swim jig holds its depth at a slower pace. From what the catalogue of each family has (middle
 * four fifths) on seeded waters.
 * @source adr-0036
 */
const SCALES: Readonly<Partial<Record<WantId, Partial<Record<Family, Scale>>>>> = {
  push: { vibrating: { times: 0.45, plus: 44 }, spinner: { times: 0.45, plus: 48 } },
  show: { vibrating: { times: 0.55, plus: 0.24 }, spinner: { times: 0.45, plus: 0.5 } },
  snag: { vibrating: { times: 0.88, plus: 0 }, spinner: { times: 0.65, plus: 0 } },
  hold: {
    skirted: { times: 0.5, plus: 0.2 },
    vibrating: { times: 0.6, plus: 0.25 },
    spinner: { times: 0.6, plus: 0.35 },
  },
};

/** An end of a band on the scale of a family. */
export function onFamilyScale(want: WantId, family: Family, value: number): number {
  const scale = SCALES[want]?.[family];
  return scale ? scale.times * value + scale.plus : value;
}
