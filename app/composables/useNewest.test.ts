import { expect, test } from '@jest/globals';
import { effectScope, nextTick, ref } from 'vue';
import { fail, issue, ok, type Result } from '@core';
import { useNewest } from './useNewest';

/** An asker that answers when a test says so. */
function byHand() {
  const asked: number[] = [];
  let give: (answer: Result<string>) => void = () => undefined;
  const ask = (question: number): Promise<Result<string>> => {
    asked.push(question);
    return new Promise((resolve) => (give = resolve));
  };
  const answer = async (with_: Result<string>): Promise<void> => {
    give(with_);
    for (let at = 0; at < 4; at++) await nextTick();
  };
  return { asked, ask, answer };
}

test('one question at a time: those between are passed over, and only the newest is answered', async () => {
  const { asked, ask, answer } = byHand();
  const question = ref<number | null>(1);
  const { last, busy } = effectScope().run(() => useNewest(() => question.value, ask))!;
  expect([asked, busy.value]).toEqual([[1], true]);
  for (const next of [2, 3]) {
    question.value = next;
    await nextTick();
  }
  expect(asked).toEqual([1]);
  await answer(ok('of 1'));
  expect([asked, last.value, busy.value]).toEqual([[1, 3], null, true]);
  await answer(ok('of 3'));
  expect([last.value, busy.value]).toEqual([{ to: 3, answer: 'of 3' }, false]);
  question.value = 4;
  await nextTick();
  // what stood there stands until the next answer comes
  expect([last.value?.to, busy.value]).toEqual([3, true]);
  await answer(fail([issue('our-fault', '', { got: 'it broke' })]));
  expect([last.value, busy.value]).toEqual([null, false]);
});

test('a problem is told in words and goes with the next answer; nothing to ask is nothing answered', async () => {
  const { ask, answer } = byHand();
  const question = ref<number | null>(1);
  const { last, problem, busy } = effectScope().run(() => useNewest(() => question.value, ask))!;
  await answer(fail([issue('our-fault', '', { got: 'it broke' })]));
  expect(problem.value).toContain('it broke');
  question.value = 2;
  await nextTick();
  await answer(ok('well'));
  expect([problem.value, last.value?.answer]).toEqual(['', 'well']);
  question.value = null;
  await nextTick();
  expect([last.value, busy.value]).toEqual([null, false]);
});
