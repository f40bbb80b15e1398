import { advise, type Advice } from '../advice/recommend/advise';
import { UNSCALED } from '../advice/recommend/score-parts';
import type { Box } from '../rig/parts/box';
import type { Water } from '../water/schema';

/**
 * An answer whose scores are shares of all that could be collected, for tests of what is picked: the best of every kind there is, the scale of what
 * people read, takes a search of its own a water. Other schools are not asked.
 */
export const adviseUnscaled = (water: Water, box: Box, top: number): Advice =>
  advise(water, box, top, { asks: 'own-school', scale: UNSCALED });
