import type { RetrievePlan } from '../../motion/plan';
import type { WagVerdict } from '../../motion/tail';
import type { ROD_POWERS } from '../../tackle/gear';
import type { EditId } from '../../edits/edits';
import type { Rig } from '../../rig/parts/schema';
import type { SchoolRef } from '../../water/schema';
import type { Condition } from '../conditions/condition';
import type { Answered } from '../conditions/on-water';

/** What is settled once a rig is chosen, in the order in which it is done. */
export const CHOICES = [
  'cut',
  'guard',
  'trailer-hook',
  'line',
  'rod',
  'reel',
  'retrieve',
  'rod-angle',
  'trigger',
] as const;
export type Choice = (typeof CHOICES)[number];

/** Choices of which a rig may take several; of the others the first row that holds counts. */
export const SEVERAL: ReadonlySet<Choice> = new Set<Choice>(['cut', 'guard', 'trigger']);

/** A rig on its water, as rules of handling see it. */
export interface Held extends Answered {
  readonly rig: Rig;
  /** whether its tail moves its head */
  readonly match: WagVerdict;
  /** speed at which it is brought back; null where it is worked on the bottom */
  readonly paceMps: number | null;
}

export type TrailerHook = NonNullable<Rig['trailerHook']>;
type Steps = RetrievePlan['steps'];

/** A rod that is asked for: from one power to another, and as long as that, m. */
export interface RodAsked {
  readonly power: readonly [from: RodPower, to: RodPower];
  readonly lengthM: readonly [from: number, to: number];
}
type RodPower = (typeof ROD_POWERS)[number];

/** One way to handle a rig: when, and where it amounts to numbers, which. */
export interface HandlingRule {
  readonly id: string;
  readonly choice: Choice;
  readonly when: Condition<Held>;
  readonly school?: SchoolRef;
  /** what it does at the bench, where it amounts to cuts and turns: made in this order, as far as the rig allows */
  readonly edits?: (held: Held) => readonly (readonly [edit: EditId, value: number | string])[];
  /** the retrieve as a programme */
  readonly steps?: (held: Held) => Steps;
  /** height of the rod tip over the water it goes with, m */
  readonly tipM?: number;
  /** the line it goes on */
  readonly line?: RetrievePlan['line'];
  /** the rod it asks for */
  readonly rod?: RodAsked;
  /** the trailer hook it puts on */
  readonly hook?: TrailerHook;
}

/** Wire that only stout line drives home. */
export const STOUT_WIRES: ReadonlySet<Rig['head']['hook']['wire']> = new Set(['heavy', 'extra-heavy']);
