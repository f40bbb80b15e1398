<script setup lang="ts">
import { ref } from 'vue';
import { AT_LEAST, issueText, WANT_QUANTITY, type Want } from '@core';
import { useWater } from '../stores/water';
import UnitField from './UnitField.vue';
import { useWantBand } from './useWantBand';
import * as words from '../locale/en/parts';

/** The ends of a want in hand, typed. */
const props = defineProps<{ want: Want }>();
const store = useWater();
type End = 'from' | 'to';
const { limits, now } = useWantBand(() => props.want);
/** why an end cannot be taken, told where it was typed; the next that can takes it away */
const problem = ref<{ readonly end: End; readonly says: string } | null>(null);
const problemOf = (end: End): string => (problem.value?.end === end ? problem.value.says : '');

function put(end: End, value: number): void {
  const { id, from, to } = now.value;
  const band = AT_LEAST.has(id) ? { from: value, to: Math.max(value, to) } : { from, to, [end]: value };
  const issues = store.takeInHand(id, band);
  problem.value = issues.length === 0 ? null : { end, says: issues.map(issueText).join(' ') };
}
</script>

<template>
  <div class="typed-ends">
    <UnitField
      :model-value="now.from"
      :label="words.least"
      :quantity="WANT_QUANTITY[want.id]"
      :min="limits.min"
      :max="limits.max"
      :problem="problemOf('from')"
      @update:model-value="put('from', $event)"
    />
    <UnitField
      v-if="!AT_LEAST.has(want.id)"
      :model-value="now.to"
      :label="words.most"
      :quantity="WANT_QUANTITY[want.id]"
      :min="limits.min"
      :max="limits.max"
      :problem="problemOf('to')"
      @update:model-value="put('to', $event)"
    />
  </div>
</template>

<style scoped>
.typed-ends {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  padding-top: 8px;
}
</style>
