import { computed } from 'vue';
import { cellOfWater, MAP_CHANGES, partsThatDiffer, regionsOf, rigTitle, type Region, type Rig } from '@core';
import { useUnits } from '../../../composables/useUnits';
import { useMap, type MapPicture } from '../../../stores/map';
import { useWater } from '../../../stores/water';
import * as words from '../../../locale/en/map';

/** A region with its number: those of one rig share it; the one that leads on most of the first picture is 1, and what is given stays given. */
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
    // of those that differ in colour alone the first
    () =>
      new Map([...(map.picture?.winners ?? [])].reverse().flatMap((won) => (won ? [[won.key, won.rig] as const] : []))),
  );
  const keys = computed(() => (map.picture?.winners ?? []).map((won) => won?.key ?? NOTHING));
  const found = computed(() => (map.picture ? regionsOf(keys.value, map.picture.plan) : []));
  /** cells of each rig, the one with most of them first */
  const sizes = computed(() => {
    const of = new Map<string, number>();
    for (const { key, cells } of found.value) of.set(key, (of.get(key) ?? 0) + cells.length);
    return [...of].sort(([, a], [, b]) => b - a);
  });
  /** numbers of rigs on the map that is drawn: a rig that is met later takes the next one, and nobody's number changes under the eye */
  const given = new Map<string, number>();
  let of: MapPicture['plan'] | null = null;
  const numbers = computed<ReadonlyMap<string, number>>(() => {
    const plan = map.picture?.plan ?? null;
    if (plan !== of) given.clear();
    of = plan;
    for (const [key] of sizes.value) if (!given.has(key)) given.set(key, given.size + 1);
    return new Map(given);
  });
  const regions = computed<readonly MapRegion[]>(() =>
    found.value.map((region) => ({ ...region, nth: numbers.value.get(region.key)! })),
  );
  /** colours a rig leads in: they make no region, and are another from cell to cell */
  const colours = computed(() => {
    const ofRig = new Map<string, Set<string>>();
    for (const won of map.picture?.winners ?? []) {
      if (won === null) continue;
      const all = ofRig.get(won.key) ?? new Set();
      for (const colour of [won.rig.skirt?.colour, won.rig.trailer?.colour]) if (colour) all.add(colour);
      ofRig.set(won.key, all);
    }
    return ofRig;
  });
  function elsewhere(key: string, rig: Rig | undefined): string | null {
    const own = [rig?.skirt?.colour, rig?.trailer?.colour];
    const others = [...(colours.value.get(key) ?? [])].filter((colour) => !own.includes(colour));
    return others.length === 0 ? null : words.elsewhereIn(others.join(', '));
  }

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
    sizes.value
      .map(([key, count]) => {
        const rig = rigs.value.get(key);
        const share = words.shareOf(Math.round((100 * count) / keys.value.length));
        return {
          nth: numbers.value.get(key)!,
          title: rig ? rigTitle(rig, system.value) : words.noRig,
          says: [share, changesFromToday(rig), elsewhere(key, rig)].filter(Boolean).join(', '),
        };
      })
      .sort((a, b) => a.nth - b.nth),
  );
  return { keys, regions, legend };
}
