import type { EditId } from '../../edits/edits';
import type { Rig } from '../../rig/parts/schema';
import type { FaultId } from '../checks';
import { edited, type CutOption } from './cut-options';
import { make, type Made } from './judged';
import type { Rated, Rater } from './rate';

/** A rig after some edits, before its faults are looked for. */
export interface Candidate {
  readonly made: Made;
  readonly rated: Rated;
}

/** Edits that move a number of the water; the others only take faults away. */
export const FINISHING: ReadonlyMap<EditId, readonly FaultId[]> = new Map<EditId, readonly FaultId[]>([
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

/** The wants and rules of every candidate worth looking at: the cuts that move much, all together; those that move little, on the best. */
export function candidatesOf(
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
