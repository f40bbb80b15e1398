import type { Issue, IssueCode } from '../result';

type Data = Issue['data'];
type Wording = (data: Data) => string;

const list = (value: string | number | undefined): string =>
  String(value ?? '')
    .split(' ')
    .filter(Boolean)
    .join(', ');

/** What is wrong, why, and what to do, for every code. */
const WORDING: Readonly<Record<IssueCode, Wording>> = {
  missing: ({ expected }) => `is missing. It cannot be guessed; fill it in${expected ? ` (${expected})` : ''}.`,
  'wrong-type': ({ got, expected }) =>
    `holds ${got ?? 'something'} where ${expected ?? 'something else'} belongs. Correct it.`,
  'not-a-number': ({ got }) => `"${got}" is not a number. Write 0.375, 0,375 or 3/8.`,
  'too-small': ({ got, limit }) => `${got} is too small; the least is ${limit}. Check the number and its unit.`,
  'too-large': ({ got, limit }) => `${got} is too large; the most is ${limit}. Check the number and its unit.`,
  'not-one-of': ({ got, allowed }) => `"${got}" is not known here. Use one of: ${list(allowed)}.`,
  'unknown-field': () => 'is not a field of this file. Remove it or correct its name.',
  'below-the-bottom': ({ got, depthM }) =>
    `${got} m lies below the bottom at ${depthM} m. Make it shallower or the water deeper.`,
  'upside-down-band': ({ fromM, toM }) => `starts at ${fromM} m and ends above it at ${toM} m. Swap the two.`,
  'cut-to-nothing': ({ cutMm, lengthMm, leftMm }) =>
    `cuts take ${cutMm} of ${lengthMm} mm; at least ${leftMm} mm must stay on the hook. Cut less.`,
  'wrong-family': ({ family, block }) =>
    `"${block}" does not belong on a rig of the family ${family}. Remove it or change the family.`,
  'not-json': ({ column }) =>
    `breaks off as JSON at column ${column}. The file may be cut short or edited; export it again.`,
  'not-pandero': ({ got }) => `This is JSON, but not a file of Pandero (${got}). Choose a box, tickets or a backup.`,
  'newer-version': ({ got, version }) =>
    `The file is of version ${got}; this program knows up to ${version}. Update it, then import.`,
  'wrong-kind': ({ got, allowed }) => `This file is ${got}; here ${allowed} is wanted. Choose another file or place.`,
  'too-big-a-file': ({ got, limit }) => `The file has ${got} characters; the most is ${limit}. Split it.`,
  'too-many-rows': ({ got, limit }) => `${got} rows; the most is ${limit}. Split the list.`,
  'empty-file': () => 'There is nothing in it. Choose another file, or start from a template.',
  'unknown-column': ({ allowed }) => `is not a column of this list. Columns are: ${allowed}.`,
  'wrong-header': ({ got, allowed }) =>
    `The header "${got}" fits no tray. Needed are: ${allowed}. Start from a template.`,
  'broken-row': ({ cells, columns }) =>
    `has ${cells} cells under ${columns} columns. Put text with a separator in quotes.`,
  'broken-quotes': () => 'has a quote mark that is never closed. Close it or double it.',
  'duplicate-id': ({ got }) => `"${got}" is there twice. Keep one.`,
  'unknown-colour': ({ got }) => `The colour "${got}" says nothing about its class; it counts as natural.`,
  'looks-like-a-date': ({ got }) =>
    `"${got}" is what a spreadsheet makes of a fraction such as 3/8. Set the column to text, or write 0.375.`,
  'mass-contradicts-size': ({ measuredG, computedG }) =>
    `weighs ${measuredG} g where its size computes to ${computedG} g, over 40 % apart. Both are kept; say in “mass counts” which one counts.`,
  'same-as-another': ({ got }) =>
    `is the same as ${got}. Raise a quantity rather than listing it twice, if it is one pile.`,
  'does-not-fit': ({ got }) => `There is no room to save this (${got}). Export a backup, then free some space.`,
  'never-moves': () => 'never moves the lure: no step reels, shakes or lifts. Add a step that does.',
  'cast-too-short': ({ got, limit }) =>
    `a cast of ${got} m is shorter than the ${limit} m needed from a tip this high. Cast further or lower the tip.`,
  'not-downwards': ({ got }) =>
    `${got} m: distances of a bottom must grow from point to point. Put the points in the order of their distance.`,
  'needs-block': ({ family, block }) =>
    `is missing. A rig of the family ${family} works by its "${block}"; say which it carries.`,
  'no-such-size': ({ got, allowed }) => `is not made in size ${got}. Sizes are: ${list(allowed)}.`,
  'nothing-reaches': ({ got, limit }) =>
    `No setting reaches ${got} m; the nearest runs at ${limit} m. Change the target or another setting.`,
  'no-value': () => 'stands without a value. Write it behind the option.',
  'unknown-command': ({ got, allowed }) => `"${got}" is no command. Commands are: ${list(allowed)}.`,
  'unknown-option': ({ allowed }) => `is no option here. Options are: ${list(allowed)}.`,
  'cannot-write': ({ got, why }) => `The file "${got}" cannot be written (${why}). Choose another place, or make room.`,
  'no-such-file': ({ got }) => `The file "${got}" cannot be read. Check its name and place.`,
};

/** One problem in words, without its place. */
export const issueSays = ({ code, data }: Issue): string => WORDING[code](data);

/** Where a problem is: line and field, as far as known. */
export function issuePlace({ path, line }: Issue): string {
  if (line === undefined) return path;
  return path === '' ? `line ${line}` : `line ${line}, ${path}`;
}

/** One problem on one line: place first, then what, why and what to do. */
export function issueText(found: Issue): string {
  const place = issuePlace(found);
  return place === '' ? issueSays(found) : `${place}: ${issueSays(found)}`;
}
