import {
  emptyBox,
  fibreGuard,
  type Box,
  type HeadPart,
  type PartOf,
  type SkirtPart,
  type TrailerPart,
  type Water,
} from '../core';

/** Brindle Mere does not exist: a canal reservoir with stone weir, houseboats, flooded hedgerows and a tea-stained north arm. */

export const NORTH_ARM_PLACE = 'Brindle Mere, north arm';
export const NORTH_ARM_DAY = '2026-09-27';

/** Sunday at the north arm: grey after a muddy inflow, hedgerows standing in four feet. */
export const NORTH_ARM: Water = {
  temperatureC: 13.9,
  visibilityM: 0.3556,
  depthM: 1.2192,
  usualVisibilityM: 0.9,
  trend: 'rising-muddy',
  bottom: 'gravel',
  cover: [
    { kind: 'flooded-bush', density: 'thick', topM: 0.3 },
    { kind: 'pads', density: 'sparse', topM: 0 },
  ],
  sky: 'bright',
  wind: 'calm',
  forage: ['panfish', 'crayfish'],
  mood: 'neutral',
  pressure: 'low',
  season: 'autumn',
  species: 'largemouth',
  aim: 'size',
};

const head = (
  style: HeadPart['style'],
  weightOz: number,
  hook: HeadPart['hook'],
  fibres: number | null,
  more: Partial<HeadPart> = {},
): HeadPart => ({
  style,
  finesse: false,
  weightOz,
  metal: 'lead',
  hook,
  keeper: 'barb',
  guard: fibres === null ? null : fibreGuard(fibres),
  ...more,
});

const MEDIUM_4 = { size: '4/0', wire: 'medium' } as const;
const HEAVY_5 = { size: '5/0', wire: 'heavy' } as const;
const LIGHT_2 = { size: '2/0', wire: 'light' } as const;

const heads: HeadPart[] = [
  head('casting', 1 / 4, { size: '3/0', wire: 'medium' }, 16, { quantity: 3 }),
  head('casting', 3 / 8, MEDIUM_4, 18, { quantity: 4 }),
  head('casting', 1 / 2, MEDIUM_4, 18, { quantity: 4 }),
  head('casting', 5 / 8, MEDIUM_4, 20, { quantity: 2 }),
  head('casting', 3 / 8, MEDIUM_4, 18, {
    quantity: 2,
    label: 'bought dressed',
    skirt: { material: 'silicone', strands: 48, lengthMm: 55, colour: 'brown/orange' },
  }),
  head('flipping', 1 / 2, HEAVY_5, 26, { quantity: 3 }),
  head('flipping', 3 / 4, HEAVY_5, 28, { quantity: 2 }),
  head('flipping', 1 / 2, HEAVY_5, 26, { nose: 'round', quantity: 2 }),
  head('football', 3 / 8, MEDIUM_4, 14, { quantity: 2 }),
  head('football', 1 / 2, MEDIUM_4, 16, { quantity: 3 }),
  head('football', 3 / 4, { size: '5/0', wire: 'medium' }, 16, { quantity: 2, cams: true }),
  head('football', 1 / 4, LIGHT_2, 8, { finesse: true, quantity: 2 }),
  head('swim', 1 / 4, { size: '3/0', wire: 'medium' }, 12, { quantity: 2 }),
  head('swim', 3 / 8, HEAVY_5, 16, { quantity: 2 }),
  head('ball', 3 / 16, LIGHT_2, 8, { finesse: true, quantity: 3 }),
  head('ball', 3 / 8, { size: '3/0', wire: 'medium' }, 14, { quantity: 2 }),
  head('bullet', 1.25, { size: '5/0', wire: 'extra-heavy' }, null, { keeper: 'screw', quantity: 2 }),
];

const skirt = (
  colour: string,
  strands = 50,
  lengthMm = 55,
  material: SkirtPart['material'] = 'silicone',
): SkirtPart => ({
  material,
  strands,
  lengthMm,
  colour,
  quantity: 3,
});

const skirts: SkirtPart[] = [
  skirt('green pumpkin'),
  skirt('black/blue'),
  skirt('brown/orange'),
  skirt('white'),
  skirt('bluegill mix'),
  skirt('green pumpkin', 34, 45),
  skirt('brown', 34, 45),
  skirt('black/blue', 46, 55, 'rubber'),
  skirt('shad grey', 40, 50),
  skirt('chartreuse/white', 50, 55),
];

/** Lengths in inches as they are sold. */
const trailer = (
  kind: TrailerPart['kind'],
  lengthIn: number,
  colour: string,
  more: Partial<TrailerPart> = {},
): TrailerPart => ({
  kind,
  lengthMm: Math.round(lengthIn * 254) / 10,
  softness: 'medium',
  colour,
  quantity: 6,
  ...more,
});

const trailers: TrailerPart[] = [
  trailer('chunk', 3, 'green pumpkin'),
  trailer('chunk', 3, 'black/blue'),
  trailer('chunk', 3.75, 'brown', { massG: 14.8 }),
  trailer('chunk', 2.25, 'green pumpkin'),
  trailer('flat-bug', 4, 'green pumpkin'),
  trailer('flat-bug', 4, 'bluegill mix'),
  trailer('flat-bug', 3.25, 'watermelon'),
  trailer('kick-bug', 4, 'green pumpkin'),
  trailer('kick-bug', 3.25, 'black/blue'),
  trailer('flapper-craw', 4, 'green pumpkin', { massG: 9.4 }),
  trailer('flapper-craw', 4, 'black/blue', { softness: 'soft' }),
  trailer('flapper-craw', 3.25, 'brown/orange'),
  trailer('twin-tail-grub', 4, 'green pumpkin', { softness: 'soft' }),
  trailer('twin-tail-grub', 4, 'brown/orange', { softness: 'tough' }),
  trailer('paddle-tail', 3.25, 'pearl'),
  trailer('paddle-tail', 3.75, 'shad grey'),
  trailer('paddle-tail', 4.25, 'white'),
  trailer('twin-tail-grub', 3, 'white'),
];

const vibrating = (weightOz: number, size: 'compact' | 'standard', finish: string): HeadPart =>
  head('casting', weightOz, MEDIUM_4, null, { blade: { size, link: 'direct', finish }, quantity: 1 });

heads.push(
  vibrating(3 / 8, 'standard', 'black'),
  vibrating(1 / 4, 'compact', 'gold'),
  head('bullet', 1 / 2, MEDIUM_4, null, {
    quantity: 2,
    label: 'slow roller',
    arms: { upperMm: 62, angleDeg: 55, twistDeg: 0, squeezed: false },
    blades: [
      { shape: 'colorado', size: 4, finish: 'gold' },
      { shape: 'willow', size: 4, finish: 'nickel' },
    ],
  }),
);

const rod = (
  label: string,
  lengthM: number,
  power: PartOf<'rods'>['power'],
  action: PartOf<'rods'>['action'],
  lureFromOz: number,
  lureToOz: number,
): PartOf<'rods'> => ({ lengthM, power, action, lureFromOz, lureToOz, label, quantity: 1 });

export const DEMO_BOX: Box = {
  ...emptyBox(),
  name: 'Brindle Mere',
  heads,
  skirts,
  trailers,
  blades: [
    { shape: 'colorado', size: 5, finish: 'gold', quantity: 2 },
    { shape: 'willow', size: 4, finish: 'nickel', quantity: 3 },
    { shape: 'indiana', size: 4, finish: 'painted', quantity: 1 },
  ],
  hooks: [
    { kind: 'single', size: '1/0', wire: 'heavy', quantity: 6 },
    { kind: 'treble', size: '2/0', wire: 'medium', quantity: 2 },
  ],
  lines: [
    { kind: 'fluorocarbon', lb: 15, quantity: 1 },
    { kind: 'fluorocarbon', lb: 10, diameterMm: 0.26, quantity: 1 },
    { kind: 'braid', lb: 50, quantity: 1 },
    { kind: 'nylon', lb: 17, quantity: 1 },
  ],
  rods: [
    rod('the jig rod', 2.2, 'medium-heavy', 'fast', 1 / 4, 1),
    rod('flipping stick', 2.3, 'heavy', 'fast', 3 / 8, 1.5),
    rod('hedge rod', 2.1, 'extra-heavy', 'fast', 1 / 2, 2),
    rod('long soft one', 2.3, 'medium-heavy', 'moderate', 1 / 4, 3 / 4),
    rod('short stiff one', 2.05, 'medium-heavy', 'moderate-fast', 1 / 4, 3 / 4),
    rod('finesse', 2.1, 'medium', 'fast', 1 / 8, 1 / 2),
  ],
  reels: [
    { ratio: 7.1, perTurnM: 0.71, quantity: 3 },
    { ratio: 6.3, perTurnM: 0.64, quantity: 2 },
    { ratio: 8.1, perTurnM: 0.82, quantity: 1 },
  ],
};
