<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue';
import {
  EVENT_TITLE,
  momentText,
  odditiesOf,
  outingOf,
  rigTitles,
  SHORT_STRIKE_TITLE,
  shortStrikeAdvice,
  shortStrikeBecause,
  shortStrikes,
  shortStrikesOn,
  spellsOf,
  type EventKind,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useKeys } from '../../composables/useKeys';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useOutings } from '../../stores/outings';
import { useSounder } from '../../stores/sounder';
import LogSounder from './LogSounder.vue';
import OutFish from './OutFish.vue';
import OutKeys from './OutKeys.vue';
import OutRods from './OutRods.vue';
import OutStop from './OutStop.vue';
import { useRigChoices } from './useRigChoices';
import * as words from '../../locale/en/log';

/** On the water: one thumb, and everything that can fill itself in does. */
const OutTie = defineAsyncComponent(() => import('./OutTie.vue'));
const LogTrack = defineAsyncComponent(() => import('./LogTrack.vue'));
const outings = useOutings();
const notices = useNotices();
const sounder = useSounder();
const { system } = useUnits();
const { choices, stops } = useRigChoices();

const CLOCK_MS = 20_000;
const now = ref(Date.now());
const clock = setInterval(() => (now.value = Date.now()), CLOCK_MS);
onBeforeUnmount(() => clearInterval(clock));

/** what lies behind the keys of a phone must be reached: the page ends below them, however high they stand */
const pad = ref<HTMLElement | null>(null);
const heights = new ResizeObserver(([entry]) => {
  const height = entry?.borderBoxSize?.[0]?.blockSize;
  if (height) pad.value?.parentElement?.style.setProperty('--pad-height', `${Math.ceil(height)}px`);
});
onMounted(() => heights.observe(pad.value!));
onBeforeUnmount(() => heights.disconnect());

const outing = computed(() => outings.running!);
const stands = computed(() => outings.now!);
const since = computed(() => {
  const minutes = Math.max(0, Math.floor((now.value - Date.parse(outing.value.from)) / 60_000));
  return words.running(words.hoursMinutes(Math.floor(minutes / 60), minutes % 60));
});
const oldOne = computed(() => {
  const found = odditiesOf(outing.value, now.value, []).find(({ what }) => what === 'left-running');
  return found?.what === 'left-running' ? found.last : null;
});

/** rods in the order of their numbers, with what came of each */
const rods = computed(() => {
  const entries = [...stands.value.rods].sort(([a], [b]) => a - b);
  const titles = rigTitles(
    entries.map(([, rig]) => rig),
    system.value,
  );
  const spells = spellsOf(outingOf(outing.value));
  return entries.map(([rod, rig], at) => {
    const own = spells.filter((spell) => spell.rod === rod);
    const sum = (field: 'bites' | 'landed'): number => own.reduce((total, spell) => total + spell[field], 0);
    return { rod, rig, title: titles[at]!, bites: sum('bites'), landed: sum('landed') };
  });
});
const rod = computed(() =>
  stands.value.rods.has(outing.value.rod ?? -1) ? outing.value.rod! : (rods.value[0]?.rod ?? null),
);
const inHand = computed(() => rods.value.find((one) => one.rod === rod.value) ?? null);

const strikes = computed(() => (rod.value === null ? 0 : shortStrikes(outing.value.events, rod.value, now.value)));
const advice = computed(() =>
  inHand.value ? shortStrikeAdvice(inHand.value.rig, stands.value.water, strikes.value) : [],
);

async function press(what: EventKind): Promise<void> {
  if (rod.value === null) return;
  now.value = Date.now();
  // a short tap of the phone itself, where it has one
  (navigator as Partial<Navigator>).vibrate?.(20);
  await outings.note(what, { rod: rod.value });
}
useKeys({
  b: () => void press('bite'),
  n: () => void press('nip'),
  l: () => void press('landed'),
  k: () => void press('lost'),
});

/** the event where a fish was hooked or landed last, until something else bites: more can be told of it */
const fish = computed(() => {
  const last = outing.value.events.findLast(({ what }) => what !== 'note' && what !== 'snag');
  return last && ['hooked', 'landed', 'lost'].includes(last.what) ? last : null;
});
const clockOf = (at: string): string => momentText(at).slice(11);
const said = computed(() => {
  const is = outings.confirmed;
  if (!is) return '';
  const what = titleOf(is.what, stands.value.stop || undefined);
  if (is.is === 'storing') return words.storing(what);
  return is.is === 'stored' ? words.stored(what, clockOf(is.at)) : words.notStored(what);
});
const lastText = computed(() => {
  const last = outing.value.events.at(-1);
  if (!last || (last.what === 'tie-on' && last.at === outing.value.from)) return null;
  return { what: titleOf(last.what, last.stop), clock: clockOf(last.at) };
});
const titleOf = (what: EventKind, stop?: string): string =>
  what === 'note' ? (stop ?? words.stop) : what === 'tie-on' ? words.reTie : EVENT_TITLE[what];
async function undo(): Promise<void> {
  const gone = await outings.takeBack();
  if (gone) notices.say(words.takenBack(titleOf(gone.what, gone.stop)));
}

/** what was heard of the track goes with the outing before it ends */
function end(at: string | null = null): void {
  sounder.keep();
  void outings.end(at);
}

const tieing = ref(false);
const tieOn = ref<number | null>(null);
function openTie(to: number | null): void {
  tieOn.value = to;
  tieing.value = true;
}
const newRod = computed(() => Math.max(-1, ...stands.value.rods.keys()) + 1);
const tied = computed(() => rods.value.find((one) => one.rod === tieOn.value) ?? null);
</script>

<template>
  <section class="out" :aria-label="words.onTheWater" data-testid="log-out">
    <header class="out__head">
      <p class="out__since">
        <b>{{ outing.place || words.onTheWater }}</b> <span class="number">{{ since }}</span>
      </p>
      <button type="button" class="press" @click="end()">{{ words.endOuting }}</button>
    </header>
    <div v-if="oldOne" class="out__old" role="alert">
      <p>{{ words.endAt(momentText(oldOne)) }}?</p>
      <button type="button" class="press act" @click="end(oldOne)">
        {{ words.endAt(momentText(oldOne)) }}
      </button>
    </div>
    <OutRods
      :rods="rods"
      :rod="rod"
      :can-add="choices.length > 0"
      @take="outings.takeRod($event)"
      @add="openTie(null)"
    />
    <p
      class="out__said"
      role="status"
      data-testid="stored"
      :class="{ 'out__said--not': outings.confirmed?.is === 'not-stored' }"
      :data-is="outings.confirmed?.is ?? ''"
    >
      {{ said }}
    </p>
    <details v-if="advice.length > 0" class="out__short" data-testid="short-strikes">
      <summary>
        <b>{{ shortStrikesOn(strikes) }}</b> {{ SHORT_STRIKE_TITLE[advice[0]!.change] }}
      </summary>
      <ol>
        <li v-for="one in advice" :key="one.change">
          <b>{{ SHORT_STRIKE_TITLE[one.change] }}.</b>
          <FractionText :text="` ${shortStrikeBecause(one, system)}`" />
        </li>
      </ol>
    </details>
    <div ref="pad" class="out__pad">
      <OutFish v-if="fish" :fish="fish" />
      <OutKeys :has-rod="rod !== null" :last="lastText" @press="press" @tie="openTie(rod)" @undo="undo" />
    </div>
    <OutStop :stops="stops" :place="outing.place" />
    <LogSounder />
    <LogTrack v-if="outing.track && outing.track.length > 1" :track="outing.track" />
    <p class="soft out__care">{{ words.barbs }} {{ words.snagCaution }}</p>

    <OutTie v-if="tieing" v-model="tieing" :rod="tieOn" :on="tied" :next="newRod" :choices="choices" />
  </section>
</template>

<style scoped>
.out {
  display: grid;
  gap: 10px;
  padding: 8px 14px 24px;
  max-width: 760px;
}
.out__head {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 10px;
}
.out__since b {
  font: 600 20px var(--v-font-heading);
}
.out__old {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
  padding: 8px 12px;
  border: 2px solid rgb(var(--v-theme-oxblood));
}
.out__said {
  min-height: 24px;
  font: 600 17px var(--v-font-heading);
  color: rgb(var(--v-theme-bottle));
}
.out__said--not {
  color: rgb(var(--v-theme-oxblood));
}
.out__care {
  font-size: 14px;
}
.out__short {
  padding: 8px 12px;
  border-left: 4px solid rgb(var(--v-theme-brass));
}
.out__short summary {
  min-height: 48px;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 8px;
}
.out__pad {
  display: grid;
  gap: 8px;
}
.out__short ol {
  padding-left: 20px;
}
/* a desk has room for the keys beside what they are about */
@media (min-width: 1000px) {
  .out {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px 28px;
    max-width: 1240px;
  }
  .out > * {
    grid-column: 1;
  }
  .out__pad {
    grid-column: 2;
    grid-row: 1 / span 8;
    align-self: start;
  }
}
@media (max-width: 700px) {
  /* under the thumb, wherever the page is */
  .out__pad {
    position: fixed;
    inset: auto 0 var(--stations-height, 58px) 0;
    z-index: 2;
    padding: 0 14px 8px;
    background: rgb(var(--v-theme-skin));
    border-top: 1px solid rgb(var(--v-theme-rule));
  }
  .out {
    padding-bottom: calc(var(--pad-height, 240px) + 12px + var(--stations-height, 58px));
  }
}
/* a phone that lies on its side, or letters made very large, have no room for keys that stay */
@media (max-width: 700px) and (max-height: 600px) {
  .out {
    padding-bottom: 24px;
  }
  .out__pad {
    position: static;
    padding: 0;
    border-top: 0;
  }
}
</style>
