<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue';
import { rigTitles } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { askLog } from '../../workers/ask-log';
import type { Truth } from '../../../demo/seasons';
import * as words from '../../locale/en/log';

/** The made-up seasons, whatever is filtered: what is true of each rig, and what the log makes of it. */
const { system } = useUnits();
const truth = shallowRef<readonly Truth[]>([]);
onMounted(async () => {
  const found = await askLog('truth', {});
  if (found.ok) truth.value = found.value;
});
const percent = (share: number): string => `${Math.round(100 * share)} %`;
const rows = computed(() => {
  const titles = rigTitles(
    truth.value.map(({ rig }) => rig),
    system.value,
  );
  return truth.value.map((row, at) => ({
    ...row,
    title: titles[at]!,
    holds: row.trueRate >= row.band[0] && row.trueRate <= row.band[1],
  }));
});
const held = computed(() => rows.value.filter(({ holds }) => holds).length);
</script>

<template>
  <section class="true" data-testid="log-true">
    <h2>{{ words.trueTitle }}</h2>
    <p>{{ words.demoSays }}</p>
    <p v-if="rows.length > 0">{{ words.heldOf(held, rows.length) }}</p>
    <div class="true__scroll" tabindex="0" role="region" :aria-label="words.trueTitle">
      <table class="ruled">
        <thead>
          <tr>
            <th scope="col">{{ words.trueRig }}</th>
            <th scope="col">{{ words.hoursFished }}</th>
            <th scope="col">{{ words.trueBites }}</th>
            <th scope="col">{{ words.trueBitesFound }}</th>
            <th scope="col">{{ words.trueLanded }}</th>
            <th scope="col">{{ words.trueFound }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.title">
            <th scope="row"><FractionText :text="row.title" /></th>
            <td class="number">{{ row.hours.toFixed(1) }}</td>
            <td class="number">
              <b>{{ row.trueRate.toFixed(2) }}</b>
            </td>
            <td class="number">
              {{ row.found.toFixed(2) }}
              <small class="soft">
                {{ row.band[0].toFixed(2) }} – {{ row.band[1].toFixed(2) }}
                {{ row.holds ? words.holdsTruth : words.missesTruth }}
              </small>
            </td>
            <td class="number">{{ percent(row.trueLanded) }}</td>
            <td class="number">{{ percent(row.landed) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.true {
  display: grid;
  gap: 8px;
}
.true__scroll {
  overflow-x: auto;
}
.true__scroll th[scope='row'] {
  text-align: left;
}
.true > * {
  min-width: 0;
}
</style>
