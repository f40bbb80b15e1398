<script setup lang="ts">
import { computed } from 'vue';
import { BAN_TRAYS, partPlaceById, partsOf, type AnyPart, type BanTray, type Box } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { partTitle } from '../../parts/part-text';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import type { PlanView } from './useDeckPlan';
import * as words from '../../locale/en/deck';

/** Parts of the plan that can be left out of it, and those that are. */
const props = defineProps<{ view: PlanView | null; box: Box }>();
const deck = useDeck();
const { system } = useUnits();

/** parts that are tied or taken along, and can be left out */
const inPlan = computed(() => {
  const found: { tray: BanTray; place: number; title: string }[] = [];
  const add = (tray: BanTray, place: number): void => {
    const part = props.box[tray][place];
    if (!part || found.some((one) => one.tray === tray && one.place === place)) return;
    found.push({ tray, place, title: part.label || partTitle(tray, part as AnyPart, system.value) });
  };
  for (const { rod, reel, line, base } of props.view?.plan.rods ?? []) {
    add('rods', rod);
    add('reels', reel);
    add('lines', line);
    for (const key of partsOf(base, props.box)) {
      const [tray, at] = key.split(' ') as [BanTray, string];
      add(tray, Number(at));
    }
  }
  return found.sort((a, b) => BAN_TRAYS.indexOf(a.tray) - BAN_TRAYS.indexOf(b.tray));
});
const banned = computed(() =>
  (deck.trip?.bans ?? []).flatMap((one) => {
    const part = props.box[one.tray][partPlaceById(props.box, one.tray, one.id)];
    return part ? [{ one, title: part.label || partTitle(one.tray, part as AnyPart, system.value) }] : [];
  }),
);
</script>

<template>
  <div>
    <details class="left__parts">
      <summary>{{ words.partsOfRig }} ({{ inPlan.length }})</summary>
      <ul class="left__list">
        <li v-for="part in inPlan" :key="`${part.tray} ${part.place}`" class="left__part">
          <FractionText :text="part.title" />
          <button
            type="button"
            class="press press--text"
            :aria-label="words.banPart(part.title)"
            @click="deck.ban(part.tray, part.place)"
          >
            {{ words.leaveOut }}
          </button>
        </li>
      </ul>
    </details>
    <template v-if="banned.length > 0">
      <h3>{{ words.bans }}</h3>
      <ul class="left__list" data-testid="bans">
        <li v-for="{ one, title } in banned" :key="`${one.tray} ${one.id}`" class="left__part">
          <FractionText :text="title" />
          <button
            type="button"
            class="press press--text"
            :aria-label="words.allowAgain(title)"
            @click="deck.allow(one)"
          >
            {{ words.letIn }}
          </button>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.left__list {
  list-style: none;
}
.left__part {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.left__parts summary {
  cursor: pointer;
  font: 600 17px var(--v-font-heading);
  min-height: 40px;
  display: flex;
  align-items: center;
}
</style>
