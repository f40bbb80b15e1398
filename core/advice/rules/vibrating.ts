import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const STRAIGHT = ['straight-minnow', 'ribbed-minnow'] as const;
const BOOT = ['paddle-tail', 'ribbed-paddle-tail'] as const;
const FLAPPERS = ['flapper-craw', 'kick-bug', 'kick-chunk', 'creature', 'curl-craw'] as const;
const FLAT = ['flat-bug', 'creature', 'wide-swimmer', 'kick-bug'] as const;
const SMALL = ['2 1/4', '2 3/4', '3 1/4'] as const;
const LARGE = ['3 3/4', '4 1/4', '4 3/4'] as const;
/** Visibility under which nothing is to be seen at all, m. @source craft-practice */
const NO_SIGHT_M = inches(6);

/** Plates, links and trailers of vibrating jigs. @source craft-practice */
export const VIBRATING_RULES = [
  {
    id: 'straight-minnow-keeps-it-hunting',
    when: (w) => w.seenM >= feet(1.5) && !w.belowF(50) && !w.stems,
    target: { trailer: STRAIGHT },
    weight: 1.6,
  },
  {
    id: 'straight-minnow-burned-over-weed',
    when: (w) => w.seenM >= feet(1.5) && w.grass && w.depthM <= feet(5) && !w.belowF(60),
    target: { trailer: STRAIGHT },
    weight: 0.5,
  },
  {
    id: 'minnow-where-they-eat-minnows',
    when: (w) => w.seenM >= feet(2) && (w.water.forage.includes('shad') || w.water.forage.includes('minnow')),
    target: { trailer: STRAIGHT, trailerColour: ['white-shad', 'natural'] },
    weight: 0.6,
  },
  {
    id: 'boot-tail-steadies-it-in-colour',
    when: (w) => (w.seenM < feet(1.5) && w.seenM >= NO_SIGHT_M) || w.belowF(50),
    target: { trailer: BOOT },
    weight: 1.5,
  },
  {
    id: 'narrow-tails-after-the-cold',
    when: (w) => w.belowF(50) || w.water.mood === 'inactive',
    school: 'cold-action:tight',
    target: { trailer: ['paddle-tail', 'straight-minnow', 'swim-worm', 'finesse-worm'], trailerSize: SMALL },
    weight: 0.9,
  },
  {
    id: 'dead-straight-in-the-cold',
    when: (w) => w.belowF(50),
    school: 'cold-action:still',
    target: { trailer: ['straight-minnow', 'stick-worm'] },
    weight: 1.2,
  },
  {
    id: 'wide-thump-for-warm-mud',
    when: (w) => !w.belowF(60) && w.water.mood === 'active' && w.seenM < inches(12),
    target: { trailer: BOOT, trailerSize: LARGE },
    weight: 0.8,
  },
  {
    id: 'legs-kill-the-hunting',
    when: always,
    school: 'vibrating-kicker:never',
    target: { trailer: FLAPPERS },
    weight: -2,
  },
  {
    id: 'legs-spoil-it-while-they-see',
    when: (w) => w.seenM >= NO_SIGHT_M,
    school: 'vibrating-kicker:mud-only',
    target: { trailer: FLAPPERS },
    weight: -1.4,
  },
  {
    id: 'claws-hold-it-in-place-in-mud',
    when: (w) => w.seenM < NO_SIGHT_M,
    school: 'vibrating-kicker:mud-only',
    target: { trailer: ['flapper-craw'] },
    weight: 1.8,
  },
  {
    id: 'big-arms-for-big-fish-in-mud',
    when: (w) => w.seenM < NO_SIGHT_M && w.water.aim === 'size',
    school: 'vibrating-kicker:mud-only',
    target: { trailer: ['flapper-craw', 'creature'], trailerSize: LARGE },
    weight: 0.5,
  },
  {
    id: 'two-legs-keep-it-upright-on-stems',
    when: (w) => w.stems || w.has('grass-submerged') || w.wood,
    school: 'vibrating-kicker:stems-and-panfish',
    target: { trailer: ['kick-bug', 'creature', 'twin-tail-grub'] },
    weight: 2.2,
  },
  {
    id: 'flat-legs-look-like-panfish',
    when: (w) => w.water.forage.includes('panfish'),
    school: 'vibrating-kicker:stems-and-panfish',
    target: { trailer: ['kick-bug', 'creature', 'wide-swimmer'] },
    weight: 2.4,
  },
  {
    id: 'one-tail-turns-over-on-stems',
    when: (w) => w.stems || w.wood,
    target: { trailer: [...BOOT, 'rolling-paddle-tail', 'swim-worm', 'single-tail-grub'] },
    weight: -0.7,
  },
  {
    id: 'tiny-plastic-runs-wild',
    when: always,
    target: { plate: ['standard', 'oversize'], trailerSize: ['2 1/4'] },
    weight: -1,
  },
  { id: 'plate-wants-ballast', when: always, target: { trailer: ['none'] }, weight: -2.5 },
  {
    id: 'ridges-wave-by-themselves',
    when: (w) => w.water.forage.includes('panfish') || w.water.forage.includes('shad'),
    target: { trailer: ['ribbed-minnow'] },
    weight: 0.5,
  },
  {
    id: 'stick-worm-for-fish-about-to-spawn',
    when: (w) => (w.water.season === 'prespawn' || w.water.season === 'spawn') && w.seenM < feet(2),
    target: { trailer: ['stick-worm'] },
    weight: 0.8,
  },
  {
    id: 'long-slim-swimmer-for-shad',
    when: (w) => w.water.forage[0] === 'shad',
    target: { trailer: ['straight-minnow', 'paddle-tail', 'ribbed-paddle-tail'], trailerSize: LARGE },
    weight: 0.4,
  },
  {
    id: 'flat-body-level-stays-high',
    when: (w) => w.overWeed && w.high,
    target: { trailer: FLAT, orientation: ['flat'] },
    weight: 1.4,
  },
  {
    id: 'flat-body-on-edge-drops',
    when: (w) => !w.high && (w.water.band?.fromM ?? 0) >= feet(3),
    target: { trailer: FLAT, orientation: ['edge'] },
    weight: 0.5,
  },
  {
    id: 'boot-tail-inverted-lifts-less',
    when: (w) => !w.high && (w.water.band?.fromM ?? 0) >= feet(3),
    target: { trailer: BOOT, orientation: ['inverted'] },
    weight: 0.4,
  },
  {
    id: 'grub-when-nothing-is-known',
    when: (w) => w.water.forage.length === 0 && w.seenM >= inches(12) && w.seenM < feet(2),
    target: { trailer: ['single-tail-grub', 'twin-tail-grub'] },
    weight: 0.7,
  },
  {
    id: 'compact-plate-where-they-look',
    when: (w) => w.seenM >= feet(4) || w.water.pressure === 'high',
    target: { plate: ['compact'] },
    weight: 1.2,
  },
  {
    id: 'compact-plate-small-trailer',
    when: always,
    target: { plate: ['compact'], trailerSize: SMALL },
    weight: 0.5,
  },
  {
    id: 'compact-plate-swamped',
    when: always,
    target: { plate: ['compact'], trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: -0.6,
  },
  {
    id: 'compact-with-cut-claws-as-it-warms',
    when: (w) => (w.spring && !w.belowF(55)) || w.water.forage.includes('panfish'),
    target: { plate: ['compact'], trailer: ['flapper-craw', 'small-craw'], trailerSize: SMALL },
    weight: 1.6,
  },
  {
    id: 'oversize-plate-for-big-fish-in-colour',
    when: (w) => w.seenM < feet(1.5) && (w.water.aim === 'size' || w.seenM < inches(10)),
    target: { plate: ['oversize'] },
    weight: 1.2,
  },
  {
    id: 'oversize-plate-too-loud-here',
    when: (w) => w.seenM >= feet(4) || w.water.pressure === 'high' || w.water.mood === 'inactive',
    target: { plate: ['oversize'] },
    weight: -0.8,
  },
  {
    id: 'oversize-plate-full-length-trailer',
    when: (w) => w.seenM >= feet(2),
    target: { plate: ['oversize'], trailer: STRAIGHT, trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: 0.6,
  },
  {
    id: 'oversize-plate-creature-on-panfish-beds',
    when: (w) =>
      w.water.forage.includes('panfish') &&
      (w.water.season === 'spawn' || w.water.season === 'postspawn' || w.water.season === 'summer') &&
      w.seenM < feet(2),
    target: { plate: ['oversize'], trailer: ['creature'] },
    weight: 1.8,
  },
  {
    id: 'subtle-plate-clear-deep-or-seen-it-all',
    when: (w) => w.seenM >= feet(3) && (w.depthM >= feet(8) || w.water.pressure === 'high'),
    target: { plate: ['subtle'] },
    weight: 1.3,
  },
  {
    id: 'subtle-plate-ribbed-tail-upside-down',
    when: always,
    target: { plate: ['subtle'], trailer: ['ribbed-paddle-tail'], orientation: ['inverted'] },
    weight: 1.2,
  },
  {
    id: 'ribbed-tail-upright-hampers-it',
    when: always,
    target: { plate: ['subtle'], trailer: ['ribbed-paddle-tail'], orientation: ['flat'] },
    weight: -0.8,
  },
  {
    id: 'standard-plate-for-most',
    when: (w) => w.seenM < feet(4) && w.seenM >= inches(10),
    target: { plate: ['standard'] },
    weight: 0.6,
  },
  {
    id: 'direct-link-sheds-weed',
    when: (w) => w.grass || w.wood,
    target: { link: ['direct'] },
    weight: 0.8,
  },
  {
    id: 'linked-plate-gathers-weed',
    when: (w) => w.grass,
    target: { link: ['ring', 'wire'] },
    weight: -1.2,
  },
  {
    id: 'linked-plate-in-open-water',
    when: (w) => !w.inCover,
    target: { link: ['ring', 'wire'] },
    weight: 0.2,
  },
  {
    id: 'tough-plastic-stays-on-the-plate',
    when: (w) => !w.belowF(60),
    target: { softness: ['tough'] },
    weight: 0.4,
  },
  {
    id: 'soft-plastic-still-wags-in-the-cold',
    when: (w) => w.belowF(55),
    target: { softness: ['soft'] },
    weight: 0.5,
  },
  {
    id: 'plate-weights-everyday',
    when: (w) => w.depthM < feet(10),
    target: { weight: ['3/8', '1/2'] },
    weight: 0.5,
  },
  {
    id: 'plate-weights-for-depth',
    when: (w) => w.depthM >= feet(10),
    target: { weight: ['1/2', '3/4', '1'] },
    weight: 0.5,
  },
  {
    id: 'plate-takes-no-chunk',
    when: always,
    target: { trailer: ['chunk', 'finesse-worm', 'split-strip'] },
    weight: -0.6,
  },
] as const satisfies readonly PreferRule[];
