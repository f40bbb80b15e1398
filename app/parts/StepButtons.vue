<script setup lang="ts">
import { useHeld } from '../composables/useHeld';

/** Less and more, beside a number: a press is a step, holding goes on. */
defineProps<{ less: string; more: string }>();
const emit = defineEmits<{ step: [by: number] }>();
const listeners = useHeld((by) => emit('step', by));
</script>

<template>
  <button
    v-for="(name, at) in [less, more]"
    :key="at"
    type="button"
    class="step"
    :aria-label="name"
    v-bind="listeners(at * 2 - 1)"
  >
    {{ at ? '+' : '−' }}
  </button>
</template>

<style scoped>
.step {
  min-width: 34px;
  min-height: 40px;
  margin-left: -1px;
  padding: 0;
  border: 1px solid rgb(var(--v-theme-ink-soft));
  background: none;
  color: inherit;
  font-size: 20px;
  cursor: pointer;
  user-select: none;
  -webkit-touch-callout: none;
  touch-action: manipulation;
}
.step:hover {
  background: rgb(var(--v-theme-rule));
}
@media (max-width: 700px) {
  .step {
    min-width: 48px;
    min-height: 48px;
  }
}
</style>
