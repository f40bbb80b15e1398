<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { adviceWarnings, rigTitles, wantBand, WANT_TITLE } from '@core';
import BandLine from '../../parts/BandLine.vue';
import FractionText from '../../parts/FractionText.vue';
import NumberName from '../../parts/NumberName.vue';
import { useGradually } from '../../composables/useGradually';
import { useNarrow } from '../../composables/useNarrow';
import { useNextFrame } from '../../composables/useNextFrame';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import PickEmpty from './PickEmpty.vue';
import PickRow from './PickRow.vue';
import PickVerdict from './PickVerdict.vue';

// its selects are the heaviest part of the page: they come a moment after the rest
const PickFirst = defineAsyncComponent(() => import('./PickFirst.vue'));
const PickSettings = defineAsyncComponent(() => import('./PickSettings.vue'));
const store = useAdvice();
const { system } = useUnits();
const ready = useNextFrame();
const narrow = useNarrow();
const open = ref<number[]>([]);
/** a row a frame: no frame has to draw the whole list */
const shown = useGradually(() => (ready.value ? store.picks.length : 0), 0, 1);

const mixed = computed(() => new Set(store.picks.map(({ rig }) => rig.family)).size > 1);
/** bands head the list where all picks were asked the same; else every row names its own */
const wants = computed(() => (mixed.value ? [] : (store.picks[0]?.wants ?? store.advice?.wants ?? [])));
const titles = computed(() =>
  rigTitles(
    store.picks.map(({ rig }) => rig),
    system.value,
  ),
);
const warnings = computed(() => (store.advice ? adviceWarnings(store.advice) : []));
const state = computed(() => {
  if (store.ranking) return 'ranking…';
  return store.stopped ? 'stopped' : 'compared';
});
/** a ranking that lasts is shown with its progress; a quick one would only flicker */
const slow = computed(() => store.ranking && store.progress > 0);
const counted = computed(() => (store.advice?.considered ?? 0).toLocaleString('en-US'));
</script>

<template>
  <div v-if="ready" class="pick" :style="{ '--wants': wants.length }">
    <PickFirst
      v-if="narrow && store.picks[0] && store.answered"
      :pick="store.picks[0]"
      :title="titles[0] ?? ''"
      :water="store.answered"
    />
    <header class="pick__head">
      <div class="pick__title">
        <h1>{{ counted }} rigs</h1>
        <p class="soft" role="status">
          {{ state }}
        </p>
        <div class="pick__settings"><PickSettings /></div>
      </div>
      <div v-for="want in wants" :key="want.id" class="pick__want">
        <NumberName class="pick__want-title" :name="WANT_TITLE[want.id]" :number="{ of: 'want', id: want.id }" />
        <span class="pick__want-band number"><FractionText :text="wantBand(want, system)" /></span>
        <BandLine class="pick__want-line" :want="want" />
      </div>
    </header>
    <div v-if="slow" class="pick__progress">
      <v-progress-linear
        :model-value="100 * store.progress"
        color="bottle"
        height="8"
        aria-label="Share of the ranking done"
      />
      <v-btn @click="store.cancel()">Stop ranking</v-btn>
    </div>
    <div v-else-if="store.stopped" class="pick__progress" role="alert">
      <p>Ranking was stopped. What stands below, if anything, belongs to the water or box before.</p>
      <v-btn class="act" @click="store.again()">Rank again</v-btn>
    </div>
    <ul v-if="warnings.length > 0 && store.picks.length > 0" class="pick__warnings" aria-label="Bear in mind">
      <li v-for="warning in warnings" :key="warning">{{ warning }}</li>
    </ul>
    <PickVerdict v-if="store.advice && store.answered" :advice="store.advice" :water="store.answered" />
    <v-expansion-panels v-if="store.picks.length > 0 && store.answered" v-model="open" multiple>
      <PickRow
        v-for="(pick, at) in store.picks.slice(0, shown)"
        :key="pick.rank"
        :pick="pick"
        :title="titles[at] ?? ''"
        :advice="store.advice!"
        :water="store.answered"
        :titled="mixed"
      />
    </v-expansion-panels>
    <PickEmpty v-else-if="!store.ranking" :warnings="warnings" />
  </div>
</template>

<style scoped>
.pick__head {
  display: grid;
  grid-template-columns: 386px repeat(var(--wants), 1fr);
  background: rgb(var(--v-theme-shade));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.pick__title {
  padding: 10px 18px;
}
.pick__title h1 {
  display: inline;
  font-size: 24px;
}
.pick__title > p {
  display: inline;
  margin-left: 10px;
}
.pick__settings {
  min-height: 85px;
}
.pick__want {
  display: flex;
  flex-direction: column;
  padding: 12px 10px 10px;
  border-left: 1px solid rgb(var(--v-theme-rule));
}
.pick__want-title {
  font: 600 15px var(--v-font-heading);
}
.pick__want-band {
  color: rgb(var(--v-theme-bottle));
  font-size: 16px;
  font-weight: 600;
}
.pick__want-line {
  margin-top: auto;
}
.pick__progress {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 14px;
  align-items: center;
  padding: 8px 18px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.pick__warnings {
  list-style: none;
  padding: 8px 18px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  border-left: 4px solid rgb(var(--v-theme-oxblood));
}
@media (max-width: 1100px) {
  .pick__head {
    display: block;
  }
  .pick__settings {
    min-height: 49px;
  }
  .pick__want {
    display: none;
  }
}
@media (max-width: 700px) {
  .pick {
    padding-bottom: 64px;
  }
}
</style>
