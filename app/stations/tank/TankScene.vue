<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue';
import { momentAt, type Film, type Moment, type Ribbon, type Water } from '@core';
import TankLure from './TankLure.vue';
import TankWater from './TankWater.vue';
import * as words from '../../locale/en/tank';

/** The water from the side: bottom, cover, the band that is wanted, the line as it bows, and the lure on its way. */
const props = defineProps<{
  film: Film;
  other: Film | null;
  water: Water;
  /** of the film, now */
  moment: Moment;
  timeS: number;
  /** how unsure its depth is along the way; null while nobody knows yet */
  ribbon: Ribbon | null;
  still: boolean;
  narrow: boolean;
  label: string;
}>();

const root = ref<HTMLElement | null>(null);
const widthPx = shallowRef(1200);
const observer =
  typeof ResizeObserver === 'function'
    ? new ResizeObserver(([entry]) => (widthPx.value = Math.max(300, entry!.contentRect.width)))
    : null;
onMounted(() => root.value && observer?.observe(root.value));
onBeforeUnmount(() => observer?.disconnect());

const LURE_PX_PER_MM = 0.95;
const lureScale = computed(() => (props.narrow ? 0.62 : LURE_PX_PER_MM));
const heightPx = computed(() => (props.narrow ? 300 : 316));
const LEFT = 58;
const RIGHT = 14;
const SKY = 52;
const BELOW = 30;
/** Water nobody can see the bottom of is shown so far below the lure, times its depth. */
const ROOM = 1.25;

const farM = computed(() =>
  Math.max(...[props.film, props.other].flatMap((film) => film?.done.path.map(([, x]) => x) ?? [1])),
);
const deepM = computed(() => {
  const { ground, plan } = props.film.prepared;
  const bottoms = [0, plan.castM, ...(plan.bottom ?? []).map(([x]) => x)].map((x) => ground.depthAt(x));
  const bottom = Math.max(...bottoms);
  return Number.isFinite(bottom) ? bottom : ROOM * Math.max(1, props.film.done.maxDepthM);
});
/** behind the furthest place there is room for the lure itself */
const lurePx = (film: Film): number => 1000 * film.prepared.lure.body.lengthM * lureScale.value;
const pxPerX = computed(
  () =>
    Math.max(
      120,
      widthPx.value -
        LEFT -
        RIGHT -
        Math.max(...[props.film, props.other].flatMap((film) => (film ? [lurePx(film)] : []))),
    ) / farM.value,
);
const pxPerZ = computed(() => (heightPx.value - SKY - BELOW) / deepM.value);
const x = (m: number): number => LEFT + m * pxPerX.value;
const z = (m: number): number => SKY + m * pxPerZ.value;
const at = (xM: number, zM: number): string => `${x(xM).toFixed(1)} ${z(zM).toFixed(1)}`;

/** the sky has no room for a tip drawn as tall as the water */
const tipPx = computed(() => Math.max(14, SKY - props.film.plan.tipHeightM * pxPerZ.value));
const stretch = computed(() => pxPerZ.value / pxPerX.value);
const lureTimes = computed(() => (1000 * lureScale.value) / pxPerX.value);

/** A lure is held at its nose; near the bottom it lies on what hangs lowest, and never in the ground. */
const LIES_PX = 9;
function yOf(of: Moment, film: Film): number {
  const tailPx = LIES_PX + Math.max(0, lurePx(film) * Math.sin(of.noseUpRad) * 0.8);
  const groundM = Math.min(deepM.value, film.prepared.ground.depthAt(of.xM));
  return Math.min(z(of.zM), z(groundM) - tailPx);
}
const placed = (of: Moment, film: Film): string => `translate(${x(of.xM).toFixed(2)} ${yOf(of, film).toFixed(1)})`;
const otherMoment = computed(() =>
  props.other ? momentAt(props.other, Math.min(props.timeS, props.other.endsS)) : null,
);

const trace = (film: Film): readonly string[] => film.done.path.map(([, xM, zM]) => at(xM, zM));
const joined = (places: readonly string[]): string => `M${places.join('L')}`;
const ownTrace = computed(() => trace(props.film));
const paths = computed(() => ({ own: joined(ownTrace.value), other: props.other ? joined(trace(props.other)) : null }));
const done = computed(() => {
  const { path } = props.film.done;
  const next = path.findIndex(([s]) => s > props.moment.timeS);
  const so = ownTrace.value.slice(0, next === -1 ? path.length : next);
  return joined([...so, at(props.moment.xM, props.moment.zM)]);
});
const ribbonPath = computed(() => {
  if (!props.ribbon) return null;
  const { xM, lowM, highM } = props.ribbon;
  const shallow = xM.map((m, nth) => at(m, lowM[nth]!));
  const deep = xM.map((m, nth) => at(m, highM[nth]!));
  return `${joined([...shallow, ...deep.reverse()])}Z`;
});

/** The line: bent it leads by its knee; straight it leaves the lure as steeply as it bows there; slack it hangs. */
function lineOf(of: Moment, film: Film): string {
  const { xM, zM, bowRad, isSlack, knee } = of;
  const { tipHeightM } = film.plan;
  const from = `M${x(0).toFixed(1)} ${tipPx.value.toFixed(1)}`;
  const end = `${x(xM).toFixed(1)} ${yOf(of, film).toFixed(1)}`;
  if (knee) return `${from}L${x(knee.xM).toFixed(1)} ${z(knee.zM).toFixed(1)} ${end}`;
  if (isSlack) return `${from}Q${x(xM * 0.55).toFixed(1)} ${z(zM * 0.25).toFixed(1)} ${end}`;
  const lengthM = Math.hypot(xM, zM + tipHeightM);
  const leadsRad = Math.atan2(zM + tipHeightM, xM) + bowRad;
  const [cx, cz] = [xM - (lengthM / 2) * Math.cos(leadsRad), zM - (lengthM / 2) * Math.sin(leadsRad)];
  return `${from}Q${x(Math.max(0, cx)).toFixed(1)} ${Math.max(tipPx.value, z(cz)).toFixed(1)} ${end}`;
}

/** across the picture, in metres from the rod */
const acrossM = computed(() => (widthPx.value - RIGHT - LEFT) / pxPerX.value);
const bottom = computed(() => {
  const { ground, plan } = props.film.prepared;
  const ends = [0, acrossM.value, ...(plan.bottom ?? []).map(([xM]) => xM)].sort((a, b) => a - b);
  const top = ends.filter((xM) => xM <= acrossM.value).map((xM) => at(xM, Math.min(deepM.value, ground.depthAt(xM))));
  return `M${top.join('L')}L${x(acrossM.value).toFixed(1)} ${heightPx.value}L${LEFT} ${heightPx.value}Z`;
});
const bottomAt = (xPx: number): number =>
  z(Math.min(deepM.value, props.film.prepared.ground.depthAt((xPx - LEFT) / pxPerX.value)));
/** As far as a fish sees it, as wide and as tall as the picture is drawn. */
const seen = computed(() => ({
  cx: x(props.moment.xM),
  cy: yOf(props.moment, props.film),
  rx: props.water.visibilityM * pxPerX.value,
  ry: props.water.visibilityM * pxPerZ.value,
}));
</script>

<template>
  <div ref="root" class="scene">
    <svg
      role="img"
      :aria-label="label"
      :viewBox="`0 0 ${widthPx} ${heightPx}`"
      :width="widthPx"
      :height="heightPx"
      data-testid="tank-scene"
      :data-x-m="moment.xM.toFixed(4)"
      :data-z-m="moment.zM.toFixed(4)"
      :data-time-s="timeS.toFixed(3)"
      :data-left-px="LEFT"
      :data-px-per-m="pxPerX"
    >
      <TankWater
        name="tank"
        :water="water"
        :left="LEFT"
        :right="widthPx - RIGHT"
        :surface="SKY"
        :height="heightPx"
        :per-m="pxPerZ"
        :deep-m="deepM"
        :bottom="bottom"
        :bottom-at="bottomAt"
      />
      <path v-if="ribbonPath" class="scene__ribbon" :d="ribbonPath" />
      <path v-if="paths.other" class="scene__path scene__path--other" :d="paths.other" />
      <path class="scene__path" :d="paths.own" />
      <path class="scene__halo" :d="done" />
      <path class="scene__done" :d="done" />
      <ellipse class="scene__seen" clip-path="url(#tank-water)" v-bind="seen" />
      <path class="scene__rod" :d="`M${LEFT - 40} ${tipPx + 16}L${LEFT} ${tipPx}`" />
      <path class="scene__under" :d="lineOf(moment, film)" />
      <path class="scene__line" :class="{ 'scene__line--slack': moment.isSlack }" :d="lineOf(moment, film)" />
      <ellipse
        :cx="lurePx(film) * 0.5"
        cy="2"
        :rx="lurePx(film) * 0.72"
        :ry="30 * lureScale"
        fill="url(#tank-behind)"
        :transform="placed(moment, film)"
      />
      <g v-if="other && otherMoment" class="scene__ghost" :transform="placed(otherMoment, other)">
        <TankLure :rig="other.rig" :moment="otherMoment" :scale="lureScale" :still="still" />
      </g>
      <g data-lure="own" :transform="placed(moment, film)">
        <TankLure :rig="film.rig" :moment="moment" :scale="lureScale" :still="still" />
      </g>
    </svg>
    <p class="scene__note soft">
      {{ words.drawnStretched(stretch.toFixed(1)) }} · {{ words.lureDrawn(lureTimes.toFixed(0)) }} ·
      {{ words.ribbonSays }} ·
      {{ words.ringSays }}
    </p>
  </div>
</template>

<style scoped>
.scene {
  min-width: 0;
  position: relative;
}
.scene svg {
  display: block;
  max-width: 100%;
}
.scene__ribbon {
  fill: rgba(251, 246, 234, 0.3);
  stroke: rgba(35, 28, 23, 0.45);
}
.scene__path {
  fill: none;
  stroke: #fbf6ea;
  stroke-dasharray: 3 4;
}
.scene__path--other {
  stroke: #f0d9a0;
  stroke-dasharray: 8 4;
}
.scene__halo {
  fill: none;
  stroke: #fbf6ea;
  stroke-width: 4;
}
.scene__done {
  fill: none;
  stroke: #8c2a1c;
  stroke-width: 2;
}
.scene__seen {
  fill: rgba(251, 246, 234, 0.1);
  stroke: #fbf6ea;
  stroke-dasharray: 2 5;
}
.scene__rod {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 3;
}
.scene__under {
  fill: none;
  stroke: #231c17;
  stroke-width: 2.2;
}
.scene__line {
  fill: none;
  stroke: #fbf6ea;
  stroke-width: 0.9;
}
.scene__line--slack {
  stroke-dasharray: 5 3;
}
.scene__ghost {
  opacity: 0.5;
}
.scene__note {
  position: absolute;
  right: 16px;
  top: 2px;
  font-size: 13px;
}
@media (max-width: 700px) {
  .scene__note {
    position: static;
    padding: 2px 12px;
  }
}
</style>
