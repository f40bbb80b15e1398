import { computed } from 'vue';
import { cellOfWater, MAP_CHANGES, partsThatDiffer, regionsOf, rigTitle, type Region, type Rig } from '@core';
import { useUnits } from '../../../composables/useUnits';
import { useMap } from '../../../stores/map';
import { useWater } from '../../../stores/water';
import * as words from '../../../locale/en/map';

/** A region with its number: those of one rig share it, and the rig that leads on most of the map is 1. */
export interface MapRegion extends Region {
  readonly nth: number;
}
/** A rig that leads somewhere: how much of the map is its, and what is changed from today to tie it on. */
export interface LegendRow {
  readonly nth: number;
  readonly title: string;
  readonly says: string;
}

/** key of the cells on which no rig can be tied */
const NOTHING = '';

/** The picture of the map, read: regions of one rig, and the list of them. */
export function useMapRegions() {
  const map = useMap();
  const water = useWater();
  const { system } = useUnits();

  const rigs = computed(
    () => new Map((map.picture?.winners ?? []).flatMap((won) => (won ? [[won.key, won.rig] as const] : []))),
  );
  const keys = computed(() => (map.picture?.winners ?? []).map((won) => won?.key ?? NOTHING));
  const found = computed(() => (map.picture ? regionsOf(keys.value, map.picture.plan) : []));
  /** cells of each rig, the one with most of them first */
  const sizes = computed(() => {
    const of = new Map<string, number>();
    for (const { key, cells } of found.value) of.set(key, (of.get(key) ?? 0) + cells.length);
    return [...of].sort(([, a], [, b]) => b - a);
  });
  const regions = computed<readonly MapRegion[]>(() => {
    const order = new Map(sizes.value.map(([key], at) => [key, at + 1]));
    return found.value.map((region) => ({ ...region, nth: order.get(region.key)! }));
  });

  const today = computed(() => {
    if (!map.picture) return undefined;
    const { plan } = map.picture;
    const { column, row } = cellOfWater(water.water, plan);
    return rigs.value.get(keys.value[row * plan.wide + column]!);
  });
  function changesFromToday(rig: Rig | undefined): string | null {
    if (!rig || !today.value) return null;
    const changes = partsThatDiffer(today.value, rig, MAP_CHANGES);
    return changes.length === 0
      ? words.asNow
      : words.changesTo(changes.map((change) => words.changes[change]).join(', '));
  }
  const legend = computed<readonly LegendRow[]>(() =>
    sizes.value.map(([key, count], at) => {
      const rig = rigs.value.get(key);
      const share = words.shareOf(Math.round((100 * count) / keys.value.length));
      return {
        nth: at + 1,
        title: rig ? rigTitle(rig, system.value) : words.noRig,
        says: [share, changesFromToday(rig)].filter(Boolean).join(', '),
      };
    }),
  );
  return { keys, regions, legend };
}
