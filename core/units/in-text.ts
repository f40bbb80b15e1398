import { rodText, shown, shownBand, shownHeadStep, type Quantity, type UnitSystem } from './display';
import { parseNumber } from './fraction';
import { lengthMFromFt, lengthMFromIn, massKgFromLb, massKgFromOz, tempCFromF } from './units';

const same = (value: number): number => value;

/** How a sentence names an amount in the unit its rule is told in, and what it is then shown as. */
const NAMED: Readonly<Record<string, { readonly of: Quantity; readonly toSi: (value: number) => number }>> = {
  oz: { of: 'headMass', toSi: massKgFromOz },
  in: { of: 'partLength', toSi: lengthMFromIn },
  ft: { of: 'depth', toSi: lengthMFromFt },
  m: { of: 'depth', toSi: same },
  seen: { of: 'visibility', toSi: lengthMFromIn },
  F: { of: 'temperature', toSi: tempCFromF },
  mps: { of: 'speed', toSi: same },
  lb: { of: 'lineStrength', toSi: massKgFromLb },
};

function amountText(name: string, amount: string, system: UnitSystem): string | null {
  if (name === 'rod') {
    const [ft = 0, inches = 0] = amount.split(/\s+/).map(Number);
    return rodText(lengthMFromFt(ft) + lengthMFromIn(inches), system);
  }
  const row = NAMED[name];
  const values = amount.split('..').map((text) => parseNumber(text.trim()));
  if (!row || values.some((value) => value === null)) return null;
  const [from = 0, to] = values.map((value) => row.toSi(value!));
  if (name === 'oz' && to === undefined) return shownHeadStep(from, system);
  return to === undefined ? shown(row.of, from, system) : shownBand(row.of, from, to, system);
}

/**
 * Puts the amounts of a sentence into the units of whoever reads it: `{oz 3/8}` reads 3/8 oz or 10.6 g, `{in 3 1/4..3 3/4}` a band,
 * `{rod 7 6}` 7 ft 6 or 2.29 m. Sentences never carry a unit themselves.
 */
export const inUnits = (text: string, system: UnitSystem): string =>
  text.replace(
    /\{(\w+) ([^}]+)\}/g,
    (braced, name: string, amount: string) => amountText(name, amount, system) ?? braced,
  );
