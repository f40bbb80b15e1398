<script
  setup
  lang="ts"
  generic="Row extends { readonly key: string; readonly from: string; readonly title: string; readonly rig: Rig }"
>
import type { Rig } from '@core';
import { useAdvice } from '../stores/advice';
import FractionText from './FractionText.vue';
import RigDrawing from './RigDrawing.vue';
import * as words from '../locale/en/parts';

/** A station with nothing on it yet: what could be taken there. */
defineProps<{
  title: string;
  says: string;
  rows: readonly Row[];
  /** what the button of each says */
  take: string;
}>();
const emit = defineEmits<{ take: [row: Row] }>();
const advice = useAdvice();
</script>

<template>
  <section class="offered" :aria-label="title">
    <h1>{{ title }}</h1>
    <p>{{ says }}</p>
    <ul>
      <li v-for="(row, at) in rows" :key="row.key">
        <RigDrawing :rig="row.rig" :label="words.rigFromTheSide(row.title)" />
        <div>
          <b><FractionText :text="row.title" /></b>
          <p class="soft">{{ row.from }}</p>
          <button type="button" class="press" :class="{ act: at === 0 }" @click="emit('take', row)">{{ take }}</button>
        </div>
      </li>
    </ul>
    <p v-if="rows.length === 0">
      {{ advice.ranking ? words.rigsAreCompared : words.noRigPicked }}
      <RouterLink to="/pick">{{ words.toThePicks }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.offered {
  display: grid;
  gap: 10px;
  padding: 22px 20px 90px;
  max-width: 860px;
}
.offered ul {
  list-style: none;
}
.offered li {
  display: grid;
  grid-template-columns: 380px 1fr;
  gap: 18px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.offered .press {
  margin-top: 6px;
}
@media (max-width: 700px) {
  .offered li {
    grid-template-columns: 1fr;
  }
}
</style>
