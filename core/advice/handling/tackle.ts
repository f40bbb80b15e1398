import { all, always, any, not } from '../conditions/condition';
import { colderThan, coverAtLeast, murkierThan, spring, wantedHigh, weed, wood } from '../conditions/of-water';
import { blades, burned, finesse, head, largeRoundBlade, lightHead, plate, platesAndBlades, stoutWire } from './of-rig';
import { onWater } from '../conditions/on-water';
import { lengthMFromIn } from '../../units/units';
import type { HandlingRule, RodAsked } from './handling-rule';

const inches = lengthMFromIn;

type FeetAndInches = readonly [feet: number, inches: number];
const longM = ([feet, more]: FeetAndInches): number => inches(12 * feet + more);
/** A rod as rules name it: powers, and lengths in feet and inches. */
const rod = (
  from: RodAsked['power'][0],
  to: RodAsked['power'][1],
  shortest: FeetAndInches,
  longest: FeetAndInches,
): RodAsked => ({ power: [from, to], lengthM: [longM(shortest), longM(longest)] });

/** Line, rod and reel a rig goes on. @source craft-practice */
export const TACKLE_RULES = [
  {
    id: 'line-braid-to-flip',
    choice: 'line',
    when: all(head('flipping'), onWater(coverAtLeast('thick'))),
    line: { kind: 'braid', lb: 65 },
  },
  {
    id: 'line-stout-wire-braid',
    choice: 'line',
    when: all(head('swim'), stoutWire),
    line: { kind: 'braid', lb: 50 },
  },
  {
    id: 'line-swim-in-mud',
    choice: 'line',
    when: all(head('swim'), onWater(murkierThan(inches(12)))),
    line: { kind: 'braid', lb: 50 },
  },
  { id: 'line-light-swim', choice: 'line', when: head('swim'), line: { kind: 'fluorocarbon', lb: 15 } },
  {
    id: 'line-tiny-football',
    choice: 'line',
    when: all(finesse, not(platesAndBlades), lightHead(0.2)),
    line: { kind: 'fluorocarbon', lb: 6 },
  },
  {
    id: 'line-finesse',
    choice: 'line',
    when: all(finesse, not(platesAndBlades)),
    line: { kind: 'fluorocarbon', lb: 12 },
  },
  {
    id: 'line-blades-heavy-cover',
    choice: 'line',
    when: all(blades, onWater(coverAtLeast('thick'))),
    line: { kind: 'fluorocarbon', lb: 17 },
  },
  {
    id: 'line-blades-wood',
    choice: 'line',
    when: all(blades, onWater(wood)),
    line: { kind: 'fluorocarbon', lb: 15 },
  },
  {
    id: 'line-blades-to-burn',
    choice: 'line',
    when: any(burned, all(blades, onWater(wantedHigh))),
    line: { kind: 'fluorocarbon', lb: 17 },
  },
  { id: 'line-blades-thin-to-stay-down', choice: 'line', when: blades, line: { kind: 'fluorocarbon', lb: 12 } },
  { id: 'line-not-rod-behind-a-plate', choice: 'line', when: plate, line: { kind: 'fluorocarbon', lb: 17 } },
  { id: 'line-stout-jig', choice: 'line', when: stoutWire, line: { kind: 'braid', lb: 50 } },
  { id: 'line-jig-usual', choice: 'line', when: always, line: { kind: 'fluorocarbon', lb: 15 } },

  {
    id: 'rod-flipping-stick',
    choice: 'rod',
    when: any(head('flipping'), head('bullet')),
    rod: rod('heavy', 'extra-heavy', [7, 3], [7, 10]),
  },
  {
    id: 'rod-light-for-small-football',
    choice: 'rod',
    when: all(head('football'), finesse),
    rod: rod('light', 'medium', [6, 6], [7, 2]),
  },
  {
    id: 'rod-deep-loading-for-football',
    choice: 'rod',
    when: head('football'),
    rod: rod('medium-heavy', 'heavy', [6, 10], [7, 8]),
  },
  {
    id: 'rod-medium-for-finesse',
    choice: 'rod',
    when: all(finesse, not(platesAndBlades)),
    rod: rod('medium-light', 'medium', [6, 10], [7, 4]),
  },
  {
    id: 'rod-strong-for-stout-swim',
    choice: 'rod',
    when: all(head('swim'), stoutWire),
    rod: rod('medium-heavy', 'heavy', [7, 3], [7, 6]),
  },
  {
    id: 'rod-tippy-for-fine-swim',
    choice: 'rod',
    when: head('swim'),
    rod: rod('medium', 'medium-heavy', [7, 2], [7, 9]),
  },
  { id: 'rod-for-a-plate', choice: 'rod', when: plate, rod: rod('medium-heavy', 'medium-heavy', [7, 0], [7, 4]) },
  {
    id: 'rod-fast-tip-with-light-line',
    choice: 'rod',
    when: blades,
    school: 'spinner-rod:fast-tip',
    rod: rod('medium', 'medium-heavy', [6, 10], [7, 2]),
  },
  {
    id: 'rod-stiff-in-grass',
    choice: 'rod',
    when: all(blades, onWater(weed)),
    rod: rod('medium-heavy', 'medium-heavy', [6, 10], [7, 2]),
  },
  {
    id: 'rod-softer-in-wood',
    choice: 'rod',
    when: all(blades, onWater(wood)),
    rod: rod('medium', 'medium-heavy', [7, 2], [7, 6]),
  },
  { id: 'rod-fast-tip-in-the-open', choice: 'rod', when: blades, rod: rod('medium', 'medium-heavy', [6, 10], [7, 2]) },
  {
    id: 'rod-for-a-casting-jig',
    choice: 'rod',
    when: always,
    rod: rod('medium-heavy', 'medium-heavy', [7, 0], [7, 4]),
  },

  {
    id: 'reel-slow-for-big-blades',
    choice: 'reel',
    when: all(blades, any(onWater(colderThan(55)), largeRoundBlade)),
  },
  { id: 'reel-middling-in-spring', choice: 'reel', when: all(blades, onWater(spring)) },
  { id: 'reel-quick-for-blades', choice: 'reel', when: blades },
  { id: 'reel-for-a-burned-plate', choice: 'reel', when: plate },
  { id: 'reel-any-for-a-jig', choice: 'reel', when: always },
] as const satisfies readonly HandlingRule[];
