<script setup lang="ts">
import { COLUMNS, csvTemplate, writeBoxCsv, type Tray } from '@core';
import { saveText } from '../../files/save';
import { useBox } from '../../stores/box';
import * as words from '../../locale/en/box';

/** The tray at hand as a list: out, or as a template for coming in. */
const props = defineProps<{ tray: Tray }>();
const box = useBox();

const template = (): void => saveText(`${props.tray}-template.csv`, csvTemplate(props.tray), 'text/csv');
const list = (): void => saveText(`${props.tray}.csv`, writeBoxCsv(box.box, props.tray), 'text/csv');
</script>

<template>
  <section class="templates" :aria-label="words.listsAsCsv">
    <h2>{{ words.asCsvList(words.trayNamed[tray]) }}</h2>
    <div class="templates__row">
      <v-btn @click="template">{{ words.templateFor(words.trayNamed[tray]) }}</v-btn>
      <v-btn v-if="box.tray(tray).length > 0" @click="list">{{ words.exportTray(words.trayNamed[tray]) }}</v-btn>
    </div>
    <details>
      <summary>{{ words.columnsOf(words.trayNamed[tray]) }}</summary>
      <dl>
        <template v-for="column in COLUMNS[tray]" :key="column.name">
          <dt>
            <code>{{ column.name }}</code><span v-if="column.required">{{ ' ' }}{{ words.needed }}</span>
          </dt>
          <dd>{{ column.about }}</dd>
        </template>
      </dl>
    </details>
  </section>
</template>

<style scoped>
.templates {
  display: grid;
  gap: 8px;
  padding: 12px 20px 24px;
  border-top: 2px solid rgb(var(--v-theme-ink));
}
.templates h2::first-letter {
  text-transform: uppercase;
}
.templates__row {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.templates summary {
  line-height: 48px;
  cursor: pointer;
  text-decoration: underline;
}
.templates dl {
  display: grid;
  grid-template-columns: 150px 1fr;
  gap: 2px 12px;
}
.templates dd {
  margin: 0;
  color: rgb(var(--v-theme-ink-soft));
}
@media (max-width: 700px) {
  .templates .v-btn {
    min-height: 48px;
  }
}
</style>
