import { BLADES, PLATES, type BladeShape } from '../tackle/blades';
import { HEADS } from '../tackle/heads';
import { radFromDeg } from '../units/units';
import { linePath, smoothPath, type PointMm } from './curve';
import { DEFAULT_ARMS } from './frame';
import type { OutlineShape } from './outline';
import type { View } from './outline-trailer';
import type { Plate, Rig } from './schema';

export const METAL: Readonly<Record<string, string>> = { gold: '#c79a3e', nickel: '#b9bcb6', painted: '#9a5a2b' };
/** Arms stand less open than the wire is bent, and squeezed ones less again: as much of the angle. */
export const SQUEEZED_ANGLE_SHARE = 0.6;
const metal = (finish: string): string => METAL[finish] ?? '#8f8b84';

/** An ellipse that comes to a point at its fixed end the longer it is. */
function bladePath(lengthMm: number, widthMm: number, [x, y]: PointMm, angleRad: number): string {
  const points = Array.from({ length: 16 }, (_, i): PointMm => {
    const turn = (2 * Math.PI * i) / 16;
    const along = (lengthMm / 2) * (1 - Math.cos(turn));
    const across = (widthMm / 2) * Math.sin(turn) * (0.82 + 0.18 * (1 - Math.cos(turn)));
    return [
      x + along * Math.cos(angleRad) - across * Math.sin(angleRad),
      y + along * Math.sin(angleRad) + across * Math.cos(angleRad),
    ];
  });
  return smoothPath(points, true);
}

export const bladeOutline = (
  shape: BladeShape,
  size: number,
  finish: string,
  at: PointMm,
  angleRad: number,
): OutlineShape => {
  const { lengthMm, slenderness } = BLADES[shape];
  const long = lengthMm[size] ?? Object.values(lengthMm)[0]!;
  return { part: 'blade', d: bladePath(long, long / slenderness, at, angleRad), swatch: metal(finish) };
};

/** Plate of a vibrating head, hung on its nose and leaning forward. @source adr-0004 (area by size) */
function plateShapes(plate: Plate, noseMm: PointMm, view: View): OutlineShape[] {
  const areaMm2 = PLATES[plate.size].areaCm2 * 100;
  const longMm = Math.sqrt((areaMm2 * 4 * 1.25) / Math.PI);
  const wideMm = longMm / 1.25;
  const d =
    view === 'top'
      ? bladePath(longMm * 0.65, wideMm, [noseMm[0] - longMm * 0.6, noseMm[1]], 0)
      : bladePath(longMm, 3.2, [noseMm[0] + 3, noseMm[1] + longMm * 0.34], radFromDeg(-130));
  return [{ part: 'blade', d, swatch: metal(plate.finish) }];
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
  const wire: OutlineShape = { part: 'wire', d: linePath([[headMm * 0.4, 0], tie, end]), strokeMm: 1 };
  const blades = part.blades ?? [];
  return [
    ...blades.map(({ shape, size, finish }, at) => {
      const back = at === 0 ? 0 : 0.42;
      const from: PointMm = [
        end[0] - back * upperMm * Math.cos(angleRad),
        end[1] + back * upperMm * Math.sin(angleRad),
      ];
      return bladeOutline(shape, size, finish, from, radFromDeg(view === 'side' ? 12 : 0));
    }),
    wire,
  ];
}

/** What a vibrating or spinner rig carries besides its head; nothing for a skirted one. */
export function frameOutline(rig: Rig, headMm: number, view: View): OutlineShape[] {
  if (rig.blade) return plateShapes(rig.blade, [headMm * Math.min(0.1, HEADS[rig.head.style].tieAt), 0], view);
  return rig.blades || rig.arms ? armShapes(rig, headMm, view) : [];
}
