<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { CHOICE_TITLE, HANDLING_TEXT, inUnits, type HandlingId, type Pick, type Water } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useUnits } from '../../composables/useUnits';
import { useTickets } from '../../stores/tickets';
import * as words from '../../locale/en/pick';

/** The answer for a hand that holds a phone: tie this, cut it so, one button. All the rest stands below. */
const props = defineProps<{ pick: Pick; title: string; water: Water }>();
const { system } = useUnits();
const tickets = useTickets();
const router = useRouter();

/** what is done to it before it is tied on */
const BEFORE = ['cut', 'guard', 'trailer-hook'] as const;
const LINES = 2;
const lines = computed(() =>
  props.pick.handled.steps
    .filter(({ choice }) => (BEFORE as readonly string[]).includes(choice))
    .slice(0, LINES)
    .map(({ choice, rule }) => ({
      rule,
      title: CHOICE_TITLE[choice],
      says: inUnits(HANDLING_TEXT[rule as HandlingId] ?? rule, system.value),
    })),
);
async function makeTicket(): Promise<void> {
  await router.push(`/tickets/${tickets.make(props.pick, props.water, props.pick.base)}`);
}
</script>

<template>
  <section class="first" :aria-label="words.tieThis" data-testid="pick-first">
    <p class="soft">{{ words.tieThis }}</p>
    <h2><FractionText :text="title" /></h2>
    <RigDrawing :rig="pick.rig" :label="words.fromTheSide(title)" :frame-mm="150" />
    <dl v-if="lines.length > 0">
      <template v-for="line in lines" :key="line.rule">
        <dt>{{ line.title }}</dt>
        <dd>{{ line.says }}</dd>
      </template>
    </dl>
    <button type="button" class="press act first__act" @click="makeTicket">{{ words.writeItsTicket }}</button>
  </section>
</template>

<style scoped>
.first {
  display: grid;
  gap: 6px;
  padding: 10px 14px 14px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.first dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 10px;
}
.first dt {
  font: 600 15px/1.4 var(--v-font-heading);
}
.first__act {
  min-height: 52px;
}
</style>
