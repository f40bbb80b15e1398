<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import SelectField from '../../parts/SelectField.vue';
import { useOutings } from '../../stores/outings';
import { useWater } from '../../stores/water';
import { useRigChoices } from './useRigChoices';
import * as words from '../../locale/en/log';

/** Begins an outing: what is on each rod. */
const outings = useOutings();
const water = useWater();
const { choices, planned, stops, deck } = useRigChoices();
const MOST_RODS = 8;

const place = ref(water.place);
/** on each rod a rig by its value; an empty one is not chosen yet */
const rods = ref<string[]>([]);
watch(
  [planned, choices],
  () => {
    if (rods.value.some((value) => value !== '')) return;
    const first = planned.value.length > 0 ? planned.value : choices.value.slice(0, 1);
    rods.value = first.slice(0, MOST_RODS).map(({ value }) => value);
  },
  { immediate: true },
);
const items = computed(() => [{ value: '', title: words.choose }, ...choices.value]);
const stopItems = computed(() => [
  { value: -1, title: place.value || words.here },
  ...stops.value.map(({ name }, value) => ({ value, title: name })),
]);
const stop = ref(-1);
watch(
  () => deck.trip?.now,
  (now) => (stop.value = now ?? (planned.value.length > 0 && stops.value.length > 0 ? 0 : -1)),
  { immediate: true },
);
const tied = computed(() => rods.value.flatMap((value) => choices.value.find((one) => one.value === value) ?? []));
async function begin(): Promise<void> {
  const at = stops.value[stop.value];
  await outings.start(place.value.trim(), tied.value, at?.name ?? '', at?.water ?? water.water);
}
</script>

<template>
  <section class="begin" :aria-label="words.goOut">
    <h2>{{ words.goOut }}</h2>
    <p v-if="choices.length === 0" class="begin__none">{{ words.nothingToTie }}</p>
    <template v-else>
      <p class="soft">{{ words.goOutSays }}</p>
      <v-text-field v-model="place" :label="words.place" :maxlength="80" hide-details />
      <SelectField v-if="stops.length > 0" v-model="stop" :label="words.stop" :items="stopItems" />
      <div v-for="(_, at) in rods" :key="at" class="begin__rod">
        <SelectField v-model="rods[at]!" :label="words.rodNamed(at + 1)" :items="items" />
        <button
          v-if="rods.length > 1"
          type="button"
          class="press"
          :aria-label="`${words.takeRodAway}: ${at + 1}`"
          @click="rods.splice(at, 1)"
        >
          −
        </button>
      </div>
      <button type="button" class="press" :disabled="rods.length >= MOST_RODS" @click="rods.push('')">
        {{ words.addRod }}
      </button>
      <button type="button" class="press act begin__go" :disabled="tied.length === 0" @click="begin">
        {{ words.begin }}
      </button>
    </template>
  </section>
</template>

<style scoped>
.begin {
  display: grid;
  gap: 12px;
  max-width: 620px;
  padding: 12px 14px 24px;
}
.begin__rod {
  display: grid;
  grid-template-columns: 1fr auto;
  align-items: end;
  gap: 8px;
}
.begin__go {
  min-height: 60px;
  font-size: 20px;
}
</style>
