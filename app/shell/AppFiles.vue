<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import * as words from '../locale/en/frame';

/** Everything in and out by file. What it opens is loaded when it is first asked for: the first view does without. */
const FilesMenu = defineAsyncComponent(() => import('./FilesMenu.vue'));
const ClearDialog = defineAsyncComponent(() => import('./ClearDialog.vue'));
const StoreDialog = defineAsyncComponent(() => import('./StoreDialog.vue'));
const AsideDialog = defineAsyncComponent(() => import('./AsideDialog.vue'));
const FileImport = defineAsyncComponent(() => import('../parts/FileImport.vue'));
const menu = ref(false);
const asked = ref(false);
const importing = ref(false);
const clearing = ref(false);
const store = ref(false);
const aside = ref(false);
/** share of a backup that is written and read back; null while none is under way */
const saving = ref<number | null>(null);

function toggle(): void {
  asked.value = true;
  menu.value = !menu.value;
}

async function exportAll(): Promise<void> {
  if (saving.value !== null) return;
  saving.value = 0;
  try {
    await (await import('../stores/back-up')).exportAll((part) => (saving.value = part));
  } finally {
    saving.value = null;
  }
}
</script>

<template>
  <button
    id="files-button"
    type="button"
    class="press press--text"
    aria-haspopup="menu"
    :aria-expanded="menu"
    @click="toggle"
  >
    {{ saving === null ? words.files : words.saving(Math.round(100 * saving)) }}
  </button>
  <FilesMenu
    v-if="asked"
    v-model="menu"
    activator="#files-button"
    @export="exportAll"
    @import="importing = true"
    @clear="clearing = true"
    @store="store = true"
    @aside="aside = true"
  />
  <FileImport v-if="importing" v-model="importing" />
  <ClearDialog v-if="clearing" v-model="clearing" @export="exportAll" />
  <StoreDialog v-if="store" v-model="store" @export="exportAll" />
  <AsideDialog v-if="aside" v-model="aside" />
</template>
