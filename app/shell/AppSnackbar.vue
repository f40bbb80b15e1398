<script setup lang="ts">
import { ref, watch } from 'vue';
import type { Issue } from '@core';
import { useNotices } from '../stores/notices';
import * as words from '../locale/en/frame';

const notices = useNotices();
/** An undo that fails says why. */
const isFailure = (done: unknown): done is { readonly issues: readonly Issue[] } =>
  typeof done === 'object' && done !== null && (done as { readonly ok?: unknown }).ok === false;
const shown = ref(true);
watch(
  () => notices.notice,
  (notice) => (shown.value = notice !== null),
);
watch(shown, (open) => {
  if (!open) notices.notice = null;
});

async function undo(): Promise<void> {
  const back = notices.notice?.undo;
  shown.value = false;
  const done = await back?.();
  if (isFailure(done)) void notices.complain(done.issues);
}
</script>

<template>
  <v-snackbar
    v-model="shown"
    :timeout="notices.notice?.stays ? -1 : 8000"
    color="surface-variant"
    class="no-print notice"
  >
    {{ notices.notice?.text }}
    <template #actions>
      <v-btn v-if="notices.notice?.undo" variant="outlined" @click="undo">{{ words.undo }}</v-btn>
      <v-btn v-if="notices.notice?.stays" variant="text" @click="shown = false">{{ words.understood }}</v-btn>
    </template>
  </v-snackbar>
</template>

<style>
@media (max-width: 700px) {
  /* above the stations, which stay within reach */
  .notice .v-snackbar__wrapper {
    margin-bottom: 66px;
  }
}
</style>
