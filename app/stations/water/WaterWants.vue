<script setup lang="ts">
import { computed } from 'vue';
import { WANT_MEANS, WANT_TITLE, wantBand, wantBecause } from '@core';
import BandLine from '../../parts/BandLine.vue';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useWater } from '../../stores/water';

const store = useWater();
const { system } = useUnits();

const rows = computed(() =>
  store.compiled.wants.map((want) => ({
    want,
    title: WANT_TITLE[want.id],
    means: WANT_MEANS[want.id],
    band: wantBand(want, system.value),
    because: wantBecause(want, store.water, system.value),
  })),
);
</script>

<template>
  <section class="wants" aria-labelledby="wants-title">
    <h2 id="wants-title">What this water asks for</h2>
    <article v-for="row in rows" :key="row.want.id" class="wants__row" :data-testid="`want-${row.want.id}`">
      <h3 class="wants__title" :title="row.means">{{ row.title }}</h3>
      <p class="wants__band number"><FractionText :text="row.band" /></p>
      <BandLine class="wants__line" :want="row.want" />
      <p class="wants__because"><FractionText :text="row.because" /></p>
    </article>
  </section>
</template>

<style scoped>
.wants {
  display: grid;
  gap: 2px;
  align-content: start;
}
.wants__row {
  display: grid;
  grid-template-columns: 1fr auto;
  padding: 4px 0 5px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.wants__title {
  font-weight: 600;
  align-self: end;
}
.wants__band {
  font-size: 22px;
  line-height: 1;
  text-align: right;
}
.wants__line,
.wants__because {
  grid-column: 1 / -1;
}
.wants__line {
  margin-top: -4px;
}
.wants__because {
  color: rgb(var(--v-theme-ink-soft));
  font-size: 14.5px;
  margin-top: 3px;
}
</style>
