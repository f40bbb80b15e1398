import { APPENDAGE, APPENDAGE_FORMS, TRAILERS } from '../tackle/trailers';
import { mmFromLengthM, radFromDeg } from '../units/units';
import { leaf, smoothPath, type PointMm } from './curve';
import type { Trailer } from './schema';
import type { TrailerBody } from './trailer-body';

export type View = 'side' | 'top';

/** Rounds off the last stretch of a leaf, from share `from` on. */
const tip = (s: number, from: number): number =>
  s <= from ? 1 : Math.sqrt(Math.max(0, 1 - ((s - from) / (1 - from)) ** 2));

/** Widths of the appendages along their centre line, seen on their flat face. */
const LEAF_WIDTH: Readonly<Record<keyof typeof APPENDAGE_FORMS, (s: number) => number>> = {
  flap: (s) => (0.6 + 0.5 * s) * tip(s, 0.7),
  leg: (s) => (0.42 + 0.85 * s * s) * tip(s, 0.82),
  claw: (s) => (0.2 + 1.15 * Math.sin(Math.PI * s ** 1.25) * (1 - 0.25 * s)) * tip(s, 0.9),
  curl: (s) => (0.7 + 0.5 * s - 0.9 * s ** 3) * tip(s, 0.9),
};

/** Body of a trailer from its own profile: upper edge there, lower edge back. */
function bodyPoints(body: TrailerBody, originMm: PointMm, wide: boolean): PointMm[] {
  const half = (width: number, height: number): number => mmFromLengthM(wide ? width : height) / 2;
  const upper = body.profileM.map(([x, w, h]): PointMm => [originMm[0] + mmFromLengthM(x), originMm[1] - half(w, h)]);
  const lower = body.profileM.map(([x, w, h]): PointMm => [originMm[0] + mmFromLengthM(x), originMm[1] + half(w, h)]);
  return [...upper, ...lower.reverse()];
}

function footPoints(rootMm: PointMm, areaMm2: number, face: boolean): PointMm[] {
  const height = Math.sqrt(areaMm2) * 1.15;
  const form = (s: number): number => 0.5 + 0.6 * Math.sin(Math.PI * s);
  return face
    ? leaf(
        [rootMm[0] - 0.1 * height, rootMm[1] - 0.15 * height],
        radFromDeg(62),
        radFromDeg(16),
        height,
        form,
        areaMm2 * 0.5,
      )
    : leaf(rootMm, 0, 0, height * 0.5, form, areaMm2 * 0.3);
}

/**
 * Outlines of a trailer, as hung, from one side.
 * @param originMm  middle of its cut nose
 * @returns         closed SVG paths: the body first, then its appendages; the leaves have the area the mechanics uses
 */
export function trailerPaths(trailer: Trailer, body: TrailerBody, originMm: PointMm, view: View): string[] {
  const row = TRAILERS[trailer.kind];
  const turned = trailer.orientation === 'edge' && !row.round;
  const wide = (view === 'top') !== turned;
  const paths = [smoothPath(bodyPoints(body, originMm, wide), true)];
  const { shape } = row.appendage;
  if (shape === 'none' || body.appendageCount === 0 || body.appendageAreaM2 <= 0) return paths;

  const lengthMm = trailer.lengthMm;
  const rootMm = Math.max(0, row.appendage.root * lengthMm - trailer.cutNoseMm);
  const tailMm = mmFromLengthM(body.lengthM);
  const areaMm2 = (body.appendageAreaM2 / body.appendageCount) * 1e6;
  const flip = trailer.orientation === 'inverted' ? -1 : 1;
  const rootWidthMm = mmFromLengthM(body.widthM) * 0.3;

  if (shape === 'foot') {
    const foot = footPoints([originMm[0] + rootMm, originMm[1]], areaMm2, !wide);
    paths.push(smoothPath(mirror(foot, originMm[1], flip), true));
    return paths;
  }
  const form = APPENDAGE_FORMS[shape];
  const reachMm = Math.max(2, (tailMm - rootMm) * form.stretch);
  if (!wide) {
    // seen on edge: as thick as the plastic, drooping a little
    const strip = leaf(
      [originMm[0] + rootMm, originMm[1]],
      radFromDeg(4),
      radFromDeg(shape === 'curl' ? 40 : 8),
      reachMm * (shape === 'curl' ? 0.62 : 1),
      (s) => 1.1 - 0.5 * s,
      reachMm * mmFromLengthM(APPENDAGE.thicknessM),
    );
    paths.push(smoothPath(mirror(strip, originMm[1], flip), true));
    return paths;
  }
  for (let i = 0; i < body.appendageCount; i++) {
    const side = i % 2 === 0 ? -1 : 1;
    const rank = Math.floor(i / 2);
    const single = row.appendage.count === 1;
    const points = leaf(
      [
        originMm[0] + rootMm - rank * 0.16 * lengthMm,
        originMm[1] + (single ? 0 : side * rootWidthMm * (1 + 0.4 * rank)),
      ],
      radFromDeg(form.spreadDeg + 22 * rank) * side,
      radFromDeg(form.turnDeg) * side,
      reachMm * (1 - 0.25 * rank),
      LEAF_WIDTH[shape],
      areaMm2,
    );
    paths.push(smoothPath(points, true));
  }
  return paths;
}

const mirror = (points: readonly PointMm[], aboutY: number, flip: 1 | -1): PointMm[] =>
  flip === 1 ? [...points] : points.map(([x, y]): PointMm => [x, 2 * aboutY - y]);
