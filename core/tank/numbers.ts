import { factorsOf, type Band } from '../motion/bands';
import { fallBandMps } from '../motion/fall-bands';
import { steadyFall } from '../motion/fall';
import { HAND_FACTORS, lineByHand } from '../motion/hand';
import { holdSpeedMps } from '../motion/level';
import { linearBands, SURE_FACTORS, type RunFactors } from '../motion/path-bands';
import type { Retrieved } from '../motion/retrieve';
import { secondsBetween } from '../motion/path';
import type { Water } from '../water/schema';
import { longestShownS, placeAt, type Film } from './film';

/** Numbers a retrieve is read by, and two rigs are compared by. SI; null where there is none. */
export const MEASURES = ['mid-depth', 'max-depth', 'in-band', 'fall', 'hold'] as const;
export type Measure = (typeof MEASURES)[number];
export type Measured = Readonly<Record<Measure, number | null>>;

/** A number with its 80 % band; the band null where the model gives none. */
export interface Banded {
  readonly value: number | null;
  readonly band: Band | null;
}

/** Shallower than this no speed is looked for, m. */
const WADING_M = 0.05;

const runOf = (film: Film, factors: RunFactors): Retrieved =>
  factors === SURE_FACTORS ? film.done : film.prepared.run(factors, { longestS: longestShownS(film.plan) });

/** The numbers of a film, as they would be under some factors. */
export function measuredOf(film: Film, water: Water, factors: RunFactors = SURE_FACTORS): Measured {
  const { prepared } = film;
  const done = runOf(film, factors);
  const lure = { ...prepared.lure, factors };
  // the speed is asked for at one depth: that of the rig as it is taken to be
  const heldM = film.done.midCastDepthM;
  const { band } = water;
  return {
    'mid-depth': done.midCastDepthM,
    'max-depth': done.maxDepthM,
    'in-band': band ? secondsBetween(done.path, band.fromM, band.toM) : null,
    fall: steadyFall(lure.body, lure.medium, 0, factors).speedMps,
    hold:
      heldM === null
        ? null
        : holdSpeedMps(
            lure,
            lineByHand(prepared.line, factors),
            (prepared.plan.castM * factors.cast) / 2,
            Math.max(WADING_M, heldM),
          ),
  };
}

/** The same with their bands: no lure runs above the surface or below the bottom, nor longer in a band than it runs. */
export function bandedOf(film: Film, water: Water): Readonly<Record<Measure, Banded>> {
  const { prepared, done, endsS } = film;
  const { body, medium } = prepared.lure;
  const measured = measuredOf(film, water);
  const bands = linearBands(
    [...factorsOf(body), ...HAND_FACTORS],
    (factors) => measuredOf(film, water, factors),
    body.known,
  );
  const most: Partial<Record<Measure, number>> = {
    'mid-depth': prepared.ground.depthAt(prepared.plan.castM / 2),
    'max-depth': Math.max(...done.path.map(([, x]) => prepared.ground.depthAt(x))),
    'in-band': endsS,
  };
  return Object.fromEntries(
    MEASURES.map((name) => {
      const band = name === 'fall' ? fallBandMps(body, medium, film.fall) : bands[name];
      const kept = band && ([Math.max(0, band[0]), Math.min(most[name] ?? Infinity, band[1])] as const);
      return [name, { value: measured[name], band: kept }];
    }),
  ) as unknown as Record<Measure, Banded>;
}

/** How unsure the depth of a film is along its way. SI. */
export interface Ribbon {
  readonly timeS: readonly number[];
  readonly xM: readonly number[];
  readonly lowM: readonly number[];
  readonly highM: readonly number[];
}
/** Moments of a ribbon. */
const MOMENTS = 121;

/** The 80 % band of the depth at each moment: every run of the same programme keeps the same time. */
export function ribbonOf(film: Film): Ribbon {
  const { prepared, endsS } = film;
  const { ground, lure } = prepared;
  const timeS = Array.from({ length: MOMENTS }, (_, at) => (endsS * at) / (MOMENTS - 1));
  const bands = linearBands(
    [...factorsOf(lure.body), ...HAND_FACTORS],
    (factors) => {
      const { path } = runOf(film, factors);
      return Object.fromEntries(timeS.map((s, at) => [at, placeAt(path, s).zM])) as Record<number, number>;
    },
    lure.body.known,
  );
  const xM = timeS.map((s) => placeAt(film.done.path, s).xM);
  return {
    timeS,
    xM,
    lowM: timeS.map((_, at) => Math.max(0, bands[at]![0])),
    highM: timeS.map((_, at) => Math.min(ground.depthAt(xM[at]!), bands[at]![1])),
  };
}

/** Band of a ribbon at a moment, straight between its moments. */
export function ribbonAt({ timeS, lowM, highM }: Ribbon, atS: number): Band {
  const last = timeS.length - 1;
  const place = Math.min(last, Math.max(0, (atS / Math.max(1e-9, timeS[last]!)) * last));
  const from = Math.min(last - 1, Math.floor(place));
  const share = place - from;
  const between = (of: readonly number[]): number => of[from]! + share * (of[from + 1]! - of[from]!);
  return [between(lowM), between(highM)];
}

/** The band of the depth half way back, which is what a solved setting is checked by; null where it never comes there. */
export function midDepthBand(film: Film): Band | null {
  const { prepared } = film;
  const band = linearBands(
    [...factorsOf(prepared.lure.body), ...HAND_FACTORS],
    (factors) => ({
      mid: prepared.midDepthM(factors),
    }),
    prepared.lure.body.known,
  ).mid;
  return band && [Math.max(0, band[0]), Math.min(prepared.ground.depthAt(prepared.plan.castM / 2), band[1])];
}
