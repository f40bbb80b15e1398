import {
  DIAL_MM,
  exitFromNoseMm,
  lengthMFromMm,
  mmFromLengthM,
  trailerFromMm,
  type BenchView,
  type Bounds,
  type Outline,
  type PointMm,
  type Rig,
  type RigBody,
} from '@core';
import * as words from '../../locale/en/bench';

/** One drawing on the sheet: where its own origin lies, mm. */
export interface PlacedView {
  readonly view: BenchView;
  readonly x: number;
  readonly y: number;
  /** upper left corner of its room, where its name stands */
  readonly top: number;
  readonly left: number;
}

export interface SheetLayout {
  readonly views: readonly PlacedView[];
  readonly widthMm: number;
  readonly heightMm: number;
  /** where the rule lies, its zero under the nose of the head */
  readonly rule: { readonly x: number; readonly y: number; readonly lengthMm: number };
}

/** Room for handles and labels over and under each drawing, mm. */
const ROOM: Readonly<Record<BenchView, { readonly above: number; readonly below: number }>> = {
  side: { above: 9, below: 13 },
  front: { above: 6, below: 4 },
  top: { above: 5, below: 3 },
  sheet: { above: 13, below: 11 },
};
const EDGE_MM = 6;
const GAP_MM = 10;
const RULE_MM = 11;

/** The box around some boxes. */
export function around(boxes: readonly Bounds[]): Bounds {
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}

/** The dial round a trailer, where it has one, belongs to the head-on view. */
const DIAL: Bounds = { x: -DIAL_MM - 3, y: -DIAL_MM - 3, width: 2 * DIAL_MM + 6, height: DIAL_MM + 6 };

interface Boxed {
  readonly view: BenchView;
  readonly box: Bounds;
}
/** Drawings under each other from a place on; the head-on view stands in the middle of its column. */
function column(
  boxed: readonly Boxed[],
  x: number,
): { readonly views: PlacedView[]; readonly right: number; readonly bottom: number } {
  const flat = boxed.filter(({ view }) => view !== 'front');
  const left = flat.length > 0 ? Math.min(...flat.map(({ box }) => box.x)) : 0;
  const right = flat.length > 0 ? Math.max(...flat.map(({ box }) => box.x + box.width)) : 0;
  const wide = Math.max(right - left, ...boxed.map(({ box }) => box.width));
  let y = 0;
  const views = boxed.map(({ view, box }): PlacedView => {
    const top = y;
    y += ROOM[view].above + box.height + ROOM[view].below;
    const own = view === 'front' ? x + wide / 2 - (box.x + box.width / 2) : x - left;
    return { view, x: own, y: top + ROOM[view].above - box.y, top, left: x - 2 };
  });
  return { views, right: x + wide, bottom: y };
}

/** Handles beside the ends of a drawing, mm. */
const BESIDE_MM = 14;

function arranged(left: readonly Boxed[], right: readonly Boxed[]): SheetLayout {
  const first = column(left, EDGE_MM);
  const second = right.length > 0 ? column(right, first.right + BESIDE_MM + GAP_MM) : null;
  const widthMm = (second?.right ?? first.right) + BESIDE_MM;
  const y = Math.max(first.bottom, second?.bottom ?? 0);
  const ruleX = first.views.find(({ view }) => view === 'side')!.x;
  return {
    views: [...first.views, ...(second?.views ?? [])],
    widthMm,
    heightMm: y + RULE_MM,
    rule: { x: ruleX, y: y + 1, lengthMm: widthMm - ruleX - 4 },
  };
}

/**
 * Puts the drawings of a build on one sheet: under each other on a narrow screen, else in two columns, whichever of two ways shows
 * them larger.
 * @param room  the place they are shown in, any unit
 */
export function layOutSheet(
  drawings: Readonly<Partial<Record<BenchView, Outline>>>,
  narrow: boolean,
  dial: boolean,
  room: { readonly width: number; readonly height: number },
): SheetLayout {
  const boxed = (...views: readonly BenchView[]): Boxed[] =>
    views.flatMap((view) => {
      const bounds = drawings[view]?.bounds;
      if (bounds === undefined) return [];
      return [{ view, box: view === 'front' && dial ? around([bounds, DIAL]) : bounds }];
    });
  if (narrow) return arranged(boxed('side', 'sheet', 'front', 'top'), []);
  const fitted = ({ widthMm, heightMm }: SheetLayout): number => Math.min(room.width / widthMm, room.height / heightMm);
  const tall = arranged(boxed('side', 'top', 'sheet'), boxed('front'));
  const wide = arranged(boxed('side', 'top'), boxed('front', 'sheet'));
  return fitted(wide) > fitted(tall) ? wide : tall;
}

/** How far below the hook's way out it is told, mm. */
export const EXIT_ASIDE_MM = 24;
export const EXIT_TEXT = (along: string): string => words.hookOutAt(along);

/**
 * Where the hook comes out of the trailer.
 * @param side  origin of the side view, mm
 * @returns its place on the sheet, mm, and the way along the trailer, m; null where it does not come out of it
 */
export function hookExit(
  rig: Rig,
  body: RigBody,
  side: PointMm,
): { readonly at: PointMm; readonly alongM: number } | null {
  if (!rig.trailer || !body.trailer) return null;
  const along = exitFromNoseMm(rig);
  if (along >= mmFromLengthM(body.trailer.lengthM)) return null;
  return { at: [side[0] + trailerFromMm(rig, body) + along, side[1]], alongM: lengthMFromMm(along) };
}
