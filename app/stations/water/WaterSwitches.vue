<script setup lang="ts">
import { computed } from 'vue';
import { isAssumed, type Assumable, type Water } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import { useWater } from '../../stores/water';
import {
  AIM_CHOICES,
  BOTTOM_CHOICES,
  FORAGE_CHOICES,
  MOOD_CHOICES,
  PRESSURE_CHOICES,
  SEASON_CHOICES,
  SKY_CHOICES,
  SPECIES_CHOICES,
  TREND_CHOICES,
  WHERE_CHOICES,
  WHERE_SHARES,
  WIND_CHOICES,
  type Where,
} from './water-choices';
import * as words from '../../locale/en/water';

const store = useWater();

function field<K extends 'bottom' | 'sky' | 'wind' | 'mood' | 'pressure' | 'season' | 'species' | 'aim'>(name: K) {
  return computed({
    get: () => store.water[name],
    set: (value: Water[K] | Water[K][]) => void store.change({ [name]: value }),
  });
}
const [bottom, sky, wind, mood] = [field('bottom'), field('sky'), field('wind'), field('mood')];
const [pressure, season, species, aim] = [field('pressure'), field('season'), field('species'), field('aim')];
const trend = computed({
  get: () => store.water.trend ?? 'steady',
  set: (value) => void store.change({ trend: value as NonNullable<Water['trend']> }),
});
const forage = computed({
  get: () => [...store.water.forage],
  set: (value) => void store.change({ forage: Array.isArray(value) ? value : [value] }),
});

/** what a row shows of something that may be taken for granted */
const taken = (of: Assumable): { assumed: boolean; note?: string; why?: string } => {
  const assumed = isAssumed(store.water, of);
  return assumed ? { assumed, note: words.notSaid, why: words.whileNotSaid[of] } : { assumed };
};

const where = computed({
  get: (): Where => {
    const { band, depthM } = store.water;
    if (!band || store.compiled.facts.bottom) return 'bottom';
    return band.toM <= 0.5 * depthM ? 'top' : 'middle';
  },
  set: (value: Where | Where[]) => {
    if (value === 'bottom' || Array.isArray(value))
      return void store.change({ band: undefined } as unknown as Partial<Water>);
    const [from, to] = WHERE_SHARES[value];
    store.change({ band: { fromM: from * store.water.depthM, toM: to * store.water.depthM } });
  },
});
</script>

<template>
  <section :aria-label="words.whatYouSeeKnow">
    <ChoiceRow v-model="where" :label="words.lureWorks" :options="WHERE_CHOICES" />
    <ChoiceRow
      v-model="bottom"
      v-bind="taken('bottom')"
      :label="words.bottom"
      :options="BOTTOM_CHOICES"
      @unsay="store.unsay('bottom')"
    />
    <ChoiceRow v-model="sky" :label="words.light" :options="SKY_CHOICES" />
    <ChoiceRow v-model="wind" :label="words.wind" :options="WIND_CHOICES" />
    <ChoiceRow v-model="trend" :label="words.trend" :options="TREND_CHOICES" />
    <ChoiceRow
      v-model="forage"
      :label="words.theyEat"
      :options="FORAGE_CHOICES"
      :note="forage.length === 0 ? words.notSaid : undefined"
    />
    <ChoiceRow
      v-model="mood"
      v-bind="taken('mood')"
      :label="words.mood"
      :options="MOOD_CHOICES"
      @unsay="store.unsay('mood')"
    />
    <ChoiceRow v-model="pressure" :label="words.fishedOver" :options="PRESSURE_CHOICES" />
    <ChoiceRow
      v-model="season"
      v-bind="taken('season')"
      :label="words.season"
      :options="SEASON_CHOICES"
      @unsay="store.unsay('season')"
    />
    <ChoiceRow v-model="species" :label="words.fish" :options="SPECIES_CHOICES" />
    <ChoiceRow v-model="aim" :label="words.youAreAfter" :options="AIM_CHOICES" />
  </section>
</template>
