import { rigBody } from '../rig/body';
import { CRAWL_MPS, skirtSpreadM } from '../rig/skirt-shape';
import { rigProfile } from '../rig/profile';
import { fallBoundsMps, skirtEnvelope, type SkirtEnvelope } from '../motion/fall-bounds';
import type { Medium } from '../motion/fall';
import { awakeAt, kickOnsetMps, showAtSpeed } from '../motion/kick';
import { PUSH_AT_MPS, pushIndexOf } from '../motion/push';
import { skirtDragAreaM2 } from '../motion/skirt-drag';
import { snagInputOf } from './measure';
import type { WantId } from './rule';
import type { Range } from './score';
import { snagProofing } from './snag';
import { rigOf, type HeadClass, type RigSpace, type SkirtClass, type TrailerClass } from './space';
import type { WaterFacts } from './water-facts';

/** What the skirts of one set span. */
interface SetSpan {
  readonly envelope: SkirtEnvelope;
  readonly pushDragM2: Range;
  readonly lengthM: Range;
  readonly spreadM: Range;
}

/** Same density as the profile of a rig is drawn at. */
const SHAPE_DENSITY_KG_M3 = 999;

const rangeOf = (values: readonly number[]): Range => [Math.min(...values), Math.max(...values)];

function spanOf(space: RigSpace, set: number, medium: Medium): SetSpan {
  const skirts = space.skirtSets[set]!.classes.map((at) => space.skirts[at]!.body);
  const drag = skirts.map((skirt) =>
    skirt === null ? 0 : skirtDragAreaM2(skirt, PUSH_AT_MPS, medium.densityKgM3, medium.kinematicM2ps),
  );
  return {
    envelope: skirtEnvelope(skirts, medium),
    pushDragM2: rangeOf(drag),
    lengthM: rangeOf(skirts.map((skirt) => skirt?.lengthM ?? 0)),
    spreadM: rangeOf(skirts.map((skirt) => (skirt === null ? 0 : skirtSpreadM(skirt, CRAWL_MPS, SHAPE_DENSITY_KG_M3)))),
  };
}

/** What a head with a trailer can reach on each want, whichever of its skirts it wears. Snag-proofing and weight are exact. */
export type Reach = Readonly<Record<WantId, Range>>;

const NO_SKIRT: SkirtClass = { skirt: null, count: 1, alike: 0, body: null, axes: new Uint8Array() };

/** Prepares the spans of a space once; the result answers pair by pair. */
export function reachOf(
  space: RigSpace,
  medium: Medium,
  facts: WaterFacts,
): (head: HeadClass, trailer: TrailerClass) => Reach {
  const spans = new Map<number, SetSpan>();
  const snags = new Map<HeadClass, Map<string, number>>();
  const onsets = new Map<TrailerClass, number | null>();
  const spanAt = (set: number): SetSpan => {
    const known = spans.get(set) ?? spanOf(space, set, medium);
    spans.set(set, known);
    return known;
  };
  const onsetAt = (trailer: TrailerClass): number | null => {
    const known = onsets.get(trailer);
    if (known !== undefined) return known;
    const onset = trailer.trailer ? kickOnsetMps(trailer.trailer.kind, trailer.trailer.softness, facts.tempC) : null;
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

  return (head, trailer) => {
    const bare = rigOf(head, NO_SKIRT, trailer);
    const body = rigBody(bare, { head: head.body, skirt: null, trailer: trailer.body, frame: null });
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
    const pushAt = (speedMps: number, dragM2: number): number =>
      pushIndexOf(body.pushM2 * awakeAt(onsetMps, speedMps), dragM2);
    const { trailer: plastic } = trailer;
    return {
      fall: [slowMps, fastMps],
      weight: [head.body.massKg, head.body.massKg],
      push: [pushAt(slowMps, span.pushDragM2[0]), pushAt(fastMps, span.pushDragM2[1])],
      show: plastic
        ? rangeOf([showAtSpeed(plastic.kind, onsetMps, slowMps), showAtSpeed(plastic.kind, onsetMps, fastMps)])
        : [0, 0],
      length: [shortM, longM],
      ratio: [lowM / longM, highM / shortM],
      snag: [snag, snag],
    };
  };
}
