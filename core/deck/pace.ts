import { paceOf } from '../hold/pace';
import { prepareRetrieve } from '../hold/retrieve-report';
import { steadyFall } from '../motion/fall';
import { mediumOf } from '../motion/medium';
import { castOf, isLift, type RetrievePlan } from '../motion/plan';
import { rigBody } from '../rig/body/body';
import { STYLE_WEIGHTS_OZ } from '../rig/parts/catalogue';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';

/** How far apart casts to cover are made along it, m, by how thick it stands; in the open a cast reaches over a swath. @source adr-0030 */
const SPACING_M = { thick: 1.5, medium: 3, sparse: 6 } as const;
const OPEN_SPACING_M = 4;
/** Casts to one place, by what is fished for. @source adr-0030 */
const CASTS_A_PLACE = { search: 1, bites: 2, size: 2, saturate: 4 } as const;
/** How far a pace may be off, as a factor of an 80 % band: hands, snags and fish take their time. @source adr-0030 */
const OFF = 1.3;

/**
 * What is lifted and dropped by hand never comes in by itself: so many lifts are made where it fell, at so much a second and with a rest
 * after each, and then it is wound in, from a placed cast where there is cover. @source adr-0030
 */
const LIFTS = { inCover: 4, open: 10 } as const;
const LIFT_MPS = 0.6;
const REST_S = 1.5;
const WOUND_MPS = 1.4;
const PLACED_CAST_M = 9;
/** Longest a lure is waited for on its way to the bottom, s. */
const FALLS_S = 120;

/** How much water a rig covers at a stop. */
export interface StopPace {
  /** splash to rod, s */
  readonly inWaterS: number;
  readonly castsPerHour: number;
  readonly castsBand: readonly [number, number];
  /** of cover along which casts are made, m an hour, and its band */
  readonly coverMPerHour: number;
  readonly band: readonly [number, number];
}

const isCovered = ({ cover }: Water): boolean => cover.some(({ kind }) => kind !== 'open');

/** Seconds between splash and rod. */
function inWaterS(rig: Rig, plan: RetrievePlan, water: Water): number {
  const lifts = plan.steps.flatMap((step) => (isLift(step) ? [step.m] : []));
  const isByHand = lifts.length > 0 && plan.steps.every((step) => isLift(step) || step.do === 'countdown');
  if (!isByHand) return prepareRetrieve(rig, plan, water).run().path.at(-1)?.[0] ?? 0;
  const falls = prepareRetrieve(rig, plan, water).run(undefined, { longestS: FALLS_S }).marks;
  const fallS = falls.find(({ fromS }) => fromS > 0)?.fromS ?? 0;
  const fallMps = steadyFall(rigBody(rig), mediumOf(water)).speedMps;
  const meanM = lifts.reduce((sum, m) => sum + m, 0) / lifts.length;
  const liftS = meanM / LIFT_MPS + meanM / fallMps + REST_S;
  const outM = isCovered(water) ? Math.min(plan.castM, PLACED_CAST_M) : plan.castM;
  return fallS + (isCovered(water) ? LIFTS.inCover : LIFTS.open) * liftS + outM / WOUND_MPS;
}

/** Casts and metres of cover an hour of a rig with its retrieve. */
export function stopPace(rig: Rig, plan: RetrievePlan, water: Water): StopPace {
  const takesS = inWaterS(rig, plan, water);
  const { castsPerHour } = paceOf(takesS, castOf(plan));
  const thickest = (['thick', 'medium', 'sparse'] as const).find((density) =>
    water.cover.some((cover) => cover.kind !== 'open' && cover.density === density),
  );
  const spacingM = thickest ? SPACING_M[thickest] : OPEN_SPACING_M;
  const coverMPerHour = (castsPerHour * spacingM) / CASTS_A_PLACE[water.aim];
  return {
    inWaterS: takesS,
    castsPerHour,
    castsBand: [castsPerHour / OFF, castsPerHour * OFF],
    coverMPerHour,
    band: [coverMPerHour / OFF, coverMPerHour * OFF],
  };
}

/** The same rig one head lighter and one heavier, where such heads are made. */
export function paceByHead(
  rig: Rig,
  plan: RetrievePlan,
  water: Water,
): readonly { readonly weightOz: number; readonly pace: StopPace }[] {
  const made = STYLE_WEIGHTS_OZ[rig.head.style];
  const lighter = made.filter((oz) => oz < rig.head.weightOz - 1e-9).at(-1);
  const heavier = made.find((oz) => oz > rig.head.weightOz + 1e-9);
  return [lighter, heavier].flatMap((weightOz) =>
    weightOz === undefined
      ? []
      : [{ weightOz, pace: stopPace({ ...rig, head: { ...rig.head, weightOz } }, plan, water) }],
  );
}

/** Metres of cover that fit into the minutes of a stop, the minutes all of it would take, and whether it fits: null where that is too close to tell. */
export const coverFits = (
  { coverMPerHour }: Pick<StopPace, 'coverMPerHour'>,
  minutes: number,
  coverM: number,
): { readonly fitsM: number; readonly wantsMin: number; readonly fits: boolean | null } => {
  const wantsMin = (60 * coverM) / coverMPerHour;
  const fits = wantsMin * OFF <= minutes ? true : wantsMin / OFF > minutes ? false : null;
  return { fitsM: Math.min(coverM, (coverMPerHour * minutes) / 60), wantsMin, fits };
};
