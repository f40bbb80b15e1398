import type { Target } from '../advice/rules/rule';
import { ATTRIBUTE_TEXT, GENERIC_TEXT, RULE_DOES } from '../locale/en/handbook';
import { FAMILY_NAME } from '../locale/en/words';
import { TRAILER_TITLE } from '../locale/en/tackle';
import * as phrases from '../locale/en/phrases';

/** A line of a rule without the numbers of a water. */
export function genericText(text: string): string {
  const plain = GENERIC_TEXT.reduce((now, [pattern, words]) => now.replace(pattern, words), text);
  return plain.charAt(0).toUpperCase() + plain.slice(1);
}

const valueText = (axis: keyof Target, value: string | boolean): string => {
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (axis === 'family') return FAMILY_NAME[value as keyof typeof FAMILY_NAME];
  if (axis === 'trailer' && value !== 'none') return TRAILER_TITLE[value as keyof typeof TRAILER_TITLE];
  if (axis === 'weight') return `{oz ${value}}`;
  if (axis === 'trailerSize' && value !== 'none') return `{in ${value}}`;
  return value.replace(/-/g, ' ');
};

/** What a rule aims at, in words. */
export const targetText = (target: Target): string =>
  (Object.entries(target) as [keyof Target, readonly (string | boolean)[]][])
    .map(([axis, values]) => ATTRIBUTE_TEXT[axis]!(values.map((value) => valueText(axis, value)).join(phrases.orWord)))
    .join(', ');

/** A rule that speaks for or against rigs. */
export const speaksText = (weight: number, target: Target): string => RULE_DOES.speaks(weight > 0, targetText(target));

const signed = (isUp: boolean, amount: string): string => `${isUp ? '+' : '−'}${amount}`;
/** A rule that moves a band: by a factor, or by a step. */
export const movesText = (times: number | undefined, plus: number | undefined): string =>
  RULE_DOES.movesBand(
    times === undefined
      ? signed((plus ?? 0) > 0, `${Math.abs(plus ?? 0)}`)
      : signed(times > 1, `${Math.abs(Math.round((times - 1) * 100))} %`),
  );
