<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import {
  displayUnit,
  EDIT_TITLE,
  lengthMFromMm,
  mmFromLengthM,
  parseNumber,
  parseShown,
  shownNumber,
  type AmountEdit,
  type Rig,
} from '@core';
import TypedField from '../../parts/TypedField.vue';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useEditValue } from './useEditValue';
import * as words from '../../locale/en/bench';

/** A cut in numbers: typed, stepped with buttons or arrow keys. What cannot be taken stays in the field with its reason. */
const props = defineProps<{ edit: AmountEdit; rig: Rig }>();
const bench = useBench();
const { system } = useUnits();
const { refusal, step, text: worded } = useEditValue();

const unit = computed(() => {
  if (props.edit.unit === 'mm') return displayUnit('cut', system.value).unit;
  return props.edit.unit === 'degrees' ? '°' : '';
});
const name = computed(() => (unit.value ? `${EDIT_TITLE[props.edit.id]}, ${unit.value}` : EDIT_TITLE[props.edit.id]));
const written = computed(() => {
  const value = props.edit.read(props.rig);
  return props.edit.unit === 'mm' ? shownNumber('cut', lengthMFromMm(value), system.value) : String(Math.round(value));
});
const hint = computed(() => {
  const said = worded(props.edit.id, props.rig);
  return said.includes(',') ? said : '';
});
const text = ref(written.value);
const error = ref('');
let typing = false;
watch([written, system], () => {
  if (typing) return;
  text.value = written.value;
  error.value = '';
});

function read(typed: string): number | null {
  if (props.edit.unit !== 'mm') return parseNumber(typed.replace('°', ''));
  const lengthM = parseShown('cut', typed, system.value);
  return lengthM === null ? null : mmFromLengthM(lengthM);
}
function take(typed: string): void {
  text.value = typed;
  typing = true;
  const value = read(text.value);
  if (text.value.trim() === '') error.value = words.emptyLastCounts;
  else if (value === null) error.value = words.notANumber(unit.value ? words.inUnit(unit.value) : '');
  else if (props.edit.unit === 'count' && !Number.isInteger(value)) error.value = words.wholePiecesOnly;
  else error.value = refusal(bench.edit(props.edit.id, value));
}
function settle(): void {
  typing = false;
  if (error.value !== '' && text.value.trim() !== '') return;
  text.value = written.value;
  error.value = '';
}
function stepBy(by: number): void {
  typing = false;
  error.value = '';
  step(props.edit.id, by);
  text.value = written.value;
}
</script>

<template>
  <TypedField
    class="amount"
    :label="name"
    :name="name"
    :text="text"
    :problem="error"
    :hint="hint"
    :less="words.less(EDIT_TITLE[edit.id])"
    :more="words.more(EDIT_TITLE[edit.id])"
    :data-testid="`edit-${edit.id}`"
    @typed="take"
    @left="settle"
    @step="stepBy"
  />
</template>

<style scoped>
.amount {
  padding-top: 8px;
}
</style>
