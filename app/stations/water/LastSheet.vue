<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { lastAnswer } from '../../first/last-answer';
import { lastSheet } from '../../first/last-sheet';
import * as words from '../../locale/en/water';

/** What the last visit ended with, while the answer of this one is computed. */
const last = lastAnswer();
const place = ref<HTMLElement | null>(null);
onMounted(() => {
  if (last !== null) place.value?.append(lastSheet(last));
});
</script>

<template>
  <div v-if="last" ref="place" role="status" />
  <p v-else class="soft" role="status">{{ words.comparing }}</p>
</template>
