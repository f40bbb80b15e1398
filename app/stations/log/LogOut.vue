<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, ref } from 'vue';
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
    <div class="out__rods" role="group" :aria-label="words.rodsInUse">
      <button
        v-for="one in rods"
        :key="one.rod"
        type="button"
        class="out__rod"
        :aria-pressed="one.rod === rod"
        :aria-label="words.rodSays(one.rod + 1, one.title, one.bites, one.landed)"
        @click="outings.takeRod(one.rod)"
      >
        <b class="number">{{ one.rod + 1 }}</b>
        <span class="out__rig"><FractionText :text="one.title" /></span>
        <small class="number" :title="words.countsSay">{{ words.counts(one.bites, one.landed) }}</small>
      </button>
      <button type="button" class="press out__more" :disabled="choices.length === 0" @click="openTie(null)">
        {{ words.addRod }}
      </button>
    </div>
    <p
      class="out__said"
      role="status"
      data-testid="stored"
      :class="{ 'out__said--not': outings.confirmed?.is === 'not-stored' }"
      :data-is="outings.confirmed?.is ?? ''"
    >
      {{ said }}
    </p>
    <section v-if="advice.length > 0" class="out__short" data-testid="short-strikes">
      <h2>{{ shortStrikesOn(strikes) }}</h2>
      <ol>
        <li v-for="one in advice" :key="one.change">
          <b>{{ SHORT_STRIKE_TITLE[one.change] }}.</b>
          <FractionText :text="` ${shortStrikeBecause(one, system)}`" />
        </li>
      </ol>
    </section>
    <OutFish v-if="fish" :fish="fish" />
    <OutKeys :has-rod="rod !== null" :last="lastText" @press="press" @tie="openTie(rod)" @undo="undo" />
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
.out__rods {
  display: grid;
  gap: 6px;
}
.out__rod {
  display: grid;
  grid-template-columns: 30px 1fr auto;
  align-items: center;
  gap: 8px;
  min-height: 52px;
  padding: 4px 10px;
  border: 1px solid rgb(var(--v-theme-ink-soft));
  background: none;
  color: inherit;
  text-align: left;
  font: 600 17px/1.15 var(--v-font-heading);
}
.out__rod b {
  font-size: 24px;
}
.out__rod[aria-pressed='true'] {
  border-color: rgb(var(--v-theme-bottle));
  background: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
.out__rig {
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
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
.out__short h2 {
  font-size: 18px;
}
.out__short ol {
  padding-left: 20px;
}
@media (max-width: 700px) {
  .out__rods {
    grid-template-columns: 1fr 1fr;
  }
  .out__rod {
    grid-template-columns: 22px 1fr;
    gap: 2px 6px;
    padding: 4px 8px;
    font-size: 15px;
  }
  .out__rod small {
    grid-column: 2;
  }
  .out__rig {
    -webkit-line-clamp: 4;
  }
  .out__more {
    min-height: 52px;
  }
  .out {
    padding-bottom: calc(192px + var(--stations-height, 58px));
  }
}
/* a phone that lies on its side, or letters made very large, have no room for keys that stay */
@media (max-width: 700px) and (max-height: 600px) {
  .out {
    padding-bottom: 24px;
  }
}
</style>
