<script setup lang="ts">
import { computed } from 'vue';
import { CRAWL_MPS, rigBody, rigOutline, skirtSpreadM, turnsHz, type Moment, type OutlineShape, type Rig } from '@core';
import OutlinePaths from '../../parts/OutlinePaths.vue';

/** A lure in the water: its true outline at its true angle, its skirt as wide as it stands, rings for its beat. */
const props = defineProps<{
  rig: Rig;
  moment: Moment;
  /** px a millimetre */
  scale: number;
  /** what moves is left still */
  still: boolean;
}>();

const body = computed(() => rigBody(props.rig));
const outline = computed(() => rigOutline(props.rig, body.value, 'side'));
const SKIRT: readonly OutlineShape['part'][] = ['skirt', 'skirt-shade'];
const TAIL: readonly OutlineShape['part'][] = ['trailer', 'crease'];
const PLATE: readonly OutlineShape['part'][] = ['blade', 'gleam', 'hole'];
const of = (parts: readonly OutlineShape['part'][]) =>
  computed(() => outline.value.shapes.filter(({ part }) => parts.includes(part)));
const skirt = of(SKIRT);
const tail = of(TAIL);
/** a plate swings on the nose; blades turn, each about its own line */
const plate = computed(() => outline.value.shapes.filter(({ part, turns }) => PLATE.includes(part) && !turns));
const rest = computed(() =>
  outline.value.shapes.filter(({ part, turns }) => !turns && ![...SKIRT, ...TAIL, ...PLATE].includes(part)),
);
const blades = computed(() => {
  const turning = outline.value.shapes.filter(({ turns }) => turns);
  return [...new Set(turning.map(({ turns }) => turns!.blade))].map((blade) => {
    const shapes = turning.filter(({ turns }) => turns!.blade === blade);
    return { blade, shapes, about: shapes[0]!.turns! };
  });
});
/** share of the width at which the outline is drawn */
const flare = computed(() => {
  const { skirt: of } = body.value;
  if (of === null || props.moment.flareM === 0) return 1;
  return props.moment.flareM / skirtSpreadM(of, CRAWL_MPS, 999);
});
/** how far through its beat it is, -1 to 1 */
const swing = computed(() =>
  props.still ? 0 : Math.sin(2 * Math.PI * Math.min(MOST_SEEN_HZ, props.moment.beatHz) * props.moment.timeS),
);
/** Quicker than this the eye, and the screen, see a blur. */
const MOST_SEEN_HZ = 8;
const WAG_DEG = 5;
const PLATE_DEG = 14;
/** Water as heavy as it is nearly everywhere, kg/m3: salt changes a turn by a hundredth. */
const WATER_KG_M3 = 1000;
/** a blade from the side: as wide as it is, edge on, its back, and edge on again */
const turned = computed(() => {
  const { speedMps, timeS } = props.moment;
  const hz = turnsHz(body.value, speedMps, WATER_KG_M3);
  return blades.value.map(({ blade, shapes, about }) => {
    const often = Math.min(MOST_SEEN_HZ, hz[blade] ?? 0);
    const wide = props.still ? 1 : Math.cos(2 * Math.PI * often * timeS);
    const [x, y] = about.at.map((mm) => mm.toFixed(2));
    const deg = ((about.angleRad * 180) / Math.PI).toFixed(1);
    // never so thin that it is gone
    const shown = (Math.sign(wide) || 1) * Math.max(0.08, Math.abs(wide));
    return {
      blade,
      shapes,
      transform: `translate(${x} ${y}) rotate(${deg}) scale(1 ${shown.toFixed(3)}) rotate(-${deg}) translate(${-about.at[0]} ${-about.at[1]})`,
    };
  });
});
const wag = computed(() => (props.moment.awake ?? 0) * WAG_DEG * swing.value);
const shake = computed(() => (props.moment.beatHz > 0 ? PLATE_DEG * swing.value : 0));

/** Rings stand as far apart as the lure moves between two beats, within what can be seen, and are as heavy as the water it moves. */
const RINGS = 4;
const SPACE_PX = { least: 7, most: 30 } as const;
const HEAVY_CM2 = 8;
const rings = computed(() => {
  const { beatHz, pushCm2, speedMps, timeS } = props.moment;
  if (beatHz <= 0 || pushCm2 <= 0) return [];
  const space = Math.min(SPACE_PX.most, Math.max(SPACE_PX.least, (1000 * speedMps * props.scale) / beatHz / 4));
  const phase = props.still ? 0.5 : (beatHz * timeS) % 1;
  const weight = 0.6 + 2.4 * Math.min(1, pushCm2 / HEAVY_CM2);
  return Array.from({ length: RINGS }, (_, at) => {
    const out = at + phase;
    return { r: 6 + out * space, width: weight * (1 - out / (RINGS + 0.2)), opacity: 0.75 * (1 - out / RINGS) };
  });
});
const tailMm = computed(() => outline.value.bounds.x + outline.value.bounds.width);
const turn = computed(() => (props.moment.noseUpRad * 180) / Math.PI);
</script>

<template>
  <g class="lure" :transform="`rotate(${turn.toFixed(2)})`">
    <circle
      v-for="(ring, at) in rings"
      :key="at"
      class="lure__ring"
      :cx="tailMm * scale * 0.86"
      cy="0"
      :r="ring.r"
      :stroke-width="ring.width"
      :opacity="ring.opacity"
    />
    <g :transform="`scale(${scale})`">
      <g :transform="`rotate(${wag.toFixed(2)})`"><OutlinePaths :shapes="tail" /></g>
      <OutlinePaths :shapes="rest" />
      <g :transform="`scale(1 ${flare.toFixed(3)})`"><OutlinePaths :shapes="skirt" /></g>
      <g :transform="`rotate(${shake.toFixed(2)})`"><OutlinePaths :shapes="plate" /></g>
      <g v-for="one in turned" :key="one.blade" :transform="one.transform" :data-blade="one.blade">
        <OutlinePaths :shapes="one.shapes" />
      </g>
    </g>
  </g>
</template>

<style scoped>
.lure__ring {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
}
</style>
