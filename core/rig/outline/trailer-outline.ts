import { APPENDAGE, APPENDAGE_FORMS, TRAILERS } from '../../tackle/trailers';
import { ribsMm } from '../../tackle/ribs';
import type { TrailerKind } from '../../tackle/trailer-kinds';
import { lengthMFromMm, mmFromLengthM, radFromDeg } from '../../units/units';
import { leaf, linePath, smoothPath, type PointMm } from './curve';
import type { Trailer } from '../parts/schema';
import type { OutlineShape, View } from './outline-shape';
import { profileAt, type TrailerBody } from '../body/trailer-body';

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

/** Where the tails of a body part, share of its length from the nose; null where it ends in one piece. */
function forkAt(kind: TrailerKind): number | null {
  if (kind === 'split-strip') return 0.42;
  const { shape, root } = TRAILERS[kind].appendage;
  return shape === 'flap' ? root + 0.04 : null;
}
/** How wide the gap between two tails is at their ends, share of the body's width there. */
const FORK_GAP: Readonly<Partial<Record<TrailerKind, number>>> = { 'split-strip': 0.7 };
const FLAP_GAP = 0.34;

/** Body of a trailer from its own profile: upper edge there, lower edge back; two tails part in a notch. */
function bodyPoints(
  body: TrailerBody,
  originMm: PointMm,
  wide: boolean,
  fork: { readonly fromMm: number; readonly gap: number } | null,
): PointMm[] {
  const half = (width: number, height: number): number => mmFromLengthM(wide ? width : height) / 2;
  const upper = body.profileM.map(([x, w, h]): PointMm => [originMm[0] + mmFromLengthM(x), originMm[1] - half(w, h)]);
  const lower = body.profileM.map(([x, w, h]): PointMm => [originMm[0] + mmFromLengthM(x), originMm[1] + half(w, h)]);
  const [endX, endUp] = upper.at(-1)!;
  if (!wide || fork === null || endX - originMm[0] - fork.fromMm < 3) return [...upper, ...lower.reverse()];
  const gapMm = (originMm[1] - endUp) * fork.gap;
  const middle = (endX + originMm[0] + fork.fromMm) / 2;
  const notch: PointMm[] = [
    [endX + 0.4, originMm[1] - gapMm],
    [middle, originMm[1] - gapMm * 0.45],
    [originMm[0] + fork.fromMm, originMm[1]],
    [middle, originMm[1] + gapMm * 0.45],
    [endX + 0.4, originMm[1] + gapMm],
  ];
  return [...upper, ...notch, ...lower.reverse()];
}

/** Segments of a craw's shell, shares of its length. */
const JOINTS: Readonly<Partial<Record<TrailerKind, readonly number[]>>> = {
  'flapper-craw': [0.14, 0.22, 0.3, 0.38],
  'curl-craw': [0.14, 0.22, 0.3, 0.38],
  'small-craw': [0.16, 0.27, 0.38],
  chunk: [0.12, 0.24, 0.36],
  'kick-chunk': [0.12, 0.24, 0.36],
};

/** Walking legs of craws, where they leave the shell, shares of its length: thin as they are they move no water. */
const WALKING_LEGS: Readonly<Partial<Record<TrailerKind, readonly number[]>>> = {
  'flapper-craw': [0.3, 0.4],
  'curl-craw': [0.26, 0.34, 0.42],
  'small-craw': [0.3, 0.42],
};
const LEG_SHARE = 0.075;

function legsOf(trailer: Trailer, body: TrailerBody, originMm: PointMm, endMm: number): string[] {
  const longMm = LEG_SHARE * trailer.lengthMm;
  return (WALKING_LEGS[trailer.kind] ?? [])
    .map((share) => share * trailer.lengthMm - trailer.cutNoseMm)
    .filter((mm) => mm > 1 && mm < endMm - 1)
    .flatMap((mm) => {
      const half = mmFromLengthM(profileAt(body.profileM, lengthMFromMm(mm))[1]) / 2;
      const x = originMm[0] + mm;
      return ([-1, 1] as const).map((side) =>
        linePath([
          [x, originMm[1] + side * half],
          [x + 0.35 * longMm, originMm[1] + side * (half + 0.55 * longMm)],
          [x + longMm, originMm[1] + side * (half + 0.8 * longMm)],
        ]),
      );
    });
}

/**
 * What is moulded into a body: ribs and joints across it, the groove along a fish's back, an eye.
 * @param originMm  middle of its cut nose
 */
export function trailerMarks(trailer: Trailer, body: TrailerBody, originMm: PointMm, view: View): OutlineShape[] {
  const { kind, lengthMm, cutNoseMm } = trailer;
  const turned = trailer.orientation === 'edge' && !TRAILERS[kind].round;
  const wide = (view === 'top') !== turned;
  const endMm = mmFromLengthM(body.profileM.at(-1)![0]);
  const ribs = ribsMm(kind, lengthMm);
  const joints = ribs.length > 0 ? ribs : (JOINTS[kind] ?? []).map((share) => share * lengthMm);
  const bow = ribs.length > 0 ? 0.5 : 1.4;
  const across = joints
    .map((mm) => mm - cutNoseMm)
    .filter((mm) => mm > 1 && mm < endMm - 1)
    .map((mm) => {
      const [, w, h] = profileAt(body.profileM, lengthMFromMm(mm));
      const half = (mmFromLengthM(wide ? w : h) / 2) * 0.84;
      const x = originMm[0] + mm;
      return smoothPath(
        [
          [x, originMm[1] - half],
          [x + bow, originMm[1]],
          [x, originMm[1] + half],
        ],
        false,
      );
    });
  const legs = wide ? legsOf(trailer, body, originMm, endMm) : [];
  const drawn: OutlineShape[] = [];
  if (across.length > 0) drawn.push({ part: 'crease', d: across.join(''), strokeMm: 0.28 });
  if (legs.length > 0) drawn.push({ part: 'crease', d: legs.join(''), strokeMm: 0.7 });
  return drawn;
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
  const fork = forkAt(trailer.kind);
  const parted =
    fork === null
      ? null
      : { fromMm: fork * trailer.lengthMm - trailer.cutNoseMm, gap: FORK_GAP[trailer.kind] ?? FLAP_GAP };
  const paths = [smoothPath(bodyPoints(body, originMm, wide, parted), true)];
  const { shape } = row.appendage;
  // flaps are the parted end of the body, as the profile holds them
  const isParted = shape === 'flap' && wide;
  if (shape === 'none' || isParted || body.appendageCount === 0 || body.appendageAreaM2 <= 0) return paths;

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
