import { massKgFromOz } from '../../units/units';
import { HEADS } from '../../tackle/heads';
import { rigBody, type RigBody } from '../../rig/body/body';
import { rigProfile } from '../../rig/body/profile';
import type { Rig } from '../../rig/parts/schema';
import { steadyFall } from '../../motion/fall';
import type { Medium } from '../../motion/medium';
import { awakeAt, onsetOfMps, showAtSpeed } from '../../motion/kick';
import { pushIndex } from '../../motion/push';
import { frameShow } from '../../motion/vanes';
import { guardClass } from '../candidates/attributes';
import { WANT_IDS, type WantId } from '../rules/rule';
import { NOT_REELED, reeledNumbers } from './retrieve-measures';
import { headForm, snagProofing, type SnagInput } from './snag-resistance';
import { rigOf, type HeadClass, type SkirtClass, type TrailerClass } from '../candidates/candidate-classes';
import type { WaterFacts } from '../conditions/water-facts';

/** What a rig has, on the scales of the wants; SI. */
export type Has = Readonly<Record<WantId, number>>;

/** How snag-proof a rig is depends on its head, guard and kind of trailer alone. */
export const snagInputOf = (
  rig: Pick<Rig, 'family' | 'head' | 'guard' | 'keeper' | 'trailer' | 'blade'>,
): SnagInput => ({
  form: headForm(rig.head.style, rig.head.nose ?? HEADS[rig.head.style].nose, rig.head.cams ?? false),
  // the wire in front of a spinner's hook turns it over what it meets, a plate shields the hook behind it
  guard: rig.family === 'spinner' ? 'wire' : rig.blade ? PLATE_SHIELDS[rig.blade.link] : guardClass(rig.guard),
  buried: !rig.guard && rig.keeper === 'screw' && rig.trailer !== null && rig.trailer !== undefined,
  // behind a plate two legs keep it upright on what it meets: they hang up no more than they save
  trailer: rig.family === 'vibrating' ? null : (rig.trailer?.kind ?? null),
});

/** What a plate is worth as a guard: fixed to the head it stays in front of the hook. @source craft-practice */
const PLATE_SHIELDS = { direct: 'light', ring: 'wire', wire: 'wire' } as const;

/** Numbers of one rig on the scales of the wants. */
export function measureRig(rig: Rig, body: RigBody, medium: Medium, facts: WaterFacts): Has {
  const fallMps = steadyFall(body, medium).speedMps;
  // what a lure shows and moves it does at the speed at which it is fished
  const speedMps = facts.reel?.paceMps ?? fallMps;
  const { trailer } = rig;
  const onsetMps = onsetOfMps(trailer, facts.tempC);
  const profile = rigProfile(rig, body);
  return {
    fall: fallMps,
    weight: massKgFromOz(rig.head.weightOz),
    push: pushIndex(body, medium, awakeAt(onsetMps, speedMps)),
    show: Math.max(
      trailer ? showAtSpeed(trailer.kind, onsetMps, speedMps, body.trailer!.tailLeft) : 0,
      body.frame ? frameShow(body.frame) : 0,
    ),
    length: profile.lengthM,
    ratio: profile.ratio,
    snag: snagProofing(snagInputOf(rig), facts),
    ...(facts.reel === null ? NOT_REELED : reeledNumbers(rig, body, medium, onsetMps, facts.reel, facts.depthM)),
  };
}

/** The numbers of a rig in the order of WANT_IDS. */
export type HasRow = Float64Array;

/** Measures one rig of a space. Parts were put together once and are shared. */
export function measureParts(
  head: HeadClass,
  skirt: SkirtClass,
  trailer: TrailerClass,
  medium: Medium,
  facts: WaterFacts,
): HasRow {
  const rig = rigOf(head, skirt, trailer);
  const body = rigBody(rig, { head: head.body, skirt: skirt.body, trailer: trailer.body, frame: head.frame });
  const measured = measureRig(rig, body, medium, facts);
  return Float64Array.from(WANT_IDS, (id) => measured[id]);
}
