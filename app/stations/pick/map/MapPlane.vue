<script setup lang="ts">
import { computed, ref } from 'vue';
import { cellOfWater, placeOfWater, waterAt, waterLater, type Cell } from '@core';
import FractionText from '../../../parts/FractionText.vue';
import RegionHatches from '../../../parts/RegionHatches.vue';
import { regionLook } from '../../../parts/region-look';
import { useTakeWater } from '../../../composables/useTakeWater';
import type { MapPicture } from '../../../stores/map';
import { useWater } from '../../../stores/water';
import MapMarks from './MapMarks.vue';
import { useMapSides } from './useMapSides';
import type { MapRegion } from './useMapRegions';
import * as words from '../../../locale/en/map';

/** The plane of the map: its regions, today on it, and a cell that is read, or taken as the water at hand. */
const { picture, keys, regions } = defineProps<{
  picture: MapPicture;
  keys: readonly string[];
  regions: readonly MapRegion[];
}>();
const water = useWater();
const takeWater = useTakeWater();
const { ticks, placeText, winnerText } = useMapSides();

const here = computed(() => placeOfWater(water.water, picture.plan));
const evening = computed(() => placeOfWater(waterLater(water.water), picture.plan));

const path = (cells: readonly number[], wide: number, high: number): string =>
  cells.map((cell) => `M${cell % wide} ${high - 1 - Math.floor(cell / wide)}h1v1h-1z`).join('');
const drawn = computed(() =>
  regions.map(({ key, nth, cells }) => ({
    key: `${key} ${cells[0]}`,
    look: regionLook(nth),
    path: path(cells, picture.plan.wide, picture.plan.high),
  })),
);
const borders = computed(() => {
  const { wide, high } = picture.plan;
  const found: string[] = [];
  for (let row = 0; row < high; row++) {
    for (let column = 0; column < wide; column++) {
      const key = keys[row * wide + column];
      const top = high - 1 - row;
      if (column < wide - 1 && keys[row * wide + column + 1] !== key) found.push(`M${column + 1} ${top}v1`);
      if (row < high - 1 && keys[(row + 1) * wide + column] !== key) found.push(`M${column} ${top}h1`);
    }
  }
  return found.join('');
});

/** the cell under the pointer or the keys, or the one a finger tapped */
const cursor = ref<Cell | null>(null);
/** a finger covers what it points at: it names a cell first, and takes it by a button of its own */
const byFinger = ref(false);
const said = computed(() => {
  if (!cursor.value) return words.takeThis;
  const { column, row } = cursor.value;
  const there = waterAt(picture.water, picture.plan, column, row);
  return words.cellSays(placeText(picture.plan, there), winnerText(picture, cursor.value));
});
const kept = ({ column, row }: Cell): Cell => ({
  column: Math.min(picture.plan.wide - 1, Math.max(0, column)),
  row: Math.min(picture.plan.high - 1, Math.max(0, row)),
});
function over(event: PointerEvent): void {
  const { wide, high } = picture.plan;
  const box = (event.currentTarget as SVGGraphicsElement).getBoundingClientRect();
  byFinger.value = event.pointerType === 'touch';
  cursor.value = kept({
    column: Math.floor(((event.clientX - box.left) / box.width) * wide),
    row: high - 1 - Math.floor(((event.clientY - box.top) / box.height) * high),
  });
}
/** a finger that lifts leaves too: what it tapped stays named */
const leave = (): void => void (byFinger.value || (cursor.value = null));
const click = (): void => void (byFinger.value || take());
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
function key(event: KeyboardEvent): void {
  if (event.key === 'Enter') return take();
  const by = MOVES[event.key];
  if (!by) return;
  event.preventDefault();
  const from = cursor.value ?? cellOfWater(water.water, picture.plan);
  cursor.value = kept({ column: from.column + by[0], row: from.row + by[1] });
}
function take(): void {
  if (!cursor.value) return;
  const { column, row } = cursor.value;
  const there = waterAt(water.water, picture.plan, column, row);
  takeWater(there, words.waterTaken(placeText(picture.plan, there)));
}
</script>

<template>
  <figure class="map__figure">
    <ul class="map__up" aria-hidden="true">
      <li
        v-for="tick in ticks(picture.plan.y, picture.plan.high)"
        :key="tick.at"
        :style="{ bottom: `${(100 * (tick.at + 0.5)) / picture.plan.high}%` }"
      >
        {{ tick.text }}
      </li>
    </ul>
    <svg
      class="map__svg"
      role="application"
      tabindex="0"
      preserveAspectRatio="none"
      :viewBox="`0 0 ${picture.plan.wide} ${picture.plan.high}`"
      :aria-label="words.mapLabel(words.axes[picture.plan.x], words.axes[picture.plan.y])"
      @pointermove="over"
      @pointerdown="over"
      @pointerleave="leave"
      @click="click"
      @keydown="key"
    >
      <RegionHatches of="map" />
      <g v-for="region in drawn" :key="region.key">
        <path :class="`map__region region--${region.look}`" :d="region.path" />
        <path :fill="`url(#map-hatch-${region.look})`" :d="region.path" />
      </g>
      <path class="map__border" :d="borders" />
      <rect
        v-if="cursor"
        class="map__cursor"
        :x="cursor.column"
        :y="picture.plan.high - 1 - cursor.row"
        width="1"
        height="1"
      />
    </svg>
    <MapMarks :plan="picture.plan" :regions="regions" :here="here" :evening="evening" />
    <ul class="map__across" aria-hidden="true">
      <li
        v-for="tick in ticks(picture.plan.x, picture.plan.wide)"
        :key="tick.at"
        :style="{ left: `${(100 * (tick.at + 0.5)) / picture.plan.wide}%` }"
      >
        {{ tick.text }}
      </li>
    </ul>
    <figcaption aria-live="polite"><FractionText :text="said" /></figcaption>
    <button v-if="cursor && byFinger" type="button" class="press map__take" @click="take">
      {{ words.takeTheWater }}
    </button>
  </figure>
</template>

<style scoped>
.map__figure {
  position: relative;
  margin: 0 0 0 62px;
  padding-bottom: 24px;
}
.map__svg {
  display: block;
  width: 100%;
  height: 380px;
  border: 1px solid rgb(var(--v-theme-ink));
  cursor: crosshair;
  touch-action: manipulation;
}
.map__border {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
  vector-effect: non-scaling-stroke;
}
.map__cursor {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
  vector-effect: non-scaling-stroke;
}
.map__up,
.map__across {
  list-style: none;
  margin: 0;
  padding: 0;
  font: 500 14px var(--v-font-heading);
}
.map__up {
  position: absolute;
  left: -62px;
  top: 0;
  width: 56px;
  height: 380px;
}
.map__up li {
  position: absolute;
  right: 0;
  transform: translateY(50%);
}
.map__across {
  position: relative;
  height: 20px;
}
.map__across li {
  position: absolute;
  transform: translateX(-50%);
  white-space: nowrap;
}
.map__take {
  margin-top: 8px;
}
@media (max-width: 700px) {
  .map__figure {
    margin-left: 52px;
  }
}
</style>
