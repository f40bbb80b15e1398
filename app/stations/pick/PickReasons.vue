<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import {
  countText,
  dissentText,
  dissentTitle,
  inUnits,
  judgeRig,
  reasonText,
  rigFaults,
  rigTitle,
  QUESTION_TITLE,
  SCHOOL_BECAUSE,
  SCHOOL_WORDS,
  UNSCALED,
  wantBand,
  wantValue,
  WANT_TITLE,
  type WordedFault,
  type Pick,
  type Water,
  type WaterBest,
} from '@core';
import BandLine from '../../parts/BandLine.vue';
import FractionText from '../../parts/FractionText.vue';
import NumberName from '../../parts/NumberName.vue';
import HandlingList from '../../parts/HandlingList.vue';
import ReasonList from '../../parts/ReasonList.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import RigNumbers from '../../parts/RigNumbers.vue';
import { useGradually } from '../../composables/useGradually';
import { useUnits } from '../../composables/useUnits';
import { useAdvice } from '../../stores/advice';
import { useBench } from '../../stores/bench';
import { useTickets } from '../../stores/tickets';
import PickFaults from './PickFaults.vue';
import PickFlips from './PickFlips.vue';
import { useAngler } from './useAngler';
import PickReady from './PickReady.vue';
import ScoreSum from './ScoreSum.vue';
import * as words from '../../locale/en/pick';

const GearMargins = defineAsyncComponent(() => import('../../parts/GearMargins.vue'));
const props = defineProps<{ pick: Pick; title: string; water: Water; best: WaterBest | null }>();
const { system } = useUnits();
const store = useAdvice();
const angler = useAngler();
/** reasons first; what is below them follows part by part, so that no frame has to draw it all */
const parts = useGradually(() => 4 + props.pick.dissent.length, 0, 1);
const tickets = useTickets();
const bench = useBench();
const router = useRouter();

/** the pick after the remedies that were applied to it; a new answer starts afresh */
const cured = shallowRef<Pick | null>(null);
watch(
  () => props.pick.rig,
  () => (cured.value = null),
);
const shown = computed(() => cured.value ?? props.pick);
const faults = computed(() =>
  rigFaults(shown.value.rig, { water: props.water, plan: shown.value.handled.plan }, system.value),
);
function cure({ fixedRig, fixedPlan }: WordedFault): void {
  const judged = fixedRig ? judgeRig(props.water, fixedRig, angler.value, props.best ?? UNSCALED) : shown.value;
  const plan = fixedPlan ?? shown.value.handled.plan;
  cured.value = { ...shown.value, ...judged, handled: { ...judged.handled, plan } };
}
const flips = computed(() => {
  const at = props.pick.rank - 1;
  return store.flips === null ? null : (store.flips[at] ?? null);
});
/** flips are looked for for the first picks only, once one of them is opened, and not in boxes too large for it */
const asksFlips = computed(
  () => props.pick.rank <= store.flipsFor && (store.flips === null || store.flips[props.pick.rank - 1] !== undefined),
);
let endFlips: (() => void) | null = null;
watch(
  asksFlips,
  (asks) => {
    endFlips?.();
    endFlips = asks ? store.watchFlips() : null;
  },
  { immediate: true },
);
onBeforeUnmount(() => endFlips?.());

/** one that was cured is another rig than the list names */
const name = computed(() => (cured.value ? rigTitle(cured.value.rig, system.value) : props.title));
const reasons = computed(() =>
  shown.value.reasons
    .filter(({ weight }) => weight > 0.05)
    .map((reason) => ({
      ...reason,
      says: reasonText(reason, shown.value.has, shown.value.wants, props.water, system.value),
    })),
);

/** On what the list follows a school, and why: weight always, and every question this pick was shown another side of. */
const followed = computed(() => {
  const first = props.pick.rig.family === 'skirted' ? (['weight'] as const) : [];
  const questions = [...first, ...props.pick.dissent.map(({ question }) => question)];
  return [...new Set(questions)].flatMap((question) => {
    const { school, reason } = props.pick.schools[question];
    const stance = Object.entries(SCHOOL_WORDS).find(([ref]) => ref === `${question}:${school}`)?.[1];
    return stance
      ? [
          {
            question,
            title: QUESTION_TITLE[question],
            name: inUnits(stance.name, system.value),
            because: SCHOOL_BECAUSE[reason],
          },
        ]
      : [];
  });
});

/** questions on which others would tie this rig too, or have nothing else in this box */
const agreed = computed(() =>
  props.pick.agree.length === 0
    ? ''
    : words.wouldTieTheSame(props.pick.agree.map((question) => QUESTION_TITLE[question].toLowerCase()).join(', ')),
);

/** as it came out of the box; of one that was cured, as far as the rig itself tells */
const cameAs = computed(() => (cured.value ? undefined : props.pick.base));
async function toBench(): Promise<void> {
  await bench.start(shown.value.rig, cameAs.value);
  await router.push('/bench');
}
async function toTank(): Promise<void> {
  const { useTank } = await import('../../stores/tank');
  await useTank().put(shown.value.rig, shown.value.handled.plan);
  await router.push('/tank');
}
async function makeTicket(): Promise<void> {
  await router.push(`/tickets/${tickets.make(shown.value, props.water, cameAs.value)}`);
}
</script>

<template>
  <div class="reasons">
    <div class="reasons__left">
      <button type="button" class="press act reasons__make" @click="makeTicket">{{ words.writeTheTicket }}</button>
      <button type="button" class="press reasons__make" @click="toBench">{{ words.cutItOnTheBench }}</button>
      <button type="button" class="press reasons__make" @click="toTank">{{ words.runItInTheTank }}</button>
      <template v-if="parts > 0">
        <RigDrawing :rig="shown.rig" view="side" ruled :label="words.fromSideWithRule(name)" />
        <RigDrawing v-if="parts > 1" :rig="shown.rig" view="top" :label="words.fromAbove(name)" />
      </template>
      <PickFaults v-if="parts > 3" :faults="faults" :cured="cured !== null" @cure="cure" @undo="cured = null" />
      <RigNumbers :rig="shown.rig" :water="water" :fall="shown.fall" :has="shown.has" :bands="shown.bands" />
      <p v-if="pick.alike > 0" class="soft">{{ countText(pick.alike) }} {{ words.moreOfItsKind }}</p>
      <ul class="reasons__marks" :aria-label="words.hasAgainstWanted">
        <li v-for="want in shown.wants" :key="want.id">
          <NumberName :name="WANT_TITLE[want.id]" :number="{ of: 'want', id: want.id }" />
          <b class="number"><FractionText :text="wantValue(want.id, shown.has[want.id], system)" /></b>
          <span class="soft"><FractionText :text="wantBand(want, system)" /></span>
          <BandLine :want="want" :has="shown.has[want.id]" />
        </li>
      </ul>
    </div>
    <div>
      <PickReady v-if="cured === null" :pick="pick" :water="water" />
      <template v-if="best">
        <p class="reasons__score">
          <NumberName :name="words.itAnswers" :number="{ of: 'score' }" />{{ ' ' }}
          <b class="number">{{ Math.round(shown.score * 100) }}</b> {{ words.of100Parts }}
        </p>
        <ScoreSum :pick="shown" :best="best" />
      </template>
      <ReasonList v-if="parts > 0" :reasons="reasons" :water="water" />
      <HandlingList
        v-if="parts > 1"
        class="reasons__handling"
        :steps="shown.handled.steps"
        :plan="shown.handled.plan"
      />
      <GearMargins v-if="parts > 3" :rig="shown.rig" :water="water" :handled="shown.handled" />
      <p class="reasons__school soft">
        <template v-for="row in followed" :key="row.question">
          {{ row.title }}: “{{ row.name }}”, {{ row.because }}.
        </template>
      </p>
      <PickFlips v-if="asksFlips && parts > 2" :flips="flips" :water="water" :than="pick.rig" />
      <section
        v-for="other in pick.dissent.slice(0, Math.max(0, parts - 4))"
        :key="other.question"
        class="reasons__dissent"
        data-testid="dissent"
      >
        <h3>{{ dissentTitle(other, system) }}{{ other.rule ? words.wouldFish : words.wouldTie }}</h3>
        <RigDrawing v-if="!other.rule" :rig="other.rig" :label="words.rigFromTheSide(rigTitle(other.rig, system))" />
        <p><FractionText :text="dissentText(other, pick.rig, system)" /></p>
      </section>
      <p v-if="agreed !== ''" class="reasons__school soft" data-testid="agree">{{ agreed }}</p>
    </div>
  </div>
</template>

<style scoped>
.reasons {
  display: grid;
  grid-template-columns: 430px 1fr;
  gap: 28px;
  padding: 6px 0 14px;
}
.reasons__make {
  width: 100%;
  min-height: 48px;
}
.reasons__make + .reasons__make {
  margin-top: 6px;
}
.reasons__marks {
  display: none;
  list-style: none;
}
.reasons__marks li {
  display: grid;
  grid-template-columns: 1fr auto 110px;
  gap: 0 10px;
  padding: 5px 0;
}
.reasons__marks .band-line {
  grid-column: 1 / -1;
}
.reasons__score {
  margin-bottom: 6px;
}
.reasons__handling {
  margin-top: 14px;
}
.reasons__school {
  margin-top: 12px;
}
.reasons__dissent {
  margin-top: 14px;
  padding-top: 10px;
  border-top: 2px solid rgb(var(--v-theme-ink));
}
.reasons__dissent .rig-drawing {
  max-width: 420px;
}
@media (max-width: 1100px) {
  .reasons {
    grid-template-columns: 1fr;
  }
  .reasons__marks {
    display: block;
  }
}
</style>
