import { TRAYS, type Tray } from '../../rig/parts/box';
import { COLUMNS } from './columns';

/** A word of a header: the column it means, and the unit it names for cells that name none. */
export interface Heading {
  readonly name: string;
  readonly unit: string | null;
}

/** Columns of all trays by name, with the units their cells may carry. */
const UNITS = new Map(
  TRAYS.flatMap((tray) => COLUMNS[tray].map(({ name, units }) => [name, units ?? []] as const)).filter(
    ([, units]) => units.length > 0,
  ),
);

/** Spellings and words that mean a column of ours. */
const SAME_AS: Readonly<Record<string, string>> = {
  qty: 'quantity',
  count: 'quantity',
  'head style': 'style',
};

const plainWords = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/\bcolor\b/g, 'colour')
    .replace(/[\s_-]+/g, ' ');

/** `Weight (oz)`, `length [mm]`, `mass in g` and `Color` as the columns they mean. */
export function headingOf(text: string): Heading {
  const words = plainWords(text);
  const match = /^(.*?)\s*(?:[([]\s*([a-z"'#]+)\.?\s*[)\]]|\bin ([a-z]+)|,\s*([a-z]+))$/.exec(words);
  const unit = match?.[2] ?? match?.[3] ?? match?.[4];
  const name = match?.[1] ?? '';
  if (unit !== undefined && UNITS.get(name)?.includes(unit)) return { name, unit };
  return { name: Object.hasOwn(SAME_AS, words) ? SAME_AS[words]! : words, unit: null };
}

/** A cell with the unit its header names, where it is a number alone. */
export const withUnit = (cell: string, unit: string | null): string =>
  unit !== null && /\d/.test(cell) && !/[a-z"'#]/i.test(cell) ? `${cell.trim()} ${unit}` : cell;

/** The tray whose required columns a header holds. */
export function trayOf(header: readonly Heading[]): Tray | null {
  const names = new Set(header.map(({ name }) => name));
  return (
    TRAYS.find((tray) => COLUMNS[tray].every(({ name, required }) => required !== true || names.has(name))) ?? null
  );
}
