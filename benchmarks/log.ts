import {
  analysisOf,
  ownLogOf,
  outingOf,
  readLogCsv,
  spellsOf,
  taughtBy,
  writeLogCsv,
  type KeptOuting,
  type TimedTest,
} from '../core';
import { finished } from '../core/advice/search/progress';
import { recordingInSteps } from '../core/formats/nmea/recording';
import { demoSeasons, TRUE_RATES } from '../demo/seasons';
import { sentencesAt } from '../demo/sounder-track';
import { line } from './line';

/** Budgets, ms. */
const BUDGET_MS = { analysed: 1000, recording: 4000 } as const;
const OUTINGS = 2000;
const EVENTS = 40_000;
const LINES = 200_000;

const timed = <T>(run: () => T): { readonly value: T; readonly ms: number } => {
  const started = performance.now();
  const value = run();
  return { value, ms: performance.now() - started };
};

/** Outings enough for many years, from the script of the two seasons. */
export function manyOutings(): readonly KeptOuting[] {
  const all: KeptOuting[] = [];
  for (let seed = 1; all.length < OUTINGS; seed++) {
    for (const outing of demoSeasons(seed)) {
      // as many events as an angler who notes everything
      const more = Math.max(0, Math.round(EVENTS / OUTINGS) - outing.events.length);
      const last = outing.events.at(-1)!;
      const notes = Array.from({ length: more }, () => ({ at: last.at, what: 'note' as const }));
      all.push({ ...outing, id: `o${all.length}`, events: [...outing.events, ...notes] });
    }
  }
  return all.slice(0, OUTINGS);
}

/** What the log costs: years of it analysed, written and read, a recording, and what tests teach. */
export function measureLog(): void {
  const kept = manyOutings();
  const outings = kept.map(outingOf);
  line(
    'log-events',
    outings.reduce((sum, { events }) => sum + events.length, 0),
    'events',
  );
  // a worker meets each outing once and knows it then
  analysisOf(outings.slice(0, 100));
  line('log-analysed-2000-outings', timed(() => analysisOf(outings)).ms, 'ms', BUDGET_MS.analysed);
  const spells = outings.flatMap(spellsOf);
  line('log-says-in-pick', timed(() => ownLogOf(spells)).ms, 'ms');
  const log = { kind: 'log', version: 1, outings } as const;
  const csv = timed(() => writeLogCsv({ ...log, outings: [...outings] }));
  line('log-csv-written', csv.ms, 'ms');
  const read = timed(() => readLogCsv(csv.value));
  if (!read.value.ok) throw new Error('measureLog: what was written is not read');
  line('log-csv-read', read.ms, 'ms');
  const sentences: string[] = [];
  for (let second = 0; sentences.length < LINES; second++) sentences.push(...sentencesAt(second));
  const text = sentences.slice(0, LINES).join('\r\n');
  line('nmea-200000-lines', timed(() => finished(recordingInSteps(text))).ms, 'ms', BUDGET_MS.recording);
  const tests = Array.from({ length: 24 }, (_, at): TimedTest => ({
    id: `t${at}`,
    at: '2026-09-20T10:00:00+00:00',
    changedAt: '2026-09-20T10:00:00.000Z',
    what: 'drop',
    rig: TRUE_RATES[at % TRUE_RATES.length]!.rig,
    temperatureC: 16,
    depthM: 3,
    reactionS: 0.2,
    readings: [{ value: 5 + 0.1 * at }, { value: 5.1 + 0.1 * at }],
  }));
  line('tests-24-taught', timed(() => taughtBy(tests)).ms, 'ms');
}
