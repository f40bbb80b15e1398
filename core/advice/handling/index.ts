import { holds } from '../conditions/condition';
import { workingWindow } from '../../hold/working-window';
import { mediumOf } from '../../motion/medium';
import { onsetOfMps } from '../../motion/kick';
import { castOf, PLAN_LIMITS, planSchema, withItsCast, type RetrievePlan } from '../../motion/plan';
import { wagMatch } from '../../motion/tail';
import { holdSpeedMps, levelDepthM } from '../../motion/level';
import { lureOf, towlineOf, type Lure, type Towline } from '../../motion/towed';
import type { WaterFacts } from '../conditions/water-facts';
import { rigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import type { SchoolRef } from '../../water/schema';
import { COMPARED } from '../measures/retrieve-measures';
import { COLD_PACE, isReeled } from '../measures/working-speed';
import { schoolSpeaks } from '../conditions/schools';
import type { CompiledWater } from '../rules/wants';
import { FITTING_RULES } from './fittings';
import { TACKLE_RULES } from './tackle';
import { CHOICES, SEVERAL, type Choice, type HandlingRule, type Held, type TrailerHook } from './handling-rule';
import { RETRIEVE_RULES } from './retrieves';

export { CHOICES, type Choice, type HandlingRule, type RodAsked, type TrailerHook } from './handling-rule';
export type HandlingId = (typeof FITTING_RULES | typeof TACKLE_RULES | typeof RETRIEVE_RULES)[number]['id'];

export const HANDLING_RULES: readonly (HandlingRule & { readonly id: HandlingId })[] = [
  ...FITTING_RULES,
  ...TACKLE_RULES,
  ...RETRIEVE_RULES,
];

/** One thing to do with a chosen rig, by rule. */
export interface Handling {
  readonly choice: Choice;
  readonly rule: HandlingId;
  /** the school it follows, where anglers part on it */
  readonly school: SchoolRef | null;
}

/** How a rig is finished and fished on a water. */
export interface Handled {
  readonly steps: readonly Handling[];
  /** the retrieve as a programme that can be computed */
  readonly plan: RetrievePlan;
  /** the line its rules ask, where it is fished on another */
  readonly askedLine?: RetrievePlan['line'];
  /** the trailer hook to put on; null for none */
  readonly trailerHook: TrailerHook | null;
}

/** A rig on its water, as rules of handling see it. */
export const heldOf = (compiled: CompiledWater, rig: Rig): Held => {
  const body = rigBody(rig);
  return {
    w: compiled.facts,
    rig,
    schools: compiled.schools,
    match: wagMatch(rig.trailer?.kind ?? null, body.trailer, body.head.massKg).verdict,
    paceMps: compiled.facts.reel?.paceMps ?? null,
  };
};

/** Room kept from the ends of the speeds at which a rig works. @source adr-0006 */
const ROOM = 0.9;

/** How far a pace may be bent so that a rig runs where it is wanted. @source adr-0006 */
const PACE_BENDS = { from: 0.6, to: 1.5 } as const;

/** By how much faster or slower than the pace of this water it has to be reeled to run in the middle of the wanted band. */
function paceFactor(lure: Lure, line: Towline, plan: RetrievePlan, { reel, water, depthM }: WaterFacts): number {
  if (reel === null || water.band === undefined) return 1;
  const half = plan.castM / 2;
  const runsM = levelDepthM(lure, line, half, reel.paceMps, depthM);
  if (runsM >= water.band.fromM && runsM <= water.band.toM) return 1;
  const wanted = holdSpeedMps(lure, line, half, reel.depthM);
  return wanted === null ? 1 : Math.min(PACE_BENDS.to, Math.max(PACE_BENDS.from, wanted / reel.paceMps));
}

/** A programme reeled no faster and no slower than this rig works on its line: under the surface, alive, its plastic in place. */
function withinReach(plan: RetrievePlan, { rig, w }: Held): RetrievePlan['steps'] {
  const lure = lureOf(rigBody(rig), mediumOf(w.water), onsetOfMps(rig.trailer, w.tempC));
  const line = towlineOf(plan.line, plan.tipHeightM);
  const { slowestMps, fastestMps } = workingWindow(rig, lure, line, plan.castM / 2);
  const least = isReeled(rig) && slowestMps !== null ? slowestMps / ROOM : 0;
  const most = fastestMps === null ? Infinity : Math.max(least, ROOM * fastestMps);
  const cold = w.belowF(COLD_PACE.tempF) ? Math.max(least, COLD_PACE.mostMps) : Infinity;
  const factor = paceFactor(lure, line, plan, w);
  const speed = (mPerS: number): number =>
    Math.min(PLAN_LIMITS.reelMps.max, Math.max(PLAN_LIMITS.reelMps.min, least, Math.min(factor * mPerS, most, cold)));
  return plan.steps.map((step) => ('mPerS' in step ? { ...step, mPerS: speed(step.mPerS) } : step));
}

/** Height of a rod tip nobody spoke about, m. @source craft-practice */
const TIP_M = 1;

/** What to cut, to fit and to do with a rig on a water, in the order in which it is done. */
export function handle(compiled: CompiledWater, rig: Rig): Handled {
  const held = heldOf(compiled, rig);
  const speaking = HANDLING_RULES.filter(
    (rule) => schoolSpeaks(compiled.schools, rule.school) && holds(rule.when, held),
  );
  const chosen = CHOICES.flatMap((choice) => {
    const rows = speaking.filter((rule) => rule.choice === choice);
    return SEVERAL.has(choice) ? rows : rows.slice(0, 1);
  });
  const of = (choice: Choice): HandlingRule | undefined => chosen.find((rule) => rule.choice === choice);
  const { water } = compiled.facts;
  const steps = of('retrieve')!.steps!(held);
  const plan: RetrievePlan = {
    castM: castOf({ castM: COMPARED.castM, steps }),
    tipHeightM: of('rod-angle')?.tipM ?? TIP_M,
    line: of('line')?.line ?? COMPARED.line,
    bottom: [[0, water.depthM]],
    steps,
  };
  plan.steps = withinReach(plan, held);
  return {
    steps: chosen.map(({ choice, id, school }) => ({ choice, rule: id, school: school ?? null })),
    plan: planSchema.parse(withItsCast(plan)),
    trailerHook: of('trailer-hook')?.hook ?? null,
  };
}
