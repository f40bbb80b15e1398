import { FAMILIES, type Family } from '../../water/schema';
import type { PreferRule } from './rule';
import { COLOUR_RULES } from './colour';
import type { FALL_BANDS, FALL_SHIFTS } from './fall';
import { HEAD_RULES } from './heads';
import { HOOK_AND_GUARD_RULES } from './hooks-and-guards';
import type { PUSH_BANDS, PUSH_SHIFTS, SHOW_BANDS, SHOW_SHIFTS } from './motion';
import type { LENGTH_BANDS, LENGTH_SHIFTS, RATIO_BANDS, SNAG_BANDS } from './size';
import type { HOLD_BANDS, HOLD_SHIFTS, KICK_BANDS, RUN_BANDS, WINDOW_BANDS } from './retrieve';
import type { FAMILY_RULES } from './family';
import { SPINNER_RULES } from './spinner';
import { SKIRT_RULES } from './skirts';
import { SWIM_RULES } from './swim';
import { TRAILER_RULES } from './trailers';
import { VIBRATING_RULES } from './vibrating';
import type { WEIGHT_BANDS, WEIGHT_SHIFTS } from './weight';

/** Rules that name no family are said of skirted jigs; those on colour hold for anything with a skirt or a trailer. */
const meantFor = (rules: readonly PreferRule[], family: readonly Family[]): PreferRule[] =>
  rules.map((rule) => ({ ...rule, target: { family, ...rule.target } }));

/** Colour is settled between rigs that do the same: its rules count half, so that no shape is given up for a colour. @source adr-0024 */
const COLOUR_COUNTS = 0.5;

/** Rules that speak for or against rigs. */
export const PREFER_RULES: readonly PreferRule[] = [
  ...meantFor([...HEAD_RULES, ...HOOK_AND_GUARD_RULES, ...SKIRT_RULES, ...TRAILER_RULES, ...SWIM_RULES], ['skirted']),
  ...meantFor(VIBRATING_RULES, ['vibrating']),
  ...meantFor(SPINNER_RULES, ['spinner']),
  ...meantFor(COLOUR_RULES, FAMILIES).map((rule) => ({ ...rule, weight: COLOUR_COUNTS * rule.weight })),
];

export { WANT_TOPICS } from './want-topics';

type IdOf<T extends readonly { readonly id: string }[]> = T[number]['id'];

/** Every rule id there is; the wording table must name each (it does not compile otherwise). */
export type RuleId =
  | IdOf<typeof FALL_BANDS>
  | IdOf<typeof FALL_SHIFTS>
  | IdOf<typeof WEIGHT_BANDS>
  | IdOf<typeof WEIGHT_SHIFTS>
  | IdOf<typeof PUSH_BANDS>
  | IdOf<typeof PUSH_SHIFTS>
  | IdOf<typeof SHOW_BANDS>
  | IdOf<typeof SHOW_SHIFTS>
  | IdOf<typeof LENGTH_BANDS>
  | IdOf<typeof LENGTH_SHIFTS>
  | IdOf<typeof RATIO_BANDS>
  | IdOf<typeof SNAG_BANDS>
  | IdOf<typeof RUN_BANDS>
  | IdOf<typeof HOLD_BANDS>
  | IdOf<typeof HOLD_SHIFTS>
  | IdOf<typeof WINDOW_BANDS>
  | IdOf<typeof KICK_BANDS>
  | IdOf<typeof HEAD_RULES>
  | IdOf<typeof HOOK_AND_GUARD_RULES>
  | IdOf<typeof SKIRT_RULES>
  | IdOf<typeof TRAILER_RULES>
  | IdOf<typeof SWIM_RULES>
  | IdOf<typeof VIBRATING_RULES>
  | IdOf<typeof SPINNER_RULES>
  | IdOf<typeof FAMILY_RULES>
  | IdOf<typeof COLOUR_RULES>;
