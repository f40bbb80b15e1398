<script setup lang="ts">
import { computed } from 'vue';
import type { Cover } from '@core';
import UnitField from '../../parts/UnitField.vue';
import SelectField from '../../parts/SelectField.vue';
import { useWater } from '../../stores/water';
import { COVER_CHOICES, DENSITY_CHOICES } from './water-choices';
import * as words from '../../locale/en/water';

const props = defineProps<{ row: Cover; number: number }>();
const emit = defineEmits<{ change: [row: Cover]; remove: [] }>();
const store = useWater();

const kind = computed({ get: () => props.row.kind, set: (value) => emit('change', { ...props.row, kind: value }) });
const density = computed({
  get: () => props.row.density,
  set: (value) => emit('change', { ...props.row, density: value }),
});
const topM = computed({
  get: () => props.row.topM ?? 0,
  set: (value: number) => emit('change', { ...props.row, topM: value }),
});

function forgetTop(): void {
  const { topM: _gone, ...rest } = props.row;
  emit('change', rest);
}
</script>

<template>
  <div class="cover-row" role="group" :aria-label="words.coverNumber(number)">
    <SelectField v-model="kind" :items="COVER_CHOICES" :label="words.what" bare />
    <SelectField v-model="density" :items="DENSITY_CHOICES" :label="words.howThick" bare />
    <button
      type="button"
      class="press cover-row__less"
      :aria-label="words.removeCover(number)"
      @click="$emit('remove')"
    >
      ×
    </button>
    <div v-if="row.topM !== undefined" class="cover-row__top">
      <UnitField v-model="topM" :label="words.topAtDepth" quantity="depth" :min="0" :max="store.water.depthM" />
      <button type="button" class="press press--text" @click="forgetTop">{{ words.topUnknown }}</button>
    </div>
    <button v-else type="button" class="press press--text cover-row__top" @click="topM = 0">
      {{ words.howHighDoesItReach }}
    </button>
  </div>
</template>

<style scoped>
.cover-row {
  display: grid;
  grid-template-columns: 1fr 118px 40px;
  gap: 5px;
  align-items: start;
}
.press.cover-row__less {
  min-width: 40px;
  min-height: 40px;
  font-size: 20px;
}
.cover-row__top {
  grid-column: 1 / -1;
}
div.cover-row__top {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 6px;
  align-items: center;
}
.cover-row__top.press {
  justify-self: start;
  min-height: 26px;
}
@media (max-width: 700px) {
  .cover-row {
    grid-template-columns: 1fr 130px 48px;
  }
  .press.cover-row__less,
  .cover-row__top.press {
    min-width: 48px;
    min-height: 48px;
  }
}
</style>
