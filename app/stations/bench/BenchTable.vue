<script setup lang="ts">
import { computed, nextTick, onMounted, ref } from 'vue';
import {
  cutTable,
  editOf,
  editValueText,
  EDIT_TITLE,
  massKgFromOz,
  rigTitle,
  shownHeadStep,
  wantBand,
  wantValue,
  WANT_TITLE,
  type CutColumn,
  type CutNumber,
  type WantId,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import * as words from '../../locale/en/bench';

/** Weights of this head against cuts and turns of its trailer, on one page: what each comes to on this water, and what it wants. */
const open = defineModel<boolean>({ required: true });
const bench = useBench();
const { system } = useUnits();
const heading = ref<HTMLElement | null>(null);
onMounted(() => nextTick(() => heading.value?.focus()));

const table = computed(() => (bench.build && bench.on ? cutTable(bench.on.compiled, bench.build.rig) : null));
const title = computed(() => (bench.build ? rigTitle(bench.build.rig, system.value) : ''));
function columnText({ edit, value }: CutColumn): string {
  if (edit === null) return words.asItLies;
  const row = editOf(edit);
  return `${EDIT_TITLE[edit]} ${editValueText(edit, row.kind === 'amount' ? row.unit : 'word', value!, system.value)}`;
}
/** what is asked for, where this water asks at all */
const asked = computed(() =>
  (table.value ? [table.value.of, 'show' as const] : []).map((id) => {
    const want = bench.on?.compiled.wants.find((one) => one.id === id);
    return words.tableAsks(WANT_TITLE[id], want ? wantBand(want, system.value) : words.asksNothing);
  }),
);
const text = (id: WantId, { value }: CutNumber): string => wantValue(id, value, system.value);
const weight = (oz: number): string => shownHeadStep(massKgFromOz(oz), system.value);
const print = (): void => window.print();
</script>

<template>
  <section class="cuts" data-testid="cut-table">
    <div class="cuts__acts no-print">
      <v-btn class="act" @click="print">{{ words.printTable }}</v-btn>
      <v-btn @click="open = false">{{ words.backToTheBench }}</v-btn>
    </div>
    <h1 ref="heading" tabindex="-1"><FractionText :text="words.weightsAgainstCuts(title)" /></h1>
    <p v-for="line in asked" :key="line"><FractionText :text="line" /></p>
    <p class="soft">{{ words.howTableReads }}</p>
    <div v-if="table" class="cuts__scroll" tabindex="0" role="region" :aria-label="words.weightsAgainstCuts(title)">
      <table>
        <thead>
          <tr>
            <th scope="col">{{ words.headWeight }}</th>
            <th v-for="(column, at) in table.columns" :key="at" scope="col">
              <FractionText :text="columnText(column)" />
            </th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, at) in table.cells" :key="at" :class="{ cuts__own: table.weightsOz[at] === table.ownOz }">
            <th scope="row" class="number"><FractionText :text="weight(table.weightsOz[at]!)" /></th>
            <td v-for="(cell, column) in row" :key="column">
              <template v-if="cell">
                <span :class="{ cuts__wanted: cell.moves.wanted }"
                  ><b v-if="cell.moves.wanted" :aria-label="words.wantedHere" role="img">✓</b>{{ ' '
                  }}<FractionText :text="text(table.of, cell.moves)"
                /></span>
                <small :class="{ cuts__wanted: cell.show.wanted }"
                  ><b v-if="cell.show.wanted" :aria-label="words.wantedHere" role="img">✓</b>{{ ' '
                  }}<FractionText :text="text('show', cell.show)"
                /></small>
              </template>
              <span v-else class="soft">{{ words.cannotBeCut }}</span>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.cuts {
  padding: 12px 18px 24px;
}
.cuts__acts {
  display: flex;
  gap: 10px;
  padding-bottom: 8px;
}
.cuts h1 {
  font-size: 22px;
}
.cuts__scroll {
  overflow-x: auto;
  margin-top: 8px;
}
.cuts table {
  border-collapse: collapse;
}
.cuts th,
.cuts td {
  padding: 5px 9px;
  border: 1px solid rgb(var(--v-theme-rule));
  text-align: left;
  vertical-align: top;
  font-size: 14.5px;
}
.cuts thead th {
  font: 600 14.5px/1.15 var(--v-font-heading);
  background: rgb(var(--v-theme-shade));
}
.cuts tbody th {
  position: sticky;
  left: 0;
  background: rgb(var(--v-theme-skin));
  white-space: nowrap;
}
.cuts__own th {
  border-left: 5px solid rgb(var(--v-theme-bottle));
}
.cuts td > span,
.cuts td > small {
  display: block;
  white-space: nowrap;
}
.cuts td small {
  font-size: 13px;
}
.cuts__wanted {
  color: rgb(var(--v-theme-bottle));
  font-weight: 600;
}
@media (max-width: 1100px) {
  .cuts {
    padding-bottom: 90px;
  }
  .cuts__acts .v-btn {
    min-height: 48px;
  }
}
@media print {
  .cuts__scroll {
    overflow: visible;
  }
  .cuts th,
  .cuts td {
    padding: 2px 4px;
    font-size: 9.5px;
  }
}
</style>
