<script setup lang="ts">
import { computed } from 'vue';
import { judgeRig, knownWaterBest, planText, rigTitle, wantValue, type Pick, type Water } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { cutsOf } from './cuts-of';
import { gearLine } from './gear-line';
import { useAngler } from './useAngler';
import * as words from '../../locale/en/pick';

/** `titled` where what to tie stands above it already. A pick in three lines: what to tie, how to cut and hang it, how to fish it; and what it would be uncut. */
const props = defineProps<{ pick: Pick; water: Water; titled?: boolean }>();
const { system } = useUnits();
const angler = useAngler();
const gear = computed(() => gearLine(props.pick.gear, system.value));

const cuts = computed(() => cutsOf(props.pick, system.value));
const uncut = computed(() => {
  // without the scale of this water its score is not told
  if (cuts.value.length === 0 || knownWaterBest(props.water) === null) return '';
  const { score, has } = judgeRig(props.water, props.pick.base, angler.value);
  return words.uncut(wantValue('fall', has.fall, system.value), Math.round(100 * score));
});
</script>

<template>
  <dl class="ready" data-testid="ready">
    <template v-if="!titled">
      <dt>{{ words.tie }}</dt>
      <dd><FractionText :text="rigTitle(pick.base, system)" /></dd>
    </template>
    <dt>{{ words.cutAndHang }}</dt>
    <dd>
      <ol v-if="cuts.length > 0" data-testid="ready-cuts">
        <li v-for="cut in cuts" :key="cut.id"><FractionText :text="cut.text" /></li>
      </ol>
      <template v-else>{{ words.asItCame }}</template>
      <p v-if="uncut" class="soft"><FractionText :text="uncut" /></p>
    </dd>
    <dt>{{ words.fish }}</dt>
    <dd><FractionText :text="planText(pick.handled.plan, system)" /></dd>
    <template v-if="gear">
      <dt>{{ words.onGear }}</dt>
      <dd data-testid="ready-gear">
        <FractionText :text="gear.text" />
        <p v-if="gear.lacks" class="ready__lacks"><FractionText :text="gear.lacks" /></p>
      </dd>
    </template>
  </dl>
</template>

<style scoped>
.ready {
  display: grid;
  grid-template-columns: 64px 1fr;
  gap: 4px 12px;
  padding: 4px 0 10px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
  margin-bottom: 8px;
}
.ready dt {
  font: 600 16px/1.3 var(--v-font-heading);
}
.ready dd {
  margin: 0;
}
.ready__lacks {
  color: rgb(var(--v-theme-oxblood));
}
.ready ol {
  padding-left: 18px;
}
</style>
