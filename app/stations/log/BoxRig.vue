<script setup lang="ts">
import { computed, nextTick, ref, shallowRef } from 'vue';
import { familyOfHead, rigOfParts, usable, type HeadPart, type Rig, type TrailerPart } from '@core';
import FractionText from '../../parts/FractionText.vue';
import { partTitles } from '../../parts/part-text';
import { useGradually } from '../../composables/useGradually';
import { useUnits } from '../../composables/useUnits';
import { useBox } from '../../stores/box';
import * as words from '../../locale/en/log';

/** Any rig of the box in two taps: its head, then what is behind it, each in the order of the box. */
const emit = defineEmits<{ take: [rig: Rig] }>();
const box = useBox();
const { system } = useUnits();
const head = shallowRef<HeadPart | null>(null);
const list = ref<HTMLElement | null>(null);

const heads = computed(() => box.box.heads.filter((part) => usable(part) && familyOfHead(part) !== null));
const trailers = computed(() => box.box.trailers.filter((part) => usable(part)));
const headTitles = computed(() =>
  partTitles(
    heads.value.map((part) => ({ tray: 'heads', part })),
    system.value,
  ),
);
const trailerTitles = computed(() =>
  partTitles(
    trailers.value.map((part) => ({ tray: 'trailers', part })),
    system.value,
  ),
);
/** what can be tapped now, named */
const rows = computed((): readonly { readonly title: string; take(): void }[] =>
  head.value === null
    ? heads.value.map((part, at) => ({ title: headTitles.value[at]!, take: () => takeHead(part) }))
    : [
        { title: words.noTrailer, take: () => takeTrailer(null) },
        ...trailers.value.map((part, at) => ({ title: trailerTitles.value[at]!, take: () => takeTrailer(part) })),
      ],
);
/** a box of hundreds is drawn a few rows a frame */
const [AT_ONCE, A_FRAME] = [24, 12];
const shown = useGradually(() => rows.value.length, AT_ONCE, A_FRAME);
const headTitle = computed(() => (head.value ? headTitles.value[heads.value.indexOf(head.value)]! : ''));

/** whoever walks by keys goes on in the list that takes the place of this one */
const toTheTop = (): Promise<void> =>
  nextTick(() => {
    list.value!.scrollTop = 0;
    list.value!.querySelector('button')?.focus();
  });
function takeHead(part: HeadPart | null): void {
  head.value = part;
  void toTheTop();
}
function takeTrailer(part: TrailerPart | null): void {
  const rig = rigOfParts(box.box, head.value!, part);
  if (rig) emit('take', rig);
}
</script>

<template>
  <section class="boxrig" :aria-label="words.ofTheBox">
    <h3>
      <template v-if="head">{{ words.whichTrailer }}</template>
      <template v-else>{{ words.whichHead }}</template>
    </h3>
    <p v-if="head" class="boxrig__head">
      <FractionText :text="headTitle" />
      <button type="button" class="press press--text" @click="takeHead(null)">{{ words.anotherHead }}</button>
    </p>
    <div ref="list" class="boxrig__list" data-testid="box-rig">
      <button
        v-for="(row, at) in rows.slice(0, shown)"
        :key="`${head ? 'behind' : 'head'} ${at}`"
        type="button"
        class="boxrig__part"
        @click="row.take()"
      >
        <FractionText :text="row.title" />
      </button>
    </div>
  </section>
</template>

<style scoped>
.boxrig {
  display: grid;
  gap: 6px;
  min-width: 0;
}
.boxrig h3 {
  font-size: 18px;
}
.boxrig__head {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 4px 10px;
}
.boxrig__list {
  display: grid;
  max-height: min(44vh, 420px);
  overflow-y: auto;
  border: 1px solid rgb(var(--v-theme-rule));
}
.boxrig__part {
  min-height: 48px;
  padding: 6px 12px;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  background: none;
  color: inherit;
  text-align: left;
  font: 500 17px/1.2 var(--v-font-heading);
}
.boxrig__part:last-child {
  border-bottom: 0;
}
.boxrig__part:active {
  background: rgb(var(--v-theme-shade));
}
</style>
