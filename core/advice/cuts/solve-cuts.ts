import { editOf, uncutRig, type EditId } from '../../edits/edits';
import type { Rig } from '../../rig/parts/schema';
import type { FaultId } from '../checks';
import type { Has } from '../measures/rig-measures';
import type { WantId } from '../rules/rule';
import type { CompiledWater } from '../rules/wants';
import { fit, meets } from '../search/score';
import { cutOf, cutOptions, edited, USUAL_CUTS, type CutId, type CutOption } from './cut-options';
import { raterOf, type Net, type Rated, type Rater } from './rate';

/** Why a cut is made: the want it brings nearest to its band, or the fault it takes away; null where only rules speak for it. */
export type CutReason =
  | { readonly want: WantId; readonly was: number; readonly is: number; readonly meets: boolean }
  | { readonly fault: FaultId }
  | null;

/** One cut or turn of a solution. */
export interface Cut {
  readonly id: CutId;
  readonly edit: EditId;
  readonly from: number | string;
  readonly to: number | string;
  readonly unit: 'mm' | 'count' | 'degrees' | null;
  /** share of the score that would be lost without it */
  readonly gains: number;
  readonly reason: CutReason;
}

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

type Made = readonly (readonly [edit: EditId, value: number | string])[];
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
/** Combinations that are all tried; where there are more, plastic and skirt take turns. */
const ALL_TRIED = 1500;
const ROUNDS = 3;
/** Candidates whose faults are looked for at most, the most promising first. */
const FAULTS_OF = 48;
/** So few candidates that the faults of all may be looked for. */
const ALL_JUDGED = 300;
/** A cut that gains less of the score than this is not worth the scissors. @source adr-0023 */
export const LEAST_GAIN = 0.004;

/** Makes edits one after another in the order of the options; null where one of them cannot be. */
function make(rig: Rig, base: Rig, made: Made): Rig | null {
  let state: Rig | null = rig;
  for (const [edit, value] of made) {
    state = state && edited(state, base, edit, value);
    if (state === null) return null;
  }
  return state;
}

/** Every way to choose one value of each option, the first of each left out where it stays as it is. */
function combinations(options: readonly CutOption[]): Made[] {
  return options.reduce<Made[]>(
    (before, { edit, values }) =>
      before.flatMap((made) => values.map((value, at): Made => (at === 0 ? made : [...made, [edit, value]]))),
    [[]],
  );
}

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

/** The wants and rules of every candidate worth looking at. */
function candidatesOf(rater: Rater, rig: Rig, base: Rig, options: readonly CutOption[]): Candidate[] {
  const moving = options.filter(({ edit }) => !FINISHING.has(edit));
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

/** The same rig with guard and belly seen to, where that takes faults away: the fewest edits that take the most. */
function finished(
  rater: Rater,
  base: Rig,
  { made, rated }: Candidate,
  options: readonly CutOption[],
): { made: Made; net: Net } {
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

/** How much is cut: by how many edits, then by how much of each it takes. */
interface Amount {
  readonly edits: number;
  readonly share: number;
}
const isLess = (a: Amount, b: Amount): boolean =>
  a.edits < b.edits || (a.edits === b.edits && a.share < b.share - 1e-12);

/**
 * Finds the cuts and turns that answer a water best, and the fewest that put in their bands what the best puts there. Nothing grows back: a
 * cut that was made stays. None is proposed that gains nothing or makes a fault the rig did not have.
 * @param compiled  the water, compiled for the family of the rig
 * @param rig       checked; cut already or not
 * @param allow     what may be done to it
 */
export function solveCuts(
  compiled: CompiledWater,
  rig: Rig,
  { allow = USUAL_CUTS, base = uncutRig(rig) }: { readonly allow?: readonly CutId[]; readonly base?: Rig } = {},
): SolvedCuts {
  const rater = raterOf(compiled, rig);
  const before = rater.net(rater.rate(rig));
  const options = cutOptions(rig, base, compiled.facts, allow);
  const had = new Set(before.faults);
  const isAllowed = (net: Net): boolean => net.faults.every((id) => had.has(id));
  const candidates = candidatesOf(rater, rig, base, options);
  const amountOf = (made: Made): Amount => ({
    edits: made.length,
    share: made.reduce((sum, [edit, value]) => {
      const { values } = options.find((option) => option.edit === edit)!;
      return sum + values.indexOf(value) / (values.length - 1);
    }, 0),
  });
  const netOf = (made: Made): Net | null => {
    const cut = make(rig, base, made);
    return cut && rater.net(rater.rate(cut));
  };

  const asItCame = finished(rater, base, { made: [], rated: before }, options);
  const ordered = [...candidates].sort((a, b) => b.rated.points - a.rated.points || a.made.length - b.made.length);
  let best: { made: Made; net: Net } = isAllowed(asItCame.net) ? asItCame : { made: [], net: before };
  const judged: { made: Made; net: Net }[] = [{ made: [], net: before }, best];
  for (const candidate of ordered.slice(0, ordered.length <= ALL_JUDGED ? undefined : FAULTS_OF)) {
    // points are the most that can be left once faults are taken off
    if (candidate.rated.points <= pointsLeft(best.net, compiled)) break;
    const done = finished(rater, base, candidate, options);
    if (!isAllowed(done.net)) continue;
    judged.push(done);
    if (isBetter(done.net, best.net)) best = done;
  }
  best = pruned(best, netOf, isAllowed);

  const fewest = fewestOf(best, judged, rig, base, options, rater, isAllowed, amountOf);
  if (isBetter(fewest.net, best.net)) best = fewest;
  const told = (solution: { made: Made; net: Net }): CutSolution => ({
    rig: solution.net.rig,
    score: solution.net.score,
    has: solution.net.has,
    faults: solution.net.faults,
    cuts: solution.made.map(([edit, to]) => cutTold(compiled, rig, solution, edit, to, netOf)),
  });
  const outOfReach = compiled.wants.flatMap((want): CutOutOfReach[] => {
    const values = candidates.map(({ rated }) => rated.has[want.id]).filter(Number.isFinite);
    if (values.length === 0 || candidates.some(({ rated }) => meets(want, rated.has[want.id]))) return [];
    const nearest = values.reduce((near, value) => (fit(want, value) > fit(want, near) ? value : near));
    return [{ want: want.id, nearest }];
  });
  return { before, best: told(best), fewest: told(fewest), outOfReach };
}

/** Points a judged rig keeps once its faults are taken off. */
const pointsLeft = (net: Net, compiled: CompiledWater): number => net.score * bestOf(compiled);
const bestOf = (compiled: CompiledWater): number =>
  compiled.wants.reduce((sum, { weight }) => sum + weight, 0) +
  compiled.prefers.reduce((sum, { weight }) => sum + Math.max(0, weight), 0);

/** A solution without the cuts that gain next to nothing, the least first. */
function pruned(
  solution: { made: Made; net: Net },
  netOf: (made: Made) => Net | null,
  isAllowed: (net: Net) => boolean,
): { made: Made; net: Net } {
  let now = solution;
  for (;;) {
    let next: typeof now | null = null;
    for (const [edit] of now.made) {
      const made = now.made.filter(([other]) => other !== edit);
      const net = netOf(made);
      if (net === null || !isAllowed(net) || net.score < now.net.score - LEAST_GAIN) continue;
      if (next === null || net.score > next.net.score) next = { made, net };
    }
    if (next === null) return now;
    now = next;
  }
}

/** The least cutting that puts as much in its bands as the best does, with no more of the first two kinds of faults. */
function fewestOf(
  best: { made: Made; net: Net },
  judged: readonly { made: Made; net: Net }[],
  rig: Rig,
  base: Rig,
  options: readonly CutOption[],
  rater: Rater,
  isAllowed: (net: Net) => boolean,
  amountOf: (made: Made) => Amount,
): { made: Made; net: Net } {
  const before = judged[0]!.net.score;
  /** as much in its bands, no more faults, and worth its scissors */
  const isEnough = (made: Made, net: Net): boolean =>
    isAllowed(net) &&
    net.met >= best.net.met - 1e-9 &&
    net.faults.length <= best.net.faults.length &&
    (made.length === 0 || net.score >= before + LEAST_GAIN);
  let fewest = best;
  let amount = amountOf(best.made);
  const take = (made: Made, net: Net): void => {
    const own = amountOf(made);
    if (!isLess(own, amount) || !isEnough(made, net)) return;
    [fewest, amount] = [{ made, net }, own];
  };
  for (const { made, net } of judged) take(made, net);
  // parts of the best, and single cuts and pairs of any size
  const single = options.flatMap(({ edit, values }) => values.slice(1).map((value): Made => [[edit, value]]));
  const pairs = single
    .flatMap(([a], at) => single.slice(at + 1).map(([b]): Made => [a!, b!]))
    .filter(([a, b]) => a![0] !== b![0]);
  const subsets = combinations(best.made.map(([edit, value]) => ({ edit, values: [NaN, value] })));
  for (const made of [...subsets, ...single, ...(amount.edits >= 2 ? pairs : [])]) {
    if (!isLess(amountOf(made), amount)) continue;
    const cut = make(rig, base, made);
    if (cut === null) continue;
    const rated = rater.rate(cut);
    if (rated.met < best.net.met - 1e-9) continue;
    take(made, rater.net(rated));
  }
  return fewest;
}

/** A cut with what it gains, and what it does most. */
function cutTold(
  compiled: CompiledWater,
  came: Rig,
  { made, net }: { made: Made; net: Net },
  edit: EditId,
  to: number | string,
  netOf: (made: Made) => Net | null,
): Cut {
  const row = editOf(edit);
  const without = netOf(made.filter(([other]) => other !== edit));
  const cured = without?.faults.find((id) => !net.faults.includes(id));
  const moved = compiled.wants
    .map((want) => ({
      want,
      by: without ? want.weight * (fit(want, net.has[want.id]) - fit(want, without.has[want.id])) : 0,
    }))
    .sort((a, b) => b.by - a.by)[0];
  const reason: CutReason = cured
    ? { fault: cured }
    : moved && moved.by > 0 && without
      ? {
          want: moved.want.id,
          was: without.has[moved.want.id],
          is: net.has[moved.want.id],
          meets: meets(moved.want, net.has[moved.want.id]),
        }
      : null;
  return {
    id: cutOf(edit),
    edit,
    from: row.read(came),
    to,
    unit: row.kind === 'amount' ? row.unit : null,
    gains: without ? net.score - without.score : net.score,
    reason,
  };
}
