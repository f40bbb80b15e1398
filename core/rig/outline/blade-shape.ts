import { BLADES, bladeSize, PLATES, type BladeShape, type PlateSize } from '../../tackle/blades';
import { colourSwatch } from '../../tackle/colours';
import { leaf, linePath, smoothPath, type PointMm } from './curve';
import type { OutlineShape } from './outline-shape';
import { circlePath } from './round-mark';

/** Finishes of metal; anything else is painted in its colour. */
export const METAL: Readonly<Record<string, string>> = {
  gold: '#c79a3e',
  nickel: '#b9bcb6',
  silver: '#b9bcb6',
  chrome: '#c3c6c2',
  copper: '#a8683c',
  painted: '#9a5a2b',
};
export const metalSwatch = (finish: string): string => METAL[finish.trim().toLowerCase()] ?? colourSwatch(finish);

/** Half widths of a blade along its length: round, egg-shaped, or pointed at both ends. */
const BLADE_WIDTH: Readonly<Record<BladeShape, (s: number) => number>> = {
  colorado: (s) => Math.sqrt(Math.max(0, 1 - (2 * s - 1) ** 2)),
  indiana: (s) => Math.sqrt(Math.max(0, 1 - (2 * s - 1) ** 2)) * (0.78 + 0.44 * s),
  willow: (s) => 1 - Math.abs(2 * s - 1) ** 2.2,
};

/** A place of a blade on the drawing: from its hole, along its length, then across it. */
const onBlade =
  ([x, y]: PointMm, angleRad: number) =>
  (along: number, across: number): PointMm => [
    x + along * Math.cos(angleRad) - across * Math.sin(angleRad),
    y + along * Math.sin(angleRad) + across * Math.cos(angleRad),
  ];

/**
 * A blade on its hole, with the area the mechanics uses, its hole, the edge of its cup and the grain of brushed metal.
 * @param at  where its hole lies, mm
 * @param angleRad  where it points, 0 backwards, positive down
 */
export function bladeOutline(
  shape: BladeShape,
  size: number,
  finish: string,
  at: PointMm,
  angleRad: number,
): OutlineShape[] {
  const longMm = BLADES[shape].lengthMm[size] ?? Object.values(BLADES[shape].lengthMm)[0]!;
  const areaMm2 = (bladeSize(shape, size)?.areaM2 ?? 0) * 1e6;
  const width = BLADE_WIDTH[shape];
  const place = onBlade(at, angleRad);
  const points = leaf(at, angleRad, 0, longMm, width, areaMm2);
  const halfMm = (areaMm2 / longMm) * 0.5;
  const cup = [0.2, 0.35, 0.5, 0.65, 0.8].map((s) => place(s * longMm, -0.62 * halfMm * width(s)));
  const grain = [0.16, -0.12, 0.4].map((across, row) =>
    linePath([
      place((0.3 + 0.08 * row) * longMm, across * halfMm),
      place((0.66 - 0.06 * row) * longMm, across * halfMm),
    ]),
  );
  return [
    { part: 'blade', d: smoothPath(points, true), swatch: metalSwatch(finish) },
    { part: 'gleam', d: grain.join(''), strokeMm: 0.5 },
    { part: 'crease', d: smoothPath(cup, false), strokeMm: 0.3 },
    { part: 'hole', d: circlePath(place(longMm * 0.11, 0), 0.8) },
  ];
}

/** Outlines of plates from the end where the line is clipped: along its length, half its width; both shares of the largest. */
const PLATE_FORM: Readonly<Record<PlateSize, readonly (readonly [along: number, half: number])[]>> = {
  compact: [
    [0, 0.42],
    [0.24, 0.92],
    [0.55, 1],
    [0.82, 0.84],
    [1, 0.42],
  ],
  standard: [
    [0, 0.3],
    [0.2, 0.72],
    [0.62, 1],
    [0.86, 0.8],
    [1, 0.3],
  ],
  oversize: [
    [0, 0.24],
    [0.3, 0.74],
    [0.78, 1],
    [0.94, 0.86],
    [1, 0.52],
  ],
  subtle: [
    [0, 0.5],
    [0.12, 0.78],
    [0.5, 0.72],
    [0.8, 1],
    [0.95, 0.72],
    [1, 0.3],
  ],
};
/** Length of a plate over its greatest width: the quiet one is slim. */
const PLATE_SLENDER: Readonly<Record<PlateSize, number>> = {
  compact: 1.05,
  standard: 1.25,
  oversize: 1.15,
  subtle: 1.75,
};

/** Length and greatest width of a plate of its area, mm. */
export function plateSizeMm(size: PlateSize): { readonly longMm: number; readonly wideMm: number } {
  const form = PLATE_FORM[size];
  // area of the form at length 1 and greatest width 1
  let share = 0;
  for (let i = 1; i < form.length; i++)
    share += ((form[i]![0] - form[i - 1]![0]) * (form[i]![1] + form[i - 1]![1])) / 2;
  const wideMm = Math.sqrt((PLATES[size].areaCm2 * 100) / (share * PLATE_SLENDER[size]));
  return { longMm: wideMm * PLATE_SLENDER[size], wideMm };
}

/**
 * A plate seen on its face: as wide as it is, with the hole and clip where the line ties and the slot by which it hangs on the head.
 * @param at  where its upper end lies, mm
 * @param angleRad  where it points, 0 backwards, positive down
 */
export function plateFace(size: PlateSize, finish: string, at: PointMm, angleRad: number): OutlineShape[] {
  const { longMm, wideMm } = plateSizeMm(size);
  const place = onBlade(at, angleRad);
  const form = PLATE_FORM[size];
  const edge = form.map(([along, half]) => place(along * longMm, (-half * wideMm) / 2));
  const back = [...form].reverse().map(([along, half]) => place(along * longMm, (half * wideMm) / 2));
  const inner = form.slice(1, -1).map(([along, half]) => place(along * longMm, -half * wideMm * 0.34));
  return [
    { part: 'blade', d: `${linePath([...edge, ...back])}Z`, swatch: metalSwatch(finish) },
    {
      part: 'gleam',
      d: linePath([place(0.3 * longMm, 0.18 * wideMm), place(0.72 * longMm, 0.18 * wideMm)]),
      strokeMm: 0.6,
    },
    { part: 'crease', d: linePath(inner), strokeMm: 0.3 },
    { part: 'hole', d: circlePath(place(2.2, 0), 1.1) },
    { part: 'hole', d: circlePath(place(longMm * 0.55, 0), 1.3) },
    ...clipShapes(place(-1.4, 0), angleRad),
  ];
}

/** The clip the line ties to: a bent wire that closes on itself, mm. */
export function clipShapes([x, y]: PointMm, angleRad: number): OutlineShape[] {
  const place = onBlade([x, y], angleRad);
  const wire = [
    place(3.4, 0.9),
    place(0.4, 1.1),
    place(-3, 0.9),
    place(-4.2, 0),
    place(-3, -0.9),
    place(2.6, -1),
    place(3.6, 0),
  ];
  return [{ part: 'clip', d: smoothPath(wire, false), strokeMm: 0.6 }];
}
