import { uncutRig, type EditId } from '../../edits/edits';
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
import { LEAST_GAIN, make, netOf, type Judged, type Made, type Search } from './judged';
import { raterOf, type Net, type Rated, type Rater } from './rate';

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

interface Candidate {
  readonly made: Made;
  readonly rated: Rated;
}

/** Edits that move a number of the water; the others only take faults away. */
const FINISHING: ReadonlyMap<EditId, readonly FaultId[]> = new Map<EditId, readonly FaultId[]>([
  ['slit', ['point-stays-in-plastic']],
  ['guard-length', ['guard-off-the-barb']],
  ['guard-spread', ['guard-too-stiff', 'guard-holds-point-flat']],
  ['guard-fibres', ['guard-too-stiff', 'guard-holds-point-flat']],
]);
const OF_SKIRT: ReadonlySet<EditId> = new Set<EditId>(['skirt-length', 'skirt-side', 'thin']);
/** Edits that move every number a little only: they are tried on so many of the best of the others. */
const MOVES_LITTLE: ReadonlySet<EditId> = new Set<EditId>(['split', 'push', 'hang']);
const REFINED = 24;
/** Up to so many combinations the search is exhaustive; beyond that it is a coordinate search that alternates between plastic and skirt. */
const ALL_TRIED = 1500;
const ROUNDS = 3;
/** How cuts are looked for: in combination, for a rig that is told; one edit after another, for many rigs that are compared. */
export type Closeness = 'closely' | 'in-turn';
/** Ways to cut one part, each with the part it makes: where several make the same, the first. */
function waysOf(rig: Rig, base: Rig, options: readonly CutOption[]): { readonly made: Made; readonly rig: Rig }[] {
  return options.reduce<{ readonly made: Made; readonly rig: Rig }[]>(
    (before, { edit, values }) =>
      before.flatMap((way) => [
        way,
        ...values.slice(1).flatMap((value) => {
          const next = edited(way.rig, base, edit, value);
          return next === null ? [] : [{ made: [...way.made, [edit, value] as const], rig: next }];
        }),
      ]),
    [{ made: [], rig }],
  );
}

const isBetter = (a: Net, b: Net): boolean => a.score > b.score + 1e-12;

/** The wants and rules of every candidate worth looking at: the cuts that move much, all together; those that move little, on the best. */
function candidatesOf(
  rater: Rater,
  rig: Rig,
  base: Rig,
  options: readonly CutOption[],
  closeness: Closeness,
): Candidate[] {
  const moving = options.filter(({ edit }) => !FINISHING.has(edit));
  if (closeness === 'in-turn') return inTurn(rater, rig, base, moving);
  const small = moving.filter(({ edit }) => MOVES_LITTLE.has(edit));
  const coarse = combinationsOf(
    rater,
    rig,
    base,
    moving.filter(({ edit }) => !MOVES_LITTLE.has(edit)),
  );
  if (small.length === 0) return coarse;
  const place = new Map(options.map(({ edit }, at) => [edit, at]));
  const finest = [...coarse].sort((a, b) => b.rated.points - a.rated.points).slice(0, REFINED);
  return [
    ...coarse,
    ...[...finest, ...coarse.slice(0, 1)].flatMap(({ made, rated }) =>
      waysOf(rated.rig, base, small)
        .slice(1)
        .map((way): Candidate => ({
          made: [...made, ...way.made].sort(([x], [y]) => place.get(x)! - place.get(y)!),
          rated: rater.rate(way.rig),
        })),
    ),
  ];
}

/**
 * Edits taken in turn, each set to the value that collects most beside the others as they stand: a tenth of the rigs that all combinations are, for
 * comparing rigs before they are cut closely.
 */
function inTurn(rater: Rater, rig: Rig, base: Rig, options: readonly CutOption[]): Candidate[] {
  const seen = new Map<string, Candidate>();
  const look = (made: Made): Candidate | null => {
    const key = made.map((one) => one.join(' ')).join();
    const known = seen.get(key);
    if (known) return known;
    const cut = make({ rig, base }, made);
    if (cut === null) return null;
    const found = { made, rated: rater.rate(cut) };
    seen.set(key, found);
    return found;
  };
  let best = look([])!;
  for (let round = 0; round < ROUNDS; round++) {
    const before = best;
    for (const { edit, values } of options) {
      const ways = values.map((value, at) => {
        const made = options.flatMap(({ edit: other }) => {
          const row = best.made.find(([id]) => id === other);
          if (other === edit) return at === 0 ? [] : [[edit, value] as const];
          return row ? [row] : [];
        });
        return look(made);
      });
      for (const way of ways) if (way && way.rated.points > best.rated.points) best = way;
    }
    if (best === before) break;
  }
  return [...seen.values()];
}

/** All combinations of some edits, or the most promising of them where there are too many. */
function combinationsOf(rater: Rater, rig: Rig, base: Rig, moving: readonly CutOption[]): Candidate[] {
  const plastic = waysOf(
    rig,
    base,
    moving.filter(({ edit }) => !OF_SKIRT.has(edit)),
  );
  const skirts = waysOf(
    rig,
    base,
    moving.filter(({ edit }) => OF_SKIRT.has(edit)),
  );
  const seen = new Map<number, Candidate>();
  const look = (hung: number, worn: number): Candidate => {
    const key = hung * skirts.length + worn;
    const known = seen.get(key);
    if (known) return known;
    const { made, rig: cut } = plastic[hung]!;
    const dressed = skirts[worn]!;
    const skirt = dressed.rig.skirt;
    const whole: Rig = skirt ? { ...cut, skirt } : cut;
    const found = { made: [...made, ...dressed.made], rated: rater.rate(whole) };
    seen.set(key, found);
    return found;
  };
  if (plastic.length * skirts.length <= ALL_TRIED) {
    plastic.forEach((_, hung) => skirts.forEach((__, worn) => look(hung, worn)));
    return [...seen.values()];
  }
  const bestAt = (count: number, at: (index: number) => Candidate): number => {
    let best = 0;
    for (let index = 1; index < count; index++) {
      if (at(index).rated.points > at(best).rated.points) best = index;
    }
    return best;
  };
  for (const start of [0, skirts.length - 1]) {
    let [hung, worn] = [0, start];
    for (let round = 0; round < ROUNDS; round++) {
      const nextHung = bestAt(plastic.length, (index) => look(index, worn));
      const nextWorn = bestAt(skirts.length, (index) => look(nextHung, index));
      if (nextHung === hung && nextWorn === worn && round > 0) break;
      [hung, worn] = [nextHung, nextWorn];
    }
  }
  return [...seen.values()];
}

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
