/** What the tank shows of a rig and a programme. */
export { ABLE_TOLD, ableRigs, NEAR_DEPTH_M, type Able } from './able';
export { breaksDown, type BreaksDown } from './breaks-down';
export { filmOf, momentAt, placeAt, turnsHz, type Film, type Moment } from './film';
export { happenings, secondsInBand, type Happening, type HappeningKind } from './happenings';
export { bandedOf, midDepthBand, ribbonAt, ribbonOf, type Banded, type Measure, type Ribbon } from './numbers';
export { planWith, PROGRAMME_IDS, PROGRAMMES, type FittedTo, type ProgrammeId } from './programmes';
export { fallerAt, fallerOf, weightThatFalls, type Faller, type FallingWeight } from './race';
export {
  depthAgainstSpeed,
  fallAgainstWeight,
  fallsBeside,
  weightsAround,
  worksAgainstSpeed,
  type ChartPoint,
  type Curve,
  type FallsBeside,
  type Works,
} from './sweeps';
export { solveCut, type CutToDepth } from './solve-cut';
export { solveDepth, type SolvedDepth } from './solved';
export { DEFAULT_PLAN, EMPTY_TANK, tankSchema, type Tank } from './tank';
export { isTold, versus, type Cause, type Difference } from './versus';
