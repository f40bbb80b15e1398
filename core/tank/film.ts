import { prepareRetrieve, type PreparedRetrieve } from '../hold/retrieve-report';
import { steadyFall, type SteadyFall } from '../motion/fall';
import { awakeAt } from '../motion/kick';
import type { PathPoint } from '../motion/path';
import { lastReelOf, type RetrievePlan, type RetrieveStep } from '../motion/plan';
import type { Retrieved } from '../motion/retrieve';
import { rollRad } from '../motion/roll';
import { tailBeatHz } from '../motion/tail';
import { acrossLineMps, towedAreas } from '../motion/towed';
import { bladeTurnsHz, plateBeatHz } from '../motion/vanes';
import type { RigBody, SkirtBody } from '../rig/body/body';
import { workingDragM2 } from '../rig/body/frame';
import { skirtSpreadM } from '../rig/body/skirt-shape';
import type { Rig } from '../rig/parts/schema';
import { cm2FromAreaM2 } from '../units/units';
import type { Water } from '../water/schema';

/** A retrieve to be looked at: what was run, and what the rig does at rest and falling. SI. */
export interface Film {
  readonly rig: Rig;
  readonly plan: RetrievePlan;
  readonly prepared: PreparedRetrieve;
  readonly done: Retrieved;
  readonly fall: SteadyFall;
  readonly endsS: number;
  /** lifts and drops alone go on like this: only the first of them are shown */
  readonly goesOn: boolean;
  /** all line is in at the end */
  readonly isIn: boolean;
}

/** What a lure does at one moment. SI. */
export interface Moment {
  readonly timeS: number;
  /** from the rod, and down */
  readonly xM: number;
  readonly zM: number;
  /** place of the step in the programme; null before the first */
  readonly step: number | null;
  readonly isSlack: boolean;
  readonly onBottom: boolean;
  /** through the water */
  readonly speedMps: number;
  /** body axis above the horizontal, towards the rod: negative hangs nose down */
  readonly noseUpRad: number;
  /** how much steeper the line is at the lure than a straight one; 0 where it hangs slack */
  readonly bowRad: number;
  /** where the line is bent, from the rod and down; null where it is not */
  readonly knee: { readonly xM: number; readonly zM: number } | null;
  /** beats or turns a second of tail, plate or first blade; 0 where nothing moves */
  readonly beatHz: number;
  /** water moved, cm² of drag */
  readonly pushCm2: number;
  /** width of the skirt; 0 without one */
  readonly flareM: number;
  /** share of the tail's kick that is left, 0 to 1; null for a rig with nothing that kicks */
  readonly awake: number | null;
  /** lean of a spinnerbait, rad; null without arms */
  readonly leanRad: number | null;
}

/** What goes on for ever is shown so long, and nothing longer than this, s. */
const SHOWN_S = 60;
const LONGEST_SHOWN_S = 400;
/** How long a programme is shown at most, s. */
export const longestShownS = ({ steps }: RetrievePlan): number => (lastReelOf(steps) < 0 ? SHOWN_S : LONGEST_SHOWN_S);
/** Line that may be left beyond the height of the tip, m. */
const IN_M = 0.1;

/**
 * Runs a retrieve to be looked at.
 * @param rig    checked
 * @param plan   checked
 * @param water  checked
 */
export function filmOf(rig: Rig, plan: RetrievePlan, water: Water): Film {
  const prepared = prepareRetrieve(rig, plan, water);
  const goesOn = lastReelOf(plan.steps) < 0;
  const done = prepared.run(undefined, { longestS: longestShownS(plan) });
  const { body, medium } = prepared.lure;
  const [endsS, xM, zM] = done.path.at(-1)!;
  const isIn = Math.hypot(xM, zM + plan.tipHeightM) < plan.tipHeightM + IN_M;
  return { rig, plan, prepared, done, fall: steadyFall(body, medium), endsS, goesOn, isIn };
}

/** Place of the last point of a path at or before a moment. */
function pieceAt(path: readonly PathPoint[], timeS: number): number {
  let [low, high] = [0, path.length - 1];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if (path[middle]![0] <= timeS) low = middle;
    else high = middle - 1;
  }
  return Math.min(low, path.length - 2);
}

/** Where a path is at a moment, straight between its points. */
export function placeAt(path: readonly PathPoint[], timeS: number): { readonly xM: number; readonly zM: number } {
  if (path.length < 2) return { xM: path[0]![1], zM: path[0]![2] };
  const at = pieceAt(path, timeS);
  const [fromS, fromX, fromZ] = path[at]!;
  const [toS, toX, toZ] = path[at + 1]!;
  const share = toS === fromS ? 1 : Math.min(1, Math.max(0, (timeS - fromS) / (toS - fromS)));
  return { xM: fromX + share * (toX - fromX), zM: fromZ + share * (toZ - fromZ) };
}

/** Half the time over which a speed is looked at, s. */
const LOOK_S = 0.15;
/** Nearer to the bottom than this it lies there, m. */
const LIES_M = 0.03;

/** The step that is being done, and how long it has been. */
function stepAt(
  { done, plan }: Film,
  timeS: number,
): { readonly step: RetrieveStep; readonly at: number; readonly forS: number } | null {
  let found: Retrieved['marks'][number] | null = null;
  for (const mark of done.marks) if (mark.fromS <= timeS + 1e-9) found = mark;
  return found && { step: plan.steps[found.step]!, at: found.step, forS: timeS - found.fromS };
}

/** Time a tip takes to be raised by a metre, s. */
const LIFT_S_PER_M = 1;

/** How fast the line pulls at a moment, m/s; null where it hangs slack. */
function pulledMps(step: RetrieveStep, forS: number): number | null {
  switch (step.do) {
    case 'reel':
    case 'shake':
      return step.mPerS;
    case 'drag':
      return step.m / step.s;
    case 'pause':
      return step.slackM ? null : 0;
    case 'lift-drop':
    case 'hop':
    case 'stroke':
      return forS < step.m * LIFT_S_PER_M ? 1 / LIFT_S_PER_M : null;
    case 'pitch':
    case 'skip':
    case 'countdown':
      return null;
    case 'kill':
      return step.slackM ? null : 0;
  }
}

/** How often each blade turns at a speed, from the front; none without arms. 1/s */
export const turnsHz = ({ frame }: RigBody, speedMps: number, densityKgM3: number): readonly number[] =>
  frame?.kind === 'spinner' ? frame.vanes.map((vane) => bladeTurnsHz(vane, speedMps, densityKgM3)) : [];

/** Beat of whatever beats: a tail, a plate, the first blade. 1/s */
function beatHz(body: RigBody, densityKgM3: number, onsetMps: number | null, speedMps: number): number {
  if (body.frame?.kind === 'spinner') return bladeTurnsHz(body.frame.vanes[0]!, speedMps, densityKgM3);
  if (body.frame) return plateBeatHz(body.frame.vanes[0]!, speedMps, densityKgM3);
  return (body.trailer && tailBeatHz(body.trailer, onsetMps, speedMps)) ?? 0;
}

/** A bump opens a skirt: for about the time a strand takes to swing, s. @source adr-0026 */
const PUFF_S = 0.5;
/** How much of the puff of the last touch is left, 0 to 1. */
function puffAt(touchesS: readonly number[], timeS: number): number {
  let left = 0;
  for (const at of touchesS) if (at <= timeS) left = Math.max(left, 1 - (timeS - at) / PUFF_S);
  return left;
}

/** Width of a skirt at a speed; what a bump opened closes again. */
function flareM(skirt: SkirtBody, speedMps: number, puff: number, densityKgM3: number): number {
  const open = skirtSpreadM(skirt, STILL_MPS, densityKgM3);
  const at = skirtSpreadM(skirt, Math.max(STILL_MPS, speedMps), densityKgM3);
  return at + puff * (open - at);
}

/** Longest time between two places of a knee while the line is bent, s. */
const BENT_GAP_S = 0.6;
/** Where a line is bent at a moment, straight between the places of its knee; null where it is not bent. */
function kneeAt(knees: readonly PathPoint[], timeS: number): Moment['knee'] {
  if (knees.length < 2) return null;
  const at = pieceAt(knees, timeS);
  const [[fromS, fromX, fromZ], [toS, toX, toZ]] = [knees[at]!, knees[at + 1]!];
  if (timeS < fromS || timeS > toS || toS - fromS > BENT_GAP_S) return null;
  const share = (timeS - fromS) / (toS - fromS);
  return { xM: fromX + share * (toX - fromX), zM: fromZ + share * (toZ - fromZ) };
}

/** What the lure of a film does at a moment. */
export function momentAt(film: Film, timeS: number): Moment {
  const { prepared, done, fall } = film;
  const { lure, line, ground, plan } = prepared;
  const { body, medium, kickOnsetMps } = lure;
  const place = placeAt(done.path, timeS);
  const before = placeAt(done.path, Math.max(0, timeS - LOOK_S));
  const after = placeAt(done.path, Math.min(film.endsS, timeS + LOOK_S));
  const lookedS = Math.min(film.endsS, timeS + LOOK_S) - Math.max(0, timeS - LOOK_S);
  const driftMps = (plan.driftMps ?? 0) + (plan.currentMps ?? 0);
  // places are told from the rod, which drifts itself
  const dx = lookedS > 0 ? (after.xM - before.xM) / lookedS - driftMps : 0;
  const dz = lookedS > 0 ? (after.zM - before.zM) / lookedS : 0;
  const now = stepAt(film, timeS);
  const pull = now === null ? null : pulledMps(now.step, now.forS);
  const onBottom = ground.depthAt(place.xM) - place.zM < LIES_M;
  const along = Math.hypot(dx, dz);
  const speedMps = onBottom && (pull === null || pull === 0) ? 0 : along;

  const told = { bowRad: 0 };
  const knee = kneeAt(done.knees, timeS);
  let noseUpRad: number;
  if (pull === null) noseUpRad = onBottom ? 0 : -fall.attitudeRad * Math.min(1, along / Math.max(0.05, fall.pathMps));
  else if (knee !== null) {
    const leadsRad = Math.atan2(place.zM - knee.zM, place.xM - knee.xM);
    noseUpRad = onBottom ? Math.min(leadsRad, LIES_UP_RAD) : leadsRad;
  } else {
    const dropM = place.zM + line.tipM;
    const lengthM = Math.hypot(place.xM, dropM);
    const cosine = place.xM / lengthM;
    const wetShare = dropM <= 0 ? 1 : place.zM / dropM;
    const towMps = Math.max(0, pull + driftMps * cosine);
    acrossLineMps(
      towedAreas(lure, towMps),
      medium,
      towMps,
      cosine,
      line,
      lengthM,
      wetShare,
      driftMps * (dropM / lengthM),
      told,
    );
    const leadsRad = Math.atan2(dropM, place.xM) + told.bowRad;
    noseUpRad = onBottom ? Math.min(leadsRad, LIES_UP_RAD) : leadsRad;
  }
  const awake = kickOnsetMps === null ? null : awakeAt(kickOnsetMps, speedMps);
  const frameM2 = body.frame === null ? 0 : workingDragM2(body.frame, speedMps, medium.densityKgM3);
  return {
    timeS,
    ...place,
    step: now?.at ?? null,
    isSlack: pull === null,
    onBottom,
    speedMps,
    noseUpRad,
    bowRad: told.bowRad,
    knee,
    beatHz: beatHz(body, medium.densityKgM3, kickOnsetMps, speedMps),
    pushCm2: cm2FromAreaM2(frameM2 + body.pushM2 * (awake ?? 0)),
    flareM: body.skirt === null ? 0 : flareM(body.skirt, speedMps, puffAt(done.touchesS, timeS), medium.densityKgM3),
    awake,
    leanRad: rollRad(body, medium, speedMps),
  };
}
/** A head that is drawn over the bottom is lifted by its line no more than this. */
const LIES_UP_RAD = 0.25;
/** A skirt at rest is drawn as at this speed: strands sag. */
const STILL_MPS = 0.1;
