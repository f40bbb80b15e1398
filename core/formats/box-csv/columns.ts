import { PART_FIELDS, type PartField } from '../../part-fields/described';
import type { CellKind } from '../../part-fields/cells';
import { TRAYS, type Tray } from '../../rig/parts/box';

/** One column of a tray's CSV: its header, where its value goes in a part, how to read and write it. */
export interface Column extends CellKind {
  readonly name: string;
  /** place in the part */
  readonly place: string;
  readonly required: boolean;
  readonly example: string;
  readonly about: string;
}

const columnOf = ({ column, place, of, required, example = '', about }: PartField): Column => ({
  ...of.cell,
  name: column,
  place,
  required,
  example,
  about: about ?? (of.kind === 'choice' ? of.values.join(', ') : ''),
});

/** Columns of each tray, in the order they are written. */
export const COLUMNS = Object.fromEntries(
  TRAYS.map((tray) => [tray, PART_FIELDS[tray].map(columnOf)]),
) as unknown as Readonly<Record<Tray, readonly Column[]>>;
