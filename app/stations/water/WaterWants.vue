<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { CONTRADICTION_TEXT, contradictions, inUnits, WANT_TITLE, wantBand } from '@core';
import FractionText from '../../parts/FractionText.vue';
import NumberName from '../../parts/NumberName.vue';
import WantHandles from '../../parts/WantHandles.vue';
import { useUnits } from '../../composables/useUnits';
import { useWater } from '../../stores/water';
import { FAMILY_TITLE } from '../../parts/family-names';
import { whenIdle } from '../../when-idle';
import * as partWords from '../../locale/en/parts';
import * as words from '../../locale/en/water';

// the numbers first: what all the rules say is the largest text there is, and follows a moment later
const WantReasons = defineAsyncComponent(() => whenIdle(() => import('./WantReasons.vue')));
// what the water asks comes first, what the angler asks instead a moment later; its place is kept
const IntentWords = defineAsyncComponent(() => whenIdle(() => import('../../parts/IntentWords.vue')));
// asked for once a want is taken in hand
const WantEnds = defineAsyncComponent(() => import('../../parts/WantEnds.vue'));
const store = useWater();
const { system } = useUnits();

const rows = computed(() =>
  store.compiled.wants.map((want) => ({
    want,
    title: WANT_TITLE[want.id],
    mine: want.inHand !== undefined,
    band: wantBand(want, system.value),
  })),
);
const odd = computed(() =>
  contradictions(store.water).map((id) => ({ id, says: inUnits(CONTRADICTION_TEXT[id], system.value) })),
);
</script>

<template>
  <section class="wants" aria-labelledby="wants-title">
    <ul v-if="odd.length > 0" class="wants__odd" role="status" :aria-label="words.lookAgain" data-testid="odd-water">
      <li v-for="row in odd" :key="row.id">{{ row.says }}</li>
    </ul>
    <div class="wants__intent"><IntentWords /></div>
    <h2 id="wants-title">{{ words.whatItAsksFor }}</h2>
    <p class="soft wants__of">
      {{ words.askedOf }} {{ FAMILY_TITLE[store.compiled.facts.family].toLowerCase() }}{{ words.whichSuitBest }}
    </p>
    <article v-for="row in rows" :key="row.want.id" class="wants__row" :data-testid="`want-${row.want.id}`">
      <h3 class="wants__title"><NumberName :name="row.title" :number="{ of: 'want', id: row.want.id }" /></h3>
      <div class="wants__hand">
        <b v-if="row.mine" class="wants__mine">{{ partWords.yours }}</b>
        <button
          type="button"
          class="press press--text"
          :aria-label="row.mine ? partWords.giveBack(row.title) : partWords.takeInHand(row.title)"
          @click="store.takeInHand(row.want.id, row.mine ? null : row.want)"
        >
          {{ row.mine ? partWords.back : partWords.inHand }}
        </button>
      </div>
      <p class="wants__band number"><FractionText :text="row.band" /></p>
      <WantHandles class="wants__line" :want="row.want" />
      <WantEnds v-if="row.mine" class="wants__ends" :want="row.want" />
      <p class="wants__because">
        <WantReasons :want="row.want" />
      </p>
    </article>
  </section>
</template>

<style scoped>
.wants__intent {
  min-height: 182px;
}
@media (max-width: 700px) {
  .wants__intent {
    min-height: 424px;
  }
}
.wants__odd {
  list-style: none;
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  padding-left: 10px;
  margin-bottom: 6px;
}
.wants {
  display: grid;
  gap: 2px;
  align-content: start;
}
.wants__row {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 0 10px;
  align-items: end;
  padding: 2px 0 4px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.wants__title {
  font-weight: 600;
  align-self: end;
}
.wants__band {
  font-size: 22px;
  line-height: 1;
  text-align: right;
}
.wants__line,
.wants__ends,
.wants__because {
  grid-column: 1 / -1;
}
.wants__hand {
  display: flex;
  gap: 8px;
  align-items: end;
}
.wants__mine {
  align-self: center;
  padding: 0 8px;
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
}
.wants__line {
  margin-top: -4px;
}
.wants__because {
  color: rgb(var(--v-theme-ink-soft));
  min-height: 1.5em;
  font-size: 14.5px;
  margin-top: 2px;
}
</style>
