<script setup lang="ts">
import SelectField from '../../parts/SelectField.vue';
import PartAmount from './PartAmount.vue';
import { numberAt, valueAt, type PartField } from './part-fields-table';

/** The fields of a part: each change is handed up at once. */
defineProps<{ part: object; fields: readonly PartField[] }>();
const emit = defineEmits<{ change: [field: string, value: unknown] }>();
const NONE = '';

const choices = (field: Extract<PartField, { kind: 'choice' }>) =>
  field.none === undefined ? field.options : [{ value: NONE, title: field.none }, ...field.options];

function words(field: Extract<PartField, { kind: 'words' }>, typed: string | null): void {
  const text = (typed ?? '').trim();
  if (text !== '') emit('change', field.field, text.slice(0, 60));
  else if (field.optional) emit('change', field.field, undefined);
}
</script>

<template>
  <template v-for="field in fields" :key="field.field">
    <SelectField
      v-if="field.kind === 'choice'"
      :model-value="(valueAt(part, field.field) as string | undefined) ?? NONE"
      :items="choices(field)"
      :label="field.label"
      @update:model-value="emit('change', field.field, $event === NONE ? undefined : $event)"
    />
    <PartAmount
      v-else-if="field.kind === 'amount' || field.kind === 'count'"
      :field="field"
      :value="numberAt(part, field.field)"
      @take="emit('change', field.field, $event)"
    />
    <v-combobox
      v-else-if="field.kind === 'words' && field.suggestions"
      :model-value="(valueAt(part, field.field) as string | undefined) ?? ''"
      :items="[...field.suggestions]"
      :label="field.label"
      @update:model-value="words(field, $event)"
    />
    <v-text-field
      v-else-if="field.kind === 'words'"
      :model-value="(valueAt(part, field.field) as string | undefined) ?? ''"
      :label="field.label"
      maxlength="60"
      @update:model-value="words(field, $event)"
    />
    <v-checkbox
      v-else
      :model-value="valueAt(part, field.field) === true"
      :label="field.label"
      density="compact"
      hide-details
      @update:model-value="emit('change', field.field, $event === true)"
    />
  </template>
</template>
