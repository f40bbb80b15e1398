<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { deckNotes, deckProblems, issueText } from '@core';
import SelectField from '../../parts/SelectField.vue';
import EmptySketch from '../../parts/EmptySketch.vue';
import { useNarrow } from '../../composables/useNarrow';
import { useBox } from '../../stores/box';
import { useDeck } from '../../stores/deck';
import { useNotices } from '../../stores/notices';
import { useWater } from '../../stores/water';
import { onDeckRestart } from '../../workers/ask-deck';
import { placeName } from '../water/place-name';
import DeckHead from './DeckHead.vue';
import DeckStrip from './DeckStrip.vue';
import { dayFromCode } from './day-code';
import { useDeckPlan } from './useDeckPlan';
import * as notes from '../../locale/en/notices';
import * as words from '../../locale/en/deck';

/** The deck: which rigs on which rods answer the stops of a day. */
const DeckGrid = defineAsyncComponent(() => import('./DeckGrid.vue'));
const DeckList = defineAsyncComponent(() => import('./DeckList.vue'));
const DeckStop = defineAsyncComponent(() => import('./DeckStop.vue'));
const DeckMargins = defineAsyncComponent(() => import('./DeckMargins.vue'));
const DeckMore = defineAsyncComponent(() => import('./DeckMore.vue'));
const DeckPaper = defineAsyncComponent(() => import('./DeckPaper.vue'));
const DeckNow = defineAsyncComponent(() => import('./DeckNow.vue'));

const deck = useDeck();
const box = useBox();
const waters = useWater();
const notices = useNotices();
const narrow = useNarrow();
const route = useRoute();
const router = useRouter();
onDeckRestart(() => notices.say(notes.workerRestarted));

/** a phone opens a plan as what is fished now; the plan itself is a tap away */
const wantsPlan = ref(false);
const isNow = computed(
  () => (narrow.value || deck.isBare) && !wantsPlan.value && kept.value !== null && (deck.trip?.stops.length ?? 0) > 0,
);
const isOn = computed(() => !narrow.value || wantsPlan.value || deck.trip?.plan === null);
const { view, kept, busy, problem, progress } = useDeckPlan(isOn);

/** A day that an address carries is laid on the deck, and the address is plain again. */
async function takeFromAddress(): Promise<void> {
  const { plan } = route.query;
  if (typeof plan !== 'string') return;
  const found = await dayFromCode(plan);
  await router.replace('/deck');
  if (!found.ok) return notices.complain(found.issues);
  const problems = deck.takeIn(found.value);
  if (problems.length > 0) return notices.complain(problems);
  wantsPlan.value = false;
  notices.say(words.takenFromCode(found.value.name ?? words.untitled));
}
onMounted(async () => {
  await deck.load();
  await takeFromAddress();
});
watch(
  () => route.query['plan'],
  (plan) => {
    if (plan !== undefined) void takeFromAddress();
  },
);

const chosen = ref<string | null>(null);
const stop = computed(() => deck.trip?.stops.find(({ id }) => id === chosen.value) ?? deck.trip?.stops[0] ?? null);
const stopAt = computed(() => (stop.value ? deck.trip!.stops.indexOf(stop.value) : -1));

const score = computed(() => (view.value ? Math.round(100 * view.value.plan.answered) : null));
const sure = computed(() => {
  const plan = view.value?.plan;
  if (!plan) return '';
  if (plan.isOptimal) return words.proven;
  return plan.gap === null ? words.notProven : words.gapIs((100 * plan.gap).toFixed(1));
});
const greedy = computed(() => {
  const plan = view.value?.plan;
  if (!plan || plan.greedyScore <= 0) return '';
  const more = 100 * (plan.score / plan.greedyScore - 1);
  return more >= 0.1 ? words.greedySays(`${more.toFixed(1)} %`) : '';
});
const told = computed(() => {
  const of = view.value;
  if (!of?.isCurrent || !deck.asked) return { problems: [], notes: [] };
  const { trip } = deck.asked;
  return { problems: deckProblems(trip, of.plan), notes: deckNotes(trip, of.plan) };
});

const AT_HAND = '';
const source = ref(AT_HAND);
const sources = computed(() => [
  { value: AT_HAND, title: words.addAtHand },
  ...waters.all.filter(({ key }) => key !== waters.key).map((row) => ({ value: row.key, title: placeName(row) })),
]);
function add(): void {
  const row = waters.all.find(({ key }) => key === source.value);
  const problems = row ? deck.addStop({ name: row.place, water: row.value }) : deck.addStop();
  if (problems.length > 0) return void notices.complain(problems);
  chosen.value = deck.trip?.stops.at(-1)?.id ?? null;
}
const useMyBox = (): unknown => deck.change({ box: null, plan: null });
</script>

<template>
  <section v-if="deck.loaded && !deck.trip" class="deck-empty" :aria-label="words.emptyTitle">
    <h1>{{ words.emptyTitle }}</h1>
    <p>{{ words.emptySays }}</p>
    <EmptySketch of="deck" />
    <button type="button" class="press act" @click="deck.start()">{{ words.startADay }}</button>
    <ul v-if="deck.all.length > 0">
      <li v-for="row in deck.all" :key="row.id">
        <button type="button" class="press" @click="deck.open(row.id)">
          {{ row.name || row.day || words.untitled }}
        </button>
      </li>
    </ul>
  </section>
  <DeckNow v-else-if="deck.trip && isNow && kept" :plan="kept" @plan="wantsPlan = true" />
  <div v-else-if="deck.trip" class="deck" data-testid="deck">
    <div v-if="(narrow || deck.isBare) && kept" class="deck__row deck__toNow">
      <button type="button" class="press act" @click="wantsPlan = false">{{ words.showNow }}</button>
    </div>
    <DeckHead />
    <DeckStrip
      v-if="deck.trip.stops.length > 0"
      :trip="deck.trip"
      :chosen="stop?.id ?? null"
      :narrow="narrow"
      @choose="chosen = $event"
    />
    <div class="deck__status" role="status" data-testid="deck-status">
      <template v-if="problem">
        <p class="deck__problem">{{ problem }}</p>
      </template>
      <p v-else-if="deck.trip.stops.length === 0">{{ words.needsStop }}</p>
      <template v-else>
        <p v-if="score !== null" class="deck__score">
          <b class="number" :aria-label="words.daySays">{{ words.answersDay(score) }}</b>
          <span>{{ sure }} {{ greedy }}</span>
        </p>
        <p v-if="busy" class="soft">{{ words.planning(Math.round(100 * progress)) }}</p>
      </template>
      <ul v-if="told.problems.length > 0" class="deck__notes deck__problem">
        <li v-for="note in told.problems" :key="note">{{ note }}</li>
      </ul>
      <ul v-if="told.notes.length > 0" class="deck__notes soft">
        <li v-for="note in told.notes" :key="note">{{ note }}</li>
      </ul>
      <p v-if="deck.trip.box" class="deck__row">
        {{ words.wasHandedOver }}
        <button v-if="box.count > 0" type="button" class="press" @click="useMyBox">{{ words.useMyBox }}</button>
      </p>
      <p v-if="box.error" class="deck__problem">{{ issueText(box.error) }}</p>
    </div>
    <component
      :is="narrow ? DeckList : DeckGrid"
      v-if="deck.trip.stops.length > 0"
      :trip="deck.trip"
      :box="deck.from"
      :view="view"
      :chosen="stop?.id ?? null"
      @choose="chosen = $event"
    />
    <div class="deck__row deck__add">
      <SelectField v-model="source" :label="words.addFrom" :items="sources" />
      <button type="button" class="press" :disabled="deck.isFull" @click="add">{{ words.addIt }}</button>
    </div>
    <DeckStop
      v-if="stop"
      :stop="stop"
      :at="stopAt"
      :count="deck.trip.stops.length"
      :view="view"
      @choose="chosen = $event"
    />
    <DeckMargins v-if="view && view.plan.rods.length > 0" :plan="view.plan" :box="deck.from" />
    <DeckMore :view="view" :box="deck.from" />
    <DeckPaper :kept="kept" :view="view" />
  </div>
</template>

<style scoped>
.deck-empty {
  padding: 26px 18px;
  display: grid;
  gap: 12px;
  justify-items: start;
  max-width: 640px;
}
.deck-empty ul {
  list-style: none;
  display: grid;
  gap: 8px;
}
.deck__status {
  padding: 6px 14px;
}
.deck__score {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 14px;
}
.deck__score b {
  font-size: 30px;
  line-height: 1.1;
}
.deck__notes {
  list-style: square;
  padding-left: 18px;
}
.deck__problem {
  color: rgb(var(--v-theme-oxblood));
}
.deck__row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 8px 12px;
  padding: 6px 14px;
}
.deck__add {
  padding-bottom: 12px;
}
@media (max-width: 700px) {
  .deck {
    padding-bottom: 76px;
  }
}
</style>
