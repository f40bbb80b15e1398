<script setup lang="ts">
import { TEST_LIMITS } from '@core';
import RigDrawing from '../../parts/RigDrawing.vue';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import type { useTestRig } from './useTestRig';
import * as words from '../../locale/en/log-tests';

/** What every test begins and ends with: the rig it is of and its water; whether it is practice; kept, or not. */
const props = defineProps<{ label: string; of: ReturnType<typeof useTestRig>; canKeep: boolean }>();
defineEmits<{ keep: []; cancel: [] }>();
const { choices, chosen, rig, temperatureC, isPractice } = props.of;
const { temperatureC: TEMPERATURE } = TEST_LIMITS;
</script>

<template>
  <section class="test" :aria-label="label">
    <p v-if="choices.length === 0">{{ words.nothingToTie }}</p>
    <template v-else>
      <SelectField v-model="chosen" :label="words.testRig" :items="choices" />
      <RigDrawing v-if="rig" :rig="rig" :frame-mm="140" :label="words.testRig" />
      <div class="test__fields">
        <slot name="fields" />
        <UnitField
          v-model="temperatureC"
          :label="words.waterTemperature"
          quantity="temperature"
          :min="TEMPERATURE.min"
          :max="TEMPERATURE.max"
        />
      </div>
      <slot />
      <v-checkbox v-model="isPractice" :label="words.isPractice" hide-details density="compact" />
      <slot name="practice" />
      <div class="test__row">
        <button type="button" class="press act" :disabled="!canKeep" @click="$emit('keep')">
          {{ words.keepTest }}
        </button>
        <button type="button" class="press" @click="$emit('cancel')">{{ words.discard }}</button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.test {
  display: grid;
  gap: 10px;
}
.test :deep(ol) {
  padding-left: 22px;
}
.test__fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 220px));
  gap: 10px;
}
.test__row {
  display: flex;
  gap: 10px;
}
.test__row .press {
  min-height: 52px;
}
</style>
