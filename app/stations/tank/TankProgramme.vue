<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  CAST_OVER_TIP_M,
  castOf,
  isCast,
  PLAN_LIMITS,
  PROGRAMME_IDS,
  PROGRAMME_TEXT,
  turnsPerS,
  type ProgrammeId,
  type RetrieveStep,
} from '@core';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import TankCast from './TankCast.vue';
import TankStrip from './TankStrip.vue';
import {
  castFirst,
  comesBack,
  givesLine,
  givingLine,
  metresOf,
  NEW_STEPS,
  secondsOf,
  settled,
  STEP_KINDS,
  withSeconds,
  type StepKind,
} from './steps';
import * as words from '../../locale/en/tank';

/** The retrieve: a programme to begin with, and its steps, each dragged, stepped or typed. */
const tank = useTank();
const { show } = useUnits();
const problem = ref('');
/** the step that is at hand */
const chosen = ref(0);
const MOST_STEPS = 60;

const steps = computed(() => tank.plan.steps);
const at = computed(() => Math.min(chosen.value, steps.value.length - 1));
const step = computed(() => steps.value[at.value]!);

const BY_HAND = 'by-hand';
const programme = computed({
  get: (): string => tank.tank.programme ?? BY_HAND,
  set: (id) => {
    problem.value = '';
    chosen.value = 0;
    if (id !== BY_HAND) void tank.begin(id as ProgrammeId);
  },
});
const programmes = [
  { value: BY_HAND, title: words.byHand },
  ...PROGRAMME_IDS.map((value) => ({ value, title: PROGRAMME_TEXT[value].name })),
];
const says = computed(() => (tank.tank.programme ? PROGRAMME_TEXT[tank.tank.programme].says : ''));

function set(next: readonly RetrieveStep[]): void {
  if (!comesBack(next)) {
    problem.value = words.neverMoves;
    tank.cancelDrag();
    return;
  }
  const cast = castFirst(next);
  const least = tank.plan.tipHeightM + CAST_OVER_TIP_M;
  if (castOf({ castM: tank.plan.castM, steps: cast }) < least) {
    problem.value = words.castTooShort(show('depth', least));
    tank.cancelDrag();
    return;
  }
  problem.value = '';
  // where a cast had to go to the front, what was at hand stays at hand
  const goesOn = next[at.value];
  if (goesOn) chosen.value = Math.max(0, cast.indexOf(goesOn));
  void tank.setSteps(settled(cast));
}
const put = (part: RetrieveStep): void => set(steps.value.map((other, nth) => (nth === at.value ? part : other)));
const kinds = STEP_KINDS.map((value) => ({ value, title: words.stepNames[value] }));
const kind = computed({ get: () => step.value.do, set: (next: StepKind) => put(NEW_STEPS[next]) });
const seconds = computed({ get: () => secondsOf(step.value) ?? 0, set: (s) => put(withSeconds(step.value, s)) });
const pace = computed({
  get: () => ('mPerS' in step.value ? step.value.mPerS : 0),
  set: (mPerS) => 'mPerS' in step.value && put({ ...step.value, mPerS }),
});
const height = computed({
  get: () => ('m' in step.value ? step.value.m : 0),
  set: (m) => 'm' in step.value && put({ ...step.value, m }),
});
const metres = computed(() => metresOf(step.value));
const metresLabel = computed(() => {
  if (isCast(step.value)) return words.castLength;
  return step.value.do === 'drag' ? words.draggedFor : words.height;
});
const given = computed({
  get: () => ('slackM' in step.value ? (step.value.slackM ?? 0) : 0),
  set: (slackM) => put(givingLine(step.value, slackM)),
});
const rhythm = computed({
  get: () => (step.value.do === 'shake' ? step.value.hz : 0),
  set: (hz) => step.value.do === 'shake' && put({ ...step.value, hz }),
});
const turns = computed(() => (pace.value > 0 ? words.turnsOfTheHandle(turnsPerS(pace.value).toFixed(1)) : ''));

function add(): void {
  if (steps.value.length >= MOST_STEPS) {
    problem.value = words.mostSteps;
    return;
  }
  const next = [...steps.value];
  next.splice(at.value + 1, 0, NEW_STEPS.pause);
  set(next);
  chosen.value = at.value + 1;
}
function remove(): void {
  set(steps.value.filter((_, nth) => nth !== at.value));
  chosen.value = Math.max(0, at.value - 1);
}
function shift(by: 1 | -1): void {
  const to = at.value + by;
  if (to < 0 || to >= steps.value.length) return;
  const next = [...steps.value];
  [next[at.value], next[to]] = [next[to]!, next[at.value]!];
  set(next);
  chosen.value = to;
}
</script>

<template>
  <div class="programme" data-testid="tank-programme">
    <div class="programme__begin">
      <SelectField v-model="programme" :label="words.programme" :items="programmes" />
      <p v-if="says" class="programme__says">{{ says }}</p>
    </div>
    <TankStrip
      :steps="steps"
      @preview="tank.preview($event)"
      @set="set"
      @cancel="tank.cancelDrag()"
      @choose="chosen = $event"
    />
    <p v-if="problem" class="programme__problem" role="alert">{{ problem }}</p>
    <div class="programme__step" role="group" :aria-label="words.stepName(at + 1, words.stepNames[step.do])">
      <b class="programme__which condensed">{{ at + 1 }}</b>
      <SelectField v-model="kind" :label="words.steps" :items="kinds" />
      <UnitField
        v-if="secondsOf(step) !== null"
        v-model="seconds"
        :label="words.lasts"
        quantity="time"
        :min="step.do === 'countdown' ? 0 : PLAN_LIMITS.seconds.min"
        :max="PLAN_LIMITS.seconds.max"
      />
      <p v-else-if="metres === null" class="soft programme__end">{{ words.toTheEnd }}</p>
      <UnitField
        v-if="'mPerS' in step"
        v-model="pace"
        :label="words.pace"
        quantity="speed"
        :min="PLAN_LIMITS.reelMps.min"
        :max="PLAN_LIMITS.reelMps.max"
        :hint="turns"
      />
      <UnitField
        v-if="metres"
        v-model="height"
        :label="metresLabel"
        quantity="depth"
        :min="metres.min"
        :max="metres.max"
      />
      <UnitField
        v-if="givesLine(step)"
        v-model="given"
        :label="words.lineGiven"
        quantity="depth"
        :min="PLAN_LIMITS.slackM.min"
        :max="Math.min(PLAN_LIMITS.slackM.max, tank.plan.castM)"
      />
      <UnitField
        v-if="step.do === 'shake'"
        v-model="rhythm"
        :label="words.rhythm"
        quantity="rhythm"
        :min="PLAN_LIMITS.hz.min"
        :max="PLAN_LIMITS.hz.max"
      />
      <div class="programme__buttons">
        <button type="button" class="press" :disabled="at === 0" :aria-label="words.earlier(at + 1)" @click="shift(-1)">
          ‹
        </button>
        <button
          type="button"
          class="press"
          :disabled="at >= steps.length - 1"
          :aria-label="words.later(at + 1)"
          @click="shift(1)"
        >
          ›
        </button>
        <button type="button" class="press" @click="add">{{ words.addStep }}</button>
        <button type="button" class="press" :disabled="steps.length < 2" @click="remove">
          {{ words.removeStep(at + 1) }}
        </button>
      </div>
    </div>
    <TankCast />
    <p class="visually-hidden" role="status">{{ show('depth', tank.film?.done.midCastDepthM ?? 0) }}</p>
  </div>
</template>

<style scoped>
.programme__begin {
  display: grid;
  grid-template-columns: 240px 1fr;
  gap: 14px;
  align-items: end;
  padding-bottom: 8px;
}
.programme__says {
  padding-bottom: 8px;
}
.programme__problem {
  color: rgb(var(--v-theme-oxblood));
  padding: 4px 0;
}
.programme__step {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: end;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.programme__which {
  font-size: 26px;
  line-height: 40px;
}
.programme__end {
  line-height: 40px;
}
.programme__buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
@media (max-width: 700px) {
  .programme__begin {
    grid-template-columns: 1fr;
  }
}
</style>
