import { prepareRetrieve } from '../hold/retrieve-report';
import { steadyFall } from '../motion/fall';
import type { Band } from '../motion/bands';
import { fallBandMps } from '../motion/fall-bands';
import { lineByHand, type HandFactor } from '../motion/hand';
import { awakeAt, KICK_ONSET_BAND, onsetOfMps } from '../motion/kick';
import { levelDepthM } from '../motion/level';
import { mediumOf } from '../motion/medium';
import { linearBand, SURE_FACTORS, type RunFactors } from '../motion/path-bands';
import type { RetrievePlan } from '../motion/plan';
import { tailBeatHz } from '../motion/tail';
import { bladeTurnsHz, plateBeatHz } from '../motion/vanes';
import { uncutRig } from '../edits/edits';
import { sameJson } from '../keeping/merge';
import { usable, type Box } from '../rig/parts/box';
import { rigBody } from '../rig/body/body';
import { VANE_START_BAND, vaneStartMps } from '../rig/body/frame';
import { STYLE_WEIGHTS_OZ } from '../rig/parts/catalogue';
import { uncutTrailer, type Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';

/** A point of a chart: null where there is none; its 80 % band null where the model gives none. SI. */
export type ChartPoint = readonly [x: number, y: number | null, band: Band | null];
/** A line of a chart: what it is of, and its points. */
export interface Curve<Of> {
  readonly of: Of;
  readonly isOwn: boolean;
  readonly points: readonly ChartPoint[];
}

/** Speeds a sweep goes over, m/s. */
const SPEEDS_MPS = Array.from({ length: 12 }, (_, at) => 0.2 + 0.12 * at);
/** Most weights that stand side by side. */
const MOST_WEIGHTS = 5;
/** A lure within this of the bottom lies there, m. */
const DEEPEST_M = 40;

/** The rig's own weight and those poured next to it. */
export function weightsAround(rig: Rig): readonly number[] {
  const all = [...new Set([...STYLE_WEIGHTS_OZ[rig.head.style], rig.head.weightOz])].sort((a, b) => a - b);
  const own = all.indexOf(rig.head.weightOz);
  const from = Math.max(0, Math.min(all.length - MOST_WEIGHTS, own - Math.floor(MOST_WEIGHTS / 2)));
  return all.slice(from, from + MOST_WEIGHTS);
}

/** What of the hand bears on a depth at a speed that is given. */
const BESIDE_SPEED: readonly HandFactor[] = ['cast', 'tip', 'diameter'];

const weighing = (rig: Rig, weightOz: number): Rig => ({ ...rig, head: { ...rig.head, weightOz } });

/** Depth of a level run half a cast off against reel speed, were there no end to it, a curve for each weight; the bottom ends it. */
export function depthAgainstSpeed(rig: Rig, plan: RetrievePlan, water: Water): readonly Curve<number>[] {
  return weightsAround(rig).map((weightOz) => {
    const { lure, line, ground } = prepareRetrieve(weighing(rig, weightOz), plan, water);
    const halfM = plan.castM / 2;
    const bottomM = Math.min(DEEPEST_M, ground.depthAt(halfM));
    const pointAt = (mPerS: number): ChartPoint => {
      const depthM = (factors: RunFactors): number =>
        Math.min(
          bottomM,
          levelDepthM({ ...lure, factors }, lineByHand(line, factors), halfM * factors.cast, mPerS, bottomM),
        );
      const band = linearBand(lure.body, depthM, BESIDE_SPEED);
      return [mPerS, depthM(SURE_FACTORS), band && [Math.max(0, band[0]), Math.min(bottomM, band[1])]];
    };
    return { of: weightOz, isOwn: weightOz === rig.head.weightOz, points: SPEEDS_MPS.map(pointAt) };
  });
}

/** Fall against weight, a curve for each of some rigs: their trailers and cuts side by side. */
export function fallAgainstWeight(rigs: readonly Rig[], water: Water): readonly Curve<number>[] {
  const medium = mediumOf(water);
  const pointOf = (rig: Rig, weightOz: number): ChartPoint => {
    const body = rigBody(weighing(rig, weightOz));
    const fall = steadyFall(body, medium);
    return [weightOz, fall.speedMps, fallBandMps(body, medium, fall)];
  };
  return rigs.map((rig, at) => ({
    of: at,
    isOwn: at === 0,
    points: STYLE_WEIGHTS_OZ[rig.head.style].map((weightOz) => pointOf(rig, weightOz)),
  }));
}

/** A rig whose falls stand beside those of another. */
export interface FallsBeside {
  readonly rig: Rig;
  /** the rig itself, as it came, another that was chosen, with other plastic of the box, without any */
  readonly as: 'own' | 'uncut' | 'chosen' | 'of-the-box' | 'bare';
}
/** Lines that can still be told apart. */
const MOST_FALLS = 5;

/**
 * Rigs whose falls say what plastic and cuts do: as it came out of the box, and with the plastic of the box that falls slowest and fastest.
 * @param chosen  one that stands beside it already
 */
export function fallsBeside(rig: Rig, chosen: Rig | null, box: Box, water: Water): readonly FallsBeside[] {
  const medium = mediumOf(water);
  const uncut = uncutRig(rig);
  const kinds = new Map(
    box.trailers
      .filter((part) => usable(part) && part.kind !== rig.trailer?.kind)
      .map((part) => [part.kind, { ...rig, trailer: uncutTrailer(part) }] as const),
  );
  const bySpeed = [...kinds.values()]
    .map((of) => ({ of, mPerS: steadyFall(rigBody(of), medium).speedMps }))
    .sort((a, b) => a.mPerS - b.mPerS);
  const ends = bySpeed.length > 1 ? [bySpeed[0]!, bySpeed.at(-1)!] : bySpeed;
  const all: FallsBeside[] = [
    { rig, as: 'own' },
    ...(sameJson(uncut, rig) ? [] : [{ rig: uncut, as: 'uncut' } as const]),
    ...(chosen ? [{ rig: chosen, as: 'chosen' } as const] : []),
    ...ends.map(({ of }) => ({ rig: of, as: 'of-the-box' }) as const),
    ...(rig.trailer ? [{ rig: { ...rig, trailer: null }, as: 'bare' } as const] : []),
  ];
  return all.slice(0, MOST_FALLS);
}

export const WORKS = ['kick', 'beat', 'turns'] as const;
/** What works on a rig against speed: the share of its kick, beats of tail or plate, turns of its blades. */
export type Works = (typeof WORKS)[number];

/** How far beats of a tail may be off: of what swims, most beats at a Strouhal number of 0.2 to 0.4. @source taylor-2003 */
const TAIL_BEAT_BAND = 1 / 3;
/** The same of plates and blades. @source adr-0010 */
const VANE_TURNS_BAND = 0.4;

/** How much something does at a speed where it starts at another. */
type DoesAt = (startMps: number, mPerS: number) => number;

export function worksAgainstSpeed(rig: Rig, water: Water): readonly Curve<Works>[] {
  const body = rigBody(rig);
  const { densityKgM3 } = mediumOf(water);
  const onset = onsetOfMps(rig.trailer, water.temperatureC);
  /** @param off  how far it may be off once it works, and its start, as shares */
  const curve = (
    of: Works,
    startMps: number,
    off: readonly [does: number, start: number],
    does: DoesAt,
  ): Curve<Works> => ({
    of,
    isOwn: true,
    points: SPEEDS_MPS.map((mPerS): ChartPoint => {
      const [least, most] = [does(startMps * (1 + off[1]), mPerS), does(startMps * (1 - off[1]), mPerS)];
      return [mPerS, does(startMps, mPerS), [least * (1 - off[0]), most * (1 + off[0])]];
    }),
  });
  const found: Curve<Works>[] = [];
  if (onset !== null) found.push(curve('kick', onset, [0, KICK_ONSET_BAND], awakeAt));
  const { frame, trailer } = body;
  const first = frame?.vanes[0];
  if (frame && first) {
    const turnsHz = frame.kind === 'spinner' ? bladeTurnsHz : plateBeatHz;
    const startMps = vaneStartMps(first, densityKgM3);
    // once it works it turns in proportion to its speed
    const doesAt: DoesAt = (from, mPerS) => {
      const works = Math.max(startMps, mPerS);
      return mPerS < from ? 0 : (turnsHz(first, works, densityKgM3) * mPerS) / works;
    };
    found.push(
      curve(frame.kind === 'spinner' ? 'turns' : 'beat', startMps, [VANE_TURNS_BAND, VANE_START_BAND], doesAt),
    );
  }
  if (frame?.kind !== 'vibrating' && trailer && onset !== null) {
    found.push(
      curve(
        'beat',
        onset,
        [TAIL_BEAT_BAND, KICK_ONSET_BAND],
        (startMps, mPerS) => tailBeatHz(trailer, startMps, mPerS) ?? 0,
      ),
    );
  }
  return found;
}
