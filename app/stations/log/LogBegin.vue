<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { rigTitle, sameJson, type Rig } from '@core';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { useOutings } from '../../stores/outings';
import { useWater } from '../../stores/water';
import BoxRig from './BoxRig.vue';
import { useRigChoices, type RigChoice } from './useRigChoices';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/log';

/** Begins an outing: what is on each rod. */
const outings = useOutings();
const water = useWater();
const box = useBox();
const { system } = useUnits();
const { choices: offered, planned, otherDay, stops, deck } = useRigChoices();
const MOST_RODS = 8;

/** rigs that were taken from the box for this outing */
const fromBox = shallowRef<readonly RigChoice[]>([]);
const choices = computed(() => [...offered.value, ...fromBox.value]);
const isTaking = ref(false);

const place = ref(water.place);
/** on each rod a rig by its value; an empty one is not chosen yet */
const rods = ref<string[]>([]);
watch(
  [planned, choices],
  () => {
    if (rods.value.some((value) => value !== '')) return;
    const isToday = planned.value.length > 0 && otherDay.value === null;
    const first = isToday ? planned.value : choices.value.filter(({ value }) => !value.startsWith('plan')).slice(0, 1);
    rods.value = first.length > 0 ? first.slice(0, MOST_RODS).map(({ value }) => value) : [''];
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
  [() => deck.trip?.now, otherDay],
  ([now, other]) =>
    (stop.value = other !== null ? -1 : (now ?? (planned.value.length > 0 && stops.value.length > 0 ? 0 : -1))),
  { immediate: true },
);
const tied = computed(() => rods.value.flatMap((value) => choices.value.find((one) => one.value === value) ?? []));
/** A rig of the box goes on the first rod that has none yet, or on one more. */
function takeFromBox(rig: Rig): void {
  isTaking.value = false;
  const known = choices.value.find((one) => sameJson(one.rig, rig));
  const value = known?.value ?? `box ${fromBox.value.length}`;
  if (!known) {
    fromBox.value = [...fromBox.value, { value, title: `${words.fromBox}: ${rigTitle(rig, system.value)}`, rig }];
  }
  const free = rods.value.indexOf('');
  rods.value = free < 0 ? [...rods.value, value] : rods.value.map((was, at) => (at === free ? value : was));
}
async function begin(): Promise<void> {
  const at = stops.value[stop.value];
  await outings.start(place.value.trim(), tied.value, at?.name ?? '', at?.water ?? water.water);
}
</script>

<template>
  <section class="begin" :aria-label="words.goOut">
    <h2>{{ words.goOut }}</h2>
    <p v-if="choices.length === 0" class="begin__none">{{ words.nothingToTie }}</p>
    <template v-if="choices.length > 0">
      <p class="soft">{{ words.goOutSays }}</p>
      <p v-if="otherDay" class="soft" data-testid="other-day">{{ words.plannedFor(otherDay) }}</p>
      <TextField v-model="place" :label="words.place" :maxlength="80" />
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
    </template>
    <template v-if="box.box.heads.length > 0 && (rods.length < MOST_RODS || rods.includes(''))">
      <button type="button" class="press folds" :aria-expanded="isTaking" @click="isTaking = !isTaking">
        {{ words.ofTheBox }}
      </button>
      <BoxRig v-if="isTaking" @take="takeFromBox" />
    </template>
    <button
      v-if="choices.length > 0"
      type="button"
      class="press act begin__go"
      :disabled="tied.length === 0"
      @click="begin"
    >
      {{ words.begin }}
    </button>
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
