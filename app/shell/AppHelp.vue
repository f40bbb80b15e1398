<script setup lang="ts">
import { nextTick, onMounted, ref } from 'vue';
import type { StationName } from '../station-names';
import { PAGES, STATIONS } from './pages';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

useFocusBack();
const open = defineModel<boolean>({ required: true });
/** it opens at its top: a button at its end that took the focus would scroll there */
const heading = ref<HTMLElement | null>(null);
onMounted(() => nextTick(() => heading.value?.focus()));

const titleOf = (name: StationName): string => STATIONS.find((station) => station.name === name)!.title;
const KEYS = [
  ...PAGES.flatMap(({ key, title }) => (key ? [{ key, does: words.goTo(title) }] : [])),
  { key: 'u', does: words.keyUnits },
  { key: '[ ]', does: words.keyHead },
  { key: 'o x c', does: words.keyTurn },
  { key: 'p', does: words.keyPrint },
  { key: '␣ , .', does: words.keyTank },
  { key: '↑ ↓', does: words.keyStep },
  { key: '?', does: words.thisPage },
];
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.keyboardAndHelp">
    <v-card class="help">
      <h2 ref="heading" tabindex="-1">{{ words.keyboardAndHelp }}</h2>
      <dl class="help__keys">
        <template v-for="{ key, does } in KEYS" :key="key">
          <dt class="number">{{ key }}</dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
      <h3>{{ words.howItGoes }}</h3>
      <ol class="help__steps">
        <li v-for="(help, name) in words.stationHelp" :key="name">
          <b>{{ titleOf(name) }}</b>{{ help }}
        </li>
      </ol>
      <h3>{{ words.theMarks }}</h3>
      <p>
        {{ words.marksHelp }}
      </p>
      <p>
        <RouterLink to="/handbook" @click="open = false">{{ words.theHandbook }}</RouterLink>
        {{ words.handbookHelp }}
      </p>
      <v-btn class="act" @click="open = false">{{ words.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.help {
  padding: 22px 26px;
  display: grid;
  gap: 10px;
  justify-items: start;
}
.help h2:focus {
  outline: none;
}
.help a {
  color: rgb(var(--v-theme-oxblood));
  font-weight: 600;
}
.help__keys {
  display: grid;
  grid-template-columns: 56px 1fr;
  gap: 2px 10px;
}
.help__keys dd {
  margin: 0;
}
.help__steps {
  padding-left: 20px;
}
</style>
