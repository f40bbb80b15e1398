import { displayUnit, shown, type UnitSystem } from '../units/display';
import type { TippingPoint } from '../advice/recommend/tipping-points';
import type { Water } from '../water/schema';
import * as phrases from '../locale/en/phrases';

const QUANTITY = { temperatureC: 'temperature', visibilityM: 'visibility', depthM: 'depth' } as const;

/**
 * How far a water has to change for another rig to take a place, in the units a person reads: `2 ft deeper: at 6 ft`. A distance that vanishes in
 * what is shown is too close to call.
 */
export function flipText({ field, at }: Pick<TippingPoint, 'field' | 'at'>, water: Water, system: UnitSystem): string {
  if (field === 'sky') return phrases.LIGHT_TURNS[at as Water['sky']];
  if (field === 'mood') return phrases.THEY_TURN[at as Water['mood']];
  const value = at as number;
  const { fromSi, digits, unit } = displayUnit(QUANTITY[field], system);
  const off = Math.abs(fromSi(value) - fromSi(water[field])).toFixed(digits);
  const [less, more] = phrases.WATER_TURNS[field];
  const way = value < water[field] ? less : more;
  return Number(off) === 0
    ? phrases.tooCloseToCall(way)
    : phrases.awayAt(`${off.replace(/\.0$/, '')} ${unit}`, way, shown(QUANTITY[field], value, system));
}
