import { trailersWith } from '../../tackle/trailers';
import { all, always, any, not } from '../conditions/condition';
import {
  clearTo,
  colderThan,
  coverAtLeast,
  coverAtMost,
  inCover,
  mood,
  murkierThan,
  onBottom,
  spring,
  wantedHigh,
  weed,
  wood,
} from '../conditions/of-water';
import {
  armsOpen,
  blades,
  burned,
  fast,
  fibresFrom,
  finesse,
  guardOf,
  has,
  head,
  hungByItsEnd,
  largeRoundBlade,
  lightHead,
  openWater,
  plate,
  plateOf,
  platesAndBlades,
  stoutWire,
  strandsFrom,
  tailMatch,
  tailWorks,
  trailer,
  trailerFrom,
  trailerHookAllowedHere,
  trailerUpTo,
  veryFast,
} from './of-rig';
import { onWater } from '../conditions/on-water';
import { lengthMFromFt, lengthMFromIn } from '../../units/units';
import * as craft from './craft-cuts';
import type { HandlingRule } from './handling-rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const smallHook = { kind: 'single', point: 'up', size: '1/0' } as const;

/** Scissors, guard, trailer hook, and the tackle a rig goes on. @source craft-practice */
export const FITTING_RULES = [
  {
    id: 'cut-four-ribs-off-the-bug',
    choice: 'cut',
    when: all(trailer('flat-bug'), not(head('swim')), not(platesAndBlades)),
    edits: craft.fourRibs,
  },
  {
    id: 'cut-four-ribs-keep-the-legs',
    choice: 'cut',
    when: all(trailer('kick-bug'), head('flipping')),
    edits: craft.fourRibs,
  },
  {
    id: 'cut-an-inch-off-the-craw',
    choice: 'cut',
    when: all(head('flipping'), trailer('flapper-craw', 'curl-craw'), trailerFrom(3.5)),
    edits: craft.anInchOffTheNose,
  },
  {
    id: 'skirt-just-behind-the-hook',
    choice: 'cut',
    when: all(head('flipping'), trailer('flapper-craw', 'curl-craw', 'chunk', 'kick-chunk')),
    edits: craft.skirtBehindHook,
  },
  {
    id: 'thin-the-skirt-from-below',
    choice: 'cut',
    when: all(head('swim'), onWater(clearTo(feet(2))), strandsFrom(40)),
    edits: craft.thinned,
  },
  { id: 'leave-the-skirt-full', choice: 'cut', when: all(head('swim'), onWater(murkierThan(inches(18)))) },
  {
    id: 'skirt-short-for-a-short-tail',
    choice: 'cut',
    when: all(head('swim'), tailWorks, any(tailMatch('weak'), tailMatch('dead'), trailerUpTo(3.4))),
    edits: craft.skirtBehindHook,
  },
  {
    id: 'tear-the-swim-worm-in-half',
    choice: 'cut',
    when: all(trailer('swim-worm'), trailerFrom(5)),
    edits: craft.halfOff,
  },
  {
    id: 'slit-the-belly',
    choice: 'cut',
    when: all(trailer(...trailersWith('boot')), trailerFrom(4.7)),
    edits: () => [['slit', 'yes']],
  },
  {
    id: 'nose-flush-with-the-head',
    choice: 'cut',
    when: trailer(...trailersWith('wags'), ...trailersWith('straight')),
  },
  {
    id: 'claws-a-little-shorter-to-creep',
    choice: 'cut',
    when: all(head('swim'), onWater(onBottom), trailer('flapper-craw', 'curl-craw', 'single-tail-grub')),
    edits: craft.aLittleOffTheTail,
  },
  {
    id: 'core-ahead-of-the-chunk',
    choice: 'cut',
    when: all(has('core'), trailer(...trailersWith('chunk'))),
  },
  {
    id: 'core-replaces-the-middle',
    choice: 'cut',
    when: all(has('core'), not(trailer(...trailersWith('chunk')))),
  },
  { id: 'hook-the-chunk-once', choice: 'cut', when: hungByItsEnd },
  {
    id: 'cut-down-behind-a-small-plate',
    choice: 'cut',
    when: all(plateOf('compact'), has('trailer'), trailerFrom(3.5)),
    edits: craft.downToASmallPlate,
  },
  {
    id: 'full-length-behind-a-large-plate',
    choice: 'cut',
    when: all(plateOf('oversize'), has('trailer')),
  },
  {
    id: 'rattle-in-the-body',
    choice: 'cut',
    when: all(plate, has('trailer'), onWater(mood('inactive'))),
  },
  {
    id: 'blade-skirt-to-trailer-length',
    choice: 'cut',
    when: all(blades, has('trailer'), has('skirt')),
    edits: craft.skirtToTrailer,
  },
  {
    id: 'push-hard-over-the-keepers',
    choice: 'cut',
    when: all(blades, has('trailer')),
    edits: craft.pushedHard,
  },
  {
    id: 'press-the-arms-together',
    choice: 'cut',
    when: all(blades, onWater(weed), armsOpen),
    edits: () => [['squeeze', 'yes']],
  },
  { id: 'line-up-arm-and-hook', choice: 'cut', when: blades },

  {
    id: 'guard-on-a-slant',
    choice: 'guard',
    when: all(head('swim'), guardOf('fibre'), onWater(coverAtMost('medium'))),
    edits: () => [['guard-bevel', 'yes']],
  },
  {
    id: 'guard-in-two-wings',
    choice: 'guard',
    when: all(guardOf('fibre'), onWater(wood), onWater(coverAtLeast('thick')), not(platesAndBlades)),
    edits: () => [['guard-spread', 'wings']],
  },
  {
    id: 'guard-just-past-the-barb',
    choice: 'guard',
    when: all(guardOf('fibre'), not(platesAndBlades)),
    edits: craft.guardPastTheBarb,
  },
  {
    id: 'guard-fewer-fibres-in-the-open',
    choice: 'guard',
    when: all(head('football'), fibresFrom(16), onWater(all(not(wood), not(weed), coverAtMost('medium')))),
    edits: craft.fewerFibres,
  },
  {
    id: 'guard-fan-before-thinning',
    choice: 'guard',
    when: all(fibresFrom(20), not(platesAndBlades)),
    edits: craft.fannedUnlessInWings,
  },

  {
    id: 'second-hook-not-allowed-here',
    choice: 'trailer-hook',
    when: all(platesAndBlades, not(trailerHookAllowedHere('single'))),
  },
  {
    id: 'no-second-hook-until-fish-are-lost',
    choice: 'trailer-hook',
    when: platesAndBlades,
    school: 'trailer-hook:off-until-losing',
  },
  {
    id: 'another-lure-for-short-strikes',
    choice: 'trailer-hook',
    when: platesAndBlades,
    school: 'trailer-hook:change-lure',
  },
  {
    id: 'no-second-hook-rolled-slowly',
    choice: 'trailer-hook',
    when: all(platesAndBlades, not(fast)),
    school: 'trailer-hook:on-when-fast',
  },
  {
    id: 'treble-for-a-wake',
    choice: 'trailer-hook',
    when: all(platesAndBlades, veryFast, onWater(wantedHigh), onWater(not(inCover)), trailerHookAllowedHere('treble')),
    school: 'trailer-hook:on-when-fast',
    hook: { kind: 'treble', point: 'down', size: '2/0' },
  },
  {
    id: 'second-hook-point-down-for-risers',
    choice: 'trailer-hook',
    when: all(platesAndBlades, openWater, onWater(wantedHigh)),
    school: 'trailer-hook:on-when-fast',
    hook: { ...smallHook, point: 'down' },
  },
  {
    id: 'second-hook-small-stiff-point-up',
    choice: 'trailer-hook',
    when: platesAndBlades,
    school: 'trailer-hook:on-when-fast',
    hook: smallHook,
  },

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

  { id: 'rod-flipping-stick', choice: 'rod', when: any(head('flipping'), head('bullet')) },
  { id: 'rod-light-for-small-football', choice: 'rod', when: all(head('football'), finesse) },
  { id: 'rod-deep-loading-for-football', choice: 'rod', when: head('football') },
  { id: 'rod-medium-for-finesse', choice: 'rod', when: all(finesse, not(platesAndBlades)) },
  { id: 'rod-strong-for-stout-swim', choice: 'rod', when: all(head('swim'), stoutWire) },
  { id: 'rod-tippy-for-fine-swim', choice: 'rod', when: head('swim') },
  { id: 'rod-for-a-plate', choice: 'rod', when: plate },
  { id: 'rod-fast-tip-with-light-line', choice: 'rod', when: blades, school: 'spinner-rod:fast-tip' },
  { id: 'rod-stiff-in-grass', choice: 'rod', when: all(blades, onWater(weed)) },
  { id: 'rod-softer-in-wood', choice: 'rod', when: all(blades, onWater(wood)) },
  { id: 'rod-fast-tip-in-the-open', choice: 'rod', when: blades },
  { id: 'rod-for-a-casting-jig', choice: 'rod', when: always },

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
