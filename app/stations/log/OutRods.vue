<script setup lang="ts">
import FractionText from '../../parts/FractionText.vue';
import * as words from '../../locale/en/log';

/** The rods that are out, each with its rig and what came of it: the one in hand is filled. */
defineProps<{
  rods: readonly { readonly rod: number; readonly title: string; readonly bites: number; readonly landed: number }[];
  rod: number | null;
  /** there is a rig to tie on one more */
  canAdd: boolean;
}>();
const emit = defineEmits<{ take: [rod: number]; add: [] }>();
</script>

<template>
  <div class="out__rods" role="group" :aria-label="words.rodsInUse">
    <button
      v-for="one in rods"
      :key="one.rod"
      type="button"
      class="out__rod"
      :aria-pressed="one.rod === rod"
      :aria-label="words.rodSays(one.rod + 1, one.title, one.bites, one.landed)"
      @click="emit('take', one.rod)"
    >
      <b class="number">{{ one.rod + 1 }}</b>
      <span class="out__rig"><FractionText :text="one.title" /></span>
      <small class="number" :title="words.countsSay">{{ words.counts(one.bites, one.landed) }}</small>
    </button>
    <button type="button" class="press out__more" :disabled="!canAdd" @click="emit('add')">
      {{ words.addRod }}
    </button>
  </div>
</template>

<style scoped>
.out__rods {
  display: grid;
  gap: 6px;
}
.out__rod {
  display: grid;
  grid-template-columns: 30px 1fr auto;
  align-items: center;
  gap: 8px;
  min-height: 52px;
  padding: 4px 10px;
  border: 1px solid rgb(var(--v-theme-ink-soft));
  background: none;
  color: inherit;
  text-align: left;
  font: 600 17px/1.15 var(--v-font-heading);
}
.out__rod b {
  font-size: 24px;
}
.out__rod[aria-pressed='true'] {
  border-color: rgb(var(--v-theme-bottle));
  background: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
.out__rig {
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}
@media (max-width: 700px) {
  .out__rods {
    grid-template-columns: 1fr 1fr;
  }
  .out__rod {
    grid-template-columns: 22px 1fr;
    gap: 2px 6px;
    padding: 4px 8px;
    font-size: 15px;
  }
  .out__rod small {
    grid-column: 2;
  }
  .out__rig {
    -webkit-line-clamp: 4;
  }
  .out__more {
    min-height: 52px;
  }
}
</style>
