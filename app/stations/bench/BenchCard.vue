<script setup lang="ts">
import { computed, ref } from 'vue';
import { cardSvg, layOutCard, type BuildNumbers, type Paper, type Rig } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import { saveBytes, saveText } from '../../files/save';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/bench';

/** The cut card of a build at true size, to print: PDF or SVG, on the paper that is in the printer. */
useFocusBack();
const props = defineProps<{ numbers: BuildNumbers; base: Rig }>();
const open = defineModel<boolean>({ required: true });
const { system } = useUnits();
const notices = useNotices();
const paper = ref<Paper>(system.value === 'us' ? 'letter' : 'a4');
const PAPER_OPTIONS = [
  { value: 'a4', title: 'A4' },
  { value: 'letter', title: words.letter },
] as const;

const card = computed(() =>
  layOutCard({
    rig: props.numbers.rig,
    base: props.base,
    readouts: props.numbers.readouts,
    system: system.value,
    paper: paper.value,
  }),
);
const first = computed(() => {
  const svg = cardSvg({ ...card.value, pages: card.value.pages.slice(0, 1) });
  return `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
});
const sheets = computed(() => {
  const count = card.value.pages.length;
  const parts = card.value.tiles > 1 ? words.tiledOn(card.value.tiles) : '';
  return words.sheets(count, parts);
});
const making = ref(false);
async function savePdf(): Promise<void> {
  making.value = true;
  try {
    const { cardPdf } = await import('../../../paper/card-pdf');
    saveBytes('pandero-cut-card.pdf', cardPdf(card.value), 'application/pdf');
  } catch (error) {
    notices.complainIn([words.pdfFailed(String(error))]);
  } finally {
    making.value = false;
  }
}
const saveSvg = (): void => saveText('pandero-cut-card.svg', cardSvg(card.value), 'image/svg+xml');
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.cutCard" :max-width="760" scrollable>
    <v-card class="card" data-testid="cut-card">
      <div class="card__words">
        <h2>{{ words.cutCard }}</h2>
        <p>{{ words.whatTheCardHolds }} {{ sheets }}</p>
        <p>{{ words.printAt100 }}</p>
        <ChoiceRow v-model="paper" :options="PAPER_OPTIONS" :label="words.paper" />
        <v-btn class="act" :loading="making" @click="savePdf">{{ words.saveAsPdf }}</v-btn>
        <v-btn @click="saveSvg">{{ words.saveAsSvg }}</v-btn>
        <v-btn variant="text" @click="open = false">{{ words.close }}</v-btn>
      </div>
      <img class="card__first" :src="first" :alt="words.firstSheet" />
    </v-card>
  </v-dialog>
</template>

<style scoped>
.card {
  display: grid;
  grid-template-columns: 250px 1fr;
  gap: 20px;
  padding: 18px 22px;
  overflow: auto;
}
.card__words {
  display: grid;
  gap: 10px;
  align-content: start;
}
.card__first {
  width: 100%;
  border: 1px solid rgb(var(--v-theme-rule));
  background: #fff;
}
@media (max-width: 700px) {
  .card {
    grid-template-columns: 1fr;
  }
}
</style>
