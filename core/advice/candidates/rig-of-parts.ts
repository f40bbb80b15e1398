import { emptyBox, familyOfHead, type Box, type HeadPart, type TrailerPart } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { candidateClasses, rigOf } from './candidate-classes';

/**
 * The rig of a head and a trailer of a box as they are usually tied: the skirt the head came with, else the first loose one; the trailer uncut and flat.
 * @param trailer  null for none
 * @returns        in the shape of files; null where either is used up, or the head is of no family
 */
export function rigOfParts(box: Pick<Box, 'skirts'>, head: HeadPart, trailer: TrailerPart | null): Rig | null {
  const family = familyOfHead(head);
  if (family === null) return null;
  const only = { ...emptyBox(), heads: [head], skirts: [...box.skirts], trailers: trailer === null ? [] : [trailer] };
  const { heads, skirts, skirtSets, trailers } = candidateClasses(only, [family]);
  const [of] = heads;
  const behind = trailers.find((one) => (one.trailer === null) === (trailer === null));
  const worn = skirts[skirtSets[of?.skirtSet ?? 0]?.classes[0] ?? 0];
  return of && worn && behind ? rigOf(of, worn, behind) : null;
}
