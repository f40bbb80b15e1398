import type { MarginId } from '../../gear';

/** Margins of gear: their names, what is measured, and what too little of it means. */
export const MARGIN_TEXT: Readonly<
  Record<MarginId, { readonly title: string; readonly says: string; readonly less: string }>
> = {
  'hook-set': {
    title: 'Hook-set',
    says: 'Pull that arrives from half a cast away, over the pull that drives the hook home.',
    less: 'A full sweep does not drive this hook home from half a cast away.',
  },
  wire: {
    title: 'Wire',
    says: 'Pull that bends the hook open, over the drag this line is fished with.',
    less: 'The line bends this hook open before it gives.',
  },
  line: {
    title: 'Line',
    says: 'Strength of the line, over what this rig and its cover ask.',
    less: 'The line is weaker than this rig and its cover ask.',
  },
  cast: {
    title: 'Cast',
    says: 'Mass of the rig within the rating of the rod, at its nearer end.',
    less: 'The rig lies outside what the rod is rated to cast.',
  },
  handle: {
    title: 'Handle',
    says: 'Turn a hand is at ease with, over the turn this rig asks at its pace.',
    less: 'Winding this in tires the hand: a slower reel is kinder.',
  },
  pace: {
    title: 'Turns',
    says: 'Handle turns its pace asks, within what a hand keeps up.',
    less: 'Its pace asks for more or fewer turns than a hand keeps up.',
  },
  leverage: {
    title: 'Leverage',
    says: 'Power and length of the rod, beside what is fished here with such a rig.',
    less: 'The rod is too soft, too stiff, too short or too long for this.',
  },
};

/** What would lift the weakest margin. */
export const CHANGE_TEXT = {
  cast: (cast: string): string => `Cast no farther than ${cast}.`,
  guard: (): string => 'Fan the guard out.',
  reel: (name: string): string => `Fish it on ${name}.`,
  line: (name: string): string => `Spool ${name}.`,
  rod: (name: string): string => `Take ${name}.`,
  'buy-line': (name: string): string => `No line of the box does: ${name} would.`,
} as const;
export const NOT_ENOUGH = 'That helps most, and is still too little.';
