/** Pairs of different heads and trailers that are compared at most, and up to how many the other schools are asked too. */
export const PAIR_LIMITS = { compared: 150_000_000, withDissent: 1_500_000 } as const;
