import { guardCollapseN } from '../hold/guard';
import { rollUp, type RollUp } from '../hold/hook-point';
import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import { rigKey } from './groups';
import { betaBand, betaMean, shareAlone } from './pooled';
import { HOOKED_BY, type HookedBy } from './schema';
import type { Spell } from './spells';

/** Where fish hang on a hook that does what was computed; swung out it holds by the corner or not at all. @source craft-practice */
export const EXPECTED_AT: Readonly<Record<RollUp, HookedBy>> = {
  'turns-up': 'front',
  'lies-flat': 'corner',
  'swings-out': 'corner',
};
/** Share of fish that hang where they are expected, where what was computed is right. @source adr-0032 */
const EXPECTED_SHARE = 0.6;
/** Significance level of the test by which a rig is named. */
const BY_CHANCE = 0.05;

export interface PlaceShare {
  readonly at: HookedBy;
  readonly count: number;
  readonly share: number;
  readonly band: readonly [number, number];
}
/** Where fish were hooked by rigs of which the same was computed. */
export interface HookPlaces {
  /** null for plates and blades: they hold their hook upright, and nothing is computed for them */
  readonly rollUp: RollUp | null;
  readonly fish: number;
  readonly shares: readonly PlaceShare[];
}
/** A rig whose fish hang elsewhere than what was computed for it would have it. */
export interface OffRig {
  readonly rig: Rig;
  readonly rollUp: RollUp;
  readonly fish: number;
  readonly asExpected: number;
  /** chance of so few, were it right */
  readonly chance: number;
}

/** @source adr-0011 */
const rollUpOf = (rig: Rig): RollUp | null =>
  rig.family === 'skirted' ? rollUp(rig, rigBody(rig), rig.guard ? guardCollapseN(rig.guard) : 0) : null;

/** Cumulative probability of a Poisson-binomial count: at most k of n trials, each with its own probability. */
export function binomialAtMost(most: number, n: number, chance: number): number {
  let term = (1 - chance) ** n;
  let sum = 0;
  for (let k = 0; k <= most; k++) {
    sum += term;
    term *= ((n - k) / (k + 1)) * (chance / (1 - chance));
  }
  return Math.min(1, sum);
}

type Counts = Record<HookedBy, number>;
const nothing = (): Counts => ({ front: 0, corner: 0, 'trailer-hook': 0 });

/** Where fish were hooked against what was computed, and the rigs whose fish contradict it by more than chance. */
export function hookPlaces(spells: readonly Spell[]): {
  readonly places: readonly HookPlaces[];
  readonly off: readonly OffRig[];
} {
  const byRoll = new Map<RollUp | null, Counts>();
  const byRig = new Map<string, { readonly rig: Rig; readonly rolls: RollUp | null; readonly counts: Counts }>();
  for (const { rig, hookedBy } of spells) {
    if (HOOKED_BY.every((at) => hookedBy[at] === 0)) continue;
    const key = rigKey(rig);
    const own = byRig.get(key) ?? { rig, rolls: rollUpOf(rig), counts: nothing() };
    byRig.set(key, own);
    const all = byRoll.get(own.rolls) ?? nothing();
    byRoll.set(own.rolls, all);
    for (const at of HOOKED_BY) {
      own.counts[at] += hookedBy[at];
      all[at] += hookedBy[at];
    }
  }
  const sum = (counts: Counts): number => HOOKED_BY.reduce((total, at) => total + counts[at], 0);
  const places = [...byRoll].map(([rolls, counts]): HookPlaces => {
    const fish = sum(counts);
    const shares = HOOKED_BY.map((at): PlaceShare => {
      const known = shareAlone({ wins: counts[at], tries: fish });
      return { at, count: counts[at], share: betaMean(known), band: betaBand(known) };
    });
    return { rollUp: rolls, fish, shares };
  });
  const off = [...byRig.values()].flatMap(({ rig, rolls, counts }): OffRig[] => {
    if (rolls === null) return [];
    // fish that hang on the trailer hook alone say nothing of the first
    const fish = counts.front + counts.corner;
    const asExpected = counts[EXPECTED_AT[rolls]];
    const chance = binomialAtMost(asExpected, fish, EXPECTED_SHARE);
    return fish > 0 && chance < BY_CHANCE ? [{ rig, rollUp: rolls, fish, asExpected, chance }] : [];
  });
  return {
    places: places.sort((a, b) => b.fish - a.fish),
    off: off.sort((a, b) => a.chance - b.chance),
  };
}
