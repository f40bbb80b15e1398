import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER, emptyBox } from '@core';
import type { BoxPiece, RankCancel, RankReply, RankRequest } from './protocol';
import { createRanker, type Mailbox } from './ranker';

function setUp() {
  const sent: RankRequest[] = [];
  const givenUp: number[] = [];
  const answers: RankReply[] = [];
  const pieces: BoxPiece[] = [];
  const workers: (Mailbox & { ended: boolean })[] = [];
  const make = (): Mailbox => {
    const made = {
      postMessage: (message: RankRequest | RankCancel | BoxPiece): void =>
        void ('cancel' in message
          ? givenUp.push(message.cancel)
          : 'piece' in message
            ? pieces.push(message)
            : sent.push(message)),
      terminate: () => void (made.ended = true),
      ended: false,
      onmessage: null as Mailbox['onmessage'],
      onerror: null as Mailbox['onerror'],
    };
    workers.push(made);
    return made;
  };
  const ranker = createRanker(make, (reply) => answers.push(reply), 30);
  const ask = (depthM: number): void =>
    ranker.rank({
      water: { ...DEFAULT_WATER, depthM },
      box: emptyBox(),
      top: 1,
      flipsOf: null,
      before: null,
      gear: null,
      log: null,
      belief: null,
    });
  const finish = (at: number): void =>
    workers.at(-1)!.onmessage!({ data: { id: sent[at]!.id, ok: false, bug: `answer ${sent[at]!.water.depthM}` } });
  const tell = (data: RankReply): void => workers.at(-1)!.onmessage!({ data });
  return { sent, givenUp, pieces, answers, workers, ranker, ask, finish, tell };
}

const wait = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
/** Tries until it is so; a busy machine takes its time. */
async function until(tried: () => void | Promise<void>): Promise<void> {
  for (let left = 500; ; left--) {
    try {
      return await tried();
    } catch (reason) {
      if (left === 0) throw reason;
      await wait(10);
    }
  }
}

describe('newest water wins', () => {
  test('while one is computed only the last that comes waits', () => {
    const { sent, answers, ask, finish } = setUp();
    [1, 2, 3, 4].forEach(ask);
    expect(sent.map(({ water }) => water.depthM)).toEqual([1]);
    finish(0);
    expect(sent.map(({ water }) => water.depthM)).toEqual([1, 4]);
    expect(answers).toEqual([]);
    finish(1);
    expect(answers).toMatchObject([{ bug: 'answer 4' }]);
  });
  test('a running one is given up once when newer ones come', () => {
    const { sent, givenUp, ask, tell } = setUp();
    [1, 2, 3].forEach(ask);
    expect(givenUp).toEqual([sent[0]!.id]);
    tell({ id: sent[0]!.id, cancelled: true });
    expect(sent.map(({ water }) => water.depthM)).toEqual([1, 3]);
  });
  test('progress is passed on for the newest alone', () => {
    const { sent, answers, ask, tell } = setUp();
    ask(1);
    tell({ id: sent[0]!.id, progress: 0.4 });
    ask(2);
    tell({ id: sent[0]!.id, progress: 0.5 });
    expect(answers).toEqual([{ id: sent[0]!.id, progress: 0.4 }]);
  });
  test('stopped by hand: the worker is told, and says so', () => {
    const { sent, givenUp, answers, ranker, ask, tell } = setUp();
    ask(1);
    ranker.cancel();
    tell({ id: sent[0]!.id, cancelled: true });
    expect(givenUp).toEqual([sent[0]!.id]);
    expect(answers).toEqual([{ id: sent[0]!.id, cancelled: true }]);
  });
  test('an answer is passed on at once, and the job goes on until it is told what other schools would tie', () => {
    const { sent, answers, ask, tell } = setUp();
    ask(1);
    const { id } = sent[0]!;
    tell({ id, ok: true, advice: {} as never, tookMs: 3 });
    ask(2);
    expect(answers).toMatchObject([{ id, ok: true }]);
    expect(sent).toHaveLength(1);
    tell({ id, cancelled: true });
    expect(sent).toHaveLength(2);
    tell({ id: sent[1]!.id, ok: true, advice: {} as never, tookMs: 3 });
    tell({ id: sent[1]!.id, others: [] });
    expect(answers.slice(1)).toMatchObject([{ ok: true }, { others: [] }]);
    ask(3);
    tell({ id: sent[2]!.id, flips: [] });
    expect(answers.at(-1)).toMatchObject({ flips: [] });
  });
  test('the first rig, and what other schools would tie, are passed on as they come; of an older job they are not', () => {
    const { sent, answers, ask, tell } = setUp();
    ask(1);
    const { id } = sent[0]!;
    tell({ id, first: {} as never });
    tell({ id, ok: true, advice: {} as never, tookMs: 3 });
    tell({ id, others: [] });
    expect(answers).toMatchObject([{ first: {} }, { ok: true }, { others: [] }]);
    ask(2);
    tell({ id, others: [] });
    expect(answers).toHaveLength(3);
  });
  test('one alone is answered at once', () => {
    const { answers, ask, finish } = setUp();
    ask(1);
    finish(0);
    expect(answers).toHaveLength(1);
  });
  test('a worker that says nothing is started anew with the same job; the second time it is said', async () => {
    const { sent, answers, workers, ask } = setUp();
    ask(1);
    await wait(40);
    expect([workers.map(({ ended }) => ended), sent.length]).toEqual([[true, false], 2]);
    expect(answers).toMatchObject([{ restarted: 'silent' }]);
    await wait(40);
    expect(answers[1]).toMatchObject({ ok: false, lost: 'silent' });
    ask(2);
    expect(sent.at(-1)!.water.depthM).toBe(2);
  });
  test('one that works long and says so is left alone', async () => {
    const { sent, answers, workers, ask, tell } = setUp();
    ask(1);
    for (let at = 0; at < 4; at++) {
      await wait(20);
      tell({ id: sent[0]!.id, alive: true });
    }
    expect([workers.length, answers]).toEqual([1, []]);
  });
  test('one that cannot be had is tried once more, then said, and the next job is tried again', () => {
    const { answers, workers, ask, finish } = setUp();
    ask(1);
    workers[0]!.onerror!({});
    workers[1]!.onerror!({});
    expect(answers).toMatchObject([{ restarted: 'missing' }, { ok: false, lost: 'missing' }]);
    ask(2);
    finish(2);
    expect(answers.at(-1)).toMatchObject({ bug: 'answer 2' });
  });
  test('what an ended worker still says is not heard', async () => {
    const { sent, answers, workers, ask } = setUp();
    ask(1);
    await wait(40);
    workers[0]!.onmessage!({ data: { id: sent[0]!.id, ok: false, bug: 'late' } });
    expect(answers).toMatchObject([{ restarted: 'silent' }]);
  });
  test('a large box goes over in pieces, once for as long as it is the same; a newer job does not wait for it', async () => {
    const { sent, pieces, ranker, finish } = setUp();
    const box = { ...emptyBox(), lines: Array.from({ length: 1500 }, () => ({ kind: 'braid', lb: 50 }) as const) };
    const ask = (depthM: number): void =>
      ranker.rank({
        water: { ...DEFAULT_WATER, depthM },
        box,
        top: 1,
        flipsOf: null,
        before: null,
        gear: null,
        log: null,
        belief: null,
      });
    ask(1);
    ask(2);
    await until(() => expect(sent.map(({ water, box: from }) => [water.depthM, from])).toEqual([[2, 'held']]));
    const last = pieces.slice(pieces.map(({ isFirst }) => isFirst).lastIndexOf(true));
    expect(last.map(({ piece }) => piece.lines!.length)).toEqual([600, 600, 300]);
    finish(0);
    const before = pieces.length;
    ask(3);
    await until(() => expect([sent.length, pieces.length]).toEqual([2, before]));
  });
});
