<script setup lang="ts">
import { computed, ref } from 'vue';
import { cardSvg, layOutCard, type BuildNumbers, type Paper, type Rig } from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import { saveBytes, saveText } from '../../files/save';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useFocusBack } from '../../composables/useFocusBack';

/** The cut card of a build at true size, to print: PDF or SVG, on the paper that is in the printer. */
useFocusBack();
const props = defineProps<{ numbers: BuildNumbers; base: Rig }>();
const open = defineModel<boolean>({ required: true });
const { system } = useUnits();
const notices = useNotices();
const paper = ref<Paper>(system.value === 'us' ? 'letter' : 'a4');
const PAPER_OPTIONS = [
  { value: 'a4', title: 'A4' },
  { value: 'letter', title: 'Letter' },
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
  const parts =
    card.value.tiles > 1 ? `; the drawings lie on ${card.value.tiles} of them, marked where they overlap` : '';
  return `${count} ${count === 1 ? 'sheet' : 'sheets'}${parts}.`;
});
const making = ref(false);
async function savePdf(): Promise<void> {
  making.value = true;
  try {
    const { cardPdf } = await import('../../../paper/card-pdf');
    saveBytes('pandero-cut-card.pdf', cardPdf(card.value), 'application/pdf');
  } catch (error) {
    notices.complainIn([`The PDF could not be made: ${String(error)}. Save the SVG instead; the build is kept.`]);
  } finally {
    making.value = false;
  }
}
const saveSvg = (): void => saveText('pandero-cut-card.svg', cardSvg(card.value), 'image/svg+xml');
</script>

<template>
  <v-dialog v-model="open" aria-label="Cut card" :max-width="760" scrollable>
    <v-card class="card" data-testid="cut-card">
      <div class="card__words">
        <h2>Cut card</h2>
        <p>Drawings at true size, with cuts, hook exit, numbers, cut list and cautions. {{ sheets }}</p>
        <p>Print it at 100 % and lay a rule on both check scales: 100 mm and 4 in.</p>
        <ChoiceRow v-model="paper" :options="PAPER_OPTIONS" label="Paper" />
        <v-btn class="act" :loading="making" @click="savePdf">Save as PDF</v-btn>
        <v-btn @click="saveSvg">Save as SVG</v-btn>
        <v-btn variant="text" @click="open = false">Close</v-btn>
      </div>
      <img class="card__first" :src="first" alt="First sheet of the cut card" />
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
