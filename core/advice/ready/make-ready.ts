import { edited } from '../cuts/cut-options';
import { LEAST_GAIN } from '../cuts/judged';
import { pointsOf, shareLeft } from '../cuts/rate';
import type { Closeness } from '../cuts/candidates';
import { bestCut } from '../cuts/solve-cuts';
import { faultIdsOf, faultsOf, type FaultId } from '../checks';
import { HANDLING_RULES, handle, heldOf, type Choice, type Handled, type Handling, type HandlingId } from '../handling';
import { measureRig, type Has } from '../measures/rig-measures';
import type { CompiledWater } from '../rules/wants';
import { bestPossible, rulesOn } from '../search/score';
import { sameJson } from '../../keeping/merge';
import { mediumOf } from '../../motion/medium';
import type { RetrievePlan } from '../../motion/plan';
import { rigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import { gearShare, type Fitted } from '../conditions/own-gear';
import { logSaid, type LogSaid } from '../conditions/own-log';
import type { Reel, WaterFacts } from '../conditions/water-facts';
import { towlineOf } from '../../motion/towed';

/** A rig judged whole, as it is: with the line and the retrieve that go with it, at the pace it is really brought back at. */
export interface JudgedWhole {
  readonly handled: Handled;
  readonly has: Has;
  /** pace, depth and line at which it is judged; null where nothing is reeled */
  readonly reel: Reel | null;
  readonly faults: readonly FaultId[];
  /** share of all that could be collected here, its faults taken off, and what the gear at hand lacks, 0 to 1 */
  readonly score: number;
  /** the angler’s own gear it is judged on; null where it gets what its rules ask */
  readonly gear: Fitted | null;
  /** what the angler’s log says of it in waters like this; null where it says nothing, or is not asked */
  readonly logged: LogSaid | null;
}

/** A rig as it will be fished: cut, hung, fitted; every number is of that. */
export interface Ready extends JudgedWhole {
  readonly rig: Rig;
  /** as it came out of the box */
  readonly base: Rig;
}

/** Most faults of a retrieve that are cured in turn. */
const CURES = 3;

/** The cuts the craft makes on such a rig whatever the numbers say, as far as the rig allows and no fault comes of them. */
function cutByCraft(compiled: CompiledWater, bare: Rig): Rig {
  const { water } = compiled.facts;
  const given = { water, facts: compiled.facts };
  const had = new Set(faultIdsOf(bare, given));
  let rig = bare;
  for (const { rule } of handle(compiled, bare).steps) {
    const edits = HANDLING_RULES.find(({ id }) => id === rule)!.edits?.(heldOf(compiled, rig)) ?? [];
    for (const [edit, value] of edits) {
      const next = edited(rig, bare, edit, value);
      if (next && faultIdsOf(next, given).every((id) => had.has(id))) rig = next;
    }
  }
  return rig;
}

/** A retrieve without the faults that changing it cures. */
function cured(rig: Rig, plan: RetrievePlan, facts: WaterFacts): RetrievePlan {
  let now = plan;
  for (let at = 0; at < CURES; at++) {
    const faults = faultsOf(rig, { water: facts.water, facts, plan: now });
    const next = faults.find(({ fixedPlan }) => fixedPlan !== null)?.fixedPlan;
    if (!next || faultIdsOf(rig, { water: facts.water, facts, plan: next }).length >= faults.length) return now;
    now = next;
  }
  return now;
}

/** Lines that are tried where the usual one would open the hook, the stoutest first. @source craft-practice */
const GENTLER_LINES: readonly RetrievePlan['line'][] = [
  { kind: 'fluorocarbon', lb: 20 },
  { kind: 'fluorocarbon', lb: 17 },
  { kind: 'fluorocarbon', lb: 15 },
];
const OF_LINE: ReadonlySet<FaultId> = new Set<FaultId>(['line-outguns-wire', 'wire-outguns-line']);

/** A retrieve on a line that its hook can stand: what outguns the wire is not prescribed. */
function onFittingLine(rig: Rig, plan: RetrievePlan, facts: WaterFacts): RetrievePlan {
  const faulty = (one: RetrievePlan): number =>
    faultIdsOf(rig, { water: facts.water, facts, plan: one }).filter((id) => OF_LINE.has(id)).length;
  if (faulty(plan) === 0) return plan;
  const line = GENTLER_LINES.find((one) => faulty({ ...plan, line: one }) === 0);
  return line ? { ...plan, line } : plan;
}

/** Speed at which a retrieve brings the lure back, m/s; null where it is not reeled. */
const paceOf = ({ steps }: RetrievePlan): number | null => {
  const speeds = steps.flatMap((step) => ('mPerS' in step ? [step.mPerS] : []));
  return speeds.length === 0 ? null : Math.max(...speeds);
};

/** What the steps of a retrieve are, whatever their speeds. */
const kindsOf = ({ steps }: RetrievePlan): string => steps.map(({ do: does }) => does).join(' ');

/**
 * Handling choices that no longer hold once the retrieve was changed to cure a fault: their sentences are dropped, since the plan itself
 * says what is done instead.
 */
const contradicted = (before: RetrievePlan, after: RetrievePlan): ReadonlySet<Choice> =>
  new Set<Choice>([
    ...(sameJson(before.line, after.line) ? [] : (['line'] as const)),
    ...(kindsOf(before) === kindsOf(after) ? [] : (['retrieve'] as const)),
    ...(before.tipHeightM === after.tipHeightM ? [] : (['rod-angle'] as const)),
  ]);

/** Lines that say a part is left whole: true as long as nobody cut it. */
const LEFT_WHOLE: Partial<Record<HandlingId, (rig: Rig) => boolean>> = {
  'leave-the-skirt-full': ({ skirt }) =>
    !skirt || (skirt.thinned === 0 && (skirt.fullMm ?? skirt.lengthMm) <= skirt.lengthMm),
  'full-length-behind-a-large-plate': ({ trailer }) => !trailer || trailer.cutNoseMm + trailer.cutTailMm === 0,
  'nose-flush-with-the-head': ({ trailer }) => trailer?.cutNoseMm === 0,
};
/** What is cut is told by the list of cuts, once. */
const isTold = ({ rule }: Handling, rig: Rig): boolean =>
  HANDLING_RULES.find(({ id }) => id === rule)!.edits === undefined && (LEFT_WHOLE[rule]?.(rig) ?? true);

/** Mean weight of a want on this water: the scale on which the log's evidence counts, at most one want. */
export const oneWant = ({ wants }: CompiledWater): number =>
  wants.reduce((sum, { weight }) => sum + weight, 0) / Math.max(1, wants.length);

/** Judges a rig as it is, on the retrieve that goes with it: what is prescribed is what is judged. */
export function judgedWhole(compiled: CompiledWater, rig: Rig): JudgedWhole {
  const plain = handle(compiled, rig);
  const asked = cured(rig, onFittingLine(rig, plain.plan, compiled.facts), compiled.facts);
  const gear = compiled.own?.gear?.(rig, { plan: asked, steps: plain.steps }, compiled.facts.water) ?? null;
  const { kind, lb } = gear?.line ?? asked.line;
  const plan = gear === null ? asked : cured(rig, { ...asked, line: { kind, lb } }, compiled.facts);
  const pace = paceOf(plan);
  const { reel } = compiled.facts;
  const line = towlineOf(plan.line, plan.tipHeightM);
  const brought: Reel | null = reel === null || pace === null ? reel : { ...reel, paceMps: pace, line };
  const facts: WaterFacts = { ...compiled.facts, reel: brought };
  const has = measureRig(rig, rigBody(rig), mediumOf(facts.water), facts);
  const faults = faultIdsOf(rig, { water: facts.water, facts: compiled.facts, plan });
  const untrue = contradicted(plain.plan, plan);
  const logged = logSaid(compiled.own?.log, facts.water, rig);
  const points = pointsOf(compiled, has, rulesOn(compiled, rig)) + (logged?.weight ?? 0) * oneWant(compiled);
  return {
    handled: {
      ...plain,
      plan,
      ...(gear === null ? {} : { askedLine: asked.line }),
      steps: plain.steps.filter((step) => !untrue.has(step.choice) && isTold(step, rig)),
    },
    has,
    reel: brought,
    faults,
    score: gearShare(gear) * Math.min(1, shareLeft(bestPossible(compiled), points, faults)),
    gear,
    logged,
  };
}

/**
 * Makes a rig ready and judges it whole: cut as the craft cuts it and as this water asks, with its trailer hook, line and retrieve.
 * @param bare       as it comes out of the box
 * @param closeness  how its cuts are looked for; left out, closely
 */
export function makeReady(compiled: CompiledWater, bare: Rig, closeness: Closeness = 'closely'): Ready {
  const asCut = (rig: Rig): Ready => {
    const { trailerHook } = handle(compiled, rig);
    const fitted: Rig = trailerHook ? { ...rig, trailerHook } : rig;
    return { rig: fitted, base: bare, ...judgedWhole(compiled, fitted) };
  };
  const byCraft = cutByCraft(compiled, bare);
  const cut = bestCut(compiled, byCraft, { base: bare, closeness });
  const solved = asCut(cut);
  if (cut === byCraft) return solved;
  // cuts are solved at the pace of the water; on the retrieve that goes with the rig they have to be worth it still
  const plain = asCut(byCraft);
  const isWorthIt = solved.score >= plain.score + LEAST_GAIN - 1e-9 || solved.faults.length < plain.faults.length;
  return isWorthIt ? solved : plain;
}
