/** Functions of probability that rates need. */

/** Lanczos coefficients for g = 7, nine terms. @source lanczos-1964 */
const LANCZOS: readonly number[] = [
  0.999_999_999_999_809_9, 676.520_368_121_885_1, -1259.139_216_722_402_8, 771.323_428_777_653_1,
  -176.615_029_162_140_6, 12.507_343_278_686_905, -0.138_571_095_265_720_12, 9.984_369_578_019_572e-6,
  1.505_632_735_149_311_6e-7,
];
const G = 7;

/** Logarithm of the gamma function, x above 0. */
export function logGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const z = x - 1;
  const sum = LANCZOS.slice(1).reduce((total, coefficient, at) => total + coefficient / (z + at + 1), LANCZOS[0]!);
  const t = z + G + 0.5;
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum);
}

const TINY = 1e-300;
const CLOSE = 1e-14;
const ROUNDS = 500;

/** Share of a gamma distribution with shape a and rate 1 that lies below x. @source numerical-recipes */
export function gammaBelow(a: number, x: number): number {
  if (x <= 0) return 0;
  const front = Math.exp(a * Math.log(x) - x - logGamma(a));
  if (x < a + 1) {
    let term = 1 / a;
    let sum = term;
    for (let n = 1; n < ROUNDS && Math.abs(term) > CLOSE * Math.abs(sum); n++) {
      term *= x / (a + n);
      sum += term;
    }
    return Math.min(1, sum * front);
  }
  let b = x + 1 - a;
  let c = 1 / TINY;
  let d = 1 / b;
  let h = d;
  for (let n = 1; n < ROUNDS; n++) {
    const an = -n * (n - a);
    b += 2;
    d = 1 / (an * d + b || TINY);
    c = b + an / c || TINY;
    h *= d * c;
    if (Math.abs(d * c - 1) < CLOSE) break;
  }
  return Math.max(0, 1 - front * h);
}

/** Continued fraction of the incomplete beta function. @source numerical-recipes */
function betaFraction(a: number, b: number, x: number): number {
  let c = 1;
  let d = 1 / (1 - ((a + b) * x) / (a + 1) || TINY);
  let h = d;
  for (let m = 1; m < ROUNDS; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / (1 + even * d || TINY);
    c = 1 + even / c || TINY;
    h *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / (1 + odd * d || TINY);
    c = 1 + odd / c || TINY;
    h *= d * c;
    if (Math.abs(d * c - 1) < CLOSE) break;
  }
  return h;
}

/** Share of a beta distribution that lies below x. */
export function betaBelow(a: number, b: number, x: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log(1 - x));
  return x < (a + 1) / (a + b + 2) ? (front * betaFraction(a, b, x)) / a : 1 - (front * betaFraction(b, a, 1 - x)) / b;
}

/** Where a rising share reaches p, by halving. */
function quantile(below: (x: number) => number, p: number, from: number, to: number): number {
  let [low, high] = [from, to];
  for (let round = 0; round < 200 && high - low > 1e-13 * Math.max(1e-6, high); round++) {
    const middle = (low + high) / 2;
    if (below(middle) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Quantile of a gamma distribution with shape a and a rate. */
export function gammaQuantile(a: number, rate: number, p: number): number {
  let high = a + 10 * Math.sqrt(a) + 20;
  while (gammaBelow(a, high) < p) high *= 2;
  return quantile((x) => gammaBelow(a, x), p, 0, high) / rate;
}
export const betaQuantile = (a: number, b: number, p: number): number => quantile((x) => betaBelow(a, b, x), p, 0, 1);
