import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

/** Bodies wide enough for their turn to matter. */
const FLAT_BODIES = ['flat-bug', 'kick-bug', 'creature', 'wide-swimmer', 'chunk', 'kick-chunk'] as const;

/** Tails and legs that have to wake up before they do anything. */
const KICKING = [
  'kick-chunk',
  'kick-bug',
  'flapper-craw',
  'curl-craw',
  'creature',
  'twin-tail-grub',
  'single-tail-grub',
  'paddle-tail',
  'ribbed-paddle-tail',
  'rolling-paddle-tail',
  'swim-worm',
  'wide-swimmer',
] as const;

/** Trailers for jigs on the bottom and in cover. @source craft-practice */
export const TRAILER_RULES = [
  { id: 'trailer-makes-the-action', when: always, target: { trailer: ['none'] }, weight: -3 },
  {
    id: 'lively-for-feeding-fish',
    when: (w) => w.water.mood === 'active' && !w.belowF(50),
    target: { trailer: ['twin-tail-grub', 'flapper-craw'] },
    weight: 1,
  },
  {
    id: 'chunk-for-slow-fish',
    when: (w) => w.water.mood === 'inactive',
    target: { trailer: ['chunk'] },
    weight: 1,
  },
  {
    id: 'tiny-for-choosy',
    when: (w) => w.seenM >= feet(4) && (w.water.mood === 'inactive' || w.water.pressure === 'high'),
    target: { trailer: ['small-craw', 'finesse-worm', 'stick-worm'] },
    weight: 1.2,
  },
  {
    id: 'straight-for-small-prey',
    when: (w) => w.water.forage.length === 1 && w.water.forage[0] === 'minnow',
    target: { trailer: ['straight-minnow', 'finesse-worm', 'stick-worm'] },
    weight: 0.8,
  },
  {
    id: 'chunk-while-cold',
    when: (w) => w.belowF(55),
    school: 'cold-brake:still-chunk',
    target: { trailer: ['chunk'] },
    weight: 1.3,
  },
  {
    id: 'claws-not-while-cold',
    when: (w) => w.belowF(50),
    school: 'cold-brake:still-chunk',
    target: { trailer: ['flapper-craw', 'kick-bug', 'kick-chunk', 'creature'] },
    weight: -1,
  },
  {
    id: 'claws-as-it-warms',
    when: (w) =>
      !w.belowF(60) && (w.water.season === 'prespawn' || w.water.season === 'spawn' || w.water.season === 'postspawn'),
    target: { trailer: ['flapper-craw'] },
    weight: 0.8,
  },
  {
    id: 'claws-brake-the-fall',
    when: (w) => w.water.aim === 'saturate' && !w.belowF(50),
    target: { trailer: ['flapper-craw'] },
    weight: 0.8,
  },
  {
    id: 'claws-let-a-light-hand-linger',
    when: (w) => !w.belowF(45),
    school: 'weight:slow-hand',
    target: { trailer: ['flapper-craw', 'kick-chunk'] },
    weight: 0.6,
  },
  {
    id: 'bug-for-every-day',
    when: (w) => w.water.mood === 'neutral' && w.seenM >= inches(12),
    target: { trailer: ['flat-bug'] },
    weight: 0.8,
  },
  {
    id: 'movers-in-shallow-murk',
    when: (w) => w.seenM < inches(18) && w.depthM <= feet(6) && w.inCover && !w.belowF(50),
    target: { trailer: ['kick-bug', 'kick-chunk', 'flapper-craw'] },
    weight: 1.2,
  },
  {
    id: 'twin-tail-on-small-football',
    when: (w) => w.stone && w.bottom,
    target: { head: ['football'], finesse: [true], trailer: ['twin-tail-grub'] },
    weight: 0.9,
  },
  {
    id: 'softest-in-the-cold',
    when: (w) => w.belowF(50),
    target: { trailer: ['twin-tail-grub', 'single-tail-grub', 'curl-craw'], softness: ['soft'] },
    weight: 0.7,
  },
  {
    id: 'tough-plastic-dies-cold',
    when: (w) => w.belowF(50),
    target: {
      trailer: KICKING,
      softness: ['tough'],
    },
    weight: -0.7,
  },
  {
    id: 'stiff-is-dead-not-still',
    when: (w) => w.belowF(48),
    school: 'cold-brake:still-chunk',
    target: { trailer: KICKING, softness: ['medium', 'tough'] },
    weight: -2,
  },
  {
    id: 'firm-lasts-when-warm',
    when: (w) => !w.belowF(65),
    target: { trailer: ['twin-tail-grub', 'kick-bug', 'flapper-craw'], softness: ['medium', 'tough'] },
    weight: 0.3,
  },
  {
    id: 'still-bug-on-tiny-cold-football',
    when: (w) => w.belowF(50) && w.stone && w.bottom,
    target: { head: ['football'], finesse: [true], trailer: ['flat-bug', 'small-craw'] },
    weight: 0.7,
  },
  {
    id: 'strong-kick-in-the-busy-months',
    when: (w) =>
      (w.water.season === 'postspawn' || w.water.season === 'summer' || w.water.season === 'autumn') &&
      w.water.mood !== 'inactive' &&
      w.seenM < feet(2) &&
      !w.belowF(58),
    target: { trailer: ['kick-bug', 'flapper-craw'] },
    weight: 1,
  },
  {
    id: 'still-bug-when-tough',
    when: (w) => w.water.mood === 'inactive' && w.seenM >= feet(2),
    target: { trailer: ['flat-bug'] },
    weight: 1.2,
  },
  {
    id: 'still-bug-dragged-in-summer',
    when: (w) => w.water.season === 'summer' && w.water.mood !== 'active' && w.bottom,
    target: { head: ['football'], trailer: ['flat-bug'] },
    weight: 0.8,
  },
  {
    id: 'still-bug-among-stems',
    when: (w) => w.grass || w.has('brush') || w.has('flooded-bush'),
    target: { trailer: ['flat-bug'] },
    weight: 0.9,
  },
  {
    id: 'legs-wrap-branches',
    when: (w) => (w.grass || w.has('brush') || w.has('flooded-bush')) && w.density >= 2,
    target: { trailer: ['kick-bug', 'kick-chunk', 'creature', 'curl-craw', 'twin-tail-grub'] },
    weight: -0.8,
  },
  {
    id: 'hung-chunk-is-longer',
    when: (w) => w.water.mood !== 'active' && w.seenM >= feet(2) && w.water.aim === 'size',
    target: { trailer: ['chunk'], hang: ['hung'] },
    weight: 0.3,
  },
  {
    id: 'threaded-holds-better',
    when: (w) => w.density >= 2,
    target: { hang: ['hung'] },
    weight: -0.6,
  },
  {
    id: 'on-edge-looks-like-panfish',
    when: (w) => w.water.forage[0] === 'panfish',
    target: { trailer: ['flat-bug', 'kick-bug', 'creature', 'wide-swimmer', 'chunk'], orientation: ['edge'] },
    weight: 0.7,
  },
  {
    id: 'flat-sits-right-on-bottom',
    when: (w) => w.bottom && w.water.forage[0] !== 'panfish',
    target: { orientation: ['edge'] },
    weight: -0.4,
  },
  {
    id: 'paddle-is-for-swimming',
    when: (w) => w.bottom,
    target: { trailer: ['paddle-tail', 'ribbed-paddle-tail', 'rolling-paddle-tail', 'swim-worm', 'wide-swimmer'] },
    weight: -1,
  },
  {
    id: 'larger-chunk-for-larger-fish',
    when: (w) => w.water.mood === 'inactive' && w.water.aim === 'size' && w.seenM < feet(4),
    target: { trailer: ['chunk'], trailerSize: ['3 3/4', '4 1/4'] },
    weight: 0.5,
  },
  {
    id: 'small-kicking-chunk-on-tiny-football',
    when: (w) => !w.belowF(50) && w.stone && w.bottom,
    target: { head: ['football'], finesse: [true], trailer: ['kick-chunk'] },
    weight: 0.6,
  },
  {
    id: 'white-grub-around-docks',
    when: (w) => w.roofed && w.water.forage.includes('shad'),
    target: { trailer: ['single-tail-grub', 'twin-tail-grub'], trailerColour: ['white-shad'] },
    weight: 1.2,
  },
  {
    id: 'claws-brake-in-the-cold',
    when: (w) => w.belowF(55),
    school: 'cold-brake:claw-brake',
    target: { trailer: ['flapper-craw'] },
    weight: 2,
  },
  {
    id: 'still-bodies-in-the-cold',
    when: (w) => w.belowF(50),
    school: 'cold-action:still',
    target: { trailer: ['chunk', 'flat-bug', 'stick-worm', 'finesse-worm', 'split-strip'] },
    weight: 0.3,
  },
  {
    id: 'soft-movers-in-the-cold',
    when: (w) => w.belowF(50),
    school: 'cold-action:soft-mover',
    target: { trailer: ['twin-tail-grub', 'single-tail-grub', 'curl-craw', 'swim-worm'], softness: ['soft', 'medium'] },
    weight: 1,
  },
  {
    id: 'tight-wiggle-in-the-cold',
    when: (w) => w.belowF(50),
    school: 'cold-action:tight',
    target: { trailer: ['twin-tail-grub', 'swim-worm', 'small-craw'] },
    weight: 0.8,
  },
  {
    id: 'biggest-they-will-take',
    when: (w) => w.seenM >= feet(4) && w.water.pressure === 'low' && w.water.mood !== 'inactive',
    school: 'clear-water:biggest-they-take',
    target: { trailerSize: ['3 3/4', '4 1/4', '4 3/4'] },
    weight: 0.5,
  },
  {
    id: 'smaller-but-still-a-jig',
    when: (w) => w.seenM >= feet(4) && w.water.pressure === 'high',
    school: 'clear-water:biggest-they-take',
    target: { trailer: ['finesse-worm', 'single-tail-grub'], trailerSize: ['2 1/4', '2 3/4'] },
    weight: -0.4,
  },
  {
    id: 'flat-face-planes',
    when: (w) => !w.bottom && w.high,
    target: { trailer: FLAT_BODIES, orientation: ['flat'] },
    weight: 0.3,
  },
  {
    id: 'edge-drops-it-deeper',
    when: (w) => !w.bottom && !w.high,
    target: { trailer: FLAT_BODIES, orientation: ['edge'] },
    weight: 0.3,
  },
  { id: 'edge-digs-into-a-mat', when: (w) => w.matted, target: { orientation: ['edge'] }, weight: -0.8 },
  {
    id: 'edge-slips-between-stems',
    when: (w) => w.stems && !w.matted,
    target: { trailer: FLAT_BODIES, orientation: ['edge'] },
    weight: 0.3,
  },
] as const satisfies readonly PreferRule[];
