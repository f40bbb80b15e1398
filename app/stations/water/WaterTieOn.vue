<script setup lang="ts">
import { computed, ref, shallowRef, watch, type Component } from 'vue';
import { rigTitle } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useBox } from '../../stores/box';
import { useSettings } from '../../stores/settings';
import { whenIdle } from '../../when-idle';
import LastSheet from './LastSheet.vue';
import * as words from '../../locale/en/water';

/** The answer first: what to tie on. Until it is there, what the last visit ended with, said to be that. */
const advice = useAdvice();
const box = useBox();
const settings = useSettings();
const { system } = useUnits();
const best = computed(() => advice.picks[0] ?? null);
/** what draws a rig is fetched behind the words, while the answer is worked out; one that could not be had is asked for again with the next answer */
const RigDrawing = shallowRef<Component | null>(null);
const fetchDrawing = (): void =>
  void whenIdle(() => import('../../parts/RigDrawing.vue')).then(
    (drawing) => (RigDrawing.value = drawing.default),
    // the answer stands in words
    () => undefined,
  );
fetchDrawing();
watch(best, () => RigDrawing.value ?? fetchDrawing());
const isEmpty = computed(() => advice.advice !== null && best.value === null && !advice.ranking);

const sheet = ref<HTMLElement | null>(null);
/** once it stands and nothing else happens, it is kept for the next visit */
const keep = (): void =>
  void import('./keep-last').then(
    ({ keepLast }) => keepLast(sheet.value),
    // a visit without it only waits a moment longer
    () => undefined,
  );
watch(isEmpty, (empty) => empty && keep());
watch(
  () => settings.settings.theme,
  () => best.value && keep(),
);
</script>

<template>
  <section class="tie-on" :aria-label="words.whatToTieOn">
    <div v-if="best" ref="sheet" class="tie-on__sheet">
      <RouterLink to="/pick" class="tie-on__link">
        <span class="soft">{{ words.tieOn }}</span>
        <b class="tie-on__title condensed"><FractionText :text="rigTitle(best.rig, system)" /></b>
        <span class="tie-on__why">{{ words.whyAndWhatElse }}</span>
      </RouterLink>
      <component
        :is="RigDrawing"
        v-if="RigDrawing"
        :rig="best.rig"
        :label="words.fromTheSide(rigTitle(best.rig, system))"
        :frame-mm="150"
        @vue:mounted="keep"
        @vue:updated="keep"
      />
    </div>
    <p v-else-if="advice.advice && advice.advice.forbidden.length > 0 && !advice.ranking">
      {{ words.nothingMayBeTied }} <b>{{ words.localRulesOnly }}</b> {{ words.leaveNothing }}
      <RouterLink to="/pick">{{ words.whatTheyForbid }}</RouterLink>.
    </p>
    <p v-else-if="box.ready && !advice.ranking">
      {{ words.nothingToBuildFrom }} <RouterLink to="/box">{{ words.fillYourBox }}</RouterLink>{{ words.or }}
      <RouterLink to="/pick">{{ words.pickFromEveryKind }}</RouterLink>.
    </p>
    <LastSheet v-else />
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
