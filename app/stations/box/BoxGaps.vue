<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { issueText, rigTitle, type Gaps, type GapStep } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { useWater } from '../../stores/water';
import { askGaps } from '../../workers/ask-gaps';
import { tellPart } from './part-text';

/** What the fewest further parts would add on the water at hand. */
const box = useBox();
const water = useWater();
const { system } = useUnits();
const gaps = shallowRef<Gaps | null>(null);
const busy = ref(false);
const problem = ref('');
let turn = 0;

// what was found belongs to one water and one box
watch([() => water.water, () => box.box], () => {
  turn++;
  gaps.value = null;
  busy.value = false;
});

async function look(): Promise<void> {
  const mine = ++turn;
  busy.value = true;
  problem.value = '';
  const found = await askGaps(water.water, box.box);
  if (mine !== turn) return;
  busy.value = false;
  if (found.ok) gaps.value = found.value;
  else problem.value = found.issues.map(issueText).join(' ');
}

const percent = (score: number): number => Math.round(score * 100);
function partsOf({ rig, buy }: GapStep): string {
  const names = {
    heads: () => tellPart('heads', { ...rig.head, guard: rig.guard ?? null }, system.value).title,
    skirts: () => {
      if (!rig.skirt) return 'a skirt';
      const { thinned: _thinned, trim: _trim, ...skirt } = rig.skirt;
      return `skirt of ${tellPart('skirts', skirt, system.value).title}, ${rig.skirt.colour}`;
    },
    trailers: () => {
      if (!rig.trailer) return 'a trailer';
      const { kind, lengthMm, softness, colour } = rig.trailer;
      return `${tellPart('trailers', { kind, lengthMm, softness, colour }, system.value).title}, ${colour}`;
    },
  } as const;
  return buy.map((tray) => names[tray as keyof typeof names]()).join(' and ');
}
const steps = computed(() => (gaps.value?.steps ?? []).slice(0, 4));
</script>

<template>
  <section class="gaps" aria-label="What is missing for this water" data-testid="gaps">
    <div class="gaps__ask">
      <h2>What is missing for this water?</h2>
      <v-btn :loading="busy" @click="look">Look for the fewest parts</v-btn>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
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
  .gaps .v-btn {
    min-height: 48px;
  }
}
</style>
