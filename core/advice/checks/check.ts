import type { RigBody } from '../../rig/body';
import type { Rig } from '../../rig/schema';

export const FAULT_IDS = [
  'edge-on-round-body',
  'skirt-hides-tail',
  'bare-point-in-plastic',
  'core-longer-than-body',
] as const;
export type FaultId = (typeof FAULT_IDS)[number];

/** Verdict of a check on one rig: no data is never "fine". */
export type Verdict =
  | { readonly verdict: 'holds' | 'does-not-apply' | 'cannot-tell' }
  | { readonly verdict: 'advises'; readonly data: Readonly<Record<string, number>> };

/** Finds one fault in a rig. */
export interface RigCheck {
  readonly id: FaultId;
  judge(rig: Rig, body: RigBody): Verdict;
}

export const holds: Verdict = { verdict: 'holds' };
export const doesNotApply: Verdict = { verdict: 'does-not-apply' };
export const advises = (data: Readonly<Record<string, number>>): Verdict => ({ verdict: 'advises', data });
