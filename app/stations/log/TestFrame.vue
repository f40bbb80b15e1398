<script setup lang="ts">
import type { Rig } from '@core';
import RigDrawing from '../../parts/RigDrawing.vue';
import SelectField from '../../parts/SelectField.vue';
import * as words from '../../locale/en/log';

/** What every test begins and ends with: the rig it is of; whether it is practice; kept, or not. */
defineProps<{
  label: string;
  choices: readonly { readonly value: string; readonly title: string }[];
  rig: Rig | null;
  canKeep: boolean;
}>();
const chosen = defineModel<string>('chosen', { required: true });
const isPractice = defineModel<boolean>('isPractice', { required: true });
defineEmits<{ keep: []; cancel: [] }>();
</script>

<template>
  <section class="test" :aria-label="label">
    <p v-if="choices.length === 0">{{ words.nothingToTie }}</p>
    <template v-else>
      <SelectField v-model="chosen" :label="words.testRig" :items="choices" />
      <RigDrawing v-if="rig" :rig="rig" :frame-mm="140" :label="words.testRig" />
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
.test__row {
  display: flex;
  gap: 10px;
}
.test__row .press {
  min-height: 52px;
}
</style>
