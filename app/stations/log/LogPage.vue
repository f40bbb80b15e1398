<script setup lang="ts">
import { computed, defineAsyncComponent, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import { useNarrow } from '../../composables/useNarrow';
import { useOutings } from '../../stores/outings';
import * as words from '../../locale/en/log';

/** The log: one thumb on the water, honest answers at home. */
const LogBegin = defineAsyncComponent(() => import('./LogBegin.vue'));
const LogOut = defineAsyncComponent(() => import('./LogOut.vue'));
const LogList = defineAsyncComponent(() => import('./LogList.vue'));
const LogOuting = defineAsyncComponent(() => import('./LogOuting.vue'));
const LogSays = defineAsyncComponent(() => import('./LogSays.vue'));
const LogTests = defineAsyncComponent(() => import('./LogTests.vue'));
const outings = useOutings();
const narrow = useNarrow();

const PARTS = ['water', 'outings', 'says', 'tests'] as const;
type Part = (typeof PARTS)[number];
const TITLE: Readonly<Record<Part, string>> = {
  water: words.onTheWater,
  outings: words.outings,
  says: words.whatItSays,
  tests: words.tests,
};
const parts = PARTS.map((value) => ({ value, title: TITLE[value] }));
const chosen = ref<Part | null>(null);
const part = computed({
  // a phone, and whoever is out, is on the water; a desk is at home
  get: (): Part => chosen.value ?? (narrow.value || outings.running ? 'water' : 'says'),
  set: (value: Part) => {
    chosen.value = value;
    opened.value = null;
  },
});
const opened = ref<string | null>(null);
onMounted(async () => {
  await outings.load();
});
watch(part, (is) => outings.follow(is === 'outings' || is === 'says'), { immediate: true });
onBeforeUnmount(() => outings.follow(false));
</script>

<template>
  <div class="log" data-testid="log">
    <h1 class="visually-hidden">{{ words.logTitle }}</h1>
    <ChoiceRow v-model="part" class="log__parts" :label="words.parts" :options="parts" bare />
    <template v-if="outings.loaded">
      <template v-if="part === 'water'">
        <LogOut v-if="outings.running" />
        <LogBegin v-else />
      </template>
      <template v-else-if="part === 'outings'">
        <LogOuting v-if="opened" :id="opened" :key="opened" @back="opened = null" @open="opened = $event" />
        <LogList v-else @open="opened = $event" />
      </template>
      <LogSays v-else-if="part === 'says'" />
      <LogTests v-else />
    </template>
  </div>
</template>

<style scoped>
.log__parts {
  padding: 10px 14px 0;
}
@media (max-width: 700px) {
  .log {
    padding-bottom: 76px;
  }
}
</style>
