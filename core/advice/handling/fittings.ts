import { inFromLengthM, lengthMFromFt, lengthMFromIn, lengthMFromMm } from '../../units/units';
import { trailerHookAllowed } from '../../water/schema';
import { STOUT_WIRES, type HandlingRule, type Held } from './handling-rule';

const feet = lengthMFromFt;
const inches = lengthMFromIn;

const kind = ({ rig }: Held): string => rig.trailer?.kind ?? 'none';
const style = ({ rig }: Held): string => (rig.family === 'skirted' ? rig.head.style : rig.family);
const lengthIn = ({ rig }: Held): number => (rig.trailer ? inFromLengthM(lengthMFromMm(rig.trailer.lengthMm)) : 0);
const blades = ({ rig }: Held): boolean => rig.family === 'spinner';
const plate = ({ rig }: Held): boolean => rig.family === 'vibrating';
const stout = ({ rig }: Held): boolean => STOUT_WIRES.has(rig.head.hook.wire);
const smallHook = { kind: 'single', point: 'up', size: '1/0' } as const;

/** A pace from which a trailer hook may pay, and from which three points do, m/s. @source craft-practice */
const FAST_MPS = 0.75;
const WAKE_MPS = 1.3;
const fast = ({ paceMps }: Held): boolean => (paceMps ?? 0) >= FAST_MPS;
const openWater = ({ w }: Held): boolean => !w.inCover && w.depthM >= feet(5) && w.seenM >= feet(2);
const moving = (held: Held): boolean => blades(held) || plate(held);

/** Scissors, guard, trailer hook, and the tackle a rig goes on. @source craft-practice */
export const FITTING_RULES = [
  {
    id: 'cut-four-ribs-off-the-bug',
    choice: 'cut',
    when: (h) => kind(h) === 'flat-bug' && style(h) !== 'swim' && !moving(h),
  },
  { id: 'cut-four-ribs-keep-the-legs', choice: 'cut', when: (h) => kind(h) === 'kick-bug' && style(h) === 'flipping' },
  {
    id: 'cut-an-inch-off-the-craw',
    choice: 'cut',
    when: (h) => style(h) === 'flipping' && ['flapper-craw', 'curl-craw'].includes(kind(h)) && lengthIn(h) >= 3.5,
  },
  {
    id: 'skirt-just-behind-the-hook',
    choice: 'cut',
    when: (h) => style(h) === 'flipping' && ['flapper-craw', 'curl-craw', 'chunk', 'kick-chunk'].includes(kind(h)),
  },
  {
    id: 'thin-the-skirt-from-below',
    choice: 'cut',
    when: (h) => style(h) === 'swim' && h.w.seenM >= feet(2) && (h.rig.skirt?.strands ?? 0) >= 40,
  },
  { id: 'leave-the-skirt-full', choice: 'cut', when: (h) => style(h) === 'swim' && h.w.seenM < inches(18) },
  {
    id: 'skirt-short-for-a-short-tail',
    choice: 'cut',
    when: (h) =>
      style(h) === 'swim' &&
      h.match !== 'not-applicable' &&
      (h.match === 'weak' || h.match === 'dead' || lengthIn(h) <= 3.4),
  },
  { id: 'tear-the-swim-worm-in-half', choice: 'cut', when: (h) => kind(h) === 'swim-worm' && lengthIn(h) >= 5 },
  {
    id: 'slit-the-belly',
    choice: 'cut',
    when: (h) => ['paddle-tail', 'ribbed-paddle-tail'].includes(kind(h)) && lengthIn(h) >= 4.7,
  },
  {
    id: 'nose-flush-with-the-head',
    choice: 'cut',
    when: (h) =>
      [
        'paddle-tail',
        'ribbed-paddle-tail',
        'rolling-paddle-tail',
        'swim-worm',
        'straight-minnow',
        'ribbed-minnow',
      ].includes(kind(h)),
  },
  {
    id: 'claws-a-little-shorter-to-creep',
    choice: 'cut',
    when: (h) =>
      style(h) === 'swim' && h.w.bottom && ['flapper-craw', 'curl-craw', 'single-tail-grub'].includes(kind(h)),
  },
  {
    id: 'core-ahead-of-the-chunk',
    choice: 'cut',
    when: (h) => Boolean(h.rig.core) && ['chunk', 'kick-chunk'].includes(kind(h)),
  },
  {
    id: 'core-replaces-the-middle',
    choice: 'cut',
    when: (h) => Boolean(h.rig.core) && !['chunk', 'kick-chunk'].includes(kind(h)),
  },
  { id: 'hook-the-chunk-once', choice: 'cut', when: (h) => h.rig.trailer?.hang === 'hung' },
  {
    id: 'cut-down-behind-a-small-plate',
    choice: 'cut',
    when: (h) => h.rig.blade?.size === 'compact' && Boolean(h.rig.trailer) && lengthIn(h) >= 3.5,
  },
  {
    id: 'full-length-behind-a-large-plate',
    choice: 'cut',
    when: (h) => h.rig.blade?.size === 'oversize' && Boolean(h.rig.trailer),
  },
  {
    id: 'rattle-in-the-body',
    choice: 'cut',
    when: (h) => plate(h) && Boolean(h.rig.trailer) && h.w.water.mood === 'inactive',
  },
  {
    id: 'blade-skirt-to-trailer-length',
    choice: 'cut',
    when: (h) => blades(h) && Boolean(h.rig.trailer) && Boolean(h.rig.skirt),
  },
  { id: 'push-hard-over-the-keepers', choice: 'cut', when: (h) => blades(h) && Boolean(h.rig.trailer) },
  {
    id: 'press-the-arms-together',
    choice: 'cut',
    when: (h) => blades(h) && h.w.grass && h.rig.arms?.squeezed !== true,
  },
  { id: 'line-up-arm-and-hook', choice: 'cut', when: blades },

  {
    id: 'guard-on-a-slant',
    choice: 'guard',
    when: (h) => style(h) === 'swim' && h.rig.guard?.kind === 'fibre' && h.w.density <= 2,
  },
  {
    id: 'guard-in-two-wings',
    choice: 'guard',
    when: (h) => h.rig.guard?.kind === 'fibre' && h.w.wood && h.w.density === 3 && !moving(h),
  },
  { id: 'guard-just-past-the-barb', choice: 'guard', when: (h) => h.rig.guard?.kind === 'fibre' && !moving(h) },
  {
    id: 'guard-fewer-fibres-in-the-open',
    choice: 'guard',
    when: (h) => style(h) === 'football' && (h.rig.guard?.fibres ?? 0) >= 16 && !h.w.wood && !h.w.grass,
  },
  { id: 'guard-fan-before-thinning', choice: 'guard', when: (h) => (h.rig.guard?.fibres ?? 0) >= 20 && !moving(h) },

  {
    id: 'second-hook-not-allowed-here',
    choice: 'trailer-hook',
    when: (h) => moving(h) && !trailerHookAllowed(h.w.water.localRules, 'single'),
  },
  {
    id: 'no-second-hook-until-fish-are-lost',
    choice: 'trailer-hook',
    when: moving,
    school: 'trailer-hook:off-until-losing',
  },
  { id: 'another-lure-for-short-strikes', choice: 'trailer-hook', when: moving, school: 'trailer-hook:change-lure' },
  {
    id: 'no-second-hook-rolled-slowly',
    choice: 'trailer-hook',
    when: (h) => moving(h) && !fast(h),
    school: 'trailer-hook:on-when-fast',
  },
  {
    id: 'treble-for-a-wake',
    choice: 'trailer-hook',
    when: (h) =>
      moving(h) &&
      (h.paceMps ?? 0) >= WAKE_MPS &&
      h.w.high &&
      !h.w.inCover &&
      trailerHookAllowed(h.w.water.localRules, 'treble'),
    school: 'trailer-hook:on-when-fast',
    hook: { kind: 'treble', point: 'down', size: '2/0' },
  },
  {
    id: 'second-hook-point-down-for-risers',
    choice: 'trailer-hook',
    when: (h) => moving(h) && openWater(h) && h.w.high,
    school: 'trailer-hook:on-when-fast',
    hook: { ...smallHook, point: 'down' },
  },
  {
    id: 'second-hook-small-stiff-point-up',
    choice: 'trailer-hook',
    when: moving,
    school: 'trailer-hook:on-when-fast',
    hook: smallHook,
  },

  {
    id: 'line-braid-to-flip',
    choice: 'line',
    when: (h) => style(h) === 'flipping' && h.w.density === 3,
    line: { kind: 'braid', lb: 65 },
  },
  {
    id: 'line-stout-wire-braid',
    choice: 'line',
    when: (h) => style(h) === 'swim' && stout(h),
    line: { kind: 'braid', lb: 50 },
  },
  {
    id: 'line-swim-in-mud',
    choice: 'line',
    when: (h) => style(h) === 'swim' && h.w.seenM < inches(12),
    line: { kind: 'braid', lb: 50 },
  },
  { id: 'line-light-swim', choice: 'line', when: (h) => style(h) === 'swim', line: { kind: 'fluorocarbon', lb: 15 } },
  {
    id: 'line-tiny-football',
    choice: 'line',
    when: (h) => h.rig.head.finesse && !moving(h) && h.rig.head.weightOz <= 0.2,
    line: { kind: 'fluorocarbon', lb: 6 },
  },
  {
    id: 'line-finesse',
    choice: 'line',
    when: (h) => h.rig.head.finesse && !moving(h),
    line: { kind: 'fluorocarbon', lb: 12 },
  },
  {
    id: 'line-blades-heavy-cover',
    choice: 'line',
    when: (h) => blades(h) && h.w.density === 3,
    line: { kind: 'fluorocarbon', lb: 17 },
  },
  {
    id: 'line-blades-wood',
    choice: 'line',
    when: (h) => blades(h) && h.w.wood,
    line: { kind: 'fluorocarbon', lb: 15 },
  },
  { id: 'line-blades-thin-to-stay-down', choice: 'line', when: blades, line: { kind: 'fluorocarbon', lb: 12 } },
  { id: 'line-not-rod-behind-a-plate', choice: 'line', when: plate, line: { kind: 'fluorocarbon', lb: 17 } },
  { id: 'line-stout-jig', choice: 'line', when: (h) => stout(h), line: { kind: 'braid', lb: 50 } },
  { id: 'line-jig-usual', choice: 'line', when: () => true, line: { kind: 'fluorocarbon', lb: 15 } },

  { id: 'rod-flipping-stick', choice: 'rod', when: (h) => style(h) === 'flipping' || style(h) === 'bullet' },
  { id: 'rod-light-for-small-football', choice: 'rod', when: (h) => style(h) === 'football' && h.rig.head.finesse },
  { id: 'rod-deep-loading-for-football', choice: 'rod', when: (h) => style(h) === 'football' },
  { id: 'rod-medium-for-finesse', choice: 'rod', when: (h) => h.rig.head.finesse && !moving(h) },
  { id: 'rod-strong-for-stout-swim', choice: 'rod', when: (h) => style(h) === 'swim' && stout(h) },
  { id: 'rod-tippy-for-fine-swim', choice: 'rod', when: (h) => style(h) === 'swim' },
  { id: 'rod-for-a-plate', choice: 'rod', when: plate },
  { id: 'rod-fast-tip-with-light-line', choice: 'rod', when: blades, school: 'spinner-rod:fast-tip' },
  { id: 'rod-stiff-in-grass', choice: 'rod', when: (h) => blades(h) && h.w.grass },
  { id: 'rod-softer-in-wood', choice: 'rod', when: (h) => blades(h) && h.w.wood },
  { id: 'rod-fast-tip-in-the-open', choice: 'rod', when: blades },
  { id: 'rod-for-a-casting-jig', choice: 'rod', when: () => true },

  {
    id: 'reel-slow-for-big-blades',
    choice: 'reel',
    when: (h) =>
      blades(h) &&
      (h.w.belowF(55) || (h.rig.blades ?? []).some(({ shape, size }) => shape === 'colorado' && size >= 5)),
  },
  { id: 'reel-middling-in-spring', choice: 'reel', when: (h) => blades(h) && h.w.spring },
  { id: 'reel-quick-for-blades', choice: 'reel', when: blades },
  { id: 'reel-for-a-burned-plate', choice: 'reel', when: plate },
  { id: 'reel-any-for-a-jig', choice: 'reel', when: () => true },
] as const satisfies readonly HandlingRule[];
