import type { Unanswered } from '../../deck';

/** Why a stop of a deck is answered by nobody. */
export const UNANSWERED_TEXT: Readonly<Record<Unanswered['because'], (stop: string) => string>> = {
  'locked-rod': (stop) =>
    `The rod that is locked to ${stop} carries no rig that answers it. Take the lock out, or lock another.`,
  'no-rod-carries': (stop) => `No rod, reel and line of the box carry a rig that answers ${stop}.`,
  'too-few-rods': (stop) => `${stop} is left out: with so few rods, reels or parts the others gain more.`,
};
export const stopNumber = (at: number, name: string): string =>
  name === '' ? `stop ${at + 1}` : `stop ${at + 1} (${name})`;
