import { colourSwatch } from '../../tackle/colours';
import { COLLAR_MM } from '../../tackle/skirts';
import { lengthMFromMm, mmFromLengthM } from '../../units/units';
import { STUB_MM, type RigBody, type SkirtBody } from '../body/body';
import { linePath, smoothPath, type PointMm } from './curve';
import type { OutlineShape, View } from './outline-shape';
import type { Rig } from '../parts/schema';
import { CRAWL_MPS, packedM, skirtSpreadM, skirtStrandM } from '../body/skirt-shape';

const DRAWN_DENSITY_KG_M3 = 999;
const MAX_DRAWN_STRANDS = 22;

/** Half height or width of the collar that holds the strands, mm. */
const COLLAR_HALF_MM = 2.4;
/** Pieces a strand is drawn in. */
const PIECES = 6;

/** A skirt whose strands are all as long as one. */
const withStrands = (skirt: SkirtBody, lengthMm: number): SkirtBody => ({
  ...skirt,
  lengthM: lengthMFromMm(lengthMm),
});

/** One strand as it is bent at a speed, from the collar to its tip: [back, out from the axis], mm. */
function strandMm(skirt: SkirtBody, lengthMm: number, speedMps: number): readonly PointMm[] {
  const bundleMm = mmFromLengthM(packedM(skirt)) / 2;
  return skirtStrandM(withStrands(skirt, lengthMm), speedMps, DRAWN_DENSITY_KG_M3, PIECES).map(([back, out]) => [
    mmFromLengthM(back),
    bundleMm + mmFromLengthM(out),
  ]);
}

/** The same seen from one side, where it lies so far across the whorl; no two strands lie quite alike. */
const strandPath = (headMm: number, strand: readonly PointMm[], across: number, jitter: number): string =>
  smoothPath(
    strand.map(([back, out], i): PointMm => {
      const share = (jitter * i) / PIECES;
      return [headMm + 1 + back * (1 + 0.04 * share), across * out * (1 + 0.1 * share)];
    }),
    false,
  );

/** How far strands of a length stand away from the axis at a speed, mm. */
export const skirtReachMm = (skirt: SkirtBody, lengthMm: number, speedMps: number): number =>
  mmFromLengthM(skirtSpreadM(withStrands(skirt, lengthMm), speedMps, DRAWN_DENSITY_KG_M3)) / 2;

export function skirtShapes(rig: Rig, body: RigBody, headMm: number, view: View): OutlineShape[] {
  if (!rig.skirt || !body.skirt) return [];
  const { skirt } = body;
  const swatch = colourSwatch(rig.skirt.colour);
  const longMm = mmFromLengthM(skirt.longestM);
  const drawn = Math.min(MAX_DRAWN_STRANDS, rig.skirt.strands);
  const clipped = Math.round((drawn * rig.skirt.thinned) / rig.skirt.strands);
  const bent = new Map<number, readonly PointMm[]>();
  const bentOf = (lengthMm: number): readonly PointMm[] => {
    const known = bent.get(lengthMm) ?? strandMm(skirt, lengthMm, CRAWL_MPS);
    bent.set(lengthMm, known);
    return known;
  };
  const strands = Array.from({ length: drawn }, (_, i): string => {
    const u = drawn === 1 ? 0 : (2 * i) / (drawn - 1) - 1;
    // strands on a cone seen from the side crowd towards the edges
    const across = Math.sin((u * Math.PI) / 2);
    const below = view === 'side' && u > 0;
    // what is clipped goes from the underside; seen from above it lies below the rest
    const stub = view === 'side' ? i >= drawn - clipped : i % 2 === 1 && (drawn - i) / 2 <= clipped / 2;
    const lengthMm = stub ? Math.min(COLLAR_MM + STUB_MM, longMm) : below ? rig.skirt!.lengthMm : longMm;
    const jitter = ((i * 7919) % 13) / 13 - 0.5;
    return strandPath(headMm, bentOf(lengthMm), across, jitter);
  });
  const everyOther = (from: 0 | 1): string => strands.filter((_, i) => i % 2 === from).join('');
  const collar: PointMm[] = [
    [headMm + 1.2, -COLLAR_HALF_MM - 0.6],
    [headMm + 1.2, COLLAR_HALF_MM + 0.6],
  ];
  return [
    { part: 'skirt', d: everyOther(0), strokeMm: 0.7, swatch },
    { part: 'skirt-shade', d: everyOther(1), strokeMm: 0.7, swatch },
    { part: 'collar', d: linePath(collar), strokeMm: 2.6 },
  ];
}

/**
 * Edge of the room a skirt takes at a speed, seen from the side or, where all strands are alike, from above.
 * @param speedMps  0 for at rest
 */
export function skirtEnvelope(rig: Rig, body: RigBody, speedMps: number, view: View): string | null {
  if (!rig.skirt || !body.skirt) return null;
  const headMm = mmFromLengthM(body.head.lengthM);
  const longMm = mmFromLengthM(body.skirt.longestM);
  const edge = (lengthMm: number, side: -1 | 1): string =>
    strandPath(headMm, strandMm(body.skirt!, lengthMm, speedMps), side, 0);
  return edge(longMm, -1) + edge(view === 'side' ? rig.skirt.lengthMm : longMm, 1);
}
