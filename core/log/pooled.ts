import { betaQuantile, gammaQuantile, logGamma } from './distributions';

/** Partial pooling of rates (gamma-Poisson) and shares (beta-binomial) of several groups, by a hierarchical model whose prior is averaged over a grid. */

/** How often something happened in so many hours. */
export interface Counted {
  readonly count: number;
  readonly hours: number;
}
/** How often something came of so many tries. */
export interface Tried {
  readonly wins: number;
  readonly tries: number;
}
/** Posterior of a rate of events: a gamma distribution by shape and rate. */
export interface GammaKnown {
  readonly shape: number;
  readonly rate: number;
}
/** Posterior of a share: a beta distribution by its two shapes. */
export interface BetaKnown {
  readonly a: number;
  readonly b: number;
}

/** Probabilities at the ends of an 80 % credible interval. */
export const BAND = [0.1, 0.9] as const;
export const gammaBand = ({ shape, rate }: GammaKnown): readonly [number, number] => [
  gammaQuantile(shape, rate, BAND[0]),
  gammaQuantile(shape, rate, BAND[1]),
];
export const betaBand = ({ a, b }: BetaKnown): readonly [number, number] => [
  betaQuantile(a, b, BAND[0]),
  betaQuantile(a, b, BAND[1]),
];
export const gammaMean = ({ shape, rate }: GammaKnown): number => shape / rate;
export const betaMean = ({ a, b }: BetaKnown): number => a / (a + b);

/** Prior of one group alone: weak, after Jeffreys. @source jeffreys-1946 */
const ALONE: GammaKnown = { shape: 0.5, rate: 0.01 };
const ALONE_SHARE: BetaKnown = { a: 0.5, b: 0.5 };

/** Priors that several groups may share, each with its posterior probability given what was counted. */
export type Common<Known> = readonly (Known & { readonly weight: number })[];

/** Grid of the prior's shape: the smaller, the further groups spread about their common mean. */
const SHAPES = [0.35, 0.6, 1, 1.7, 2.9, 5, 8.5, 14, 24, 40, 70, 120, 200] as const;
/** Grid of the prior's mean, in standard errors of the pooled estimate. */
const MEANS = [-2.4, -1.8, -1.2, -0.6, 0, 0.6, 1.2, 1.8, 2.4] as const;
/** Scale of the half-Cauchy hyperprior on the spread between groups; the prior's shape is one over the square of the spread. @source adr-0031 */
const USUAL_SPREAD = 0.6;
const spreadPrior = (shape: number): number => {
  const spread = 1 / Math.sqrt(shape);
  // Jacobian: the hyperprior is on the spread, the grid even in the logarithm of the shape
  return spread / (1 + (spread / USUAL_SPREAD) ** 2);
};

/** Normalised posterior weights of a grid from log-likelihoods and priors; points of less than one in a million are dropped. */
function weighed<Known>(
  rows: readonly { readonly known: Known; readonly log: number; readonly prior: number }[],
): Common<Known> {
  const most = Math.max(...rows.map(({ log }) => log));
  const all = rows.map(({ known, log, prior }) => ({ ...known, weight: prior * Math.exp(log - most) }));
  const sum = all.reduce((total, { weight }) => total + weight, 0);
  return all.map((one) => ({ ...one, weight: one.weight / sum })).filter(({ weight }) => weight > 1e-6);
}

/** Posterior over the gamma prior that the rates of several groups share, by its negative-binomial marginal likelihood. One group alone gets the weak prior. */
export function commonRate(groups: readonly Counted[]): Common<GammaKnown> {
  const seen = groups.filter(({ hours }) => hours > 0);
  const total = seen.reduce((sum, { count }) => sum + count, 0);
  const hours = seen.reduce((sum, group) => sum + group.hours, 0);
  if (seen.length < 2 || total === 0) return [{ ...ALONE, weight: 1 }];
  const likely = (shape: number, rate: number): number =>
    seen.reduce(
      (sum, { count, hours: h }) =>
        sum +
        logGamma(shape + count) -
        logGamma(shape) +
        shape * Math.log(rate) -
        (shape + count) * Math.log(rate + h) +
        count * Math.log(h),
      0,
    );
  return weighed(
    SHAPES.flatMap((shape) => {
      const unsure = Math.sqrt(1 / total + 1 / (shape * seen.length));
      return MEANS.map((step) => {
        const rate = shape / ((total / hours) * Math.exp(step * unsure));
        // means stand further apart where they are less sure
        return { known: { shape, rate }, log: likely(shape, rate), prior: spreadPrior(shape) * unsure };
      });
    }),
  );
}

/** Posterior of the rate of one group, averaged over the shared prior and matched to a gamma by mean and variance. */
export function rateKnown({ count, hours }: Counted, common: Common<GammaKnown>): GammaKnown {
  // the group's own count is part of the likelihood the weights were made from: it is not used a second time
  const each = common.map(({ shape, rate, weight }) => ({ shape: shape + count, rate: rate + hours, weight }));
  const mean = each.reduce((sum, { shape, rate, weight }) => sum + (weight * shape) / rate, 0);
  const square = each.reduce((sum, { shape, rate, weight }) => sum + (weight * shape * (shape + 1)) / rate ** 2, 0);
  const variance = square - mean ** 2;
  return { shape: mean ** 2 / variance, rate: mean / variance };
}

/** Posterior over the beta prior that the shares of several groups have in common, by its beta-binomial marginal likelihood. */
export function commonShare(groups: readonly Tried[]): Common<BetaKnown> {
  const seen = groups.filter(({ tries }) => tries > 0);
  const wins = seen.reduce((sum, group) => sum + group.wins, 0);
  const tries = seen.reduce((sum, group) => sum + group.tries, 0);
  if (seen.length < 2 || wins === 0 || wins === tries) return [{ ...ALONE_SHARE, weight: 1 }];
  const logBeta = (a: number, b: number): number => logGamma(a) + logGamma(b) - logGamma(a + b);
  const likely = (a: number, b: number): number =>
    seen.reduce((sum, { wins: k, tries: n }) => sum + logBeta(a + k, b + n - k) - logBeta(a, b), 0);
  const centre = Math.log(wins / (tries - wins));
  const share = wins / tries;
  return weighed(
    SHAPES.flatMap((shape) => {
      // a size of four shapes spreads odds about as far as a shape spreads rates
      const size = 4 * shape;
      const unsure = Math.sqrt(1 / (tries * share * (1 - share)) + 4 / (size * seen.length));
      return MEANS.map((step) => {
        const mean = 1 / (1 + Math.exp(-(centre + step * unsure)));
        const [a, b] = [mean * size, (1 - mean) * size];
        return { known: { a, b }, log: likely(a, b), prior: spreadPrior(shape) * unsure };
      });
    }),
  );
}
export function shareKnown({ wins, tries }: Tried, common: Common<BetaKnown>): BetaKnown {
  const each = common.map(({ a, b, weight }) => ({ a: a + wins, b: b + tries - wins, weight }));
  const mean = each.reduce((sum, { a, b, weight }) => sum + (weight * a) / (a + b), 0);
  const square = each.reduce((sum, { a, b, weight }) => sum + (weight * a * (a + 1)) / ((a + b) * (a + b + 1)), 0);
  const size = (mean * (1 - mean)) / (square - mean ** 2) - 1;
  return { a: mean * size, b: (1 - mean) * size };
}

/** Posterior of one group by itself under the weak prior. */
export const rateAlone = ({ count, hours }: Counted): GammaKnown => ({
  shape: ALONE.shape + count,
  rate: ALONE.rate + hours,
});
export const shareAlone = ({ wins, tries }: Tried): BetaKnown => ({
  a: ALONE_SHARE.a + wins,
  b: ALONE_SHARE.b + tries - wins,
});

/** Number of quantiles a distribution is represented by: the midpoints of as many equal probabilities. */
const PLACES = 96;
const middles = (quantileAt: (p: number) => number): readonly number[] =>
  Array.from({ length: PLACES }, (_, at) => quantileAt((at + 0.5) / PLACES));
export const gammaPlaces = ({ shape, rate }: GammaKnown): readonly number[] =>
  middles((p) => gammaQuantile(shape, rate, p));
export const betaPlaces = ({ a, b }: BetaKnown): readonly number[] => middles((p) => betaQuantile(a, b, p));

/** Probability that one of two independent quantities is larger, each given by its sorted equiprobable quantiles. */
export function chanceLarger(one: readonly number[], other: readonly number[]): number {
  let below = 0;
  let at = 0;
  const sorted = [...other].sort((a, b) => a - b);
  let wins = 0;
  for (const value of [...one].sort((a, b) => a - b)) {
    while (at < sorted.length && sorted[at]! < value) at++;
    below = at;
    let ties = 0;
    for (let same = at; same < sorted.length && sorted[same] === value; same++) ties++;
    wins += below + ties / 2;
  }
  return wins / (one.length * other.length);
}

/** Chance that a rate is larger than another. */
export const chanceBeats = (one: GammaKnown, other: GammaKnown): number =>
  chanceLarger(gammaPlaces(one), gammaPlaces(other));

/** A chance that settles a question, and most hours anybody waits for it. */
export const SETTLED = 0.9;
const MOST_HOURS = 2000;

/**
 * Further hours on each, shared evenly, after which a question is expected to be settled if it goes on as it went.
 * @param chanceAfter  chance of what leads now after so many further hours
 * @returns            0 where it is settled already; null where it would take more than anybody fishes
 */
export function hoursToSettle(chanceAfter: (hours: number) => number): number | null {
  if (chanceAfter(0) >= SETTLED) return 0;
  if (chanceAfter(MOST_HOURS) < SETTLED) return null;
  let [low, high] = [0, MOST_HOURS];
  while (high - low > 0.5) {
    const middle = (low + high) / 2;
    if (chanceAfter(middle) >= SETTLED) high = middle;
    else low = middle;
  }
  return high;
}
