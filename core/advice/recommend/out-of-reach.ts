import { meets } from '../rules/want-fit';
import { judgeOf } from '../search/best-first';
import { rankField, rigAt, type Field } from '../search/per-family';
import { scaled } from '../search/progress';
import type { WantId } from '../rules/rule';
import type { Want } from '../rules/wants';
import { makeReady } from '../ready/make-ready';
import type { Has } from '../measures/rig-measures';

/** A want in the angler's hands that no rig of the box meets, and how near the nearest comes, SI. */
export interface OutOfReach {
  readonly want: WantId;
  readonly nearest: number;
}

/** A field that asks for one thing only. */
function askingOnly(field: Field, want: Want): Field {
  const compiled = { ...field.compiled, wants: [want], prefers: [] };
  return { ...field, compiled, judge: judgeOf(field.space, compiled) };
}

/**
 * Wants in the angler's hands that none of the rigs shown meets: for each the rig of the whole box that comes nearest is looked
 * for, so that nobody looks in vain.
 * @param field  of the family that leads
 * @param has    of its rigs that are shown
 * @yields      share of the work done
 */
export function* outOfReach(field: Field, has: readonly Has[]): Generator<number, readonly OutOfReach[]> {
  if (has.length === 0) return [];
  const missed = field.compiled.wants.filter(
    (want) => want.inHand !== undefined && !has.some((numbers) => meets(want, numbers[want.id])),
  );
  const found: OutOfReach[] = [];
  for (const [at, want] of missed.entries()) {
    const own = askingOnly(field, want);
    const { found: best } = yield* scaled(rankField(own, 1), at / missed.length, (at + 1) / missed.length);
    if (best[0] === undefined) continue;
    const nearest = makeReady(own.compiled, rigAt(own, best[0])).has[want.id];
    if (Number.isFinite(nearest) && !meets(want, nearest)) found.push({ want: want.id, nearest });
  }
  return found;
}
