import { gFromMassKg, lengthMFromMm, massKgFromG, massKgFromOz, mmFromLengthM, ozFromMassKg } from '../units/units';
import type { Quantity } from '../units/display';
import { count, grams, length, longLength, oneOf, ounces, pounds, ratio, thickness, words, yesNo } from './cells';
import type { CellKind } from './cells';

/** Units of files, and the way to SI and back. */
export const FILE_UNITS = {
  oz: { toSi: massKgFromOz, fromSi: ozFromMassKg },
  g: { toSi: massKgFromG, fromSi: gFromMassKg },
  mm: { toSi: lengthMFromMm, fromSi: mmFromLengthM },
  m: { toSi: (m: number): number => m, fromSi: (m: number): number => m },
} as const;
export type FileUnit = keyof typeof FILE_UNITS;

/** A number with a unit: what it measures, its unit in files, how a cell of a list holds it. */
interface Amount {
  readonly kind: 'amount';
  readonly quantity: Quantity;
  readonly unit: FileUnit;
  readonly cell: CellKind;
}
/** A whole number, or any number whose unit does not change with the angler's. */
interface Count {
  readonly kind: 'count';
  readonly cell: CellKind;
}
/** One of a few, by id and by the title people see. */
interface Choice {
  readonly kind: 'choice';
  readonly values: readonly string[];
  readonly titles: Readonly<Record<string, string>>;
  readonly cell: CellKind;
}
interface Words {
  readonly kind: 'words';
  readonly suggestions?: readonly string[];
  readonly cell: CellKind;
}
interface Flag {
  readonly kind: 'flag';
  readonly cell: CellKind;
}
export type FieldKind = Amount | Count | Choice | Words | Flag;

export const WEIGHT: Amount = { kind: 'amount', quantity: 'headMass', unit: 'oz', cell: ounces };
export const MASS: Amount = { kind: 'amount', quantity: 'mass', unit: 'g', cell: grams };
export const LENGTH: Amount = { kind: 'amount', quantity: 'partLength', unit: 'mm', cell: length };
export const LONG_LENGTH: Amount = { kind: 'amount', quantity: 'depth', unit: 'm', cell: longLength };
export const THICKNESS: Amount = { kind: 'amount', quantity: 'thickness', unit: 'mm', cell: thickness };
export const COUNT: Count = { kind: 'count', cell: count };
export const STRENGTH: Count = { kind: 'count', cell: pounds };
export const RATIO: Count = { kind: 'count', cell: ratio };
export const WORDS: Words = { kind: 'words', cell: words };
export const FLAG: Flag = { kind: 'flag', cell: yesNo };

/** One of a few; where the ids are read as they are, no titles are needed. */
export function choiceOf<K extends string>(values: readonly K[], titled?: Readonly<Record<K, string>>): Choice {
  const titles = Object.fromEntries(values.map((value) => [value, titled?.[value] ?? value]));
  return { kind: 'choice', values, titles, cell: oneOf(values, titles) };
}
