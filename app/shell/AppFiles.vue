<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';

/** Everything in and out by file. */
const ClearDialog = defineAsyncComponent(() => import('./ClearDialog.vue'));
const FileImport = defineAsyncComponent(() => import('../parts/FileImport.vue'));
const importing = ref(false);
const clearing = ref(false);

/** Loaded when it is first asked for: most visits never export. */
const exportAll = async (): Promise<void> => (await import('../parts/export-all')).exportAll();
</script>

<template>
  <v-menu>
    <template #activator="{ props }">
      <v-btn variant="text" v-bind="props">Files</v-btn>
    </template>
    <v-list>
      <v-list-item title="Export everything" @click="exportAll" />
      <v-list-item title="Import a file…" @click="importing = true" />
      <v-list-item title="Clear everything…" @click="clearing = true" />
    </v-list>
  </v-menu>
  <FileImport v-if="importing" v-model="importing" />
  <ClearDialog v-if="clearing" v-model="clearing" @export="exportAll" />
</template>
