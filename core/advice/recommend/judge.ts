import { emptyBox } from '../../rig/parts/box';
import type { Rig } from '../../rig/parts/schema';
import { rigBody } from '../../rig/body/body';
import { onsetOfMps } from '../../motion/kick';
import type { FallReport } from '../../motion/report';
import type { Family, Water } from '../../water/schema';
import { attributeValues, isAimedAt } from '../candidates/attributes';
import type { Has } from '../measures/rig-measures';
import { familiesSuit } from '../rules/family-suits';
import { fieldOf, type Field } from '../search/per-family';
import type { FaultId } from '../checks';
import type { Handled } from '../handling';
import { judgedWhole, oneWant, type JudgedWhole } from '../ready/make-ready';
import { reeledBands, type ReeledBands } from '../measures/retrieve-measures';
import { fits } from '../search/score';
import { meets } from '../rules/want-fit';
import { numbersIn } from './other-schools';
import type { SchoolAnswers } from '../conditions/schools';
import type { Angler } from '../conditions/angler';
import type { Fitted } from '../conditions/own-gear';
import { YOUR_LOG, type LogSaid } from '../conditions/own-log';
import { familiesOf, type Reel } from '../conditions/water-facts';
import type { CompiledWater, Want } from '../rules/wants';
import { endsTimes, scoreEnds, scoreOff, type ScoreEnds } from './score-off';
import { rawPartsOf, scaledScore, scorePartsOf, type ScorePart, type WaterBest } from './score-parts';
import { waterBest } from './water-best';

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

/** What is known of one rig on a water, however it came about: a pick without its place in a list. */
export interface Judged {
  /** as it will be fished: cut, hung and fitted; every number is of this */
  readonly rig: Rig;
  /** share of what the best rig of every kind and size reaches on this water, 0 to 1 */
  readonly score: number;
  /** what the score is the sum of */
  readonly scoreParts: readonly ScorePart[];
  /** how far the score may be off, since its numbers may */
  readonly off: number;
  /** what it gains or loses at the ends of the band of each number */
  readonly ends: ScoreEnds;
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
}

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

/** A rig that comes from no box is judged in the field of an empty one. */
const NO_BOX = emptyBox();

/**
 * Judges rigs of one water; what the water asks of each family is compiled once.
 * @param best  the scale of scores; left out, it is looked for
 */
export function judgeOn(
  water: Water,
  own: Angler | null = null,
  best: WaterBest = waterBest(water),
): (rig: Rig) => Judged {
  const fields = new Map<Family, Field>();
  return (rig) => {
    const field = fields.get(rig.family) ?? fieldWithoutBox(water, rig.family, own);
    fields.set(rig.family, field);
    return judgedIn(field, best, rig, judgedWhole(field.compiled, rig));
  };
}
function fieldWithoutBox(water: Water, of: Family, own: Angler | null): Field {
  const families = familiesOf(water).includes(of) ? familiesOf(water) : [...familiesOf(water), of];
  const suits = familiesSuit(water, families).find(({ family }) => family === of)!;
  return fieldOf(water, NO_BOX, suits, undefined, own);
}

/**
 * Judges one rig that need not come from a box: one that was cut, turned or cured.
 * @param rig   checked
 * @param best  the scale of its score; left out, what every kind there is reaches on this water
 */
export const judgeRig = (water: Water, rig: Rig, own: Angler | null = null, best?: WaterBest): Judged =>
  judgeOn(water, own, best)(rig);

/** Everything known of one rig in its field. */
export function judgedIn(field: Field, best: WaterBest, rig: Rig, judged: JudgedWhole): Judged {
  const { has, handled, faults, reel, gear, logged } = judged;
  const { fall } = numbersIn(field, rig);
  const bands = bandsIn(field, rig, reel);
  const ends = endsTimes(field.worth / best.raw, scoreEnds(field.compiled, has, { ...bands, fall: fall.bandMps }));
  return {
    rig,
    score: scaledScore(field.worth * judged.score, best),
    scoreParts: scorePartsOf(rawPartsOf(field.compiled, field.worth, rig, judged), rig.family, best),
    off: scoreOff(ends),
    ends,
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
