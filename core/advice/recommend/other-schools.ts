import { rigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import { fallReport, type FallReport } from '../../motion/report';
import type { SchoolQuestion, SchoolRef, Water } from '../../water/schema';
import { bestOnly, otherSchools, parts, rivalWeights } from './rival-search';
import { mostWithin, rigAt, type Field } from '../search/per-family';
import { paced } from '../search/progress';
import { handle } from '../handling';
import { measureRig, type Has } from '../measures/rig-measures';
import { questionOf } from '../conditions/schools';
import { better, judgeOf, mostGained, searchBest, type Found, type Judge, type Queue } from '../search/best-first';
import { compileWater } from '../rules/wants';

/** What another school would tie, and its numbers. On weight it is the best rig with a lighter, or a heavier, head. */
export interface Dissent {
  readonly question: SchoolQuestion;
  readonly school: string;
  readonly rig: Rig;
  readonly has: Has;
  readonly fall: FallReport;
}

/** Numbers of one rig on a field's wants. */
export const numbersIn = ({ compiled, medium }: Field, rig: Rig): { has: Has; fall: FallReport } => ({
  has: measureRig(rig, rigBody(rig), medium, compiled.facts),
  fall: fallReport(rig, compiled.facts.tempC, 0, compiled.facts.depthM),
});

const withSchool = (water: Water, ref: SchoolRef): Water => {
  const question = questionOf(ref);
  return { ...water, schools: { ...water.schools, [question]: ref.slice(question.length + 1) } };
};

export interface Dissenter {
  readonly ref: SchoolRef;
  readonly found: readonly Found[];
}

/** The best that rigs already found collect under another judge: what a rival has to reach at least. */
function leastOfRivals({ space, numbersOf }: Field, judge: Judge, found: readonly Found[]): number {
  const scores = found.map(({ head, skirt, trailer }) => {
    const [of, worn, hung] = [space.heads[head]!, space.skirts[skirt]!, space.trailers[trailer]!];
    const rules = judge.rules.closed(of, hung) + judge.rules.skirt(judge.rules.open(of, hung), worn, hung);
    return Math.max(0, (judge.wants.exact(numbersOf(head, skirt, trailer)) + rules) / judge.best);
  });
  return Math.max(0, ...scores);
}

/** What each other school would tie in a field whose best rigs are known. */
export function* dissentersOf(
  water: Water,
  field: Field,
  found: readonly Found[],
  queue: Queue,
): Generator<number, Dissenter[]> {
  const { space, numbersOf } = field;
  const others = otherSchools(field.compiled);
  const dissenters: Dissenter[] = [];
  for (const [at, ref] of others.entries()) {
    const compiled = compileWater(withSchool(water, ref), field.suits.family);
    const theirs: Field = { ...field, compiled, judge: judgeOf(space, compiled) };
    // their order is ours, a little looser: sorting all pairs anew for each school would take longer than the search
    const gained = mostGained(space, field.compiled, compiled);
    const lifted: Queue = { ...queue, most: (block) => queue.most(block) + gained };
    const goal =
      questionOf(ref) === 'weight'
        ? rivalWeights(space, found, ref)
        : { ...bestOnly, floor: leastOfRivals(field, theirs.judge, found) - ROUNDING, strict: true };
    const rivals = searchBest(space, theirs.judge, lifted, mostWithin(theirs), numbersOf, goal);
    dissenters.push({ ref, found: yield* paced(rivals, at / others.length, (at + 1) / others.length) });
  }
  return dissenters;
}

/** Room for rounding between a score that was added up in one order and in another. */
const ROUNDING = 1e-9;

/** What other schools tie instead of one pick, where that is another rig. */
export function dissentOf(field: Field, dissenters: readonly Dissenter[], best: Found, first: Found): Dissent[] {
  return dissenters.flatMap(({ ref, found: rivals }) => {
    const question = questionOf(ref);
    // where the other school ties what this one ties first anyway, the question makes no difference here
    if (question !== 'weight' && rivals[0] && better(rivals[0], { ...first, score: rivals[0].score }) === 0) return [];
    const rival = rivals.find((one) => parts(question, ref, field.space, one, best));
    if (!rival) return [];
    const rig = rigAt(field, rival);
    return [{ question, school: ref.slice(question.length + 1), rig, ...numbersIn(field, rig) }];
  });
}

/** The same rig with a trailer hook, where another school would put one on, or without, where another would leave it off. */
export function hookDissent(water: Water, field: Field, bare: Rig): Dissent[] {
  const { school } = field.compiled.schools['trailer-hook'];
  const other = school === 'on-when-fast' ? 'off-until-losing' : 'on-when-fast';
  const ref = `trailer-hook:${other}` as const;
  const theirs = handle(compileWater(withSchool(water, ref), field.suits.family), bare).trailerHook;
  const ours = handle(field.compiled, bare).trailerHook;
  if ((theirs === null) === (ours === null)) return [];
  const rig: Rig = theirs === null ? bare : { ...bare, trailerHook: theirs };
  return [{ question: 'trailer-hook', school: other, rig, ...numbersIn(field, rig) }];
}
