<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { decodeText, issue, issueText, TRIP_LIMITS, type Issue } from '@core';
import { useFocusBack } from '../../composables/useFocusBack';
import { useDeck } from '../../stores/deck';
import { useNotices } from '../../stores/notices';
import { askDeck } from '../../workers/ask-deck';
import type { PlacesRead } from '../../workers/deck';
import FileField from '../../parts/FileField.vue';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/deck';

/** Reads places from a GPX file or a list, and takes those that are chosen as stops. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const deck = useDeck();
const notices = useNotices();
/** places shown at once */
const SHOWN = 60;

const read = shallowRef<PlacesRead | null>(null);
const problems = shallowRef<readonly Issue[]>([]);
const busy = ref(false);
const sought = ref('');
const chosen = ref<ReadonlySet<number>>(new Set());
const left = computed(() => TRIP_LIMITS.stops - (deck.trip?.stops.length ?? 0));
let turn = 0;

async function choose(file: File | null): Promise<void> {
  const own = ++turn;
  read.value = null;
  problems.value = [];
  if (!file) return;
  busy.value = true;
  const found = await readFile(file);
  if (own !== turn) return;
  busy.value = false;
  if (!found.ok) {
    problems.value = found.issues;
    return;
  }
  read.value = found.value;
  chosen.value = new Set(found.value.places.length <= left.value ? found.value.places.keys() : []);
}
async function readFile(file: File): ReturnType<typeof askDeck<'read'>> {
  let bytes: Uint8Array;
  try {
    bytes = new Uint8Array(await file.arrayBuffer());
  } catch {
    return { ok: false, issues: [issue('no-such-file', '', { got: file.name })] };
  }
  const decoded = decodeText(bytes);
  return decoded.ok ? askDeck('read', { text: decoded.value.text }) : decoded;
}
const nameOf = (at: number): string => read.value?.places[at]?.name || words.placeWithoutName(at + 1);
const found = computed(() => {
  const seek = sought.value.trim().toLowerCase();
  const all = [...(read.value?.places.keys() ?? [])];
  return seek === '' ? all : all.filter((at) => nameOf(at).toLowerCase().includes(seek));
});
function toggle(at: number): void {
  const next = new Set(chosen.value);
  if (!next.delete(at)) next.add(at);
  chosen.value = next;
}
watch(open, () => turn++);
function take(): void {
  if (!read.value) return;
  const places = [...chosen.value].sort((a, b) => a - b).map((at) => read.value!.places[at]!);
  problems.value = deck.addPlaces(places, read.value.rest);
  if (problems.value.length > 0) return;
  for (const note of read.value.notes) notices.say(issueText(note));
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.placesTitle" :max-width="640">
    <v-card class="places">
      <h2>{{ words.placesTitle }}</h2>
      <p>{{ words.placesSay }}</p>
      <FileField :label="words.file" accept=".gpx,.csv,.txt,.xml" @chosen="choose" />
      <v-progress-linear v-if="busy" indeterminate height="6" :aria-label="words.readingFile" />
      <div v-if="problems.length > 0" role="alert" class="places__bad">
        <p>{{ words.notTaken }}</p>
        <ul>
          <li v-for="(problem, at) in problems.slice(0, 30)" :key="at">{{ issueText(problem) }}</li>
        </ul>
      </div>
      <template v-if="read">
        <p role="status">
          {{ words.placesFound(read.places.length) }} {{ words.placesRoom(left) }} {{ words.waterAsHere }}
        </p>
        <TextField v-if="read.places.length > 12" v-model="sought" type="search" :label="words.seekPlace" />
        <ul class="places__list" data-testid="places">
          <li v-for="at in found.slice(0, SHOWN)" :key="at">
            <v-checkbox
              :model-value="chosen.has(at)"
              :label="nameOf(at)"
              :disabled="!chosen.has(at) && chosen.size >= left"
              hide-details
              density="compact"
              @update:model-value="toggle(at)"
            />
          </li>
        </ul>
        <p v-if="found.length > SHOWN" class="soft">{{ words.placesShown(SHOWN, found.length) }}</p>
      </template>
      <div class="places__row">
        <v-btn class="act" :disabled="chosen.size === 0 || !read" @click="take">{{
          words.takePlaces(chosen.size)
        }}</v-btn>
        <v-btn @click="open = false">{{ words.cancel }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.places {
  padding: 22px 26px;
  display: grid;
  gap: 12px;
}
.places > * {
  min-width: 0;
}
.places__list {
  list-style: none;
  max-height: 300px;
  overflow: auto;
  border: 1px solid rgb(var(--v-theme-rule));
  padding: 0 8px;
}
.places__bad {
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  padding-left: 12px;
  overflow-wrap: anywhere;
}
.places__bad ul {
  padding-left: 18px;
  max-height: 220px;
  overflow: auto;
}
.places__row {
  display: flex;
  gap: 10px;
}
</style>
