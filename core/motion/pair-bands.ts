import type { RigBody } from '../rig/body/body';
import { knownBetween, plasticKey, type OwnFactor, type Plastic } from '../rig/body/known-factors';
import { factorsOf, type Band } from './bands';
import type { HandFactor } from './hand';
import {
  awayFrom,
  bandsOver,
  covarianceIn,
  sdOf,
  SURE_FACTORS,
  type Logs,
  type Numbers,
  type RunFactor,
  type RunFactors,
} from './path-bands';

/** One of two rigs that are compared: its body, and the plastic behind it. */
export interface Compared {
  readonly body: RigBody;
  readonly plastic: Plastic | null;
}

type Side = 'a' | 'b';
/** Unknowns of two rigs: what bears on both alike, and what each has for itself. */
type PairFactor = RunFactor | `${Side}:${OwnFactor}`;

const isOwn = (name: PairFactor): name is `${Side}:${OwnFactor}` => name.includes(':');
const sideOf = (name: `${Side}:${OwnFactor}`): Side => name[0] as Side;
const factorOf = (name: PairFactor): RunFactor => (isOwn(name) ? (name.slice(2) as OwnFactor) : name);

/** Whether two rigs share a factor of their plastic: that of a kind where both are of it, a batch where both are the same plastic. */
function shares(own: OwnFactor, a: Plastic | null, b: Plastic | null): boolean {
  if (a === null || b === null) return false;
  return own === 'trailer' ? a.kind === b.kind : plasticKey(a) === plasticKey(b);
}

/**
 * 80 % bands of differences between two rigs: head, skirt, line and hand are off for both alike; plastics of two kinds are each off in their own way.
 * @param hand         factors of the hand that bear on the numbers
 * @param differences  the numbers under factors of the one and of the other
 * @returns            in their units; null for each that a nudged factor leaves without a number
 * @source adr-0037
 */
export function pairBands<Name extends string | number>(
  a: Compared,
  b: Compared,
  hand: readonly HandFactor[],
  differences: (ofA: RunFactors, ofB: RunFactors) => Numbers<Name>,
): Readonly<Record<Name, Band | null>> {
  const names = new Set<PairFactor>(hand);
  for (const [side, { body }] of [
    ['a', a],
    ['b', b],
  ] as const) {
    for (const name of factorsOf(body)) {
      const isOfPlastic = name === 'trailer' || name === 'batch';
      names.add(isOfPlastic && !shares(name, a.plastic, b.plastic) ? `${side}:${name}` : name);
    }
  }
  const covariances = { a: covarianceIn(a.body.known), b: covarianceIn(b.body.known) };
  const covariance = (one: PairFactor, other: PairFactor): number => {
    if (isOwn(one) && isOwn(other) && sideOf(one) !== sideOf(other)) {
      const plastics = { a: a.plastic, b: b.plastic };
      const [own, its] = [factorOf(one) as OwnFactor, factorOf(other) as OwnFactor];
      return knownBetween(own, plastics[sideOf(one)], its, plastics[sideOf(other)]);
    }
    const side = isOwn(one) ? sideOf(one) : isOwn(other) ? sideOf(other) : 'a';
    return covariances[side](factorOf(one), factorOf(other));
  };
  const factorsFor = (side: Side, logs: Logs<PairFactor>): RunFactors => {
    const own = Object.entries(logs).filter(([name]) => !isOwn(name as PairFactor) || name.startsWith(side));
    return own.length === 0
      ? SURE_FACTORS
      : awayFrom(SURE_FACTORS, Object.fromEntries(own.map(([name, log]) => [factorOf(name as PairFactor), log])));
  };
  return bandsOver(
    [...names].map((name) => ({ name, sd: sdOf(factorOf(name)) })),
    covariance,
    (logs) => differences(factorsFor('a', logs), factorsFor('b', logs)),
  );
}
