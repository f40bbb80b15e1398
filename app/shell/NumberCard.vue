<script setup lang="ts">
import { computed } from 'vue';
import {
  inUnits,
  familiarNumbers,
  FAMILIAR_RIGS,
  judgeRig,
  READOUT_TEXT,
  readoutText,
  rigTitle,
  SCORE_NUMBER,
  WANT_NUMBER,
  WANT_TITLE,
  wantValue,
  type NumberText,
} from '@core';
import FractionText from '../parts/FractionText.vue';
import { useWaterBest } from '../composables/useWaterBest';
import { useUnits } from '../composables/useUnits';
import { useNumberCard } from '../stores/number-card';
import { useWater } from '../stores/water';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

/** One number, explained: what it is, its two ends, and what two rigs everybody knows have of it in the water at hand. */
useFocusBack();
const card = useNumberCard();
const water = useWater();
const scale = useWaterBest();
const { system } = useUnits();
const open = computed({ get: () => card.asked !== null, set: (shown) => !shown && (card.asked = null) });

const title = computed(() => {
  const { asked } = card;
  if (asked === null) return '';
  return asked.of === 'want'
    ? WANT_TITLE[asked.id]
    : asked.of === 'readout'
      ? READOUT_TEXT[asked.id].title
      : words.score;
});
const text = computed((): NumberText => {
  const { asked } = card;
  if (asked?.of === 'want') return WANT_NUMBER[asked.id];
  return asked?.of === 'readout' ? READOUT_TEXT[asked.id] : SCORE_NUMBER;
});
const RIGS = ['chunk', 'flapper'] as const;
const familiar = computed(() => {
  const { asked } = card;
  if (asked === null) return [];
  const numbers = asked.of === 'score' ? null : familiarNumbers(water.water);
  return RIGS.map((rig) => {
    const name = rigTitle(FAMILIAR_RIGS[rig], system.value);
    if (asked.of === 'score') {
      const isKnown = scale.value !== null;
      const has = isKnown ? `${Math.round(judgeRig(water.water, FAMILIAR_RIGS[rig]).score * 100)}` : words.scoreNotYet;
      return { name, has, band: '' };
    }
    if (asked.of === 'want')
      return { name, has: wantValue(asked.id, numbers![rig].has[asked.id], system.value), band: '' };
    const readout = numbers![rig].readouts.find(({ id }) => id === asked.id);
    const shownText = readout ? readoutText(readout, system.value) : { value: '', band: '' };
    return { name, has: shownText.value || words.hasNone, band: shownText.band };
  });
});
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.whatNumberMeans" :max-width="520">
    <v-card class="number-card" data-testid="number-card">
      <h2>{{ title }}</h2>
      <p><FractionText :text="inUnits(text.says, system)" /></p>
      <p class="number-card__ends">
        <span>{{ text.low }}</span>
        <span class="number-card__line" :aria-label="words.rangeSign" role="img" />
        <span>{{ text.high }}</span>
      </p>
      <h3>{{ words.inTheWaterAtHand }}</h3>
      <dl>
        <template v-for="row in familiar" :key="row.name">
          <dt><FractionText :text="row.name" /></dt>
          <dd>
            <span class="number"><FractionText :text="row.has" /></span>
            <small v-if="row.band" class="soft">{{ ' ' }}{{ words.likely }} <FractionText :text="row.band" /></small>
          </dd>
        </template>
      </dl>
      <v-btn class="act" autofocus @click="card.asked = null">{{ words.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.number-card {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
.number-card__ends {
  display: grid;
  grid-template-columns: auto 1fr auto;
  gap: 10px;
  align-items: center;
  color: rgb(var(--v-theme-ink-soft));
}
.number-card__line {
  border-top: 2px solid rgb(var(--v-theme-ink));
}
.number-card dl {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 4px 12px;
}
.number-card dd {
  text-align: right;
}
.number-card dd .number {
  font-size: 19px;
}
</style>
