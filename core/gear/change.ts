import { applyEdit } from '../edits/edits';
import { usable, type Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { withItsCast } from '../motion/plan';
import { carries, marginsOf, weakestOf, type Fished, type Gear, type Line, type Margin } from './margins';

/** One change of what is in hand, the cheaper ones first. */
export type GearChange =
  | { readonly kind: 'cast'; readonly castM: number }
  | { readonly kind: 'guard'; readonly rig: Rig }
  | { readonly kind: 'reel' | 'line' | 'rod'; readonly part: number }
  | { readonly kind: 'buy-line'; readonly line: Pick<Line, 'kind' | 'lb'> };

export interface ChangedGear {
  readonly change: GearChange;
  readonly margins: readonly Margin[];
  /** every margin is enough with it; else it only helps */
  readonly isEnough: boolean;
}

/** Casts that are tried where a shorter one would do, shares of the one that is made, and the shortest, m. @source craft-practice */
const SHORTER = [0.8, 0.6, 0.4] as const;
const SHORTEST_CAST_M = 6;
/** Lines as they are sold. @source craft-practice */
const SOLD: readonly Pick<Line, 'kind' | 'lb'>[] = [
  ...[8, 10, 12, 15, 17, 20, 25].map((lb) => ({ kind: 'fluorocarbon' as const, lb })),
  ...[30, 50, 65].map((lb) => ({ kind: 'braid' as const, lb })),
];
/** A change that lifts the weakest by less than this share does not help. */
const HELPS = 0.03;

interface Tried {
  readonly change: GearChange;
  readonly fished: Fished;
  readonly gear: Gear;
}

/** A guard that gives way sooner: fanned out. */
function fanned(rig: Rig): Rig | null {
  if (rig.guard?.kind !== 'fibre' || rig.guard.spread === 'fanned') return null;
  const done = applyEdit(rig, rig, 'guard-spread', 'fanned');
  return done.ok ? done.rig : null;
}

/** Changes in the order of what they cost: nothing, a minute, another part of the box, a spool from the shop. */
export function* changesOf(fished: Fished, gear: Gear, box: Box | null): Generator<Tried> {
  const { plan, rig } = fished;
  for (const share of SHORTER) {
    const castM = Math.round(share * plan.castM);
    if (castM < SHORTEST_CAST_M || castM <= plan.tipHeightM) continue;
    yield { change: { kind: 'cast', castM }, fished: { ...fished, plan: withItsCast({ ...plan, castM }) }, gear };
  }
  const softer = fanned(rig);
  if (softer) yield { change: { kind: 'guard', rig: softer }, fished: { ...fished, rig: softer }, gear };
  for (const [part, reel] of (box?.reels ?? []).entries()) {
    if (usable(reel) && reel !== gear.reel) yield { change: { kind: 'reel', part }, fished, gear: { ...gear, reel } };
  }
  for (const [part, line] of (box?.lines ?? []).entries()) {
    if (usable(line) && line !== gear.line) yield { change: { kind: 'line', part }, fished, gear: { ...gear, line } };
  }
  for (const [part, rod] of (box?.rods ?? []).entries()) {
    if (usable(rod) && rod !== gear.rod) yield { change: { kind: 'rod', part }, fished, gear: { ...gear, rod } };
  }
  for (const line of SOLD) yield { change: { kind: 'buy-line', line }, fished, gear: { ...gear, line } };
}

/**
 * The cheapest single change with which gear carries a rig; where none does, the one that leaves most in hand where it is least.
 * @param box  what is at hand besides; null for nothing
 * @returns    null where everything is enough already, or nothing helps
 */
export function cheapestChange(fished: Fished, gear: Gear, box: Box | null, guardN?: number): ChangedGear | null {
  const now = marginsOf(fished, gear, guardN);
  if (carries(now)) return null;
  let best: ChangedGear | null = null;
  let most = weakestOf(now).value * (1 + HELPS);
  for (const { change, fished: changed, gear: on } of changesOf(fished, gear, box)) {
    // a guard that is changed is no more the one that was pressed
    const margins = marginsOf(changed, on, change.kind === 'guard' ? undefined : guardN);
    if (carries(margins)) return { change, margins, isEnough: true };
    const least = weakestOf(margins).value;
    if (least > most) [most, best] = [least, { change, margins, isEnough: false }];
  }
  return best;
}
