import { COLD_PACE, isReeled } from '../measures/working-speed';
import { prepareRetrieve } from '../../hold/retrieve-report';
import { workingWindow } from '../../hold/working-window';
import { keeperSlipMps } from '../../hold/keeper';
import { holdSpeedMps, levelDepthM } from '../../motion/level';
import { fishingSteps, isLift, PLAN_LIMITS, type RetrievePlan } from '../../motion/plan';
import { blowOverMps } from '../../motion/roll';
import { lengthMFromIn } from '../../units/units';
import {
  adviseIf,
  cannotTell,
  checkedOf,
  doesNotApply,
  withTrailer,
  type Checked,
  type Cured,
  type RigCheck,
  type Verdict,
} from './check';

/** Room kept from the end of what a rig can do when a speed is set. @source adr-0006 */
const ROOM = 0.9;
/** Rod tip a swim jig wants at least, and is given, m over the water. @source craft-practice */
const HIGH_TIP_M = { least: 1.5, set: 2.5 } as const;
/** Beats of a shaking hand. @source craft-practice */
const SHAKE_HZ = 3;
/** Weed that ends nearer to the surface than this cannot be passed over, m. @source craft-practice */
const WEED_REACHES_UP_M = lengthMFromIn(6);
/** Speed of a jig that creeps along the bottom, m/s, and height of a stroke under the rod, m. @source craft-practice */
const CREEP_MPS = 0.25;
const STROKE_M = 0.9;
/** A still moment long enough for a jig to lie down, s. @source craft-practice */
const REST_S = 1.5;

type Steps = RetrievePlan['steps'];
type Reeling = Extract<Steps[number], { mPerS: number }>;

const reeling = (steps: Steps): Reeling[] =>
  steps.flatMap((step) => (step.do === 'reel' || step.do === 'shake' ? [step] : []));
const fastestOf = (plan: RetrievePlan): number => Math.max(0, ...reeling(fishingSteps(plan)).map(({ mPerS }) => mPerS));
const clamped = (speedMps: number): number =>
  Math.min(PLAN_LIMITS.reelMps.max, Math.max(PLAN_LIMITS.reelMps.min, speedMps));

/** A plan with no step reeled faster, or slower, than a speed. */
const capped = (plan: RetrievePlan, mostMps: number): Cured => ({
  plan: {
    ...plan,
    steps: plan.steps.map((step) =>
      'mPerS' in step ? { ...step, mPerS: clamped(Math.min(step.mPerS, mostMps)) } : step,
    ),
  },
});
const raised = (plan: RetrievePlan, leastMps: number): Cured => ({
  plan: {
    ...plan,
    steps: plan.steps.map((step) =>
      'mPerS' in step ? { ...step, mPerS: clamped(Math.max(step.mPerS, leastMps)) } : step,
    ),
  },
});

const swims = ({ rig }: Checked): boolean => rig.family === 'skirted' && rig.head.style === 'swim';

/** A check that needs a plan that reels. */
const planned = (
  id: RigCheck['id'],
  applies: (checked: Checked) => boolean,
  judge: (checked: Checked & { readonly plan: RetrievePlan }) => Verdict,
  cure: (checked: Checked & { readonly plan: RetrievePlan }) => Cured | null,
): RigCheck => ({
  id,
  judge(checked) {
    if (!applies(checked)) return doesNotApply;
    const { plan } = checked;
    if (plan === null) return cannotTell;
    return judge({ ...checked, plan });
  },
  cure: (checked) => (checked.plan === null ? null : cure({ ...checked, plan: checked.plan })),
});

const prepared = ({ rig, plan, water }: Checked): ReturnType<typeof prepareRetrieve> =>
  prepareRetrieve(rig, plan!, water);

/** Depth half way back at the fastest reel of a plan, m. */
function midDepthM(checked: Checked): number {
  const { lure, line } = prepared(checked);
  const bottomM = checked.water?.depthM;
  return levelDepthM(lure, line, checked.plan!.castM / 2, fastestOf(checked.plan!), bottomM);
}

const windowOf = (checked: Checked): ReturnType<typeof workingWindow> => {
  const { lure, line } = prepared(checked);
  return workingWindow(checked.rig, lure, line, checked.plan!.castM / 2);
};

const surfaceMps = (checked: Checked): number | null => {
  const { lure, line } = prepared(checked);
  return holdSpeedMps(lure, line, checked.plan!.castM / 2, 0);
};

/** Checks of a rig together with how it is brought back. @source craft-practice */
export const RETRIEVE_CHECKS: readonly RigCheck[] = [
  planned(
    'swim-jig-reeled-straight',
    (c) => swims(c) && c.match.verdict !== 'matched',
    ({ plan }) =>
      adviseIf(
        reeling(plan.steps).length > 0 && plan.steps.every(({ do: does }) => does === 'reel' || does === 'countdown'),
      ),
    ({ plan }) => ({
      plan: {
        ...plan,
        steps: plan.steps.map((step) => (step.do === 'reel' ? { ...step, do: 'shake' as const, hz: SHAKE_HZ } : step)),
      },
    }),
  ),
  planned(
    'rod-too-low',
    (c) => swims(c) && c.facts?.bottom !== true,
    ({ plan }) =>
      adviseIf(plan.tipHeightM < HIGH_TIP_M.least && plan.castM >= HIGH_TIP_M.set + 1, { tipM: plan.tipHeightM }),
    ({ plan }) => ({ plan: { ...plan, tipHeightM: HIGH_TIP_M.set } }),
  ),
  planned(
    'reeled-to-the-top',
    () => true,
    (checked) => {
      const topMps = surfaceMps(checked);
      const speedMps = fastestOf(checked.plan);
      return topMps === null ? doesNotApply : adviseIf(speedMps > topMps, { topMps, speedMps });
    },
    (checked) => {
      const topMps = surfaceMps(checked);
      return topMps === null ? null : capped(checked.plan, ROOM * topMps);
    },
  ),
  planned(
    'swim-jig-left-to-rest',
    swims,
    ({ plan }) => adviseIf(plan.steps.some((step) => (step.do === 'kill' || step.do === 'pause') && step.s >= REST_S)),
    ({ plan }) => ({
      plan: {
        ...plan,
        steps: plan.steps.map((step) =>
          (step.do === 'kill' || step.do === 'pause') && step.s >= REST_S ? { ...step, s: 0.5 } : step,
        ),
      },
    }),
  ),
  planned(
    'swim-jig-hopped',
    swims,
    ({ plan }) => adviseIf(plan.steps.some(isLift)),
    ({ plan }) => ({ plan: { ...plan, steps: [{ do: 'reel', mPerS: CREEP_MPS }] } }),
  ),
  planned(
    'vertical-head-dragged',
    ({ rig }) => rig.family === 'skirted' && rig.head.style === 'vertical',
    ({ plan }) => adviseIf(!plan.steps.some(isLift)),
    ({ plan }) => ({ plan: { ...plan, steps: [{ do: 'stroke', m: STROKE_M, s: 1 }] } }),
  ),
  planned(
    'plastic-slides-off',
    ({ rig }) => !!rig.trailer,
    ({ rig, body, plan, ...rest }) => {
      const slipMps = keeperSlipMps(rig, body, prepared({ rig, body, plan, ...rest }).lure.medium);
      return slipMps === null
        ? doesNotApply
        : adviseIf(fastestOf(plan) > slipMps, { slipMps, speedMps: fastestOf(plan) });
    },
    (checked) => {
      const screwed = { ...checked.rig, keeper: 'screw' as const };
      const { medium } = prepared(checked).lure;
      const slipMps = keeperSlipMps(screwed, checked.body, medium);
      if (slipMps !== null && slipMps >= fastestOf(checked.plan)) return { rig: screwed };
      const own = keeperSlipMps(checked.rig, checked.body, medium);
      return own === null ? null : capped(checked.plan, ROOM * own);
    },
  ),
  planned(
    'reeled-too-slowly-to-work',
    ({ rig }) => isReeled(rig),
    (checked) => {
      const { slowestMps } = windowOf(checked);
      const speedMps = fastestOf(checked.plan);
      return slowestMps === null || speedMps === 0
        ? doesNotApply
        : adviseIf(speedMps < slowestMps, { slowestMps, speedMps });
    },
    (checked) => {
      const { slowestMps } = windowOf(checked);
      return slowestMps === null ? null : raised(checked.plan, slowestMps / ROOM);
    },
  ),
  planned(
    'blades-blow-over',
    ({ rig }) => rig.family === 'spinner',
    (checked) => {
      const overMps = blowOverMps(checked.body, prepared(checked).lure.medium);
      const speedMps = fastestOf(checked.plan);
      return overMps === null ? doesNotApply : adviseIf(speedMps > overMps, { overMps, speedMps });
    },
    (checked) => {
      const overMps = blowOverMps(checked.body, prepared(checked).lure.medium);
      return overMps === null ? null : capped(checked.plan, ROOM * overMps);
    },
  ),
  planned(
    'runs-into-the-weed',
    ({ rig, facts }) => isReeled(rig) && (facts?.weedTopM ?? 0) > WEED_REACHES_UP_M,
    (checked) => {
      const topM = checked.facts!.weedTopM!;
      const runsM = midDepthM(checked);
      return fastestOf(checked.plan) === 0 ? doesNotApply : adviseIf(runsM > topM, { runsM, topM });
    },
    (checked) => {
      const { lure, line } = prepared(checked);
      const over = holdSpeedMps(lure, line, checked.plan.castM / 2, ROOM * checked.facts!.weedTopM!);
      return over === null || over > PLAN_LIMITS.reelMps.max ? null : raised(checked.plan, over);
    },
  ),
  planned(
    'runs-outside-the-wanted-band',
    ({ facts, rig }) => isReeled(rig) && facts?.water.band !== undefined,
    (checked) => {
      const { fromM, toM } = checked.facts!.water.band!;
      const runsM = midDepthM(checked);
      return fastestOf(checked.plan) === 0
        ? doesNotApply
        : adviseIf(runsM < fromM || runsM > toM, { runsM, fromM, toM });
    },
    (checked) => bandCure(checked),
  ),
  planned(
    'crept-through-mud',
    ({ rig, facts }) =>
      rig.family === 'skirted' &&
      facts !== null &&
      facts.bottom &&
      facts.water.visibilityM < lengthMFromIn(6) &&
      !facts.belowF(50),
    ({ plan }) => adviseIf(!plan.steps.some(isLift)),
    ({ plan }) => ({ plan: { ...plan, steps: [{ do: 'hop', m: 0.35, s: 0.5 }] } }),
  ),
];

/** Turning the trailer comes before another lure, and another speed after it. */
function bandCure(checked: Checked & { readonly plan: RetrievePlan }): Cured | null {
  const { fromM, toM } = checked.facts!.water.band!;
  const inside = (one: Checked): boolean => {
    const runsM = midDepthM(one);
    return runsM >= fromM && runsM <= toM;
  };
  if (checked.rig.trailer) {
    for (const orientation of ['flat', 'edge', 'inverted'] as const) {
      const cured = withTrailer(checked.rig, { orientation });
      if (!('rig' in cured)) continue;
      const turned = checkedOf(cured.rig, { water: checked.water, plan: checked.plan, tempC: checked.tempC });
      if (inside(turned)) return cured;
    }
  }
  const { lure, line } = prepared(checked);
  const speedMps = holdSpeedMps(lure, line, checked.plan.castM / 2, (fromM + toM) / 2);
  const { min, max } = PLAN_LIMITS.reelMps;
  const mostMps = checked.facts!.belowF(COLD_PACE.tempF) ? COLD_PACE.mostMps : max;
  if (speedMps === null || speedMps > mostMps || speedMps < min) return null;
  return {
    plan: {
      ...checked.plan,
      steps: checked.plan.steps.map((step) => ('mPerS' in step ? { ...step, mPerS: speedMps } : step)),
    },
  };
}
