import { betaQuantile, gammaQuantile, logGamma } from './distributions';

/** Rates and shares of groups that learn a little from each other. */

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
/** What is known of a rate: gamma with a shape and a rate. */
export interface GammaKnown {
  readonly shape: number;
  readonly rate: number;
}
/** What is known of a share: beta. */
export interface BetaKnown {
  readonly a: number;
  readonly b: number;
}

/** Four times in five the truth lies in it. */
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

/** Before anything is known of one group alone: as good as nothing. @source jeffreys-1946 */
const ALONE: GammaKnown = { shape: 0.5, rate: 0.01 };
const ALONE_SHARE: BetaKnown = { a: 0.5, b: 0.5 };

/** What groups may have in common, each as likely as it makes what was counted. */
export type Common<Known> = readonly (Known & { readonly weight: number })[];

/** Shapes that are looked at: how far groups may lie about what they have in common, from far to hardly. */
const SHAPES = [0.35, 0.6, 1, 1.7, 2.9, 5, 8.5, 14, 24, 40, 70, 120, 200] as const;
/** Means that are looked at about the one that was counted, as factors of its own unsureness. */
const MEANS = [-2.4, -1.8, -1.2, -0.6, 0, 0.6, 1.2, 1.8, 2.4] as const;
/** A spread is as likely as any other below this, and less and less beyond: a shape is one over its square. @source adr-0031 */
const USUAL_SPREAD = 0.6;
const spreadPrior = (shape: number): number => {
  const spread = 1 / Math.sqrt(shape);
  // even in the spread, taken on shapes that stand at even steps of their logarithm
  return spread / (1 + (spread / USUAL_SPREAD) ** 2);
};

/** Weights of what is looked at, from how likely each makes what was seen, as logarithms. */
function weighed<Known>(
  rows: readonly { readonly known: Known; readonly log: number; readonly prior: number }[],
): Common<Known> {
  const most = Math.max(...rows.map(({ log }) => log));
  const all = rows.map(({ known, log, prior }) => ({ ...known, weight: prior * Math.exp(log - most) }));
  const sum = all.reduce((total, { weight }) => total + weight, 0);
  return all.map((one) => ({ ...one, weight: one.weight / sum })).filter(({ weight }) => weight > 1e-6);
}

/** What the rates of groups have in common, by how likely it makes what was counted. One group alone has nothing in common with others. */
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

/** A gamma as wide as what several of them come to. */
export function rateKnown({ count, hours }: Counted, common: Common<GammaKnown>): GammaKnown {
  // what was seen of this group says which of them it comes from, and has said so already: each counts by its weight
  const each = common.map(({ shape, rate, weight }) => ({ shape: shape + count, rate: rate + hours, weight }));
  const mean = each.reduce((sum, { shape, rate, weight }) => sum + (weight * shape) / rate, 0);
  const square = each.reduce((sum, { shape, rate, weight }) => sum + (weight * shape * (shape + 1)) / rate ** 2, 0);
  const variance = square - mean ** 2;
  return { shape: mean ** 2 / variance, rate: mean / variance };
}

/** The same of shares. */
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

/** A group by itself: nothing is known of it before it was counted. */
export const rateAlone = ({ count, hours }: Counted): GammaKnown => ({
  shape: ALONE.shape + count,
  rate: ALONE.rate + hours,
});
export const shareAlone = ({ wins, tries }: Tried): BetaKnown => ({
  a: ALONE_SHARE.a + wins,
  b: ALONE_SHARE.b + tries - wins,
});

/** Places of a distribution at which it is looked at: the middles of so many equal shares. */
const PLACES = 96;
const middles = (quantileAt: (p: number) => number): readonly number[] =>
  Array.from({ length: PLACES }, (_, at) => quantileAt((at + 0.5) / PLACES));
export const gammaPlaces = ({ shape, rate }: GammaKnown): readonly number[] =>
  middles((p) => gammaQuantile(shape, rate, p));
export const betaPlaces = ({ a, b }: BetaKnown): readonly number[] => middles((p) => betaQuantile(a, b, p));

/** Chance that one of two things is larger, each told by places of equal weight in order. */
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
