<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue';
import { COUNTED_S, massKgFromLb, NAME, TEST_LIMITS, type TimedTest } from '@core';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import PlainNumber from '../deck/PlainNumber.vue';
import { gearPartTitle } from '../../parts/gear-part';
import { useKeys } from '../../composables/useKeys';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import TestFrame from './TestFrame.vue';
import { useTestRig } from './useTestRig';
import * as words from '../../locale/en/log-tests';

/** Counts a wake: handle turns in ten seconds at which a lure just breaks the surface. */
const emit = defineEmits<{ keep: [test: TimedTest]; cancel: [] }>();
const box = useBox();
const { system, show } = useUnits();
const of = useTestRig();
const { rig, base } = of;
const { castM: CAST, tipM: TIP, turns: TURNS, times: MOST } = TEST_LIMITS;
const PER_TURN = { min: 0.2, max: 2 } as const;
const mPerTurn = ref(box.box.reels[0]?.perTurnM ?? 0.65);
const castM = ref(20);
const tipM = ref(1);
const LINE = { kind: 'fluorocarbon', lb: 15 } as const;
const lines = computed(() =>
  box.box.lines.length === 0
    ? [{ value: 0, title: `${show('lineStrength', massKgFromLb(LINE.lb))} ${NAME[LINE.kind]}` }]
    : box.box.lines.map((_, value) => ({ value, title: gearPartTitle('lines', box.box, value, system.value) })),
);
const lineAt = ref(0);
const line = computed(() => {
  const { kind, lb } = box.box.lines[lineAt.value] ?? LINE;
  return { kind, lb };
});

const left = ref<number | null>(null);
let timer: ReturnType<typeof setInterval> | undefined;
onBeforeUnmount(() => clearInterval(timer));
function start(): void {
  if (left.value !== null) return;
  const ends = performance.now() + 1000 * COUNTED_S;
  left.value = COUNTED_S;
  timer = setInterval(() => {
    left.value = Math.max(0, (ends - performance.now()) / 1000);
    if (left.value > 0) return;
    clearInterval(timer);
    left.value = null;
    asks.value = true;
    (navigator as Partial<Navigator>).vibrate?.(200);
  }, 100);
}
useKeys({ ' ': start });
const asks = ref(false);
const turns = ref<number | undefined>(12);
const readings = ref<TimedTest['readings']>([]);
function add(): void {
  if (turns.value === undefined || readings.value.length >= MOST) return;
  readings.value = [...readings.value, { value: turns.value }];
  asks.value = false;
}
const draft = computed((): TimedTest | null =>
  rig.value && readings.value.length > 0
    ? {
        ...base(),
        what: 'wake',
        readings: readings.value,
        mPerTurn: mPerTurn.value,
        castM: castM.value,
        tipM: tipM.value,
        line: line.value,
      }
    : null,
);
const keep = (): void => void (draft.value && emit('keep', draft.value));
</script>

<template>
  <TestFrame
    class="wake"
    :label="words.newWake"
    :of="of"
    :can-keep="draft !== null"
    data-testid="wake"
    @keep="keep"
    @cancel="$emit('cancel')"
  >
    <template #fields>
      <UnitField
        v-model="mPerTurn"
        :label="words.perTurn"
        quantity="visibility"
        :min="PER_TURN.min"
        :max="PER_TURN.max"
      />
      <UnitField v-model="castM" :label="words.cast" quantity="depth" :min="CAST.min" :max="CAST.max" />
      <UnitField v-model="tipM" :label="words.tip" quantity="depth" :min="TIP.min" :max="TIP.max" />
      <SelectField v-model="lineAt" :label="words.line" :items="lines" />
    </template>
    <p>{{ words.wakeHow }}</p>
    <button type="button" class="wake__start" :disabled="left !== null" @click="start">
      {{ left === null ? words.startTen : words.tenRuns(left.toFixed(1)) }}
    </button>
    <form class="wake__turns" @submit.prevent="add">
      <PlainNumber v-model="turns" :label="words.turnsWere" :min="TURNS.min" :max="TURNS.max" :step="0.5" />
      <button type="submit" class="press" :class="{ act: asks }">{{ words.addReading }}</button>
    </form>
    <ol v-if="readings.length > 0" data-testid="readings">
      <li v-for="(reading, at) in readings" :key="at">{{ words.turns(reading.value) }}</li>
    </ol>
  </TestFrame>
</template>

<style scoped>
.wake__start {
  min-height: 92px;
  border: 3px solid rgb(var(--v-theme-oxblood));
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
  font: 700 24px var(--v-font-heading);
}
.wake__start:disabled {
  background: none;
  color: inherit;
}
.wake__turns {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
}
</style>
