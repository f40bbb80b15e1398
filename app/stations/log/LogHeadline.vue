<script setup lang="ts">
import { computed } from 'vue';
import { groupTitle, headlineText, issueText, mostToSay, unlikeText, type LogAnalysis } from '@core';
import { useNewest } from '../../composables/useNewest';
import { useUnits } from '../../composables/useUnits';
import { keeper } from '../../db/our-keeper';
import { askLog } from '../../workers/ask-log';
import type { LogFilter } from '../../workers/log';
import * as words from '../../locale/en/log';

/** What the log says, in one sentence a person would say; and what speaks against it. */
const props = defineProps<{ analysis: LogAnalysis; filter: LogFilter }>();
const { system } = useUnits();
const pair = computed(() => mostToSay(props.analysis.groups.trailer));
const { last } = useNewest(
  () =>
    pair.value === null ? null : { by: 'trailer' as const, ...pair.value, filter: props.filter, of: props.analysis },
  ({ of: _of, ...asked }) => askLog('compare', { waiting: keeper.waiting(), ...asked }),
  issueText,
);
const titleOf = (value: string): string => groupTitle('trailer', value, system.value);
const says = computed(() => {
  if (pair.value === null) return words.tooFewToSay;
  const found = last.value;
  return found?.answer ? headlineText(titleOf(found.to.one), titleOf(found.to.other), found.answer) : null;
});
const unlike = computed(() => (pair.value === null ? [] : (last.value?.answer?.unlike.map(unlikeText) ?? [])));
</script>

<template>
  <div v-if="says" class="headline" data-testid="log-headline">
    <p class="headline__says">{{ says }}</p>
    <p v-for="line in unlike" :key="line" class="soft">{{ line }}</p>
  </div>
</template>

<style scoped>
.headline__says {
  max-width: 62ch;
  font: 600 26px/1.2 var(--v-font-heading);
}
@media (max-width: 700px) {
  .headline__says {
    font-size: 21px;
  }
}
</style>
