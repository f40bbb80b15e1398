import { type Box, type RigTray, RIG_TRAYS, usable } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { colourClassOf } from '../../tackle/colours';
import type { Water } from '../../water/schema';
import type { FamilySuits } from '../rules/family-suits';
import { fieldsOf, mergeRanked, rankFields } from '../search/per-family';
import { judgedIn, type Judged } from './judge';
import { finalistBefore, keptFirst } from './kept';
import { GIVEN_UP, mostBandsFirst } from './most-bands';
import { bestOfEach, FINALISTS, finalistOf, withNeighbours, PICK_CARE, type Finalist } from './neighbours';
import { PAIR_LIMITS } from '../search/pair-limits';
import { finished, scaled } from '../search/progress';
import { excludedFrom, type Excluded } from '../conditions/excluded';
import { notAJig, type NotAJigId } from '../rules/not-a-jig';
import { dissentsOf, NOT_ASKED, type OtherTies } from './other-schools';
import type { SchoolAnswers } from '../conditions/schools';
import type { Angler } from '../conditions/angler';
import { higherFirst } from '../search/score';
import type { WantId } from '../rules/rule';
import type { Want } from '../rules/wants';
import { outOfReach, type OutOfReach } from './out-of-reach';
import { scaledScore, UNSCALED, type WaterBest } from './score-parts';
import { heedWaterBest, knownWaterBest } from './known-best';
import { bestAmong, isEveryKind, waterBestInSteps } from './water-best';

/** A rig of an answer, in its place. */
export interface Pick extends Judged, OtherTies {
  readonly rank: number;
  /** as it comes out of the box */
  readonly base: Rig;
  /** further rigs with the same head and trailer kind that differ in weight, size, skirt or colour */
  readonly alike: number;
}

/** How a family suits a water, and the best rig of it that the box allows. */
export interface FamilyVerdict extends FamilySuits {
  readonly best: { readonly rig: Rig; readonly score: number } | null;
}

/** Everything a water and a box give; SI, no words. */
export interface Advice {
  /** what is asked of the family that leads, and who answers for it */
  readonly wants: readonly Want[];
  readonly schools: SchoolAnswers;
  /** the families in question, the one that suits this water best first */
  readonly families: readonly FamilyVerdict[];
  readonly picks: readonly Pick[];
  /** the best of every kind and size there is on this water, of which scores are shares; null while it is looked for: scores say nothing until then */
  readonly best: WaterBest | null;
  /** the first pick is the one of the answer before: another scores more, by less than the numbers can tell */
  readonly isKept: boolean;
  readonly considered: number;
  /** trays without which rigs lack a part */
  readonly missing: readonly RigTray[];
  /** the rule by which something else than a jig, a plate or blades is the answer; null where one of them is */
  readonly notAJig: NotAJigId | null;
  /** what the rules of this place keep out of the box, by how many parts */
  readonly forbidden: readonly Excluded[];
  /** colours of the box that are no words of ours: they count as natural */
  readonly unknownColours: readonly string[];
  /** what the angler took in hand and is not asked of the family that leads */
  readonly unheeded: readonly WantId[];
  /** what the angler took in hand and no rig of this box gives, with the nearest */
  readonly outOfReach: readonly OutOfReach[];
  /** so many different heads and trailers that they were not compared; 0 when they were */
  readonly tooManyPairs: number;
}

/**
 * Partial answers while ranking goes on: first the leading rig as soon as one is ready (others may still overtake it), then the answer
 * without other schools.
 */
export type Told = { readonly first: Advice } | { readonly whole: Advice };

/** What an answer may be told, and whom it tells. */
export interface Asked {
  /** whether the other schools are asked too; without them a pick has no dissent */
  readonly asks?: 'all-schools' | 'own-school';
  /** hears the first rig as soon as one is ready, and the whole answer before the other schools are asked */
  readonly tell?: (told: Told) => void;
  /** the first rig of the answer before, as it came out of the box: it stays first where the numbers cannot tell it from the best */
  readonly before?: Rig | null;
  /** what the angler fishes with, and what the log has to say; left out, every rig gets what its rules ask */
  readonly own?: Angler | null;
  /** the scale of scores; left out, the best of every kind there is is looked for */
  readonly scale?: WaterBest;
}

export const DEFAULT_TOP = 8;

/**
 * Ranks every rig a box allows on a water, in steps, so that a caller can show progress or give up. Each family is judged by its
 * own wants and rules; side by side its scores count by how well the family suits the water.
 * @param water  checked
 * @param box    checked; parts that are used up, torn, rusty or not allowed at this place are left out
 * @param top    how many picks to return, 1 or more
 * @yields       share of the work done, 0 to 1
 * @returns      picks with reasons and what other schools would tie; an empty list and what is missing when nothing can be built
 */
export function* adviseInSteps(
  water: Water,
  box: Box,
  top: number = DEFAULT_TOP,
  { asks = 'all-schools', tell, before = null, own = null, scale: given }: Asked = {},
): Generator<number, Advice> {
  const fields = fieldsOf(water, box, [], own);
  const pairs = fields.reduce((sum, field) => sum + field.pairs, 0);
  const tooMany = pairs > PAIR_LIMITS.compared;
  const looked = Math.max(FINALISTS, top);
  const ranked = tooMany ? [] : yield* scaled(rankFields(fields, looked), 0, RANKING_SHARE);
  const adviceOf = (
    { finalists: best, isKept }: ReturnType<typeof keptFirst>,
    missed: readonly OutOfReach[],
    families: FamilyVerdict[],
    scale: WaterBest | null,
  ): Advice => {
    const leading = best[0]?.field ?? fields[0]!;
    return {
      wants: leading.compiled.wants,
      schools: leading.compiled.schools,
      families,
      picks: best.map(({ field, found, ready }, at): Pick => ({
        rank: at + 1,
        base: ready.base,
        ...judgedIn(field, scale ?? UNSCALED, ready.rig, ready),
        ...NOT_ASKED,
        alike: field.kin.count(found.head, found.trailer) - 1,
      })),
      best: scale,
      isKept,
      considered: fields.reduce((sum, { space }) => sum + space.considered, 0),
      missing: RIG_TRAYS.filter((tray) => !box[tray].some(usable) && !dressed(tray, box)),
      notAJig: notAJig(water, leading.suits.family),
      forbidden: excludedFrom(water, box),
      unknownColours: unknownColours(box),
      unheeded: leading.compiled.unheeded,
      outOfReach: missed,
      tooManyPairs: tooMany ? pairs : 0,
    };
  };
  /** the best of each family, as far as they are made ready */
  const verdictsOf = (best: readonly Finalist[], scale: WaterBest | null): FamilyVerdict[] =>
    fields.map((field): FamilyVerdict => {
      const own = best.find((one) => one.field === field);
      const score = own && scaledScore(own.score, scale ?? UNSCALED);
      return { ...field.suits, best: own ? { rig: own.ready.rig, score: score! } : null };
    });

  const scoredOf = ({ field, ready }: Finalist): Judged => judgedIn(field, UNSCALED, ready.rig, ready);
  const last = before && !tooMany ? finalistBefore(fields, before) : null;
  const finalists: Finalist[] = [];
  for (const one of mergeRanked(ranked, looked)) {
    // the first is told at once, and so cut as closely as what is told
    finalists.push(finalistOf(one, finalists.length === 0 ? 'closely' : 'in-turn'));
    if (finalists.length === 1) {
      const { finalists: shown, isKept } = keptFirst(finalists, last, scoredOf);
      const scale = given ?? knownWaterBest(water);
      tell?.({ first: adviceOf({ finalists: shown.slice(0, 1), isKept }, [], verdictsOf(finalists, scale), scale) });
    }
    yield RANKING_SHARE;
  }
  // made ready they may change places; of equals the one that was found first
  const compared = yield* scaled(withNeighbours(finalists, PICK_CARE), RANKING_SHARE, RANKING_SHARE);
  const ready = mostBandsFirst(yield* scaled(cutClosely(compared, top, finalists[0]), RANKING_SHARE, RANKING_SHARE));
  const { finalists: all, isKept } = keptFirst(ready, last, scoredOf);
  const best = all.slice(0, top);
  const leading = best[0]?.field ?? fields[0]!;
  const ofLeading = best.filter(({ field }) => field === leading);
  const missed = yield* scaled(
    outOfReach(
      leading,
      ofLeading.map(({ ready }) => ready.has),
    ),
    1,
    1,
  );
  // a family without a place among them still has a best rig
  const unseen = fields.filter((field) => all.every((one) => one.field !== field));
  const besides = unseen.flatMap((field) => {
    const found = ranked.find((row) => row.field === field)?.found[0];
    return found ? [finalistOf({ field, found }, 'closely')] : [];
  });
  const found = [...all, ...besides];
  if (own === null && found.length > 0 && isEveryKind(water, box)) {
    heedWaterBest(water, bestAmong(bestOfEach(found)));
  }
  const scale = given ?? (yield* scaled(waterBestInSteps(water), RANKING_SHARE, RANKING_SHARE));
  const advice = adviceOf({ finalists: best, isKept }, missed, verdictsOf(found, scale), scale);
  if (asks === 'own-school' || pairs > PAIR_LIMITS.withDissent) return advice;
  tell?.({ whole: advice });
  const others = yield* scaled(dissentsOf(water, best), RANKING_SHARE, 1);
  return { ...advice, picks: advice.picks.map((pick, at) => ({ ...pick, ...others[at]! })) };
}

/**
 * Cuts closely what is told, and what is near enough to the first to take its place: however few are told, the first is the same.
 * @param done  the one that is cut closely already
 * @yields  after each rig
 */
function* cutClosely(
  compared: readonly Finalist[],
  top: number,
  done: Finalist | undefined,
): Generator<number, Finalist[]> {
  const near = (compared[0]?.score ?? 0) * (1 - GIVEN_UP) - CUTS_LIFT;
  const closely: Finalist[] = [];
  for (const [at, one] of compared.entries()) {
    closely.push(one !== done && (at < top || one.score >= near) ? finalistOf(one, 'closely') : one);
    yield 0;
  }
  return closely.sort(higherFirst);
}
/** What cuts looked for in combination lift a score by above cuts taken in turn, for 99 rigs of 100. @source adr-0036 */
const CUTS_LIFT = 0.016;

/** Share of the work that ranking is; asking the other schools is the rest. */
const RANKING_SHARE = 0.7;

/** The same at one go. */
export function advise(water: Water, box: Box, top: number = DEFAULT_TOP, asked: Asked = {}): Advice {
  return finished(adviseInSteps(water, box, top, asked));
}

/** Colours nobody knows, each once. */
function unknownColours(box: Box): string[] {
  const skirts = [...box.skirts, ...box.heads.flatMap(({ skirt }) => (skirt ? [skirt] : []))];
  const names = [...skirts, ...box.trailers].map(({ colour }) => colour);
  return [...new Set(names)].filter((name) => colourClassOf(name) === null);
}

/** Heads that came with skirts need no loose ones. */
const dressed = (tray: RigTray, box: Box): boolean => tray === 'skirts' && box.heads.some(({ skirt }) => skirt);
