import type { TrailerKind } from './trailer-kinds';

/** Rings moulded round a body: where they stand, shares of its length. Cuts go by them. */
export interface Ribs {
  readonly stepShare: number;
  readonly count: number;
}

/** Kinds whose bodies are ribbed. @source adr-0014 */
export const RIBS: Partial<Record<TrailerKind, Ribs>> = {
  'flat-bug': { stepShare: 0.03, count: 14 },
  'kick-bug': { stepShare: 0.03, count: 14 },
  creature: { stepShare: 0.035, count: 12 },
  'twin-tail-grub': { stepShare: 0.035, count: 11 },
  'single-tail-grub': { stepShare: 0.035, count: 11 },
  'ribbed-paddle-tail': { stepShare: 0.04, count: 15 },
  'ribbed-minnow': { stepShare: 0.04, count: 16 },
  'swim-worm': { stepShare: 0.04, count: 18 },
};

/** Places of the ribs behind the uncut nose, mm; none on a smooth body. */
export function ribsMm(kind: TrailerKind, lengthMm: number): number[] {
  const ribs = RIBS[kind];
  if (!ribs) return [];
  return Array.from({ length: ribs.count }, (_, at) => (at + 1) * ribs.stepShare * lengthMm);
}

/** How many ribs a cut at the nose takes; null on a smooth body. */
export function ribsTaken(kind: TrailerKind, lengthMm: number, cutMm: number): number | null {
  const all = ribsMm(kind, lengthMm);
  return all.length === 0 ? null : all.filter((rib) => rib <= cutMm + 0.01).length;
}
