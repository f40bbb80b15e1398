import type { PointMm } from './curve';

const round2 = (value: number): number => Math.round(value * 100) / 100;

/** A round mark, mm. */
export function circlePath([x, y]: PointMm, radiusMm: number): string {
  const bow = radiusMm * 0.5523;
  const at = (dx: number, dy: number): string => `${round2(x + dx)} ${round2(y + dy)}`;
  const r = radiusMm;
  return (
    `M${at(r, 0)}C${at(r, bow)} ${at(bow, r)} ${at(0, r)}C${at(-bow, r)} ${at(-r, bow)} ${at(-r, 0)}` +
    `C${at(-r, -bow)} ${at(-bow, -r)} ${at(0, -r)}C${at(bow, -r)} ${at(r, -bow)} ${at(r, 0)}Z`
  );
}
