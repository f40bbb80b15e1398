<script setup lang="ts">
import { COLUMNS, csvTemplate, TRAYS, writeBoxCsv, type Tray } from '@core';
import { saveText } from '../../parts/save-text';
import { useBox } from '../../stores/box';

const box = useBox();
const TITLE: Readonly<Record<Tray, string>> = { heads: 'heads', skirts: 'skirts', trailers: 'trailers' };

const template = (tray: Tray): void => saveText(`${tray}-template.csv`, csvTemplate(tray), 'text/csv');
const list = (tray: Tray): void => saveText(`${tray}.csv`, writeBoxCsv(box.box, tray), 'text/csv');
</script>

<template>
  <section class="templates" aria-label="Lists as CSV">
    <h2>Lists as CSV</h2>
    <div v-for="tray in TRAYS" :key="tray" class="templates__tray">
      <v-btn size="small" @click="template(tray)">Template for {{ TITLE[tray] }}</v-btn>
      <v-btn v-if="box.tray(tray).length > 0" size="small" @click="list(tray)">Export {{ TITLE[tray] }}</v-btn>
      <details>
        <summary>Columns of {{ TITLE[tray] }}</summary>
        <dl>
          <template v-for="column in COLUMNS[tray]" :key="column.name">
            <dt>{{ column.name }}<span v-if="column.required"> (needed)</span></dt>
            <dd>{{ column.about }}</dd>
          </template>
        </dl>
      </details>
    </div>
  </section>
</template>

<style scoped>
.templates {
  display: grid;
  gap: 8px;
}
.templates__tray {
  display: flex;
  gap: 10px;
  align-items: center;
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
  .templates__tray .v-btn {
    min-height: 48px;
  }
}
</style>
