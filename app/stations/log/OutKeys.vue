<script setup lang="ts">
import { EVENT_TITLE, type EventKind } from '@core';
import * as words from '../../locale/en/log';

/** The keys of an outing, under the thumb: what bites, re-tie, and the last event taken back. */
defineProps<{ hasRod: boolean; last: { readonly what: string; readonly clock: string } | null }>();
const emit = defineEmits<{ press: [what: EventKind]; tie: []; undo: [] }>();
const KEYS = ['bite', 'nip', 'hooked', 'landed', 'lost', 'snag'] as const;
</script>

<template>
  <div class="out__keys" role="group" :aria-label="words.keys">
    <button
      v-for="what in KEYS"
      :key="what"
      type="button"
      class="out__key"
      :class="`out__key--${what}`"
      :disabled="!hasRod"
      :data-testid="`key-${what}`"
      @click="emit('press', what)"
    >
      {{ EVENT_TITLE[what] }}
    </button>
    <button type="button" class="out__key out__key--tie" :disabled="!hasRod" @click="emit('tie')">
      {{ words.reTie }}
    </button>
    <button
      type="button"
      class="out__key out__key--back"
      :disabled="last === null"
      data-testid="take-back"
      :aria-label="last ? words.takeBack(last.what, last.clock) : words.nothingToTakeBack"
      @click="emit('undo')"
    >
      <small>{{ words.undo }}</small>
      <span v-if="last"
        >{{ last.what }} <span class="number">{{ last.clock }}</span></span
      >
    </button>
  </div>
</template>

<style scoped>
.out__keys {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.out__key {
  min-height: 74px;
  padding: 4px;
  border: 2px solid rgb(var(--v-theme-ink));
  background: none;
  color: inherit;
  font: 700 23px/1.1 var(--v-font-heading);
  touch-action: manipulation;
}
.out__key:active:not(:disabled) {
  background: rgb(var(--v-theme-shade));
}
.out__key:disabled {
  opacity: 0.45;
}
.out__key--bite,
.out__key--landed {
  border-color: rgb(var(--v-theme-oxblood));
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
}
.out__key--bite:active:not(:disabled),
.out__key--landed:active:not(:disabled) {
  background: rgb(var(--v-theme-ink));
  color: rgb(var(--v-theme-skin));
}
.out__key--tie {
  border-style: dashed;
}
.out__key--back {
  grid-column: span 2;
  display: grid;
  justify-items: center;
  align-content: center;
  border-color: rgb(var(--v-theme-ink-soft));
  font-size: 19px;
}
.out__key--back small {
  font-size: 14px;
  color: rgb(var(--v-theme-ink-soft));
}
@media (max-width: 700px) {
  .out__keys {
    padding-top: 8px;
  }
  .out__key {
    min-height: 64px;
  }
}
</style>
