import type { RigBody } from '../rig/body/body';
import type { DragFactors } from './fall-areas';

export { FACTOR_SD } from '../rig/body/known-factors';

/** The uncertain factors that affect this rig. */
export const factorsOf = (body: RigBody): (keyof DragFactors)[] => [
  'head',
  'posture',
  'mass',
  ...(body.skirt ? (['skirt'] as const) : []),
  ...(body.trailer ? (['trailer'] as const) : []),
  ...(body.trailer && !body.trailer.isWeighed ? (['batch'] as const) : []),
  ...(body.trailer || body.frame?.kind === 'vibrating' ? (['lift'] as const) : []),
  ...(body.frame ? (['blade'] as const) : []),
  ...(body.frame?.kind === 'spinner' ? (['bladeLift'] as const) : []),
];

/** Low and high end of a central 80 % band. */
export type Band = readonly [low: number, high: number];
