<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  CAST_OVER_TIP_M,
  LINE_KINDS,
  massKgFromLb,
  lbFromMassKg,
  PLAN_LIMITS,
  slackAtSplashM,
  type RetrievePlan,
} from '@core';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/tank';

/** What goes with a retrieve beside its steps: cast, tip, line; wind, current and drift on it; how the bottom slopes. */
const tank = useTank();
const water = useWater();
const { show } = useUnits();
const problem = ref('');

const plan = computed(() => tank.tank.plan);
/** Line out beyond the height of the tip: a cast shorter than that is none. */
function set(part: Partial<RetrievePlan>): void {
  const next = { ...plan.value, ...part };
  const least = next.tipHeightM + CAST_OVER_TIP_M;
  if (next.castM < least) {
    problem.value = words.castTooShort(show('depth', least));
    return;
  }
  problem.value = '';
  void tank.setPlan(part);
}
const field = <K extends 'castM' | 'tipHeightM' | 'driftMps' | 'currentMps' | 'windMps'>(name: K) =>
  computed({ get: () => plan.value[name] ?? 0, set: (value: number) => set({ [name]: value }) });
const castM = field('castM');
// a pitch is given what is asked of it as long as nobody says otherwise
const slackM = computed({
  get: () => Math.min(plan.value.castM, slackAtSplashM(plan.value)),
  set: (value: number) => set({ slackM: value }),
});
const mostGivenM = computed(() => Math.min(PLAN_LIMITS.slackM.max, plan.value.castM));
const tipM = field('tipHeightM');
const driftMps = field('driftMps');
const currentMps = field('currentMps');
const windMps = field('windMps');
const kinds = LINE_KINDS.map((value) => ({ value, title: words.lineKinds[value] }));
const kind = computed({
  get: () => plan.value.line.kind,
  set: (next) => set({ line: { ...plan.value.line, kind: next } }),
});
const lb = computed({
  get: () => massKgFromLb(plan.value.line.lb),
  set: (kg: number) => set({ line: { ...plan.value.line, lb: lbFromMassKg(kg) } }),
});

/** The bottom as a slope: level where nobody says. */
const bottomAt = (end: 0 | 1): number => plan.value.bottom?.at(end === 0 ? 0 : -1)?.[1] ?? water.water.depthM;
function slope(near: number, far: number): void {
  const { depthM } = water.water;
  if (Math.max(near, far) > depthM + 1e-9) {
    problem.value = words.deeperThanTheWater(show('depth', depthM));
    return;
  }
  set({
    bottom: [
      [0, near],
      [plan.value.castM, far],
    ],
  });
}
const near = computed({ get: () => bottomAt(0), set: (m: number) => slope(m, bottomAt(1)) });
const far = computed({ get: () => bottomAt(1), set: (m: number) => slope(bottomAt(0), m) });
</script>

<template>
  <details class="cast">
    <summary>{{ words.castAndLine }}</summary>
    <p v-if="problem" class="cast__problem" role="alert">{{ problem }}</p>
    <div class="cast__fields">
      <UnitField v-model="castM" :label="words.cast" quantity="depth" v-bind="PLAN_LIMITS.castM" />
      <UnitField
        v-model="slackM"
        :label="words.givenAtSplash"
        quantity="depth"
        :min="PLAN_LIMITS.slackM.min"
        :max="mostGivenM"
      />
      <UnitField v-model="tipM" :label="words.tip" quantity="depth" v-bind="PLAN_LIMITS.tipHeightM" />
      <SelectField v-model="kind" :label="words.lineKind" :items="kinds" />
      <UnitField
        v-model="lb"
        :label="words.lineStrength"
        quantity="lineStrength"
        :min="massKgFromLb(PLAN_LIMITS.lineLb.min)"
        :max="massKgFromLb(PLAN_LIMITS.lineLb.max)"
      />
      <UnitField v-model="near" :label="words.bottomNear" quantity="depth" v-bind="PLAN_LIMITS.depthM" />
      <UnitField v-model="far" :label="words.bottomFar" quantity="depth" v-bind="PLAN_LIMITS.depthM" />
      <UnitField v-model="driftMps" :label="words.drift" quantity="speed" v-bind="PLAN_LIMITS.driftMps" />
      <UnitField v-model="currentMps" :label="words.current" quantity="speed" v-bind="PLAN_LIMITS.currentMps" />
      <UnitField v-model="windMps" :label="words.wind" quantity="speed" v-bind="PLAN_LIMITS.windMps" />
    </div>
  </details>
</template>

<style scoped>
.cast summary {
  padding: 8px 0;
  font: 600 16px var(--v-font-heading);
  cursor: pointer;
}
.cast__fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 8px 16px;
}
.cast__problem {
  color: rgb(var(--v-theme-oxblood));
}
@media (max-width: 700px) {
  .cast summary {
    min-height: 48px;
  }
}
</style>
