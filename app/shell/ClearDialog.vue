<script setup lang="ts">
import { clearAll, restoreBackup } from '../db/backup';
import { backupNow } from '../parts/export-all';
import { useBench } from '../stores/bench';
import { useNotices } from '../stores/notices';
import { useWater } from '../stores/water';

/** Asks before everything goes, and can bring it back. */
const open = defineModel<boolean>({ required: true });
defineEmits<{ export: [] }>();
const notices = useNotices();
const water = useWater();
const bench = useBench();

async function clear(): Promise<void> {
  open.value = false;
  const before = await backupNow();
  const cleared = await clearAll();
  if (!cleared.ok) return notices.complain(cleared.issues);
  await Promise.all([water.load(), bench.reload()]);
  notices.say('Water, box, builds and tickets are cleared.', async () => {
    if (!before.ok) return notices.complain(before.issues);
    const back = await restoreBackup(before.value);
    if (!back.ok) notices.complain(back.issues);
    await Promise.all([water.load(), bench.reload()]);
  });
}
</script>

<template>
  <v-dialog v-model="open" aria-label="Clear everything" :max-width="480">
    <v-card class="clear">
      <h2>Clear everything?</h2>
      <p>
        The water, every part of the box, every build and every ticket leave this browser. Export first if you may want
        them again.
      </p>
      <div class="clear__row">
        <v-btn @click="$emit('export')">Export first</v-btn>
        <v-btn class="act" @click="clear">Clear</v-btn>
        <v-btn autofocus @click="open = false">Keep</v-btn>
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
