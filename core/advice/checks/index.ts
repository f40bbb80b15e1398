import type { RetrievePlan } from '../../motion/plan';
import type { RigBody } from '../../rig/body/body';
import type { Rig } from '../../rig/parts/schema';
import {
  checkedOf,
  type Checked,
  type CheckedWith,
  type Cured,
  type FaultData,
  type FaultId,
  type RigCheck,
} from './check';
import { HEAD_AND_GUARD_CHECKS } from './head-and-guard-checks';
import { PLATE_AND_BLADE_CHECKS } from './plate-and-blade-checks';
import { RETRIEVE_CHECKS } from './retrieve-checks';
import { TRAILER_CHECKS } from './trailer-checks';

export { FAULT_POINTS, faultPoints, SEVERITY } from '../rules/severity';
export { FAULT_IDS, type CheckedWith, type FaultData, type FaultId } from './check';

export const RIG_CHECKS: readonly RigCheck[] = [
  ...TRAILER_CHECKS,
  ...HEAD_AND_GUARD_CHECKS,
  ...PLATE_AND_BLADE_CHECKS,
  ...RETRIEVE_CHECKS,
];

/** A fault found in a rig or in how it is fished: its numbers, and the rig or retrieve its remedy makes. */
export interface Fault {
  readonly id: FaultId;
  readonly data: FaultData;
  /** the rig after the remedy; null where the remedy is in the retrieve, or only other tackle cures it */
  readonly fixedRig: Rig | null;
  readonly fixedPlan: RetrievePlan | null;
}

/** A remedy counts only where the fault is gone with it. */
function curedBy(check: RigCheck, checked: Checked, given: CheckedWith): Cured | null {
  const cured = check.cure(checked);
  if (cured === null) return null;
  const after = 'rig' in cured ? checkedOf(cured.rig, given) : checkedOf(checked.rig, { ...given, plan: cured.plan });
  return check.judge(after).verdict === 'advises' ? null : cured;
}

/** Which faults a rig has, without looking for their cures. */
export function faultIdsOf(rig: Rig, given: CheckedWith = {}, body?: RigBody): FaultId[] {
  const checked = checkedOf(rig, given, body);
  return RIG_CHECKS.filter((check) => check.judge(checked).verdict === 'advises').map(({ id }) => id);
}

/**
 * Runs every check on one rig.
 * @param given  water, retrieve and temperature, as far as they are known: what they would be needed for is not judged without
 */
export function faultsOf(rig: Rig, given: CheckedWith = {}): Fault[] {
  const checked = checkedOf(rig, given);
  return RIG_CHECKS.flatMap((check): Fault[] => {
    const verdict = check.judge(checked);
    if (verdict.verdict !== 'advises') return [];
    const cured = curedBy(check, checked, given);
    return [
      {
        id: check.id,
        data: verdict.data,
        fixedRig: cured && 'rig' in cured ? cured.rig : null,
        fixedPlan: cured && 'plan' in cured ? cured.plan : null,
      },
    ];
  });
}
