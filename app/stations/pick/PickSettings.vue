<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { FAMILIES, isTooMuchGear, type Family } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import SelectField from '../../parts/SelectField.vue';
import { useAdvice } from '../../stores/advice';
import { useBox } from '../../stores/box';
import { useLearned } from '../../stores/learned';
import { useSettings } from '../../stores/settings';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/pick';

/** What picks are made from, and whose word counts where anglers part. */
const PickSchools = defineAsyncComponent(() => import('./PickSchools.vue'));
const settings = useSettings();
const water = useWater();
const box = useBox();
const advice = useAdvice();
const learned = useLearned();
const choosing = ref(false);

const source = computed({
  get: () => settings.settings.source,
  set: (value) => void settings.change({ source: value }),
});
const sources = computed(() => [
  { value: 'box' as const, title: words.myBox(box.count) },
  { value: 'catalogue' as const, title: words.everyKindThereIs },
]);
/** at least one family stays: the last one cannot be let go */
const families = computed({
  get: (): Family[] => [...(water.water.families ?? FAMILIES)],
  set: (value) => {
    if (value.length === 0) return;
    const inOrder = FAMILIES.filter((family) => value.includes(family));
    water.change({ families: inOrder.length === FAMILIES.length ? undefined : inOrder });
  },
});
const FAMILY_CHOICES = [
  { value: 'skirted', title: words.familyChoice.skirted },
  { value: 'vibrating', title: words.familyChoice.vibrating },
  { value: 'spinner', title: words.familyChoice.spinner },
] as const;
const gear = computed({
  get: () => settings.settings.pickGear ?? 'own',
  set: (value) => void settings.change({ pickGear: value }),
});
const GEAR = [
  { value: 'own', title: words.gearOwn },
  { value: 'asked', title: words.gearAsked },
] as const;
const log = computed({
  get: () => settings.settings.pickLog ?? 'own',
  set: (value) => void settings.change({ pickLog: value }),
});
const LOG = [
  { value: 'own', title: words.logWeighs },
  { value: 'none', title: words.logSilent },
] as const;
const hasLog = computed(() => Object.values(learned.ownLog).some((of) => Object.keys(of).length > 0));
const hasGear = computed(() => (['rods', 'reels', 'lines'] as const).every((tray) => box.box[tray].length > 0));
const tooMuch = computed(() => advice.gear !== null && isTooMuchGear(advice.gear));
const chosen = computed(() => Object.keys(water.water.schools ?? {}).length);
</script>

<template>
  <div class="settings">
    <SelectField v-model="source" class="settings__source" :items="sources" :label="words.pickFrom" />
    <ChoiceRow v-model="families" class="settings__families" :label="words.among" :options="FAMILY_CHOICES" />
    <SelectField v-if="hasGear" v-model="gear" class="settings__source" :label="words.gearChoice" :items="GEAR" />
    <SelectField v-if="hasLog" v-model="log" class="settings__source" :label="words.logChoice" :items="LOG" />
    <button type="button" class="press settings__schools" @click="choosing = true">
      {{ chosen > 0 ? words.schoolsChosen(chosen) : words.schoolsItem }}
    </button>
    <p v-if="tooMuch" role="status" class="soft">{{ words.tooMuchGear }}</p>
    <PickSchools v-if="choosing" v-model="choosing" />
  </div>
</template>

<style scoped>
.settings {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: flex-end;
  gap: 8px 12px;
}
.settings__source {
  grid-template-columns: auto 142px;
  gap: 6px;
  align-items: center;
}
.settings__schools {
  min-height: 40px;
}
.settings__families {
  grid-template-columns: auto 1fr;
  padding: 0;
  border: 0;
}
.settings__families :deep(.choice-row__options) {
  flex-wrap: nowrap;
}
/* what they are is plain: the word gives way to the log's own switch */
@media (min-width: 1241px) and (max-width: 1420px) {
  .settings__families {
    grid-template-columns: 1fr;
  }
  .settings__families :deep(.choice-row__label) {
    display: none;
  }
}
@media (min-width: 1421px) {
  .settings__source {
    grid-template-columns: auto 150px;
  }
}
@media (max-width: 1240px) {
  .settings {
    justify-content: flex-start;
  }
  .settings__source {
    grid-template-columns: auto minmax(116px, 1fr);
    flex: 1;
  }
  .settings__families :deep(.choice-row__options) {
    flex-wrap: wrap;
  }
  .settings__families {
    width: 100%;
  }
}
@media (max-width: 700px) {
  .settings__schools {
    min-height: 48px;
  }
}
</style>
