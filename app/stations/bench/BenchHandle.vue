<script setup lang="ts">
import { computed, ref } from 'vue';
import { editOf, EDIT_TITLE, type Handle, type PointMm, type Rig } from '@core';
import { useBench } from '../../stores/bench';
import { useEditValue } from './useEditValue';

/** A place on a drawing that is dragged, or stepped with the arrow keys; its label shows while it is held or looked at. */
const props = defineProps<{
  handle: Handle;
  origin: PointMm;
  mmPerPx: number;
  /** for a finger: its target is 48 px */
  deck: boolean;
  rig: Rig;
  held: boolean;
  chosen: boolean;
  /** where its name has room; null where it is named only while it is held or looked at */
  labelAt: PointMm | null;
}>();
const emit = defineEmits<{ take: [event: PointerEvent]; choose: [] }>();
const bench = useBench();
const { text, step } = useEditValue();

const over = ref(false);
const focused = ref(false);
const edit = computed(() => editOf(props.handle.edit));
const at = computed<PointMm>(() => [props.origin[0] + props.handle.at[0], props.origin[1] + props.handle.at[1]]);
const value = computed(() => text(props.handle.edit, props.rig));
const limits = computed(() =>
  edit.value.kind === 'amount' ? edit.value.limits(props.rig, bench.build?.base ?? props.rig) : null,
);
const now = computed(() => {
  const row = edit.value;
  return row.kind === 'amount' ? row.read(props.rig) : row.options(props.rig).indexOf(row.read(props.rig));
});
const most = computed(() => {
  const row = edit.value;
  return row.kind === 'amount' ? limits.value!.max : row.options(props.rig).length - 1;
});
const least = computed(() => limits.value?.min ?? 0);
const labelled = computed(() => props.held || over.value || focused.value);

const KEYS: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 5,
  PageDown: -5,
};
function onKey(event: KeyboardEvent): void {
  const by = KEYS[event.key];
  if (by !== undefined) step(props.handle.edit, by);
  else if (event.key === 'Home' && limits.value) bench.edit(props.handle.edit, limits.value.min);
  else if (event.key === 'End' && limits.value) bench.edit(props.handle.edit, limits.value.max);
  else return;
  event.preventDefault();
}
function onFocus(): void {
  focused.value = true;
  emit('choose');
}
</script>

<template>
  <g
    class="handle"
    :class="{ 'handle--held': held, 'handle--chosen': chosen }"
    role="slider"
    tabindex="0"
    :aria-label="EDIT_TITLE[handle.edit]"
    :aria-valuemin="least"
    :aria-valuemax="most"
    :aria-valuenow="now"
    :aria-valuetext="value"
    :data-testid="`handle-${handle.edit}`"
    :data-edit="handle.edit"
    @pointerdown.prevent="emit('take', $event)"
    @touchmove.prevent
    @pointerenter="over = true"
    @pointerleave="over = false"
    @keydown="onKey"
    @focus="onFocus"
    @blur="focused = false"
  >
    <template v-if="handle.places && (labelled || chosen)">
      <circle
        v-for="place in handle.places"
        :key="place.value"
        class="handle__place"
        :cx="origin[0] + place.at[0]"
        :cy="origin[1] + place.at[1]"
        :r="3.5 * mmPerPx"
      />
    </template>
    <circle class="handle__target" :cx="at[0]" :cy="at[1]" :r="(deck ? 24 : 14) * mmPerPx" />
    <circle class="handle__dot" :cx="at[0]" :cy="at[1]" :r="(held ? 8 : 6.5) * mmPerPx" :stroke-width="2 * mmPerPx" />
    <text
      v-if="labelled || labelAt"
      class="handle__label"
      :x="labelAt?.[0] ?? at[0] + 13 * mmPerPx"
      :y="labelAt?.[1] ?? at[1] + 5 * mmPerPx"
      :font-size="15 * mmPerPx"
      :stroke-width="5 * mmPerPx"
    >
      {{ EDIT_TITLE[handle.edit] }}{{ labelled ? ` ${value}` : '' }}
    </text>
  </g>
</template>

<style scoped>
.handle {
  cursor: grab;
  /* as an inline box, which a group is by default, it would not keep the page from being panned */
  display: block;
  touch-action: none;
  outline: none;
}
.handle--held {
  cursor: grabbing;
}
.handle__target {
  fill: transparent;
}
.handle__dot {
  fill: rgb(var(--v-theme-skin));
  stroke: rgb(var(--v-theme-oxblood));
}
.handle--chosen .handle__dot,
.handle--held .handle__dot {
  fill: rgb(var(--v-theme-oxblood));
}
.handle:focus-visible .handle__dot {
  fill: rgb(var(--v-theme-oxblood));
  stroke: rgb(var(--v-theme-ink));
}
.handle__place {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 0.25;
  stroke-dasharray: 0.8 0.5;
}
.handle__label {
  fill: rgb(var(--v-theme-oxblood));
  font-family: var(--v-font-heading);
  font-weight: 700;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-skin));
  pointer-events: none;
}
</style>
