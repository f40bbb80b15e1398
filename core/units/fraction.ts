/** A number as people say it on a package: whole part and a fraction in lowest terms. */
export interface Fraction {
  readonly whole: number;
  readonly numerator: number;
  readonly denominator: number;
}

/**
 * Nearest fraction to a value with the given denominator, reduced: 0.375 by sixteenths is 0 and 3/8.
 * @param value       non-negative, dimensionless
 * @param denominator finest step, e.g. 16
 */
export function nearestFraction(value: number, denominator: number): Fraction {
  const steps = Math.round(value * denominator);
  const whole = Math.floor(steps / denominator);
  let numerator = steps - whole * denominator;
  let reduced = denominator;
  while (numerator > 0 && numerator % 2 === 0 && reduced % 2 === 0) {
    numerator /= 2;
    reduced /= 2;
  }
  return { whole, numerator, denominator: numerator === 0 ? 1 : reduced };
}

/** Writes a fraction in plain text: `1 1/4`, `3/8`, `2`. */
export function fractionText({ whole, numerator, denominator }: Fraction): string {
  if (numerator === 0) return String(whole);
  return whole === 0 ? `${numerator}/${denominator}` : `${whole} ${numerator}/${denominator}`;
}

const VULGAR: Readonly<Record<string, string>> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⁄': '/',
};

/**
 * Reads a number as people type it: `3/8`, `1 1/4`, `1-1/4`, `⅜`, `0.375`, `0,375`, with spaces around.
 * A lone comma is a decimal comma; digits grouped by commas and dots at once are refused rather than guessed.
 * @returns the value, or null when it is not one number (never NaN)
 */
export function parseNumber(text: string): number | null {
  const plain = text
    .replace(/[¼½¾⅛⅜⅝⅞]/g, (glyph) => ` ${VULGAR[glyph] ?? ''}`)
    .replace(/⁄/g, '/')
    .replace(/−/g, '-')
    .trim();
  const fraction = /^(-?)(?:(\d+)[ -]+)?(\d+)\s*\/\s*(\d+)$/.exec(plain);
  if (fraction) {
    const [, sign, whole = '0', numerator = '0', denominator = '0'] = fraction;
    if (Number(denominator) === 0) return null;
    const value = Number(whole) + Number(numerator) / Number(denominator);
    return sign === '-' ? -value : value;
  }
  if (!/^[+-]?(\d+([.,]\d*)?|[.,]\d+)$/.test(plain)) return null;
  return Number(plain.replace(',', '.'));
}
