<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { DRAWN_TRAYS, partOutline, type DrawnTray, type Outline, type PartOf } from '@core';
import FractionText from '../../parts/FractionText.vue';
import OutlineDrawing from '../../parts/OutlineDrawing.vue';
import { useGradually } from '../../composables/useGradually';
import { useUnits } from '../../composables/useUnits';
import type { TrayRow } from './tray-row';
import { colourHint, partLine, quantityText, TRAY_ONE } from '../../parts/part-text';
import * as words from '../../locale/en/box';

/** Parts as lines, a page at a time; a line opens its sheet. */
const props = defineProps<{ rows: readonly TrayRow[]; open: string | null; withTray: boolean; label: string }>();
const emit = defineEmits<{ open: [id: string]; remove: [row: TrayRow] }>();
const { system } = useUnits();

const PAGE = 60;
const page = ref(1);
const pages = computed(() => Math.max(1, Math.ceil(props.rows.length / PAGE)));
const current = computed(() => Math.min(page.value, pages.value));
watch(
  () => props.label,
  () => (page.value = 1),
);
const lines = computed(() =>
  props.rows.slice((current.value - 1) * PAGE, current.value * PAGE).map((row) => ({
    row,
    line: partLine(row, system.value),
    quantity: quantityText((row.part as { quantity?: number }).quantity),
  })),
);
/** silhouettes come a few a frame: a page of them is drawn in no one task */
const drawn = useGradually(() => lines.value.length, 0, 3);
const known = new WeakMap<object, Outline>();
const isDrawn = ({ tray }: TrayRow): boolean => (DRAWN_TRAYS as readonly string[]).includes(tray);
function silhouette({ tray, part }: TrayRow): Outline {
  const before = known.get(part);
  if (before) return before;
  const outline = partOutline(tray as DrawnTray, part as PartOf<DrawnTray>, tray === 'trailers' ? 'top' : 'side');
  known.set(part, outline);
  return outline;
}
</script>

<template>
  <div class="list" :aria-label="label" role="region" data-testid="box-list">
    <ul>
      <li v-for="({ row, line, quantity }, at) in lines" :key="row.id" :class="{ 'list__row--open': row.id === open }">
        <span v-if="isDrawn(row)" class="list__shape" aria-hidden="true">
          <OutlineDrawing v-if="at < drawn" :outline="silhouette(row)" snug :frame-mm="100" label="" />
        </span>
        <span
          v-else
          class="list__swatch"
          :style="line.swatch ? { background: line.swatch } : {}"
          :class="{ 'list__swatch--none': !line.swatch }"
          aria-hidden="true"
        />
        <button
          type="button"
          class="list__open"
          :aria-pressed="row.id === open"
          :aria-label="words.openItsSheet(line.title, line.colour || line.about)"
          @click="emit('open', row.id)"
        >
          <b class="condensed" :class="{ list__gone: line.out }"><FractionText :text="line.title" /></b>
          <small class="soft">{{
            [withTray ? TRAY_ONE[row.tray] : '', line.out, line.colour, line.about, colourHint(line.colour)]
              .filter(Boolean)
              .join(' · ')
          }}</small>
        </button>
        <span class="number list__quantity" :aria-label="words.quantity(quantity)">{{ quantity }}</span>
        <v-btn variant="text" class="list__remove" :aria-label="words.takeOut(line.title)" @click="emit('remove', row)"
          >×</v-btn
        >
      </li>
    </ul>
    <v-pagination v-if="pages > 1" v-model="page" :length="pages" :total-visible="5" density="compact" />
  </div>
</template>

<style scoped>
.list ul {
  list-style: none;
}
.list li {
  display: grid;
  grid-template-columns: 74px 1fr auto 48px;
  gap: 10px;
  align-items: center;
  min-height: 50px;
  padding-left: 20px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.list__row--open {
  background: rgb(var(--v-theme-shade));
  box-shadow: inset 5px 0 rgb(var(--v-theme-bottle));
}
.list__swatch {
  width: 14px;
  height: 30px;
  border: 1px solid rgb(var(--v-theme-ink));
}
.list__shape {
  display: grid;
  align-items: center;
  height: 44px;
}
.list__shape :deep(svg) {
  max-height: 44px;
}
.list__swatch--none {
  border-color: transparent;
}
.list__open {
  display: grid;
  justify-items: start;
  text-align: left;
  min-height: 48px;
  align-content: center;
  color: inherit;
  font: inherit;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
}
.list__open b {
  font-size: 18px;
}
.list__open:hover b {
  text-decoration: underline;
}
.list__gone {
  text-decoration: line-through;
}
.list__quantity {
  font-size: 18px;
}
.list__remove {
  min-width: 48px;
  min-height: 48px;
  font-size: 20px;
}
@media (forced-colors: active) {
  .list__row--open {
    border-left: 5px solid Highlight;
  }
  .list__swatch {
    forced-color-adjust: none;
  }
}
</style>
