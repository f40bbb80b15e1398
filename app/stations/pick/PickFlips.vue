<script setup lang="ts">
import { computed } from 'vue';
import { rigTitles, type TippingPoint, type Rig, type Water } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useUnits } from '../../composables/useUnits';

/** The nearest change of each thing a day may change at which another rig takes this place. */
const props = defineProps<{ flips: readonly TippingPoint[] | null; water: Water; than: Rig }>();
const { system, show } = useUnits();

const LIGHT = { bright: 'the light turns bright', mixed: 'the light turns mixed', dark: 'it turns dark' } as const;
const MOOD = {
  active: 'they become active',
  neutral: 'they turn neither active nor slow',
  inactive: 'they turn inactive',
} as const;

function change({ field, at }: TippingPoint): string {
  if (field === 'sky') return `if ${LIGHT[at as keyof typeof LIGHT]}`;
  if (field === 'mood') return `if ${MOOD[at as keyof typeof MOOD]}`;
  const value = at as number;
  const way = value > props.water[field] ? 'from' : 'down to';
  if (field === 'temperatureC') return `${way} ${show('temperature', value)}`;
  if (field === 'visibilityM') return `${way} ${show('visibility', value)} of visibility`;
  return `${way} ${show('depth', value)} of water`;
}
const rows = computed(() =>
  (props.flips ?? []).map((flip) => ({
    ...flip,
    change: change(flip),
    title: rigTitles([props.than, flip.to], system.value)[1] ?? '',
  })),
);
</script>

<template>
  <section class="flips" aria-label="What would flip it" data-testid="flips">
    <h3>What would flip it</h3>
    <p v-if="flips === null" class="soft" role="status">Looking…</p>
    <p v-else-if="rows.length === 0">Nothing a day may change: it stays the answer in this place.</p>
    <ul v-else>
      <li v-for="row in rows" :key="row.field">
        <span class="flips__at number">{{ row.change }}</span>
        <RigDrawing :rig="row.to" :label="`${row.title}, from the side`" />
        <span><FractionText :text="row.title" /></span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.flips {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 2px solid rgb(var(--v-theme-ink));
}
.flips ul {
  list-style: none;
}
.flips li {
  display: grid;
  grid-template-columns: 190px 130px 1fr;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.flips__at {
  font-weight: 600;
}
@media (max-width: 700px) {
  .flips li {
    grid-template-columns: 1fr 110px;
  }
  .flips li > :last-child {
    grid-column: 1 / -1;
  }
}
</style>
