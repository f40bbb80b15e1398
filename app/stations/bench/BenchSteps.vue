<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import {
  BENCH_CAUTION_TEXT,
  CAUTION_TEXT,
  rigBody,
  rigHeadOn,
  rigOutline,
  CRAWL_MPS,
  stepText,
  trailerSheet,
  type CutStep,
  type Outline,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import OutlinePaths from '../../parts/OutlinePaths.vue';
import { useUnits } from '../../composables/useUnits';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/bench';

/** One picture a step, large enough for a moving deck: what to do, what to mind, next. */
useFocusBack();
const props = defineProps<{ steps: readonly CutStep[]; from: number; title: string }>();
const open = defineModel<boolean>({ required: true });
const { system } = useUnits();
const at = ref(props.from);
watch(
  () => props.steps.length,
  (count) => (at.value = Math.min(at.value, count - 1)),
);

const step = computed(() => props.steps[at.value]!);
const told = computed(() => stepText(step.value, system.value));
const cautions = computed(() => {
  const own = step.value.cautions.map((id) => BENCH_CAUTION_TEXT[id]);
  return step.value.cautions.includes('bare-hook') ? [...own, CAUTION_TEXT['embedded-hook']] : own;
});
const picture = computed<Outline>(() => {
  const { rig, view } = step.value;
  const body = rigBody(rig);
  if (view === 'sheet') return trailerSheet(rig) ?? rigOutline(rig, body, 'side');
  return view === 'front' ? rigHeadOn(rig, body, CRAWL_MPS) : rigOutline(rig, body, view);
});
const MARGIN_MM = 4;
const box = computed(() => {
  const { x, y, width, height } = picture.value.bounds;
  return `${x - MARGIN_MM} ${y - MARGIN_MM} ${width + 2 * MARGIN_MM} ${height + 2 * MARGIN_MM}`;
});
const last = computed(() => at.value === props.steps.length - 1);
function go(by: number): void {
  if (by > 0 && last.value) open.value = false;
  else at.value = Math.min(props.steps.length - 1, Math.max(0, at.value + by));
}
/** arrows turn the page wherever the focus is in here */
function onKey(event: KeyboardEvent): void {
  const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
  if (by === undefined) return;
  event.preventDefault();
  if (by < 0 || !last.value) go(by);
}
onMounted(() => window.addEventListener('keydown', onKey));
onBeforeUnmount(() => window.removeEventListener('keydown', onKey));
</script>

<template>
  <v-dialog v-model="open" fullscreen :aria-label="words.cutListOf(title)" transition="none">
    <v-card class="steps" data-testid="steps" @keydown.right.prevent="go(1)" @keydown.left.prevent="go(-1)">
      <div class="steps__head">
        <p class="soft"><FractionText :text="title" /></p>
        <v-btn :aria-label="words.closeTheSteps" @click="open = false">{{ words.close }}</v-btn>
      </div>
      <svg class="steps__picture" :viewBox="box" role="img" :aria-label="words.buildAfterStep(told.title)">
        <OutlinePaths :shapes="picture.shapes" />
      </svg>
      <div class="steps__words" aria-live="polite">
        <p class="steps__count number">
          {{ at + 1 }} <span class="soft">{{ words.ofCount(steps.length) }}</span>
        </p>
        <h2 data-testid="step-title">{{ told.title }}</h2>
        <p class="steps__text"><FractionText :text="told.text" /></p>
        <ul v-if="cautions.length > 0" class="steps__care" :aria-label="words.mind">
          <li v-for="line in cautions" :key="line">{{ line }}</li>
        </ul>
      </div>
      <nav class="steps__go" :aria-label="words.steps">
        <v-btn :disabled="at === 0" @click="go(-1)">{{ words.back }}</v-btn>
        <v-btn class="act" autofocus @click="go(1)">{{ last ? words.done : words.next }}</v-btn>
      </nav>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.steps {
  display: grid;
  grid-template-rows: auto minmax(120px, 1fr) auto auto;
  height: 100%;
  padding: 12px 18px 16px;
}
.steps__head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  padding-bottom: 8px;
}
.steps__picture {
  width: 100%;
  height: 100%;
  min-height: 0;
}
.steps__words {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 14px;
  align-items: baseline;
  max-width: 820px;
  margin: 0 auto;
  width: 100%;
}
.steps__count {
  font-size: 30px;
  color: rgb(var(--v-theme-oxblood));
}
.steps__count .soft {
  font-size: 18px;
}
.steps__words h2 {
  font-size: 30px;
}
.steps__text {
  grid-column: 1 / -1;
  font-size: 21px;
}
.steps__care {
  grid-column: 1 / -1;
  margin: 8px 0 0;
  padding: 6px 0 6px 14px;
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  list-style: none;
}
.steps__go {
  display: grid;
  grid-template-columns: 1fr 2fr;
  gap: 10px;
  max-width: 820px;
  width: 100%;
  margin: 14px auto 0;
}
.steps__go .v-btn {
  min-height: 64px;
  font-size: 22px;
}
</style>
