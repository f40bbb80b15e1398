/** A towed cable in even water, held at its lower end by a pull at an angle. SI. */
export interface Cable {
  /** pull at the lower end, N, and its angle below the horizontal, rad */
  readonly pullN: number;
  readonly angleRad: number;
  /** drag across it a metre when it stands upright in the flow, and its weight a metre in the water, N/m */
  readonly dragNpM: number;
  readonly weightNpM: number;
}

const STEP_M = 0.002;

/**
 * Depth of the lower end of a cable of a length whose dry end is straight: its equations, step by step from the lower end up.
 *   T dphi = (w cos(phi) - R sin²(phi)) ds,  dT = w sin(phi) ds
 * @param tipM  height of the upper end above the water
 */
export function cableDepthM(cable: Cable, lengthM: number, tipM: number): number {
  let [pull, angle, risen, wet] = [cable.pullN, cable.angleRad, 0, 0];
  while (wet + tipM / Math.sin(angle) < lengthM) {
    const sine = Math.sin(angle);
    risen += STEP_M * sine;
    wet += STEP_M;
    angle += (STEP_M * (cable.weightNpM * Math.cos(angle) - cable.dragNpM * sine * sine)) / pull;
    pull += STEP_M * cable.weightNpM * sine;
  }
  return risen;
}

/** The same in closed form for a cable that weighs nothing. Pode 1951, typed from memory. */
export function weightlessCableDepthM({ pullN, angleRad, dragNpM }: Cable, wetM: number): number {
  const unit = pullN / dragNpM;
  const [low, high] = [1 / Math.tan(angleRad), 1 / Math.tan(angleRad) + wetM / unit];
  return unit * (Math.asinh(high) - Math.asinh(low));
}
