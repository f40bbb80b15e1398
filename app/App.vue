<script setup lang="ts">
import { defineAsyncComponent, onMounted, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { useTheme } from 'vuetify';
import AppHeader from './shell/AppHeader.vue';
import AppNotices from './shell/AppNotices.vue';
import { PAGES } from './shell/pages';
import { useKeys } from './composables/useKeys';
import { breath } from './first/breath';
import { readStore } from './first/ground';
import { readRunningOuting } from './live/useRunningOuting';
import { IS_OPENED_PLAIN } from './router';
import { db } from './db/database';
import { keep } from './db/keep';
import { loadDemoWorld } from './stores/demo-world';
import { useRuleCard } from './stores/handbook';
import { useNumberCard } from './stores/number-card';
import { useNotices } from './stores/notices';
import { useSettings } from './stores/settings';
import * as words from './locale/en/frame';

const AppHelp = defineAsyncComponent(() => import('./shell/AppHelp.vue'));
const NumberCard = defineAsyncComponent(() => import('./shell/NumberCard.vue'));
const RuleCard = defineAsyncComponent(() => import('./shell/RuleCard.vue'));
const card = useRuleCard();
const numberCard = useNumberCard();
const router = useRouter();
const route = useRoute();
const settings = useSettings();
const notices = useNotices();
const theme = useTheme();
watch(
  () => settings.settings.theme,
  (name) => theme.change(name),
  { immediate: true },
);
const ready = ref(false);
const help = ref(false);

/** Whoever is out goes on where the keys are. */
async function goOnOut(): Promise<void> {
  if (!IS_OPENED_PLAIN) return;
  await router.isReady();
  // a store that cannot be read is told where it is read
  const running = await readRunningOuting().catch(() => null);
  if (running !== null && router.currentRoute.value.path === '/water') await router.replace('/log');
}

/** Longest the first view waits for the store, ms: what is entered meanwhile is kept all the same. */
const WAIT_MS = 1500;

onMounted(async () => {
  const loaded = readStore();
  await Promise.race([Promise.all([loaded, goOnOut()]), new Promise((resolve) => setTimeout(resolve, WAIT_MS))]);
  // the frame of the page in one task, the station in the next
  await breath();
  ready.value = true;
  await loaded;
  await router.isReady();
  if (route.query['world'] === 'brindle-mere') {
    // first, so that whoever goes on to another page meanwhile is not fetched back
    await router.replace({ query: {} });
    const count = await keep(() => db.parts.count());
    if (count.ok && count.value === 0) {
      const filled = await loadDemoWorld();
      if (!filled.ok) notices.complain(filled.issues);
    }
  }
});

useKeys({
  ...Object.fromEntries(PAGES.flatMap(({ key, path }) => (key ? [[key, () => void router.push(path)]] : []))),
  u: () => void settings.toggleUnits(),
  '?': () => (help.value = true),
});
</script>

<template>
  <v-app>
    <a
      class="skip no-print"
      href="#main"
      @click.prevent="($event.target as HTMLElement).ownerDocument.getElementById('main')?.focus()"
      >{{ words.skipToTheWork }}</a
    >
    <AppHeader @help="help = true" />
    <v-main>
      <div id="main" class="page" tabindex="-1">
        <AppNotices />
        <RouterView v-if="ready" />
      </div>
    </v-main>
    <AppHelp v-if="help" v-model="help" />
    <NumberCard v-if="numberCard.asked !== null" />
    <RuleCard v-if="card.id !== null" />
  </v-app>
</template>

<style scoped>
#main:focus {
  outline: none;
}
</style>
