<script setup lang="ts">
import { computed } from 'vue';
import { isColdWater } from '@core';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useOutings } from '../../stores/outings';
import { useWater } from '../../stores/water';
import type { PlannedStop } from './useRigChoices';
import * as words from '../../locale/en/log';

/** Where one is, and in which water. */
const props = defineProps<{ stops: readonly PlannedStop[]; place: string }>();
const outings = useOutings();
const water = useWater();
const notices = useNotices();
const { show } = useUnits();
const stop = computed(() => outings.now?.stop ?? '');
const index = computed({
  get: () => props.stops.findIndex(({ name }) => name === stop.value),
  set: (at: number) => {
    const to = props.stops[at];
    if (!to) return;
    void outings.moveTo(to.name, to.water).then((isNoted) => isNoted && notices.say(words.movedTo(to.name)));
  },
});
const items = computed(() => [
  { value: -1, title: stop.value || props.place || words.here },
  ...props.stops.map(({ name }, value) => ({ value, title: name })),
]);
const next = computed(() => props.stops[index.value + 1] ?? null);
const at = computed(() => outings.now?.water ?? water.water);
const waterText = computed(() =>
  [
    show('temperature', at.value.temperatureC),
    show('visibility', at.value.visibilityM),
    show('depth', at.value.depthM),
  ].join(' · '),
);
</script>

<template>
  <section class="where" :aria-label="words.stopAndWater">
    <div v-if="stops.length > 0" class="where__stop">
      <SelectField v-model="index" :label="words.stop" :items="items" />
      <button v-if="next" type="button" class="press" @click="index = index + 1">
        {{ words.nextStop }}: {{ next.name }}
      </button>
    </div>
    <p><FractionText :text="waterText" /></p>
    <p v-if="isColdWater(at)" class="soft where__care">{{ words.coldCaution }}</p>
  </section>
</template>

<style scoped>
.where {
  display: grid;
  gap: 6px;
  padding-top: 8px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.where__stop {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-items: end;
  gap: 8px;
}
.where__care {
  font-size: 14px;
}
</style>
