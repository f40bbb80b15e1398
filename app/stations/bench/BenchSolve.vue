<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import {
  CUT_IDS,
  CUT_TITLE,
  outOfReachText,
  rigTitle,
  scaleOf,
  solveCuts,
  toldCuts,
  USUAL_CUTS,
  wantValue,
  type CutId,
  type SolvedCuts,
  type ToldCut,
} from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { breath } from '../../first/breath';
import { useFocusBack } from '../../composables/useFocusBack';
import { useWaterBest } from '../../composables/useWaterBest';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import type { Ghost } from './BenchGhost.vue';
import * as words from '../../locale/en/bench';

/** The cuts that answer this water, solved: what may be done is chosen, what is proposed is taken one by one or all at once. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ ghost: [ghost: Ghost] }>();
const bench = useBench();
const { system } = useUnits();
const scale = useWaterBest();

const CHOICES = CUT_IDS.map((value) => ({ value, title: CUT_TITLE[value] }));
const allow = ref<CutId[]>([...USUAL_CUTS]);
const solved = shallowRef<SolvedCuts | null>(null);
const rig = computed(() => bench.build?.rig ?? null);
const compiled = computed(() => bench.on?.compiled ?? null);

// the dialog is drawn first, the search follows in a task of its own; a newer one takes its place
watch(
  [rig, compiled, allow],
  async () => {
    const [of, on, cuts] = [rig.value, compiled.value, allow.value];
    await breath();
    if (!of || !on || of !== rig.value || cuts !== allow.value) return;
    solved.value = cuts.length === 0 ? null : solveCuts(on, of, { allow: cuts, base: bench.build!.base });
  },
  { immediate: true },
);

/** what a share of all that could be collected is on the scale that is told */
const times = computed(() => {
  const on = compiled.value;
  return on && scale.value ? scaleOf(on.facts.water, on.facts.family, scale.value) : null;
});
const toldScore = (score: number): number | null =>
  times.value === null ? null : Math.round(100 * Math.min(1, times.value * score));

interface Proposal {
  readonly key: 'best' | 'fewest';
  readonly title: string;
  /** null while the scale of the water is sought */
  readonly score: number | null;
  readonly rig: SolvedCuts['best']['rig'];
  readonly cuts: readonly ToldCut[];
}
const proposals = computed((): Proposal[] => {
  if (!solved.value || !rig.value || !compiled.value) return [];
  const { best, fewest } = solved.value;
  const same = JSON.stringify(best.rig) === JSON.stringify(fewest.rig);
  return ([['best', best], ...(same ? [] : [['fewest', fewest] as const])] as const).map(([key, solution]) => ({
    key,
    title: same ? words.bestAndFewest : words.solution[key],
    score: toldScore(solution.score),
    rig: solution.rig,
    cuts: toldCuts(solution, rig.value!, compiled.value!.wants, compiled.value!.facts.water, system.value),
  }));
});
const outOfReach = computed(() =>
  (solved.value?.outOfReach ?? []).map((row) => outOfReachText(row, compiled.value!.wants, system.value)),
);
const asItIs = computed(() => {
  const before = solved.value?.before;
  const score = before ? toldScore(before.score) : null;
  return before && score !== null ? words.asItIs(score, wantValue('fall', before.has.fall, system.value)) : '';
});
const points = (gains: number): string =>
  times.value === null ? '' : words.gains(Math.max(1, Math.round(100 * gains * times.value)));

function onTheSheet({ title, rig: of, cuts }: Proposal): void {
  emit('ghost', { title, rig: of, cuts });
  open.value = false;
}
function takeAll(proposal: Proposal): void {
  bench.takeCuts(proposal.cuts, proposal.rig);
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.solveTheCuts" :max-width="1040" scrollable>
    <v-card class="solve" data-testid="solve">
      <h2>{{ words.solveTheCuts }}</h2>
      <p class="soft"><FractionText :text="asItIs" /></p>
      <ChoiceRow v-model="allow" :label="words.mayBeDone" :options="CHOICES" />
      <p v-if="allow.length === 0" role="alert">{{ words.allowAtLeastOne }}</p>
      <div class="solve__both">
        <section v-for="proposal in proposals" :key="proposal.key" :aria-label="proposal.title">
          <h3>
            {{ proposal.title }}
            <span v-if="proposal.score !== null" class="number">{{ words.answers(proposal.score) }}</span>
          </h3>
          <RigDrawing :rig="proposal.rig" :label="words.fromTheSide(rigTitle(proposal.rig, system))" />
          <ul v-if="proposal.cuts.length > 0">
            <li v-for="cut in proposal.cuts" :key="cut.step" :data-testid="`solved-${cut.step}`">
              <p><FractionText :text="cut.says" /></p>
              <p class="soft">
                <FractionText :text="cut.because" />{{ ' ' }}<b class="number">{{ points(cut.gains) }}</b>
              </p>
              <v-btn size="small" @click="bench.takeCuts([cut], proposal.rig)">{{ words.takeThis }}</v-btn>
            </li>
          </ul>
          <p v-else>{{ proposal.key === 'best' ? words.nothingToCut : words.noFewerNeeded }}</p>
          <div v-if="proposal.cuts.length > 0" class="solve__acts">
            <v-btn class="act" @click="takeAll(proposal)">{{ words.takeAll }}</v-btn>
            <v-btn @click="onTheSheet(proposal)">{{ words.showOnTheSheet }}</v-btn>
          </div>
        </section>
      </div>
      <ul v-if="outOfReach.length > 0" class="solve__out" :aria-label="words.outOfReach">
        <li v-for="line in outOfReach" :key="line"><FractionText :text="line" /></li>
      </ul>
      <v-btn @click="open = false">{{ words.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.solve {
  display: grid;
  gap: 10px;
  padding: 18px 22px;
  overflow-y: auto;
}
.solve__both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 380px), 1fr));
  gap: 8px 28px;
}
.solve__acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.solve__both section {
  display: grid;
  gap: 6px;
  align-content: start;
}
.solve__both ul,
.solve__out {
  list-style: none;
  padding: 0;
}
.solve__both li {
  padding: 6px 0;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.solve__out li {
  padding-left: 10px;
  border-left: 4px solid rgb(var(--v-theme-oxblood));
}
</style>
