<script setup lang="ts">
import { computed, ref, shallowRef, toRaw, watch } from 'vue';
import { issueText, rigTitle, type Purchase, type Water } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { useWater } from '../../stores/water';
import { askWhatToBuy } from '../../workers/ask-gaps';
import { placeName } from '../water/place-name';
import { partTitles } from '../../parts/part-text';
import * as words from '../../locale/en/box';

/** Single parts from every kind and size there is, by what they would add over all the waters that are kept. */
const SHOWN = 8;
/** Waters that are looked at: the latest. */
const MOST_WATERS = 8;
const box = useBox();
const water = useWater();
const { system } = useUnits();
const purchases = shallowRef<readonly Purchase[] | null>(null);
const busy = ref(false);
const problem = ref('');
let turn = 0;

const rows = computed(() => water.all.slice(0, MOST_WATERS));
const waters = computed((): Water[] => (rows.value.length > 0 ? rows.value.map(({ value }) => value) : [water.water]));
const names = computed(() => (rows.value.length > 0 ? rows.value.map(placeName) : [words.waterAtHand]));

watch([waters, () => box.box], () => {
  turn++;
  purchases.value = null;
  busy.value = false;
});

async function look(): Promise<void> {
  const mine = ++turn;
  busy.value = true;
  problem.value = '';
  const found = await askWhatToBuy(waters.value.map(toRaw), toRaw(box.box), SHOWN);
  if (mine !== turn) return;
  busy.value = false;
  if (found.ok) purchases.value = found.value;
  else problem.value = found.issues.map(issueText).join(' ');
}

const titles = computed(() => partTitles(purchases.value ?? [], system.value));
const points = (share: number): string => (100 * share).toFixed(share < 0.095 ? 1 : 0);
</script>

<template>
  <section class="buy" :aria-label="words.whatToBuy" data-testid="buy">
    <div class="buy__ask">
      <h2>{{ words.whatToBuy }}</h2>
      <v-btn :loading="busy" @click="look">
        {{ words.rankEveryKindFor(waters.length) }}
      </v-btn>
      <p class="soft">{{ words.buyHelp }}</p>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <div v-if="purchases" role="status">
      <p v-if="purchases.length === 0">{{ words.nothingWorthNaming }}</p>
      <ol v-else>
        <li v-for="(row, at) in purchases" :key="`${row.tray}${titles[at]}${row.gain}`">
          <b class="number">+{{ points(row.gain) }}</b>
          <span>
            <b><FractionText :text="titles[at] ?? ''" /></b>
            <small class="soft">
              <template v-for="on in row.on.slice(0, 2)" :key="on.water">
                <FractionText
                  :text="
                    words.wouldAnswer(
                      names[on.water] ?? '',
                      Math.round(100 * on.from),
                      Math.round(100 * on.to),
                      rigTitle(on.rig, system),
                    )
                  "
                />{{ ' ' }}
              </template>
              <template v-if="row.on.length > 2">{{ words.andMoreWaters(row.on.length - 2) }}</template>
            </small>
          </span>
        </li>
      </ol>
    </div>
  </section>
</template>

<style scoped>
.buy {
  padding: 12px 20px;
  border-top: 1px solid rgb(var(--v-theme-rule));
  display: grid;
  gap: 8px;
}
.buy__ask {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: center;
}
.buy ol {
  list-style: none;
  padding: 0;
}
.buy li {
  display: grid;
  grid-template-columns: 64px 1fr;
  align-items: baseline;
  padding: 5px 0 5px 10px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.buy li > .number {
  font-size: 22px;
  color: rgb(var(--v-theme-bottle));
}
.buy small {
  display: block;
}
@media (max-width: 700px) {
  .buy .v-btn {
    min-height: 48px;
  }
}
</style>
