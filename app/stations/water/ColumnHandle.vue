<script setup lang="ts">
import { ref } from 'vue';

/**
 * Something in the picture that can be moved up and down: with a finger or mouse, or by the arrow keys once it has the focus.
 * What it holds is told in words; it never holds a value itself.
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
const emit = defineEmits<{ drag: [y: number]; step: [by: number]; drop: []; grab: [] }>();
const held = ref(false);

/** Height of the pointer in the picture's own pixels. */
function yOf(event: PointerEvent): number {
  const svg = (event.currentTarget as SVGGElement).ownerSVGElement!;
  return new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse()).y;
}
function grab(event: PointerEvent): void {
  if (event.button !== 0) return;
  (event.currentTarget as SVGGElement).setPointerCapture(event.pointerId);
  held.value = true;
  emit('grab');
}
function move(event: PointerEvent): void {
  if (held.value) emit('drag', yOf(event));
}
function drop(): void {
  if (!held.value) return;
  held.value = false;
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
    :class="{ 'handle--held': held }"
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
    @pointercancel="drop"
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
