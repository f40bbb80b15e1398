<script setup lang="ts">
import { ref } from 'vue';

/**
 * Something in the picture that can be moved up and down: with a finger or mouse, or by the arrow keys once it has the focus.
 * What it holds is told in words; it never holds a value itself. `cancel` asks for what was there when it was grabbed.
 */
const props = defineProps<{
  x: number;
  y: number;
  label: string;
  says: string;
  now: number;
  min: number;
  max: number;
  /** moving down makes the value larger, as with depths */
  down: boolean;
}>();
const emit = defineEmits<{ drag: [y: number]; step: [by: number]; drop: []; grab: []; cancel: [] }>();
/** the finger that holds it */
const finger = ref<number | null>(null);

/** Height of the pointer in the picture's own pixels. */
function yOf(event: PointerEvent): number {
  const svg = (event.currentTarget as SVGGElement).ownerSVGElement!;
  return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse()).y;
}
function grab(event: PointerEvent): void {
  if (event.button !== 0 || finger.value !== null) return;
  (event.currentTarget as SVGGElement).setPointerCapture(event.pointerId);
  finger.value = event.pointerId;
  emit('grab');
}
function move(event: PointerEvent): void {
  if (finger.value === event.pointerId) emit('drag', yOf(event));
}
function drop(event: PointerEvent): void {
  if (finger.value !== event.pointerId) return;
  finger.value = null;
  emit('drop');
}
/** What was half done is undone: the system took the finger, or Escape was pressed. */
function giveUp(): void {
  if (finger.value === null) return;
  finger.value = null;
  emit('cancel');
  emit('drop');
}
const STEPS: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowRight: 1,
  PageDown: 5,
  ArrowUp: -1,
  ArrowLeft: -1,
  PageUp: -5,
};
function key(event: KeyboardEvent): void {
  if (event.key === 'Escape' && finger.value !== null) return giveUp();
  const by = STEPS[event.key];
  if (by === undefined) return;
  event.preventDefault();
  event.stopPropagation();
  emit('step', props.down ? by : -by);
}
</script>

<template>
  <g
    class="handle"
    :class="{ 'handle--held': finger !== null }"
    role="slider"
    tabindex="0"
    aria-orientation="vertical"
    :aria-label="label"
    :aria-valuetext="says"
    :aria-valuenow="now"
    :aria-valuemin="min"
    :aria-valuemax="max"
    :transform="`translate(${x} ${y})`"
    @pointerdown="grab"
    @pointermove="move"
    @pointerup="drop"
    @pointercancel="giveUp"
    @touchmove.prevent
    @keydown="key"
  >
    <circle r="24" class="handle__reach" />
    <circle r="9" class="handle__knob" />
    <path d="M-3.5 -2.5L0 -6L3.5 -2.5M-3.5 2.5L0 6L3.5 2.5" class="handle__arrows" />
  </g>
</template>

<style scoped>
.handle {
  cursor: ns-resize;
  /* as an inline box, which a group is by default, it would not keep the page from being panned */
  display: block;
  touch-action: none;
}
.handle__reach {
  fill: transparent;
}
.handle__knob {
  fill: rgb(var(--v-theme-oxblood));
  stroke: rgb(var(--v-theme-skin));
  stroke-width: 2;
}
.handle__arrows {
  fill: none;
  stroke: rgb(var(--v-theme-on-primary));
  stroke-width: 1.4;
}
.handle:focus {
  outline: none;
}
.handle:focus-visible .handle__reach {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
  fill: rgba(var(--v-theme-skin), 0.5);
}
.handle--held .handle__knob {
  r: 11px;
}
</style>
