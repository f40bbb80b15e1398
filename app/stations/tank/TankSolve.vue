<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import {
  issueText,
  massKgFromLb,
  massKgFromOz,
  NEAR_DEPTH_M,
  rigTitles,
  SOLVE_FOR,
  shownHeadStep,
  solveRetrieve,
  EDIT_TITLE,
  editOf,
  editValueText,
  type Able,
  type CutToDepth,
  type SolveFor,
  type Solved,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import { askAble, askCut } from '../../workers/ask-able';
import * as words from '../../locale/en/tank';

/** One thing turned until the rig runs half way back at a depth; what was found can be set. */
const tank = useTank();
const water = useWater();
const box = useBox();
const { show, system } = useUnits();
const by = ref<SolveFor>('weight');
const depthM = ref(tank.film?.done.midCastDepthM ?? water.water.depthM / 2);
watch(
  () => water.water.depthM,
  (deepest) => (depthM.value = Math.min(depthM.value, deepest)),
);
const kinds = SOLVE_FOR.map((value) => ({ value, title: words.solveNames[value] }));
const solved = computed(() =>
  tank.tank.rig ? solveRetrieve(tank.tank.rig, tank.tank.plan, water.water, by.value, depthM.value) : null,
);

function amount({ for: of }: Solved, value: number): string {
  if (of === 'weight') return shownHeadStep(massKgFromOz(value), system.value);
  if (of === 'speed') return show('speed', value);
  if (of === 'countdown') return words.seconds(value);
  return show('lineStrength', massKgFromLb(value));
}
/** rigs of the box that run there, as they were asked for: they belong to one water, plan and depth */
const able = shallowRef<readonly Able[] | null>(null);
/** how this rig is cut until it runs there */
const cut = shallowRef<CutToDepth | null>(null);
const running = ref(false);
const problem = ref('');
let turn = 0;
watch([() => water.water, () => tank.tank.plan, () => tank.tank.rig, depthM, () => box.box], () => {
  turn++;
  running.value = false;
  able.value = null;
  cut.value = null;
  problem.value = '';
});
async function runAll(): Promise<void> {
  const mine = ++turn;
  running.value = true;
  problem.value = '';
  const found = await askAble({ box: box.box, water: water.water, plan: tank.plan, depthM: depthM.value });
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
  const found = await askCut({ rig, water: water.water, plan: tank.plan, depthM: depthM.value });
  if (mine !== turn) return;
  running.value = false;
  if (!found.ok) problem.value = found.issues.map(issueText).join(' ');
  else if (found.value === null) problem.value = words.neverHalfWay;
  else cut.value = found.value;
}
const cutSays = computed(() => {
  if (!cut.value) return '';
  const { cuts, isMet, depthM: metM } = cut.value;
  if (cuts.length === 0) return isMet ? words.runsThere : words.noCutHelps;
  return isMet ? words.cutFound(show('depth', metM)) : words.cutNearest(show('depth', metM));
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
const SHOWN = 12;
const listed = computed(() => {
  const rows = (able.value ?? []).slice(0, SHOWN);
  const titles = rigTitles(
    rows.map(({ rig }) => rig),
    system.value,
  );
  return rows.map((row, at) => ({ ...row, title: titles[at] ?? '' }));
});

const why = computed(() => {
  const code = solved.value?.why?.code;
  if (code === undefined) return '';
  if (code === 'never-half-way') return words.neverHalfWay;
  const wanted = show('depth', depthM.value);
  return code === 'jumps-past' ? words.jumpsPast(wanted) : words.noSettingReaches(wanted);
});

/** Sets what was found, as near as it is sold where it is sold in steps. */
function take(value: number): void {
  const { rig, plan } = tank.tank;
  if (!rig) return;
  if (by.value === 'weight') void tank.change({ rig: { ...rig, head: { ...rig.head, weightOz: value } } });
  else if (by.value === 'line') void tank.setPlan({ line: { ...plan.line, lb: value } });
  else if (by.value === 'speed') {
    void tank.setSteps(plan.steps.map((step) => ('mPerS' in step ? { ...step, mPerS: value } : step)));
  } else {
    const first = plan.steps.findIndex((step) => step.do === 'countdown');
    const count = { do: 'countdown' as const, s: value };
    void tank.setSteps(
      first < 0 ? [count, ...plan.steps] : plan.steps.map((step, at) => (at === first ? count : step)),
    );
  }
}
</script>

<template>
  <div class="solve" data-testid="tank-solve">
    <div class="solve__ask">
      <SelectField v-model="by" :label="words.solveFor" :items="kinds" />
      <UnitField v-model="depthM" :label="words.runsAt" quantity="depth" :min="0.05" :max="water.water.depthM" />
    </div>
    <div v-if="solved" role="status">
      <p v-if="solved.value !== null" class="solve__found">
        {{ words.found }} <b class="number">{{ amount(solved, solved.value) }}</b>
        <button type="button" class="press act" @click="take(solved.value)">{{ words.takeIt }}</button>
      </p>
      <p v-else class="solve__why">{{ why }}</p>
      <p v-if="solved.nearest">
        {{ words.nearestSold(amount(solved, solved.nearest.value), show('depth', solved.nearest.depthM)) }}
        <button type="button" class="press" @click="take(solved.nearest.value)">{{ words.takeIt }}</button>
      </p>
    </div>
    <div class="solve__all">
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
    <div class="solve__all">
      <button type="button" class="press" :disabled="running" @click="runAll">{{ words.whichOfTheBox }}</button>
      <p role="status">
        <template v-if="running">{{ words.isRunning }}</template>
        <template v-else-if="able">{{ able.length > 0 ? words.ableFound(able.length) : words.noneOfTheBox }}</template>
      </p>
      <p v-if="problem" role="alert" class="solve__why">{{ problem }}</p>
      <ol v-if="listed.length > 0" data-testid="tank-able">
        <li v-for="row in listed" :key="JSON.stringify(row.rig)">
          <FractionText :text="row.title" />
          <span class="soft"
            >{{ show('depth', row.midCastDepthM) }}, {{ words.seconds(row.secondsInBand) }}
            {{ words.nearIt(show('depth', NEAR_DEPTH_M)) }}</span
          >
          <button type="button" class="press" @click="tank.put(row.rig, null)">{{ words.putItIn }}</button>
        </li>
      </ol>
    </div>
  </div>
</template>

<style scoped>
.solve__ask {
  display: grid;
  grid-template-columns: 220px 260px;
  gap: 14px;
  align-items: end;
}
.solve__found {
  padding-top: 12px;
  font-size: 18px;
}
.solve__why {
  padding-top: 12px;
  color: rgb(var(--v-theme-oxblood));
}
.solve__all {
  padding-top: 16px;
}
.solve .solve__all > .press {
  margin-left: 0;
}
.solve__all ol {
  margin: 6px 0 0;
  padding-left: 24px;
}
.solve__all li {
  padding: 3px 0;
}
.solve .press {
  margin-left: 12px;
}
@media (max-width: 700px) {
  .solve__ask {
    grid-template-columns: 1fr;
  }
}
</style>
