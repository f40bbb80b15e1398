import { afterAll, describe, expect, test } from '@jest/globals';
import { advise, makeTicket, type Backup, type Ticket } from '@core';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import { PanderoDatabase } from '../db/database';
import { type AllRows, type OnScreen, backupOf } from '../db/everything';
import type { WorkerLike } from '../workers/asker';
import type { Asked } from '../workers/serve';
import { startBeside } from './beside';
import type { FileJob } from './file-jobs';
import { doFileJob, writtenAndRead } from './jobs';

const MADE_AT = '2026-09-26T07:00:00.000Z';
const ticket = makeTicket(advise(NORTH_ARM, DEMO_BOX, 1).picks[0]!, NORTH_ARM, {
  id: 't',
  madeAt: MADE_AT,
  name: 'first',
});
const ON_SCREEN: OnScreen = {
  settings: { units: 'us', theme: 'light', source: 'box' },
  waiting: [],
  screen: { widthPx: 1, heightPx: 1, ratio: 1 },
};
const many = (count: number, change: (at: number) => Partial<Ticket> = () => ({})): Ticket[] =>
  Array.from({ length: count }, (_, at) => ({ ...ticket, id: `t${at}`, ...change(at) }));
const rowsWith = (tickets: readonly Ticket[]): AllRows => ({
  settings: [],
  waters: [],
  parts: [],
  tickets,
  builds: [],
  trips: [],
  outings: [],
  tests: [],
  setAside: [],
});
const backupWith = (tickets: readonly Ticket[]): Backup =>
  backupOf(rowsWith(tickets), ON_SCREEN, MADE_AT, 'as-they-are');
const db = new PanderoDatabase('beside');
afterAll(() => db.close());
const quiet = (): void => undefined;

/** A second worker that lives in this thread, and what it was asked. */
function second(answer?: (id: number) => object | null) {
  const seen = { rows: 0, jobs: 0, ended: 0 };
  const make = (): WorkerLike => {
    const worker: WorkerLike = {
      onmessage: null,
      onerror: null,
      postMessage(message) {
        const { id, job } = message as Asked<Extract<FileJob, { do: 'check-rows' }>>;
        seen.jobs++;
        seen.rows += (JSON.parse(job.text) as unknown[]).length;
        void doFileJob(job, db, quiet).then((value) => {
          const said = answer ? answer(id) : { value };
          if (said) worker.onmessage?.({ data: { id, ...said } as never });
        });
      },
      terminate: () => void seen.ended++,
    };
    return worker;
  };
  return { make, seen };
}
const written = async (tickets: readonly Ticket[], make: () => WorkerLike, silentMs?: number) => {
  const told: number[] = [];
  const beside = startBeside(make, silentMs);
  const made = await writtenAndRead(backupWith(tickets), (part) => told.push(part), beside);
  return { made, told };
};

describe('a backup whose rows are checked by a second worker', () => {
  test('is the same file; every row of it was checked', async () => {
    const { make, seen } = second();
    const tickets = many(410);
    const { made, told } = await written(tickets, make);
    const alone = await writtenAndRead(backupWith(tickets), quiet);
    if (!made.ok || !alone.ok) throw new Error('refused');
    expect(await made.value.blob.text()).toBe(await alone.value.blob.text());
    expect(seen).toMatchObject({ rows: 410, jobs: 2 });
    expect(told).toEqual([...told].sort((a, b) => a - b));
  });
  test.each([
    ['that the reader refuses', { note: 'x'.repeat(3000) }, 'tickets[45].note'],
    ['that the reader would change', { name: ' spaced ' }, 'tickets'],
    ['with an id that another has', { id: 't3' }, 'tickets[45].id'],
    ['that JSON cannot hold', { score: NaN }, 'tickets'],
  ])('with one row %s is none', async (_, odd, where) => {
    const { made } = await written(
      many(60, (at) => (at === 45 ? odd : {})),
      second().make,
    );
    expect(made.ok ? [] : made.issues[0]).toMatchObject({ code: 'backup-differs', data: { got: where } });
  });
  test.each([
    ['never answers', second(() => null).make],
    ['reports a bug', second(() => ({ bug: 'moon' })).make],
    [
      'dies',
      (): WorkerLike => {
        const { make } = second(() => null);
        const worker = make();
        setTimeout(() => worker.onerror?.({}), 5);
        return worker;
      },
    ],
    [
      'cannot be had',
      (): WorkerLike => {
        throw new Error('no workers here');
      },
    ],
  ])('one that %s is done without', async (_, make) => {
    const { made } = await written(many(50), make, 30);
    expect(made.ok && made.value.counts.tickets).toBe(50);
  });
  test('it is started for a large backup alone, and ended after it', async () => {
    const { make, seen } = second();
    const backUp = (count: number) =>
      doFileJob({ do: 'back-up', onScreen: ON_SCREEN, madeAt: MADE_AT, rows: rowsWith(many(count)) }, db, quiet, make);
    expect((await backUp(10)).ok).toBe(true);
    expect(seen).toEqual({ rows: 0, jobs: 0, ended: 0 });
    expect((await backUp(1000)).ok).toBe(true);
    expect(seen).toMatchObject({ rows: 1000, ended: 1 });
  });
  test('tickets of the store are checked while they are read; one that cannot be written goes along set aside', async () => {
    const { make, seen } = second();
    await db.tickets.bulkPut(many(2100, (at) => (at === 1500 ? { note: 7n as never } : { note: `${at}` })));
    const made = await doFileJob({ do: 'back-up', onScreen: ON_SCREEN, madeAt: MADE_AT, rows: null }, db, quiet, make);
    if (!made.ok) throw new Error(made.issues[0]!.code);
    expect(made.value.counts).toMatchObject({ tickets: 2099, setAside: 1 });
    expect(seen.rows).toBeGreaterThan(1500);
    const { tickets } = JSON.parse(await made.value.blob.text()) as Backup;
    expect(new Set(tickets.map(({ note }) => note)).size).toBe(2099);
  });
});
