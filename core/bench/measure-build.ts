import { STIFF_N, guardCollapseN, GUARD_BAND, GUARD_MEASURED_BAND } from '../hold/guard';
import { faultsOf, type Fault } from '../advice/checks';
import { FREE_GAP_MM, hookPoint, rollUp, type RollUp } from '../hold/hook-point';
import { measureRig, type Has } from '../advice/measures/rig-measures';
import { COMPARED_LINE, HALF_CAST_M } from '../advice/measures/retrieve-measures';
import type { WantId } from '../advice/rules/rule';
import { fits } from '../advice/search/score';
import { compileWater, type CompiledWater, type Want } from '../advice/rules/wants';
import { isReeled, USUAL_REEL_MPS, workSpeedMps } from '../advice/measures/working-speed';
import { keeperSlipMps } from '../hold/keeper';
import { fallBandMps, type Band } from '../motion/bands';
import { mediumAt, steadyFall, type DragFactors, type Medium } from '../motion/fall';
import { fishesLikeBandOz, fishesLikeOz } from '../motion/fishes-like';
import { KICK_ONSET_BAND, onsetOfMps } from '../motion/kick';
import { DEEPEST_M, holdSpeedMps, levelDepthM } from '../motion/level';
import { linearBand, logBand } from '../motion/path-bands';
import { blowOverMps, uprightOnContact } from '../motion/roll';
import { HAND_WAG_HZ, pinnedAboveMps, puffRatio, pulseIndex, seeThrough } from '../motion/skirt-motion';
import { MATCH, tailBeatHz, tailReachM, wagMatch, type WagVerdict } from '../motion/tail';
import { lureOf, type Lure } from '../motion/towed';
import { hunting } from '../motion/vanes';
import { rigBody, type RigBody } from '../rig/body/body';
import { massBandKg } from '../rig/body/mass-band';
import type { Rig } from '../rig/parts/schema';
import { lengthMFromMm, massKgFromOz } from '../units/units';
import type { Family, Water } from '../water/schema';

/** Numbers beside the drawing, in the order in which they are read. */
export const READOUT_IDS = [
  'mass',
  'length',
  'fall',
  'fishes-like',
  'depth',
  'wake',
  'kick-onset',
  'match',
  'pulse',
  'puff',
  'see-through',
  'pinned',
  'hunting',
  'blow-over',
  'upright',
  'free-gap',
  'overhang',
  'attack',
  'roll-up',
  'guard',
  'slip',
] as const;
export type ReadoutId = (typeof READOUT_IDS)[number];

/** What a number is counted in; SI inside. `share` runs from 0 to 1, `index` has no unit. */
export type ReadoutUnit =
  'mass' | 'headMass' | 'length' | 'speed' | 'depth' | 'index' | 'hundred' | 'share' | 'degrees' | 'force' | 'word';

export type ReadoutWord = WagVerdict | RollUp | 'wild';

/** One number of a build. */
export interface Readout {
  readonly id: ReadoutId;
  readonly unit: ReadoutUnit;
  /** null where the model has no number: nothing of the kind on this rig, or out of its range */
  readonly value: number | null;
  /** 80 % band, or how far an estimate may be off */
  readonly band: Band | null;
  /** where it should lie: what the water asks, or what works at the chosen speed; null where nothing is asked */
  readonly good: Band | null;
  readonly word?: ReadoutWord;
}

/** How far the estimates may be off, as shares, mm and degrees. @source adr-0014 */
const OFF = {
  lengthMm: 1.5,
  gapMm: 1,
  attackDeg: 5,
  match: 0.25,
  pulse: 0.25,
  puff: 0.15,
  seeThrough: 0.2,
  pinned: 0.3,
  hunting: 0.3,
  blowOver: 0.3,
  upright: 0.25,
  slip: 0.3,
} as const;

/** A water made ready for one family: compiled once, asked at every cut. */
export interface BenchWater {
  readonly water: Water;
  readonly compiled: CompiledWater;
  readonly medium: Medium;
}
export const benchWater = (water: Water, family: Family): BenchWater => ({
  water,
  compiled: compileWater(water, family),
  medium: mediumAt(water.temperatureC),
});

/** A build as it stands. */
export interface BuildNumbers {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly speedMps: number;
  readonly has: Has;
  /** want by want, how well it is answered, 0 to 1 */
  readonly fits: readonly { readonly want: Want; readonly fit: number }[];
  readonly readouts: readonly Readout[];
  readonly faults: readonly Fault[];
}

/** The speed at which a build is looked at unless somebody chooses another: the pace of the water, an ordinary reel, or its fall. */
export function usualSpeedMps({ compiled, medium }: BenchWater, rig: Rig): number {
  const still = (): number => Math.max(LEAST_SPEED_MPS, steadyFall(rigBody(rig), medium).speedMps);
  return compiled.facts.reel?.paceMps ?? (isReeled(rig) ? USUAL_REEL_MPS : still());
}

/** In what, and against what, a rig is looked at. */
interface LookedAt {
  readonly medium: Medium;
  readonly tempC: number;
  readonly depthM: number;
  readonly wanted: (id: WantId) => Band | null;
}

const around = (value: number | null, share: number, most = Infinity): Band | null =>
  value === null ? null : [value * (1 - share), Math.min(most, value * (1 + share))];
const within = (value: number, off: number): Band => [value - off, value + off];
const upTo = (most: number): Band => [0, most];
const from = (least: number): Band => [least, Infinity];

function motionReadouts(
  { medium, tempC, depthM, wanted }: LookedAt,
  rig: Rig,
  body: RigBody,
  speedMps: number,
): Readout[] {
  const fall = steadyFall(body, medium);
  const onsetMps = onsetOfMps(rig.trailer, tempC);
  const lureWith = (factors?: DragFactors): Lure => lureOf(body, medium, onsetMps, factors);
  const depthAt = (factors?: DragFactors): number =>
    levelDepthM(lureWith(factors), COMPARED_LINE, HALF_CAST_M, speedMps, depthM);
  const wakeAt = (factors?: DragFactors): number | null =>
    holdSpeedMps(lureWith(factors), COMPARED_LINE, HALF_CAST_M, 0);
  const depth = linearBand(body, depthAt);
  const like = fall.speedMps > 0 ? fishesLikeOz(rig, medium, fall.speedMps) : null;
  const likeBand = like === null ? null : fishesLikeBandOz(rig, medium);
  return [
    { id: 'fall', unit: 'speed', value: fall.speedMps, band: fallBandMps(body, medium, fall), good: wanted('fall') },
    {
      id: 'fishes-like',
      unit: 'headMass',
      value: like === null ? null : massKgFromOz(like),
      band: likeBand && [massKgFromOz(likeBand[0]), massKgFromOz(likeBand[1])],
      good: null,
    },
    {
      id: 'depth',
      unit: 'depth',
      value: depthAt(),
      band: depth && [Math.max(0, depth[0]), Math.min(depthM, depth[1])],
      good: wanted('run'),
    },
    { id: 'wake', unit: 'speed', value: wakeAt(), band: logBand(body, wakeAt), good: null },
    {
      id: 'kick-onset',
      unit: 'speed',
      value: onsetMps,
      band: around(onsetMps, KICK_ONSET_BAND),
      good: onsetMps === null ? null : upTo(speedMps),
    },
  ];
}

function tailAndSkirtReadouts({ medium, tempC }: LookedAt, rig: Rig, body: RigBody, speedMps: number): Readout[] {
  const { densityKgM3 } = medium;
  const { skirt, trailer } = body;
  const match = wagMatch(rig.trailer?.kind ?? null, trailer, body.head.massKg);
  const onsetMps = onsetOfMps(rig.trailer, tempC);
  const beatHz = trailer === null ? null : tailBeatHz(trailer, onsetMps, speedMps);
  const pulse = skirt && pulseIndex(skirt, beatHz === null || beatHz === 0 ? HAND_WAG_HZ : beatHz, densityKgM3);
  const puff = skirt && puffRatio(skirt, speedMps, densityKgM3);
  const clear = skirt && seeThrough(skirt, densityKgM3);
  const pinned =
    skirt && rig.trailer && trailer
      ? pinnedAboveMps(skirt, tailReachM(rig.trailer.kind, trailer), trailer.lengthM, densityKgM3)
      : null;
  return [
    {
      id: 'match',
      unit: 'index',
      value: match.index,
      band: around(match.index, OFF.match),
      good: match.index === null ? null : [MATCH.matchedFrom / MATCH.middle, MATCH.matchedTo / MATCH.middle],
      word: match.verdict,
    },
    { id: 'pulse', unit: 'hundred', value: pulse, band: around(pulse, OFF.pulse, 100), good: null },
    { id: 'puff', unit: 'index', value: puff, band: around(puff, OFF.puff), good: null },
    { id: 'see-through', unit: 'share', value: clear, band: around(clear, OFF.seeThrough, 1), good: null },
    {
      id: 'pinned',
      unit: 'speed',
      value: pinned,
      band: around(pinned, OFF.pinned),
      good: pinned === null ? null : from(speedMps),
    },
  ];
}

function holdReadouts({ medium }: LookedAt, rig: Rig, body: RigBody, speedMps: number): Readout[] {
  const darts = hunting(body);
  const blowOver = blowOverMps(body, medium);
  const jig = rig.family === 'skirted';
  const upright = jig ? uprightOnContact(body, rig.trailer?.orientation === 'edge') : null;
  const hook = hookPoint(rig, body);
  const guardN = rig.guard ? guardCollapseN(rig.guard) : null;
  const slip = keeperSlipMps(rig, body, medium);
  const mm = lengthMFromMm;
  const exits = rig.trailer ? hook.exitMm !== null : true;
  return [
    {
      id: 'hunting',
      unit: 'share',
      value: darts?.share ?? null,
      band: around(darts?.share ?? null, OFF.hunting, 1),
      good: null,
      ...(darts?.wild ? { word: 'wild' as const } : {}),
    },
    {
      id: 'blow-over',
      unit: 'speed',
      value: blowOver,
      band: around(blowOver, OFF.blowOver),
      good: blowOver === null ? null : from(speedMps),
    },
    { id: 'upright', unit: 'share', value: upright, band: around(upright, OFF.upright, 1), good: null },
    {
      id: 'free-gap',
      unit: 'length',
      value: exits ? mm(hook.freeGapMm) : null,
      band: exits ? within(mm(hook.freeGapMm), mm(OFF.gapMm)) : null,
      good: from(mm(FREE_GAP_MM)),
    },
    {
      id: 'overhang',
      unit: 'length',
      value: rig.trailer ? mm(hook.overhangMm) : null,
      band: rig.trailer ? within(mm(hook.overhangMm), mm(OFF.lengthMm)) : null,
      good: null,
    },
    { id: 'attack', unit: 'degrees', value: hook.attackDeg, band: within(hook.attackDeg, OFF.attackDeg), good: null },
    { id: 'roll-up', unit: 'word', value: null, band: null, good: null, word: rollUp(rig, body, guardN ?? 0) },
    {
      id: 'guard',
      unit: 'force',
      value: guardN,
      band: around(guardN, rig.guard?.pushN === undefined ? GUARD_BAND : GUARD_MEASURED_BAND),
      good: jig && guardN !== null ? upTo(STIFF_N) : null,
    },
    {
      id: 'slip',
      unit: 'speed',
      value: slip,
      band: around(slip, OFF.slip),
      good: slip === null ? null : from(speedMps),
    },
  ];
}

/** Numbers of a rig, and where they should lie. */
function readoutsOf(at: LookedAt, rig: Rig, body: RigBody, speedMps: number): Readout[] {
  const length = body.lengthM;
  return [
    { id: 'mass', unit: 'mass', value: body.massKg, band: massBandKg(rig, body), good: null },
    {
      id: 'length',
      unit: 'length',
      value: length,
      band: within(length, lengthMFromMm(OFF.lengthMm)),
      good: at.wanted('length'),
    },
    ...motionReadouts(at, rig, body, speedMps),
    ...tailAndSkirtReadouts(at, rig, body, speedMps),
    ...holdReadouts(at, rig, body, speedMps),
  ];
}

/**
 * Numbers of a rig that is built for no water in particular: as deep as it likes, looked at at the speed at which it does its work.
 * @param waterTempC  °C, 0 to 40
 */
export function rigReadouts(rig: Rig, waterTempC: number): Readout[] {
  const medium = mediumAt(waterTempC);
  const body = rigBody(rig);
  const speedMps = workSpeedMps(rig, Math.max(LEAST_SPEED_MPS, steadyFall(body, medium).speedMps));
  return readoutsOf({ medium, tempC: waterTempC, depthM: DEEPEST_M, wanted: () => null }, rig, body, speedMps);
}
/** A rig that floats is looked at at a crawl, m/s. */
const LEAST_SPEED_MPS = 0.1;

/**
 * Everything the bench shows of a build, at every cut.
 * @param on        the water it is built for
 * @param speedMps  at which it is looked at, above 0
 */
export function measureBuild(on: BenchWater, rig: Rig, speedMps: number): BuildNumbers {
  const body = rigBody(rig);
  const has = measureRig(rig, body, on.medium, on.compiled.facts);
  const wanted = (id: WantId): Band | null => {
    const want = on.compiled.wants.find((one) => one.id === id);
    return want ? [want.from, want.to] : null;
  };
  const { temperatureC, depthM } = on.water;
  return {
    rig,
    body,
    speedMps,
    has,
    fits: fits(on.compiled, has),
    readouts: readoutsOf({ medium: on.medium, tempC: temperatureC, depthM, wanted }, rig, body, speedMps),
    faults: faultsOf(rig, { water: on.water }),
  };
}
