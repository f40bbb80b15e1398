import { uncutRig } from '../../edits/edits';
import type { Rig } from '../../rig/parts/schema';
import type { FaultId } from '../checks';
import type { Has } from '../measures/rig-measures';
import type { WantId } from '../rules/rule';
import type { CompiledWater } from '../rules/wants';
import { bestPossible } from '../search/score';
import { fit, meets } from '../rules/want-fit';
import { cutOptions, edited, USUAL_CUTS, type CutId, type CutOption } from './cut-options';
import { cutsTold, type Cut } from './cut-told';
import { fewestCuts } from './fewest-cuts';
import { candidatesOf, FINISHING, type Candidate, type Closeness } from './candidates';
import { LEAST_GAIN, netOf, type Judged, type Search } from './judged';
import { raterOf, type Net, type Rater } from './rate';

export interface CutSolution {
  readonly rig: Rig;
  readonly score: number;
  readonly has: Has;
  readonly faults: readonly FaultId[];
  readonly cuts: readonly Cut[];
}

/** A want that no cut puts in its band, and the nearest any cut brings it. */
export interface CutOutOfReach {
  readonly want: WantId;
  readonly nearest: number;
}

export interface SolvedCuts {
  readonly before: Pick<CutSolution, 'rig' | 'score' | 'has' | 'faults'>;
  readonly best: CutSolution;
  readonly fewest: CutSolution;
  readonly outOfReach: readonly CutOutOfReach[];
}

const isBetter = (a: Net, b: Net): boolean => a.score > b.score + 1e-12;

/** The candidate with guard and slit edited where that removes faults: a greedy search that adds the edit that helps most until none does. */
function finished(rater: Rater, base: Rig, { made, rated }: Candidate, options: readonly CutOption[]): Judged {
  let best = { made, net: rater.net(rated) };
  if (best.net.faults.length === 0) return best;
  const finishing = options.filter(({ edit }) => FINISHING.get(edit)?.some((id) => best.net.faults.includes(id)));
  // one after another: each step the one that helps most
  for (let step = 0; step < finishing.length; step++) {
    let next: typeof best | null = null;
    for (const { edit, values } of finishing) {
      if (best.made.some(([done]) => done === edit)) continue;
      for (const value of values.slice(1)) {
        const rig = edited(best.net.rig, base, edit, value);
        if (rig === null) continue;
        const net = rater.net(rater.rate(rig));
        if (isBetter(net, (next ?? best).net)) next = { made: [...best.made, [edit, value]], net };
      }
    }
    if (next === null) break;
    best = next;
  }
  return best;
}

/** What a search needs, and what it found on the way. */
interface Found extends Search {
  readonly before: Net;
  readonly best: Judged;
  readonly judged: readonly Judged[];
  readonly candidates: readonly Candidate[];
}

interface Asked {
  /** what may be done to the rig; left out, all that needs no other plastic */
  readonly allow?: readonly CutId[];
  /** before any cut; left out, as far as the rig itself tells */
  readonly base?: Rig;
  /** left out, closely */
  readonly closeness?: Closeness;
}

/** Searches the cuts that answer a water best. */
function search(
  compiled: CompiledWater,
  rig: Rig,
  { allow = USUAL_CUTS, base = uncutRig(rig), closeness = 'closely' }: Asked,
): Found {
  const rater = raterOf(compiled, rig);
  const before = rater.net(rater.rate(rig));
  const options = cutOptions(rig, base, compiled.facts, allow);
  const had = new Set(before.faults);
  const isAllowed = (net: Net): boolean => net.faults.every((id) => had.has(id));
  const candidates = candidatesOf(rater, rig, base, options, closeness);
  const most = bestPossible(compiled);

  const asItCame = finished(rater, base, { made: [], rated: before }, options);
  const ordered = [...candidates].sort((a, b) => b.rated.points - a.rated.points || a.made.length - b.made.length);
  const uncut: Judged = { made: [], net: before };
  let best = isAllowed(asItCame.net) ? asItCame : uncut;
  const judged = [uncut, best];
  for (const candidate of ordered) {
    // points are the most that can be left once faults are taken off: no candidate behind can come out ahead
    if (candidate.rated.points <= best.net.score * most) break;
    const done = finished(rater, base, candidate, options);
    if (!isAllowed(done.net)) continue;
    judged.push(done);
    if (isBetter(done.net, best.net)) best = done;
  }
  const around: Search = { rater, rig, base, options, isAllowed };
  return { ...around, before, judged, candidates, best: pruned(best, around) };
}

/**
 * The rig with the cuts that answer a water best, for those who need no reasons.
 * @param compiled  the water, compiled for the family of the rig
 * @param rig       checked; cut already or not
 */
export const bestCut = (compiled: CompiledWater, rig: Rig, asked: Asked = {}): Rig =>
  search(compiled, rig, asked).best.net.rig;

/**
 * Finds the cuts and turns that answer a water best, and the fewest that put in their bands what the best puts there. Nothing grows back: a
 * cut that was made stays. None is proposed that gains nothing or makes a fault the rig did not have.
 * @param compiled  the water, compiled for the family of the rig
 * @param rig       checked; cut already or not
 */
export function solveCuts(compiled: CompiledWater, rig: Rig, asked: Asked = {}): SolvedCuts {
  const found = search(compiled, rig, asked);
  const { before, candidates } = found;
  const fewest = fewestCuts(found, found.best, found.judged);
  const best = isBetter(fewest.net, found.best.net) ? fewest : found.best;
  const told = (solution: Judged): CutSolution => ({
    rig: solution.net.rig,
    score: solution.net.score,
    has: solution.net.has,
    faults: solution.net.faults,
    cuts: cutsTold(found, solution),
  });
  const outOfReach = compiled.wants.flatMap((want): CutOutOfReach[] => {
    const values = candidates.map(({ rated }) => rated.has[want.id]).filter(Number.isFinite);
    if (values.length === 0 || candidates.some(({ rated }) => meets(want, rated.has[want.id]))) return [];
    const nearest = values.reduce((near, value) => (fit(want, value) > fit(want, near) ? value : near));
    return [{ want: want.id, nearest }];
  });
  return { before, best: told(best), fewest: told(fewest), outOfReach };
}

/** A solution without the cuts that gain next to nothing, the least first. */
function pruned(solution: Judged, around: Search): Judged {
  let now = solution;
  for (;;) {
    let next: typeof now | null = null;
    for (const [edit] of now.made) {
      const made = now.made.filter(([other]) => other !== edit);
      const net = netOf(around, made);
      if (net === null || !around.isAllowed(net) || net.score < now.net.score - LEAST_GAIN) continue;
      if (next === null || net.score > next.net.score) next = { made, net };
    }
    if (next === null) return now;
    now = next;
  }
}
