<script setup lang="ts">
import { computed, onMounted } from 'vue';
import {
  fallerAt,
  fallerOf,
  rigTitle,
  SEMI_TIGHT_MAX,
  shownHeadStep,
  massKgFromOz,
  weightThatFalls,
  type Faller,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useNarrow } from '../../composables/useNarrow';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import TankLure from './TankLure.vue';
import TankWater from './TankWater.vue';
import { prefersStills, useRun } from './useRun';
import * as words from '../../locale/en/tank';

/** Two rigs dropped side by side to the depth at hand: what a brake does. */
const tank = useTank();
const water = useWater();
const narrow = useNarrow();
const { show, showAround, showBand, system } = useUnits();
const still = prefersStills();

const fallers = computed((): readonly Faller[] =>
  [tank.tank.rig, tank.tank.other].flatMap((rig) => (rig ? [fallerOf(rig, water.water, tank.tank.semiTight)] : [])),
);
const endsS = computed(() => Math.max(0.1, ...fallers.value.map(({ landsS }) => landsS ?? 0)));
const { timeS, running, toggle, seek } = useRun(
  endsS,
  computed(() => [0, endsS.value / 2, endsS.value]),
);
const shownS = computed({ get: () => timeS.value, set: seek });
const titles = computed(() => fallers.value.map(({ rig }) => rigTitle(rig, system.value)));
onMounted(() => void (still || toggle()));

const HEIGHT = 340;
const WIDE = computed(() => (narrow.value ? 340 : 560));
const LEFT = 52;
const TOP = 24;
const FLOOR = 34;
const pxPerM = computed(() => (HEIGHT - TOP - FLOOR) / water.water.depthM);
const floorPx = HEIGHT - FLOOR;
const bottom = computed(() => `M${LEFT} ${floorPx}H${WIDE.value}V${HEIGHT}H${LEFT}Z`);
/** where each is let go, share of the water's width */
const LANES = [0.3, 0.76];
const dropX = (at: number): number => LEFT + LANES[at]! * (WIDE.value - LEFT);
/** a rig on the bottom lies on what hangs lowest */
const LIES_PX = 9;
const SCALE = 0.75;
const moments = computed(() =>
  fallers.value.map((faller, at) => {
    const { zM, asideM } = fallerAt(faller, timeS.value, water.water.depthM);
    const lands = faller.landsS !== null && timeS.value >= faller.landsS;
    return {
      dropX: dropX(at),
      x: dropX(at) - Math.min(70, asideM * pxPerM.value),
      y: Math.min(TOP + zM * pxPerM.value, floorPx - LIES_PX),
      moment: {
        timeS: timeS.value,
        xM: 0,
        zM,
        step: null,
        isSlack: true,
        onBottom: lands,
        speedMps: lands ? 0 : faller.fall.pathMps,
        noseUpRad: lands ? 0 : -faller.fall.attitudeRad,
        bowRad: 0,
        knee: null,
        beatHz: 0,
        pushCm2: 0,
        flareM: 0,
        awake: null,
        leanRad: null,
      },
    };
  }),
);
const carried = computed({
  get: () => Math.round(100 * tank.tank.semiTight),
  set: (percent) => void tank.change({ semiTight: percent / 100 }),
});
/** the head that brings the first rig down as slowly as the second, and the other way round */
const equals = computed(() =>
  fallers.value.length < 2
    ? []
    : fallers.value.map(({ rig }, at) => {
        const speed = fallers.value[1 - at]!.fall.speedMps;
        const found = weightThatFalls(rig, water.water, speed, tank.tank.semiTight);
        const [from, to] = (found?.band ?? []).map(massKgFromOz);
        return {
          speed,
          oz: found === null ? words.noWeightFalls : shownHeadStep(massKgFromOz(found.oz), system.value),
          band: from === undefined || to === undefined ? '' : showBand('headMass', from, to),
        };
      }),
);
</script>

<template>
  <div class="falls" data-testid="tank-falls">
    <svg
      class="falls__tank"
      role="img"
      :aria-label="words.sectionFalls"
      :viewBox="`0 0 ${WIDE} ${HEIGHT}`"
      :style="{ maxWidth: `${WIDE}px` }"
    >
      <TankWater
        name="falls"
        :water="water.water"
        :left="LEFT"
        :right="WIDE"
        :surface="TOP"
        :height="HEIGHT"
        :per-m="pxPerM"
        :deep-m="water.water.depthM"
        :bottom="bottom"
        :bottom-at="() => floorPx"
      />
      <g v-for="(row, at) in moments" :key="`way ${at}`">
        <path class="falls__straight" :d="`M${row.dropX} ${TOP}V${floorPx}`" />
        <path class="falls__way" :d="`M${row.dropX} ${TOP}L${row.x} ${row.y}`" />
        <ellipse :cx="row.x + 26" :cy="row.y" rx="66" ry="34" fill="url(#falls-behind)" />
      </g>
      <g v-for="(row, at) in moments" :key="at" :transform="`translate(${row.x.toFixed(1)} ${row.y.toFixed(1)})`">
        <TankLure :rig="fallers[at]!.rig" :moment="row.moment" :scale="SCALE" :still="still" />
      </g>
    </svg>
    <div class="falls__side">
      <div class="falls__controls">
        <button type="button" class="press act" @click="toggle">
          {{ running ? words.pause : timeS > 0 ? words.again : words.drop }}
        </button>
        <span class="number">{{ words.atTime(words.seconds(timeS), words.seconds(endsS)) }}</span>
      </div>
      <label class="falls__range">
        <span>{{ words.time }}</span>
        <input
          v-model.number="shownS"
          type="range"
          min="0"
          :max="endsS"
          step="0.05"
          :aria-valuetext="words.seconds(timeS)"
        />
      </label>
      <label class="falls__range">
        <span>{{ words.semiTight }} {{ words.ofItsWeight(carried) }}</span>
        <input
          v-model.number="carried"
          type="range"
          min="0"
          :max="100 * SEMI_TIGHT_MAX"
          step="5"
          :aria-valuetext="words.ofItsWeight(carried)"
        />
      </label>
      <table class="falls__table ruled">
        <thead>
          <tr>
            <td />
            <th v-for="title in titles" :key="title" scope="col"><FractionText :text="title" /></th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <th scope="row">{{ words.fallsAt }}</th>
            <td v-for="(faller, at) in fallers" :key="at" class="number">
              {{ show('speed', faller.report.speedMps) }}
              <span v-if="faller.report.bandMps" class="soft">{{
                showBand('speed', faller.report.bandMps[0], faller.report.bandMps[1])
              }}</span>
            </td>
          </tr>
          <tr>
            <th scope="row">{{ words.reachesBottom }}</th>
            <td v-for="(faller, at) in fallers" :key="at" class="number">
              {{ faller.landsS === null ? words.floats : words.seconds(faller.landsS) }}
              <span v-if="faller.bandLandsS" class="soft">{{ words.secondsAround(faller.bandLandsS) }}</span>
            </td>
          </tr>
          <tr>
            <th scope="row">{{ words.driftsAside }}</th>
            <td v-for="(faller, at) in fallers" :key="at" class="number">
              {{ show('depth', faller.asideM) }}
              <span class="soft">{{ showAround('depth', faller.bandAsideM) }}</span>
            </td>
          </tr>
          <tr v-if="equals.length > 0">
            <th scope="row">{{ words.sameFall }}</th>
            <td v-for="(row, at) in equals" :key="at">
              {{ words.weightThatFalls(show('speed', row.speed)) }}
              <b class="number"><FractionText :text="row.oz" /></b>{{ ' ' }}
              <span v-if="row.band" class="soft">{{ row.band }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <p v-if="fallers.length < 2" class="soft">{{ words.chooseBeside }}</p>
    </div>
  </div>
</template>

<style scoped>
.falls {
  display: grid;
  grid-template-columns: minmax(0, 560px) 1fr;
  gap: 18px;
}
.falls__tank {
  width: 100%;
}
.falls__straight {
  fill: none;
  stroke: rgba(251, 246, 234, 0.6);
  stroke-dasharray: 3 5;
}
.falls__way {
  fill: none;
  stroke: #fbf6ea;
  stroke-width: 2;
}
.falls__controls {
  display: flex;
  gap: 12px;
  align-items: center;
}
.falls__range {
  display: grid;
  grid-template-columns: 190px 1fr;
  align-items: center;
  padding: 6px 0;
  font: 500 15px var(--v-font-heading);
}
.falls__range input {
  accent-color: rgb(var(--v-theme-oxblood));
  min-height: 32px;
}
.falls__table {
  width: 100%;
}
@media (max-width: 900px) {
  .falls {
    grid-template-columns: 1fr;
  }
  .falls__range {
    grid-template-columns: 1fr;
  }
  .falls__range input {
    min-height: 48px;
  }
}
</style>
