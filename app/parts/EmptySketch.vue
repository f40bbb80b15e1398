<script setup lang="ts">
/** What a page will look like once there is something on it, in a few lines. */
const props = defineProps<{ of: 'tickets' | 'deck' | 'log' }>();

const RODS = [58, 92, 126] as const;
const STOPS = [96, 146, 196, 246, 296] as const;
/** which rod answers which stop */
const ANSWERS = [0, 0, 1, 2, 1] as const;
const BANDS = [
  [150, 210, 268],
  [120, 162, 204],
  [92, 128, 166],
] as const;
const BITES = [104, 118, 165, 208, 214, 262] as const;
</script>

<template>
  <svg class="sketch" viewBox="0 0 330 180" aria-hidden="true" :data-sketch="props.of">
    <g v-if="of === 'tickets'">
      <path class="sketch__paper" d="M48 14H282V166H48Z" />
      <path class="sketch__line" d="M66 38H176M66 128H246M66 142H226M66 156H190" />
      <path class="sketch__ink" d="M74 84q10 -14 26 -8t34 -2M100 76q20 22 62 24M100 78q26 10 74 8M100 74q30 -4 84 -6" />
      <circle class="sketch__ink" cx="82" cy="80" r="9" />
      <path class="sketch__ink" d="M96 66q36 -20 58 2q6 18 -16 16" />
      <path class="sketch__mark" d="M214 52h44v22h-44zM214 84h44v14h-44z" />
    </g>
    <g v-else-if="of === 'deck'">
      <path class="sketch__line" d="M74 24V156M124 24V156M174 24V156M224 24V156M274 24V156M324 24V156" />
      <path class="sketch__line" d="M4 40H324M4 74H324M4 108H324M4 142H324" />
      <path v-for="y in RODS" :key="y" class="sketch__ink" :d="`M10 ${y + 6}L62 ${y - 8}`" />
      <g v-for="(rod, at) in ANSWERS" :key="at">
        <circle class="sketch__mark" :cx="STOPS[at]! - 4" :cy="RODS[rod]! - 2" r="6" />
        <path class="sketch__ink" :d="`M${STOPS[at]! + 4} ${RODS[rod]! - 2}h16`" />
      </g>
      <path class="sketch__ink" d="M74 166Q200 146 324 160" />
    </g>
    <g v-else>
      <path class="sketch__line" d="M80 16V118M80 118H320" />
      <g v-for="([low, middle, high], at) in BANDS" :key="at">
        <path class="sketch__line" :d="`M14 ${36 + 30 * at}H66`" />
        <path class="sketch__band" :d="`M${low} ${30 + 30 * at}H${high}V${42 + 30 * at}H${low}Z`" />
        <path class="sketch__ink" :d="`M${middle} ${27 + 30 * at}v18`" />
      </g>
      <path class="sketch__line" d="M80 160H320" />
      <path
        v-for="(x, at) in BITES"
        :key="x"
        :class="at % 2 ? 'sketch__fish' : 'sketch__ink'"
        :d="`M${x} 160V${at % 2 ? 142 : 150}`"
      />
    </g>
  </svg>
</template>

<style scoped>
.sketch {
  width: min(100%, 420px);
  margin: 10px 0;
}
.sketch path,
.sketch circle {
  fill: none;
  stroke: rgb(var(--v-theme-ink-soft));
  stroke-width: 1.6;
  stroke-linecap: round;
}
.sketch .sketch__line {
  stroke: rgb(var(--v-theme-rule));
}
.sketch .sketch__paper {
  fill: rgb(var(--v-theme-shade));
}
.sketch .sketch__mark {
  fill: rgb(var(--v-theme-bottle));
  stroke: none;
  opacity: 0.55;
}
.sketch .sketch__band {
  fill: rgb(var(--v-theme-bottle));
  stroke: none;
  opacity: 0.4;
}
.sketch .sketch__fish {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
}
</style>
