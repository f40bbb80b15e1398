<script setup lang="ts">
import { computed } from 'vue';
import { CAUTION_TEXT, lengthMFromMm, LOCAL_LIMITS, mmFromLengthM, type LocalRules } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import UnitField from '../../parts/UnitField.vue';
import { useNotices } from '../../stores/notices';
import { useWater } from '../../stores/water';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/water';

/** What is allowed at this place, as it stands on the licence or the board. What nobody entered restricts nothing. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const store = useWater();
const notices = useNotices();
const rules = computed<LocalRules>(() => store.water.localRules ?? {});

function change(part: { [K in keyof LocalRules]?: LocalRules[K] | undefined }): void {
  const kept = Object.entries({ ...rules.value, ...part }).filter(([, value]) => value !== undefined);
  const localRules = kept.length > 0 ? (Object.fromEntries(kept) as LocalRules) : undefined;
  notices.complain(store.change({ localRules } as Parameters<typeof store.change>[0]));
}

const FLAGS = [
  { value: 'unsaid', title: words.notSaid },
  { value: 'yes', title: words.allowed },
  { value: 'no', title: words.forbidden },
] as const;
type Flag = (typeof FLAGS)[number]['value'];
const flag = (name: 'trailerHook' | 'treble' | 'lead') =>
  computed({
    get: (): Flag => (rules.value[name] === undefined ? 'unsaid' : rules.value[name] ? 'yes' : 'no'),
    set: (value: Flag | Flag[]) => change({ [name]: value === 'unsaid' ? undefined : value === 'yes' }),
  });
const [trailerHook, treble, lead] = [flag('trailerHook'), flag('treble'), flag('lead')];

const HOOKS = [
  { value: 'unsaid', title: words.notSaid },
  ...['0', '1', '2', '3'].map((value) => ({ value, title: value })),
];
const hooks = computed({
  get: () => String(rules.value.hooksPerLine ?? 'unsaid'),
  set: (value: string | string[]) => change({ hooksPerLine: value === 'unsaid' ? undefined : Number(value) }),
});

const limit = {
  min: lengthMFromMm(LOCAL_LIMITS.fishMm.min),
  max: lengthMFromMm(LOCAL_LIMITS.fishMm.max),
};
/** Lengths somebody starts from when they enter one, mm. */
const FIRST_MM = { fishFromMm: 356, fishToMm: 533 } as const;
const lengthOf = (name: keyof typeof FIRST_MM) =>
  computed({
    get: () => lengthMFromMm(rules.value[name] ?? FIRST_MM[name]),
    set: (value: number) => change({ [name]: Math.round(mmFromLengthM(value)) }),
  });
const [from, to] = [lengthOf('fishFromMm'), lengthOf('fishToMm')];
const SIDES = [
  { name: 'fishFromMm', title: words.shortestMayKept, model: from },
  { name: 'fishToMm', title: words.longestMayKept, model: to },
] as const;
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.localRules" :max-width="560" scrollable>
    <v-card class="local">
      <h2>{{ words.localRulesAtPlace }} {{ store.place || words.thisPlace }}</h2>
      <p>
        {{ words.localRulesHelp }}
      </p>
      <ChoiceRow v-model="hooks" :label="words.hooksLine" :options="HOOKS" />
      <ChoiceRow v-model="trailerHook" :label="words.trailerHook" :options="FLAGS" />
      <ChoiceRow v-model="treble" :label="words.trebles" :options="FLAGS" />
      <ChoiceRow v-model="lead" :label="words.lead" :options="FLAGS" />
      <div v-for="side in SIDES" :key="side.name" class="local__length">
        <UnitField
          v-if="rules[side.name] !== undefined"
          :model-value="side.model.value"
          :label="side.title"
          quantity="partLength"
          :min="limit.min"
          :max="limit.max"
          @update:model-value="side.model.value = $event"
        />
        <v-btn v-if="rules[side.name] !== undefined" variant="text" @click="change({ [side.name]: undefined })">
          {{ words.noSuchLimit }}
        </v-btn>
        <v-btn v-else @click="change({ [side.name]: FIRST_MM[side.name] })">{{ side.title }}…</v-btn>
      </div>
      <p class="soft">{{ CAUTION_TEXT['local-rules'] }}</p>
      <v-btn class="act" @click="open = false">{{ words.done }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.local {
  padding: 20px 24px;
  display: grid;
  gap: 10px;
}
.local__length {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: end;
}
</style>
