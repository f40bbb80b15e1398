<script setup lang="ts">
import { computed } from 'vue';
import { AT_LEAST, meets, wantBand, wantValue, WANT_TITLE, type Want } from '@core';
import { useUnits } from '../composables/useUnits';
import { placeOf } from './want-scale';

/**
 * The three marks used everywhere: hatched green is wanted, the dot is what a rig has (a hollow red ring when it lies
 * outside), the short bar under it is the band of uncertainty.
 */
const props = defineProps<{ want: Want; has?: number; uncertain?: readonly [number, number] }>();
const { system } = useUnits();

const wanted = computed(() => {
  const left = placeOf(props.want.id, props.want.from);
  const right = AT_LEAST.has(props.want.id) ? 100 : placeOf(props.want.id, props.want.to);
  return { left: `${left}%`, width: `${Math.max(2, right - left)}%` };
});
const inside = computed(() => props.has !== undefined && meets(props.want, props.has));
const dot = computed(() => (props.has === undefined ? null : { left: `${placeOf(props.want.id, props.has)}%` }));
const bar = computed(() => {
  if (!props.uncertain) return null;
  const left = placeOf(props.want.id, props.uncertain[0]);
  return { left: `${left}%`, width: `${placeOf(props.want.id, props.uncertain[1]) - left}%` };
});
const label = computed(() => {
  const asked = `${WANT_TITLE[props.want.id]}: wanted ${wantBand(props.want, system.value)}`;
  if (props.has === undefined) return asked;
  return `${asked}; has ${wantValue(props.want.id, props.has, system.value)}, ${inside.value ? 'inside' : 'outside'}`;
});
</script>

<template>
  <div class="band-line" role="img" :aria-label="label">
    <span class="band-line__want" :style="wanted" />
    <span v-if="bar" class="band-line__bar" :style="bar" />
    <span v-if="dot" class="band-line__dot" :class="{ 'band-line__dot--out': !inside }" :style="dot" />
  </div>
</template>

<style scoped>
.band-line {
  position: relative;
  height: 20px;
  border-bottom: 1.5px solid rgb(var(--v-theme-ink));
}
.band-line__want {
  position: absolute;
  bottom: 0;
  height: 13px;
  border: 1px solid rgb(var(--v-theme-bottle));
  border-bottom: 0;
  background: repeating-linear-gradient(
    -45deg,
    rgba(var(--v-theme-bottle), 0.34) 0 3px,
    rgba(var(--v-theme-bottle), 0.1) 3px 6px
  );
}
.band-line__bar {
  position: absolute;
  bottom: 0;
  height: 5px;
  background: rgba(var(--v-theme-ink), 0.55);
}
.band-line__dot {
  position: absolute;
  bottom: -6.5px;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  border-radius: 50%;
  background: rgb(var(--v-theme-ink));
}
.band-line__dot--out {
  background: rgb(var(--v-theme-skin));
  border: 3px solid rgb(var(--v-theme-oxblood));
}
</style>
