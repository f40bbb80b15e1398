<script setup lang="ts">
import { computed, ref } from 'vue';
import { TEST_LIMITS, type TimedTest } from '@core';
import UnitField from '../../parts/UnitField.vue';
import { useUnits } from '../../composables/useUnits';
import { useWater } from '../../stores/water';
import TestFrame from './TestFrame.vue';
import { useTestRig } from './useTestRig';
import * as words from '../../locale/en/log-tests';

/** Reads how far aside a lure lands that falls on a slack line: what the angle of its fall is told by. */
const emit = defineEmits<{ keep: [test: TimedTest]; cancel: [] }>();
const water = useWater();
const { show } = useUnits();
const of = useTestRig();
const { rig, base } = of;
const { depthM: DEPTH, asideM: ASIDE, times: MOST } = TEST_LIMITS;
const depthM = ref(Math.min(DEPTH.max, Math.max(1, water.water.depthM)));
const asideM = ref(0.3);
const readings = ref<TimedTest['readings']>([]);
function add(): void {
  if (readings.value.length < MOST) readings.value = [...readings.value, { value: asideM.value }];
}
const draft = computed((): TimedTest | null =>
  rig.value && readings.value.length > 0
    ? { ...base(), what: 'aside', depthM: depthM.value, readings: readings.value }
    : null,
);
const keep = (): void => void (draft.value && emit('keep', draft.value));
</script>

<template>
  <TestFrame
    class="aside"
    :label="words.newAside"
    :of="of"
    :can-keep="draft !== null"
    data-testid="aside-test"
    @keep="keep"
    @cancel="$emit('cancel')"
  >
    <template #fields>
      <UnitField v-model="depthM" :label="words.depth" quantity="depth" :min="DEPTH.min" :max="DEPTH.max" />
    </template>
    <p>{{ words.asideHow }}</p>
    <form class="aside__read" @submit.prevent="add">
      <UnitField v-model="asideM" :label="words.asideWas" quantity="depth" :min="ASIDE.min" :max="ASIDE.max" />
      <button type="submit" class="press">{{ words.addReading }}</button>
    </form>
    <ol v-if="readings.length > 0" data-testid="readings">
      <li v-for="(reading, at) in readings" :key="at">{{ words.landedAside(show('depth', reading.value)) }}</li>
    </ol>
  </TestFrame>
</template>

<style scoped>
.aside__read {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 10px;
}
.aside__read .press {
  min-height: 52px;
}
</style>
