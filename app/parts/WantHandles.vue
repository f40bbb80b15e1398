<script setup lang="ts">
import { computed, ref } from 'vue';
import { AT_LEAST, displayUnit, WANT_QUANTITY, WANT_TITLE, wantValue, type Want } from '@core';
import { useUnits } from '../composables/useUnits';
import { useWater } from '../stores/water';
import BandLine from './BandLine.vue';
import { useWantBand } from './useWantBand';
import { placeOf, valueAtPlace } from './want-scale';
import * as words from '../locale/en/parts';

/** A want on its line with both its ends to be taken in hand: dragged, or moved by the arrow keys. */
const props = defineProps<{ want: Want }>();
const store = useWater();
const { system } = useUnits();
const { limits, now } = useWantBand(() => props.want);
type End = 'from' | 'to';

const unit = computed(() => displayUnit(WANT_QUANTITY[props.want.id], system.value));
/** where so much or more is asked, only the least can be taken */
const ends = computed((): readonly End[] => (AT_LEAST.has(props.want.id) ? ['from'] : ['from', 'to']));
const handles = computed(() =>
  ends.value.map((end) => ({
    end,
    place: placeOf(props.want.id, now.value[end]),
    label: words.endOf[end](WANT_TITLE[props.want.id]),
    says: wantValue(props.want.id, now.value[end], system.value),
  })),
);

/** Puts one end somewhere; the other gives way where it must. */
function put(end: End, value: number): void {
  const { min, max } = limits.value;
  const inside = Math.min(max, Math.max(min, value));
  const { from, to } = now.value;
  store.takeInHand(
    props.want.id,
    end === 'from' ? { from: inside, to: Math.max(inside, to) } : { from: Math.min(inside, from), to: inside },
  );
}
/** On the steps in which the unit is read. */
const onStep = (value: number): number =>
  unit.value.toSi(Math.round(unit.value.fromSi(value) / unit.value.step) * unit.value.step);

const line = ref<HTMLElement | null>(null);
/** the end that is held, by which finger, and what was in hand when it was grabbed */
let grip: { readonly end: End; readonly finger: number; readonly before: typeof store.water.intent } | null = null;
let frame = 0;
let x = 0;
function grab(event: PointerEvent, end: End): void {
  if (event.button !== 0 || grip) return;
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  grip = { end, finger: event.pointerId, before: store.water.intent };
}
function draw(): void {
  frame = 0;
  if (!grip || !line.value) return;
  const { left, width } = line.value.getBoundingClientRect();
  put(grip.end, onStep(valueAtPlace(props.want.id, (100 * (x - left)) / width)));
}
function move(event: PointerEvent): void {
  if (grip?.finger !== event.pointerId) return;
  x = event.clientX;
  if (frame === 0) frame = requestAnimationFrame(draw);
}
function drop(event: PointerEvent): void {
  if (grip?.finger !== event.pointerId) return;
  if (frame !== 0) {
    cancelAnimationFrame(frame);
    draw();
  }
  grip = null;
}
/** What was half done is undone: the system took the finger, or Escape was pressed. */
function giveUp(): void {
  if (!grip) return;
  cancelAnimationFrame(frame);
  frame = 0;
  store.change({ intent: grip.before });
  grip = null;
}
const STEPS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  PageUp: 5,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageDown: -5,
};
function key(event: KeyboardEvent, end: End): void {
  if (event.key === 'Escape') return giveUp();
  const by = STEPS[event.key];
  if (by === undefined) return;
  event.preventDefault();
  event.stopPropagation();
  const { step, fromSi, toSi } = unit.value;
  put(end, toSi((Math.round(fromSi(now.value[end]) / step) + by) * step));
}
</script>

<template>
  <div ref="line" class="ends">
    <BandLine :want="now" />
    <span
      v-for="handle in handles"
      :key="handle.end"
      class="ends__end"
      :class="`ends__end--${handle.end}`"
      role="slider"
      tabindex="0"
      :style="{ left: `${handle.place}%` }"
      :aria-label="handle.label"
      :aria-valuetext="handle.says"
      :aria-valuenow="Math.round(handle.place)"
      aria-valuemin="0"
      aria-valuemax="100"
      :data-edit="`want-${want.id}-${handle.end}`"
      @pointerdown="grab($event, handle.end)"
      @pointermove="move"
      @pointerup="drop"
      @pointercancel="giveUp"
      @keydown="key($event, handle.end)"
    />
  </div>
</template>

<style scoped>
.ends {
  position: relative;
}
.ends__end {
  position: absolute;
  bottom: -7px;
  width: 10px;
  height: 22px;
  margin-left: -5px;
  border: 2px solid rgb(var(--v-theme-skin));
  background: rgb(var(--v-theme-oxblood));
  cursor: ew-resize;
  touch-action: none;
}
/* what a finger can take hold of: away from the other end, however narrow the band */
.ends__end::after {
  content: '';
  position: absolute;
  inset: -14px -4px -14px -34px;
}
.ends__end--to::after {
  inset: -14px -34px -14px -4px;
}
.ends__end:focus-visible {
  outline: 3px solid rgb(var(--v-theme-oxblood));
  outline-offset: 2px;
}
</style>
