import { COMPARED_LINE, HALF_CAST_M, HOLD_HAND, LEVEL_HAND } from '../../advice/measures/retrieve-measures';
import { fallBandMps } from '../../motion/fall-bands';
import type { DragFactors } from '../../motion/fall-areas';
import { fishesLikeBandOz, fishesLikeOz } from '../../motion/fishes-like';
import { lineByHand } from '../../motion/hand';
import { KICK_ONSET_BAND } from '../../motion/kick';
import { holdSpeedMps, levelDepthM } from '../../motion/level';
import { linearBand, logBand, SURE_FACTORS, type RunFactors } from '../../motion/path-bands';
import { lureOf, type Lure } from '../../motion/towed';
import { massBandKg } from '../../rig/body/mass-band';
import { lengthMFromMm, massKgFromG, massKgFromOz } from '../../units/units';
import { around, OFF, upTo, within, type LookedAt, type ReadoutRow } from './readout';

const lureAt = ({ body, medium, onsetMps }: LookedAt, factors?: DragFactors): Lure =>
  lureOf(body, medium, onsetMps, factors);

/** How heavy and long it is, how it falls, how deep it runs. */
export const MOTION_READOUTS = {
  mass: {
    unit: 'mass',
    scale: { from: massKgFromG(5), to: massKgFromG(60), log: true },
    of: ({ rig, body }) => ({ value: body.massKg, band: massBandKg(rig, body), good: null }),
  },
  length: {
    unit: 'length',
    scale: { from: 0.05, to: 0.2 },
    of: ({ body: { lengthM }, wanted }) => ({
      value: lengthM,
      band: within(lengthM, lengthMFromMm(OFF.lengthMm)),
      good: wanted('length'),
    }),
  },
  fall: {
    unit: 'speed',
    scale: { from: 0.1, to: 1.1 },
    of: ({ body, medium, fall, wanted }) => ({
      value: fall.speedMps,
      band: fallBandMps(body, medium, fall),
      good: wanted('fall'),
    }),
  },
  'fishes-like': {
    unit: 'headMass',
    scale: { from: massKgFromOz(1 / 16), to: massKgFromOz(1.6), log: true },
    of: ({ rig, medium, fall }) => {
      const like = fall.speedMps > 0 ? fishesLikeOz(rig, medium, fall.speedMps) : null;
      const band = like === null ? null : fishesLikeBandOz(rig, medium);
      return {
        value: like === null ? null : massKgFromOz(like),
        band: band && [massKgFromOz(band[0]), massKgFromOz(band[1])],
        good: null,
      };
    },
  },
  depth: {
    unit: 'depth',
    scale: { from: 0, to: 4 },
    of: (at) => {
      const depthAt = (factors: RunFactors): number =>
        levelDepthM(
          lureAt(at, factors),
          lineByHand(COMPARED_LINE, factors),
          HALF_CAST_M * factors.cast,
          at.speedMps * factors.reel,
          at.depthM,
        );
      const band = linearBand(at.body, depthAt, LEVEL_HAND);
      return {
        value: depthAt(SURE_FACTORS),
        band: band && [Math.max(0, band[0]), Math.min(at.depthM, band[1])],
        good: at.wanted('run'),
      };
    },
  },
  wake: {
    unit: 'speed',
    scale: { from: 0.2, to: 3, log: true },
    of: (at) => {
      const wakeAt = (factors: RunFactors): number | null =>
        holdSpeedMps(lureAt(at, factors), lineByHand(COMPARED_LINE, factors), HALF_CAST_M * factors.cast, 0);
      return { value: wakeAt(SURE_FACTORS), band: logBand(at.body, wakeAt, HOLD_HAND), good: null };
    },
  },
  'kick-onset': {
    unit: 'speed',
    scale: { from: 0, to: 0.8 },
    of: ({ onsetMps, speedMps }) => ({
      value: onsetMps,
      band: around(onsetMps, KICK_ONSET_BAND),
      good: onsetMps === null ? null : upTo(speedMps),
    }),
  },
} as const satisfies Readonly<Record<string, ReadoutRow>>;
