<script setup lang="ts">
import { computed } from 'vue';
import { useKeeping } from '../stores/keeping';
import { useStoreFacts } from './useStoreFacts';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

/** Where what is entered is kept, how safe it is there, and what would make it safer. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
defineEmits<{ export: [] }>();
const { lastBackup, size, isForGood, askForGood } = useStoreFacts();
const keeping = useKeeping();
const isSecure = globalThis.isSecureContext;
const waits = computed(() => (keeping.waiting === 0 ? words.everythingIsStored : words.changesWait(keeping.waiting)));
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.whereKept" :max-width="560">
    <v-card class="store">
      <h2>{{ words.whereKept }}</h2>
      <p>
        {{ words.keptHereAlone }}
      </p>
      <dl>
        <dt>{{ words.room }}</dt>
        <dd>{{ size }}</dd>
        <dt>{{ words.stored }}</dt>
        <dd>{{ waits }}</dd>
        <dt>{{ words.backup }}</dt>
        <dd>{{ lastBackup }}</dd>
        <dt>{{ words.forGood }}</dt>
        <dd v-if="isForGood === true">{{ words.keptForGood }}</dd>
        <dd v-else-if="isForGood === false">
          {{ words.notPromised }}
          <v-btn size="small" @click="askForGood">{{ words.askTheBrowser }}</v-btn>
        </dd>
        <dd v-else>{{ words.roomNotTold }}</dd>
      </dl>
      <p v-if="!isSecure" class="store__note">
        {{ words.plainHttp }}
      </p>
      <div class="store__row">
        <v-btn class="act" @click="$emit('export')">{{ words.exportEverything }}</v-btn>
        <v-btn @click="open = false">{{ words.close }}</v-btn>
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
