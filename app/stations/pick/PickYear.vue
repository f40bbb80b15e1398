<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import {
  CLIMATES,
  MONTHS,
  monthWater,
  numbered,
  rigTitle,
  startingYear,
  turningPoints,
  WATER_LIMITS,
  type Climate,
  type Purchase,
  type Year,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { TAG } from '../../locale/en/tag';
import { useBox } from '../../stores/box';
import { MAP_PARTS } from '../../stores/map';
import { useNotices } from '../../stores/notices';
import { useSettings } from '../../stores/settings';
import { useWater } from '../../stores/water';
import { useYear } from '../../stores/year';
import { tellPart } from '../box/part-text';
import * as words from '../../locale/en/year';

/** The season clock: what each month ties on at the place at hand, where the year turns, and what the box lacks for it. */
const clock = useYear();
const water = useWater();
const box = useBox();
const notices = useNotices();
const settings = useSettings();
const { show, system } = useUnits();

const isLarge = computed(() => settings.settings.source === 'catalogue' || box.count > MAP_PARTS);
onMounted(async () => {
  await clock.load();
  if (!isLarge.value) void clock.look();
});
onBeforeUnmount(() => clock.stop());
/** a curve that is drawn is asked once the hand rests */
const RESTS_MS = 500;
let resting: ReturnType<typeof setTimeout> | undefined;
watch(
  () => clock.year,
  () => {
    clearTimeout(resting);
    if (!isLarge.value) resting = setTimeout(() => void clock.look(), RESTS_MS);
  },
);
onBeforeUnmount(() => clearTimeout(resting));

const named = (month: number, how: 'long' | 'short'): string =>
  new Intl.DateTimeFormat(TAG, { month: how }).format(new Date(2026, month, 15));
const numbers = computed(() => (clock.winners.length === MONTHS ? numbered(clock.winners) : []));
const turning = computed(() => new Map(turningPoints(clock.winners).map(({ month, changes }) => [month, changes])));

function partTitle({ tray, part }: Purchase): string {
  const { title: says } = tellPart(tray, part as never, system.value);
  return 'colour' in part ? `${says}, ${part.colour}` : says;
}
/** of what is missing, what adds most in a month */
const lacksIn = (month: number): string => {
  const found = clock.missing
    .flatMap((row) => row.on.filter(({ water: at }) => at === month).map(({ from, to }) => ({ row, gain: to - from })))
    .sort((a, b) => b.gain - a.gain)[0];
  return found ? partTitle(found.row) : '';
};
const rows = computed(() =>
  Array.from({ length: MONTHS }, (_, month) => {
    const won = clock.winners[month];
    return {
      month,
      name: named(month, 'long'),
      short: named(month, 'short'),
      nth: numbers.value[month] ?? 0,
      temperature: show('temperature', clock.year.temperatureC[month]!),
      visibility: show('visibility', clock.year.visibilityM[month]!),
      ties: won ? rigTitle(won.rig, system.value) : clock.winners.length > 0 ? words.noRig : '',
      turns: (turning.value.get(month) ?? []).map((change) => words.changes[change]).join(', '),
      lacks: lacksIn(month),
    };
  }),
);

const CLIMATE_BY_HAND = 'by-hand';
const climate = computed({
  get: (): string =>
    CLIMATES.find(
      (name) => JSON.stringify(startingYear(name, water.water.usualVisibilityM)) === JSON.stringify(clock.year),
    ) ?? CLIMATE_BY_HAND,
  set: (name) => {
    if (name !== CLIMATE_BY_HAND) void clock.begin(name as Climate);
  },
});
const climates = [
  { value: CLIMATE_BY_HAND, title: words.byHand },
  ...CLIMATES.map((value) => ({ value, title: words.climates[value] })),
];

/** The two curves: each month a slider. Sight is drawn by its logarithm. */
const MOST_SIGHT_M = 4;
const LEAST_SIGHT_M = 0.08;
const STEPS = 100;
const curves = [
  {
    of: 'temperatureC' as const,
    name: words.temperature,
    text: (value: number): string => show('temperature', value),
    at: (value: number): number => (STEPS * value) / WATER_LIMITS.temperatureC.max,
    value: (at: number): number => Math.round((at * WATER_LIMITS.temperatureC.max * 10) / STEPS) / 10,
  },
  {
    of: 'visibilityM' as const,
    name: words.visibility,
    text: (value: number): string => show('visibility', value),
    at: (value: number): number => (STEPS * Math.log(value / LEAST_SIGHT_M)) / Math.log(MOST_SIGHT_M / LEAST_SIGHT_M),
    value: (at: number): number =>
      Math.round(LEAST_SIGHT_M * (MOST_SIGHT_M / LEAST_SIGHT_M) ** (at / STEPS) * 100) / 100,
  },
];
function drag(of: keyof Year, month: number, event: Event, value: (at: number) => number): void {
  void clock.setMonth(of, month, value(Number((event.target as HTMLInputElement).value)));
}

/** The ring: a month a twelfth, January at the top, round with the sun. */
const [OUT, IN, MIDDLE] = [148, 84, 116];
const point = (radius: number, month: number): string => {
  const turn = (2 * Math.PI * month) / MONTHS - Math.PI / 2;
  return `${(radius * Math.cos(turn)).toFixed(1)} ${(radius * Math.sin(turn)).toFixed(1)}`;
};
const sector = (month: number): string =>
  `M${point(IN, month - 0.5)}L${point(OUT, month - 0.5)}A${OUT} ${OUT} 0 0 1 ${point(OUT, month + 0.5)}L${point(IN, month + 0.5)}A${IN} ${IN} 0 0 0 ${point(IN, month - 0.5)}Z`;
const at = (radius: number, month: number): { x: number; y: number } => {
  const [x, y] = point(radius, month).split(' ').map(Number);
  return { x: x!, y: y! };
};
const isTurning = (month: number): boolean => turning.value.has(month);
const LOOKS = 8;

/** hovered or focused row */
const chosen = ref<number | null>(null);
function takeMonth(month: number): void {
  const { temperatureC, visibilityM, season } = water.water;
  const next = monthWater(water.water, clock.year, month);
  const part = { temperatureC: next.temperatureC, visibilityM: next.visibilityM, season: next.season };
  if (water.change(part).length > 0) return;
  notices.say(words.waterTaken(named(month, 'long')), async () => {
    water.change({ temperatureC, visibilityM, season });
  });
}
</script>

<template>
  <section class="year" :aria-label="words.title" data-testid="year" :data-busy="clock.busy">
    <div class="year__head">
      <h2>{{ words.title }}</h2>
      <SelectField v-model="climate" :label="words.climate" :items="climates" />
      <button v-if="clock.busy" type="button" class="press" @click="clock.stop()">{{ words.stop }}</button>
      <button v-else type="button" class="press" :disabled="isLarge" @click="clock.look()">
        {{ clock.winners.length > 0 ? words.lookAgain : words.look }}
      </button>
      <p class="soft" role="status">{{ clock.busy ? words.asking : '' }}</p>
    </div>
    <p v-if="isLarge" role="alert">{{ words.tooManyParts(MAP_PARTS) }}</p>
    <p v-if="clock.problem" role="alert">{{ clock.problem }}</p>
    <fieldset class="year__curves">
      <legend>{{ words.drawTheCurve }}</legend>
      <div v-for="curve in curves" :key="curve.of" class="year__curve">
        <b class="condensed">{{ curve.name }}</b>
        <label v-for="row in rows" :key="row.month" class="year__slot">
          <input
            type="range"
            min="0"
            :max="STEPS"
            step="1"
            :value="curve.at(clock.year[curve.of][row.month]!)"
            :aria-label="words.inMonth(curve.name, row.name)"
            :aria-valuetext="curve.text(clock.year[curve.of][row.month]!)"
            @input="drag(curve.of, row.month, $event, curve.value)"
          />
          <span class="number">{{ curve.text(clock.year[curve.of][row.month]!) }}</span>
          <span class="soft">{{ row.short }}</span>
        </label>
      </div>
    </fieldset>
    <div class="year__both">
      <svg
        v-if="numbers.length > 0"
        class="year__ring"
        role="img"
        viewBox="-170 -170 340 340"
        :aria-label="words.clock(new Set(numbers).size)"
      >
        <g v-for="row in rows" :key="row.month" @pointerenter="chosen = row.month" @pointerleave="chosen = null">
          <path
            :class="[
              `year__sector year__sector--${(row.nth - 1) % LOOKS}`,
              { 'year__sector--chosen': chosen === row.month },
            ]"
            :d="sector(row.month)"
          />
          <text class="year__nth" v-bind="at(MIDDLE, row.month)" dy="6">{{ row.nth }}</text>
          <text class="year__name" v-bind="at(OUT + 12, row.month)" dy="5">{{ row.short }}</text>
          <path
            v-if="isTurning(row.month)"
            class="year__turn"
            :d="`M${point(IN - 8, row.month - 0.5)}L${point(OUT + 4, row.month - 0.5)}`"
          />
        </g>
      </svg>
      <div class="year__table" tabindex="0" role="region" :aria-label="words.tableOf">
        <table>
          <thead>
            <tr>
              <th scope="col">{{ words.month }}</th>
              <td />
              <th scope="col">{{ words.ties }}</th>
              <th scope="col">{{ words.turns }}</th>
              <th scope="col">{{ words.lacks }}</th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="row in rows"
              :key="row.month"
              :class="{ 'year__row--chosen': chosen === row.month }"
              @pointerenter="chosen = row.month"
              @pointerleave="chosen = null"
            >
              <th scope="row">
                <button
                  type="button"
                  class="because"
                  :aria-label="words.takeMonth(row.name)"
                  @click="takeMonth(row.month)"
                >
                  {{ row.name }}
                </button>
                <span class="soft year__water">{{ row.temperature }}, {{ row.visibility }}</span>
              </th>
              <td class="number">{{ row.nth || '' }}</td>
              <td><FractionText :text="row.ties" /></td>
              <td>{{ row.turns }}</td>
              <td><FractionText :text="row.lacks" /></td>
            </tr>
          </tbody>
        </table>
        <p v-if="!clock.busy && clock.winners.length > 0 && clock.missing.length === 0" class="soft">
          {{ words.nothingLacks }}
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.year {
  padding: 10px 14px 14px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.year__head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
}
.year__head h2,
.year__head p {
  line-height: 40px;
}
.year__curves {
  min-inline-size: 0;
  margin: 8px 0 0;
  padding: 0;
  border: 0;
}
.year__curves legend {
  font: 500 14px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.year__curve {
  display: grid;
  grid-template-columns: 92px repeat(12, minmax(0, 1fr));
  align-items: center;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.year__slot {
  display: grid;
  justify-items: center;
  font-size: 14px;
  line-height: 1.15;
}
.year__slot input {
  writing-mode: vertical-lr;
  direction: rtl;
  width: 26px;
  height: 88px;
  accent-color: rgb(var(--v-theme-oxblood));
}
.year__both {
  display: grid;
  grid-template-columns: 340px minmax(0, 1fr);
  gap: 18px;
  padding-top: 8px;
}
.year__ring {
  width: 100%;
}
.year__sector {
  stroke: rgb(var(--v-theme-ink));
}
.year__sector--chosen {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 4;
}
.year__sector--0 {
  fill: rgba(var(--v-theme-bottle), 0.22);
}
.year__sector--1 {
  fill: rgba(var(--v-theme-brass), 0.34);
}
.year__sector--2 {
  fill: rgba(var(--v-theme-oxblood), 0.2);
}
.year__sector--3 {
  fill: rgba(var(--v-theme-ink), 0.12);
}
.year__sector--4 {
  fill: rgba(var(--v-theme-bottle), 0.45);
}
.year__sector--5 {
  fill: rgba(var(--v-theme-brass), 0.58);
}
.year__sector--6 {
  fill: rgba(var(--v-theme-oxblood), 0.4);
}
.year__sector--7 {
  fill: rgba(var(--v-theme-ink), 0.28);
}
.year__nth,
.year__name {
  text-anchor: middle;
  fill: rgb(var(--v-theme-ink));
  font: 700 18px var(--v-font-heading);
}
.year__name {
  font: 500 14px var(--v-font-heading);
}
.year__turn {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 4;
}
.year__table {
  overflow-x: auto;
}
.year__table table {
  border-collapse: collapse;
  width: 100%;
}
.year__table th,
.year__table td {
  padding: 3px 12px 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  text-align: left;
  vertical-align: top;
  font-weight: 400;
}
.year__water {
  display: block;
}
.year__row--chosen {
  background: rgb(var(--v-theme-shade));
}
@media (max-width: 1000px) {
  .year__both {
    grid-template-columns: 1fr;
  }
  .year__ring {
    max-width: 340px;
  }
}
@media (max-width: 700px) {
  .year__curve {
    grid-template-columns: repeat(12, 56px);
    overflow-x: auto;
  }
  .year__curve b {
    grid-column: 1 / -1;
  }
  .year__slot input {
    width: 48px;
    height: 120px;
  }
}
</style>
