import type { Clause, ClauseKey, Condition } from '../advice/conditions/condition';
import { CLAUSE, type ClauseWords } from '../locale/en/conditions';
import * as phrases from '../locale/en/phrases';

/** Clauses that are joined by "and" or by "or". */
interface Said {
  readonly parts: readonly string[];
  readonly join: 'all' | 'any';
}

/** As one: the last clause is joined by its word, the others by commas. */
function joined({ parts, join }: Said): string {
  const word = join === 'any' ? phrases.orWord : phrases.andWord;
  return parts.length < 3 || join === 'any'
    ? parts.join(word)
    : `${parts.slice(0, -1).join(', ')}${word}${parts.at(-1)}`;
}

function clauseText<F>({ key, values, not }: Clause<F>): string {
  const words = (CLAUSE as Readonly<Record<ClauseKey, (of: never) => ClauseWords>>)[key](values as never);
  return words[not ? 1 : 0];
}

function say<F>(condition: Condition<F>): Said {
  if (condition.join === 'none') return { parts: [clauseText(condition)], join: 'all' };
  const { join } = condition;
  // what is joined the other way stands as one: "either … or …" inside an "and"
  const parts = condition.of.map(say).flatMap((said) => {
    if (said.parts.length === 1 || said.join === join) return said.parts;
    return [said.join === 'any' ? phrases.either(joined(said)) : joined(said)];
  });
  return { parts, join };
}

/** A condition as a clause of a sentence, with tokens for its amounts. */
export const conditionText = <F>(condition: Condition<F>): string => joined(say(condition));
