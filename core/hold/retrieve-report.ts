import { rigBody } from '../rig/body/body';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';
import type { Band } from '../motion/bands';
import { mediumAt, mediumOf } from '../motion/medium';
import { UNIT_FACTORS, type DragFactors } from '../motion/fall-areas';
import { HAND_FACTORS, lineByHand, planByHand } from '../motion/hand';
import { onsetOfMps } from '../motion/kick';
import { holdSpeedMps } from '../motion/level';
import { linearBand, SURE_FACTORS, type RunFactors } from '../motion/path-bands';
import { withItsCast, type RetrievePlan } from '../motion/plan';
import { DEFAULT_TEMP_C } from '../motion/report';
import { groundOf, type Ground } from '../motion/ground';
import { secondsBetween, type PathPoint } from '../motion/path';
import { retrieve, type RunEnds } from '../motion/retrieve';
import { lureOf, towlineOf, type Lure, type Towline } from '../motion/towed';
import { workingWindow } from './working-window';

/** A retrieve in the shape of files and the command line. */
export interface RetrieveReport {
  readonly midCastDepthM: number | null;
  readonly bandMidCastDepthM: Band | null;
  readonly maxDepthM: number;
  /** null when the water names no band to strike in */
  readonly secondsInBand: number | null;
  readonly contacts: number;
  readonly holdSpeedMps: number | null;
  readonly wakeSpeedMps: number | null;
  readonly slowestWorkingMps: number | null;
  readonly fastestMps: number | null;
  readonly path: readonly PathPoint[];
}

/** A rig, a plan and a water made ready for the equations. */
export interface PreparedRetrieve {
  readonly lure: Lure;
  readonly line: Towline;
  readonly ground: Ground;
  readonly plan: RetrievePlan;
  /** runs it under some factors, those of the hand included */
  run(factors?: RunFactors, ends?: RunEnds): ReturnType<typeof retrieve>;
  /** depth half way back, m: run no further than that; null where it never gets there */
  midDepthM(factors?: RunFactors, longestS?: number): number | null;
}

/** @param water  for temperature, depth and cover; without one it is 15 °C and as deep as it likes */
export function prepareRetrieve(rig: Rig, given: RetrievePlan, water: Water | null): PreparedRetrieve {
  const plan = withItsCast(given);
  const body = rigBody(rig);
  const tempC = water?.temperatureC ?? DEFAULT_TEMP_C;
  const onsetMps = onsetOfMps(rig.trailer, tempC);
  const medium = water ? mediumOf(water) : mediumAt(tempC);
  const line = towlineOf(plan.line, plan.tipHeightM, plan.windMps);
  const tops = (water?.cover ?? []).flatMap(({ kind, topM }) => (kind === 'open' || topM === undefined ? [] : [topM]));
  const ground = groundOf(plan.bottom, water?.depthM ?? null, [...new Set(tops)]);
  const lureWith = (factors: DragFactors): Lure => lureOf(body, medium, onsetMps, factors);
  const run: PreparedRetrieve['run'] = (factors = SURE_FACTORS, ends = {}) =>
    factors === SURE_FACTORS
      ? retrieve(lureWith(UNIT_FACTORS), plan, ground, line, ends)
      : retrieve(lureWith(factors), planByHand(plan, factors), ground, lineByHand(line, factors), ends);
  const midDepthM: PreparedRetrieve['midDepthM'] = (factors = SURE_FACTORS, longestS) =>
    run(factors, { untilM: (plan.castM * factors.cast) / 2, ...(longestS === undefined ? {} : { longestS }) })
      .midCastDepthM;
  return { lure: lureWith(UNIT_FACTORS), line, ground, plan, run, midDepthM };
}

/**
 * Everything about a retrieve.
 * @param rig    checked
 * @param plan   checked
 * @param water  checked, or null
 */
export function retrieveReport(rig: Rig, plan: RetrievePlan, water: Water | null): RetrieveReport {
  const prepared = prepareRetrieve(rig, plan, water);
  const { lure, line } = prepared;
  const done = prepared.run();
  const halfM = prepared.plan.castM / 2;
  const band = water?.band ?? null;
  // a level run is asked for where the lure is wanted, or where this retrieve takes it
  const wantedM = band === null ? done.midCastDepthM : (band.fromM + band.toM) / 2;
  const window = workingWindow(rig, lure, line, halfM);
  return {
    midCastDepthM: done.midCastDepthM,
    bandMidCastDepthM: clipped(
      linearBand(lure.body, (factors) => prepared.midDepthM(factors), HAND_FACTORS),
      prepared.ground.depthAt(halfM),
    ),
    maxDepthM: done.maxDepthM,
    secondsInBand: band === null ? null : secondsBetween(done.path, band.fromM, band.toM),
    contacts: done.bottomContacts + done.coverContacts,
    holdSpeedMps: wantedM === null ? null : holdSpeedMps(lure, line, halfM, wantedM),
    wakeSpeedMps: holdSpeedMps(lure, line, halfM, 0),
    slowestWorkingMps: window.slowestMps,
    fastestMps: window.fastestMps,
    path: done.path,
  };
}

/** No lure runs above the surface or below the bottom. */
const clipped = (band: Band | null, bottomM: number): Band | null =>
  band === null ? null : [Math.max(0, band[0]), Math.min(bottomM, band[1])];
