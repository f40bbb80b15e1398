import type { Box } from '../rig/parts/box';
import type { Rig } from '../rig/parts/schema';
import { monthWater, MONTHS, type Year } from '../season/year';
import type { Water } from '../water/schema';
import { candidatesOf, partsOf } from './candidates';
import type { Solver } from './solve';

/** A water of a year. */
export interface KitDay {
  readonly month: number;
  /** place of the water in the list that was asked */
  readonly water: number;
}
/** What so many parts cover of a year. */
export interface Kit {
  readonly most: number;
  /** parts by tray and place, as `partsOf` names them */
  readonly parts: readonly string[];
  readonly rigs: readonly Rig[];
  /** days on which some rig of the kit is nearly as good as the best of the whole box */
  readonly covered: readonly boolean[];
}
export interface SeasonKits {
  readonly days: readonly KitDay[];
  readonly kits: readonly Kit[];
}

/** A kit covers a day when it answers so much of what the whole box would. @source adr-0030 */
export const KIT_NEARLY = 0.9;
/** Fewest and most parts that are tried. */
export const KIT_PARTS = { from: 2, to: 16 } as const;
/** Waters that are gone through the year. */
export const KIT_WATERS = 3;
const MOST_S = 10;

/** Tie-breaking penalty per part, in days: of kits that cover as much, the one with fewer parts. */
const A_PART_MORE = 1e-3;

export interface KitModel {
  /** parts of each rig */
  readonly rigs: readonly (readonly string[])[];
  /** rigs that cover each day */
  readonly days: readonly (readonly number[])[];
}

/** As many days as so many parts cover: the programme in the format linear solvers read. */
export function kitProgramme({ rigs, days }: KitModel, most: number): string {
  const parts = [...new Set(rigs.flat())];
  const z = (part: string): string => `z${parts.indexOf(part)}`;
  const terms = [...days.map((_, day) => `+ c${day}`), ...parts.map((part) => `- ${A_PART_MORE} ${z(part)}`)];
  const rows = [
    ...rigs.flatMap((own, rig) => own.map((part, at) => `v${rig}_${at}: r${rig} - ${z(part)} <= 0`)),
    ...days.map((able, day) => `d${day}: c${day}${able.map((rig) => ` - r${rig}`).join('')} <= 0`),
    `n: ${parts.map(z).join(' + ')} <= ${most}`,
  ];
  return [
    'Maximize',
    ` obj: ${terms.join('\n ')}`,
    'Subject To',
    ...rows.map((row) => ` ${row}`),
    'Bounds',
    ...days.map((_, day) => ` 0 <= c${day} <= 1`),
    'Binary',
    ` ${[...rigs.map((_, rig) => `r${rig}`), ...parts.map(z)].join('\n ')}`,
    'End',
    '',
  ].join('\n');
}

/** The kit of a solved programme. */
export function kitOf(
  model: KitModel,
  most: number,
  solver: Solver,
): Omit<Kit, 'rigs'> & { readonly rigs: readonly number[] } {
  const { set } = solver(kitProgramme(model, most), MOST_S);
  const all = [...new Set(model.rigs.flat())];
  const parts = set.flatMap((name) => (/^z\d+$/.test(name) ? [all[Number(name.slice(1))]!] : []));
  const able = model.rigs.flatMap((own, rig) => (own.every((part) => parts.includes(part)) ? [rig] : []));
  const covered = model.days.map((rigs) => rigs.some((rig) => able.includes(rig)));
  // of rigs the parts make, those some day needs
  const rigs = able.filter((rig) => model.days.some((of) => of.includes(rig)));
  return { most, parts, rigs, covered };
}

/**
 * The fewest parts of a box that answer a year nearly as well as all of it.
 * @param waters  places that are fished, each through every month
 * @param tell    hears how far it is, 0 to 1
 */
export function seasonKits(
  waters: readonly Water[],
  year: Year,
  box: Box,
  solver: Solver,
  tell: (done: number) => void = () => undefined,
): SeasonKits {
  const days = waters
    .slice(0, KIT_WATERS)
    .flatMap((_, water) => Array.from({ length: MONTHS }, (__, month): KitDay => ({ month, water })));
  const candidates = candidatesOf(
    days.map(({ month, water }) => monthWater(waters[water]!, year, month)),
    box,
    tell,
  );
  const model: KitModel = {
    rigs: candidates.map(({ base }) => partsOf(base, box)),
    days: days.map((_, day) => {
      const best = Math.max(0, ...candidates.map(({ scores }) => scores[day]!));
      return candidates.flatMap(({ scores }, rig) => (best > 0 && scores[day]! >= KIT_NEARLY * best ? [rig] : []));
    }),
  };
  if (candidates.length === 0) return { days, kits: [] };
  const kits: Kit[] = [];
  for (let most: number = KIT_PARTS.from; most <= KIT_PARTS.to; most++) {
    const { rigs, ...kit } = kitOf(model, most, solver);
    kits.push({ ...kit, rigs: rigs.map((rig) => candidates[rig]!.rig) });
    if (kit.covered.every(Boolean)) break;
  }
  return { days, kits };
}
