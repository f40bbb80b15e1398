import { trailersWith } from '../../tackle/trailers';
import { all, always, any, not } from '../conditions/condition';
import {
  clearTo,
  colderThan,
  eat,
  mood,
  murkierThan,
  offBottom,
  onBottom,
  overWeed,
  pressure,
  sky,
  stems,
  wantedFrom,
  wantedHigh,
} from '../conditions/of-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import type { PreferRule } from './rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const SWIM = ['swim'] as const;
/** Tails that drive the jig from side to side: their length has to match the head. */
const WAGGING = [...trailersWith('boot'), 'wide-swimmer', 'swim-worm'] as const;
const LARGE = ['3 3/4', '4 1/4', '4 3/4', '5 1/4'] as const;

/** Trailers on swim jigs, and their size against the head. @source craft-practice */
export const SWIM_RULES = [
  {
    id: 'paddle-on-a-swim-head',
    when: offBottom,
    target: { head: SWIM, trailer: trailersWith('boot') },
    weight: 1.2,
  },
  {
    id: 'dead-body-on-a-swim-head',
    when: offBottom,
    target: { head: SWIM, trailer: ['flat-bug', 'stick-worm', 'finesse-worm', 'split-strip'] },
    weight: -3,
  },
  {
    id: 'chunk-not-while-they-see',
    when: all(offBottom, clearTo(inches(12))),
    target: { head: SWIM, trailer: ['chunk'] },
    weight: -3,
  },
  {
    id: 'swim-wants-a-tail-not-legs',
    when: all(offBottom, clearTo(inches(18)), not(overWeed), not(stems), not(eat('crayfish'))),
    target: { head: SWIM, trailer: ['kick-bug', 'kick-chunk', 'creature'] },
    weight: -1,
  },
  {
    id: 'swim-claws-in-murk',
    when: all(offBottom, any(murkierThan(inches(18)), sky('dark'))),
    target: { head: SWIM, trailer: ['flapper-craw'] },
    weight: 1.6,
  },
  {
    id: 'swim-claws-for-crayfish',
    when: all(offBottom, eat('crayfish')),
    target: { head: SWIM, trailer: ['flapper-craw', 'kick-chunk', 'curl-craw'] },
    weight: 2.2,
  },
  {
    id: 'swim-curls-when-bright',
    when: all(offBottom, clearTo(feet(2)), murkierThan(feet(6)), sky('bright'), not(eat('shad'))),
    target: { head: SWIM, trailer: ['curl-craw', 'twin-tail-grub'] },
    weight: 2,
  },
  {
    id: 'swim-big-dark-chunk-in-mud',
    when: all(offBottom, murkierThan(inches(12))),
    target: { head: SWIM, trailer: trailersWith('chunk'), trailerSize: LARGE, trailerColour: ['dark'] },
    weight: 1,
  },
  {
    id: 'swim-ribs-for-aggressive-fish',
    when: all(offBottom, mood('active')),
    target: { head: SWIM, trailer: ['ribbed-paddle-tail'] },
    weight: 0.7,
  },
  {
    id: 'swim-twin-tail-does-both',
    when: offBottom,
    target: { head: SWIM, trailer: ['twin-tail-grub'] },
    weight: 1.1,
  },
  {
    id: 'swim-twin-tail-burned',
    when: all(offBottom, wantedHigh, stems, mood('active')),
    target: { head: SWIM, trailer: ['twin-tail-grub'] },
    weight: 0.6,
  },
  {
    id: 'swim-single-tail-subtle',
    when: all(offBottom, any(pressure('high'), mood('inactive'))),
    target: { head: SWIM, trailer: ['single-tail-grub'] },
    weight: 1.8,
  },
  {
    id: 'swim-small-paddle-midwater',
    when: all(offBottom, not(wantedHigh), not(wantedFrom(feet(5)))),
    target: { head: SWIM, trailer: ['paddle-tail'], trailerSize: ['2 3/4', '3 1/4', '3 3/4'] },
    weight: 0.3,
  },
  {
    id: 'swim-worm-goes-deeper',
    when: all(offBottom, wantedFrom(feet(4)), not(eat('crayfish'))),
    target: { head: SWIM, weight: ['1/8', '3/16', '1/4', '3/8', '1/2'], trailer: ['swim-worm', 'straight-minnow'] },
    weight: 1.8,
  },
  {
    id: 'wide-body-planes-over-weed',
    when: all(overWeed, wantedHigh),
    target: { head: SWIM, trailer: ['wide-swimmer', 'creature'], orientation: ['flat'] },
    weight: 2.8,
  },
  {
    id: 'swim-bulk-in-murk',
    when: all(offBottom, murkierThan(feet(2))),
    target: { head: SWIM, trailerSize: LARGE },
    weight: 0.4,
  },
  {
    id: 'one-weight-wants-a-big-trailer',
    when: all(offBottom, murkierThan(inches(12))),
    school: 'mud-weight:one-weight-big-trailer',
    target: { head: SWIM, trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: 0.5,
  },
  {
    id: 'rolling-tail-on-the-heaviest',
    when: offBottom,
    school: 'heavy-swim-tail:rolling',
    target: { head: SWIM, weight: ['3/4', '1'], trailer: ['rolling-paddle-tail'] },
    weight: 2,
  },
  {
    id: 'wide-kick-pins-the-skirt',
    when: offBottom,
    school: 'heavy-swim-tail:rolling',
    target: { head: SWIM, weight: ['3/4', '1'], trailer: trailersWith('boot') },
    weight: -0.6,
  },
  {
    id: 'oversize-tail-rocks-the-heaviest',
    when: offBottom,
    school: 'heavy-swim-tail:oversize',
    target: {
      head: SWIM,
      weight: ['3/4', '1'],
      trailer: trailersWith('boot'),
      trailerSize: ['4 3/4', '5 1/4'],
    },
    weight: 2,
  },
  {
    id: 'small-tail-lost-on-the-heaviest',
    when: offBottom,
    target: { head: SWIM, weight: ['3/4', '1'], trailerSize: ['2 1/4', '2 3/4', '3 1/4'] },
    weight: -2,
  },
  {
    id: 'rolling-tail-dies-on-mid-weights',
    when: offBottom,
    target: { head: SWIM, weight: ['3/8', '1/2'], trailer: ['rolling-paddle-tail'] },
    weight: -0.6,
  },
  {
    id: 'small-tails-on-small-swim-heads',
    when: offBottom,
    school: 'trailer-matters:always',
    target: { head: SWIM, weight: ['1/8', '3/16', '1/4'], trailer: WAGGING, trailerSize: ['2 1/4', '2 3/4', '3 1/4'] },
    weight: 0.5,
  },
  {
    id: 'too-long-for-a-small-swim-head',
    when: offBottom,
    target: { head: SWIM, weight: ['1/8', '3/16', '1/4'], trailer: WAGGING, trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: -0.4,
  },
  {
    id: 'four-and-a-quarter-on-three-eighths',
    when: offBottom,
    target: { head: SWIM, weight: ['3/8'], wire: ['heavy', 'extra-heavy'], trailer: WAGGING, trailerSize: ['4 1/4'] },
    weight: 0.6,
  },
  {
    id: 'middling-tail-on-medium-wire',
    when: offBottom,
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
    when: offBottom,
    target: { head: SWIM, weight: ['1/2'], trailer: WAGGING, trailerSize: ['4 3/4'] },
    weight: 0.6,
  },
  {
    id: 'tail-too-small-to-move-the-head',
    when: offBottom,
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
    when: all(onBottom, colderThan(50)),
    school: 'swim-bottom:creep',
    target: { head: SWIM, trailer: ['kick-chunk', 'kick-bug', 'flapper-craw'] },
    weight: 1,
  },
  {
    id: 'creeping-not-with-a-dead-tail',
    when: onBottom,
    target: { head: SWIM, trailer: ['flat-bug'] },
    weight: -0.6,
  },
  {
    id: 'tiny-jig-tiny-chunk',
    when: always,
    target: { finesse: [true], weight: ['1/8', '3/16'], trailer: trailersWith('chunk'), trailerSize: ['2 1/4'] },
    weight: 0.4,
  },
  {
    id: 'too-much-plastic-for-a-tiny-jig',
    when: always,
    target: { finesse: [true], weight: ['1/8', '3/16'], trailerSize: ['4 1/4', '4 3/4', '5 1/4'] },
    weight: -0.6,
  },
] as const satisfies readonly PreferRule[];
