import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import { always, type PreferRule } from '../rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const SWIM = ['swim'] as const;
/** Tails that drive the jig from side to side: their length has to match the head. */
const WAGGING = ['paddle-tail', 'ribbed-paddle-tail', 'wide-swimmer', 'swim-worm'] as const;
const LARGE = ['3 3/4', '4 1/4', '4 3/4', '5 1/4'] as const;

/** Trailers on swim jigs, and their size against the head. @source craft-practice */
export const SWIM_RULES = [
  {
    id: 'paddle-on-a-swim-head',
    when: (w) => !w.bottom,
    target: { head: SWIM, trailer: ['paddle-tail', 'ribbed-paddle-tail'] },
    weight: 1,
  },
  {
    id: 'swim-claws-in-murk',
    when: (w) => !w.bottom && (w.seenM < inches(18) || w.water.sky === 'dark'),
    target: { head: SWIM, trailer: ['flapper-craw'] },
    weight: 1.2,
  },
  {
    id: 'swim-curls-when-bright',
    when: (w) => !w.bottom && w.seenM >= feet(2) && w.water.sky === 'bright',
    target: { head: SWIM, trailer: ['curl-craw'] },
    weight: 0.8,
  },
  {
    id: 'swim-big-dark-chunk-in-mud',
    when: (w) => !w.bottom && w.seenM < inches(12),
    target: { head: SWIM, trailer: ['chunk', 'kick-chunk'], trailerSize: LARGE, trailerColour: ['dark'] },
    weight: 1,
  },
  {
    id: 'swim-ribs-for-aggressive-fish',
    when: (w) => !w.bottom && w.water.mood === 'active',
    target: { head: SWIM, trailer: ['ribbed-paddle-tail'] },
    weight: 0.7,
  },
  {
    id: 'swim-twin-tail-does-both',
    when: (w) => !w.bottom,
    target: { head: SWIM, trailer: ['twin-tail-grub'] },
    weight: 0.4,
  },
  {
    id: 'swim-twin-tail-burned',
    when: (w) => !w.bottom && w.high && w.stems && w.water.mood === 'active',
    target: { head: SWIM, trailer: ['twin-tail-grub'] },
    weight: 0.6,
  },
  {
    id: 'swim-single-tail-subtle',
    when: (w) => !w.bottom && (w.water.pressure === 'high' || w.water.mood === 'inactive'),
    target: { head: SWIM, trailer: ['single-tail-grub'] },
    weight: 0.9,
  },
  {
    id: 'swim-small-paddle-midwater',
    when: (w) => !w.bottom && !w.high && (w.water.band?.fromM ?? 0) < feet(5),
    target: { head: SWIM, trailer: ['paddle-tail'], trailerSize: ['2 3/4', '3 1/4', '3 3/4'] },
    weight: 0.3,
  },
  {
    id: 'swim-worm-goes-deeper',
    when: (w) => !w.bottom && (w.water.band?.fromM ?? 0) >= feet(5),
    target: { head: SWIM, trailer: ['swim-worm'] },
    weight: 0.7,
  },
  {
    id: 'wide-body-planes-over-weed',
    when: (w) => w.overWeed && w.high,
    target: { head: SWIM, trailer: ['wide-swimmer', 'creature'], orientation: ['flat'] },
    weight: 1,
  },
  {
    id: 'swim-bulk-in-murk',
    when: (w) => !w.bottom && w.seenM < feet(2),
    target: { head: SWIM, trailerSize: LARGE },
    weight: 0.4,
  },
  {
    id: 'one-weight-wants-a-big-trailer',
    when: (w) => !w.bottom && w.seenM < inches(12),
    school: 'mud-weight:one-weight-big-trailer',
    target: { head: SWIM, trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: 0.5,
  },
  {
    id: 'rolling-tail-on-the-heaviest',
    when: (w) => !w.bottom,
    school: 'heavy-swim-tail:rolling',
    target: { head: SWIM, weight: ['3/4', '1'], trailer: ['rolling-paddle-tail'] },
    weight: 1.2,
  },
  {
    id: 'wide-kick-pins-the-skirt',
    when: (w) => !w.bottom,
    school: 'heavy-swim-tail:rolling',
    target: { head: SWIM, weight: ['3/4', '1'], trailer: ['paddle-tail', 'ribbed-paddle-tail'] },
    weight: -0.6,
  },
  {
    id: 'oversize-tail-rocks-the-heaviest',
    when: (w) => !w.bottom,
    school: 'heavy-swim-tail:oversize',
    target: {
      head: SWIM,
      weight: ['3/4', '1'],
      trailer: ['paddle-tail', 'ribbed-paddle-tail'],
      trailerSize: ['4 3/4', '5 1/4'],
    },
    weight: 2,
  },
  {
    id: 'rolling-tail-dies-on-mid-weights',
    when: (w) => !w.bottom,
    target: { head: SWIM, weight: ['3/8', '1/2'], trailer: ['rolling-paddle-tail'] },
    weight: -0.6,
  },
  {
    id: 'small-tails-on-small-swim-heads',
    when: (w) => !w.bottom,
    school: 'trailer-matters:always',
    target: { head: SWIM, weight: ['1/8', '3/16', '1/4'], trailer: WAGGING, trailerSize: ['2 1/4', '2 3/4', '3 1/4'] },
    weight: 0.5,
  },
  {
    id: 'too-long-for-a-small-swim-head',
    when: (w) => !w.bottom,
    target: { head: SWIM, weight: ['1/8', '3/16', '1/4'], trailer: WAGGING, trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: -0.4,
  },
  {
    id: 'four-and-a-quarter-on-three-eighths',
    when: (w) => !w.bottom,
    target: { head: SWIM, weight: ['3/8'], wire: ['heavy', 'extra-heavy'], trailer: WAGGING, trailerSize: ['4 1/4'] },
    weight: 0.6,
  },
  {
    id: 'middling-tail-on-medium-wire',
    when: (w) => !w.bottom,
    target: {
      head: SWIM,
      weight: ['3/8'],
      wire: ['light', 'medium'],
      trailer: WAGGING,
      trailerSize: ['3 1/4', '3 3/4'],
    },
    weight: 0.5,
  },
  {
    id: 'four-and-three-quarters-on-a-half',
    when: (w) => !w.bottom,
    target: { head: SWIM, weight: ['1/2'], trailer: WAGGING, trailerSize: ['4 3/4'] },
    weight: 0.6,
  },
  {
    id: 'tail-too-small-to-move-the-head',
    when: (w) => !w.bottom,
    target: {
      head: SWIM,
      weight: ['3/8', '1/2', '3/4', '1'],
      wire: ['heavy', 'extra-heavy'],
      trailer: WAGGING,
      trailerSize: ['2 1/4', '2 3/4', '3 1/4'],
    },
    weight: -0.7,
  },
  {
    id: 'creeping-wants-legs',
    when: (w) => w.bottom && w.belowF(50),
    school: 'swim-bottom:creep',
    target: { head: SWIM, trailer: ['kick-chunk', 'kick-bug', 'flapper-craw'] },
    weight: 1,
  },
  {
    id: 'creeping-not-with-a-dead-tail',
    when: (w) => w.bottom,
    target: { head: SWIM, trailer: ['flat-bug'] },
    weight: -0.6,
  },
  {
    id: 'tiny-jig-tiny-chunk',
    when: always,
    target: { finesse: [true], weight: ['1/8', '3/16'], trailer: ['chunk', 'kick-chunk'], trailerSize: ['2 1/4'] },
    weight: 0.4,
  },
  {
    id: 'too-much-plastic-for-a-tiny-jig',
    when: always,
    target: { finesse: [true], weight: ['1/8', '3/16'], trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: -0.6,
  },
] as const satisfies readonly PreferRule[];
