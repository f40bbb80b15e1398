import type { WantId } from '../../advice/rules/rule';
import type { ReadoutId } from '../../bench/measure-build';

/** A number in a sentence: what it is and how it comes about, and what its two ends are like. */
export interface NumberText {
  readonly says: string;
  readonly low: string;
  readonly high: string;
}

export const WANT_NUMBER: Readonly<Record<WantId, NumberText>> = {
  fall: {
    says: 'How fast it sinks straight down on a slack line: its weight under water against the drag of head, skirt and trailer, at this temperature.',
    low: 'hangs in the water',
    high: 'drops like a stone',
  },
  weight: { says: 'The head alone, as it is sold; hook, skirt and plastic come on top.', low: 'light', high: 'heavy' },
  push: {
    says: 'Water it shoves aside, which fish feel from afar: the area of all that is broad or flaps, by how much of it works. It runs from 0 to 100.',
    low: 'slips through',
    high: 'shoves like a wide flapping craw',
  },
  show: {
    says: 'How much of it moves before the eye: legs, tails and strands by their size, at the speed it has in this water. It runs from 0 to 100.',
    low: 'lies still',
    high: 'all of it waves',
  },
  length: {
    says: 'From the line tie to the end of the tail, as it hangs on the hook.',
    low: 'a snack',
    high: 'a meal',
  },
  ratio: {
    says: 'How tall the body is against its length, in per cent, as it is turned: food is deep or slim, and so should this be.',
    low: 'slim as a minnow',
    high: 'deep as a panfish',
  },
  snag: {
    says: 'Of a hundred touches of this cover, those it comes back from: by the shape of the head, where the line ties, the guard, and what sticks out.',
    low: 'hangs at the first touch',
    high: 'always comes back',
  },
  run: {
    says: 'How deep it runs half way back at the pace of this water, on {m 25} of cast, the tip at {m 1}, {lb 15} fluorocarbon.',
    low: 'at the surface',
    high: 'deep',
  },
  hold: {
    says: 'The reel speed at which it keeps level where it is wanted: slower it sinks, faster it climbs.',
    low: 'has to creep',
    high: 'has to be raced',
  },
  window: {
    says: 'How many times the pace could change before it stalls, lies over, slips its plastic or breaks the surface.',
    low: 'no room at all',
    high: 'any pace will do',
  },
  kick: {
    says: 'The pace here over the slowest one at which its tail comes alive in water this warm; below 1 the tail is dead.',
    low: 'dead',
    high: 'kicks long before',
  },
};

export const SCORE_NUMBER: NumberText = {
  says: 'Of all that this water asks, each want by its weight, the share the rig answers, with what the rules about it add and take. It runs from 0 to 100.',
  low: 'answers nothing',
  high: 'answers everything',
};

export const READOUT_NUMBER: Readonly<Record<ReadoutId, NumberText>> = {
  mass: {
    says: 'All of it together, hook and plastic too, from the table of parts or your scale.',
    low: 'light',
    high: 'heavy',
  },
  length: WANT_NUMBER.length,
  fall: WANT_NUMBER.fall,
  'fishes-like': {
    says: 'The head that would fall as fast if nothing but a plain {in 3} chunk hung on it: bulk makes a heavy head fish light.',
    low: 'light',
    high: 'heavy',
  },
  depth: {
    says: 'How deep it runs half way back at the chosen speed, on {m 25} of cast, the tip at {m 1}, {lb 15} fluorocarbon.',
    low: 'at the surface',
    high: 'deep',
  },
  wake: {
    says: 'The speed at which it just breaks the surface with the tip at {m 1}.',
    low: 'rises early',
    high: 'stays down',
  },
  'kick-onset': {
    says: 'The slowest speed at which the tail is alive: softer and warmer plastic wakes earlier.',
    low: 'wakes at a crawl',
    high: 'wants speed',
  },
  match: {
    says: 'The swing of the tail against the head it has to move; 1 is the middle of what matches.',
    low: 'too weak to move it',
    high: 'throws it about',
  },
  pulse: {
    says: 'How far the strands follow the wag of the body, of 100: long, thin and soft ones follow best.',
    low: 'stiff as a brush',
    high: 'breathes with it',
  },
  puff: {
    says: 'How many times as wide the skirt stands at rest as at the chosen speed.',
    low: 'hardly opens',
    high: 'blooms when it stops',
  },
  'see-through': {
    says: 'Light that passes between the strands, of 100: fewer strands and fewer layers let more through.',
    low: 'a solid lump',
    high: 'a thin veil',
  },
  pinned: {
    says: 'Faster than this the tail slaps the skirt flat against the body.',
    low: 'pinned at a crawl',
    high: 'never pinned',
  },
  hunting: {
    says: 'How far a plate strays from its line, of 100: short and light plastic lets it, bulk steadies it.',
    low: 'runs straight',
    high: 'darts about',
  },
  'blow-over': {
    says: 'Faster than this the blades lay it on its side.',
    low: 'a slow roll only',
    high: 'can be burned',
  },
  upright: {
    says: 'Falls out of a hundred that end on its feet, by the shape of the head and what the trailer carries.',
    low: 'rolls over',
    high: 'stands every time',
  },
  'free-gap': {
    says: 'What is left open between point and plastic, as it is turned.',
    low: 'buried',
    high: 'wide open',
  },
  overhang: {
    says: 'Plastic that trails behind the bend of the hook.',
    low: 'all on the hook',
    high: 'long behind it',
  },
  attack: {
    says: 'The angle between the pull of the line and the point of the hook.',
    low: 'goes straight in',
    high: 'has to be turned in',
  },
  'roll-up': {
    says: 'What the hook does when the line comes tight while it lies on its side.',
    low: 'lies flat',
    high: 'turns up',
  },
  guard: {
    says: 'The push at the tip of the guard at which it folds away.',
    low: 'folds at a touch',
    high: 'guards the fish too',
  },
  slip: {
    says: 'Faster than this the water pulls the trailer down its keeper.',
    low: 'slips at a crawl',
    high: 'stays put',
  },
};
