<script setup lang="ts">
import { computed } from 'vue';
import {
  CHOICE_TITLE,
  CHOICES,
  HANDLING_TEXT,
  inUnits,
  handbookRule,
  planText,
  SCHOOL_WORDS,
  type Choice,
  type HandlingId,
  type RetrievePlan,
} from '@core';
import { useUnits } from '../composables/useUnits';
import BecauseLine from './BecauseLine.vue';
import FractionText from './FractionText.vue';
import * as words from '../locale/en/parts';

/** What to cut, fit and do with a rig, in the order in which it is done. */
const props = defineProps<{
  steps: readonly { readonly choice: Choice; readonly rule: string }[];
  /** the retrieve in numbers, where it is known */
  plan?: RetrievePlan;
}>();
const { system } = useUnits();

const groups = computed(() =>
  CHOICES.flatMap((choice) => {
    const lines = props.steps
      .filter((step) => step.choice === choice)
      .map(({ rule }) => {
        const school = handbookRule(rule)?.school ?? null;
        return {
          rule,
          says: inUnits(HANDLING_TEXT[rule as HandlingId] ?? rule, system.value),
          school: school ? inUnits(SCHOOL_WORDS[school].name, system.value) : '',
        };
      });
    // a retrieve whose line a cure made untrue is still told by its plan
    return lines.length > 0 || (choice === 'retrieve' && props.plan)
      ? [{ choice, title: CHOICE_TITLE[choice], lines }]
      : [];
  }),
);
</script>

<template>
  <section class="handling" :aria-label="words.howToFishIt" data-testid="handling">
    <h3>{{ words.howToFishIt }}</h3>
    <dl>
      <template v-for="group in groups" :key="group.choice">
        <dt>{{ group.title }}</dt>
        <dd>
          <p v-for="line in group.lines" :key="line.rule">
            <BecauseLine :rule="line.rule" :says="line.says" />
            <small v-if="line.school" class="soft">{{ ' ' }}{{ words.school }}{{ line.school }}”</small>
          </p>
          <p v-if="group.choice === 'retrieve' && plan" class="soft" data-testid="plan">
            <FractionText :text="planText(plan, system)" />
          </p>
        </dd>
      </template>
    </dl>
  </section>
</template>

<style scoped>
.handling dl {
  display: grid;
  grid-template-columns: 104px 1fr;
}
.handling dt,
.handling dd {
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.handling dt {
  font: 600 15px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.handling dd p + p {
  margin-top: 3px;
}
</style>
