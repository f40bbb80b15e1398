<script setup lang="ts">
import { computed } from 'vue';
import { INTENT_QUESTIONS, intentAnswer, intentAnswers, type IntentQuestion } from '@core';
import { useWater } from '../stores/water';
import ChoiceRow from './ChoiceRow.vue';
import SelectField from './SelectField.vue';
import * as words from '../locale/en/parts';

/** What the rig should do, in words: left to the water, or said. */
defineProps<{
  /** in one row, to choose from lists */
  narrow?: boolean;
}>();
const store = useWater();
const BY_WATER = '';

const rows = computed(() =>
  INTENT_QUESTIONS.map((question) => ({
    question,
    label: words.intent[question].label,
    options: [
      { value: BY_WATER, title: words.asTheWaterAsks },
      ...intentAnswers(question).map((value) => ({ value: value as string, title: titleOf(question, value) })),
    ],
    said: intentAnswer(store.water.intent, question, store.water.depthM) ?? BY_WATER,
  })),
);
const titleOf = (question: IntentQuestion, answer: string): string =>
  (words.intent[question].answers as Readonly<Record<string, string>>)[answer]!;
const inHand = computed(() => Object.keys(store.water.intent ?? {}).length);
const answer = (question: IntentQuestion, said: string | string[]): void =>
  store.answer(question, said === BY_WATER ? null : String(said));
</script>

<template>
  <section class="intent" :class="{ 'intent--narrow': narrow }" aria-labelledby="intent-title">
    <header class="intent__head">
      <h2 id="intent-title">{{ words.whatItShouldDo }}</h2>
      <v-btn v-if="inHand > 0" class="intent__back" @click="store.change({ intent: undefined })">{{
        words.leaveItToTheWater
      }}</v-btn>
    </header>
    <template v-for="row in rows" :key="row.question">
      <SelectField
        v-if="narrow"
        :label="row.label"
        :items="row.options"
        :model-value="row.said"
        @update:model-value="answer(row.question, $event)"
      />
      <ChoiceRow
        v-else
        :label="row.label"
        :options="row.options"
        :model-value="row.said"
        @update:model-value="answer(row.question, $event)"
      />
    </template>
  </section>
</template>

<style scoped>
.intent__head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  min-height: 40px;
}
.intent :deep(.choice-row) {
  grid-template-columns: 46px 1fr;
  padding: 3px 0;
}
.intent :deep(.choice-row__options) {
  gap: 3px;
}
.intent :deep(.choice-row__options button) {
  padding: 0 7px;
}
.intent--narrow {
  display: grid;
  grid-template-columns: 368px repeat(4, minmax(0, 1fr));
  gap: 4px 12px;
  align-items: end;
}
.intent--narrow .intent__head {
  justify-content: end;
  flex-flow: row-reverse;
  align-self: center;
}
.intent--narrow h2 {
  font-size: 17px;
}
@media (max-width: 1100px) {
  .intent--narrow {
    grid-template-columns: 1fr 1fr;
  }
  .intent--narrow .intent__head {
    grid-column: 1 / -1;
    flex-flow: row;
    justify-content: space-between;
  }
}
@media (max-width: 700px) {
  .intent :deep(.choice-row) {
    grid-template-columns: 1fr;
  }
  .intent :deep(.choice-row__options button) {
    padding: 0 12px;
  }
}
</style>
