<script setup lang="ts">
import { defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { fail, issue, issueText, type Issue } from '@core';
import { addTickets, restoreBackup, takeIntoBox, type TakeMode } from '../db/backup';
import { useBox } from '../stores/box';
import { useBench } from '../stores/bench';
import { useNotices } from '../stores/notices';
import { useSettings } from '../stores/settings';
import { useWater } from '../stores/water';
import { readFile } from '../workers/read-file';
import type { Incoming } from './file-import';

/** Choose a file, see what it would bring or every problem in it, then take it: all or nothing. */
const open = defineModel<boolean>({ required: true });
const notices = useNotices();
const settings = useSettings();
const water = useWater();
const bench = useBench();
const box = useBox();
const ImportPreview = defineAsyncComponent(() => import('../stations/box/ImportPreview.vue'));
const mode = ref<TakeMode>('merge');

const SHOWN_PROBLEMS = 50;
const fileName = ref('');
const incoming = shallowRef<Incoming | null>(null);
const problems = shallowRef<readonly Issue[]>([]);
const busy = ref(false);
/** the last file chosen wins, however long an earlier one takes to read */
let choice = 0;

watch(open, () => {
  incoming.value = null;
  problems.value = [];
  fileName.value = '';
});

async function choose(chosen: File | File[] | null): Promise<void> {
  const file = Array.isArray(chosen) ? chosen[0] : chosen;
  const turn = ++choice;
  incoming.value = null;
  problems.value = [];
  if (!file) return;
  fileName.value = file.name;
  const text = await file.text().catch(() => null);
  const read = text === null ? fail([issue('no-such-file', '', { got: file.name })]) : await readFile(text, box.box);
  if (turn !== choice) return;
  mode.value = 'merge';
  if (read.ok) incoming.value = read.value;
  else problems.value = read.issues;
}

/** `1 part`, `45 parts`. */
const counted = ({ count, what }: Incoming): string => `${count} ${count === 1 ? what.slice(0, -1) : what}`;

function summary(file: Incoming): string {
  if (file.what === 'parts') return `${counted(file)}, read without a problem.`;
  if (file.what === 'tickets') return `${counted(file)}, to be added; one that is here already is replaced.`;
  return `A full backup of ${file.backup.madeAt.slice(0, 10)}: it replaces the waters, the box, all builds and all tickets.`;
}

async function take(): Promise<void> {
  const file = incoming.value;
  if (!file) return;
  busy.value = true;
  const done =
    file.what === 'parts'
      ? await takeIntoBox(file.parts, mode.value)
      : file.what === 'tickets'
        ? await addTickets(file.tickets)
        : await restoreBackup(file.backup);
  busy.value = false;
  if (!done.ok) {
    problems.value = done.issues;
    return;
  }
  if (file.what === 'backup') await Promise.all([settings.load(), water.load(), bench.reload()]);
  notices.say(file.what === 'backup' ? 'The backup is back in place.' : `${counted(file)} taken in.`);
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" aria-label="Import a file">
    <v-card class="import">
      <h2>Import a file</h2>
      <p>A box list (CSV), or a box, tickets or a backup (JSON). Nothing is taken in unless all of it is right.</p>
      <v-file-input label="File" accept=".json,.csv,.txt" prepend-icon="" @update:model-value="choose" />
      <p v-if="incoming" class="import__good" role="status">{{ summary(incoming) }}</p>
      <ImportPreview v-if="incoming?.what === 'parts'" v-model="mode" :diff="incoming.diff" />
      <ul v-if="incoming?.what === 'parts' && incoming.notes.length > 0" class="import__list">
        <li v-for="note in incoming.notes.slice(0, SHOWN_PROBLEMS)" :key="issueText(note)">{{ issueText(note) }}</li>
      </ul>
      <div v-if="problems.length > 0" class="import__bad" role="alert">
        <p>
          <b>{{ fileName }}</b> was not taken in:
          {{ problems.length === 1 ? 'one problem' : `${problems.length} problems` }}. Correct the file and choose it
          again.
        </p>
        <ul class="import__list">
          <li v-for="(problem, index) in problems.slice(0, SHOWN_PROBLEMS)" :key="index">{{ issueText(problem) }}</li>
        </ul>
        <p v-if="problems.length > SHOWN_PROBLEMS">and {{ problems.length - SHOWN_PROBLEMS }} more.</p>
      </div>
      <div class="import__row">
        <v-btn class="act" :disabled="!incoming" :loading="busy" @click="take">Take it in</v-btn>
        <v-btn @click="open = false">Cancel</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.import {
  padding: 22px 26px;
  display: grid;
  gap: 12px;
}
.import__list {
  max-height: 260px;
  overflow: auto;
  padding-left: 18px;
}
.import__bad {
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  padding-left: 12px;
}
.import__good {
  border-left: 4px solid rgb(var(--v-theme-bottle));
  padding-left: 12px;
}
.import__row {
  display: flex;
  gap: 10px;
}
</style>
