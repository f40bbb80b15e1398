<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { displayUnit, parseShown, shown, shownNumber, type Quantity } from '@core';
import { useUnits } from '../composables/useUnits';
import StepButtons from './StepButtons.vue';

/**
 * A number with its unit: typed, stepped with buttons, or with the arrow keys. What cannot be taken stays in the field with
 * a message; the value outside never changes to something invalid.
 */
const props = defineProps<{
  label: string;
  quantity: Quantity;
  min: number;
  max: number;
  hint?: string;
  problem?: string;
}>();
const value = defineModel<number>({ required: true });
const { system } = useUnits();

const unit = computed(() => displayUnit(props.quantity, system.value));
const text = ref(shownNumber(props.quantity, value.value, system.value));
const error = ref('');

watch([value, system], () => {
  const typed = parseShown(props.quantity, text.value, system.value);
  const same = typed !== null && Math.abs(typed - value.value) < 1e-9;
  if (!same) text.value = shownNumber(props.quantity, value.value, system.value);
  error.value = '';
});

const limits = computed(
  () => `${shown(props.quantity, props.min, system.value)} to ${shown(props.quantity, props.max, system.value)}`,
);

function take(typed: string | null): void {
  text.value = typed ?? '';
  const si = parseShown(props.quantity, text.value, system.value);
  if (text.value.trim() === '') error.value = `Empty. Enter ${limits.value}; until then the last value counts.`;
  else if (si === null) error.value = `Not a number in ${unit.value.unit}. Enter ${limits.value}.`;
  else if (si < props.min || si > props.max) error.value = `Outside ${limits.value}, where the model holds.`;
  else {
    error.value = '';
    value.value = si;
  }
}

function step(direction: number): void {
  const { step: size, fromSi, toSi } = unit.value;
  const next = Math.round(fromSi(value.value) / size + direction) * size;
  value.value = Math.min(props.max, Math.max(props.min, toSi(next)));
  text.value = shownNumber(props.quantity, value.value, system.value);
  error.value = '';
}

function onBlur(): void {
  if (error.value !== '' && text.value.trim() === '') {
    text.value = shownNumber(props.quantity, value.value, system.value);
    error.value = '';
  }
}
</script>

<template>
  <div class="unit-field">
    <span class="unit-field__label" aria-hidden="true">{{ label }}, {{ unit.unit }}</span>
    <v-text-field
      :model-value="text"
      :aria-label="`${label}, ${unit.unit}`"
      :hint="hint"
      persistent-hint
      :error-messages="error || problem || []"
      inputmode="decimal"
      autocomplete="off"
      @update:model-value="take"
      @blur="onBlur"
      @keydown.up.prevent="step(1)"
      @keydown.down.prevent="step(-1)"
    />
    <StepButtons :less="`Less ${label.toLowerCase()}`" :more="`More ${label.toLowerCase()}`" @step="step" />
  </div>
</template>

<style scoped>
.unit-field {
  display: grid;
  grid-template-columns: 1fr 34px 34px;
  align-items: start;
}
.unit-field__label {
  grid-column: 1 / -1;
  font: 500 14px/1.25 var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.unit-field :deep(input) {
  font: 700 21px var(--v-font-heading);
  font-feature-settings: 'tnum';
  min-height: 40px;
  padding-top: 2px;
  padding-bottom: 2px;
}
.unit-field :deep(.v-field) {
  padding-inline: 0;
  --v-field-padding-start: 10px;
  --v-field-padding-end: 4px;
}
@media (max-width: 700px) {
  .unit-field {
    grid-template-columns: 1fr 48px 48px;
  }
  .unit-field :deep(input) {
    font-size: 24px;
    min-height: 48px;
  }
}
</style>
