<script setup lang="ts">
import { computed } from 'vue';
import { wholeParts, type ScorePart } from '@core';
import { titleOfPart } from './score-titles';
import * as words from '../../locale/en/pick';

/** A score as one bar of its parts: wants, craft, log; what faults and gear take is hatched at its end. */
const props = defineProps<{ parts: readonly ScorePart[] }>();

const sum = (of: (part: string) => boolean): number =>
  props.parts.reduce((so, { part, got }) => (of(part) ? so + 100 * got : so), 0);
const segments = computed(() => {
  const taken = Math.min(
    0,
    sum((part) => part === 'faults' || part === 'gear'),
  );
  return [
    { id: 'wants', width: sum((part) => part.startsWith('want:')) },
    {
      id: 'craft',
      width: Math.max(
        0,
        sum((part) => part === 'craft'),
      ),
    },
    {
      id: 'log',
      width: Math.max(
        0,
        sum((part) => part === 'log'),
      ),
    },
    { id: 'taken', width: -taken },
  ].filter(({ width }) => width >= 0.5);
});
const label = computed(() =>
  wholeParts(props.parts)
    .map(({ part, got, of }) => `${titleOfPart(part)} ${words.gotOf(got, of)}`)
    .join(', '),
);
</script>

<template>
  <span class="score-bar" role="img" :aria-label="label">
    <span v-for="one in segments" :key="one.id" :class="`score-bar__${one.id}`" :style="{ width: `${one.width}%` }" />
  </span>
</template>

<style scoped>
.score-bar {
  display: flex;
  width: 100%;
  height: 7px;
  margin: 3px 0 2px;
  border: 1px solid rgb(var(--v-theme-ink-soft));
  overflow: hidden;
}
.score-bar > span {
  flex: none;
  height: 100%;
}
.score-bar__wants {
  background: rgb(var(--v-theme-bottle));
}
.score-bar__craft {
  background: rgb(var(--v-theme-brass));
  border-left: 1px solid rgb(var(--v-theme-skin));
}
.score-bar__log {
  background: rgb(var(--v-theme-ink));
  border-left: 1px solid rgb(var(--v-theme-skin));
}
.score-bar__taken {
  background: repeating-linear-gradient(135deg, rgb(var(--v-theme-oxblood)) 0 2px, rgb(var(--v-theme-skin)) 2px 4px);
}
@media (forced-colors: active) {
  .score-bar > span {
    forced-color-adjust: none;
    background: CanvasText;
    border-left: 2px solid Canvas;
  }
}
</style>
