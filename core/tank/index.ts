/** What the tank shows of a rig and a programme. */
export { ableRigs, NEAR_DEPTH_M, type Able } from './able';
export { breaksDown, type BreaksDown } from './breaks-down';
export { filmOf, momentAt, placeAt, type Film, type Moment } from './film';
export { happenings, secondsInBand, type Happening, type HappeningKind } from './happenings';
export { planWith, PROGRAMME_IDS, PROGRAMMES, type FittedTo, type ProgrammeId } from './programmes';
export { fallerAt, fallerOf, weightThatFalls, type Faller } from './race';
export {
  depthAgainstSpeed,
  fallAgainstWeight,
  weightsAround,
  worksAgainstSpeed,
  type Curve,
  type Works,
} from './sweeps';
export { solveCut, type CutToDepth } from './solve-cut';
export { DEFAULT_PLAN, EMPTY_TANK, tankSchema, type Tank } from './tank';
export { versus, type Cause, type Difference, type Measure } from './versus';
