import { HOOKS, pointBehindHeadMm, WIRE_DIAMETER_MM } from '../../tackle/hooks';
import { linePath, smoothPath, type PointMm } from './curve';
import type { OutlineShape, View } from './outline-shape';
import type { Head } from '../parts/schema';

/** Places on a hook, mm: x from the back of the head, y up negative, as in all drawings. */
export interface HookMarks {
  readonly wireMm: number;
  readonly point: PointMm;
  readonly barb: PointMm;
  /** the rearmost place of the bend */
  readonly bend: PointMm;
}

const BARB_BEHIND_POINT_MM = 4;
/** Length over which the wire is ground to a point, mm. */
const GROUND_MM = 5;
const BEND_STEPS = 10;

export function hookMarks(hook: Head['hook']): HookMarks {
  const { gapMm, reachMm } = HOOKS[hook.size];
  const wireMm = hook.wireMm ?? WIRE_DIAMETER_MM[hook.wire];
  const pointX = pointBehindHeadMm(hook.size);
  return {
    wireMm,
    point: [pointX, -gapMm],
    barb: [pointX + BARB_BEHIND_POINT_MM, -gapMm + wireMm / 2],
    bend: [reachMm - wireMm / 2, -gapMm / 2],
  };
}

/** Middle of the wire from the head round the bend to where the point begins to taper. */
function wirePoints({ size }: Head['hook'], { bend, point }: HookMarks): PointMm[] {
  const { gapMm, shankMm } = HOOKS[size];
  const wide = bend[0] - shankMm;
  const round = Array.from({ length: BEND_STEPS + 1 }, (_, step): PointMm => {
    const turn = (Math.PI * step) / BEND_STEPS;
    return [shankMm + wide * Math.sin(turn), (-gapMm / 2) * (1 - Math.cos(turn))];
  });
  return [[0, 0], [shankMm * 0.5, 0], ...round, [point[0] + GROUND_MM, point[1]]];
}

const moved = (points: readonly PointMm[], byMm: number): PointMm[] => points.map(([x, y]): PointMm => [x + byMm, y]);

/**
 * A hook behind a head.
 * @param headMm  length of the head: its back is where the shank begins
 * @param insideMm  how far behind the head the shank is covered by plastic; 0 without
 */
export function hookShapes(hook: Head['hook'], headMm: number, insideMm: number, view: View): OutlineShape[] {
  const marks = hookMarks(hook);
  const { wireMm: strokeMm, point, bend, barb } = marks;
  const inHead: PointMm = [headMm * 0.6, 0];
  const at = (x: number, y: number): PointMm => [headMm + x, y];
  if (view !== 'side') {
    // seen from above point arm and shank lie over each other
    const from = insideMm > 0 ? at(point[0] + GROUND_MM, 0) : inHead;
    return [
      ...(insideMm > 0
        ? [{ part: 'hook-inside', d: linePath([inHead, at(point[0], 0)]), strokeMm: strokeMm * 0.7 } as const]
        : []),
      { part: 'hook', d: linePath([from, at(bend[0], 0)]), strokeMm },
      ...(insideMm > 0 ? [taper(at(point[0], 0), strokeMm)] : []),
    ];
  }
  const wire = moved(wirePoints(hook, marks), headMm);
  const outside = wire.filter(([x], index) => index > 1 && (x > headMm + insideMm || index > BEND_STEPS / 2));
  return [
    ...(insideMm > 0
      ? [
          {
            part: 'hook-inside',
            d: linePath([inHead, at(Math.min(insideMm, bend[0]), 0)]),
            strokeMm: strokeMm * 0.7,
          } as const,
        ]
      : []),
    {
      part: 'hook',
      d: smoothPath(insideMm > 0 ? [at(Math.min(insideMm, bend[0] - 1), 0), ...outside] : [inHead, ...wire], false),
      strokeMm,
    },
    taper(at(point[0], point[1]), strokeMm),
    { part: 'barb', d: linePath([at(barb[0], barb[1]), at(barb[0] + 2.8, barb[1] + 1.4)]), strokeMm: strokeMm * 0.6 },
  ];
}

function taper([x, y]: PointMm, wireMm: number): OutlineShape {
  const half = wireMm / 2;
  return {
    part: 'point',
    d: `${linePath([
      [x, y],
      [x + GROUND_MM, y - half],
      [x + GROUND_MM, y + half],
    ])}Z`,
  };
}
