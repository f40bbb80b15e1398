import type { Rig, Skirt, Trailer } from '../rig/parts/schema';
import type { Edit, EditId, RefusalId, AmountEdit } from './edit-kinds';
import { tenth } from './edit-parts';
import { EDITS } from './edit-table';

export * from './edit-kinds';
export { coreIsCutOut, fullSkirtMm, hasJoinedTails, SECOND_HOOKS, WEIGHT_STEPS_OZ } from './edit-parts';
export { EDITS } from './edit-table';

const BY_ID = new Map(EDITS.map((edit) => [edit.id, edit]));
export const editOf = (id: EditId): Edit => BY_ID.get(id)!;
export const editsFor = (rig: Rig): Edit[] => EDITS.filter(({ applies }) => applies(rig));

/** A rig after an edit, or why it is not taken and how far it could go. */
export type Edited =
  | { readonly ok: true; readonly rig: Rig }
  | { readonly ok: false; readonly why: RefusalId; readonly limit: number; readonly unit: AmountEdit['unit'] };

/**
 * Makes one change to a build. Nothing is clamped: a value out of reach is refused with its reason.
 * @param base  the rig as it came, before any cut
 */
export function applyEdit(rig: Rig, base: Rig, id: EditId, value: number | string): Edited {
  const edit = editOf(id);
  if (edit.kind === 'choice') return { ok: true, rig: edit.write(rig, String(value)) };
  const asked = Number(value);
  const { min, max, below, above } = edit.limits(rig, base);
  if (!(asked >= min)) return { ok: false, why: below, limit: min, unit: edit.unit };
  if (asked > max) return { ok: false, why: above, limit: max, unit: edit.unit };
  const whole = edit.unit === 'mm' ? tenth(asked) : Math.round(asked);
  return { ok: true, rig: edit.write(rig, whole) };
}

/** The nearest value that can be taken: where a drag ends. */
export function nearestAllowed(rig: Rig, base: Rig, id: EditId, value: number): number {
  const edit = editOf(id);
  if (edit.kind === 'choice') return value;
  const { min, max } = edit.limits(rig, base);
  return Math.min(Math.max(value, min), Math.max(min, max));
}

/** The rig as it came out of box and bag: every cut undone, as far as the rig itself tells. */
export function uncutRig(rig: Rig): Rig {
  const { skirt, trailer } = rig;
  const whole = ({ fullMm, ...rest }: Skirt): Skirt => ({
    ...rest,
    lengthMm: fullMm ?? rest.lengthMm,
    thinned: 0,
    trim: 'none',
  });
  const uncut = ({ pushMm: _pushed, ...rest }: Trailer): Trailer => ({
    ...rest,
    cutNoseMm: 0,
    cutTailMm: 0,
    splitTails: false,
    legsOff: 0,
    slit: false,
    orientation: 'flat',
    hang: 'threaded',
  });
  return {
    ...rig,
    ...(skirt ? { skirt: whole(skirt) } : {}),
    ...(trailer ? { trailer: uncut(trailer) } : {}),
    ...(rig.guard ? { guard: { ...rig.guard, spread: 'none', bevel: false } } : {}),
    ...(rig.arms ? { arms: { ...rig.arms, squeezed: false } } : {}),
    ...(rig.core ? { core: null } : {}),
    ...(rig.trailerHook ? { trailerHook: null } : {}),
  };
}

/** What differs between two states of a build. */
export interface Change {
  readonly edit: EditId;
  readonly from: number | string;
  readonly to: number | string;
}
export const changesBetween = (from: Rig, to: Rig): Change[] =>
  EDITS.flatMap((edit): Change[] => {
    if (!edit.applies(to) || !edit.applies(from)) return [];
    const [before, after] = [edit.read(from), edit.read(to)];
    return before === after ? [] : [{ edit: edit.id, from: before, to: after }];
  });
