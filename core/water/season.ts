import type { Water } from './schema';

/** Temperatures between which seasons turn, °C; the same water is another season on its way up than on its way down. @source craft-practice */
const WINTER_C = 9;
const SPAWN_C = { from: 15, to: 20 } as const;
const SUMMER_C = 22;

/** The season of water of a temperature, °C, on its way up or down. */
export function seasonBy(now: number, rises: boolean): Water['season'] {
  if (now < WINTER_C) return 'winter';
  if (!rises) return now >= SUMMER_C ? 'summer' : 'autumn';
  if (now < SPAWN_C.from) return 'prespawn';
  if (now < SPAWN_C.to) return 'spawn';
  return now < SUMMER_C ? 'postspawn' : 'summer';
}

/** Months in which water warms up in the north, February to July. */
const WARMING = { from: 1, to: 6 } as const;

/**
 * What season it is taken for where nobody said it: by the calendar, which tells whether water warms or cools, and by how warm it is.
 * @param month  0 for January; a year of the northern half is meant, the other half says its own
 */
export const assumedSeason = (temperatureC: number, month: number): Water['season'] =>
  seasonBy(temperatureC, month >= WARMING.from && month <= WARMING.to);
