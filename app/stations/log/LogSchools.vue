<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { inUnits, issueText, QUESTION_TITLE, SCHOOL_WORDS, type Favoured } from '@core';
import { useUnits } from '../../composables/useUnits';
import { keeper } from '../../db/our-keeper';
import { askLog } from '../../workers/ask-log';
import type { LogFilter } from '../../workers/log';
import * as words from '../../locale/en/log';

/** Which school this log favours, question by question. */
const props = defineProps<{ filter: LogFilter }>();
const { system } = useUnits();
const found = shallowRef<readonly Favoured[] | null>(null);
const progress = ref<number | null>(null);
const problem = ref('');
watch(
  () => props.filter,
  () => (found.value = null),
);
async function ask(): Promise<void> {
  const asked = props.filter;
  progress.value = 0;
  const answer = await askLog(
    'schools',
    { waiting: keeper.waiting(), filter: asked },
    (done) => (progress.value = done),
  );
  progress.value = null;
  if (asked !== props.filter) return;
  problem.value = answer.ok ? '' : answer.issues.map(issueText).join(' ');
  found.value = answer.ok ? answer.value : null;
}
const nameOf = (question: string, school: string): string =>
  inUnits(SCHOOL_WORDS[`${question}:${school}` as keyof typeof SCHOOL_WORDS].name, system.value);
const rows = computed(() =>
  (found.value ?? []).map(({ question, school, over, hours, comparison: { chance } }) => {
    const [one, other] = [nameOf(question, school), nameOf(question, over)];
    // by hours alike the other may lead
    const [first, second, share, mine, theirs] =
      chance !== null && chance < 0.5
        ? [other, one, 1 - chance, hours[1], hours[0]]
        : [one, other, chance ?? 0, hours[0], hours[1]];
    return {
      question: QUESTION_TITLE[question],
      says:
        chance === null
          ? words.schoolNotComparable(first, second)
          : words.schoolSays(first, second, `${Math.round(100 * share)} %`, mine.toFixed(0), theirs.toFixed(0)),
    };
  }),
);
</script>

<template>
  <section class="schools" data-testid="log-schools">
    <h2>{{ words.schoolsTitle }}</h2>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-if="progress !== null" role="status" class="soft">{{ words.schoolsSearching(Math.round(100 * progress)) }}</p>
    <button v-else-if="found === null" type="button" class="press" @click="ask">{{ words.schoolsAsk }}</button>
    <p v-else-if="rows.length === 0">{{ words.schoolsNone }}</p>
    <dl v-else>
      <template v-for="row in rows" :key="row.question">
        <dt>{{ row.question }}</dt>
        <dd>{{ row.says }}</dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.schools {
  display: grid;
  gap: 8px;
  justify-items: start;
}
.schools dl {
  display: grid;
  grid-template-columns: minmax(140px, auto) 1fr;
  gap: 4px 18px;
  margin: 0;
}
.schools dt {
  font: 600 16px var(--v-font-heading);
}
.schools dd {
  margin: 0;
}
@media (max-width: 700px) {
  .schools dl {
    grid-template-columns: 1fr;
  }
}
</style>
