import type { Angler } from '../conditions/angler';
import { holds } from '../conditions/condition';
import { schoolShare, schoolSpeaks, type SchoolAnswers } from '../conditions/schools';
import type { WaterFacts } from '../conditions/water-facts';
import { FAMILIES, type Family, type SchoolRef, type Water } from '../../water/schema';
import { PREFER_RULES } from '.';
import { compileAsked, sayOf, speaksOn, topicsFor, type AskedOfRigs, type Spoken } from './asked';
import { leadingFamily } from './family-suits';
import { isMistake, MISTAKE_RULES } from './mistakes';
import type { PreferRule, SpokenRule, Target } from './rule';

export { IN_HAND, wantOf, type Want } from './asked';

/** A water compiled once: what it asks, and the rules that speak about rigs here. */
export interface CompiledWater extends AskedOfRigs {
  readonly prefers: readonly SpokenRule[];
  /** what the angler fishes with; null where every rig gets what its rules ask */
  readonly own: Angler | null;
}

/** How far a rule for or against rigs speaks here, 0 to 1. */
function prefersBy(rule: PreferRule, facts: WaterFacts, schools: SchoolAnswers): number {
  // a fault is there or it is not: check and search go by the same yes or no
  if (isMistake(rule.id)) return schoolShare(schools, rule.school) > 0 && holds(rule.when, facts) ? 1 : 0;
  return sayOf(rule, facts, schools);
}

/**
 * Turns a water into wants and the rules that speak about rigs of one family on it.
 * @param water   checked; a school chosen in it overrides what the water itself would decide
 * @param family  whose rigs are asked about; left out, the one this water speaks for
 * @param own     what the angler fishes with; null where every rig gets what its rules ask
 */
export function compileWater(
  water: Water,
  family: Family = leadingFamily(water),
  own: Angler | null = null,
): CompiledWater {
  const asked = compileAsked(water, family);
  const { schools } = asked;
  // what a rule for rigs asks of the water does not depend on how it is reeled there
  const facts: WaterFacts = { ...asked.facts, reel: null };
  return {
    ...asked,
    prefers: withoutBlamed(
      prefersFor(family).flatMap((rule): SpokenRule[] => {
        const say = prefersBy(rule, facts, schools);
        return say > 0 ? [{ ...rule, weight: say * rule.weight, holds: speaksOn(rule, facts, schools) }] : [];
      }),
    ),
    own,
  };
}

/** The rules for and against rigs that are meant for a family. */
const prefersFor = (family: Family): readonly PreferRule[] => [
  ...PREFER_RULES.filter(({ target }) => target.family?.includes(family)),
  ...MISTAKE_RULES.filter(({ target }) => target.family === undefined || target.family.includes(family)),
];

type Values = readonly unknown[];
/** The axes of a mistake's target, its family left out. */
const axesOf = ({ target }: SpokenRule): [keyof Target, Values][] =>
  Object.entries(target).filter(([axis]) => axis !== 'family') as [keyof Target, Values][];

/** A rule in favour of rigs, narrowed so that it praises nothing a mistake rule penalises; null where nothing is left of it. */
function narrowed(praise: SpokenRule, blame: SpokenRule): SpokenRule | null {
  const axes = axesOf(blame);
  const asked = (axis: keyof Target): Values | undefined => praise.target[axis] as Values | undefined;
  const within = axes.every(([axis, values]) => asked(axis)?.every((value) => values.includes(value)));
  if (within) return null;
  const [only, ...more] = axes;
  if (!only || more.length > 0) return praise;
  const [axis, values] = only;
  const left = asked(axis)?.filter((value) => !values.includes(value));
  return left === undefined ? praise : { ...praise, target: { ...praise.target, [axis]: left } };
}

/** Rules in favour of rigs with everything removed that a mistake rule of this water penalises. */
function withoutBlamed(prefers: readonly SpokenRule[]): SpokenRule[] {
  const blames = prefers.filter(({ id }) => isMistake(id));
  if (blames.length === 0) return [...prefers];
  return prefers.flatMap((rule): SpokenRule[] => {
    if (rule.weight <= 0) return [rule];
    let left: SpokenRule | null = rule;
    for (const blame of blames) left = left && narrowed(left, blame);
    return left === null ? [] : [left];
  });
}

const everyRule = (family: Family): readonly Spoken[] => [
  ...topicsFor(family).flatMap(({ bands, shifts }) => [...bands, ...shifts]),
  ...prefersFor(family),
];

/** Schools that have a rule for this water, by whether the answers given now let them speak. */
function schoolsHere({ facts, schools }: CompiledWater, speaking: boolean): SchoolRef[] {
  const found = everyRule(facts.family).flatMap(({ school, when }) =>
    school !== undefined && schoolSpeaks(schools, school) === speaking && holds(when, facts) ? [school] : [],
  );
  return [...new Set(found)];
}
export const speakingSchools = (compiled: CompiledWater): SchoolRef[] => schoolsHere(compiled, true);
export const silencedSchools = (compiled: CompiledWater): SchoolRef[] => schoolsHere(compiled, false);

/** Schools some rule of ours follows: their questions count as settings. */
export const LIVE_SCHOOLS: readonly SchoolRef[] = [
  ...new Set(FAMILIES.flatMap(everyRule).flatMap(({ school }) => (school === undefined ? [] : [school]))),
];
