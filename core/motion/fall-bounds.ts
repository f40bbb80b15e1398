import type { RigBody, SkirtBody } from '../rig/body/body';
import { GRAVITY_MPS2 } from '../units/units';
import { submergedWeightN } from './fall';
import type { Medium } from './medium';
import { areasWithoutSkirt } from './fall-areas';
import { fallAngleRad } from './attitude';
import { spinningDragM2, STALLED_SHARE } from '../rig/body/frame';
import { skirtDragAreaM2 } from './skirt-drag';

/** Speeds at which a set of skirts is looked at, m/s: wide enough for any jig, close enough that bounds are worth having. */
const FROM_MPS = 0.02;
const TO_MPS = 4;
const CELLS = 72;
const STEP = Math.log(TO_MPS / FROM_MPS) / CELLS;
const edgeLog = (cell: number): number => Math.log(FROM_MPS) + cell * STEP;

/** What a set of skirts can do to a fall: least and most drag at each speed, least and most weight in the water. */
export interface SkirtEnvelope {
  /** m² on cell i: never less, never more than any skirt of the set has there */
  readonly leastM2: Float64Array;
  readonly mostM2: Float64Array;
  readonly lightestKg: number;
  readonly heaviestKg: number;
}

/**
 * Envelope of some skirts in a water. Drag areas shrink as speed grows, so a cell's start holds its most and its end its least.
 * @param skirts  at least one; null for none worn
 */
export function skirtEnvelope(skirts: readonly (SkirtBody | null)[], medium: Medium): SkirtEnvelope {
  const leastM2 = new Float64Array(CELLS).fill(Infinity);
  const mostM2 = new Float64Array(CELLS);
  let lightestKg = Infinity;
  let heaviestKg = -Infinity;
  for (const skirt of skirts) {
    const submergedKg = skirt === null ? 0 : skirt.massKg - medium.densityKgM3 * skirt.volumeM3;
    lightestKg = Math.min(lightestKg, submergedKg);
    heaviestKg = Math.max(heaviestKg, submergedKg);
    const at = (cell: number): number =>
      skirt === null ? 0 : skirtDragAreaM2(skirt, Math.exp(edgeLog(cell)), medium.densityKgM3, medium.kinematicM2ps);
    let start = at(0);
    for (let cell = 0; cell < CELLS; cell++) {
      const end = at(cell + 1);
      mostM2[cell] = Math.max(mostM2[cell]!, start);
      leastM2[cell] = Math.min(leastM2[cell]!, end);
      start = end;
    }
  }
  return { leastM2, mostM2, lightestKg, heaviestKg };
}

/** Log of the slowest speed at which a drag per cell can carry a load, and the cell it lies in. */
function carried(
  logLoad: number,
  dragM2: number,
  skirtShare: number,
  lift2: number,
  skirtM2: Float64Array,
): { readonly logMps: number; readonly cell: number } {
  const atEnd = (cell: number): number =>
    2 * edgeLog(cell + 1) + 0.5 * Math.log((dragM2 + skirtShare * skirtM2[cell]!) ** 2 + lift2);
  let [low, high] = [0, CELLS - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (atEnd(middle) >= logLoad) high = middle;
    else low = middle + 1;
  }
  const exact = (logLoad - 0.5 * Math.log((dragM2 + skirtShare * skirtM2[low]!) ** 2 + lift2)) / 2;
  return { logMps: Math.max(exact, edgeLog(low)), cell: low };
}

/** Room for rounding in the solver that these bounds are held against. */
const SLACK = 1e-6;

/**
 * Bounds on the slack fall of a rig whichever skirt of a set it wears, m/s.
 * @param body  the rig without a skirt
 */
export function fallBoundsMps(body: RigBody, envelope: SkirtEnvelope, medium: Medium): readonly [number, number] {
  const bareKg = submergedWeightN(body, medium) / GRAVITY_MPS2;
  const { centre } = body.known;
  const lightKg = bareKg + envelope.lightestKg;
  const heavyKg = bareKg + envelope.heaviestKg;
  if (heavyKg <= 0) return [0, 0];
  const { dragM2, skirtShare, liftM2 } = areasWithoutSkirt(
    body,
    fallAngleRad(body, medium, 0, centre.posture),
    centre,
    0,
  );
  // blades hang below their start and turn above it
  const turningM2 = body.frame === null ? 0 : centre.blade * spinningDragM2(body.frame);
  const hangingM2 = STALLED_SHARE * turningM2;
  const lift2 = liftM2 * liftM2;
  const logLoadOf = (submergedKg: number): number => Math.log((2 * GRAVITY_MPS2 * submergedKg) / medium.densityKgM3);
  const fast = carried(logLoadOf(heavyKg), dragM2 + hangingM2, skirtShare, lift2, envelope.leastM2);
  // the glide leans least where the drag is most: cos(glide) = D / sqrt(D² + L²)
  const steepness = (frameM2: number, skirtM2: number): number => {
    const drag = dragM2 + frameM2 + skirtShare * skirtM2;
    return drag / Math.sqrt(drag * drag + lift2);
  };
  if (lightKg <= 0) return [0, Math.exp(fast.logMps) * (1 + SLACK)];
  const slow = carried(logLoadOf(lightKg), dragM2 + turningM2, skirtShare, lift2, envelope.mostM2);
  return [
    Math.exp(slow.logMps) * steepness(hangingM2, envelope.leastM2[fast.cell]!) * (1 - SLACK),
    Math.exp(fast.logMps) * steepness(turningM2, envelope.mostM2[slow.cell]!) * (1 + SLACK),
  ];
}
