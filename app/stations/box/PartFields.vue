<script setup lang="ts">
import SelectField from '../../parts/SelectField.vue';
import PartAmount from './PartAmount.vue';
import { PART_LIMITS, valueAt, type PartField } from '@core';
import TextField from '../../parts/TextField.vue';

/** The fields of a part: each change is handed up at once. */
defineProps<{ part: object; fields: readonly PartField[] }>();
const emit = defineEmits<{ change: [place: string, value: unknown] }>();
const NONE = '';

/** What can be chosen; "none" stands first where the field may be left out. */
function choices({ of, form }: PartField): { value: string; title: string }[] {
  if (of.kind !== 'choice') return [];
  const none = form?.none === undefined ? [] : [{ value: NONE, title: form.none }];
  return [...none, ...of.values.map((value) => ({ value, title: of.titles[value]! }))];
}
const textAt = (part: object, { place }: PartField): string => (valueAt(part, place) as string | undefined) ?? '';
const suggestions = ({ of }: PartField): string[] => (of.kind === 'words' && of.suggestions ? [...of.suggestions] : []);

function words({ place, optional }: PartField, typed: string | null): void {
  const text = (typed ?? '').trim();
  if (text !== '') emit('change', place, text.slice(0, PART_LIMITS.text));
  else if (optional) emit('change', place, undefined);
}
</script>

<template>
  <template v-for="field in fields" :key="field.place">
    <SelectField
      v-if="field.of.kind === 'choice'"
      :model-value="textAt(part, field)"
      :items="choices(field)"
      :label="field.form!.title"
      @update:model-value="emit('change', field.place, $event === NONE ? undefined : $event)"
    />
    <PartAmount
      v-else-if="field.of.kind === 'amount' || field.of.kind === 'count'"
      :field="field"
      :part="part"
      @take="emit('change', field.place, $event)"
    />
    <TextField
      v-else-if="field.of.kind === 'words'"
      :model-value="textAt(part, field)"
      :label="field.form!.title"
      :suggestions="suggestions(field)"
      :maxlength="PART_LIMITS.text"
      @update:model-value="words(field, $event)"
    />
    <v-checkbox
      v-else
      :model-value="valueAt(part, field.place) === true"
      :label="field.form!.title"
      density="compact"
      hide-details
      @update:model-value="emit('change', field.place, $event === true)"
    />
  </template>
</template>
