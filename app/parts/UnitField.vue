<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { displayUnit, parseShown, shown, shownNumber, type Quantity } from '@core';
import { useUnits } from '../composables/useUnits';
import TypedField from './TypedField.vue';
import * as words from '../locale/en/parts';

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

const limits = computed(() =>
  words.range(shown(props.quantity, props.min, system.value), shown(props.quantity, props.max, system.value)),
);

function take(typed: string): void {
  text.value = typed;
  const si = parseShown(props.quantity, text.value, system.value);
  if (text.value.trim() === '') error.value = words.emptyEnter(limits.value);
  else if (si === null) error.value = words.notANumber(unit.value.unit, limits.value);
  else if (si < props.min || si > props.max) error.value = words.outsideTheModel(limits.value);
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
  <TypedField
    :label="`${label}, ${unit.unit}`"
    :name="`${label}, ${unit.unit}`"
    :text="text"
    :problem="error || problem || ''"
    :hint="hint"
    :less="words.lessOf(label.toLowerCase())"
    :more="words.moreOf(label.toLowerCase())"
    @typed="take"
    @left="onBlur"
    @step="step"
  />
</template>
