<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { Rig } from '@core';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import { useFocusBack } from '../../composables/useFocusBack';
import { useBox } from '../../stores/box';
import { useOutings } from '../../stores/outings';
import BoxRig from './BoxRig.vue';
import type { RigChoice } from './useRigChoices';
import * as words from '../../locale/en/log';

/** Ties a rig on a rod: the same anew, another, on a rod more; or puts the rod down. */
const props = defineProps<{
  /** the rod it goes on; null for one more */
  rod: number | null;
  /** what is on it now */
  on: { readonly rig: Rig; readonly title: string } | null;
  /** number of the next rod */
  next: number;
  choices: readonly RigChoice[];
}>();
useFocusBack();
const open = defineModel<boolean>({ required: true });
const outings = useOutings();
const box = useBox();
const chosen = ref('');
watch(
  () => props.choices,
  (now) => {
    if (!now.some(({ value }) => value === chosen.value)) chosen.value = now[0]?.value ?? '';
  },
  { immediate: true },
);
const title = computed(() => words.tieOnTitle(words.rodNamed((props.rod ?? props.next) + 1)));
async function tie(rig: Rig): Promise<void> {
  const to = props.rod ?? props.next;
  open.value = false;
  if (await outings.note('tie-on', { rod: to, rig })) outings.takeRod(to);
}
function tieChosen(): void {
  const one = props.choices.find(({ value }) => value === chosen.value);
  if (one) void tie(one.rig);
}
function putDown(rod: number): void {
  open.value = false;
  void outings.note('put-down', { rod });
}
</script>

<template>
  <v-dialog v-model="open" :max-width="520" :aria-label="title">
    <v-card class="tie">
      <h2>{{ title }}</h2>
      <button v-if="on" type="button" class="press" data-testid="tie-same" @click="tie(on.rig)">
        <FractionText :text="words.theSame(on.title)" />
      </button>
      <template v-if="choices.length > 0">
        <SelectField v-model="chosen" :label="words.rigFrom" :items="choices" />
        <button type="button" class="press act" @click="tieChosen">{{ words.tieIt }}</button>
      </template>
      <BoxRig v-if="box.box.heads.length > 0" @take="tie" />
      <button v-if="rod !== null" type="button" class="press" @click="putDown(rod)">{{ words.putDown }}</button>
      <button type="button" class="press" @click="open = false">{{ words.neverMind }}</button>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.tie {
  display: grid;
  gap: 12px;
  padding: 18px 20px;
}
.tie .press {
  min-height: 52px;
}
</style>
