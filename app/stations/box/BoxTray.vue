<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Tray } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import type { PartRow } from '../../db/database';
import { useBox } from '../../stores/box';
import { useNotices } from '../../stores/notices';
import { colourHint, partLine } from './part-text';

const props = defineProps<{ tray: Tray }>();
const box = useBox();
const notices = useNotices();
const { system } = useUnits();

const PAGE = 60;
const TITLE: Readonly<Record<Tray, string>> = { heads: 'Heads', skirts: 'Skirts', trailers: 'Trailers' };
const page = ref(1);

const rows = computed(() => box.tray(props.tray));
const pages = computed(() => Math.max(1, Math.ceil(rows.value.length / PAGE)));
const current = computed(() => Math.min(page.value, pages.value));
const lines = computed(() =>
  rows.value
    .slice((current.value - 1) * PAGE, current.value * PAGE)
    .map((row) => ({ row, line: partLine(row, system.value) })),
);

async function remove(row: PartRow, title: string): Promise<void> {
  const removed = await box.remove(row.id);
  if (!removed.ok) return notices.complain(removed.issues);
  notices.say(`${title} taken out.`, () => box.putBack([row]));
}
</script>

<template>
  <section class="tray" :aria-label="TITLE[tray]" :data-testid="`tray-${tray}`">
    <h2>
      {{ TITLE[tray] }} <span class="soft number">{{ rows.length }}</span>
    </h2>
    <p v-if="rows.length === 0" class="soft">None yet. Import a list of {{ tray }} to use them.</p>
    <ul>
      <li v-for="{ row, line } in lines" :key="line.id">
        <span
          class="tray__swatch"
          :style="line.swatch ? { background: line.swatch } : {}"
          :class="{ 'tray__swatch--none': !line.swatch }"
          aria-hidden="true"
        />
        <span class="tray__what">
          <b class="condensed"><FractionText :text="line.title" /></b>
          <small class="soft">{{
            [line.colour, line.about, colourHint(line.colour)].filter(Boolean).join(' · ')
          }}</small>
        </span>
        <span class="number tray__quantity" :aria-label="`quantity ${line.quantity}`">{{ line.quantity }}</span>
        <v-btn
          variant="text"
          class="tray__remove"
          :aria-label="`Take out ${line.title}`"
          @click="remove(row, line.title)"
          >×</v-btn
        >
      </li>
    </ul>
    <v-pagination v-if="pages > 1" v-model="page" :length="pages" :total-visible="5" density="compact" />
  </section>
</template>

<style scoped>
.tray {
  padding: 14px 20px;
  border-right: 1px solid rgb(var(--v-theme-rule));
}
.tray ul {
  list-style: none;
}
.tray li {
  display: grid;
  grid-template-columns: 14px 1fr auto 48px;
  gap: 10px;
  align-items: center;
  min-height: 48px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.tray__swatch {
  width: 14px;
  height: 30px;
  border: 1px solid rgb(var(--v-theme-ink));
}
.tray__swatch--none {
  border-color: transparent;
}
.tray__what {
  display: grid;
}
.tray__what b {
  font-size: 18px;
}
.tray__quantity {
  font-size: 18px;
}
.tray__remove {
  min-width: 48px;
  height: 48px;
  font-size: 20px;
}
</style>
