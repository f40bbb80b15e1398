<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import {
  asRead,
  FAR_OFF_SD,
  momentText,
  oddReadings,
  proposedTest,
  rigTitle,
  type Band,
  type TestTold,
  type TimedTest,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useTests } from '../../stores/tests';
import TestBands from './TestBands.vue';
import { useTestRig } from './useTestRig';
import * as words from '../../locale/en/log-tests';

/** Drops, falls aside and wakes: made here, and what they made of the bands. */
const HowTestsGo = defineAsyncComponent(() => import('./HowTestsGo.vue'));
const LogDrop = defineAsyncComponent(() => import('./LogDrop.vue'));
const LogWake = defineAsyncComponent(() => import('./LogWake.vue'));
const LogAside = defineAsyncComponent(() => import('./LogAside.vue'));
const tests = useTests();
const notices = useNotices();
const { system, show } = useUnits();
const making = ref<TimedTest['what'] | null>(null);
const { rig: atHand } = useTestRig();
/** the test that would tell most of the rig at hand stands first */
const proposed = computed(() => (atHand.value ? proposedTest(atHand.value, tests.rows) : null));
const NEW = [
  { what: 'drop', title: words.newDrop },
  { what: 'aside', title: words.newAside },
  { what: 'wake', title: words.newWake },
] as const;
const news = computed(() =>
  [...NEW].sort((a, b) => Number(b.what === proposed.value) - Number(a.what === proposed.value)),
);

async function keep(test: TimedTest): Promise<void> {
  const problems = await tests.put(test, null);
  if (problems.length > 0) return notices.complain(problems);
  making.value = null;
  notices.say(words.taughtSo);
}
function amount(test: TimedTest, value: number): string {
  if (test.what === 'drop') return words.seconds(value.toFixed(1));
  return show(test.what === 'aside' ? 'depth' : 'speed', value);
}
const titleOf = (test: TimedTest): string => {
  if (test.what === 'wake') return words.wakeOf;
  return (test.what === 'drop' ? words.dropOf : words.asideOf)(show('depth', test.depthM));
};
const around = (test: TimedTest, { value, band }: { readonly value: number; readonly band: Band }): string =>
  words.tellsBand(amount(test, value), amount(test, band[0]), amount(test, band[1]));

interface Row {
  readonly test: TimedTest;
  readonly title: string;
  readonly told: TestTold | null;
  readonly bands: readonly {
    readonly name: string;
    readonly value: number;
    readonly band: Band;
    readonly says: string;
  }[];
  readonly odd: readonly number[];
}
const rows = computed(() =>
  [...tests.rows].reverse().map((test): Row => {
    const told = tests.told.get(test.id) ?? null;
    const row = (name: string, of: { readonly value: number; readonly band: Band } | null | undefined) => {
      if (!of) return [];
      const band: Band = [asRead(test, of.band[0]), asRead(test, of.band[1])];
      const read = { value: asRead(test, of.value), band };
      return [{ name, ...read, says: around(test, read) }];
    };
    return {
      test,
      title: `${titleOf(test)} · ${rigTitle(test.rig, system.value)}`,
      told,
      bands: [
        ...row(words.before, told?.untested),
        ...row(words.measured, told?.measured),
        ...row(words.after, told?.now),
      ],
      odd: oddReadings(test),
    };
  }),
);
function readingText({ what }: TimedTest, value: number): string {
  if (what === 'drop') return words.reading(value.toFixed(2));
  return what === 'aside' ? words.landedAside(show('depth', value)) : words.turns(value);
}
function turnReading(test: TimedTest, at: number): void {
  const readings = test.readings.map((reading, place) => {
    if (place !== at) return reading;
    return reading.isOut ? { value: reading.value } : { ...reading, isOut: true as const };
  });
  void tests.change(test, { readings });
}
const turnTest = (test: TimedTest): void => void tests.change(test, { isOut: test.isOut ? undefined : true });
const isFar = (told: TestTold | null): boolean => Math.abs(told?.surprise ?? 0) > FAR_OFF_SD;
</script>

<template>
  <section class="tests" :aria-label="words.tests" data-testid="log-tests">
    <p>{{ words.testsSay }}</p>
    <div v-if="making === null" class="tests__new">
      <button
        v-for="one in news"
        :key="one.what"
        type="button"
        class="press"
        :class="{ act: proposed === null || one.what === proposed }"
        @click="making = one.what"
      >
        {{ one.title }}
      </button>
    </div>
    <p v-if="making === null && proposed && atHand" class="soft" data-testid="proposed">
      <FractionText :text="words.proposes[proposed](rigTitle(atHand, system))" />
    </p>
    <LogDrop v-else-if="making === 'drop'" @keep="keep" @cancel="making = null" />
    <LogAside v-else-if="making === 'aside'" @keep="keep" @cancel="making = null" />
    <LogWake v-else-if="making === 'wake'" @keep="keep" @cancel="making = null" />

    <HowTestsGo v-if="making === null && tests.ready && rows.length === 0" />
    <h2 v-if="rows.length > 0">{{ words.testsKept }}</h2>
    <article
      v-for="row in rows"
      :key="row.test.id"
      class="tests__one"
      :class="{ 'tests__one--out': row.test.isOut || row.test.isPractice }"
      data-testid="test"
    >
      <h3><FractionText :text="row.title" /></h3>
      <p class="soft">
        {{ momentText(row.test.at) }} · {{ show('temperature', row.test.temperatureC) }}
        <template v-if="row.test.isPractice"> · {{ words.practice }}</template>
      </p>
      <TestBands v-if="row.bands.length > 1" :rows="row.bands" />
      <p v-else class="soft">{{ words.nothingComputed }}</p>
      <p v-if="isFar(row.told)" class="tests__far" data-testid="far-off">{{ words.farOff }}</p>
      <ul class="tests__readings">
        <li v-for="(reading, at) in row.test.readings" :key="at" :class="{ 'tests__reading--out': reading.isOut }">
          <span class="number">{{ readingText(row.test, reading.value) }}</span>
          <em v-if="row.odd.includes(at) && !reading.isOut" class="tests__far">{{ words.oddReading }}</em>
          <button type="button" class="press press--text" @click="turnReading(row.test, at)">
            {{ reading.isOut ? words.putIn : words.putOut }}
          </button>
        </li>
      </ul>
      <div class="tests__row">
        <button v-if="!row.test.isPractice" type="button" class="press" @click="turnTest(row.test)">
          {{ row.test.isOut ? words.includeTest : words.excludeTest }}
        </button>
        <button type="button" class="press" @click="tests.remove(row.test)">{{ words.deleteTest }}</button>
      </div>
    </article>
  </section>
</template>

<style scoped>
.tests {
  display: grid;
  gap: 12px;
  max-width: 860px;
  padding: 12px 14px 24px;
}
.tests__new,
.tests__row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
.tests__new .press {
  min-height: 56px;
  font-size: 18px;
}
.tests__one {
  display: grid;
  gap: 6px;
  padding: 10px 0;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.tests__one--out h3,
.tests__reading--out .number {
  text-decoration: line-through;
}
.tests__far {
  color: rgb(var(--v-theme-oxblood));
}
.tests__readings {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}
.tests__readings li {
  display: flex;
  align-items: center;
  gap: 6px;
}
</style>
