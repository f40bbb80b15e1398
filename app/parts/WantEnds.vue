<script setup lang="ts">
import { computed, ref } from 'vue';
import { AT_LEAST, issueText, WANT_QUANTITY, WANT_SCALES, wantFromFile, type Issue, type Want } from '@core';
import { useWater } from '../stores/water';
import UnitField from './UnitField.vue';
import * as words from '../locale/en/parts';

/** The ends of a want in hand, typed. */
const props = defineProps<{ want: Want }>();
const store = useWater();
const problem = ref('');

const limits = computed(() => {
  const { id } = props.want;
  const { min, max } = WANT_SCALES[id];
  return { min: wantFromFile(id, min), max: id === 'run' ? store.water.depthM : wantFromFile(id, max) };
});
function put(end: 'from' | 'to', value: number): void {
  const { id, from, to } = props.want;
  const band = AT_LEAST.has(id) ? { from: value, to: Math.max(value, to) } : { from, to, [end]: value };
  problem.value = store
    .takeInHand(id, band)
    .map((found: Issue) => issueText(found))
    .join(' ');
}
</script>

<template>
  <div class="typed-ends">
    <UnitField
      :model-value="want.from"
      :label="words.least"
      :quantity="WANT_QUANTITY[want.id]"
      :min="limits.min"
      :max="limits.max"
      :problem="problem"
      @update:model-value="put('from', $event)"
    />
    <UnitField
      v-if="!AT_LEAST.has(want.id)"
      :model-value="want.to"
      :label="words.most"
      :quantity="WANT_QUANTITY[want.id]"
      :min="limits.min"
      :max="limits.max"
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
