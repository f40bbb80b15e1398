import type { CutId } from '../../advice/cuts/cut-options';

/** What a solver may be allowed to do. */
export const CUT_TITLE: Readonly<Record<CutId, string>> = {
  nose: 'cut the nose',
  tail: 'cut the tail',
  legs: 'take legs off',
  split: 'split the tails',
  slit: 'slit the belly',
  core: 'add a core',
  skirt: 'cut the skirt',
  thin: 'thin the skirt',
  guard: 'see to the guard',
  turn: 'turn it',
  hang: 'hang it otherwise',
  push: 'push it up',
};
export const brings = (want: string, from: string, to: string, asked: string): string =>
  `${want} goes from ${from} to ${to}; ${asked} is asked for.`;
export const bringsNearer = (want: string, from: string, to: string, asked: string): string =>
  `${want} comes nearer, from ${from} to ${to}; ${asked} is asked for.`;
export const without = (fault: string): string => `Otherwise: ${fault}`;
export const rulesSpeak = 'The rules of this water speak for it.';
export const turnFlat = 'Turn it back flat: the wide face lies level.';
export const outOfReach = (want: string, asked: string, nearest: string): string =>
  `${want}: ${asked} is asked for, and no cut of this rig gets there. ${nearest} is the nearest.`;
export const nothingToCut = 'Nothing: as it came it answers best.';
