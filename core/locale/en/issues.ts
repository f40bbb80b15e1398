import type { Issue, IssueCode } from '../../result';
import { oneLine } from '../../units/one-line';

type Data = Issue['data'];
type Wording = (data: Data) => string;

const list = (value: string | number | undefined): string =>
  String(value ?? '')
    .split(' ')
    .filter(Boolean)
    .join(', ');

/** What is wrong, why, and what to do, for every code. */
const WORDING: Readonly<Record<IssueCode, Wording>> = {
  'read-in-the-log': () => 'This belongs to the log. Open the Log, and choose “Import” there.',
  'no-readings': () =>
    'There is no depth, temperature or place in it that can be read. Record sentences DPT, DBT, MTW, RMC or GGA.',
  'ends-before': ({ got, from }) => `ends at ${got}, before it begins at ${from}. Swap the two, or correct the day.`,
  'outside-the-outing': ({ got, from, to }) =>
    `was at ${got}, outside the outing from ${from} to ${to}. Correct its time, or let the outing last longer.`,
  'read-on-the-deck': () =>
    'This is a list of places. Open the Deck, and choose “Stops from a file” there: what is taken is chosen first.',
  'solver-missing': () =>
    'What plans a day could not be fetched: the server that brought the page does not answer. Start it again, then change something of the day; what you entered is kept.',
  'cannot-unpack': () =>
    'This browser is too old to unpack the day of an address. Bring its browser up to date, or use the file.',
  'broken-code': () =>
    'The address holds a day that cannot be read: part of it is missing. Scan the code once more, or use the file.',
  'not-xml': ({ why }) => `The file cannot be read as places (${why}). Write it anew from where it came, as GPX 1.1.`,
  'no-places': () => 'There are no waypoints and no route points in it. Mark places, and write the file again.',
  'rest-too-long': ({ got, limit }) =>
    `Its tracks and routes are too long to be kept beside the plan (${got} characters, the most is ${limit}). Keep the file itself.`,
  overlaps: ({ got, until, name }) =>
    name === 'day'
      ? `begins at ${got}, before the day does at ${until}. Begin the day earlier, or the stop later.`
      : `begins at ${got}, while stop “${name}” lasts until ${until}. Shorten that one, or begin this one later.`,
  'not-in-order': () => 'comes before the hour above it, or stands there twice. Put the hours in order.',
  'none-to-take': ({ tray }) =>
    `holds no ${tray} that can be fished. Put at least one in: a deck is planned from the box.`,
  'no-such-rod': ({ got, count }) =>
    `${got} is no rod of the box that can be fished; it has ${count}, counted from 0. Name another, or leave the lock out.`,
  missing: ({ expected }) => `is missing. It cannot be guessed; fill it in${expected ? ` (${expected})` : ''}.`,
  'wrong-type': ({ got, expected }) =>
    `holds ${got ?? 'something'} where ${expected ?? 'something else'} belongs. Correct it.`,
  'not-a-number': ({ got, in: where, reads }) => {
    if (where !== 'json') return `"${got}" is not a number. Write 0.375, 0,375 or 3/8.`;
    return reads === undefined
      ? `holds ${got} where a number belongs. Write one such as 0.375, without quotes.`
      : `"${got}" is text where a number belongs. Write ${reads}, without quotes.`;
  },
  'too-small': ({ got, limit }) => `${got} is too small; the least is ${limit}. Check the number and its unit.`,
  'too-large': ({ got, limit }) => `${got} is too large; the most is ${limit}. Check the number and its unit.`,
  'not-one-of': ({ got, allowed }) => `"${got}" is not known here. Use one of: ${list(allowed)}.`,
  'unknown-field': () => 'is not a field of this file. Remove it or correct its name.',
  'below-the-bottom': ({ got, depthM }) =>
    `${got} m lies below the bottom at ${depthM} m. Make it shallower or the water deeper.`,
  'upside-down-band': ({ fromM, toM }) => `starts at ${fromM} m and ends above it at ${toM} m. Swap the two.`,
  'upside-down-want': ({ from, to }) => `starts at ${from} and ends below it at ${to}. Swap the two.`,
  'cut-to-nothing': ({ cutMm, lengthMm, leftMm }) =>
    `cuts take ${cutMm} of ${lengthMm} mm; at least ${leftMm} mm must stay on the hook. Cut less.`,
  'nothing-may-be-cut': ({ allowed }) => `leaves nothing that may be cut. Allow at least one of: ${list(allowed)}.`,
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
  'too-deep': ({ limit }) =>
    `nests deeper than ${limit} brackets. No file of Pandero does; it was damaged or is something else. Export it again.`,
  'duplicate-key': () => 'stands twice in one place. Only one can count; remove the other.',
  'not-read-yet': ({ got }) => `This is ${got}. It is recognised and not read here. Choose a JSON or CSV file.`,
  'not-text': ({ got }) => `This is ${got}. A JSON or CSV file in UTF-8 is read here; save it as one.`,
  'read-as-latin-1': () =>
    'The letters are stored the old way (Latin-1), so they were read that way. Check accents; save as UTF-8 next time.',
  'no-room': () =>
    'The disk, or this browser’s share of it, is full, so this is not stored yet. It stays on the screen and is tried again: save a backup file, then free some space.',
  'store-blocked': () =>
    'Another tab holds an older state of the store, so this page cannot open it. Close the other tabs of Pandero; this one goes on by itself.',
  'store-newer': () =>
    'The store was written by a newer version of Pandero than this page. Nothing in it was touched. Reload the page to get the newer version.',
  'store-deleted': () =>
    'The browser’s store was deleted while this page was open. What is on the screen is still here: save it as a backup file, then reload the page.',
  'store-closed': () =>
    'A newer version of Pandero has taken over the store from another tab. Everything entered here was handed to it. Reload this page to go on.',
  'store-unavailable': ({ got }) =>
    `This browser gives the page no store${got ? ` (${got})` : ''}, so nothing here outlives the tab. Private windows and strict settings do that: use a normal window, or save a backup file before you leave.`,
  'store-broken': ({ got }) =>
    `The store could not be read (${got}). Nothing was deleted. Reload the page; if it stays so, save a backup file from Files.`,
  'cannot-be-stored': ({ got }) =>
    `It is not of a shape that can be stored (${got}), which is our own fault. It stays on the screen; save a backup file.`,
  'backup-differs': ({ got }) =>
    `The backup did not read back as it was written (${got}), so it was not saved. What you entered is untouched; try again and report it.`,
  'worker-silent': ({ got }) => `${got} stopped answering and was started anew. Nothing entered is lost.`,
  'worker-missing': ({ got }) =>
    `${got} could not be started: the part of the app it runs on is not to be had. Reload the page; what you entered is kept.`,
  'our-fault': ({ got }) => `Something went wrong here, which is our own fault (${got}). What you entered is kept.`,
  'never-moves': () => 'never moves the lure: no step reels, shakes, drags or lifts. Add a step that does.',
  'cast-not-first': () => 'is a cast in the middle of a retrieve. Put the pitch or the skip first, or take it out.',
  'slack-beyond-cast': ({ got, limit }) =>
    `gives ${got} m of line, more than the ${limit} m of the cast. Give less, or cast further.`,
  'cast-too-short': ({ got, limit }) =>
    `a cast of ${got} m is shorter than the ${limit} m needed from a tip this high. Cast further or lower the tip.`,
  'not-downwards': ({ got }) =>
    `${got} m: distances of a bottom must grow from point to point. Put the points in the order of their distance.`,
  'needs-block': ({ family, block }) =>
    `is missing. A rig of the family ${family} works by its "${block}"; say which it carries.`,
  'no-such-size': ({ got, allowed }) => `is not made in size ${got}. Sizes are: ${list(allowed)}.`,
  'nothing-reaches': ({ got, limit }) =>
    `No setting reaches ${got} m; the nearest runs at ${limit} m. Change the target or another setting.`,
  'jumps-past': ({ got, from, to, unit }) =>
    `No setting holds it at ${got} m: between ${from} and ${to} ${unit} it jumps past that depth. Change the target or a step of the retrieve.`,
  'never-half-way': () =>
    'At no setting does it come half way back. Make the cast longer, or reel longer in the steps of the retrieve.',
  'no-value': () => 'stands without a value. Write it behind the option.',
  'takes-no-value': ({ got }) => `takes no value, yet "${got}" stands behind it. Write the option alone.`,
  'too-many-kept': ({ got, limit, what }) =>
    `${got} ${what} would be kept here; the most is ${limit}. Save a backup file, then delete what is old.`,
  'unknown-command': ({ got, allowed }) => `"${got}" is no command. Commands are: ${list(allowed)}.`,
  'unknown-option': ({ allowed }) => `is no option here. Options are: ${list(allowed)}.`,
  'cannot-write': ({ got, why }) => `The file "${got}" cannot be written (${why}). Choose another place, or make room.`,
  'no-such-file': ({ got }) => `The file "${got}" cannot be read. Check its name and place.`,
};

/** One problem in words, without its place. */
export const issueSays = ({ code, data }: Issue): string => WORDING[code](plain(data));

/** Values of somebody else's on one line each, nothing hidden in them. */
const plain = (data: Data): Data =>
  Object.fromEntries(
    Object.entries(data).map(([name, value]) => [name, typeof value === 'string' ? oneLine(value) : value]),
  );

/** Where a problem is: line and field, as far as known. */
export function issuePlace({ path: place, line }: Issue): string {
  const path = oneLine(place);
  if (line === undefined) return path;
  return path === '' ? `line ${line}` : `line ${line}, ${path}`;
}

/** One problem on one line: place first, then what, why and what to do. */
export function issueText(found: Issue): string {
  const place = issuePlace(found);
  return place === '' ? issueSays(found) : `${place}: ${issueSays(found)}`;
}
