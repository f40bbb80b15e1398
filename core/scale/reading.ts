import { massKgFromOz, gFromMassKg } from '../units/units';

/** One line of a pocket scale: a mass, something it says, or something nobody can read. */
export type ScaleReading =
  | { readonly kind: 'mass'; readonly massG: number; readonly unit: ScaleUnit; readonly moving: boolean }
  | { readonly kind: 'overload' }
  | { readonly kind: 'remark'; readonly text: string }
  /** a number whose unit is missing or unknown: it could be grams or ounces, so it is not used */
  | { readonly kind: 'no-unit'; readonly text: string }
  | { readonly kind: 'garbled'; readonly text: string };

/** Grams in each unit pocket scales are switched to. @source nist-sp811 */
const GRAMS_IN = { g: 1, oz: gFromMassKg(massKgFromOz(1)), ct: 0.2, gn: 0.064_798_91, dwt: 1.555_173_84 } as const;
export type ScaleUnit = keyof typeof GRAMS_IN;

/** Longest line that is looked at. */
const LINE_LIMIT = 80;
const NUMBER = /^([+-]?)\s*(\d{1,6}(?:[.,]\d{1,6})?)\s*([a-z]*)\s*(\?)?$/i;

/**
 * Reads one line of a scale's text feed: `9.42 g`, `-0.02 g`, `0.332 oz`, `9.4 g ?` while it moves, `OVER`, `# a remark`.
 * @returns masses in g; never NaN, and never a number whose unit is not known
 */
export function readScaleLine(line: string): ScaleReading {
  const text = line.trim().slice(0, LINE_LIMIT);
  if (text.startsWith('#')) return { kind: 'remark', text: text.slice(1).trim() };
  if (/^over(load)?$/i.test(text)) return { kind: 'overload' };
  const match = NUMBER.exec(text);
  if (!match) return { kind: 'garbled', text };
  const [, sign, digits = '', unitText = '', moving] = match;
  const unit = unitText.toLowerCase();
  if (!(unit in GRAMS_IN)) return { kind: 'no-unit', text };
  const value = Number(digits.replace(',', '.')) * (sign === '-' ? -1 : 1);
  return { kind: 'mass', massG: value * GRAMS_IN[unit as ScaleUnit], unit: unit as ScaleUnit, moving: moving === '?' };
}
