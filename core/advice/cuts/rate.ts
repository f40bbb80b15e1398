import { mediumOf, type Medium } from '../../motion/medium';
import { frameBody } from '../../rig/body/frame';
import { headBody, pushedShare, rigBody, skirtBody, type RigBody, type SkirtBody } from '../../rig/body/body';
import { trailerBody, type TrailerBody } from '../../rig/body/trailer-body';
import type { Rig, Skirt, Trailer } from '../../rig/parts/schema';
import { faultIdsOf, faultPoints, type FaultId } from '../checks';
import { measureRig, type Has } from '../measures/rig-measures';
import { isMistake } from '../rules/mistakes';
import type { CompiledWater } from '../rules/wants';
import { bestPossible, rulesOn } from '../search/score';
import { fit, meets } from '../rules/want-fit';

/** What a rig has and collects, before its faults are looked for. */
export interface Rated {
  readonly rig: Rig;
  readonly body: RigBody;
  readonly has: Has;
  /** points of wants and rules */
  readonly points: number;
  /** weight of the wants that lie in their bands */
  readonly met: number;
}

/** A rig judged whole: what it collects, less what its faults take. */
export interface Net extends Rated {
  readonly faults: readonly FaultId[];
  /** share of all that could be collected, 0 to 1 */
  readonly score: number;
}

/** Points of the wants and rules of a water. */
export const pointsOf = (compiled: CompiledWater, has: Has, rules: number): number =>
  compiled.wants.reduce((sum, want) => sum + want.weight * fit(want, has[want.id]), rules);

/**
 * Score, 0 to 1: points less fault points, over the most any rig could collect. Faults of the parts alone are left out, since the rules
 * have subtracted them already.
 */
export const shareLeft = (best: number, points: number, faults: readonly FaultId[]): number =>
  Math.max(0, (points - faultPoints(faults.filter((id) => !isMistake(id)))) / best);

/** Rates rigs of one head and one family on a water; bodies of parts that several share are put together once. */
export interface Rater {
  readonly compiled: CompiledWater;
  rate(rig: Rig): Rated;
  net(rated: Rated): Net;
}

export function raterOf(compiled: CompiledWater, first: Rig): Rater {
  const medium: Medium = mediumOf(compiled.facts.water);
  const head = headBody(first.head);
  const frame = frameBody(first);
  const best = bestPossible(compiled);
  const trailers = new Map<Trailer, TrailerBody>();
  /** skirts by how far a trailer is pushed up under their collar, which stands the strands out */
  const skirts = new Map<number, Map<Skirt, SkirtBody>>();
  const once = <K extends object, V>(known: Map<K, V>, part: K | null | undefined, make: (part: K) => V): V | null => {
    if (!part) return null;
    const found = known.get(part) ?? make(part);
    known.set(part, found);
    return found;
  };
  const skirtOf = ({ skirt, trailer }: Rig): SkirtBody | null => {
    const pushed = pushedShare(trailer);
    const known = skirts.get(pushed) ?? new Map<Skirt, SkirtBody>();
    skirts.set(pushed, known);
    return once(known, skirt, (part) => skirtBody(part, pushed));
  };
  const bodyOf = (rig: Rig) =>
    rigBody(rig, { head, frame, skirt: skirtOf(rig), trailer: once(trailers, rig.trailer, trailerBody) });
  const ruled = new Map<string, number>();
  /** what is cut moves few of the axes rules look at */
  const rulesHere = (rig: Rig): number => {
    const { trailer, skirt, guard, core } = rig;
    const key = `${trailer?.orientation} ${trailer?.hang} ${skirt?.thinned} ${guard?.fibres} ${core ? 1 : 0}`;
    const known = ruled.get(key) ?? rulesOn(compiled, rig);
    ruled.set(key, known);
    return known;
  };
  return {
    compiled,
    rate(rig) {
      const body = bodyOf(rig);
      const has = measureRig(rig, body, medium, compiled.facts);
      const met = compiled.wants.reduce((sum, want) => (meets(want, has[want.id]) ? sum + want.weight : sum), 0);
      return { rig, body, has, points: pointsOf(compiled, has, rulesHere(rig)), met };
    },
    net(rated) {
      const faults = faultIdsOf(rated.rig, { water: compiled.facts.water, facts: compiled.facts }, rated.body);
      return { ...rated, faults, score: shareLeft(best, rated.points, faults) };
    },
  };
}
