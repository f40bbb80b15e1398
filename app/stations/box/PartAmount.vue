<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { displayUnit, parseNumber, parseShown, shown, shownNumber } from '@core';
import TypedField from '../../parts/TypedField.vue';
import { useUnits } from '../../composables/useUnits';
import { FILE_UNITS, type AmountField, type CountField } from './part-fields-table';
import * as words from '../../locale/en/box';

/** A number of a part in the unit of files, typed in the unit people read. What cannot be taken stays in the field with a message. */
const props = defineProps<{
  field: AmountField | CountField;
  value: number | undefined;
  /** what it is called by those who do not see where it stands */
  name?: string;
}>();
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

function take(typed: string): void {
  text.value = typed;
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
  if (error.value === '' || text.value.trim() !== '') return;
  text.value = written.value;
  error.value = '';
}

const label = computed(() => (unit.value ? `${props.field.label}, ${unit.value}` : props.field.label));
/** One step further, on the steps of the unit that is read; nothing yet starts where it may. */
function step(by: number): void {
  const { min, max } = props.field;
  if (props.field.kind === 'count') {
    const size = props.field.whole ? 1 : 0.1;
    const next = props.value === undefined ? min : Math.round(props.value / size + by) * size;
    return send(Number(Math.min(max, Math.max(min, next)).toFixed(2)));
  }
  const { step: size, fromSi, toSi } = displayUnit(props.field.quantity, system.value);
  const file = FILE_UNITS[props.field.unit];
  const now = props.value === undefined ? null : fromSi(file.toSi(props.value));
  const next = now === null ? min : file.fromSi(toSi(Math.round(now / size + by) * size));
  send(Math.round(Math.min(max, Math.max(min, next)) * 1e6) / 1e6);
}
</script>

<template>
  <TypedField
    :label="label"
    :name="name ?? label"
    :text="text"
    :problem="error"
    :less="words.lessOf(field.label)"
    :more="words.moreOf(field.label)"
    @typed="take"
    @left="settle"
    @step="step"
  />
</template>
