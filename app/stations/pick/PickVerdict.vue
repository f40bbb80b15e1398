<script setup lang="ts">
import { computed } from 'vue';
import { NOT_A_JIG_TEXT, rigTitle, ruleText, type Advice, type Family, type Water } from '@core';
import BecauseLine from '../../parts/BecauseLine.vue';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { FAMILY_TITLE } from '../../parts/family-names';
import * as words from '../../locale/en/pick';

/** Which family at all, and when none of them is the answer. */
const props = defineProps<{
  advice: Advice;
  water: Water;
  /** only the first rig is known: another family may have one yet, and shows the one it had until then */
  looking: boolean;
  before: Advice | null;
}>();
const { system } = useUnits();

const SHOWN_LINES = 2;
const bestBefore = (family: Family) => props.before?.families.find((row) => row.family === family)?.best ?? null;
const families = computed(() =>
  props.advice.families
    .map((row) => ({ ...row, best: row.best ?? (props.looking ? bestBefore(row.family) : null) }))
    .sort((a, b) => (b.best?.score ?? -1) - (a.best?.score ?? -1))
    .map(({ family, best, rules }) => ({
      family,
      title: FAMILY_TITLE[family],
      score: best === null ? null : Math.round(best.score * 100),
      rig: best !== null ? rigTitle(best.rig, system.value) : props.looking ? words.looking : words.noneInThisBox,
      rules: rules.slice(0, SHOWN_LINES).map((row) => ({
        ...row,
        says: ruleText(row.rule, props.water, system.value),
      })),
    })),
);
const instead = computed(() =>
  props.advice.notAJig === null ? null : { rule: props.advice.notAJig, ...NOT_A_JIG_TEXT[props.advice.notAJig] },
);
</script>

<template>
  <section v-if="instead" class="verdict__else" role="note" data-testid="not-a-jig">
    <h2>{{ words.somethingElse }}</h2>
    <p><BecauseLine :rule="instead.rule" :says="instead.says" /> {{ instead.instead }}</p>
  </section>
  <section v-if="families.length > 1" class="verdict" :aria-label="words.whichFamily" data-testid="families">
    <article v-for="row in families" :key="row.family">
      <h2>{{ row.title }}</h2>
      <p class="verdict__score">
        <b class="number">{{ row.score ?? '–' }}</b> <FractionText :text="row.rig" />
      </p>
      <p v-for="line in row.rules" :key="line.rule" class="verdict__line">
        <span class="number" role="img" :aria-label="line.for ? words.forIt : words.againstIt">{{
          line.for ? '+' : '−'
        }}</span>
        <BecauseLine :rule="line.rule" :says="line.says" :water="water" />
      </p>
    </article>
  </section>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.verdict article {
  padding: 8px 18px 10px;
  border-left: 1px solid rgb(var(--v-theme-rule));
}
.verdict article:first-child {
  border-left: 6px solid rgb(var(--v-theme-bottle));
  padding-left: 12px;
}
.verdict h2 {
  font-size: 18px;
}
.verdict__score {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px;
  align-items: baseline;
}
.verdict__score .number {
  font-size: 24px;
}
.verdict__line {
  display: grid;
  grid-template-columns: 14px 1fr;
  font-size: 14.5px;
  color: rgb(var(--v-theme-ink-soft));
}
.verdict__else {
  padding: 10px 18px;
  border-left: 6px solid rgb(var(--v-theme-oxblood));
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
@media (max-width: 700px) {
  .verdict article {
    border-left-color: transparent;
    padding: 6px 18px;
  }
  .verdict article:not(:first-child) .verdict__line {
    display: none;
  }
}
</style>
