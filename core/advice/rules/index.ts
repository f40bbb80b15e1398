import { FAMILIES, type Family } from '../../water/schema';
import type { PreferRule, WantTopic } from './rule';
import { COLOUR_RULES } from './colour';
import { FALL_BANDS, FALL_BOUNDS, FALL_SHIFTS } from './fall';
import { HEAD_RULES } from './heads';
import { HOOK_AND_GUARD_RULES } from './hooks-and-guards';
import { PUSH_BANDS, PUSH_BOUNDS, PUSH_SHIFTS, SHOW_BANDS, SHOW_BOUNDS, SHOW_SHIFTS } from './motion';
import { LENGTH_BANDS, LENGTH_SHIFTS, RATIO_BANDS, SNAG_BANDS } from './size';
import { HOLD_BANDS, HOLD_BOUNDS, HOLD_SHIFTS, KICK_BANDS, RUN_BANDS, WINDOW_BANDS } from './retrieve';
import type { FAMILY_RULES } from './family';
import { SPINNER_RULES } from './spinner';
import { SKIRT_RULES } from './skirts';
import { SWIM_RULES } from './swim';
import { TRAILER_RULES } from './trailers';
import { VIBRATING_RULES } from './vibrating';
import { WEIGHT_BANDS, WEIGHT_BOUNDS, WEIGHT_SHIFTS } from './weight';

/** Rules that set bands, a topic for each want. */
export const WANT_TOPICS: readonly WantTopic[] = [
  { want: 'fall', bands: FALL_BANDS, shifts: FALL_SHIFTS, bounds: FALL_BOUNDS },
  { want: 'weight', bands: WEIGHT_BANDS, shifts: WEIGHT_SHIFTS, bounds: WEIGHT_BOUNDS },
  { want: 'push', bands: PUSH_BANDS, shifts: PUSH_SHIFTS, bounds: PUSH_BOUNDS },
  { want: 'show', bands: SHOW_BANDS, shifts: SHOW_SHIFTS, bounds: SHOW_BOUNDS },
  { want: 'length', bands: LENGTH_BANDS, shifts: LENGTH_SHIFTS },
  { want: 'ratio', bands: RATIO_BANDS, shifts: [] },
  { want: 'snag', bands: SNAG_BANDS, shifts: [] },
  { want: 'run', bands: RUN_BANDS, shifts: [] },
  { want: 'hold', bands: HOLD_BANDS, shifts: HOLD_SHIFTS, bounds: HOLD_BOUNDS },
  { want: 'window', bands: WINDOW_BANDS, shifts: [] },
  { want: 'kick', bands: KICK_BANDS, shifts: [] },
];

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
