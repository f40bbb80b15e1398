<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, toRef } from 'vue';
import {
  BENCH_VIEWS,
  DIAL_MM,
  EDIT_TITLE,
  editOf,
  type BenchPart,
  type BenchView,
  type Fault,
  type Handle,
  type PointMm,
  type Rig,
} from '@core';
import OutlinePaths from '../../parts/OutlinePaths.vue';
import RigDrawingRule from '../../parts/RigDrawingRule.vue';
import { useStages } from '../../composables/useStages';
import { useUnits } from '../../composables/useUnits';
import BenchHandle from './BenchHandle.vue';
import BenchMarks from './BenchMarks.vue';
import { placeLabels } from './handle-labels';
import { EXIT_ASIDE_MM, EXIT_TEXT, hookExit } from './sheet-layout';
import { useDrag } from './useDrag';
import SheetGhost from './SheetGhost.vue';
import SheetPaper from './SheetPaper.vue';
import { useSheet } from './useSheet';
import * as words from '../../locale/en/bench';

/**
 * The build on ruled paper, from the side, from above and head-on, and its trailer on the board; what can be cut or turned has a
 * handle. `scale` is pixels a millimetre, 0 fits the sheet to its place.
 */
const props = defineProps<{
  rig: Rig;
  /** the build before it is dragged: its room is kept, so that nothing jumps under the finger */
  still: Rig;
  speedMps: number;
  scale: number;
  part: BenchPart;
  narrow: boolean;
  faults: readonly Fault[];
  label: string;
  /** what is proposed, drawn in broken lines over the build */
  ghost: Rig | null;
}>();
const emit = defineEmits<{ choose: [part: BenchPart] }>();
const { show } = useUnits();
/** the side view stands first, then the others, then what is told on them and taken hold of */
const stage = useStages(2);
const svg = ref<SVGSVGElement | null>(null);
const place = ref<HTMLElement | null>(null);
const { held, take, move, commitDrag, giveUp, onSheet } = useDrag(svg);
const room = ref({ width: 600, height: 400 });
const watcher = new ResizeObserver(([entry]) => {
  if (entry) room.value = { width: entry.contentRect.width, height: entry.contentRect.height };
});
const { views, layout, envelopes } = useSheet(
  toRef(props, 'rig'),
  toRef(props, 'still'),
  computed(() => held.value?.view ?? null),
  toRef(props, 'speedMps'),
  toRef(props, 'narrow'),
  room,
);

onMounted(() => watcher.observe(place.value!));
onBeforeUnmount(() => watcher.disconnect());
/** on a narrow screen the page scrolls, so that only the width counts */
const fitting = computed(() => {
  const byWidth = room.value.width / layout.value.widthMm;
  return props.narrow ? byWidth : Math.min(byWidth, room.value.height / layout.value.heightMm);
});
const pxPerMm = computed(() => (props.scale > 0 ? props.scale : Math.max(LEAST_PX_PER_MM, fitting.value)));
const mmPerPx = computed(() => 1 / pxPerMm.value);

/** Smaller than this nothing can be taken hold of. */
const LEAST_PX_PER_MM = 1.6;
const VIEW_TITLE: Readonly<Record<BenchView, string>> = {
  side: words.viewFromTheSide,
  top: words.viewFromAbove,
  front: words.viewHeadOn,
  sheet: words.trailerOnBoard,
};
const originOf = (view: BenchView): PointMm | null => {
  const found = layout.value.views.find((one) => one.view === view);
  return found ? [found.x, found.y] : null;
};
/** on a phone only those of the part at hand: fingers are wide */
const handles = computed(() =>
  BENCH_VIEWS.flatMap((view) => {
    if (stage.value < 2) return [];
    const origin = originOf(view);
    const { rig, handles: all } = views[view].value;
    return all.flatMap(
      (
        handle,
      ): { readonly handle: Handle; readonly origin: PointMm; readonly chosen: boolean; readonly rig: Rig }[] => {
        const chosen = editOf(handle.edit).part === props.part;
        return origin && (chosen || !props.narrow) ? [{ handle, origin, chosen, rig }] : [];
      },
    );
  }),
);
const side = computed(() => originOf('side')!);
/** the part at hand has its handles named, none over another */
const LETTER_PX = 7;
const LINE_PX = 15;
const ASIDE_PX = 13;
const told = computed(() => {
  const { rig, body } = views.side.value;
  const exit = hookExit(rig, body, side.value);
  if (!exit) return [];
  const text = EXIT_TEXT(show('cut', exit.alongM));
  return [
    {
      at: [exit.at[0], exit.at[1] + EXIT_ASIDE_MM + 1] as const,
      widthMm: (text.length * LETTER_PX + 4) * mmPerPx.value,
      heightMm: LINE_PX * mmPerPx.value,
    },
  ];
});
const labels = computed(() => {
  const named = handles.value.filter(({ chosen }) => chosen);
  const places = placeLabels(
    named.map(({ handle, origin }) => ({
      at: [origin[0] + handle.at[0] + ASIDE_PX * mmPerPx.value, origin[1] + handle.at[1] + 5 * mmPerPx.value],
      widthMm: EDIT_TITLE[handle.edit].length * LETTER_PX * mmPerPx.value,
      heightMm: LINE_PX * mmPerPx.value,
    })),
    layout.value.widthMm,
    ASIDE_PX * mmPerPx.value,
    told.value,
  );
  return new Map(named.map(({ handle }, at) => [handle.edit, places[at]!]));
});
function choose(handle: Handle): void {
  emit('choose', editOf(handle.edit).part);
}
/** Takes the handle next to the finger: where targets lie over each other it is not always the one on top. */
function takeNearest(event: PointerEvent): void {
  const [x, y] = onSheet(event.clientX, event.clientY);
  const away = ({ handle, origin }: { readonly handle: Handle; readonly origin: PointMm }): number =>
    Math.hypot(origin[0] + handle.at[0] - x, origin[1] + handle.at[1] - y);
  const nearest = handles.value.reduce((best, one) => (away(one) < away(best) ? one : best));
  choose(nearest.handle);
  take(event, nearest.handle, nearest.origin);
}
</script>

<template>
  <div
    ref="place"
    class="sheet"
    :class="{ 'sheet--fit': scale === 0 && !narrow, 'sheet--held': held !== null }"
    tabindex="-1"
    @keydown.esc="giveUp"
  >
    <svg
      ref="svg"
      class="sheet__svg"
      :viewBox="`0 0 ${layout.widthMm} ${layout.heightMm}`"
      :width="layout.widthMm * pxPerMm"
      :height="layout.heightMm * pxPerMm"
      :aria-label="label"
      role="group"
      @pointermove="move"
      @pointerup="commitDrag"
      @pointercancel="giveUp"
    >
      <SheetPaper :width-mm="layout.widthMm" :height-mm="layout.heightMm" :rule-x="layout.rule.x" />
      <g v-for="{ view, x, y, top, left } in layout.views" :key="view" :data-testid="`view-${view}`">
        <text class="sheet__title" :x="left" :y="top + 4" :font-size="15 * mmPerPx">
          {{ VIEW_TITLE[view] }}
          <tspan v-if="view === 'side' && rig.skirt" :dx="8 * mmPerPx" class="sheet__key" :font-size="13 * mmPerPx">
            {{ words.skirtDotsNearlyStill }}
          </tspan>
        </text>
        <path
          v-if="view === 'front' && rig.trailer"
          class="sheet__dial"
          :d="`M${x - DIAL_MM} ${y}A${DIAL_MM} ${DIAL_MM} 0 0 1 ${x + DIAL_MM} ${y}`"
        />
        <line v-if="view === 'front' && rig.blades" class="sheet__plane" :x1="x" :x2="x" :y1="y + 18" :y2="y - 62" />
        <g :transform="`translate(${x} ${y})`">
          <OutlinePaths
            v-if="(stage > 0 || view === 'side') && views[view].value.outline"
            :shapes="views[view].value.outline.shapes"
          />
          <SheetGhost v-if="ghost" :view="view" :now="still" :ghost="ghost" />
        </g>
      </g>
      <g :transform="`translate(${side[0]} ${side[1]})`" class="sheet__envelope" aria-hidden="true">
        <path v-if="envelopes.rest" :d="envelopes.rest" class="sheet__rest" />
        <path v-if="envelopes.speed" :d="envelopes.speed" />
      </g>
      <BenchMarks
        v-if="stage > 1"
        :rig="views.side.value.rig"
        :body="views.side.value.body"
        :side="side"
        :faults="faults"
        :mm-per-px="mmPerPx"
      />
      <RigDrawingRule
        :transform="`translate(${layout.rule.x} 0)`"
        :y="layout.rule.y"
        :length-mm="layout.rule.lengthMm"
      />
      <BenchHandle
        v-for="{ handle, origin, chosen, rig: drawn } in handles"
        :key="handle.edit"
        v-memo="[
          ...handle.at,
          ...origin,
          ...(labels.get(handle.edit) ?? []),
          mmPerPx,
          chosen,
          narrow,
          still,
          held?.edit === handle.edit ? drawn : null,
        ]"
        :handle="handle"
        :origin="origin"
        :mm-per-px="mmPerPx"
        :deck="narrow"
        :rig="drawn"
        :held="held?.edit === handle.edit"
        :chosen="chosen"
        :label-at="labels.get(handle.edit) ?? null"
        @choose="choose(handle)"
        @take="takeNearest"
      />
    </svg>
  </div>
</template>

<style scoped>
.sheet {
  overflow: auto;
  contain: content;
}
.sheet--fit {
  overflow: clip;
}
/* under a drag only what is held is named: the others would only be painted again */
.sheet--held :deep(.handle:not(.handle--held) .handle__label) {
  display: none;
}
.sheet__svg {
  display: block;
  overflow: visible;
  user-select: none;
}
.sheet__title {
  fill: rgb(var(--v-theme-ink-soft));
  font-family: var(--v-font-heading);
  font-weight: 600;
}
.sheet__plane {
  stroke: rgb(var(--v-theme-bottle));
  stroke-width: 0.4;
  stroke-dasharray: 2 1.2;
}
.sheet__key {
  font-weight: 400;
}
.sheet__dial {
  fill: none;
  stroke: rgb(var(--v-theme-ink-soft));
  stroke-width: 0.3;
}
.sheet__envelope path {
  fill: none;
  stroke: rgb(var(--v-theme-ink-soft));
  stroke-width: 0.3;
  stroke-dasharray: 1.6 1;
}
.sheet__envelope .sheet__rest {
  stroke-dasharray: 0.4 1;
  stroke-linecap: round;
}
</style>
