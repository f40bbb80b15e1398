<script setup lang="ts">
import { computed } from 'vue';
import { careFor, CARE_TEXT, READOUT_TEXT, tuningOf, wantBand, wantValue, WANT_TITLE, type BuildNumbers } from '@core';
import BandLine from '../../parts/BandLine.vue';
import FractionText from '../../parts/FractionText.vue';
import NumberName from '../../parts/NumberName.vue';
import { useGradually } from '../../composables/useGradually';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import BenchTuning from './BenchTuning.vue';
import ReadoutRow from './ReadoutRow.vue';
import * as words from '../../locale/en/bench';

/** What the build does, number by number, beside what this water asks. */
const props = defineProps<{ numbers: BuildNumbers; before: BuildNumbers | null }>();
const bench = useBench();
const { system, show } = useUnits();

const rows = computed(() =>
  props.numbers.readouts
    .filter(({ value, word }) => value !== null || (word !== undefined && word !== 'not-applicable'))
    .map((readout) => ({ readout, before: props.before?.readouts.find(({ id }) => id === readout.id) ?? null })),
);
/** numbers come a few a frame: none of them is waited for */
const drawn = useGradually(() => rows.value.length, 6, 4);
const absent = computed(() => {
  const shown = new Set(rows.value.map(({ readout }) => readout.id));
  return props.numbers.readouts
    .filter(({ id }) => !shown.has(id))
    .map(({ id }) => READOUT_TEXT[id].title.toLowerCase());
});
/** wants that ask for a number which stands below too, with its band */
const SAME_NUMBER: ReadonlySet<string> = new Set(['fall', 'length']);
const wants = computed(() =>
  props.numbers.fits
    .filter(({ want }) => Number.isFinite(props.numbers.has[want.id]))
    .map(({ want, fit }) => {
      const was = props.before?.fits.find((row) => row.want.id === want.id)?.fit ?? fit;
      const by = Math.round((fit - was) * 100);
      const uncertain = SAME_NUMBER.has(want.id) ? props.numbers.readouts.find(({ id }) => id === want.id)?.band : null;
      return { want, has: props.numbers.has[want.id], by, uncertain };
    }),
);
/** what every change is told against */
const against = computed(() => (bench.earlier ? `“${bench.earlier.name}”` : words.rigAsCame));
const tuning = computed(() => (bench.on ? tuningOf(props.numbers.rig, bench.on.medium, props.numbers.speedMps) : null));
const care = computed(() => careFor(props.numbers.rig).map((id) => CARE_TEXT[id]));
const SPEEDS = { min: 0.1, max: 2, step: 0.05 } as const;
</script>

<template>
  <div class="numbers">
    <div class="numbers__speed">
      <label for="bench-speed"
        >{{ words.at }} <b class="number">{{ show('speed', numbers.speedMps) }}</b></label
      >
      <v-slider
        id="bench-speed"
        :aria-label="words.speedLookedAt"
        :model-value="numbers.speedMps"
        :min="SPEEDS.min"
        :max="SPEEDS.max"
        :step="SPEEDS.step"
        color="primary"
        hide-details
        density="compact"
        :aria-valuetext="show('speed', numbers.speedMps)"
        @update:model-value="bench.chosenMps = $event"
      />
      <button v-if="bench.chosenMps !== null" type="button" class="because" @click="bench.chosenMps = null">
        {{ words.asWaterAsks }}
      </button>
    </div>
    <section :aria-label="words.whatWaterAsks">
      <h2>{{ words.whatWaterAsks }}</h2>
      <p class="numbers__against soft">{{ words.changesAgainst(against) }}</p>
      <ul>
        <li
          v-for="{ want, has, by, uncertain } in wants"
          :key="want.id"
          class="numbers__want"
          :data-testid="`bench-want-${want.id}`"
        >
          <NumberName class="numbers__title" :name="WANT_TITLE[want.id]" :number="{ of: 'want', id: want.id }" />
          <span
            v-if="by !== 0"
            class="numbers__by number"
            :class="{ 'numbers__by--worse': by < 0 }"
            role="note"
            :aria-label="by < 0 ? words.answeredWorseBy(-by) : words.answeredBetterBy(by)"
          >
            {{ by < 0 ? words.worseBy(-by) : words.betterBy(by) }}
          </span>
          <span class="numbers__value"
            ><b class="number"><FractionText :text="wantValue(want.id, has, system)" /></b>
            <span class="soft"><FractionText :text="wantBand(want, system)" /></span
          ></span>
          <BandLine :want="want" :has="has" v-bind="uncertain ? { uncertain } : {}" />
        </li>
      </ul>
    </section>
    <BenchTuning v-if="tuning" :tuning="tuning" />
    <section :aria-label="words.whatBuildDoes">
      <h2>{{ words.whatBuildDoes }}</h2>
      <ul>
        <ReadoutRow
          v-for="row in rows.slice(0, drawn)"
          :key="row.readout.id"
          :readout="row.readout"
          :before="row.before"
        />
      </ul>
      <p v-if="absent.length > 0" class="numbers__absent soft">{{ words.notOnThisBuild(absent.join(', ')) }}</p>
    </section>
    <details class="numbers__care">
      <summary>{{ words.afterTheDay }}</summary>
      <ul>
        <li v-for="line in care" :key="line">{{ line }}</li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.numbers__against {
  padding: 0 14px 2px;
  font-size: 13.5px;
}
.numbers h2 {
  padding: 9px 14px 3px;
  font-size: 18px;
}
.numbers ul {
  list-style: none;
}
.numbers__speed {
  padding: 8px 14px 4px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.numbers__want {
  display: grid;
  grid-template-columns: 1fr auto;
  padding: 4px 14px 12px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.numbers__want .band-line {
  grid-column: 1 / -1;
  height: 12px;
}
.numbers__title {
  font: 600 15px/1.2 var(--v-font-heading);
}
.numbers__by {
  color: rgb(var(--v-theme-bottle));
}
.numbers__by--worse {
  color: rgb(var(--v-theme-oxblood));
}
.numbers__value {
  grid-column: 1 / -1;
  font-size: 13.5px;
}
.numbers__value .soft {
  margin-left: 5px;
}
.numbers__value b {
  font-size: 20px;
}
.numbers__absent {
  padding: 8px 14px;
  font-size: 14px;
}
.numbers__care {
  padding: 10px 14px 16px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.numbers__care summary {
  font: 600 17px var(--v-font-heading);
  cursor: pointer;
  min-height: 32px;
}
.numbers__care li {
  padding: 3px 0;
  font-size: 14.5px;
}
@media (max-width: 700px) {
  .numbers__care summary {
    min-height: 48px;
  }
}
</style>
