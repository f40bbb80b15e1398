<script setup lang="ts" generic="T extends string">
/** One of a few, or some of a few: square switches, the chosen ones filled bottle green. */
defineProps<{ label: string; options: readonly { readonly value: T; readonly title: string }[]; multiple?: boolean }>();
const value = defineModel<T | T[]>({ required: true });

const isOn = (option: T): boolean =>
  Array.isArray(value.value) ? value.value.includes(option) : value.value === option;
</script>

<template>
  <div class="choice-row" role="group" :aria-label="label">
    <span class="choice-row__label" aria-hidden="true">{{ label }}</span>
    <v-btn-toggle
      v-model="value"
      :mandatory="!multiple"
      :multiple="multiple ?? false"
      class="choice-row__toggle"
      selected-class="choice-row__on"
    >
      <v-btn v-for="option in options" :key="option.value" :value="option.value" :aria-pressed="isOn(option.value)">
        {{ option.title }}
      </v-btn>
    </v-btn-toggle>
  </div>
</template>

<style scoped>
.choice-row {
  padding: 6px 0;
}
.choice-row__label {
  display: block;
  font: 500 13px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
  margin-bottom: 3px;
}
.choice-row__toggle {
  flex-wrap: wrap;
  height: auto !important;
  gap: 5px;
  overflow: visible;
}
.choice-row__toggle :deep(.v-btn) {
  height: 32px !important;
  min-width: 0;
  padding: 0 10px;
  border: 1px solid rgba(var(--v-theme-ink-soft), 0.6);
  font: 600 15px var(--v-font-heading);
}
.choice-row__toggle :deep(.choice-row__on) {
  background: rgb(var(--v-theme-bottle));
  border-color: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
@media (max-width: 700px) {
  .choice-row__toggle :deep(.v-btn) {
    height: 48px !important;
    padding: 0 14px;
  }
}
</style>
