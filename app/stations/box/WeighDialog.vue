<script setup lang="ts">
import { computed, ref } from 'vue';
import { massKgFromG, shown, type WeighingVerdict } from '@core';
import { useScale } from '../../composables/useScale';
import { useUnits } from '../../composables/useUnits';
import PartAmount from './PartAmount.vue';
import { useFocusBack } from '../../composables/useFocusBack';

/** Weighs a part with a scale that the server hears: live reading, average with its spread, and the mass to keep. */
withDefaults(defineProps<{ title?: string; how?: string }>(), { title: 'Weigh it', how: '' });
useFocusBack();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ keep: [massG: number] }>();
const scale = useScale();
const { system } = useUnits();
const pieces = ref(1);
const PIECES = { kind: 'count', field: 'pieces', label: 'Pieces on the pan', min: 1, max: 50, whole: true } as const;

const SAYS: Readonly<Record<WeighingVerdict, string>> = {
  waiting: 'Waiting for a first reading…',
  stopped: 'The scale has stopped sending. Wake it, or check its cable; what you entered is untouched.',
  empty: 'The pan is empty. Lay the part on it.',
  settling: 'Settling…',
  drifting: 'The reading creeps. Let it settle, or tare the empty pan and lay the part on again.',
  noisy: 'The reading jumps about too much to average. Shield it from wind and hold still.',
  steady: 'Steady.',
};
const result = computed(() => scale.result.value);
const each = computed(() => (result.value.meanG === null ? null : result.value.meanG / pieces.value));
const show = (massG: number): string => `${massG.toFixed(2)} g`;
const status = computed(() => {
  if (scale.silent.value) return SAYS.stopped;
  if (scale.unread.value >= 3) {
    return `The scale writes “${scale.lastUnread.value}”, which is no mass with a unit. Switch it to grams.`;
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
          {{ scale.link.value === 'none' ? 'No scale is heard' : 'The scale has gone' }}:
          {{ scale.why.value || 'none is connected' }}. Start its program, then listen again; or read the scale yourself
          and type the mass.
        </p>
        <v-btn class="act" @click="scale.listen()">Listen again</v-btn>
      </template>
      <template v-else>
        <p v-if="scale.standIn.value" class="soft">
          This is the stand-in scale: made-up parts come and go on its pan until you put one on with
          <code>npm run scale -- put 9.4</code>.
        </p>
        <p class="weigh__now number" data-testid="scale-now">
          {{ scale.last.value ? show(scale.last.value.massG - scale.tareG.value) : '–' }}
        </p>
        <dl class="weigh__numbers">
          <dt>Average{{ pieces > 1 ? ' of one' : '' }}</dt>
          <dd class="number" data-testid="scale-mean">
            {{ each === null ? '–' : show(each) }}
            <small v-if="each !== null && system === 'us'" class="soft">{{
              shown('mass', massKgFromG(each), 'us')
            }}</small>
          </dd>
          <dt>Spread of a reading</dt>
          <dd class="number">{{ result.meanG === null ? '–' : `± ${result.spreadG.toFixed(2)} g` }}</dd>
          <dt>The average lies in</dt>
          <dd class="number">
            {{
              result.bandG
                ? `${(result.bandG[0] / pieces).toFixed(2)} to ${(result.bandG[1] / pieces).toFixed(2)} g`
                : '–'
            }}
          </dd>
          <dt>Readings</dt>
          <dd class="number">{{ result.used }}{{ result.slips > 0 ? `, ${result.slips} set aside` : '' }}</dd>
        </dl>
        <p role="status" class="weigh__status" :class="{ 'weigh__status--good': good }">{{ status }}</p>
        <p v-if="scale.unit.value !== 'g'" class="soft">
          The scale shows {{ scale.unit.value }}; it is turned into grams here.
        </p>
        <PartAmount :field="PIECES" :value="pieces" @take="pieces = $event ?? 1" />
        <div class="weigh__row">
          <v-btn class="act" :disabled="!good" @click="keep">Keep {{ each === null ? '' : show(each) }}</v-btn>
          <v-btn @click="scale.tare()">Tare the empty pan</v-btn>
          <v-btn @click="scale.restart()">Start over</v-btn>
        </div>
      </template>
      <v-btn variant="text" class="weigh__cancel" @click="open = false">Close</v-btn>
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
