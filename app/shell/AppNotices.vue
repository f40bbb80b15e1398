<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { useNotices } from '../stores/notices';

const AppSnackbar = defineAsyncComponent(() => import('./AppSnackbar.vue'));
const notices = useNotices();
</script>

<template>
  <section v-if="notices.problems.length > 0" class="problems no-print" role="alert" aria-label="Problems">
    <ul>
      <li v-for="line in notices.problems" :key="line">{{ line }}</li>
    </ul>
    <v-btn @click="notices.settle()">Understood</v-btn>
  </section>
  <AppSnackbar v-if="notices.notice" />
</template>

<style scoped>
.problems {
  display: flex;
  gap: 16px;
  align-items: start;
  justify-content: space-between;
  margin: 12px 16px;
  padding: 10px 14px;
  border: 2px solid rgb(var(--v-theme-oxblood));
}
.problems ul {
  list-style: none;
}
</style>
