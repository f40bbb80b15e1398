<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, toRef } from 'vue';
import {
  DIAL_MM,
  editOf,
  exitFromNoseMm,
  faultPlace,
  handlesOf,
  lengthMFromMm,
  mmFromLengthM,
  trailerFromMm,
  type BenchPart,
  type BenchView,
  type Fault,
  type Handle,
  type PointMm,
  type Rig,
} from '@core';
import OutlinePaths from '../../parts/OutlinePaths.vue';
import RigDrawingRule from '../../parts/RigDrawingRule.vue';
import { useUnits } from '../../composables/useUnits';
import BenchHandle from './BenchHandle.vue';
import { useDrag } from './useDrag';
import { useSheet } from './useSheet';

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
}>();
const emit = defineEmits<{ choose: [part: BenchPart] }>();
const { system, show } = useUnits();
const svg = ref<SVGSVGElement | null>(null);
const place = ref<HTMLElement | null>(null);
const { held, take, move, letGo, giveUp, onSheet } = useDrag(svg);
const room = ref({ width: 600, height: 400 });
const watcher = new ResizeObserver(([entry]) => {
  if (entry) room.value = { width: entry.contentRect.width, height: entry.contentRect.height };
});
const { body, outlines, layout, envelopes } = useSheet(
  toRef(props, 'rig'),
  toRef(props, 'still'),
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

const ASIDE_PX = 13;
/** Smaller than this nothing can be taken hold of. */
const LEAST_PX_PER_MM = 1.6;
const VIEW_TITLE: Readonly<Record<BenchView, string>> = {
  side: 'From the side',
  top: 'From above',
  front: 'Head-on',
  sheet: 'Trailer on the board',
};
const originOf = (view: BenchView): PointMm | null => {
  const found = layout.value.views.find((one) => one.view === view);
  return found ? [found.x, found.y] : null;
};
/** on a phone only those of the part at hand: fingers are wide */
const handles = computed(() =>
  handlesOf(props.rig, body.value).flatMap(
    (handle): { readonly handle: Handle; readonly origin: PointMm; readonly chosen: boolean }[] => {
      const origin = originOf(handle.view);
      const chosen = editOf(handle.edit).part === props.part;
      return origin && (chosen || !props.narrow) ? [{ handle, origin, chosen }] : [];
    },
  ),
);
const side = computed(() => originOf('side')!);
const headMm = computed(() => mmFromLengthM(body.value.head.lengthM));
const inSight = (x: number, y: number): PointMm => [side.value[0] + x, side.value[1] + y];
const exit = computed(() => {
  const { rig } = props;
  if (!rig.trailer || !body.value.trailer) return null;
  const along = exitFromNoseMm(rig);
  if (along >= mmFromLengthM(body.value.trailer.lengthM)) return null;
  return {
    at: inSight(trailerFromMm(rig, body.value) + along, 0),
    says: `hook out at ${show('cut', lengthMFromMm(along))}`,
  };
});
const skirtLine = computed(() => {
  const { skirt } = props.rig;
  if (!skirt) return null;
  const [x, y] = inSight(headMm.value + skirt.lengthMm, 0);
  return { x, from: y - (skirt.trim === 'under' ? 0 : 24), to: y + 20 };
});
const marks = computed(() =>
  props.faults.flatMap(({ id }, at) => {
    const found = faultPlace(id, props.rig, body.value);
    if (!found) return [];
    // beside the place, so that a handle there can still be taken
    const [x, y] = inSight(...found);
    return [{ id, number: at + 1, at: [x - ASIDE_PX * mmPerPx.value, y - ASIDE_PX * mmPerPx.value] as const }];
  }),
);
/** ruled paper: half inches, or centimetres */
const squareMm = computed(() => (system.value === 'us' ? 12.7 : 10));
const rulesAt = (lengthMm: number, from: number): number[] =>
  Array.from({ length: Math.ceil(lengthMm / squareMm.value) + 2 }, (_, at) => from + (at - 1) * squareMm.value);
const paper = computed(() => {
  const { widthMm, heightMm, rule } = layout.value;
  const shift = rule.x % squareMm.value;
  return {
    x: rulesAt(widthMm, shift).filter((x) => x > 0 && x < widthMm),
    y: rulesAt(heightMm, 0).filter((y) => y > 0 && y < heightMm),
  };
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
  <div ref="place" class="sheet" :class="{ 'sheet--fit': scale === 0 && !narrow }" tabindex="-1" @keydown.esc="giveUp">
    <svg
      ref="svg"
      class="sheet__svg"
      :viewBox="`0 0 ${layout.widthMm} ${layout.heightMm}`"
      :width="layout.widthMm * pxPerMm"
      :height="layout.heightMm * pxPerMm"
      :aria-label="label"
      role="group"
      @pointermove="move"
      @pointerup="letGo"
      @pointercancel="giveUp"
    >
      <g v-memo="[paper]" class="sheet__paper" aria-hidden="true">
        <line v-for="x in paper.x" :key="`x${x}`" :x1="x" :x2="x" y1="0" :y2="layout.heightMm" />
        <line v-for="y in paper.y" :key="`y${y}`" :y1="y" :y2="y" x1="0" :x2="layout.widthMm" />
      </g>
      <g v-for="{ view, x, y, top, left } in layout.views" :key="view" :data-testid="`view-${view}`">
        <text class="sheet__title" :x="left" :y="top + 4" :font-size="15 * mmPerPx">
          {{ VIEW_TITLE[view] }}
          <tspan v-if="view === 'side' && rig.skirt" :dx="8 * mmPerPx" class="sheet__key" :font-size="13 * mmPerPx">
            skirt: dots at rest, dashes at speed
          </tspan>
        </text>
        <path
          v-if="view === 'front' && rig.trailer"
          class="sheet__dial"
          :d="`M${x - DIAL_MM} ${y}A${DIAL_MM} ${DIAL_MM} 0 0 1 ${x + DIAL_MM} ${y}`"
        />
        <line v-if="view === 'front' && rig.blades" class="sheet__plane" :x1="x" :x2="x" :y1="y + 18" :y2="y - 62" />
        <g :transform="`translate(${x} ${y})`">
          <OutlinePaths v-if="outlines[view]" :shapes="outlines[view].shapes" />
        </g>
      </g>
      <g :transform="`translate(${side[0]} ${side[1]})`" class="sheet__envelope" aria-hidden="true">
        <path v-if="envelopes.rest" :d="envelopes.rest" class="sheet__rest" />
        <path v-if="envelopes.speed" :d="envelopes.speed" />
      </g>
      <g v-if="skirtLine" class="sheet__cut" aria-hidden="true">
        <line :x1="skirtLine.x" :x2="skirtLine.x" :y1="skirtLine.from" :y2="skirtLine.to" />
      </g>
      <g v-if="exit" class="sheet__exit">
        <line :x1="exit.at[0]" :x2="exit.at[0]" :y1="exit.at[1]" :y2="exit.at[1] + 24" />
        <circle :cx="exit.at[0]" :cy="exit.at[1]" r="1.1" />
        <text :x="exit.at[0] + 4 * mmPerPx" :y="exit.at[1] + 25" :font-size="14 * mmPerPx" :stroke-width="4 * mmPerPx">
          {{ exit.says }}
        </text>
      </g>
      <RigDrawingRule
        :transform="`translate(${layout.rule.x} 0)`"
        :y="layout.rule.y"
        :length-mm="layout.rule.lengthMm"
      />
      <g v-for="mark in marks" :key="mark.id" class="sheet__fault" :data-testid="`fault-mark-${mark.id}`">
        <rect
          :x="mark.at[0] - 8 * mmPerPx"
          :y="mark.at[1] - 8 * mmPerPx"
          :width="16 * mmPerPx"
          :height="16 * mmPerPx"
          :stroke-width="1.5 * mmPerPx"
          :transform="`rotate(45 ${mark.at[0]} ${mark.at[1]})`"
        />
        <text :x="mark.at[0]" :y="mark.at[1] + 5 * mmPerPx" :font-size="14 * mmPerPx">{{ mark.number }}</text>
      </g>
      <BenchHandle
        v-for="{ handle, origin, chosen } in handles"
        :key="handle.edit"
        v-memo="[...handle.at, ...origin, mmPerPx, chosen, narrow, still, held === handle.edit ? rig : null]"
        :handle="handle"
        :origin="origin"
        :mm-per-px="mmPerPx"
        :deck="narrow"
        :rig="rig"
        :held="held === handle.edit"
        :chosen="chosen"
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
.sheet__svg {
  display: block;
  overflow: visible;
  user-select: none;
}
.sheet__paper line {
  stroke: rgb(var(--v-theme-rule));
  stroke-width: 0.15;
  opacity: 0.55;
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
.sheet__fault {
  pointer-events: none;
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
.sheet__cut line,
.sheet__exit line {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 0.35;
}
.sheet__cut line {
  stroke-dasharray: 1.6 1;
}
.sheet__exit circle {
  fill: rgb(var(--v-theme-oxblood));
}
.sheet__exit text {
  fill: rgb(var(--v-theme-oxblood));
  font-family: var(--v-font-heading);
  font-weight: 600;
  paint-order: stroke;
  stroke: rgb(var(--v-theme-skin));
}
.sheet__fault rect {
  fill: rgb(var(--v-theme-oxblood));
  stroke: rgb(var(--v-theme-skin));
}
.sheet__fault text {
  fill: rgb(var(--v-theme-on-primary));
  font-family: var(--v-font-heading);
  font-weight: 700;
  text-anchor: middle;
}
</style>
