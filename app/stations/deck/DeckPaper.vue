<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { type MadePlan, type Paper } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import type { PlanView } from './useDeckPlan';
import { useDeckFiles } from './useDeckFiles';
import * as words from '../../locale/en/deck';

/** What to pack, and the day on paper, in files, and on its way to a phone. */
const props = defineProps<{ kept: MadePlan | null; view: PlanView | null }>();
const DeckPlaces = defineAsyncComponent(() => import('./DeckPlaces.vue'));
const DeckCode = defineAsyncComponent(() => import('./DeckCode.vue'));
const deck = useDeck();
const { system } = useUnits();
const files = useDeckFiles(() => props.kept);
const { packed, tools } = files;
const paper = ref<Paper>(system.value === 'us' ? 'letter' : 'a4');
const PAPERS = [
  { value: 'a4', title: 'A4' },
  { value: 'letter', title: words.letter },
] as const;
const scores = computed(() =>
  (deck.trip?.stops ?? []).map(({ id }) => props.view?.plan.stops[props.view.indexOf(id)]?.score ?? null),
);
const isReading = ref(false);
const isHanding = ref(false);
</script>

<template>
  <section class="paper" :aria-label="words.paper">
    <div class="paper__columns">
      <div v-if="packed.length > 0" data-testid="packing">
        <h3>{{ words.packing }}</h3>
        <ul class="paper__list">
          <li v-for="part in packed" :key="part.title">
            <span class="number paper__count">{{ part.count }}</span>
            <span><FractionText :text="part.title" /></span>
          </li>
        </ul>
        <h3>{{ words.tools }}</h3>
        <ul class="paper__list">
          <li v-for="tool in tools" :key="tool">{{ tool }}</li>
        </ul>
      </div>
      <div class="paper__files">
        <h3>{{ words.paper }}</h3>
        <div class="paper__row">
          <ChoiceRow v-model="paper" :label="words.paper" :options="PAPERS" bare />
          <button type="button" class="press act" :disabled="!kept" @click="files.sheet(paper)">
            {{ words.printSheet }}
          </button>
        </div>
        <h3>{{ words.toAPhone }}</h3>
        <div class="paper__row">
          <button type="button" class="press" :disabled="!kept" @click="isHanding = true">{{ words.handOver }}</button>
          <button type="button" class="press" @click="files.tripFile()">{{ words.saveTrip }}</button>
        </div>
        <h3>{{ words.placesAndTables }}</h3>
        <div class="paper__row">
          <button type="button" class="press" @click="isReading = true">{{ words.stopsFromFile }}</button>
          <button type="button" class="press" @click="files.gpx()">{{ words.saveGpx }}</button>
          <button type="button" class="press" @click="files.csv(scores)">{{ words.saveCsv }}</button>
          <button v-if="deck.trip!.stops.length > 0" type="button" class="press" @click="files.template()">
            {{ words.csvTemplate }}
          </button>
        </div>
      </div>
    </div>
    <DeckPlaces v-if="isReading" v-model="isReading" />
    <DeckCode v-if="isHanding && kept" v-model="isHanding" :plan="kept" @file="files.tripFile()" />
  </section>
</template>

<style scoped>
.paper {
  padding: 10px 14px 24px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.paper__columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 14px 26px;
}
.paper__list {
  list-style: none;
  columns: 2 260px;
  column-gap: 22px;
}
.paper__list li {
  break-inside: avoid;
  padding: 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.paper__list li:has(.paper__count) {
  display: grid;
  grid-template-columns: 84px 1fr;
}
.paper__files {
  display: grid;
  align-content: start;
  gap: 8px;
}
.paper__row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding-bottom: 6px;
}
</style>
