<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useWater } from '../../stores/water';
import { placeName } from './place-name';
import * as words from '../../locale/en/water';

/** Several waters, by place and day: the one at hand, and the way to the others. */
const WaterPlacesDialog = defineAsyncComponent(() => import('./WaterPlacesDialog.vue'));
const LocalRulesDialog = defineAsyncComponent(() => import('./LocalRulesDialog.vue'));
const store = useWater();
const open = ref(false);
const rules = ref(false);
const ruleCount = computed(() => Object.keys(store.water.localRules ?? {}).length);
const title = computed(() => placeName({ place: store.place, day: store.day }));
/** in the heading the year goes without saying */
const heading = computed(() => title.value.replace(/ \d{4}$/, ''));
</script>

<template>
  <div class="places">
    <button
      type="button"
      class="places__here"
      :aria-expanded="open"
      :aria-label="words.waterAtHand(title)"
      @click="open = true"
    >
      <b class="condensed">{{ heading }}</b>
      <span class="soft">{{ store.all.length > 1 ? words.kept(store.all.length) : words.rename }}</span>
    </button>
    <button type="button" class="places__rules" :aria-expanded="rules" @click="rules = true">
      {{ ruleCount === 0 ? words.localRulesNoneEntered : words.localRulesEntered(ruleCount) }}
    </button>
    <WaterPlacesDialog v-if="open" v-model="open" />
    <LocalRulesDialog v-if="rules" v-model="rules" />
  </div>
</template>

<style scoped>
.places__here {
  width: 100%;
  min-height: 40px;
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 10px;
  padding: 6px 0;
  background: none;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.places__rules {
  min-height: 28px;
  padding: 4px 0 0;
  border: 0;
  background: none;
  color: rgb(var(--v-theme-ink-soft));
  font: 500 14px var(--v-font-heading);
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
.places__here b {
  min-width: 0;
  overflow-wrap: anywhere;
  font-size: 19px;
  text-decoration: underline;
  text-decoration-color: rgb(var(--v-theme-oxblood));
  text-underline-offset: 3px;
}
@media (max-width: 700px) {
  .places__here,
  .places__rules {
    min-height: 48px;
  }
}
</style>
