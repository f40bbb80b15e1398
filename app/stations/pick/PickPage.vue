<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { adviceWarnings, countText, rigTitles, wantBand, WANT_TITLE, type WantId } from '@core';
import FractionText from '../../parts/FractionText.vue';
import IntentWords from '../../parts/IntentWords.vue';
import NumberName from '../../parts/NumberName.vue';
import WantHandles from '../../parts/WantHandles.vue';
import { useGradually } from '../../composables/useGradually';
import { useNarrow } from '../../composables/useNarrow';
import { useStages } from '../../composables/useStages';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import PickEmpty from './PickEmpty.vue';
import PickFirst from './PickFirst.vue';
import PickRow from './PickRow.vue';
import PickVerdict from './PickVerdict.vue';
import * as words from '../../locale/en/pick';

// its selects are the heaviest part of the page: they come a moment after the rest
const PickSettings = defineAsyncComponent(() => import('./PickSettings.vue'));
const PickMap = defineAsyncComponent(() => import('./map/PickMap.vue'));
const PickYear = defineAsyncComponent(() => import('./year/PickYear.vue'));
const WantEnds = defineAsyncComponent(() => import('../../parts/WantEnds.vue'));
const store = useAdvice();
const { system } = useUnits();
/** the decision map or the year, where one is folded out */
const fold = ref<'map' | 'year' | null>(null);
const turnTo = (of: 'map' | 'year'): void => void (fold.value = fold.value === of ? null : of);
/** the want whose ends are typed */
const typed = ref<WantId | null>(null);
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
const typedWant = computed(() => wants.value.find(({ id }) => id === typed.value) ?? null);
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
const state = computed(() => {
  if (store.ranking) return words.isRanking;
  return store.stopped ? words.hasStopped : words.isCompared;
});
/** a ranking that lasts is shown with its progress; a quick one would only flicker */
const slow = computed(() => store.ranking && store.progress > 0);
const counted = computed(() => countText(store.advice?.considered ?? 0));
</script>

<template>
  <div v-if="stage > 0" class="pick" :style="{ '--wants': wants.length }">
    <PickFirst
      v-if="narrow && store.picks[0] && store.answered"
      :pick="store.picks[0]"
      :title="titles[0] ?? ''"
      :water="store.answered"
    />
    <header v-if="stage > 1" class="pick__head">
      <div class="pick__title">
        <h1>{{ words.rigsCompared(counted) }}</h1>
        <p class="soft" role="status" :data-took-ms="store.tookMs">
          {{ state }}
        </p>
        <button
          type="button"
          class="press"
          :aria-expanded="fold === 'map'"
          data-testid="open-map"
          @click="turnTo('map')"
        >
          {{ words.mapOfPicks }}
        </button>
        <button
          type="button"
          class="press"
          :aria-expanded="fold === 'year'"
          data-testid="open-year"
          @click="turnTo('year')"
        >
          {{ words.theYear }}
        </button>
        <div class="pick__settings"><PickSettings /></div>
      </div>
      <IntentWords class="pick__intent" narrow />
      <div v-if="wants.length > 0" class="pick__wants" @keydown.esc="typed = null">
        <h2 class="pick__asked">{{ words.askedFor }}</h2>
        <div v-for="want in wants" :key="want.id" class="pick__want">
          <NumberName class="pick__want-title" :name="WANT_TITLE[want.id]" :number="{ of: 'want', id: want.id }" />
          <button
            type="button"
            class="pick__want-band number"
            :aria-expanded="typed === want.id"
            :aria-label="words.typeTheEnds(WANT_TITLE[want.id], wantBand(want, system))"
            @click="typed = typed === want.id ? null : want.id"
          >
            <FractionText :text="wantBand(want, system)" />
          </button>
          <WantHandles class="pick__want-line" :want="want" />
        </div>
      </div>
      <div v-if="typedWant" class="pick__ends" @keydown.esc="typed = null">
        <h2>{{ WANT_TITLE[typedWant.id] }}</h2>
        <WantEnds :want="typedWant" />
        <v-btn @click="typed = null">{{ words.done }}</v-btn>
      </div>
    </header>
    <PickMap v-if="fold === 'map'" />
    <PickYear v-else-if="fold === 'year'" />
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
      v-if="store.advice && store.answered"
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
.pick__head {
  background: rgb(var(--v-theme-shade));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.pick__title {
  display: flex;
  align-items: center;
  gap: 4px 10px;
  padding: 6px 18px;
}
.pick__title h1 {
  font-size: 24px;
}
/* beside the title where there is room for it, on lines of its own where words are longer */
.pick__settings {
  min-width: 0;
  min-height: 40px;
  margin-left: auto;
}
.pick__intent {
  padding: 4px 18px 8px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.pick__wants {
  display: grid;
  grid-template-columns: 386px repeat(var(--wants), 1fr);
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.pick__asked {
  align-self: center;
  padding: 0 18px;
  font-size: 17px;
  text-align: right;
}
.pick__want {
  display: grid;
  grid-template-rows: 1fr auto auto;
  align-items: end;
  padding: 3px 10px 13px;
  border-left: 1px solid rgb(var(--v-theme-rule));
  line-height: 1.15;
}
.pick__want-title {
  font: 600 15px/1.15 var(--v-font-heading);
}
.pick__want-band {
  /* over the room that the handles below it keep for fingers */
  position: relative;
  z-index: 2;
  justify-self: start;
  padding: 0;
  border: 0;
  background: none;
  font: inherit;
  text-align: left;
  cursor: pointer;
  text-decoration: underline dotted;
  text-underline-offset: 3px;
  color: rgb(var(--v-theme-bottle));
  font-size: 16px;
  font-weight: 600;
}
.pick__ends {
  display: flex;
  gap: 14px;
  align-items: end;
  padding: 0 18px 10px 386px;
}
.pick__ends h2 {
  font-size: 17px;
}
.pick__want-line {
  margin-top: -3px;
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
@media (max-width: 1100px) {
  .pick__title {
    flex-wrap: wrap;
  }
  .pick__settings {
    min-height: 98px;
    width: 100%;
  }
  .pick__wants {
    display: none;
  }
}
@media (max-width: 700px) {
  .pick {
    padding-bottom: 64px;
  }
}
</style>
