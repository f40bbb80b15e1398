<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import {
  handbookRule,
  inUnits,
  QUESTION_TITLE,
  questionOf,
  ruleInUnits,
  ruleText,
  SCHOOL_WORDS,
  speaksAgainst,
} from '@core';
import FractionText from '../parts/FractionText.vue';
import { useUnits } from '../composables/useUnits';
import { useRuleCard } from '../stores/handbook';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

/** One rule, read by itself: what it says, when it speaks, what it does, and what speaks against it. */
useFocusBack();
const card = useRuleCard();
const router = useRouter();
const { system } = useUnits();
const open = computed({ get: () => card.id !== null, set: (shown) => !shown && card.close() });
const rule = computed(() => {
  const found = card.id === null ? null : handbookRule(card.id);
  return found && ruleInUnits(found, system.value);
});
const says = computed(() => {
  if (!rule.value) return '';
  const here = card.water ? ruleText(rule.value.id, card.water, system.value) : rule.value.id;
  // rules of handling have no line that names the water
  return here === rule.value.id ? rule.value.says : here;
});
const school = computed(() => {
  const ref = rule.value?.school;
  return ref ? { question: QUESTION_TITLE[questionOf(ref)], ...SCHOOL_WORDS[ref] } : null;
});
const against = computed(() =>
  card.id === null ? [] : speaksAgainst(card.id).map((other) => ruleInUnits(other, system.value)),
);

async function toHandbook(): Promise<void> {
  const id = card.id;
  card.close();
  await router.push({ path: '/handbook', query: { rule: id } });
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.aRule" :max-width="620" scrollable>
    <v-card v-if="rule" class="rule-card" data-testid="rule-card">
      <p class="rule-card__says"><FractionText :text="says" /></p>
      <dl>
        <dt>{{ words.speaksWhen }}</dt>
        <dd><FractionText :text="rule.when" /></dd>
        <template v-if="rule.does">
          <dt>{{ words.does }}</dt>
          <dd><FractionText :text="rule.does" /></dd>
        </template>
        <template v-if="rule.weight !== null">
          <dt>{{ words.counts }}</dt>
          <dd class="number">{{ rule.weight > 0 ? '+' : '−' }}{{ Math.abs(rule.weight) }}</dd>
        </template>
        <template v-if="school">
          <dt>{{ words.school }}</dt>
          <dd>{{ school.question }}: “{{ inUnits(school.name, system) }}”. {{ inUnits(school.says, system) }}</dd>
        </template>
      </dl>
      <h3>{{ words.whatSpeaksAgainst }}</h3>
      <p v-if="against.length === 0" class="soft">{{ words.noRuleSpeaksAgainst }}</p>
      <ul v-else>
        <li v-for="other in against" :key="other.id">
          <button type="button" class="because" @click="card.open(other.id, card.water)">
            <FractionText :text="other.says" />
          </button>
          <small class="soft"
            >{{ other.when === 'always' ? words.always : words.when(other.when)
            }}<template v-if="other.school">
              {{ words.theSchool }}{{ inUnits(SCHOOL_WORDS[other.school].name, system) }}”
            </template></small
          >
        </li>
      </ul>
      <div class="rule-card__foot">
        <v-btn class="act" autofocus @click="card.close()">{{ words.close }}</v-btn>
        <v-btn @click="toHandbook">{{ words.readItInTheHandbook }}</v-btn>
        <code class="soft">{{ rule.id }}</code>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.rule-card {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
.rule-card__says {
  font-size: 18px;
  padding-bottom: 10px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.rule-card dl {
  display: grid;
  grid-template-columns: 104px 1fr;
  gap: 4px 12px;
}
.rule-card dt {
  font: 600 15px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.rule-card ul {
  list-style: none;
}
.rule-card li {
  padding: 6px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.rule-card small {
  display: block;
}
.rule-card__foot {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}
.rule-card__foot code {
  margin-left: auto;
}
</style>
