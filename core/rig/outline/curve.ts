/** A point in a drawing, mm: x from the nose to the back, y down. */
export type PointMm = readonly [x: number, y: number];

const round2 = (value: number): number => Math.round(value * 100) / 100;

const at = ([x, y]: PointMm): string => `${round2(x)} ${round2(y)}`;

/** Straight path through points. */
export const linePath = (points: readonly PointMm[]): string =>
  points.map((point, index) => `${index === 0 ? 'M' : 'L'}${at(point)}`).join('');

/** How far a curve goes on in the direction of its neighbours: on a short segment between long ones no further, or it would loop. */
function bow(dx: number, dy: number, from: PointMm, to: PointMm): PointMm {
  const most = MOST_BOW * Math.hypot(to[0] - from[0], to[1] - from[1]);
  const share = Math.min(1 / 6, most / Math.max(Math.hypot(dx, dy), 1e-9));
  return [dx * share, dy * share];
}
/** As a share of the segment. */
const MOST_BOW = 0.4;

/** Smooth path through points (Catmull-Rom turned into cubic segments); closed ones end with Z. */
export function smoothPath(points: readonly PointMm[], closed: boolean): string {
  const count = points.length;
  const pick = (index: number): PointMm =>
    closed ? points[(index + count) % count]! : points[Math.min(count - 1, Math.max(0, index))]!;
  let d = `M${at(pick(0))}`;
  for (let i = 0; i < (closed ? count : count - 1); i++) {
    const [before, from, to, after] = [pick(i - 1), pick(i), pick(i + 1), pick(i + 2)];
    const [fx, fy] = bow(to[0] - before[0], to[1] - before[1], from, to);
    const [sx, sy] = bow(after[0] - from[0], after[1] - from[1], from, to);
    const first: PointMm = [from[0] + fx, from[1] + fy];
    const second: PointMm = [to[0] - sx, to[1] - sy];
    d += `C${at(first)} ${at(second)} ${at(to)}`;
  }
  return closed ? `${d}Z` : d;
}

/** Area inside a closed polygon, mm². */
export function polygonAreaMm2(points: readonly PointMm[]): number {
  let twice = 0;
  for (let i = 0; i < points.length; i++) {
    const [xa, ya] = points[i]!;
    const [xb, yb] = points[(i + 1) % points.length]!;
    twice += xa * yb - xb * ya;
  }
  return Math.abs(twice) / 2;
}

/**
 * A leaf: a strip of changing width along a centre line that turns as it goes.
 * @param root     where it starts
 * @param startRad direction at the root, 0 points back, positive down
 * @param turnRad  how far the direction turns from root to tip
 * @param lengthMm along the centre line
 * @param widthAt  relative width at share s of the length
 * @param areaMm2  area the leaf shall have; its width is scaled to it
 */
export function leaf(
  root: PointMm,
  startRad: number,
  turnRad: number,
  lengthMm: number,
  widthAt: (s: number) => number,
  areaMm2: number,
): PointMm[] {
  const steps = 14;
  const meanWidth = Array.from({ length: steps }, (_, i) => widthAt((i + 0.5) / steps)).reduce((a, b) => a + b) / steps;
  const scale = areaMm2 / (lengthMm * meanWidth);
  const left: PointMm[] = [];
  const right: PointMm[] = [];
  let [x, y] = root;
  for (let i = 0; i <= steps; i++) {
    const s = i / steps;
    const angleRad = startRad + turnRad * s * s;
    const half = (scale * widthAt(s)) / 2;
    left.push([x + half * Math.sin(angleRad), y - half * Math.cos(angleRad)]);
    right.push([x - half * Math.sin(angleRad), y + half * Math.cos(angleRad)]);
    x += (lengthMm / steps) * Math.cos(angleRad);
    y += (lengthMm / steps) * Math.sin(angleRad);
  }
  return [...left, ...right.reverse()];
}

/** A path moved, and stretched across its axis, mm. */
export const movedPath = (d: string, [byX, byY]: PointMm, timesY = 1): string =>
  d.replace(
    /(-?[\d.]+) (-?[\d.]+)/g,
    (_, x: string, y: string) => `${round2(Number(x) + byX)} ${round2(Number(y) * timesY + byY)}`,
  );
