import { leaderOf } from '../advice/recommend/leader';
import type { Field } from '../advice/search/per-family';
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

/** What of a rig can be another from cell to cell, or from month to month. */
const PART = {
  family: ({ family }) => family,
  head: ({ head }) => head.style,
  weight: ({ head }) => head.weightOz,
  wire: ({ head }) => head.hook.wire,
  trailer: ({ trailer }) => trailer && [trailer.kind, trailer.lengthMm, trailer.orientation],
  blades: ({ blades }) => blades?.map(({ shape, size }) => [shape, size]),
  plate: ({ blade }) => blade?.size,
  colour: ({ skirt, trailer }) => [skirt?.colour, trailer?.colour],
} as const satisfies Readonly<Record<string, (rig: Rig) => unknown>>;
export type PartOfPick = keyof typeof PART;

/** What makes a region of a map, and labels it. */
export const MAP_CHANGES = [
  'family',
  'head',
  'weight',
  'trailer',
  'blades',
  'plate',
] as const satisfies readonly PartOfPick[];
export type MapChange = (typeof MAP_CHANGES)[number];

/** What is not the same in two rigs, of some of their parts. */
export const partsThatDiffer = <P extends PartOfPick>(one: Rig, other: Rig, of: readonly P[]): readonly P[] =>
  of.filter((part) => JSON.stringify(PART[part](one)) !== JSON.stringify(PART[part](other)));

/** What tells a rig from others on a map: colours, wire and cuts do not make a region. */
export const winnerKey = (rig: Rig): string => JSON.stringify(MAP_CHANGES.map((part) => PART[part](rig)));

/** Asks water after water of one box, each a little faster for what was laid out for the one before. */
export function winnersOf(box: Box): (water: Water) => Winner | null {
  let fields: readonly Field[] = [];
  return (water) => {
    const led = leaderOf(water, box, fields);
    fields = led.fields;
    if (led.leader === null) return null;
    const { ready, score } = led.leader;
    return { rig: ready.base, score, key: winnerKey(ready.base) };
  };
}

export const isSameWinner = (one: Winner | null, other: Winner | null): boolean => one?.key === other?.key;
