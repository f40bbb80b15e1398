import type { RigBody } from '../../rig/body';
import type { Rig } from '../../rig/schema';
import { FAULT_TEXT } from '../messages/faults-en';
import { barePointInPlastic } from './bare-point-in-plastic';
import type { FaultId, RigCheck } from './check';
import { coreLongerThanBody } from './core-longer-than-body';
import { edgeOnRoundBody } from './edge-on-round-body';
import { skirtHidesTail } from './skirt-hides-tail';

export const RIG_CHECKS: readonly RigCheck[] = [
  edgeOnRoundBody,
  skirtHidesTail,
  barePointInPlastic,
  coreLongerThanBody,
];

/** A fault found in a rig, worded. */
export interface Fault {
  readonly id: FaultId;
  readonly says: string;
  readonly remedy: string;
}

/** Runs every check on one rig. */
export function rigFaults(rig: Rig, body: RigBody): Fault[] {
  return RIG_CHECKS.flatMap((check) => {
    const verdict = check.judge(rig, body);
    return verdict.verdict === 'advises' ? [{ id: check.id, ...FAULT_TEXT[check.id](verdict.data) }] : [];
  });
}
