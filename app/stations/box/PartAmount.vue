<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { displayUnit, FILE_UNITS, parseNumber, parseShown, shown, shownNumber, valueAt, type PartField } from '@core';
import TypedField from '../../parts/TypedField.vue';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/box';

/** A number of a part in the unit of files, typed in the unit people read. What cannot be taken stays in the field with a message. */
interface AmountField extends Pick<PartField, 'place' | 'min' | 'max' | 'whole' | 'optional'> {
  readonly of: Pick<PartField['of'], 'kind'> | (PartField['of'] & { readonly kind: 'amount' });
  readonly form?: { readonly title: string };
}
const props = defineProps<{
  field: AmountField;
  part: object;
  /** what it is called by those who do not see where it stands */
  name?: string;
}>();
const emit = defineEmits<{ take: [value: number | undefined] }>();
const { system } = useUnits();

const value = computed(() => valueAt(props.part, props.field.place) as number | undefined);
/** What the number measures and its unit in files; a count measures nothing. */
const amount = computed(() => {
  const { of } = props.field;
  return 'quantity' in of ? { quantity: of.quantity, file: FILE_UNITS[of.unit] } : null;
});
const title = computed(() => props.field.form!.title);
const written = computed(() => {
  if (value.value === undefined) return '';
  if (amount.value === null) return String(value.value);
  return shownNumber(amount.value.quantity, amount.value.file.toSi(value.value), system.value);
});
const unit = computed(() => (amount.value ? displayUnit(amount.value.quantity, system.value).unit : ''));
const text = ref(written.value);
const error = ref('');
// its own echo must not rewrite what is being typed
watch([written, system], () => {
  if (read(text.value) !== value.value) text.value = written.value;
  error.value = '';
});

const say = (number: number): string =>
  amount.value ? shown(amount.value.quantity, amount.value.file.toSi(number), system.value) : String(number);

/** Typed text in the unit of files; null when it is no number. */
function read(typed: string): number | null | undefined {
  if (typed.trim() === '') return undefined;
  if (amount.value === null) return parseNumber(typed);
  const si = parseShown(amount.value.quantity, typed, system.value);
  return si === null ? null : Math.round(amount.value.file.fromSi(si) * 1e6) / 1e6;
}

function take(typed: string): void {
  text.value = typed;
  const got = read(text.value);
  const { min, max, optional, whole } = props.field;
  if (got === undefined) {
    if (optional) return send(undefined);
    error.value = words.emptyEnter(say(min), say(max));
  } else if (got === null) error.value = words.notANumber(unit.value ? words.inUnit(unit.value) : '');
  else if (got < min || got > max) error.value = words.outsideTo(say(min), say(max));
  else if (whole && !Number.isInteger(got)) error.value = words.wholePiecesOnly;
  else send(got);
}
function send(number: number | undefined): void {
  error.value = '';
  emit('take', number);
}
function settle(): void {
  if (error.value === '' || text.value.trim() !== '') return;
  text.value = written.value;
  error.value = '';
}

const label = computed(() => (unit.value ? `${title.value}, ${unit.value}` : title.value));
/** One step further, on the steps of the unit that is read; nothing yet starts where it may. */
function step(by: number): void {
  const { min, max, whole } = props.field;
  const inside = (number: number): number => Math.min(max, Math.max(min, number));
  if (amount.value === null) {
    const size = whole ? 1 : 0.1;
    const next = value.value === undefined ? min : Math.round(value.value / size + by) * size;
    return send(Number(inside(next).toFixed(2)));
  }
  const { quantity, file } = amount.value;
  const { step: size, fromSi, toSi } = displayUnit(quantity, system.value);
  const now = value.value === undefined ? null : fromSi(file.toSi(value.value));
  const next = now === null ? min : file.fromSi(toSi(Math.round(now / size + by) * size));
  send(Math.round(inside(next) * 1e6) / 1e6);
}
</script>

<template>
  <TypedField
    :label="label"
    :name="name ?? label"
    :text="text"
    :problem="error"
    :less="words.lessOf(title)"
    :more="words.moreOf(title)"
    @typed="take"
    @left="settle"
    @step="step"
  />
</template>
