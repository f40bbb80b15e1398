<script setup lang="ts">
import type { Water } from '@core';
import FractionText from './FractionText.vue';
import { useRuleCard } from '../stores/handbook';

/** A line of reason: tapped, it shows its rule and what speaks against it. */
const props = defineProps<{ rule: string; says: string; water?: Water | null }>();
const card = useRuleCard();
</script>

<template>
  <button type="button" class="because" @click="card.open(props.rule, props.water ?? null)">
    <FractionText :text="says" />
  </button>
</template>
