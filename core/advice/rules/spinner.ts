import { trailersWith } from '../../tackle/trailers';
import { all, always, any, not } from '../conditions/condition';
import {
  atLeastF,
  clearTo,
  colderThan,
  coverOf,
  eat,
  firstFood,
  inCover,
  mood,
  murkierThan,
  season,
  sky,
  species,
  spring,
  weed,
  wind,
  wood,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const COLORADO = ['single-colorado', 'double-colorado'] as const;
const WILLOW = ['single-willow', 'double-willow'] as const;

/** Blades, arms, weight and trailers of spinnerbaits. @source craft-practice */
export const SPINNER_RULES = [
  {
    id: 'round-blades-in-colour',
    when: murkierThan(feet(2)),
    target: { blades: [...COLORADO, 'single-indiana', 'double-indiana'] },
    weight: 0.9,
  },
  {
    id: 'some-round-up-to-four-feet',
    when: all(clearTo(feet(2)), murkierThan(feet(4))),
    target: { blades: ['tandem', ...COLORADO, 'single-indiana', 'double-indiana'] },
    weight: 0.5,
  },
  {
    id: 'willow-in-clear-water',
    when: all(clearTo(feet(4)), any(atLeastF(60), all(wood, atLeastF(48)))),
    target: { blades: WILLOW },
    weight: 1.4,
  },
  {
    id: 'one-big-thump-in-mud',
    when: murkierThan(inches(12)),
    school: 'spinner-blades-mud:single-large',
    target: { blades: ['single-colorado'], bladeSize: ['5', '6'] },
    weight: 1.8,
  },
  {
    id: 'two-colorados-in-mud',
    when: murkierThan(inches(12)),
    school: 'spinner-blades-mud:double-colorado',
    target: { blades: ['double-colorado'] },
    weight: 1.8,
  },
  {
    id: 'colorado-while-below-60',
    when: all(colderThan(60), not(all(wood, clearTo(feet(4.5))))),
    school: 'spinner-blades-spring:colorado-below-60',
    target: { blades: COLORADO },
    weight: 1.2,
  },
  {
    id: 'willow-waits-for-warmth',
    when: all(colderThan(60), not(all(wood, clearTo(feet(4.5))))),
    school: 'spinner-blades-spring:colorado-below-60',
    target: { blades: [...WILLOW, 'tandem'] },
    weight: -0.8,
  },
  {
    id: 'tandem-all-spring',
    when: all(colderThan(60), any(spring, season('winter'))),
    school: 'spinner-blades-spring:colorado-willow',
    target: { blades: ['tandem'] },
    weight: 2,
  },
  {
    id: 'tandem-in-a-warming-spring',
    when: all(spring, atLeastF(60), clearTo(inches(12)), murkierThan(feet(4))),
    target: { blades: ['tandem'] },
    weight: 0.9,
  },
  {
    id: 'big-thump-in-the-cold',
    when: colderThan(50),
    school: 'cold-action:big-thump',
    target: { blades: COLORADO, bladeSize: ['5', '6'] },
    weight: 1.2,
  },
  {
    id: 'willow-slips-through-weed',
    when: all(weed, atLeastF(60)),
    target: { blades: ['tandem', ...WILLOW] },
    weight: 1,
  },
  {
    id: 'large-round-fouls-in-weed',
    when: weed,
    target: { blades: [...COLORADO, 'tandem', 'single-indiana', 'double-indiana'], bladeSize: ['5', '6'] },
    weight: -1.2,
  },
  {
    id: 'tandem-covers-water-and-cover',
    when: all(inCover, atLeastF(60), clearTo(inches(12)), murkierThan(feet(4))),
    target: { blades: ['tandem'] },
    weight: 0.9,
  },
  {
    id: 'two-willows-burned-when-they-chase',
    when: all(mood('active'), not(species('largemouth')), atLeastF(64), clearTo(feet(2))),
    target: { blades: ['double-willow'] },
    weight: 1,
  },
  {
    id: 'small-body-for-smaller-bass-and-prey',
    when: all(atLeastF(55), any(all(mood('active'), not(species('largemouth'))), firstFood('minnow'))),
    target: { finesse: [true] },
    weight: 1,
  },
  {
    id: 'full-body-otherwise',
    when: any(murkierThan(feet(2)), colderThan(55)),
    target: { finesse: [true] },
    weight: -0.6,
  },
  {
    id: 'one-small-colorado-under-cloud-and-wind',
    when: all(wind('chop'), not(sky('bright')), clearTo(inches(12))),
    target: { blades: ['single-colorado'], bladeSize: ['2', '3', '4'] },
    weight: 1.8,
  },
  {
    id: 'two-willows-under-a-bright-calm-sky',
    when: all(sky('bright'), wind('calm'), clearTo(feet(2)), atLeastF(64)),
    target: { blades: ['double-willow'] },
    weight: 0.9,
  },
  {
    id: 'willow-the-size-of-their-shad',
    when: all(eat('shad'), clearTo(feet(2)), atLeastF(60)),
    target: { blades: ['tandem', ...WILLOW] },
    weight: 0.5,
  },
  {
    id: 'biggest-round-before-spring',
    when: all(colderThan(55), any(season('winter'), season('prespawn'))),
    target: { blades: COLORADO, bladeSize: ['5', '6'] },
    weight: 0.8,
  },
  {
    id: 'long-blades-unseen-in-mud',
    when: murkierThan(inches(12)),
    target: { blades: WILLOW },
    weight: -1,
  },
  {
    id: 'big-round-too-loud-in-clear',
    when: all(clearTo(feet(4)), atLeastF(55)),
    target: { blades: [...COLORADO, 'single-indiana', 'double-indiana'], bladeSize: ['5', '6'] },
    weight: -1,
  },
  {
    id: 'large-blade-on-a-light-head',
    when: always,
    target: { bladeSize: ['5', '6'], weight: ['1/8', '3/16', '1/4'] },
    weight: -1.5,
  },
  {
    id: 'gold-blades-in-colour',
    when: all(murkierThan(feet(2)), atLeastF(50)),
    target: { finish: ['gold'] },
    weight: 0.8,
  },
  {
    id: 'nickel-blades-clear-or-cold',
    when: any(clearTo(feet(4)), colderThan(50)),
    target: { finish: ['nickel'] },
    weight: 0.8,
  },
  {
    id: 'gold-and-nickel-for-panfish',
    when: eat('panfish'),
    target: { finish: ['gold-nickel'] },
    weight: 0.7,
  },
  {
    id: 'gold-and-nickel-between',
    when: all(clearTo(feet(2)), murkierThan(feet(4)), atLeastF(50)),
    target: { finish: ['gold-nickel'] },
    weight: 0.6,
  },
  {
    id: 'bright-skirt-with-blades',
    when: all(murkierThan(feet(2)), clearTo(inches(14))),
    target: { skirtColour: ['bright'] },
    weight: 0.8,
  },
  {
    id: 'white-skirt-clear-or-cold',
    when: clearTo(feet(3)),
    target: { skirtColour: ['white-shad'] },
    weight: 0.8,
  },
  {
    id: 'white-or-bright-on-blades',
    when: always,
    target: { skirtColour: ['white-shad', 'bright', 'panfish'] },
    weight: 0.4,
  },
  {
    id: 'short-arm-over-wood',
    when: wood,
    target: { arms: ['short'] },
    weight: 1,
  },
  {
    id: 'long-arm-flips-over-wood',
    when: wood,
    target: { arms: ['long'] },
    weight: -0.8,
  },
  {
    id: 'narrow-arms-for-weed',
    when: weed,
    target: { squeezed: [true] },
    weight: 0.5,
  },
  {
    id: 'spinner-needs-no-trailer',
    when: always,
    school: 'spinner-trailer:none',
    target: { trailer: ['none'] },
    weight: 1.2,
  },
  {
    id: 'slim-trailer-casts-and-shimmers',
    when: always,
    school: 'spinner-trailer:low-profile',
    target: { trailer: trailersWith('slim') },
    weight: 1.6,
  },
  {
    id: 'drag-trailer-holds-it-back',
    when: all(colderThan(60), murkierThan(inches(12))),
    school: 'spinner-trailer:drag-in-mud',
    target: { trailer: trailersWith('paddle') },
    weight: 1.6,
  },
  {
    id: 'no-drag-trailer-outside-cold-mud',
    when: any(atLeastF(60), clearTo(inches(12))),
    school: 'spinner-trailer:drag-in-mud',
    target: { trailer: ['none'] },
    weight: 1,
  },
  {
    id: 'bulk-turns-it-over',
    when: always,
    target: { trailer: trailersWith('bulky') },
    weight: -1.5,
  },
  {
    id: 'tail-works-against-the-blades',
    when: any(atLeastF(60), clearTo(inches(12))),
    target: { trailer: [...trailersWith('paddle'), 'swim-worm', 'single-tail-grub', 'twin-tail-grub', 'small-craw'] },
    weight: -0.8,
  },
  {
    id: 'hair-is-not-for-blades',
    when: always,
    target: { skirtMaterial: ['hair'] },
    weight: -2,
  },
  {
    id: 'tail-lifts-it-off-the-weed',
    when: all(coverOf('grass-submerged'), atLeastF(60)),
    target: { trailer: trailersWith('paddle') },
    weight: -1,
  },
] as const satisfies readonly PreferRule[];
