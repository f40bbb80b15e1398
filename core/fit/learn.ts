import type { CasePool, PoolRig } from './pool';

/** Factors on today's weights, by `want:family:id` and `rule:id`; 1 where none is named. */
export type Factors = Readonly<Record<string, number>>;

/** A weight stays within a third and three times what it is. @source adr-0036 */
const MOST = Math.log(3);
/** A case should be won by so much of the score, and how soft a win is, as shares of it. */
const MARGIN = 0.01;
const SOFT = 0.015;
/** Steps of the descent and how long they are. */
const STEPS = 160;
const STEP = 0.04;
/** Moments of the descent (Adam). */
const MOMENTS = { mean: 0.9, square: 0.999, least: 1e-8 } as const;
/** How much a case counts by its firmness: mentioned, preferred, insisted on. */
const COUNTS = [0.3, 1, 2] as const;

interface Indexed {
  readonly pool: CasePool;
  /** rigs by a number for their kin */
  readonly kin: readonly number[];
  /** places of the factors of each field's wants and rules */
  readonly wants: readonly Int32Array[];
  readonly rules: readonly Int32Array[];
}
interface Problem {
  readonly names: readonly string[];
  readonly cases: readonly Indexed[];
}

function kinOf({ rigs }: CasePool): number[] {
  const names = new Map<string, number>();
  return rigs.map(({ kin }) => {
    const at = names.get(kin) ?? names.size;
    names.set(kin, at);
    return at;
  });
}

function indexed(pools: readonly CasePool[]): Problem {
  const places = new Map<string, number>();
  const placeOf = (name: string): number => {
    const at = places.get(name) ?? places.size;
    places.set(name, at);
    return at;
  };
  const cases = pools.map((pool): Indexed => ({
    pool,
    kin: kinOf(pool),
    wants: pool.fields.map(({ family, wants }) => Int32Array.from(wants, ([id]) => placeOf(`want:${family}:${id}`))),
    rules: pool.fields.map(({ rules }) => Int32Array.from(rules, ([id]) => placeOf(`rule:${id}`))),
  }));
  return { names: [...places.keys()], cases };
}

/** Scores of the rigs of a case under factors. */
function scoresOf(
  { pool, wants, rules }: Indexed,
  factors: Float64Array,
): { readonly scores: Float64Array; readonly bests: number[] } {
  const bests: number[] = [];
  const wanted: Float64Array[] = [];
  const ruled: Float64Array[] = [];
  pool.fields.forEach((field, at) => {
    wanted.push(Float64Array.from(field.wants, ([, weight], place) => weight * factors[wants[at]![place]!]!));
    ruled.push(Float64Array.from(field.rules, ([, weight], place) => weight * factors[rules[at]![place]!]!));
    bests.push(
      wanted[at]!.reduce((sum, weight) => sum + weight, 0) +
        ruled[at]!.reduce((sum, weight) => sum + Math.max(0, weight), 0),
    );
  });
  const scores = Float64Array.from(pool.rigs, (rig) => {
    const [asked, said] = [wanted[rig.field]!, ruled[rig.field]!];
    let points = -rig.faults;
    for (let place = 0; place < asked.length; place++) points += asked[place]! * rig.fits[place]!;
    for (const place of rig.rules) points += said[place]!;
    return (pool.fields[rig.field]!.worth * points) / bests[rig.field]!;
  });
  return { scores, bests };
}

/** The best rig of some at a place, counting one of each kin; none where there are not so many kin. */
function atPlace(
  { pool, kin }: Indexed,
  scores: Float64Array,
  place: number,
  some: (rig: PoolRig) => boolean,
): number | undefined {
  const passed = new Set<number>();
  for (let now = 0; ; now++) {
    let best = -1;
    for (let at = 0; at < kin.length; at++) {
      if (passed.has(kin[at]!) || !some(pool.rigs[at]!)) continue;
      if (best === -1 || scores[at]! > scores[best]!) best = at;
    }
    if (best === -1) return undefined;
    if (now === place) return best;
    passed.add(kin[best]!);
  }
}

/** Two rigs of a case of which the first should score more. */
interface Duel {
  readonly up: number;
  readonly down: number;
}
const PLACES = 3;

/** What decides a case: the best rig that it asks for against the one that keeps it from its place. */
function duelsOf(one: Indexed, scores: Float64Array): Duel[] {
  const { asks } = one.pool;
  const duels: Duel[] = [];
  const add = (up: number | undefined, down: number | undefined): void => {
    if (up !== undefined && down !== undefined) duels.push({ up, down });
  };
  const at = (place: number, some: (rig: PoolRig) => boolean): number | undefined => atPlace(one, scores, place, some);
  if (asks.first) {
    add(
      at(0, ({ isFirst }) => isFirst),
      at(0, ({ isFirst }) => !isFirst),
    );
  }
  if (asks.among) {
    add(
      at(0, ({ isAmong }) => isAmong),
      at(PLACES - 1, ({ isAmong }) => !isAmong),
    );
  }
  if (asks.never) {
    add(
      at(PLACES - 1, ({ isNever }) => !isNever),
      at(0, ({ isNever }) => isNever),
    );
  }
  return duels;
}

const factorsFor = ({ names }: Problem, factors: Factors): Float64Array =>
  Float64Array.from(names, (name) => factors[name] ?? 1);

/** Whether a case holds under factors, as far as its pool of rigs tells. */
export function holdsIn(pool: CasePool, factors: Factors): boolean {
  const problem = indexed([pool]);
  const one = problem.cases[0]!;
  const { scores } = scoresOf(one, factorsFor(problem, factors));
  const shown = Array.from({ length: PLACES }, (_, place) => atPlace(one, scores, place, () => true)).flatMap((at) =>
    at === undefined ? [] : [pool.rigs[at]!],
  );
  const { asks } = pool;
  if (shown.length === 0) return false;
  return (
    (!asks.first || shown[0]!.isFirst) &&
    (!asks.among || shown.some(({ isAmong }) => isAmong)) &&
    (!asks.never || shown.every(({ isNever }) => !isNever))
  );
}

/**
 * Learns factors on weights from cases: a logistic loss on who wins each, pulled toward today's weights, by gradient descent with moments (Adam).
 * Nothing in it is random: the same pools give the same factors.
 * @param pull  strength of the pull toward today's weights, per case
 */
export function learn(pools: readonly CasePool[], pull: number): Factors {
  const problem = indexed(pools);
  const count = problem.names.length;
  const logs = new Float64Array(count);
  const [mean, square] = [new Float64Array(count), new Float64Array(count)];
  for (let step = 1; step <= STEPS; step++) {
    const slope = gradient(problem, logs, pull);
    for (let at = 0; at < count; at++) {
      mean[at] = MOMENTS.mean * mean[at]! + (1 - MOMENTS.mean) * slope[at]!;
      square[at] = MOMENTS.square * square[at]! + (1 - MOMENTS.square) * slope[at]! ** 2;
      const [m, v] = [mean[at]! / (1 - MOMENTS.mean ** step), square[at]! / (1 - MOMENTS.square ** step)];
      const next = logs[at]! - (STEP * (1 - step / (STEPS + 1)) * m) / (Math.sqrt(v) + MOMENTS.least);
      logs[at] = Math.min(MOST, Math.max(-MOST, next));
    }
  }
  return Object.fromEntries(problem.names.map((name, at) => [name, Math.exp(logs[at]!)]));
}

function gradient({ cases }: Problem, logs: Float64Array, pull: number): Float64Array {
  const slope = Float64Array.from(logs, (log) => 2 * pull * cases.length * log);
  const factors = logs.map(Math.exp);
  for (const one of cases) {
    const { scores, bests } = scoresOf(one, factors);
    for (const { up, down } of duelsOf(one, scores)) {
      const off = (scores[down]! - scores[up]! + MARGIN) / SOFT;
      const share = COUNTS[one.pool.firmness - 1]! / (1 + Math.exp(-off));
      addSlope(one, factors, scores, bests, down, share, slope);
      addSlope(one, factors, scores, bests, up, -share, slope);
    }
  }
  return slope;
}

/** Adds the slope of one rig's score to a gradient. */
function addSlope(
  { pool, wants, rules }: Indexed,
  factors: Float64Array,
  scores: Float64Array,
  bests: readonly number[],
  at: number,
  times: number,
  slope: Float64Array,
): void {
  const rig = pool.rigs[at]!;
  const field = pool.fields[rig.field]!;
  const best = bests[rig.field]!;
  // the score is the share of what could be collected, which the weights change too
  const share = scores[at]! / field.worth;
  const scale = (times * field.worth) / best / SOFT;
  field.wants.forEach(([, weight], place) => {
    const to = wants[rig.field]![place]!;
    slope[to] = slope[to]! + scale * weight * factors[to]! * (rig.fits[place]! - share);
  });
  field.rules.forEach(([, weight], place) => {
    if (weight <= 0) return;
    const to = rules[rig.field]![place]!;
    slope[to] = slope[to]! - scale * weight * factors[to]! * share;
  });
  for (const place of rig.rules) {
    const to = rules[rig.field]![place]!;
    slope[to] = slope[to]! + scale * field.rules[place]![1] * factors[to]!;
  }
}

/** Cases that hold, of how many. */
export interface Share {
  readonly held: number;
  readonly of: number;
}
const shareOf = (pools: readonly CasePool[], factors: Factors): Share => ({
  held: pools.filter((pool) => holdsIn(pool, factors)).length,
  of: pools.length,
});

/** How a strength of the pull does on cases it has not seen: each practice in turn is left out, learned without, and asked. */
export interface Validated {
  readonly pull: number;
  readonly byPractice: Readonly<Record<string, Share>>;
  readonly all: Share;
}
export function crossValidated(pools: readonly CasePool[], pull: number): Validated {
  const practices = [...new Set(pools.map(({ practice }) => practice))].sort();
  const byPractice = practices.map((left): [string, Share] => {
    const factors = learn(
      pools.filter(({ practice }) => practice !== left),
      pull,
    );
    return [
      left,
      shareOf(
        pools.filter(({ practice }) => practice === left),
        factors,
      ),
    ];
  });
  const sum = (of: 'held' | 'of'): number => byPractice.reduce((so, [, share]) => so + share[of], 0);
  return { pull, byPractice: Object.fromEntries(byPractice), all: { held: sum('held'), of: sum('of') } };
}

/** What no weight can tell apart: cases that do not hold, with the rig they ask for and the one that keeps it out alike in all that is weighed. */
export function cannotBeTold(
  pools: readonly CasePool[],
  factors: Factors,
): { readonly id: string; readonly because: 'nothing differs' | 'not in the pool' | 'outweighed' }[] {
  return pools
    .filter((pool) => !holdsIn(pool, factors))
    .map((pool) => {
      const problem = indexed([pool]);
      const one = problem.cases[0]!;
      const duels = duelsOf(one, scoresOf(one, factorsFor(problem, factors)).scores);
      if (duels.length === 0) return { id: pool.id, because: 'not in the pool' as const };
      const isAlike = duels.some(({ up, down }) => {
        const [a, b] = [pool.rigs[up]!, pool.rigs[down]!];
        return (
          JSON.stringify(a.rules) === JSON.stringify(b.rules) &&
          a.fits.every((fit, at) => Math.abs(fit - b.fits[at]!) < 0.02)
        );
      });
      return { id: pool.id, because: isAlike ? ('nothing differs' as const) : ('outweighed' as const) };
    });
}
