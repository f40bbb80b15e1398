<script setup lang="ts">
import { onMounted, useId, useTemplateRef } from 'vue';

/** Words, a day or a clock as they are typed, with their name above them as every field has it. */
const props = withDefaults(
  defineProps<{
    label: string;
    type?: 'text' | 'search' | 'date' | 'time';
    maxlength?: number | string | undefined;
    placeholder?: string | undefined;
    inputmode?: 'numeric' | 'decimal' | undefined;
    /** what is often meant; anything else may be typed too */
    suggestions?: readonly string[];
    /** more than a line: as many as are shown at first */
    lines?: number;
    /** whether it takes the keys as soon as it is there */
    autofocus?: boolean;
  }>(),
  { type: 'text', maxlength: undefined, placeholder: undefined, inputmode: undefined, suggestions: () => [], lines: 1 },
);
const value = defineModel<string>({ required: true });
const id = useId();
const box = useTemplateRef<HTMLInputElement | HTMLTextAreaElement>('box');
const focus = (): void => box.value?.focus();
onMounted(() => {
  if (props.autofocus) focus();
});
/** One that has suggestions is taken once it is whole: half a name is another one. */
function take({ target }: Event): void {
  value.value = (target as HTMLInputElement).value;
}
/** what whoever is asked has not taken, an empty name say, does not stand there once the field is left */
function left(): void {
  if (box.value) box.value.value = value.value;
}
/** what is often meant shows as a whole as soon as the first letter is typed over what is there */
function entered(): void {
  if (props.suggestions.length > 0) box.value?.select();
}
defineExpose({ focus });
</script>

<template>
  <div class="text-field">
    <label class="text-field__label" :for="id">{{ label }}</label>
    <textarea
      v-if="lines > 1"
      :id="id"
      ref="box"
      v-model="value"
      class="text-field__box"
      :rows="lines"
      :maxlength="maxlength"
      :placeholder="placeholder"
      @blur="left"
    />
    <input
      v-else
      :id="id"
      ref="box"
      :value="value"
      class="text-field__box"
      :type="type"
      :maxlength="maxlength"
      :placeholder="placeholder"
      :inputmode="inputmode"
      :list="suggestions.length > 0 ? `${id}-list` : undefined"
      autocomplete="off"
      @input="suggestions.length === 0 && take($event)"
      @change="suggestions.length > 0 && take($event)"
      @focus="entered"
      @blur="left"
    />
    <datalist v-if="suggestions.length > 0" :id="`${id}-list`">
      <option v-for="one in suggestions" :key="one" :value="one" />
    </datalist>
  </div>
</template>

<style scoped>
.text-field {
  display: grid;
  align-content: start;
  min-width: 0;
}
.text-field__label {
  font: 500 14px/1.25 var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.text-field__box {
  width: 100%;
  min-width: 0;
  min-height: 40px;
  padding: 4px 10px;
  border: 1px solid rgba(var(--v-theme-ink-soft), 0.7);
  background: none;
  color: inherit;
  font: inherit;
  color-scheme: inherit;
}
textarea.text-field__box {
  field-sizing: content;
  resize: vertical;
}
.text-field__box:hover {
  border-color: rgb(var(--v-theme-ink));
}
.text-field__box::placeholder {
  color: rgb(var(--v-theme-ink-soft));
  opacity: 1;
}
@media (max-width: 700px) {
  .text-field__box {
    min-height: 48px;
  }
}
</style>
