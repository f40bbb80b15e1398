import type { BladeShape, PlateSize } from '../../tackle/blades';
import type { HeadStyle } from '../../tackle/heads';
import type { Tray } from '../../rig/parts/box';
import type { TrailerKind } from '../../tackle/trailer-kinds';

/** What a kind of tackle is called, and what it is for. */
export interface TackleWords {
  readonly title: string;
  readonly purpose: string;
}

export const TRAILER_PURPOSE: Readonly<Record<TrailerKind, string>> = {
  chunk: 'Short and thick, hardly moves: bulk for cold water and slow fish.',
  'kick-chunk': 'A chunk on swinging legs: bulk that also moves water.',
  'flat-bug': 'Wide body, still tails: profile without motion, nothing to wrap a branch.',
  'kick-bug': 'The bug body on moving legs: calls fish from a distance in warm or murky water.',
  'flapper-craw': 'Big flapping claws: the strongest kick, and a brake on the fall.',
  'curl-craw': 'Thin curling legs: much to see, little water moved.',
  'small-craw': 'Tiny craw that holds still: for clear water and choosy fish.',
  creature: 'Bulky body with four legs: a broad, busy outline.',
  'twin-tail-grub': 'Two curling tails: lively on the drag and the fall at little speed.',
  'single-tail-grub': 'One curling tail: busy to the eye, quiet in the water.',
  'paddle-tail': 'A fish with a kicking foot: for swimming, less for the bottom.',
  'ribbed-paddle-tail': 'Ribs and a foot: the loudest of the paddle-tails, rolls as it goes.',
  'rolling-paddle-tail': 'Rolls more than it wags: for heavy heads whose skirt should stay free.',
  'swim-worm': 'Slim worm with a swimming tail: runs deeper than any broad body.',
  'wide-swimmer': 'Broad and flat: planes high and slow over grass.',
  'straight-minnow': 'Slim and without a kicker: weight without drag.',
  'ribbed-minnow': 'Ridged straight body: waves a little by itself.',
  'stick-worm': 'Heavy straight worm, whole or a piece: small, quiet, quick.',
  'finesse-worm': 'Thin straight worm: the smallest outline for fish off bulk.',
  'split-strip': 'Flat forked strip: a shimmer behind the skirt and no drag.',
};

export const HEAD_PURPOSE: Readonly<Record<HeadStyle, string>> = {
  ball: 'Plain and round: does most jobs outside grass.',
  casting: 'Rounded and a little flat: sits hook up, comes back out of wood, fits unknown banks.',
  flipping: 'Slim with the tie at its nose: opens grass and brush at short range.',
  football: 'Wide across: rocks and walks over gravel and stone on a long dragged cast.',
  swim: 'Narrow wedge for mid water; falls on its side when it rests.',
  vertical: 'Tie straight up: for lifting and dropping under the rod.',
  bullet: 'A punching weight with a skirt: goes through what stops a guard.',
};

export const BLADE_PURPOSE: Readonly<Record<BladeShape, string>> = {
  colorado: 'Nearly round: most thump and lift at the slowest reel, for mud and cold.',
  indiana: 'Between the two: some thump, some speed.',
  willow: 'Long and narrow: most flash, least lift, slips through weed.',
};

/** What each plate is for. */
export const PLATE_PURPOSE: Readonly<Record<PlateSize, string>> = {
  compact: 'Small plate, higher note: clear, pressured water and ponds.',
  standard: 'The usual plate: weed, wood, nearly everything.',
  oversize: 'A large plate felt in the arm: big fish in coloured water.',
  subtle: 'A plate that knocks softly: clear and deep, fish that have seen many.',
};

/** Kinds in the gallery that are no row of a table, by their tray. */
export const GALLERY_WORDS = {
  heads: {
    finesse: {
      title: 'finesse casting',
      purpose: 'The small version: light wire, few fibres. Every style has one; change the style after adding it.',
    },
    'football-cams': {
      title: 'football with cams',
      purpose: 'Cams at its sides roll it over where plain ends jam between blocks.',
    },
    'flipping-round': {
      title: 'flipping, round nose',
      purpose: 'Stout hook and moulded tie, rounded so that forks let it go.',
    },
    'flipping-flat': {
      title: 'flipping, flat nose',
      purpose: 'Flat and coming to a point: slides over logs and stumps.',
    },
    guardless: {
      title: 'no guard, screw keeper',
      purpose: 'The plastic turns onto a coil and hides the point: for junk that stops a guard.',
    },
    'swim-heavy': { title: 'swim, heavy wire', purpose: 'A swimmer for stout line and thick cover.' },
    'swim-light': { title: 'swim, light wire', purpose: 'A small swimmer for light line and smaller fish.' },
    'spinner-tandem': {
      title: 'spinner frame, Colorado and willow',
      purpose: 'Thump and flash on bent wire: searches wood, weed and open water.',
    },
    'spinner-double-willow': {
      title: 'spinner frame, two willows',
      purpose: 'All flash, little lift: clear water, and quick above the weed.',
    },
    'spinner-single': {
      title: 'spinner frame, one Colorado',
      purpose: 'One round blade, slow and heavy: mud and cold.',
    },
  },
  skirts: {
    usual: { title: 'silicone, 50 strands', purpose: 'The everyday skirt: limp, any colour, mixes easily.' },
    finesse: { title: 'silicone, 34 strands', purpose: 'Thin and short for small jigs and clear water.' },
    full: { title: 'silicone, 62 strands', purpose: 'Bulk: sinks slower, shows more, tempts the slow and the big.' },
    rubber: { title: 'rubber, 50 strands', purpose: 'Stands out to the sides and opens at every stop.' },
    hair: { title: 'hair', purpose: 'A dense bundle that breathes like small baitfish; stays alive in the cold.' },
  },
  hooks: {
    single: {
      title: 'single trailer hook',
      purpose: 'Small and stiff, behind the main hook, when they strike short and cover allows it.',
    },
    treble: {
      title: 'treble',
      purpose: 'Sits close and catches from every side: fast lures in open water. Limited in some places.',
    },
  },
  lines: {
    fluorocarbon: {
      title: 'fluorocarbon',
      purpose: 'Sinks, hardly seen, little stretch: bottom jigs and clear water.',
    },
    braid: { title: 'braid', purpose: 'No stretch, thin for its strength: heavy cover and heavy hooks.' },
    nylon: { title: 'nylon', purpose: 'Stretches and rides higher: forgiving on moving lures.' },
  },
  rods: {
    jig: {
      title: 'jig rod, medium-heavy',
      purpose: 'The everyday jig rod: bends deep enough that the tip never goes slack.',
    },
    flipping: { title: 'flipping stick, heavy', purpose: 'Short range, thick cover, stout hooks.' },
    moving: {
      title: 'moving-lure rod, moderate',
      purpose: 'Gives on the strike: swim jigs, vibrating jigs, spinnerbaits.',
    },
    finesse: { title: 'finesse rod, medium', purpose: 'Light wire and light line.' },
  },
  reels: {
    slow: { title: 'slow reel', purpose: 'Low ratio: drags heavy blades without tiring you.' },
    fast: { title: 'fast reel', purpose: 'High ratio: takes up slack, burns a lure, gets back for the next pitch.' },
  },
} as const satisfies Readonly<Partial<Record<Tray, Readonly<Record<string, TackleWords>>>>>;

export const vibratingTitle = (size: string): string => `vibrating, ${size} plate`;
