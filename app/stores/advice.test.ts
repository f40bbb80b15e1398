import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { createPinia, disposePinia, getActivePinia, setActivePinia } from 'pinia';
import { advise, type Advice } from '@core';
import { DEMO_BOX, NORTH_ARM } from '../../demo/brindle-mere';
import type { Mailbox } from '../workers/ranker';
import type { RankReply, RankRequest } from '../workers/protocol';
import { useAdvice } from './advice';
import { useWater } from './water';

/** A worker that does nothing but what a test lets it say. */
const asked: RankRequest[] = [];
let worker: Mailbox;
class SilentWorker implements Mailbox {
  onmessage: Mailbox['onmessage'] = null;
  onerror: Mailbox['onerror'] = null;
  postMessage(message: Parameters<Mailbox['postMessage']>[0]): void {
    if ('water' in message) asked.push(message);
  }
  terminate(): void {}
  addEventListener(): void {}
}
Object.assign(globalThis, {
  Worker: function make() {
    return (worker = new SilentWorker());
  },
});
const say = (data: Record<string, unknown>): void =>
  worker.onmessage!({ data: { id: asked.at(-1)!.id, ...data } as unknown as RankReply });

const whole = advise(NORTH_ARM, DEMO_BOX, 3);
/** an answer and what others would tie: the worker is free again */
const answer = (): void => {
  say({ ok: true, advice: whole, tookMs: 3 });
  say({ others: whole.picks.map(({ dissent, agree }) => ({ dissent, agree })) });
};
const first: Advice = { ...whole, picks: whole.picks.slice(0, 1) };

beforeEach(() => {
  setActivePinia(createPinia());
  useAdvice().again();
});
afterEach(() => disposePinia(getActivePinia()!));

describe('what would flip a pick', () => {
  test('is looked for once somebody looks, of the first picks of the answer that stands, and of the next one as long as they look', () => {
    const store = useAdvice();
    answer();
    expect([asked.at(-1)!.flipsOf, store.flips]).toEqual([null, null]);
    const end = store.watchFlips();
    expect(asked.at(-1)!.flipsOf).toEqual(whole.picks.map(({ base }) => base));
    say({ flips: [[], [], []] });
    expect(store.flips).toEqual([[], [], []]);
    store.again();
    expect([asked.at(-1)!.flipsOf, store.flips]).toEqual([null, null]);
    answer();
    expect(asked.at(-1)!.flipsOf).toHaveLength(3);
    end();
    store.again();
    answer();
    expect(asked.at(-1)!.flipsOf).toBeNull();
  });
  test('could not be looked for: it is said, nothing is waited for any more, and the answer stands', () => {
    const store = useAdvice();
    answer();
    store.watchFlips();
    say({ ok: false, bug: 'broken' });
    expect([store.flips, store.stopped, store.picks.length]).toEqual([[], false, 3]);
    store.again();
    say({ ok: false, bug: 'broken' });
    expect([store.flips, store.stopped]).toEqual([null, true]);
  });
  test('is given up for another water, and the answer that stands is no stopped one', () => {
    const store = useAdvice();
    answer();
    store.watchFlips();
    say({ cancelled: true });
    expect([store.stopped, store.picks.length]).toEqual([false, 3]);
  });
});

describe('an answer as it comes', () => {
  test('the first rig, then the list, then what others would tie', () => {
    const store = useAdvice();
    say({ first });
    expect([store.picks.length, store.ranking]).toEqual([1, true]);
    say({ ok: true, advice: { ...whole, picks: whole.picks.map((pick) => ({ ...pick, dissent: [] })) }, tookMs: 3 });
    expect([store.picks.length, store.ranking]).toEqual([3, false]);
    const [shown] = store.picks;
    say({ others: whole.picks.map(({ dissent, agree }) => ({ dissent, agree })) });
    expect(store.picks[0]!.dissent).toEqual(whole.picks[0]!.dissent);
    expect(store.picks[0]!.rig).toBe(shown!.rig);
  });
  test('the first rig of the next answer comes before a list that stands, which stays behind it until the others are known', () => {
    const store = useAdvice();
    answer();
    const water = store.answered;
    store.again();
    expect(asked.at(-1)!.before).toEqual(whole.picks[0]!.base);
    say({ first });
    expect([store.picks.length, store.older.map(({ rank }) => rank), store.before!.water]).toEqual([1, [2, 3], water]);
    expect(store.isFirstOnly).toBe(true);
    say({ ok: true, advice: whole, tookMs: 3 });
    expect([store.picks.length, store.older, store.before, store.isFirstOnly]).toEqual([3, [], null, false]);
  });
  test('where the new first was further down, the first of then stands in its place', () => {
    const store = useAdvice();
    answer();
    store.again();
    say({ first: { ...whole, picks: [{ ...whole.picks[2]!, rank: 1 }] } });
    expect(store.older.map(({ rank, base }) => [rank, base])).toEqual([
      [2, whole.picks[1]!.base],
      [3, whole.picks[0]!.base],
    ]);
  });
  test('given up between, the answer before stands again whole', () => {
    const store = useAdvice();
    answer();
    store.again();
    say({ first });
    say({ cancelled: true });
    expect([store.picks, store.older, store.stopped]).toEqual([whole.picks, [], true]);
  });
  test('another water, or other parts, remember no answer before', () => {
    const store = useAdvice();
    answer();
    useWater().$patch({ key: 'another' });
    store.again();
    expect(asked.at(-1)!.before).toBeNull();
  });
  test.each([
    ['given up', { cancelled: true }],
    ['broken', { ok: false, bug: 'Error: x' }],
  ])('%s, a first rig alone does not stay as if it were the answer', (_, end) => {
    const store = useAdvice();
    say({ first });
    say(end);
    expect([store.picks.length, store.answered, store.stopped]).toEqual([0, null, true]);
  });
});
