/** The side a rig is drawn from: hook point up, or from above. */
export type View = 'side' | 'top';

export type OutlinePart =
  | 'core'
  | 'crease'
  | 'offcut'
  | 'cut'
  | 'exit'
  | 'trailer'
  | 'blade'
  | 'gleam'
  | 'hole'
  | 'clip'
  | 'wire'
  | 'hook-inside'
  | 'hook'
  | 'point'
  | 'barb'
  | 'skirt'
  | 'skirt-shade'
  | 'collar'
  | 'guard'
  | 'head'
  | 'eye'
  | 'cam';

/** One path of a drawing in mm. `strokeMm` is a real thickness; paths without it are filled outlines. */
export interface OutlineShape {
  readonly part: OutlinePart;
  readonly d: string;
  readonly strokeMm?: number;
  readonly swatch?: string;
  /** of a blade that turns: which one of the rig's, from the front, and the line it turns about, mm and rad */
  readonly turns?: { readonly blade: number; readonly at: readonly [x: number, y: number]; readonly angleRad: number };
}

/** Box around a drawing, mm. */
export interface Bounds {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export interface Outline {
  readonly shapes: readonly OutlineShape[];
  readonly bounds: Bounds;
}

export function boundsOf(shapes: readonly OutlineShape[]): Bounds {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const shape of shapes) {
    const numbers = shape.d.match(/-?\d+(\.\d+)?/g)?.map(Number) ?? [];
    for (let i = 0; i + 1 < numbers.length; i += 2) {
      const pad = (shape.strokeMm ?? 0.6) / 2;
      left = Math.min(left, numbers[i]! - pad);
      right = Math.max(right, numbers[i]! + pad);
      top = Math.min(top, numbers[i + 1]! - pad);
      bottom = Math.max(bottom, numbers[i + 1]! + pad);
    }
  }
  return { x: left, y: top, width: right - left, height: bottom - top };
}

/** Paths with the box around them, which is looked for only when it is asked for. */
export function outlineOf(shapes: readonly OutlineShape[]): Outline {
  let bounds: Bounds | null = null;
  return {
    shapes,
    get bounds() {
      return (bounds ??= boundsOf(shapes));
    },
  };
}
