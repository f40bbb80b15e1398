import { lengthMFromFt, lengthMFromIn } from '../units/units';

/**
 * Words for clarity mean different feet to different people, so the app shows its own scale everywhere and rules
 * hold feet. `uptoM` is the upper end of each class.
 */
export const CLARITY_SCALE = [
  { id: 'mud', uptoM: lengthMFromIn(6) },
  { id: 'muddy', uptoM: lengthMFromIn(12) },
  { id: 'stained', uptoM: lengthMFromIn(24) },
  { id: 'tinted', uptoM: lengthMFromFt(4) },
  { id: 'clear', uptoM: lengthMFromFt(8) },
  { id: 'very clear', uptoM: Infinity },
] as const;

export type ClarityId = (typeof CLARITY_SCALE)[number]['id'];

/** Class of a visibility in metres on the app's scale; a value on a limit belongs to the murkier class's neighbour above. */
export function clarityOf(visibilityM: number): ClarityId {
  for (const row of CLARITY_SCALE) if (visibilityM < row.uptoM) return row.id;
  return 'very clear';
}

/**
 * Visibility as fish meet it: low light counts one step murkier. The step is a factor so that it stays monotone
 * at every clarity, instead of jumping from class to class.
 * @param visibilityM  m, at least 0
 * @source craft-practice (one step of the scale is about a halving)
 */
export const effectiveVisibilityM = (visibilityM: number, sky: 'bright' | 'mixed' | 'dark'): number =>
  sky === 'dark' ? visibilityM / 2 : visibilityM;

/** How much chop on the surface, and mud that is still coming in, shorten it besides. @source craft-practice */
const BLURS = { chop: 0.85, 'rising-muddy': 0.85 } as const;

/** Visibility for what is wanted by degrees, m: light, wind and trend together. */
export const gradedVisibilityM = ({
  visibilityM,
  sky,
  wind,
  trend,
}: {
  readonly visibilityM: number;
  readonly sky: 'bright' | 'mixed' | 'dark';
  readonly wind: string;
  readonly trend?: string | undefined;
}): number =>
  effectiveVisibilityM(visibilityM, sky) *
  (wind === 'chop' ? BLURS.chop : 1) *
  (trend === 'rising-muddy' ? BLURS['rising-muddy'] : 1);
