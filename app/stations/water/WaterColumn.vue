<script setup lang="ts">
import { computed } from 'vue';
import { displayUnit, WATER_LIMITS, type Water } from '@core';
import { useWater } from '../../stores/water';
import ColumnHandle from './ColumnHandle.vue';
import ColumnPicture from './ColumnPicture.vue';
import { FRAME, rulerEndM, tempAt, THERMOMETER, yOfTemp } from './column-scale';
import { DISC_X, useColumn } from './useColumn';
import * as words from '../../locale/en/water';

/** The drawn water, and the handles that move what is in it; each has a typed twin beside the picture. */
const store = useWater();
const column = useColumn();

const stepOf = (quantity: 'depth' | 'visibility'): number => {
  const unit = displayUnit(quantity, column.system);
  return unit.toSi(unit.step);
};
const depthStep = computed(() => stepOf('depth'));
const visStep = computed(() => stepOf('visibility'));
const tempStep = computed(() => (column.system === 'us' ? 5 / 9 : 0.5));

/** Rounds a dragged value to whole steps of the unit people read. */
const toStep = (value: number, step: number): number => Math.round(value / step) * step;
const within = (value: number, { min, max }: { readonly min: number; readonly max: number }): number =>
  Math.min(max, Math.max(min, value));

function setDepth(depthM: number): void {
  store.change({ depthM: within(depthM, WATER_LIMITS.depthM) });
}
function setVisibility(field: 'visibilityM' | 'usualVisibilityM', visibilityM: number): void {
  store.change({ [field]: within(visibilityM, WATER_LIMITS.visibilityM) } as Partial<Water>);
}
function setTemp(temperatureC: number): void {
  store.change({ temperatureC: within(temperatureC, WATER_LIMITS.temperatureC) });
}
function setTop(at: number, topM: number): void {
  const top = within(topM, { min: 0, max: store.water.depthM });
  store.change({ cover: store.water.cover.map((row, index) => (index === at ? { ...row, topM: top } : row)) });
}
/** what is dragged, as it was when it was grabbed */
let before: Partial<Water> = {};
const keep = (...fields: readonly (keyof Water)[]): void => {
  before = Object.fromEntries(fields.map((field) => [field, store.water[field]]));
};
/** A bottom that rises takes tops and the wanted band with it. */
function grabBottom(): void {
  keep('depthM', 'cover', 'band');
  column.heldEndM = rulerEndM(store.water.depthM);
}
const putBack = (): void => void store.change(before);
/** Steps of whole degrees as people read them, not of what was typed. */
const stepTemp = (by: number): void => {
  const { fromSi, toSi, step } = displayUnit('temperature', column.system);
  setTemp(toSi((Math.round(fromSi(store.water.temperatureC) / step) + by) * step));
};
</script>

<template>
  <svg class="water-column" :viewBox="`0 0 ${FRAME.width} ${FRAME.height}`" :aria-label="words.waterDrawn" role="group">
    <ColumnPicture :column="column" />

    <ColumnHandle
      v-if="column.usual"
      :x="DISC_X"
      :y="column.usual.y"
      :label="words.usualInThePicture"
      :says="column.show('visibility', column.usual.usualVisibilityM)"
      :now="column.usual.usualVisibilityM"
      :min="0"
      :max="WATER_LIMITS.visibilityM.max"
      down
      @grab="keep('usualVisibilityM')"
      @cancel="putBack"
      @drag="setVisibility('usualVisibilityM', toStep(column.scale.depthAt($event), visStep))"
      @step="setVisibility('usualVisibilityM', column.usual.usualVisibilityM + $event * visStep)"
    />
    <ColumnHandle
      :x="DISC_X"
      :y="column.discY"
      :label="words.visibilityInThePicture"
      :says="`${column.show('visibility', column.water.visibilityM)}, ${column.clarity}`"
      :now="column.water.visibilityM"
      :min="0"
      :max="WATER_LIMITS.visibilityM.max"
      down
      @grab="keep('visibilityM')"
      @cancel="putBack"
      @drag="setVisibility('visibilityM', toStep(column.scale.depthAt($event), visStep))"
      @step="setVisibility('visibilityM', column.water.visibilityM + $event * visStep)"
    />
    <ColumnHandle
      :x="FRAME.right"
      :y="column.bottomY"
      :label="words.depthInThePicture"
      :says="column.show('depth', column.water.depthM)"
      :now="column.water.depthM"
      :min="WATER_LIMITS.depthM.min"
      :max="WATER_LIMITS.depthM.max"
      down
      @grab="grabBottom"
      @cancel="putBack"
      @drag="setDepth(toStep(column.scale.depthAt($event), depthStep / 5))"
      @drop="column.heldEndM = null"
      @step="setDepth(column.water.depthM + $event * depthStep)"
    />
    <ColumnHandle
      v-for="cover in column.covers"
      :key="cover.at"
      :x="cover.x"
      :y="cover.topY"
      :label="words.topInThePicture(cover.name)"
      :says="
        cover.row.topM === undefined
          ? words.notSaidDrawnAt(column.show('depth', cover.topM))
          : column.show('depth', cover.topM)
      "
      :now="cover.topM"
      :min="0"
      :max="column.water.depthM"
      down
      @grab="keep('cover')"
      @cancel="putBack"
      @drag="setTop(cover.at, toStep(column.scale.depthAt($event), depthStep / 5))"
      @step="setTop(cover.at, cover.topM + ($event * depthStep) / 2)"
    />
    <ColumnHandle
      :x="THERMOMETER.x"
      :y="yOfTemp(column.water.temperatureC)"
      :label="words.temperatureInThePicture"
      :says="column.show('temperature', column.water.temperatureC)"
      :now="column.water.temperatureC"
      :min="WATER_LIMITS.temperatureC.min"
      :max="WATER_LIMITS.temperatureC.max"
      :down="false"
      @grab="keep('temperatureC')"
      @cancel="putBack"
      @drag="setTemp(toStep(tempAt($event), tempStep))"
      @step="stepTemp"
    />
  </svg>
</template>

<style scoped>
.water-column {
  display: block;
  width: 100%;
  height: 100%;
  user-select: none;
}
</style>
