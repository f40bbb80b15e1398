import { displayUnit, shownHeadStep, shownNumber, type Quantity, type UnitSystem } from '../units/display';
import type { ReadoutUnit } from '../bench/readouts/readout';
import type { Readout } from '../bench/readouts/table';
import * as words from '../locale/en/readouts';

const QUANTITY: Partial<Record<ReadoutUnit, Quantity>> = {
  mass: 'mass',
  length: 'cut',
  speed: 'speed',
  depth: 'depth',
  force: 'force',
};
const HUNDREDTHS = 100;

/** A value of a read-out: the number alone, and its unit. */
export function readoutNumber(
  unit: ReadoutUnit,
  value: number,
  system: UnitSystem,
): { readonly number: string; readonly unit: string } {
  const quantity = QUANTITY[unit];
  if (quantity) return { number: shownNumber(quantity, value, system), unit: displayUnit(quantity, system).unit };
  if (unit === 'headMass') {
    const [number = '', ...rest] = shownHeadStep(value, system).split(/ (?=oz|g$)/);
    return { number, unit: rest.join(' ') };
  }
  if (unit === 'share') return { number: String(Math.round(HUNDREDTHS * value)), unit: words.ofHundred };
  if (unit === 'hundred') return { number: String(Math.round(value)), unit: words.ofHundred };
  if (unit === 'degrees') return { number: String(Math.round(value)), unit: '°' };
  return { number: value.toFixed(2), unit: '' };
}

const joined = ({ number, unit }: { readonly number: string; readonly unit: string }): string =>
  unit === '' || unit === '°' ? `${number}${unit}` : `${number} ${unit}`;

/** A read-out in words: its value, its band, and its verdict where it has one. */
export function readoutText(readout: Readout, system: UnitSystem): { readonly value: string; readonly band: string } {
  const { id, unit, value, band, word } = readout;
  const verdict = word && word !== 'not-applicable' ? words.READOUT_WORD[word] : '';
  if (value === null) return { value: verdict || (words.READOUT_TEXT[id].none ?? words.noneOfIt), band: '' };
  const shownValue = joined(readoutNumber(unit, value, system));
  const ends = band?.map((end) => readoutNumber(unit, end, system));
  return {
    value: verdict ? words.valueAndVerdict(shownValue, verdict) : shownValue,
    band: ends ? (ends[0]!.number === ends[1]!.number ? '' : words.fromTo(ends[0]!.number, joined(ends[1]!))) : '',
  };
}

/** A change of a read-out since an earlier state, with its sign; empty where it rounds to none. */
export function readoutChange(unit: ReadoutUnit, from: number | null, to: number | null, system: UnitSystem): string {
  if (from === null || to === null) return from === to ? '' : words.isNew;
  const sign = to > from ? '+' : '−';
  // heads are sold in steps, a difference between two is not
  const { number } = readoutNumber(unit === 'headMass' ? 'mass' : unit, Math.abs(to - from), system);
  return Number(number) === 0 ? '' : `${sign}${number}`;
}
