<script setup lang="ts">
import { computed } from 'vue';
import { rigTitle, type GapStep } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useGaps } from '../../stores/gaps';
import { gapPart } from './gap-parts';
import * as words from '../../locale/en/box';

/** What the fewest further parts would add on the water at hand. */
const store = useGaps();
const { system } = useUnits();
const gaps = computed(() => store.gaps);

const percent = (score: number): number => Math.round(score * 100);
const partsOf = (step: GapStep): string =>
  words.oneAndTheOther(step.buy.map((tray) => gapPart(step, tray, system.value)));
const steps = computed(() => (gaps.value?.steps ?? []).slice(0, 4));
</script>

<template>
  <section class="gaps" :aria-label="words.whatIsMissing" data-testid="gaps">
    <div class="gaps__ask">
      <h2>{{ words.whatIsMissingAsked }}</h2>
      <button type="button" class="press" :disabled="store.busy" @click="store.look()">
        {{ store.busy ? words.looking : words.lookForFewestParts }}
      </button>
    </div>
    <p v-if="store.problem" role="alert">{{ store.problem }}</p>
    <div v-if="gaps" role="status">
      <p v-if="gaps.own && !gaps.fill">
        {{ words.nothingMissing }} <b class="number">{{ percent(gaps.own.score) }}</b> {{ words.of100TheBest }}
        <b class="number">{{ percent(gaps.bestScore) }}</b>.
      </p>
      <p v-else>
        <template v-if="gaps.own"
          >{{ words.bestAnswers }} <b class="number">{{ percent(gaps.own.score) }}</b> {{ words.of100Asked }}
          <b class="number">{{ percent(gaps.bestScore) }}</b>.</template
        ><template v-else>{{ words.buildsNoRig }}</template>
      </p>
      <ol v-if="steps.length > 0">
        <li v-for="step in steps" :key="step.score" :class="{ gaps__fill: step === gaps.fill }">
          <b class="number">{{ percent(step.score) }}</b>
          <span
            >{{ words.withParts }} <b><FractionText :text="partsOf(step)" /></b>
            <small class="soft">{{ words.forRig }} <FractionText :text="rigTitle(step.rig, system)" /></small>
            <small v-if="step === gaps.fill">{{ words.fewestParts }}</small></span
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
