<script setup lang="ts">
import { computed } from 'vue';
import { clockOf, NAME, SKIES, WATER_LIMITS, WINDS, type Issue, type KeptStop, type StopHour, type Water } from '@core';
import SelectField from '../../parts/SelectField.vue';
import TextField from '../../parts/TextField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useDeck } from '../../stores/deck';
import { useNotices } from '../../stores/notices';
import * as words from '../../locale/en/deck';

/**
 * The water of a stop by the hour: what is said of an hour holds from then on.
 * @prop then  its water at the time it is fished
 */
const props = defineProps<{ stop: KeptStop; count: number; then: Water }>();
const emit = defineEmits<{ problems: [issues: readonly Issue[]] }>();
const deck = useDeck();
const notices = useNotices();

const hours = computed(() => props.stop.hours ?? []);
const setHours = (next: readonly StopHour[]): void =>
  emit('problems', deck.changeStop(props.stop.id, { hours: next.length > 0 ? [...next] : undefined }));
function changeHour(place: number, part: { [K in keyof StopHour]?: StopHour[K] | undefined }): void {
  setHours(
    hours.value.map((hour, one) =>
      one === place
        ? (Object.fromEntries(
            Object.entries({ ...hour, ...part }).filter(([, value]) => value !== undefined && value !== ''),
          ) as StopHour)
        : hour,
    ),
  );
}
/** the next whole hour behind the last that stands there */
function addHour(): void {
  const last = hours.value.at(-1);
  const from = last ? 60 * Number(last.at.slice(0, 2)) + 60 : 60 * Number((deck.trip?.from ?? '07:00').slice(0, 2));
  if (from >= 24 * 60) return;
  setHours([...hours.value, { at: clockOf(from), temperatureC: last?.temperatureC ?? props.stop.water.temperatureC }]);
}
function giveToAll(): void {
  const own = hours.value;
  const before = deck.trip!;
  const stops = before.stops.map((stop) => {
    const { hours: _hours, ...rest } = stop;
    return own.length > 0 ? { ...rest, hours: [...own] } : rest;
  });
  emit('problems', deck.change({ stops }));
  notices.say(words.hoursGiven, async () => deck.change({ stops: before.stops }));
}
const anyOr = <T extends string>(values: readonly T[]) => [
  { value: '', title: words.asTheWater },
  ...values.map((value) => ({ value, title: NAME[value as keyof typeof NAME] })),
];
const windItems = anyOr(WINDS);
const skyItems = anyOr(SKIES);
</script>

<template>
  <details class="hours">
    <summary>{{ words.byTheHour }} ({{ hours.length }})</summary>
    <div v-for="(hour, one) in hours" :key="one" class="hours__hour" role="group" :aria-label="hour.at">
      <TextField
        :model-value="hour.at"
        :label="words.hour"
        type="time"
        @update:model-value="$event && changeHour(one, { at: $event })"
      />
      <UnitField
        :model-value="hour.temperatureC ?? then.temperatureC"
        :label="words.temperature"
        quantity="temperature"
        v-bind="WATER_LIMITS.temperatureC"
        @update:model-value="changeHour(one, { temperatureC: $event })"
      />
      <UnitField
        :model-value="hour.visibilityM ?? then.visibilityM"
        :label="words.visibility"
        quantity="visibility"
        :min="0.01"
        :max="WATER_LIMITS.visibilityM.max"
        @update:model-value="changeHour(one, { visibilityM: $event })"
      />
      <SelectField
        :model-value="hour.wind ?? ''"
        :label="words.wind"
        :items="windItems"
        @update:model-value="changeHour(one, { wind: ($event || undefined) as StopHour['wind'] })"
      />
      <SelectField
        :model-value="hour.sky ?? ''"
        :label="words.sky"
        :items="skyItems"
        @update:model-value="changeHour(one, { sky: ($event || undefined) as StopHour['sky'] })"
      />
      <button
        type="button"
        class="press"
        :aria-label="words.dropHour(hour.at)"
        @click="setHours(hours.filter((_, other) => other !== one))"
      >
        ×
      </button>
    </div>
    <div class="hours__row">
      <button type="button" class="press" @click="addHour">{{ words.addHour }}</button>
      <button v-if="count > 1" type="button" class="press" @click="giveToAll">{{ words.hoursForAll }}</button>
    </div>
  </details>
</template>

<style scoped>
.hours__hour {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  padding: 8px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.hours__hour > .press {
  align-self: end;
  justify-self: start;
}
.hours__row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 8px;
}
.hours summary {
  cursor: pointer;
  font: 500 15px var(--v-font-heading);
  min-height: 36px;
  display: flex;
  align-items: center;
}
@media (max-width: 700px) {
  .hours summary {
    min-height: 48px;
  }
}
</style>
