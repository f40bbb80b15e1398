import { HEADS, type Nose } from '../tackle/heads';
import { HOOKS, WIRE_DIAMETER_MM } from '../tackle/hooks';
import { colourSwatch } from '../tackle/colours';
import { mmFromLengthM, radFromDeg } from '../units/units';
import { HUNG_OVERLAP_M, type RigBody } from './body';
import { linePath, smoothPath, type PointMm } from './curve';
import { frameOutline } from './outline-frame';
import { trailerPaths, type View } from './outline-trailer';
import type { Rig } from './schema';
import { CRAWL_MPS, skirtSpreadM } from './skirt-shape';

export type OutlinePart =
  | 'core'
  | 'trailer'
  | 'blade'
  | 'wire'
  | 'hook'
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

const DRAWN_DENSITY_KG_M3 = 999;
const MAX_DRAWN_STRANDS = 22;

/** Outline of a head: relative x, and share of the half height above and below the axis. */
const NOSE_PROFILE: Readonly<Record<Nose, readonly (readonly [x: number, up: number, down: number])[]>> = {
  round: [
    [0, 0, 0],
    [0.07, 0.5, 0.48],
    [0.22, 0.83, 0.8],
    [0.5, 1, 1],
    [0.78, 0.84, 0.86],
    [0.95, 0.5, 0.54],
    [1, 0.3, 0.32],
  ],
  'flat-pointed': [
    [0, 0, 0],
    [0.1, 0.34, 0.3],
    [0.3, 0.72, 0.66],
    [0.58, 1, 1],
    [0.82, 0.86, 0.88],
    [0.96, 0.52, 0.56],
    [1, 0.34, 0.36],
  ],
  pointed: [
    [0, 0, 0],
    [0.12, 0.22, 0.26],
    [0.34, 0.58, 0.66],
    [0.62, 0.96, 1],
    [0.84, 0.86, 0.88],
    [0.97, 0.52, 0.54],
    [1, 0.34, 0.36],
  ],
};

function headPath(lengthMm: number, thicknessMm: number, nose: Nose): string {
  const half = thicknessMm / 2;
  const rows = NOSE_PROFILE[nose];
  const upper = rows.map(([x, up]): PointMm => [x * lengthMm, -up * half]);
  const lower = rows.slice(1).map(([x, , down]): PointMm => [x * lengthMm, down * half]);
  return smoothPath([...upper, ...lower.reverse()], true);
}

function hookShapes(rig: Rig, headMm: number, view: View): OutlineShape[] {
  const { gapMm, shankMm, reachMm } = HOOKS[rig.head.hook.size];
  const strokeMm = rig.head.hook.wireMm ?? WIRE_DIAMETER_MM[rig.head.hook.wire];
  const back = headMm + shankMm;
  const deep = headMm + reachMm - strokeMm / 2;
  if (view === 'top')
    return [
      {
        part: 'hook',
        d: linePath([
          [headMm * 0.6, 0],
          [deep, 0],
        ]),
        strokeMm,
      },
    ];
  const point: PointMm = [headMm + shankMm * 0.42, -gapMm * 1.02];
  const bend: PointMm[] = [
    [headMm * 0.6, 0],
    [headMm + shankMm * 0.5, 0],
    [back, 0],
    [back + (deep - back) * 0.72, -gapMm * 0.16],
    [deep, -gapMm * 0.5],
    [back + (deep - back) * 0.7, -gapMm * 0.86],
    [back, -gapMm * 1.02],
    [headMm + shankMm * 0.7, -gapMm * 1.04],
    point,
  ];
  const barbAt: PointMm = [headMm + shankMm * 0.62, -gapMm * 1.03];
  return [
    { part: 'hook', d: smoothPath(bend, false), strokeMm },
    { part: 'barb', d: linePath([barbAt, [barbAt[0] + 2.6, barbAt[1] + 1.5]]), strokeMm: strokeMm * 0.6 },
  ];
}

/** Guard fibres rise from the back of the head towards the point; wings and fan stand apart when seen from above. */
function guardShapes(rig: Rig, body: RigBody, headMm: number, view: View): OutlineShape[] {
  if (!rig.guard) return [];
  const { gapMm } = HOOKS[rig.head.hook.size];
  const lengthMm = rig.guard.lengthMm;
  const rootY = view === 'side' ? -mmFromLengthM(body.head.heightM) * 0.36 : 0;
  const root: PointMm = [headMm * 0.72, rootY];
  const drawn = rig.guard.kind === 'wire' ? 1 : Math.min(9, Math.max(3, Math.round(rig.guard.fibres / 3)));
  const spread = rig.guard.spread === 'none' ? 0.12 : rig.guard.spread === 'fanned' ? 0.34 : 0.3;
  const lean = view === 'side' ? Math.asin(Math.min(0.85, (gapMm * 1.25 + rootY + 2) / lengthMm)) : 0;
  const fibres = Array.from({ length: drawn }, (_, i): string => {
    const u = drawn === 1 ? 0 : (2 * i) / (drawn - 1) - 1;
    const wing = rig.guard?.spread === 'wings' && view === 'top' ? Math.sign(u) * 0.22 : 0;
    const angleRad = -lean + (view === 'side' ? u * 0.09 : u * spread + wing);
    const tip: PointMm = [root[0] + lengthMm * Math.cos(angleRad), root[1] + lengthMm * Math.sin(angleRad)];
    return linePath([[root[0], root[1] + u * 1.1], tip]);
  });
  return [{ part: 'guard', d: fibres.join(''), strokeMm: 0.55 }];
}

function skirtShapes(rig: Rig, body: RigBody, headMm: number): OutlineShape[] {
  if (!rig.skirt || !body.skirt) return [];
  const swatch = colourSwatch(rig.skirt.colour);
  const lengthMm = rig.skirt.lengthMm;
  const collarMm = 2.4;
  const halfMm = mmFromLengthM(skirtSpreadM(body.skirt, CRAWL_MPS, DRAWN_DENSITY_KG_M3)) / 2;
  const drawn = Math.min(MAX_DRAWN_STRANDS, body.skirt.strands);
  const strands = Array.from({ length: drawn }, (_, i): string => {
    const u = drawn === 1 ? 0 : (2 * i) / (drawn - 1) - 1;
    // strands on a cone seen from the side crowd towards the edges
    const across = Math.sin((u * Math.PI) / 2);
    const tipY = across * halfMm;
    const reach = Math.sqrt(Math.max(0.2, 1 - (tipY / lengthMm) ** 2));
    const jitter = ((i * 7919) % 13) / 13 - 0.5;
    const points: PointMm[] = [
      [headMm + 1, across * collarMm],
      [headMm + lengthMm * 0.2, across * collarMm + tipY * 0.5],
      [headMm + lengthMm * 0.55 * reach, tipY * 0.92],
      [headMm + lengthMm * reach * (1 + 0.04 * jitter), tipY * (1 + 0.1 * jitter)],
    ];
    return smoothPath(points, false);
  });
  const everyOther = (from: 0 | 1): string => strands.filter((_, i) => i % 2 === from).join('');
  const collar: PointMm[] = [
    [headMm + 1.2, -collarMm - 0.6],
    [headMm + 1.2, collarMm + 0.6],
  ];
  return [
    { part: 'skirt', d: everyOther(0), strokeMm: 0.7, swatch },
    { part: 'skirt-shade', d: everyOther(1), strokeMm: 0.7, swatch },
    { part: 'collar', d: linePath(collar), strokeMm: 2.6 },
  ];
}

/** Line tie: a ring that stands out of the head at the angle of its style. */
function eyeShape(rig: Rig, body: RigBody, headMm: number, view: View): OutlineShape {
  const row = HEADS[rig.head.style];
  const angleRad = radFromDeg(row.tieDeg);
  const out = view === 'side' ? Math.sin(angleRad) : 0;
  const x = headMm * row.tieAt - 1.6 * Math.cos(angleRad);
  const surface = row.tieAt < 0.1 ? 0 : mmFromLengthM(body.head.heightM) * 0.5 * Math.min(1, row.tieAt * 2.6);
  const y = view === 'side' ? -surface * out - 1.4 * out : 0;
  const ring: PointMm[] = Array.from({ length: 8 }, (_, i) => {
    const turn = (i * Math.PI) / 4;
    const squash = view === 'side' ? 1 : 0.35;
    return [x + 1.7 * Math.cos(turn), y + 1.7 * squash * Math.sin(turn)];
  });
  return { part: 'eye', d: smoothPath(ring, true), strokeMm: 0.9 };
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

/**
 * True-scale drawing of a rig, millimetres, nose at x = 0, from the same profiles that motion integrates.
 * @param view  from the side (hook point up) or from above
 * @returns     paths in painting order and the box around them
 */
export function rigOutline(rig: Rig, body: RigBody, view: View): Outline {
  const headMm = mmFromLengthM(body.head.lengthM);
  const thicknessMm = mmFromLengthM(view === 'side' ? body.head.heightM : body.head.widthM);
  const nose = rig.head.nose ?? HEADS[rig.head.style].nose;
  const shapes: OutlineShape[] = [];
  const hungMm = rig.trailer?.hang === 'hung' ? HOOKS[rig.head.hook.size].reachMm - mmFromLengthM(HUNG_OVERLAP_M) : 1.5;
  const coreMm = rig.core?.lengthMm ?? 0;
  const hook = hookShapes(rig, headMm, view);
  if (rig.trailer && body.trailer) {
    const swatch = colourSwatch(rig.trailer.colour);
    for (const d of trailerPaths(rig.trailer, body.trailer, [headMm + hungMm + coreMm, 0], view).reverse()) {
      shapes.push({ part: 'trailer', d, swatch });
    }
  }
  if (rig.core) {
    const d = linePath([
      [headMm + 1, 0],
      [headMm + 1 + coreMm, 0],
    ]);
    shapes.push({ part: 'core', d, strokeMm: 9.5, swatch: colourSwatch(rig.core.colour) });
  }
  shapes.push(...hook, ...skirtShapes(rig, body, headMm), ...guardShapes(rig, body, headMm, view));
  shapes.push({ part: 'head', d: headPath(headMm, thicknessMm, nose) });
  if (rig.head.cams && view === 'side') {
    const camMm = thicknessMm;
    shapes.push({
      part: 'cam',
      d: linePath([
        [headMm * 0.3, camMm * 0.2],
        [headMm * 0.7, camMm * 0.2],
      ]),
      strokeMm: 1.2,
    });
  }
  // the bend of a spinner's wire is its eye
  if (!rig.blades && !rig.arms) shapes.push(eyeShape(rig, body, headMm, view));
  shapes.push(...frameOutline(rig, headMm, view));
  return { shapes, bounds: boundsOf(shapes) };
}
