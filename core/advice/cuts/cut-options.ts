import { applyEdit, editOf, editsFor, type EditId } from '../../edits/edits';
import { guardToPointMm, PAST_POINT_MM } from '../../hold/guard';
import { HOOKS } from '../../tackle/hooks';
import { ribsMm } from '../../tackle/ribs';
import { trailersWith, type TrailerKind } from '../../tackle/trailers';
import { waysToHang } from '../candidates/ways-to-hang';
import type { WaterFacts } from '../conditions/water-facts';
import type { Rig } from '../../rig/parts/schema';

/** What a solver may be allowed to do, as the command line names it, and the edits it does it by. */
export const CUTS = {
  nose: ['nose'],
  tail: ['tail'],
  legs: ['legs'],
  split: ['split'],
  slit: ['slit'],
  core: ['core'],
  skirt: ['skirt-length', 'skirt-side'],
  thin: ['thin'],
  guard: ['guard-length', 'guard-spread', 'guard-fibres'],
  turn: ['turn'],
  hang: ['hang'],
  push: ['push'],
} as const satisfies Readonly<Record<string, readonly EditId[]>>;
export type CutId = keyof typeof CUTS;
export const CUT_IDS = Object.keys(CUTS) as readonly CutId[];
/** What is allowed where nobody says: a core takes plastic of another colour, which not everybody has. */
export const USUAL_CUTS = CUT_IDS.filter((cut) => cut !== 'core');

const CUT_OF = new Map<EditId, CutId>(CUT_IDS.flatMap((cut) => CUTS[cut].map((edit) => [edit, cut] as const)));
export const cutOf = (edit: EditId): CutId => CUT_OF.get(edit)!;

/** One edit with the values that are tried, as it is first. */
export interface CutOption {
  readonly edit: EditId;
  readonly values: readonly (number | string)[];
}

/** Steps in which plastic without ribs and tails are cut, and skirts, mm; strands and legs by count. @source craft-practice */
const STEP = { noseMm: 5, tailMm: 6, skirtMm: 6, strands: 8, fibres: 3 } as const;
/** Most values tried of one edit; nobody cuts more finely than that. */
const MOST_VALUES = 8;
const MOST_TAILS = 4;
/** Skirt that has to stay behind the hook's point, and strands that still make a skirt. @source craft-practice */
const SKIRT_BEHIND_HOOK_MM = -6;
const LEAST_STRANDS = 20;
const LEAST_FIBRES = 6;
/** A bright core where somebody wants one, mm. @source craft-practice */
const CORE_MM = 20;

/** Share of a plastic that is cut off its nose at most, where it has a body to lose; those that have none. @source craft-practice */
const MOST_OFF = { boot: 0.16, body: 0.36 } as const;
const BOOTS: ReadonlySet<TrailerKind> = new Set(trailersWith('paddle'));
const SLENDER: ReadonlySet<TrailerKind> = new Set([
  'swim-worm',
  'finesse-worm',
  'stick-worm',
  ...trailersWith('straight'),
]);
const TAILED: ReadonlySet<TrailerKind> = new Set([
  ...trailersWith('paddle'),
  ...trailersWith('grub'),
  'curl-craw',
  'swim-worm',
]);

const upTo = (from: number, most: number, step: number): number[] =>
  Array.from({ length: Math.max(0, Math.floor((most - from) / step + 1e-9)) }, (_, at) => from + (at + 1) * step);

/** Not more values than are tried, spread over all of them. */
export const spread = <T>(values: readonly T[], most = MOST_VALUES): T[] =>
  values.length <= most
    ? [...values]
    : Array.from({ length: most }, (_, at) => values[Math.round(((at + 1) * values.length) / most) - 1]!);

function amountsOf(rig: Rig, edit: EditId, now: number, min: number, max: number): number[] {
  const { trailer, skirt, guard } = rig;
  switch (edit) {
    case 'nose': {
      const ribs = ribsMm(trailer!.kind, trailer!.lengthMm).map((mm) => Math.round(mm * 10) / 10);
      const places = ribs.length > 0 ? ribs : upTo(0, max, STEP.noseMm);
      // a stub is no trailer: what is slender may be torn in half, the others keep their body
      const share = BOOTS.has(trailer!.kind) ? MOST_OFF.boot : MOST_OFF.body;
      const most = SLENDER.has(trailer!.kind) ? max : Math.min(max, share * trailer!.lengthMm);
      return spread(places.filter((mm) => mm > now && mm <= most));
    }
    case 'tail':
      // the tail is what these are tied for
      if (TAILED.has(trailer!.kind)) return [];
      return spread(upTo(now, max, STEP.tailMm)).filter((_, at, all) => all.length <= MOST_TAILS || at % 2 === 0);
    case 'legs':
      // in pairs: with a leg more on one side it spins
      return [max / 2, max].filter((count) => count > now && (max - count) % 2 === 0);
    case 'skirt-length': {
      const { reachMm } = HOOKS[rig.head.hook.size];
      const least = Math.max(min, reachMm + SKIRT_BEHIND_HOOK_MM);
      return spread(upTo(0, now - least, STEP.skirtMm).map((off) => Math.round(now - off)));
    }
    case 'thin':
      return spread(upTo(now, skirt!.strands - LEAST_STRANDS, STEP.strands)).slice(0, 4);
    case 'guard-length': {
      const clear = Math.round(guardToPointMm(rig) + PAST_POINT_MM.cut);
      return clear < now && clear >= min ? [clear] : [];
    }
    case 'guard-fibres':
      return spread(upTo(0, guard!.fibres - LEAST_FIBRES, STEP.fibres).map((off) => now - off)).filter(
        (n) => n >= LEAST_FIBRES,
      );
    case 'core':
      return rig.core || max < CORE_MM ? [] : [CORE_MM];
    case 'push':
      return [6].filter((mm) => mm > now && mm <= max);
    // not solved for: another part, what is told by eye, or no amount
    case 'weight':
    case 'arm-length':
    case 'arm-twist':
    case 'squeeze':
    case 'blade-1':
    case 'finish-1':
    case 'blade-2':
    case 'finish-2':
    case 'guard-bevel':
    case 'guard-spread':
    case 'skirt-side':
    case 'split':
    case 'slit':
    case 'hang':
    case 'turn':
    case 'second-hook':
      return [];
  }
}

/** Ways a trailer of a box would be hung on this water, so that the solver turns nothing that anglers would not. */
function hangingsOf(
  rig: Rig,
  reeled: boolean,
): { readonly turns: readonly string[]; readonly hangs: readonly string[] } {
  const { trailer } = rig;
  if (!trailer) return { turns: [], hangs: [] };
  const ways = waysToHang(trailer, null, reeled);
  return {
    turns: ways.flatMap((way) => way.trailer?.orientation ?? []),
    hangs: ways.flatMap((way) => way.trailer?.hang ?? []),
  };
}

/**
 * What can still be done to a rig with scissors and fingers: nothing grows back, and what is turned can be turned again.
 * @param base   before any cut
 * @param allow  what may be done
 */
export function cutOptions(rig: Rig, base: Rig, facts: WaterFacts, allow: readonly CutId[]): CutOption[] {
  const allowed = new Set<EditId>(allow.flatMap((cut) => CUTS[cut]));
  const { turns, hangs } = hangingsOf(rig, facts.reeled);
  return editsFor(rig).flatMap((edit): CutOption[] => {
    if (!allowed.has(edit.id)) return [];
    const now = edit.read(rig);
    let more: (number | string)[];
    if (edit.kind === 'amount') {
      const { min, max } = edit.limits(rig, base);
      more = amountsOf(rig, edit.id, now as number, min, max);
    } else if (edit.id === 'turn') more = [...turns];
    else if (edit.id === 'hang') more = [...hangs];
    else if (edit.id === 'split' || edit.id === 'slit') more = ['yes'];
    else more = [...edit.options(rig)];
    const values = [now, ...new Set(more.filter((value) => value !== now))];
    return values.length > 1 ? [{ edit: edit.id, values }] : [];
  });
}

/** A rig with one more edit made, or null where it cannot be. */
export function edited(rig: Rig, base: Rig, edit: EditId, value: number | string): Rig | null {
  if (!editOf(edit).applies(rig)) return null;
  const done = applyEdit(rig, base, edit, value);
  return done.ok ? done.rig : null;
}
