<script setup lang="ts">
import { computed } from 'vue';
import { CLASS_TITLE, COLOUR_CLASSES, colourClassOf, namedClass, type ColourClass } from '@core';
import SelectField from '../../parts/SelectField.vue';
import { useBox } from '../../stores/box';
import { useNotices } from '../../stores/notices';
import type { TrayRow } from './tray-row';
import * as words from '../../locale/en/box';

/** Colours no word of which Pandero knows: asked once which they are most like, and then known wherever they stand. */
const box = useBox();
const notices = useNotices();
const ITEMS = [
  { value: '', title: words.choose },
  ...COLOUR_CLASSES.map((value) => ({ value, title: CLASS_TITLE[value] })),
] as const;

type Part = { readonly colour?: string; readonly skirt?: { readonly colour: string } };
const coloursOf = (row: TrayRow): string[] => {
  const part = row.part as Part;
  return [part.colour, part.skirt?.colour].filter((name): name is string => typeof name === 'string');
};
const rows = computed(() => box.rows.filter((row): row is TrayRow => row.tray !== 'kept'));
const unknown = computed(() => {
  const names = rows.value.flatMap(coloursOf).filter((name) => colourClassOf(name) === null);
  return [...new Set(names)].slice(0, 6);
});

async function tell(name: string, of: ColourClass | ''): Promise<void> {
  if (of === '') return;
  const known = namedClass(name, of);
  for (const row of rows.value.filter((one) => coloursOf(one).includes(name))) {
    const part = row.part as Part & object;
    const stored = await box.replace(row, {
      ...part,
      ...(part.colour === name ? { colour: known } : {}),
      ...(part.skirt?.colour === name ? { skirt: { ...part.skirt, colour: known } } : {}),
    });
    if (!stored.ok) return notices.complain(stored.issues);
  }
}
</script>

<template>
  <section v-if="unknown.length > 0" class="colours" :aria-label="words.coloursToBeTold" data-testid="unknown-colours">
    <p>{{ words.coloursUnknown(unknown.length) }}</p>
    <SelectField
      v-for="name in unknown"
      :key="name"
      class="colours__one"
      :label="`“${name}” is`"
      :items="ITEMS"
      model-value=""
      @update:model-value="tell(name, $event)"
    />
  </section>
</template>

<style scoped>
.colours {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: end;
  padding: 8px 20px;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  border-left: 4px solid rgb(var(--v-theme-oxblood));
}
.colours > p {
  flex: 1 1 300px;
}
.colours__one {
  min-width: 170px;
}
</style>
