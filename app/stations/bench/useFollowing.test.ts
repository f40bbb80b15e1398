import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { effectScope, ref, shallowRef } from 'vue';
import type { BenchView, Rig } from '@core';
import { useFollowing } from './useFollowing';

const rigs = ['a', 'b', 'c'].map((name) => ({ name }) as unknown as Rig);
const [a, b, c] = rigs as [Rig, Rig, Rig];

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

function following(): {
  rig: { value: Rig };
  lead: { value: BenchView };
  held: { value: boolean };
  shown: (view: BenchView) => Rig;
} {
  const [rig, lead, held] = [shallowRef(a), ref<BenchView>('side'), ref(false)];
  const shown = effectScope().run(() => useFollowing(rig, lead, held))!;
  return { rig, lead, held, shown };
}
const VIEWS = ['side', 'top', 'front', 'sheet'] as const;

test('the drawing that leads shows a rig at once, all others soon after, the newest of several', async () => {
  const { rig, lead, held, shown } = following();
  [lead.value, held.value] = ['sheet', true];
  rig.value = b;
  expect(VIEWS.map(shown)).toEqual([a, a, a, b]);
  rig.value = c;
  expect(shown('sheet')).toBe(c);
  held.value = false;
  await jest.runAllTimersAsync();
  expect(VIEWS.map(shown)).toEqual([c, c, c, c]);
});

test('while it is held the others have their turns too', async () => {
  const { rig, held, shown } = following();
  held.value = true;
  rig.value = b;
  await jest.runAllTimersAsync();
  expect(VIEWS.map(shown)).toEqual([b, b, b, b]);
});
