<script setup lang="ts">
import { computed, defineAsyncComponent } from 'vue';
import { COVER_NAME, type Cover } from '@core';
import { useNotices } from '../../stores/notices';
import { useWater } from '../../stores/water';
import { whenIdle } from '../../when-idle';
import { COVER_CHOICES } from './water-choices';
import * as words from '../../locale/en/water';

/** its selects are heavy, and open water has none: they come once the wants are on the screen */
const WaterCoverRow = defineAsyncComponent(() => whenIdle(() => import('./WaterCoverRow.vue')));
const MAX_COVER = 12;
const store = useWater();
const notices = useNotices();
const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
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
  const gone = cover.value[at]!;
  store.change({ cover: cover.value.filter((_, index) => index !== at) });
  const { key } = store;
  const back = (): void => {
    // another water may be at hand by then
    if (store.key !== key || cover.value.length >= MAX_COVER) return;
    store.change({ cover: [...cover.value.slice(0, at), gone, ...cover.value.slice(at)] });
  };
  notices.say(words.takenOut(capitalised(COVER_NAME[gone.kind])), () => Promise.resolve(back()));
}
</script>

<template>
  <section class="cover" :aria-label="words.cover">
    <div class="cover__head">
      <h2>{{ words.cover }}</h2>
      <button type="button" class="press" :disabled="cover.length >= MAX_COVER" @click="add">
        {{ words.addCover }}
      </button>
    </div>
    <p v-if="cover.length === 0" class="soft">{{ words.noneOpenWater }}</p>
    <div class="cover__rows">
      <WaterCoverRow
        v-for="(row, at) in cover"
        :key="at"
        :row="row"
        :number="at + 1"
        @change="replace(at, $event)"
        @remove="remove(at)"
      />
    </div>
  </section>
</template>

<style scoped>
.cover {
  display: grid;
  gap: 6px;
}
.cover__head {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.cover__head h2 {
  font-size: 18px;
}
.cover__head .press {
  min-height: 30px;
}
.cover__rows {
  display: grid;
  gap: 8px;
}
@media (min-width: 1101px) {
  .cover__rows {
    /* more than two kinds scroll here, so that the switches below stay in sight */
    max-height: 236px;
    overflow-y: auto;
    padding-top: 6px;
  }
}
@media (max-width: 700px) {
  .cover__head .press {
    min-height: 48px;
  }
}
</style>
