import { ref } from 'vue';
import { defineStore } from 'pinia';
import type { Water } from '@core';

/** The rule that was tapped: shown over whatever was being done. */
export const useRuleCard = defineStore('rule-card', () => {
  const id = ref<string | null>(null);
  const water = ref<Water | null>(null);
  /** @param on  the water its line is read on; none for any water */
  function open(rule: string, on: Water | null = null): void {
    id.value = rule;
    water.value = on;
  }
  const close = (): void => {
    id.value = null;
  };
  return { id, water, open, close };
});
