<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref } from 'vue';
import { breaksDownText, momentAt, ribbonAt, rigTitle, type Rig } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import FractionText from '../../parts/FractionText.vue';
import OfferedRigs from '../../parts/OfferedRigs.vue';
import SelectField from '../../parts/SelectField.vue';
import { useKeys } from '../../composables/useKeys';
import { useNarrow } from '../../composables/useNarrow';
import { useNewest } from '../../composables/useNewest';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import { askTank, onTankRestart } from '../../workers/ask-tank';
import TankNow from './TankNow.vue';
import TankScene from './TankScene.vue';
import TankTime from './TankTime.vue';
import { useOffered } from './useOffered';
import { prefersStills, useRun } from './useRun';
import * as notes from '../../locale/en/notices';
import * as words from '../../locale/en/tank';

/** The tank: what a rig will do over this bottom, run before it is tied. */
const TankProgramme = defineAsyncComponent(() => import('./TankProgramme.vue'));
const TankFalls = defineAsyncComponent(() => import('./TankFalls.vue'));
const TankCharts = defineAsyncComponent(() => import('./TankCharts.vue'));
const TankVersus = defineAsyncComponent(() => import('./TankVersus.vue'));
const TankSolve = defineAsyncComponent(() => import('./TankSolve.vue'));

const tank = useTank();
const water = useWater();
const narrow = useNarrow();
const { system, show } = useUnits();
const offered = useOffered();
onMounted(() => tank.load());
const notices = useNotices();
onTankRestart(() => notices.say(notes.workerRestarted));

const endsS = computed(() => Math.max(tank.film?.endsS ?? 0, tank.otherFilm?.endsS ?? 0));
const moments = computed(() => tank.told.map(({ timeS }) => timeS));
const { timeS, running, isFast, toggle, seek, jump } = useRun(endsS, moments);
const shownS = computed({ get: () => timeS.value, set: seek });
const still = prefersStills();

/** what the lure does now: drawn, and read below */
const moment = computed(() => tank.film && momentAt(tank.film, Math.min(timeS.value, tank.film.endsS)));
/** how sure it is comes a moment after what is run */
const { last } = useNewest(
  () => tank.film && { film: tank.film, rig: tank.film.rig, plan: tank.film.plan, water: water.water },
  ({ rig, plan, water: on }) => askTank('bands', { rig, plan, water: on }),
);
const bands = computed(() => (last.value && last.value.to.film === tank.film ? last.value.answer : null));
const depthBand = computed(() => bands.value && moment.value && ribbonAt(bands.value.ribbon, moment.value.timeS));

const SECTIONS = ['programme', 'falls', 'charts', 'versus', 'solve'] as const;
type Section = (typeof SECTIONS)[number];
const section = ref<Section>('programme');
const SECTION_TITLE: Readonly<Record<Section, string>> = {
  programme: words.sectionProgramme,
  falls: words.sectionFalls,
  charts: words.sectionCharts,
  versus: words.sectionVersus,
  solve: words.sectionSolve,
};
const sections = SECTIONS.map((value) => ({ value, title: SECTION_TITLE[value] }));

const title = computed(() => (tank.tank.rig ? rigTitle(tank.tank.rig, system.value) : ''));
const NONE = 'none';
/** rigs that can be put in: what stands there first, then picks, the build, tickets */
const choices = computed(() =>
  offered.value.map(({ key, title: name, from }) => ({ value: key, title: `${name} (${from})` })),
);
const keyOf = (rig: Rig | null): string =>
  offered.value.find((row) => JSON.stringify(row.rig) === JSON.stringify(rig))?.key ?? NONE;
const own = computed({
  get: () => keyOf(tank.tank.rig),
  set: (key: string) => {
    const found = offered.value.find((row) => row.key === key);
    if (found) void tank.put(found.rig, found.plan);
  },
});
const beside = computed({
  get: () => (tank.tank.other ? keyOf(tank.tank.other) : NONE),
  set: (key: string) => void tank.putOther(offered.value.find((row) => row.key === key)?.rig ?? null),
});
const besides = computed(() => [{ value: NONE, title: words.nothingBeside }, ...choices.value]);
const pace = computed({ get: () => (isFast.value ? 'fast' : 'real'), set: (is) => (isFast.value = is === 'fast') });
const paces = [
  { value: 'real', title: words.realTime },
  { value: 'fast', title: words.fast },
] as const;
const faults = computed(() =>
  tank.faults.map((fault) =>
    breaksDownText(fault, { speed: (mPerS) => show('speed', mPerS), depth: (m) => show('depth', m) }),
  ),
);
useKeys({ ' ': toggle, ',': () => jump(-1), '.': () => jump(1) });
</script>

<template>
  <OfferedRigs
    v-if="tank.loaded && !tank.tank.rig"
    :title="words.tankEmpty"
    :says="words.putARigIn"
    :rows="offered.slice(0, 4)"
    :take="words.putIn"
    @take="tank.put($event.rig, $event.plan)"
  />
  <div v-else-if="tank.film && moment" class="tank" data-testid="tank">
    <header class="tank__head">
      <h1 class="tank__title"><FractionText :text="title" /></h1>
      <SelectField v-model="own" class="tank__rig" :label="words.rig" :items="choices" />
      <SelectField v-model="beside" class="tank__rig" :label="words.beside" :items="besides" />
      <button v-if="tank.tank.other" type="button" class="press" @click="tank.swap()">{{ words.swap }}</button>
    </header>
    <TankScene
      :film="tank.film"
      :other="tank.otherFilm"
      :water="water.water"
      :moment="moment"
      :time-s="timeS"
      :ribbon="bands?.ribbon ?? null"
      :still="still"
      :narrow="narrow"
      :label="words.scene(title)"
    />
    <div class="tank__controls">
      <button type="button" class="press act" data-testid="tank-run" @click="toggle">
        {{ running ? words.pause : words.play }}
      </button>
      <ChoiceRow v-model="pace" :label="words.speedOfTime" :options="paces" bare />
      <button type="button" class="press" :aria-label="words.previous" @click="jump(-1)">‹</button>
      <button type="button" class="press" :aria-label="words.next" @click="jump(1)">›</button>
      <span class="number tank__clock">{{ words.atTime(words.seconds(timeS), words.seconds(endsS)) }}</span>
      <span v-if="tank.isRaised" class="soft">{{ words.bottomRaised(show('depth', water.water.depthM)) }}</span>
      <span v-if="tank.film.goesOn" class="soft">{{ words.goesOn }}</span>
      <span v-if="still" class="soft">{{ words.reducedMotion }}</span>
    </div>
    <TankTime v-model="shownS" :film="tank.film" :told="tank.told" :ends-s="endsS" />
    <TankNow :film="tank.film" :moment="moment" :numbers="bands?.numbers ?? null" :depth-band="depthBand" />
    <section class="tank__faults" :aria-label="words.whereItBreaks">
      <ul v-if="faults.length > 0">
        <li v-for="says in faults" :key="says">{{ says }}</li>
      </ul>
      <p v-else class="soft">{{ words.breaksNowhere }}</p>
    </section>
    <div class="tank__work">
      <ChoiceRow v-model="section" class="tank__sections" :label="words.sections" :options="sections" bare />
      <TankProgramme v-if="section === 'programme'" />
      <TankFalls v-else-if="section === 'falls'" />
      <TankCharts v-else-if="section === 'charts'" :ribbon="bands?.ribbon ?? null" />
      <TankVersus v-else-if="section === 'versus'" />
      <TankSolve v-else />
    </div>
  </div>
</template>

<style scoped>
.tank__head {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px 14px;
  padding: 8px 14px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.tank__title {
  flex: 1 1 300px;
  font-size: 22px;
}
.tank__rig {
  flex: 0 1 300px;
}
.tank__controls {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 6px 14px 6px 58px;
}
.tank__clock {
  font-size: 18px;
  margin-left: 8px;
}
.tank__faults {
  padding: 5px 14px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.tank__faults ul {
  list-style: square;
  padding-left: 18px;
  color: rgb(var(--v-theme-oxblood));
}
.tank__work {
  padding: 8px 14px 24px;
}
.tank__sections {
  padding-bottom: 8px;
}
@media (max-width: 700px) {
  .tank {
    padding-bottom: 76px;
  }
  .tank__controls {
    padding: 6px 12px;
  }
  .tank__rig {
    flex: 1 1 100%;
  }
}
</style>
