import { trailersWith } from '../../tackle/trailers';
import { all, any, not } from '../conditions/condition';
import {
  clearTo,
  coverAtLeast,
  coverAtMost,
  inCover,
  mood,
  murkierThan,
  onBottom,
  species,
  wantedHigh,
  weed,
  wood,
} from '../conditions/of-water';
import {
  armsOpen,
  blades,
  fast,
  fibresFrom,
  guardOf,
  has,
  head,
  hungByItsEnd,
  openWater,
  plate,
  plateOf,
  platesAndBlades,
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

/** Scissors, guard and trailer hook. @source craft-practice */
export const FITTING_RULES = [
  {
    id: 'cut-four-ribs-off-the-bug',
    choice: 'cut',
    when: all(trailer('flat-bug'), not(head('swim')), not(platesAndBlades)),
    edits: craft.fourRibsAndSplit,
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
    when: all(head('swim'), trailer(...trailersWith('boot')), trailerFrom(3.1)),
    edits: craft.theNub,
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
    id: 'treble-for-smallmouth-in-the-open',
    choice: 'trailer-hook',
    when: all(blades, openWater, onWater(species('smallmouth')), trailerHookAllowedHere('treble')),
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
] as const satisfies readonly HandlingRule[];
