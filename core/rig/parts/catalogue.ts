import { lengthMFromIn, mmFromLengthM } from '../../units/units';
import { HEAD_STYLES, type HeadStyle } from '../../tackle/heads';
import type { HookSize, HookWire } from '../../tackle/hooks';
import { PLATE_SIZES } from '../../tackle/blades';
import { TRAILER_KINDS, TRAILERS } from '../../tackle/trailers';
import { emptyBox, type Box, type HeadPart, type SkirtPart, type TrailerPart } from './box';
import { DEFAULT_ARMS, type Guard, type SpinnerBlade } from './schema';

/** Weights each style is commonly poured in, oz. @source craft-practice */
export const STYLE_WEIGHTS_OZ: Readonly<Record<HeadStyle, readonly number[]>> = {
  ball: [1 / 8, 3 / 16, 1 / 4, 3 / 8, 1 / 2],
  casting: [3 / 16, 1 / 4, 5 / 16, 3 / 8, 7 / 16, 1 / 2, 5 / 8, 3 / 4],
  flipping: [3 / 8, 1 / 2, 5 / 8, 3 / 4, 1, 1.25],
  football: [1 / 4, 3 / 8, 1 / 2, 5 / 8, 3 / 4, 1],
  swim: [3 / 16, 1 / 4, 3 / 8, 1 / 2, 3 / 4],
  vertical: [3 / 8, 1 / 2, 3 / 4, 1],
  bullet: [1 / 2, 3 / 4, 1, 1.25, 1.5],
};

/** Heaviest head a finesse version is made in, oz. @source craft-practice */
const FINESSE_UPTO_OZ = 3 / 8;

/** Hook, guard and wire a plain head of a style usually carries. @source craft-practice */
export const STYLE_FITTINGS: Readonly<
  Record<HeadStyle, { readonly hook: HookSize; readonly wire: HookWire; readonly fibres: number }>
> = {
  ball: { hook: '3/0', wire: 'medium', fibres: 14 },
  casting: { hook: '4/0', wire: 'medium', fibres: 18 },
  flipping: { hook: '5/0', wire: 'heavy', fibres: 26 },
  football: { hook: '4/0', wire: 'medium', fibres: 16 },
  swim: { hook: '4/0', wire: 'medium', fibres: 14 },
  vertical: { hook: '4/0', wire: 'medium', fibres: 16 },
  bullet: { hook: '5/0', wire: 'extra-heavy', fibres: 26 },
};

export const DEFAULT_SKIRT = { material: 'silicone', strands: 50, lengthMm: 55 } as const;
export const FINESSE_SKIRT = { material: 'silicone', strands: 34, lengthMm: 45 } as const;

export const fibreGuard = (fibres: number, lengthMm = 28): Guard => ({
  kind: 'fibre',
  fibres,
  lengthMm,
  spread: 'none',
  bevel: false,
});

/** Colours the catalogue offers for skirts and trailers: one of each class. */
const CATALOGUE_COLOURS = [
  'green pumpkin',
  'black/blue',
  'brown/orange',
  'white',
  'bluegill mix',
  'perch mix',
  'chartreuse/white',
] as const;

/** A plain head of a style as it comes from a mould, finesse or full size. */
export function plainHead(style: HeadStyle, weightOz: number, finesse: boolean): HeadPart {
  const fittings = STYLE_FITTINGS[style];
  return {
    style,
    finesse,
    weightOz,
    metal: 'lead',
    hook: finesse ? { size: '2/0', wire: 'light' } : { size: fittings.hook, wire: fittings.wire },
    guard: style === 'bullet' ? null : fibreGuard(finesse ? 10 : fittings.fibres, finesse ? 24 : 28),
    keeper: style === 'bullet' ? 'screw' : 'barb',
  };
}

/**
 * Every kind in every size, as a box: what `advise` ranks when nobody says what they own.
 * Trailers and skirts come in seven colours each, one of every class: colour moves no water.
 */
export function catalogueBox(): Box {
  const heads: HeadPart[] = HEAD_STYLES.flatMap((style) =>
    STYLE_WEIGHTS_OZ[style].flatMap((weightOz) => {
      const full = plainHead(style, weightOz, false);
      const canShrink = weightOz <= FINESSE_UPTO_OZ && style !== 'flipping' && style !== 'bullet';
      return canShrink ? [full, plainHead(style, weightOz, true)] : [full];
    }),
  );
  heads.push(
    ...STYLE_WEIGHTS_OZ.football
      .filter((oz) => oz >= 0.5)
      .map((oz) => ({ ...plainHead('football', oz, false), cams: true })),
    ...STYLE_WEIGHTS_OZ.flipping.flatMap((oz) =>
      (['round', 'flat-pointed'] as const).map((nose) => ({ ...plainHead('flipping', oz, false), nose })),
    ),
    ...SWIM_WIRES.flatMap(({ wire, hook, fibres, uptoOz }) =>
      STYLE_WEIGHTS_OZ.swim
        .filter((oz) => oz <= uptoOz)
        .map((oz): HeadPart => ({
          ...plainHead('swim', oz, false),
          hook: { size: hook, wire },
          guard: fibreGuard(fibres),
        })),
    ),
    ...GUARDLESS.flatMap((style) =>
      STYLE_WEIGHTS_OZ[style]
        .filter((oz) => oz >= 3 / 8 && oz <= 3 / 4)
        .map((oz): HeadPart => ({ ...plainHead(style, oz, false), guard: null, keeper: 'screw' })),
    ),
  );
  const skirts: SkirtPart[] = CATALOGUE_COLOURS.flatMap((colour) => [
    { ...DEFAULT_SKIRT, colour },
    { ...FINESSE_SKIRT, colour },
    { ...FULL_SKIRT, colour },
    { ...DEFAULT_SKIRT, material: 'rubber' as const, colour },
  ]);
  skirts.push(
    { ...DEFAULT_SKIRT, colour: 'chartreuse' },
    { material: 'hair', strands: 220, lengthMm: 50, colour: 'white' },
    { material: 'hair', strands: 220, lengthMm: 50, colour: 'brown' },
  );
  const trailers: TrailerPart[] = TRAILER_KINDS.flatMap((kind) =>
    TRAILERS[kind].sizesIn.flatMap((lengthIn) =>
      CATALOGUE_TRAILERS.map((look) => ({ kind, lengthMm: sizeMm(lengthIn), ...look })),
    ),
  );
  trailers.push({ kind: 'stick-worm', lengthMm: sizeMm(5), softness: 'medium', colour: 'chartreuse' });
  return { ...emptyBox(), heads: [...heads, ...vibratingHeads(), ...spinnerHeads()], skirts, trailers };
}

/** The same where lead may not be fished: everything in tungsten. */
export function catalogueFor({ lead }: { readonly lead: boolean }): Box {
  const known = catalogues.get(lead);
  if (known) return known;
  const all = catalogueBox();
  const made: Box = lead ? all : { ...all, heads: all.heads.map((head) => ({ ...head, metal: 'tungsten' })) };
  catalogues.set(lead, made);
  return made;
}
/** Made once each: whoever asks again gets the same box, and what was worked out of it. */
const catalogues = new Map<boolean, Box>();

/** Weights vibrating heads and spinner frames are commonly made in, oz. @source craft-practice */
const VIBRATING_OZ = [1 / 4, 3 / 8, 1 / 2, 5 / 8, 3 / 4];
const SPINNER_OZ = [1 / 4, 3 / 8, 1 / 2, 3 / 4, 1];

/** Every plate on every weight, without a guard. */
const vibratingHeads = (): HeadPart[] =>
  PLATE_SIZES.flatMap((size) =>
    VIBRATING_OZ.flatMap((oz) =>
      // a small plate goes with a small hook; only the usual plate is also made with a ring
      (size === 'standard' ? (['direct', 'ring'] as const) : (['direct'] as const)).map((link): HeadPart => ({
        ...plainHead('swim', oz, false),
        guard: null,
        hook: { size: size === 'compact' ? '4/0' : '5/0', wire: 'medium' },
        blade: { size, link, finish: 'black' },
      })),
    ),
  );

/** Blades as frames commonly carry them: one alone, or two with the smaller in front. @source craft-practice */
const BLADE_SETS: readonly (readonly SpinnerBlade[])[] = [
  [{ shape: 'colorado', size: 4, finish: 'gold' }],
  [{ shape: 'colorado', size: 6, finish: 'gold' }],
  [
    { shape: 'colorado', size: 3, finish: 'nickel' },
    { shape: 'colorado', size: 4, finish: 'gold' },
  ],
  [
    { shape: 'colorado', size: 3, finish: 'nickel' },
    { shape: 'indiana', size: 4, finish: 'gold' },
  ],
  [
    { shape: 'colorado', size: 3, finish: 'nickel' },
    { shape: 'willow', size: 4, finish: 'gold' },
  ],
  [
    { shape: 'willow', size: 3, finish: 'nickel' },
    { shape: 'willow', size: 4, finish: 'gold' },
  ],
];

/** One set of blades in the finishes it is sold in: one metal throughout, or gold behind nickel where there are two. */
const finishesOf = (blades: readonly SpinnerBlade[]): SpinnerBlade[][] => {
  const all = (finish: SpinnerBlade['finish']): SpinnerBlade[] => blades.map((blade) => ({ ...blade, finish }));
  return [all('gold'), all('nickel'), ...(blades.length > 1 ? [[...blades]] : [])];
};

/** Every set of blades on every weight, on arms that suit the weight and on short ones; small bodies for two long blades. */
const spinnerHeads = (): HeadPart[] =>
  BLADE_SETS.flatMap(finishesOf).flatMap((blades) => {
    const frame = (oz: number, upperMm: number, finesse: boolean): HeadPart => ({
      ...plainHead('bullet', oz, false),
      finesse,
      hook: { size: finesse ? '4/0' : '5/0', wire: 'medium' },
      keeper: 'barb',
      blades: [...blades],
      arms: { ...DEFAULT_ARMS, upperMm },
    });
    // round blades alone are rolled slowly over wood, with more weight
    const rolled = blades.every(({ shape }) => shape === 'colorado');
    const burned = blades.length === 2 && blades.every(({ shape }) => shape === 'willow');
    return [
      ...SPINNER_OZ.map((oz) => frame(oz, oz >= 3 / 4 ? 68 : 60, false)),
      ...SPINNER_OZ.filter((oz) => oz <= (rolled ? 3 / 4 : 1 / 2)).map((oz) => frame(oz, 48, false)),
      ...(burned ? SPINNER_OZ.filter((oz) => oz >= 3 / 8 && oz <= 3 / 4).map((oz) => frame(oz, 48, true)) : []),
    ];
  });

const sizeMm = (lengthIn: number): number => Math.round(mmFromLengthM(lengthMFromIn(lengthIn)) * 10) / 10;

/** Softness and colour every trailer of the catalogue comes in. */
const CATALOGUE_TRAILERS = [
  { softness: 'medium', colour: 'green pumpkin' },
  { softness: 'medium', colour: 'black/blue' },
  { softness: 'medium', colour: 'white' },
  { softness: 'medium', colour: 'brown/orange' },
  { softness: 'medium', colour: 'bluegill mix' },
  { softness: 'medium', colour: 'perch mix' },
  { softness: 'medium', colour: 'chartreuse/white' },
  { softness: 'soft', colour: 'green pumpkin' },
] as const;

/** Swim heads on light and heavy wire beside the usual medium. @source craft-practice */
const SWIM_WIRES = [
  { wire: 'light', hook: '3/0', fibres: 10, uptoOz: 3 / 8 },
  { wire: 'heavy', hook: '5/0', fibres: 16, uptoOz: 3 / 4 },
] as const;

/** Styles that are also made without a guard, with a screw that lets the point be buried. */
const GUARDLESS = ['casting', 'flipping'] as const;

export const FULL_SKIRT = { material: 'silicone', strands: 62, lengthMm: 55 } as const;
