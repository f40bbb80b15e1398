<script setup lang="ts">
import { LOG_COLUMNS, outingOf, writeLogCsv } from '@core';
import { saveText } from '../../files/save';
import * as words from '../../locale/en/log';

/** How a log looks as a table, and one to begin with. */
async function save(): Promise<void> {
  const { demoSeasons } = await import('../../../demo/seasons');
  const [first] = demoSeasons();
  const example = { ...outingOf(first!), id: 'example', events: first!.events.slice(0, 4) };
  saveText('log-example.csv', writeLogCsv({ kind: 'log', version: 1, outings: [example] }), 'text/csv');
}
</script>

<template>
  <details class="log-columns">
    <summary>{{ words.columns }}</summary>
    <dl>
      <template v-for="column in LOG_COLUMNS" :key="column">
        <dt>
          <code>{{ column }}</code>
        </dt>
        <dd>{{ words.COLUMN_SAYS[column] }}</dd>
      </template>
    </dl>
    <p class="soft">{{ words.timesSay }}</p>
    <button type="button" class="press" @click="save">{{ words.template }}</button>
  </details>
</template>

<style scoped>
.log-columns summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font: 600 17px var(--v-font-heading);
}
.log-columns dl {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 2px 12px;
  max-width: 760px;
}
.log-columns dd {
  margin: 0;
}
</style>
