<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue';
import { TRAYS, writeBox } from '@core';
import { saveText } from '../../parts/save-text';
import { fillWithDemoBox } from '../../demo-world';
import { useBox } from '../../stores/box';
import { useNotices } from '../../stores/notices';
import BoxTemplates from './BoxTemplates.vue';
import BoxTray from './BoxTray.vue';

const box = useBox();
const notices = useNotices();
const FileImport = defineAsyncComponent(() => import('../../parts/FileImport.vue'));
const importing = ref(false);

async function empty(): Promise<void> {
  const before = box.rows;
  const emptied = await box.empty();
  if (!emptied.ok) return notices.complain(emptied.issues);
  notices.say(`${before.length} parts taken out.`, () => box.putBack(before));
}

const save = (): void => saveText('pandero-box.json', writeBox(box.box), 'application/json');
</script>

<template>
  <div class="box">
    <header class="box__head">
      <h1>{{ box.count === 0 ? 'Your box is empty' : `${box.count} parts in your box` }}</h1>
      <div class="box__row">
        <v-btn :class="{ act: box.count === 0 }" @click="fillWithDemoBox()">Fill with the demo parts</v-btn>
        <v-btn @click="importing = true">Import a list…</v-btn>
        <v-btn v-if="box.count > 0" @click="save">Export the box</v-btn>
        <v-btn v-if="box.count > 0" @click="empty">Empty the box</v-btn>
      </div>
    </header>
    <p v-if="box.error" role="alert" class="box__error">
      The box cannot be read ({{ box.error }}). Nothing is deleted; reload the page, or free some space on this machine.
    </p>
    <section v-if="box.ready && box.count === 0" class="box__start">
      <p>
        A rig needs a head, a skirt and a trailer. Try it with the made-up parts of Brindle Mere, or bring your own as a
        list: one CSV file for each tray, from a spreadsheet. Columns you leave out are filled with what is usual.
      </p>
      <BoxTemplates />
    </section>
    <template v-if="box.count > 0">
      <div class="box__trays">
        <BoxTray v-for="tray in TRAYS" :key="tray" :tray="tray" />
      </div>
      <p v-if="box.keptForLater > 0" class="box__later soft">
        {{ box.keptForLater }} more parts (blades, hooks, lines, rods or reels) are kept as they came and leave with
        every export; no station reads them yet.
      </p>
      <BoxTemplates class="box__templates" />
    </template>
    <FileImport v-if="importing" v-model="importing" />
  </div>
</template>

<style scoped>
.box__head {
  display: flex;
  justify-content: space-between;
  flex-wrap: wrap;
  gap: 10px;
  padding: 14px 20px;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.box__row {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
}
.box__error {
  margin: 12px 20px;
  padding: 10px 14px;
  border: 2px solid rgb(var(--v-theme-oxblood));
}
.box__start {
  padding: 20px;
  max-width: 760px;
  display: grid;
  gap: 14px;
}
.box__trays {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  align-items: start;
}
.box__later {
  padding: 14px 20px 0;
}
.box__templates {
  padding: 14px 20px 24px;
}
@media (max-width: 1000px) {
  .box__trays {
    grid-template-columns: 1fr;
  }
}
@media (max-width: 700px) {
  .box {
    padding-bottom: 64px;
  }
  .box__row .v-btn {
    min-height: 48px;
  }
}
</style>
