import { trailersWith } from '../../tackle/trailers';
import { all, always, any, not } from '../conditions/condition';
import {
  aim,
  atLeastF,
  clearTo,
  colderThan,
  coverOf,
  eat,
  firstFood,
  foodKnown,
  mood,
  murkierThan,
  noDeeperThan,
  overWeed,
  season,
  stems,
  wantedFrom,
  wantedHigh,
  weed,
  wood,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { PLATE_RULES } from './plates';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const FLAT = ['flat-bug', 'creature', 'wide-swimmer', 'kick-bug'] as const;
const SMALL = ['2 1/4', '2 3/4', '3 1/4'] as const;
const LARGE = ['3 3/4', '4 1/4', '4 3/4'] as const;
/** Visibility under which nothing is to be seen at all, m. @source craft-practice */
const NO_SIGHT_M = inches(6);

/** Trailers of vibrating jigs, plates and links. @source craft-practice */
export const VIBRATING_RULES = [
  {
    id: 'straight-minnow-keeps-it-hunting',
    when: all(clearTo(feet(1.5)), atLeastF(50), not(stems)),
    target: { trailer: trailersWith('straight') },
    weight: 1.6,
  },
  {
    id: 'straight-minnow-burned-over-weed',
    when: all(clearTo(feet(1.5)), weed, noDeeperThan(feet(5)), atLeastF(60)),
    target: { trailer: trailersWith('straight') },
    weight: 0.5,
  },
  {
    id: 'minnow-where-they-eat-minnows',
    when: all(clearTo(feet(2)), any(eat('shad'), eat('minnow'))),
    target: { trailer: trailersWith('straight'), trailerColour: ['white-shad', 'natural'] },
    weight: 0.6,
  },
  {
    id: 'boot-tail-steadies-it-in-colour',
    when: any(all(murkierThan(feet(1.5)), clearTo(NO_SIGHT_M)), colderThan(50)),
    target: { trailer: trailersWith('boot') },
    weight: 1.5,
  },
  {
    id: 'narrow-tails-after-the-cold',
    when: any(colderThan(50), mood('inactive')),
    school: 'cold-action:tight',
    target: { trailer: ['paddle-tail', 'straight-minnow', 'swim-worm', 'finesse-worm'], trailerSize: SMALL },
    weight: 0.9,
  },
  {
    id: 'dead-straight-in-the-cold',
    when: colderThan(50),
    school: 'cold-action:still',
    target: { trailer: ['straight-minnow', 'stick-worm'] },
    weight: 1.2,
  },
  {
    id: 'wide-thump-for-warm-mud',
    when: all(atLeastF(60), mood('active'), murkierThan(inches(12))),
    target: { trailer: trailersWith('boot'), trailerSize: LARGE },
    weight: 0.8,
  },
  {
    id: 'small-is-lost-in-mud',
    when: murkierThan(inches(11)),
    target: { trailerSize: ['2 1/4', '2 3/4'] },
    weight: -0.8,
  },
  {
    id: 'boot-tail-swings-in-the-heat',
    when: all(atLeastF(77), clearTo(inches(14))),
    target: { trailer: trailersWith('boot'), trailerSize: LARGE },
    weight: 2.4,
  },
  {
    id: 'legs-kill-the-hunting',
    when: always,
    school: 'vibrating-kicker:never',
    target: { trailer: trailersWith('legs') },
    weight: -6,
  },
  {
    id: 'legs-spoil-it-while-they-see',
    when: clearTo(NO_SIGHT_M),
    school: 'vibrating-kicker:mud-only',
    target: { trailer: trailersWith('legs') },
    weight: -1.4,
  },
  {
    id: 'claws-hold-it-in-place-in-mud',
    when: murkierThan(NO_SIGHT_M),
    school: 'vibrating-kicker:mud-only',
    target: { trailer: ['flapper-craw'] },
    weight: 1.8,
  },
  {
    id: 'boot-tail-for-legs-in-mud',
    when: murkierThan(NO_SIGHT_M),
    school: 'vibrating-kicker:never',
    target: { trailer: trailersWith('boot') },
    weight: 1.8,
  },
  {
    id: 'boot-tail-wherever-they-see',
    when: all(clearTo(feet(1.5)), atLeastF(50), not(stems)),
    school: 'plate-tail:boot',
    target: { trailer: trailersWith('boot') },
    weight: 2.4,
  },
  {
    id: 'straight-tail-in-colour-too',
    when: any(all(murkierThan(feet(1.5)), clearTo(NO_SIGHT_M)), colderThan(50)),
    school: 'plate-tail:straight',
    target: { trailer: trailersWith('straight') },
    weight: 2.4,
  },
  {
    id: 'big-arms-for-big-fish-in-mud',
    when: all(murkierThan(inches(11)), aim('size')),
    target: { trailer: ['flapper-craw', 'creature', 'kick-bug'] },
    weight: 3.2,
  },
  {
    id: 'two-legs-keep-it-upright-on-stems',
    when: any(stems, coverOf('grass-submerged'), wood),
    school: 'vibrating-kicker:stems-and-panfish',
    target: { trailer: ['kick-bug', 'creature', 'twin-tail-grub'] },
    weight: 2.2,
  },
  {
    id: 'kicking-legs-first-in-grass',
    when: coverOf('grass-submerged'),
    school: 'vibrating-kicker:stems-and-panfish',
    target: { trailer: ['kick-bug'] },
    weight: 0.6,
  },
  {
    id: 'flat-legs-look-like-panfish',
    when: eat('panfish'),
    school: 'vibrating-kicker:stems-and-panfish',
    target: { trailer: ['kick-bug', 'wide-swimmer'] },
    weight: 2.4,
  },
  {
    id: 'one-tail-turns-over-on-stems',
    when: any(stems, wood),
    target: { trailer: trailersWith('one-tail') },
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
    when: any(eat('panfish'), eat('shad')),
    target: { trailer: ['ribbed-minnow'] },
    weight: 0.5,
  },
  {
    id: 'stick-worm-for-fish-about-to-spawn',
    when: all(any(season('prespawn'), season('spawn')), murkierThan(feet(2)), clearTo(inches(12))),
    target: { trailer: ['stick-worm'] },
    weight: 1.8,
  },
  {
    id: 'long-slim-swimmer-for-shad',
    when: firstFood('shad'),
    target: { trailer: ['straight-minnow', 'paddle-tail', 'ribbed-paddle-tail'], trailerSize: LARGE },
    weight: 0.4,
  },
  {
    id: 'flat-body-level-stays-high',
    when: all(overWeed, wantedHigh),
    target: { trailer: FLAT, orientation: ['flat'] },
    weight: 1.4,
  },
  {
    id: 'flat-body-on-edge-drops',
    when: all(not(wantedHigh), wantedFrom(feet(3))),
    target: { trailer: FLAT, orientation: ['edge'] },
    weight: 0.5,
  },
  {
    id: 'boot-tail-inverted-lifts-less',
    when: all(not(wantedHigh), wantedFrom(feet(3))),
    target: { trailer: trailersWith('boot'), orientation: ['inverted'] },
    weight: 0.4,
  },
  {
    id: 'grub-when-nothing-is-known',
    when: all(not(foodKnown), not(aim('size')), not(season('spawn')), clearTo(inches(16)), murkierThan(feet(3))),
    target: { trailer: ['single-tail-grub', 'twin-tail-grub'] },
    weight: 2.4,
  },
  ...PLATE_RULES,
  {
    id: 'tough-plastic-stays-on-the-plate',
    when: atLeastF(60),
    target: { softness: ['tough'] },
    weight: 0.4,
  },
  {
    id: 'soft-plastic-still-wags-in-the-cold',
    when: colderThan(55),
    target: { softness: ['soft'] },
    weight: 0.5,
  },
  {
    id: 'hair-is-not-for-plates',
    when: always,
    target: { skirtMaterial: ['hair'] },
    weight: -2,
  },
  {
    id: 'plate-takes-no-chunk',
    when: always,
    target: { trailer: ['chunk', 'finesse-worm', 'split-strip'] },
    weight: -0.6,
  },
] as const satisfies readonly PreferRule[];
