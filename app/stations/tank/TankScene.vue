<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref, shallowRef } from 'vue';
import { COVER_NAME, displayUnit, momentAt, type Film, type Moment, type Ribbon, type Water } from '@core';
import { useUnits } from '../../composables/useUnits';
import TankLure from './TankLure.vue';
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
const { show, system } = useUnits();

const root = ref<HTMLElement | null>(null);
const widthPx = shallowRef(1200);
const observer =
  typeof ResizeObserver === 'function'
    ? new ResizeObserver(([entry]) => (widthPx.value = Math.max(300, entry!.contentRect.width)))
    : null;
onMounted(() => root.value && observer?.observe(root.value));
onBeforeUnmount(() => observer?.disconnect());

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
const pxPerX = computed(() => (widthPx.value - LEFT - RIGHT) / (farM.value * 1.03));
const pxPerZ = computed(() => (heightPx.value - SKY - BELOW) / deepM.value);
const x = (m: number): number => LEFT + m * pxPerX.value;
const z = (m: number): number => SKY + m * pxPerZ.value;
const at = (xM: number, zM: number): string => `${x(xM).toFixed(1)} ${z(zM).toFixed(1)}`;

/** the sky has no room for a tip drawn as tall as the water */
const tipPx = computed(() => Math.max(14, SKY - props.film.plan.tipHeightM * pxPerZ.value));
const stretch = computed(() => pxPerZ.value / pxPerX.value);
const LURE_PX_PER_MM = 0.95;
const lureScale = computed(() => (props.narrow ? 0.62 : LURE_PX_PER_MM));
const lureTimes = computed(() => (1000 * lureScale.value) / pxPerX.value);

/** A lure is held at its nose; on the bottom it lies on what hangs lowest. */
const LIES_PX = 9;
function lies({ onBottom, noseUpRad }: Moment, film: Film): number {
  if (!onBottom) return 0;
  const longPx = 1000 * film.prepared.lure.body.lengthM * lureScale.value;
  return -(LIES_PX + Math.max(0, longPx * Math.sin(noseUpRad) * 0.8));
}
const placed = (of: Moment, film: Film): string =>
  `translate(${x(of.xM).toFixed(2)} ${(z(of.zM) + lies(of, film)).toFixed(1)})`;
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
  const end = `${x(xM).toFixed(1)} ${(z(zM) + lies(of, film)).toFixed(1)}`;
  if (knee) return `${from}L${x(knee.xM).toFixed(1)} ${z(knee.zM).toFixed(1)} ${end}`;
  if (isSlack) return `${from}Q${x(xM * 0.55).toFixed(1)} ${z(zM * 0.25).toFixed(1)} ${end}`;
  const lengthM = Math.hypot(xM, zM + tipHeightM);
  const leadsRad = Math.atan2(zM + tipHeightM, xM) + bowRad;
  const [cx, cz] = [xM - (lengthM / 2) * Math.cos(leadsRad), zM - (lengthM / 2) * Math.sin(leadsRad)];
  return `${from}Q${x(Math.max(0, cx)).toFixed(1)} ${Math.max(tipPx.value, z(cz)).toFixed(1)} ${end}`;
}

const bottom = computed(() => {
  const { ground, plan } = props.film.prepared;
  const ends = [0, farM.value * 1.03, ...(plan.bottom ?? []).map(([xM]) => xM)].sort((a, b) => a - b);
  const top = ends.map((xM) => at(xM, Math.min(deepM.value, ground.depthAt(xM))));
  return `M${top.join('L')}L${x(farM.value * 1.03).toFixed(1)} ${heightPx.value}L${LEFT} ${heightPx.value}Z`;
});
const covers = computed(() =>
  props.water.cover
    .filter(({ kind, topM }) => kind !== 'open' && topM !== undefined && topM < deepM.value)
    .map(({ kind, topM }) => ({ kind, name: COVER_NAME[kind], y: z(topM!) })),
);
const band = computed(() => {
  const { band: wanted } = props.water;
  return wanted ? { y: z(wanted.fromM), height: (wanted.toM - wanted.fromM) * pxPerZ.value } : null;
});
/** Marks stand at whole and half units of the reader, no closer than can be read. */
const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20];
const LEAST_PX = 26;
const ruler = computed(() => {
  const { toSi } = displayUnit('depth', system.value);
  const step = toSi(STEPS.find((shown) => toSi(shown) * pxPerZ.value > LEAST_PX) ?? 50);
  return Array.from({ length: Math.floor(deepM.value / step) + 1 }, (_, nth) => ({
    y: z(nth * step),
    text: show('depth', nth * step),
  }));
});
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
      <defs>
        <pattern id="tank-band" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V7" class="scene__hatch" />
        </pattern>
        <pattern id="tank-cover" width="12" height="16" patternUnits="userSpaceOnUse">
          <path d="M2 16C4 11 0 6 2 0M8 16C6 10 10 6 8 0" class="scene__stem" />
        </pattern>
        <clipPath id="tank-water"><path :d="`M${LEFT} ${SKY}H${widthPx - RIGHT}V${heightPx}H${LEFT}Z`" /></clipPath>
      </defs>
      <rect class="scene__water" :x="LEFT" :y="SKY" :width="widthPx - LEFT - RIGHT" :height="heightPx - SKY" />
      <g v-for="mark in ruler" :key="mark.y">
        <path class="scene__rule" :d="`M${LEFT - 6} ${mark.y}H${widthPx - RIGHT}`" />
        <text class="scene__depth" :x="LEFT - 9" :y="mark.y + 4" text-anchor="end">{{ mark.text }}</text>
      </g>
      <g v-if="band">
        <rect :x="LEFT" :y="band.y" :width="widthPx - LEFT - RIGHT" :height="band.height" fill="url(#tank-band)" />
        <text class="scene__name" :x="widthPx - RIGHT - 6" :y="band.y + 14" text-anchor="end">{{ words.band }}</text>
      </g>
      <g v-for="cover in covers" :key="cover.kind + cover.y" clip-path="url(#tank-water)">
        <rect :x="LEFT" :y="cover.y" :width="widthPx" :height="heightPx" fill="url(#tank-cover)" />
        <path class="scene__top" :d="`M${LEFT} ${cover.y}H${widthPx - RIGHT}`" />
        <text class="scene__name" :x="LEFT + 8" :y="cover.y + 14">{{ cover.name }}</text>
      </g>
      <path class="scene__bottom" :d="bottom" />
      <path class="scene__surface" :d="`M${LEFT} ${SKY}H${widthPx - RIGHT}`" />
      <path v-if="ribbonPath" class="scene__ribbon" :d="ribbonPath" />
      <path v-if="paths.other" class="scene__path scene__path--other" :d="paths.other" />
      <path class="scene__path" :d="paths.own" />
      <path class="scene__done" :d="done" />
      <path class="scene__rod" :d="`M${LEFT - 40} ${tipPx + 16}L${LEFT} ${tipPx}`" />
      <path class="scene__line" :class="{ 'scene__line--slack': moment.isSlack }" :d="lineOf(moment, film)" />
      <g v-if="other && otherMoment" class="scene__ghost" :transform="placed(otherMoment, other)">
        <TankLure :rig="other.rig" :moment="otherMoment" :scale="lureScale" :still="still" />
      </g>
      <g data-lure="own" :transform="placed(moment, film)">
        <TankLure :rig="film.rig" :moment="moment" :scale="lureScale" :still="still" />
      </g>
    </svg>
    <p class="scene__note soft">
      {{ words.drawnStretched(stretch.toFixed(1)) }} · {{ words.lureDrawn(lureTimes.toFixed(0)) }} ·
      {{ words.ribbonSays }}
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
.scene__water {
  fill: rgba(var(--v-theme-bottle), 0.09);
}
.scene__rule {
  stroke: rgba(var(--v-theme-ink), 0.13);
}
.scene__depth,
.scene__name {
  font: 500 13px var(--v-font-heading);
  fill: rgb(var(--v-theme-ink-soft));
}
.scene__surface {
  stroke: rgb(var(--v-theme-bottle));
  stroke-width: 2;
}
.scene__hatch {
  stroke: rgba(var(--v-theme-bottle), 0.45);
}
.scene__stem {
  fill: none;
  stroke: rgba(var(--v-theme-bottle), 0.5);
}
.scene__top {
  stroke: rgb(var(--v-theme-bottle));
  stroke-dasharray: 2 4;
}
.scene__bottom {
  fill: color-mix(in srgb, rgb(var(--v-theme-brass)) 42%, rgb(var(--v-theme-skin)));
  stroke: rgb(var(--v-theme-ink));
}
.scene__ribbon {
  fill: rgba(var(--v-theme-oxblood), 0.13);
}
.scene__path {
  fill: none;
  stroke: rgba(var(--v-theme-ink), 0.35);
  stroke-dasharray: 3 4;
}
.scene__path--other {
  stroke: rgb(var(--v-theme-brass));
  stroke-dasharray: 8 4;
}
.scene__done {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 1.5;
}
.scene__rod {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 3;
}
.scene__line {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
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
