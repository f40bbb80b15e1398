<script setup lang="ts">
import { computed } from 'vue';
import { wordedFault, type Fault } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useSaid } from './useSaid';
import * as words from '../../locale/en/bench';

/** What the last change did: the wants it worsens, or that it does nothing; and every fault, with its number on the drawing. */
const props = defineProps<{ faults: readonly Fault[] }>();
const bench = useBench();
const lines = useSaid();
const { system } = useUnits();
const rows = computed(() =>
  props.faults.map((fault, at) => ({ fault: wordedFault(fault, system.value), number: at + 1 })),
);
</script>

<template>
  <div class="says" tabindex="0" role="region" :aria-label="words.whatItDidAndFaults">
    <div role="status" :aria-label="words.whatItDid" class="says__last" data-testid="bench-says">
      <p v-for="line in lines" :key="line.edit" :class="{ says__worse: line.worse }">
        <FractionText :text="line.text" />
      </p>
    </div>
    <ul v-if="rows.length > 0" class="says__faults" :aria-label="words.faults">
      <li v-for="{ fault, number } in rows" :key="fault.id" :data-testid="`bench-fault-${fault.id}`">
        <span class="says__mark number" aria-hidden="true">{{ number }}</span>
        <span><FractionText :text="`${fault.says} ${fault.remedy}`" /></span>
        <button v-if="fault.fixedRig" type="button" class="because" @click="bench.take(fault.fixedRig)">
          {{ words.mendIt }}
        </button>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.says {
  /* always as tall: the drawing above must not move while something is dragged */
  flex: none;
  height: 96px;
  overflow: auto;
  padding: 0 12px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.says__last p {
  padding: 5px 0;
  font-weight: 600;
}
.says__worse {
  color: rgb(var(--v-theme-oxblood));
}
.says__faults {
  list-style: none;
}
.says__faults li {
  display: grid;
  grid-template-columns: 24px 1fr auto;
  gap: 8px;
  padding: 3px 0;
  font-size: 14.5px;
}
.says__mark {
  display: grid;
  place-items: center;
  width: 20px;
  height: 20px;
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
}
@media (max-width: 1100px) {
  .says {
    height: auto;
  }
}
</style>
