<script setup lang="ts">
import { computed } from 'vue';
import { stepText, type CutStep } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/bench';

/** The cut list in words, in the order of the work; a step opens the pictures at its place. */
const props = defineProps<{ steps: readonly CutStep[] }>();
defineEmits<{ open: [at: number] }>();
const { system } = useUnits();
const rows = computed(() => props.steps.map((step) => ({ id: step.id, ...stepText(step, system.value) })));
</script>

<template>
  <section class="cuts" :aria-label="words.cutList">
    <div class="cuts__head">
      <h2>{{ words.cutList }}</h2>
      <v-btn class="act" data-testid="open-steps" @click="$emit('open', 0)">{{ words.stepByStep }}</v-btn>
    </div>
    <ol class="cuts__list" tabindex="0" :aria-label="words.steps">
      <li v-for="(row, at) in rows" :key="row.id">
        <button type="button" :aria-label="words.stepShowIt(at + 1, row.title)" @click="$emit('open', at)">
          <span class="cuts__number number">{{ at + 1 }}</span> <b>{{ row.title }}</b>
        </button>
        <p><FractionText :text="row.text" /></p>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.cuts {
  display: grid;
  grid-template-columns: 150px 1fr;
  min-height: 0;
}
.cuts__head {
  display: grid;
  align-content: start;
  gap: 8px;
  padding: 12px 16px;
}
.cuts__list {
  display: flex;
  overflow-x: auto;
  margin: 0;
  padding: 0;
  list-style: none;
}
.cuts__list li {
  flex: 1 0 168px;
  max-width: 260px;
  padding: 8px 14px 10px;
  border-left: 1px solid rgb(var(--v-theme-rule));
}
.cuts__list p {
  font-size: 14px;
  line-height: 1.25;
}
.cuts__list button {
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: 600 17px var(--v-font-heading);
  cursor: pointer;
}
.cuts__number {
  color: rgb(var(--v-theme-oxblood));
  font-size: 24px;
}
@media (max-width: 1100px) {
  .cuts {
    grid-template-columns: 1fr;
  }
  .cuts__head {
    grid-template-columns: 1fr auto;
    align-items: center;
  }
  .cuts__list {
    display: block;
  }
  .cuts__list li {
    max-width: none;
    border-left: 0;
    border-top: 1px solid rgb(var(--v-theme-rule));
  }
  .cuts__list button {
    min-height: 44px;
  }
}
</style>
