<script setup lang="ts">
import { useNumberCard, type NumberId } from '../stores/number-card';

/** The name of a number: tapped, it says what the number is, and which end is which. */
defineProps<{ name: string; number: NumberId }>();
const card = useNumberCard();
</script>

<template>
  <button type="button" class="number-name" aria-haspopup="dialog" @click="card.asked = number">{{ name }}</button>
</template>

<style scoped>
.number-name {
  cursor: help;
}
.number-name:hover,
.number-name:focus-visible {
  text-decoration: underline dotted;
  text-underline-offset: 3px;
}
@media screen and (max-width: 700px) {
  /* a target for a finger that takes no more room than the name */
  .number-name {
    min-height: 48px;
    margin: -14px 0;
  }
}
</style>
