<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref } from 'vue';
import { oddReadings, TEST_LIMITS, USUAL_REACTION_S, type TimedTest } from '@core';
import UnitField from '../../parts/UnitField.vue';
import { useKeys } from '../../composables/useKeys';
import { useSettings } from '../../stores/settings';
import { useWater } from '../../stores/water';
import TestFrame from './TestFrame.vue';
import { useTestRig } from './useTestRig';
import * as words from '../../locale/en/log-tests';

/** Times drops: press when it is let go, press when it touches; three times or more. */
const LogHand = defineAsyncComponent(() => import('./LogHand.vue'));
const emit = defineEmits<{ keep: [test: TimedTest]; cancel: [] }>();
const settings = useSettings();
const water = useWater();
const of = useTestRig();
const { rig, isPractice, base } = of;
const { depthM: DEPTH, times: MOST } = TEST_LIMITS;
const depthM = ref(Math.min(DEPTH.max, Math.max(1, water.water.depthM)));
const measuring = ref(false);
const reactionS = computed(() => settings.settings.reactionS ?? USUAL_REACTION_S);

const readings = ref<TimedTest['readings']>([]);
const problem = ref('');
/** of the drop that is under way, ms on the clock of the page */
const since = ref<number | null>(null);
const now = ref(0);
let frame = 0;
function tick(): void {
  now.value = performance.now();
  if (since.value !== null) frame = requestAnimationFrame(tick);
}
onBeforeUnmount(() => cancelAnimationFrame(frame));
function press(event?: Event): void {
  if (rig.value === null || readings.value.length >= MOST) return;
  // the moment of the finger, not of the answer to it
  const at = event && event.timeStamp > 0 ? event.timeStamp : performance.now();
  if (since.value === null) {
    since.value = at;
    tick();
    return;
  }
  const seconds = (at - since.value) / 1000;
  since.value = null;
  const { min, max } = TEST_LIMITS.seconds;
  problem.value = seconds < min || seconds > max ? words.tooShortATime(String(min), String(max)) : '';
  if (problem.value !== '') return;
  readings.value = [...readings.value, { value: Math.round(1000 * seconds) / 1000 }];
}
useKeys({ ' ': () => press() });
const shown = computed(() => (since.value === null ? null : Math.max(0, (now.value - since.value) / 1000)));
const draft = computed((): TimedTest | null =>
  rig.value && readings.value.length > 0
    ? { ...base(), what: 'drop', depthM: depthM.value, reactionS: reactionS.value, readings: readings.value }
    : null,
);
const odd = computed(() => (draft.value ? oddReadings(draft.value) : []));
function turn(at: number): void {
  readings.value = readings.value.map((reading, place) =>
    place !== at ? reading : reading.isOut ? { value: reading.value } : { ...reading, isOut: true as const },
  );
}
/** where the practice tube of this machine is; null where none runs, or the page came from elsewhere */
const tubePort = ref<number | null>(null);
onMounted(async () => {
  try {
    const { port } = (await (await fetch('/api/tube')).json()) as { port?: unknown };
    tubePort.value = typeof port === 'number' ? port : null;
  } catch {
    // any host of the static build: there is no tube there
    tubePort.value = null;
  }
});
const tube = computed(() => {
  if (tubePort.value === null || !['127.0.0.1', 'localhost'].includes(location.hostname)) return '';
  const asked = new URLSearchParams({
    rig: JSON.stringify(rig.value),
    depth: depthM.value.toFixed(2),
    warmth: of.temperatureC.value.toFixed(1),
  });
  return `http://127.0.0.1:${tubePort.value}/#${asked.toString()}`;
});
const keep = (): void => void (draft.value && emit('keep', draft.value));
</script>

<template>
  <TestFrame
    class="drop"
    :label="words.newDrop"
    :of="of"
    :can-keep="draft !== null"
    data-testid="drop"
    @keep="keep"
    @cancel="$emit('cancel')"
  >
    <template #fields>
      <UnitField v-model="depthM" :label="words.depth" quantity="depth" :min="DEPTH.min" :max="DEPTH.max" />
    </template>
    <p>
      {{ words.handLate }}
      {{ words.handLateIs(reactionS.toFixed(2), settings.settings.reactionS !== undefined) }}
      <button type="button" class="press" @click="measuring = !measuring">{{ words.measureHand }}</button>
    </p>
    <LogHand v-if="measuring" @done="measuring = false" />
    <template v-else>
      <p>
        {{ words.dropHow }} <span class="soft">({{ words.spaceKey }})</span>
      </p>
      <button
        type="button"
        class="drop__watch"
        :class="{ 'drop__watch--runs': since !== null }"
        data-testid="watch"
        @pointerdown.prevent="press($event)"
        @click="$event.detail === 0 && press($event)"
        @keydown.enter.prevent="press($event)"
      >
        <span class="number">{{ shown === null ? '0.0' : shown.toFixed(1) }}</span>
        {{ since === null ? words.letGo : words.touched }}
      </button>
      <p v-if="problem" role="alert">{{ problem }}</p>
      <ol v-if="readings.length > 0" class="drop__readings" data-testid="readings">
        <li v-for="(reading, at) in readings" :key="at" :class="{ drop__out: reading.isOut }">
          <span class="number">{{ words.reading(reading.value.toFixed(2)) }}</span>
          <em v-if="odd.includes(at) && !reading.isOut">{{ words.oddReading }}</em>
          <button type="button" class="press press--text" @click="turn(at)">
            {{ reading.isOut ? words.putIn : words.putOut }}
          </button>
        </li>
      </ol>
    </template>
    <template #practice>
      <p v-if="tube" class="soft">
        <a :href="tube" target="pandero-tube" rel="noopener" data-testid="tube" @click="isPractice = true">{{
          words.openTube
        }}</a>
      </p>
      <p v-else class="soft">{{ words.tubeSays('npm run tube') }}</p>
    </template>
  </TestFrame>
</template>

<style scoped>
.drop__watch {
  display: grid;
  justify-items: center;
  align-content: center;
  min-height: 132px;
  border: 3px solid rgb(var(--v-theme-oxblood));
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
  font: 700 26px/1.1 var(--v-font-heading);
  touch-action: none;
  user-select: none;
}
.drop__watch .number {
  font-size: 52px;
  line-height: 1;
}
.drop__watch--runs {
  background: rgb(var(--v-theme-skin));
  color: rgb(var(--v-theme-ink));
}
.drop__readings {
  padding-left: 22px;
}
.drop__readings em {
  color: rgb(var(--v-theme-oxblood));
}
.drop__out .number {
  text-decoration: line-through;
}
</style>
