import { shallowRef, watch } from 'vue';
import { defineStore } from 'pinia';
import { timedTestSchema, parseWith, type Issue, type TestTold, type TimedTest } from '@core';
import { useLiveRows } from '../live/useLiveRows';
import { db } from '../db/database';
import '../db/later-kinds';
import { keeper } from '../db/our-keeper';
import { askLog } from '../workers/ask-log';
import { useKeeping } from './keeping';
import { useLearned } from './learned';
import { useNotices } from './notices';
import * as words from '../locale/en/log-tests';

/** Drop and wake tests and the calibration they give; it is put in force whenever a test changes. */
export const useTests = defineStore('tests', () => {
  const learned = useLearned();
  const notices = useNotices();
  const { rows, ready } = useLiveRows(
    'test',
    () => db.tests.orderBy('changedAt').toArray(),
    (a, b) => a.changedAt.localeCompare(b.changedAt),
  );
  const told = shallowRef<ReadonlyMap<string, TestTold>>(new Map());

  let newest: readonly TimedTest[] | null = null;
  async function teach(tests: readonly TimedTest[]): Promise<void> {
    newest = tests;
    const taught = await askLog('teach', { tests });
    if (newest !== tests) return;
    if (!taught.ok) return notices.complain(taught.issues);
    told.value = new Map(taught.value.told.map((one) => [one.id, one]));
    learned.setBelief(taught.value.belief);
  }
  watch(
    [rows, ready],
    ([tests, isReady]) => {
      if (isReady) void teach(tests);
    },
    { immediate: true },
  );

  /**
   * Keeps a test.
   * @returns problems that keep it from being taken; empty when it was
   */
  async function put(test: TimedTest, base: TimedTest | null): Promise<readonly Issue[]> {
    const parsed = parseWith(timedTestSchema, { ...test, changedAt: new Date().toISOString() });
    if (!parsed.ok) return parsed.issues;
    useKeeping().somethingToLose();
    const kept = await keeper.put('test', parsed.value, base);
    return kept.ok ? [] : kept.issues;
  }
  async function remove(test: TimedTest): Promise<void> {
    const removed = await keeper.remove('test', test);
    if (!removed.ok) return notices.complain(removed.issues);
    notices.say(words.testDeleted, () => keeper.put('test', test, null));
  }
  /** A test with some of its fields changed; `undefined` takes one away. */
  const change = (
    test: TimedTest,
    part: { readonly isOut?: true | undefined; readonly readings?: TimedTest['readings'] },
  ) => {
    const next = Object.fromEntries(
      Object.entries({ ...test, ...part }).filter(([, value]) => value !== undefined),
    ) as TimedTest;
    return put(next, test);
  };
  return { rows, ready, told, put, remove, change };
});
