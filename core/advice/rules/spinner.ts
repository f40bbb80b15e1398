import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const COLORADO = ['single-colorado', 'double-colorado'] as const;
const WILLOW = ['single-willow', 'double-willow'] as const;
const BULKY = [
  'chunk',
  'kick-chunk',
  'kick-bug',
  'flapper-craw',
  'curl-craw',
  'creature',
  'wide-swimmer',
  'flat-bug',
] as const;
const SLIM = ['split-strip', 'straight-minnow', 'ribbed-minnow', 'finesse-worm'] as const;
const TAILS = ['paddle-tail', 'ribbed-paddle-tail', 'rolling-paddle-tail'] as const;

/** Blades, arms, weight and trailers of spinnerbaits. @source craft-practice */
export const SPINNER_RULES = [
  {
    id: 'round-blades-in-colour',
    when: (w) => w.seenM < feet(2),
    target: { blades: [...COLORADO, 'single-indiana', 'double-indiana'] },
    weight: 0.9,
  },
  {
    id: 'some-round-up-to-four-feet',
    when: (w) => w.seenM >= feet(2) && w.seenM < feet(4),
    target: { blades: ['tandem', ...COLORADO, 'single-indiana', 'double-indiana'] },
    weight: 0.5,
  },
  {
    id: 'willow-in-clear-water',
    when: (w) => w.seenM >= feet(4) && !w.belowF(60),
    target: { blades: WILLOW },
    weight: 1.4,
  },
  {
    id: 'one-big-thump-in-mud',
    when: (w) => w.seenM < inches(12),
    school: 'spinner-blades-mud:single-large',
    target: { blades: ['single-colorado'], bladeSize: ['5', '6'] },
    weight: 1.8,
  },
  {
    id: 'two-colorados-in-mud',
    when: (w) => w.seenM < inches(12),
    school: 'spinner-blades-mud:double-colorado',
    target: { blades: ['double-colorado'] },
    weight: 1.8,
  },
  {
    id: 'colorado-while-below-60',
    when: (w) => w.belowF(60),
    school: 'spinner-blades-spring:colorado-below-60',
    target: { blades: COLORADO },
    weight: 1.2,
  },
  {
    id: 'willow-waits-for-warmth',
    when: (w) => w.belowF(60),
    school: 'spinner-blades-spring:colorado-below-60',
    target: { blades: [...WILLOW, 'tandem'] },
    weight: -0.8,
  },
  {
    id: 'tandem-all-spring',
    when: (w) => w.belowF(60) && (w.spring || w.water.season === 'winter'),
    school: 'spinner-blades-spring:colorado-willow',
    target: { blades: ['tandem'] },
    weight: 2,
  },
  {
    id: 'tandem-in-a-warming-spring',
    when: (w) => w.spring && !w.belowF(60) && w.seenM >= inches(12) && w.seenM < feet(4),
    target: { blades: ['tandem'] },
    weight: 0.9,
  },
  {
    id: 'big-thump-in-the-cold',
    when: (w) => w.belowF(50),
    school: 'cold-action:big-thump',
    target: { blades: COLORADO, bladeSize: ['5', '6'] },
    weight: 1.2,
  },
  {
    id: 'heavy-thump-slow-rolled',
    when: (w) => w.seenM < inches(12) && w.belowF(60),
    school: 'mud-weight:heavy-thump',
    target: { weight: ['3/4', '1'] },
    weight: 0.9,
  },
  {
    id: 'one-weight-in-mud-too',
    when: (w) => w.seenM < inches(12) && w.belowF(60),
    school: 'mud-weight:one-weight-big-trailer',
    target: { weight: ['3/8', '1/2'] },
    weight: 0.9,
  },
  {
    id: 'light-in-mud-too',
    when: (w) => w.seenM < inches(12) && w.belowF(60),
    school: 'mud-weight:light-high',
    target: { weight: ['1/8', '3/16', '1/4'] },
    weight: 0.9,
  },
  {
    id: 'slow-roll-wants-weight',
    when: (w) => w.belowF(50) && w.seenM >= inches(12),
    target: { weight: ['3/4', '1'] },
    weight: 0.8,
  },
  {
    id: 'willow-slips-through-weed',
    when: (w) => w.grass && !w.belowF(60),
    target: { blades: ['tandem', ...WILLOW] },
    weight: 1,
  },
  {
    id: 'large-round-fouls-in-weed',
    when: (w) => w.grass,
    target: { blades: [...COLORADO, 'tandem', 'single-indiana', 'double-indiana'], bladeSize: ['5', '6'] },
    weight: -1.2,
  },
  {
    id: 'tandem-covers-water-and-cover',
    when: (w) => w.inCover && !w.belowF(60) && w.seenM >= inches(12) && w.seenM < feet(4),
    target: { blades: ['tandem'] },
    weight: 0.9,
  },
  {
    id: 'two-willows-burned-when-they-chase',
    when: (w) => w.water.mood === 'active' && w.water.species !== 'largemouth' && !w.belowF(55),
    target: { blades: ['double-willow'] },
    weight: 1,
  },
  {
    id: 'small-body-for-smaller-bass-and-prey',
    when: (w) =>
      !w.belowF(55) &&
      ((w.water.mood === 'active' && w.water.species !== 'largemouth') || w.water.forage[0] === 'minnow'),
    target: { finesse: [true] },
    weight: 1,
  },
  {
    id: 'full-body-otherwise',
    when: (w) => w.seenM < feet(2) || w.belowF(55),
    target: { finesse: [true] },
    weight: -0.6,
  },
  {
    id: 'one-small-colorado-under-cloud-and-wind',
    when: (w) => w.water.wind === 'chop' && w.water.sky !== 'bright' && w.seenM >= inches(12),
    target: { blades: ['single-colorado'], bladeSize: ['2', '3', '4'] },
    weight: 1.2,
  },
  {
    id: 'two-willows-under-a-bright-calm-sky',
    when: (w) => w.water.sky === 'bright' && w.water.wind === 'calm' && w.seenM >= feet(2) && !w.belowF(60),
    target: { blades: ['double-willow'] },
    weight: 0.9,
  },
  {
    id: 'willow-the-size-of-their-shad',
    when: (w) => w.water.forage.includes('shad') && w.seenM >= feet(2) && !w.belowF(60),
    target: { blades: ['tandem', ...WILLOW] },
    weight: 0.5,
  },
  {
    id: 'biggest-round-before-spring',
    when: (w) => w.belowF(55) && (w.water.season === 'winter' || w.water.season === 'prespawn'),
    target: { blades: COLORADO, bladeSize: ['5', '6'] },
    weight: 0.8,
  },
  {
    id: 'half-ounce-reaches-over-flats',
    when: (w) => (w.water.aim === 'search' || !w.inCover) && !w.belowF(50),
    target: { weight: ['1/2'] },
    weight: 0.6,
  },
  {
    id: 'three-eighths-lands-beside-cover',
    when: (w) => w.inCover && w.water.aim !== 'search' && !w.belowF(50) && w.seenM >= inches(12),
    target: { weight: ['3/8'] },
    weight: 0.6,
  },
  {
    id: 'gold-blades-in-colour',
    when: (w) => w.seenM < feet(2) && !w.belowF(50),
    target: { finish: ['gold'] },
    weight: 0.8,
  },
  {
    id: 'nickel-blades-clear-or-cold',
    when: (w) => w.seenM >= feet(4) || w.belowF(50),
    target: { finish: ['nickel'] },
    weight: 0.8,
  },
  {
    id: 'gold-and-nickel-for-panfish',
    when: (w) => w.water.forage.includes('panfish'),
    target: { finish: ['gold-nickel'] },
    weight: 0.7,
  },
  {
    id: 'gold-and-nickel-between',
    when: (w) => w.seenM >= feet(2) && w.seenM < feet(4) && !w.belowF(50),
    target: { finish: ['gold-nickel'] },
    weight: 0.6,
  },
  {
    id: 'bright-skirt-with-blades',
    when: (w) => w.seenM < feet(2) && w.seenM >= inches(14),
    target: { skirtColour: ['bright'] },
    weight: 0.8,
  },
  {
    id: 'white-skirt-clear-or-cold',
    when: (w) => w.seenM >= feet(3),
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
    when: (w) => w.wood,
    target: { arms: ['short'] },
    weight: 1,
  },
  {
    id: 'long-arm-flips-over-wood',
    when: (w) => w.wood,
    target: { arms: ['long'] },
    weight: -0.8,
  },
  {
    id: 'narrow-arms-for-weed',
    when: (w) => w.grass,
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
    target: { trailer: SLIM },
    weight: 1.6,
  },
  {
    id: 'drag-trailer-holds-it-back',
    when: (w) => w.belowF(60) && w.seenM < inches(12),
    school: 'spinner-trailer:drag-in-mud',
    target: { trailer: TAILS },
    weight: 1.6,
  },
  {
    id: 'no-drag-trailer-outside-cold-mud',
    when: (w) => !w.belowF(60) || w.seenM >= inches(12),
    school: 'spinner-trailer:drag-in-mud',
    target: { trailer: ['none'] },
    weight: 1,
  },
  {
    id: 'bulk-turns-it-over',
    when: always,
    target: { trailer: BULKY },
    weight: -1.5,
  },
  {
    id: 'tail-works-against-the-blades',
    when: (w) => !w.belowF(60) || w.seenM >= inches(12),
    target: { trailer: [...TAILS, 'swim-worm', 'single-tail-grub', 'twin-tail-grub', 'small-craw'] },
    weight: -0.8,
  },
  {
    id: 'tail-lifts-it-off-the-weed',
    when: (w) => w.has('grass-submerged') && !w.belowF(60),
    target: { trailer: TAILS },
    weight: -1,
  },
] as const satisfies readonly PreferRule[];
