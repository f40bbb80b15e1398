<script setup lang="ts">
import { computed } from 'vue';
import { rigTitle, rigTitles } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useFocusBack } from '../../composables/useFocusBack';
import { moment } from '../../locale/intl';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/bench';

/** Builds that are kept: take one up again, name it, or throw it away. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const bench = useBench();
const { system } = useUnits();
const when = (at: string): string => moment(at, 'medium');
const rows = computed(() => {
  const titles = rigTitles(
    bench.all.map(({ rig }) => rig),
    system.value,
  );
  return bench.all.map((row, at) => ({ row, title: titles[at] ?? '' }));
});
async function take(id: string): Promise<void> {
  await bench.open(id);
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.builds" :max-width="760" scrollable>
    <v-card class="builds">
      <h2>{{ words.builds }}</h2>
      <TextField
        v-if="bench.build"
        :model-value="bench.build.name"
        :label="words.nameOfTheBuild"
        :placeholder="rigTitle(bench.build.rig, system)"
        maxlength="60"
        @update:model-value="bench.rename"
      />
      <ul>
        <li v-for="{ row, title } in rows" :key="row.id" :class="{ builds__here: row.id === bench.build?.id }">
          <RigDrawing :rig="row.rig" :label="words.fromTheSide(title)" />
          <div>
            <b><FractionText :text="row.name || title" /></b>
            <p class="soft">{{ words.changedAt(when(row.changedAt), row.versions.length) }}</p>
            <v-btn :disabled="row.id === bench.build?.id" @click="take(row.id)">{{ words.takeItUp }}</v-btn>
            <v-btn variant="text" :aria-label="words.deleteBuild(row.name || title)" @click="bench.remove(row.id)">{{
              words.deleteIt
            }}</v-btn>
          </div>
        </li>
      </ul>
      <v-btn class="act" @click="open = false">{{ words.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.builds {
  display: grid;
  gap: 12px;
  padding: 18px 22px;
  overflow: auto;
}
.builds ul {
  list-style: none;
}
.builds li {
  display: grid;
  grid-template-columns: 300px 1fr;
  gap: 16px;
  align-items: center;
  padding: 8px 0 8px 8px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  border-left: 5px solid transparent;
}
.builds .builds__here {
  border-left-color: rgb(var(--v-theme-oxblood));
}
.builds :deep(.v-btn) {
  margin-right: 6px;
}
@media (max-width: 700px) {
  .builds li {
    grid-template-columns: 1fr;
  }
}
</style>
