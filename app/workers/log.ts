import {
  analysisOf,
  atALook,
  comparedIn,
  fail,
  finishedIn,
  issue,
  odditiesOf,
  ok,
  outingOf,
  outingSums,
  ownLogOf,
  ratesBy,
  recordingInSteps,
  schoolsFavoured,
  sniff,
  spellsOf,
  taughtBy,
  type AtALook,
  type Comparison,
  type Favoured,
  type Grouping,
  type GroupRate,
  type KeptOuting,
  type LogAnalysis,
  type Oddity,
  type OwnLog,
  type Recording,
  type Result,
  type Spell,
  type Taught,
  type TimedTest,
} from '@core';
import type { Truth } from '../../demo/seasons';
import type { PanderoDatabase } from '../db/database';
import { keep } from '../db/keep';
import type { Pending } from '../db/keeper-news';
import { overlay } from '../db/overlay';
import '../db/later-kinds';

/** Which outings are looked at; what is left out is not asked. */
export interface LogFilter {
  readonly from?: string;
  readonly to?: string;
  readonly place?: string;
  readonly family?: string;
}
/** An outing as a list shows it. */
export interface OutingRow {
  readonly id: string;
  readonly place: string;
  readonly from: string;
  readonly to: string | null;
  readonly hours: number;
  readonly bites: number;
  readonly hooked: number;
  readonly landed: number;
  readonly odd: readonly Oddity[];
  /** where one was, stop by stop */
  readonly stops: readonly string[];
  readonly isDemo: boolean;
  readonly look: AtALook;
}

interface Reads {
  /** changes the store does not have yet */
  readonly waiting: readonly Pending[];
}
export interface LogRequests {
  /** every outing in short, and what the log has to say where a rig is picked */
  list: Reads & { readonly nowMs: number };
  analyse: Reads & { readonly filter: LogFilter };
  compare: Reads & { readonly filter: LogFilter; readonly by: Grouping; readonly one: string; readonly other: string };
  /** rates by what costs time to tell apart */
  rates: Reads & { readonly filter: LogFilter; readonly by: Grouping };
  schools: Reads & { readonly filter: LogFilter };
  teach: { readonly tests: readonly TimedTest[] };
  /** of the made-up seasons: what is true beside what was found */
  truth: object;
  /** a recording of a sounder */
  recording: { readonly file: Blob; readonly mountedM: number };
}
export interface LogAnswers {
  list: Result<{ readonly rows: readonly OutingRow[]; readonly ownLog: OwnLog }>;
  analyse: Result<LogAnalysis>;
  compare: Result<Comparison | null>;
  rates: Result<readonly GroupRate[]>;
  schools: Result<readonly Favoured[]>;
  teach: Taught;
  truth: readonly Truth[];
  recording: Result<Recording>;
}
export type LogAsk = keyof LogRequests;
export type LogRequest = { [Ask in LogAsk]: { readonly ask: Ask } & LogRequests[Ask] }[LogAsk];

/** Spells of outings that did not change since. */
const known = new Map<string, { readonly changedAt: string; readonly spells: readonly Spell[] }>();
function spellsBy(kept: ReadonlyMap<string, KeptOuting>): (outing: { readonly id: string }) => readonly Spell[] {
  return ({ id }) => {
    const outing = kept.get(id)!;
    const found = known.get(id);
    if (found?.changedAt === outing.changedAt) return found.spells;
    const spells = spellsOf(outingOf(outing));
    known.set(id, { changedAt: outing.changedAt, spells });
    return spells;
  };
}

/** Rows that cannot be read are skipped here; opening one says what is wrong with it. */
const isReadable = (row: Partial<KeptOuting>): boolean =>
  typeof row.id === 'string' && typeof row.from === 'string' && Array.isArray(row.events);

/** Cache of all rows: reading thousands takes half a second, and they rarely change between two requests. */
let read: { readonly of: string; readonly rows: readonly KeptOuting[] } | null = null;
async function rowsOf(of: PanderoDatabase): Promise<readonly KeptOuting[]> {
  const [count, last] = await Promise.all([of.outings.count(), of.outings.orderBy('changedAt').last()]);
  const now = `${of.name} ${count} ${last?.id ?? ''} ${last?.changedAt ?? ''}`;
  if (read?.of !== now) read = { of: now, rows: await of.outings.toArray() };
  return read.rows;
}
async function outingsOf(of: PanderoDatabase, waiting: readonly Pending[]): Promise<Result<readonly KeptOuting[]>> {
  const rows = await keep(() => rowsOf(of), of);
  return rows.ok ? ok(overlay('outing', rows.value, waiting).filter(isReadable)) : rows;
}

function passes({ from, to, place }: LogFilter): (outing: KeptOuting) => boolean {
  return (outing) => {
    const day = outing.from.slice(0, 10);
    return (
      (from === undefined || day >= from) &&
      (to === undefined || day <= to) &&
      (place === undefined || outing.place === place || outing.events.some(({ stop }) => stop === place))
    );
  };
}

async function filtered(of: PanderoDatabase, { waiting, filter }: Reads & { readonly filter: LogFilter }) {
  const all = await outingsOf(of, waiting);
  if (!all.ok) return all;
  const kept = all.value.filter(passes(filter));
  const by = spellsBy(new Map(kept.map((outing) => [outing.id, outing])));
  const { family } = filter;
  const spellsFor = (outing: { readonly id: string }): readonly Spell[] =>
    family === undefined ? by(outing) : by(outing).filter(({ rig }) => rig.family === family);
  return ok({ outings: kept.map(outingOf), spellsFor });
}

/** Odd things are looked for among neighbours in time, so that thousands need not all be held against each other. */
function listed(
  outings: readonly KeptOuting[],
  by: (outing: { readonly id: string }) => readonly Spell[],
  nowMs: number,
): OutingRow[] {
  const ordered = [...outings].sort((a, b) => Date.parse(b.from) - Date.parse(a.from));
  return ordered.map((outing, at) => {
    const { id, place, from, to } = outing;
    return {
      ...{ id, place, from, to },
      ...outingSums(by(outing)),
      odd: odditiesOf(outing, nowMs, ordered.slice(Math.max(0, at - 3), at + 4)),
      stops: [...new Set(outing.events.flatMap(({ stop }) => (stop ? [stop] : [])))],
      isDemo: outing.isDemo === true,
      look: atALook(outingOf(outing)),
    };
  });
}

async function recorded({ file, mountedM }: LogRequests['recording'], tell: (done: number) => void) {
  let text: string;
  try {
    text = await file.text();
  } catch {
    return fail([issue('no-such-file', '', { got: (file as File).name ?? '' })]);
  }
  if (sniff(text).format !== 'nmea') return fail([issue('no-readings', '')]);
  const recording = finishedIn(recordingInSteps(text, mountedM), tell);
  return recording.readings === 0 ? fail([issue('no-readings', '')]) : ok(recording);
}

type Answering = {
  readonly [Ask in LogAsk]: (of: LogRequests[Ask]) => LogAnswers[Ask] | Promise<LogAnswers[Ask]>;
};
/** Answers what the log asks. */
export async function answerLog(
  job: LogRequest,
  tell: (done: number) => void,
  of: PanderoDatabase,
): Promise<LogAnswers[LogAsk]> {
  const answers: Answering = {
    async list({ waiting, nowMs }) {
      const all = await outingsOf(of, waiting);
      if (!all.ok) return all;
      const by = spellsBy(new Map(all.value.map((outing) => [outing.id, outing])));
      return ok({ rows: listed(all.value, by, nowMs), ownLog: ownLogOf(all.value.flatMap(by)) });
    },
    async analyse(asked) {
      const found = await filtered(of, asked);
      return found.ok ? ok(analysisOf(found.value.outings, found.value.spellsFor)) : found;
    },
    async compare({ by, one, other, ...asked }) {
      const found = await filtered(of, asked);
      if (!found.ok) return found;
      return ok(comparedIn(found.value.outings.flatMap(found.value.spellsFor), by, one, other));
    },
    async rates({ by, ...asked }) {
      const found = await filtered(of, asked);
      return found.ok ? ok(ratesBy(found.value.outings.flatMap(found.value.spellsFor), by)) : found;
    },
    async schools(asked) {
      const found = await filtered(of, asked);
      if (!found.ok) return found;
      return ok(finishedIn(schoolsFavoured(found.value.outings.flatMap(found.value.spellsFor)), tell));
    },
    teach: ({ tests }) => taughtBy(tests),
    truth: async () => (await import('../../demo/seasons')).demoTruth(),
    recording: (asked) => recorded(asked, tell),
  };
  return (answers[job.ask] as (asked: LogRequest) => Promise<LogAnswers[LogAsk]>)(job);
}
