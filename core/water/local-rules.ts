import * as z from 'zod/mini';

/** Most hooks one line may be said to carry: 0 where nothing may be fished at all. */
export const LOCAL_LIMITS = { hooksPerLine: { min: 0, max: 5 }, fishMm: { min: 50, max: 1500 } } as const;

const flag = z.exactOptional(z.boolean());
const fishMm = z.exactOptional(
  z.number().check(z.minimum(LOCAL_LIMITS.fishMm.min), z.maximum(LOCAL_LIMITS.fishMm.max)),
);

/**
 * What is allowed at a place, as the angler read it on the licence or the board. What is left out is not restricted. Picks keep to
 * it; whether it is right only the angler can know.
 */
export const localRulesSchema = z.strictObject({
  hooksPerLine: z.exactOptional(
    z.int().check(z.minimum(LOCAL_LIMITS.hooksPerLine.min), z.maximum(LOCAL_LIMITS.hooksPerLine.max)),
  ),
  trailerHook: flag,
  treble: flag,
  lead: flag,
  /** bass that may be kept: shortest and longest, mm */
  fishFromMm: fishMm,
  fishToMm: fishMm,
});

export type LocalRules = z.infer<typeof localRulesSchema>;

/** Whether lead heads may be fished here. */
export const leadAllowed = (rules: LocalRules | undefined): boolean => rules?.lead !== false;

/** Whether any hook may be fished here. */
export const hooksAllowed = (rules: LocalRules | undefined): boolean => (rules?.hooksPerLine ?? 1) >= 1;

/** Whether a trailer hook may go on behind the first. */
export const trailerHookAllowed = (rules: LocalRules | undefined, kind: 'single' | 'treble'): boolean =>
  rules?.trailerHook !== false && (rules?.hooksPerLine ?? 2) >= 2 && (kind === 'single' || rules?.treble !== false);
