import type { Box } from '../../rig/parts/box';
import { factorsMark } from '../../rig/body/known-factors';
import type { Family } from '../../water/schema';
import { candidateClasses, type CandidateClasses, type SharedTrailers, type SpaceFor } from './candidate-classes';
import { variantsOf, type Variants } from './variants';

/** The rigs of one family of a box in classes of like parts, and which of them are variants of each other. */
export interface LaidOut {
  readonly space: CandidateClasses;
  readonly kin: Variants;
}

interface OfBox {
  /** bodies are of the factors they were put together with */
  readonly factors: unknown;
  readonly trailers: SharedTrailers;
  readonly spaces: Map<string, LaidOut>;
}

/** Layouts kept for one box: every family, with and without what a place may forbid. */
const KEPT = 12;
const known = new WeakMap<Box, OfBox>();

/**
 * Lays out what a box allows one family, or gives what was laid out before: most waters ask the same of a box.
 * @param box  never changed once it was asked of: a changed box is another one
 */
export function laidOutFor(box: Box, family: Family, wanted: SpaceFor): LaidOut {
  const factors = factorsMark();
  let of = known.get(box);
  if (!of || of.factors !== factors) {
    of = { factors, trailers: new Map(), spaces: new Map() };
    known.set(box, of);
  }
  const key = JSON.stringify([family, wanted]);
  const before = of.spaces.get(key);
  if (before) return before;
  if (of.spaces.size >= KEPT) of.spaces.clear();
  const space = candidateClasses(box, [family], wanted, of.trailers);
  const made = { space, kin: variantsOf(space) };
  of.spaces.set(key, made);
  return made;
}
