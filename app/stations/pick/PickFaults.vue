<script setup lang="ts">
import type { WordedFault } from '@core';
import FractionText from '../../parts/FractionText.vue';
import * as words from '../../locale/en/pick';

/** What is wrong with a rig or its retrieve, each with a remedy that can be applied. */
defineProps<{ faults: readonly WordedFault[]; cured: boolean }>();
defineEmits<{ cure: [fault: WordedFault]; undo: [] }>();
</script>

<template>
  <section v-if="faults.length > 0 || cured" class="faults" :aria-label="words.whatIsWrong" data-testid="faults">
    <h3>{{ faults.length > 0 ? words.whatIsWrong : words.nothingIsWrong }}</h3>
    <ul>
      <li v-for="fault in faults" :key="fault.id">
        <span
          ><FractionText :text="fault.says" /> <b><FractionText :text="fault.remedy" /></b
        ></span>
        <v-btn
          v-if="fault.fixedRig || fault.fixedPlan"
          :aria-label="words.applyRemedy(fault.remedy)"
          @click="$emit('cure', fault)"
          >{{ words.apply }}</v-btn
        >
        <small v-else class="soft">{{ words.needsOtherTackle }}</small>
      </li>
    </ul>
    <v-btn v-if="cured" @click="$emit('undo')">{{ words.backToThePick }}</v-btn>
  </section>
</template>

<style scoped>
.faults {
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  padding-left: 12px;
  display: grid;
  gap: 6px;
}
.faults ul {
  list-style: none;
}
.faults li {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 4px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
</style>
