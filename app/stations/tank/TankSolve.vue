<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import {
  issueText,
  massKgFromLb,
  massKgFromOz,
  SOLVE_FOR,
  shownHeadStep,
  solveRetrieve,
  type SolveFor,
  type Solved,
} from '@core';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/tank';

/** One thing turned until the rig runs half way back at a depth; what was found can be set. */
const tank = useTank();
const water = useWater();
const { show, system } = useUnits();
const by = ref<SolveFor>('weight');
const depthM = ref(tank.film?.done.midCastDepthM ?? water.water.depthM / 2);
watch(
  () => water.water.depthM,
  (deepest) => (depthM.value = Math.min(depthM.value, deepest)),
);
const kinds = SOLVE_FOR.map((value) => ({ value, title: words.solveNames[value] }));
const solved = computed(() =>
  tank.tank.rig ? solveRetrieve(tank.tank.rig, tank.tank.plan, water.water, by.value, depthM.value) : null,
);

function amount({ for: of }: Solved, value: number): string {
  if (of === 'weight') return shownHeadStep(massKgFromOz(value), system.value);
  if (of === 'speed') return show('speed', value);
  if (of === 'countdown') return words.seconds(value);
  return show('lineStrength', massKgFromLb(value));
}
const why = computed(() => (solved.value?.why ? issueText(solved.value.why) : ''));

/** Sets what was found, as near as it is sold where it is sold in steps. */
function take(value: number): void {
  const { rig, plan } = tank.tank;
  if (!rig) return;
  if (by.value === 'weight') void tank.change({ rig: { ...rig, head: { ...rig.head, weightOz: value } } });
  else if (by.value === 'line') void tank.setPlan({ line: { ...plan.line, lb: value } });
  else if (by.value === 'speed') {
    void tank.setSteps(plan.steps.map((step) => ('mPerS' in step ? { ...step, mPerS: value } : step)));
  } else {
    const first = plan.steps.findIndex((step) => step.do === 'countdown');
    const count = { do: 'countdown' as const, s: value };
    void tank.setSteps(
      first < 0 ? [count, ...plan.steps] : plan.steps.map((step, at) => (at === first ? count : step)),
    );
  }
}
</script>

<template>
  <div class="solve" data-testid="tank-solve">
    <div class="solve__ask">
      <SelectField v-model="by" :label="words.solveFor" :items="kinds" />
      <UnitField v-model="depthM" :label="words.runsAt" quantity="depth" :min="0.05" :max="water.water.depthM" />
    </div>
    <div v-if="solved" role="status">
      <p v-if="solved.value !== null" class="solve__found">
        {{ words.found }} <b class="number">{{ amount(solved, solved.value) }}</b>
        <button type="button" class="press act" @click="take(solved.value)">{{ words.takeIt }}</button>
      </p>
      <p v-else class="solve__why">{{ why }}</p>
      <p v-if="solved.nearest">
        {{ words.nearestSold(amount(solved, solved.nearest.value), show('depth', solved.nearest.depthM)) }}
        <button type="button" class="press" @click="take(solved.nearest.value)">{{ words.takeIt }}</button>
      </p>
    </div>
  </div>
</template>

<style scoped>
.solve__ask {
  display: grid;
  grid-template-columns: 220px 260px;
  gap: 14px;
  align-items: end;
}
.solve__found {
  padding-top: 12px;
  font-size: 18px;
}
.solve__why {
  padding-top: 12px;
  color: rgb(var(--v-theme-oxblood));
}
.solve .press {
  margin-left: 12px;
}
@media (max-width: 700px) {
  .solve__ask {
    grid-template-columns: 1fr;
  }
}
</style>
