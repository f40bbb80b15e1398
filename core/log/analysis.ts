import { CLARITY_SCALE } from '../water/clarity';
import { TEMPERATURE_CLASSES } from '../water/water-class';
import type { OwnLog } from '../advice/conditions/own-log';
import type { Rig } from '../rig/parts/schema';
import { GROUPINGS, rigKey, type Grouping } from './groups';
import { hookPlaces } from './hook-places';
import { ownLogOf } from './own-log';
import {
  compared,
  grouped,
  ratesBy,
  sumsOf,
  trailerHookVerdict,
  type Comparison,
  type GroupRate,
  type Sums,
  type TrailerHookVerdict,
} from './rates';
import type { Outing } from './schema';
import { spellsOf, type Spell } from './spells';
import { byHour, byMonth, type Stretch } from './when';

/** A class of water in the picture of temperature over sight. */
export interface WaterCell {
  readonly clarity: string;
  readonly temperature: string;
  readonly hours: number;
  readonly bites: number;
  readonly perHour: number;
  readonly band: readonly [number, number];
}
/** What a log comes to. */
export interface LogAnalysis {
  readonly outings: number;
  readonly sums: Sums;
  /** but for schools: what each of them would have tied has to be asked of every water */
  readonly groups: Readonly<Record<QuickGrouping, readonly GroupRate[]>>;
  /** one of each kind of rig, by what tells the kinds apart */
  readonly rigs: Readonly<Record<string, Rig>>;
  readonly trailerHook: TrailerHookVerdict | null;
  readonly hooks: ReturnType<typeof hookPlaces>;
  readonly months: readonly Stretch[];
  readonly hours: readonly Stretch[];
  readonly waters: readonly WaterCell[];
  readonly ownLog: OwnLog;
}

/** Groupings that need no computation beyond the spell itself. */
export type QuickGrouping = Exclude<Grouping, 'school'>;
const QUICK = GROUPINGS.filter((by): by is QuickGrouping => by !== 'school');

const clarities: readonly string[] = CLARITY_SCALE.map(({ id }) => id);
const temperatures: readonly string[] = TEMPERATURE_CLASSES;

/**
 * Everything a log says at once.
 * @param spellsBy  of outings whose spells are known already
 */
export function analysisOf(
  outings: readonly Outing[],
  spellsBy: (outing: Outing) => readonly Spell[] = spellsOf,
): LogAnalysis {
  const known = new Map(outings.map((outing) => [outing.id, spellsBy(outing)]));
  const spellsOfOne = ({ id }: Outing): readonly Spell[] => known.get(id)!;
  const spells = [...known.values()].flat();
  const groups = Object.fromEntries(QUICK.map((by) => [by, ratesBy(spells, by)])) as LogAnalysis['groups'];
  const waters = groups.water.flatMap(({ value, hours, bites, bitesPerHour, band }): WaterCell[] => {
    const [clarity, temperature] = value.split('/');
    return temperature === undefined
      ? []
      : [{ clarity: clarity!, temperature, hours, bites, perHour: bitesPerHour, band }];
  });
  return {
    outings: outings.length,
    sums: sumsOf(spells),
    groups,
    rigs: Object.fromEntries(spells.map(({ rig }) => [rigKey(rig), rig])),
    trailerHook: trailerHookVerdict(spells),
    hooks: hookPlaces(spells),
    months: byMonth(outings, spellsOfOne),
    hours: byHour(outings),
    waters: waters.sort(
      (a, b) =>
        clarities.indexOf(a.clarity) - clarities.indexOf(b.clarity) ||
        temperatures.indexOf(a.temperature) - temperatures.indexOf(b.temperature),
    ),
    ownLog: ownLogOf(spells),
  };
}

/** Two groups of a log beside each other, like with like; null where one of them is not there. */
export function comparedIn(spells: readonly Spell[], by: Grouping, one: string, other: string): Comparison | null {
  const groups = grouped(spells, by);
  const [mine, theirs] = [groups.get(one), groups.get(other)];
  return mine && theirs ? compared(mine, theirs) : null;
}
