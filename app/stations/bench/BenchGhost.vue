<script lang="ts">
import type { Rig, ToldCut } from '@core';

/** Cuts that are proposed, and the rig they would make. */
export interface Ghost {
  readonly title: string;
  readonly rig: Rig;
  readonly cuts: readonly ToldCut[];
}
</script>

<script setup lang="ts">
import { computed, watch } from 'vue';
import { changesBetween } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useBench } from '../../stores/bench';
import * as words from '../../locale/en/bench';

/** What the ghost on the drawing would still change, taken one by one or all at once. */
const props = defineProps<{ ghost: Ghost }>();
const emit = defineEmits<{ away: [] }>();
const bench = useBench();

const left = computed(() => {
  const differ = new Set(changesBetween(bench.build!.rig, props.ghost.rig).map(({ edit }) => edit));
  return props.ghost.cuts.filter(({ edits }) => edits.some((edit) => differ.has(edit)));
});
watch(left, (cuts) => {
  if (cuts.length === 0) emit('away');
});
</script>

<template>
  <section class="ghost" :aria-label="words.proposedCuts" data-testid="ghost">
    <h2>{{ words.proposedOnTheSheet(ghost.title) }}</h2>
    <ul>
      <li v-for="cut in left" :key="cut.step">
        <FractionText :text="cut.says" />
        <v-btn size="small" :aria-label="words.takeCut(cut.says)" @click="bench.takeCuts([cut], ghost.rig)">{{
          words.takeThis
        }}</v-btn>
      </li>
    </ul>
    <div class="ghost__all">
      <v-btn v-if="left.length > 1" class="act" @click="bench.takeCuts(left, ghost.rig)">{{ words.takeAll }}</v-btn>
      <v-btn @click="$emit('away')">{{ words.putAway }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.ghost {
  padding: 6px 12px 8px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  border-left: 4px dashed rgb(var(--v-theme-oxblood));
}
.ghost h2 {
  font-size: 16px;
}
.ghost ul {
  list-style: none;
  padding: 0;
  max-height: 128px;
  overflow-y: auto;
}
.ghost li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 2px 0;
}
.ghost__all {
  display: flex;
  gap: 10px;
  padding-top: 4px;
}
@media (max-width: 1100px) {
  .ghost .v-btn {
    min-height: 48px;
  }
}
</style>
