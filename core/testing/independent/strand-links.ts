/** A strand made of rigid links with springs between them: a check of the smooth one that shares nothing with it but the load. */

/** Links of the strand. */
const LINKS = 60;
/** Newton rounds at each of the loads that lead up to the one asked. */
const ROUNDS = 30;

/** Solves a x = b by elimination with pivots; both are used up. */
function solved(a: number[][], b: number[]): number[] {
  const n = b.length;
  for (let column = 0; column < n; column++) {
    let pivot = column;
    for (let row = column + 1; row < n; row++) {
      if (Math.abs(a[row]![column]!) > Math.abs(a[pivot]![column]!)) pivot = row;
    }
    [a[column], a[pivot]] = [a[pivot]!, a[column]!];
    [b[column], b[pivot]] = [b[pivot]!, b[column]!];
    for (let row = column + 1; row < n; row++) {
      const share = a[row]![column]! / a[column]![column]!;
      for (let k = column; k < n; k++) a[row]![k]! -= share * a[column]![k]!;
      b[row]! -= share * b[column]!;
    }
  }
  for (let row = n - 1; row >= 0; row--) {
    for (let k = row + 1; k < n; k++) b[row]! -= a[row]![k]! * b[k]!;
    b[row]! /= a[row]![row]!;
  }
  return b;
}

/** Moment about each joint that the load on all links further out leaves unbalanced by the springs. */
function unbalanced(angles: readonly number[], rootRad: number, load: number): number[] {
  const h = 1 / LINKS;
  let [along, across, moment] = [0, 0, 0];
  const rest = new Array<number>(LINKS);
  for (let i = LINKS - 1; i >= 0; i--) {
    const [sin, cos] = [Math.sin(angles[i]!), Math.cos(angles[i]!)];
    const force = load * h * sin * Math.abs(sin);
    // what lies further out pulls at this link's end, its own load at its middle
    moment += h * (sin * along + cos * across) + (h / 2) * force;
    along += force * sin;
    across += force * cos;
    const bent = i === 0 ? (rootRad - angles[0]!) / (h / 2) : (angles[i - 1]! - angles[i]!) / h;
    rest[i] = bent - moment;
  }
  return rest;
}

/** Reach and drag of the chain of links, as shares like those of the smooth strand, and the angle of each from the root on. */
export function linkedStrand(
  rootRad: number,
  load: number,
): { readonly reach: number; readonly drag: number; readonly angles: readonly number[] } {
  const angles = new Array<number>(LINKS).fill(rootRad);
  for (let stage = Math.min(1, load); ; stage = Math.min(load, stage * 2)) {
    for (let round = 0; round < ROUNDS; round++) {
      const rest = unbalanced(angles, rootRad, stage);
      if (Math.max(...rest.map(Math.abs)) < 1e-9) break;
      const columns = angles.map((angle, i) => {
        const nudged = [...angles];
        nudged[i] = angle + 1e-6;
        return unbalanced(nudged, rootRad, stage).map((value, row) => (value - rest[row]!) / 1e-6);
      });
      const matrix = rest.map((_, row) => columns.map((column) => column[row]!));
      solved(matrix, [...rest]).forEach((step, i) => (angles[i]! -= step));
    }
    if (stage >= load) break;
  }
  const mean = (of: (angle: number) => number): number => angles.reduce((sum, angle) => sum + of(angle), 0) / LINKS;
  return { reach: mean(Math.sin), drag: mean((angle) => Math.sin(angle) ** 3), angles };
}
