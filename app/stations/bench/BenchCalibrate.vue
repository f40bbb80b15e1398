<script setup lang="ts">
import { ref } from 'vue';
import { SCREEN_LIMITS, useScreen } from '../../stores/screen';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/bench';

/** Sets once how large a millimetre is on this screen: a bank card is the same size everywhere. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const screen = useScreen();
/** ID-1 of ISO/IEC 7810, mm */
const CARD_MM = { width: 85.6, height: 53.98 } as const;
const pxPerMm = ref(screen.pxPerMm);
const STEP = 0.01;
async function keep(): Promise<void> {
  await screen.set(pxPerMm.value);
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.makeItTrue" :max-width="760">
    <v-card class="calibrate">
      <h2>{{ words.makeItTrue }}</h2>
      <p>{{ words.holdACard }}</p>
      <div class="calibrate__place">
        <div
          class="calibrate__card"
          :style="{ width: `${CARD_MM.width * pxPerMm}px`, height: `${CARD_MM.height * pxPerMm}px` }"
          data-testid="calibration-card"
        >
          {{ words.bankCard(CARD_MM.width) }}
        </div>
      </div>
      <v-slider
        v-model="pxPerMm"
        :aria-label="words.widthCardOnScreen"
        :min="SCREEN_LIMITS.min"
        :max="SCREEN_LIMITS.max"
        :step="STEP"
        color="primary"
        hide-details
        :aria-valuetext="words.pixelsAMillimetre(pxPerMm.toFixed(2))"
      />
      <div class="calibrate__row">
        <v-btn class="act" @click="keep">{{ words.itFits }}</v-btn>
        <v-btn @click="open = false">{{ words.leaveIt }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.calibrate {
  display: grid;
  gap: 12px;
  padding: 18px 22px;
}
.calibrate__place {
  overflow: auto;
}
.calibrate__card {
  display: grid;
  place-items: end start;
  padding: 10px;
  border: 2px solid rgb(var(--v-theme-ink));
  border-radius: 12px;
  font: 600 15px var(--v-font-heading);
}
.calibrate__row {
  display: flex;
  gap: 10px;
}
</style>
