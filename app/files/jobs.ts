import {
  backupPieces,
  checkRows,
  emptyBox,
  fail,
  issue,
  JSON_LIMIT_CHARS,
  LOG_VERSION,
  msOf,
  ok,
  outingOf,
  readPanderoJson,
  sameJson,
  writeLog,
  writeLogCsv,
  writeTickets,
  type Backup,
  type Box,
  type Log,
  type ReadHow,
  type ReadFile,
  type Result,
} from '@core';
import { boxOfRows } from '../db/box-of-rows';
import { takeIntoBox } from '../db/box-rows';
import type { PanderoDatabase } from '../db/database';
import { addOutings, addTickets, addTrip } from '../db/add';
import { backupOf, readAll, restoreBackup, type AllRows, type OnScreen } from '../db/everything';
import { keep } from '../db/keep';
import { overlay } from '../db/overlay';
import { perTable } from '../db/stored-kinds';
import '../db/later-kinds';
import type { WorkerLike } from '../workers/asker';
import { startBeside, type Beside } from './beside';
import type { BackupFile, FileAnswers, FileJob, Taken, Tell } from './file-jobs';
import { previewOf, readBytes, type Incoming } from './incoming';

/** Rows written between two reports of progress. */
const REPORT_EVERY = 500;

async function boxNow(of: PanderoDatabase, { waiting }: OnScreen): Promise<Box> {
  return boxOfRows(overlay('part', await of.parts.orderBy('at').toArray(), waiting));
}

/** @param box  what a list is compared with */
async function incoming(file: Blob, how: ReadHow, box: () => Promise<Result<Box>>): Promise<Result<Incoming>> {
  let bytes: Uint8Array;
  try {
    bytes = new Uint8Array(await file.arrayBuffer());
  } catch {
    return fail([issue('no-such-file', '', { got: (file as File).name ?? '' })]);
  }
  const compared = await box();
  return compared.ok ? readBytes(bytes, compared.value, how) : compared;
}

async function take(
  of: PanderoDatabase,
  job: Extract<FileJob, { readonly do: 'take' }>,
  tell: Tell,
): Promise<Result<Taken>> {
  // what it changes was shown before; whoever takes it compares anew
  const read = await incoming(job.file, job.how, () => Promise.resolve(ok(emptyBox())));
  if (!read.ok) return read;
  tell(0.6);
  const file = read.value;
  const { aside } = file;
  const taken = (count: number, epoch: string | null = null): Result<Taken> =>
    ok({ count, aside: aside.length, epoch });
  if (file.what === 'backup') {
    const restored = await restoreBackup(file.backup, job.onScreen.screen, aside, of);
    return restored.ok ? taken(file.count, restored.value) : restored;
  }
  if (file.what === 'tickets') {
    const added = await addTickets(file.tickets, aside, of);
    return added.ok ? taken(file.count) : added;
  }
  if (file.what === 'outings') {
    const added = await addOutings(file.outings, aside, of);
    return added.ok ? ok({ count: file.count, aside: aside.length, epoch: null, outings: added.value }) : added;
  }
  if (file.what === 'trip') {
    const added = await addTrip(file.trip, of);
    return added.ok ? taken(file.count) : added;
  }
  const added = await takeIntoBox(file.parts, job.mode, of, aside);
  return added.ok ? taken(file.count) : added;
}

/** How many rows of each kind a backup holds. */
function countsOf(backup: Backup): BackupFile['counts'] {
  const parts = Object.values(backup.box).reduce((sum, tray) => sum + (Array.isArray(tray) ? tray.length : 0), 0);
  return {
    ...perTable(({ table }) => (table === 'parts' ? parts : backup[table].length)),
    setAside: backup.setAside.length,
  };
}

/**
 * Writes a backup and reads it back, by the very reader that will import it, before anybody says that it is one.
 * @param beside  checks rows of large lists meanwhile, in a worker of its own; where there is none, or it is lost, they are checked here
 * @returns the file, or how it differs from what was to be saved
 */
export async function writtenAndRead(
  backup: Backup,
  tell: Tell,
  beside: Beside | null = null,
): Promise<Result<BackupFile>> {
  const pieces: string[] = [];
  const counts = countsOf(backup);
  const total = 2 * Object.values(counts).reduce((sum, count) => sum + count, 0) + 100;
  for (const piece of backupPieces(backup, beside?.rowText)) {
    pieces.push(piece);
    if (pieces.length % REPORT_EVERY === 0) tell(Math.min(1, pieces.length / total) * 0.4);
  }
  pieces.push('\n');
  const text = pieces.join('');
  if (text.length > JSON_LIMIT_CHARS) {
    return fail([issue('too-big-a-file', '', { got: text.length, limit: JSON_LIMIT_CHARS })]);
  }
  tell(0.5);
  beside?.allSent();
  const isSame = (read: Result<ReadFile>): Result<null> => {
    if (!read.ok) return fail([issue('backup-differs', '', { got: read.issues[0]?.path ?? '' }), ...read.issues]);
    const back = read.value.value as Backup;
    const differs = (Object.keys(backup) as (keyof Backup)[]).find((part) => !sameJson(back[part], backup[part]));
    return differs ? fail([issue('backup-differs', '', { got: differs })]) : ok(null);
  };
  let same = isSame(readPanderoJson(text, ['backup'], 'all-or-nothing', beside?.lists));
  tell(0.8);
  const blob = new Blob([text], { type: 'application/json' });
  if (beside && same.ok && !(await beside.areWell(tell))) same = isSame(readPanderoJson(text, ['backup']));
  tell(0.9);
  if (!same.ok) return same;
  return ok({ blob, counts });
}

/** Tickets from which a second worker is worth its start. */
const BESIDE_FROM = 1000;
/** Counted first: a nested worker starts only while its creator is idle, not while it is busy. */
async function isLarge(rows: AllRows | null, of: PanderoDatabase): Promise<boolean> {
  const count = rows ? ok(rows.tickets.length) : await keep(() => of.tickets.count(), of);
  return count.ok && count.value >= BESIDE_FROM;
}

async function backUp(
  { rows: onScreen, ...job }: Extract<FileJob, { readonly do: 'back-up' }>,
  of: PanderoDatabase,
  tell: Tell,
  makeSecond: (() => WorkerLike) | null,
): Promise<Result<BackupFile>> {
  const beside = makeSecond && (await isLarge(onScreen, of)) ? startBeside(makeSecond) : null;
  try {
    const rows = onScreen ? ok(onScreen) : await keep(() => readAll(of, beside?.ahead), of);
    if (!rows.ok) return rows;
    tell(0.2);
    let furthest = 0;
    const made = (how: 'checked' | 'as-they-are', by: Beside | null): Promise<Result<BackupFile>> =>
      writtenAndRead(
        backupOf(rows.value, job.onScreen, job.madeAt, how),
        (part) => {
          // a second reading begins anew, what is shown does not
          furthest = Math.max(furthest, part);
          tell(0.2 + 0.8 * furthest);
        },
        by,
      );
    try {
      const trusting = await made('as-they-are', beside);
      if (trusting.ok) return trusting;
    } catch {
      // a row of no shape that can be written: found by the check
    }
    return await made('checked', null);
  } finally {
    beside?.end();
  }
}

/**
 * Does one job.
 * @param makeSecond  starts a second worker of the same kind, where that can be had
 */
export async function doFileJob<J extends FileJob>(
  job: J,
  of: PanderoDatabase,
  tell: Tell,
  makeSecond?: (() => WorkerLike) | null,
): Promise<Result<FileAnswers[J['do']]>>;
export async function doFileJob(
  job: FileJob,
  of: PanderoDatabase,
  tell: Tell,
  makeSecond: (() => WorkerLike) | null = null,
): Promise<Result<unknown>> {
  switch (job.do) {
    case 'read': {
      const read = await incoming(job.file, job.how, () => keep(() => boxNow(of, job.onScreen), of));
      return read.ok ? ok(previewOf(read.value)) : read;
    }
    case 'take':
      return take(of, job, tell);
    case 'back-up':
      return backUp(job, of, tell, makeSecond);
    case 'log': {
      const rows = await keep(() => of.outings.orderBy('changedAt').toArray(), of);
      if (!rows.ok) return rows;
      const kept = overlay('outing', rows.value, job.onScreen.waiting);
      const outings = kept.map(outingOf).sort((a, b) => msOf(a.from) - msOf(b.from));
      const log: Log = { kind: 'log', version: LOG_VERSION, outings };
      const [text, type] =
        job.as === 'json' ? [writeLog(log), 'application/json'] : [writeLogCsv(log), 'text/csv;charset=utf-8'];
      return ok({ blob: new Blob([text], { type }), count: outings.length });
    }
    case 'check-rows':
      return ok(checkRows(job.list, job.text));
    case 'tickets': {
      const rows = await keep(() => of.tickets.orderBy('madeAt').toArray(), of);
      if (!rows.ok) return rows;
      const tickets = overlay('ticket', rows.value, job.onScreen.waiting);
      return ok({ blob: new Blob([writeTickets(tickets)], { type: 'application/json' }), count: tickets.length });
    }
  }
}
