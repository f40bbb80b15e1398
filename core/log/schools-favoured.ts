import { pointsOf } from '../advice/cuts/rate';
import { measureRig } from '../advice/measures/rig-measures';
import { compileWater, LIVE_SCHOOLS, type CompiledWater } from '../advice/rules/wants';
import { bestPossible, rulesOn } from '../advice/search/score';
import { mediumOf } from '../motion/medium';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { SCHOOL_QUESTIONS, SCHOOLS, type SchoolQuestion, type Water } from '../water/schema';
import { waterClass } from '../water/water-class';
import { rigKey, schoolOf } from './groups';
import { compared, sumsOf, type Comparison } from './rates';
import type { Spell } from './spells';

/** One school of a question against the others, by the hours a rig was tied as it would. */
export interface Favoured {
  readonly question: SchoolQuestion;
  readonly school: string;
  readonly over: string;
  readonly hours: readonly [number, number];
  readonly bites: readonly [number, number];
  readonly comparison: Comparison;
}

/** A school claims a rig that answers it better than it answers the others by so much, share of all there is. @source adr-0032 */
const CLAIMS = 0.02;
/** Hours on each side below which nothing is said. */
const LEAST_HOURS = 2;
/** Waters that are looked at, those fished longest first. */
const MOST_WATERS = 120;

/** What makes one water like another for the rules. */
function likeWater(water: Water): string {
  const { bottom, cover, aim, mood, season, schools } = water;
  return JSON.stringify([waterClass(water), bottom, cover.map(({ kind }) => kind), aim, mood, season, schools]);
}

const pointsOn = (compiled: CompiledWater, rig: Rig): number => {
  const has = measureRig(rig, rigBody(rig), mediumOf(compiled.facts.water), compiled.facts);
  return pointsOf(compiled, has, rulesOn(compiled, rig)) / bestPossible(compiled);
};

/** Questions some rule of ours follows a school on. */
const QUESTIONS = SCHOOL_QUESTIONS.filter((question) => LIVE_SCHOOLS.some((ref) => ref.startsWith(`${question}:`)));

/** The school that claims a rig on a water, by question; where none does, the question is left out. */
function claimsOn(water: Water, spells: readonly Spell[]): Map<SchoolQuestion, Map<string, string>> {
  const claims = new Map<SchoolQuestion, Map<string, string>>();
  const families = [...new Set(spells.map(({ rig }) => rig.family))];
  for (const question of QUESTIONS) {
    const by = new Map<string, string>();
    claims.set(question, by);
    for (const family of families) {
      const rigs = new Map(spells.flatMap(({ rig }) => (rig.family === family ? [[rigKey(rig), rig] as const] : [])));
      if (question === 'weight') {
        for (const [key, rig] of rigs) by.set(key, schoolOf({ rig, water }));
        continue;
      }
      const bySchool = SCHOOLS[question].map((school) => ({
        school: school as string,
        compiled: compileWater({ ...water, schools: { ...water.schools, [question]: school } }, family),
      }));
      for (const [key, rig] of rigs) {
        const [first, second] = bySchool
          .map(({ school, compiled }) => ({ school, points: pointsOn(compiled, rig) }))
          .sort((a, b) => b.points - a.points);
        if (first && second && first.points - second.points > CLAIMS) by.set(key, first.school);
      }
    }
  }
  return claims;
}

/**
 * Which schools a log favours: of every question its rigs divide over, the school with more bites against the rest, like with like, in steps.
 * @yields share of the work done, 0 to 1
 */
export function* schoolsFavoured(spells: readonly Spell[]): Generator<number, readonly Favoured[]> {
  const waters = new Map<string, { readonly water: Water; readonly of: Spell[]; hours: number }>();
  for (const spell of spells) {
    if (!spell.water || spell.hours <= 0) continue;
    const like = likeWater(spell.water);
    const found = waters.get(like) ?? { water: spell.water, of: [], hours: 0 };
    waters.set(like, found);
    found.of.push(spell);
    found.hours += spell.hours;
  }
  const looked = [...waters.values()].sort((a, b) => b.hours - a.hours).slice(0, MOST_WATERS);
  const sides = new Map<SchoolQuestion, Map<string, Spell[]>>();
  for (const [at, { water, of }] of looked.entries()) {
    for (const [question, claims] of claimsOn(water, of)) {
      const by = sides.get(question) ?? new Map<string, Spell[]>();
      sides.set(question, by);
      for (const spell of of) {
        const school = claims.get(rigKey(spell.rig));
        if (school === undefined || !SCHOOLS[question].some((one) => one === school)) continue;
        by.set(school, [...(by.get(school) ?? []), spell]);
      }
    }
    yield (at + 1) / looked.length;
  }
  return [...sides]
    .flatMap(([question, by]): Favoured[] => {
      const named = [...by].map(([school, own]) => ({ school, own, sums: sumsOf(own) }));
      const enough = named.filter(({ sums }) => sums.hours >= LEAST_HOURS);
      const [best, next] = enough.sort((a, b) => b.sums.bites / b.sums.hours - a.sums.bites / a.sums.hours);
      if (!best || !next) return [];
      return [
        {
          question,
          school: best.school,
          over: next.school,
          hours: [best.sums.hours, next.sums.hours],
          bites: [best.sums.bites, next.sums.bites],
          comparison: compared(best.own, next.own),
        },
      ];
    })
    .sort((a, b) => (b.comparison.chance ?? 0) - (a.comparison.chance ?? 0));
}
