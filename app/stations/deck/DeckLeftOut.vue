<script setup lang="ts">
import { computed } from 'vue';
import { BAN_TRAYS, partPlaceById, partsOf, type AnyPart, type BanTray, type Box } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { partTitles } from '../../parts/part-text';
import { useUnits } from '../../composables/useUnits';
import { useDeck } from '../../stores/deck';
import type { PlanView } from './useDeckPlan';
import * as words from '../../locale/en/deck';

/** Parts of the plan that can be left out of it, and those that are. */
const props = defineProps<{ view: PlanView | null; box: Box }>();
const deck = useDeck();
const { system } = useUnits();

interface Row {
  readonly tray: BanTray;
  readonly place: number;
  readonly part: AnyPart;
}
/** What the angler calls a part, else its full name. */
function named(rows: readonly Row[]): readonly string[] {
  const titles = partTitles(rows, system.value);
  return rows.map(({ part }, at) => part.label || titles[at]!);
}
/** parts that are tied or taken along, and can be left out */
const inPlan = computed(() => {
  const found: Row[] = [];
  const add = (tray: BanTray, place: number): void => {
    const part = props.box[tray][place] as AnyPart | undefined;
    if (!part || found.some((one) => one.tray === tray && one.place === place)) return;
    found.push({ tray, place, part });
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
  found.sort((a, b) => BAN_TRAYS.indexOf(a.tray) - BAN_TRAYS.indexOf(b.tray));
  const titles = named(found);
  return found.map((row, at) => ({ ...row, title: titles[at]! }));
});
const banned = computed(() => {
  const found = (deck.trip?.bans ?? []).flatMap((one) => {
    const place = partPlaceById(props.box, one.tray, one.id);
    const part = props.box[one.tray][place] as AnyPart | undefined;
    return part ? [{ one, tray: one.tray, place, part }] : [];
  });
  const titles = named(found);
  return found.map(({ one }, at) => ({ one, title: titles[at]! }));
});
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
