<script setup lang="ts">
import { computed } from 'vue';
import { rigTitles, type Box, type KeptTrip } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { gearPartTitle } from '../../parts/gear-part';
import { useUnits } from '../../composables/useUnits';
import type { PlanView } from './useDeckPlan';
import { useStopMoves } from './useStopMoves';
import * as words from '../../locale/en/deck';

/** The same on a phone: stops under each other, each with what answers it. */
const props = defineProps<{ trip: KeptTrip; box: Box; view: PlanView | null; chosen: string | null }>();
const emit = defineEmits<{ choose: [id: string] }>();
const { system } = useUnits();
const titles = computed(() =>
  rigTitles(
    (props.view?.plan.rods ?? []).map(({ rig }) => rig),
    system.value,
  ),
);
const rows = computed(() =>
  props.trip.stops.map((stop, at) => {
    const place = props.view?.indexOf(stop.id) ?? -1;
    const answer = props.view?.plan.stops[place] ?? null;
    const on = props.view?.plan.rods.findIndex(({ stops }) => place !== -1 && stops.includes(place)) ?? -1;
    const rod = props.view?.plan.rods[on] ?? null;
    return {
      stop,
      name: words.stopTitle(at + 1, stop.name),
      rig: rod?.rig ?? null,
      title: titles.value[on] ?? '',
      rod: rod ? props.box.rods[rod.rod]?.label || gearPartTitle('rods', props.box, rod.rod, system.value) : '',
      score: answer && rod ? Math.round(100 * answer.score) : null,
      isReTied: answer?.isReTied ?? false,
    };
  }),
);
const { elements, says, held, over, grab, byKey, handleId } = useStopMoves('y', () => props.trip.stops);
</script>

<template>
  <div>
    <ol class="deck-list" :class="{ 'deck-list--old': view && !view.isCurrent }" data-testid="deck-list">
      <li
        v-for="(row, at) in rows"
        :key="row.stop.id"
        :ref="(element) => element && (elements[at] = element as HTMLElement)"
        :class="{
          'deck-list__row--over': over === at && held !== at,
          'deck-list__row--held': held === at && over !== null,
          'deck-list__row--chosen': row.stop.id === chosen,
        }"
      >
        <button
          :id="handleId(row.stop.id)"
          type="button"
          class="deck-list__handle"
          :aria-label="words.moveStop(row.name)"
          @pointerdown="grab($event, at)"
          @keydown="byKey($event, at)"
        >
          <svg viewBox="0 0 14 22" aria-hidden="true">
            <path d="M4 3V19M10 3V19" stroke="currentColor" stroke-width="1.8" />
          </svg>
        </button>
        <button
          type="button"
          class="deck-list__stop"
          :aria-pressed="row.stop.id === chosen"
          :aria-label="words.choose(row.name)"
          @click="emit('choose', row.stop.id)"
        >
          <span class="deck-list__head">
            <b>{{ row.name }}</b>
            <small class="soft">{{ words.minutesShort(row.stop.minutes) }}</small>
            <span v-if="row.score !== null" class="number">{{ row.score }}</span>
          </span>
          <RigDrawing v-if="row.rig" :rig="row.rig" :frame-mm="150" :label="row.title" />
          <span v-if="row.rig" class="deck-list__title">
            <FractionText :text="row.title" />
            <small class="soft">{{ row.rod }}{{ row.isReTied ? ` · ${words.tieHere}` : '' }}</small>
          </span>
          <span v-else class="soft">{{ view ? words.nobody : '' }}</span>
        </button>
      </li>
    </ol>
    <p class="visually-hidden" role="status">{{ says }}</p>
  </div>
</template>

<style scoped>
.deck-list {
  list-style: none;
  padding: 0;
}
.deck-list--old {
  opacity: 0.6;
}
.deck-list li {
  display: grid;
  grid-template-columns: 48px 1fr;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.deck-list__row--over {
  box-shadow: inset 0 4px 0 rgb(var(--v-theme-oxblood));
}
.deck-list__row--held {
  opacity: 0.5;
}
.deck-list__row--chosen {
  background: rgb(var(--v-theme-shade));
}
.deck-list__handle {
  display: grid;
  place-items: center;
  border: 0;
  background: none;
  color: rgb(var(--v-theme-ink-soft));
  touch-action: none;
  min-height: 48px;
}
.deck-list__handle svg {
  width: 14px;
}
.deck-list__stop {
  display: grid;
  gap: 2px;
  padding: 8px 12px 8px 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  min-height: 48px;
  min-width: 0;
}
.deck-list__head {
  display: flex;
  align-items: baseline;
  gap: 10px;
}
.deck-list__head b {
  font: 600 19px/1.1 var(--v-font-heading);
}
.deck-list__head .number {
  margin-left: auto;
  font-size: 24px;
}
.deck-list__title small {
  display: block;
}
</style>
