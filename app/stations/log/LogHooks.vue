<script setup lang="ts">
import { computed } from 'vue';
import {
  HOOKED_AT,
  notBoth,
  notComputedFor,
  offRigText,
  ROLL_UP_TITLE,
  unlikeText,
  verdictText,
  type LogAnalysis,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/log';

/** Whether a trailer hook pays, and where fish were hooked against what was computed. */
const props = defineProps<{ analysis: LogAnalysis }>();
const { system } = useUnits();
const verdict = computed(() => props.analysis.trailerHook);
const percent = (share: number): string => `${Math.round(100 * share)} %`;
</script>

<template>
  <section class="hooks">
    <div>
      <h2>{{ words.hookTitle }}</h2>
      <p class="hooks__verdict" data-testid="hook-verdict">{{ verdict ? verdictText(verdict) : notBoth }}</p>
      <template v-if="verdict">
        <p>{{ words.hookSaved(verdict.savedFish) }}</p>
        <ul v-if="verdict.unlike.length > 0" class="soft hooks__unlike">
          <li v-for="one in verdict.unlike" :key="one.what">{{ unlikeText(one) }}</li>
        </ul>
      </template>
    </div>
    <div>
      <h2>{{ words.placesTitle }}</h2>
      <p v-if="analysis.hooks.places.length === 0" class="soft">{{ words.noPlaces }}</p>
      <template v-else>
        <div class="hooks__scroll" tabindex="0" role="region" :aria-label="words.placesTitle">
          <table class="ruled" data-testid="hook-places">
            <thead>
              <tr>
                <th scope="col">{{ words.computedFor }}</th>
                <th scope="col">{{ words.fish }}</th>
                <th v-for="share in analysis.hooks.places[0]!.shares" :key="share.at" scope="col">
                  {{ HOOKED_AT[share.at] }}
                </th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="place in analysis.hooks.places" :key="String(place.rollUp)">
                <th scope="row">{{ place.rollUp ? ROLL_UP_TITLE[place.rollUp] : notComputedFor }}</th>
                <td class="number">{{ place.fish }}</td>
                <td v-for="share in place.shares" :key="share.at" class="number">
                  <b>{{ percent(share.share) }}</b>
                  <small class="soft"> {{ percent(share.band[0]) }} – {{ percent(share.band[1]) }}</small>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <ul v-if="analysis.hooks.off.length > 0" class="hooks__off" data-testid="off-rigs">
          <li v-for="(off, at) in analysis.hooks.off" :key="at"><FractionText :text="offRigText(off, system)" /></li>
        </ul>
        <p v-else class="soft">{{ words.noneOff }}</p>
      </template>
    </div>
  </section>
</template>

<style scoped>
.hooks {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 420px), 1fr));
  gap: 18px 32px;
}
.hooks__verdict {
  font: 600 18px/1.3 var(--v-font-heading);
}
.hooks__unlike {
  padding-left: 20px;
}
.hooks__scroll {
  overflow-x: auto;
}
.hooks__scroll th[scope='row'] {
  text-align: left;
}
.hooks__off {
  margin-top: 6px;
  padding: 6px 12px 6px 26px;
  border-left: 4px solid rgb(var(--v-theme-brass));
}
.hooks__scroll td {
  white-space: nowrap;
}
.hooks__scroll small {
  margin-left: 6px;
}
.hooks > * {
  min-width: 0;
}
</style>
