import type { EditId } from '../../edits/edits';
import type { Rig } from '../../rig/parts/schema';
import { edited, type CutOption } from './cut-options';
import type { Net, Rater } from './rate';

/** Edits that were made, in the order of the options. */
export type Made = readonly (readonly [edit: EditId, value: number | string])[];
/** A rig after some edits, judged with its faults. */
export interface Judged {
  readonly made: Made;
  readonly net: Net;
}

/** What a search goes over. */
export interface Search {
  readonly rater: Rater;
  /** as it came to the search */
  readonly rig: Rig;
  /** before any cut */
  readonly base: Rig;
  readonly options: readonly CutOption[];
  /** it has no fault that the rig did not have */
  readonly isAllowed: (net: Net) => boolean;
}

/** A cut that gains less of the score than this, one point of a hundred, is not worth the scissors. @source adr-0035 */
export const LEAST_GAIN = 0.01;

/** Makes edits one after another in the order of the options; null where one of them cannot be. */
export function make({ rig, base }: Pick<Search, 'rig' | 'base'>, made: Made): Rig | null {
  let state: Rig | null = rig;
  for (const [edit, value] of made) {
    state = state && edited(state, base, edit, value);
    if (state === null) return null;
  }
  return state;
}

/** The same judged whole. */
export function netOf(around: Search, made: Made): Net | null {
  const cut = make(around, made);
  return cut && around.rater.net(around.rater.rate(cut));
}
