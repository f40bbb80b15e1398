import {
  cmFromLengthM,
  forceNFromLbf,
  fFromTempC,
  ftFromLengthM,
  gFromMassKg,
  inFromLengthM,
  lbfFromForceN,
  lengthMFromCm,
  lengthMFromFt,
  lengthMFromIn,
  lengthMFromMm,
  massKgFromG,
  lbFromMassKg,
  massKgFromLb,
  massKgFromOz,
  mmFromLengthM,
  ozFromMassKg,
  tempCFromF,
} from './units';
import { fractionText, nearestFraction, parseNumber } from './fraction';

/** Which units a person reads. Both are computed from SI. */
export type UnitSystem = 'us' | 'metric';

interface DisplayUnit {
  readonly unit: string;
  readonly fromSi: (si: number) => number;
  readonly toSi: (shown: number) => number;
  /** digits after the point; with `fraction` the finest denominator */
  readonly digits: number;
  readonly fraction?: number;
  /** one press of a stepper, in shown units */
  readonly step: number;
}

const same = (value: number): number => value;

const METRES: DisplayUnit = { unit: 'm', fromSi: same, toSi: same, digits: 1, step: 0.1 };

const OF_100: DisplayUnit = {
  unit: 'of 100',
  fromSi: (share) => 100 * share,
  toSi: (shown) => shown / 100,
  digits: 0,
  step: 1,
};
const INDEX: DisplayUnit = { unit: 'of 100', fromSi: same, toSi: same, digits: 0, step: 1 };
const TIMES: DisplayUnit = { unit: '×', fromSi: same, toSi: same, digits: 1, step: 0.1 };

/**
 * Quantities a person reads or types, and the unit each is shown in. A new quantity on a screen gets a row here;
 * nothing else formats a number with a unit.
 */
export const DISPLAY_UNITS = {
  temperature: {
    us: { unit: '°F', fromSi: fFromTempC, toSi: tempCFromF, digits: 0, step: 1 },
    metric: { unit: '°C', fromSi: same, toSi: same, digits: 1, step: 0.5 },
  },
  salinity: {
    us: { unit: 'g/kg', fromSi: same, toSi: same, digits: 0, step: 1 },
    metric: { unit: 'g/kg', fromSi: same, toSi: same, digits: 0, step: 1 },
  },
  visibility: {
    us: { unit: 'in', fromSi: inFromLengthM, toSi: lengthMFromIn, digits: 0, step: 1 },
    metric: { unit: 'cm', fromSi: cmFromLengthM, toSi: lengthMFromCm, digits: 0, step: 5 },
  },
  depth: {
    us: { unit: 'ft', fromSi: ftFromLengthM, toSi: lengthMFromFt, digits: 1, step: 0.5 },
    metric: METRES,
  },
  headMass: {
    us: {
      unit: 'oz',
      fromSi: ozFromMassKg,
      toSi: massKgFromOz,
      digits: 2,
      fraction: 32,
      step: 1 / 16,
    },
    metric: { unit: 'g', fromSi: gFromMassKg, toSi: massKgFromG, digits: 1, step: 1 },
  },
  mass: {
    us: { unit: 'oz', fromSi: ozFromMassKg, toSi: massKgFromOz, digits: 2, step: 0.05 },
    metric: { unit: 'g', fromSi: gFromMassKg, toSi: massKgFromG, digits: 1, step: 0.5 },
  },
  partLength: {
    us: {
      unit: 'in',
      fromSi: inFromLengthM,
      toSi: lengthMFromIn,
      digits: 2,
      fraction: 8,
      step: 0.25,
    },
    metric: { unit: 'mm', fromSi: mmFromLengthM, toSi: lengthMFromMm, digits: 0, step: 5 },
  },
  cut: {
    us: {
      unit: 'in',
      fromSi: inFromLengthM,
      toSi: lengthMFromIn,
      digits: 2,
      fraction: 16,
      step: 1 / 16,
    },
    metric: { unit: 'mm', fromSi: mmFromLengthM, toSi: lengthMFromMm, digits: 0, step: 1 },
  },
  force: {
    us: { unit: 'lbf', fromSi: lbfFromForceN, toSi: forceNFromLbf, digits: 2, step: 0.1 },
    metric: { unit: 'N', fromSi: same, toSi: same, digits: 1, step: 0.1 },
  },
  thickness: {
    us: { unit: 'in', fromSi: inFromLengthM, toSi: lengthMFromIn, digits: 3, step: 0.01 },
    metric: { unit: 'mm', fromSi: mmFromLengthM, toSi: lengthMFromMm, digits: 2, step: 0.5 },
  },
  speed: {
    us: { unit: 'ft/s', fromSi: ftFromLengthM, toSi: lengthMFromFt, digits: 1, step: 0.1 },
    metric: { unit: 'm/s', fromSi: same, toSi: same, digits: 2, step: 0.05 },
  },
  /** what a line holds */
  lineStrength: {
    us: { unit: 'lb', fromSi: lbFromMassKg, toSi: massKgFromLb, digits: 0, step: 1 },
    metric: { unit: 'kg', fromSi: same, toSi: same, digits: 1, step: 0.5 },
  },
  /** from nose to tail of a whole rig: nobody reads eighths there */
  rigLength: {
    us: { unit: 'in', fromSi: inFromLengthM, toSi: lengthMFromIn, digits: 1, step: 0.1 },
    metric: { unit: 'mm', fromSi: mmFromLengthM, toSi: lengthMFromMm, digits: 0, step: 5 },
  },
  /** a share as people read it */
  share: { us: OF_100, metric: OF_100 },
  /** an index that runs to 100 */
  index: { us: INDEX, metric: INDEX },
  times: { us: TIMES, metric: TIMES },
  /** how often a tip is shaken */
  rhythm: {
    us: { unit: '/s', fromSi: same, toSi: same, digits: 1, step: 0.5 },
    metric: { unit: '/s', fromSi: same, toSi: same, digits: 1, step: 0.5 },
  },
  time: {
    us: { unit: 's', fromSi: same, toSi: same, digits: 1, step: 0.1 },
    metric: { unit: 's', fromSi: same, toSi: same, digits: 1, step: 0.1 },
  },
} as const satisfies Record<string, Record<UnitSystem, DisplayUnit>>;

export type Quantity = keyof typeof DISPLAY_UNITS;

export const displayUnit = (quantity: Quantity, system: UnitSystem): DisplayUnit => DISPLAY_UNITS[quantity][system];

/** The number alone as text, in the shown unit. Fractions where the trade uses them and the value lies on one. */
export function shownNumber(quantity: Quantity, si: number, system: UnitSystem): string {
  const row = displayUnit(quantity, system);
  const value = row.fromSi(si);
  if (row.fraction !== undefined) {
    const nearest = nearestFraction(value, row.fraction);
    const asNumber = nearest.whole + nearest.numerator / nearest.denominator;
    if (Math.abs(asNumber - value) < 0.005 * Math.max(1, value)) return fractionText(nearest);
  }
  const text = value.toFixed(row.digits);
  return text.includes('.') && row.digits === 1 && quantity === 'depth' ? text.replace(/\.0$/, '') : text;
}

/** Number with its unit: `57 °F`, `3/8 oz`, `1.7 ft/s`. */
export const shown = (quantity: Quantity, si: number, system: UnitSystem): string =>
  `${shownNumber(quantity, si, system)} ${displayUnit(quantity, system).unit}`;

/** A band with its unit once: `1.3 to 1.9 ft/s`. */
export const shownBand = (quantity: Quantity, fromSi: number, toSi: number, system: UnitSystem): string =>
  `${shownNumber(quantity, fromSi, system)} to ${shown(quantity, toSi, system)}`;

/** Length of a rod as it is asked for over a counter: `7 ft 6`, `2.29 m`. */
export function rodText(lengthM: number, system: UnitSystem): string {
  if (system === 'metric') return `${lengthM.toFixed(2)} m`;
  const inches = Math.round(inFromLengthM(lengthM));
  const over = inches % 12;
  return `${Math.floor(inches / 12)} ft${over === 0 ? '' : ` ${over}`}`;
}

/** Head weights are sold in steps: the nearest one as a fraction in ounces, or whole grams. */
export function shownHeadStep(massKg: number, system: UnitSystem): string {
  if (system === 'metric') return shown('headMass', massKg, system);
  const massOz = ozFromMassKg(massKg);
  const denominator = massOz < 0.6 ? 16 : 8;
  return `${fractionText(nearestFraction(Math.max(massOz, 1 / denominator), denominator))} oz`;
}

/**
 * Reads what a person typed in a field. The unit may be typed behind the number (any unit of this quantity);
 * without one the field's own unit holds.
 * @returns SI value, or null when it is no number or carries a foreign unit
 */
export function parseShown(quantity: Quantity, text: string, system: UnitSystem): number | null {
  const match = /^(.*?)\s*([a-z°'"/]*)$/i.exec(text.trim().toLowerCase().replace(/''/g, '"'));
  const [, numberText = '', unitText = ''] = match ?? [];
  const value = parseNumber(numberText);
  if (value === null) return null;
  if (unitText === '') return displayUnit(quantity, system).toSi(value);
  return typedUnitToSi(quantity, unitText, value);
}

const TYPED: Readonly<Record<string, { readonly of: readonly Quantity[]; readonly toSi: (value: number) => number }>> =
  {
    f: { of: ['temperature'], toSi: tempCFromF },
    '°f': { of: ['temperature'], toSi: tempCFromF },
    c: { of: ['temperature'], toSi: same },
    '°c': { of: ['temperature'], toSi: same },
    in: { of: ['visibility', 'depth', 'partLength', 'cut', 'thickness'], toSi: lengthMFromIn },
    '"': { of: ['visibility', 'depth', 'partLength', 'cut', 'thickness'], toSi: lengthMFromIn },
    ft: { of: ['visibility', 'depth'], toSi: lengthMFromFt },
    "'": { of: ['visibility', 'depth'], toSi: lengthMFromFt },
    m: { of: ['visibility', 'depth'], toSi: same },
    cm: { of: ['visibility', 'depth', 'partLength', 'cut'], toSi: lengthMFromCm },
    mm: { of: ['visibility', 'partLength', 'cut', 'thickness'], toSi: lengthMFromMm },
    lbf: { of: ['force'], toSi: forceNFromLbf },
    n: { of: ['force'], toSi: same },
    oz: { of: ['headMass', 'mass'], toSi: massKgFromOz },
    g: { of: ['headMass', 'mass'], toSi: massKgFromG },
  };

function typedUnitToSi(quantity: Quantity, unitText: string, value: number): number | null {
  const row = TYPED[unitText];
  return row?.of.includes(quantity) ? row.toSi(value) : null;
}

/** A count as people read it, `12,480`. By hand: opening a browser's table of numbers takes longer than a page may. */
export const countText = (count: number): string => String(Math.round(count)).replace(/\B(?=(\d{3})+$)/g, ',');
