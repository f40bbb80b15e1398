<script setup lang="ts">
/**
 * The three marks used everywhere, by their places in per cent: hatched green is wanted, the dot is what a rig has (a hollow red
 * ring when it lies outside), the short bar is the band of uncertainty. A dashed outline is where the water itself would have it.
 */
type Span = readonly [from: number, to: number];
defineProps<{
  label: string;
  wanted?: Span | null;
  /** where the water itself would have it, while the angler wants something else */
  ghost?: Span | null;
  uncertain?: Span | null;
  dot?: number | null;
  out?: boolean;
}>();

/** However narrow it is, it has to be seen, per cent. */
const LEAST = 2;
const placed = ([from, to]: Span, least = 0): Record<string, string> => ({
  left: `${from}%`,
  width: `${Math.max(least, to - from)}%`,
});
</script>

<template>
  <div class="band-line" role="img" :aria-label="label">
    <span v-if="ghost" class="band-line__ghost" :style="placed(ghost, LEAST)" />
    <span v-if="wanted" class="band-line__want" :style="placed(wanted, LEAST)" />
    <span v-if="uncertain" class="band-line__bar" :style="placed(uncertain)" />
    <span
      v-if="dot !== undefined && dot !== null"
      class="band-line__dot"
      :class="{ 'band-line__dot--out': out }"
      :style="{ left: `${dot}%` }"
    />
  </div>
</template>

<style scoped>
.band-line {
  position: relative;
  height: 20px;
  border-bottom: 1.5px solid rgb(var(--v-theme-ink));
}
.band-line__want {
  position: absolute;
  bottom: 0;
  height: 13px;
  max-height: 80%;
  border: 1px solid rgb(var(--v-theme-bottle));
  border-bottom: 0;
  background: repeating-linear-gradient(
    -45deg,
    rgba(var(--v-theme-bottle), 0.34) 0 3px,
    rgba(var(--v-theme-bottle), 0.1) 3px 6px
  );
}
.band-line__ghost {
  position: absolute;
  bottom: 0;
  height: 17px;
  max-height: 95%;
  border: 1.5px dashed rgb(var(--v-theme-ink-soft));
  border-bottom: 0;
}
.band-line__bar {
  position: absolute;
  bottom: 0;
  height: 5px;
  background: rgba(var(--v-theme-ink), 0.55);
}
.band-line__dot {
  position: absolute;
  bottom: -6.5px;
  width: 12px;
  height: 12px;
  margin-left: -6px;
  border-radius: 50%;
  background: rgb(var(--v-theme-ink));
}
.band-line__dot--out {
  background: rgb(var(--v-theme-skin));
  border: 3px solid rgb(var(--v-theme-oxblood));
}
/* with the reader's own colours the three marks are told by their shapes */
@media (forced-colors: active) {
  .band-line > * {
    forced-color-adjust: none;
  }
  .band-line__want {
    border: 2px dashed CanvasText;
    border-bottom: 0;
    background: none;
  }
  .band-line__bar {
    background: CanvasText;
  }
  .band-line__dot {
    background: Highlight;
    border: 2px solid CanvasText;
  }
  .band-line__dot--out {
    background: Canvas;
    border: 3px solid Highlight;
  }
}
</style>
