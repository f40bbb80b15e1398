<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref } from 'vue';
import { adviceWarnings, rigTitles } from '@core';
import { useGradually } from '../../composables/useGradually';
import { useNarrow } from '../../composables/useNarrow';
import { useStages } from '../../composables/useStages';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import PickEmpty from './PickEmpty.vue';
import PickFirst from './PickFirst.vue';
import PickHead from './PickHead.vue';
import PickRow from './PickRow.vue';
import PickVerdict from './PickVerdict.vue';
import * as words from '../../locale/en/pick';

const PickMap = defineAsyncComponent(() => import('./map/PickMap.vue'));
const PickYear = defineAsyncComponent(() => import('./year/PickYear.vue'));
const store = useAdvice();
const { system } = useUnits();
/** the decision map or the year, where one is folded out */
const fold = ref<'map' | 'year' | null>(null);
const folded = ref<HTMLElement | null>(null);
/** Past everything that is asked, to what answers it. */
const toRow = (rank: number): boolean => {
  const row = document.querySelector<HTMLElement>(`[data-testid="pick-${rank}"] .pick-row__title`);
  row?.focus();
  return row !== null;
};
/** up and down go from rig to rig */
function alongRows(event: KeyboardEvent): void {
  const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
  const row = (event.target as HTMLElement).closest('.pick-row__title')?.closest('[data-testid]');
  if (by === 0 || !row) return;
  const rank = Number(row.getAttribute('data-testid')!.replace('pick-', ''));
  if (toRow(rank + by)) event.preventDefault();
}
/** what is folded out stands where it is seen: on a phone it is below the glass */
async function turnTo(of: 'map' | 'year'): Promise<void> {
  fold.value = fold.value === of ? null : of;
  await nextTick();
  if (fold.value !== null && narrow.value) folded.value?.scrollIntoView({ block: 'start' });
}
/** what picks are made from, and which family: a phone shows the next rigs first */
const made = ref(false);
/** the first pick, then what heads the list, then the list */
const stage = useStages(3);
const narrow = useNarrow();
/** a row a frame: no frame has to draw the whole list */
const shown = useGradually(() => (stage.value > 2 ? rows.value.length : 0), 0, 1);

/** the answer as far as it is known, then what stands from the answer before */
const rows = computed(() => {
  const { advice, answered, before } = store;
  if (!advice || !answered) return [];
  const known = store.picks.map((pick) => ({ pick, advice, water: answered, isOlder: false }));
  return before ? [...known, ...store.older.map((pick) => ({ pick, ...before, isOlder: true }))] : known;
});
const mixed = computed(() => new Set(rows.value.map(({ pick }) => pick.rig.family)).size > 1);
/** bands head the list where all picks were asked the same; else every row names its own */
const wants = computed(() => (mixed.value ? [] : (store.picks[0]?.wants ?? store.advice?.wants ?? [])));
const titles = computed(() =>
  rigTitles(
    rows.value.map(({ pick }) => pick.rig),
    system.value,
  ),
);
/** while only the first rig is known, what no rig can do is as it was in the answer before */
const warnings = computed(() => {
  const { advice, before } = store;
  if (!advice) return [];
  return adviceWarnings(before ? { ...advice, outOfReach: before.advice.outOfReach } : advice, system.value);
});
/** a ranking that lasts is shown with its progress; a quick one would only flicker */
const slow = computed(() => store.ranking && store.progress > 0);
</script>

<template>
  <div v-if="stage > 0" class="pick" :style="{ '--wants': wants.length }" @keydown="alongRows">
    <a v-if="rows.length > 0" class="skip" href="#/pick" @click.prevent="toRow(1)">{{ words.toTheFirstRig }}</a>
    <PickFirst
      v-if="narrow && store.picks[0] && store.answered"
      :pick="store.picks[0]"
      :title="titles[0] ?? ''"
      :water="store.answered"
    />
    <PickHead v-if="stage > 1" v-model:made="made" :wants="wants" :fold="fold" @fold="turnTo" />
    <div ref="folded" class="pick__folded">
      <PickMap v-if="fold === 'map'" />
      <PickYear v-else-if="fold === 'year'" />
    </div>
    <div v-if="slow" class="pick__progress">
      <v-progress-linear
        :model-value="100 * store.progress"
        color="bottle"
        height="8"
        :aria-label="words.shareRanked"
      />
      <v-btn @click="store.cancel()">{{ words.stopRanking }}</v-btn>
    </div>
    <div v-else-if="store.stopped" class="pick__progress" role="alert">
      <p>{{ words.rankingWasStopped }}</p>
      <v-btn class="act" @click="store.again()">{{ words.rankAgain }}</v-btn>
    </div>
    <ul v-if="warnings.length > 0 && store.picks.length > 0" class="pick__warnings" :aria-label="words.bearInMind">
      <li v-for="warning in warnings" :key="warning">{{ warning }}</li>
    </ul>
    <PickVerdict
      v-if="store.advice && store.answered && (!narrow || made || store.advice.notAJig !== null)"
      :advice="store.advice"
      :water="store.answered"
      :looking="store.isFirstOnly"
      :before="store.before?.advice ?? null"
    />
    <template v-if="store.picks.length > 0 && store.answered">
      <p v-if="store.older.length > 0" class="visually-hidden">{{ words.fromTheAnswerBefore }}</p>
      <PickRow
        v-for="(row, at) in rows.slice(0, shown)"
        :key="row.pick.rank"
        :class="{ pick__older: row.isOlder }"
        :aria-busy="row.isOlder"
        :pick="row.pick"
        :title="titles[at] ?? ''"
        :advice="row.advice"
        :water="row.water"
        :titled="mixed"
      />
    </template>
    <PickEmpty v-else-if="!store.ranking" :warnings="warnings" />
  </div>
</template>

<style scoped>
.pick__folded {
  scroll-margin-top: 8px;
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
/* they follow in a moment: their numbers are of the answer before */
.pick__older {
  opacity: 0.5;
}
@media (max-width: 700px) {
  .pick {
    padding-bottom: 64px;
  }
}
</style>
