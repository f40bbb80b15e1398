<script setup lang="ts" generic="T extends string | number">
import { useId } from 'vue';

/** One of many, in the browser's own list: it opens at once, and on a phone it is the wheel that a thumb knows. */
defineProps<{
  label: string;
  items: readonly { readonly value: T; readonly title: string }[];
  /** the list alone: what it is about is plain, or said to those who cannot see it */
  bare?: boolean;
}>();
const value = defineModel<T>({ required: true });
const id = useId();
</script>

<template>
  <div class="select-field">
    <label :class="bare ? 'visually-hidden' : 'select-field__label'" :for="id">{{ label }}</label>
    <select :id="id" v-model="value" class="select-field__list">
      <option v-for="item in items" :key="item.value" :value="item.value">{{ item.title }}</option>
    </select>
  </div>
</template>

<style scoped>
.select-field {
  display: grid;
  min-width: 0;
}
.select-field__label {
  font: 500 14px/1.25 var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.select-field__list {
  appearance: none;
  min-width: 0;
  min-height: 40px;
  padding: 4px 30px 4px 10px;
  border: 1px solid rgba(var(--v-theme-ink-soft), 0.7);
  /* a notch in the ink of the page says that there is more */
  background:
    linear-gradient(45deg, transparent 50%, rgb(var(--v-theme-ink)) 50%) calc(100% - 16px) 55% / 6px 6px no-repeat,
    linear-gradient(-45deg, transparent 50%, rgb(var(--v-theme-ink)) 50%) calc(100% - 10px) 55% / 6px 6px no-repeat;
  color: inherit;
  font: inherit;
  text-overflow: ellipsis;
  cursor: pointer;
}
.select-field__list:hover {
  border-color: rgb(var(--v-theme-ink));
}
.select-field__list option {
  background: rgb(var(--v-theme-skin));
  color: rgb(var(--v-theme-ink));
}
@media (max-width: 700px) {
  .select-field__list {
    min-height: 48px;
  }
}
@media (forced-colors: active) {
  .select-field__list {
    appearance: auto;
  }
}
</style>
