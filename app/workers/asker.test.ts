import { describe, expect, test } from '@jest/globals';
import { createAsker, type WorkerLike } from './asker';

type Say = (answer: object) => void;

/** Workers made up by a test: what each does with a job. */
function setUp(
  behave: readonly ((say: Say, job: string, broken: () => void) => void)[],
  more: { readonly here?: (job: string) => string; readonly restarted?: () => void } = {},
) {
  let made = 0;
  let ended = 0;
  const make = (): WorkerLike => {
    const act = behave[Math.min(made++, behave.length - 1)]!;
    const worker: WorkerLike = {
      onmessage: null,
      onerror: null,
      postMessage(message) {
        const { id, job } = message as { id: number; job: string };
        act(
          (answer) => worker.onmessage?.({ data: { id, ...answer } as never }),
          job,
          () => worker.onerror?.({}),
        );
      },
      terminate: () => void ended++,
    };
    return worker;
  };
  const asker = createAsker<string, string>({ what: 'Counting', make, silentMs: 40, ...more });
  return { asker, counts: () => ({ made, ended }) };
}
const well = (say: Say, job: string): void => say({ value: `${job} done` });
const silent = (): void => undefined;
const code = (result: { readonly ok: boolean; readonly issues?: readonly { readonly code: string }[] }): string =>
  result.ok ? 'ok' : result.issues![0]!.code;

describe('a worker', () => {
  test('answers, and is used again', async () => {
    const { asker, counts } = setUp([well]);
    expect(await Promise.all([asker.ask('a'), asker.ask('b')])).toEqual([
      { ok: true, value: 'a done' },
      { ok: true, value: 'b done' },
    ]);
    expect(counts()).toEqual({ made: 1, ended: 0 });
  });
  test('that hangs is noticed, started anew and asked once more', async () => {
    const { asker, counts } = setUp([silent, well]);
    expect(await asker.ask('a')).toEqual({ ok: true, value: 'a done' });
    expect(counts()).toEqual({ made: 2, ended: 1 });
  });
  test('that is started anew says so, once', async () => {
    let said = 0;
    const { asker } = setUp([silent, well], { restarted: () => void said++ });
    await asker.ask('a');
    await asker.ask('b');
    expect(said).toBe(1);
  });
  test('that hangs every time is said', async () => {
    expect(code(await setUp([silent]).asker.ask('a'))).toBe('worker-silent');
  });
  test('that works long and says so is left alone', async () => {
    const { asker } = setUp([
      (say, job) => {
        for (let at = 1; at <= 4; at++) setTimeout(() => say({ progress: at / 5 }), at * 25);
        setTimeout(() => say({ value: `${job} done` }), 125);
      },
    ]);
    const told: number[] = [];
    expect(await asker.ask('a', (part) => told.push(part))).toEqual({ ok: true, value: 'a done' });
    expect(told).toEqual([0.2, 0.4, 0.6, 0.8]);
  });
  test('that throws says what, and the next job is done', async () => {
    const { asker } = setUp([(say, job) => (job === 'a' ? say({ bug: 'TypeError: moon\n  at x' }) : well(say, job))]);
    const failed = await asker.ask('a');
    expect([code(failed), failed.ok ? '' : failed.issues[0]!.data['got']]).toEqual([
      'our-fault',
      'Counting: TypeError: moon',
    ]);
    expect(code(await asker.ask('b'))).toBe('ok');
  });
  test('that dies in the middle is started anew', async () => {
    const { asker, counts } = setUp([
      (say, _, broken) => {
        say({ progress: 0.1 });
        broken();
      },
      well,
    ]);
    expect(code(await asker.ask('a'))).toBe('ok');
    expect(counts().made).toBe(2);
  });
  test('that cannot be had is done without, or said', async () => {
    const missing = (_: Say, __: string, broken: () => void): void => broken();
    expect(await setUp([missing], { here: (job) => `${job} here` }).asker.ask('a')).toEqual({
      ok: true,
      value: 'a here',
    });
    expect(code(await setUp([missing]).asker.ask('a'))).toBe('worker-missing');
    const throws = setUp([missing], {
      here: () => {
        throw new Error('moon');
      },
    });
    expect(code(await throws.asker.ask('a'))).toBe('our-fault');
  });
});
