<script setup lang="ts">
import { computed, ref } from 'vue';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import { useBench } from '../../stores/bench';
import { useScreen } from '../../stores/screen';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/bench';

/** Undo, versions, scale of the drawing, and what a build becomes. */
const scale = defineModel<'fit' | 'true' | 'large'>('scale', { required: true });
defineEmits<{ solve: []; table: []; compare: []; card: []; calibrate: []; ticket: []; builds: [] }>();
const bench = useBench();
const screen = useScreen();
const naming = ref(false);
const name = ref('');
const SCALES = [
  { value: 'fit', title: words.fit },
  { value: 'true', title: '1:1' },
  { value: 'large', title: '2.5:1' },
] as const;
const versions = computed(() => bench.build?.versions.length ?? 0);

async function keep(): Promise<void> {
  await bench.keepVersion(name.value.trim());
  name.value = '';
  naming.value = false;
}
</script>

<template>
  <div class="tools" role="toolbar" :aria-label="words.benchTools">
    <v-btn :disabled="(bench.build?.past.length ?? 0) === 0" aria-keyshortcuts="Control+Z" @click="bench.undo()">{{
      words.undo
    }}</v-btn>
    <v-btn :disabled="(bench.build?.future.length ?? 0) === 0" aria-keyshortcuts="Control+Y" @click="bench.redo()">{{
      words.redo
    }}</v-btn>
    <form v-if="naming" class="tools__name" @submit.prevent="keep">
      <TextField
        v-model="name"
        :label="words.nameVersion"
        maxlength="60"
        autofocus
        @keydown.esc.stop="naming = false"
      />
      <v-btn type="submit" class="act">{{ words.keep }}</v-btn>
    </form>
    <v-btn v-else @click="naming = true">{{ words.keepVersion }}{{ versions > 0 ? ` ${versions + 1}` : '' }}…</v-btn>
    <v-btn data-testid="open-solve" @click="$emit('solve')">{{ words.solve }}</v-btn>
    <v-btn data-testid="open-table" @click="$emit('table')">{{ words.table }}</v-btn>
    <v-btn data-testid="open-compare" @click="$emit('compare')">{{ words.compare }}</v-btn>
    <span class="tools__gap" />
    <ChoiceRow v-model="scale" bare :label="words.scaleDrawing" :options="SCALES" />
    <v-btn
      data-testid="open-calibrate"
      :class="{ tools__unsure: screen.measured === null }"
      @click="$emit('calibrate')"
    >
      {{ screen.measured === null ? words.isItTrue : words.calibrated }}
    </v-btn>
    <span class="tools__gap" />
    <v-btn data-testid="open-builds" @click="$emit('builds')">{{ words.builds }}</v-btn>
    <v-btn data-testid="open-card" @click="$emit('card')">{{ words.cutCard }}</v-btn>
    <v-btn class="act" @click="$emit('ticket')">{{ words.ticket }}</v-btn>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 4px;
  padding: 7px 12px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.tools :deep(.v-btn) {
  padding-inline: 6px;
  min-height: 34px;
  min-width: 0;
}
.tools__gap {
  flex: 1;
}
.tools__name {
  display: flex;
  gap: 6px;
  width: 270px;
}
.tools .tools__unsure {
  border-style: dashed;
}
@media (max-width: 700px) {
  .tools :deep(.v-btn) {
    min-height: 48px;
    min-width: 48px;
  }
  .tools__gap {
    display: none;
  }
}
</style>
