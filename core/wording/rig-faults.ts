import { faultsOf, type CheckedWith, type Fault } from '../advice/checks';
import { faultText, type FaultWords } from '../locale/en/faults';
import type { Rig } from '../rig/parts/schema';
import type { UnitSystem } from '../units/display';

/** A fault with its words in place of its numbers. */
export type WordedFault = Omit<Fault, 'data'> & FaultWords;

export const wordedFault = ({ id, data, fixedRig, fixedPlan }: Fault, system: UnitSystem): WordedFault => ({
  id,
  ...faultText(id, data, system),
  fixedRig,
  fixedPlan,
});

/**
 * Runs every check on one rig and words what it finds.
 * @param given   water, retrieve and temperature, as far as they are known
 * @param system  units of the words
 */
export const rigFaults = (rig: Rig, given: CheckedWith = {}, system: UnitSystem = 'metric'): WordedFault[] =>
  faultsOf(rig, given).map((fault) => wordedFault(fault, system));
