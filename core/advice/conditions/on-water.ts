import type { SchoolOf, SchoolQuestion } from '../../water/schema';
import { clause, within, type Condition } from './condition';
import type { WaterCondition } from './of-water';
import type { SchoolAnswers } from './schools';
import type { WaterFacts } from './water-facts';

/** A water with the schools that answer its questions. */
export interface Answered {
  readonly w: WaterFacts;
  readonly schools: SchoolAnswers;
}

/** A condition of the water that something is on. */
export const onWater = (condition: WaterCondition): Condition<Answered> => within(condition, ({ w }: Answered) => w);

/** The school that answers a question on this water. */
export const school = <Q extends SchoolQuestion>(question: Q, name: SchoolOf<Q>): Condition<Answered> =>
  clause('school', { question, school: name }, ({ schools }: Answered) => schools[question].school === name);
