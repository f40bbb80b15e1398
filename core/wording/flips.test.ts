import { expect, test } from '@jest/globals';
import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../units/units';
import { DEFAULT_WATER } from '../water/schema';
import { flipText } from './flips';

const water = {
  ...DEFAULT_WATER,
  temperatureC: tempCFromF(60),
  visibilityM: lengthMFromIn(20),
  depthM: lengthMFromFt(4),
};
test.each([
  ['temperatureC', tempCFromF(56), '4 °F colder: at 56 °F'],
  ['temperatureC', tempCFromF(63), '3 °F warmer: at 63 °F'],
  ['visibilityM', lengthMFromIn(14), '6 in murkier: at 14 in'],
  ['depthM', lengthMFromFt(6), '2 ft deeper: at 6 ft'],
  ['depthM', lengthMFromFt(3.5), '0.5 ft shallower: at 3.5 ft'],
  ['temperatureC', tempCFromF(60.3), 'a hair warmer: too close to call'],
  ['sky', 'dark', 'if it turns dark'],
  ['mood', 'active', 'if they become active'],
] as const)('%s to %s', (field, at, says) => expect(flipText({ field, at }, water, 'us')).toBe(says));
test('in metric', () => {
  expect(flipText({ field: 'depthM', at: water.depthM + 0.5 }, water, 'metric')).toBe('0.5 m deeper: at 1.7 m');
});
