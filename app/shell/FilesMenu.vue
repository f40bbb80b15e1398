<script setup lang="ts">
import { useStoreFacts } from './useStoreFacts';
import * as words from '../locale/en/shell';

/** What the Files button opens. */
const open = defineModel<boolean>({ required: true });
defineProps<{ activator: string }>();
defineEmits<{ export: []; import: []; clear: []; aside: []; store: [] }>();
const { lastBackup, asideCount, size } = useStoreFacts();
</script>

<template>
  <v-menu v-model="open" :activator="activator" :open-on-click="false">
    <v-list>
      <v-list-item :title="words.exportEverything" :subtitle="lastBackup" @click="$emit('export')" />
      <v-list-item :title="words.importAFileItem" @click="$emit('import')" />
      <v-list-item
        v-if="asideCount > 0"
        :title="words.setAsideItem"
        :subtitle="words.rowsNotRead(asideCount)"
        @click="$emit('aside')"
      />
      <v-list-item :title="words.whereKeptItem" :subtitle="size" @click="$emit('store')" />
      <v-list-item :title="words.clearEverythingItem" @click="$emit('clear')" />
    </v-list>
  </v-menu>
</template>
