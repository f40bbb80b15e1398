import { describe, expect, test } from '@jest/globals';
import { DEFAULT_WATER, emptyBox } from '@core';
import type { RankReply, RankRequest } from './protocol';
import { createRanker, type Mailbox } from './ranker';

function setUp() {
  const sent: RankRequest[] = [];
  const answers: RankReply[] = [];
  const worker: Mailbox = { postMessage: (message) => sent.push(message), onmessage: null, onerror: null };
  const ranker = createRanker(worker, (reply) => answers.push(reply));
  const ask = (depthM: number): void => ranker.rank({ water: { ...DEFAULT_WATER, depthM }, box: emptyBox(), top: 1 });
  const finish = (at: number): void =>
    worker.onmessage!({ data: { id: sent[at]!.id, ok: false, bug: `answer ${sent[at]!.water.depthM}` } });
  return { sent, answers, worker, ask, finish };
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
