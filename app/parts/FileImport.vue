<script setup lang="ts">
import { computed, defineAsyncComponent, ref, shallowRef, watch } from 'vue';
import { issueText, type Issue, type ReadHow } from '@core';
import type { TakeMode } from '../db/box-rows';
import { useGradually } from '../composables/useGradually';
import { beginAnew } from '../stores/begin-anew';
import { onScreen } from '../db/page-state';
import { askFiles } from '../files/ask-files';
import { backUp } from '../files/back-up';
import { bringBack } from '../stores/bring-back';
import { problemLines, type Preview } from '../files/incoming';
import { useKeeping } from '../stores/keeping';
import { useNotices } from '../stores/notices';
import { useFocusBack } from '../composables/useFocusBack';
import FileField from './FileField.vue';
import * as words from '../locale/en/parts';

/** Choose a file, see what it would bring or every problem in it, then take it: all of it, or what can be read. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const notices = useNotices();
const keeping = useKeeping();
const ImportPreview = defineAsyncComponent(() => import('./ImportPreview.vue'));
const mode = ref<TakeMode>('merge');

const chosen = shallowRef<File | null>(null);
const how = ref<ReadHow>('all-or-nothing');
const incoming = shallowRef<Preview | null>(null);
const problems = shallowRef<readonly Issue[]>([]);
const busy = ref(false);
const progress = ref(0);
/** the last file chosen wins, however long an earlier one takes to read */
let choice = 0;

watch(open, () => {
  incoming.value = null;
  problems.value = [];
  chosen.value = null;
});

async function choose(given: File | null): Promise<void> {
  chosen.value = given;
  await read('all-or-nothing');
}

async function read(as: ReadHow): Promise<void> {
  const turn = ++choice;
  const file = chosen.value;
  incoming.value = null;
  problems.value = [];
  how.value = as;
  if (!file) return;
  progress.value = 0;
  const found = await askFiles({ do: 'read', file, how: as, onScreen: onScreen() }, (part) => {
    if (turn === choice) progress.value = part;
  });
  if (turn !== choice) return;
  progress.value = 1;
  mode.value = 'merge';
  if (found.ok) incoming.value = found.value;
  else problems.value = found.issues;
}

/** Problems of single rows: the others could be taken without them. */
const rowsOnly = computed(
  () =>
    how.value === 'all-or-nothing' &&
    problems.value.length > 0 &&
    problems.value.every(({ line, path }) => line !== undefined && /\[\d+\]|^[a-z ]+$/.test(path) && path !== 'kind'),
);
const listed = computed(() => problemLines(problems.value));

const notesShown = useGradually(() => incoming.value?.notes.length ?? 0, 0, 6);

/** `1 part`, `45 parts`. */
const counted = ({ count, what }: Preview): string => words.countedOf[what](count);

function summary(file: Preview): string {
  const rest = file.asideCount > 0 ? words.someSetAside(file.asideCount, file.count + file.asideCount) : '';
  if (file.what === 'parts') return words.readWithoutProblem(counted(file), rest);
  if (file.what === 'tickets') return words.ticketsToBeAdded(counted(file), rest);
  if (file.what === 'trip') return words.dayToBeAdded(counted(file));
  if (file.what === 'outings') return words.outingsToBeAdded(counted(file), rest);
  return words.backupReplaces(file.madeAt?.slice(0, 10) ?? '', rest);
}

async function take(): Promise<void> {
  const file = chosen.value;
  const preview = incoming.value;
  if (!file || !preview) return;
  busy.value = true;
  progress.value = 0;
  // a backup replaces what there is: that can come back until the page is left
  const before = preview.what === 'backup' ? await backUp() : null;
  // nobody is kept from a restore by a store that cannot be read; that it has no way back is said
  if (before && !before.ok) await notices.complain(before.issues);
  const taken = await askFiles(
    { do: 'take', file, how: how.value, mode: mode.value, onScreen: onScreen() },
    (part) => (progress.value = part),
  );
  busy.value = false;
  progress.value = 1;
  if (!taken.ok) {
    problems.value = taken.issues;
    return;
  }
  if (taken.value.epoch !== null) await beginAnew(taken.value.epoch);
  if (preview.what === 'trip') await (await import('../stores/deck')).useDeck().reload();
  if (taken.value.outings) {
    const { fresh, met, added, differ } = taken.value.outings;
    await (await import('../stores/outings')).useOutings().read();
    notices.say(words.outingsMet(fresh, met, added, differ));
    keeping.somethingToLose();
    open.value = false;
    return;
  }
  const aside = taken.value.aside > 0 ? words.asideInFiles(taken.value.aside) : '';
  const says = `${preview.what === 'backup' ? words.backupIsBack : words.takenIn(counted(preview))}${aside}`;
  if (before?.ok) notices.say(says, () => bringBack(before.value.blob), 'stays');
  else notices.say(says);
  keeping.somethingToLose();
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.importAFile">
    <v-card class="import">
      <h2>{{ words.importAFile }}</h2>
      <p>
        {{ words.whatCanBeTakenIn }}
      </p>
      <FileField :label="words.file" accept=".json,.csv,.txt" @chosen="choose" />
      <v-progress-linear
        v-if="chosen && progress < 1"
        :model-value="progress * 100"
        :aria-label="words.howFarItIs"
        height="6"
      />
      <p v-if="incoming" class="import__good" role="status">{{ summary(incoming) }}</p>
      <ImportPreview v-if="incoming?.what === 'parts'" v-model="mode" :diff="incoming.diff" />
      <ul v-if="incoming && incoming.asideWhy.length > 0" class="import__list" :aria-label="words.rowsSetAside">
        <li v-for="why in incoming.asideWhy" :key="why">{{ why }}</li>
      </ul>
      <ul v-if="incoming && incoming.notes.length > 0" class="import__list" :aria-label="words.whatIsOdd">
        <li v-for="note in incoming.notes.slice(0, notesShown)" :key="issueText(note)">{{ issueText(note) }}</li>
      </ul>
      <div v-if="problems.length > 0" class="import__bad" role="alert">
        <p>
          <b>{{ chosen?.name }}</b> {{ words.wasNotTakenIn(problems.length) }}
        </p>
        <ul class="import__list">
          <li v-for="(line, index) in listed.lines" :key="index">{{ line }}</li>
        </ul>
        <p v-if="listed.count > listed.lines.length">
          {{ words.andMore(listed.count - listed.lines.length) }}
        </p>
        <v-btn v-if="rowsOnly" @click="read('what-can-be-read')">{{ words.takeWhatCanBeRead }}</v-btn>
      </div>
      <div class="import__row">
        <v-btn class="act" :disabled="!incoming" :loading="busy" @click="take">{{ words.takeItIn }}</v-btn>
        <v-btn @click="open = false">{{ words.cancel }}</v-btn>
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
.import > * {
  min-width: 0;
  overflow-wrap: anywhere;
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
