<script setup lang="ts">
import { computed } from 'vue';
import { intentCost, ruleText, type Want } from '@core';
import BecauseLine from '../../parts/BecauseLine.vue';
import { useUnits } from '../../composables/useUnits';
import { useWater } from '../../stores/water';

/** Why a water asks for something: the rules that ask, each with its card. */
const props = defineProps<{ want: Want }>();
const store = useWater();
const { system } = useUnits();
const lines = computed(() =>
  props.want.rules.map((rule) => ({ rule, says: ruleText(rule, store.water, system.value) })),
);
</script>

<template>
  <span v-if="want.inHand !== undefined">{{ intentCost(want, store.water, system) }}</span>
  <span v-else>
    <template v-for="line in lines" :key="line.rule"
      ><BecauseLine :rule="line.rule" :says="line.says" :water="store.water" />{{ ' ' }}</template
    >
  </span>
</template>
