<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';

/** Everything in and out by file. What it opens is loaded when it is first asked for: the first view does without. */
const FilesMenu = defineAsyncComponent(() => import('./FilesMenu.vue'));
const ClearDialog = defineAsyncComponent(() => import('./ClearDialog.vue'));
const FileImport = defineAsyncComponent(() => import('../parts/FileImport.vue'));
const menu = ref(false);
const asked = ref(false);
const importing = ref(false);
const clearing = ref(false);

function toggle(): void {
  asked.value = true;
  menu.value = !menu.value;
}

const exportAll = async (): Promise<void> => (await import('../parts/export-all')).exportAll();
</script>

<template>
  <v-btn id="files-button" variant="text" aria-haspopup="menu" :aria-expanded="menu" @click="toggle">Files</v-btn>
  <FilesMenu
    v-if="asked"
    v-model="menu"
    activator="#files-button"
    @export="exportAll"
    @import="importing = true"
    @clear="clearing = true"
  />
  <FileImport v-if="importing" v-model="importing" />
  <ClearDialog v-if="clearing" v-model="clearing" @export="exportAll" />
</template>
