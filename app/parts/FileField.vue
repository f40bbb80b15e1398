<script setup lang="ts">
import { ref, useId } from 'vue';
import * as words from '../locale/en/parts';

/** A file that is chosen: a button that says so, and the name of what was chosen. */
defineProps<{ label: string; accept: string }>();
const emit = defineEmits<{ chosen: [file: File | null] }>();
const id = useId();
const name = ref('');

function take({ target }: Event): void {
  const input = target as HTMLInputElement;
  const file = input.files?.[0] ?? null;
  name.value = file?.name ?? '';
  emit('chosen', file);
}
/** a field that remembers a name would not notice that the file is chosen again */
function forget({ target }: Event): void {
  (target as HTMLInputElement).value = '';
}
</script>

<template>
  <div class="file-field">
    <input :id="id" class="file-field__input" type="file" :accept="accept" @click="forget" @change="take" />
    <label class="press file-field__button" :for="id">{{ label }}</label>
    <span class="file-field__name" :class="{ soft: name === '' }" aria-hidden="true">{{ name || words.noFile }}</span>
  </div>
</template>

<style scoped>
.file-field {
  position: relative;
  display: flex;
  align-items: center;
  gap: 12px;
  min-width: 0;
}
/* there for the keyboard, for those who do not see it, and for a file that is dropped on the button */
.file-field__input {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  opacity: 0;
  cursor: pointer;
}
.file-field__button {
  flex: none;
  display: inline-flex;
  align-items: center;
}
.file-field__input:focus-visible + .file-field__button {
  outline: 3px solid rgb(var(--v-theme-oxblood));
  outline-offset: 2px;
}
.file-field__name {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
</style>
