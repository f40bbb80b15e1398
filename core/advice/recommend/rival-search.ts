import { SCHOOLS, type SchoolQuestion, type SchoolRef } from '../../water/schema';
import { questionOf } from '../conditions/schools';
import type { Found, SearchFor } from '../search/best-first';
import type { CandidateClasses } from '../candidates/candidate-classes';
import { LIVE_SCHOOLS, silencedSchools, speakingSchools, type CompiledWater } from '../rules/wants';

/** One other school for each question that is at stake on this water. */
export function otherSchools(compiled: CompiledWater): SchoolRef[] {
  const silenced = silencedSchools(compiled);
  const speaking = new Set(speakingSchools(compiled).map(questionOf));
  const questions = [...new Set(LIVE_SCHOOLS.map(questionOf))];
  return questions.flatMap((question) => {
    const { school } = compiled.schools[question];
    if (school === null) return [];
    const heard = silenced.find((ref) => questionOf(ref) === question);
    if (heard) return [heard];
    const others = SCHOOLS[question].filter((other) => other !== school);
    return speaking.has(question) && others.length === 1 ? [`${question}:${others[0]}` as SchoolRef] : [];
  });
}

/** Whether a rival rig really parts from a pick: on weight by a lighter or heavier head, else by being another rig. */
export function parts(
  question: SchoolQuestion,
  ref: SchoolRef,
  space: CandidateClasses,
  rival: Found,
  pick: Found,
): boolean {
  if (question !== 'weight') {
    return rival.head !== pick.head || rival.skirt !== pick.skirt || rival.trailer !== pick.trailer;
  }
  const [own, other] = [space.heads[pick.head]!.head.weightOz, space.heads[rival.head]!.head.weightOz];
  return ref === 'weight:slow-hand' ? other < own : other > own;
}

export const bestOnly: SearchFor = {
  groupOf: (): number => 0,
  enough: (settled: readonly Found[]): boolean => settled.length > 0,
  top: 1,
};

/**
 * The best rig between two weights of the picks each, until every pick has a rival that the other school would call lighter or
 * heavier. Heads that are no rival to any pick are left alone.
 */
export function rivalWeights(space: CandidateClasses, picks: readonly Found[], ref: SchoolRef): SearchFor {
  const lighter = ref === 'weight:slow-hand';
  const weights = space.heads.map(({ head }) => head.weightOz);
  const [least, most] = [Math.min(...weights), Math.max(...weights)];
  const wanting = picks.filter(({ head }) => (lighter ? weights[head]! > least : weights[head]! < most));
  const marks = [...new Set(wanting.map(({ head }) => weights[head]!))].sort((a, b) => (lighter ? a - b : b - a));
  const groups = weights.map((oz) => marks.findIndex((mark) => (lighter ? oz < mark : oz > mark)));
  return {
    groupOf: (head) => groups[head]!,
    enough: (settled: readonly Found[]): boolean =>
      wanting.every((pick) => settled.some((rival) => parts('weight', ref, space, rival, pick))),
  };
}
