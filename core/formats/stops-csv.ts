import { PART_LIMITS } from '../rig/parts/schema';
import Papa from 'papaparse';
import type { Stop } from '../deck/trip';
import { TRIP_LIMITS } from '../deck/trip';
import { fail, issue, ok, type Issue, type Result } from '../result';
import { COVER_KINDS, DENSITIES, WATER_LIMITS, type Water } from '../water/schema';
import { delimiterOf, tableOf } from './csv-rows';
import { guarded, unguarded } from './formula';
import { USUAL_MINUTES, type GpxPlace } from './gpx/read';

/** A place of a list: as one of a map, and it need not say where it lies. */
export type ListedPlace = Omit<GpxPlace, 'lat' | 'lon' | 'gpx'> & { readonly lat?: number; readonly lon?: number };

/** Columns of a list of stops, in SI; the last three tell a plan, and are not read back. */
export const STOP_COLUMNS = [
  'name',
  'at',
  'minutes',
  'weight',
  'lat',
  'lon',
  'depthM',
  'temperatureC',
  'visibilityM',
  'cover',
  'coverM',
  'rod',
  'rig',
  'answers',
] as const;
type StopColumn = (typeof STOP_COLUMNS)[number];

const NUMBERS = {
  minutes: TRIP_LIMITS.minutes,
  weight: TRIP_LIMITS.weight,
  lat: TRIP_LIMITS.lat,
  lon: TRIP_LIMITS.lon,
  depthM: WATER_LIMITS.depthM,
  temperatureC: WATER_LIMITS.temperatureC,
  visibilityM: WATER_LIMITS.visibilityM,
  coverM: TRIP_LIMITS.coverM,
} as const;
type NumberColumn = keyof typeof NUMBERS;

export interface WrittenStop extends Pick<
  Stop,
  'name' | 'minutes' | 'weight' | 'at' | 'lat' | 'lon' | 'coverM' | 'water'
> {
  /** what answers it, in words; empty where it was not planned */
  readonly rod: string;
  readonly rig: string;
  /** 0 to 1 */
  readonly answers: number | null;
}

/** Cover in one cell: kind, density, and how deep its top lies, one behind the other. */
const coverText = (cover: Water['cover']): string =>
  cover.map(({ kind, density, topM }) => [kind, density, ...(topM === undefined ? [] : [topM])].join(' ')).join('; ');

/** Stops as a table, with what answers them. */
export function writeStopsCsv(stops: readonly WrittenStop[]): string {
  const data = stops.map(({ water, answers, ...stop }) => {
    const cells: Record<StopColumn, string | number | undefined> = {
      ...{ name: stop.name, at: stop.at, minutes: stop.minutes, weight: stop.weight, lat: stop.lat, lon: stop.lon },
      ...{ depthM: water.depthM, temperatureC: water.temperatureC, visibilityM: water.visibilityM },
      ...{ cover: coverText(water.cover), coverM: stop.coverM, rod: stop.rod, rig: stop.rig },
      answers: answers === null ? undefined : Number(answers.toFixed(3)),
    };
    return STOP_COLUMNS.map((column) => guarded(String(cells[column] ?? '')));
  });
  return `\uFEFF${Papa.unparse({ fields: [...STOP_COLUMNS], data }, { newline: '\r\n' })}\r\n`;
}

function readCover(text: string, line: number, issues: Issue[]): Water['cover'] {
  return text.split(';').flatMap((one): Water['cover'] => {
    const [kindWord = '', densityWord = 'medium', top] = one.trim().split(/\s+/);
    if (kindWord === '') return [];
    const kind = COVER_KINDS.find((known) => known === kindWord);
    const density = DENSITIES.find((known) => known === densityWord);
    const topM = top === undefined ? undefined : Number(top.replace(',', '.'));
    if (!kind)
      issues.push(issue('not-one-of', 'cover', { got: kindWord.slice(0, 40), allowed: COVER_KINDS.join(' ') }, line));
    if (!density)
      issues.push(issue('not-one-of', 'cover', { got: densityWord.slice(0, 40), allowed: DENSITIES.join(' ') }, line));
    if (topM !== undefined && !(topM >= 0))
      issues.push(issue('not-a-number', 'cover', { got: top!.slice(0, 40) }, line));
    return kind && density ? [{ kind, density, ...(topM === undefined ? {} : { topM }) }] : [];
  });
}

function readRow(cells: ReadonlyMap<StopColumn, string>, line: number, issues: Issue[]): ListedPlace {
  const numbers: Partial<Record<NumberColumn, number>> = {};
  for (const [name, { min, max }] of Object.entries(NUMBERS) as [NumberColumn, { min: number; max: number }][]) {
    const text = (cells.get(name) ?? '').trim();
    if (text === '') continue;
    const value = Number(text.replace(',', '.'));
    if (!Number.isFinite(value)) issues.push(issue('not-a-number', name, { got: text.slice(0, 40) }, line));
    else if (value < min) issues.push(issue('too-small', name, { got: value, limit: min }, line));
    else if (value > max) issues.push(issue('too-large', name, { got: value, limit: max }, line));
    else numbers[name] = value;
  }
  const at = (cells.get('at') ?? '').trim();
  const isClock = /^([01]?\d|2[0-3]):[0-5]\d$/.test(at);
  if (at !== '' && !isClock)
    issues.push(issue('wrong-type', 'at', { got: at.slice(0, 40), expected: 'a time such as 06:40' }, line));
  const cover = readCover(cells.get('cover') ?? '', line, issues);
  const { minutes = USUAL_MINUTES, weight, lat, lon, coverM, ...water } = numbers;
  const has = <T extends object>(of: T): T =>
    Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as T;
  return {
    name: (cells.get('name') ?? '').trim().slice(0, PART_LIMITS.text).trim(),
    minutes,
    ...has({ weight, lat, lon, coverM }),
    ...(isClock ? { at: at.padStart(5, '0') } : {}),
    water: { ...water, ...(cover.length > 0 ? { cover } : {}) },
  } as ListedPlace;
}

/** Whether the first line of a text heads a list of stops. */
export const isStopsCsv = (text: string): boolean => {
  const first =
    text
      .replace(/^\uFEFF/, '')
      .slice(0, 2000)
      .split(/\r|\n/)
      .find((line) => line.trim() !== '' && !/^sep=/i.test(line)) ?? '';
  const words = first.split(delimiterOf(first)).map((word) => word.replace(/^"|"$/g, '').trim());
  return words.includes('name') && words.includes('minutes');
};

/** Reads a list of stops: all or nothing, every problem by line and column. */
export function readStopsCsv(text: string): Result<readonly ListedPlace[]> {
  const table = tableOf(text, STOP_COLUMNS);
  if (!table.ok) return table;
  const { header, rows, line: headerLine } = table.value;
  if (!header.includes('name'))
    return fail([
      issue(
        'wrong-header',
        '',
        { got: header.join(',').slice(0, PART_LIMITS.text).trim(), allowed: STOP_COLUMNS.join(', ') },
        headerLine,
      ),
    ]);
  if (rows.length === 0) return fail([issue('empty-file', '')]);
  const issues: Issue[] = [];
  const places = rows.map(({ cells, line }) =>
    readRow(new Map(header.map((name, at) => [name as StopColumn, unguarded(cells[at] ?? '')])), line, issues),
  );
  return issues.length > 0 ? fail(issues) : ok(places);
}
