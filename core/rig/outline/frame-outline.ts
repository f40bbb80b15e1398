import { HEADS } from '../../tackle/heads';
import { radFromDeg } from '../../units/units';
import { bladeOutline, clipShapes, metalSwatch, plateFace, plateSizeMm } from './blade-shape';
import { leaf, linePath, smoothPath, type PointMm } from './curve';
import { DEFAULT_ARMS, type Plate, type Rig } from '../parts/schema';
import type { OutlineShape, View } from './outline-shape';
import { circlePath } from './round-mark';

/** Arms stand less open than the wire is bent, and squeezed ones less again: as much of the angle. */
export const SQUEEZED_ANGLE_SHARE = 0.6;

/** Thickness a plate shows on edge, mm: it is bent across. */
const ON_EDGE_MM = 2;

/** Plate of a vibrating head, hung on its nose and leaning forward. */
function plateShapes(plate: Plate, noseMm: PointMm, view: View): OutlineShape[] {
  const { longMm, wideMm } = plateSizeMm(plate.size);
  // foreshortened from above: it leans
  if (view === 'top') {
    const upper: PointMm = [noseMm[0] - longMm * 0.62, noseMm[1]];
    return plateFace(plate.size, plate.finish, upper, 0);
  }
  const lean = radFromDeg(-130);
  const foot: PointMm = [noseMm[0] + 3, noseMm[1] + longMm * 0.34];
  const along = (mm: number): PointMm => [foot[0] + mm * Math.cos(lean), foot[1] + mm * Math.sin(lean)];
  const edge = leaf(foot, lean, 0, longMm, (s) => 0.5 + Math.sin(Math.PI * s), longMm * ON_EDGE_MM);
  return [
    { part: 'blade', d: smoothPath(edge, true), swatch: metalSwatch(plate.finish) },
    { part: 'gleam', d: linePath([along(longMm * 0.2), along(longMm * 0.2 + wideMm * 0.4)]), strokeMm: 0.5 },
    ...clipShapes(along(longMm + 1), lean + Math.PI),
  ];
}

/** Bend of a spinner's wire, where the line is tied: mm from the nose of the head. @source adr-0010 */
const TIE_X_MM = -32;
const TIE_Y_MM = -4;

/** Where the upper arm of a spinner starts and ends, seen from the side, mm; squeezed or as it came. */
export function armMarks({ arms }: Pick<Rig, 'arms'>): {
  readonly tie: PointMm;
  readonly tip: PointMm;
  readonly angleRad: number;
} {
  const { upperMm, angleDeg, squeezed } = arms ?? DEFAULT_ARMS;
  const angleRad = radFromDeg(angleDeg * SQUEEZED_ANGLE_SHARE * (squeezed ? SQUEEZED_ANGLE_SHARE : 1));
  const tie: PointMm = [TIE_X_MM, TIE_Y_MM];
  return { tie, tip: [tie[0] + upperMm * Math.cos(angleRad), tie[1] - upperMm * Math.sin(angleRad)], angleRad };
}

/** Wire frame of a spinnerbait: lower arm to the tie, a bend, and the upper arm back over the hook with its blades. */
function armShapes(part: Pick<Rig, 'blades' | 'arms'>, headMm: number, view: View): OutlineShape[] {
  const { upperMm, angleDeg, squeezed } = part.arms ?? DEFAULT_ARMS;
  const tie: PointMm = [TIE_X_MM, view === 'side' ? TIE_Y_MM : 0];
  const angleRad =
    view === 'side' ? radFromDeg(squeezed ? angleDeg * SQUEEZED_ANGLE_SHARE : angleDeg) * SQUEEZED_ANGLE_SHARE : 0;
  const end: PointMm = [tie[0] + upperMm * Math.cos(angleRad), tie[1] - upperMm * Math.sin(angleRad)];
  const place = (mm: number): PointMm => [tie[0] + mm * Math.cos(angleRad), tie[1] - mm * Math.sin(angleRad)];
  // the wire comes forward, bends round where the line is tied, and goes back as the upper arm
  const down = view === 'side' ? 1 : 0.4;
  const bend: PointMm[] = [
    [headMm * 0.4, 0],
    [tie[0] + 7, tie[1] * 0.45 + 1.6 * down],
    [tie[0] + 1.6, tie[1] + 1.9 * down],
    [tie[0] - 1, tie[1] + 0.6 * down],
    [tie[0] - 0.4, tie[1] - 1.3 * down],
    place(5),
    place(upperMm * 0.5),
    place(upperMm),
  ];
  const wire: OutlineShape = { part: 'wire', d: smoothPath(bend, false), strokeMm: 1 };
  const blades = part.blades ?? [];
  const hang = radFromDeg(view === 'side' ? 12 : 0);
  return [
    wire,
    ...blades.flatMap(({ shape, size, finish }, at): OutlineShape[] => {
      // what is listed last turns on a swivel at the end of the arm, what is listed first on a clevis in front of it
      const isLast = at === blades.length - 1;
      const from = isLast ? end : place(upperMm * (1 - CLEVIS_SHARE));
      const hole: PointMm = [from[0] + (isLast ? 4.2 : 1.8), from[1] + (isLast ? 0.9 : 1.6)];
      const turns = { blade: at, at: hole, angleRad: hang };
      const leafOf = bladeOutline(shape, size, finish, hole, hang).map((part) => ({ ...part, turns }));
      return [...leafOf, ...(isLast ? swivel(end, hole) : clevis(from))];
    }),
  ];
}
/** How far before the end of the arm the front blade turns, share of the arm. */
const CLEVIS_SHARE = 0.42;

/** Two small barrels between the loop of the arm and the hole of the blade. */
const swivel = ([x, y]: PointMm, [hx, hy]: PointMm): OutlineShape[] => [
  { part: 'eye', d: circlePath([x, y], 1.1), strokeMm: 0.5 },
  {
    part: 'wire',
    d: linePath([
      [x + 1.1, y + 0.2],
      [hx - 0.6, hy - 0.1],
    ]),
    strokeMm: 1.5,
  },
];
/** A bow on the wire, with a bead on each side. */
const clevis = ([x, y]: PointMm): OutlineShape[] => [
  { part: 'eye', d: circlePath([x + 0.9, y + 0.9], 1.2), strokeMm: 0.5 },
  {
    part: 'wire',
    d: linePath([
      [x - 2.4, y],
      [x - 2.2, y],
    ]),
    strokeMm: 2.2,
  },
  {
    part: 'wire',
    d: linePath([
      [x + 3.2, y],
      [x + 3.4, y],
    ]),
    strokeMm: 2.2,
  },
];

/** What a vibrating or spinner rig carries besides its head; nothing for a skirted one. */
export function frameOutline(rig: Rig, headMm: number, view: View): OutlineShape[] {
  if (rig.blade) return plateShapes(rig.blade, [headMm * Math.min(0.1, HEADS[rig.head.style].tieAt), 0], view);
  return rig.blades || rig.arms ? armShapes(rig, headMm, view) : [];
}
