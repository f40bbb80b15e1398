<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { cutList, editOf, handlesOf, rigTitle, WEIGHT_STEPS_OZ, type BenchPart, type Rig } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useKeys } from '../../composables/useKeys';
import { useGradually } from '../../composables/useGradually';
import { useNarrow } from '../../composables/useNarrow';
import { useNextFrame } from '../../composables/useNextFrame';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useScreen } from '../../stores/screen';
import { useWater } from '../../stores/water';
import BenchCutList from './BenchCutList.vue';
import BenchEmpty from './BenchEmpty.vue';
import BenchGhost, { type Ghost } from './BenchGhost.vue';
import BenchGlance from './BenchGlance.vue';
import BenchReadouts from './BenchReadouts.vue';
import BenchSays from './BenchSays.vue';
import BenchSheet from './BenchSheet.vue';
import BenchStack from './BenchStack.vue';
import BenchVerdict from './BenchVerdict.vue';
import BenchTools from './BenchTools.vue';
import { useEditValue } from './useEditValue';
import * as words from '../../locale/en/bench';

/** The bench: parts at the left, the build on ruled paper, what it does at the right, and below what to cut in which order. */
const GearMargins = defineAsyncComponent(() => import('../../parts/GearMargins.vue'));
const BenchSteps = defineAsyncComponent(() => import('./BenchSteps.vue'));
const BenchCompare = defineAsyncComponent(() => import('./BenchCompare.vue'));
const BenchCard = defineAsyncComponent(() => import('./BenchCard.vue'));
const BenchCalibrate = defineAsyncComponent(() => import('./BenchCalibrate.vue'));
const BenchSolve = defineAsyncComponent(() => import('./BenchSolve.vue'));
const BenchTable = defineAsyncComponent(() => import('./BenchTable.vue'));
const BenchBuilds = defineAsyncComponent(() => import('./BenchBuilds.vue'));

const bench = useBench();
const screen = useScreen();
const water = useWater();
const router = useRouter();
const ready = useNextFrame();
/** drawing, parts, numbers and cut list come in a frame each: none of them is waited for */
const drawn = useGradually(() => (ready.value && bench.build ? PIECES : 0), 0, 1);
const narrow = useNarrow();
const { system } = useUnits();
const { step } = useEditValue();

const PIECES = 4;
const part = ref<BenchPart>('trailer');
const sheet = ref<InstanceType<typeof BenchSheet> | null>(null);
const scale = ref<'fit' | 'true' | 'large'>('fit');
const dialog = ref<'steps' | 'solve' | 'table' | 'compare' | 'card' | 'calibrate' | 'builds' | null>(null);
const from = ref(0);
const isOpen = (name: NonNullable<typeof dialog.value>) =>
  computed({ get: () => dialog.value === name, set: (open) => (dialog.value = open ? name : null) });
const steps = isOpen('steps');
const solve = isOpen('solve');
const table = isOpen('table');
// it stands in the place of the bench: the button that opened it is another one when it closes
watch(table, async (isShown) => {
  if (isShown) return;
  await nextTick();
  document.querySelector<HTMLElement>('[data-testid=open-table]')?.focus();
});
/** cuts that are proposed on the drawing; they belong to the build they were solved for */
const ghost = shallowRef<Ghost | null>(null);
watch(
  () => bench.build?.id,
  () => (ghost.value = null),
);
const compare = isOpen('compare');
const card = isOpen('card');
const calibrate = isOpen('calibrate');
const builds = isOpen('builds');

onMounted(() => Promise.all([bench.load(), screen.load()]));
const LARGE = 2.5;
const pxPerMm = computed(() => (scale.value === 'fit' ? 0 : screen.pxPerMm * (scale.value === 'large' ? LARGE : 1)));
/** of what lies there: a name that grew under a drag would push the sheet away from the finger */
const title = computed(() => (bench.build ? rigTitle(bench.build.rig, system.value) : ''));
/** the rig of fields and cut list: it follows a frame after a change, so that no frame has to draw everything */
const settled = shallowRef<Rig | null>(bench.build?.rig ?? null);
let frame = 0;
watch(
  () => bench.build?.rig ?? null,
  (next) => {
    cancelAnimationFrame(frame);
    frame = requestAnimationFrame(() => (frame = requestAnimationFrame(() => (settled.value = next))));
  },
);
onBeforeUnmount(() => cancelAnimationFrame(frame));
const list = computed(() => (settled.value && bench.build ? cutList(settled.value, bench.build.base) : []));
/** a part that is not on this rig cannot be at hand */
watch(
  () => bench.build?.id,
  () => {
    part.value = bench.rig?.trailer ? 'trailer' : 'skirt';
    // a dialog about a build that is gone must not wait for the next one
    if (!bench.build) dialog.value = null;
  },
  { immediate: true },
);

async function ticket(): Promise<void> {
  if (!bench.build) return;
  await router.push(`/tickets/${bench.writeTicket()}`);
}
function openSteps(at: number): void {
  from.value = at;
  dialog.value = 'steps';
}
/** Goes to the next handle on the drawing, from the one that has the focus. */
function nextCut(): void {
  if (!bench.rig || !bench.numbers) return;
  const edits: readonly string[] = handlesOf(bench.rig, bench.numbers.body).map(({ edit }) => edit);
  const here = edits.indexOf((document.activeElement as SVGElement | null)?.dataset['edit'] ?? '');
  document.querySelector<SVGElement>(`[data-edit="${edits[(here + 1) % edits.length]}"]`)?.focus();
}
function heavier(by: 1 | -1): void {
  if (!bench.rig) return;
  const at = WEIGHT_STEPS_OZ.findIndex((oz) => String(oz) === editOf('weight').read(bench.rig!));
  const next = WEIGHT_STEPS_OZ[at + by];
  if (next !== undefined) bench.edit('weight', String(next));
}
useKeys({
  '[': () => heavier(-1),
  ']': () => heavier(1),
  o: () => bench.rig?.trailer && step('turn', 1),
  x: nextCut,
  c: () => bench.build && (dialog.value = 'compare'),
  p: () => void ticket(),
});
/** In a field the browser's own undo of typing holds. */
function onUndoKey(event: KeyboardEvent): void {
  if (!(event.ctrlKey || event.metaKey) || (event.target as HTMLElement).tagName === 'INPUT') return;
  const key = event.key.toLowerCase();
  if (key === 'y' || (key === 'z' && event.shiftKey)) void bench.redo();
  else if (key === 'z') void bench.undo();
  else return;
  event.preventDefault();
}
onMounted(() => window.addEventListener('keydown', onUndoKey));
onBeforeUnmount(() => window.removeEventListener('keydown', onUndoKey));
</script>

<template>
  <BenchEmpty v-if="bench.loaded && !bench.build" />
  <BenchTable v-else-if="table && bench.build" v-model="table" />
  <div v-else-if="ready && bench.rig && bench.build && bench.numbers" class="bench" data-testid="bench">
    <div class="bench__stack"><BenchStack v-if="drawn > 1 && settled" v-model="part" :rig="settled" /></div>
    <div class="bench__middle">
      <BenchTools
        v-model:scale="scale"
        class="bench__tools"
        @solve="dialog = 'solve'"
        @table="dialog = 'table'"
        @compare="dialog = 'compare'"
        @card="dialog = 'card'"
        @calibrate="dialog = 'calibrate'"
        @builds="dialog = 'builds'"
        @ticket="ticket"
      />
      <BenchGhost v-if="ghost" :ghost="ghost" @away="ghost = null" />
      <h1 class="bench__title"><FractionText :text="title" /></h1>
      <BenchSheet
        v-if="drawn > 0"
        ref="sheet"
        class="bench__sheet"
        :rig="bench.rig"
        :still="bench.build.rig"
        :speed-mps="bench.speedMps"
        :scale="pxPerMm"
        :part="part"
        :narrow="narrow"
        :faults="bench.numbers.faults"
        :label="words.drawnToScale(title)"
        :ghost="ghost?.rig ?? null"
        @choose="part = $event"
      />
      <BenchGlance v-if="narrow && drawn > 1" :of="() => sheet?.$el ?? null" :label="title" />
      <BenchSays :faults="bench.numbers.faults" />
    </div>
    <BenchVerdict v-if="narrow && drawn > 2" />
    <div class="bench__numbers" tabindex="0" role="region" :aria-label="words.readOuts">
      <BenchReadouts v-if="drawn > 2" :numbers="bench.numbers" :before="bench.before" />
      <GearMargins v-if="drawn > 3" class="bench__gear" :rig="bench.build.rig" :water="water.water" />
    </div>
    <BenchCutList v-if="drawn > 3" class="bench__cuts" :steps="list" @open="openSteps" />
    <BenchSteps v-if="steps" v-model="steps" :steps="list" :from="from" :title="title" />
    <BenchSolve v-if="solve" v-model="solve" @ghost="ghost = $event" />
    <BenchCompare v-if="compare" v-model="compare" />
    <BenchCard v-if="card" v-model="card" :numbers="bench.numbers" :base="bench.build.base" />
    <BenchCalibrate v-if="calibrate" v-model="calibrate" />
    <BenchBuilds v-if="builds" v-model="builds" />
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template-columns: 236px 1fr 266px;
  grid-template-rows: minmax(0, 1fr) minmax(132px, auto);
  height: calc(100vh - 54px);
}
.bench__stack,
.bench__numbers {
  overflow-y: auto;
  min-height: 0;
}
.bench__stack {
  border-right: 2px solid rgb(var(--v-theme-ink));
}
/* what is drawn anew in one of them leaves the others alone */
.bench__stack,
.bench__numbers,
.bench__cuts {
  contain: content;
}
.bench__numbers {
  border-left: 2px solid rgb(var(--v-theme-ink));
}
.bench__middle {
  display: flex;
  flex-direction: column;
  min-width: 0;
  min-height: 0;
}
.bench__title {
  padding: 7px 12px 0;
  font-size: 21px;
}
.bench__sheet {
  flex: 1;
  min-height: 0;
}
.bench__cuts {
  grid-column: 1 / -1;
  border-top: 2px solid rgb(var(--v-theme-ink));
  background: rgb(var(--v-theme-shade));
  overflow: hidden;
}
.bench__gear {
  padding: 14px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
@media (max-width: 1100px) {
  .bench {
    display: flex;
    flex-direction: column;
    height: auto;
    padding-bottom: 120px;
    /* lines that come and go below the sheet under a drag must not scroll it away from the finger */
    overflow-anchor: none;
  }
  .bench__middle {
    order: 1;
  }
  .bench__title {
    padding-bottom: 6px;
  }
  .bench__tools {
    order: 1;
    border-bottom: 0;
    border-top: 1px solid rgb(var(--v-theme-rule));
    margin-top: 8px;
  }
  .bench__stack {
    order: 3;
    border-right: 0;
    border-top: 2px solid rgb(var(--v-theme-ink));
  }
  .bench__cuts {
    order: 2;
  }
  /* far below the drawing: laid out and painted once they are scrolled to */
  .bench__stack,
  .bench__numbers {
    content-visibility: auto;
    contain-intrinsic-size: auto 900px;
  }
  .bench__numbers {
    order: 4;
    border-left: 0;
    border-top: 2px solid rgb(var(--v-theme-ink));
  }
}
</style>
