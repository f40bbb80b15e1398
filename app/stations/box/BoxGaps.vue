<script setup lang="ts">
import { computed } from 'vue';
import { rigTitle, type GapStep } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useGaps } from '../../stores/gaps';
import { gapPart } from './gap-parts';

/** What the fewest further parts would add on the water at hand. */
const store = useGaps();
const { system } = useUnits();
const gaps = computed(() => store.gaps);

const percent = (score: number): number => Math.round(score * 100);
const partsOf = (step: GapStep): string => step.buy.map((tray) => gapPart(step, tray, system.value)).join(' and ');
const steps = computed(() => (gaps.value?.steps ?? []).slice(0, 4));
</script>

<template>
  <section class="gaps" aria-label="What is missing for this water" data-testid="gaps">
    <div class="gaps__ask">
      <h2>What is missing for this water?</h2>
      <button type="button" class="press" :disabled="store.busy" @click="store.look()">
        {{ store.busy ? 'Looking…' : 'Look for the fewest parts' }}
      </button>
    </div>
    <p v-if="store.problem" role="alert">{{ store.problem }}</p>
    <div v-if="gaps" role="status">
      <p v-if="gaps.own && !gaps.fill">
        Nothing: the best your box allows answers <b class="number">{{ percent(gaps.own.score) }}</b> of 100, the best
        there is <b class="number">{{ percent(gaps.bestScore) }}</b>.
      </p>
      <p v-else>
        <template v-if="gaps.own"
          >Your best answers <b class="number">{{ percent(gaps.own.score) }}</b> of 100 of what this water asks; the
          best there is, <b class="number">{{ percent(gaps.bestScore) }}</b>.</template
        ><template v-else>Your box builds no rig yet.</template>
      </p>
      <ol v-if="steps.length > 0">
        <li v-for="step in steps" :key="step.score" :class="{ gaps__fill: step === gaps.fill }">
          <b class="number">{{ percent(step.score) }}</b>
          <span
            >with <b><FractionText :text="partsOf(step)" /></b>
            <small class="soft">for <FractionText :text="rigTitle(step.rig, system)" /></small>
            <small v-if="step === gaps.fill">The fewest parts that fill the gap.</small></span
          >
        </li>
      </ol>
    </div>
  </section>
</template>

<style scoped>
.gaps {
  padding: 12px 20px;
  border-top: 2px solid rgb(var(--v-theme-ink));
  display: grid;
  gap: 8px;
}
.gaps__ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.gaps ol {
  list-style: none;
  padding: 0;
}
.gaps li {
  display: grid;
  grid-template-columns: 44px 1fr;
  align-items: baseline;
  padding: 5px 0 5px 10px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.gaps li > .number {
  font-size: 22px;
}
.gaps__fill {
  box-shadow: inset 5px 0 rgb(var(--v-theme-bottle));
}
.gaps small {
  display: block;
}
@media (max-width: 700px) {
  .gaps .press {
    min-height: 48px;
  }
}
</style>
