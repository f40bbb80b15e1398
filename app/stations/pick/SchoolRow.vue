<script lang="ts">
import type { SchoolQuestion } from '@core';

/** One question on which anglers part, as it is shown. */
export interface SchoolRowTold {
  readonly question: SchoolQuestion;
  readonly title: string;
  readonly chosen: string;
  readonly items: readonly { readonly value: string; readonly title: string }[];
  readonly says: string;
  /** what numbers say of it, where they do */
  readonly numbers: string;
  readonly because: string;
}
</script>

<script setup lang="ts">
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';

/** A question with its schools: the water decides until somebody chooses. */
defineProps<{ row: SchoolRowTold }>();
defineEmits<{ choose: [school: string] }>();
</script>

<template>
  <div class="school-row">
    <SelectField
      :model-value="row.chosen"
      :items="row.items"
      :label="row.title"
      @update:model-value="$emit('choose', $event)"
    />
    <p>
      {{ row.says }}{{ ' ' }}<FractionText v-if="row.numbers" :text="`${row.numbers} `" /><span class="soft"
        >({{ row.because }})</span
      >
    </p>
  </div>
</template>

<style scoped>
.school-row {
  display: grid;
  grid-template-columns: 290px 1fr;
  gap: 16px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
@media (max-width: 700px) {
  .school-row {
    grid-template-columns: 1fr;
    gap: 6px;
  }
}
</style>
