<script setup lang="ts">
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useAdvice } from '../../stores/advice';
import type { Offered } from './useOffered';
import * as words from '../../locale/en/tank';

/** Nothing in the tank yet: what could be put in. */
defineProps<{ offered: readonly Offered[] }>();
const emit = defineEmits<{ put: [row: Offered] }>();
const advice = useAdvice();
</script>

<template>
  <section class="empty" :aria-label="words.tankEmpty">
    <h1>{{ words.tankEmpty }}</h1>
    <p>{{ words.putARigIn }}</p>
    <ul>
      <li v-for="(row, at) in offered.slice(0, 4)" :key="row.key">
        <RigDrawing :rig="row.rig" :label="row.title" />
        <div>
          <b><FractionText :text="row.title" /></b>
          <p class="soft">{{ row.from }}</p>
          <button type="button" class="press" :class="{ act: at === 0 }" @click="emit('put', row)">
            {{ words.putIn }}
          </button>
        </div>
      </li>
    </ul>
    <p v-if="offered.length === 0">
      {{ advice.ranking ? words.comparing : words.nothingPicked }}
      <RouterLink to="/pick">{{ words.toThePicks }}</RouterLink>
    </p>
  </section>
</template>

<style scoped>
.empty {
  max-width: 860px;
  padding: 20px;
}
.empty h1 {
  margin-bottom: 10px;
}
.empty ul {
  list-style: none;
  padding: 0;
  margin: 14px 0;
}
.empty li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 14px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.empty .press {
  margin-top: 8px;
}
@media (max-width: 700px) {
  .empty {
    padding: 14px 12px 90px;
  }
  .empty li {
    grid-template-columns: 1fr;
  }
}
</style>
