import type { WantId } from '../advice/rules/rule';
import type { Rig } from '../rig/parts/schema';
import { changesBetween, editOf, type Change, type EditId } from '../edits/edits';
import { measureBuild, type BenchWater, type BuildNumbers } from './measure-build';
import type { ReadoutId } from './readouts/table';

/** A want that a change answers worse or better, by how much of it, 0 to 1. */
export interface WantMove {
  readonly want: WantId;
  readonly by: number;
}

/** Below this a want counts as answered the same. */
const SAME = 0.01;

/** Wants whose fit changed between two states of a build, worst first. */
export function wantMoves(before: BuildNumbers, after: BuildNumbers): WantMove[] {
  return after.fits
    .flatMap(({ want, fit }) => {
      const was = before.fits.find((row) => row.want.id === want.id);
      const by = was ? fit - was.fit : 0;
      return Math.abs(by) > SAME ? [{ want: want.id, by }] : [];
    })
    .sort((a, b) => a.by - b.by);
}

/** What one change does by itself: everything else as it is now, only this one taken back. */
export interface ChangeEffect extends Change {
  readonly worsens: readonly WantMove[];
  /** it moves no number and no want: nothing on this build answers to it */
  readonly idle: boolean;
}

/** A change as the last step left it, told against the rig as it came. */
export interface LastEffect extends ChangeEffect {
  /** the step took it back: there it is as it came */
  readonly undone: boolean;
}

/** A state of a build with one change taken back; changes are only found where an edit applies to both. */
function without(now: Rig, before: Rig, edit: EditId): Rig {
  const row = editOf(edit);
  return row.write(now, row.read(before) as never);
}

/**
 * Which cut worsens what: every change between two states, with the wants that would be answered better without it.
 */
export function changeEffects(on: BenchWater, before: Rig, now: BuildNumbers): ChangeEffect[] {
  return changesBetween(before, now.rig).map((change) => {
    const back = measureBuild(on, without(now.rig, before, change.edit), now.speedMps);
    const moves = wantMoves(back, now);
    const idle = moves.length === 0 && readoutMoves(back, now).length === 0;
    return { ...change, worsens: moves.filter(({ by }) => by < 0), idle };
  });
}

/**
 * What the last step did, told against the rig as it came: a total is the same however many steps led to it.
 * @param base  the rig as it came
 * @param was   the build before the step
 */
export function lastEffects(on: BenchWater, base: Rig, was: Rig, now: BuildNumbers): LastEffect[] {
  const totals = changeEffects(on, base, now);
  return changesBetween(was, now.rig).map((change) => {
    const total = totals.find(({ edit }) => edit === change.edit);
    return total ? { ...total, undone: false } : { ...change, worsens: [], idle: false, undone: true };
  });
}

/** A number that moved, in its own unit. */
export interface ReadoutMove {
  readonly id: ReadoutId;
  readonly from: number | null;
  readonly to: number | null;
}
/** Numbers that are not the same in two states; a share of a thousandth is the same. */
export function readoutMoves(before: BuildNumbers, after: BuildNumbers): ReadoutMove[] {
  return after.readouts.flatMap(({ id, value, word }): ReadoutMove[] => {
    const was = before.readouts.find((row) => row.id === id)!;
    const same =
      was.value === null || value === null
        ? was.value === value && was.word === word
        : Math.abs(value - was.value) <= 0.001 * Math.max(Math.abs(value), 1e-6);
    return same ? [] : [{ id, from: was.value, to: value }];
  });
}
