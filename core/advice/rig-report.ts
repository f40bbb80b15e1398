import { mediumAt, steadyFall, submergedWeightN } from '../motion/fall';
import { kickOnsetMps, showAtSpeed } from '../motion/kick';
import { pushIndex } from '../motion/push';
import { fallReport, SEMI_TIGHT_USUAL, type FallReport } from '../motion/report';
import { rigBody } from '../rig/body';
import { rigProfile } from '../rig/profile';
import type { Rig } from '../rig/schema';
import { CRAWL_MPS, skirtSpreadM } from '../rig/skirt-shape';
import { gFromMassKg, mmFromLengthM } from '../units/units';
import { rigFaults, type Fault } from './checks';

/**
 * What a rig is and does, in the shape of files and the command line. A block that is not computed yet is null; so is every
 * number of a family whose mechanics are not built.
 */
export interface RigReport {
  readonly massG: number | null;
  readonly submergedN: number | null;
  readonly lengthMm: number | null;
  readonly fall: { readonly slack: FallReport; readonly semiTight: FallReport } | null;
  readonly hook: null;
  readonly guard: null;
  readonly kick: {
    readonly onsetMps: number | null;
    readonly beatHz: null;
    readonly push: number;
    readonly show: number;
    readonly match: null;
  } | null;
  readonly skirt: {
    readonly flareMm: number;
    readonly pulse: null;
    readonly puff: null;
    readonly seeThrough: null;
    readonly pinnedAboveMps: null;
  } | null;
  readonly hunting: null;
  readonly profile: { readonly lengthMm: number; readonly heightMm: number; readonly ratio: number } | null;
  readonly roll: null;
  readonly keeper: null;
  readonly faults: readonly Fault[];
}

const NOT_BUILT: RigReport = {
  massG: null,
  submergedN: null,
  lengthMm: null,
  fall: null,
  hook: null,
  guard: null,
  kick: null,
  skirt: null,
  hunting: null,
  profile: null,
  roll: null,
  keeper: null,
  faults: [],
};

/**
 * @param rig         checked
 * @param waterTempC  °C, 0 to 40
 */
export function rigReport(rig: Rig, waterTempC: number): RigReport {
  if (rig.family !== 'skirted') return NOT_BUILT;
  const body = rigBody(rig);
  const medium = mediumAt(waterTempC);
  const profile = rigProfile(rig, body);
  const speedMps = steadyFall(body, medium).speedMps;
  const onsetMps = rig.trailer ? kickOnsetMps(rig.trailer.kind, rig.trailer.softness, waterTempC) : null;
  return {
    ...NOT_BUILT,
    massG: gFromMassKg(body.massKg),
    submergedN: submergedWeightN(body, medium),
    lengthMm: mmFromLengthM(body.lengthM),
    fall: { slack: fallReport(rig, waterTempC), semiTight: fallReport(rig, waterTempC, SEMI_TIGHT_USUAL) },
    kick: rig.trailer
      ? {
          onsetMps,
          beatHz: null,
          push: pushIndex(body, medium),
          show: showAtSpeed(rig.trailer.kind, onsetMps, speedMps),
          match: null,
        }
      : null,
    skirt: body.skirt
      ? {
          flareMm: mmFromLengthM(skirtSpreadM(body.skirt, CRAWL_MPS, medium.densityKgM3)),
          pulse: null,
          puff: null,
          seeThrough: null,
          pinnedAboveMps: null,
        }
      : null,
    profile: {
      lengthMm: mmFromLengthM(profile.lengthM),
      heightMm: mmFromLengthM(profile.heightM),
      ratio: profile.ratio,
    },
    faults: rigFaults(rig, body),
  };
}
