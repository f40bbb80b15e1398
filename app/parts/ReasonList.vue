<script setup lang="ts">
import { computed } from 'vue';
import type { Reason, Water } from '@core';
import BecauseLine from './BecauseLine.vue';
import * as words from '../locale/en/parts';

/** Reasons for and against, each with its weight as a bar; plus and minus say it without colour. */
const props = defineProps<{ reasons: readonly (Reason & { readonly says: string })[]; water: Water }>();

const groups = computed(() => [
  { title: words.forIt, sign: '+', reasons: props.reasons.filter((reason) => reason.for) },
  { title: words.againstIt, sign: '−', reasons: props.reasons.filter((reason) => !reason.for) },
]);
</script>

<template>
  <div class="reason-list">
    <section v-for="group in groups" :key="group.title" :aria-label="group.title">
      <h3>{{ group.title }}</h3>
      <p v-if="group.reasons.length === 0" class="soft">{{ words.nothingFound }}</p>
      <ul>
        <li v-for="reason in group.reasons" :key="`${reason.rule}${reason.want}`" :class="{ against: !reason.for }">
          <span class="reason-list__sign number" aria-hidden="true">{{ group.sign }}</span>
          <span class="reason-list__weight" :title="words.weight(reason.weight.toFixed(1))">
            <span :style="{ width: `${Math.min(100, (reason.weight / 3) * 100)}%` }" />
          </span>
          <span v-if="reason.logged" data-testid="your-log"
            ><RouterLink to="/log">{{ reason.says }}</RouterLink></span
          >
          <span v-else><BecauseLine :rule="reason.rule" :says="reason.says" :water="water" /></span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.reason-list {
  display: grid;
  gap: 10px;
}
ul {
  list-style: none;
}
li {
  display: grid;
  grid-template-columns: 16px 54px 1fr;
  gap: 8px;
  padding: 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  align-items: start;
}
.reason-list__sign {
  font-size: 18px;
  line-height: 1.1;
}
.reason-list__weight {
  height: 8px;
  margin-top: 6px;
  border-bottom: 1px solid rgb(var(--v-theme-ink-soft));
}
.reason-list__weight span {
  display: block;
  height: 100%;
  background: rgb(var(--v-theme-bottle));
}
.against .reason-list__weight span {
  background: rgb(var(--v-theme-oxblood));
}
@media (forced-colors: active) {
  .reason-list__weight span,
  .against .reason-list__weight span {
    forced-color-adjust: none;
    background: CanvasText;
  }
}
</style>
