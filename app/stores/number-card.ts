import { ref } from 'vue';
import { defineStore } from 'pinia';
import type { ReadoutId, WantId } from '@core';

/** A number that can be asked about. */
export type NumberId =
  | { readonly of: 'want'; readonly id: WantId }
  | { readonly of: 'readout'; readonly id: ReadoutId }
  | { readonly of: 'score' };

/** The number whose name was tapped: explained over whatever was being done. */
export const useNumberCard = defineStore('number-card', () => {
  const asked = ref<NumberId | null>(null);
  return { asked };
});
