import { describe, expect, test } from '@jest/globals';
import { betaQuantile, gammaQuantile, logGamma } from './distributions';

/** Composite Simpson rule over an even number of steps. */
function integral(density: (x: number) => number, from: number, to: number, steps = 4000): number {
  const h = (to - from) / steps;
  let sum = density(from) + density(to);
  for (let at = 1; at < steps; at++) sum += (at % 2 === 0 ? 2 : 4) * density(from + at * h);
  return (sum * h) / 3;
}
/** Probability below x of a gamma distribution with rate 1, integrated from its density; shapes from 1. */
function gammaBelow(shape: number, x: number): number {
  const density = (at: number): number =>
    at <= 0 ? (shape === 1 ? 1 : 0) : Math.exp((shape - 1) * Math.log(at) - at - logGamma(shape));
  return integral(density, Math.max(0, shape - 14 * Math.sqrt(shape)), x);
}
/** The same of a beta distribution; both shapes from 1. */
function betaBelow(a: number, b: number, x: number): number {
  const logNorm = logGamma(a + b) - logGamma(a) - logGamma(b);
  const density = (at: number): number =>
    at <= 0 || at >= 1
      ? (at <= 0 && a === 1) || (at >= 1 && b === 1)
        ? Math.exp(logNorm)
        : 0
      : Math.exp(logNorm + (a - 1) * Math.log(at) + (b - 1) * Math.log1p(-at));
  const mean = a / (a + b);
  const sd = Math.sqrt((mean * (1 - mean)) / (a + b + 1));
  return integral(density, Math.max(0, mean - 14 * sd), x);
}
const PROBABILITIES = [0.001, 0.1, 0.5, 0.9, 0.999];

describe('log-gamma', () => {
  test('is the sum of logarithms at whole numbers, up to a million', () => {
    let sum = 0;
    for (let n = 1; n <= 1_000_000; n++) {
      if ([1, 2, 11, 1000, 1_000_000].includes(n)) expect(Math.abs(logGamma(n) - sum)).toBeLessThan(1e-11 * (1 + sum));
      sum += Math.log(n);
    }
  });
  test('at a half is half the logarithm of pi', () => {
    expect(logGamma(0.5)).toBeCloseTo(Math.log(Math.PI) / 2, 12);
  });
});

describe('gamma quantiles', () => {
  test('are as tables of chi-square have them', () => {
    // 5 % lie above 5.991 with 2 degrees of freedom and above 18.307 with 10
    expect(2 * gammaQuantile(1, 1, 0.95)).toBeCloseTo(5.991_464_547, 8);
    expect(2 * gammaQuantile(5, 1, 0.95)).toBeCloseTo(18.307_038_05, 7);
  });
  test.each([1, 3, 60, 900, 985, 9_000, 900_000, 90_000_000])(
    'undo the integral of the density at shape %d',
    (shape) => {
      for (const p of PROBABILITIES) expect(gammaBelow(shape, gammaQuantile(shape, 1, p))).toBeCloseTo(p, 6);
    },
  );
  test('at shapes below one follow the substituted integral', () => {
    for (const shape of [0.05, 0.3, 0.5, 0.9]) {
      for (const p of [0.1, 0.5, 0.9]) {
        const x = gammaQuantile(shape, 1, p);
        const below = integral((u) => Math.exp(-(u ** (1 / shape))), 0, x ** shape) / shape;
        expect(below / Math.exp(logGamma(shape))).toBeCloseTo(p, 8);
      }
    }
  });
  test('a rate divides them', () => {
    expect(gammaQuantile(7, 4, 0.3)).toBeCloseTo(gammaQuantile(7, 1, 0.3) / 4, 12);
  });
});

describe('beta quantiles', () => {
  test('are as tables and closed forms have them', () => {
    // F with 4 and 6 degrees of freedom: 5 % lie above 4.5337
    expect(betaQuantile(2, 3, 0.95)).toBeCloseTo((4 * 4.533_677) / (4 * 4.533_677 + 6), 6);
    for (const p of PROBABILITIES) {
      expect(betaQuantile(0.5, 0.5, p)).toBeCloseTo(Math.sin((Math.PI * p) / 2) ** 2, 7);
      expect(betaQuantile(0.2, 1, p)).toBeCloseTo(p ** 5, 7);
    }
  });
  test.each([
    [1, 1],
    [2, 40],
    [300, 2],
    [900, 1200],
    [40_000, 7],
    [10_000, 10_000],
  ])('undo the integral of the density at shapes %d and %d', (a, b) => {
    for (const p of PROBABILITIES) expect(betaBelow(a, b, betaQuantile(a, b, p))).toBeCloseTo(p, 6);
  });
});
