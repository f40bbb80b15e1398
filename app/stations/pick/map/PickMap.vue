<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { MAP_AXES, type MapAxis } from '@core';
import ChoiceRow from '../../../parts/ChoiceRow.vue';
import SelectField from '../../../parts/SelectField.vue';
import { MANY_PARTS, useManyParts } from '../../../composables/useManyParts';
import { useAdvice } from '../../../stores/advice';
import { useMap } from '../../../stores/map';
import { useWater } from '../../../stores/water';
import MapLegend from './MapLegend.vue';
import MapPlane from './MapPlane.vue';
import MapTable from './MapTable.vue';
import { useMapRegions } from './useMapRegions';
import * as words from '../../../locale/en/map';

/** The decision map: the first pick over two sides of the water at hand, with today on it and where the day may go. */
const map = useMap();
const advice = useAdvice();
const water = useWater();
const isLarge = useManyParts();
const { keys, regions, legend } = useMapRegions();

/** a picture of this water that was finished stands; any other is drawn anew */
onMounted(() => void (!isLarge.value && !map.isOf(water.water) && map.draw()));
onBeforeUnmount(() => map.stop());

const axes = MAP_AXES.map((value) => ({ value, title: words.axes[value] }));
const side = (which: 'x' | 'y') =>
  computed({
    get: () => map.sides[which],
    set: (axis: MapAxis) => {
      const other = which === 'x' ? 'y' : 'x';
      // the side that has it already takes the one that is given up
      map.sides = {
        ...map.sides,
        [which]: axis,
        ...(map.sides[other] === axis ? { [other]: map.sides[which] } : {}),
      };
      draw();
    },
  });
const x = side('x');
const y = side('y');
const fineness = computed({
  get: () => String(map.cells),
  set: (cells) => {
    map.cells = Number(cells);
    draw();
  },
});
const draw = (): void => void (isLarge.value || map.draw());
const finenesses = Object.entries(words.finenesses).map(([value, title]) => ({ value, title }));
const shape = ref<'map' | 'table'>('map');
const shapes = [
  { value: 'map', title: words.asMap },
  { value: 'table', title: words.asTable },
] as const;

const isOld = computed(() => map.picture !== null && map.picture.water !== water.water);
const counts = computed(() => {
  const of = map.picture;
  if (!of) return '';
  const [asked, all] = [String(of.asked), String(of.plan.wide * of.plan.high)];
  return map.busy ? words.asking(asked, all) : words.drawn(asked, all);
});
</script>

<template>
  <section class="map" :aria-label="words.title" data-testid="map" :data-busy="map.busy">
    <div class="map__head">
      <h2>{{ words.title }}</h2>
      <SelectField v-model="x" :label="words.across" :items="axes" />
      <SelectField v-model="y" :label="words.upwards" :items="axes" />
      <SelectField v-model="fineness" :label="words.fineness" :items="finenesses" />
      <ChoiceRow v-model="shape" :label="words.shape" :options="shapes" bare />
      <button v-if="map.busy" type="button" class="press" @click="map.stop()">{{ words.stop }}</button>
      <button v-else type="button" class="press" :class="{ act: isOld }" :disabled="isLarge" @click="draw">
        {{ map.picture ? words.drawAgain : words.draw }}
      </button>
      <p class="soft map__counts" role="status">{{ isOld && !map.busy ? words.ofAnotherWater : counts }}</p>
    </div>
    <p v-if="advice.gear" class="soft">{{ words.withAskedGear }}</p>
    <p v-if="isLarge" role="alert">{{ words.tooManyParts(MANY_PARTS) }}</p>
    <p v-if="map.problem" role="alert">{{ map.problem }}</p>
    <template v-if="map.picture">
      <div v-if="shape === 'map'" class="map__both">
        <MapPlane :picture="map.picture" :keys="keys" :regions="regions" />
        <MapLegend :rows="legend" />
      </div>
      <MapTable v-else :picture="map.picture" />
    </template>
  </section>
</template>

<style scoped>
.map {
  padding: 10px 14px 14px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.map__head {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 14px;
  align-items: end;
}
.map__head h2,
.map__counts {
  line-height: 40px;
}
.map__both {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 22px;
  padding-top: 8px;
}
@media (max-width: 1000px) {
  .map__both {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .map__counts {
    line-height: 1.3;
  }
}
</style>
