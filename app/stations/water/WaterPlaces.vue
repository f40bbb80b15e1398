<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { useWater } from '../../stores/water';
import { placeName } from './place-name';

/** Several waters, by place and day: the one at hand, and the way to the others. */
const WaterPlacesDialog = defineAsyncComponent(() => import('./WaterPlacesDialog.vue'));
const store = useWater();
const open = ref(false);
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
      :aria-label="`Water at hand: ${title}. Rename it or choose another`"
      @click="open = true"
    >
      <b class="condensed">{{ heading }}</b>
      <span class="soft">{{ store.all.length > 1 ? `${store.all.length} kept` : 'rename' }}</span>
    </button>
    <WaterPlacesDialog v-if="open" v-model="open" />
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
.places__here b {
  font-size: 19px;
  text-decoration: underline;
  text-decoration-color: rgb(var(--v-theme-oxblood));
  text-underline-offset: 3px;
}
@media (max-width: 700px) {
  .places__here {
    min-height: 48px;
  }
}
</style>
