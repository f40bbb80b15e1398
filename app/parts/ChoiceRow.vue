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
  display: grid;
  grid-template-columns: 66px 1fr;
  gap: 8px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.choice-row__label {
  font: 500 14px/1.1 var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.choice-row__toggle {
  flex-wrap: wrap;
  height: auto !important;
  gap: 4px;
  overflow: visible;
}
.choice-row__toggle :deep(.v-btn) {
  height: 28px !important;
  min-width: 0;
  padding: 0 8px;
  border: 1px solid rgba(var(--v-theme-ink-soft), 0.6);
  font: 600 15px var(--v-font-heading);
}
.choice-row__toggle :deep(.choice-row__on) {
  background: rgb(var(--v-theme-bottle));
  border-color: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
@media (max-width: 700px) {
  .choice-row {
    grid-template-columns: 1fr;
    gap: 3px;
    padding: 6px 0;
  }
  .choice-row__toggle :deep(.v-btn) {
    height: 48px !important;
    padding: 0 13px;
  }
}
</style>
