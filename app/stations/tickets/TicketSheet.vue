<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import {
  ASSUMABLE,
  CAUTION_TEXT,
  cautionsFor,
  COVER_NAME,
  cutList,
  dissentText,
  dissentTitle,
  isAssumed,
  localRulesText,
  NOT_REELED,
  reasonText,
  stepText,
  wantBand,
  wantValue,
  WANT_TITLE,
  type Ticket,
  type WantId,
  NAME,
} from '@core';
import BandLine from '../../parts/BandLine.vue';
import FractionText from '../../parts/FractionText.vue';
import NumberName from '../../parts/NumberName.vue';
import HandlingList from '../../parts/HandlingList.vue';
import ReasonList from '../../parts/ReasonList.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import RigNumbers from '../../parts/RigNumbers.vue';
import { useUnits } from '../../composables/useUnits';
import { moment } from '../../locale/intl';
import * as words from '../../locale/en/tickets';

/** A ticket on paper: drawing, numbers with bands, reasons, the water it was written for, cautions. */
const GearMargins = defineAsyncComponent(() => import('../../parts/GearMargins.vue'));
const props = defineProps<{ ticket: Ticket; title: string }>();
const { system, show } = useUnits();

/** how it is fished, as it was written; older tickets say only what it is */
const handled = computed(() => {
  const { plan, handling, askedLine } = props.ticket;
  return plan && handling ? { plan, steps: handling, ...(askedLine ? { askedLine } : {}) } : null;
});
const made = computed(() => moment(props.ticket.madeAt, 'long'));
const water = computed(() => {
  const { water } = props.ticket;
  const { temperatureC, visibilityM, depthM, cover, sky, wind, forage } = water;
  const said = ASSUMABLE.filter((field) => !isAssumed(water, field));
  const names = cover.map(({ kind, density }) => `${NAME[density]} ${COVER_NAME[kind]}`);
  return [
    show('temperature', temperatureC),
    words.visibility(show('visibility', visibilityM)),
    words.deep(show('depth', depthM)),
    ...(names.length > 0 ? names : [words.noCover]),
    NAME[sky],
    NAME[wind],
    ...said.map((field) => words.saidOf[field](NAME[water[field]])),
    ...(forage.length > 0 ? [words.theyEat(forage.map((food) => NAME[food]).join(', '))] : []),
  ].join(' · ');
});
/** what the answer took for granted, since nobody said it */
const assumed = computed(() => {
  const { water } = props.ticket;
  const taken = ASSUMABLE.filter((field) => isAssumed(water, field));
  return [
    ...taken.map((field) => (field === 'bottom' ? words.bottomUnknown : words.saidOf[field](NAME[water[field]]))),
    ...(water.forage.length === 0 ? [words.foodUnknown] : []),
  ].join(' · ');
});
const dressing = computed(() => {
  const { head, guard, skirt, trailer, keeper } = props.ticket.rig;
  return [
    words.hookWire(head.hook.size, NAME[head.hook.wire]),
    guard ? (guard.kind === 'wire' ? words.wireGuard : words.guardFibres(guard.fibres)) : words.noGuard,
    skirt ? words.strands(skirt.strands, NAME[skirt.material], skirt.colour) : words.noSkirt,
    ...(trailer ? [words.trailer(trailer.colour, NAME[trailer.softness])] : []),
    ...(keeper ? [words.keeper(NAME[keeper])] : []),
  ].join(' · ');
});
/** numbers it was not asked for say nothing */
const has = computed(() => ({ ...NOT_REELED, ...props.ticket.has }));
const dissent = computed(() =>
  props.ticket.dissent.map((other) => ({ ...other, has: { ...NOT_REELED, ...other.has } })),
);
const reasons = computed(() =>
  props.ticket.reasons
    .filter(({ weight }) => weight > 0.05)
    .map((reason) => ({
      ...reason,
      says: reasonText(reason, has.value, props.ticket.wants, props.ticket.water, system.value),
    })),
);
/** what was entered of the rules of its place */
const localLines = computed(() => {
  const lines = localRulesText(props.ticket.water.localRules ?? {}, system.value);
  return lines.length > 0 ? [words.rulesEntered(lines.join('; '))] : [];
});
/** the band of a number, for its line */
function sureness(id: WantId): { uncertain?: readonly [number, number] } {
  const { fall, bands } = props.ticket;
  const band = id === 'fall' ? fall.bandMps : id === 'run' || id === 'hold' ? bands?.[id] : undefined;
  return band ? { uncertain: band } : {};
}
/** what the scissors did, where they did anything */
const cuts = computed(() => {
  const steps = cutList(props.ticket.rig, props.ticket.base).filter(
    ({ id }) => id !== 'look-over' && id !== 'line-up-arm',
  );
  return steps.some(({ edit, id }) => edit !== null && id !== 'thread')
    ? steps.map((step) => ({ id: step.id, ...stepText(step, system.value) }))
    : [];
});
const cautions = computed(() => [
  ...localLines.value,
  ...cautionsFor(props.ticket.rig, props.ticket.water).map((id) => CAUTION_TEXT[id]),
]);
</script>

<template>
  <article class="sheet" data-testid="ticket">
    <header>
      <p class="soft">{{ words.panderoTicketOf }} {{ made }}</p>
      <h1><FractionText :text="title" /></h1>
      <p>{{ dressing }}</p>
      <p class="soft">{{ words.forWord }} {{ water }}</p>
      <p v-if="assumed" class="soft" data-testid="assumed">{{ words.assumedSince }} {{ assumed }}</p>
    </header>
    <div class="sheet__drawings">
      <RigDrawing :rig="ticket.rig" ruled :label="words.fromSideWithRule(title)" />
      <RigDrawing :rig="ticket.rig" view="top" :label="words.fromAbove(title)" />
    </div>
    <div class="sheet__columns">
      <section :aria-label="words.numbers">
        <h2>{{ words.whatItDoes }}</h2>
        <RigNumbers
          :rig="ticket.rig"
          :water="ticket.water"
          :fall="ticket.fall"
          :semi-tight="ticket.semiTight"
          :has="has"
          :bands="ticket.bands ?? {}"
        />
      </section>
      <section :aria-label="words.wantedAndGiven">
        <h2>{{ words.whatWasAskedFor }}</h2>
        <ul class="sheet__wants">
          <li v-for="want in ticket.wants" :key="want.id">
            <NumberName :name="WANT_TITLE[want.id]" :number="{ of: 'want', id: want.id }" />
            <b class="number"><FractionText :text="wantValue(want.id, has[want.id], system)" /></b>
            <span class="soft"><FractionText :text="wantBand(want, system)" /></span>
            <BandLine :want="want" :has="has[want.id]" v-bind="sureness(want.id)" />
          </li>
        </ul>
      </section>
    </div>
    <section v-if="cuts.length > 0" :aria-label="words.cutList">
      <h2>{{ words.cutList }}</h2>
      <ol class="sheet__cuts">
        <li v-for="cut in cuts" :key="cut.id">
          <b>{{ cut.title }}:</b> <FractionText :text="cut.text" />
        </li>
      </ol>
    </section>
    <HandlingList v-if="ticket.handling" :steps="ticket.handling" v-bind="ticket.plan ? { plan: ticket.plan } : {}" />
    <GearMargins :rig="ticket.rig" :water="ticket.water" v-bind="handled ? { handled } : {}" />
    <section :aria-label="words.why">
      <h2>{{ words.why }}</h2>
      <p v-if="ticket.score !== null">
        {{ words.itAnswered(Math.round(ticket.score * 100)) }}
      </p>
      <ReasonList :reasons="reasons" :water="ticket.water" />
      <p v-for="other in dissent" :key="other.question" class="sheet__dissent">
        <b>{{ dissentTitle(other, system) }}{{ words.wouldTieThis }}</b>
        <FractionText :text="dissentText(other, ticket.rig, system)" />
      </p>
    </section>
    <p v-if="ticket.note" class="sheet__note">
      <b>{{ words.note }}</b> {{ ticket.note }}
    </p>
    <section :aria-label="words.takeCare" class="sheet__care">
      <h2>{{ words.takeCare }}</h2>
      <ul>
        <li v-for="line in cautions" :key="line">{{ line }}</li>
      </ul>
    </section>
  </article>
</template>

<style scoped>
.sheet {
  max-width: 900px;
  margin: 12px auto 0;
  border: 2px solid rgb(var(--v-theme-ink));
  padding: 18px 24px;
  display: grid;
  gap: 14px;
}
/* a word without end breaks: it must not widen the sheet, which the printer would shrink to fit */
.sheet,
.sheet > * {
  min-width: 0;
  overflow-wrap: anywhere;
}
.sheet__drawings {
  max-width: 640px;
}
.sheet__columns {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 28px;
}
.sheet__wants {
  list-style: none;
}
.sheet__wants li {
  display: grid;
  grid-template-columns: 1fr auto 110px;
  gap: 0 10px;
  padding: 3px 0 7px;
}
.sheet__wants .band-line {
  grid-column: 1 / -1;
}
.sheet__cuts {
  margin: 0;
  padding-left: 22px;
}
.sheet__dissent {
  margin-top: 10px;
}
.sheet__note {
  white-space: pre-wrap;
}
.sheet__care {
  border-top: 2px solid rgb(var(--v-theme-ink));
  padding-top: 8px;
}
.sheet__care ul {
  padding-left: 18px;
  columns: 2;
  column-gap: 28px;
}
@media (max-width: 700px) {
  .sheet {
    padding: 14px;
  }
  .sheet__columns {
    grid-template-columns: 1fr;
  }
  .sheet__care ul {
    columns: 1;
  }
}
@media print {
  .sheet {
    border: 0;
    max-width: none;
    margin: 0;
    padding: 0;
    font-size: 10.5px;
    gap: 7px;
  }
  /* the frame of a drawing is 170 mm: true size on paper */
  .sheet__drawings {
    max-width: none;
    width: 170mm;
  }
  .sheet :deep(.rig-numbers .number) {
    font-size: 14px;
  }
  .sheet :deep(.reason-list section ul) {
    columns: 2;
    column-gap: 24px;
  }
  .sheet :deep(.reason-list li) {
    break-inside: avoid;
    padding: 1px 0;
  }
  .sheet__care ul {
    columns: 2;
  }
}
</style>
