import { advise } from '../advice/recommend/advise';
import type { Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import type { Water } from '../water/schema';

/** What leads on a cell of the map: the rig as it comes out of the box, made ready and judged, and its score. */
export interface Winner {
  readonly rig: Rig;
  readonly score: number;
  /** what tells it from others on a map: all but its colours, its cuts and what comes with its head */
  readonly key: string;
}

/** What changes on a map: family, head and weight, trailer and how it is turned, blades, plate. Colours and cuts do not make a region. */
export function winnerKey({ family, head, trailer, blades, blade }: Rig): string {
  return JSON.stringify([
    family,
    head.style,
    head.weightOz,
    trailer && [trailer.kind, trailer.lengthMm, trailer.orientation],
    blades?.map(({ shape, size }) => [shape, size]),
    blade?.size,
  ]);
}

/** The first pick of a water, made ready, as Pick would give it without other schools; null where the box has none. */
export function winnerOf(water: Water, box: Box): Winner | null {
  const [first] = advise(water, box, 1, { asks: 'own-school' }).picks;
  return first ? { rig: first.base, score: first.score, key: winnerKey(first.base) } : null;
}

export const isSameWinner = (one: Winner | null, other: Winner | null): boolean => one?.key === other?.key;

/** Parts of a region's rig that are different in its neighbours: what a region is labelled by. */
export const MAP_CHANGES = ['family', 'head', 'weight', 'trailer', 'blades', 'plate'] as const;
export type MapChange = (typeof MAP_CHANGES)[number];

const PART: Readonly<Record<MapChange, (rig: Rig) => unknown>> = {
  family: ({ family }) => family,
  head: ({ head }) => head.style,
  weight: ({ head }) => head.weightOz,
  trailer: ({ trailer }) => trailer && [trailer.kind, trailer.lengthMm, trailer.orientation],
  blades: ({ blades }) => blades?.map(({ shape, size }) => [shape, size]),
  plate: ({ blade }) => blade?.size,
};

/** What is not the same in two rigs. */
export const partsThatDiffer = (one: Rig, other: Rig): readonly MapChange[] =>
  MAP_CHANGES.filter((change) => JSON.stringify(PART[change](one)) !== JSON.stringify(PART[change](other)));
