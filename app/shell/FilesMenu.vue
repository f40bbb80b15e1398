<script setup lang="ts">
import { useStoreFacts } from './useStoreFacts';

/** What the Files button opens. */
const open = defineModel<boolean>({ required: true });
defineProps<{ activator: string }>();
defineEmits<{ export: []; import: []; clear: []; aside: []; store: [] }>();
const { lastBackup, asideCount, size } = useStoreFacts();
</script>

<template>
  <v-menu v-model="open" :activator="activator" :open-on-click="false">
    <v-list>
      <v-list-item title="Export everything" :subtitle="lastBackup" @click="$emit('export')" />
      <v-list-item title="Import a file…" @click="$emit('import')" />
      <v-list-item
        v-if="asideCount > 0"
        title="Set aside…"
        :subtitle="asideCount === 1 ? '1 row that could not be read' : `${asideCount} rows that could not be read`"
        @click="$emit('aside')"
      />
      <v-list-item title="Where it is kept…" :subtitle="size" @click="$emit('store')" />
      <v-list-item title="Clear everything…" @click="$emit('clear')" />
    </v-list>
  </v-menu>
</template>
