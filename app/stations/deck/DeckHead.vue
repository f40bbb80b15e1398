<script setup lang="ts">
import { computed, ref } from 'vue';
import { issueText, TRIP_LIMITS, type Issue } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import SelectField from '../../parts/SelectField.vue';
import StepButtons from '../../parts/StepButtons.vue';
import { useDeck } from '../../stores/deck';
import PlainNumber from './PlainNumber.vue';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/deck';

/** What is known of a day as a whole: its name and hours, where it is, and the rods that come along. */
const deck = useDeck();
const trip = computed(() => deck.trip!);
const problem = ref('');
const say = (issues: readonly Issue[]): void => void (problem.value = issues.map(issueText).join(' '));

const text = (value: string): string | undefined => (value === '' ? undefined : value);
const days = computed(() => deck.all.map(({ id, name, day }) => ({ value: id, title: name || day || words.untitled })));
const rods = (by: number): void =>
  say(
    deck.change({
      rods: Math.min(TRIP_LIMITS.rods.max, Math.max(TRIP_LIMITS.rods.min, trip.value.rods + by)),
    }),
  );
const USUAL_TIE_MIN = 4;
const mayTie = computed({
  get: () => (trip.value.reTieMin === undefined ? 'no' : 'yes'),
  set: (is: string | string[]) => say(deck.change({ reTieMin: is === 'yes' ? USUAL_TIE_MIN : undefined })),
});
const TIES = [
  { value: 'no', title: words.neverTie },
  { value: 'yes', title: words.mayTie },
] as const;
const number = (field: 'reTieMin' | 'lat' | 'lon') =>
  computed({
    get: () => trip.value[field],
    set: (value: number | undefined) => say(deck.change({ [field]: value })),
  });
const [reTieMin, lat, lon] = [number('reTieMin'), number('lat'), number('lon')];
/** minutes from Greenwich, as hours */
const offset = computed({
  get: () => (trip.value.utcOffsetMin === undefined ? undefined : trip.value.utcOffsetMin / 60),
  set: (hours: number | undefined) =>
    say(deck.change({ utcOffsetMin: hours === undefined ? undefined : Math.round(hours * 60) })),
});
</script>

<template>
  <section class="day" :aria-label="words.deckTitle">
    <h1 class="visually-hidden">{{ trip.name || words.untitled }}</h1>
    <div class="day__row">
      <TextField
        class="day__name"
        :model-value="trip.name ?? ''"
        :label="words.dayName"
        maxlength="60"
        @update:model-value="say(deck.change({ name: text($event) }))"
      />
      <TextField
        class="day__date"
        :model-value="trip.day ?? ''"
        :label="words.day"
        type="date"
        @update:model-value="say(deck.change({ day: text($event) }))"
      />
      <TextField
        class="day__clock"
        :model-value="trip.from ?? ''"
        :label="words.from"
        type="time"
        @update:model-value="say(deck.change({ from: text($event) }))"
      />
      <TextField
        class="day__clock"
        :model-value="trip.until ?? ''"
        :label="words.until"
        type="time"
        @update:model-value="say(deck.change({ until: text($event) }))"
      />
      <div class="day__rods" role="group" :aria-label="words.rodsTaken">
        <span aria-hidden="true">{{ words.rodsTaken }}</span>
        <b class="number" data-testid="rods">{{ trip.rods }}</b>
        <StepButtons :less="words.fewerRods" :more="words.moreRods" @step="rods" />
      </div>
      <ChoiceRow v-model="mayTie" :label="words.reTies" :options="TIES" />
      <PlainNumber
        v-if="trip.reTieMin !== undefined"
        v-model="reTieMin"
        class="day__number"
        :label="words.reTieMinutes"
        :min="0"
        :max="120"
      />
    </div>
    <div class="day__row day__days">
      <SelectField
        v-if="days.length > 1"
        :model-value="trip.id"
        :label="words.days"
        :items="days"
        @update:model-value="deck.open($event)"
      />
      <button type="button" class="press" @click="deck.start()">{{ words.newDay }}</button>
      <button type="button" class="press" @click="deck.remove()">{{ words.takeAway }}</button>
      <details class="day__more">
        <summary>{{ words.placeOfDay }}</summary>
        <div class="day__row">
          <PlainNumber v-model="lat" class="day__number" :label="words.latitude" :min="-90" :max="90" optional typed />
          <PlainNumber
            v-model="lon"
            class="day__number"
            :label="words.longitude"
            :min="-180"
            :max="180"
            optional
            typed
          />
          <PlainNumber
            v-model="offset"
            class="day__number"
            :label="words.clock"
            :min="-14"
            :max="14"
            optional
            :step="0.5"
          />
        </div>
      </details>
    </div>
    <p v-if="problem" role="alert" class="day__problem">{{ problem }}</p>
  </section>
</template>

<style scoped>
.day {
  padding: 10px 14px 8px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.day__row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px 14px;
}
.day__name {
  flex: 1 1 230px;
}
.day__date {
  flex: 0 0 160px;
}
.day__clock {
  flex: 0 0 118px;
}
.day__number {
  flex: 0 0 190px;
}
.day__rods {
  display: grid;
  grid-template-columns: auto 40px 40px;
  align-items: end;
  gap: 0 8px;
}
.day__rods span {
  grid-column: 1 / -1;
  font: 500 15px var(--v-font-heading);
}
.day__rods b {
  font-size: 28px;
  min-width: 30px;
  line-height: 1.2;
}
.day__more[open] {
  flex: 1 1 100%;
  order: 1;
}
.day__more summary {
  cursor: pointer;
  font: 500 15px var(--v-font-heading);
  padding: 6px 0;
}
.day__days {
  padding-top: 4px;
}
.day__problem {
  color: rgb(var(--v-theme-oxblood));
  padding-top: 6px;
}
@media (max-width: 700px) {
  .day__more summary {
    min-height: 48px;
    display: flex;
    align-items: center;
  }
}
</style>
