import type { Option } from './options';

/** A plan as an integer programme, apart from what it is of: which rigs on which rods answer which stops. */

export interface DeckModel {
  /** worth of a rig at a stop: minutes, weight and score; by rig, then stop */
  readonly worth: readonly (readonly number[])[];
  readonly options: readonly Option[];
  readonly stops: number;
  /** rods that may be taken */
  readonly rods: number;
  /** how many there are of each reel; Infinity where nobody counts */
  readonly reels: readonly number[];
  /** of each part that is counted: how many there are, and the rigs that take one */
  readonly parts: readonly { readonly count: number; readonly rigs: readonly number[] }[];
  /** rod that has to answer a stop, by stop; null for any */
  readonly locks: readonly (number | null)[];
}

/** Rigs that take a part there are too few of for so many that are tied, by part: what may bind. */
const binding = ({ parts }: DeckModel, ties: number): DeckModel['parts'] => parts.filter(({ count }) => count < ties);

/**
 * The same programme without options another one always stands in for: on the same rod, at no fewer stops, nowhere worse, taking no scarce
 * part or reel the other does not. Some best plan is always among the rest.
 * @param ties  rigs that are tied at most
 */
export function reduced(model: DeckModel, ties = model.rods): DeckModel {
  const scarce = binding(model, ties);
  const takes = model.worth.map((_, rig) => scarce.flatMap(({ rigs }, at) => (rigs.includes(rig) ? [at] : [])));
  const isFree = (reel: number): boolean => model.reels[reel]! >= ties;
  const stands = (for_: Option, one: Option): boolean =>
    (one.reel === for_.reel || isFree(one.reel)) &&
    for_.stops.every((stop) => one.stops.includes(stop)) &&
    for_.stops.every((stop) => model.worth[one.rig]![stop]! >= model.worth[for_.rig]![stop]!) &&
    (one.rig === for_.rig || takes[one.rig]!.every((part) => takes[for_.rig]!.includes(part)));
  const byRod = new Map<number, Option[]>();
  for (const option of model.options) {
    const kept = byRod.get(option.rod) ?? byRod.set(option.rod, []).get(option.rod)!;
    if (kept.some((one) => stands(option, one))) continue;
    const left = kept.filter((one) => !stands(one, option));
    byRod.set(option.rod, [...left, option]);
  }
  const kept = new Set([...byRod.values()].flat());
  return { ...model, options: model.options.filter((option) => kept.has(option)) };
}

/** Chosen options by their places, and the one that answers each stop; null where none does. */
export interface Chosen {
  readonly options: readonly number[];
  readonly answers: readonly (number | null)[];
  readonly worth: number;
}

/** Tie-breaking penalty for each rig, as a share of the objective: of plans that are worth the same, the one with fewer rigs. */
export const A_RIG_MORE = 1e-6;
/** Bonus for honouring a lock, as a multiple of the whole objective, so that locks come first. */
export const LOCKED = 2;

/** Upper bound of the objective: every stop answered by its best option. */
export const mostWorth = ({ worth, stops }: Pick<DeckModel, 'worth' | 'stops'>): number =>
  Array.from({ length: stops }, (_, stop) => Math.max(0, ...worth.map((row) => row[stop]!))).reduce((a, b) => a + b, 0);

const mayAnswer = (model: DeckModel, option: Option, stop: number): boolean =>
  option.stops.includes(stop) && (model.locks[stop] === null || model.locks[stop] === option.rod);

/** Each stop answered as well as some options allow. */
export function answered(model: DeckModel, options: readonly number[]): Chosen {
  const answers = Array.from({ length: model.stops }, (_, stop): number | null => {
    let best: number | null = null;
    for (const at of options) {
      const option = model.options[at]!;
      if (!mayAnswer(model, option, stop)) continue;
      if (best === null || model.worth[option.rig]![stop]! > model.worth[model.options[best]!.rig]![stop]!) best = at;
    }
    return best;
  });
  const used = [...new Set(answers.filter((at) => at !== null))].sort((a, b) => a - b);
  const gained = answers.map((at, stop): number => (at === null ? 0 : model.worth[model.options[at]!.rig]![stop]!));
  const worth = gained.reduce((total, one) => total + one, 0);
  return { options: used, answers, worth };
}

/** Whether some options can be had together. */
export function isPossible(model: DeckModel, options: readonly number[]): boolean {
  const of = options.map((at) => model.options[at]!);
  if (of.length > model.rods || new Set(of.map(({ rod }) => rod)).size < of.length) return false;
  if (model.reels.some((count, reel) => of.filter((option) => option.reel === reel).length > count)) return false;
  return model.parts.every(({ count, rigs }) => of.filter(({ rig }) => rigs.includes(rig)).length <= count);
}

const lockedWorth = (model: DeckModel, { answers, worth }: Chosen): number =>
  worth +
  LOCKED * (mostWorth(model) + 1) * answers.filter((at, stop) => at !== null && model.locks[stop] !== null).length;

/** Greedy plan: adds the rig that gains most until none does; a lower bound for the exact plan. */
export function greedy(model: DeckModel): Chosen {
  let now = answered(model, []);
  for (;;) {
    let next: Chosen | null = null;
    for (const at of model.options.keys()) {
      const options = [...now.options, at];
      if (now.options.includes(at) || !isPossible(model, options)) continue;
      const tried = answered(model, options);
      if (lockedWorth(model, tried) > lockedWorth(model, next ?? now) + 1e-12) next = tried;
    }
    if (next === null) return now;
    now = next;
  }
}

const sum = (names: readonly string[]): string => names.join(' + ');

/** The programme in the format linear solvers read. */
export function programmeOf(model: DeckModel): string {
  const { worth, options, stops, rods, reels, parts, locks } = model;
  const all = mostWorth(model) + 1;
  const y = (at: number): string => `y${at}`;
  /** options of one rig on one rod share what they answer */
  const pairs = new Map<string, { readonly rig: number; readonly rod: number; readonly of: number[] }>();
  options.forEach(({ rig, rod }, at) => {
    const key = `${rig}_${rod}`;
    const pair = pairs.get(key) ?? { rig, rod, of: [] };
    pair.of.push(at);
    pairs.set(key, pair);
  });
  const terms: string[] = options.map((_, at) => `- ${(A_RIG_MORE * all).toPrecision(12)} ${y(at)}`);
  const rows: string[] = [];
  const byStop: string[][] = Array.from({ length: stops }, () => []);
  for (const [key, { rig, rod, of }] of pairs) {
    for (let stop = 0; stop < stops; stop++) {
      const able = of.filter((at) => options[at]!.stops.includes(stop));
      if (able.length === 0 || (locks[stop] !== null && locks[stop] !== rod)) continue;
      const x = `x${stop}_${key}`;
      terms.push(`+ ${(worth[rig]![stop]! + (locks[stop] === null ? 0 : LOCKED * all)).toPrecision(12)} ${x}`);
      byStop[stop]!.push(x);
      rows.push(`l${stop}_${key}: ${x} - ${able.map(y).join(' - ')} <= 0`);
    }
  }
  byStop.forEach((names, stop) => names.length > 0 && rows.push(`s${stop}: ${sum(names)} <= 1`));
  const limit = (name: string, of: readonly number[], count: number): void => {
    if (of.length > count) rows.push(`${name}: ${sum(of.map(y))} <= ${count}`);
  };
  const places = (is: (option: Option) => boolean): number[] =>
    options.flatMap((option, at) => (is(option) ? [at] : []));
  for (const rod of new Set(options.map((option) => option.rod)))
    limit(
      `r${rod}`,
      places((o) => o.rod === rod),
      1,
    );
  reels.forEach(
    (count, reel) =>
      Number.isFinite(count) &&
      limit(
        `e${reel}`,
        places((o) => o.reel === reel),
        count,
      ),
  );
  parts.forEach(({ count, rigs }, at) =>
    limit(
      `p${at}`,
      places((o) => rigs.includes(o.rig)),
      count,
    ),
  );
  limit('k', [...options.keys()], rods);
  return [
    'Maximize',
    ` obj: ${terms.join('\n ')}`,
    'Subject To',
    ...rows.map((row) => ` ${row}`),
    'Bounds',
    ...byStop.flat().map((x) => ` 0 <= ${x} <= 1`),
    'Binary',
    ` ${options.map((_, at) => y(at)).join('\n ')}`,
    'End',
    '',
  ].join('\n');
}
