import { rigBody, type RigBody } from '../../rig/body/body';
import { spinningDragM2 } from '../../rig/body/frame';
import { CRAWL_MPS, skirtSpreadM } from '../../rig/body/skirt-shape';
import { rigProfile } from '../../rig/body/profile';
import { fallBoundsMps, skirtEnvelope, type SkirtEnvelope } from '../../motion/fall-bounds';
import { submergedWeightN } from '../../motion/fall';
import type { Medium } from '../../motion/medium';
import { levelDepthOf } from '../../motion/level';
import { joined, lureOf } from '../../motion/towed';
import { frameShow } from '../../motion/vanes';
import { GRAVITY_MPS2 } from '../../units/units';
import { awakeAt, onsetOfMps, showAtSpeed } from '../../motion/kick';
import { PUSH_AT_MPS, pushIndexOf } from '../../motion/push';
import { skirtDragAreaM2 } from '../../motion/skirt-drag';
import { snagInputOf } from '../measures/rig-measures';
import { COMPARED_LINE, HALF_CAST_M, NOT_ASKED } from '../measures/retrieve-measures';
import type { REELED_WANTS, WantId } from '../rules/rule';
import type { Range } from './score';
import { snagProofing } from '../measures/snag-resistance';
import {
  rigOf,
  type HeadClass,
  type CandidateClasses,
  type SkirtClass,
  type TrailerClass,
} from '../candidates/candidate-classes';
import type { Reel, WaterFacts } from '../conditions/water-facts';

/** Range of each quantity over the skirts of one set. */
interface SetSpan {
  readonly envelope: SkirtEnvelope;
  readonly pushDragM2: Range;
  /** drag at the pace at which rigs are reeled here; at the speed of comparison where they are not */
  readonly paceDragM2: Range;
  readonly lengthM: Range;
  readonly spreadM: Range;
}

/** Same density as the profile of a rig is drawn at. */
const SHAPE_DENSITY_KG_M3 = 999;

const rangeOf = (values: readonly number[]): Range => [Math.min(...values), Math.max(...values)];

function spanOf(space: CandidateClasses, set: number, medium: Medium, paceMps: number): SetSpan {
  const skirts = space.skirtSets[set]!.classes.map((at) => space.skirts[at]!.body);
  const dragAt = (speedMps: number): number[] =>
    skirts.map((skirt) =>
      skirt === null ? 0 : skirtDragAreaM2(skirt, speedMps, medium.densityKgM3, medium.kinematicM2ps),
    );
  return {
    envelope: skirtEnvelope(skirts, medium),
    pushDragM2: rangeOf(dragAt(PUSH_AT_MPS)),
    paceDragM2: rangeOf(dragAt(paceMps)),
    lengthM: rangeOf(skirts.map((skirt) => skirt?.lengthM ?? 0)),
    spreadM: rangeOf(skirts.map((skirt) => (skirt === null ? 0 : skirtSpreadM(skirt, CRAWL_MPS, SHAPE_DENSITY_KG_M3)))),
  };
}

/** What a head with a trailer can reach on each want, whichever of its skirts it wears. Snag-proofing and weight are exact. */
export type ReachableRange = Readonly<Record<WantId, Range>>;

type ReelReach = Readonly<Record<(typeof REELED_WANTS)[number], Range>>;
/** Wants without a bound of their own: the search assumes they are met. */
const ANYTHING: Range = [0, Infinity];
const NO_REEL: ReelReach = { run: ANYTHING, hold: ANYTHING, window: ANYTHING, kick: ANYTHING };
/** How closely bounds of a depth are found, as a share, and the room that leaves, m. */
const RUN_CLOSE = 2e-4;
const RUN_SLACK_M = 0.01;

const NO_SKIRT: SkirtClass = { skirt: null, place: 0, count: 1, alike: 0, body: null, axes: new Uint8Array() };

/** What every pair can reach; how snag-proof one is can be had alone, since it is cheap. */
export interface ReachableRangeOf {
  (head: HeadClass, trailer: TrailerClass): ReachableRange;
  snag(head: HeadClass, trailer: TrailerClass): number;
}

/** Computes the ranges of a space once; the returned function gives the bounds of one pair. */
export function reachableRangesOf(space: CandidateClasses, medium: Medium, facts: WaterFacts): ReachableRangeOf {
  const spans = new Map<number, SetSpan>();
  const snags = new Map<HeadClass, Map<string, number>>();
  const onsets = new Map<TrailerClass, number | null>();
  const spanAt = (set: number): SetSpan => {
    const known = spans.get(set) ?? spanOf(space, set, medium, facts.reel?.paceMps ?? PUSH_AT_MPS);
    spans.set(set, known);
    return known;
  };
  const onsetAt = (trailer: TrailerClass): number | null => {
    const known = onsets.get(trailer);
    if (known !== undefined) return known;
    const onset = onsetOfMps(trailer.trailer, facts.tempC);
    onsets.set(trailer, onset);
    return onset;
  };

  const snagAt = (head: HeadClass, trailer: TrailerClass): number => {
    const kind = trailer.trailer?.kind ?? 'none';
    let row = snags.get(head);
    if (!row) snags.set(head, (row = new Map()));
    const known = row.get(kind) ?? snagProofing(snagInputOf(rigOf(head, NO_SKIRT, trailer)), facts);
    row.set(kind, known);
    return known;
  };

  /** Least and most a head with a trailer can run at, over the skirts of a set: more drag lifts, more weight sinks. */
  const reelReach = (body: RigBody, onsetMps: number | null, span: SetSpan, reel: Reel): ReelReach => {
    const lure = lureOf(body, medium, onsetMps);
    const bareN = submergedWeightN(body, medium);
    const awake = awakeAt(onsetMps, reel.paceMps);
    const runAt = (skirtM2: number, skirtKg: number): number => {
      const areas = joined(lure, reel.paceMps, awake, skirtM2, bareN + GRAVITY_MPS2 * skirtKg);
      return levelDepthOf(lure, areas, COMPARED_LINE, HALF_CAST_M, reel.paceMps, facts.depthM, RUN_CLOSE);
    };
    const { lightestKg, heaviestKg } = span.envelope;
    const kick = onsetMps === null ? NOT_ASKED : reel.paceMps / onsetMps;
    let run: Range | null = null;
    return {
      // found by search, so only once somebody asks
      get run(): Range {
        run ??= [
          runAt(span.paceDragM2[1], lightestKg) - RUN_SLACK_M,
          runAt(span.paceDragM2[0], heaviestKg) + RUN_SLACK_M,
        ];
        return run;
      },
      hold: ANYTHING,
      window: ANYTHING,
      kick: [kick, kick],
    };
  };

  const reach = (head: HeadClass, trailer: TrailerClass): ReachableRange => {
    const bare = rigOf(head, NO_SKIRT, trailer);
    const body = rigBody(bare, { head: head.body, skirt: null, trailer: trailer.body, frame: head.frame });
    const span = spanAt(head.skirtSet);
    const [slowMps, fastMps] = fallBoundsMps(body, span.envelope, medium);
    const onsetMps = onsetAt(trailer);
    const snag = snagAt(head, trailer);

    const profile = rigProfile(bare, body);
    const headM = body.head.lengthM;
    const longer = (skirtM: number): number => Math.max(profile.lengthM, headM + skirtM);
    const taller = (spreadM: number): number => Math.max(profile.heightM, spreadM);
    const [shortM, longM] = [longer(span.lengthM[0]), longer(span.lengthM[1])];
    const [lowM, highM] = [taller(span.spreadM[0]), taller(span.spreadM[1])];
    const frameM2 = head.frame === null ? 0 : spinningDragM2(head.frame);
    const pushAt = (speedMps: number, dragM2: number): number =>
      pushIndexOf(body.pushM2 * awakeAt(onsetMps, speedMps) + frameM2, dragM2);
    const { trailer: plastic } = trailer;
    const flashes = head.frame === null ? 0 : frameShow(head.frame);
    const { reel } = facts;
    const [fromMps, toMps] = reel === null ? [slowMps, fastMps] : [reel.paceMps, reel.paceMps];
    const reeled = reel === null ? NO_REEL : reelReach(body, onsetMps, span, reel);
    return {
      fall: [slowMps, fastMps],
      get run(): Range {
        return reeled.run;
      },
      hold: reeled.hold,
      window: reeled.window,
      kick: reeled.kick,
      weight: [head.body.massKg, head.body.massKg],
      push: [pushAt(fromMps, span.pushDragM2[0]), pushAt(toMps, span.pushDragM2[1])],
      show: plastic
        ? rangeOf(
            [fromMps, toMps].map((speedMps) =>
              Math.max(flashes, showAtSpeed(plastic.kind, onsetMps, speedMps, trailer.body!.tailLeft)),
            ),
          )
        : [flashes, flashes],
      length: [shortM, longM],
      ratio: [lowM / longM, highM / shortM],
      snag: [snag, snag],
    };
  };
  return Object.assign(reach, { snag: snagAt });
}
