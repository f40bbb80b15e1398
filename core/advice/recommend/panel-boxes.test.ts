import { describe, expect, test } from '@jest/globals';
import { emptyBox, type Box, type HeadPart, type TrailerPart } from '../../rig/parts/box';
import { DEFAULT_SKIRT, fibreGuard, plainHead } from '../../rig/parts/catalogue';
import type { Rig } from '../../rig/parts/schema';
import type { HeadStyle } from '../../tackle/heads';
import type { TrailerKind } from '../../tackle/trailers';
import { lengthMFromFt as ft, lengthMFromIn as inches, tempCFromF as f } from '../../units/units';
import { DEFAULT_WATER, type Cover, type Water } from '../../water/schema';
import { SEVERITY } from '../checks';
import { adviseUnscaled } from '../../testing/unscaled';

/** What a panel of experienced anglers would tie out of a box that somebody owns: the nearest right thing, not the best there is. */
const plastic = (kind: TrailerKind, lengthIn: number, colour = 'green pumpkin'): TrailerPart => ({
  kind,
  lengthMm: Math.round(lengthIn * 254) / 10,
  softness: 'medium',
  colour,
});
const head = (style: HeadStyle, oz: number, more: Partial<HeadPart> = {}): HeadPart => ({
  ...plainHead(style, oz, false),
  ...more,
});
const boxOf = (heads: readonly HeadPart[], trailers: readonly TrailerPart[]): Box => ({
  ...emptyBox(),
  heads: [...heads],
  skirts: [
    { ...DEFAULT_SKIRT, colour: 'green pumpkin' },
    { ...DEFAULT_SKIRT, colour: 'black/blue' },
    { ...DEFAULT_SKIRT, colour: 'white' },
  ],
  trailers: [...trailers],
});
/** Five jigs that go everywhere. */
const FIVE = boxOf(
  [
    head('casting', 0.375),
    head('casting', 0.5),
    head('football', 0.75),
    head('swim', 0.375),
    head('flipping', 0.5, { nose: 'round' }),
  ],
  [
    plastic('flat-bug', 4),
    plastic('chunk', 3.75),
    plastic('flapper-craw', 4),
    plastic('paddle-tail', 3.75, 'white'),
    plastic('twin-tail-grub', 3.5),
  ],
);
const plated = (oz: number, size: 'compact' | 'standard' | 'oversize'): HeadPart =>
  head('swim', oz, { guard: null, blade: { size, link: 'direct', finish: 'black' } });
const bladed = (oz: number, ...blades: readonly (readonly ['colorado' | 'willow', number])[]): HeadPart =>
  head('ball', oz, {
    guard: null,
    blades: blades.map(([shape, size]) => ({ shape, size, finish: 'gold' as const })),
  });
/** What is thrown and reeled. */
const REELED = boxOf(
  [
    plated(0.375, 'compact'),
    plated(0.5, 'standard'),
    plated(0.5, 'oversize'),
    bladed(0.375, ['colorado', 3], ['willow', 4]),
    bladed(0.5, ['willow', 3], ['willow', 4]),
    bladed(0.75, ['colorado', 6]),
  ],
  [
    plastic('straight-minnow', 4, 'white'),
    plastic('paddle-tail', 2.75),
    plastic('kick-bug', 3.5),
    plastic('flapper-craw', 4),
  ],
);
/** One head, three plastics. */
const POCKET = boxOf(
  [head('casting', 0.375, { guard: fibreGuard(18) })],
  [plastic('flat-bug', 4), plastic('flapper-craw', 4), plastic('finesse-worm', 4)],
);

const c = (kind: Cover['kind'], density: Cover['density'] = 'medium', topM?: number): Pick<Water, 'cover'> => ({
  cover: [topM === undefined ? { kind, density } : { kind, density, topM }],
});
const OPEN: Pick<Water, 'cover'> = { cover: [] };
const kind = ({ trailer }: Rig): string => trailer?.kind ?? 'none';

type Row = readonly [says: string, box: Box, on: Partial<Water>, is: (rig: Rig) => boolean];
const ROWS: readonly Row[] = [
  [
    'a laydown in spring: the bug',
    FIVE,
    { ...c('laydown'), depthM: ft(5), temperatureC: f(62) },
    (r) => kind(r) === 'flat-bug' && r.head.style !== 'football',
  ],
  [
    'cold and shallow: 3/8 and the chunk',
    FIVE,
    { ...c('laydown'), depthM: ft(4), temperatureC: f(47), season: 'winter' },
    (r) => kind(r) === 'chunk' && r.head.weightOz === 0.375,
  ],
  [
    'deep stone: the football',
    FIVE,
    { ...OPEN, bottom: 'rock', depthM: ft(18), temperatureC: f(70) },
    (r) => r.head.style === 'football',
  ],
  [
    'thick brush: no legs',
    FIVE,
    { ...c('brush', 'thick'), depthM: ft(4), temperatureC: f(72) },
    (r) => kind(r) === 'flat-bug' || kind(r) === 'chunk',
  ],
  [
    'murk by stumps: the claws',
    FIVE,
    { ...c('stumps'), visibilityM: inches(10), temperatureC: f(70), depthM: ft(4), mood: 'active' },
    (r) => kind(r) === 'flapper-craw',
  ],
  [
    'up in the water: the swim jig with a tail',
    FIVE,
    { ...c('stumps'), depthM: ft(8), band: { fromM: 0.3, toM: 1 }, visibilityM: ft(3), temperatureC: f(70) },
    (r) => r.head.style === 'swim' && kind(r) === 'paddle-tail',
  ],
  ['docks: the casting head', FIVE, { ...c('dock'), temperatureC: f(66) }, (r) => r.head.style === 'casting'],
  [
    'forks: no pointed nose',
    FIVE,
    { ...c('hardwood', 'thick'), depthM: ft(6), temperatureC: f(66) },
    (r) => r.head.nose === 'round' || r.head.style === 'casting',
  ],
  [
    'grass before the spawn: a plate',
    REELED,
    {
      ...c('grass-submerged', 'medium', 0.7),
      depthM: 2.2,
      band: { fromM: 0.2, toM: 0.7 },
      season: 'prespawn',
      temperatureC: f(60),
      mood: 'active',
    },
    (r) => r.family === 'vibrating',
  ],
  [
    'clear and fished over: the small plate',
    REELED,
    { ...OPEN, families: ['vibrating'], visibilityM: ft(5), pressure: 'high', depthM: ft(5), temperatureC: f(66) },
    (r) => r.blade?.size === 'compact',
  ],
  [
    'big fish in colour: the large one',
    REELED,
    { ...OPEN, families: ['vibrating'], visibilityM: inches(12), aim: 'size', temperatureC: f(72) },
    (r) => r.blade?.size === 'oversize',
  ],
  [
    'pads: two legs behind the plate',
    REELED,
    { ...c('pads'), families: ['vibrating'], visibilityM: ft(2), depthM: ft(4), temperatureC: f(74) },
    (r) => kind(r) === 'kick-bug',
  ],
  [
    'clear: the straight minnow',
    REELED,
    { ...OPEN, families: ['vibrating'], visibilityM: ft(4), temperatureC: f(70) },
    (r) => kind(r) === 'straight-minnow',
  ],
  [
    'cold mud: the big round blade',
    REELED,
    { ...OPEN, families: ['spinner'], visibilityM: inches(8), temperatureC: f(52), depthM: ft(7) },
    (r) => r.blades?.[0]?.shape === 'colorado' && r.blades[0].size === 6,
  ],
  [
    'clear and warm: two long ones',
    REELED,
    {
      ...OPEN,
      families: ['spinner'],
      visibilityM: ft(6),
      temperatureC: f(70),
      band: { fromM: 0.2, toM: 1 },
      depthM: 3,
    },
    (r) => r.blades?.every(({ shape }) => shape === 'willow') === true,
  ],
  [
    'grass: nothing round and large',
    REELED,
    {
      ...c('grass-submerged', 'medium', 0.7),
      families: ['spinner'],
      depthM: 2.2,
      visibilityM: ft(2),
      temperatureC: f(70),
    },
    (r) => (r.blades ?? []).every(({ shape, size }) => shape !== 'colorado' || size <= 4),
  ],
  [
    'one head, small prey in clear water: the worm',
    POCKET,
    { ...OPEN, forage: ['minnow'], visibilityM: ft(5), pressure: 'high', temperatureC: f(62) },
    (r) => kind(r) === 'finesse-worm',
  ],
  ['one head, nothing known: the bug', POCKET, { ...OPEN, temperatureC: f(64) }, (r) => kind(r) === 'flat-bug'],
  [
    'one head, cold sulking fish: no claws',
    POCKET,
    { ...OPEN, temperatureC: f(41), mood: 'inactive', season: 'winter' },
    (r) => kind(r) !== 'flapper-craw',
  ],
];

describe('out of a box', () => {
  test.each(ROWS)('%s', (_, box, on, is) => {
    const [first] = adviseUnscaled({ ...DEFAULT_WATER, ...on }, box, 1).picks;
    expect([kind(first!.rig), first!.rig.head.style, first!.rig.head.weightOz, is(first!.rig)]).toEqual([
      kind(first!.rig),
      first!.rig.head.style,
      first!.rig.head.weightOz,
      true,
    ]);
    expect(first!.faults.filter((id) => SEVERITY[id] < 3)).toEqual([]);
  });
});
