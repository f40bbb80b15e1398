<script setup lang="ts">
import { computed } from 'vue';
import {
  LIVE_SCHOOLS,
  QUESTION_TITLE,
  questionOf,
  SCHOOL_BECAUSE,
  SCHOOL_WORDS,
  SCHOOLS,
  schoolAnswers,
  waterFacts,
  type SchoolQuestion,
  type SchoolRef,
} from '@core';
import { useWater } from '../../stores/water';

/** Questions on which anglers part, each with its schools: the water decides until somebody chooses. */
const open = defineModel<boolean>({ required: true });
const store = useWater();

const LIVE = new Set(LIVE_SCHOOLS.map(questionOf));
const QUESTIONS = (Object.keys(QUESTION_TITLE) as SchoolQuestion[]).filter((question) => LIVE.has(question));
const byWater = computed(() => schoolAnswers(waterFacts({ ...store.water, schools: {} })));
const nameOf = (question: SchoolQuestion, school: string): string | undefined =>
  SCHOOL_WORDS[`${question}:${school}` as SchoolRef]?.name;

const rows = computed(() =>
  QUESTIONS.map((question) => {
    const own = byWater.value[question];
    const chosen = store.water.schools?.[question] ?? 'water';
    const left = own.school === null ? 'all of them' : (nameOf(question, own.school) ?? own.school);
    const speaking = chosen === 'water' ? own.school : chosen;
    return {
      question,
      title: QUESTION_TITLE[question] ?? question,
      chosen,
      items: [
        { value: 'water', title: `${left} (by the water)` },
        ...SCHOOLS[question].flatMap((school) => {
          const title = nameOf(question, school);
          return title === undefined ? [] : [{ value: school as string, title }];
        }),
      ],
      says: speaking === null ? '' : (SCHOOL_WORDS[`${question}:${speaking}` as SchoolRef]?.says ?? ''),
      because: chosen === 'water' ? SCHOOL_BECAUSE[own.reason] : SCHOOL_BECAUSE.chosen,
    };
  }),
);

function choose(question: SchoolQuestion, school: string): void {
  const { [question]: _gone, ...rest } = store.water.schools ?? {};
  store.change({ schools: school === 'water' ? rest : { ...rest, [question]: school } });
}
const chosenCount = computed(() => Object.keys(store.water.schools ?? {}).length);
</script>

<template>
  <v-dialog v-model="open" aria-label="Schools" :max-width="860" scrollable>
    <v-card class="schools">
      <div class="schools__head">
        <h2>Where good anglers part</h2>
        <p>Each question has its schools. Until you choose, the water decides; what you choose goes with this water.</p>
      </div>
      <div class="schools__rows">
        <div v-for="row in rows" :key="row.question" class="schools__row">
          <v-select
            :model-value="row.chosen"
            :items="row.items"
            :label="row.title"
            @update:model-value="choose(row.question, $event)"
          />
          <p>
            {{ row.says }} <span class="soft">({{ row.because }})</span>
          </p>
        </div>
      </div>
      <div class="schools__foot">
        <v-btn class="act" @click="open = false">Done</v-btn>
        <v-btn :disabled="chosenCount === 0" @click="store.change({ schools: {} })">Leave all to the water</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.schools {
  padding: 20px 24px;
}
.schools__head {
  padding-bottom: 12px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.schools__rows {
  overflow: auto;
}
.schools__row {
  display: grid;
  grid-template-columns: 290px 1fr;
  gap: 16px;
  align-items: center;
  padding: 10px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.schools__foot {
  display: flex;
  gap: 10px;
  padding-top: 14px;
}
@media (max-width: 700px) {
  .schools__row {
    grid-template-columns: 1fr;
    gap: 6px;
  }
}
</style>
