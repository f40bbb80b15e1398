<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { FAMILIES, FAMILY_NAME, issueText } from '@core';
import SelectField from '../../parts/SelectField.vue';
import EmptySketch from '../../parts/EmptySketch.vue';
import { useGradually } from '../../composables/useGradually';
import { useNewest } from '../../composables/useNewest';
import { keeper } from '../../db/our-keeper';
import { useOutings } from '../../stores/outings';
import { askLog } from '../../workers/ask-log';
import type { LogFilter } from '../../workers/log';
import LogHeadline from './LogHeadline.vue';
import LogRates from './LogRates.vue';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/log';

/** At home: what the log says, with how sure that is. */
const LogHooks = defineAsyncComponent(() => import('./LogHooks.vue'));
const LogSchools = defineAsyncComponent(() => import('./LogSchools.vue'));
const LogCharts = defineAsyncComponent(() => import('./LogCharts.vue'));
const LogTrue = defineAsyncComponent(() => import('./LogTrue.vue'));
const outings = useOutings();

const from = ref('');
const to = ref('');
const place = ref('');
const family = ref('');
const families = [
  { value: '', title: words.everyFamily },
  ...FAMILIES.map((value) => ({ value: value as string, title: FAMILY_NAME[value] })),
];
const places = computed(() => [
  { value: '', title: words.everywhere },
  ...[...new Set(outings.rows?.flatMap((row) => [row.place, ...row.stops]) ?? [])]
    .filter((name) => name !== '')
    .sort()
    .map((name) => ({ value: name, title: name })),
]);
const filter = computed((): LogFilter => ({
  ...(from.value === '' ? {} : { from: from.value }),
  ...(to.value === '' ? {} : { to: to.value }),
  ...(place.value === '' ? {} : { place: place.value }),
  ...(family.value === '' ? {} : { family: family.value }),
}));
const { last, busy, problem } = useNewest(
  () => (outings.rows === null ? null : { filter: filter.value, turn: outings.turn }),
  ({ filter: asked }) => askLog('analyse', { waiting: keeper.waiting(), filter: asked }),
  issueText,
);
const analysis = computed(() => last.value?.answer ?? null);
/** what stands below follows part by part, so that no frame has to draw it all */
const parts = useGradually(() => (analysis.value ? 5 : 0), 0, 1);
const hasDemo = computed(() => outings.rows?.some(({ isDemo }) => isDemo) ?? false);
</script>

<template>
  <section class="says" :aria-label="words.whatItSays" data-testid="log-says" :data-busy="busy">
    <div class="says__filter" role="group" :aria-label="words.filter">
      <TextField v-model="from" type="date" :label="words.fromDay" />
      <TextField v-model="to" type="date" :label="words.toDay" />
      <SelectField v-if="places.length > 2" v-model="place" :label="words.place" :items="places" />
      <SelectField v-model="family" :label="words.family" :items="families" />
    </div>
    <p v-if="problem" role="alert" class="says__problem">{{ problem }}</p>
    <template v-if="outings.rows !== null && outings.rows.length === 0">
      <p>{{ words.noneSays }}</p>
      <EmptySketch of="log" />
    </template>
    <p v-else-if="analysis === null" class="soft" role="status">{{ words.analysing }}</p>
    <p v-else-if="analysis.sums.hours === 0">{{ words.nothingCounted }}</p>
    <template v-else>
      <LogHeadline :analysis="analysis" :filter="filter" />
      <p class="says__sums" role="status">
        {{ words.outingsCount(analysis.outings) }} ·
        {{ words.rowSays(analysis.sums.hours.toFixed(0), analysis.sums.bites, analysis.sums.landed) }}
      </p>
      <p class="soft">{{ words.inPick }}</p>
      <LogCharts v-if="parts > 0" :analysis="analysis" />
      <LogRates v-if="parts > 1" :analysis="analysis" :filter="filter" />
      <LogHooks v-if="parts > 2" :analysis="analysis" />
      <LogSchools v-if="parts > 3" :filter="filter" />
      <LogTrue v-if="hasDemo && parts > 4" />
    </template>
  </section>
</template>

<style scoped>
.says {
  display: grid;
  gap: 14px;
  padding: 12px 14px 24px;
}
.says__filter {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 210px));
  gap: 10px;
  align-items: end;
}
.says__sums {
  font: 600 17px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.says__problem {
  color: rgb(var(--v-theme-oxblood));
}
.says > * {
  min-width: 0;
}
@media (max-width: 700px) {
  .says__filter {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
