<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { displayUnit, parseNumber, parseShown, shown, shownNumber } from '@core';
import { useUnits } from '../../composables/useUnits';
import { FILE_UNITS, type AmountField, type CountField } from './part-fields-table';
import * as words from '../../locale/en/box';

/** A number of a part in the unit of files, typed in the unit people read. What cannot be taken stays in the field with a message. */
const props = defineProps<{ field: AmountField | CountField; value: number | undefined }>();
const emit = defineEmits<{ take: [value: number | undefined] }>();
const { system } = useUnits();

const written = computed(() => {
  if (props.value === undefined) return '';
  if (props.field.kind === 'count') return String(props.value);
  return shownNumber(props.field.quantity, FILE_UNITS[props.field.unit].toSi(props.value), system.value);
});
const unit = computed(() => (props.field.kind === 'count' ? '' : displayUnit(props.field.quantity, system.value).unit));
const text = ref(written.value);
const error = ref('');
// its own echo must not rewrite what is being typed
watch([written, system], () => {
  if (read(text.value) !== props.value) text.value = written.value;
  error.value = '';
});

const say = (value: number): string =>
  props.field.kind === 'count'
    ? String(value)
    : shown(props.field.quantity, FILE_UNITS[props.field.unit].toSi(value), system.value);

/** Typed text in the unit of files; null when it is no number. */
function read(typed: string): number | null | undefined {
  if (typed.trim() === '') return undefined;
  if (props.field.kind === 'count') return parseNumber(typed);
  const si = parseShown(props.field.quantity, typed, system.value);
  return si === null ? null : Math.round(FILE_UNITS[props.field.unit].fromSi(si) * 1e6) / 1e6;
}

function take(typed: string | null): void {
  text.value = typed ?? '';
  const value = read(text.value);
  const { min, max } = props.field;
  if (value === undefined) {
    if (props.field.optional) return send(undefined);
    error.value = words.emptyEnter(say(min), say(max));
  } else if (value === null) error.value = words.notANumber(unit.value ? words.inUnit(unit.value) : '');
  else if (value < min || value > max) error.value = words.outsideTo(say(min), say(max));
  else if (props.field.kind === 'count' && props.field.whole && !Number.isInteger(value))
    error.value = words.wholePiecesOnly;
  else send(value);
}
function send(value: number | undefined): void {
  error.value = '';
  emit('take', value);
}
function settle(): void {
  if (error.value === '') return;
  if (text.value.trim() === '') {
    text.value = written.value;
    error.value = '';
  }
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="unit ? `${field.label}, ${unit}` : field.label"
    :error-messages="error || []"
    inputmode="decimal"
    autocomplete="off"
    @update:model-value="take"
    @blur="settle"
  />
</template>
