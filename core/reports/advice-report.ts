import type { UnitSystem } from '../units/display';
import { WANT_SCALES, wantToFile } from '../water/intent';
import type { Rig } from '../rig/parts/schema';
import { contradictions } from '../water/contradictions';
import type { Water } from '../water/schema';
import type { RetrievePlan } from '../motion/plan';
import { rigFaults } from '../wording/rig-faults';
import type { TippingPoint, TippingField } from '../advice/recommend/tipping-points';
import { CONTRADICTION_TEXT } from '../locale/en/contradictions';
import { HANDLING_TEXT } from '../locale/en/handling';
import { NOT_A_JIG_TEXT } from '../locale/en/not-a-jig';
import { adviceWarnings, pickSentence, reasonText, ruleText, wantBecause } from '../wording/reasons';
import { inUnits } from '../units/in-text';
import { dissentText } from '../wording/dissent';
import type { Has } from '../advice/measures/rig-measures';
import type { Advice } from '../advice/recommend/advise';
import type { ScorePart } from '../advice/recommend/score-parts';
import { WANT_IDS, type WantId } from '../advice/rules/rule';

/** What was not asked of a rig is left out. */
const hasAsWritten = (has: Has): Partial<Record<WantId, number>> =>
  Object.fromEntries(WANT_IDS.filter((id) => Number.isFinite(has[id])).map((id) => [id, wantToFile(id, has[id])]));

/** An answer in the shape of files and the command line. */
export interface AdviceReport {
  readonly wants: readonly {
    readonly id: WantId;
    readonly unit: string;
    readonly from: number;
    readonly to: number;
    readonly weight: number;
    readonly because: string;
  }[];
  readonly picks: readonly {
    readonly rank: number;
    readonly rig: Rig;
    readonly score: number;
    readonly scoreParts: readonly ScorePart[];
    readonly sentence: string;
    readonly has: Readonly<Partial<Record<WantId, number>>>;
    readonly why: readonly {
      readonly rule: string;
      readonly says: string;
      readonly weight: number;
      readonly for: boolean;
    }[];
    readonly dissent: readonly {
      readonly question: string;
      readonly school: string;
      readonly rig: Rig;
      readonly because: string;
    }[];
    readonly flips: readonly { readonly field: TippingField; readonly at: number | string; readonly to: Rig }[] | null;
    readonly handling: readonly { readonly choice: string; readonly rule: string; readonly says: string }[];
    readonly plan: RetrievePlan;
    readonly faults: readonly { readonly id: string; readonly says: string; readonly remedy: string }[];
  }[];
  readonly families: readonly {
    readonly family: string;
    readonly points: number;
    /** the best of it in the box, and its score among all families; null when none can be built */
    readonly best: { readonly rig: Rig; readonly score: number } | null;
    readonly why: readonly {
      readonly rule: string;
      readonly says: string;
      readonly weight: number;
      readonly for: boolean;
    }[];
  }[];
  readonly considered: number;
  readonly notAJig: { readonly rule: string; readonly says: string; readonly instead: string } | null;
  readonly warnings: readonly string[];
}

/** How many reasons each pick carries when nobody asked for all of them. */
const SHORT_WHY = 3;

/**
 * @param explain  with every reason, instead of the three strongest
 * @param system   units of the sentences
 * @param flips    of the first picks, in their order; the others have null
 */
export function adviceReport(
  advice: Advice,
  water: Water,
  explain: boolean,
  system: UnitSystem,
  flips: readonly (readonly TippingPoint[])[] = [],
): AdviceReport {
  return {
    wants: advice.wants.map((want) => ({
      id: want.id,
      unit: WANT_SCALES[want.id].unit,
      from: wantToFile(want.id, want.from),
      to: wantToFile(want.id, want.to),
      weight: want.weight,
      because: wantBecause(want, water, system),
    })),
    picks: advice.picks.map((pick) => ({
      rank: pick.rank,
      rig: pick.rig,
      score: pick.score,
      scoreParts: pick.scoreParts,
      sentence: pickSentence(pick, advice, water, system),
      has: hasAsWritten(pick.has),
      why: pick.reasons.slice(0, explain ? undefined : SHORT_WHY).map((reason) => ({
        rule: reason.rule,
        says: reasonText(reason, pick.has, pick.wants, water, system),
        weight: reason.weight,
        for: reason.for,
      })),
      dissent: pick.dissent.map((other) => ({
        question: other.question,
        school: other.school,
        rig: other.rig,
        because: dissentText(other, pick.rig, system),
      })),
      flips: flips[pick.rank - 1] ?? null,
      handling: pick.handled.steps.map(({ choice, rule }) => ({
        choice,
        rule,
        says: inUnits(HANDLING_TEXT[rule], system),
      })),
      plan: pick.handled.plan,
      faults: rigFaults(pick.rig, { water, plan: pick.handled.plan }, system).map(({ id, says, remedy }) => ({
        id,
        says,
        remedy,
      })),
    })),
    considered: advice.considered,
    families: advice.families.map(({ family, points, best, rules }) => ({
      family,
      points,
      best,
      why: rules.map(({ rule, weight, for: speaksFor }) => ({
        rule,
        says: ruleText(rule, water, system),
        weight,
        for: speaksFor,
      })),
    })),
    notAJig: advice.notAJig === null ? null : { rule: advice.notAJig, ...NOT_A_JIG_TEXT[advice.notAJig] },
    // a water that contradicts itself is answered all the same, but not in silence
    warnings: [
      ...contradictions(water).map((id) => inUnits(CONTRADICTION_TEXT[id], system)),
      ...adviceWarnings(advice, system),
    ],
  };
}
