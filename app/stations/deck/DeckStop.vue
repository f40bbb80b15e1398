<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import {
  COVER_NAME,
  issueText,
  NAME,
  TRIP_LIMITS,
  WATER_LIMITS,
  withSaid,
  type Issue,
  type KeptStop,
  type Water,
} from '@core';
import SelectField from '../../parts/SelectField.vue';
import TextField from '../../parts/TextField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useTakeWater } from '../../composables/useTakeWater';
import { useDeck } from '../../stores/deck';
import { monthOf, today, useWater } from '../../stores/water';
import { placeName } from '../water/place-name';
import PlainNumber from './PlainNumber.vue';
import StopAnswer from './StopAnswer.vue';
import StopHours from './StopHours.vue';
import type { PlanView } from './useDeckPlan';
import * as words from '../../locale/en/deck';

/** One stop: how long, how much it counts, its water by the hour, what answers it and how fast it is fished. */
const props = defineProps<{ stop: KeptStop; at: number; count: number; view: PlanView | null }>();
const emit = defineEmits<{ choose: [id: string] }>();
const deck = useDeck();
const waters = useWater();
const router = useRouter();
const takeWater = useTakeWater();

const problem = ref('');
const say = (issues: readonly Issue[]): void => void (problem.value = issues.map(issueText).join(' '));
watch(
  () => props.stop.id,
  () => (problem.value = ''),
);
const name = computed(() => words.stopTitle(props.at + 1, props.stop.name));
const field = <F extends 'minutes' | 'weight' | 'coverM'>(of: F) =>
  computed({
    get: () => props.stop[of],
    set: (value: number | undefined) => say(deck.changeStop(props.stop.id, { [of]: value })),
  });
const [minutes, weight, coverM] = [field('minutes'), field('weight'), field('coverM')];
const coverLength = computed({
  get: () => coverM.value ?? 0,
  set: (m: number) => (coverM.value = m > 0 ? m : undefined),
});
const placed = <F extends 'lat' | 'lon'>(of: F) =>
  computed({
    get: () => props.stop[of],
    set: (value: number | undefined) => say(deck.changeStop(props.stop.id, { [of]: value })),
  });
const [lat, lon] = [placed('lat'), placed('lon')];

/** changes of depth take along what lay deeper, of temperature a season nobody said */
function changeWater(part: Partial<Water>): void {
  const before = props.stop.water;
  const { season = before.season } = withSaid(before, part, monthOf(deck.trip!.day ?? today()));
  const water = { ...before, ...part, season };
  const cover = water.cover.map((one) =>
    one.topM !== undefined && one.topM > water.depthM ? { ...one, topM: water.depthM } : one,
  );
  say(deck.changeStop(props.stop.id, { water: { ...water, cover } }));
}
const ofWater = <F extends 'temperatureC' | 'visibilityM' | 'depthM'>(of: F) =>
  computed({ get: () => props.stop.water[of], set: (value: number) => changeWater({ [of]: value }) });
const [temperatureC, visibilityM, depthM] = [ofWater('temperatureC'), ofWater('visibilityM'), ofWater('depthM')];
const cover = computed(() =>
  props.stop.water.cover.map(({ kind, density }) => `${NAME[density]} ${COVER_NAME[kind]}`).join(', '),
);

const AS_IT_IS = '';
const AT_HAND = 'at-hand';
const sources = computed(() => [
  { value: AS_IT_IS, title: words.keepWater },
  { value: AT_HAND, title: words.atHandNow },
  ...waters.all.filter(({ key }) => key !== waters.key).map((row) => ({ value: row.key, title: placeName(row) })),
]);
const source = computed({
  get: () => AS_IT_IS,
  set: (key: string) => {
    const water = key === AT_HAND ? waters.water : waters.all.find((row) => row.key === key)?.value;
    if (water) say(deck.changeStop(props.stop.id, { water }));
  },
});
async function putAtHand(): Promise<void> {
  takeWater(props.stop.water, words.putAtHandSays(name.value));
  await router.push('/water');
}

const waterThen = computed(() => {
  const place = props.view?.indexOf(props.stop.id) ?? -1;
  return props.view?.plan.times.stops[place]?.water ?? props.stop.water;
});
function move(by: number): void {
  deck.moveStop(props.stop.id, props.at + by);
  emit('choose', props.stop.id);
}
const COVER_MOST_M = TRIP_LIMITS.coverM.max;
</script>

<template>
  <section class="stop" :aria-label="name" data-testid="stop">
    <header class="stop__head">
      <h2>{{ name }}</h2>
      <span class="soft">{{ words.stopOf(at + 1, count) }}</span>
      <button type="button" class="press" :disabled="at === 0" :aria-label="words.earlier(name)" @click="move(-1)">
        ‹
      </button>
      <button type="button" class="press" :disabled="at === count - 1" :aria-label="words.later(name)" @click="move(1)">
        ›
      </button>
      <button type="button" class="press" @click="deck.removeStop(stop.id)">{{ words.takeOut }}</button>
    </header>
    <p v-if="problem" role="alert" class="stop__problem">{{ problem }}</p>
    <section class="stop__row" :aria-label="words.theStop">
      <h3>{{ words.theStop }}</h3>
      <div class="stop__fields">
        <TextField
          class="stop__name"
          :model-value="stop.name"
          :label="words.stopName"
          maxlength="60"
          @update:model-value="say(deck.changeStop(stop.id, { name: $event }))"
        />
        <PlainNumber
          v-model="minutes"
          :label="words.minutes"
          :min="TRIP_LIMITS.minutes.min"
          :max="TRIP_LIMITS.minutes.max"
          :step="5"
        />
        <PlainNumber v-model="weight" :label="words.weight" :min="0" :max="100" :step="0.5" optional />
        <TextField
          :model-value="stop.at ?? ''"
          :label="words.begins"
          type="time"
          @update:model-value="say(deck.changeStop(stop.id, { at: $event || undefined }))"
        />
        <UnitField v-model="coverLength" :label="words.coverLength" quantity="depth" :min="0" :max="COVER_MOST_M" />
      </div>
    </section>
    <section class="stop__row" :aria-label="words.theWater">
      <h3>{{ words.theWater }}</h3>
      <div class="stop__fields">
        <UnitField
          v-model="temperatureC"
          :label="words.temperature"
          quantity="temperature"
          v-bind="WATER_LIMITS.temperatureC"
        />
        <UnitField
          v-model="visibilityM"
          :label="words.visibility"
          quantity="visibility"
          v-bind="WATER_LIMITS.visibilityM"
        />
        <UnitField v-model="depthM" :label="words.depth" quantity="depth" v-bind="WATER_LIMITS.depthM" />
        <SelectField v-model="source" :label="words.waterFrom" :items="sources" />
        <button type="button" class="press stop__edit" @click="putAtHand">{{ words.putAtHand }}</button>
        <p class="stop__wide soft">{{ cover }} · {{ NAME[stop.water.wind] }} · {{ NAME[stop.water.sky] }}</p>
      </div>
    </section>
    <section class="stop__row" :aria-label="words.answeredBy">
      <h3>{{ words.answeredBy }}</h3>
      <StopAnswer :stop="stop" :view="view" />
    </section>
    <div class="stop__folds">
      <StopHours :stop="stop" :count="count" :then="waterThen" @problems="say" />
      <details>
        <summary>{{ words.placeOfStop }}</summary>
        <div class="stop__fields">
          <PlainNumber v-model="lat" :label="words.latitude" :min="-90" :max="90" typed optional />
          <PlainNumber v-model="lon" :label="words.longitude" :min="-180" :max="180" typed optional />
        </div>
      </details>
    </div>
  </section>
</template>

<style scoped>
.stop {
  padding: 8px 14px 14px;
  border-top: 2px solid rgb(var(--v-theme-ink));
}
.stop__head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding-bottom: 6px;
}
.stop__problem {
  color: rgb(var(--v-theme-oxblood));
}
.stop__row {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 4px 14px;
  padding: 8px 0;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.stop__row h3 {
  padding-top: 18px;
  font-size: 16px;
}
.stop__row:last-of-type h3 {
  padding-top: 0;
}
.stop__fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  align-items: start;
  gap: 10px 14px;
}
.stop__fields > * {
  min-width: 0;
}
.stop__edit {
  align-self: end;
  min-height: 40px;
}
.stop__wide {
  grid-column: 1 / -1;
}
.stop__folds {
  display: grid;
  gap: 4px;
  padding-top: 8px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.stop__folds summary {
  cursor: pointer;
  font: 500 15px var(--v-font-heading);
  padding: 6px 0;
}
@media (max-width: 700px) {
  .stop__row {
    grid-template-columns: minmax(0, 1fr);
  }
  .stop__row h3,
  .stop__row:last-of-type h3 {
    padding-top: 0;
  }
  .stop__fields {
    grid-template-columns: 1fr 1fr;
  }
  .stop__name,
  .stop__edit {
    grid-column: 1 / -1;
  }
  .stop__folds summary {
    display: flex;
    align-items: center;
    min-height: 48px;
  }
}
</style>
