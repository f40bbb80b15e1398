import { HEADS } from '../../tackle/heads';
import { colourSwatch } from '../../tackle/colours';
import { BLADES } from '../../tackle/blades';
import { mmFromLengthM, radFromDeg } from '../../units/units';
import type { RigBody } from '../body/body';
import { linePath, smoothPath, type PointMm } from './curve';
import { DEFAULT_ARMS, type Rig } from '../parts/schema';
import { hookMarks } from './hook-shape';
import { guardLine } from './rig-outline';
import { outlineOf, type Outline, type OutlineShape } from './outline-shape';
import { skirtReachMm } from './skirt-outline';
import { metalSwatch, plateFace, plateSizeMm } from './blade-shape';
import { armMarks } from './frame-outline';

const ROUND_STEPS = 16;
/** Ellipse around a middle, mm. */
function ellipsePath([x, y]: PointMm, halfWide: number, halfTall: number, turnRad = 0): string {
  const points = Array.from({ length: ROUND_STEPS }, (_, i): PointMm => {
    const at = (2 * Math.PI * i) / ROUND_STEPS;
    const [a, b] = [halfWide * Math.cos(at), halfTall * Math.sin(at)];
    return [x + a * Math.cos(turnRad) - b * Math.sin(turnRad), y + a * Math.sin(turnRad) + b * Math.cos(turnRad)];
  });
  return smoothPath(points, true);
}

/** Where the upper arm of a spinner ends, seen head-on; straight above the hook when it is in line. mm */
export function armTipHeadOn(rig: Pick<Rig, 'arms'>): PointMm {
  const riseMm = -armMarks(rig).tip[1];
  const twist = radFromDeg((rig.arms ?? DEFAULT_ARMS).twistDeg);
  return [riseMm * Math.sin(twist), -riseMm * Math.cos(twist)];
}

/** Body and legs of a trailer as they are turned. */
function trailerShapes(rig: Rig, body: RigBody): OutlineShape[] {
  const { trailer } = body;
  if (!rig.trailer || trailer === null) return [];
  const swatch = colourSwatch(rig.trailer.colour);
  const [wide, tall] = [mmFromLengthM(trailer.widthM), mmFromLengthM(trailer.heightM)];
  const turned = rig.trailer.orientation === 'edge';
  const legs = mmFromLengthM(trailer.legSpanM) / 2;
  const shapes: OutlineShape[] = [];
  if (legs > wide / 2) {
    const strip: PointMm[] = turned
      ? [
          [0, -legs],
          [0, legs],
        ]
      : [
          [-legs, 1],
          [legs, 1],
        ];
    shapes.push({
      part: 'trailer',
      d: ellipsePath([0, turned ? 0 : 1], turned ? 1.6 : legs, turned ? legs : 1.6),
      swatch,
    });
    shapes.push({ part: 'crease', d: linePath(strip), strokeMm: 0.25 });
  }
  shapes.push({
    part: 'trailer',
    d: ellipsePath([0, 0], (turned ? tall : wide) / 2, (turned ? wide : tall) / 2),
    swatch,
  });
  return shapes;
}

function skirtShapes(rig: Rig, body: RigBody, speedMps: number): OutlineShape[] {
  if (!rig.skirt || !body.skirt) return [];
  const swatch = colourSwatch(rig.skirt.colour);
  const longMm = mmFromLengthM(body.skirt.longestM);
  const drawn = 28;
  const clipped = Math.round((drawn * rig.skirt.thinned) / rig.skirt.strands);
  const strands = Array.from({ length: drawn }, (_, i): string => {
    // counted from straight below, so that what is thinned goes from the underside
    const turn = Math.PI / 2 + ((i % 2 === 0 ? 1 : -1) * Math.ceil(i / 2) * 2 * Math.PI) / drawn;
    const below = Math.sin(turn) > 0;
    const lengthMm = i < clipped ? longMm * 0.2 : below ? rig.skirt!.lengthMm : longMm;
    const reach = skirtReachMm(body.skirt!, lengthMm, speedMps) * (0.92 + (0.08 * ((i * 7) % 5)) / 4);
    return linePath([
      [2.6 * Math.cos(turn), 2.6 * Math.sin(turn)],
      [reach * Math.cos(turn), reach * Math.sin(turn)],
    ]);
  });
  return [
    { part: 'skirt', d: strands.filter((_, i) => i % 2 === 0).join(''), strokeMm: 0.7, swatch },
    { part: 'skirt-shade', d: strands.filter((_, i) => i % 2 === 1).join(''), strokeMm: 0.7, swatch },
  ];
}

/** Fibres seen from the front: a bundle, a fan, or two wings. */
function guardShapes(rig: Rig, body: RigBody): OutlineShape[] {
  if (!rig.guard) return [];
  const { root, angleRad } = guardLine(rig, body);
  const riseMm = rig.guard.lengthMm * Math.sin(angleRad);
  const alongMm = rig.guard.lengthMm * Math.cos(angleRad);
  const drawn = rig.guard.kind === 'wire' ? 1 : Math.min(11, Math.max(3, Math.round(rig.guard.fibres / 2)));
  const open = { none: 0.1, fanned: 0.34, wings: 0.3 }[rig.guard.spread];
  const fibres = Array.from({ length: drawn }, (_, i): string => {
    const u = drawn === 1 ? 0 : (2 * i) / (drawn - 1) - 1;
    const wing = rig.guard!.spread === 'wings' ? Math.sign(u) * 0.22 : 0;
    const sideMm = alongMm * Math.sin(u * open + wing);
    return linePath([
      [u * 1.2, root[1]],
      [sideMm, root[1] - riseMm],
    ]);
  });
  return [{ part: 'guard', d: fibres.join(''), strokeMm: 0.34 }];
}

function frameShapes(rig: Rig): OutlineShape[] {
  if (rig.blade) {
    const { longMm } = plateSizeMm(rig.blade.size);
    return plateFace(rig.blade.size, rig.blade.finish, [0, -longMm * 0.48], Math.PI / 2);
  }
  if (!rig.blades) return [];
  const tip = armTipHeadOn(rig);
  const turn = Math.atan2(tip[0], -tip[1]);
  return [
    ...[...rig.blades].reverse().map(({ shape, size, finish }, at): OutlineShape => {
      const { lengthMm, slenderness, coneDeg } = BLADES[shape];
      const long = lengthMm[size]!;
      const back = at === 0 ? 1 : 0.6;
      return {
        part: 'blade',
        d: ellipsePath(
          [tip[0] * back, tip[1] * back],
          long / slenderness / 2,
          (long * Math.sin(radFromDeg(coneDeg))) / 2,
          turn,
        ),
        swatch: metalSwatch(finish),
      };
    }),
    { part: 'wire', d: linePath([[0, -3], tip]), strokeMm: 1 },
  ];
}

/**
 * A rig seen head-on at true scale, mm: x to the right, y down, the axis of the hook in the middle.
 * @param speedMps  for the room the skirt takes
 */
export function rigHeadOn(rig: Rig, body: RigBody, speedMps: number): Outline {
  const { bend, point, wireMm } = hookMarks(rig.head.hook);
  const { widthM, heightM } = body.head;
  const row = HEADS[rig.head.style];
  const eyeY = rig.blades ? -3 : (-mmFromLengthM(heightM) / 2) * Math.min(1, row.tieAt * 2.6) - 1.2;
  const shapes: OutlineShape[] = [
    ...trailerShapes(rig, body),
    ...skirtShapes(rig, body, speedMps),
    {
      part: 'hook',
      d: linePath([[0, 0], [0, bend[1]], point[1] < bend[1] ? [0, point[1]] : [0, bend[1]]]),
      strokeMm: wireMm,
    },
    ...guardShapes(rig, body),
    { part: 'head', d: ellipsePath([0, 0], mmFromLengthM(widthM) / 2, mmFromLengthM(heightM) / 2) },
    ...(rig.blades ? [] : [{ part: 'eye', d: ellipsePath([0, eyeY], 0.7, 1.7), strokeMm: 0.9 } as const]),
    ...frameShapes(rig),
  ];
  return outlineOf(shapes);
}
