import { type Box, type RigTray, emptyBox, RIG_TRAYS, usable } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { rigBody } from '../../rig/body/body';
import { onsetOfMps } from '../../motion/kick';
import type { FallReport } from '../../motion/report';
import { colourClassOf } from '../../tackle/colours';
import type { Family, Water } from '../../water/schema';
import { attributeValues, isAimedAt } from '../candidates/attributes';
import type { Has } from '../measures/rig-measures';
import { familiesSuit, type FamilySuits } from '../rules/family-suits';
import { fieldOf, fieldsOf, mergeRanked, rankFields, type Field } from '../search/per-family';
import { finalistBefore, keptFirst } from './kept';
import { finalistOf, withNeighbours, type Care, type Finalist } from './neighbours';
import { finished, scaled } from '../search/progress';
import { excludedFrom, type Excluded } from '../conditions/excluded';
import type { FaultId } from '../checks';
import type { Handled } from '../handling';
import { judgedWhole, oneWant, type JudgedWhole } from '../ready/make-ready';
import { notAJig, type NotAJigId } from '../rules/not-a-jig';
import { reeledBands, type ReeledBands } from '../measures/retrieve-measures';
import { fits, meets } from '../search/score';
import { dissentsOf, NOT_ASKED, numbersIn, type OtherTies } from './other-schools';
import type { SchoolAnswers } from '../conditions/schools';
import type { Angler } from '../conditions/angler';
import type { Fitted } from '../conditions/own-gear';
import { YOUR_LOG, type LogSaid } from '../conditions/own-log';
import { familiesOf, type Reel } from '../conditions/water-facts';
import type { WantId } from '../rules/rule';
import type { CompiledWater, Want } from '../rules/wants';
import { outOfReach, type OutOfReach } from './out-of-reach';
import { scoreOff } from './score-off';

/** One reason for or against a rig, by rule; wording is made from it later. */
export interface Reason {
  readonly rule: string;
  /** the want it speaks of, when it is about a band */
  readonly want: Want['id'] | null;
  readonly weight: number;
  readonly for: boolean;
  /** what the log counted, where it speaks */
  readonly logged?: LogSaid;
}

export interface Pick extends OtherTies {
  readonly rank: number;
  /** as it will be fished: cut, hung and fitted; every number is of this */
  readonly rig: Rig;
  /** as it comes out of the box */
  readonly base: Rig;
  readonly score: number;
  /** how far the score may be off, since its numbers may */
  readonly off: number;
  /** faults it carries all the same, of parts or retrieve */
  readonly faults: readonly FaultId[];
  readonly has: Has;
  readonly fall: FallReport;
  /** what was asked of it: every family is asked its own */
  readonly wants: readonly Want[];
  /** who answers for its family where anglers part */
  readonly schools: SchoolAnswers;
  /** how sure its running depth and hold speed are, where it is reeled */
  readonly bands: ReeledBands;
  readonly reasons: readonly Reason[];
  /** how it is cut, fitted and fished here */
  readonly handled: Handled;
  /** the angler’s own gear it goes on; null where it gets what its rules ask */
  readonly gear: Fitted | null;
  /** what the angler’s log says of it in waters like this; null where it says nothing, or is not asked */
  readonly logged: LogSaid | null;
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
  /** how closely the rigs found are cut to see; left out, as closely as for a pick */
  readonly care?: Care;
}

export const DEFAULT_TOP = 8;

/** Pairs of different heads and trailers that are compared at most, and up to how many the other schools are asked too. */
export const PAIR_LIMITS = { compared: 150_000_000, withDissent: 1_500_000 } as const;

/** Reasons for and against one rig on this water, strongest first. */
export function reasonsFor(compiled: CompiledWater, rig: Rig, has: Has, logged: LogSaid | null = null): Reason[] {
  const values = attributeValues(rig);
  const asked = fits(compiled, has).filter(({ want }) => Number.isFinite(has[want.id]));
  const fromWants = asked.map(({ want, fit }): Reason => {
    const inside = meets(want, has[want.id]);
    const weight = inside ? want.weight * fit : want.weight * (1 - fit);
    return { rule: want.rules[0]!, want: want.id, weight, for: inside };
  });
  const fromRules = compiled.prefers
    .filter(({ target, holds }) => holds && isAimedAt(target, values))
    .map(({ id, weight }): Reason => ({ rule: id, want: null, weight: Math.abs(weight), for: weight > 0 }));
  const fromLog: Reason[] =
    logged === null || logged.weight === 0
      ? []
      : [
          {
            rule: YOUR_LOG,
            want: null,
            weight: Math.abs(logged.weight) * oneWant(compiled),
            for: logged.weight > 0,
            logged,
          },
        ];
  return [...fromWants, ...fromRules, ...fromLog].sort((a, b) => b.weight - a.weight);
}

const bandsIn = ({ compiled, medium }: Field, rig: Rig, reel: Reel | null): ReeledBands => {
  const { depthM, tempC } = compiled.facts;
  if (reel === null) return {};
  return reeledBands(rigBody(rig), medium, onsetOfMps(rig.trailer, tempC), reel, depthM);
};

/** What is known of one rig on a water, however it came about: a pick without its place in a list. */
export type Judged = Omit<Pick, 'rank' | 'base' | 'alike' | keyof OtherTies>;

/** A rig that comes from no box is judged in the field of an empty one. */
const NO_BOX = emptyBox();

/** Judges rigs of one water; what the water asks of each family is compiled once. */
export function judgeOn(water: Water, own: Angler | null = null): (rig: Rig) => Judged {
  const fields = new Map<Family, Field>();
  return (rig) => {
    const field = fields.get(rig.family) ?? fieldWithoutBox(water, rig.family, own);
    fields.set(rig.family, field);
    return judgedIn(field, rig, judgedWhole(field.compiled, rig));
  };
}
function fieldWithoutBox(water: Water, of: Family, own: Angler | null): Field {
  const families = familiesOf(water).includes(of) ? familiesOf(water) : [...familiesOf(water), of];
  const suits = familiesSuit(water, families).find(({ family }) => family === of)!;
  return fieldOf(water, NO_BOX, suits, undefined, own);
}

/**
 * Judges one rig that need not come from a box: one that was cut, turned or cured.
 * @param rig  checked
 */
export const judgeRig = (water: Water, rig: Rig, own: Angler | null = null): Judged => judgeOn(water, own)(rig);

/** Everything known of one rig in its field. */
function judgedIn(field: Field, rig: Rig, { has, handled, faults, reel, score, gear, logged }: JudgedWhole): Judged {
  const { fall } = numbersIn(field, rig);
  const bands = bandsIn(field, rig, reel);
  return {
    rig,
    score: field.worth * score,
    off: field.worth * scoreOff(field.compiled, has, { ...bands, fall: fall.bandMps }),
    has,
    fall,
    faults,
    wants: field.compiled.wants,
    schools: field.compiled.schools,
    bands,
    handled,
    gear,
    logged,
    reasons: reasonsFor(field.compiled, rig, has, logged),
  };
}

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
  { asks = 'all-schools', tell, before = null, own = null, care }: Asked = {},
): Generator<number, Advice> {
  const fields = fieldsOf(water, box, [], own);
  const pairs = fields.reduce((sum, field) => sum + field.pairs, 0);
  const tooMany = pairs > PAIR_LIMITS.compared;
  const ranked = tooMany ? [] : yield* scaled(rankFields(fields, top + SPARE), 0, RANKING_SHARE);
  const adviceOf = (
    { finalists: best, isKept }: ReturnType<typeof keptFirst>,
    missed: readonly OutOfReach[],
    families: FamilyVerdict[],
  ): Advice => {
    const leading = best[0]?.field ?? fields[0]!;
    return {
      wants: leading.compiled.wants,
      schools: leading.compiled.schools,
      families,
      picks: best.map(({ field, found, ready }, at): Pick => ({
        rank: at + 1,
        base: ready.base,
        ...judgedIn(field, ready.rig, ready),
        ...NOT_ASKED,
        alike: field.kin.count(found.head, found.trailer) - 1,
      })),
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
  const verdictsOf = (best: readonly Finalist[]): FamilyVerdict[] =>
    fields.map((field): FamilyVerdict => {
      const own = best.find((one) => one.field === field);
      return { ...field.suits, best: own ? { rig: own.ready.rig, score: own.score } : null };
    });

  const scoredOf = ({ field, ready }: Finalist): Judged => judgedIn(field, ready.rig, ready);
  const last = before && !tooMany ? finalistBefore(fields, before) : null;
  const finalists: Finalist[] = [];
  for (const one of mergeRanked(ranked, top + SPARE)) {
    finalists.push(finalistOf(one, care));
    if (finalists.length === 1) {
      const { finalists: shown, isKept } = keptFirst(finalists, last, scoredOf);
      tell?.({ first: adviceOf({ finalists: shown.slice(0, 1), isKept }, [], verdictsOf(finalists)) });
    }
    yield RANKING_SHARE;
  }
  // made ready they may change places; of equals the one that was found first
  const ready = yield* scaled(withNeighbours(finalists, care), RANKING_SHARE, RANKING_SHARE);
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
    return found ? [finalistOf({ field, found }, care)] : [];
  });
  const advice = adviceOf({ finalists: best, isKept }, missed, verdictsOf([...all, ...besides]));
  if (asks === 'own-school' || pairs > PAIR_LIMITS.withDissent) return advice;
  tell?.({ whole: advice });
  const others = yield* scaled(dissentsOf(water, best), RANKING_SHARE, 1);
  return { ...advice, picks: advice.picks.map((pick, at) => ({ ...pick, ...others[at]! })) };
}

/** Rigs made ready beyond those shown, since cutting can change their order. */
const SPARE = 4;
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
