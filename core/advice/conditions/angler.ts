import type { OwnGear } from './own-gear';
import type { OwnLog } from './own-log';

/** What is known of who fishes: gear at hand, and what a log has to say. */
export interface Angler {
  /** null where every rig gets what its rules ask */
  readonly gear: OwnGear | null;
  /** null where there is none, or it is not asked */
  readonly log: OwnLog | null;
}
