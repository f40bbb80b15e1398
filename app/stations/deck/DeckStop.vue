<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import {
  clockOf,
  COVER_NAME,
  coverFits,
  issueText,
  massKgFromOz,
  NAME,
  rigTitle,
  SKIES,
  TRIP_LIMITS,
  WATER_LIMITS,
  WINDS,
  type Issue,
  type KeptStop,
  type StopHour,
  type Water,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useTakeWater } from '../../composables/useTakeWater';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useDeck } from '../../stores/deck';
import { useNotices } from '../../stores/notices';
import { useWater } from '../../stores/water';
import { placeName } from '../water/place-name';
import PlainNumber from './PlainNumber.vue';
import type { PlanView } from './useDeckPlan';
import * as words from '../../locale/en/deck';

/** One stop: how long, how much it counts, its water by the hour, what answers it and how fast it is fished. */
const props = defineProps<{ stop: KeptStop; at: number; count: number; view: PlanView | null }>();
const emit = defineEmits<{ choose: [id: string] }>();
const deck = useDeck();
const bench = useBench();
const waters = useWater();
const notices = useNotices();
const router = useRouter();
const takeWater = useTakeWater();
const { show, showBand, showHead, system } = useUnits();

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

/** changes of depth take along what lay deeper */
function changeWater(part: Partial<Water>): void {
  const water = { ...props.stop.water, ...part };
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

const hours = computed(() => props.stop.hours ?? []);
const setHours = (next: readonly StopHour[]): void =>
  say(deck.changeStop(props.stop.id, { hours: next.length > 0 ? [...next] : undefined }));
function changeHour(place: number, part: { [K in keyof StopHour]?: StopHour[K] | undefined }): void {
  setHours(
    hours.value.map((hour, one) =>
      one === place
        ? (Object.fromEntries(
            Object.entries({ ...hour, ...part }).filter(([, value]) => value !== undefined && value !== ''),
          ) as StopHour)
        : hour,
    ),
  );
}
/** the next whole hour behind the last that stands there */
function addHour(): void {
  const last = hours.value.at(-1);
  const from = last ? 60 * Number(last.at.slice(0, 2)) + 60 : 60 * Number((deck.trip?.from ?? '07:00').slice(0, 2));
  if (from >= 24 * 60) return;
  setHours([...hours.value, { at: clockOf(from), temperatureC: last?.temperatureC ?? props.stop.water.temperatureC }]);
}
function giveToAll(): void {
  const own = hours.value;
  const before = deck.trip!;
  const stops = before.stops.map((stop) => {
    const { hours: _hours, ...rest } = stop;
    return own.length > 0 ? { ...rest, hours: [...own] } : rest;
  });
  say(deck.change({ stops }));
  notices.say(words.hoursGiven, async () => deck.change({ stops: before.stops }));
}
const anyOr = <T extends string>(values: readonly T[]) => [
  { value: '', title: words.asTheWater },
  ...values.map((value) => ({ value, title: NAME[value as keyof typeof NAME] })),
];
const windItems = anyOr(WINDS);
const skyItems = anyOr(SKIES);

const place = computed(() => props.view?.indexOf(props.stop.id) ?? -1);
const answer = computed(() => (place.value === -1 ? null : (props.view?.plan.stops[place.value] ?? null)));
const answering = computed(() => props.view?.plan.rods.find(({ stops }) => stops.includes(place.value)) ?? null);
const told = computed(() => props.view?.paces[place.value] ?? null);
const waterThen = computed(() => props.view?.plan.times.stops[place.value]?.water ?? props.stop.water);
const metres = (m: number): string => show('depth', m);
const pace = computed(() => {
  const of = told.value;
  if (!of) return null;
  const fits = props.stop.coverM ? coverFits(of.pace, props.stop.minutes, props.stop.coverM) : null;
  return {
    casts: words.castsAnHour(
      ...([of.pace.castsPerHour, ...of.pace.castsBand].map(Math.round) as [number, number, number]),
    ),
    cover: words.coverAnHour(metres(of.pace.coverMPerHour), showBand('depth', of.pace.band[0], of.pace.band[1])),
    heads: of.byHead.map(({ weightOz, pace: by }) =>
      words.withHead(showHead(massKgFromOz(weightOz)), Math.round(by.castsPerHour), metres(by.coverMPerHour)),
    ),
    isShort: fits?.fits === false,
    fits: fits
      ? fits.fits === null
        ? words.coverNearlyFits(Math.round(fits.wantsMin))
        : fits.fits
          ? words.coverFitsAll(Math.round(fits.wantsMin))
          : words.coverDoesNotFit(metres(fits.fitsM), Math.round(fits.wantsMin))
      : '',
  };
});
async function toTheBench(): Promise<void> {
  if (!answering.value) return;
  await bench.start(answering.value.rig, answering.value.base);
  await router.push('/bench');
}
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
    <div class="stop__columns">
      <div class="stop__fields">
        <v-text-field
          class="stop__wide"
          :model-value="stop.name"
          :label="words.stopName"
          maxlength="60"
          autocomplete="off"
          @update:model-value="say(deck.changeStop(stop.id, { name: $event ?? '' }))"
        />
        <PlainNumber
          v-model="minutes"
          :label="words.minutes"
          :min="TRIP_LIMITS.minutes.min"
          :max="TRIP_LIMITS.minutes.max"
          :step="5"
        />
        <PlainNumber v-model="weight" :label="words.weight" :min="0" :max="100" :step="0.5" optional />
        <v-text-field
          :model-value="stop.at ?? ''"
          :label="words.begins"
          type="time"
          @update:model-value="say(deck.changeStop(stop.id, { at: $event ? String($event) : undefined }))"
        />
        <UnitField v-model="coverLength" :label="words.coverLength" quantity="depth" :min="0" :max="COVER_MOST_M" />
        <PlainNumber
          v-model="lat"
          class="stop__place"
          :label="words.latitude"
          :min="-90"
          :max="90"
          :step="0.001"
          optional
        />
        <PlainNumber
          v-model="lon"
          class="stop__place"
          :label="words.longitude"
          :min="-180"
          :max="180"
          :step="0.001"
          optional
        />
      </div>
      <div class="stop__fields">
        <h3 class="stop__wide">{{ words.theWater }}</h3>
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
        <p class="stop__wide soft">{{ cover }} · {{ NAME[stop.water.wind] }} · {{ NAME[stop.water.sky] }}</p>
        <button type="button" class="press stop__wide" @click="putAtHand">{{ words.putAtHand }}</button>
        <details class="stop__wide">
          <summary>{{ words.byTheHour }} ({{ hours.length }})</summary>
          <div v-for="(hour, one) in hours" :key="one" class="stop__hour" role="group" :aria-label="hour.at">
            <v-text-field
              :model-value="hour.at"
              :label="words.hour"
              type="time"
              @update:model-value="$event && changeHour(one, { at: String($event) })"
            />
            <UnitField
              :model-value="hour.temperatureC ?? waterThen.temperatureC"
              :label="words.temperature"
              quantity="temperature"
              v-bind="WATER_LIMITS.temperatureC"
              @update:model-value="changeHour(one, { temperatureC: $event })"
            />
            <UnitField
              :model-value="hour.visibilityM ?? waterThen.visibilityM"
              :label="words.visibility"
              quantity="visibility"
              :min="0.01"
              :max="WATER_LIMITS.visibilityM.max"
              @update:model-value="changeHour(one, { visibilityM: $event })"
            />
            <SelectField
              :model-value="hour.wind ?? ''"
              :label="words.wind"
              :items="windItems"
              @update:model-value="changeHour(one, { wind: ($event || undefined) as StopHour['wind'] })"
            />
            <SelectField
              :model-value="hour.sky ?? ''"
              :label="words.sky"
              :items="skyItems"
              @update:model-value="changeHour(one, { sky: ($event || undefined) as StopHour['sky'] })"
            />
            <button
              type="button"
              class="press"
              :aria-label="words.dropHour(hour.at)"
              @click="setHours(hours.filter((_, other) => other !== one))"
            >
              ×
            </button>
          </div>
          <div class="stop__row">
            <button type="button" class="press" @click="addHour">{{ words.addHour }}</button>
            <button v-if="count > 1" type="button" class="press" @click="giveToAll">{{ words.hoursForAll }}</button>
          </div>
        </details>
      </div>
      <div class="stop__answer">
        <h3>{{ words.answeredBy }}</h3>
        <p v-if="!answering">{{ words.nobody }}</p>
        <template v-else>
          <p>
            <b><FractionText :text="rigTitle(answering.rig, system)" /></b>
            <span v-if="answer" class="soft">{{ ' ' }}{{ words.answers(Math.round(100 * answer.score)) }}</span>
          </p>
          <template v-if="pace">
            <h3>{{ words.pace }}</h3>
            <ul class="stop__pace" data-testid="pace">
              <li>{{ pace.casts }}</li>
              <li>{{ pace.cover }}</li>
              <li v-if="pace.fits" :class="{ stop__problem: pace.isShort }">{{ pace.fits }}</li>
              <li v-for="head in pace.heads" :key="head" class="soft"><FractionText :text="head" /></li>
            </ul>
          </template>
          <button type="button" class="press" @click="toTheBench">{{ words.toTheBench }}</button>
        </template>
      </div>
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
.stop__columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 14px 26px;
}
.stop__fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  align-content: start;
  gap: 10px 14px;
}
.stop__fields > * {
  min-width: 0;
}
.stop__wide {
  grid-column: 1 / -1;
}
.stop__hour {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  padding: 8px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.stop__hour > .press {
  align-self: end;
  justify-self: start;
}
.stop__row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-top: 8px;
}
.stop summary {
  cursor: pointer;
  font: 500 15px var(--v-font-heading);
  min-height: 36px;
  display: flex;
  align-items: center;
}
.stop__pace {
  list-style: none;
  padding-bottom: 8px;
}
@media (max-width: 700px) {
  .stop__place {
    grid-column: 1 / -1;
  }
  .stop summary {
    min-height: 48px;
  }
}
</style>
