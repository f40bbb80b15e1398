<script setup lang="ts">
import { useRouter } from 'vue-router';
import type { Pick, Water } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useTickets } from '../../stores/tickets';
import PickReady from './PickReady.vue';
import * as words from '../../locale/en/pick';

/** The answer for a hand that holds a phone: tie this, cut it so, one button. All the rest stands below. */
const props = defineProps<{ pick: Pick; title: string; water: Water }>();
const tickets = useTickets();
const router = useRouter();

async function makeTicket(): Promise<void> {
  await router.push(`/tickets/${tickets.make(props.pick, props.water, props.pick.base)}`);
}
</script>

<template>
  <section class="first" :aria-label="words.tieThis" data-testid="pick-first">
    <p class="soft">{{ words.tieThis }}</p>
    <h2><FractionText :text="title" /></h2>
    <RigDrawing :rig="pick.rig" :label="words.fromTheSide(title)" :frame-mm="150" />
    <PickReady :pick="pick" :water="water" titled />
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
.first__act {
  min-height: 52px;
}
</style>
