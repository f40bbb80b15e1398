import { questionOf } from '../conditions/schools';
import { LIVE_SCHOOLS, silencedSchools, speakingSchools, type CompiledWater } from '../rules/wants';
import { SCHOOLS, type SchoolRef } from '../../water/schema';

/** For each question that divides anglers on this water, the schools that would answer it otherwise here. */
export function otherSchools(compiled: CompiledWater): SchoolRef[] {
  const silenced = silencedSchools(compiled);
  const speaking = new Set(speakingSchools(compiled).map(questionOf));
  const questions = [...new Set(LIVE_SCHOOLS.map(questionOf))];
  return questions.flatMap((question) => {
    const { school } = compiled.schools[question];
    if (school === null) return [];
    const heard = silenced.filter((ref) => questionOf(ref) === question);
    if (heard.length > 0) return heard;
    const others = SCHOOLS[question].filter((other) => other !== school);
    return speaking.has(question) && others.length === 1 ? [`${question}:${others[0]}` as SchoolRef] : [];
  });
}
