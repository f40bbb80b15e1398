<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import {
  comparisonText,
  GROUPING_TITLE,
  GROUPINGS,
  groupTitle,
  issueText,
  rigTitles,
  unlikeText,
  type Grouping,
  type GroupRate,
  type LogAnalysis,
} from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import FractionText from '../../parts/FractionText.vue';
import MarkLine from '../../parts/MarkLine.vue';
import SelectField from '../../parts/SelectField.vue';
import { useNewest } from '../../composables/useNewest';
import { useUnits } from '../../composables/useUnits';
import { keeper } from '../../db/our-keeper';
import { askLog } from '../../workers/ask-log';
import type { LogFilter } from '../../workers/log';
import * as words from '../../locale/en/log';

/** Rates of what is told apart, each with where the truth lies four times in five; and two of them beside each other, like with like. */
const props = defineProps<{ analysis: LogAnalysis; filter: LogFilter }>();
const { system } = useUnits();
const by = ref<Grouping>('trailer');
const groupings = GROUPINGS.map((value) => ({ value, title: GROUPING_TITLE[value] }));
const { last: slow } = useNewest(
  () => (by.value === 'school' ? { by: by.value, filter: props.filter, of: props.analysis } : null),
  ({ of: _of, ...asked }) => askLog('rates', { waiting: keeper.waiting(), ...asked }),
  issueText,
);
const groups = computed((): readonly GroupRate[] =>
  by.value === 'school' ? (slow.value?.answer ?? []) : props.analysis.groups[by.value],
);
/** rigs are told apart among themselves; what else is grouped has a name of its own */
const titles = computed((): ReadonlyMap<string, string> => {
  const values = groups.value.map(({ value }) => value);
  const named =
    by.value === 'rig'
      ? rigTitles(
          values.map((value) => props.analysis.rigs[value]!),
          system.value,
        )
      : values.map((value) => groupTitle(by.value, value, system.value));
  return new Map(values.map((value, at) => [value, named[at]!]));
});
const titleOf = (value: string): string => titles.value.get(value) ?? groupTitle(by.value, value, system.value);
const rows = computed(() => groups.value.map((group) => ({ ...group, title: titleOf(group.value) })));
/** the scale all bars share: to the end of the widest of those that are known at all well */
const most = computed(() =>
  Math.max(0.1, ...rows.value.map(({ bitesPerHour, band }) => Math.min(band[1], 3 * bitesPerHour + 1))),
);
const along = (value: number): number => Math.min(100, (100 * value) / most.value);
const share = (value: number | null): string => (value === null ? '–' : `${Math.round(100 * value)} %`);

const one = ref('');
const other = ref('');
watch(
  rows,
  (now) => {
    const values = now.map(({ value }) => value);
    if (!values.includes(one.value)) one.value = values[0] ?? '';
    if (!values.includes(other.value) || other.value === one.value)
      other.value = values.find((value) => value !== one.value) ?? '';
  },
  { immediate: true },
);
const items = computed(() => rows.value.map(({ value, title }) => ({ value, title })));
const { last } = useNewest(
  () =>
    one.value === '' || other.value === '' || one.value === other.value
      ? null
      : { by: by.value, one: one.value, other: other.value, filter: props.filter, of: props.analysis },
  ({ of: _of, ...asked }) => askLog('compare', { waiting: keeper.waiting(), ...asked }),
  issueText,
);
const compared = computed(() => {
  const found = last.value;
  // what was told apart before is answered no more
  if (!found?.answer || found.to.by !== by.value) return null;
  const { likeHours, unlike, chance } = found.answer;
  return {
    text: comparisonText(titleOf(found.to.one), titleOf(found.to.other), found.answer),
    hours: chance === null ? '' : words.inLike(likeHours.one.toFixed(1), likeHours.other.toFixed(1)),
    unlike: unlike.map(unlikeText),
  };
});
</script>

<template>
  <section class="rates" data-testid="log-rates">
    <h2>{{ words.groups }}</h2>
    <ChoiceRow v-model="by" :label="words.by" :options="groupings" bare />
    <p class="soft">{{ words.groupsSay }}</p>
    <div class="rates__scroll" tabindex="0" role="region" :aria-label="words.groups">
      <table class="ruled rates__table">
        <thead>
          <tr>
            <th scope="col">{{ GROUPING_TITLE[by] }}</th>
            <th scope="col">{{ words.hoursFished }}</th>
            <th scope="col">{{ words.bites }}</th>
            <th scope="col">{{ words.perHour }}</th>
            <th scope="col" class="rates__wide">
              <span class="visually-hidden">{{ words.band }}</span>
            </th>
            <th scope="col">{{ words.landed }}</th>
            <th scope="col">{{ words.band }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.value" data-testid="rate">
            <th scope="row"><FractionText :text="row.title" /></th>
            <td class="number">{{ row.hours.toFixed(1) }}</td>
            <td class="number">{{ row.bites }}</td>
            <td class="number">
              <b>{{ row.bitesPerHour.toFixed(2) }}</b>
              <small class="soft"> {{ row.band[0].toFixed(2) }} – {{ row.band[1].toFixed(2) }}</small>
            </td>
            <td class="rates__wide">
              <MarkLine
                :label="words.tellsBand(row.bitesPerHour.toFixed(2), row.band[0].toFixed(2), row.band[1].toFixed(2))"
                :uncertain="[along(row.band[0]), along(row.band[1])]"
                :dot="along(row.bitesPerHour)"
              />
            </td>
            <td class="number">{{ share(row.landingRate) }}</td>
            <td class="number">
              {{ row.landingBand ? `${share(row.landingBand[0])} – ${share(row.landingBand[1])}` : '–' }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <h3>{{ words.compare }}</h3>
    <div class="rates__pair">
      <SelectField v-model="one" :label="words.compareOne" :items="items" />
      <SelectField v-model="other" :label="words.compareOther" :items="items" />
    </div>
    <div v-if="compared" role="status" data-testid="compared">
      <p class="rates__verdict"><FractionText :text="compared.text" /></p>
      <p v-if="compared.hours" class="soft">{{ compared.hours }}</p>
      <ul v-if="compared.unlike.length > 0" class="soft rates__unlike">
        <li v-for="text in compared.unlike" :key="text">{{ text }}</li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
.rates {
  display: grid;
  gap: 8px;
}
.rates__scroll {
  overflow-x: auto;
}
.rates__table {
  width: 100%;
}
.rates__table th[scope='row'] {
  text-align: left;
  font-weight: 600;
}
.rates__table td {
  white-space: nowrap;
}
.rates__table th[scope='row'] {
  min-width: 90px;
}
.rates__wide {
  width: 30%;
  min-width: 140px;
}
.rates__pair {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 320px));
  gap: 10px;
}
.rates__verdict {
  font: 600 18px/1.3 var(--v-font-heading);
}
.rates__unlike {
  padding-left: 20px;
}
.rates__table small {
  margin-left: 6px;
}
.rates > * {
  min-width: 0;
}
@media (max-width: 700px) {
  .rates__pair {
    grid-template-columns: 1fr;
  }
}
</style>
