<script setup lang="ts">
import { computed, onBeforeUnmount, ref } from 'vue';
import { reactionOf } from '@core';
import { useKeys } from '../../composables/useKeys';
import { useSettings } from '../../stores/settings';
import * as words from '../../locale/en/log-tests';

/** How late this hand is: a ring fills, one taps, five times; the middle one counts. */
const emit = defineEmits<{ done: [] }>();
const settings = useSettings();
const TAPS = 5;
/** Longest and shortest wait before the ring fills, ms: nobody can count it off. */
const WAIT_MS = { from: 900, to: 2600 } as const;

const taps = ref<number[]>([]);
const state = ref<'waiting' | 'now' | 'soon'>('waiting');
let shownAt = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
let frame = 0;
function next(): void {
  state.value = 'waiting';
  shownAt = 0;
  timer = setTimeout(
    () => {
      state.value = 'now';
      // counted from when it is really to be seen
      frame = requestAnimationFrame((at) => (shownAt = at));
    },
    WAIT_MS.from + Math.random() * (WAIT_MS.to - WAIT_MS.from),
  );
}
next();
onBeforeUnmount(() => {
  clearTimeout(timer);
  cancelAnimationFrame(frame);
});
async function tap(event?: Event): Promise<void> {
  const at = event && event.timeStamp > 0 ? event.timeStamp : performance.now();
  if (state.value === 'soon') return next();
  if (state.value === 'waiting' || shownAt === 0 || at < shownAt) {
    clearTimeout(timer);
    state.value = 'soon';
    return;
  }
  taps.value = [...taps.value, (at - shownAt) / 1000];
  if (taps.value.length < TAPS) return next();
  const seconds = reactionOf(taps.value);
  if (seconds !== null) await settings.change({ reactionS: Math.round(1000 * seconds) / 1000 });
  emit('done');
}
useKeys({ ' ': () => void tap() });
const says = computed(() => (state.value === 'now' ? words.now : state.value === 'soon' ? words.tooSoon : words.wait));
</script>

<template>
  <section class="hand" :aria-label="words.measureHand" data-testid="hand">
    <p>{{ words.tapWhen }} {{ words.tapsSoFar(taps.length) }}</p>
    <button
      type="button"
      class="hand__ring"
      :class="{ 'hand__ring--now': state === 'now' }"
      :data-state="state"
      @pointerdown.prevent="tap($event)"
      @click="$event.detail === 0 && tap($event)"
      @keydown.enter.prevent="tap($event)"
    >
      {{ says }}
    </button>
  </section>
</template>

<style scoped>
.hand {
  display: grid;
  gap: 10px;
  justify-items: center;
}
.hand__ring {
  width: 200px;
  height: 200px;
  padding: 16px;
  border: 6px solid rgb(var(--v-theme-oxblood));
  border-radius: 50%;
  background: none;
  color: inherit;
  font: 700 22px/1.2 var(--v-font-heading);
  touch-action: none;
  user-select: none;
}
.hand__ring--now {
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
}
</style>
