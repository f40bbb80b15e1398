<script setup lang="ts">
import { computed } from 'vue';
import {
  FAMILIES,
  inUnits,
  QUESTION_TITLE,
  SCHOOL_BECAUSE,
  SCHOOL_WORDS,
  SCHOOLS,
  SCHOOL_QUESTIONS,
  schoolAnswers,
  waterFacts,
  whatLifts,
  type Family,
  type SchoolAnswers,
  type SchoolQuestion,
  type SchoolRef,
} from '@core';
import { useAdvice } from '../../stores/advice';
import SchoolRow, { type SchoolRowTold } from './SchoolRow.vue';
import { useUnits } from '../../composables/useUnits';
import { useWater } from '../../stores/water';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/pick';

/** Questions on which anglers part, each with its schools: the water decides until somebody chooses. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const store = useWater();
const advice = useAdvice();
const { show, system } = useUnits();

/** The family a question is about, as it is asked of it. */
function familyOf(question: SchoolQuestion): Family {
  if (question.startsWith('vibrating')) return 'vibrating';
  return question.startsWith('spinner') || question === 'trailer-hook' ? 'spinner' : 'skirted';
}
const byWater = computed(() => {
  const bare = { ...store.water, schools: {} };
  return Object.fromEntries(FAMILIES.map((family) => [family, schoolAnswers(waterFacts(bare, family))])) as Record<
    Family,
    SchoolAnswers
  >;
});
/** questions that numbers answer say which */
const lifts = computed(() => {
  const { tailRunsM, bodyRunsM } = whatLifts(store.water.temperatureC);
  const school = tailRunsM < bodyRunsM ? 'tail-lifts' : 'body-lifts';
  return words.whatNumbersSayOfIt(
    SCHOOL_WORDS[`vibrating-lift:${school}`].says,
    show('depth', tailRunsM),
    show('depth', bodyRunsM),
  );
});
const COMPUTED: Readonly<Partial<Record<SchoolQuestion, string>>> = {
  'swim-retrieve': words.allOfThemSay,
};
const nameOf = (question: SchoolQuestion, school: string): string | undefined =>
  inUnits(SCHOOL_WORDS[`${question}:${school}` as SchoolRef]?.name ?? '', system.value) || undefined;

const rows = computed(() =>
  SCHOOL_QUESTIONS.map((question): SchoolRowTold => {
    const own = byWater.value[familyOf(question)][question];
    const chosen = store.water.schools?.[question] ?? 'water';
    const unsettled = own.reason === 'computed' ? words.whatNumbersSay : words.allOfThem;
    const left = own.school === null ? unsettled : (nameOf(question, own.school) ?? own.school);
    const speaking = chosen === 'water' ? own.school : chosen;
    return {
      question,
      title: QUESTION_TITLE[question],
      chosen,
      items: [
        { value: 'water', title: words.byTheWater(left) },
        ...SCHOOLS[question].flatMap((school) => {
          const title = nameOf(question, school);
          return title === undefined ? [] : [{ value: school as string, title }];
        }),
      ],
      says: inUnits(
        speaking === null ? (COMPUTED[question] ?? '') : SCHOOL_WORDS[`${question}:${speaking}` as SchoolRef].says,
        system.value,
      ),
      numbers: question === 'vibrating-lift' ? inUnits(lifts.value, system.value) : '',
      because: chosen === 'water' ? SCHOOL_BECAUSE[own.reason] : SCHOOL_BECAUSE.chosen,
    };
  }),
);

function choose(question: SchoolQuestion, school: string): void {
  const { [question]: _gone, ...rest } = store.water.schools ?? {};
  store.change({ schools: school === 'water' ? rest : { ...rest, [question]: school } });
}
/** what would change today's first rig stands first, and what is chosen already */
const groups = computed(() => {
  const told = new Set<SchoolQuestion>(advice.picks[0]?.dissent.map(({ question }) => question));
  const turns = ({ question, chosen }: SchoolRowTold): boolean => told.has(question) || chosen !== 'water';
  return { turning: rows.value.filter(turns), rest: rows.value.filter((row) => !turns(row)) };
});
const chosenCount = computed(() => Object.keys(store.water.schools ?? {}).length);
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.schools" :max-width="860" scrollable>
    <v-card class="schools">
      <div class="schools__head">
        <h2>{{ words.whereAnglersDisagree }}</h2>
        <p>{{ words.schoolsHelp }}</p>
      </div>
      <div class="schools__rows">
        <h3 v-if="groups.turning.length > 0">{{ words.schoolsThatTurnIt }}</h3>
        <SchoolRow
          v-for="row in groups.turning"
          :key="row.question"
          :row="row"
          @choose="choose(row.question, $event)"
        />
        <component :is="groups.turning.length > 0 ? 'details' : 'div'" class="schools__rest">
          <summary v-if="groups.turning.length > 0">{{ words.otherQuestions(groups.rest.length) }}</summary>
          <SchoolRow v-for="row in groups.rest" :key="row.question" :row="row" @choose="choose(row.question, $event)" />
        </component>
      </div>
      <div class="schools__foot">
        <v-btn class="act" @click="open = false">{{ words.done }}</v-btn>
        <v-btn :disabled="chosenCount === 0" @click="store.change({ schools: {} })">{{
          words.leaveAllToTheWater
        }}</v-btn>
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
.schools__rest > summary {
  min-height: 48px;
  padding: 12px 0;
  cursor: pointer;
  font-weight: 600;
}
.schools__foot {
  display: flex;
  gap: 10px;
  padding-top: 14px;
}
</style>
