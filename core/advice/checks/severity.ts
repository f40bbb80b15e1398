import type { FaultId } from './check';

/** How much a fault spoils: 1 it will not work, 2 it works badly, 3 it could be better. */
export type Severity = 1 | 2 | 3;

/** @source adr-0023 */
export const SEVERITY: Readonly<Record<FaultId, Severity>> = {
  'edge-on-round-body': 3,
  'ends-before-the-bend': 1,
  'skirt-hides-tail': 2,
  'bare-point-in-plastic': 1,
  'core-longer-than-body': 2,
  'point-stays-in-plastic': 1,
  'tail-too-small': 2,
  'tail-too-strong': 2,
  'skirt-is-pinned': 2,
  'rolling-tail-overpowered': 2,
  'plastic-too-stiff': 2,
  'legs-behind-a-plate': 2,
  'plate-runs-wild': 2,
  'plate-wild-in-mud': 3,
  'ribbed-tail-upright': 3,
  'link-gathers-weed': 2,
  'one-tail-on-stems': 2,
  'bulk-behind-blades': 2,
  'tail-lifts-blades-over-weed': 3,
  'large-round-blade-in-weed': 2,
  'long-arm-over-wood': 3,
  'wide-arms-in-weed': 2,
  'arm-out-of-line': 1,
  'second-hook-too-large': 2,
  'second-hook-down-near-cover': 2,
  'guard-holds-point-flat': 2,
  'guard-too-stiff': 2,
  'guard-off-the-barb': 2,
  'tie-swings-hook-out': 2,
  'one-wire-in-twigs': 2,
  'wire-outguns-line': 2,
  'line-outguns-wire': 2,
  'pointed-nose-in-forks': 2,
  'football-in-riprap': 2,
  'legs-in-branches': 2,
  'edge-in-a-mat': 2,
  'skirt-too-bulky-for-clear': 3,
  'too-bright-for-clear': 3,
  'not-the-colour-of-their-food': 3,
  'colour-unknown': 3,
  'worm-rather-than-jig': 2,
  'not-allowed-here': 1,
  'swim-jig-reeled-straight': 2,
  'rod-too-low': 2,
  'reeled-to-the-top': 2,
  'swim-jig-left-to-rest': 2,
  'plastic-slides-off': 1,
  'reeled-too-slowly-to-work': 1,
  'blades-blow-over': 1,
  'runs-into-the-weed': 1,
  'runs-outside-the-wanted-band': 2,
  'crept-through-mud': 3,
};

/**
 * What a fault takes from what a rig collects, in points: the first two take more than any want of a water gives.
 * @source adr-0023
 */
export const FAULT_POINTS: Readonly<Record<Severity, number>> = { 1: 6, 2: 3.5, 3: 0.5 };
export const faultPoints = (ids: readonly FaultId[]): number =>
  ids.reduce((sum, id) => sum + FAULT_POINTS[SEVERITY[id]], 0);
