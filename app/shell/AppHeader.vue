<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import { useRoute } from 'vue-router';
import { useStages } from '../composables/useStages';
import { useRunningOuting } from '../live/useRunningOuting';
import { isAt, STATIONS } from './pages';
import { useSettings } from '../stores/settings';
import AppFiles from './AppFiles.vue';
import AppMark from './AppMark.vue';
import WaterChip from './WaterChip.vue';
import * as words from '../locale/en/frame';

defineEmits<{ help: [] }>();
const route = useRoute();
/** navigation first, settings a moment later: two short tasks instead of one long task */
const stage = useStages(1);
const settings = useSettings();
/** whoever is out sees it on every page, and since when */
const running = useRunningOuting();
const isOut = (name: string): boolean => running.value !== null && name === 'log';
const since = computed(() => running.value?.from.slice(11, 16) ?? '');
const isHere = (name: string): boolean => isAt(route.name, name);
/** what lies above the stations on a phone has to know how high they stand: long words and large letters take more rows */
const stations = ref<HTMLElement | null>(null);
const heights = new ResizeObserver(([entry]) => {
  const height = entry?.borderBoxSize?.[0]?.blockSize;
  if (height) document.documentElement.style.setProperty('--stations-height', `${Math.ceil(height)}px`);
});
onMounted(() => heights.observe(stations.value!));
onBeforeUnmount(() => heights.disconnect());
</script>

<template>
  <header class="header no-print">
    <RouterLink class="header__mark" to="/water" :aria-label="words.toTheWater">
      <AppMark />
      <span class="header__name">{{ words.pandero }}</span>
    </RouterLink>
    <nav ref="stations" class="header__stations" :aria-label="words.stations">
      <RouterLink
        v-for="station in STATIONS"
        :key="station.name"
        :to="station.path"
        class="header__station"
        :class="{ 'header__station--here': isHere(station.name) }"
        :aria-current="isHere(station.name) ? 'page' : undefined"
      >
        <span v-if="!isOut(station.name)" class="header__key" aria-hidden="true">{{ station.key }}</span>
        {{ station.title }}
        <small v-if="isOut(station.name)" class="header__out number" data-testid="out-since">
          <span class="visually-hidden">{{ words.outSince }}</span>
          {{ since }}
        </small>
      </RouterLink>
    </nav>
    <div v-if="stage > 0" class="header__tools">
      <button
        type="button"
        class="press press--text"
        :aria-label="words.switchUnits(settings.settings.units === 'us' ? words.us : words.metric)"
        @click="settings.toggleUnits()"
      >
        {{ settings.settings.units === 'us' ? words.unitsUs : words.unitsMetric }}
      </button>
      <button
        type="button"
        class="press press--text"
        :aria-label="words.switchTheme(words.theme[settings.settings.theme])"
        @click="settings.toggleTheme()"
      >
        {{ settings.settings.theme === 'light' ? words.night : words.day }}
      </button>
      <RouterLink
        class="header__book"
        to="/handbook"
        :class="{ 'header__station--here': isHere('handbook') }"
        :aria-current="isHere('handbook') ? 'page' : undefined"
        >{{ words.handbook }}</RouterLink
      >
      <AppFiles />
      <button type="button" class="press press--text" :aria-label="words.keyboardAndHelp" @click="$emit('help')">
        ?
      </button>
    </div>
    <WaterChip v-if="stage > 0" class="header__chip" />
  </header>
</template>

<style scoped>
.header {
  position: sticky;
  top: 0;
  z-index: 1000;
  display: flex;
  align-items: stretch;
  flex-wrap: wrap;
  min-height: 54px;
  background: rgb(var(--v-theme-skin));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.header a {
  color: inherit;
  text-decoration: none;
}
.header__mark {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0 18px;
}
.header__name {
  font: 700 26px var(--v-font-heading);
}
.header__stations {
  display: flex;
}
.header__station {
  display: flex;
  align-items: center;
  gap: 7px;
  min-height: 54px;
  padding: 0 12px;
  border-left: 1px solid rgb(var(--v-theme-rule));
  font: 600 18px var(--v-font-heading);
}
.header__station:last-child {
  border-right: 1px solid rgb(var(--v-theme-rule));
}
.header__key {
  font-size: 12px;
  color: rgb(var(--v-theme-ink-soft));
}
.header__out {
  padding: 1px 6px;
  border: 2px solid rgb(var(--v-theme-oxblood));
  font-size: 13px;
  color: inherit;
}
.header__station--here .header__out {
  border-color: currentcolor;
}
.header .header__station--here,
.header .header__station--here .header__key {
  background: rgb(var(--v-theme-oxblood));
  color: rgb(var(--v-theme-on-primary));
}
.header__tools {
  display: flex;
  align-items: stretch;
  margin-left: auto;
}
.header__book {
  display: flex;
  align-items: center;
  padding: 0 11px;
  font: 600 16px var(--v-font-heading);
}
.header__tools :deep(.press) {
  min-width: 0;
  padding: 0 11px;
  min-height: 0;
}
.header__chip {
  border-left: 2px solid rgb(var(--v-theme-ink));
}
@media (max-width: 700px) {
  .header {
    min-height: 0;
    position: static;
  }
  .header__mark {
    order: 1;
    padding: 0 10px;
    min-height: 52px;
  }
  .header__name {
    font-size: 22px;
  }
  /* its place goes to the handbook */
  @media (max-width: 430px) {
    .header__name {
      display: none;
    }
  }
  .header__tools {
    order: 2;
    min-height: 52px;
  }
  .header__book {
    padding: 0 8px;
  }
  .header__tools :deep(.press) {
    min-width: 48px;
    padding: 0 8px;
  }
  .header__chip {
    order: 3;
    width: 100%;
    border-left: 0;
    border-top: 1px solid rgb(var(--v-theme-rule));
  }
  .header__stations {
    position: fixed;
    inset: auto 0 0 0;
    z-index: 1000;
    /* letters made larger stand in more than one row */
    flex-wrap: wrap;
    min-height: 58px;
    background: rgb(var(--v-theme-skin));
    border-top: 2px solid rgb(var(--v-theme-ink));
  }
  .header__station {
    flex: 1 0 auto;
    justify-content: center;
    padding: 0 4px;
  }
  .header__key {
    display: none;
  }
  .header__out {
    padding: 0 3px;
    font-size: 11px;
  }
}
</style>
