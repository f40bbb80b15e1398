<script setup lang="ts">
import { computed } from 'vue';
import FractionText from '../../../parts/FractionText.vue';
import type { MapPicture } from '../../../stores/map';
import { useMapSides } from './useMapSides';
import * as words from '../../../locale/en/map';

/** The map as a table of few enough rows and columns to be read. */
const { picture } = defineProps<{ picture: MapPicture }>();
const { ticks, winnerText } = useMapSides();
const columns = computed(() => ticks(picture.plan.x, picture.plan.wide));
const rows = computed(() => [...ticks(picture.plan.y, picture.plan.high)].reverse());
</script>

<template>
  <div class="map__table" tabindex="0" role="region" :aria-label="words.tableOf">
    <table class="ruled">
      <thead>
        <tr>
          <td />
          <th v-for="column in columns" :key="column.at" scope="col">{{ column.text }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.at">
          <th scope="row">{{ row.text }}</th>
          <td v-for="column in columns" :key="column.at">
            <FractionText :text="winnerText(picture, { column: column.at, row: row.at })" />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.map__table {
  overflow-x: auto;
  padding-top: 8px;
}
.map__table th,
.map__table td {
  min-width: 120px;
}
</style>
