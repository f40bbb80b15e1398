<script setup lang="ts">
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import type { GridCell } from './grid-cell';
import * as words from '../../locale/en/deck';

/** A rod at a stop: the rig with which it answers, or how well what it carries would do there; and whether it is locked to that stop. */
defineProps<{ cell: GridCell; rod: string; stop: string; isCarried: boolean; isLocked: boolean }>();
const emit = defineEmits<{ lock: [] }>();
</script>

<template>
  <td
    class="grid-cell"
    :class="{ 'grid-cell--answers': cell.rig, 'grid-cell--locked': isLocked, 'grid-cell--home': !isCarried }"
    :data-answers="cell.rig ? 'yes' : undefined"
  >
    <template v-if="cell.rig">
      <RigDrawing :rig="cell.rig.rig" :frame-mm="120" :label="cell.title" class="grid-cell__rig" />
      <p class="grid-cell__title"><FractionText :text="cell.title" /></p>
      <p class="grid-cell__score">
        <b class="number" :aria-label="words.answers(cell.score)">{{ cell.score }}</b>
        <span v-if="cell.isReTied" class="grid-cell__tie">{{ words.tieHere }}</span>
      </p>
      <span class="grid-cell__bar" :style="{ width: `${cell.score}%` }" aria-hidden="true" />
    </template>
    <span
      v-else-if="cell.would !== null"
      class="grid-cell__would number"
      :aria-label="words.wouldBe(cell.would)"
      :title="words.wouldBe(cell.would)"
      >{{ cell.would }}</span
    >
    <span v-else-if="isCarried" class="grid-cell__would soft" :aria-label="words.notCarried" :title="words.notCarried"
      >×</span
    >
    <button
      type="button"
      class="grid-cell__lock"
      :aria-pressed="isLocked"
      :aria-label="isLocked ? words.unlock(rod, stop) : words.lockHere(rod, stop)"
      @click="emit('lock')"
    >
      <svg viewBox="0 0 16 18" aria-hidden="true">
        <path
          :d="isLocked ? 'M4 8V5a4 4 0 0 1 8 0v3' : 'M4 8V5a4 4 0 0 1 8 0'"
          fill="none"
          stroke="currentColor"
          stroke-width="1.8"
        />
        <rect
          x="2"
          y="8"
          width="12"
          height="9"
          :fill="isLocked ? 'currentColor' : 'none'"
          stroke="currentColor"
          stroke-width="1.6"
        />
      </svg>
    </button>
  </td>
</template>

<style scoped>
.grid-cell {
  position: relative;
  padding: 4px 4px 22px;
  border-left: 1px solid rgb(var(--v-theme-rule));
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  vertical-align: top;
  height: 44px;
}
.grid-cell--answers {
  background: rgb(var(--v-theme-surface));
}
.grid-cell__rig {
  display: block;
  width: 100%;
  max-height: 62px;
}
.grid-cell__title {
  font: 500 13.5px/1.15 var(--v-font-heading);
}
.grid-cell__score {
  display: flex;
  align-items: baseline;
  gap: 6px;
}
.grid-cell__score b {
  font-size: 24px;
  line-height: 1.1;
}
.grid-cell__tie {
  font: 600 13px var(--v-font-heading);
  color: rgb(var(--v-theme-oxblood));
}
.grid-cell__bar {
  position: absolute;
  left: 0;
  bottom: 0;
  height: 4px;
  background: rgb(var(--v-theme-bottle));
}
.grid-cell__would {
  color: rgb(var(--v-theme-ink-soft));
  font-size: 15px;
  font-weight: 500;
}
.grid-cell__lock {
  position: absolute;
  right: 0;
  bottom: 2px;
  width: 28px;
  height: 28px;
  display: grid;
  place-items: center;
  border: 0;
  background: none;
  color: rgb(var(--v-theme-ink-soft));
  cursor: pointer;
}
.grid-cell__lock svg {
  width: 13px;
}
.grid-cell__lock[aria-pressed='true'] {
  color: rgb(var(--v-theme-oxblood));
}
.grid-cell--locked {
  box-shadow: inset 0 0 0 2px rgb(var(--v-theme-oxblood));
}
.grid-cell--home {
  padding-bottom: 4px;
}
</style>
