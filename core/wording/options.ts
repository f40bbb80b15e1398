import type { EditId } from '../edits/edits';
import { OPTION_TEXT } from '../locale/en/bench';
import { NAME, type Named } from '../locale/en/names';
import { BLADE_TITLE } from '../locale/en/tackle';
import type { BladeShape } from '../tackle/blades';
import { shown, shownHeadStep, type UnitSystem } from '../units/display';
import { lengthMFromMm, massKgFromOz } from '../units/units';

/** A value of an edit as people read it. */
export function editValueText(
  id: EditId,
  unit: 'mm' | 'count' | 'degrees' | 'word',
  value: number | string,
  system: UnitSystem,
): string {
  if (unit === 'mm') return shown('cut', lengthMFromMm(Number(value)), system);
  if (unit === 'degrees') return `${Math.round(Number(value))}°`;
  if (unit === 'count') return String(value);
  return optionText(id, String(value), system);
}

/** A choice at the bench by its name. */
export function optionText(id: EditId, value: string, system: UnitSystem): string {
  if (id === 'weight') return shownHeadStep(massKgFromOz(Number(value)), system);
  if (id === 'blade-1' || id === 'blade-2') {
    const [shape = '', size] = value.split(' ');
    return size === undefined ? (OPTION_TEXT[id]?.[value] ?? value) : `${BLADE_TITLE[shape as BladeShape]} ${size}`;
  }
  return OPTION_TEXT[id]?.[value] ?? NAME[value as Named] ?? value;
}
