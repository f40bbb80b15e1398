<script setup lang="ts">
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { bandsMet, EDIT_TITLE, editOf, editValueText } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useWaterBest } from '../../composables/useWaterBest';
import { useBench } from '../../stores/bench';
import { useSaid } from './useSaid';
import * as words from '../../locale/en/bench';

/** What the build comes to, in one line that stays in view while a finger cuts: its score, what it answers, and the change as it happens. */
const bench = useBench();
const said = useSaid();
const { system } = useUnits();
const best = useWaterBest();

/** a score takes longer than a frame of a drag: it follows once the hand rests */
const SCORE_AFTER_MS = 250;
const score = ref<number | null>(null);
let timer: ReturnType<typeof setTimeout> | undefined;
watch(
  () => [bench.build?.rig, bench.on, best.value] as const,
  () => {
    clearTimeout(timer);
    timer = setTimeout(() => (score.value = bench.scoreOf()), SCORE_AFTER_MS);
  },
  { immediate: true },
);
onBeforeUnmount(() => clearTimeout(timer));

const asked = computed(() => {
  const { numbers } = bench;
  if (!numbers || numbers.fits.length === 0) return '';
  const wants = numbers.fits.map(({ want }) => want);
  return words.answersSoMany(bandsMet(wants, numbers.has), wants.length);
});
const faults = computed(() => (bench.numbers ? words.faultCount(bench.numbers.faults.length) : ''));
const change = computed(() => {
  const { moving } = bench;
  if (moving === null) return said.value[0]?.text ?? '';
  const row = editOf(moving.edit);
  const value = editValueText(moving.edit, row.kind === 'amount' ? row.unit : 'word', moving.value, system.value);
  return `${EDIT_TITLE[moving.edit]} ${value}`;
});
</script>

<template>
  <div class="verdict no-print" data-testid="bench-verdict">
    <b v-if="score !== null" class="number" :aria-label="words.scoreIs(score)">{{ score }}</b>
    <span class="verdict__asked"
      >{{ asked }}<template v-if="faults"> · {{ faults }}</template></span
    >
    <!-- said aloud where it stands in full -->
    <span v-if="change" class="verdict__change" aria-hidden="true"><FractionText :text="change" /></span>
  </div>
</template>

<style scoped>
.verdict {
  position: fixed;
  inset: auto 0 var(--stations-height, 58px) 0;
  z-index: 900;
  display: flex;
  align-items: baseline;
  gap: 10px;
  min-height: 40px;
  padding: 8px 12px;
  background: rgb(var(--v-theme-shade));
  border-top: 1px solid rgb(var(--v-theme-ink));
  font: 600 15px/1.2 var(--v-font-heading);
}
.verdict b {
  font-size: 20px;
}
.verdict__asked {
  flex: none;
}
.verdict__change {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  color: rgb(var(--v-theme-oxblood));
}
</style>
