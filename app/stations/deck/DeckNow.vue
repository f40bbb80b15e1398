<script setup lang="ts">
import { computed } from 'vue';
import {
  clockOf,
  cutList,
  fishedOn,
  minuteOf,
  planText,
  planWithLine,
  rigTitles,
  stepText,
  timesOf,
  type MadePlan,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { gearPartTitle } from '../../parts/gear-part';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import { today } from '../../stores/water';
import * as words from '../../locale/en/deck';

/** On the water: what is fished now, and what comes next. */
const props = defineProps<{ plan: MadePlan }>();
defineEmits<{ plan: [] }>();
const deck = useDeck();
const { system, show } = useUnits();
const trip = computed(() => deck.trip!);
const times = computed(() => {
  const found = timesOf(trip.value);
  return found.ok ? found.value.stops : [];
});
/** the stop the clock says, on the day itself */
function byClock(): number {
  if (trip.value.day !== today()) return 0;
  const here = new Date();
  const minute = minuteOf(clockOf(60 * here.getHours() + here.getMinutes()));
  const at = times.value.findIndex(({ toMin }) => minute < toMin);
  return at === -1 ? Math.max(0, times.value.length - 1) : at;
}
const count = computed(() => trip.value.stops.length);
const now = computed(() => Math.min(trip.value.now ?? byClock(), Math.max(0, count.value - 1)));
const go = (by: number): void => void deck.change({ now: Math.max(0, Math.min(count.value - 1, now.value + by)) });

const titles = computed(() =>
  rigTitles(
    props.plan.rods.map(({ rig }) => rig),
    system.value,
  ),
);
const nameOf = (rod: number): string =>
  deck.from.rods[rod]?.label || gearPartTitle('rods', deck.from, rod, system.value);

function told(at: number) {
  const stop = trip.value.stops[at];
  const time = times.value[at];
  if (!stop || !time) return null;
  const place = props.plan.rods.findIndex(({ stops }) => stops.includes(at));
  const on = props.plan.rods[place] ?? null;
  const before = props.plan.rods.find(({ stops }) => stops.includes(at - 1)) ?? null;
  const earlier =
    on && props.plan.rods.some((one) => one !== on && one.rod === on.rod && one.stops.some((s) => s < at));
  return {
    name: words.stopTitle(at + 1, stop.name),
    from: clockOf(time.fromMin),
    to: clockOf(time.toMin),
    water: time.water,
    on,
    title: titles.value[place] ?? '',
    rod: on ? nameOf(on.rod) : '',
    change: !on
      ? ''
      : on === before
        ? words.sameRod
        : earlier && on.stops[0] === at
          ? words.reTieOn(nameOf(on.rod))
          : words.changeOfRod(nameOf(on.rod)),
  };
}
const here = computed(() => told(now.value));
const after = computed(() => (now.value + 1 < count.value ? told(now.value + 1) : null));
const fished = computed(() => {
  const of = here.value;
  const line = of?.on && deck.from.lines[of.on.line];
  return of?.on && line ? planText(planWithLine(fishedOn(of.water, of.on.rig).plan, line), system.value) : '';
});
const cuts = computed(() => {
  const on = here.value?.on;
  return on ? cutList(on.rig, on.base).map((step) => ({ id: step.id, ...stepText(step, system.value) })) : [];
});
const list = computed(() => trip.value.stops.map((stop, at) => ({ id: stop.id, at, ...told(at) })));
</script>

<template>
  <section class="now" :aria-label="words.now" data-testid="now">
    <header class="now__head">
      <h1>{{ trip.name || words.untitled }}</h1>
      <button type="button" class="press" @click="$emit('plan')">{{ words.showPlan }}</button>
    </header>
    <article v-if="here" class="now__here" aria-live="polite">
      <p class="now__when">
        <b class="number">{{ here.from }}</b> {{ words.untilTime(here.to) }}
        <span class="soft">{{ words.stopOf(now + 1, count) }}</span>
      </p>
      <h2 class="now__name">{{ here.name }}</h2>
      <template v-if="here.on">
        <p class="now__rod">{{ here.rod }}</p>
        <RigDrawing :rig="here.on.rig" :frame-mm="140" :label="here.title" />
        <p class="now__title"><FractionText :text="here.title" /></p>
        <p>
          <b>{{ words.fish }}:</b> <FractionText :text="fished" />
        </p>
        <p class="soft">
          {{ show('temperature', here.water.temperatureC) }} · {{ show('visibility', here.water.visibilityM) }} ·
          {{ show('depth', here.water.depthM) }}
        </p>
        <details v-if="cuts.length > 0" class="now__cuts">
          <summary>{{ words.cut }}</summary>
          <ol>
            <li v-for="cut in cuts" :key="cut.id">
              <b>{{ cut.title }}:</b> <FractionText :text="cut.text" />
            </li>
          </ol>
        </details>
      </template>
      <p v-else>{{ words.noAnswer }}</p>
    </article>
    <article v-if="after" class="now__next" data-testid="next">
      <h3>
        {{ words.next }}: {{ after.name }} <span class="soft">{{ words.fromTime(after.from) }}</span>
      </h3>
      <p v-if="after.on">
        <b>{{ after.change }}</b> · <FractionText :text="after.title" />
      </p>
      <p v-else>{{ words.noAnswer }}</p>
    </article>
    <p v-else class="now__next soft">{{ words.lastStop }}</p>
    <div class="now__keys">
      <button type="button" class="press" :disabled="now === 0" @click="go(-1)">{{ words.previousStop }}</button>
      <button type="button" class="press act" :disabled="now >= count - 1" @click="go(1)">{{ words.nextStop }}</button>
    </div>
    <h3 class="now__day">{{ words.dayAhead }}</h3>
    <ol class="now__list">
      <li v-for="row in list" :key="row.id">
        <button
          type="button"
          class="now__row"
          :aria-current="row.at === now ? 'step' : undefined"
          @click="deck.change({ now: row.at })"
        >
          <span class="number">{{ row.from }}</span>
          <b>{{ row.name }}</b>
          <small class="soft">{{ row.rod }}</small>
        </button>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.now {
  padding: 8px 14px 96px;
}
.now__head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
}
.now__head h1 {
  font-size: 20px;
}
.now__here {
  padding: 10px 0;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.now__when {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 8px;
  font-size: 18px;
}
.now__when b {
  font-size: 34px;
  line-height: 1;
}
.now__name {
  font-size: 30px;
}
.now__rod {
  font: 600 22px var(--v-font-heading);
  color: rgb(var(--v-theme-oxblood));
}
.now__title {
  font: 600 20px/1.15 var(--v-font-heading);
}
.now__next {
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.now__keys {
  position: sticky;
  bottom: 0;
  display: grid;
  grid-template-columns: 1fr 2fr;
  gap: 10px;
  padding: 10px 0;
  background: rgb(var(--v-theme-skin));
}
.now__keys .press {
  min-height: 60px;
  font-size: 19px;
}
.now__cuts summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font: 600 17px var(--v-font-heading);
}
.now__list {
  list-style: none;
  padding: 0;
}
.now__row {
  display: grid;
  grid-template-columns: 62px 1fr auto;
  align-items: center;
  gap: 8px;
  width: 100%;
  min-height: 48px;
  padding: 4px 6px;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  background: none;
  color: inherit;
  text-align: left;
  font: inherit;
}
.now__row[aria-current='step'] {
  background: rgb(var(--v-theme-shade));
  box-shadow: inset 5px 0 0 rgb(var(--v-theme-oxblood));
}
</style>
