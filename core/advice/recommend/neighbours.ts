import type { Closeness } from '../cuts/candidates';
import type { Found } from '../search/best-first';
import { mostPointsAt, pointsAt, rigAt, type Field, type Ranked } from '../search/per-family';
import { higherFirst } from '../search/score';
import { makeReady, type Ready } from '../ready/make-ready';

/** A rig found, made ready, with its score among all families. */
export interface Finalist extends Ranked {
  readonly ready: Ready;
}

/** How closely rigs are looked at for who leads. */
export interface Care {
  /** the most that making ready is taken to lift a rig: who is further behind as it comes is not made ready */
  readonly lifts: number;
  /** of how many of the best other skirts are tried */
  readonly dressed: number;
}
/** For a pick: a rig is skipped only if it could not lead even with every want met. */
export const PICK_CARE: Care = { lifts: Infinity, dressed: 3 };

/** Rigs made ready at least, however few are asked for: cutting can change their order. */
export const FINALISTS = 12;

/** The best finalist of each family, the best family first. */
export const bestOfEach = (finalists: readonly Finalist[]): Finalist[] =>
  [...finalists].sort(higherFirst).filter((one, at, all) => all.findIndex(({ field }) => field === one.field) === at);

/** @param closeness  how its cuts are looked for; left out, as for one of many that are compared */
export const finalistOf = (
  { field, found }: Pick<Ranked, 'field' | 'found'>,
  closeness: Closeness = 'in-turn',
): Finalist => {
  const ready = makeReady(field.compiled, rigAt(field, found), closeness);
  return { field, found, ready, score: field.worth * ready.score };
};

/** Whether a rig that was found could lead once it is made ready: it must be near as it is, and so it must if it met every want. */
export const couldLead = ({ field, found }: Pick<Ranked, 'field' | 'found'>, leads: number, { lifts }: Care): boolean =>
  field.worth * found.score + lifts > leads && (field.worth * mostPointsAt(field, found)) / field.judge.best > leads;

/** Neighbours tried per kind of part, and the number of parts beyond which the neighbourhood is not searched, since each has to be measured. */
const TRIED = { trailers: 4, heads: 2, skirts: 2 } as const;
const MOST_PARTS = 4000;

/** Rigs of one field that were made ready already, by head and trailer, and by all their parts. */
type Known = ReadonlySet<string>;
const partsOf = ({ head, trailer }: Pick<Found, 'head' | 'trailer'>): string => `${head} ${trailer}`;

const wholeOf = ({ head, trailer, skirt }: Pick<Found, 'head' | 'trailer' | 'skirt'>): string =>
  `${head} ${trailer} ${skirt}`;

/**
 * Rigs one part away from one: the most promising plastics of other kinds, the most promising other heads, sizes among them.
 * @returns  none where a box has too many parts to measure each
 */
function neighboursOf(field: Field, { head, skirt, trailer }: Found, known: Known): Found[] {
  const { space, kin } = field;
  if (space.heads.length + space.trailers.length > MOST_PARTS) return [];
  const best = (rows: readonly Found[], most: number, groupOf: (row: Found) => number): Found[] => {
    const byGroup = new Map<number, Found>();
    for (const row of rows) {
      if (known.has(partsOf(row))) continue;
      const so = byGroup.get(groupOf(row));
      if (!so || row.score > so.score) byGroup.set(groupOf(row), row);
    }
    return [...byGroup.values()].sort(higherFirst).slice(0, most);
  };
  const found = (part: Partial<Found>): Found => {
    const row = { head, skirt, trailer, ...part };
    return { ...row, score: pointsAt(field, field.judge, row) / field.judge.best };
  };
  const hung = space.trailers.map((_, at) => found({ trailer: at }));
  // a head that comes dressed, or one of another family, does not wear this skirt
  const dressed = space.heads.flatMap((row, at) =>
    row.skirtSet === space.heads[head]!.skirtSet ? [found({ head: at })] : [],
  );
  return [
    ...best(hung, TRIED.trailers, (row) => kin.of(row.head, row.trailer)),
    ...best(dressed, TRIED.heads, ({ head: at }) => at),
  ];
}

/** The same rig in its other most promising skirts: what is wrong with a colour is told of the whole rig. */
function inOtherSkirts(field: Field, { head, skirt, trailer }: Found, known: Known): Found[] {
  return field.space.skirtSets[field.space.heads[head]!.skirtSet]!.classes.filter(
    (at) => at !== skirt && !known.has(wholeOf({ head, trailer, skirt: at })),
  )
    .map((at): Found => {
      const row = { head, trailer, skirt: at, score: 0 };
      return { ...row, score: pointsAt(field, field.judge, row) / field.judge.best };
    })
    .sort(higherFirst)
    .slice(0, TRIED.skirts);
}

/** Rounds of the local search, and the finalists (of different heads) whose neighbours are tried in each round. */
const ROUNDS = 3;
const SEEDS = 2;

/**
 * Looks around the best finalists for what is better still once it is cut and fished as it should be: cutting changes most what comes longest out
 * of its bag, and a pace what runs too high, so that the best uncut need not be the best ready.
 * @yields   how far it is, which nobody can tell: 0
 * @returns  finalists, the best first, one a kin
 */
export function* withNeighbours(finalists: readonly Finalist[], care: Care): Generator<number, Finalist[]> {
  let all = [...finalists].sort(higherFirst);
  const looked = new Set<Finalist>();
  for (let round = 0; round < ROUNDS; round++) {
    const heads = new Set<string>();
    const seeds = all.filter(({ field, found }) => {
      const name = `${field.suits.family} ${found.head}`;
      return heads.size < SEEDS && !heads.has(name) && heads.add(name);
    });
    const fresh = seeds.filter((one) => !looked.has(one));
    if (fresh.length === 0) break;
    for (const seed of fresh) {
      looked.add(seed);
      const known = new Set(all.filter(({ field }) => field === seed.field).map(({ found }) => partsOf(found)));
      for (const found of neighboursOf(seed.field, seed.found, known)) {
        // what could not come out first is not cut to see
        if (!couldLead({ field: seed.field, found }, all[0]!.score, care)) continue;
        all.push(finalistOf({ field: seed.field, found }));
        yield 0;
      }
    }
    all = all.sort(higherFirst);
  }
  for (const { field, found: of } of all.slice(0, care.dressed)) {
    if (field.space.skirts.length > MOST_PARTS) continue;
    const known = new Set(all.filter((one) => one.field === field).map(({ found }) => wholeOf(found)));
    for (const found of inOtherSkirts(field, of, known)) {
      if (!couldLead({ field, found }, all[0]!.score, care)) continue;
      all.push(finalistOf({ field, found }));
      yield 0;
    }
  }
  all = all.sort(higherFirst);
  const kins = new Map<Field, Set<number>>();
  return all.filter(({ field, found }) => {
    const seen = kins.get(field) ?? new Set<number>();
    kins.set(field, seen);
    const kin = field.kin.of(found.head, found.trailer);
    return !seen.has(kin) && seen.add(kin);
  });
}
