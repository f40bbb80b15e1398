import { DIAL_MM, type BenchView, type Bounds, type Outline } from '@core';

/** One drawing on the sheet: where its own origin lies, mm. */
export interface PlacedView {
  readonly view: BenchView;
  readonly x: number;
  readonly y: number;
  /** upper edge of its room, where its name stands */
  readonly top: number;
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

/**
 * Puts the drawings of a build on one sheet, one over the other, the head-on view beside them, or on a narrow screen below.
 */
export function layOutSheet(
  drawings: Readonly<Partial<Record<BenchView, Outline>>>,
  narrow: boolean,
  dial: boolean,
): SheetLayout {
  const boxOf = (view: BenchView): Bounds | null => {
    const bounds = drawings[view]?.bounds;
    return bounds === undefined ? null : view === 'front' && dial ? around([bounds, DIAL]) : bounds;
  };
  const column: readonly BenchView[] = narrow ? ['side', 'sheet', 'front', 'top'] : ['side', 'top', 'sheet'];
  const boxes = column.flatMap((view) => {
    const box = boxOf(view);
    return box ? [{ view, box }] : [];
  });
  const left = Math.min(...boxes.filter(({ view }) => view !== 'front').map(({ box }) => box.x));
  const right = Math.max(...boxes.filter(({ view }) => view !== 'front').map(({ box }) => box.x + box.width));
  let y = 0;
  const views = boxes.map(({ view, box }): PlacedView => {
    const top = y;
    const room = ROOM[view];
    y += room.above + box.height + room.below;
    const x = view === 'front' ? EDGE_MM + (right - left) / 2 - (box.x + box.width / 2) : EDGE_MM - left;
    return { view, x, y: top + room.above - box.y, top };
  });
  let widthMm = right - left + 2 * EDGE_MM + 14;
  const front = narrow ? null : boxOf('front');
  if (front) {
    views.push({ view: 'front', x: widthMm + GAP_MM - front.x, y: ROOM.front.above - front.y + 4, top: 0 });
    widthMm += GAP_MM + front.width + EDGE_MM;
    y = Math.max(y, ROOM.front.above + front.height + ROOM.front.below + 4);
  }
  return {
    views,
    widthMm,
    heightMm: y + RULE_MM,
    rule: { x: EDGE_MM - Math.min(0, left), y: y + 1, lengthMm: widthMm - EDGE_MM + Math.min(0, left) - 4 },
  };
}
