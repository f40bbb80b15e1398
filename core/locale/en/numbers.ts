import type { WantId } from '../../advice/rules/rule';

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
    says: 'How deep it runs half way back at the pace at which it is brought back, on {m 25} of cast, with the line and the rod height that go with it.',
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
  says: 'What the rig collects here, of what the best rig of every kind and size collects: each want by its weight, what the rules of the craft add and take, and what its faults take. It runs from 0 to 100.',
  low: 'answers nothing',
  high: 'no rig does better',
};
