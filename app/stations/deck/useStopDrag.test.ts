/** @jest-environment ./scripts/page-environment.mjs */
import { beforeEach, expect, test } from '@jest/globals';
import { mount } from '@vue/test-utils';
import { useStopDrag } from './useStopDrag';

let moved: (readonly [number, number])[] = [];
let drag: ReturnType<typeof useStopDrag>;
/** Four things beside each other, a hundred pixels wide. */
const places = (): HTMLElement[] =>
  Array.from({ length: 4 }, (_, at) => {
    const element = document.createElement('th');
    element.getBoundingClientRect = () => ({ left: 100 * at, width: 100, top: 0, height: 20 }) as DOMRect;
    return element;
  });
const pointer = (kind: string, x: number, pointerId = 1): void => {
  const event = new Event(kind) as Event & Record<string, number>;
  Object.assign(event, { clientX: x, clientY: 0, pointerId, button: 0 });
  window.dispatchEvent(event);
};
const grab = (at: number): void =>
  drag.grab({ clientX: 100 * at + 50, clientY: 0, pointerId: 1, button: 0 } as PointerEvent, at);

beforeEach(() => {
  moved = [];
  mount({
    setup() {
      drag = useStopDrag(
        places,
        () => 'x',
        (from, to) => moved.push([from, to]),
      );
      return () => null;
    },
  });
});

test.each([
  ['to the end', 0, 395, [[0, 3]]],
  ['two places on', 0, 265, [[0, 2]]],
  ['to the front', 3, 5, [[3, 0]]],
  ['back where it was', 1, 160, []],
])('dropped %s', (_where, from, x, found) => {
  grab(from);
  pointer('pointermove', x);
  pointer('pointerup', x);
  expect(moved).toEqual(found);
  expect([drag.held.value, drag.over.value]).toEqual([null, null]);
});
test('a finger that only trembles moves nothing; nor does one that is cancelled, another finger, or Escape', () => {
  grab(0);
  pointer('pointermove', 52);
  expect(drag.over.value).toBeNull();
  pointer('pointerup', 52);
  grab(0);
  pointer('pointermove', 395);
  pointer('pointercancel', 395);
  grab(0);
  pointer('pointermove', 395, 2);
  pointer('pointerup', 395, 2);
  expect(drag.held.value).toBe(0);
  window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
  expect([moved, drag.held.value]).toEqual([[], null]);
});
