import { usable, type Box } from '../../rig/parts/box';
import { hooksAllowed, leadAllowed, type Water } from '../../water/schema';

/** What the rules of a place keep out. */
export interface Excluded {
  readonly by: 'lead' | 'hooks';
  /** heads that are left out for it */
  readonly heads: number;
}

/** Heads of a box that may not be fished on a water. */
export function excludedFrom({ localRules }: Pick<Water, 'localRules'>, box: Box): Excluded[] {
  const heads = box.heads.filter(usable);
  if (!hooksAllowed(localRules)) return [{ by: 'hooks', heads: heads.length }];
  if (leadAllowed(localRules)) return [];
  const leaden = heads.filter(({ metal }) => metal === 'lead').length;
  return leaden > 0 ? [{ by: 'lead', heads: leaden }] : [];
}
