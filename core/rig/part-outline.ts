import { BLADES, PLATES, type BladeShape } from '../tackle/blades';
import { HEADS } from '../tackle/heads';
import { mmFromLengthM, radFromDeg } from '../units/units';
import { rigBody } from './body';
import { headOf, type HeadPart, type PartOf, type Tray } from './box';
import { linePath, smoothPath, type PointMm } from './curve';
import { boundsOf, rigOutline, type Outline, type OutlinePart, type OutlineShape } from './outline';
import type { View } from './outline-trailer';
import { uncutTrailer, type Rig } from './schema';

/** A head to hang a single part on while its outline is taken; it is not drawn. */
const BLANK: Rig = {
  family: 'skirted',
  head: { style: 'ball', finesse: false, weightOz: 0.25, metal: 'lead', hook: { size: '3/0', wire: 'medium' } },
  guard: null,
  skirt: null,
  trailer: null,
  core: null,
};

function only(rig: Rig, view: View, parts: readonly OutlinePart[]): OutlineShape[] {
  return rigOutline(rig, rigBody(rig), view).shapes.filter(({ part }) => parts.includes(part));
}

const METAL: Readonly<Record<string, string>> = { gold: '#c79a3e', nickel: '#b9bcb6', painted: '#9a5a2b' };
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

const bladeShape = (shape: BladeShape, size: number, finish: string, at: PointMm, angleRad: number): OutlineShape => {
  const { lengthMm, slenderness } = BLADES[shape];
  const long = lengthMm[size] ?? Object.values(lengthMm)[0]!;
  return { part: 'blade', d: bladePath(long, long / slenderness, at, angleRad), swatch: metal(finish) };
};

/** Plate of a vibrating head, hung on its nose and leaning forward. @source adr-0004 (area by size) */
function plateShapes(plate: NonNullable<HeadPart['blade']>, noseMm: PointMm, view: View): OutlineShape[] {
  const areaMm2 = PLATES[plate.size].areaCm2 * 100;
  const longMm = Math.sqrt((areaMm2 * 4 * 1.25) / Math.PI);
  const wideMm = longMm / 1.25;
  const d =
    view === 'top'
      ? bladePath(longMm * 0.65, wideMm, [noseMm[0] - longMm * 0.6, noseMm[1]], 0)
      : bladePath(longMm, 3.2, [noseMm[0] + 3, noseMm[1] + longMm * 0.34], radFromDeg(-130));
  return [{ part: 'blade', d, swatch: metal(plate.finish) }];
}

/** Wire frame of a spinnerbait: lower arm to the tie, a bend, and the upper arm back over the hook with its blades. */
function frameShapes(part: HeadPart, headMm: number, view: View): OutlineShape[] {
  const { upperMm, angleDeg, squeezed } = part.arms ?? { upperMm: 60, angleDeg: 55, squeezed: false };
  const tie: PointMm = [-32, view === 'side' ? -4 : 0];
  const angleRad = view === 'side' ? radFromDeg(squeezed ? angleDeg * 0.6 : angleDeg) * 0.6 : 0;
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
      return bladeShape(shape, size, finish, from, radFromDeg(view === 'side' ? 12 : 0));
    }),
    wire,
  ];
}

function headShapes(part: HeadPart, view: View): OutlineShape[] {
  const rig: Rig = {
    ...BLANK,
    head: headOf(part),
    guard: part.guard ?? null,
    skirt: part.skirt ? { ...part.skirt, thinned: 0, trim: 'none' } : null,
  };
  const body = rigBody(rig);
  const { shapes } = rigOutline(rig, body, view);
  const headMm = mmFromLengthM(body.head.lengthM);
  const nose: PointMm = [headMm * Math.min(0.1, HEADS[part.style].tieAt), 0];
  if (part.blade) return [...shapes, ...plateShapes(part.blade, nose, view)];
  if (part.arms || part.blades)
    return [...shapes.filter(({ part: name }) => name !== 'eye'), ...frameShapes(part, headMm, view)];
  return [...shapes];
}

/** Trays whose parts are drawn. */
export const DRAWN_TRAYS = ['heads', 'skirts', 'trailers', 'blades', 'hooks'] as const satisfies readonly Tray[];
export type DrawnTray = (typeof DRAWN_TRAYS)[number];

const DRAW: { readonly [T in DrawnTray]: (part: PartOf<T>, view: View) => OutlineShape[] } = {
  heads: headShapes,
  skirts: (part, view) =>
    only({ ...BLANK, skirt: { ...part, thinned: 0, trim: 'none' } }, view, ['skirt', 'skirt-shade', 'collar']),
  trailers: (part, view) => only({ ...BLANK, trailer: uncutTrailer(part) }, view, ['trailer']),
  blades: (part) => [bladeShape(part.shape, part.size, part.finish, [0, 0], 0)],
  hooks: (part, view) =>
    only({ ...BLANK, head: { ...BLANK.head, hook: { size: part.size, wire: part.wire } } }, view, ['hook', 'barb']),
};

/**
 * True-scale drawing of one part, millimetres, from the same profiles that motion integrates.
 * @returns paths in painting order and the box around them
 */
export function partOutline<T extends DrawnTray>(tray: T, part: PartOf<T>, view: View): Outline {
  const shapes = DRAW[tray](part, view);
  return { shapes, bounds: boundsOf(shapes) };
}
