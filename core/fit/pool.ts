import type { Box } from '../rig/parts/box';
import { catalogueFor } from '../rig/parts/catalogue';
import type { Rig } from '../rig/parts/schema';
import { leadAllowed, type Family } from '../water/schema';
import { attributeValues, isAimedAt } from '../advice/candidates/attributes';
import { faultPoints } from '../advice/checks';
import { makeReady } from '../advice/ready/make-ready';
import { isMistake } from '../advice/rules/mistakes';
import { finished } from '../advice/search/progress';
import { fieldsOf, mergeRanked, rankFields, rigAt, type Field, type Ranked } from '../advice/search/per-family';
import { fits } from '../advice/search/score';
import { isLike, isLikeAny, type CraftCase, type Pattern } from './cases';

/** What is asked of the rigs of a family on the water of a case: the weights that are fitted, as they are today. */
export interface PoolField {
  readonly family: Family;
  /** what a share of the best possible is worth beside other families */
  readonly worth: number;
  readonly wants: readonly (readonly [id: string, weight: number])[];
  readonly rules: readonly (readonly [id: string, weight: number])[];
}
/** A rig made ready on the water of a case. */
export interface PoolRig {
  readonly field: number;
  /** rigs alike in head and kind of trailer: one of them is shown */
  readonly kin: string;
  /** how well it answers each want of its field, 0 to 1 */
  readonly fits: readonly number[];
  /** which of its field's rules speak of it */
  readonly rules: readonly number[];
  /** points its faults take, those of its parts among them */
  readonly faults: number;
  readonly isFirst: boolean;
  readonly isAmong: boolean;
  readonly isNever: boolean;
}
/** A case with the rigs that contend for it. */
export interface CasePool {
  readonly id: string;
  readonly practice: string;
  readonly firmness: number;
  /** what it asks for */
  readonly asks: { readonly first: boolean; readonly among: boolean; readonly never: boolean };
  readonly fields: readonly PoolField[];
  readonly rigs: readonly PoolRig[];
}

/** Rigs of the whole box that are made ready, and of those parts alone that a pattern allows. */
const OF_BOX = 26;
const OF_PATTERN = 4;

const HEAD = [
  'family',
  'style',
  'finesse',
  'nose',
  'oz',
  'wire',
  'hookSize',
  'plate',
  'link',
  'blades',
  'bladeCount',
  'bladeFinish',
] as const;
const PLASTIC = ['trailer', 'trailerColour', 'softness'] as const;

/** The best rigs that are like a pattern, as far as parts tell before they are cut. */
function likePattern(fields: readonly Field[], pattern: Pattern): Ranked[] {
  const found = fields
    .filter(({ suits }) => pattern.family === undefined || pattern.family === suits.family)
    .flatMap((field): Ranked[] => {
      const { space } = field;
      const skirtOf = (head: number): number => space.skirtSets[space.heads[head]!.skirtSet]!.classes[0]!;
      const heads = space.heads.map((_, head) =>
        isLike(pattern, rigAt(field, { head, skirt: skirtOf(head), trailer: 0 }), HEAD),
      );
      const trailers = space.trailers.map((_, trailer) =>
        isLike(pattern, rigAt(field, { head: 0, skirt: skirtOf(0), trailer }), PLASTIC),
      );
      const group = {
        ...field,
        kin: {
          ...field.kin,
          of: (head: number, trailer: number) => (heads[head] && trailers[trailer] ? field.kin.of(head, trailer) : -1),
        },
      };
      return mergeRanked(finished(rankFields([group], OF_PATTERN)), OF_PATTERN).map((one) => ({ ...one, field }));
    });
  return found.sort((a, b) => b.score - a.score).slice(0, OF_PATTERN);
}

/** The rigs that contend for a case, made ready: the best of its box, and the best of each of its patterns. */
export function poolOf(one: CraftCase): CasePool {
  const { water, first, among, never } = one;
  const box: Box = one.box ?? catalogueFor({ lead: leadAllowed(water.localRules) });
  const fields = fieldsOf(water, box);
  const ranked = [
    ...mergeRanked(finished(rankFields(fields, OF_BOX)), OF_BOX),
    ...[...first, ...among, ...never].flatMap((pattern) => likePattern(fields, pattern)),
  ];
  const seen = new Set<string>();
  const rigs = ranked.flatMap(({ field, found }): PoolRig[] => {
    const { rig, has, faults } = makeReady(field.compiled, rigAt(field, found), 'in-turn');
    const name = JSON.stringify(rig);
    if (seen.has(name)) return [];
    seen.add(name);
    const { rules, blamed } = rulesOf(field, rig);
    return [
      {
        field: fields.indexOf(field),
        kin: `${field.suits.family} ${field.kin.of(found.head, found.trailer)}`,
        fits: fits(field.compiled, has).map(({ fit }) => fit),
        rules,
        faults: faultPoints(faults.filter((id) => !isMistake(id))) - blamed,
        isFirst: isLikeAny(first, rig),
        isAmong: isLikeAny(among, rig),
        isNever: isLikeAny(never, rig),
      },
    ];
  });
  return {
    id: one.id,
    practice: one.practice,
    firmness: one.firmness,
    asks: { first: first.length > 0, among: among.length > 0, never: never.length > 0 },
    fields: fields.map(({ suits, worth, compiled }) => ({
      family: suits.family,
      worth,
      wants: compiled.wants.map(({ id, weight }) => [id, weight] as const),
      rules: fitted(compiled.prefers).map(({ id, weight }) => [id, weight] as const),
    })),
    rigs,
  };
}

const fitted = <R extends { readonly id: string }>(rules: readonly R[]): readonly R[] =>
  rules.filter(({ id }) => !isMistake(id));

/** Rules that speak of a rig, by their places, and the points of those that say what is wrong with its parts, which are not fitted. */
function rulesOf({ compiled }: Field, rig: Rig): { readonly rules: readonly number[]; readonly blamed: number } {
  const values = attributeValues(rig);
  return {
    rules: fitted(compiled.prefers).flatMap(({ target }, at) => (isAimedAt(target, values) ? [at] : [])),
    blamed: compiled.prefers
      .filter(({ id, target }) => isMistake(id) && isAimedAt(target, values))
      .reduce((sum, { weight }) => sum + weight, 0),
  };
}
