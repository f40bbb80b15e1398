import { hunting } from '../../motion/vanes';
import { DEFAULT_ARMS, uncutTrailer, type Rig } from '../../rig/parts/schema';
import { HOOK_SIZES } from '../../tackle/hooks';
import { trailerHookAllowed } from '../../water/schema';
import { lengthMFromIn, mmFromLengthM } from '../../units/units';
import {
  adviseIf,
  doesNotApply,
  onWater,
  withoutTrailer,
  withTrailer,
  type Checked,
  type Cured,
  type RigCheck,
} from './check';
import { mistakeCheck } from './mistake-check';
import { again, lengthThatCures } from './trailer-checks';

/** Visibility under which a lure must be held in place to be hit, m. @source craft-practice */
const NO_SIGHT_M = lengthMFromIn(6);
/** Hunting above which fish in mud miss it. @source craft-practice */
const TOO_LIVELY = 0.6;
/** Misalignment that shows as a lean, degrees; upper arms that flip over wood, mm. @source craft-practice */
const TWIST_DEG = 3;
const LONG_ARM_MM = 65;
const SHORT_ARM_MM = 50;
/** Largest round blade that still passes weed. @source craft-practice */
const ROUND_IN_WEED = 4;
/** Largest trailer hook that does not get in the way. @source craft-practice */
const SECOND_HOOK = { single: '1/0', treble: '2/0' } as const;

/** Plastic put on where there was none. */
const PLAIN_PLASTIC = { softness: 'medium', colour: 'green pumpkin' } as const;
const CRAW_MM = mmFromLengthM(lengthMFromIn(4));
const STICK_MM = mmFromLengthM(lengthMFromIn(5));

const plated = ({ rig }: Checked): boolean => rig.family === 'vibrating';
const bladed = ({ rig }: Checked): boolean => rig.family === 'spinner';
const withArms = (rig: Rig, part: Partial<NonNullable<Rig['arms']>>): Cured => ({
  rig: { ...rig, arms: { ...(rig.arms ?? DEFAULT_ARMS), ...part } },
});

const plateRunsWild: RigCheck = {
  id: 'plate-runs-wild',
  judge: ({ body, medium }) => {
    const darts = hunting(body, medium);
    return darts ? adviseIf(darts.wild) : doesNotApply;
  },
  cure(checked) {
    const { rig } = checked;
    if (rig.trailer) {
      const longer = lengthThatCures(checked, this, true);
      if (longer) return longer;
    }
    const look = rig.trailer ?? PLAIN_PLASTIC;
    const trailer = uncutTrailer({
      kind: 'stick-worm',
      lengthMm: STICK_MM,
      softness: look.softness,
      colour: look.colour,
    });
    const cured = { rig: { ...rig, trailer } };
    return this.judge(again(checked, cured.rig)).verdict === 'holds' ? cured : null;
  },
};

const armOutOfLine: RigCheck = {
  id: 'arm-out-of-line',
  judge: ({ rig }) =>
    rig.family === 'spinner' && rig.arms
      ? adviseIf(Math.abs(rig.arms.twistDeg) >= TWIST_DEG, { twistDeg: rig.arms.twistDeg })
      : doesNotApply,
  cure: ({ rig }) => withArms(rig, { twistDeg: 0 }),
};

const bulkBehindBlades = mistakeCheck('bulk-behind-blades', ({ rig }) => withoutTrailer(rig));

const ribbedTailUpright: RigCheck = {
  id: 'ribbed-tail-upright',
  judge: ({ rig: { blade, trailer } }) =>
    blade?.size === 'subtle' && trailer?.kind === 'ribbed-paddle-tail'
      ? adviseIf(trailer.orientation !== 'inverted')
      : doesNotApply,
  cure: ({ rig }) => withTrailer(rig, { orientation: 'inverted' }),
};

const secondHookTooLarge: RigCheck = {
  id: 'second-hook-too-large',
  judge({ rig: { trailerHook } }) {
    if (!trailerHook) return doesNotApply;
    return adviseIf(HOOK_SIZES.indexOf(trailerHook.size) > HOOK_SIZES.indexOf(SECOND_HOOK[trailerHook.kind]));
  },
  cure: ({ rig }) => ({
    rig: { ...rig, trailerHook: { ...rig.trailerHook!, size: SECOND_HOOK[rig.trailerHook!.kind] } },
  }),
};

/** Checks of plates, blades, arms and trailer hooks. @source craft-practice */
export const PLATE_AND_BLADE_CHECKS: readonly RigCheck[] = [
  plateRunsWild,
  ribbedTailUpright,
  bulkBehindBlades,
  armOutOfLine,
  secondHookTooLarge,
  mistakeCheck('legs-behind-a-plate', ({ rig }) => withTrailer(rig, { kind: 'straight-minnow', orientation: 'flat' })),
  onWater(
    'plate-wild-in-mud',
    plated,
    (w, { body, medium }) => w.water.visibilityM < NO_SIGHT_M && (hunting(body, medium)?.share ?? 0) > TOO_LIVELY,
    ({ rig }) =>
      rig.trailer
        ? withTrailer(rig, { kind: 'flapper-craw', orientation: 'flat' })
        : { rig: { ...rig, trailer: uncutTrailer({ kind: 'flapper-craw', lengthMm: CRAW_MM, ...PLAIN_PLASTIC }) } },
  ),
  mistakeCheck('link-gathers-weed', ({ rig }) => ({ rig: { ...rig, blade: { ...rig.blade!, link: 'direct' } } })),
  mistakeCheck('one-tail-on-stems', ({ rig }) => withTrailer(rig, { kind: 'kick-bug', orientation: 'flat' })),
  mistakeCheck('tail-lifts-blades-over-weed', ({ rig }) => withoutTrailer(rig)),
  onWater(
    'large-round-blade-in-weed',
    bladed,
    (w, { rig }) =>
      w.grass && (rig.blades ?? []).some(({ shape, size }) => shape === 'colorado' && size > ROUND_IN_WEED),
    ({ rig }) => ({
      rig: {
        ...rig,
        blades: rig.blades!.map((blade) =>
          blade.shape === 'colorado' ? { ...blade, size: Math.min(blade.size, ROUND_IN_WEED) } : blade,
        ),
      },
    }),
  ),
  onWater(
    'long-arm-over-wood',
    bladed,
    (w, { rig }) => w.wood && (rig.arms ?? DEFAULT_ARMS).upperMm >= LONG_ARM_MM,
    ({ rig }) => withArms(rig, { upperMm: SHORT_ARM_MM }),
  ),
  onWater(
    'wide-arms-in-weed',
    bladed,
    (w, { rig }) => w.grass && w.density >= 2 && !(rig.arms ?? DEFAULT_ARMS).squeezed,
    ({ rig }) => withArms(rig, { squeezed: true }),
  ),
  onWater(
    'second-hook-down-near-cover',
    ({ rig }) => !!rig.trailerHook && rig.trailerHook.kind === 'single',
    (w, { rig }) => w.inCover && rig.trailerHook!.point === 'down',
    ({ rig }) => ({ rig: { ...rig, trailerHook: { ...rig.trailerHook!, point: 'up' } } }),
  ),
  onWater(
    'treble-near-cover',
    ({ rig }) => rig.trailerHook?.kind === 'treble',
    (w) => w.inCover,
    ({ rig }) => ({ rig: { ...rig, trailerHook: { kind: 'single', point: 'up', size: SECOND_HOOK.single } } }),
  ),
  onWater(
    'not-allowed-here',
    () => true,
    (w, { rig }) =>
      w.water.localRules?.hooksPerLine === 0 ||
      (w.water.localRules?.lead === false && rig.head.metal === 'lead') ||
      (!!rig.trailerHook && !trailerHookAllowed(w.water.localRules, rig.trailerHook.kind)),
    ({ rig, water }) => {
      const rules = water?.localRules;
      if (rules?.hooksPerLine === 0) return null;
      const { trailerHook, ...rest } = rig;
      const keeps = !!trailerHook && trailerHookAllowed(rules, trailerHook.kind);
      return {
        rig: {
          ...rest,
          ...(keeps ? { trailerHook } : { trailerHook: null }),
          head: rules?.lead === false && rig.head.metal === 'lead' ? { ...rig.head, metal: 'tungsten' } : rig.head,
        },
      };
    },
    // only what was entered, and only what this rig carries of it, is named
    ({ rig, water }) => {
      const rules = water?.localRules;
      const hook = rig.trailerHook;
      const isHookOut = !!hook && !trailerHookAllowed(rules, hook.kind);
      return {
        hooks: rules?.hooksPerLine === 0 ? 1 : 0,
        lead: rules?.lead === false && rig.head.metal === 'lead' ? 1 : 0,
        treble: isHookOut && hook.kind === 'treble' ? 1 : 0,
        trailerHook: isHookOut && hook.kind === 'single' ? 1 : 0,
      };
    },
  ),
];
