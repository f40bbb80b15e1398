<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { useNotices } from '../stores/notices';
import * as words from '../locale/en/frame';

const AppSnackbar = defineAsyncComponent(() => import('./AppSnackbar.vue'));
const notices = useNotices();
const isNews = computed(() => notices.problems.every(({ isNews: news }) => news));
</script>

<template>
  <section
    v-if="notices.problems.length > 0"
    class="problems no-print"
    :class="{ 'problems--news': isNews }"
    :role="isNews ? 'status' : 'alert'"
    :aria-label="isNews ? words.news : words.problems"
  >
    <ul>
      <li v-for="problem in notices.problems" :key="problem.text">
        {{ problem.text }}
        <button v-if="problem.action" type="button" class="press problems__act" @click="notices.act(problem)">
          {{ problem.action.label }}
        </button>
      </li>
    </ul>
    <button type="button" class="press" @click="notices.settle()">{{ isNews ? words.later : words.understood }}</button>
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
  background: rgb(var(--v-theme-skin));
  /* wherever somebody has scrolled to: what is wrong has to be seen */
  position: sticky;
  top: 62px;
  z-index: 900;
  max-height: 50vh;
  overflow: auto;
}
@media (max-width: 700px) {
  .problems {
    top: 8px;
    flex-wrap: wrap;
  }
}
.problems--news {
  border-color: rgb(var(--v-theme-bottle));
}
.problems ul {
  list-style: none;
  min-width: 0;
  overflow-wrap: anywhere;
}
.problems li + li {
  margin-top: 8px;
}
.problems__act {
  margin-left: 8px;
}
</style>
