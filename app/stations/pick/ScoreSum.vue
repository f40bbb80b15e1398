<script setup lang="ts">
import { computed } from 'vue';
import { missingIn, rigTitle, wholeParts, WANT_TITLE, type Pick, type WaterBest } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { titleOfPart } from './score-titles';
import * as words from '../../locale/en/pick';

/** A score as a sum: each part with what the best rig of its family gets there; what it lacks, and what that rig is. */
const props = defineProps<{ pick: Pick; best: WaterBest }>();
const { system } = useUnits();

/** what is nothing of a whole point on either side is not told, a want always */
const rows = computed(() =>
  wholeParts(props.pick.scoreParts)
    .filter(({ part, got, of }) => got !== 0 || of !== 0 || part.startsWith('want:'))
    .map((row) => ({ ...row, title: titleOfPart(row.part) })),
);
const ownBest = computed(() => props.best.families[props.pick.rig.family] ?? null);
const whole = computed(() => new Map(rows.value.map(({ part, got, of }) => [part, of - got])));
const missing = computed(() =>
  missingIn(props.pick.scoreParts)
    .map(({ part }) => ({ part, title: titleOfPart(part), points: whole.value.get(part) ?? 0 }))
    .filter(({ points }) => points > 0),
);
const isBest = computed(() => props.pick.score >= 0.995);
const bestTitle = computed(() => (ownBest.value === null ? '' : rigTitle(ownBest.value.rig, system.value)));
const giveWay = computed(() => (ownBest.value?.misses ?? []).map((id) => WANT_TITLE[id].toLowerCase()).join(', '));
</script>

<template>
  <section class="score-sum" :aria-label="words.addsUp" data-testid="score-sum">
    <ul class="score-sum__parts">
      <li v-for="row in rows" :key="row.part">
        <span>{{ row.title }}</span>
        <span class="score-sum__bar" aria-hidden="true">
          <span class="score-sum__of" :style="{ width: `${Math.min(100, Math.max(0, row.of) * 2.5)}%` }" />
          <span
            class="score-sum__got"
            :class="{ 'score-sum__got--against': row.got < 0 }"
            :style="{ width: `${Math.min(100, Math.abs(row.got) * 2.5)}%` }"
          />
        </span>
        <b class="number">{{ words.gotOf(row.got, row.of) }}</b>
      </li>
    </ul>
    <template v-if="missing.length > 0">
      <h3>{{ words.itLacks }}</h3>
      <p data-testid="score-lacks">
        <template v-for="(row, at) in missing" :key="row.part"
          ><template v-if="at > 0">; </template>{{ words.lacks(row.title, row.points) }}</template
        >.
      </p>
    </template>
    <p v-else class="soft">{{ words.lacksNothing }}</p>
    <p v-if="!isBest && bestTitle !== ''" class="soft"><FractionText :text="words.bestThereIs(bestTitle)" /></p>
    <p v-if="giveWay !== ''" class="soft" data-testid="gives-way">{{ words.bandsGiveWay(giveWay) }}</p>
  </section>
</template>

<style scoped>
.score-sum {
  margin-bottom: 12px;
}
.score-sum__parts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 0 22px;
  list-style: none;
}
.score-sum__parts li {
  display: grid;
  grid-template-columns: 1fr 84px 62px;
  gap: 8px;
  align-items: center;
  padding: 2px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.score-sum__parts b {
  text-align: right;
}
.score-sum__bar {
  position: relative;
  height: 8px;
}
.score-sum__bar > span {
  position: absolute;
  inset: 0 auto 0 0;
}
.score-sum__of {
  border: 1px solid rgb(var(--v-theme-ink-soft));
}
.score-sum__got {
  background: rgb(var(--v-theme-bottle));
}
.score-sum__got--against {
  background: rgb(var(--v-theme-oxblood));
}
.score-sum h3 {
  margin-bottom: 0;
  margin-top: 8px;
  font: 600 15px var(--v-font-heading);
}
@media (forced-colors: active) {
  .score-sum__got {
    forced-color-adjust: none;
    background: CanvasText;
  }
}
</style>
