<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { rigTitle } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useBox } from '../../stores/box';

/** The answer first: what to tie on, as soon as there is something to build from. */
// drawn only once there is something to draw
const RigDrawing = defineAsyncComponent(() => import('../../parts/RigDrawing.vue'));
const advice = useAdvice();
const box = useBox();
const { system } = useUnits();
const best = computed(() => advice.picks[0] ?? null);
</script>

<template>
  <section class="tie-on" aria-label="What to tie on">
    <div v-if="best" class="tie-on__sheet">
      <RouterLink to="/pick" class="tie-on__link">
        <span class="soft">Tie on</span>
        <b class="tie-on__title condensed"><FractionText :text="rigTitle(best.rig, system)" /></b>
        <span class="tie-on__why">Why, and what else</span>
      </RouterLink>
      <RigDrawing :rig="best.rig" :label="`${rigTitle(best.rig, system)}, from the side`" :frame-mm="150" />
    </div>
    <p v-else-if="advice.advice && advice.advice.forbidden.length > 0 && !advice.ranking">
      Nothing here may be tied on: the <b>local rules</b> you entered leave nothing of what you pick from.
      <RouterLink to="/pick">What they forbid</RouterLink>.
    </p>
    <p v-else-if="box.ready && !advice.ranking">
      Nothing to build from yet. <RouterLink to="/box">Fill your box</RouterLink>, or
      <RouterLink to="/pick">pick from every kind there is</RouterLink>.
    </p>
    <p v-else class="soft" role="status">Ranking…</p>
  </section>
</template>

<style scoped>
.tie-on__sheet,
.tie-on > p {
  min-height: 84px;
  padding-bottom: 4px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.tie-on__sheet {
  display: grid;
  grid-template-columns: 1fr 200px;
  gap: 14px;
  align-items: center;
}
.tie-on a {
  color: rgb(var(--v-theme-oxblood));
}
.tie-on__link {
  display: grid;
  text-decoration: none;
}
.tie-on .tie-on__title {
  color: rgb(var(--v-theme-ink));
  font-size: 21px;
}
.tie-on__why {
  text-decoration: underline;
}
@media (max-width: 700px) {
  /* always as tall: another answer must not push the picture below away from the finger that drags in it */
  .tie-on__sheet {
    grid-template-columns: 1fr;
  }
  .tie-on__sheet :deep(.rig-drawing) {
    height: 150px;
  }
  .tie-on .tie-on__title {
    min-height: 2.2em;
  }
}
</style>
