<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue';
import {
  issueText,
  KIT_NEARLY,
  KIT_WATERS,
  sameJson,
  type AnyPart,
  type Box,
  type OneMore,
  type Result,
  type SeasonKits,
  type SoManyRods,
  type Tray,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import StepButtons from '../../parts/StepButtons.vue';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import { useYear } from '../../stores/year';
import { askDeck } from '../../workers/ask-deck';
import { partTitles } from '../../parts/part-text';
import { MONTH_NAMES } from '../pick/year/useMonths';
import DeckLeftOut from './DeckLeftOut.vue';
import type { PlanView } from './useDeckPlan';
import * as words from '../../locale/en/deck';

/** What a plan could still gain: another rod, another part; what is left out of it; and the smallest kit for a year. */
const props = defineProps<{ view: PlanView | null; box: Box }>();
const deck = useDeck();
const year = useYear();
const { system } = useUnits();
onMounted(() => year.load());

const problem = ref('');
/** what is asked now, and how far it is */
const asking = ref<'rods' | 'parts' | 'kit' | null>(null);
const progress = ref(0);
const rods = shallowRef<readonly SoManyRods[] | null>(null);
const parts = shallowRef<readonly OneMore[] | null>(null);
const kits = shallowRef<SeasonKits | null>(null);
watch(
  () => deck.asked,
  () => {
    rods.value = null;
    parts.value = null;
    problem.value = '';
  },
);
async function ask<T>(
  what: 'rods' | 'parts' | 'kit',
  run: (tell: (done: number) => void) => Promise<Result<T>>,
  take: (value: T) => void,
): Promise<void> {
  if (asking.value !== null) return;
  asking.value = what;
  progress.value = 0;
  problem.value = '';
  const of = deck.asked;
  const found = await run((done) => (progress.value = done));
  asking.value = null;
  if (what !== 'kit' && of !== deck.asked) return;
  if (found.ok) take(found.value);
  else problem.value = found.issues.map(issueText).join(' ');
}
const askRods = (): Promise<void> =>
  ask(
    'rods',
    (tell) => askDeck('rods', { trip: deck.asked!.trip }, tell),
    (value) => (rods.value = value),
  );
const askParts = (): Promise<void> =>
  ask(
    'parts',
    (tell) => askDeck('parts', { trip: deck.asked!.trip }, tell),
    (value) => (parts.value = value),
  );
/** waters of the longest stops, each once */
const kitWaters = computed(() => {
  const waters = [...(deck.trip?.stops ?? [])].sort((a, b) => b.minutes - a.minutes).map(({ water }) => water);
  return waters.filter((water, at) => waters.findIndex((other) => sameJson(other, water)) === at).slice(0, KIT_WATERS);
});
const most = ref(10);
const askKit = (): Promise<void> =>
  ask(
    'kit',
    (tell) => askDeck('kit', { waters: kitWaters.value, year: year.year, box: props.box }, tell),
    (value) => {
      kits.value = value;
      // the fewest parts that cover nine months of ten, or as many as there are
      const enough = value.kits.find(({ covered }) => covered.filter(Boolean).length >= 0.9 * covered.length);
      most.value = (enough ?? value.kits.at(-1))?.most ?? most.value;
    },
  );
const kit = computed(() => kits.value?.kits.find((one) => one.most === most.value) ?? null);
const kitParts = computed(() => {
  const found = (kit.value?.parts ?? []).flatMap((key) => {
    const [tray, at] = key.split(' ') as [Tray, string];
    const part = props.box[tray][Number(at)] as AnyPart | undefined;
    return part ? [{ key, tray, part }] : [];
  });
  const titles = partTitles(found, system.value);
  return found.map(({ key }, at) => ({ key, title: titles[at]! }));
});
const kitLeft = computed(() => {
  const { days } = kits.value ?? { days: [] };
  const left = days.filter((_, at) => !kit.value?.covered[at]).map(({ month }) => month);
  return left.length === 0 ? '' : words.kitLeft([...new Set(left)].map((month) => MONTH_NAMES[month]!.name).join(', '));
});
function stepKit(by: number): void {
  const all = kits.value?.kits ?? [];
  const at = all.findIndex((one) => one.most === most.value);
  most.value = all[Math.max(0, Math.min(all.length - 1, at + by))]?.most ?? most.value;
}

/** scores are shared by all minutes; here a minute that counts twice is two, as above the plan */
const share = computed(() => {
  const { answered = 0, score = 0 } = props.view?.plan ?? {};
  return score > 0 ? answered / score : 1;
});
const hundred = (score: number): string => (100 * share.value * score).toFixed(1);
const rodRows = computed(() =>
  (rods.value ?? []).map(({ rods: count, score }, at, all) => ({
    count,
    score,
    says: words.eachRodSays(
      count,
      Math.round(100 * share.value * score),
      words.plusPoints(hundred(score - (all[at - 1]?.score ?? 0))),
    ),
  })),
);
const partNames = computed(() =>
  partTitles(
    (parts.value ?? []).map(({ tray, part }) => ({ tray, part: part as AnyPart })),
    system.value,
  ),
);
const partRows = computed(() =>
  (parts.value ?? []).map(({ place, adds }, at) => {
    const title = partNames.value[at]!;
    const name = place === null ? title : `${words.anotherOne}: ${title}`;
    return { key: at, says: words.partAdds(name, words.plusPoints(hundred(adds))) };
  }),
);
</script>

<template>
  <section class="more" :aria-label="words.more">
    <p v-if="problem" role="alert" class="more__problem">{{ problem }}</p>
    <div class="more__columns">
      <div>
        <h3>{{ words.eachRod }}</h3>
        <button v-if="!rods" type="button" class="press" :disabled="asking !== null || !view" @click="askRods">
          {{ words.askEachRod }}
        </button>
        <ol v-else class="more__rods" data-testid="each-rod">
          <li v-for="row in rodRows" :key="row.count">
            <span class="more__bar" :style="{ width: `${100 * share * row.score}%` }" aria-hidden="true" />
            <span class="number">{{ row.says }}</span>
          </li>
        </ol>
      </div>
      <div>
        <h3>{{ words.onePart }}</h3>
        <button v-if="!parts" type="button" class="press" :disabled="asking !== null || !view" @click="askParts">
          {{ words.askOnePart }}
        </button>
        <ul v-else class="more__list" data-testid="one-part">
          <li v-for="row in partRows" :key="row.key"><FractionText :text="row.says" /></li>
          <li v-if="partRows.length === 0">{{ words.nothingMore }}</li>
        </ul>
        <p v-if="asking === 'parts'" role="status">{{ words.askingMore(Math.round(100 * progress)) }}</p>
      </div>
      <div data-testid="kit">
        <h3>{{ words.kit }}</h3>
        <p class="soft">{{ words.kitMeans(Math.round(100 * KIT_NEARLY)) }}</p>
        <button
          v-if="!kits"
          type="button"
          class="press"
          :disabled="asking !== null || kitWaters.length === 0"
          @click="askKit"
        >
          {{ words.askKit }}
        </button>
        <p v-if="asking === 'kit'" role="status">{{ words.askingKit(Math.round(100 * progress)) }}</p>
        <p v-if="kits && kits.kits.length === 0">{{ words.kitNone }}</p>
        <template v-if="kit">
          <p class="more__kit">
            <b>{{ words.kitSays(kit.parts.length, kit.covered.filter(Boolean).length, kit.covered.length) }}</b>
            <StepButtons
              :less="words.lessOf(words.partsMost.toLowerCase())"
              :more="words.moreOf(words.partsMost.toLowerCase())"
              @step="stepKit"
            />
          </p>
          <ul class="more__list" :aria-label="words.kitParts">
            <li v-for="part in kitParts" :key="part.key"><FractionText :text="part.title" /></li>
          </ul>
          <p v-if="kitLeft" class="soft">{{ kitLeft }}</p>
        </template>
      </div>
    </div>
    <DeckLeftOut class="more__left" :view="view" :box="box" />
  </section>
</template>

<style scoped>
.more {
  padding: 10px 14px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.more__columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(290px, 1fr));
  gap: 14px 26px;
}
.more__left {
  padding-top: 8px;
}
.more h3 {
  padding: 6px 0 4px;
}
.more__list {
  list-style: none;
}
.more__rods {
  list-style: none;
  padding: 0;
}
.more__rods li {
  position: relative;
  padding: 2px 4px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.more__bar {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 4px;
  background: rgb(var(--v-theme-bottle));
}
.more__kit {
  display: flex;
  align-items: center;
  gap: 8px;
}
.more__problem {
  color: rgb(var(--v-theme-oxblood));
}
</style>
