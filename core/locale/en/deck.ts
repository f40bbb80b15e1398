import type { Unanswered } from '../../deck';

/** Why a stop of a deck is answered by nobody; what its rod lacks is told behind it. */
export const UNANSWERED_TEXT: Readonly<Record<Unanswered['because'], (stop: string) => string>> = {
  'locked-rod': (stop) =>
    `The rod that is locked to ${stop} carries no rig that answers it. Take the lock out, or lock another.`,
  'lock-crowds-out': (stop) =>
    `${stop} cannot keep its lock beside the others: they need the same rod for other gear, or the same parts. Take one lock out.`,
  'no-rod-carries': (stop) => `No rod, reel and line of the box carry a rig that answers ${stop}.`,
  'too-few-rods': (stop) => `${stop} is left out: with so few rods, reels or parts the others gain more.`,
  'nothing-to-tie': (stop) =>
    `The box holds no rig that could be tied for ${stop}. Add heads and trailers, or lift a ban.`,
};
export const stopNumber = (at: number, name: string): string =>
  name === '' ? `stop ${at + 1}` : `stop ${at + 1} (${name})`;
export const rodNumber = (at: number, name: string | undefined): string => name || `rod ${at + 1}`;
/** A margin that is not met, by its name and what it comes to. */
export const lacks = (margin: string, value: string): string => `It comes nearest with ${margin} at ${value} of 1.`;
export const idleRod = (rod: string, margin: string, value: string): string =>
  `Nothing of this day goes on ${rod}: ${margin} comes to ${value} of 1 at most.`;
export const idleRodBare = (rod: string): string => `Nothing of this day goes on ${rod}.`;
export const noDaylight =
  'The sun does not rise there on that day: every stop is fished in the dark. Check day and place.';
export const inTheDark = (stop: string): string => `${stop} is fished in the dark.`;
export const overTime = (minutes: string): string =>
  `The stops last ${minutes} min longer than the day. Shorten some, leave one out, or end later.`;
export const moreRodsThanNeeded = (used: number, taken: number): string =>
  `${used} of ${taken} rods do it: another one would add nothing.`;
export const coverLeft = (stop: string, has: string, fits: string): string =>
  `${stop} has ${has} of cover; in its minutes ${fits} of it are fished.`;
