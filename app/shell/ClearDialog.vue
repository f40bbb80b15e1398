<script setup lang="ts">
import { onMounted, ref } from 'vue';
import { issueText, type Issue } from '@core';
import { db } from '../db/database';
import { clearAll } from '../db/everything';
import { keep } from '../db/keep';
import { STORED } from '../db/stored-kinds';
import { beginAnew } from '../stores/begin-anew';
import { bringBack } from '../stores/bring-back';
import { backUp, heldText } from '../files/back-up';
import { useNotices } from '../stores/notices';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

/** Asks before everything goes, and can bring it back. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
defineEmits<{ export: [] }>();
const notices = useNotices();

/** what goes, counted; empty where the store does not say */
const goes = ref('');
onMounted(async () => {
  const counted = await keep(async () => {
    const rows = await Promise.all(STORED.map(async ({ table }) => [table, await db[table].count()] as const));
    return { ...Object.fromEntries(rows), setAside: await db.setAside.count() } as Parameters<typeof heldText>[0];
  });
  if (counted.ok) goes.value = heldText(counted.value);
});

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
  notices.say(words.cleared, before ? () => bringBack(before) : undefined, 'stays');
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.clearEverything" :max-width="480">
    <v-card class="clear">
      <h2>{{ words.clearEverythingAsked }}</h2>
      <p>{{ words.whatIsCleared }}</p>
      <p v-if="goes" class="clear__goes" data-testid="what-goes">{{ goes }}</p>
      <v-btn class="clear__export" size="large" block @click="$emit('export')">{{ words.exportFirst }}</v-btn>
      <div class="clear__row">
        <v-btn autofocus @click="open = false">{{ words.keep }}</v-btn>
        <v-btn class="act" @click="clear">{{ words.clear }}</v-btn>
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
.clear__goes {
  font-weight: 600;
}
.clear__export {
  border: 2px solid rgb(var(--v-theme-ink));
}
.clear__row {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  flex-wrap: wrap;
}
</style>
