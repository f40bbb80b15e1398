import { carries, gearAt, marginsOf, usablePlaces, weakestOf, type GearOfBox, type MarginId } from '../gear';
import type { Box } from '../rig/parts/box';
import type { Candidate } from './candidates';

/** A rig on a rod, reel and line that carry it somewhere. */
export interface Option extends GearOfBox {
  readonly rig: number;
  /** stops it can answer: every margin is enough there */
  readonly stops: readonly number[];
}

/** Why a rod carries no rig that answers a stop: what it lacks most where it comes nearest. */
export interface Lack extends GearOfBox {
  readonly rig: number;
  readonly lacks: MarginId;
  readonly value: number;
}

/** Places of parts that are not the same as one before them. */
function different<T extends object>(
  parts: readonly T[],
  places: readonly number[],
  of: (part: T) => unknown,
): number[] {
  const seen = new Set<string>();
  return places.filter((at) => {
    const key = JSON.stringify(of(parts[at]!));
    return seen.has(key) ? false : seen.add(key);
  });
}

/** Every set of rod, reel and line of a box that is worth a look: lines that are alike are looked at once. */
export function gearsOf(box: Box): readonly GearOfBox[] {
  const lines = different(box.lines, usablePlaces(box.lines), ({ kind, lb, diameterMm }) => [kind, lb, diameterMm]);
  return usablePlaces(box.rods).flatMap((rod) =>
    usablePlaces(box.reels).flatMap((reel) => lines.map((line): GearOfBox => ({ rod, reel, line }))),
  );
}

/** Reels that are counted apart and are not alike share what they carry. */
const gearKey = (box: Box, { rod, reel, line }: GearOfBox): string => {
  const [r, e] = [box.rods[rod]!, box.reels[reel]!];
  return JSON.stringify([r.lengthM, r.power, r.action, r.lureFromOz, r.lureToOz, e.ratio, e.perTurnM, line]);
};

/** Every rig on every gear that carries it somewhere. */
export function optionsOf(candidates: readonly Candidate[], box: Box): Option[] {
  const gears = gearsOf(box);
  return candidates.flatMap(({ fished }, rig) => {
    const known = new Map<string, readonly number[]>();
    return gears.flatMap((gear): Option[] => {
      const key = gearKey(box, gear);
      const stops =
        known.get(key) ?? fished.flatMap((of, stop) => (carries(marginsOf(of, gearAt(box, gear)!)) ? [stop] : []));
      known.set(key, stops);
      return stops.length === 0 ? [] : [{ rig, ...gear, stops }];
    });
  });
}

/**
 * What a rod lacks at a stop: of the rigs that answer it best, the gear on this rod that comes nearest.
 * @param rod  null for any
 */
export function lackAt(candidates: readonly Candidate[], box: Box, stop: number, rod: number | null): Lack | null {
  const LOOKED_AT = 6;
  const best = [...candidates.keys()]
    .sort((a, b) => candidates[b]!.scores[stop]! - candidates[a]!.scores[stop]!)
    .slice(0, LOOKED_AT);
  let nearest: Lack | null = null;
  for (const rig of best) {
    for (const gear of gearsOf(box)) {
      if (rod !== null && gear.rod !== rod) continue;
      const { id, value } = weakestOf(marginsOf(candidates[rig]!.fished[stop]!, gearAt(box, gear)!));
      if (nearest === null || value > nearest.value) nearest = { rig, ...gear, lacks: id, value };
    }
  }
  return nearest;
}
