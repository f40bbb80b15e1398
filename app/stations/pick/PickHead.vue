<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { countText, wantBand, WANT_TITLE, type Want, type WantId } from '@core';
import FractionText from '../../parts/FractionText.vue';
import IntentWords from '../../parts/IntentWords.vue';
import NumberName from '../../parts/NumberName.vue';
import WantHandles from '../../parts/WantHandles.vue';
import { useNarrow } from '../../composables/useNarrow';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/pick';

/** What heads the list of picks: how many were compared and of what, what unfolds, and what the water asks for. */
// its selects are the heaviest part of the page: they come a moment after the rest
const PickSettings = defineAsyncComponent(() => import('./PickSettings.vue'));
const WantEnds = defineAsyncComponent(() => import('../../parts/WantEnds.vue'));
const props = defineProps<{
  /** where all picks were asked the same; none where every row names its own */
  wants: readonly Want[];
  fold: 'map' | 'year' | null;
}>();
const emit = defineEmits<{ fold: [of: 'map' | 'year'] }>();
/** what picks are made from, and which family: a phone shows the next rigs first */
const made = defineModel<boolean>('made', { required: true });
const FOLDS = { map: words.mapOfPicks, year: words.theYear } as const;
const store = useAdvice();
const water = useWater();
const narrow = useNarrow();
const { system } = useUnits();

/** what the rig should do, in words: folded away until somebody wants to say it */
const says = ref(false);
const saidCount = computed(() => Object.keys(water.water.intent ?? {}).length);
/** the want whose ends are typed */
const typed = ref<WantId | null>(null);
const typedWant = computed(() => props.wants.find(({ id }) => id === typed.value) ?? null);
const state = computed(() => {
  if (store.ranking) return words.isRanking;
  return store.stopped ? words.hasStopped : words.isCompared;
});
const counted = computed(() => countText(store.advice?.considered ?? 0));
</script>

<template>
  <header class="pick__head">
    <div class="pick__title">
      <h1>{{ words.rigsCompared(counted) }}</h1>
      <p class="soft" role="status" :data-took-ms="store.tookMs">
        {{ state }}
      </p>
      <button
        v-for="(title, which) in FOLDS"
        :key="which"
        type="button"
        class="press folds"
        :aria-expanded="fold === which"
        :data-testid="`open-${which}`"
        @click="emit('fold', which)"
      >
        {{ title }}
      </button>
      <button
        v-if="narrow"
        type="button"
        class="press folds"
        :aria-expanded="made"
        data-testid="made-from"
        @click="made = !made"
      >
        {{ words.madeFrom }}
      </button>
      <div v-if="!narrow || made" class="pick__settings"><PickSettings /></div>
    </div>
    <IntentWords v-if="narrow ? made : says" class="pick__intent" narrow />
    <div v-if="!narrow" class="pick__wants" @keydown.esc="typed = null">
      <div class="pick__asked">
        <button
          type="button"
          class="press press--text folds"
          :aria-expanded="says"
          data-testid="say-it"
          @click="says = !says"
        >
          {{ saidCount > 0 ? words.saidInWords(saidCount) : words.sayInWords }}
        </button>
        <h2 v-if="wants.length > 0">{{ words.askedFor }}</h2>
      </div>
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
  font-size: 22px;
}
.pick__title > .press {
  padding: 2px 10px;
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
  display: flex;
  align-items: center;
  justify-content: space-between;
  padding: 0 18px 0 8px;
}
.pick__asked h2 {
  font-size: 17px;
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
@media (max-width: 1100px) {
  .pick__title {
    flex-wrap: wrap;
  }
  .pick__settings {
    min-height: 98px;
    width: 100%;
  }
  /* bands stand beside each number there; how it is said in words stays */
  .pick__wants {
    display: block;
  }
  .pick__want,
  .pick__asked h2 {
    display: none;
  }
}
</style>
