import { A_RIG_MORE, LOCKED, mostWorth, reduced, type DeckModel } from './model';
import type { Option } from './options';

/** Programme of a day on which a rod may change its rig between two stops; rod, reel and line stay together. */

/** What answers a stop, and whether the rig is tied for it on the way. */
export interface Tied {
  readonly option: Option;
  readonly isReTied: boolean;
}
export interface TiedPlan {
  readonly answers: readonly (Tied | null)[];
  readonly worth: number;
}

export interface ReTieModel extends DeckModel {
  /** share of a stop’s worth that is left where a rig is tied for it first, by stop */
  readonly left: readonly number[];
}

const gearKey = ({ rod, reel, line }: Option): string => `${rod}_${reel}_${line}`;

/** Dominance: a gear set is dropped, with its options, where another one of the same rod can do all it does. */
function withoutIdleGears(model: ReTieModel, ties: number): ReTieModel {
  const gears = new Map<string, Option[]>();
  for (const option of model.options) {
    const key = gearKey(option);
    gears.set(key, [...(gears.get(key) ?? []), option]);
  }
  const doesAll = (one: readonly Option[], other: readonly Option[]): boolean =>
    other.every(({ rig, stops }) => {
      const same = one.find((option) => option.rig === rig);
      return same !== undefined && stops.every((stop) => same.stops.includes(stop));
    });
  const kept: Option[][] = [];
  for (const own of gears.values()) {
    const [first] = own;
    const stands = (by: readonly Option[], of: readonly Option[]): boolean =>
      by[0]!.rod === of[0]!.rod &&
      (by[0]!.reel === of[0]!.reel || model.reels[by[0]!.reel]! >= model.rods) &&
      doesAll(by, of);
    if (first === undefined || kept.some((other) => stands(other, own))) continue;
    for (let at = kept.length - 1; at >= 0; at--) if (stands(own, kept[at]!)) kept.splice(at, 1);
    kept.push(own);
  }
  // of rigs on one gear those another stands in for are no use either
  const options = kept.flatMap((own) => reduced({ ...model, options: own }, ties).options);
  return { ...model, options };
}

/** Options by stop that are worth the most there, so many on each rod. */
function worthIt({ options, worth, stops }: ReTieModel, most: number): ReadonlySet<Option> {
  const kept = new Set<Option>();
  const rods = [...new Set(options.map(({ rod }) => rod))];
  for (let stop = 0; stop < stops; stop++) {
    for (const rod of rods) {
      options
        .filter((option) => option.rod === rod && option.stops.includes(stop))
        .sort((a, b) => worth[b.rig]![stop]! - worth[a.rig]![stop]!)
        .slice(0, most)
        .forEach((option) => kept.add(option));
    }
  }
  return kept;
}

/** Most pairs of option and stop that are put into one programme. */
const MOST_PLACES = 1600;

/**
 * The programme as it is solved.
 * @param static_  options of the best plan without changes: they are always among those looked at
 * @returns the options looked at, and whether these are all that can matter
 */
export function laidOut(
  model: ReTieModel,
  static_: readonly Option[],
): { readonly model: ReTieModel; readonly isWhole: boolean } {
  const ties = model.rods + model.stops;
  const whole = withoutIdleGears(model, ties);
  if (whole.options.length * model.stops <= MOST_PLACES) return { model: whole, isWhole: true };
  for (let most = 6; most >= 1; most--) {
    const kept = worthIt(whole, most);
    const gears = new Set(static_.map(gearKey));
    const options = model.options.filter((option) => {
      const isStatic = static_.some((own) => own.rig === option.rig && gearKey(own) === gearKey(option));
      // whatever is worth it may also be tied on the gears of the plan without changes
      return (
        isStatic || kept.has(option) || (gears.has(gearKey(option)) && [...kept].some(({ rig }) => rig === option.rig))
      );
    });
    if (options.length * model.stops <= MOST_PLACES || most === 1)
      return { model: { ...model, options }, isWhole: false };
  }
  return { model: whole, isWhole: false };
}

const sum = (names: readonly string[]): string => names.join(' + ');

/**
 * The programme in the format linear solvers read. `u`: a gear is taken; `e`: a rig is tied on it, at home or for a stop; `k`: it is kept from
 * the stop before; `x`: it answers a stop without being tied for it.
 */
export function reTieProgramme(model: ReTieModel): string {
  const { worth, options, stops, rods, reels, parts, locks, left } = model;
  const all = mostWorth(model) + 1;
  const gears = [...new Set(options.map(gearKey))];
  const gearOf = options.map((option) => gears.indexOf(gearKey(option)));
  const places = Array.from({ length: stops }, (_, stop) => stop);
  const terms: string[] = [];
  const rows: string[] = [];
  const binary: string[] = [];
  const unit: string[] = [];
  const add = (value: number, name: string): void =>
    void terms.push(`${value < 0 ? '-' : '+'} ${Math.abs(value).toPrecision(12)} ${name}`);
  const mayAnswer = (option: Option, stop: number): boolean =>
    option.stops.includes(stop) && (locks[stop] === null || locks[stop] === option.rod);
  const gain = (option: Option, stop: number, share: number): number =>
    worth[option.rig]![stop]! * share + (locks[stop] === null ? 0 : LOCKED * all);

  const answers: string[][] = places.map(() => []);
  const ties: string[][] = options.map(() => []);
  options.forEach((option, at) => {
    let held: readonly string[] = [];
    for (const stop of places) {
      const has: string[] = [];
      const isTied = stop === 0 || mayAnswer(option, stop);
      if (isTied) {
        const e = `e${stop}_${at}`;
        binary.push(e);
        has.push(e);
        ties[at]!.push(e);
        add((stop === 0 ? 0 : gain(option, stop, left[stop]!)) - A_RIG_MORE * all, e);
        if (stop > 0) answers[stop]!.push(e);
      }
      if (stop > 0) {
        const k = `k${stop}_${at}`;
        binary.push(k);
        has.push(k);
        rows.push(`h${stop}_${at}: ${k} - ${held.join(' - ')} <= 0`);
      }
      held = has;
      const [e, k] = [`e${stop}_${at}`, `k${stop}_${at}`];
      if (mayAnswer(option, stop)) {
        const x = `x${stop}_${at}`;
        unit.push(x);
        add(gain(option, stop, 1), x);
        answers[stop]!.push(x);
        rows.push(`l${stop}_${at}: ${x} - ${stop === 0 ? e : k} <= 0`);
      }
    }
  });
  answers.forEach((names, stop) => names.length > 0 && rows.push(`s${stop}: ${sum(names)} <= 1`));
  gears.forEach((_, gear) => {
    binary.push(`u${gear}`);
    const own = options.flatMap((__, at) => (gearOf[at] === gear ? [at] : []));
    for (const stop of places) {
      const names = own.flatMap((at) => [
        ...(ties[at]!.includes(`e${stop}_${at}`) ? [`e${stop}_${at}`] : []),
        ...(stop > 0 ? [`k${stop}_${at}`] : []),
      ]);
      rows.push(`g${gear}_${stop}: ${sum(names)} - u${gear} <= 0`);
    }
  });
  const [rodOf, reelOf] = [0, 1].map((part) => gears.map((key) => Number(key.split('_')[part])));
  const limit = (name: string, names: readonly string[], count: number): void => {
    if (names.length > count) rows.push(`${name}: ${sum(names)} <= ${count}`);
  };
  const us = (is: (gear: number) => boolean): string[] => gears.flatMap((_, gear) => (is(gear) ? [`u${gear}`] : []));
  for (const rod of new Set(rodOf))
    limit(
      `r${rod}`,
      us((gear) => rodOf![gear] === rod),
      1,
    );
  reels.forEach(
    (count, reel) =>
      Number.isFinite(count) &&
      limit(
        `t${reel}`,
        us((gear) => reelOf![gear] === reel),
        count,
      ),
  );
  limit(
    'n',
    us(() => true),
    rods,
  );
  parts.forEach(({ count, rigs }, part) =>
    limit(
      `p${part}`,
      options.flatMap(({ rig }, at) => (rigs.includes(rig) ? ties[at]! : [])),
      count,
    ),
  );
  return [
    'Maximize',
    ` obj: ${terms.join('\n ')}`,
    'Subject To',
    ...rows.map((row) => ` ${row}`),
    'Bounds',
    ...[...unit, ...binary].map((name) => ` 0 <= ${name} <= 1`),
    'Binary',
    ` ${binary.join('\n ')}`,
    'End',
    '',
  ].join('\n');
}

/** What a day comes to when its stops are answered so; null for a stop nobody answers. */
export function tiedPlan({ worth, left }: ReTieModel, answers: readonly (Option | null)[]): TiedPlan {
  const on = new Map<number, Option>();
  let total = 0;
  const tied = answers.map((option, stop): Tied | null => {
    if (option === null) return null;
    const before = on.get(option.rod);
    const isReTied = before !== undefined && before.rig !== option.rig;
    on.set(option.rod, option);
    total += worth[option.rig]![stop]! * (isReTied ? left[stop]! : 1);
    return { option, isReTied };
  });
  return { answers: tied, worth: total };
}

/** The answers of a solved programme, by stop. */
export function readAnswers({ options, stops }: ReTieModel, set: readonly string[]): readonly (Option | null)[] {
  const answers: (Option | null)[] = Array.from({ length: stops }, () => null);
  for (const name of set) {
    const found = /^([ex])(\d+)_(\d+)$/.exec(name);
    if (!found) continue;
    const [stop, at] = [Number(found[2]), Number(found[3])];
    if (found[1] === 'e' && stop === 0) continue;
    answers[stop] = options[at]!;
  }
  return answers;
}
