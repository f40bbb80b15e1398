import { describe, expect, test } from '@jest/globals';
import { catalogueBox } from '../../rig/parts/catalogue';
import type { Rig } from '../../rig/parts/schema';
import { colourClassOf } from '../../tackle/colours';
import { lengthMFromFt, lengthMFromIn, tempCFromF } from '../../units/units';
import { DEFAULT_WATER, type Cover, type Family, type Water } from '../../water/schema';
import { bladeSet, metalLook } from '../candidates/attributes';
import { type Pick } from './advise';
import { adviseUnscaled } from '../../testing/unscaled';

/** What a panel of experienced anglers would say, water by water: who must be in the first three, who must not, and why. */
const BOX = catalogueBox();
const f = tempCFromF;
const ft = lengthMFromFt;
const inches = lengthMFromIn;

interface Says {
  /** in the first three there is one of these */
  readonly some?: (rig: Rig) => boolean;
  /** and none of these */
  readonly none?: (rig: Rig) => boolean;
  /** a rule that must be given for one of them */
  readonly because?: string;
  /** a step of handling that must be given for the first */
  readonly step?: string;
  /** the family of the first */
  readonly family?: Family;
}
type Row = readonly [says: string, water: Partial<Water>, expected: Says];

const cover = (kind: Cover['kind'], density: Cover['density'] = 'medium', topM?: number): Part => ({
  cover: [topM === undefined ? { kind, density } : { kind, density, topM }],
});
type Part = Partial<Water>;
const seen = (visibilityM: number): Partial<Water> => ({ visibilityM, sky: 'bright' });
const open: Partial<Water> = { cover: [] };
const mid = (depthM: number, fromM: number, toM: number): Partial<Water> => ({ depthM, band: { fromM, toM } });

const JIG = { families: ['skirted'] as Family[] };
const VIB = { families: ['vibrating'] as Family[] };
const SPIN = { families: ['spinner'] as Family[] };

const kind =
  (...kinds: readonly string[]) =>
  ({ trailer }: Rig): boolean =>
    kinds.includes(trailer?.kind ?? 'none');
const style =
  (...styles: readonly string[]) =>
  ({ head }: Rig): boolean =>
    styles.includes(head.style);
const plate =
  (...sizes: readonly string[]) =>
  ({ blade }: Rig): boolean =>
    sizes.includes(blade?.size ?? 'none');
const blades =
  (...sets: readonly string[]) =>
  (rig: Rig): boolean =>
    rig.blades !== undefined && sets.includes(bladeSet(rig.blades));
const largest = ({ blades: all }: Rig): number => Math.max(0, ...(all ?? []).map(({ size }) => size));
const oz =
  (from: number, to: number) =>
  ({ head }: Rig): boolean =>
    head.weightOz >= from && head.weightOz <= to;
const tone =
  (...classes: readonly string[]) =>
  ({ skirt }: Rig): boolean =>
    classes.includes((skirt && colourClassOf(skirt.colour)) ?? 'none');
const metal =
  (...looks: readonly string[]) =>
  (rig: Rig): boolean =>
    rig.blades !== undefined && looks.includes(metalLook(rig.blades));
const both =
  (...tests: readonly ((rig: Rig) => boolean)[]) =>
  (rig: Rig): boolean =>
    tests.every((one) => one(rig));
const legs = kind('flapper-craw', 'kick-bug', 'kick-chunk', 'creature', 'curl-craw');
const boot = kind('paddle-tail', 'ribbed-paddle-tail');
const straight = kind('straight-minnow', 'ribbed-minnow');

const GRASS = { ...cover('grass-submerged', 'medium', 0.7), depthM: 2.2 };

const FAMILY_ROWS: readonly Row[] = [
  [
    'thick shallow cover: a jig',
    { ...cover('flooded-bush', 'thick'), depthM: ft(3), temperatureC: f(62) },
    { family: 'skirted', because: 'stout-wire-in-thick' },
  ],
  [
    'after the front, fished over, for size: a jig',
    { mood: 'inactive', pressure: 'high', ...cover('dock') },
    { family: 'skirted' },
  ],
  ['a deep ledge: a jig', { depthM: ft(22), ...cover('ledge'), bottom: 'rock' }, { family: 'skirted' }],
  [
    'flats to search in autumn wind, shad about: blades or a plate',
    {
      aim: 'search',
      season: 'autumn',
      forage: ['shad'],
      wind: 'chop',
      sky: 'mixed',
      ...open,
      ...mid(2, 0.3, 1.1),
      temperatureC: f(66),
    },
    { some: ({ family }) => family === 'spinner', none: ({ family }) => family === 'skirted' },
  ],
  [
    'grass before the spawn, active fish: a vibrating jig',
    { ...GRASS, season: 'prespawn', temperatureC: f(60), mood: 'active', band: { fromM: 0.2, toM: 0.7 } },
    { family: 'vibrating' },
  ],
  [
    'calm, bright, fished over, swimming: the swim jig',
    {
      sky: 'bright',
      wind: 'calm',
      pressure: 'high',
      ...mid(2, 0.3, 1),
      ...cover('brush'),
      season: 'postspawn',
      temperatureC: f(72),
    },
    { family: 'skirted', some: style('swim') },
  ],
  [
    'a mat: no plate, no blades',
    { ...cover('grass-matted', 'thick'), temperatureC: f(80), season: 'summer', depthM: ft(4) },
    { family: 'skirted', none: ({ family }) => family !== 'skirted' },
  ],
  ['working a spot over: a jig', { aim: 'saturate', ...cover('stumps') }, { family: 'skirted' }],
];

const JIG_ROWS: readonly Row[] = [
  [
    'cold shallow cover: 3/8 or less, and a chunk',
    { temperatureC: f(48), depthM: ft(4), ...cover('laydown'), season: 'winter' },
    { some: both(oz(0.2, 0.44), kind('chunk')), because: 'chunk-while-cold' },
  ],
  [
    'the same at 60: about a half',
    { temperatureC: f(60), depthM: ft(4), ...cover('laydown') },
    { some: oz(0.4, 0.65) },
  ],
  [
    'summer, two feet, thick: three quarters',
    { temperatureC: f(80), depthM: ft(2), season: 'summer', ...cover('brush', 'thick') },
    { some: oz(0.6, 1) },
  ],
  [
    'thick grass: an ounce and more on a punching weight',
    { temperatureC: f(80), ...cover('grass-matted', 'thick'), depthM: ft(4) },
    { some: both(style('bullet'), oz(1, 2)), because: 'bullet-through-mats' },
  ],
  [
    'rock and gravel: a football',
    { ...cover('gravel-bar'), bottom: 'gravel', depthM: ft(10) },
    { some: style('football'), because: 'football-on-stone' },
  ],
  [
    'riprap: with cams',
    { ...cover('riprap'), bottom: 'riprap', depthM: ft(8) },
    { some: ({ head }) => head.cams === true, because: 'cams-in-riprap' },
  ],
  [
    'clear reservoir, open: a finesse football',
    { ...seen(ft(6)), ...open, bottom: 'rock', depthM: ft(12), pressure: 'high' },
    { some: both(style('football'), ({ head }) => head.finesse), because: 'finesse-football-in-clear' },
  ],
  ['docks: a casting head', { ...cover('dock') }, { some: style('casting'), because: 'casting-around-docks' }],
  [
    'forked hardwood: no pointed nose',
    { ...cover('hardwood', 'thick'), depthM: ft(6) },
    {
      none: ({ head }) =>
        (head.nose ?? (['flipping', 'swim', 'bullet'].includes(head.style) ? 'pointed' : 'round')) === 'pointed',
    },
  ],
  [
    'standing grass: a pointed or flipping head, no ball, no football',
    { ...cover('reeds', 'thick'), depthM: ft(4), temperatureC: f(75) },
    { some: style('flipping'), none: style('ball', 'football') },
  ],
  [
    'crayfish on gravel: football',
    { forage: ['crayfish'], ...open, bottom: 'gravel', depthM: ft(8) },
    { some: style('football') },
  ],
  [
    'high over weed: a swim head, light',
    { ...GRASS, ...seen(ft(3)), band: { fromM: 0.1, toM: 0.6 } },
    { some: both(style('swim'), oz(0.15, 0.4)), because: 'weight-over-weed' },
  ],
  [
    'finicky in clear water: something small',
    { ...seen(ft(6)), mood: 'inactive', pressure: 'high', ...open },
    { some: kind('small-craw', 'finesse-worm', 'stick-worm'), because: 'tiny-for-choosy' },
  ],
  [
    'murky shallow cover: a moving trailer',
    { ...seen(inches(12)), depthM: ft(4), ...cover('stumps'), temperatureC: f(66) },
    { some: legs, because: 'movers-in-shallow-murk' },
  ],
  [
    'around brush: a still bug',
    { ...cover('brush', 'thick'), temperatureC: f(64), ...seen(ft(2)) },
    { some: kind('flat-bug'), because: 'still-bug-among-stems' },
  ],
  [
    'tough bite where they see: a still bug',
    { mood: 'inactive', ...seen(ft(3)), ...open, temperatureC: f(72) },
    { some: kind('flat-bug', 'chunk') },
  ],
  [
    'really cold: nothing that kicks hard',
    { temperatureC: f(42), season: 'winter', ...open },
    { none: kind('flapper-craw', 'kick-bug', 'kick-chunk', 'creature') },
  ],
  [
    'cold, the school of the claw: a claw as a brake',
    { temperatureC: f(50), season: 'winter', ...cover('stumps'), schools: { 'cold-brake': 'claw-brake' } },
    { some: kind('flapper-craw'), because: 'claws-brake-in-the-cold' },
  ],
  [
    'shad around docks: a white grub',
    { ...cover('dock'), forage: ['shad'], temperatureC: f(66), ...seen(ft(3)) },
    { some: both(kind('single-tail-grub', 'twin-tail-grub'), tone('white-shad')), because: 'white-grub-around-docks' },
  ],
  [
    'small prey only: a straight thin body',
    { forage: ['minnow'], ...seen(ft(4)), ...open, mood: 'neutral' },
    { some: kind('straight-minnow', 'finesse-worm', 'stick-worm'), because: 'straight-for-small-prey' },
  ],
  [
    'dark water and sky: a dark skirt',
    { ...seen(inches(8)), sky: 'dark', ...cover('stumps') },
    { some: tone('dark'), because: 'dark-in-murk' },
  ],
  [
    'clear, nothing known of their food: natural tones',
    { ...seen(ft(5)), ...open },
    { some: tone('natural', 'crayfish'), because: 'natural-when-they-see' },
  ],
  [
    'they eat panfish: panfish or natural',
    { forage: ['panfish'], ...seen(ft(2)) },
    { some: tone('panfish', 'natural'), none: tone('white-shad') },
  ],
  [
    'a clear water has muddied: natural with a bright core',
    { ...seen(inches(10)), usualVisibilityM: 1.6, trend: 'rising-muddy', ...cover('stumps') },
    { some: ({ core }) => core !== null && core !== undefined, because: 'natural-with-a-bright-core' },
  ],
  [
    'the worst junk: no guard, point buried',
    {
      cover: [
        { kind: 'brush', density: 'thick' },
        { kind: 'flooded-bush', density: 'thick' },
      ],
      depthM: ft(5),
    },
    {
      some: both(
        ({ guard }) => guard === null,
        ({ keeper }) => keeper === 'screw',
      ),
      because: 'guardless-buried-in-junk',
    },
  ],
  [
    'open and clear: a light guard or a wire',
    { ...seen(ft(6)), ...open },
    { some: ({ guard }) => (guard?.fibres ?? 99) <= 16 },
  ],
  [
    'swimming in murk: claws they can feel',
    { ...mid(2, 0.3, 1), ...seen(inches(14)), temperatureC: f(68), ...cover('stumps') },
    { some: both(style('swim'), kind('flapper-craw')), because: 'swim-claws-in-murk' },
  ],
  [
    'swimming deeper: the slim swim worm or an edge',
    { ...mid(5, 2, 3.4), ...open, ...seen(ft(4)), temperatureC: f(68) },
    { some: style('swim'), because: 'swim-worm-goes-deeper' },
  ],
  [
    'creeping in the cold: a heavy swim head is allowed',
    { temperatureC: f(45), ...open, depthM: ft(10), season: 'winter', schools: { 'swim-bottom': 'creep' } },
    { some: (rig) => style('swim', 'casting', 'ball', 'football')(rig) },
  ],
  [
    'lift and drop on a deep ledge: the vertical head',
    { depthM: ft(24), ...cover('ledge'), aim: 'saturate', bottom: 'rock' },
    { some: style('vertical'), step: 'stroke-it-under-the-rod' },
  ],
  [
    'a football is dragged',
    { ...open, bottom: 'gravel', depthM: ft(10), forage: ['crayfish'] },
    { step: 'drag-the-wide-head' },
  ],
  ['cover is pitched to', { ...cover('laydown'), depthM: ft(5), temperatureC: f(62) }, { step: 'pitch-shake-and-on' }],
];

const VIBRATING_ROWS: readonly Row[] = [
  [
    'two feet of sight over grass: a straight minnow, burned',
    { ...GRASS, ...seen(ft(2)), temperatureC: f(68) },
    { some: straight, none: legs, because: 'straight-minnow-keeps-it-hunting', step: 'burn-stop-and-let-it-dart' },
  ],
  [
    'a foot of sight: a boot-tail',
    { ...seen(inches(12)), ...open, ...mid(2, 0.3, 1.2) },
    { some: boot, because: 'boot-tail-steadies-it-in-colour' },
  ],
  [
    'nothing to be seen: a flapping craw holds it',
    { ...seen(inches(4)), ...open, temperatureC: f(70) },
    { some: kind('flapper-craw'), because: 'claws-hold-it-in-place-in-mud' },
  ],
  ['clear: no legs', { ...seen(ft(4)), ...open, temperatureC: f(70) }, { none: legs }],
  [
    'the school that never wants legs keeps them off in mud too',
    { ...seen(inches(4)), ...open, temperatureC: f(70), schools: { 'vibrating-kicker': 'never' } },
    { none: legs },
  ],
  [
    'pads: two legs',
    { ...cover('pads'), ...seen(ft(2)), depthM: ft(4), temperatureC: f(74) },
    { some: kind('kick-bug', 'creature', 'twin-tail-grub'), because: 'two-legs-keep-it-upright-on-stems' },
  ],
  [
    'high over weed: a flat body, level',
    {
      ...GRASS,
      ...seen(inches(16)),
      band: { fromM: 0, toM: 0.5 },
      forage: ['panfish'],
      schools: { 'vibrating-kicker': 'stems-and-panfish' },
    },
    {
      some: (rig) =>
        rig.trailer?.orientation === 'flat' && kind('creature', 'kick-bug', 'wide-swimmer', 'flat-bug')(rig),
      because: 'flat-body-level-stays-high',
    },
  ],
  [
    'fished over and clear: the compact plate',
    { ...seen(ft(5)), pressure: 'high', ...open, depthM: ft(5) },
    { some: plate('compact'), because: 'compact-plate-where-they-look' },
  ],
  [
    'big fish in coloured water: the oversize plate',
    { ...seen(inches(12)), aim: 'size', ...open, temperatureC: f(72) },
    { some: plate('oversize'), because: 'oversize-plate-for-big-fish-in-colour' },
  ],
  [
    'clear and deep: the subtle plate',
    { ...seen(ft(4)), depthM: ft(12), pressure: 'high', ...open, ...mid(ft(12), 1, 2.4) },
    { some: plate('subtle'), because: 'subtle-plate-clear-deep-or-seen-it-all' },
  ],
  [
    'a ribbed tail on the subtle plate hangs upside down',
    { ...seen(ft(4)), depthM: ft(12), pressure: 'high', ...open, ...mid(ft(12), 1, 2.4) },
    { none: (rig) => plate('subtle')(rig) && kind('ribbed-paddle-tail')(rig) && rig.trailer?.orientation === 'flat' },
  ],
  [
    'weed: linked directly',
    { ...GRASS, ...seen(ft(2)) },
    { none: ({ blade }) => blade?.link !== 'direct', because: 'direct-link-sheds-weed' },
  ],
  [
    'cold: narrow and rolled slowly',
    { temperatureC: f(46), ...open, ...seen(ft(2)), ...mid(2.5, 0.8, 2) },
    { none: legs, step: 'roll-the-plate-slowly' },
  ],
  [
    'panfish, coloured: legs for the school of panfish',
    { forage: ['panfish'], ...seen(inches(20)), ...open, schools: { 'vibrating-kicker': 'stems-and-panfish' } },
    { some: kind('kick-bug', 'creature', 'wide-swimmer'), because: 'flat-legs-look-like-panfish' },
  ],
  [
    'about to spawn, off-colour: a stick worm is among the reasons',
    { season: 'prespawn', ...seen(inches(20)), ...open, temperatureC: f(60) },
    { none: kind('none') },
  ],
];

const SPINNER_ROWS: readonly Row[] = [
  [
    'mud: one large round blade',
    { ...seen(inches(8)), temperatureC: f(66), ...open },
    { some: both(blades('single-colorado'), (rig) => largest(rig) >= 5), because: 'one-big-thump-in-mud' },
  ],
  [
    'cold mud: two round blades, rolled slowly',
    { ...seen(inches(8)), temperatureC: f(50), ...open, depthM: ft(8) },
    { some: blades('double-colorado'), step: 'roll-the-blades-along-the-bottom' },
  ],
  [
    'cold mud: a tail to hold it back',
    { ...seen(inches(8)), temperatureC: f(50), ...open },
    { some: kind('paddle-tail', 'ribbed-paddle-tail', 'rolling-paddle-tail'), because: 'drag-trailer-holds-it-back' },
  ],
  [
    'clear: two long blades',
    { ...seen(ft(6)), temperatureC: f(70), ...open, ...mid(3, 0.2, 1) },
    {
      some: blades('double-willow'),
      none: blades('single-colorado', 'double-colorado'),
      because: 'willow-in-clear-water',
    },
  ],
  [
    'below 60: the long blades wait',
    { ...seen(ft(2)), temperatureC: f(54), ...open, season: 'prespawn' },
    { none: blades('double-willow', 'single-willow') },
  ],
  [
    'the spring school: round and long at once',
    {
      ...seen(ft(2)),
      temperatureC: f(54),
      ...open,
      season: 'prespawn',
      schools: { 'spinner-blades-spring': 'colorado-willow' },
    },
    { some: blades('tandem'), because: 'tandem-all-spring' },
  ],
  [
    'grass: no large round blade',
    { ...GRASS, ...seen(ft(2)), temperatureC: f(70) },
    {
      some: blades('tandem', 'double-willow'),
      none: (rig) => blades('single-colorado', 'double-colorado')(rig) && largest(rig) >= 5,
      because: 'willow-slips-through-weed',
    },
  ],
  [
    'cloud and wind: one small round blade',
    { wind: 'chop', sky: 'dark', visibilityM: ft(4), temperatureC: f(66), ...open, ...mid(2.4, 0.3, 1.4) },
    {
      some: both(blades('single-colorado'), (rig) => largest(rig) <= 4),
      because: 'one-small-colorado-under-cloud-and-wind',
    },
  ],
  [
    'smaller bass that chase: long blades on a small body, burned',
    { species: 'smallmouth', mood: 'active', ...seen(ft(5)), temperatureC: f(68), ...open, ...mid(3, 0.1, 0.8) },
    { some: both(blades('double-willow'), ({ head }) => head.finesse), step: 'burn-the-blades-bulging' },
  ],
  [
    'over wood: the short arm',
    { ...cover('laydown'), ...seen(ft(2)), temperatureC: f(66), ...mid(2, 0.2, 1) },
    { none: ({ arms }) => (arms?.upperMm ?? 60) >= 65, because: 'short-arm-over-wood', step: 'rod-softer-in-wood' },
  ],
  [
    'usually no trailer',
    { ...seen(ft(2)), temperatureC: f(68), ...cover('brush') },
    {
      some: kind('none'),
      none: kind('chunk', 'flapper-craw', 'creature', 'flat-bug'),
      because: 'spinner-needs-no-trailer',
    },
  ],
  [
    'the school of the slim trailer',
    { ...seen(ft(2)), temperatureC: f(68), ...cover('brush'), schools: { 'spinner-trailer': 'low-profile' } },
    {
      some: kind('split-strip', 'straight-minnow', 'ribbed-minnow', 'finesse-worm'),
      because: 'slim-trailer-casts-and-shimmers',
    },
  ],
  [
    'coloured: gold and a bright skirt',
    { ...seen(inches(18)), temperatureC: f(66), ...open },
    { some: both(metal('gold'), tone('bright')), because: 'gold-blades-in-colour' },
  ],
  [
    'clear: nickel and white',
    { ...seen(ft(6)), temperatureC: f(66), ...open, ...mid(3, 0.2, 1) },
    { some: both(metal('nickel'), tone('white-shad')), because: 'nickel-blades-clear-or-cold' },
  ],
  [
    'after bumping cover, half a second',
    { ...cover('stumps'), ...seen(ft(2)), temperatureC: f(66) },
    { step: 'bump-then-half-a-second' },
  ],
  [
    'the school that snaps',
    { ...cover('stumps'), ...seen(ft(2)), temperatureC: f(66), schools: { 'spinner-bump': 'snap' } },
    { step: 'bump-reel-on-then-snap' },
  ],
  [
    'a slow roll wants a slow reel',
    { temperatureC: f(48), ...open, ...seen(ft(1.5)), depthM: ft(8) },
    { step: 'reel-slow-for-big-blades', some: oz(0.7, 1.1) },
  ],
  [
    'fine line: the school of the fast tip',
    { ...cover('stumps'), ...seen(ft(2)), temperatureC: f(66), schools: { 'spinner-rod': 'fast-tip' } },
    { step: 'rod-fast-tip-with-light-line' },
  ],
];

function judge(part: Partial<Water>, expected: Says): void {
  const picks: readonly Pick[] = adviseUnscaled({ ...DEFAULT_WATER, ...part }, BOX, 3).picks;
  const rigs = picks.map(({ rig }) => rig);
  if (expected.family) expect(rigs[0]!.family).toBe(expected.family);
  if (expected.some) expect(rigs.some(expected.some)).toBe(true);
  if (expected.none) expect(rigs.filter(expected.none)).toEqual([]);
  if (expected.because) {
    const given = picks.flatMap(({ reasons }) => reasons.filter((reason) => reason.for).map(({ rule }) => rule));
    expect(given).toContain(expected.because);
  }
  if (expected.step) expect(picks[0]!.handled.steps.map(({ rule }) => rule)).toContain(expected.step);
}

const tell = (rows: readonly Row[], families: Partial<Water>): void => {
  test.each(rows)('%s', (_says, part, expected) => judge({ ...families, ...part }, expected));
};
describe('which family at all', () => tell(FAMILY_ROWS, {}));
describe('jigs', () => tell(JIG_ROWS, JIG));
describe('vibrating jigs', () => tell(VIBRATING_ROWS, VIB));
describe('spinnerbaits', () => tell(SPINNER_ROWS, SPIN));
test('the panel was asked at least sixty times', () => {
  expect(FAMILY_ROWS.length + JIG_ROWS.length + VIBRATING_ROWS.length + SPINNER_ROWS.length).toBeGreaterThanOrEqual(60);
});
