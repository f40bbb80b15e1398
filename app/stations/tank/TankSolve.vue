<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { massKgFromLb, massKgFromOz, SOLVE_FOR, shownHeadStep, withSetting, type Solved, type SolveFor } from '@core';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useNewest } from '../../composables/useNewest';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import { askTank } from '../../workers/ask-tank';
import TankSolveMore from './TankSolveMore.vue';
import * as words from '../../locale/en/tank';

/** One thing turned until the rig runs half way back at a depth; what was found can be set. */
const tank = useTank();
const water = useWater();
const { show, showAround, system } = useUnits();
const by = ref<SolveFor>('weight');
const depthM = ref(tank.film?.done.midCastDepthM ?? water.water.depthM / 2);
watch(
  () => water.water.depthM,
  (deepest) => (depthM.value = Math.min(depthM.value, deepest)),
);
const kinds = SOLVE_FOR.map((value) => ({ value, title: words.solveNames[value] }));
const { last, busy, problem } = useNewest(
  () => {
    const { rig } = tank.tank;
    return rig && { rig, plan: tank.plan, water: water.water, by: by.value, depthM: depthM.value };
  },
  (of) => askTank('solve', of),
);
const solved = computed(() => last.value?.answer.solved ?? null);

function amount({ for: of }: Solved, value: number): string {
  if (of === 'weight') return shownHeadStep(massKgFromOz(value), system.value);
  if (of === 'speed') return show('speed', value);
  if (of === 'countdown') return words.seconds(value);
  return show('lineStrength', massKgFromLb(value));
}
const found = computed(() => {
  if (!last.value) return null;
  const { to, answer } = last.value;
  const { solved: of, bandM, nearestBandM } = answer;
  return {
    value: of.value,
    takes: of.value === null ? '' : amount(of, of.value),
    runs: words.thenRuns(show('depth', to.depthM), showAround('depth', bandM)),
    nearest: of.nearest && {
      value: of.nearest.value,
      says: words.nearestSold(
        amount(of, of.nearest.value),
        show('depth', of.nearest.depthM),
        showAround('depth', nearestBandM),
      ),
    },
  };
});
const why = computed(() => {
  const code = solved.value?.why?.code;
  if (code === undefined) return '';
  if (code === 'never-half-way') return words.neverHalfWay;
  const wanted = show('depth', last.value!.to.depthM);
  return code === 'jumps-past' ? words.jumpsPast(wanted) : words.noSettingReaches(wanted);
});

/** Sets what was found. */
function take(value: number): void {
  const of = last.value?.to;
  if (!of || tank.tank.rig === null) return;
  const set = withSetting(tank.tank.rig, tank.tank.plan, of.by, value);
  void tank.change(of.by === 'weight' ? { rig: set.rig } : { plan: set.plan });
}
</script>

<template>
  <div class="solve" data-testid="tank-solve">
    <div class="solve__ask">
      <SelectField v-model="by" :label="words.solveFor" :items="kinds" />
      <UnitField v-model="depthM" :label="words.runsAt" quantity="depth" :min="0.05" :max="water.water.depthM" />
    </div>
    <div role="status" :aria-busy="busy">
      <template v-if="found">
        <p v-if="found.value !== null" class="solve__found">
          {{ words.found }} <b class="number">{{ found.takes }}</b>
          <button type="button" class="press act" @click="take(found.value)">{{ words.takeIt }}</button>
          <span class="solve__runs">{{ found.runs }}</span>
        </p>
        <p v-else class="solve__why">{{ why }}</p>
        <p v-if="found.nearest">
          {{ found.nearest.says }}
          <button type="button" class="press" @click="take(found.nearest.value)">{{ words.takeIt }}</button>
        </p>
      </template>
      <p v-else-if="busy" class="soft solve__runs">{{ words.isSolving }}</p>
    </div>
    <p v-if="problem" role="alert" class="solve__why">{{ problem }}</p>
    <TankSolveMore :depth-m="depthM" />
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
.solve__runs {
  padding: 12px 0 0 12px;
  font-size: 16px;
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
