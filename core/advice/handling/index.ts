import { planSchema, type RetrievePlan } from '../../motion/plan';
import { wagMatch } from '../../motion/tail';
import { rigBody } from '../../rig/body';
import type { Rig } from '../../rig/schema';
import type { SchoolRef } from '../../water/schema';
import { COMPARED } from '../reeled';
import { schoolSpeaks } from '../schools';
import type { CompiledWater } from '../wants';
import { FITTING_RULES } from './fittings';
import { CHOICES, SEVERAL, type Choice, type HandlingRule, type Held, type TrailerHook } from './handling-rule';
import { RETRIEVE_RULES } from './retrieves';

export { CHOICES, type Choice, type HandlingRule, type TrailerHook } from './handling-rule';
export type HandlingId = (typeof FITTING_RULES)[number]['id'] | (typeof RETRIEVE_RULES)[number]['id'];

export const HANDLING_RULES: readonly (HandlingRule & { readonly id: HandlingId })[] = [
  ...FITTING_RULES,
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
  /** the second hook to put on; null for none */
  readonly trailerHook: TrailerHook | null;
}

const heldOf = (compiled: CompiledWater, rig: Rig): Held => {
  const body = rigBody(rig);
  return {
    w: compiled.facts,
    rig,
    schools: compiled.schools,
    match: wagMatch(rig.trailer?.kind ?? null, body.trailer, body.head.massKg).verdict,
    paceMps: compiled.facts.reel?.paceMps ?? null,
  };
};

/** Height of a rod tip nobody spoke about, m. @source craft-practice */
const TIP_M = 1;

/** What to cut, to fit and to do with a rig on a water, in the order in which it is done. */
export function handle(compiled: CompiledWater, rig: Rig): Handled {
  const held = heldOf(compiled, rig);
  const speaking = HANDLING_RULES.filter((rule) => schoolSpeaks(compiled.schools, rule.school) && rule.when(held));
  const chosen = CHOICES.flatMap((choice) => {
    const rows = speaking.filter((rule) => rule.choice === choice);
    return SEVERAL.has(choice) ? rows : rows.slice(0, 1);
  });
  const of = (choice: Choice): HandlingRule | undefined => chosen.find((rule) => rule.choice === choice);
  const { water } = compiled.facts;
  const plan: RetrievePlan = {
    castM: COMPARED.castM,
    tipHeightM: of('rod-angle')?.tipM ?? TIP_M,
    line: COMPARED.line,
    bottom: [[0, water.depthM]],
    steps: of('retrieve')!.steps!(held),
  };
  return {
    steps: chosen.map(({ choice, id, school }) => ({ choice, rule: id, school: school ?? null })),
    plan: planSchema.parse(plan),
    trailerHook: of('trailer-hook')?.hook ?? null,
  };
}
