<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import {
  cellValue,
  partsThatDiffer,
  MAP_AXES,
  MAP_CHANGES,
  placeOfWater,
  regionsOf,
  rigTitle,
  SKIES,
  waterAt,
  waterLater,
  type MapAxis,
  type Water,
} from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { MAP_PARTS, useMap } from '../../stores/map';
import { useNotices } from '../../stores/notices';
import { useSettings } from '../../stores/settings';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/map';

/** The decision map: the first pick over two sides of the water at hand, with today on it and where the day may go. */
const map = useMap();
const water = useWater();
const box = useBox();
const notices = useNotices();
const settings = useSettings();
const { show, system } = useUnits();

const isLarge = computed(() => settings.settings.source === 'catalogue' || box.count > MAP_PARTS);
/** a picture of this water that was finished stands; any other is drawn anew */
onMounted(() => void (!isLarge.value && !map.isOf(water.water) && map.draw()));
onBeforeUnmount(() => map.stop());

const axes = MAP_AXES.map((value) => ({ value, title: words.axes[value] }));
const side = (which: 'x' | 'y') =>
  computed({
    get: () => map.sides[which],
    set: (axis: MapAxis) => {
      const other = which === 'x' ? 'y' : 'x';
      // the side that has it already takes the one that is given up
      map.sides = {
        ...map.sides,
        [which]: axis,
        ...(map.sides[other] === axis ? { [other]: map.sides[which] } : {}),
      };
      void map.draw();
    },
  });
const x = side('x');
const y = side('y');
const fineness = computed({
  get: () => String(map.cells),
  set: (cells) => {
    map.cells = Number(cells);
    void map.draw();
  },
});
const finenesses = Object.entries(words.finenesses).map(([value, title]) => ({ value, title }));
const shape = ref<'map' | 'table'>('map');
const shapes = [
  { value: 'map', title: words.asMap },
  { value: 'table', title: words.asTable },
] as const;

const picture = computed(() => map.picture);
const isOld = computed(() => picture.value !== null && picture.value.water !== water.water);
const rigs = computed(
  () => new Map((picture.value?.winners ?? []).flatMap((won) => (won ? [[won.key, won.rig] as const] : []))),
);
const NOTHING = '';
const keys = computed(() => (picture.value?.winners ?? []).map((won) => won?.key ?? NOTHING));
/** Regions of one rig share a number; the one that lies furthest ahead is 1. */
const regions = computed(() => {
  const of = picture.value;
  if (!of) return [];
  const found = regionsOf(keys.value, of.plan);
  const bySize = new Map<string, number>();
  for (const { key, cells } of found) bySize.set(key, (bySize.get(key) ?? 0) + cells.length);
  const order = [...bySize.keys()].sort((a, b) => bySize.get(b)! - bySize.get(a)!);
  return found.map((region) => ({
    ...region,
    nth: order.indexOf(region.key) + 1,
    share: bySize.get(region.key)! / keys.value.length,
  }));
});
const here = computed(() => (picture.value ? placeOfWater(water.water, picture.value.plan) : null));
const evening = computed(() => (picture.value ? placeOfWater(waterLater(water.water), picture.value.plan) : null));
const keyHere = computed(() => {
  const [at, of] = [here.value, picture.value];
  return at && of ? keys.value[Math.round(at.row) * of.plan.wide + Math.round(at.column)] : undefined;
});
const legend = computed(() => {
  const seen = new Set<string>();
  const own = rigs.value.get(keyHere.value ?? NOTHING);
  return regions.value
    .filter(({ key }) => !seen.has(key) && seen.add(key))
    .sort((a, b) => a.nth - b.nth)
    .map(({ key, nth, share }) => {
      const rig = rigs.value.get(key);
      const changes = own && rig ? partsThatDiffer(own, rig, MAP_CHANGES) : [];
      return {
        nth,
        share: words.shareOf(Math.round(100 * share)),
        title: rig ? rigTitle(rig, system.value) : words.noRig,
        says:
          changes.length === 0
            ? words.asNow
            : words.changesTo(changes.map((change) => words.changes[change]).join(', ')),
      };
    });
});

/** Hatches tell regions as colours do: direction, distance, weight. */
const LOOKS = 8;
const look = (nth: number): number => (nth - 1) % LOOKS;
const path = (cells: readonly number[], wide: number, high: number): string =>
  cells.map((cell) => `M${cell % wide} ${high - 1 - Math.floor(cell / wide)}h1v1h-1z`).join('');
const borders = computed(() => {
  const of = picture.value;
  if (!of) return '';
  const { wide, high } = of.plan;
  const found: string[] = [];
  for (let row = 0; row < high; row++) {
    for (let column = 0; column < wide; column++) {
      const key = keys.value[row * wide + column];
      const top = high - 1 - row;
      if (column < wide - 1 && keys.value[row * wide + column + 1] !== key) found.push(`M${column + 1} ${top}v1`);
      if (row < high - 1 && keys.value[(row + 1) * wide + column] !== key) found.push(`M${column} ${top}h1`);
    }
  }
  return found.join('');
});

function valueText(axis: MapAxis, value: number): string {
  return axis === 'sky' ? words.skies[SKIES[Math.round(value)]!] : show(axis, value);
}
const sideValue = (axis: MapAxis, cells: number, at: number): string => valueText(axis, cellValue(axis, cells, at));
const ticks = (axis: MapAxis, cells: number): { at: number; text: string }[] => {
  const count = Math.min(cells, TICKS);
  return Array.from({ length: count }, (_, nth) => {
    const at = count === 1 ? 0 : Math.round((nth * (cells - 1)) / (count - 1));
    return { at, text: sideValue(axis, cells, at) };
  });
};
const TICKS = 5;

/** the cell under the pointer or the keys */
const cursor = ref<{ column: number; row: number } | null>(null);
const where = computed(() => {
  const [at, of] = [cursor.value, picture.value];
  if (!at || !of) return '';
  const { x: across, y: up, wide, high } = of.plan;
  return `${sideValue(across, wide, at.column)}, ${sideValue(up, high, at.row)}`;
});
const said = computed(() => {
  const [at, of] = [cursor.value, picture.value];
  if (!at || !of) return words.takeThis;
  const won = of.winners[at.row * of.plan.wide + at.column];
  return words.cellSays(where.value, won ? rigTitle(won.rig, system.value) : words.noRig);
});
function over(event: PointerEvent): void {
  const of = picture.value;
  if (!of) return;
  const box = (event.currentTarget as SVGGraphicsElement).getBoundingClientRect();
  const column = Math.floor(((event.clientX - box.left) / box.width) * of.plan.wide);
  const row = of.plan.high - 1 - Math.floor(((event.clientY - box.top) / box.height) * of.plan.high);
  cursor.value = {
    column: Math.min(of.plan.wide - 1, Math.max(0, column)),
    row: Math.min(of.plan.high - 1, Math.max(0, row)),
  };
}
const MOVES: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
function key(event: KeyboardEvent): void {
  const of = picture.value;
  if (!of || !here.value) return;
  if (event.key === 'Enter') return take();
  const by = MOVES[event.key];
  if (!by) return;
  event.preventDefault();
  const from = cursor.value ?? { column: Math.round(here.value.column), row: Math.round(here.value.row) };
  cursor.value = {
    column: Math.min(of.plan.wide - 1, Math.max(0, from.column + by[0])),
    row: Math.min(of.plan.high - 1, Math.max(0, from.row + by[1])),
  };
}
/** Sets the water of the cell; what it was comes back with one tap. */
function take(): void {
  const [at, of] = [cursor.value, picture.value];
  if (!at || !of) return;
  const before: Water = water.water;
  const { temperatureC, visibilityM, depthM, sky, cover, band, intent } = waterAt(
    water.water,
    of.plan,
    at.column,
    at.row,
  );
  const part = { temperatureC, visibilityM, depthM, sky, cover, band, intent };
  if (water.change(part).length > 0) return;
  const { temperatureC: t, visibilityM: v, depthM: d, sky: s, cover: c, band: b, intent: i } = before;
  notices.say(words.waterTaken(where.value), async () => {
    water.change({ temperatureC: t, visibilityM: v, depthM: d, sky: s, cover: c, band: b, intent: i });
  });
}
/** A table of few enough rows and columns to be read. */
const table = computed(() => {
  const of = picture.value;
  if (!of) return null;
  const { x: across, y: up, wide, high } = of.plan;
  const [columns, rows] = [ticks(across, wide), ticks(up, high).reverse()];
  return {
    columns,
    rows: rows.map((row) => ({
      ...row,
      cells: columns.map(({ at }) => {
        const won = of.winners[row.at * wide + at];
        return won ? rigTitle(won.rig, system.value) : words.noRig;
      }),
    })),
  };
});
const counts = computed(() => {
  const of = picture.value;
  if (!of) return '';
  const [asked, all] = [String(of.asked), String(of.plan.wide * of.plan.high)];
  return map.busy ? words.asking(asked, all) : words.drawn(asked, all);
});
</script>

<template>
  <section class="map" :aria-label="words.title" data-testid="map" :data-busy="map.busy">
    <div class="map__head">
      <h2>{{ words.title }}</h2>
      <SelectField v-model="x" :label="words.across" :items="axes" />
      <SelectField v-model="y" :label="words.upwards" :items="axes" />
      <SelectField v-model="fineness" :label="words.fineness" :items="finenesses" />
      <ChoiceRow v-model="shape" :label="words.shape" :options="shapes" bare />
      <button v-if="map.busy" type="button" class="press" @click="map.stop()">{{ words.stop }}</button>
      <button v-else type="button" class="press" :class="{ act: isOld }" :disabled="isLarge" @click="map.draw()">
        {{ picture ? words.drawAgain : words.draw }}
      </button>
      <p class="soft map__counts" role="status">{{ isOld && !map.busy ? words.ofAnotherWater : counts }}</p>
    </div>
    <p v-if="isLarge" role="alert">{{ words.tooManyParts(MAP_PARTS) }}</p>
    <p v-if="map.problem" role="alert">{{ map.problem }}</p>
    <div v-if="picture && shape === 'map'" class="map__both">
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
          @pointerleave="cursor = null"
          @click="take"
          @keydown="key"
        >
          <defs>
            <pattern
              v-for="nth in LOOKS"
              :id="`map-hatch-${nth - 1}`"
              :key="nth"
              width="1.4"
              height="1.4"
              patternUnits="userSpaceOnUse"
              :patternTransform="`rotate(${(nth * 45) % 180}) scale(${nth > 4 ? 0.6 : 1})`"
            >
              <path d="M0 0V1.4" class="map__hatch" />
            </pattern>
          </defs>
          <g v-for="region in regions" :key="`${region.key} ${region.cells[0]}`">
            <path
              :class="`map__region map__region--${look(region.nth)}`"
              :d="path(region.cells, picture.plan.wide, picture.plan.high)"
            />
            <path
              :fill="`url(#map-hatch-${look(region.nth)})`"
              :d="path(region.cells, picture.plan.wide, picture.plan.high)"
            />
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
        <div class="map__marks" aria-hidden="true">
          <b
            v-for="region in regions.filter(({ cells }) => cells.length >= 0.008 * keys.length)"
            :key="`${region.key} ${region.cells[0]}`"
            class="map__number number"
            :style="{
              left: `${(100 * (region.labelAt.column + 0.5)) / picture.plan.wide}%`,
              bottom: `${(100 * (region.labelAt.row + 0.5)) / picture.plan.high}%`,
            }"
            >{{ region.nth }}</b
          >
          <svg v-if="here && evening" class="map__trail" preserveAspectRatio="none" viewBox="0 0 100 100">
            <path
              :d="`M${(100 * (here.column + 0.5)) / picture.plan.wide} ${100 - (100 * (here.row + 0.5)) / picture.plan.high}L${(100 * (evening.column + 0.5)) / picture.plan.wide} ${100 - (100 * (evening.row + 0.5)) / picture.plan.high}`"
            />
          </svg>
          <span
            v-if="here"
            class="map__here"
            :style="{
              left: `${(100 * (here.column + 0.5)) / picture.plan.wide}%`,
              bottom: `${(100 * (here.row + 0.5)) / picture.plan.high}%`,
            }"
            >✚<i>{{ words.today }}</i></span
          >
        </div>
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
      </figure>
      <ol class="map__legend" :aria-label="words.regions">
        <li v-for="row in legend" :key="row.nth">
          <b class="number">{{ row.nth }}</b>
          <svg class="map__swatch" viewBox="0 0 4 2" aria-hidden="true">
            <rect width="4" height="2" :class="`map__region map__region--${look(row.nth)}`" />
            <rect width="4" height="2" :fill="`url(#map-hatch-${look(row.nth)})`" />
          </svg>
          <span>
            <FractionText :text="row.title" /> <span class="soft">{{ row.share }}, {{ row.says }}</span>
          </span>
        </li>
      </ol>
    </div>
    <div v-else-if="table" class="map__table" tabindex="0" role="region" :aria-label="words.tableOf">
      <table>
        <thead>
          <tr>
            <td />
            <th v-for="column in table.columns" :key="column.at" scope="col">{{ column.text }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in table.rows" :key="row.at">
            <th scope="row">{{ row.text }}</th>
            <td v-for="(cell, at) in row.cells" :key="at"><FractionText :text="cell" /></td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.map {
  padding: 10px 14px 14px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.map__head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
}
.map__head h2 {
  line-height: 40px;
}
.map__counts {
  line-height: 40px;
}
.map__both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 22px;
  padding-top: 8px;
}
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
.map__marks {
  position: absolute;
  inset: 0 0 auto;
  height: 380px;
  pointer-events: none;
}
.map__hatch {
  stroke: rgba(var(--v-theme-ink), 0.5);
  stroke-width: 0.12;
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
.map__region--0 {
  fill: rgba(var(--v-theme-bottle), 0.22);
}
.map__region--1 {
  fill: rgba(var(--v-theme-brass), 0.34);
}
.map__region--2 {
  fill: rgba(var(--v-theme-oxblood), 0.2);
}
.map__region--3 {
  fill: rgba(var(--v-theme-ink), 0.12);
}
.map__region--4 {
  fill: rgba(var(--v-theme-bottle), 0.45);
}
.map__region--5 {
  fill: rgba(var(--v-theme-brass), 0.58);
}
.map__region--6 {
  fill: rgba(var(--v-theme-oxblood), 0.4);
}
.map__region--7 {
  fill: rgba(var(--v-theme-ink), 0.28);
}
.map__number {
  position: absolute;
  transform: translate(-50%, 50%);
  padding: 0 5px;
  background: rgb(var(--v-theme-skin));
  border: 1px solid rgb(var(--v-theme-ink));
  font-size: 17px;
  line-height: 20px;
}
.map__here {
  position: absolute;
  transform: translate(-50%, 50%);
  color: rgb(var(--v-theme-oxblood));
  font-size: 22px;
  line-height: 22px;
  text-shadow: 0 0 4px rgb(var(--v-theme-skin));
}
.map__here i {
  position: absolute;
  left: 24px;
  padding: 0 4px;
  background: rgb(var(--v-theme-skin));
  font: 600 14px/20px var(--v-font-heading);
}
.map__trail {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.map__trail path {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
  stroke-dasharray: 7 5;
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
.map__legend {
  list-style: none;
  margin: 0;
  padding: 0;
  max-height: 410px;
  overflow-y: auto;
}
.map__legend li {
  display: grid;
  grid-template-columns: 22px 40px 1fr;
  gap: 8px;
  align-items: start;
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.map__swatch {
  width: 40px;
  height: 20px;
  border: 1px solid rgb(var(--v-theme-ink));
}
.map__table {
  overflow-x: auto;
  padding-top: 8px;
}
.map__table table {
  border-collapse: collapse;
}
.map__table th,
.map__table td {
  padding: 4px 14px 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  text-align: left;
  vertical-align: top;
  min-width: 120px;
}
@media (max-width: 1000px) {
  .map__both {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .map__counts {
    line-height: 1.3;
  }
  .map__figure {
    margin-left: 52px;
  }
}
</style>
