/** Chance from a seed, so that a made-up world is the same twice. */
export interface Dice {
  /** 0 to 1 */
  next(): number;
  /** a count with a mean */
  poisson(mean: number): number;
  normal(): number;
  one<T>(of: readonly T[]): T;
}

export function dice(seed: number): Dice {
  let state = (seed * 7919 + 12_345) % 2_147_483_647;
  const next = (): number => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
  for (let at = 0; at < 5; at++) next();
  return {
    next,
    poisson(mean) {
      let count = 0;
      for (let product = next(), limit = Math.exp(-mean); product > limit; product *= next()) count++;
      return count;
    },
    normal: () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next()),
    one: (of) => of[Math.floor(next() * of.length)]!,
  };
}
