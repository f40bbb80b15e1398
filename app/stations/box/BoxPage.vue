<script setup lang="ts">
import { computed, defineAsyncComponent, nextTick, ref } from 'vue';
import { useDisplay } from 'vuetify';
import { issueText, TRAYS, writeBox, type Tray } from '@core';
import type { PartRow } from '../../db/database';
import { saveText } from '../../files/save';
import { useKeys } from '../../composables/useKeys';
import { useUnits } from '../../composables/useUnits';
import { fillWithDemoBox } from '../../stores/demo-world';
import { useBox } from '../../stores/box';
import { useNotices } from '../../stores/notices';
import BoxBuy from './BoxBuy.vue';
import BoxGaps from './BoxGaps.vue';
import BoxColours from './BoxColours.vue';
import BoxList from './BoxList.vue';
import BoxMissing from './BoxMissing.vue';
import BoxTemplates from './BoxTemplates.vue';
import type { TrayRow } from './tray-row';
import { isFound, partLine, TRAY_ONE, TRAY_TITLE } from '../../parts/part-text';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/box';

const box = useBox();
const notices = useNotices();
const { mobile } = useDisplay();
const { system } = useUnits();
const FileImport = defineAsyncComponent(() => import('../../parts/FileImport.vue'));
const PartGallery = defineAsyncComponent(() => import('./PartGallery.vue'));
const PartSheet = defineAsyncComponent(() => import('./PartSheet.vue'));
const importing = ref(false);
const adding = ref(false);
const tray = ref<Tray>('heads');
const openId = ref<string | null>(null);
const sought = ref('');
const find = ref<{ focus(): void } | null>(null);

const finding = computed(() => sought.value.trim() !== '');
const inTray = (row: PartRow): row is TrayRow => row.tray !== 'kept';
const rows = computed<readonly TrayRow[]>(() => {
  const all = box.rows.filter(inTray);
  return finding.value
    ? all.filter((row) => isFound(partLine(row, system.value), sought.value.trim()))
    : all.filter((row) => row.tray === tray.value);
});
const opened = computed(() => box.rows.filter(inTray).find(({ id }) => id === openId.value) ?? null);
const isSheetOpen = computed({ get: () => opened.value !== null, set: (on) => on || (openId.value = null) });
const label = computed(() => (finding.value ? words.foundFor(sought.value.trim()) : TRAY_TITLE[tray.value]));

useKeys({ '/': () => void nextTick(() => find.value?.focus()) });

function show(next: Tray): void {
  tray.value = next;
  sought.value = '';
  openId.value = null;
}
async function remove(row: TrayRow): Promise<void> {
  const { title } = partLine(row, system.value);
  const removed = await box.remove(row);
  if (!removed.ok) return notices.complain(removed.issues);
  notices.say(words.takenOut(title), () => box.putBack(row));
}
async function empty(): Promise<void> {
  const before = box.rows;
  const emptied = await box.empty();
  if (!emptied.ok) return notices.complain(emptied.issues);
  openId.value = null;
  notices.say(words.partsTakenOut(before.length), () => box.putAllBack(before));
}
const save = (): void => saveText('pandero-box.json', writeBox(box.box), 'application/json');
</script>

<template>
  <div class="box">
    <header class="box__head">
      <h1>
        {{ box.count === 0 ? words.yourBoxEmpty : words.inYourBox(box.count) }}
      </h1>
      <TextField
        v-if="box.count > 0"
        ref="find"
        v-model="sought"
        type="search"
        class="box__find"
        :label="words.findAPart"
        :placeholder="words.findExample"
        @keydown.esc="sought = ''"
      />
      <div class="box__row">
        <v-btn v-if="box.count === 0" class="act" @click="fillWithDemoBox()">{{ words.fillWithDemoParts }}</v-btn>
        <v-btn @click="importing = true">{{ words.importAList }}</v-btn>
        <v-btn v-if="box.count > 0" @click="save">{{ words.exportTheBox }}</v-btn>
        <v-btn v-if="box.count > 0" @click="empty">{{ words.emptyTheBox }}</v-btn>
      </div>
    </header>
    <p v-if="box.error" role="alert" class="box__error">{{ words.boxCannotRead }} {{ issueText(box.error) }}</p>
    <section v-if="box.ready && box.count === 0" class="box__start">
      <p>
        {{ words.needsThreeParts }} <b>{{ words.head }}</b> {{ words.withItsHookGuard }} <b>{{ words.skirt }}</b>{{
          words.andOne
        }}
        <b>{{ words.trailer }}</b>{{ words.oneOfEach }}
      </p>
      <ol>
        <li>
          {{ words.startByAdding }}
        </li>
        <li>{{ words.startByTelling }}</li>
        <li>{{ words.startByList }}</li>
      </ol>
    </section>
    <BoxColours />
    <nav class="box__trays" :aria-label="words.trays">
      <v-btn
        v-for="name in TRAYS"
        :key="name"
        class="box__tray"
        :class="{ 'box__tray--here': name === tray && !finding }"
        :aria-pressed="name === tray && !finding"
        @click="show(name)"
      >
        {{ TRAY_TITLE[name] }}&nbsp;<span class="number">{{ box.tray(name).length }}</span>
      </v-btn>
    </nav>
    <div class="box__work">
      <div class="box__left">
        <div class="box__list-head">
          <h2>
            {{ label }} <span class="soft number">{{ rows.length }}</span>
          </h2>
          <v-btn :class="{ act: box.count === 0 }" @click="adding = true">{{ words.addA }} {{ TRAY_ONE[tray] }}</v-btn>
        </div>
        <BoxMissing v-if="!finding" :tray="tray" />
        <p v-if="rows.length === 0" class="box__none soft">
          {{ finding ? words.nothingFound : words.noYet(TRAY_ONE[tray]) }}
        </p>
        <BoxList
          :rows="rows"
          :open="openId"
          :with-tray="finding"
          :label="label"
          @open="openId = $event"
          @remove="remove"
        />
        <p v-if="box.kept.length > 0" class="box__none soft">{{ box.kept.length }} {{ words.olderEntries }}</p>
        <BoxGaps v-if="box.ready" />
        <BoxBuy v-if="box.ready" />
        <BoxTemplates :tray="tray" />
      </div>
      <aside v-if="!mobile" class="box__sheet">
        <PartSheet v-if="opened" :key="opened.id" :row="opened" @close="openId = null" @open="openId = $event" />
        <p v-else class="box__hint soft">{{ words.openAPart }}</p>
      </aside>
      <v-dialog v-else v-model="isSheetOpen" fullscreen scrollable :aria-label="words.thePart">
        <v-card class="box__dialog">
          <PartSheet v-if="opened" :key="opened.id" :row="opened" @close="openId = null" @open="openId = $event" />
        </v-card>
      </v-dialog>
    </div>
    <FileImport v-if="importing" v-model="importing" />
    <PartGallery v-if="adding" v-model="adding" :tray="tray" @added="openId = mobile ? null : $event" />
  </div>
</template>

<style scoped>
.box__head {
  display: flex;
  align-items: center;
  flex-wrap: wrap;
  gap: 10px 18px;
  padding: 10px 20px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.box__find {
  flex: 1 1 200px;
  max-width: 320px;
}
.box__row {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  margin-left: auto;
}
.box__error {
  margin: 12px 20px;
  padding: 10px 14px;
  border: 2px solid rgb(var(--v-theme-oxblood));
}
.box__start {
  padding: 16px 20px;
  max-width: 860px;
  display: grid;
  gap: 8px;
}
.box__start ol {
  padding-left: 20px;
}
.box__trays {
  display: flex;
  flex-wrap: wrap;
  border-bottom: 1px solid rgb(var(--v-theme-ink));
}
.box__tray {
  border-width: 0 1px 0 0;
  border-color: rgb(var(--v-theme-rule));
  min-height: 44px;
}
.box__tray--here,
.box__tray--here:hover {
  background: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
.box__work {
  display: grid;
  grid-template-columns: 1fr 520px;
}
.box__left {
  border-right: 1px solid rgb(var(--v-theme-rule));
  min-width: 0;
}
.box__list-head {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 8px 20px;
}
.box__none {
  padding: 4px 20px 10px;
}
.box__sheet {
  position: sticky;
  top: 54px;
  align-self: start;
  max-height: calc(100vh - 54px);
  overflow: auto;
}
.box__hint {
  padding: 40px;
  text-align: center;
}
.box__dialog {
  overflow: auto;
}
@media (max-width: 960px) {
  .box__work {
    grid-template-columns: 1fr;
  }
  .box__left {
    border-right: 0;
  }
}
@media (max-width: 700px) {
  .box {
    padding-bottom: 64px;
  }
  .box__find {
    max-width: none;
    flex-basis: 100%;
  }
  .box__row {
    margin-left: 0;
  }
  .box__row .v-btn,
  .box__tray {
    min-height: 48px;
  }
  .box__tray {
    /* as wide as its words, in whatever letters: a share of the row would cut them off */
    flex: 1 1 auto;
    padding: 0 8px;
    border-bottom-width: 1px;
    font-size: 15px;
  }
}
</style>
