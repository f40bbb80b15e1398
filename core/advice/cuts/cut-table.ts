import { WEIGHT_STEPS_OZ, type EditId } from '../../edits/edits';
import { rigBody } from '../../rig/body/body';
import { STYLE_WEIGHTS_OZ } from '../../rig/parts/catalogue';
import type { Rig } from '../../rig/parts/schema';
import { mediumOf } from '../../motion/medium';
import { measureRig } from '../measures/rig-measures';
import type { WantId } from '../rules/rule';
import type { CompiledWater } from '../rules/wants';
import { meets } from '../rules/want-fit';
import { cutOptions, edited, spread, type CutId } from './cut-options';

/** Cuts and turns that get a column of their own, in the order of the work. */
const COLUMNS: readonly CutId[] = ['nose', 'tail', 'legs', 'split', 'turn', 'hang'];
/** So many values of one edit at most, spread over those that are tried. */
const VALUES = 3;

/** One way to cut or turn a trailer; `null` as it lies here. */
export interface CutColumn {
  readonly edit: EditId | null;
  readonly value: number | string | null;
}

/** A number of a cell, SI, and whether this water wants it; null where it asks nothing. */
export interface CutNumber {
  readonly value: number;
  readonly wanted: boolean | null;
}

/** What a head weight with a cut comes to. */
export interface CutCell {
  /** fall, or running depth where it is reeled */
  readonly moves: CutNumber;
  /** motion to the eye */
  readonly show: CutNumber;
}

/** Weights of a head against cuts and turns of its trailer on one water. */
export interface CutTable {
  /** what `moves` tells */
  readonly of: Extract<WantId, 'fall' | 'run'>;
  readonly weightsOz: readonly number[];
  /** the head's own weight is one of the rows */
  readonly ownOz: number;
  readonly columns: readonly CutColumn[];
  /** by weight, then by column; null where such a cut cannot be made */
  readonly cells: readonly (readonly (CutCell | null)[])[];
}

/** Weights a head of this style is commonly made in, and its own. */
function weightsOf({ head, family }: Rig): number[] {
  const usual =
    family === 'skirted' ? STYLE_WEIGHTS_OZ[head.style] : WEIGHT_STEPS_OZ.filter((oz) => oz >= 0.25 && oz <= 1);
  return [...new Set([...usual, head.weightOz])].sort((a, b) => a - b);
}

/**
 * Lays head weights out against cuts and turns, one at a time, to be printed and kept in the box.
 * @param compiled  the water, compiled for the family of the rig
 * @param rig       as it lies there; its cuts are the first column
 */
export function cutTable(compiled: CompiledWater, rig: Rig): CutTable {
  const { facts, wants } = compiled;
  const medium = mediumOf(facts.water);
  const of = facts.reeled ? 'run' : 'fall';
  const columns: CutColumn[] = [
    { edit: null, value: null },
    ...(rig.trailer
      ? cutOptions(rig, rig, facts, COLUMNS).flatMap(({ edit, values }) =>
          spread(values.slice(1), VALUES).map((value): CutColumn => ({ edit, value })),
        )
      : []),
  ];
  const asked = (id: WantId, value: number): CutNumber => {
    const want = wants.find((one) => one.id === id);
    return { value, wanted: want ? meets(want, value) : null };
  };
  const weightsOz = weightsOf(rig);
  const cells = weightsOz.map((weightOz) => {
    const base = weightOz === rig.head.weightOz ? rig : edited(rig, rig, 'weight', String(weightOz))!;
    return columns.map(({ edit, value }): CutCell | null => {
      const cut = edit === null ? base : edited(base, base, edit, value!);
      if (cut === null) return null;
      const has = measureRig(cut, rigBody(cut), medium, facts);
      return { moves: asked(of, has[of]), show: asked('show', has.show) };
    });
  });
  return { of, weightsOz, ownOz: rig.head.weightOz, columns, cells };
}
