<script setup lang="ts">
import { computed, ref } from 'vue';
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

/** why each family: a line that names the best of each is enough to read the rows below */
const open = ref(false);
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
      <div class="verdict__score">
        <b class="number">{{ row.score ?? '–' }}</b>
        <div>
          <h2>{{ row.title }}</h2>
          <FractionText :text="row.rig" />
        </div>
      </div>
      <template v-if="open">
        <p v-for="line in row.rules" :key="line.rule" class="verdict__line">
          <span class="number" role="img" :aria-label="line.for ? words.forIt : words.againstIt">{{
            line.for ? '+' : '−'
          }}</span>
          <BecauseLine :rule="line.rule" :says="line.says" :water="water" />
        </p>
      </template>
    </article>
    <button type="button" class="verdict__why folds" :aria-expanded="open" @click="open = !open">
      {{ words.whyFamilies }}
    </button>
  </section>
</template>

<style scoped>
.verdict {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) auto;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.verdict article {
  padding: 5px 12px 6px;
  border-left: 1px solid rgb(var(--v-theme-rule));
}
.verdict article:first-child {
  border-left: 6px solid rgb(var(--v-theme-bottle));
}
.verdict h2 {
  display: inline;
  margin-right: 4px;
  font-size: 16px;
}
.verdict__score {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px;
  align-items: baseline;
  font-size: 15px;
  line-height: 1.2;
}
.verdict__score .number {
  font-size: 22px;
}
.verdict__line {
  display: grid;
  grid-template-columns: 14px 1fr;
  font-size: 14.5px;
  color: rgb(var(--v-theme-ink-soft));
}
.verdict__why {
  grid-column: -2 / -1;
  align-self: start;
  min-height: 44px;
  padding: 0 16px;
  border: 0;
  background: none;
  color: rgb(var(--v-theme-oxblood));
  font: 600 15px var(--v-font-heading);
  text-decoration: underline;
  cursor: pointer;
}
.verdict__else {
  padding: 10px 18px;
  border-left: 6px solid rgb(var(--v-theme-oxblood));
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
@media (max-width: 1000px) {
  .verdict {
    grid-template-columns: 1fr;
  }
  .verdict__why {
    grid-column: 1;
    justify-self: start;
    min-height: 48px;
  }
}
</style>
