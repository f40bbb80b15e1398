<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import {
  ABLE_TOLD,
  EDIT_TITLE,
  editOf,
  editValueText,
  issueText,
  NEAR_DEPTH_M,
  rigTitles,
  type Able,
  type Band,
  type CutToDepth,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import { askTank } from '../../workers/ask-tank';
import * as words from '../../locale/en/tank';

/** Other ways to a depth: this rig cut until it runs there, and the rigs of the box that do. */
const { depthM } = defineProps<{ depthM: number }>();
const tank = useTank();
const water = useWater();
const box = useBox();
const { show, showAround, system } = useUnits();

/** rigs of the box that run there, as they were asked for: they belong to one water, plan and depth */
const able = shallowRef<readonly Able[] | null>(null);
/** how this rig is cut until it runs there */
const cut = shallowRef<CutToDepth | null>(null);
const running = ref(false);
const problem = ref('');
let turn = 0;
watch([() => water.water, () => tank.tank.plan, () => tank.tank.rig, () => depthM, () => box.box], () => {
  turn++;
  running.value = false;
  able.value = null;
  cut.value = null;
  problem.value = '';
});
const asked = () => ({ water: water.water, plan: tank.plan, depthM });
async function runAll(): Promise<void> {
  const mine = ++turn;
  running.value = true;
  problem.value = '';
  const found = await askTank('able', { ...asked(), box: box.box });
  if (mine !== turn) return;
  running.value = false;
  if (!found.ok) problem.value = found.issues.map(issueText).join(' ');
  else if (found.value === null) problem.value = words.tooManyForAll;
  else able.value = found.value;
}
async function runCuts(): Promise<void> {
  const { rig } = tank.tank;
  if (!rig) return;
  const mine = ++turn;
  running.value = true;
  problem.value = '';
  const found = await askTank('cut', { ...asked(), rig });
  if (mine !== turn) return;
  running.value = false;
  if (!found.ok) problem.value = found.issues.map(issueText).join(' ');
  else if (found.value === null) problem.value = words.neverHalfWay;
  else cut.value = found.value;
}
const depthText = (m: number, band: Band | null): string => words.withBand(show('depth', m), showAround('depth', band));
const cutSays = computed(() => {
  if (!cut.value) return '';
  const { cuts, isMet, depthM: metM, bandM } = cut.value;
  if (cuts.length === 0) return isMet ? words.runsThere : words.noCutHelps;
  return (isMet ? words.cutFound : words.cutNearest)(depthText(metM, bandM));
});
const cutLines = computed(() =>
  (cut.value?.cuts ?? []).map(({ edit, value }) => {
    const of = editOf(edit);
    return words.cutLine(
      EDIT_TITLE[edit],
      editValueText(edit, of.kind === 'amount' ? of.unit : 'word', value, system.value),
    );
  }),
);
const listed = computed(() => {
  const rows = (able.value ?? []).slice(0, ABLE_TOLD);
  const titles = rigTitles(
    rows.map(({ rig }) => rig),
    system.value,
  );
  return rows.map((row, at) => ({ ...row, title: titles[at] ?? '' }));
});
</script>

<template>
  <div class="more">
    <button type="button" class="press" :disabled="running" @click="runCuts">{{ words.cutItThere }}</button>
    <div v-if="cut" data-testid="tank-cut" role="status">
      <p>{{ cutSays }}</p>
      <ul v-if="cutLines.length > 0">
        <li v-for="line in cutLines" :key="line">{{ line }}</li>
      </ul>
      <button v-if="cutLines.length > 0" type="button" class="press" @click="tank.put(cut.rig, null)">
        {{ words.putItIn }}
      </button>
    </div>
  </div>
  <div class="more">
    <button type="button" class="press" :disabled="running" @click="runAll">{{ words.whichOfTheBox }}</button>
    <p role="status">
      <template v-if="running">{{ words.isRunning }}</template>
      <template v-else-if="able">{{ able.length > 0 ? words.ableFound(able.length) : words.noneOfTheBox }}</template>
    </p>
    <p v-if="problem" role="alert" class="more__why">{{ problem }}</p>
    <ol v-if="listed.length > 0" data-testid="tank-able">
      <li v-for="row in listed" :key="JSON.stringify(row.rig)">
        <FractionText :text="row.title" />
        <span class="soft more__runs"
          >{{ depthText(row.midCastDepthM, row.bandM) }}, {{ words.seconds(row.secondsInBand) }}
          {{ words.nearIt(show('depth', NEAR_DEPTH_M)) }}</span
        >
        <button type="button" class="press more__in" @click="tank.put(row.rig, null)">{{ words.putItIn }}</button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.more {
  padding-top: 16px;
}
.more__why {
  padding-top: 12px;
  color: rgb(var(--v-theme-oxblood));
}
.more__runs,
.more__in {
  margin-left: 12px;
}
.more ol {
  margin: 6px 0 0;
  padding-left: 24px;
}
.more li {
  padding: 3px 0;
}
</style>
