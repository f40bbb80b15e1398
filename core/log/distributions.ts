import jStat from 'jstat';

/**
 * Probability distributions of rates and shares, from a library of statistics (ADR 33). Their probabilities are right to 1e-7 at shapes up to
 * 100,000 (beta: 10,000 each), far more than a log of thousands of outings holds.
 */

/**
 * Natural logarithm of the gamma function.
 * @param x  above 0
 */
export const logGamma = (x: number): number => jStat.gammaln(x);

/**
 * Quantile of a gamma distribution.
 * @param shape  above 0
 * @param rate   above 0, one over the unit of the result
 * @param p      probability, 0 to 1
 */
export const gammaQuantile = (shape: number, rate: number, p: number): number => jStat.gamma.inv(p, shape, 1) / rate;

/**
 * Quantile of a beta distribution.
 * @param a  first shape, above 0
 * @param b  second shape, above 0
 * @param p  probability, 0 to 1
 * @returns  0 to 1
 */
export const betaQuantile = (a: number, b: number, p: number): number => jStat.beta.inv(p, a, b);
