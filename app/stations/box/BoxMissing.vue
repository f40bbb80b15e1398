<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, watch } from 'vue';
import { RIG_TRAYS, type RigTray, type Tray } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { useGaps } from '../../stores/gaps';
import { gapPart } from './gap-parts';
import * as words from '../../locale/en/box';

/** What this tray lacks for the water at hand, in a line over its list. */
const props = defineProps<{ tray: Tray }>();
const store = useGaps();
const box = useBox();
const { system } = useUnits();

/** Changes that follow each other are answered once, ms. */
const SETTLED_MS = 600;
let timer: ReturnType<typeof setTimeout> | undefined;
function look(): void {
  clearTimeout(timer);
  timer = setTimeout(() => store.lookUnasked(), SETTLED_MS);
}
onMounted(look);
onBeforeUnmount(() => clearTimeout(timer));
watch([() => box.ready, () => box.box, () => store.gaps], look);

const percent = (score: number): number => Math.round(score * 100);
const missing = computed(() => {
  const { gaps } = store;
  const tray = RIG_TRAYS.find((name) => name === props.tray) as RigTray | undefined;
  if (gaps === null || tray === undefined) return null;
  const step = gaps.fill ?? null;
  if (step === null || !step.buy.includes(tray)) return { part: '', from: 0, to: 0 };
  return { part: gapPart(step, tray, system.value), from: percent(gaps.own?.score ?? 0), to: percent(step.score) };
});
</script>

<template>
  <p class="missing soft" role="status" data-testid="missing">
    <template v-if="missing && missing.part">
      {{ words.missingHere }} <b><FractionText :text="missing.part" /></b> {{ words.bestAnswersNow }}
      <span class="number">{{ missing.from }}</span> {{ words.of100WithIt }}
      <span class="number">{{ missing.to }}</span>).
    </template>
    <template v-else-if="missing">{{ words.nothingMissingHere }}</template>
    <template v-else-if="store.busy">{{ words.lookingForMissing }}</template>
  </p>
</template>

<style scoped>
.missing {
  min-height: 26px;
  padding: 0 20px 4px;
}
.missing b {
  color: rgb(var(--v-theme-ink));
}
</style>
