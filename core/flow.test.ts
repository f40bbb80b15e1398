import { expect, test } from '@jest/globals';
import { floorsOf, readFloors } from './testing/floors';

test.each([
  ['core', readFloors<readonly string[]>('core/flow.json').map((floor) => [floor])],
  ['app', readFloors<readonly (readonly string[])[]>('app/flow.json')],
])('in %s every file stands on a floor, no import runs back up, and nothing reaches itself', (root, floors) => {
  expect(floorsOf(root, floors)).toEqual({ unplaced: [], empty: [], up: [], circles: [] });
});
