<script setup lang="ts">
import type { CoverShape } from './cover-shapes';

/** A piece of cover in the water: wood and stone are brown, weed is green, what people built is dark, by day and by night. */
withDefaults(defineProps<{ shape: CoverShape; thin?: boolean }>(), { thin: false });
</script>

<template>
  <g class="piece" :class="[`piece--${shape.ink}`, { 'piece--thin': thin }]">
    <path :d="shape.lines" class="piece__lines" />
    <path :d="shape.fills" class="piece__fills" />
  </g>
</template>

<style scoped>
.piece {
  --stroke: 3.4px;
}
.piece--weed {
  --stroke: 3px;
}
.piece--built {
  --stroke: 6px;
}
.piece--thin {
  --stroke: 2.4px;
}
.piece--thin.piece--built {
  --stroke: 4px;
}
.piece__lines {
  fill: none;
  stroke-width: var(--stroke);
  stroke-linecap: round;
}
.piece--wood .piece__lines {
  stroke: #34261a;
}
.piece--wood .piece__fills {
  fill: #34261a;
}
.piece--weed .piece__lines {
  stroke: #41652f;
}
.piece--weed .piece__fills {
  fill: #4d7638;
  stroke: #2b4420;
}
.piece--stone .piece__fills {
  fill: #7c7361;
  stroke: #2f2a20;
}
.piece--built .piece__lines {
  stroke: #2c2a28;
}
.piece--built .piece__fills {
  fill: #4c4640;
  stroke: #231c17;
}
</style>
