<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { useRouter } from 'vue-router';
import { rigTitle, writeTickets, type Ticket } from '@core';
import { saveText } from '../../files/save';
import { useFollowed } from '../../live/useFollowed';
import { keeper } from '../../db/our-keeper';
import { useKeys } from '../../composables/useKeys';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useNotices } from '../../stores/notices';
import { useTickets } from '../../stores/tickets';
import TicketSheet from './TicketSheet.vue';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/tickets';

const props = defineProps<{ id: string }>();
const store = useTickets();
const bench = useBench();
const notices = useNotices();
const router = useRouter();
const { system } = useUnits();

const ticket = shallowRef<Ticket | null>(null);
const isRead = ref(false);
/** what an earlier tab noted comes first */
const isRecovered = ref(false);
void keeper.recovered().then(() => (isRecovered.value = true));
const name = ref('');
const note = ref('');

/** Takes what the store holds; words typed here that it does not have yet stay. */
function take(found: Ticket | null): void {
  isRead.value = true;
  const before = ticket.value;
  ticket.value = found;
  if (!found) return;
  const isOther = before?.id === found.id && (found.name !== name.value || found.note !== note.value);
  name.value = found.name;
  note.value = found.note;
  if (isOther) notices.say(words.changedElsewhere);
}
useFollowed(
  'ticket',
  computed(() => (isRecovered.value ? props.id : null)),
  take,
);
watch(
  [() => props.id, isRecovered],
  ([id]) => {
    const waiting = keeper.pendingOf('ticket', id)?.row;
    if (waiting) take(waiting);
  },
  { immediate: true },
);

async function change(part: { name: string } | { note: string }): Promise<void> {
  const before = ticket.value;
  if (!before) return;
  ticket.value = { ...before, ...part };
  const kept = await store.change(before, part);
  const still = keeper.pendingOf('ticket', before.id) === null && ticket.value?.id === before.id;
  if (kept.ok && kept.value && still) ticket.value = kept.value as Ticket;
}

const print = (): void => window.print();
function save(): void {
  if (ticket.value)
    saveText(
      `pandero-ticket-${ticket.value.madeAt.slice(0, 10)}.json`,
      writeTickets([ticket.value]),
      'application/json',
    );
}
async function toBench(): Promise<void> {
  if (!ticket.value) return;
  await bench.start(ticket.value.rig, ticket.value.base);
  await router.push('/bench');
}
async function remove(): Promise<void> {
  const gone = ticket.value;
  if (!gone) return;
  const removed = await store.remove(gone);
  if (!removed.ok) return notices.complain(removed.issues);
  notices.say(words.ticketDeleted, () => store.putBack(gone));
  await router.push('/tickets');
}

useKeys({ p: print });
</script>

<template>
  <div v-if="ticket" class="ticket-page">
    <div class="ticket-page__tools no-print">
      <TextField
        v-model="name"
        :label="words.nameWord"
        :placeholder="rigTitle(ticket.rig, system)"
        maxlength="60"
        @update:model-value="change({ name })"
      />
      <v-btn class="act" @click="print">{{ words.print }}</v-btn>
      <v-btn @click="toBench">{{ words.toTheBench }}</v-btn>
      <v-btn @click="save">{{ words.exportIt }}</v-btn>
      <v-btn @click="remove">{{ words.deleteIt }}</v-btn>
      <v-btn to="/tickets">{{ words.allTickets }}</v-btn>
    </div>
    <TicketSheet :ticket="ticket" :title="rigTitle(ticket.rig, system)" />
    <TextField
      v-model="note"
      class="ticket-page__note no-print"
      :label="words.yourNote"
      :lines="2"
      maxlength="2000"
      @update:model-value="change({ note })"
    />
  </div>
  <div v-else-if="isRead" class="ticket-page">
    <h1>{{ words.noSuchTicket }}</h1>
    {{ words.notInThisBrowser }}
    <RouterLink to="/tickets">{{ words.seeAllTickets }}</RouterLink> {{ words.orImportItsFile }}
  </div>
</template>

<style scoped>
.ticket-page {
  padding: 14px 20px 30px;
}
.ticket-page__tools {
  display: grid;
  grid-template-columns: 1fr repeat(5, auto);
  gap: 8px;
  align-items: start;
}
.ticket-page__tools .v-btn {
  min-height: 48px;
}
.ticket-page__note {
  max-width: 900px;
  margin: 16px auto 0;
}
@media (max-width: 700px) {
  .ticket-page {
    padding: 12px 12px 80px;
  }
  .ticket-page__tools {
    grid-template-columns: 1fr 1fr;
  }
  .ticket-page__tools > *:first-child {
    grid-column: 1 / -1;
  }
}
</style>
