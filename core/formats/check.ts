import { partCount, TRAYS } from '../rig/parts/box';
import { issue, type Issue } from '../result';
import { finished } from '../advice/search/progress';
import { readGpx } from './gpx/read';
import { isLogCsv, readLogCsv } from './log-csv';
import { recordingInSteps } from './nmea/recording';
import { isStopsCsv, readStopsCsv } from './stops-csv';
import { readBoxCsv } from './box-csv/read';
import { readPanderoJson } from './pandero-json/read';
import { sniff } from './sniff';

/** What a file is, how much it holds, and every problem in it. */
export interface FileReport {
  readonly format: 'json' | 'csv' | 'gpx' | 'nmea' | 'foreign';
  readonly kind: string | null;
  readonly counts: Readonly<Record<string, number>>;
  readonly issues: readonly Issue[];
  readonly notes: readonly Issue[];
}

function checkJson(text: string): FileReport {
  const read = readPanderoJson(text);
  if (!read.ok) return { format: 'json', kind: null, counts: {}, issues: read.issues, notes: [] };
  return { format: 'json', kind: read.value.kind, counts: countsOf(read.value), issues: [], notes: [] };
}

type Known = Extract<ReturnType<typeof readPanderoJson>, { ok: true }>['value'];

function countsOf(file: Known): Record<string, number> {
  switch (file.kind) {
    case 'box':
      return Object.fromEntries(TRAYS.map((tray) => [tray, file.value[tray].length]));
    case 'tickets':
      return { tickets: file.value.tickets.length };
    case 'backup':
      return {
        waters: file.value.waters.length,
        parts: partCount(file.value.box),
        tickets: file.value.tickets.length,
        builds: file.value.builds.length,
        trips: file.value.trips.length,
        outings: file.value.outings.length,
        tests: file.value.tests.length,
        setAside: file.value.setAside.length,
      };
    case 'log':
      return {
        outings: file.value.outings.length,
        events: file.value.outings.reduce((sum, { events }) => sum + events.length, 0),
      };
    case 'trip':
      return { stops: file.value.stops.length, parts: partCount(file.value.box) };
    case 'water':
      return { cover: file.value.cover.length };
    case 'rig':
      return { rigs: 1 };
    case 'plan':
      return { steps: file.value.steps.length };
  }
}

/**
 * Recognises any file this version reads by its contents, never by its name.
 * @param text  the whole file
 */
export function checkFile(text: string): FileReport {
  const { format } = sniff(text);
  if (format === 'json') return checkJson(text);
  const none = { counts: {}, notes: [] };
  if (format === 'gpx') {
    const gpx = readGpx(text);
    if (!gpx.ok) return { ...none, format, kind: null, issues: gpx.issues };
    return { format, kind: 'places', counts: { places: gpx.value.places.length }, issues: [], notes: gpx.value.notes };
  }
  if (format === 'nmea') {
    const { track, sentences, readings, corrupt, noise, foreign } = finished(recordingInSteps(text));
    const others = Object.values(foreign).reduce((sum, count) => sum + count, 0);
    return {
      ...none,
      format,
      kind: 'recording',
      counts: { sentences, readings, foreign: others, corrupt, noise, points: track.length },
      issues: readings === 0 ? [issue('no-readings', '')] : [],
    };
  }
  if (format === 'csv' && isLogCsv(text)) {
    const log = readLogCsv(text);
    if (!log.ok) return { ...none, format, kind: null, issues: log.issues };
    return { ...none, format, kind: 'log', counts: { outings: log.value.outings.length }, issues: [] };
  }
  if (format === 'csv' && isStopsCsv(text)) {
    const stops = readStopsCsv(text);
    if (!stops.ok) return { ...none, format, kind: null, issues: stops.issues };
    return { ...none, format, kind: 'stops', counts: { stops: stops.value.length }, issues: [] };
  }
  const read = readBoxCsv(text);
  if (!read.ok) return { format, kind: null, counts: {}, issues: read.issues, notes: [] };
  const { tray, notes } = read.value;
  return { format: 'csv', kind: tray, counts: { [tray]: read.value.parts.length }, issues: [], notes };
}
