<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { issueText, rigTitles, type Ticket } from '@core';
import FractionText from '../../parts/FractionText.vue';
import EmptySketch from '../../parts/EmptySketch.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { onScreen } from '../../db/page-state';
import { askFiles } from '../../files/ask-files';
import { saveBlob } from '../../files/save';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useTickets } from '../../stores/tickets';
import { moment } from '../../locale/intl';
import * as words from '../../locale/en/tickets';

const store = useTickets();
const notices = useNotices();
const { system, show } = useUnits();
const FileImport = defineAsyncComponent(() => import('../../parts/FileImport.vue'));
const importing = ref(false);
const titles = computed(() =>
  rigTitles(
    store.tickets.map(({ rig }) => rig),
    system.value,
  ),
);
const rows = computed(() => store.tickets.map((ticket, at) => ({ ticket, title: titles.value[at] ?? '' })));

const day = (madeAt: string): string => moment(madeAt, 'medium');
async function save(): Promise<void> {
  const made = await askFiles({ do: 'tickets', onScreen: onScreen() });
  if (!made.ok) return notices.complain(made.issues);
  saveBlob('pandero-tickets.json', made.value.blob);
}

async function remove(ticket: Ticket): Promise<void> {
  const removed = await store.remove(ticket);
  if (!removed.ok) return notices.complain(removed.issues);
  notices.say(words.ticketDeleted, () => store.putBack(ticket));
}
</script>

<template>
  <div class="tickets">
    <header class="tickets__head">
      <h1>{{ words.tickets(store.count) }}</h1>
      <div class="tickets__row">
        <v-btn v-if="store.tickets.length > 0" @click="save">{{ words.exportTickets }}</v-btn>
        <v-btn @click="importing = true">{{ words.importIt }}</v-btn>
      </div>
    </header>
    <p v-if="store.error" role="alert" class="tickets__empty">
      {{ words.ticketsCannotRead }} {{ issueText(store.error) }}
    </p>
    <div v-else-if="store.ready && store.tickets.length === 0" class="tickets__empty">
      <EmptySketch of="tickets" />
      <p>
        {{ words.noTicketYet }} <RouterLink to="/pick">{{ words.pickARig }}</RouterLink>{{ words.howToWriteOne }}
      </p>
    </div>
    <ul>
      <li v-for="{ ticket, title } in rows" :key="ticket.id" data-testid="ticket-row">
        <RouterLink :to="`/tickets/${ticket.id}`" class="tickets__link">
          <b class="condensed"><FractionText :text="ticket.name || title" /></b>
          <small class="soft"
            >{{ day(ticket.madeAt) }} {{ words.falls }} {{ show('speed', ticket.fall.speedMps) }} ·
            {{ show('temperature', ticket.water.temperatureC) }}</small
          >
        </RouterLink>
        <RigDrawing class="tickets__drawing" :rig="ticket.rig" :label="words.fromTheSide(title)" />
        <v-btn
          variant="text"
          class="tickets__remove"
          :aria-label="words.deleteTicket(ticket.name || title)"
          @click="remove(ticket)"
          >×</v-btn
        >
      </li>
    </ul>
    <v-btn v-if="store.tickets.length < store.count" class="tickets__more" @click="store.showMore()">
      {{ words.showMore(store.count - store.tickets.length) }}
    </v-btn>
    <FileImport v-if="importing" v-model="importing" />
  </div>
</template>

<style scoped>
.tickets__head {
  display: flex;
  justify-content: space-between;
  gap: 10px;
  flex-wrap: wrap;
  padding: 14px 20px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.tickets__row {
  display: flex;
  gap: 8px;
}
.tickets__empty {
  padding: 20px;
}
.tickets__more {
  margin: 14px 20px;
}
.tickets a {
  color: rgb(var(--v-theme-oxblood));
}
.tickets ul {
  list-style: none;
}
.tickets li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 360px 48px;
  align-items: center;
  gap: 16px;
  padding: 6px 20px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.tickets .tickets__link {
  display: grid;
  color: inherit;
  padding: 8px 0;
}
.tickets__link b {
  overflow-wrap: anywhere;
  font-size: 20px;
  text-decoration: underline;
}
.tickets__remove {
  min-width: 48px;
  min-height: 48px;
  font-size: 20px;
}
@media (max-width: 800px) {
  .tickets {
    padding-bottom: 64px;
  }
  .tickets li {
    grid-template-columns: minmax(0, 1fr) 48px;
  }
  .tickets__drawing {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
