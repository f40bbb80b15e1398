import type { ReadoutWord } from '../../bench/readouts/readout';
import type { ReadoutId } from '../../bench/readouts/table';
import { WANT_NUMBER, type NumberText } from './numbers';

/** A number of the bench in words: its title, what stands where there is none, what it means. */
interface ReadoutText extends NumberText {
  readonly title: string;
  readonly none?: string;
}

export const READOUT_TEXT: Readonly<Record<ReadoutId, ReadoutText>> = {
  mass: {
    title: 'Weighs',
    says: 'All of it together, hook and plastic too, from the table of parts or your scale.',
    low: 'light',
    high: 'heavy',
  },
  length: {
    title: 'Nose to tail',
    ...WANT_NUMBER.length,
  },
  fall: {
    title: 'Falls',
    ...WANT_NUMBER.fall,
  },
  'fishes-like': {
    title: 'Fishes like',
    none: 'like none',
    says: 'The head that would fall as fast if nothing but a plain {in 3} chunk hung on it: bulk makes a heavy head fish light.',
    low: 'light',
    high: 'heavy',
  },
  depth: {
    title: 'Runs at',
    says: 'How deep it runs half way back at the chosen speed, on {m 25} of cast, the tip at {m 1}, {lb 15} fluorocarbon.',
    low: 'at the surface',
    high: 'deep',
  },
  wake: {
    title: 'Wakes at',
    none: 'never',
    says: 'The speed at which it just breaks the surface with the tip at {m 1}.',
    low: 'rises early',
    high: 'stays down',
  },
  'kick-onset': {
    title: 'Kick starts at',
    none: 'still tail',
    says: 'The slowest speed at which the tail is alive: softer and warmer plastic wakes earlier.',
    low: 'wakes at a crawl',
    high: 'wants speed',
  },
  match: {
    title: 'Tail to head',
    none: 'nothing wags',
    says: 'The swing of the tail against the head it has to move; 1 is the middle of what matches.',
    low: 'too weak to move it',
    high: 'throws it about',
  },
  pulse: {
    title: 'Skirt pulse',
    none: 'no skirt',
    says: 'How far the strands follow the wag of the body, of 100: long, thin and soft ones follow best.',
    low: 'stiff as a brush',
    high: 'breathes with it',
  },
  puff: {
    title: 'Puff',
    none: 'no skirt',
    says: 'How many times as wide the skirt stands at rest as at the chosen speed.',
    low: 'hardly opens',
    high: 'blooms when it stops',
  },
  'see-through': {
    title: 'See-through',
    none: 'no skirt',
    says: 'Light that passes between the strands, of 100: fewer strands and fewer layers let more through.',
    low: 'a solid lump',
    high: 'a thin veil',
  },
  pinned: {
    title: 'Pinned above',
    none: 'never',
    says: 'Faster than this the tail slaps the skirt flat against the body.',
    low: 'pinned at a crawl',
    high: 'never pinned',
  },
  hunting: {
    title: 'Hunts',
    says: 'How far a plate strays from its line, of 100: short and light plastic lets it, bulk steadies it.',
    low: 'runs straight',
    high: 'darts about',
  },
  'blow-over': {
    title: 'Blows over at',
    says: 'Faster than this the blades lay it on its side.',
    low: 'a slow roll only',
    high: 'can be burned',
  },
  upright: {
    title: 'Lands upright',
    says: 'Falls out of a hundred that end on its feet, by the shape of the head and what the trailer carries.',
    low: 'rolls over',
    high: 'stands every time',
  },
  'free-gap': {
    title: 'Free gap',
    none: 'no exit',
    says: 'What is left open between point and plastic, as it is turned.',
    low: 'buried',
    high: 'wide open',
  },
  overhang: {
    title: 'Behind the bend',
    none: 'no trailer',
    says: 'Plastic that trails behind the bend of the hook.',
    low: 'all on the hook',
    high: 'long behind it',
  },
  attack: {
    title: 'Hook angle to line',
    says: 'The angle between the pull of the line and the point of the hook.',
    low: 'goes straight in',
    high: 'has to be turned in',
  },
  'roll-up': {
    title: 'Pulled, the hook',
    says: 'What the hook does when the line comes tight while it lies on its side.',
    low: 'lies flat',
    high: 'turns up',
  },
  guard: {
    title: 'Guard folds at',
    none: 'no guard',
    says: 'The push at the tip of the guard at which it folds away.',
    low: 'folds at a touch',
    high: 'guards the fish too',
  },
  slip: {
    title: 'Plastic slips at',
    none: 'nothing to slip',
    says: 'Faster than this the water pulls the trailer down its keeper.',
    low: 'slips at a crawl',
    high: 'stays put',
  },
};

export const READOUT_WORD: Readonly<Record<ReadoutWord, string>> = {
  dead: 'too weak to move it',
  weak: 'weak',
  matched: 'matched',
  overpowering: 'too strong',
  'not-applicable': 'nothing wags',
  'turns-up': 'turns up',
  'lies-flat': 'lies flat',
  'swings-out': 'swings out',
  wild: 'wild',
};

export const noneOfIt = 'none';
export const ofHundred = 'of 100';
export const isNew = 'new';
export const valueAndVerdict = (value: string, verdict: string): string => `${value}, ${verdict}`;
export const fromTo = (from: string, to: string): string => `${from} to ${to}`;
