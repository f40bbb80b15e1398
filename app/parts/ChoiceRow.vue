<script setup lang="ts" generic="T extends string">
import { useId } from 'vue';

/** One of a few, or some of a few where the value is a list: square switches, the chosen ones filled bottle green. */
const props = defineProps<{
  label: string;
  options: readonly { readonly value: T; readonly title: string }[];
  /** the switches alone: what they are about is plain, or said to those who cannot see it */
  bare?: boolean;
  /** nobody chose: the value is what it is taken for until somebody does; the chosen one can be let go of again */
  assumed?: boolean | undefined;
  /** what is to be said of the choice, with its name, and why */
  note?: string | undefined;
  why?: string | undefined;
}>();
const emit = defineEmits<{ unsay: [] }>();
const id = useId();
const value = defineModel<T | T[]>({ required: true });

const isOn = (option: T): boolean =>
  Array.isArray(value.value) ? value.value.includes(option) : value.value === option;

function choose(option: T): void {
  if (!Array.isArray(value.value)) {
    if (props.assumed === false && isOn(option)) emit('unsay');
    else value.value = option;
  } else value.value = isOn(option) ? value.value.filter((other) => other !== option) : [...value.value, option];
}
</script>

<template>
  <div class="choice-row" :class="{ 'choice-row--bare': bare }" role="group" :aria-label="label">
    <div v-if="!bare" class="choice-row__label">
      <span aria-hidden="true">{{ label }}</span>
      <small v-if="note" :id="id" :title="why">{{ note }}</small>
    </div>
    <div class="choice-row__options">
      <button
        v-for="option in options"
        :key="option.value"
        type="button"
        :aria-pressed="!assumed && isOn(option.value)"
        :aria-describedby="assumed && isOn(option.value) ? id : undefined"
        :class="{ 'choice-row__taken': assumed && isOn(option.value) }"
        @click="choose(option.value)"
      >
        {{ option.title }}
      </button>
    </div>
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
.choice-row--bare {
  display: block;
  padding: 0;
  border: 0;
}
.choice-row__label {
  font: 500 14px/1.1 var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.choice-row__options {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
}
.choice-row__options button {
  min-height: 28px;
  padding: 0 8px;
  border: 1px solid rgba(var(--v-theme-ink-soft), 0.6);
  background: none;
  color: inherit;
  font: 600 15px var(--v-font-heading);
  cursor: pointer;
}
.choice-row__options button.choice-row__taken {
  border: 2px dashed rgb(var(--v-theme-bottle));
  padding: 0 7px;
}
.choice-row__label small {
  display: block;
  font-size: 13px;
}
.choice-row__options button:hover {
  border-color: currentColor;
}
.choice-row__options button[aria-pressed='true'] {
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
  .choice-row__options button {
    min-height: 48px;
    padding: 0 13px;
  }
  .choice-row__options button.choice-row__taken {
    padding: 0 12px;
  }
  .choice-row__label small {
    display: inline;
    margin-left: 6px;
    font-size: 14px;
  }
}
</style>
