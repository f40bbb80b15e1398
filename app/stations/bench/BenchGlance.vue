<script setup lang="ts">
import { computed, onBeforeUnmount, onMounted, ref } from 'vue';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useBench } from '../../stores/bench';
import { useSaid } from './useSaid';

/**
 * The build in small, with what the last change did, while its sheet is scrolled out of sight: whoever types far below sees what it
 * does.
 * @param of  the sheet it stands in for
 */
const props = defineProps<{ of: () => HTMLElement | null; label: string }>();
const bench = useBench();
const said = useSaid();
const gone = ref(false);
const line = computed(() => said.value[0]?.text ?? '');
const watcher = new IntersectionObserver(([entry]) => {
  if (entry) gone.value = !entry.isIntersecting && entry.boundingClientRect.top < 0;
});
onMounted(() => {
  const sheet = props.of();
  if (sheet) watcher.observe(sheet);
});
onBeforeUnmount(() => watcher.disconnect());
</script>

<template>
  <div v-if="gone && bench.rig" class="glance no-print" data-testid="glance">
    <RigDrawing class="glance__drawing" :rig="bench.rig" :label="label" />
    <!-- said aloud where it stands in full -->
    <p class="glance__line" aria-hidden="true"><FractionText :text="line || label" /></p>
  </div>
</template>

<style scoped>
.glance {
  position: fixed;
  inset: 0 0 auto 0;
  z-index: 900;
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 10px;
  align-items: center;
  min-height: 76px;
  padding: 4px 12px;
  background: rgb(var(--v-theme-skin));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.glance__drawing {
  max-height: 72px;
}
.glance__line {
  font: 600 15px/1.2 var(--v-font-heading);
}
</style>
