<script setup lang="ts">
import { computed } from 'vue';
import { useKeeping } from '../stores/keeping';
import { useStoreFacts } from './useStoreFacts';
import { useFocusBack } from '../composables/useFocusBack';

/** Where what is entered is kept, how safe it is there, and what would make it safer. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
defineEmits<{ export: [] }>();
const { lastBackup, size, isForGood, askForGood } = useStoreFacts();
const keeping = useKeeping();
const isSecure = globalThis.isSecureContext;
const waits = computed(() =>
  keeping.waiting === 0
    ? 'Everything entered is stored.'
    : `${keeping.waiting} ${keeping.waiting === 1 ? 'change waits' : 'changes wait'} to be stored; noted already.`,
);
</script>

<template>
  <v-dialog v-model="open" aria-label="Where it is kept" :max-width="560">
    <v-card class="store">
      <h2>Where it is kept</h2>
      <p>
        In this browser on this machine, nowhere else: no account, no server. Another browser, or another address of
        this page, has a store of its own; a backup file carries everything from one to the other.
      </p>
      <dl>
        <dt>Room</dt>
        <dd>{{ size }}</dd>
        <dt>Stored</dt>
        <dd>{{ waits }}</dd>
        <dt>Backup</dt>
        <dd>{{ lastBackup }}</dd>
        <dt>For good</dt>
        <dd v-if="isForGood === true">Yes: the browser will not clear it to make room.</dd>
        <dd v-else-if="isForGood === false">
          Not promised: short of room, the browser may clear it. Save backups.
          <v-btn size="small" @click="askForGood">Ask the browser</v-btn>
        </dd>
        <dd v-else>The browser does not say. Save backups.</dd>
      </dl>
      <p v-if="!isSecure" class="store__note">
        This page came over plain http, as from a laptop on the boat’s own network. Everything works while that laptop
        serves it. From a host with https it could also be installed, and open with no signal and no laptop.
      </p>
      <div class="store__row">
        <v-btn class="act" @click="$emit('export')">Export everything</v-btn>
        <v-btn @click="open = false">Close</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.store {
  padding: 22px 26px;
  display: grid;
  gap: 12px;
}
.store dl {
  display: grid;
  grid-template-columns: 96px 1fr;
  gap: 6px 12px;
}
.store dt {
  font: 600 16px var(--v-font-heading);
}
.store dd {
  margin: 0;
}
.store__note {
  border-left: 4px solid rgb(var(--v-theme-tea, var(--v-theme-bottle)));
  padding-left: 12px;
}
.store__row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
