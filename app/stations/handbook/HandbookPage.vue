<script setup lang="ts">
import { computed, nextTick, onMounted, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import {
  FAULT_IDS,
  HANDBOOK,
  inUnits,
  QUESTION_TITLE,
  questionOf,
  ruleInUnits,
  SCHOOL_WORDS,
  seekRules,
  seekSections,
} from '@core';
import BecauseLine from '../../parts/BecauseLine.vue';
import FractionText from '../../parts/FractionText.vue';
import { useGradually } from '../../composables/useGradually';
import { useUnits } from '../../composables/useUnits';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/handbook';

/** Every rule that judges, to be read: by chapter, and by words that are looked for. */
const route = useRoute();
const { system } = useUnits();
const sought = ref('');
const chapterId = ref(HANDBOOK[0]!.id);

const asked = computed(() => (typeof route.query['rule'] === 'string' ? route.query['rule'] : null));
const count = HANDBOOK.reduce((sum, { rules }) => sum + rules.length, 0);
const found = computed(() => seekRules(sought.value, system.value));
const sections = computed(() => seekSections(sought.value));
const heading = ref<HTMLElement | null>(null);
/** A section begins at its top, wherever the page stood. */
async function openChapter(id: (typeof HANDBOOK)[number]['id']): Promise<void> {
  sought.value = '';
  chapterId.value = id;
  await nextTick();
  heading.value?.scrollIntoView({ block: 'nearest' });
  if (heading.value && heading.value.getBoundingClientRect().top < 0) heading.value.scrollIntoView();
  heading.value?.focus({ preventScroll: true });
}
const chapter = computed(() => HANDBOOK.find(({ id }) => id === chapterId.value) ?? HANDBOOK[0]!);
const rules = computed(() => found.value ?? chapter.value.rules.map((rule) => ruleInUnits(rule, system.value)));
const shown = useGradually(() => rules.value.length, 0, 12);

async function goTo(id: string | null): Promise<void> {
  const at = HANDBOOK.find((row) => row.rules.some((rule) => rule.id === id));
  if (!at || id === null) return;
  sought.value = '';
  chapterId.value = at.id;
  // rows come a few a frame: wait until the one asked for is there
  for (let tries = 0; tries < 60; tries++) {
    await nextTick();
    const row = document.getElementById(id);
    if (row) {
      row.scrollIntoView({ block: 'center' });
      row.focus({ preventScroll: true });
      return;
    }
    await new Promise((resolve) => requestAnimationFrame(resolve));
  }
}
onMounted(() => void goTo(asked.value));
watch(asked, (id) => void goTo(id));
</script>

<template>
  <div class="handbook">
    <header class="handbook__head">
      <h1>{{ words.handbook }}</h1>
      <p>
        {{ words.whatItHolds(count, FAULT_IDS.length) }}
      </p>
      <TextField v-model="sought" type="search" :label="words.lookFor" />
    </header>
    <nav v-if="found === null" class="handbook__chapters" :aria-label="words.chapters">
      <button
        v-for="row in HANDBOOK"
        :key="row.id"
        type="button"
        :aria-current="row.id === chapter.id ? 'true' : undefined"
        @click="openChapter(row.id)"
      >
        {{ row.title }} <span class="soft number">{{ row.rules.length }}</span>
      </button>
    </nav>
    <section class="handbook__rules" :class="{ 'handbook__rules--wide': found !== null }">
      <h2 ref="heading" tabindex="-1">
        <span role="status">{{ found === null ? chapter.title : words.rulesFound(found.length) }}</span>
      </h2>
      <p v-if="sections.length > 0" class="handbook__sections" data-testid="sections-found">
        {{ words.sectionsFound }}
        <button v-for="row in sections" :key="row.id" type="button" class="press" @click="openChapter(row.id)">
          {{ row.title }} <span class="soft number">{{ row.rules.length }}</span>
        </button>
      </p>
      <p v-if="rules.length === 0">
        {{ words.noneFound }}
      </p>
      <article
        v-for="rule in rules.slice(0, shown)"
        :id="rule.id"
        :key="rule.id"
        tabindex="-1"
        :class="{ handbook__asked: rule.id === asked }"
      >
        <p class="handbook__says"><BecauseLine :rule="rule.id" :says="rule.says" /></p>
        <p class="handbook__when soft">
          <b><FractionText :text="rule.when === 'always' ? words.always : words.when(rule.when)" /></b>
          <template v-if="rule.does"> · <FractionText :text="rule.does" /></template>
          <template v-if="rule.weight !== null">
            {{ words.counts }}
            <span class="number">{{ rule.weight > 0 ? '+' : '−' }}{{ Math.abs(rule.weight) }}</span></template
          >
          <template v-if="rule.school">
            {{ words.school }} {{ QUESTION_TITLE[questionOf(rule.school)] }}, “{{
              inUnits(SCHOOL_WORDS[rule.school].name, system)
            }}”</template
          >
        </p>
      </article>
    </section>
  </div>
</template>

<style scoped>
.handbook {
  display: grid;
  grid-template: 'head head' auto 'chapters rules' 1fr / 300px 1fr;
}
.handbook__head {
  grid-area: head;
  display: grid;
  grid-template-columns: auto 1fr 260px;
  gap: 18px;
  align-items: center;
  padding: 12px 18px;
  background: rgb(var(--v-theme-shade));
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.handbook__chapters {
  grid-area: chapters;
  display: grid;
  align-content: start;
  border-right: 1px solid rgb(var(--v-theme-rule));
}
.handbook__chapters button {
  display: flex;
  justify-content: space-between;
  min-height: 34px;
  align-items: center;
  padding: 0 18px;
  border: 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  background: none;
  color: inherit;
  font: 600 16px var(--v-font-heading);
  text-align: left;
  cursor: pointer;
}
.handbook__chapters button[aria-current] {
  background: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
.handbook__chapters button[aria-current] .soft {
  color: inherit;
}
.handbook__rules {
  grid-area: rules;
  padding: 12px 18px 40px;
}
.handbook__rules--wide {
  grid-column: 1 / -1;
}
.handbook__rules h2 {
  scroll-margin: 70px 0 0;
}
.handbook__rules h2:focus {
  outline: none;
}
.handbook__sections {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 10px;
  padding: 6px 0;
}
.handbook__sections .press {
  grid-auto-flow: column;
  gap: 6px;
  min-height: 44px;
}
.handbook article {
  padding: 8px 0 8px 10px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  scroll-margin: 80px;
}
.handbook__asked {
  box-shadow: inset 5px 0 rgb(var(--v-theme-bottle));
}
.handbook__says {
  font-size: 17px;
}
.handbook__when {
  font-size: 14.5px;
}
@media (max-width: 700px) {
  .handbook {
    display: block;
    padding-bottom: 64px;
  }
  .handbook__head {
    grid-template-columns: 1fr;
    gap: 8px;
  }
  .handbook__chapters {
    display: flex;
    overflow-x: auto;
  }
  .handbook__chapters button {
    min-height: 48px;
    flex: none;
    gap: 8px;
    border-right: 1px solid rgb(var(--v-theme-rule));
  }
}
</style>
