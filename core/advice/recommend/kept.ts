import { sameJson } from '../../keeping/merge';
import type { Rig } from '../../rig/parts/schema';
import { spoiling } from '../rules/severity';
import { rigAt, type Field } from '../search/per-family';
import type { Found } from '../search/best-first';
import { finalistOf, type Finalist } from './neighbours';
import { isBlurred, type Blurred } from './score-off';

const headOf = ({ family, head, blade, blades, arms, keeper, guard }: Rig): unknown => ({
  ...{ family, head, keeper, guard },
  ...(blade ? { blade } : {}),
  ...(blades ? { blades } : {}),
  ...(arms ? { arms } : {}),
});
const plasticOf = ({ trailer, core }: Pick<Rig, 'trailer' | 'core'>): unknown => ({ trailer, core });

/** Where the parts of a rig lie in a field; null where the box has not got them any more. */
function placeOf(field: Field, rig: Rig): Found | null {
  const { heads, skirts, skirtSets, trailers } = field.space;
  const at = (head: number, skirt: number, trailer: number): Rig => rigAt(field, { head, skirt, trailer });
  const firstSkirt = (head: number): number => skirtSets[heads[head]!.skirtSet]!.classes[0]!;
  const trailer = trailers.findIndex((row) => sameJson(plasticOf(row), plasticOf(rig)));
  const head = heads.findIndex((row, place) => {
    if (row.family !== rig.family || !sameJson(headOf(at(place, firstSkirt(place), 0)), headOf(rig))) return false;
    return skirtSets[row.skirtSet]!.classes.some((worn) => sameJson(skirts[worn]!.skirt, rig.skirt));
  });
  if (head === -1 || trailer === -1) return null;
  const { classes } = skirtSets[heads[head]!.skirtSet]!;
  const skirt = classes.find((worn) => sameJson(skirts[worn]!.skirt, rig.skirt))!;
  return { head, skirt, trailer, score: 0 };
}

/**
 * The first rig of the answer before, made ready for this one.
 * @param before  as it came out of the box
 * @returns       null where its family is not in question here, or the box has not got its parts any more
 */
export function finalistBefore(fields: readonly Field[], before: Rig): Finalist | null {
  const field = fields.find(({ suits }) => suits.family === before.family);
  const found = field ? placeOf(field, before) : null;
  return found ? finalistOf({ field: field!, found }, 'closely') : null;
}

/** A near tie, in scores; further apart the better one is tied, whatever its numbers may be off. @source adr-0024 */
const NEAR = 0.02;

const isKin = (a: Finalist, b: Finalist): boolean =>
  a.field === b.field &&
  a.field.kin.of(a.found.head, a.found.trailer) === b.field.kin.of(b.found.head, b.found.trailer);

/**
 * Leaves the rig of the answer before in first place as long as the numbers cannot tell it from the best: too close to call is no reason to
 * tie another.
 * @param finalists  the best first, one a kin
 */
export function keptFirst(
  finalists: readonly Finalist[],
  before: Finalist | null,
  scoredOf: (one: Finalist) => Blurred,
): { readonly finalists: readonly Finalist[]; readonly isKept: boolean } {
  const [first] = finalists;
  if (!before || !first || sameJson(first.ready.base, before.ready.base)) return { finalists, isKept: false };
  const isWorse = first.score - before.score > NEAR || spoiling(before.ready.faults) > spoiling(first.ready.faults);
  if (isWorse || !isBlurred(scoredOf(before), scoredOf(first))) return { finalists, isKept: false };
  return { finalists: [before, ...finalists.filter((one) => !isKin(one, before))], isKept: true };
}
