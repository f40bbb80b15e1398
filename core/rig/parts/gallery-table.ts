import { BLADE_SHAPES, bladeSizes, PLATE_SIZES } from '../../tackle/blades';
import { HEAD_STYLES, type HeadStyle } from '../../tackle/heads';
import { TRAILERS, TRAILER_KINDS } from '../../tackle/trailers';
import { lengthMFromFt, lengthMFromIn, mmFromLengthM } from '../../units/units';
import type { PartOf, Tray } from './box';
import { DEFAULT_SKIRT, FINESSE_SKIRT, FULL_SKIRT, plainHead, STYLE_WEIGHTS_OZ } from './catalogue';

/** One kind of part as it can be added: what it is for, and the sizes it comes in, each ready to be put in the box. */
export interface GalleryEntry<T extends Tray = Tray> {
  readonly id: string;
  readonly sizes: readonly PartOf<T>[];
}

const COLOUR = 'green pumpkin';
const mm = (lengthIn: number): number => Math.round(mmFromLengthM(lengthMFromIn(lengthIn)) * 10) / 10;
const SMALL_OZ = [1 / 8, 3 / 16, 1 / 4, 3 / 8] as const;

function styleEntry(style: HeadStyle): GalleryEntry<'heads'> {
  return {
    id: style,
    sizes: STYLE_WEIGHTS_OZ[style].map((oz) => plainHead(style, oz, false)),
  };
}

/** Heads that differ from their style's plain one by more than weight. */
const SPECIAL_HEADS: readonly GalleryEntry<'heads'>[] = [
  {
    id: 'finesse',
    sizes: SMALL_OZ.map((oz) => plainHead('casting', oz, true)),
  },
  {
    id: 'football-cams',
    sizes: [1 / 2, 5 / 8, 3 / 4, 1].map((oz) => ({ ...plainHead('football', oz, false), cams: true })),
  },
  {
    id: 'flipping-round',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({ ...plainHead('flipping', oz, false), nose: 'round' as const })),
  },
  {
    id: 'flipping-flat',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({ ...plainHead('flipping', oz, false), nose: 'flat-pointed' as const })),
  },
  {
    id: 'guardless',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({
      ...plainHead('casting', oz, false),
      guard: null,
      keeper: 'screw' as const,
    })),
  },
  {
    id: 'swim-heavy',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => ({
      ...plainHead('swim', oz, false),
      hook: { size: '5/0' as const, wire: 'heavy' as const },
    })),
  },
  {
    id: 'swim-light',
    sizes: SMALL_OZ.slice(1).map((oz) => ({
      ...plainHead('swim', oz, false),
      hook: { size: '3/0' as const, wire: 'light' as const },
    })),
  },
  ...PLATE_SIZES.map((size): GalleryEntry<'heads'> => ({
    id: `vibrating-${size}`,
    sizes: [1 / 4, 3 / 8, 1 / 2].map((oz) => ({
      ...plainHead('casting', oz, false),
      guard: null,
      blade: { size, link: 'direct' as const, finish: 'black' },
    })),
  })),
  {
    id: 'spinner-tandem',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => spinner(oz, ['colorado', 'willow'])),
  },
  {
    id: 'spinner-double-willow',
    sizes: [3 / 8, 1 / 2, 3 / 4].map((oz) => spinner(oz, ['willow', 'willow'])),
  },
  {
    id: 'spinner-single',
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
      sizes: [{ ...DEFAULT_SKIRT, colour: COLOUR }],
    },
    {
      id: 'finesse',
      sizes: [{ ...FINESSE_SKIRT, colour: COLOUR }],
    },
    {
      id: 'full',
      sizes: [{ ...FULL_SKIRT, colour: COLOUR }],
    },
    {
      id: 'rubber',
      sizes: [{ ...DEFAULT_SKIRT, material: 'rubber', colour: 'black/blue' }],
    },
    {
      id: 'hair',
      sizes: [{ material: 'hair', strands: 220, lengthMm: 50, colour: 'white' }],
    },
  ],
  trailers: TRAILER_KINDS.map((kind) => ({
    id: kind,
    sizes: TRAILERS[kind].sizesIn.map((lengthIn) => ({
      kind,
      lengthMm: mm(lengthIn),
      softness: 'medium',
      colour: COLOUR,
    })),
  })),
  blades: BLADE_SHAPES.map((shape) => ({
    id: shape,
    sizes: bladeSizes(shape).map((size) => ({ shape, size, finish: shape === 'willow' ? 'nickel' : 'gold' })),
  })),
  hooks: [
    {
      id: 'single',
      sizes: (['1', '1/0', '2/0'] as const).map((size) => ({ kind: 'single', size, wire: 'heavy' })),
    },
    {
      id: 'treble',
      sizes: (['1', '1/0', '2/0'] as const).map((size) => ({ kind: 'treble', size, wire: 'medium' })),
    },
  ],
  lines: [
    {
      id: 'fluorocarbon',
      sizes: [10, 12, 15, 17, 20, 25].map((lb) => ({ kind: 'fluorocarbon', lb })),
    },
    {
      id: 'braid',
      sizes: [30, 40, 50, 65].map((lb) => ({ kind: 'braid', lb })),
    },
    {
      id: 'nylon',
      sizes: [10, 12, 15, 17, 20].map((lb) => ({ kind: 'nylon', lb })),
    },
  ],
  rods: [
    {
      id: 'jig',
      sizes: [7, 7.25].map((ft) => rod(ft, 'medium-heavy', 'fast', 1 / 4, 1)),
    },
    {
      id: 'flipping',
      sizes: [7.5, 8].map((ft) => rod(ft, 'heavy', 'fast', 3 / 8, 1.5)),
    },
    {
      id: 'moving',
      sizes: [7, 7.5].map((ft) => rod(ft, 'medium-heavy', 'moderate', 1 / 4, 3 / 4)),
    },
    {
      id: 'finesse',
      sizes: [6.75, 7].map((ft) => rod(ft, 'medium', 'fast', 1 / 8, 1 / 2)),
    },
  ],
  reels: [
    {
      id: 'slow',
      sizes: [5.4, 6.3].map((ratio) => ({ ratio, perTurnM: Math.round(ratio * 10) / 100 })),
    },
    {
      id: 'fast',
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
