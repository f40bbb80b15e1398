<script setup lang="ts">
import { computed } from 'vue';
import type { Cover } from '@core';
import { useWater } from '../../stores/water';
import { COVER_CHOICES } from './water-choices';
import WaterCoverRow from './WaterCoverRow.vue';

const MAX_COVER = 12;
const store = useWater();
const cover = computed(() => store.water.cover);

function replace(at: number, row: Cover): void {
  store.change({ cover: cover.value.map((old, index) => (index === at ? row : old)) });
}
function add(): void {
  const used = new Set(cover.value.map(({ kind }) => kind));
  const kind = COVER_CHOICES.find(({ value }) => !used.has(value))?.value ?? 'brush';
  store.change({ cover: [...cover.value, { kind, density: 'medium' }] });
}
function remove(at: number): void {
  store.change({ cover: cover.value.filter((_, index) => index !== at) });
}
</script>

<template>
  <section class="cover" aria-label="Cover">
    <h2>Cover</h2>
    <p v-if="cover.length === 0" class="soft">None: open water.</p>
    <WaterCoverRow
      v-for="(row, at) in cover"
      :key="at"
      :row="row"
      :number="at + 1"
      @change="replace(at, $event)"
      @remove="remove(at)"
    />
    <v-btn :disabled="cover.length >= MAX_COVER" @click="add">Add cover</v-btn>
  </section>
</template>

<style scoped>
.cover {
  margin-top: 16px;
  padding-top: 12px;
  border-top: 1px solid rgb(var(--v-theme-rule));
  display: grid;
  gap: 10px;
}
</style>
