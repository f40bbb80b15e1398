import { holds, type Condition } from '../conditions/condition';
import { PREFER_RULES, WANT_TOPICS } from '.';
import type { PreferRule, WantId } from './rule';
import { leadingFamily } from './family-suits';
import { waterFacts, type Reel, type WaterFacts } from '../conditions/water-facts';
import { WANT_WEIGHTS } from './weights';
import { schoolAnswers, schoolSpeaks, type SchoolAnswers } from '../conditions/schools';
import { FAMILIES, type Family, type SchoolRef, type Water } from '../../water/schema';

/** A band this water asks for, SI, and the rules that made it: the one that set it first, then those that moved it. */
export interface Want {
  readonly id: WantId;
  readonly from: number;
  readonly to: number;
  readonly weight: number;
  readonly rules: readonly string[];
}

function reelOf(wants: readonly Want[]): Reel | null {
  const [run, hold] = (['run', 'hold'] as const).map((id) => wants.find((want) => want.id === id));
  return run && hold ? { paceMps: (hold.from + hold.to) / 2, depthM: (run.from + run.to) / 2 } : null;
}

/** Wants a family is not asked: reeled lures are not judged by their fall, and a frame of wire has no length or depth of body. */
const NOT_ASKED_OF: Readonly<Record<Family, ReadonlySet<WantId>>> = {
  skirted: new Set(),
  vibrating: new Set<WantId>(['fall', 'weight']),
  spinner: new Set<WantId>(['fall', 'weight', 'length', 'ratio']),
};

/** A water compiled once: bands, and the rules that speak about rigs here. */
export interface CompiledWater {
  readonly facts: WaterFacts;
  readonly wants: readonly Want[];
  readonly prefers: readonly PreferRule[];
  readonly schools: SchoolAnswers;
}

/** Ends of the scales that have ends. */
const SCALE_ENDS: Partial<Record<WantId, readonly [number, number]>> = { push: [0, 100], show: [0, 1], snag: [0, 1] };

function compileWant(topic: (typeof WANT_TOPICS)[number], facts: WaterFacts, schools: SchoolAnswers): Want | null {
  const speaks = (rule: Spoken): boolean => schoolSpeaks(schools, rule.school) && holds(rule.when, facts);
  const band = topic.bands.find(speaks);
  if (!band) return null;
  const at = (end: number | ((w: WaterFacts) => number)): number => (typeof end === 'number' ? end : end(facts));
  let [from, to] = [at(band.from), at(band.to)];
  const rules = [band.id];
  for (const shift of topic.shifts.filter(speaks)) {
    from = from * (shift.times ?? 1) + (shift.plus ?? 0);
    to = to * (shift.times ?? 1) + (shift.plus ?? 0);
    rules.push(shift.id);
  }
  const ends = SCALE_ENDS[topic.want];
  if (ends) {
    const width = to - from;
    from = Math.min(Math.max(from, ends[0]), ends[1] - width / 2);
    to = Math.max(Math.min(to, ends[1]), ends[0] + width / 2);
  }
  return { id: topic.want, from, to, weight: WANT_WEIGHTS[topic.want].weight, rules };
}

/**
 * Turns a water into wants and the rules that speak about rigs of one family on it.
 * @param water   checked; a school chosen in it overrides what the water itself would decide
 * @param family  whose rigs are asked about; left out, the one this water speaks for
 */
export function compileWater(water: Water, family: Family = leadingFamily(water)): CompiledWater {
  const facts = waterFacts(water, family);
  const schools = schoolAnswers(facts);
  const { topics, prefers } = rulesFor(family);
  const wants = topics.map((topic) => compileWant(topic, facts, schools)).filter((want) => want !== null);
  return {
    facts: { ...facts, reel: reelOf(wants) },
    wants,
    prefers: prefers.filter((rule) => schoolSpeaks(schools, rule.school) && holds(rule.when, facts)),
    schools,
  };
}

/** What is asked of a family, and the rules that speak about it. */
function rulesFor(family: Family): {
  readonly topics: readonly (typeof WANT_TOPICS)[number][];
  readonly prefers: readonly PreferRule[];
} {
  return {
    topics: WANT_TOPICS.filter(({ want }) => !NOT_ASKED_OF[family].has(want)),
    prefers: PREFER_RULES.filter(({ target }) => target.family?.includes(family)),
  };
}

type Spoken = { readonly school?: SchoolRef; readonly when: Condition<WaterFacts> };
const everyRule = (family: Family): Spoken[] => {
  const { topics, prefers } = rulesFor(family);
  return [...topics.flatMap(({ bands, shifts }) => [...bands, ...shifts]), ...prefers];
};

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
