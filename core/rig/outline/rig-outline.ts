import { HEADS, type Nose } from '../../tackle/heads';
import { HOOKS } from '../../tackle/hooks';
import { colourSwatch } from '../../tackle/colours';
import { mmFromLengthM, radFromDeg } from '../../units/units';
import { exitFromNoseMm, HUNG_OVERLAP_M, type RigBody } from '../body/body';
import { linePath, smoothPath, type PointMm } from './curve';
import { hookMarks, hookShapes } from './hook-shape';
import { frameOutline } from './frame-outline';
import { trailerMarks, trailerPaths } from './trailer-outline';
import { outlineOf, type Outline, type OutlineShape, type View } from './outline-shape';
import { trailerHookShapes } from './trailer-hook-shape';
import type { Rig } from '../parts/schema';
import { skirtShapes } from './skirt-outline';

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

/** Where a guard leaves the head, and the line it stands on: just over the point. */
export function guardLine(
  rig: Pick<Rig, 'head'>,
  body: RigBody,
): { readonly root: PointMm; readonly angleRad: number } {
  const headMm = mmFromLengthM(body.head.lengthM);
  const { point } = hookMarks(rig.head.hook);
  const root: PointMm = [headMm - 1, -mmFromLengthM(body.head.heightM) * 0.28];
  return { root, angleRad: Math.atan2(-point[1] + OVER_POINT_MM + root[1], headMm + point[0] - root[0]) };
}
/** A guard stands this far over the point, mm. */
const OVER_POINT_MM = 2.5;
/** Fibres of a guard cut on a slant: the topmost keep this share of the length. */
export const BEVEL_SHARE = 0.72;

/** Guard fibres rise from the back of the head towards the point; wings and fan stand apart when seen from above. */
function guardShapes(rig: Rig, body: RigBody, view: View): OutlineShape[] {
  if (!rig.guard) return [];
  const { lengthMm, spread, kind, fibres: count, bevel } = rig.guard;
  const line = guardLine(rig, body);
  const root: PointMm = [line.root[0], view === 'side' ? line.root[1] : 0];
  const drawn = kind === 'wire' ? 1 : Math.min(8, Math.max(3, Math.round(count / 3)));
  const open = spread === 'none' ? 0.12 : spread === 'fanned' ? 0.34 : 0.3;
  const fibres = Array.from({ length: drawn }, (_, i): string => {
    const u = drawn === 1 ? 0 : (2 * i) / (drawn - 1) - 1;
    const wing = spread === 'wings' && view === 'top' ? Math.sign(u) * 0.22 : 0;
    const angleRad = view === 'side' ? -line.angleRad + u * 0.075 : u * open + wing;
    // a slant is lowest where the fibres lie nearest to the point
    const longMm = bevel && view === 'side' ? lengthMm * (BEVEL_SHARE + ((1 - BEVEL_SHARE) * (u + 1)) / 2) : lengthMm;
    const flatMm = longMm * (view === 'side' ? 1 : Math.cos(line.angleRad));
    const tip: PointMm = [root[0] + flatMm * Math.cos(angleRad), root[1] + flatMm * Math.sin(angleRad)];
    return linePath([[root[0], root[1] + u * 1.4], tip]);
  });
  return [{ part: 'guard', d: fibres.join(''), strokeMm: kind === 'wire' ? 0.5 : 0.34 }];
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

/** Where the nose of a trailer lies, mm behind the nose of the head. */
export function trailerFromMm(rig: Rig, body: RigBody): number {
  const headMm = mmFromLengthM(body.head.lengthM);
  const coreMm = rig.core?.lengthMm ?? 0;
  if (rig.trailer?.hang === 'hung')
    return headMm + coreMm + HOOKS[rig.head.hook.size].reachMm - mmFromLengthM(HUNG_OVERLAP_M);
  return headMm + coreMm - (rig.trailer?.pushMm ?? 0);
}

/** How much of the shank lies in plastic, mm behind the head. */
function coveredShankMm(rig: Rig, body: RigBody): number {
  const coreMm = rig.core?.lengthMm ?? 0;
  if (!rig.trailer || !body.trailer || rig.trailer.hang === 'hung') return coreMm;
  const plasticMm = Math.min(exitFromNoseMm(rig), mmFromLengthM(body.trailer.lengthM));
  return coreMm - (rig.trailer.pushMm ?? 0) + plasticMm;
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
  const coreMm = rig.core?.lengthMm ?? 0;
  const hook = hookShapes(rig.head.hook, headMm, coveredShankMm(rig, body), view);
  if (rig.trailer && body.trailer) {
    const swatch = colourSwatch(rig.trailer.colour);
    for (const d of trailerPaths(rig.trailer, body.trailer, [trailerFromMm(rig, body), 0], view).reverse()) {
      shapes.push({ part: 'trailer', d, swatch });
    }
    shapes.push(...trailerMarks(rig.trailer, body.trailer, [trailerFromMm(rig, body), 0], view));
  }
  if (rig.core) {
    const d = linePath([
      [headMm + 1, 0],
      [headMm + 1 + coreMm, 0],
    ]);
    shapes.push({ part: 'core', d, strokeMm: 9.5, swatch: colourSwatch(rig.core.colour) });
  }
  shapes.push(...hook, ...skirtShapes(rig, body, headMm, view), ...guardShapes(rig, body, view));
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
  shapes.push(...trailerHookShapes(rig, headMm, view));
  // the bend of a spinner's wire is its eye
  if (!rig.blades && !rig.arms) shapes.push(eyeShape(rig, body, headMm, view));
  shapes.push(...frameOutline(rig, headMm, view));
  return outlineOf(shapes);
}
