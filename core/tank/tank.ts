import * as z from 'zod/mini';
import { planSchema, type RetrievePlan } from '../motion/plan';
import { rigSchema } from '../rig/parts/schema';
import { PROGRAMME_IDS } from './programmes';

/** What stands in the tank: two rigs at most, and the programme they run. In the shape of files. */
export const tankSchema = z.strictObject({
  rig: z.nullable(rigSchema),
  other: z.nullable(rigSchema),
  plan: planSchema,
  /** the programme the plan began with; null for one that was made by hand */
  programme: z.nullable(z.enum(PROGRAMME_IDS)),
  /** share of the weight the line carries while two rigs fall side by side */
  semiTight: z.number().check(z.minimum(0), z.maximum(0.6)),
});
export type Tank = z.infer<typeof tankSchema>;

/** A plan to begin with, where no pick brings its own. */
export const DEFAULT_PLAN: RetrievePlan = {
  castM: 20,
  tipHeightM: 1,
  line: { kind: 'fluorocarbon', lb: 15 },
  steps: [
    { do: 'countdown', s: 3 },
    { do: 'reel', mPerS: 0.6 },
  ],
};
export const EMPTY_TANK: Tank = { rig: null, other: null, plan: DEFAULT_PLAN, programme: null, semiTight: 0 };
