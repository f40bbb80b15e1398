import { parseNumber, fractionText, nearestFraction } from '../units/fraction';
import {
  inFromLengthM,
  lengthMFromFt,
  lengthMFromIn,
  lengthMFromMm,
  mmFromLengthM,
  ozFromMassKg,
  massKgFromG,
} from '../units/units';
import type { IssueCode } from '../result';

/** A cell that could be read, or what is wrong with it. */
export type Cell =
  { readonly value: unknown } | { readonly code: IssueCode; readonly data: Record<string, string | number> };

/** How one kind of cell is read and written; a unit told by the header counts where the cell names none. */
export interface CellKind {
  /** units a header may name, behind the column's name */
  readonly units?: readonly string[];
  read(text: string): Cell;
  write(value: unknown): string;
}

const bad = (code: IssueCode, data: Record<string, string | number>): Cell => ({ code, data });

const MONTHS = /jan|feb|m[aä]r|apr|ma[iy]|jun|jul|aug|sep|o[ck]t|nov|de[cz]/i;
/** What a spreadsheet makes of 3/8 or 1/2 in a cell that is not text. */
const looksLikeDate = (text: string): boolean =>
  /^\d{1,4}[./-]\d{1,2}[./-]\d{2,4}$/.test(text.trim()) ||
  (/\d/.test(text) && MONTHS.test(text) && /^[\d\s./-]*[a-zäé]+\.?[\d\s./-]*$/i.test(text.trim()));

const notANumber = (text: string): Cell =>
  bad(looksLikeDate(text) ? 'looks-like-a-date' : 'not-a-number', { got: text.trim() });

/** Spreadsheets write 3 as 2.9999999999: what is that near to a whole number is one. */
const withoutDust = (value: number): number => (Math.abs(value - Math.round(value)) < 1e-9 ? Math.round(value) : value);

/** A number with an optional unit behind it; each unit has its factor to the field's own. */
function readWithUnit(text: string, units: Readonly<Record<string, number>>, plain: string): Cell {
  const match = /^(.*?)\s*([a-z"']*)\.?$/i.exec(text.trim().replace(/''|″/g, '"'));
  const value = parseNumber(match?.[1] ?? '');
  if (value === null) return notANumber(text);
  const unit = match?.[2]?.toLowerCase() ?? '';
  const name = unit === '' ? plain : unit;
  const factor = Object.hasOwn(units, name) ? units[name]! : undefined;
  if (factor === undefined) return bad('not-one-of', { got: unit, allowed: Object.keys(units).join(' ') });
  // in the field's own unit a number stays just what was written
  return { value: factor === 1 ? value : Math.round(value * factor * 1e6) / 1e6 };
}

const OZ_PER_G = ozFromMassKg(massKgFromG(1));
const OUNCES = { oz: 1, ozs: 1, ounce: 1, ounces: 1, g: OZ_PER_G, gram: OZ_PER_G, grams: OZ_PER_G };
const MM_PER_IN = mmFromLengthM(lengthMFromIn(1));
const MILLIMETRES = { mm: 1, cm: 10, in: MM_PER_IN, inch: MM_PER_IN, inches: MM_PER_IN, '"': MM_PER_IN };
const GRAMS = { g: 1, gram: 1, grams: 1, oz: 1 / OZ_PER_G, ozs: 1 / OZ_PER_G };

/** A number without an exponent, every digit of it kept: what is read back is the same number. */
export function digits(value: number): string {
  const text = String(value);
  const match = /^(-?)(\d+)(?:\.(\d+))?e([+-]\d+)$/.exec(text);
  if (!match) return text;
  const [, sign = '', whole = '', part = '', exponent = '0'] = match;
  const shift = Number(exponent);
  const all = whole + part;
  return shift < 0
    ? `${sign}0.${'0'.repeat(-shift - whole.length)}${all}`
    : `${sign}${all.padEnd(whole.length + shift, '0')}`;
}

const asFraction = (value: number, denominator: number): string => fractionText(nearestFraction(value, denominator));

/** The shortest of several spellings that parses back to exactly this value (round trip). */
function faithful(kind: Pick<CellKind, 'read'>, value: number, ...wordings: readonly string[]): string {
  const same = (text: string): boolean => {
    const cell = kind.read(text);
    return 'value' in cell && cell.value === value;
  };
  return wordings.find(same) ?? wordings.at(-1)!;
}

const writeOunces = (value: unknown): string =>
  faithful(ounces, Number(value), `${asFraction(Number(value), 32)} oz`, `${digits(Number(value))} oz`);

function writeLength(value: unknown): string {
  const lengthIn = inFromLengthM(lengthMFromMm(Number(value)));
  return faithful(length, Number(value), `${asFraction(lengthIn, 16)} in`, `${digits(Number(value))} mm`);
}

const plainWord = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, '-');

/** One of a few words; the titles people see are understood too. */
export function oneOf(allowed: readonly string[], titles: Readonly<Record<string, string>> = {}): CellKind {
  const byWord = new Map<string, string>();
  for (const id of allowed) byWord.set(id, id).set(plainWord(titles[id] ?? id), id);
  return {
    read: (text) => {
      const value = byWord.get(plainWord(text));
      return value === undefined ? bad('not-one-of', { got: text.trim(), allowed: allowed.join(' ') }) : { value };
    },
    write: String,
  };
}

export const yesNo: CellKind = {
  read: (text) => {
    const word = text.trim().toLowerCase();
    if (['yes', 'y', 'true', '1', 'x'].includes(word)) return { value: true };
    if (['no', 'n', 'false', '0'].includes(word)) return { value: false };
    return bad('not-one-of', { got: text.trim(), allowed: 'yes no' });
  },
  write: (value) => (value ? 'yes' : 'no'),
};

export const count: CellKind = {
  read: (text) => {
    const value = parseNumber(text);
    return value === null ? notANumber(text) : { value: withoutDust(value) };
  },
  write: (value) => digits(Number(value)),
};

export const words: CellKind = { read: (text) => ({ value: text.trim() }), write: String };
export const ounces: CellKind = {
  units: Object.keys(OUNCES),
  read: (text) => readWithUnit(text, OUNCES, 'oz'),
  write: writeOunces,
};
export const length: CellKind = {
  units: Object.keys(MILLIMETRES),
  read: (text) => readWithUnit(text, MILLIMETRES, 'in'),
  write: writeLength,
};
export const grams: CellKind = {
  units: Object.keys(GRAMS),
  read: (text) => readWithUnit(text, GRAMS, 'g'),
  write: (value) => `${digits(Number(value))} g`,
};

const MM_FROM_M = mmFromLengthM(1);
const METRES = {
  m: 1,
  feet: lengthMFromFt(1),
  cm: 0.01,
  mm: 1 / MM_FROM_M,
  ft: lengthMFromFt(1),
  in: lengthMFromIn(1),
  "'": lengthMFromFt(1),
};

/** A length in metres; feet unless a unit is written. */
export const longLength: CellKind = {
  units: Object.keys(METRES),
  read: (text) => readWithUnit(text, METRES, 'ft'),
  write: (value) => `${digits(Number(value))} m`,
};
/** A thickness in millimetres unless inches are written. */
export const thickness: CellKind = {
  units: Object.keys(MILLIMETRES),
  read: (text) => readWithUnit(text, MILLIMETRES, 'mm'),
  write: (value) => `${digits(Number(value))} mm`,
};
const POUNDS = { lb: 1, lbs: 1, pounds: 1, '#': 1, kg: 2.204_622_6 };
/** A breaking load in pounds unless kilograms are written. */
export const pounds: CellKind = {
  units: Object.keys(POUNDS),
  read: (text) => readWithUnit(text, POUNDS, 'lb'),
  write: (value) => `${digits(Number(value))} lb`,
};

/** A gear ratio: `7.1:1` or `7.1`. */
export const ratio: CellKind = {
  read: (text) => count.read(text.replace(/\s*:\s*1\s*$/, '')),
  write: (value) => `${digits(Number(value))}:1`,
};
