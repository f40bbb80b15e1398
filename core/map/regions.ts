import type { MapPlan } from './axes';

/** A connected component (by edges) of cells with the same answer. */
export interface Region {
  readonly key: string;
  readonly cells: readonly number[];
  /** where a label stands best: the cell furthest from its border */
  readonly labelAt: { readonly column: number; readonly row: number };
}

/**
 * Regions of a map, the largest first.
 * @param keys  of each cell, row by row
 */
export function regionsOf(keys: readonly string[], { wide, high }: MapPlan): readonly Region[] {
  const seen = new Uint8Array(keys.length);
  const around = (at: number): number[] => {
    const [column, row] = [at % wide, Math.floor(at / wide)];
    return [
      ...(column > 0 ? [at - 1] : []),
      ...(column < wide - 1 ? [at + 1] : []),
      ...(row > 0 ? [at - wide] : []),
      ...(row < high - 1 ? [at + wide] : []),
    ];
  };
  const found: Region[] = [];
  for (let start = 0; start < keys.length; start++) {
    if (seen[start]) continue;
    const key = keys[start]!;
    const cells = [start];
    seen[start] = 1;
    for (let at = 0; at < cells.length; at++) {
      for (const next of around(cells[at]!)) {
        if (seen[next] || keys[next] !== key) continue;
        seen[next] = 1;
        cells.push(next);
      }
    }
    found.push({ key, cells, labelAt: inmost(cells, new Set(cells), { wide, high }) });
  }
  return found.sort((a, b) => b.cells.length - a.cells.length);
}

/** The cell of a region whose nearest border is furthest. */
function inmost(
  cells: readonly number[],
  own: ReadonlySet<number>,
  { wide, high }: Pick<MapPlan, 'wide' | 'high'>,
): Region['labelAt'] {
  let best = cells[0]!;
  let most = -1;
  for (const cell of cells) {
    const [column, row] = [cell % wide, Math.floor(cell / wide)];
    let room = 0;
    while (isInside(column, row, room + 1, own, wide, high)) room++;
    // of equals the one nearest to the middle of the map
    const inwards = -Math.hypot(column - wide / 2, row - high / 2) / (wide + high);
    if (room + inwards > most) [most, best] = [room + inwards, cell];
  }
  return { column: best % wide, row: Math.floor(best / wide) };
}

function isInside(
  column: number,
  row: number,
  room: number,
  own: ReadonlySet<number>,
  wide: number,
  high: number,
): boolean {
  for (const [dx, dy] of [
    [-room, 0],
    [room, 0],
    [0, -room],
    [0, room],
  ] as const) {
    const [c, r] = [column + dx, row + dy];
    if (c < 0 || r < 0 || c >= wide || r >= high || !own.has(r * wide + c)) return false;
  }
  return true;
}
