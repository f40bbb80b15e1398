import { NAME } from '../locale/en/names';
import * as says from '../locale/en/part-fields';
import { BLADE_TITLE } from '../locale/en/tackle';
import { computedMassG, type WeighedTray } from '../rig/body/part-mass';
import { CONDITIONS, MASS_TRUSTS, type AnyPart } from '../rig/parts/box';
import { STYLE_FITTINGS } from '../rig/parts/catalogue';
import { BLADE_FINISHES, BLADE_SHAPES } from '../tackle/blades';
import { COLOURS } from '../tackle/colours';
import { type HeadStyle } from '../tackle/heads';
import { choiceOf, COUNT, MASS, WORDS, type FieldKind } from './kinds';

/** Fittings a head may carry; each has a part of the form of its own. */
export const FITTINGS = ['guard', 'skirt', 'blade', 'arms'] as const;
export type Fitting = (typeof FITTINGS)[number];

/**
 * One field of a part, told once: its place, its column in lists, its line in the form, what it is when nobody says.
 * Its limits, and whether it may be left out, are those of the schema (`described.ts` joins the two).
 */
export interface FieldRow {
  /** place in the part: `outer`, `outer.inner`, or `outer.0.inner` for one of a list */
  readonly place: string;
  readonly column: string;
  readonly of: FieldKind;
  /** what the column holds, in words; for a choice its ids unless said */
  readonly about?: string;
  readonly example?: string;
  /** what it is where nobody says, by the part as far as it is told; a list must say what has none and may not be left out */
  readonly fill?: (part: Readonly<Record<string, unknown>>) => unknown;
  /** where the form has it, and under which name */
  readonly form?: { readonly at: 'part' | 'measured' | Fitting; readonly title: string; readonly none?: string };
  /** what the tables say, in the unit of files, beside what was measured */
  readonly computed?: (part: AnyPart) => number | null;
}

export const PLAIN_COLOUR = 'green pumpkin';
export const fixed =
  <T>(value: T) =>
  (): T =>
    value;
export const ofPart = (title: string, none?: string) => ({
  at: 'part' as const,
  title,
  ...(none === undefined ? {} : { none }),
});
export const ofFitting = (at: Fitting, title: string) => ({ at, title });
export const COLOUR: FieldKind = { ...WORDS, suggestions: COLOURS.map(({ name }) => name) };

export const fittingsOf = (part: Readonly<Record<string, unknown>>): (typeof STYLE_FITTINGS)[HeadStyle] | undefined =>
  STYLE_FITTINGS[part['style'] as HeadStyle] as (typeof STYLE_FITTINGS)[HeadStyle] | undefined;

export const OWNED: readonly FieldRow[] = [
  { place: 'quantity', column: 'quantity', of: COUNT, about: says.howManyYouHave, example: '3' },
  { place: 'condition', column: 'condition', of: choiceOf(CONDITIONS), about: says.goodTornOrRusty },
  { place: 'label', column: 'label', of: WORDS, about: says.yourOwnWordsFor, form: ofPart(says.label) },
];
export const weighed = (tray: WeighedTray): readonly FieldRow[] => [
  {
    place: 'massG',
    column: 'mass',
    of: MASS,
    about: says.onlyIfYouWeighed,
    form: { at: 'measured', title: tray === 'heads' ? says.massWithHookGuard : says.mass },
    computed: (part) => computedMassG[tray](part as never),
  },
  { place: 'massTrust', column: 'mass counts', of: choiceOf(MASS_TRUSTS), about: says.whichCounts },
];
export const blade = (at: 0 | 1, name: string, about: string): readonly FieldRow[] => [
  {
    place: `blades.${at}.shape`,
    column: name,
    of: choiceOf(BLADE_SHAPES, BLADE_TITLE),
    about,
    fill: fixed('colorado'),
  },
  { place: `blades.${at}.size`, column: `${name} size`, of: COUNT, about: says.bladeSizes, fill: fixed(4) },
  {
    place: `blades.${at}.finish`,
    column: `${name} finish`,
    of: choiceOf(BLADE_FINISHES, NAME),
    fill: fixed('nickel'),
  },
];
