<script setup lang="ts">
import { computed } from 'vue';
import { isEnough, MARGIN_IDS, MARGIN_TEXT, weakestOf, type Box, type DeckPlan } from '@core';
import { gearPartTitle } from '../../parts/gear-part';
import { useUnits } from '../../composables/useUnits';
import * as gear from '../../locale/en/gear';
import * as words from '../../locale/en/deck';

/** What each rod of a plan has in hand at the stop where it has least. */
const props = defineProps<{ plan: DeckPlan; box: Box }>();
const { system } = useUnits();
const times = (value: number): string => gear.times(value.toFixed(value < 2 ? 2 : value < 10 ? 1 : 0));
const rows = computed(() =>
  props.plan.rods.map(({ rod, reel, line, margins, stops }) => {
    const weakest = weakestOf(margins).id;
    return {
      key: `${rod} ${stops.join(' ')}`,
      name: props.box.rods[rod]?.label || gearPartTitle('rods', props.box, rod, system.value),
      gear: words.withGear(
        gearPartTitle('reels', props.box, reel, system.value),
        gearPartTitle('lines', props.box, line, system.value),
      ),
      cells: MARGIN_IDS.map((id) => {
        const margin = margins.find((one) => one.id === id);
        if (!margin) return { id, text: words.none, band: '', isWeakest: false, isEnough: true };
        return {
          id,
          text: times(margin.value),
          band: gear.between(times(margin.band[0]), times(margin.band[1])),
          isWeakest: id === weakest,
          isEnough: isEnough(margin),
        };
      }),
    };
  }),
);
</script>

<template>
  <section class="in-hand" :aria-label="words.marginsTitle">
    <h2>
      {{ words.marginsTitle }} <small class="soft">{{ words.marginsSay }}</small>
    </h2>
    <div class="in-hand__scroll" tabindex="0" role="region" :aria-label="words.marginsTable">
      <table class="ruled" data-testid="deck-margins">
        <thead>
          <tr>
            <th scope="col">{{ words.rod }}</th>
            <th v-for="id in MARGIN_IDS" :key="id" scope="col" :title="MARGIN_TEXT[id].says">
              {{ MARGIN_TEXT[id].title }}
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.key">
            <th scope="row">
              <b>{{ row.name }}</b>
              <small class="soft">{{ row.gear }}</small>
            </th>
            <td v-for="cell in row.cells" :key="cell.id">
              <span class="number" :class="{ 'in-hand__weakest': cell.isWeakest, 'in-hand__short': !cell.isEnough }">{{
                cell.text
              }}</span>
              <small v-if="cell.band" class="soft">{{ cell.band }}</small>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.in-hand {
  padding: 10px 14px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.in-hand h2 small {
  font: 400 15px var(--v-font-body);
}
.in-hand__scroll {
  overflow-x: auto;
}
table {
  min-width: 820px;
  width: 100%;
}
th small,
td small {
  display: block;
  font-size: 13px;
}
.in-hand__weakest {
  outline: 2px solid rgb(var(--v-theme-brass));
  outline-offset: 2px;
}
.in-hand__short {
  color: rgb(var(--v-theme-oxblood));
  outline-color: rgb(var(--v-theme-oxblood));
}
</style>
