<script setup lang="ts">
/** What the Files button opens. */
const open = defineModel<boolean>({ required: true });
defineProps<{ activator: string }>();
defineEmits<{ export: []; import: []; clear: [] }>();
</script>

<template>
  <v-menu v-model="open" :activator="activator" :open-on-click="false">
    <v-list>
      <v-list-item title="Export everything" @click="$emit('export')" />
      <v-list-item title="Import a file…" @click="$emit('import')" />
      <v-list-item title="Clear everything…" @click="$emit('clear')" />
    </v-list>
  </v-menu>
</template>
