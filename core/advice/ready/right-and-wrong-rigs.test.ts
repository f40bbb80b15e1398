import { describe, expect, test } from '@jest/globals';
import { DEFAULT_SKIRT, plainHead } from '../../rig/parts/catalogue';
import { DEFAULT_ARMS, parseRig, uncutTrailer, type Rig, type Skirt, type Trailer } from '../../rig/parts/schema';
import type { HeadStyle } from '../../tackle/heads';
import type { PlateSize } from '../../tackle/blades';
import type { TrailerKind } from '../../tackle/trailers';
import { lengthMFromFt as ft, lengthMFromIn as inches, tempCFromF as f } from '../../units/units';
import { DEFAULT_WATER, type Cover, type Water } from '../../water/schema';
import { faultIdsOf, type FaultId } from '../checks';
import { compileWater } from '../rules/wants';
import { makeReady } from './make-ready';

const mm = (lengthIn: number): number => Math.round(lengthIn * 254) / 10;
const skirt = (colour = 'green pumpkin', more: Partial<Skirt> = {}): Skirt => ({
  ...DEFAULT_SKIRT,
  colour,
  trim: 'all',
  thinned: 0,
  ...more,
});
const plastic = (kind: TrailerKind, lengthIn: number, more: Partial<Trailer> = {}): Trailer => ({
  ...uncutTrailer({ kind, lengthMm: mm(lengthIn), softness: 'medium', colour: 'green pumpkin' }),
  ...more,
});

interface More {
  readonly finesse?: boolean;
  readonly guard?: null;
  readonly keeper?: Rig['keeper'];
  readonly head?: Partial<Rig['head']>;
  readonly skirt?: Skirt;
  readonly core?: Rig['core'];
  readonly arms?: Partial<NonNullable<Rig['arms']>>;
}
function jig(style: HeadStyle, oz: number, trailer: Trailer | null, more: More = {}): Rig {
  const { guard, keeper, ...head } = plainHead(style, oz, more.finesse ?? false);
  return {
    family: 'skirted',
    head: { ...head, ...more.head },
    keeper: more.keeper ?? keeper ?? 'barb',
    guard: more.guard === null ? null : (guard ?? null),
    skirt: more.skirt ?? skirt(),
    trailer,
    core: more.core ?? null,
  };
}
const vib = (size: PlateSize, oz: number, trailer: Trailer): Rig => ({
  ...jig('swim', oz, trailer, { guard: null, head: { hook: { size: '5/0', wire: 'medium' } } }),
  family: 'vibrating',
  blade: { size, link: 'direct', finish: 'black' },
});
type Blade = readonly [shape: 'colorado' | 'willow', size: number, finish: 'gold' | 'nickel'];
const spin = (blades: readonly Blade[], oz: number, trailer: Trailer | null, more: More = {}): Rig => ({
  ...jig('ball', oz, trailer, { guard: null, ...more }),
  family: 'spinner',
  blades: blades.map(([shape, size, finish]) => ({ shape, size, finish })),
  arms: { ...DEFAULT_ARMS, upperMm: 50, ...more.arms },
});
const c = (kind: Cover['kind'], density: Cover['density'] = 'medium', topM?: number): Pick<Water, 'cover'> => ({
  cover: [topM === undefined ? { kind, density } : { kind, density, topM }],
});

/** Rigs that the craft ties for a water, as it ties them. */
const RIGHT: readonly (readonly [what: string, on: Partial<Water>, rig: Rig])[] = [
  [
    'a plain bug on a casting jig by a laydown',
    { ...c('laydown'), depthM: ft(5), temperatureC: f(62) },
    jig('casting', 0.5, plastic('flat-bug', 4)),
  ],
  [
    'a kicking bug on a flipping jig in murk by stumps',
    { ...c('stumps'), visibilityM: inches(12), temperatureC: f(66), depthM: ft(4) },
    jig('flipping', 0.5, plastic('kick-bug', 4), { head: { nose: 'round' } }),
  ],
  [
    'a bright core in front of a chunk',
    { visibilityM: inches(10), usualVisibilityM: 1.6, ...c('stumps'), temperatureC: f(60) },
    jig('casting', 0.5, plastic('chunk', 3.75), { core: { lengthMm: 20, colour: 'chartreuse' } }),
  ],
  [
    'a bright core in place of the middle of a bug',
    { visibilityM: inches(10), usualVisibilityM: 1.6, ...c('stumps'), temperatureC: f(60) },
    jig('casting', 0.5, plastic('flat-bug', 4), { core: { lengthMm: 20, colour: 'chartreuse' } }),
  ],
  [
    'a swim jig in clear water, its skirt thinned',
    { visibilityM: ft(5), depthM: 3, band: { fromM: 0.3, toM: 1 }, cover: [], temperatureC: f(68) },
    jig('swim', 0.375, plastic('paddle-tail', 3.75)),
  ],
  [
    'a small swim jig with its skirt cut short',
    { visibilityM: ft(3), depthM: 2, band: { fromM: 0.3, toM: 1 }, cover: [], temperatureC: f(70) },
    jig('swim', 0.25, plastic('paddle-tail', 3.25), { skirt: skirt('white', { lengthMm: 32 }) }),
  ],
  [
    'a short tail on three eighths under a skirt cut to suit',
    { visibilityM: ft(3), depthM: 2, band: { fromM: 0.3, toM: 1 }, cover: [], temperatureC: f(70) },
    jig('swim', 0.375, plastic('paddle-tail', 3.25), { skirt: skirt('white', { lengthMm: 30 }) }),
  ],
  [
    'four and a quarter on three eighths',
    { visibilityM: ft(2), depthM: 2, band: { fromM: 0.3, toM: 1 }, ...c('brush'), temperatureC: f(70) },
    jig('swim', 0.375, plastic('paddle-tail', 4.25), { head: { hook: { size: '5/0', wire: 'heavy' } } }),
  ],
  [
    'four and three quarters on a half',
    { visibilityM: ft(2), depthM: 3, band: { fromM: 1, toM: 2 }, cover: [], temperatureC: f(70) },
    jig('swim', 0.5, plastic('paddle-tail', 4.75), { head: { hook: { size: '5/0', wire: 'heavy' } } }),
  ],
  [
    'a rolling tail on three quarters',
    { visibilityM: ft(2), depthM: 5, band: { fromM: 2, toM: 4 }, cover: [], temperatureC: f(70) },
    jig('swim', 0.75, plastic('rolling-paddle-tail', 4.75), { head: { hook: { size: '5/0', wire: 'heavy' } } }),
  ],
  [
    'an oversize slit tail on three quarters, by its school',
    {
      visibilityM: ft(2),
      depthM: 5,
      band: { fromM: 2, toM: 4 },
      cover: [],
      temperatureC: f(70),
      schools: { 'heavy-swim-tail': 'oversize' },
    },
    jig('swim', 0.75, plastic('paddle-tail', 5), {
      head: { hook: { size: '5/0', wire: 'heavy' } },
      skirt: skirt('white', { lengthMm: 40 }),
    }),
  ],
  [
    'a craw an inch shorter on a flipping jig',
    { ...c('laydown', 'thick'), visibilityM: inches(12), temperatureC: f(70), depthM: ft(4) },
    jig('flipping', 0.5, plastic('flapper-craw', 4), { head: { nose: 'round' } }),
  ],
  [
    'a slim minnow behind blades',
    { visibilityM: ft(3), ...c('stumps'), temperatureC: f(66), schools: { 'spinner-trailer': 'low-profile' } },
    spin(
      [
        ['colorado', 3, 'nickel'],
        ['willow', 4, 'gold'],
      ],
      0.375,
      plastic('straight-minnow', 4),
      { skirt: skirt('white') },
    ),
  ],
  [
    'half a swim worm, deep',
    { visibilityM: ft(4), depthM: 5, band: { fromM: 2, toM: 3.4 }, cover: [], temperatureC: f(68) },
    jig('swim', 0.5, plastic('swim-worm', 6)),
  ],
  [
    'a flat body, level, high over weed',
    {
      ...c('grass-submerged', 'medium', 0.7),
      depthM: 2.2,
      band: { fromM: 0.1, toM: 0.6 },
      visibilityM: ft(3),
      temperatureC: f(72),
    },
    jig('swim', 0.25, plastic('wide-swimmer', 4)),
  ],
  [
    'a bug on edge behind a plate, for depth',
    {
      visibilityM: inches(20),
      depthM: 3,
      band: { fromM: 1.2, toM: 2.2 },
      cover: [],
      temperatureC: f(68),
      forage: ['panfish'],
      schools: { 'vibrating-kicker': 'stems-and-panfish' },
    },
    vib('standard', 0.5, plastic('kick-bug', 4, { orientation: 'edge' })),
  ],
  [
    'legs level behind a plate, over grass',
    {
      ...c('grass-submerged', 'medium', 0.6),
      depthM: 2.2,
      band: { fromM: 0.1, toM: 0.5 },
      visibilityM: inches(16),
      temperatureC: f(72),
    },
    vib('standard', 0.375, plastic('creature', 4)),
  ],
  [
    'a ribbed tail upside down behind a subtle plate',
    {
      visibilityM: ft(5),
      depthM: ft(12),
      band: { fromM: 1, toM: 2.4 },
      cover: [],
      pressure: 'high',
      temperatureC: f(66),
    },
    vib('subtle', 0.5, plastic('ribbed-paddle-tail', 3.25, { orientation: 'inverted' })),
  ],
  [
    'a minnow burned on purpose over grass',
    { ...c('grass-submerged', 'medium', 0.5), depthM: ft(3), visibilityM: ft(2), temperatureC: f(68), mood: 'active' },
    vib('standard', 0.375, plastic('straight-minnow', 4)),
  ],
  [
    'a chunk hung once by its end',
    { visibilityM: ft(3), cover: [], bottom: 'gravel', aim: 'size', temperatureC: f(60) },
    jig('football', 0.5, plastic('chunk', 3.75, { hang: 'hung' })),
  ],
  [
    'two big round blades with a bright skirt in cold mud',
    { visibilityM: inches(10), depthM: ft(6), cover: [], temperatureC: f(50) },
    spin(
      [
        ['colorado', 5, 'gold'],
        ['colorado', 6, 'gold'],
      ],
      0.75,
      plastic('paddle-tail', 3.75, { colour: 'white' }),
      { skirt: skirt('chartreuse') },
    ),
  ],
  [
    'a big round blade with a bright skirt in cold stain',
    { visibilityM: inches(18), depthM: ft(6), cover: [], temperatureC: f(50) },
    spin([['colorado', 6, 'gold']], 0.75, null, { skirt: skirt('chartreuse') }),
  ],
  [
    'the same along stumps',
    { visibilityM: inches(10), depthM: ft(6), ...c('stumps'), temperatureC: f(52) },
    spin(
      [
        ['colorado', 5, 'gold'],
        ['colorado', 6, 'gold'],
      ],
      0.75,
      null,
      { skirt: skirt('chartreuse/white') },
    ),
  ],
  [
    'long blades burned in clear water',
    {
      visibilityM: ft(6),
      depthM: 3,
      band: { fromM: 0.1, toM: 0.8 },
      cover: [],
      temperatureC: f(68),
      mood: 'active',
      species: 'smallmouth',
      forage: ['shad'],
    },
    spin(
      [
        ['willow', 3, 'nickel'],
        ['willow', 4, 'nickel'],
      ],
      0.5,
      null,
      { skirt: skirt('white') },
    ),
  ],
  [
    'arms pressed together for grass',
    { ...c('grass-submerged', 'thick', 0.6), depthM: 2, visibilityM: ft(2), temperatureC: f(68) },
    spin(
      [
        ['colorado', 3, 'gold'],
        ['willow', 4, 'gold'],
      ],
      0.375,
      null,
      { skirt: skirt('white'), arms: { squeezed: true } },
    ),
  ],
  [
    'a heavy swim jig crept in the cold with kicking plastic',
    { temperatureC: f(46), cover: [], depthM: ft(10), season: 'winter', visibilityM: ft(3) },
    jig('swim', 0.75, plastic('kick-chunk', 3.75, { softness: 'soft' })),
  ],
  [
    'the same with a craw',
    { temperatureC: f(46), cover: [], depthM: ft(10), season: 'winter', visibilityM: ft(3) },
    jig('swim', 0.75, plastic('flapper-craw', 4, { softness: 'soft' })),
  ],
  [
    'a bug pitched into brush',
    { ...c('brush', 'thick'), depthM: ft(4), temperatureC: f(72) },
    jig('flipping', 0.5, plastic('flat-bug', 4), { head: { nose: 'round' } }),
  ],
  [
    'a twin tail on a small football',
    { visibilityM: ft(6), cover: [], bottom: 'rock', depthM: ft(12), temperatureC: f(56) },
    jig('football', 0.375, plastic('twin-tail-grub', 3.5, { softness: 'soft' }), {
      finesse: true,
      skirt: { ...skirt(), strands: 34, lengthMm: 45 },
    }),
  ],
  [
    'the softest twin tail in the cold',
    { visibilityM: ft(6), cover: [], bottom: 'rock', depthM: ft(12), temperatureC: f(44) },
    jig('football', 0.375, plastic('twin-tail-grub', 3.5, { softness: 'soft' }), {
      finesse: true,
      skirt: { ...skirt(), strands: 34, lengthMm: 45 },
    }),
  ],
  [
    'a bullet through a mat',
    { ...c('grass-matted', 'thick'), depthM: ft(4), temperatureC: f(80), season: 'summer' },
    jig('bullet', 1.25, plastic('flat-bug', 4)),
  ],
  [
    'no guard and a buried point in the worst junk',
    {
      cover: [
        { kind: 'brush', density: 'thick' },
        { kind: 'flooded-bush', density: 'thick' },
      ],
      depthM: ft(5),
      temperatureC: f(70),
    },
    jig('flipping', 0.5, plastic('flat-bug', 4), { guard: null, keeper: 'screw', head: { nose: 'round' } }),
  ],
  [
    'a black chunk behind a swim head in mud',
    { visibilityM: inches(8), depthM: 2, band: { fromM: 0.2, toM: 1 }, ...c('stumps'), temperatureC: f(66) },
    jig('swim', 0.375, plastic('chunk', 3.75, { colour: 'black' }), { skirt: skirt('black') }),
  ],
  [
    'two legs behind a plate in pads',
    { ...c('pads'), visibilityM: ft(2), depthM: ft(4), temperatureC: f(74) },
    vib('standard', 0.375, plastic('kick-bug', 3.5)),
  ],
  [
    'a creature behind a large plate over beds',
    { visibilityM: inches(18), depthM: ft(4), cover: [], temperatureC: f(72), season: 'spawn', forage: ['panfish'] },
    vib('oversize', 0.5, plastic('creature', 4)),
  ],
  [
    'a craw cut down behind a small plate',
    { visibilityM: ft(3), depthM: ft(4), cover: [], temperatureC: f(64), season: 'prespawn', forage: ['panfish'] },
    vib('compact', 0.375, plastic('flapper-craw', 4)),
  ],
  [
    'a small boot-tail behind a plate in the cold',
    { visibilityM: ft(1.5), depthM: ft(6), cover: [], temperatureC: f(48) },
    vib('standard', 0.5, plastic('paddle-tail', 2.75)),
  ],
];

describe('what the craft ties is not blamed once it is cut and fished as the craft does', () => {
  test.each(RIGHT)('%s', (_, on, rig) => {
    const water: Water = { ...DEFAULT_WATER, ...on };
    expect(parseRig(rig)).toMatchObject({ ok: true });
    expect(makeReady(compileWater(water, rig.family), rig).faults).toEqual([]);
  });
});

/** What goes wrong, as it would be tied, and the name it gets. */
const WRONG: readonly (readonly [what: string, on: Partial<Water>, rig: Rig, fault: FaultId])[] = [
  [
    'kicking legs in thick twigs',
    { ...c('brush', 'thick') },
    jig('flipping', 0.5, plastic('kick-bug', 4)),
    'legs-in-branches',
  ],
  [
    'claws in thick brush',
    { ...c('brush', 'thick') },
    jig('flipping', 0.5, plastic('flapper-craw', 4)),
    'claws-in-thick-brush',
  ],
  ['a ball head in weed', { ...c('reeds') }, jig('ball', 0.375, plastic('flat-bug', 4)), 'ball-head-in-weed'],
  [
    'claws for cold sulking fish',
    { temperatureC: f(40), mood: 'inactive', cover: [] },
    jig('casting', 0.375, plastic('flapper-craw', 4, { softness: 'soft' })),
    'lively-for-cold-fish',
  ],
  [
    'a pointed nose in forks',
    { ...c('hardwood') },
    jig('flipping', 0.5, plastic('flat-bug', 4)),
    'pointed-nose-in-forks',
  ],
  [
    'a football without cams in riprap',
    { ...c('riprap'), bottom: 'riprap' },
    jig('football', 0.5, plastic('flat-bug', 4)),
    'football-in-riprap',
  ],
  [
    'one tail behind a plate among stems',
    { ...c('pads') },
    vib('standard', 0.375, plastic('paddle-tail', 3.75)),
    'one-tail-on-stems',
  ],
  [
    'a craw behind a plate while they see',
    { visibilityM: ft(4), cover: [] },
    vib('standard', 0.375, plastic('flapper-craw', 4)),
    'legs-behind-a-plate',
  ],
  [
    'tiny plastic behind a plate',
    { cover: [] },
    vib('oversize', 0.25, plastic('finesse-worm', 2.25)),
    'plate-runs-wild',
  ],
  [
    'a bug on edge in a mat',
    { ...c('grass-matted', 'thick') },
    jig('bullet', 1.25, plastic('flat-bug', 4, { orientation: 'edge' })),
    'edge-in-a-mat',
  ],
  [
    'a ribbed tail upright behind a subtle plate',
    { cover: [] },
    vib('subtle', 0.5, plastic('ribbed-paddle-tail', 3.25)),
    'ribbed-tail-upright',
  ],
  [
    'bulk behind blades',
    { cover: [] },
    spin([['colorado', 4, 'gold']], 0.5, plastic('creature', 4)),
    'bulk-behind-blades',
  ],
  [
    'a tail behind blades over weed',
    { ...c('grass-submerged', 'medium', 0.6) },
    spin([['willow', 4, 'gold']], 0.5, plastic('paddle-tail', 3.75)),
    'tail-lifts-blades-over-weed',
  ],
  [
    'a large round blade in grass',
    { ...c('grass-submerged', 'medium', 0.6) },
    spin([['colorado', 6, 'gold']], 0.5, null),
    'large-round-blade-in-weed',
  ],
  [
    'a long arm over wood',
    { ...c('laydown') },
    spin([['willow', 4, 'gold']], 0.5, null, { arms: { upperMm: 70 } }),
    'long-arm-over-wood',
  ],
  ['wide arms in grass', { ...c('reeds', 'thick') }, spin([['willow', 4, 'gold']], 0.5, null), 'wide-arms-in-weed'],
  [
    'an arm bent by a fish',
    { cover: [] },
    spin([['willow', 4, 'gold']], 0.5, null, { arms: { twistDeg: 8 } }),
    'arm-out-of-line',
  ],
  ['a tail too small for its head', { cover: [] }, jig('swim', 0.5, plastic('paddle-tail', 2.75)), 'tail-too-small'],
  [
    'a tail one size short under a full skirt',
    { cover: [] },
    jig('swim', 0.375, plastic('paddle-tail', 3.25)),
    'tail-too-small',
  ],
  [
    'a rolling tail on a middling head',
    { cover: [] },
    jig('swim', 0.5, plastic('rolling-paddle-tail', 4.75)),
    'rolling-tail-overpowered',
  ],
  ['a skirt over a short trailer', { cover: [] }, jig('casting', 0.5, plastic('small-craw', 2.25)), 'skirt-hides-tail'],
  [
    'dark over fish that eat panfish',
    { forage: ['panfish'], visibilityM: ft(3), cover: [] },
    jig('casting', 0.5, plastic('flat-bug', 4, { colour: 'black/blue' }), { skirt: skirt('black/blue') }),
    'not-the-colour-of-their-food',
  ],
  [
    'a mop in clear water',
    { visibilityM: ft(7), cover: [] },
    jig('casting', 0.5, plastic('flat-bug', 4), { skirt: skirt('green pumpkin', { strands: 70 }) }),
    'skirt-too-bulky-for-clear',
  ],
  [
    'shrunk past a jig',
    { cover: [] },
    jig('casting', 0.25, plastic('finesse-worm', 2.75), { finesse: true }),
    'worm-rather-than-jig',
  ],
];

describe('what goes wrong is named', () => {
  test.each(WRONG)('%s', (_, on, rig, fault) => {
    const water: Water = { ...DEFAULT_WATER, ...on };
    expect(parseRig(rig)).toMatchObject({ ok: true });
    expect(faultIdsOf(rig, { water })).toContain(fault);
  });
});
