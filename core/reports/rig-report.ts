import { guardCollapseN } from '../hold/guard';
import { hookPoint, rollUp, type RollUp } from '../hold/hook-point';
import { keeperSlipMps, slidShare } from '../hold/keeper';
import { steadyFall, submergedWeightN } from '../motion/fall';
import { mediumAt } from '../motion/medium';
import { awakeAt, onsetOfMps, showAtSpeed } from '../motion/kick';
import { pushIndex } from '../motion/push';
import { fallReport, SEMI_TIGHT_USUAL, type FallReport } from '../motion/report';
import { blowOverMps, uprightOnContact } from '../motion/roll';
import { HAND_WAG_HZ, pinnedAboveMps, puffRatio, pulseIndex, seeThrough } from '../motion/skirt-motion';
import { tailBeatHz, tailReachM, wagMatch, type WagMatch } from '../motion/tail';
import { hunting, plateBeatHz } from '../motion/vanes';
import { rigBody, type RigBody } from '../rig/body/body';
import { rigProfile } from '../rig/body/profile';
import type { Rig } from '../rig/parts/schema';
import { CRAWL_MPS, skirtSpreadM } from '../rig/body/skirt-shape';
import { gFromMassKg, mmFromLengthM } from '../units/units';
import { type CheckedWith } from '../advice/checks';
import { rigFaults, type WordedFault } from '../wording/rig-faults';
import { workSpeedMps } from '../advice/measures/working-speed';

/** What a rig is and does, in the shape of files and the command line. A block that does not apply to it is null. */
export interface RigReport {
  readonly massG: number;
  readonly submergedN: number;
  readonly lengthMm: number;
  readonly fall: { readonly slack: FallReport; readonly semiTight: FallReport };
  readonly hook: {
    /** null when nothing is threaded, or what is ends before the bend */
    readonly exitMm: number | null;
    readonly overhangMm: number;
    readonly freeGapMm: number;
    readonly attackDeg: number;
    readonly rollUp: RollUp;
  };
  readonly guard: { readonly collapseN: number } | null;
  readonly kick: {
    readonly onsetMps: number | null;
    readonly beatHz: number | null;
    readonly push: number;
    readonly show: number;
    readonly match: WagMatch;
  } | null;
  readonly skirt: {
    readonly flareMm: number;
    readonly pulse: number;
    readonly puff: number;
    readonly seeThrough: number;
    readonly pinnedAboveMps: number | null;
  } | null;
  readonly hunting: { readonly share: number; readonly wild: boolean; readonly beatHz: number } | null;
  readonly profile: { readonly lengthMm: number; readonly heightMm: number; readonly ratio: number };
  readonly roll: { readonly blowOverMps: number | null; readonly uprightOnContact: number };
  readonly keeper: { readonly slipMps: number } | null;
  readonly faults: readonly WordedFault[];
}

/**
 * @param rig         checked
 * @param waterTempC  °C, 0 to 40
 * @param given       water and retrieve, where they are known: more faults can be seen with them
 */
export function rigReport(rig: Rig, waterTempC: number, given: CheckedWith = {}): RigReport {
  const body = rigBody(rig);
  const medium = mediumAt(waterTempC);
  const profile = rigProfile(rig, body);
  const speedMps = workSpeedMps(rig, steadyFall(body, medium).speedMps);
  const onsetMps = onsetOfMps(rig.trailer, waterTempC);
  const guardN = rig.guard ? guardCollapseN(rig.guard) : 0;
  const slipMps = keeperSlipMps(rig, body, medium);
  const darts = hunting(body, medium);
  return {
    massG: gFromMassKg(body.massKg),
    submergedN: submergedWeightN(body, medium),
    lengthMm: mmFromLengthM(body.lengthM),
    fall: { slack: fallReport(rig, medium), semiTight: fallReport(rig, medium, SEMI_TIGHT_USUAL) },
    hook: { ...hookPoint(rig, body, slidShare(rig, body, medium, speedMps)), rollUp: rollUp(rig, body, guardN) },
    guard: rig.guard ? { collapseN: guardN } : null,
    kick: rig.trailer
      ? {
          onsetMps,
          beatHz: tailBeatHz(body.trailer!, onsetMps, speedMps),
          push: pushIndex(body, medium, awakeAt(onsetMps, speedMps)),
          show: showAtSpeed(rig.trailer.kind, onsetMps, speedMps, body.trailer!.tailLeft),
          match: wagMatch(rig.trailer.kind, body.trailer, body.head.massKg),
        }
      : null,
    skirt: skirtReport(rig, body, medium.densityKgM3, speedMps, onsetMps),
    hunting: darts ? { ...darts, beatHz: plateBeatHz(body.frame!.vanes[0]!, speedMps, medium.densityKgM3) } : null,
    profile: {
      lengthMm: mmFromLengthM(profile.lengthM),
      heightMm: mmFromLengthM(profile.heightM),
      ratio: profile.ratio,
    },
    roll: {
      blowOverMps: blowOverMps(body, medium),
      uprightOnContact: uprightOnContact(body, rig.trailer?.orientation === 'edge'),
    },
    keeper: slipMps === null ? null : { slipMps },
    faults: rigFaults(rig, { ...given, tempC: waterTempC }),
  };
}

/** @param speedMps  at which the rig does its work */
function skirtReport(
  rig: Rig,
  { skirt, trailer }: RigBody,
  densityKgM3: number,
  speedMps: number,
  onsetMps: number | null,
): RigReport['skirt'] {
  if (skirt === null) return null;
  const beatHz = trailer === null ? null : tailBeatHz(trailer, onsetMps, speedMps);
  return {
    flareMm: mmFromLengthM(skirtSpreadM(skirt, CRAWL_MPS, densityKgM3)),
    pulse: pulseIndex(skirt, beatHz === null || beatHz === 0 ? HAND_WAG_HZ : beatHz, densityKgM3),
    puff: puffRatio(skirt, speedMps, densityKgM3),
    seeThrough: seeThrough(skirt, densityKgM3),
    pinnedAboveMps:
      rig.trailer && trailer
        ? pinnedAboveMps(skirt, tailReachM(rig.trailer.kind, trailer), trailer.lengthM, densityKgM3)
        : null,
  };
}
