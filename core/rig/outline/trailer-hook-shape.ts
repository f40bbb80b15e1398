import { linePath, movedPath, type PointMm } from './curve';
import { hookMarks, hookShapes } from './hook-shape';
import type { OutlineShape, View } from './outline-shape';
import { circlePath } from './round-mark';
import type { Rig } from '../parts/schema';

type TrailerHook = NonNullable<Rig['trailerHook']>;

/** Radius of its eye, which is pushed over the point of the main hook and rides on the bend, mm. */
const EYE_MM = 2.4;

/** How far each bend stands up (positive) and aside, as shares of its gap: a treble's stand a third of a turn apart. */
const BENDS: Readonly<Record<'up' | 'down' | 'treble', readonly (readonly [up: number, aside: number])[]>> = {
  up: [[1, 0]],
  down: [[-1, 0]],
  treble: [
    [-0.8, 0.87],
    [-0.24, -0.87],
    [1, 0],
  ],
};

/**
 * A trailer hook or a treble with its eye.
 * @param at  middle of the eye, mm
 */
export function looseHookShapes(hook: TrailerHook, [x, y]: PointMm, view: View): OutlineShape[] {
  const own = { size: hook.size, wire: 'medium' } as const;
  const { wireMm, bend, point } = hookMarks(own);
  const bends = BENDS[hook.kind === 'treble' ? 'treble' : hook.point];
  const flat = view === 'side';
  const shapes = bends.flatMap(([up, aside]): OutlineShape[] => {
    const across = flat ? up : aside;
    if (flat || across !== 0)
      return hookShapes(own, EYE_MM, 0, 'side').map((shape) => ({
        ...shape,
        // the point comes up on paper: what stands up is as it is drawn
        d: movedPath(shape.d, [x, y], across),
      }));
    const seen = [
      [x + EYE_MM, y],
      [x + EYE_MM + Math.max(bend[0], point[0]), y],
    ] as const;
    return [{ part: 'hook', d: linePath(seen), strokeMm: wireMm }];
  });
  return [...shapes, { part: 'eye', d: circlePath([x, y], EYE_MM), strokeMm: wireMm * 0.9 }];
}

/** A trailer hook on a rig: its eye hangs on the bend of the main hook. */
export function trailerHookShapes({ head, trailerHook }: Rig, headMm: number, view: View): OutlineShape[] {
  if (!trailerHook) return [];
  const [bendX, bendY] = hookMarks(head.hook).bend;
  return looseHookShapes(trailerHook, [headMm + bendX, view === 'side' ? bendY : 0], view);
}
