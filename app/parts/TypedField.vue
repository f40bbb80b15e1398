<script setup lang="ts">
import { computed, useId } from 'vue';
import StepButtons from './StepButtons.vue';

/**
 * A number as it is typed: its name above it, less and more beside it, and below it what is wrong with it. What the words mean is
 * up to whoever puts it there.
 * @param label    what stands above it
 * @param name     what it is called by those who do not see it
 * @param text     what stands in it
 * @param problem  why it cannot be taken; empty where it can
 */
const props = defineProps<{
  label: string;
  name: string;
  text: string;
  problem: string;
  hint?: string | undefined;
  /** what less and more are called; a number that nobody steps to has neither */
  less?: string | undefined;
  more?: string | undefined;
}>();
defineEmits<{ typed: [text: string]; left: []; step: [by: number] }>();
const id = useId();
const says = computed(() => props.problem || props.hint || '');
</script>

<template>
  <div class="typed" :class="{ 'typed--odd': problem !== '', 'typed--bare': !less }">
    <span class="typed__label" aria-hidden="true">{{ label }}</span>
    <input
      class="typed__input"
      :value="text"
      :aria-label="name"
      :aria-invalid="problem !== ''"
      :aria-describedby="says ? id : undefined"
      type="text"
      inputmode="decimal"
      autocomplete="off"
      @input="$emit('typed', ($event.target as HTMLInputElement).value)"
      @blur="$emit('left')"
      @keydown.up.prevent="$emit('step', 1)"
      @keydown.down.prevent="$emit('step', -1)"
    />
    <StepButtons v-if="less && more" :less="less" :more="more" @step="$emit('step', $event)" />
    <span v-if="says" :id="id" class="typed__says" :role="problem ? 'alert' : undefined">{{ says }}</span>
  </div>
</template>

<style scoped>
.typed {
  display: grid;
  grid-template-columns: 1fr 34px 34px;
  align-items: start;
}
.typed__label {
  grid-column: 1 / -1;
  font: 500 14px/1.25 var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.typed__input {
  min-width: 0;
  min-height: 40px;
  padding: 2px 4px 2px 10px;
  border: 1px solid rgba(var(--v-theme-ink-soft), 0.7);
  background: none;
  color: inherit;
  font: 700 21px var(--v-font-heading);
  font-feature-settings: 'tnum';
}
.typed__input:hover {
  border-color: rgb(var(--v-theme-ink));
}
.typed--bare .typed__input {
  grid-column: 1 / -1;
}
.typed--odd .typed__input {
  border: 2px solid rgb(var(--v-theme-oxblood));
}
.typed__says {
  grid-column: 1 / -1;
  padding: 3px 0 0;
  font-size: 13px;
  line-height: 1.2;
  color: rgb(var(--v-theme-ink-soft));
}
.typed--odd .typed__says {
  color: rgb(var(--v-theme-oxblood));
}
@media (max-width: 700px) {
  .typed {
    grid-template-columns: 1fr 48px 48px;
  }
  .typed__input {
    min-height: 48px;
    font-size: 24px;
  }
}
</style>
