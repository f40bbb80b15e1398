import { parseNumber, fractionText, nearestFraction } from '../../units/fraction';
import {
  inFromLengthM,
  lengthMFromIn,
  lengthMFromMm,
  mmFromLengthM,
  ozFromMassKg,
  massKgFromG,
} from '../../units/units';
import { HEAD_STYLES, HEADS, METALS, NOSES } from '../../tackle/heads';
import { HOOK_SIZES, HOOK_WIRES } from '../../tackle/hooks';
import { SKIRT_MATERIALS } from '../../tackle/skirts';
import { SOFTNESSES, TRAILER_KINDS, TRAILERS } from '../../tackle/trailers';
import { KEEPERS } from '../../rig/schema';
import type { Tray } from '../../rig/box';
import type { IssueCode } from '../../result';

/** A cell that could be read, or what is wrong with it. */
export type Cell =
  { readonly value: unknown } | { readonly code: IssueCode; readonly data: Record<string, string | number> };

/** One column of a tray's CSV: its header, where its value goes in a part, how to read and write it. */
export interface Column {
  readonly name: string;
  readonly field: string;
  readonly required?: boolean;
  readonly example: string;
  readonly about: string;
  read(text: string): Cell;
  write(value: unknown): string;
}

const bad = (code: IssueCode, data: Record<string, string | number>): Cell => ({ code, data });

/** A number with an optional unit behind it; each unit has its factor to the field's own. */
function readWithUnit(text: string, units: Readonly<Record<string, number>>, plain: string): Cell {
  const match = /^(.*?)\s*([a-z"']*)\.?$/i.exec(text.trim().replace(/''|″/g, '"'));
  const value = parseNumber(match?.[1] ?? '');
  if (value === null) return bad('not-a-number', { got: text });
  const unit = match?.[2]?.toLowerCase() ?? '';
  const factor = units[unit === '' ? plain : unit];
  return factor === undefined
    ? bad('not-one-of', { got: unit, allowed: Object.keys(units).join(' ') })
    : { value: Math.round(value * factor * 1e6) / 1e6 };
}

const OUNCES = { oz: 1, ounce: 1, ounces: 1, g: ozFromMassKg(massKgFromG(1)), gram: ozFromMassKg(massKgFromG(1)) };
const MM_PER_IN = mmFromLengthM(lengthMFromIn(1));
const MILLIMETRES = { mm: 1, cm: 10, in: MM_PER_IN, inch: MM_PER_IN, inches: MM_PER_IN, '"': MM_PER_IN };
const GRAMS = { g: 1, gram: 1, grams: 1, oz: 1 / OUNCES.g };

/** Writes a value as a fraction when it is one, else as a decimal. */
function asFraction(value: number, denominator: number): string {
  const nearest = nearestFraction(value, denominator);
  const exact = Math.abs(nearest.whole + nearest.numerator / nearest.denominator - value) < 1e-6;
  return exact ? fractionText(nearest) : String(Math.round(value * 1e4) / 1e4);
}

const writeOunces = (value: unknown): string => `${asFraction(Number(value), 32)} oz`;

function writeLength(value: unknown): string {
  const lengthIn = inFromLengthM(lengthMFromMm(Number(value)));
  const text = asFraction(lengthIn, 16);
  return text.includes('.') ? `${String(value)} mm` : `${text} in`;
}

const plainWord = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/[\s_]+/g, '-');

function oneOf(
  allowed: readonly string[],
  titles: Readonly<Record<string, string>> = {},
): Pick<Column, 'read' | 'write'> {
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

const yesNo: Pick<Column, 'read' | 'write'> = {
  read: (text) => {
    const word = text.trim().toLowerCase();
    if (['yes', 'y', 'true', '1', 'x'].includes(word)) return { value: true };
    if (['no', 'n', 'false', '0'].includes(word)) return { value: false };
    return bad('not-one-of', { got: text.trim(), allowed: 'yes no' });
  },
  write: (value) => (value ? 'yes' : 'no'),
};

const count: Pick<Column, 'read' | 'write'> = {
  read: (text) => {
    const value = parseNumber(text);
    return value === null ? bad('not-a-number', { got: text.trim() }) : { value };
  },
  write: String,
};

const words: Pick<Column, 'read' | 'write'> = { read: (text) => ({ value: text.trim() }), write: String };
const ounces: Pick<Column, 'read' | 'write'> = { read: (text) => readWithUnit(text, OUNCES, 'oz'), write: writeOunces };
const length: Pick<Column, 'read' | 'write'> = {
  read: (text) => readWithUnit(text, MILLIMETRES, 'in'),
  write: writeLength,
};
const grams: Pick<Column, 'read' | 'write'> = {
  read: (text) => readWithUnit(text, GRAMS, 'g'),
  write: (value) => `${String(value)} g`,
};

const titlesOf = (rows: Readonly<Record<string, { readonly title: string }>>): Record<string, string> =>
  Object.fromEntries(Object.entries(rows).map(([id, { title }]) => [id, title]));

const QUANTITY: Column = {
  name: 'quantity',
  field: 'quantity',
  example: '3',
  about: 'how many you have; empty means some',
  ...count,
};
const LABEL: Column = { name: 'label', field: 'label', example: '', about: 'your own words for it', ...words };

/** Columns of each tray, in the order they are written. */
export const COLUMNS: Readonly<Record<Tray, readonly Column[]>> = {
  heads: [
    {
      name: 'style',
      field: 'style',
      required: true,
      example: 'casting',
      about: `one of ${HEAD_STYLES.join(', ')}`,
      ...oneOf(HEAD_STYLES, titlesOf(HEADS)),
    },
    {
      name: 'weight',
      field: 'weightOz',
      required: true,
      example: '3/8 oz',
      about: 'the head alone; oz unless g is written',
      ...ounces,
    },
    { name: 'metal', field: 'metal', example: 'lead', about: METALS.join(', '), ...oneOf(METALS) },
    { name: 'nose', field: 'nose', example: '', about: NOSES.join(', '), ...oneOf(NOSES) },
    { name: 'cams', field: 'cams', example: 'no', about: 'yes or no', ...yesNo },
    { name: 'finesse', field: 'finesse', example: 'no', about: 'yes or no', ...yesNo },
    { name: 'hook', field: 'hook.size', example: '4/0', about: HOOK_SIZES.join(', '), ...oneOf(HOOK_SIZES) },
    { name: 'wire', field: 'hook.wire', example: 'medium', about: HOOK_WIRES.join(', '), ...oneOf(HOOK_WIRES) },
    { name: 'keeper', field: 'keeper', example: 'barb', about: KEEPERS.join(', '), ...oneOf(KEEPERS) },
    { name: 'guard fibres', field: 'guard.fibres', example: '18', about: 'empty for no guard', ...count },
    {
      name: 'guard length',
      field: 'guard.lengthMm',
      example: '28 mm',
      about: 'in inches unless mm is written',
      ...length,
    },
    {
      name: 'skirt material',
      field: 'skirt.material',
      example: 'silicone',
      about: 'empty for a bare head',
      ...oneOf(SKIRT_MATERIALS),
    },
    { name: 'skirt strands', field: 'skirt.strands', example: '50', about: 'strands of its own skirt', ...count },
    { name: 'skirt length', field: 'skirt.lengthMm', example: '55 mm', about: 'from the collar back', ...length },
    { name: 'skirt colour', field: 'skirt.colour', example: 'green pumpkin', about: 'plain words', ...words },
    QUANTITY,
    LABEL,
  ],
  skirts: [
    {
      name: 'material',
      field: 'material',
      required: true,
      example: 'silicone',
      about: SKIRT_MATERIALS.join(', '),
      ...oneOf(SKIRT_MATERIALS),
    },
    { name: 'strands', field: 'strands', required: true, example: '50', about: 'how many', ...count },
    { name: 'length', field: 'lengthMm', example: '55 mm', about: 'from the collar back', ...length },
    { name: 'colour', field: 'colour', example: 'black/blue', about: 'plain words', ...words },
    QUANTITY,
    LABEL,
  ],
  trailers: [
    {
      name: 'kind',
      field: 'kind',
      required: true,
      example: 'flapper-craw',
      about: `one of ${TRAILER_KINDS.join(', ')}`,
      ...oneOf(TRAILER_KINDS, titlesOf(TRAILERS)),
    },
    {
      name: 'length',
      field: 'lengthMm',
      required: true,
      example: '4 in',
      about: 'in inches unless mm is written',
      ...length,
    },
    { name: 'softness', field: 'softness', example: 'medium', about: SOFTNESSES.join(', '), ...oneOf(SOFTNESSES) },
    { name: 'colour', field: 'colour', example: 'green pumpkin', about: 'plain words', ...words },
    { name: 'mass', field: 'massG', example: '9.4 g', about: 'only if you weighed it', ...grams },
    QUANTITY,
    LABEL,
  ],
};
