import { displayUnit, shown, type UnitSystem } from '@core';

/** Marks stand at whole and half units of the reader, no closer than can be read. */
const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20];
const LEAST_PX = 26;

/** Marks of a ruler from the surface down. @param perM  px a metre of depth */
export function depthMarks(
  deepM: number,
  perM: number,
  surfacePx: number,
  system: UnitSystem,
): readonly { readonly y: number; readonly text: string }[] {
  const { toSi } = displayUnit('depth', system);
  const step = toSi(STEPS.find((one) => toSi(one) * perM > LEAST_PX) ?? 50);
  return Array.from({ length: Math.floor(deepM / step) + 1 }, (_, nth) => ({
    y: surfacePx + nth * step * perM,
    text: shown('depth', nth * step, system),
  }));
}
