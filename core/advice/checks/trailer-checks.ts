import { onsetOfMps } from '../../motion/kick';
import { pinnedAboveMps } from '../../motion/skirt-motion';
import { FREE_GAP_MM, hookPoint } from '../../hold/hook-point';
import { slidShare } from '../../hold/keeper';
import { steadyFall } from '../../motion/fall';
import { MATCH, tailReachM } from '../../motion/tail';
import { exitFromNoseMm } from '../../rig/body/body';
import { MIN_TRAILER_LEFT_MM, PART_LIMITS, type Rig } from '../../rig/parts/schema';
import { isRoundBody } from '../../rig/body/trailer-body';
import { fibreGuard } from '../../rig/parts/catalogue';
import { HOOKS } from '../../tackle/hooks';
import { TRAILERS } from '../../tackle/trailers';
import { lengthMFromIn, mmFromLengthM } from '../../units/units';
import { workSpeedMps } from '../measures/working-speed';
import {
  adviseIf,
  advises,
  checkedOf,
  doesNotApply,
  holds,
  withSkirt,
  withTrailer,
  type Checked,
  type Cured,
  type RigCheck,
} from './check';
import { mistakeCheck } from './mistake-check';

/** The least that must stick out behind the skirt for a tail to be seen and to move, mm. @source adr-0006 */
export const TAIL_BEYOND_SKIRT_MM = 10;
/** Shortest skirt that scissors leave, beyond what its collar holds, mm. @source craft-practice */
const SHORTEST_SKIRT_MM = PART_LIMITS.skirtMm.min + 8;
/** A core as long as this share of the trailer is an accent. @source craft-practice */
const CORE_SHARE = 0.3;

const swims = ({ rig }: Checked): boolean => rig.family === 'skirted' && rig.head.style === 'swim';
const sizesMm = (kind: NonNullable<Rig['trailer']>['kind']): number[] =>
  TRAILERS[kind].sizesIn.map((size) => mmFromLengthM(lengthMFromIn(size)));

/** The first length of a kind, from short or from long, with which a fault is gone. */
function lengthThatCures(checked: Checked, check: Pick<RigCheck, 'judge'>, longer: boolean): Cured | null {
  const { trailer } = checked.rig;
  if (!trailer) return null;
  const left = trailer.cutNoseMm + trailer.cutTailMm + MIN_TRAILER_LEFT_MM;
  const tried = sizesMm(trailer.kind)
    .filter((mm) => (longer ? mm > trailer.lengthMm : mm < trailer.lengthMm) && mm >= left)
    .sort((a, b) => (longer ? a - b : b - a));
  for (const lengthMm of tried) {
    const cured = withTrailer(checked.rig, { lengthMm });
    if ('rig' in cured && check.judge(again(checked, cured.rig)).verdict === 'holds') return cured;
  }
  return null;
}

const again = ({ water, plan, tempC }: Checked, rig: Rig): Checked => checkedOf(rig, { water, plan, tempC });

const fallMps = ({ body, medium }: Checked): number => steadyFall(body, medium).speedMps;

/** Turning a round body on edge changes nothing: said, not refused. */
const edgeOnRoundBody: RigCheck = {
  id: 'edge-on-round-body',
  judge: ({ rig: { trailer } }) =>
    trailer ? adviseIf(trailer.orientation === 'edge' && isRoundBody(trailer.kind)) : doesNotApply,
  cure: ({ rig }) => withTrailer(rig, { orientation: 'flat' }),
};

/** A trailer that was cut past the bend, or shoved back by a core, has no place for the hook to come out. */
const endsBeforeTheBend: RigCheck = {
  id: 'ends-before-the-bend',
  judge({ rig, body }) {
    if (!rig.trailer || !body.trailer || rig.trailer.hang === 'hung') return doesNotApply;
    const shortMm = exitFromNoseMm(rig) - mmFromLengthM(body.trailer.lengthM);
    return adviseIf(shortMm >= 0, { shortMm });
  },
  cure(checked) {
    const { rig } = checked;
    const { cutNoseMm, cutTailMm } = rig.trailer!;
    const shortMm = Math.ceil(exitFromNoseMm(rig) - mmFromLengthM(checked.body.trailer!.lengthM) + LEFT_BEHIND_MM);
    if (cutNoseMm + cutTailMm >= shortMm) {
      const fromTail = Math.min(cutTailMm, shortMm);
      return withTrailer(rig, { cutTailMm: cutTailMm - fromTail, cutNoseMm: cutNoseMm - (shortMm - fromTail) });
    }
    return lengthThatCures(checked, this, true);
  },
};
/** Plastic behind the exit that a cure leaves, mm. @source adr-0014 */
const LEFT_BEHIND_MM = 4;

/** A skirt that reaches past a short trailer hides it and smothers its motion. */
const skirtHidesTail: RigCheck = {
  id: 'skirt-hides-tail',
  judge({ rig: { skirt, trailer, head, core }, body }) {
    if (!skirt || !trailer || !body.trailer) return doesNotApply;
    const startMm = trailer.hang === 'hung' ? HOOKS[head.hook.size].reachMm : -(trailer.pushMm ?? 0);
    const skirtMm = skirt.trim === 'under' ? (skirt.fullMm ?? skirt.lengthMm) : skirt.lengthMm;
    const beyondMm = startMm + (core?.lengthMm ?? 0) + mmFromLengthM(body.trailer.lengthM) - skirtMm;
    return beyondMm < TAIL_BEYOND_SKIRT_MM ? advises({ beyondMm, shortenMm: TAIL_BEYOND_SKIRT_MM - beyondMm }) : holds;
  },
  cure(checked) {
    const verdict = this.judge(checked);
    if (verdict.verdict !== 'advises') return null;
    const lengthMm = checked.rig.skirt!.lengthMm - verdict.data['shortenMm']!;
    if (lengthMm >= SHORTEST_SKIRT_MM) return withSkirt(checked.rig, { lengthMm, trim: 'all' });
    return lengthThatCures(checked, this, true);
  },
};

/** Without a guard the point wants to be buried, and buried plastic wants a screw to hold it. */
const barePointInPlastic: RigCheck = {
  id: 'bare-point-in-plastic',
  judge({ rig: { family, guard, keeper, trailer } }) {
    // blades and plates go before their hooks: those carry no guard
    if (guard || family !== 'skirted') return holds;
    return adviseIf(!(trailer && keeper === 'screw'));
  },
  cure: ({ rig }) => ({ rig: { ...rig, guard: fibreGuard(rig.head.finesse ? 10 : 18) } }),
};

/** A bright core should be an accent in front of the trailer, never longer than what is left of it. */
const coreLongerThanBody: RigCheck = {
  id: 'core-longer-than-body',
  judge({ rig: { core }, body }) {
    if (!core || !body.trailer) return doesNotApply;
    const bodyMm = mmFromLengthM(body.trailer.lengthM);
    return adviseIf(core.lengthMm > bodyMm, { coreMm: core.lengthMm, bodyMm });
  },
  cure: ({ rig, body }) => ({
    rig: {
      ...rig,
      core: { ...rig.core!, lengthMm: Math.max(2, Math.round(CORE_SHARE * mmFromLengthM(body.trailer!.lengthM))) },
    },
  }),
};

/** Plastic that fills the gap keeps the point from the fish. */
const pointStaysInPlastic: RigCheck = {
  id: 'point-stays-in-plastic',
  judge(checked) {
    const { rig, body, medium } = checked;
    if (!rig.trailer || !body.trailer) return doesNotApply;
    // buried on purpose: the plastic slides up the shank when a fish closes on it
    if (!rig.guard && rig.keeper === 'screw' && rig.family === 'skirted') return holds;
    const slid = slidShare(rig, body, medium, workSpeedMps(rig, fallMps(checked)));
    const { freeGapMm, exitMm } = hookPoint(rig, body, slid);
    return exitMm === null ? holds : adviseIf(freeGapMm < FREE_GAP_MM, { freeGapMm });
  },
  cure(checked) {
    const { rig } = checked;
    for (const part of [{ slit: true }, { orientation: 'flat' as const, slit: true }]) {
      const cured = withTrailer(rig, part);
      if ('rig' in cured && this.judge(again(checked, cured.rig)).verdict === 'holds') return cured;
    }
    return lengthThatCures(checked, this, false);
  },
};

/** A skirt that ends this close behind the hook is cut to suit a short tail, mm. @source craft-practice */
const SUITS_WITHIN_MM = 8;
const isCutShort = ({ skirt, head }: Rig): boolean =>
  !skirt || (skirt.trim === 'all' && skirt.lengthMm <= HOOKS[head.hook.size].reachMm + SUITS_WITHIN_MM);
/** The least match that a short skirt makes up for: 3 1/4 in behind 3/8 oz. @source adr-0010 */
const HELPED_FROM = 290 / MATCH.middle;

/** A head that its tail cannot move does nothing. */
const tailTooSmall: RigCheck = {
  id: 'tail-too-small',
  judge(checked) {
    if (!swims(checked) || checked.match.index === null) return doesNotApply;
    const { verdict, index } = checked.match;
    // under a skirt cut back to the hook a tail one size small still shows what it does
    const helped = isCutShort(checked.rig) && index >= HELPED_FROM;
    return adviseIf(!helped && (verdict === 'dead' || verdict === 'weak'), { index });
  },
  cure(checked) {
    const longer = lengthThatCures(checked, this, true);
    if (longer || !checked.rig.skirt) return longer;
    return checked.match.verdict === 'weak'
      ? withSkirt(checked.rig, { trim: 'all', lengthMm: Math.min(checked.rig.skirt.lengthMm, 30) })
      : null;
  },
};

/** A tail that throws its head about is no longer a wobble. */
const tailTooStrong: RigCheck = {
  id: 'tail-too-strong',
  judge: (checked) =>
    swims(checked) && checked.match.index !== null
      ? adviseIf(checked.match.verdict === 'overpowering', { index: checked.match.index })
      : doesNotApply,
  cure(checked) {
    return lengthThatCures(checked, this, false);
  },
};

/** A wide kick slaps a long skirt flat: the jig looks like a plain swimbait. */
const skirtIsPinned: RigCheck = {
  id: 'skirt-is-pinned',
  judge(checked) {
    const { rig, body, medium } = checked;
    if (!swims(checked) || !body.skirt || !body.trailer || !rig.trailer) return doesNotApply;
    const reachM = tailReachM(rig.trailer.kind, body.trailer);
    const above = pinnedAboveMps(body.skirt, reachM, body.trailer.lengthM, medium.densityKgM3);
    const speedMps = workSpeedMps(rig, fallMps(checked));
    return above === null ? holds : adviseIf(above < speedMps, { pinnedMps: above, speedMps });
  },
  cure(checked) {
    const { rig } = checked;
    for (let lengthMm = rig.skirt!.lengthMm - 5; lengthMm >= SHORTEST_SKIRT_MM; lengthMm -= 5) {
      const cured = withSkirt(rig, { lengthMm, trim: 'all' });
      if ('rig' in cured && this.judge(again(checked, cured.rig)).verdict === 'holds') return cured;
    }
    return withTrailer(rig, { kind: 'rolling-paddle-tail', lengthMm: Math.max(...sizesMm('rolling-paddle-tail')) });
  },
};

/** A tail that mainly rolls is overpowered by a middling head. */
const rollingTailOverpowered = mistakeCheck('rolling-tail-overpowered', ({ rig }) =>
  withTrailer(rig, { kind: 'paddle-tail' }),
);

/** Plastic that is stiff at this temperature is dead at the speed at which it works. */
const plasticTooStiff: RigCheck = {
  id: 'plastic-too-stiff',
  judge(checked) {
    const onsetMps = onsetOfMps(checked.rig.trailer, checked.tempC);
    if (onsetMps === null) return doesNotApply;
    const speedMps = workSpeedMps(checked.rig, fallMps(checked));
    return adviseIf(onsetMps > speedMps, { onsetMps, speedMps });
  },
  cure(checked) {
    const soft = withTrailer(checked.rig, { softness: 'soft' });
    if ('rig' in soft && this.judge(again(checked, soft.rig)).verdict === 'holds') return soft;
    const still = checked.rig.family === 'skirted' ? 'flat-bug' : 'straight-minnow';
    return withTrailer(checked.rig, { kind: still, softness: 'soft' });
  },
};

/** So small a body no longer catches like a jig. @source craft-practice */
const WORM_BELOW_MM = mmFromLengthM(lengthMFromIn(3));
const wormRatherThanJig: RigCheck = {
  id: 'worm-rather-than-jig',
  judge({ rig: { family, head, trailer } }) {
    if (family !== 'skirted' || !head.finesse || !trailer) return doesNotApply;
    const slight = ['single-tail-grub', 'finesse-worm'].includes(trailer.kind);
    return adviseIf(slight && trailer.lengthMm < WORM_BELOW_MM);
  },
  cure: ({ rig }) => withTrailer(rig, { lengthMm: mmFromLengthM(lengthMFromIn(3.25)) }),
};

export const TRAILER_CHECKS: readonly RigCheck[] = [
  edgeOnRoundBody,
  endsBeforeTheBend,
  skirtHidesTail,
  barePointInPlastic,
  coreLongerThanBody,
  pointStaysInPlastic,
  tailTooSmall,
  tailTooStrong,
  skirtIsPinned,
  rollingTailOverpowered,
  plasticTooStiff,
  wormRatherThanJig,
];

export { again, lengthThatCures };
