<script setup lang="ts">
import { computed } from 'vue';
import {
  clockOf,
  daylightOf,
  laidOnClock,
  sunDegAt,
  USUAL_START_MIN,
  waterAtMinute,
  type KeptStop,
  type KeptTrip,
} from '@core';
import { tintOf } from '../../parts/tint';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/deck';

/** The day along the clock: how high the sun stands, the stops one after another, and how warm and clear their water is. */
const props = defineProps<{ trip: KeptTrip; chosen: string | null; narrow: boolean }>();
defineEmits<{ choose: [id: string] }>();
const { show } = useUnits();

const WIDE = computed(() => (props.narrow ? 760 : 1240));
const LIGHT = { top: 4, tall: 44 } as const;
const STOPS = { top: 52, tall: 40 } as const;
const WATER = { top: 96, tall: 34 } as const;
const TALL = 148;
/** height of the sun that fills the row, degrees */
const HIGH_DEG = 55;

interface Block {
  readonly stop: KeptStop;
  readonly at: number;
  readonly fromMin: number;
  readonly toMin: number;
}
/** as the plan has them; where two run into each other, which is told elsewhere, the later one is drawn behind */
const blocks = computed((): Block[] =>
  laidOnClock(props.trip).stops.map((time, at) => ({ ...time, at, stop: props.trip.stops[at]! })),
);
const startMin = computed(() => blocks.value[0]?.fromMin ?? USUAL_START_MIN);
const endMin = computed(() => Math.max(blocks.value.at(-1)?.toMin ?? 0, startMin.value + 30));
const x = (minute: number): number => (WIDE.value * (minute - startMin.value)) / (endMin.value - startMin.value);

const STEP_MIN = 10;
const samples = computed(() => {
  const count = Math.ceil((endMin.value - startMin.value) / STEP_MIN);
  return Array.from({ length: count + 1 }, (_, at) => Math.min(endMin.value, startMin.value + at * STEP_MIN));
});
const sunY = (deg: number): number => LIGHT.top + LIGHT.tall * (1 - Math.min(1, Math.max(0, deg / HIGH_DEG)));
const suns = computed(() => samples.value.map((minute) => sunDegAt(props.trip, props.trip.stops[0] ?? {}, minute)));
const isLit = computed(() => suns.value.every((deg) => deg !== null));
const lightPath = computed(() => {
  const top = samples.value.map((minute, at) => `${x(minute).toFixed(1)} ${sunY(suns.value[at] ?? 0).toFixed(1)}`);
  const floor = LIGHT.top + LIGHT.tall;
  return `M0 ${floor}L${top.join('L')}L${WIDE.value} ${floor}Z`;
});
const daylight = computed(() => daylightOf(props.trip, props.trip.stops));
const sunText = computed(() => {
  const light = daylight.value;
  if (light === null) return '';
  if (light.kind === 'none') return words.noSun;
  if (light.kind === 'all-day') return words.sunAllDay;
  return words.sunUpDown(clockOf(light.upMin), clockOf(light.downMin));
});
/** parts of the day before the sun is up and after it is down */
const nights = computed(() => {
  const light = daylight.value;
  if (light?.kind === 'none') return [{ from: startMin.value, to: endMin.value }];
  if (light?.kind !== 'usual') return [];
  return [
    { from: startMin.value, to: Math.min(endMin.value, light.upMin) },
    { from: Math.max(startMin.value, light.downMin), to: endMin.value },
  ].filter(({ from, to }) => to > from);
});

const waters = computed(() =>
  blocks.value.map(({ stop, fromMin, toMin }) => waterAtMinute(props.trip, stop, (fromMin + toMin) / 2)),
);
const warmest = computed(() => Math.max(...waters.value.map(({ temperatureC }) => temperatureC)) + 0.5);
const coldest = computed(() => Math.min(...waters.value.map(({ temperatureC }) => temperatureC)) - 0.5);
const warmY = (degC: number): number =>
  WATER.top + WATER.tall * (1 - (degC - coldest.value) / Math.max(0.5, warmest.value - coldest.value));
const warmPath = computed(() =>
  blocks.value
    .flatMap(({ stop, fromMin, toMin }) =>
      [fromMin, (fromMin + toMin) / 2, toMin].map((minute) => ({
        minute,
        is: waterAtMinute(props.trip, stop, minute).temperatureC,
      })),
    )
    .map(({ minute, is }, at) => `${at === 0 ? 'M' : 'L'}${x(minute).toFixed(1)} ${warmY(is).toFixed(1)}`)
    .join(''),
);
const label = (at: number): string => words.stopTitle(at + 1, props.trip.stops[at]?.name ?? '');
/** letters that fit into a block */
const LETTER = 6.6;
const short = (block: Block): string => {
  const fits = Math.floor((x(block.toMin) - x(block.fromMin) - 10) / LETTER);
  const name = label(block.at);
  return fits >= name.length ? name : fits < 3 ? String(block.at + 1) : `${name.slice(0, fits - 1)}…`;
};
</script>

<template>
  <div class="strip" tabindex="0" role="region" :aria-label="words.strip" data-testid="strip">
    <svg :viewBox="`0 0 ${WIDE} ${TALL}`" :style="{ minWidth: `${narrow ? 700 : 0}px` }" class="strip__picture">
      <defs>
        <pattern id="strip-night" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" class="strip__hatch" />
        </pattern>
      </defs>
      <template v-if="isLit">
        <path :d="lightPath" class="strip__sun" />
        <rect
          v-for="night in nights"
          :key="night.from"
          :x="x(night.from)"
          :y="LIGHT.top"
          :width="x(night.to) - x(night.from)"
          :height="LIGHT.tall"
          fill="url(#strip-night)"
        />
        <text :x="WIDE - 4" :y="LIGHT.top + LIGHT.tall - 5" text-anchor="end" class="strip__small">{{ sunText }}</text>
      </template>
      <text v-else x="2" :y="LIGHT.top + 26" class="strip__small">{{ words.noPlaceForLight }}</text>
      <g
        v-for="(block, at) in blocks"
        :key="block.stop.id"
        class="strip__stop"
        :class="{ 'strip__stop--chosen': block.stop.id === chosen }"
        @click="$emit('choose', block.stop.id)"
      >
        <rect
          :x="x(block.fromMin)"
          :y="STOPS.top"
          :width="Math.max(2, x(block.toMin) - x(block.fromMin) - 1.5)"
          :height="STOPS.tall"
          class="strip__block"
        />
        <rect
          :x="x(block.fromMin)"
          :y="STOPS.top + STOPS.tall - 5"
          :width="Math.max(2, x(block.toMin) - x(block.fromMin) - 1.5)"
          height="5"
          :style="{ fill: tintOf(waters[at]!.visibilityM) }"
        />
        <text :x="x(block.fromMin) + 5" :y="STOPS.top + 14" class="strip__name">{{ short(block) }}</text>
        <text :x="x(block.fromMin) + 5" :y="STOPS.top + 29" class="strip__small">{{ clockOf(block.fromMin) }}</text>
        <title>{{ words.stripStop(label(at), clockOf(block.fromMin), clockOf(block.toMin)) }}</title>
      </g>
      <path :d="warmPath" class="strip__warm" />
      <text
        v-for="(block, at) in blocks"
        :key="block.stop.id"
        :x="(x(block.fromMin) + x(block.toMin)) / 2"
        :y="TALL - 4"
        text-anchor="middle"
        class="strip__small strip__degrees"
      >
        {{ show('temperature', waters[at]!.temperatureC) }}
      </text>
    </svg>
  </div>
</template>

<style scoped>
.strip {
  overflow-x: auto;
  padding: 6px 14px 2px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.strip__picture {
  display: block;
  width: 100%;
}
.strip__sun {
  fill: rgba(var(--v-theme-brass), 0.3);
}
.strip__hatch {
  stroke: rgba(var(--v-theme-ink), 0.55);
  stroke-width: 1.6;
}
.strip__block {
  fill: rgb(var(--v-theme-shade));
  stroke: rgb(var(--v-theme-ink-soft));
  stroke-width: 1;
}
.strip__stop {
  cursor: pointer;
}
.strip__stop--chosen .strip__block {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
}
.strip__name {
  font: 600 14px var(--v-font-heading);
  fill: rgb(var(--v-theme-ink));
}
.strip__small {
  font: 500 12.5px var(--v-font-heading);
  fill: rgb(var(--v-theme-ink-soft));
}
.strip__warm {
  fill: none;
  stroke: rgb(var(--v-theme-bottle));
  stroke-width: 2.5;
}
</style>
