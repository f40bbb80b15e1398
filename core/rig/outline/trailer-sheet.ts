import { colourSwatch } from '../../tackle/colours';
import { ribsMm } from '../../tackle/ribs';
import { TRAILERS } from '../../tackle/trailers';
import { lengthMFromMm, mmFromLengthM } from '../../units/units';
import { exitFromNoseMm } from '../body/body';
import { linePath, type PointMm } from './curve';
import { circlePath } from './round-mark';
import { outlineOf, type Outline, type OutlineShape } from './outline-shape';
import { trailerPaths } from './trailer-outline';
import type { Rig, Trailer } from '../parts/schema';
import { profileAt, trailerBody } from '../body/trailer-body';

/** Half the width of an uncut trailer by the place behind its nose, seen on its flat face, mm. */
export function halfWidthsMm(trailer: Trailer): (xMm: number) => number {
  const { profileM } = trailerBody(uncut(trailer));
  const endM = profileM.at(-1)![0];
  return (xMm) => mmFromLengthM(profileAt(profileM, Math.min(lengthMFromMm(xMm), endM))[1]) / 2;
}

const uncut = (trailer: Trailer): Trailer => ({
  ...trailer,
  cutNoseMm: 0,
  cutTailMm: 0,
  legsOff: 0,
  orientation: 'flat',
  hang: 'threaded',
});

/** Where the web between joined tails begins and where they end, mm behind the uncut nose; null where tails are not joined. */
export function webMm(trailer: Trailer): { readonly from: number; readonly to: number } | null {
  const { shape, root } = TRAILERS[trailer.kind].appendage;
  return shape === 'flap' ? { from: root * trailer.lengthMm, to: trailer.lengthMm } : null;
}

/** Beyond the edge of the plastic a cut is marked this far, mm. */
export const CUT_MARK_MM = 5;

/**
 * The trailer of a rig as it lies on the board before it is hung: the whole outline, what stays in its colour, cuts as lines, ribs,
 * and the place where the hook will come out. mm, uncut nose at x = 0.
 */
export function trailerSheet(rig: Rig): Outline | null {
  const { trailer } = rig;
  if (!trailer) return null;
  const swatch = colourSwatch(trailer.colour);
  const whole = trailerPaths(uncut(trailer), trailerBody(uncut(trailer)), [0, 0], 'top');
  const kept = { ...trailer, orientation: 'flat' } as const;
  const left = trailerPaths(kept, trailerBody(kept), [trailer.cutNoseMm, 0], 'top');
  const shapes: OutlineShape[] = whole.map((d): OutlineShape => ({ part: 'offcut', d }));
  for (const d of [...left].reverse()) shapes.push({ part: 'trailer', d, swatch });

  const halfWidth = halfWidthsMm(trailer);
  const across = (xMm: number, shareOfHalf: number): string => {
    const half = halfWidth(xMm) * shareOfHalf;
    return linePath([
      [xMm, -half],
      [xMm, half],
    ]);
  };
  const ribs = ribsMm(trailer.kind, trailer.lengthMm).map((xMm) => across(xMm, 0.82));
  if (ribs.length > 0) shapes.push({ part: 'crease', d: ribs.join(''), strokeMm: 0.25 });
  const web = webMm(trailer);
  if (web) {
    const line: PointMm[] = [
      [web.from, 0],
      [web.to, 0],
    ];
    shapes.push({
      part: trailer.splitTails ? 'cut' : 'crease',
      d: linePath(line),
      strokeMm: trailer.splitTails ? 0.6 : 0.25,
    });
  }
  const cutAt = (xMm: number): string => {
    const half = halfWidth(xMm) + CUT_MARK_MM;
    return linePath([
      [xMm, -half],
      [xMm, half],
    ]);
  };
  const cuts = [
    ...(trailer.cutNoseMm > 0 ? [cutAt(trailer.cutNoseMm)] : []),
    ...(trailer.cutTailMm > 0 ? [cutAt(trailer.lengthMm - trailer.cutTailMm)] : []),
  ];
  if (cuts.length > 0) shapes.push({ part: 'cut', d: cuts.join(''), strokeMm: 0.6 });
  const exitMm = trailer.cutNoseMm + exitFromNoseMm(rig);
  if (exitMm < trailer.lengthMm - trailer.cutTailMm) {
    shapes.push({ part: 'exit', d: circlePath([exitMm, 0], 1.6) });
    if (trailer.slit) {
      const slit: PointMm[] = [
        [trailer.cutNoseMm + 6, 0],
        [exitMm, 0],
      ];
      shapes.push({ part: 'cut', d: linePath(slit), strokeMm: 0.6 });
    }
  }
  return outlineOf(shapes);
}
