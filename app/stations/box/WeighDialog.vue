<script setup lang="ts">
import { computed, ref } from 'vue';
import { massKgFromG, shown, type WeighingVerdict } from '@core';
import { useScale } from '../../composables/useScale';
import { useUnits } from '../../composables/useUnits';
import PartAmount from './PartAmount.vue';
import { useFocusBack } from '../../composables/useFocusBack';
import * as words from '../../locale/en/box';

/** Weighs a part with a scale that the server hears: live reading, average with its spread, and the mass to keep. */
withDefaults(defineProps<{ title?: string; how?: string }>(), { title: words.weighItTitle, how: '' });
useFocusBack();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ keep: [massG: number] }>();
const scale = useScale();
const { system } = useUnits();
const pieces = ref(1);
/** A field like those of a part, of the weighing itself. */
const PIECES = {
  place: 'pieces',
  of: { kind: 'count' },
  form: { title: words.piecesOnPan },
  min: 1,
  max: 50,
  whole: true,
  optional: false,
} as const;

const SAYS: Readonly<Record<WeighingVerdict, string>> = {
  waiting: words.waitingForFirstReading,
  stopped: words.scaleSilent,
  empty: words.panIsEmpty,
  settling: words.settling,
  drifting: words.readingCreeps,
  noisy: words.readingJumps,
  steady: words.steady,
};
const result = computed(() => scale.result.value);
const each = computed(() => (result.value.meanG === null ? null : result.value.meanG / pieces.value));
const show = (massG: number): string => `${massG.toFixed(2)} g`;
const status = computed(() => {
  if (scale.silent.value) return SAYS.stopped;
  if (scale.unread.value >= 3) {
    return words.scaleUnreadable(scale.lastUnread.value);
  }
  return SAYS[result.value.verdict];
});
const good = computed(
  () => result.value.verdict === 'steady' && each.value !== null && each.value >= 0.1 && scale.unread.value < 3,
);
function keep(): void {
  if (each.value === null) return;
  emit('keep', Math.round(each.value * 100) / 100);
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="title" :max-width="520">
    <v-card class="weigh">
      <h2>{{ title }}</h2>
      <p v-if="how">{{ how }}</p>
      <template v-if="scale.link.value === 'none' || scale.link.value === 'gone'">
        <p role="alert">
          {{ scale.link.value === 'none' ? words.noScaleHeard : words.scaleHasGone }}:
          {{ scale.why.value || words.noneIsConnected }}{{ words.startItsProgram }}
        </p>
        <v-btn class="act" @click="scale.listen()">{{ words.listenAgain }}</v-btn>
      </template>
      <template v-else>
        <p v-if="scale.standIn.value" class="soft">
          {{ words.standInScale }}
          <code>npm run scale -- put 9.4</code>.
        </p>
        <p class="weigh__now number" data-testid="scale-now">
          {{ scale.last.value ? show(scale.last.value.massG - scale.tareG.value) : '–' }}
        </p>
        <dl class="weigh__numbers">
          <dt>{{ words.average }}{{ pieces > 1 ? words.ofOne : '' }}</dt>
          <dd class="number" data-testid="scale-mean">
            {{ each === null ? '–' : show(each) }}
            <small v-if="each !== null && system === 'us'" class="soft">{{
              shown('mass', massKgFromG(each), 'us')
            }}</small>
          </dd>
          <dt>{{ words.spreadReading }}</dt>
          <dd class="number">{{ result.meanG === null ? '–' : `± ${result.spreadG.toFixed(2)} g` }}</dd>
          <dt>{{ words.averageLies }}</dt>
          <dd class="number">
            {{
              result.bandG
                ? words.rangeG((result.bandG[0] / pieces).toFixed(2), (result.bandG[1] / pieces).toFixed(2))
                : '–'
            }}
          </dd>
          <dt>{{ words.readings }}</dt>
          <dd class="number">{{ result.used }}{{ result.slips > 0 ? words.slipsSetAside(result.slips) : '' }}</dd>
        </dl>
        <p role="status" class="weigh__status" :class="{ 'weigh__status--good': good }">{{ status }}</p>
        <p v-if="scale.unit.value !== 'g'" class="soft">
          {{ words.theScaleShows }} {{ scale.unit.value }}{{ words.turnedIntoGrams }}
        </p>
        <PartAmount :field="PIECES" :part="{ pieces }" @take="pieces = $event ?? 1" />
        <div class="weigh__row">
          <v-btn class="act" :disabled="!good" @click="keep"
            >{{ words.keep }} {{ each === null ? '' : show(each) }}</v-btn
          >
          <v-btn @click="scale.tare()">{{ words.tareEmptyPan }}</v-btn>
          <v-btn @click="scale.restart()">{{ words.startOver }}</v-btn>
        </div>
      </template>
      <v-btn variant="text" class="weigh__cancel" @click="open = false">{{ words.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.weigh {
  padding: 20px 24px;
  display: grid;
  gap: 10px;
}
.weigh__now {
  font-size: 64px;
  line-height: 1;
  text-align: right;
  border-bottom: 2px solid rgb(var(--v-theme-ink));
}
.weigh__numbers {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 14px;
  margin: 0;
}
.weigh__numbers dd {
  margin: 0;
  text-align: right;
  font-size: 18px;
}
.weigh__status {
  border-left: 4px solid rgb(var(--v-theme-brass));
  padding-left: 10px;
}
.weigh__status--good {
  border-color: rgb(var(--v-theme-bottle));
}
.weigh__row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.weigh__cancel {
  justify-self: start;
}
</style>
