<script setup lang="ts">
import { ref, watch } from 'vue';
import { parseNumber } from '@core';
import TypedField from '../../parts/TypedField.vue';
import * as words from '../../locale/en/deck';

/** A number that is read alike in every unit system: minutes, counts, degrees. Left empty it is none, where that may be. */
const props = withDefaults(
  defineProps<{
    label: string;
    min: number;
    max: number;
    step?: number;
    optional?: boolean;
    problem?: string;
    /** nobody comes to it by steps */
    typed?: boolean;
  }>(),
  { step: 1, optional: false, problem: '', typed: false },
);
const value = defineModel<number | undefined>({ required: true });
const shown = (number: number | undefined): string => (number === undefined ? '' : String(Number(number.toFixed(6))));
const text = ref(shown(value.value));
const error = ref('');
watch(value, (now) => {
  if (parseNumber(text.value) !== (now ?? null)) text.value = shown(now);
  error.value = '';
});
function take(typed: string): void {
  text.value = typed;
  if (typed.trim() === '' && props.optional) {
    error.value = '';
    value.value = undefined;
    return;
  }
  const number = parseNumber(typed);
  if (number === null || number < props.min || number > props.max) {
    error.value = words.betweenNumbers(props.min, props.max);
    return;
  }
  error.value = '';
  value.value = number;
}
function stepBy(by: number): void {
  const from = value.value ?? props.min;
  const next = Math.min(props.max, Math.max(props.min, Math.round((from + by * props.step) / props.step) * props.step));
  value.value = next;
  text.value = shown(next);
  error.value = '';
}
function left(): void {
  if (error.value === '') return;
  text.value = shown(value.value);
  error.value = '';
}
</script>

<template>
  <TypedField
    :label="label"
    :name="label"
    :text="text"
    :problem="error || problem"
    :less="typed ? undefined : words.lessOf(label.toLowerCase())"
    :more="typed ? undefined : words.moreOf(label.toLowerCase())"
    @typed="take"
    @left="left"
    @step="stepBy"
  />
</template>
