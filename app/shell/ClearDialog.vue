<script setup lang="ts">
import { issueText, type Issue } from '@core';
import { clearAll } from '../db/everything';
import { beginAnew } from '../stores/begin-anew';
import { onScreen } from '../db/page-state';
import { askFiles } from '../files/ask-files';
import { backUp } from '../files/back-up';
import { useNotices } from '../stores/notices';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

/** Asks before everything goes, and can bring it back. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
defineEmits<{ export: [] }>();
const notices = useNotices();

async function clear(): Promise<void> {
  open.value = false;
  const before = await backUp();
  if (before.ok) return clearNow(before.value.blob);
  const why = before.issues.map((found: Issue) => issueText(found)).join(' ');
  notices.raise({
    text: words.nothingCleared(why),
    action: { label: words.clearAllTheSame, run: () => void clearNow(null) },
  });
}

async function clearNow(before: Blob | null): Promise<void> {
  const cleared = await clearAll();
  if (!cleared.ok) return notices.complain(cleared.issues);
  await beginAnew(cleared.value);
  notices.say(words.cleared, before ? () => bringBack(before) : undefined);
}

async function bringBack(file: Blob): Promise<void> {
  const back = await askFiles({ do: 'take', file, how: 'all-or-nothing', mode: 'add', onScreen: onScreen() });
  if (!back.ok) return notices.complain(back.issues);
  if (back.value.epoch !== null) await beginAnew(back.value.epoch);
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.clearEverything" :max-width="480">
    <v-card class="clear">
      <h2>{{ words.clearEverythingAsked }}</h2>
      <p>
        {{ words.whatIsCleared }}
      </p>
      <div class="clear__row">
        <v-btn @click="$emit('export')">{{ words.exportFirst }}</v-btn>
        <v-btn class="act" @click="clear">{{ words.clear }}</v-btn>
        <v-btn autofocus @click="open = false">{{ words.keep }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.clear {
  padding: 22px 26px;
  display: grid;
  gap: 12px;
}
.clear__row {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
</style>
