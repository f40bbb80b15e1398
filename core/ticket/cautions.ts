import type { Rig } from '../rig/parts/schema';
import { isColdWater } from '../water/cold-water';
import type { Water } from '../water/schema';

export type CautionId =
  'bare-hook' | 'embedded-hook' | 'snag-recoil' | 'lead' | 'local-rules' | 'cold-water' | 'torn-plastic' | 'handling';

/** Cautions that matter for this rig on this water, most pressing first. */
export function cautionsFor(rig: Rig, water: Water): CautionId[] {
  const cautions: CautionId[] = ['local-rules'];
  if (isColdWater(water)) cautions.push('cold-water');
  if (water.cover.some(({ kind }) => kind !== 'open')) cautions.push('snag-recoil');
  cautions.push('bare-hook', 'embedded-hook');
  if (rig.head.metal === 'lead') cautions.push('lead');
  if (rig.trailer) cautions.push('torn-plastic');
  cautions.push('handling');
  return cautions;
}
