import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER, emptyBox } from '@core';
import type { RankReply, RankRequest } from './protocol';
import { createRanker, type Mailbox } from './ranker';

function setUp() {
  const sent: RankRequest[] = [];
  const givenUp: number[] = [];
  const answers: RankReply[] = [];
  const worker: Mailbox = {
    postMessage: (message) => void ('cancel' in message ? givenUp.push(message.cancel) : sent.push(message)),
    onmessage: null,
    onerror: null,
  };
  const ranker = createRanker(worker, (reply) => answers.push(reply));
  const ask = (depthM: number): void =>
    ranker.rank({ water: { ...DEFAULT_WATER, depthM }, box: emptyBox(), top: 1, flipsFor: 1 });
  const finish = (at: number): void =>
    worker.onmessage!({ data: { id: sent[at]!.id, ok: false, bug: `answer ${sent[at]!.water.depthM}` } });
  const tell = (data: RankReply): void => worker.onmessage!({ data });
  return { sent, givenUp, answers, worker, ranker, ask, finish, tell };
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
  test('an answer is passed on at once, and the job goes on until its flips are there', () => {
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
    tell({ id: sent[1]!.id, flips: [] });
    expect(answers.slice(1)).toMatchObject([{ ok: true }, { flips: [] }]);
  });
  test('one alone is answered at once', () => {
    const { answers, ask, finish } = setUp();
    ask(1);
    finish(0);
    expect(answers).toHaveLength(1);
  });
  test('a worker that breaks says so, and the next job still runs', () => {
    const { sent, answers, worker, ask, finish } = setUp();
    ask(1);
    worker.onerror!({ message: 'out of memory' });
    expect(answers).toMatchObject([{ ok: false, bug: 'out of memory' }]);
    ask(2);
    finish(1);
    expect(sent).toHaveLength(2);
    expect(answers).toHaveLength(2);
  });
});
