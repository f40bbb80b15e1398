<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { groupTitle, momentText, NO_TRAILER } from '@core';
import { useNarrow } from '../../composables/useNarrow';
import { useUnits } from '../../composables/useUnits';
import { useOutings } from '../../stores/outings';
import { useNotices } from '../../stores/notices';
import { onScreen } from '../../db/page-state';
import { askFiles } from '../../files/ask-files';
import { saveBlob } from '../../files/save';
import LogColumns from './LogColumns.vue';
import EmptySketch from '../../parts/EmptySketch.vue';
import type { OutingRow } from '../../workers/log';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/log';

/** Outings, the latest first. */
const FileImport = defineAsyncComponent(() => import('../../parts/FileImport.vue'));
const LogRecording = defineAsyncComponent(() => import('./LogRecording.vue'));
const outings = useOutings();
const notices = useNotices();
const { show, system } = useUnits();
defineEmits<{ open: [id: string] }>();

const from = ref('');
const to = ref('');
const place = ref('');
const rows = computed((): readonly OutingRow[] =>
  (outings.rows ?? []).filter(({ from: at, place: where, stops }) => {
    const day = at.slice(0, 10);
    return (
      (from.value === '' || day >= from.value) &&
      (to.value === '' || day <= to.value) &&
      [where, ...stops].some((name) => name.toLowerCase().includes(place.value.trim().toLowerCase()))
    );
  }),
);
const narrow = useNarrow();
/** a phone tells the same on three lines */
const rowPx = computed(() => (narrow.value ? 84 : 56));
const SHOWN_ROWS = 9;
const importing = ref(false);
const isBusy = ref(false);

async function loadDemo(): Promise<void> {
  isBusy.value = true;
  const { demoSeasons } = await import('../../../demo/seasons');
  const added = await outings.add(demoSeasons());
  isBusy.value = false;
  if (!added.ok) return notices.complain(added.issues);
  notices.say(words.demoLoaded(added.value));
}
async function save(as: 'json' | 'csv'): Promise<void> {
  const made = await askFiles({ do: 'log', as, onScreen: onScreen() });
  if (!made.ok) return notices.complain(made.issues);
  saveBlob(`pandero-log-${new Date().toISOString().slice(0, 10)}.${as}`, made.value.blob);
  notices.say(words.saved(made.value.count));
}
/** the list hands its rows on as anything */
const rowAt = (item: unknown): OutingRow => item as OutingRow;
const lookSays = ({ look }: OutingRow): string =>
  [
    ...(look.temperatureC === null ? [] : [show('temperature', look.temperatureC)]),
    ...look.trailers.map((kind) => groupTitle('trailer', kind ?? NO_TRAILER, system.value)),
  ].join(' · ');
/** a bite is a short stroke along the day, a fish in the hand a tall one */
const strokes = (at: readonly number[], topY: number): string =>
  at.map((share) => `M${(share * STRIP_PX).toFixed(1)} 16V${topY}`).join('');
const STRIP_PX = 300;
const says = (row: OutingRow): string => words.rowSays(row.hours.toFixed(1), row.bites, row.landed);
</script>

<template>
  <section class="log-list" :aria-label="words.outings" data-testid="log-list">
    <template v-if="outings.rows !== null && outings.rows.length === 0">
      <h2>{{ words.none }}</h2>
      <p>{{ words.noneSays }}</p>
      <EmptySketch of="log" />
    </template>
    <template v-else-if="outings.rows !== null">
      <div class="log-list__filter" role="group" :aria-label="words.filter">
        <TextField v-model="from" type="date" :label="words.fromDay" />
        <TextField v-model="to" type="date" :label="words.toDay" />
        <TextField v-model="place" :label="words.place" />
        <p class="soft" role="status">{{ words.outingsCount(rows.length) }}</p>
      </div>
      <v-virtual-scroll
        class="log-list__rows"
        :items="rows as OutingRow[]"
        :item-height="rowPx"
        :height="rowPx * Math.min(SHOWN_ROWS, Math.max(1, rows.length))"
        role="list"
        :aria-label="words.list"
      >
        <template #default="{ item }">
          <div v-for="row in [rowAt(item)]" :key="row.id" role="listitem">
            <button type="button" class="log-list__row" data-testid="outing" @click="$emit('open', row.id)">
              <span class="number">{{ momentText(row.from) }}</span>
              <span
                ><b>{{ row.place }}</b> <span class="soft">{{ row.stops.join(', ') }}</span></span
              >
              <span class="log-list__says">
                {{ row.to === null ? words.isRunning : says(row) }}
                <em v-if="row.odd.length > 0" class="log-list__odd">{{ words.isOdd }}</em>
                <em v-if="row.isDemo" class="soft">{{ words.isMadeUp }}</em>
              </span>
              <span class="log-list__look">
                <span class="soft">{{ lookSays(row) }}</span>
                <svg :viewBox="`-2 0 ${STRIP_PX + 4} 18`" preserveAspectRatio="none" aria-hidden="true">
                  <path class="log-list__day" :d="`M0 16H${STRIP_PX}`" />
                  <path class="log-list__bite" :d="strokes(row.look.bites, 9)" />
                  <path class="log-list__fish" :d="strokes(row.look.landed, 2)" />
                </svg>
              </span>
            </button>
          </div>
        </template>
      </v-virtual-scroll>
    </template>
    <div class="log-list__files">
      <button type="button" class="press" @click="importing = true">{{ words.takeIn }}</button>
      <template v-if="outings.rows && outings.rows.length > 0">
        <button type="button" class="press" @click="save('json')">{{ words.saveLog }}</button>
        <button type="button" class="press" @click="save('csv')">{{ words.saveCsv }}</button>
      </template>
      <button
        v-if="outings.rows && !outings.rows.some(({ isDemo }) => isDemo)"
        type="button"
        class="press"
        :disabled="isBusy"
        @click="loadDemo"
      >
        {{ words.loadDemo }}
      </button>
      <button v-else-if="outings.rows" type="button" class="press" @click="outings.removeMadeUp()">
        {{ words.takeDemoAway }}
      </button>
    </div>
    <LogColumns />
    <LogRecording />
    <FileImport v-if="importing" v-model="importing" />
  </section>
</template>

<style scoped>
.log-list {
  display: grid;
  gap: 12px;
  padding: 12px 14px 24px;
}
.log-list__filter {
  display: grid;
  grid-template-columns: repeat(3, minmax(120px, 200px)) auto;
  gap: 10px;
  align-items: center;
}
.log-list__rows {
  border-top: 2px solid rgb(var(--v-theme-ink));
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.log-list__row {
  display: grid;
  grid-template-columns: 140px minmax(120px, 1fr) minmax(150px, 1fr) minmax(200px, 1.3fr);
  gap: 10px;
  align-items: center;
  width: 100%;
  height: v-bind('`${rowPx}px`');
  padding: 0 8px;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
}
.log-list__row:hover {
  background: rgb(var(--v-theme-shade));
}
.log-list__says {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
}
.log-list__look {
  display: grid;
  font-size: 14px;
  line-height: 1.15;
}
.log-list__look .soft {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.log-list__look svg {
  width: 100%;
  height: 18px;
}
.log-list__look path {
  vector-effect: non-scaling-stroke;
}
.log-list__day {
  stroke: rgb(var(--v-theme-rule));
}
.log-list__bite {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 1.5;
}
.log-list__fish {
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 3;
}
.log-list__odd {
  color: rgb(var(--v-theme-oxblood));
  font-weight: 600;
}
.log-list__files {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
@media (max-width: 700px) {
  .log-list__filter {
    grid-template-columns: 1fr 1fr;
  }
  .log-list__row {
    grid-template-columns: 1fr;
    align-content: center;
    gap: 0 8px;
    font-size: 15px;
  }
  /* three lines are read at a phone: the day is drawn where it is opened */
  .log-list__look {
    display: none;
  }
  .log-list__files .press {
    min-height: 48px;
  }
}
</style>
