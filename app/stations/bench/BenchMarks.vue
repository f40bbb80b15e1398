<script setup lang="ts">
import { computed } from 'vue';
import { faultPlace, mmFromLengthM, type Fault, type PointMm, type Rig, type RigBody } from '@core';
import { useUnits } from '../../composables/useUnits';
import { EXIT_ASIDE_MM, EXIT_TEXT, hookExit } from './sheet-layout';

/** What is told on the side view: where the skirt is cut, where the hook comes out, and where each fault sits. */
const props = defineProps<{
  rig: Rig;
  body: RigBody;
  /** origin of the side view on the sheet, mm */
  side: PointMm;
  faults: readonly Fault[];
  mmPerPx: number;
}>();
const { show } = useUnits();
/** A fault stands beside its place, so that a handle there can still be taken, px. */
const ASIDE_PX = 13;

const headMm = computed(() => mmFromLengthM(props.body.head.lengthM));
const inSight = (x: number, y: number): PointMm => [props.side[0] + x, props.side[1] + y];
const exit = computed(() => {
  const found = hookExit(props.rig, props.body, props.side);
  return found && { at: found.at, says: EXIT_TEXT(show('cut', found.alongM)) };
});
const skirtLine = computed(() => {
  const { skirt } = props.rig;
  if (!skirt) return null;
  const [x, y] = inSight(headMm.value + skirt.lengthMm, 0);
  return { x, from: y - (skirt.trim === 'under' ? 0 : 24), to: y + 20 };
});
const marks = computed(() =>
  props.faults.flatMap(({ id }, at) => {
    const found = faultPlace(id, props.rig, props.body);
    if (!found) return [];
    // beside the place, so that a handle there can still be taken
    const [x, y] = inSight(...found);
    return [{ id, number: at + 1, at: [x - ASIDE_PX * props.mmPerPx, y - ASIDE_PX * props.mmPerPx] as const }];
  }),
);
</script>

<template>
  <g>
    <g v-if="skirtLine" class="sheet__cut" aria-hidden="true">
      <line :x1="skirtLine.x" :x2="skirtLine.x" :y1="skirtLine.from" :y2="skirtLine.to" />
    </g>
    <g v-if="exit" class="sheet__exit">
      <line :x1="exit.at[0]" :x2="exit.at[0]" :y1="exit.at[1]" :y2="exit.at[1] + EXIT_ASIDE_MM" />
      <circle :cx="exit.at[0]" :cy="exit.at[1]" r="1.1" />
      <text
        :x="exit.at[0] + 4 * mmPerPx"
        :y="exit.at[1] + EXIT_ASIDE_MM + 1"
        :font-size="14 * mmPerPx"
        :stroke-width="4 * mmPerPx"
      >
        {{ exit.says }}
      </text>
    </g>
    <g v-for="mark in marks" :key="mark.id" class="sheet__fault" :data-testid="`fault-mark-${mark.id}`">
      <rect
        :x="mark.at[0] - 8 * mmPerPx"
        :y="mark.at[1] - 8 * mmPerPx"
        :width="16 * mmPerPx"
        :height="16 * mmPerPx"
        :stroke-width="1.5 * mmPerPx"
        :transform="`rotate(45 ${mark.at[0]} ${mark.at[1]})`"
      />
      <text :x="mark.at[0]" :y="mark.at[1] + 5 * mmPerPx" :font-size="14 * mmPerPx">{{ mark.number }}</text>
    </g>
  </g>
</template>

<style scoped>
.sheet__fault {
  pointer-events: none;
}
.sheet__cut line,
.sheet__exit line {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 0.35;
}
.sheet__cut line {
  stroke-dasharray: 1.6 1;
}
.sheet__exit circle {
  fill: rgb(var(--v-theme-oxblood));
}
.sheet__exit text {
  fill: rgb(var(--v-theme-oxblood));
  font-family: var(--v-font-heading);
  font-weight: 600;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-skin));
}
.sheet__fault rect {
  fill: rgb(var(--v-theme-oxblood));
  stroke: rgb(var(--v-theme-skin));
}
.sheet__fault text {
  fill: rgb(var(--v-theme-on-primary));
  font-family: var(--v-font-heading);
  font-weight: 700;
  text-anchor: middle;
}
</style>
