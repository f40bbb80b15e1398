<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import type { RetrieveStep } from '@core';
import { roomOf, secondsOf, withSeconds } from './steps';
import * as words from '../../locale/en/tank';

/** The steps of a programme as a strip: the end of each that has a time is dragged, or moved with the arrow keys. */
const props = defineProps<{ steps: readonly RetrieveStep[] }>();
const emit = defineEmits<{
  preview: [steps: RetrieveStep[]];
  set: [steps: RetrieveStep[]];
  cancel: [];
  choose: [at: number];
}>();

const strip = ref<HTMLElement | null>(null);
/** as it was when a drag began: its lengths are those of the screen until it is let go */
const held = shallowRef<{
  readonly at: number;
  readonly fromX: number;
  readonly fromS: number;
  readonly pxPerS: number;
  readonly steps: readonly RetrieveStep[];
} | null>(null);
const whole = computed(() => (held.value?.steps ?? props.steps).reduce((sum, step) => sum + roomOf(step), 0));
const width = (step: RetrieveStep): string => `${((100 * roomOf(step)) / whole.value).toFixed(3)}%`;

const changed = (steps: readonly RetrieveStep[], at: number, s: number): RetrieveStep[] =>
  steps.map((step, nth) => (nth === at ? withSeconds(step, s) : step));

function down(event: PointerEvent, at: number): void {
  const s = secondsOf(props.steps[at]!);
  if (s === null || !strip.value) return;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  held.value = {
    at,
    fromX: event.clientX,
    fromS: s,
    pxPerS: (event.currentTarget as Element).parentElement!.clientWidth / roomOf(props.steps[at]!),
    steps: props.steps,
  };
}
const dragged = ({ clientX }: PointerEvent): RetrieveStep[] | null => {
  const from = held.value;
  return from && changed(from.steps, from.at, from.fromS + (clientX - from.fromX) / from.pxPerS);
};
function move(event: PointerEvent): void {
  const steps = dragged(event);
  if (steps) emit('preview', steps);
}
function up(event: PointerEvent): void {
  const steps = dragged(event);
  held.value = null;
  if (steps) emit('set', steps);
}
function cancel(): void {
  if (!held.value) return;
  held.value = null;
  emit('cancel');
}
const KEYS: Readonly<Record<string, number>> = {
  ArrowRight: 0.5,
  ArrowUp: 0.5,
  ArrowLeft: -0.5,
  ArrowDown: -0.5,
  PageUp: 5,
  PageDown: -5,
};
function key(event: KeyboardEvent, at: number): void {
  const by = KEYS[event.key];
  const s = secondsOf(props.steps[at]!);
  if (by === undefined || s === null) return;
  event.preventDefault();
  emit('set', changed(props.steps, at, s + by));
}
</script>

<template>
  <div ref="strip" class="strip">
    <div v-for="(step, at) in steps" :key="at" class="strip__step" :style="{ width: width(step) }">
      <button type="button" class="strip__name" @click="emit('choose', at)">{{ words.stepNames[step.do] }}</button>
      <span
        v-if="secondsOf(step) !== null"
        class="strip__end"
        role="slider"
        tabindex="0"
        :aria-label="`${words.stepName(at + 1, words.stepNames[step.do])}: ${words.lasts}`"
        aria-valuemin="0"
        aria-valuemax="300"
        :aria-valuenow="secondsOf(step)!"
        :aria-valuetext="words.seconds(secondsOf(step)!)"
        @pointerdown="down($event, at)"
        @pointermove="move"
        @pointerup="up"
        @pointercancel="cancel"
        @keydown.esc="cancel"
        @keydown="key($event, at)"
      />
    </div>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  height: 48px;
  border: 1px solid rgb(var(--v-theme-ink));
}
.strip__step {
  position: relative;
  min-width: 30px;
  flex-shrink: 1;
  border-left: 2px solid rgb(var(--v-theme-ink));
  overflow: hidden;
}
.strip__step:nth-child(even) {
  background: rgb(var(--v-theme-shade));
}
.strip__step:first-child {
  border-left: 0;
}
.strip__name {
  width: 100%;
  height: 100%;
  padding: 0 30px 0 6px;
  border: 0;
  background: none;
  color: inherit;
  font: 600 14px/1.1 var(--v-font-heading);
  text-align: left;
  cursor: pointer;
}
.strip__end {
  position: absolute;
  top: 0;
  right: 0;
  bottom: 0;
  width: 24px;
  background: linear-gradient(90deg, transparent 45%, rgb(var(--v-theme-oxblood)) 45% 60%, transparent 60%);
  cursor: ew-resize;
  touch-action: none;
}
.strip__end:focus-visible {
  outline-offset: -3px;
}
@media (max-width: 700px) {
  /* a programme of many steps is longer than a phone is wide */
  .strip {
    height: 52px;
    overflow-x: auto;
  }
  .strip__step {
    flex: none;
    min-width: 136px;
  }
  .strip__name {
    padding-right: 48px;
  }
  .strip__end {
    width: 48px;
  }
}
</style>
