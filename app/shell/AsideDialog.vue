<script setup lang="ts">
import { liveQuery } from 'dexie';
import { onScopeDispose, ref, shallowRef } from 'vue';
import { db, type AsideRow } from '../db/database';
import { keep } from '../db/keep';
import { tryAgain } from '../db/set-aside';
import { saveText } from '../files/save';
import { useNotices } from '../stores/notices';
import { useFocusBack } from '../composables/useFocusBack';
import * as words from '../locale/en/shell';

/** Rows that could not be read: what they were, why, and a way to export them, try them again or delete them. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const notices = useNotices();
const rows = shallowRef<readonly AsideRow[]>([]);
const count = ref(0);
const SHOWN = 50;

const following = liveQuery(async () => ({
  count: await db.setAside.count(),
  first: await db.setAside.orderBy('at').limit(SHOWN).toArray(),
})).subscribe({
  next: (found) => {
    rows.value = found.first;
    count.value = found.count;
  },
  error: () => undefined,
});
onScopeDispose(() => following.unsubscribe());

async function save(): Promise<void> {
  const all = await keep(() => db.setAside.orderBy('at').toArray());
  if (!all.ok) return notices.complain(all.issues);
  const plain = all.value.map(({ id: _id, at: _at, ...row }) => row);
  saveText('pandero-set-aside.json', `${JSON.stringify(plain, null, 2)}\n`, 'application/json');
}
async function again(): Promise<void> {
  const done = await keep(() => tryAgain(db));
  if (!done.ok) return notices.complain(done.issues);
  notices.say(done.value === 0 ? words.noneCanBeRead : words.putBack(done.value));
}
async function deleteRow(row: AsideRow): Promise<void> {
  const gone = await keep(() => db.setAside.delete(row.id));
  if (!gone.ok) return notices.complain(gone.issues);
  notices.say(words.deleted, () => keep(() => db.setAside.put(row)));
}
const asText = ({ row }: AsideRow): string => {
  const text = JSON.stringify(row);
  return text.length > 300 ? `${text.slice(0, 300)}…` : text;
};
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.setAside" :max-width="760" scrollable>
    <v-card class="aside">
      <h2>{{ words.rowsSetAside(count) }}</h2>
      <p>
        {{ words.asideHelp }}
      </p>
      <ul>
        <li v-for="row in rows" :key="row.id" data-testid="aside-row">
          <div>
            <b>{{ row.from }} {{ row.key }}</b>
            <p v-for="why in row.why" :key="why">{{ why }}</p>
            <code>{{ asText(row) }}</code>
          </div>
          <v-btn variant="text" :aria-label="words.deleteIt(row.from, row.key)" @click="deleteRow(row)">×</v-btn>
        </li>
      </ul>
      <p v-if="count > rows.length" class="soft">{{ words.andMore(count - rows.length) }}</p>
      <div class="aside__row">
        <v-btn :disabled="count === 0" @click="again">{{ words.tryAgain }}</v-btn>
        <v-btn :disabled="count === 0" @click="save">{{ words.exportThem }}</v-btn>
        <v-btn class="act" @click="open = false">{{ words.close }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.aside {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
  overflow: auto;
}
.aside ul {
  list-style: none;
}
.aside li {
  display: grid;
  grid-template-columns: 1fr 48px;
  gap: 8px;
  padding: 8px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.aside li > div {
  min-width: 0;
  overflow-wrap: anywhere;
}
.aside code {
  font-size: 13px;
}
.aside__row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
