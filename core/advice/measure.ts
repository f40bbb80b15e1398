import { massKgFromOz } from '../units/units';
import { HEADS } from '../tackle/heads';
import { headBody, rigBody, skirtBody, type RigBody } from '../rig/body';
import { rigProfile } from '../rig/profile';
import type { Rig } from '../rig/schema';
import { trailerBody } from '../rig/trailer-body';
import { steadyFall, mediumAt, type Medium } from '../motion/fall';
import { kickOnsetMps, showAtSpeed } from '../motion/kick';
import { pushIndex } from '../motion/push';
import { AXES, AXIS_NAMES, axisValues, guardClass } from './axes';
import { rigAt, type Candidates } from './enumerate';
import { WANT_IDS, type WantId } from './rule';
import { headForm, snagProofing } from './snag';
import type { WaterFacts } from './water-facts';

/** What a rig has, on the scales of the wants; SI. */
export type Has = Readonly<Record<WantId, number>>;

/** Numbers of one rig on the scales of the wants. */
export function measureRig(rig: Rig, body: RigBody, medium: Medium, facts: WaterFacts): Has {
  const speedMps = steadyFall(body, medium).speedMps;
  const { trailer, head } = rig;
  const onsetMps = trailer ? kickOnsetMps(trailer.kind, trailer.softness, facts.tempC) : null;
  const awake = onsetMps === null ? 1 : Math.min(1, speedMps / onsetMps);
  const profile = rigProfile(rig, body);
  return {
    fall: speedMps,
    weight: massKgFromOz(head.weightOz),
    push: pushIndex(body, medium, awake),
    show: trailer ? showAtSpeed(trailer.kind, onsetMps, speedMps) : 0,
    length: profile.lengthM,
    ratio: profile.ratio,
    snag: snagProofing(
      {
        form: headForm(head.style, head.nose ?? HEADS[head.style].nose, head.cams ?? false),
        guard: guardClass(rig.guard),
        buried: !rig.guard && rig.keeper === 'screw' && trailer !== null && trailer !== undefined,
        trailer: trailer?.kind ?? null,
      },
      facts,
    ),
  };
}

/** The same for thousands of rigs, in columns. */
export interface Columns {
  readonly has: Readonly<Record<WantId, Float64Array>>;
  /** place on each axis, in the order of AXIS_NAMES */
  readonly axes: readonly Uint8Array[];
}

/** For each item the index of the first one that is physically the same; colour moves no water. */
function firstAlike<T>(items: readonly T[], keyOf: (item: T) => string): Uint32Array {
  const first = new Map<string, number>();
  return Uint32Array.from(items, (item, at) => {
    const key = keyOf(item);
    const known = first.get(key);
    if (known === undefined) first.set(key, at);
    return known ?? at;
  });
}

const physicalKey = (part: object | null): string => JSON.stringify(part === null ? null : { ...part, colour: '' });

/**
 * Measures every candidate. Parts are put together once and shared, and a rig that differs from an earlier one in colour
 * alone takes that one's numbers.
 */
export function measureAll(candidates: Candidates, facts: WaterFacts): Columns {
  const medium = mediumAt(facts.tempC);
  const heads = candidates.heads.map((head) => headBody(head));
  const skirts = candidates.skirts.map(({ skirt }) => (skirt ? skirtBody(skirt) : null));
  const trailers = candidates.trailers.map(({ trailer }) => (trailer ? trailerBody(trailer) : null));
  const skirtTwin = firstAlike(candidates.skirts, ({ skirt }) => physicalKey(skirt));
  const trailerTwin = firstAlike(candidates.trailers, ({ trailer }) => physicalKey(trailer));
  const measuredAt = new Map<number, number>();

  const has = Object.fromEntries(WANT_IDS.map((id) => [id, new Float64Array(candidates.count)])) as Record<
    WantId,
    Float64Array
  >;
  const axes = AXIS_NAMES.map(() => new Uint8Array(candidates.count));
  for (let k = 0; k < candidates.count; k++) {
    const [head, skirt, trailer] = [candidates.headOf[k]!, candidates.skirtOf[k]!, candidates.trailerOf[k]!];
    const rig = rigAt(candidates, k);
    const key = (head * skirts.length + skirtTwin[skirt]!) * trailers.length + trailerTwin[trailer]!;
    const twin = measuredAt.get(key);
    if (twin === undefined) {
      measuredAt.set(key, k);
      const body = rigBody(rig, { head: heads[head]!, skirt: skirts[skirt]!, trailer: trailers[trailer]! });
      const measured = measureRig(rig, body, medium, facts);
      for (const id of WANT_IDS) has[id][k] = measured[id];
    } else {
      for (const id of WANT_IDS) has[id][k] = has[id][twin]!;
    }
    const values = axisValues(rig);
    for (let axis = 0; axis < AXIS_NAMES.length; axis++) {
      const name = AXIS_NAMES[axis]!;
      axes[axis]![k] = (AXES[name] as readonly (string | boolean)[]).indexOf(values[name]);
    }
  }
  return { has, axes };
}
