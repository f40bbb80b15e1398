import { BLADES, BLADE_SHAPES, bladeSizes, PLATES, PLATE_SIZES } from '../../tackle/blades';
import { HEADS, HEAD_STYLES, type HeadStyle } from '../../tackle/heads';
import { TRAILERS, TRAILER_KINDS } from '../../tackle/trailers';
import { lengthMFromFt, lengthMFromIn, mmFromLengthM } from '../../units/units';
import type { PartOf, Tray } from './box';
import { DEFAULT_SKIRT, FINESSE_SKIRT, FULL_SKIRT, plainHead, STYLE_WEIGHTS_OZ } from './catalogue';

/** One kind of part as it can be added: what it is for, and the sizes it comes in, each ready to be put in the box. */
export interface GalleryEntry<T extends Tray = Tray> {
  readonly id: string;
  readonly title: string;
  readonly purpose: string;
  readonly sizes: readonly PartOf<T>[];
}

const COLOUR = 'green pumpkin';
const mm = (lengthIn: number): number => Math.round(mmFromLengthM(lengthMFromIn(lengthIn)) * 10) / 10;
const SMALL_OZ = [1 / 8, 3 / 16, 1 / 4, 3 / 8] as const;

function styleEntry(style: HeadStyle): GalleryEntry<'heads'> {
  return {
    id: style,
    title: HEADS[style].title,
    purpose: HEADS[style].purpose,
    sizes: STYLE_WEIGHTS_OZ[style].map((oz) => plainHead(style, oz, false)),
  };
}

/** Heads that differ from their style's plain one by more than weight. */
const SPECIAL_HEADS: readonly GalleryEntry<'heads'>[] = [
  {
    id: 'finesse',
    title: 'finesse casting',
    purpose: 'The small version: light wire, few fibres. Every style has one; change the style after adding it.',
    sizes: SMALL_OZ.map((oz) => plainHead('casting', oz, true)),
  },
  {
    id: 'football-cams',
    title: 'football with cams',
    purpose: 'Cams at its sides roll it over where plain ends jam between blocks.',
    sizes: [1 / 2, 5 / 8, 3 / 4, 1].map((oz) => ({ ...plainHead('football', oz, false), cams: true })),
  },
  {
    id: 'flipping-round',
    title: 'flipping, round nose',
    purpose: 'Stout hook and moulded tie, rounded so that forks let it go.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({ ...plainHead('flipping', oz, false), nose: 'round' as const })),
  },
  {
    id: 'flipping-flat',
    title: 'flipping, flat nose',
    purpose: 'Flat and coming to a point: slides over logs and stumps.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({ ...plainHead('flipping', oz, false), nose: 'flat-pointed' as const })),
  },
  {
    id: 'guardless',
    title: 'no guard, screw keeper',
    purpose: 'The plastic turns onto a coil and hides the point: for junk that stops a guard.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({
      ...plainHead('casting', oz, false),
      guard: null,
      keeper: 'screw' as const,
    })),
  },
  {
    id: 'swim-heavy',
    title: 'swim, heavy wire',
    purpose: 'A swimmer for stout line and thick cover.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({
      ...plainHead('swim', oz, false),
      hook: { size: '5/0' as const, wire: 'heavy' as const },
    })),
  },
  {
    id: 'swim-light',
    title: 'swim, light wire',
    purpose: 'A small swimmer for light line and smaller fish.',
    sizes: SMALL_OZ.slice(1).map((oz) => ({
      ...plainHead('swim', oz, false),
      hook: { size: '3/0' as const, wire: 'light' as const },
    })),
  },
  ...PLATE_SIZES.map((size): GalleryEntry<'heads'> => ({
    id: `vibrating-${size}`,
    title: `vibrating, ${size} plate`,
    purpose: PLATES[size].purpose,
    sizes: [1 / 4, 3 / 8, 1 / 2].map((oz) => ({
      ...plainHead('casting', oz, false),
      guard: null,
      blade: { size, link: 'direct' as const, finish: 'black' },
    })),
  })),
  {
    id: 'spinner-tandem',
    title: 'spinner frame, Colorado and willow',
    purpose: 'Thump and flash on bent wire: searches wood, weed and open water.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => spinner(oz, ['colorado', 'willow'])),
  },
  {
    id: 'spinner-double-willow',
    title: 'spinner frame, two willows',
    purpose: 'All flash, little lift: clear water, and quick above the weed.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => spinner(oz, ['willow', 'willow'])),
  },
  {
    id: 'spinner-single',
    title: 'spinner frame, one Colorado',
    purpose: 'One round blade, slow and heavy: mud and cold.',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => spinner(oz, ['colorado'])),
  },
];

function spinner(oz: number, shapes: readonly ('colorado' | 'willow')[]): PartOf<'heads'> {
  return {
    ...plainHead('bullet', oz, false),
    keeper: 'barb',
    hook: { size: '4/0', wire: 'medium' },
    arms: { upperMm: 60, angleDeg: 55, twistDeg: 0, squeezed: false },
    blades: shapes.map((shape) => ({ shape, size: 4, finish: shape === 'willow' ? 'nickel' : 'gold' })),
  };
}

/** Every kind of part, tray by tray, in the order it is offered. */
export const GALLERY: { readonly [T in Tray]: readonly GalleryEntry<T>[] } = {
  heads: [...HEAD_STYLES.map(styleEntry), ...SPECIAL_HEADS],
  skirts: [
    {
      id: 'usual',
      title: 'silicone, 50 strands',
      purpose: 'The everyday skirt: limp, any colour, mixes easily.',
      sizes: [{ ...DEFAULT_SKIRT, colour: COLOUR }],
    },
    {
      id: 'finesse',
      title: 'silicone, 34 strands',
      purpose: 'Thin and short for small jigs and clear water.',
      sizes: [{ ...FINESSE_SKIRT, colour: COLOUR }],
    },
    {
      id: 'full',
      title: 'silicone, 62 strands',
      purpose: 'Bulk: sinks slower, shows more, tempts the slow and the big.',
      sizes: [{ ...FULL_SKIRT, colour: COLOUR }],
    },
    {
      id: 'rubber',
      title: 'rubber, 50 strands',
      purpose: 'Stands out to the sides and opens at every stop.',
      sizes: [{ ...DEFAULT_SKIRT, material: 'rubber', colour: 'black/blue' }],
    },
    {
      id: 'hair',
      title: 'hair',
      purpose: 'A dense bundle that breathes like small baitfish; stays alive in the cold.',
      sizes: [{ material: 'hair', strands: 220, lengthMm: 50, colour: 'white' }],
    },
  ],
  trailers: TRAILER_KINDS.map((kind) => ({
    id: kind,
    title: TRAILERS[kind].title,
    purpose: TRAILERS[kind].purpose,
    sizes: TRAILERS[kind].sizesIn.map((lengthIn) => ({
      kind,
      lengthMm: mm(lengthIn),
      softness: 'medium',
      colour: COLOUR,
    })),
  })),
  blades: BLADE_SHAPES.map((shape) => ({
    id: shape,
    title: BLADES[shape].title,
    purpose: BLADES[shape].purpose,
    sizes: bladeSizes(shape).map((size) => ({ shape, size, finish: shape === 'willow' ? 'nickel' : 'gold' })),
  })),
  hooks: [
    {
      id: 'single',
      title: 'single trailer hook',
      purpose: 'Small and stiff, behind the main hook, when they strike short and cover allows it.',
      sizes: (['1', '1/0', '2/0'] as const).map((size) => ({ kind: 'single', size, wire: 'heavy' })),
    },
    {
      id: 'treble',
      title: 'treble',
      purpose: 'Sits close and catches from every side: fast lures in open water. Limited in some places.',
      sizes: (['1', '1/0', '2/0'] as const).map((size) => ({ kind: 'treble', size, wire: 'medium' })),
    },
  ],
  lines: [
    {
      id: 'fluorocarbon',
      title: 'fluorocarbon',
      purpose: 'Sinks, hardly seen, little stretch: bottom jigs and clear water.',
      sizes: [10, 12, 15, 17, 20, 25].map((lb) => ({ kind: 'fluorocarbon', lb })),
    },
    {
      id: 'braid',
      title: 'braid',
      purpose: 'No stretch, thin for its strength: heavy cover and heavy hooks.',
      sizes: [30, 40, 50, 65].map((lb) => ({ kind: 'braid', lb })),
    },
    {
      id: 'nylon',
      title: 'nylon',
      purpose: 'Stretches and rides higher: forgiving on moving lures.',
      sizes: [10, 12, 15, 17, 20].map((lb) => ({ kind: 'nylon', lb })),
    },
  ],
  rods: [
    {
      id: 'jig',
      title: 'jig rod, medium-heavy',
      purpose: 'The everyday jig rod: bends deep enough that the tip never goes slack.',
      sizes: [7, 7.25].map((ft) => rod(ft, 'medium-heavy', 'fast', 1 / 4, 1)),
    },
    {
      id: 'flipping',
      title: 'flipping stick, heavy',
      purpose: 'Short range, thick cover, stout hooks.',
      sizes: [7.5, 8].map((ft) => rod(ft, 'heavy', 'fast', 3 / 8, 1.5)),
    },
    {
      id: 'moving',
      title: 'moving-lure rod, moderate',
      purpose: 'Gives on the strike: swim jigs, vibrating jigs, spinnerbaits.',
      sizes: [7, 7.5].map((ft) => rod(ft, 'medium-heavy', 'moderate', 1 / 4, 3 / 4)),
    },
    {
      id: 'finesse',
      title: 'finesse rod, medium',
      purpose: 'Light wire and light line.',
      sizes: [6.75, 7].map((ft) => rod(ft, 'medium', 'fast', 1 / 8, 1 / 2)),
    },
  ],
  reels: [
    {
      id: 'slow',
      title: 'slow reel',
      purpose: 'Low ratio: drags heavy blades without tiring you.',
      sizes: [5.4, 6.3].map((ratio) => ({ ratio, perTurnM: Math.round(ratio * 10) / 100 })),
    },
    {
      id: 'fast',
      title: 'fast reel',
      purpose: 'High ratio: takes up slack, burns a lure, gets back for the next pitch.',
      sizes: [7.1, 8.1].map((ratio) => ({ ratio, perTurnM: Math.round(ratio * 10) / 100 })),
    },
  ],
};

function rod(
  ft: number,
  power: PartOf<'rods'>['power'],
  action: PartOf<'rods'>['action'],
  lureFromOz: number,
  lureToOz: number,
): PartOf<'rods'> {
  return { lengthM: Math.round(lengthMFromFt(ft) * 100) / 100, power, action, lureFromOz, lureToOz };
}
