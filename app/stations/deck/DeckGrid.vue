<script setup lang="ts">
import { computed } from 'vue';
import { partIdAt, rigTitles, usablePlaces, type Box, type KeptTrip, type PlannedRod } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { gearPartTitle } from '../../parts/gear-part';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import DeckGridCell from './DeckGridCell.vue';
import type { GridCell } from './grid-cell';
import type { PlanView } from './useDeckPlan';
import { useStopMoves } from './useStopMoves';
import * as words from '../../locale/en/deck';

/** Rods down, stops across: the rig a rod carries where it answers, and how well it would do where another does. */
const props = defineProps<{ trip: KeptTrip; box: Box; view: PlanView | null; chosen: string | null }>();
const emit = defineEmits<{ choose: [id: string] }>();
const deck = useDeck();
const { system } = useUnits();

const hundred = (score: number): number => Math.round(100 * score);
const planned = computed(() => props.view?.plan.rods ?? []);
const titles = computed(() =>
  rigTitles(
    planned.value.map(({ rig }) => rig),
    system.value,
  ),
);
const nameOf = (rod: number): string =>
  props.box.rods[rod]?.label || gearPartTitle('rods', props.box, rod, system.value);
/** rods of the box in its order: those taken along, then those that stay */
const rows = computed(() =>
  usablePlaces(props.box.rods)
    .map((rod) => ({ rod, name: nameOf(rod), on: planned.value.filter((one) => one.rod === rod) }))
    .sort((a, b) => Number(b.on.length > 0) - Number(a.on.length > 0) || a.rod - b.rod),
);
const gearText = ({ reel, line }: PlannedRod): string =>
  words.withGear(
    gearPartTitle('reels', props.box, reel, system.value),
    gearPartTitle('lines', props.box, line, system.value),
  );
const stopName = (at: number): string => words.stopTitle(at + 1, props.trip.stops[at]!.name);

function cellOf(on: readonly PlannedRod[], stopId: string): GridCell {
  const at = props.view?.indexOf(stopId) ?? -1;
  const answer = at === -1 ? null : (props.view?.plan.stops[at] ?? null);
  const rig = on.find((one) => answer !== null && one.rod === answer.rod && one.stops.includes(at)) ?? null;
  const would = on.reduce<number | null>((best, one) => {
    const is = at === -1 ? null : (one.would[at] ?? null);
    return is !== null && (best === null || is > best) ? is : best;
  }, null);
  return {
    rig,
    title: rig ? (titles.value[planned.value.indexOf(rig)] ?? '') : '',
    score: rig && answer ? hundred(answer.score) : 0,
    isReTied: rig !== null && (answer?.isReTied ?? false),
    would: would === null ? null : hundred(would),
  };
}
const cells = computed(() => rows.value.map(({ on }) => props.trip.stops.map(({ id }) => cellOf(on, id))));

const isLocked = (stopId: string, rod: number): boolean => {
  const stop = props.trip.stops.find(({ id }) => id === stopId);
  return stop?.lock !== undefined && stop.lock === partIdAt(props.box, 'rods', rod);
};
function lock(stopId: string, rod: number): void {
  deck.changeStop(stopId, { lock: isLocked(stopId, rod) ? undefined : partIdAt(props.box, 'rods', rod) });
}

const {
  elements: heads,
  says,
  held,
  over,
  grab,
  byKey,
  handleId,
} = useStopMoves(
  'x',
  () => props.trip.stops,
  (id) => emit('choose', id),
);
/** where a dragged stop would come to stand: a bar before it, or behind the last */
const barAt = (at: number): string => {
  if (held.value === null || over.value === null || over.value === held.value) return '';
  const to = over.value;
  if (to === at && to < held.value) return 'before';
  if (to === at && to > held.value) return 'after';
  return '';
};
</script>

<template>
  <div class="deck-grid" tabindex="0" role="region" :aria-label="words.grid">
    <table :class="{ 'deck-grid--old': view && !view.isCurrent }" data-testid="deck-grid">
      <thead>
        <tr>
          <th scope="col" class="deck-grid__corner">{{ words.rod }}</th>
          <th
            v-for="(stop, at) in trip.stops"
            :key="stop.id"
            :ref="(element) => element && (heads[at] = element as HTMLElement)"
            scope="col"
            :class="[
              'deck-grid__stop',
              barAt(at) && `deck-grid__stop--${barAt(at)}`,
              { 'deck-grid__stop--chosen': stop.id === chosen, 'deck-grid__stop--held': held === at && over !== null },
            ]"
            data-testid="stop-head"
          >
            <button
              :id="handleId(stop.id)"
              type="button"
              class="deck-grid__handle"
              :aria-label="words.moveStop(stopName(at))"
              @pointerdown="grab($event, at)"
              @keydown="byKey($event, at)"
            >
              <svg viewBox="0 0 22 10" aria-hidden="true">
                <path d="M2 3H20M2 7H20" stroke="currentColor" stroke-width="1.6" />
              </svg>
            </button>
            <button
              type="button"
              class="deck-grid__name"
              :aria-pressed="stop.id === chosen"
              :aria-label="words.choose(stopName(at))"
              @click="emit('choose', stop.id)"
            >
              <b>{{ stopName(at) }}</b>
              <small class="soft">{{ words.minutesShort(stop.minutes) }}</small>
            </button>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, at) in rows" :key="row.rod">
          <th scope="row" class="deck-grid__rod">
            <b>{{ row.name }}</b>
            <small v-if="row.on[0]" class="soft"><FractionText :text="gearText(row.on[0])" /></small>
            <small v-else-if="view" class="soft">{{ words.atHome }}</small>
          </th>
          <DeckGridCell
            v-for="(stop, column) in trip.stops"
            :key="stop.id"
            :cell="cells[at]![column]!"
            :rod="row.name"
            :stop="stopName(column)"
            :is-carried="row.on.length > 0"
            :is-locked="isLocked(stop.id, row.rod)"
            @lock="lock(stop.id, row.rod)"
          />
        </tr>
      </tbody>
    </table>
    <p class="visually-hidden" role="status">{{ says }}</p>
  </div>
</template>

<style scoped>
.deck-grid {
  overflow-x: auto;
  position: relative;
}
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  min-width: 860px;
}
.deck-grid--old tbody {
  opacity: 0.55;
}
.deck-grid__corner,
.deck-grid__rod {
  width: 168px;
  text-align: left;
  padding: 6px 10px 6px 14px;
  vertical-align: top;
}
.deck-grid__corner {
  vertical-align: bottom;
  font: 500 15px var(--v-font-heading);
}
.deck-grid__rod b,
.deck-grid__rod small {
  display: block;
  overflow-wrap: anywhere;
}
.deck-grid__rod b {
  font: 600 17px/1.15 var(--v-font-heading);
}
.deck-grid__rod small {
  font-size: 13.5px;
  font-weight: 400;
  line-height: 1.25;
}
.deck-grid__stop {
  position: relative;
  padding: 0;
  vertical-align: bottom;
  border-left: 1px solid rgb(var(--v-theme-rule));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
  text-align: left;
}
.deck-grid__stop--chosen {
  background: rgb(var(--v-theme-shade));
}
.deck-grid__stop--held {
  opacity: 0.5;
}
.deck-grid__stop--before::before,
.deck-grid__stop--after::after {
  content: '';
  position: absolute;
  top: 0;
  bottom: 0;
  width: 4px;
  background: rgb(var(--v-theme-oxblood));
}
.deck-grid__stop--before::before {
  left: -2px;
}
.deck-grid__stop--after::after {
  right: -2px;
}
.deck-grid__handle {
  display: grid;
  place-items: center;
  width: 100%;
  min-height: 24px;
  border: 0;
  background: none;
  color: rgb(var(--v-theme-ink-soft));
  cursor: grab;
  touch-action: none;
}
.deck-grid__handle svg {
  width: 26px;
}
.deck-grid__name {
  display: block;
  width: 100%;
  padding: 0 6px 6px;
  border: 0;
  background: none;
  color: inherit;
  text-align: left;
  cursor: pointer;
}
.deck-grid__name b {
  display: block;
  font: 600 15.5px/1.1 var(--v-font-heading);
  overflow-wrap: anywhere;
}
tbody th {
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
</style>
