<script setup lang="ts">
import { computed } from 'vue';
import type { Band } from '@core';
import MarkLine from '../../parts/MarkLine.vue';

/** Bands below each other on one scale: before, measured, now. */
const props = defineProps<{
  rows: readonly { readonly name: string; readonly value: number; readonly band: Band; readonly says: string }[];
}>();
const ends = computed(() => {
  const low = Math.min(...props.rows.map(({ band }) => band[0]));
  const high = Math.max(...props.rows.map(({ band }) => band[1]));
  const room = Math.max(1e-6, high - low) * 0.05;
  return { from: low - room, span: high - low + 2 * room };
});
const along = (value: number): number => (100 * (value - ends.value.from)) / ends.value.span;
</script>

<template>
  <dl class="bands" data-testid="test-bands">
    <template v-for="row in rows" :key="row.name">
      <dt>{{ row.name }}</dt>
      <dd>
        <MarkLine :label="row.says" :uncertain="[along(row.band[0]), along(row.band[1])]" :dot="along(row.value)" />
        <span class="number">{{ row.says }}</span>
      </dd>
    </template>
  </dl>
</template>

<style scoped>
.bands {
  display: grid;
  grid-template-columns: minmax(90px, auto) 1fr;
  gap: 4px 12px;
  margin: 0;
}
.bands dd {
  display: grid;
  grid-template-columns: 1fr 150px;
  align-items: center;
  gap: 10px;
  margin: 0;
}
</style>
