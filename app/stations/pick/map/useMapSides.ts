import { cellValue, rigTitle, sideOfWater, SKIES, type Cell, type MapAxis, type MapPlan, type Water } from '@core';
import { useUnits } from '../../../composables/useUnits';
import type { MapPicture } from '../../../stores/map';
import * as words from '../../../locale/en/map';

/** A value written along a side. */
export interface Tick {
  readonly at: number;
  readonly text: string;
}
/** values along a side, at most */
const TICKS = 5;

/** What a map says in words: of its sides, and of its cells. */
export function useMapSides() {
  const { show, system } = useUnits();
  const valueText = (axis: MapAxis, value: number): string =>
    axis === 'sky' ? words.skies[SKIES[Math.round(value)]!] : show(axis, value);

  function ticks(axis: MapAxis, cells: number): readonly Tick[] {
    const count = Math.min(cells, TICKS);
    return Array.from({ length: count }, (_, nth) => {
      const at = count === 1 ? 0 : Math.round((nth * (cells - 1)) / (count - 1));
      return { at, text: valueText(axis, cellValue(axis, cells, at)) };
    });
  }
  const placeText = ({ x, y }: MapPlan, there: Water): string =>
    [x, y].map((axis) => valueText(axis, sideOfWater(axis, there))).join(', ');
  function winnerText({ plan, winners }: MapPicture, { column, row }: Cell): string {
    const won = winners[row * plan.wide + column];
    return won ? rigTitle(won.rig, system.value) : words.noRig;
  }
  return { ticks, placeText, winnerText };
}
