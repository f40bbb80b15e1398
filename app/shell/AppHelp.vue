<script setup lang="ts">
import { STATIONS } from '../router';
import { useFocusBack } from '../composables/useFocusBack';

useFocusBack();
const open = defineModel<boolean>({ required: true });

const KEYS = [
  ...STATIONS.map(({ key, title }) => ({ key, does: `go to ${title}` })),
  { key: 'u', does: 'switch between US and metric units' },
  { key: 'h', does: 'read the handbook' },
  { key: '[ ]', does: 'on the bench: a lighter, a heavier head' },
  { key: 'o x c', does: 'on the bench: turn the trailer, go to the next cut, compare versions' },
  { key: 'p', does: 'print the ticket that is open; on the bench, write it' },
  { key: '↑ ↓', does: 'one step more or less in a number' },
  { key: '?', does: 'this page' },
];
</script>

<template>
  <v-dialog v-model="open" aria-label="Keyboard and help">
    <v-card class="help">
      <h2>Keyboard and help</h2>
      <dl class="help__keys">
        <template v-for="{ key, does } in KEYS" :key="key">
          <dt class="number">{{ key }}</dt>
          <dd>{{ does }}</dd>
        </template>
      </dl>
      <h3>How it goes</h3>
      <ol class="help__steps">
        <li><b>Water</b>: say what is in front of you. What it asks for is worked out beside it.</li>
        <li><b>Box</b>: fill it from a list, or with the made-up demo box.</li>
        <li>
          <b>Pick</b>: every rig your box allows, ranked; open a row for all its reasons and for what the other school
          would tie.
        </li>
        <li>
          <b>Bench</b>: cut it, turn it, and see at once what that does; keep versions, compare them, print the cut
          card.
        </li>
        <li><b>Ticket</b>: the chosen rig with its numbers, to keep, print or hand on.</li>
      </ol>
      <h3>The marks</h3>
      <p>
        Hatched green is what the water wants. A dot is what a rig has; a hollow red ring lies outside. The short bar is
        how sure the number is: four times in five the truth lies in it.
      </p>
      <p>
        <RouterLink to="/handbook" @click="open = false">The handbook</RouterLink> holds every rule by which rigs are
        judged.
      </p>
      <v-btn class="act" autofocus @click="open = false">Close</v-btn>
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
