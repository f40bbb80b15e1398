<script setup lang="ts">
import { computed } from 'vue';
import { useGradually } from '../composables/useGradually';
import type { AnyPart, Tray } from '@core';
import FractionText from './FractionText.vue';
import { useUnits } from '../composables/useUnits';
import type { TakeMode } from '../db/box-rows';
import type { Preview } from '../files/incoming';
import { partTitle, quantityText } from './part-text';
import * as words from '../locale/en/box';

/** What a list would change, line by line as far as it is readable, and how it should meet what is there already. */
const props = defineProps<{ diff: Preview['diff'] }>();
const mode = defineModel<TakeMode>({ required: true });
const { system } = useUnits();
const SHOWN = 40;
const count = computed(() => {
  const { fresh, there, unnamed } = props.diff.counts;
  return fresh + there + (mode.value === 'replace' ? unnamed : 0);
});

interface Change {
  readonly mark: '+' | '=' | '−';
  readonly says: string;
}
const say = ({ tray, part }: { readonly tray: Tray; readonly part: AnyPart }): string =>
  partTitle(tray, part, system.value);
const changes = computed<readonly Change[]>(() => {
  const { fresh, there, unnamed } = props.diff;
  const more = (part: AnyPart): string =>
    part.quantity === undefined ? '' : words.soManyMore(quantityText(part.quantity));
  return [
    ...fresh.map((row): Change => ({ mark: '+', says: say(row) })),
    ...there.map((row): Change => ({
      mark: mode.value === 'merge' ? '=' : '+',
      says: `${say(row)}${mode.value === 'merge' ? more(row.part) : ''}`,
    })),
    ...(mode.value === 'replace' ? unnamed.map((row): Change => ({ mark: '−', says: say(row) })) : []),
  ];
});
const shown = useGradually(() => Math.min(SHOWN, changes.value.length), 0, 4);
const MARK_MEANS: Readonly<Record<Change['mark'], string>> = {
  '+': words.isNew,
  '=': words.isThere,
  '−': words.leaves,
};
</script>

<template>
  <div class="preview" data-testid="import-preview">
    <p>
      <b class="number">{{ diff.counts.fresh }}</b> {{ words.freshParts }} <b class="number">{{ diff.counts.there }}</b>
      {{ words.thereParts }} <b class="number">{{ diff.counts.unnamed }}</b> {{ words.unnamedParts }}
    </p>
    <v-radio-group v-model="mode" hide-details density="compact" :aria-label="words.howToTakeItIn">
      <v-radio value="merge" :label="words.modeMerge" />
      <v-radio value="add" :label="words.modeAdd" />
      <v-radio value="replace" :label="words.modeReplace" />
    </v-radio-group>
    <ul class="preview__list" :aria-label="words.whatWouldChange">
      <li
        v-for="(change, index) in changes.slice(0, shown)"
        :key="index"
        :class="`preview__row--${MARK_MEANS[change.mark].split(' ')[0]}`"
      >
        <b aria-hidden="true">{{ change.mark }}</b> <FractionText :text="change.says" />
        <span class="soft preview__means">{{ MARK_MEANS[change.mark] }}</span>
      </li>
    </ul>
    <p v-if="count > SHOWN" class="soft">{{ words.andMore(count - SHOWN) }}</p>
  </div>
</template>

<style scoped>
.preview {
  display: grid;
  gap: 6px;
}
.preview__list {
  list-style: none;
  max-height: 190px;
  overflow: auto;
  border: 1px solid rgb(var(--v-theme-rule));
  padding: 4px 10px;
}
.preview__list b {
  display: inline-block;
  width: 16px;
}
.preview__means {
  margin-left: 6px;
}
.preview__row--leaves {
  color: rgb(var(--v-theme-oxblood));
  text-decoration: line-through;
}
.preview__row--new b {
  color: rgb(var(--v-theme-bottle));
}
</style>
