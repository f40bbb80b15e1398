<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import {
  displayUnit,
  fieldsAt,
  FILE_UNITS,
  massContradiction,
  massKgFromG,
  shown,
  valueAt,
  WEIGHED_TRAYS,
  type AnyPart,
  type PartField,
  type Tray,
} from '@core';
import { useUnits } from '../../composables/useUnits';
import PartAmount from './PartAmount.vue';
import * as words from '../../locale/en/box';

/** What was measured, beside what the tables compute. Where the scale contradicts the size, both stay and the angler decides. */
const props = defineProps<{ tray: Tray; part: AnyPart }>();
const emit = defineEmits<{ change: [place: string, value: unknown] }>();
const WeighDialog = defineAsyncComponent(() => import('./WeighDialog.vue'));
const { system } = useUnits();
const weighing = ref(false);

const fields = computed(() => fieldsAt(props.tray, 'measured'));
const computedAt = ({ computed: compute }: PartField): number | null => compute?.(props.part) ?? null;
function say({ of }: PartField, value: number | null): string {
  if (value === null || of.kind !== 'amount') return words.notKnown;
  return shown(of.quantity, FILE_UNITS[of.unit].toSi(value), system.value);
}
function offBy(field: PartField): string {
  const measured = valueAt(props.part, field.place) as number | undefined;
  const computedValue = computedAt(field);
  if (measured === undefined || computedValue === null) return '';
  const percent = Math.round((measured / computedValue - 1) * 100);
  return percent === 0 ? words.asComputed : percent > 0 ? words.percentMore(percent) : words.percentLess(-percent);
}
const contradiction = computed(() => {
  const tray = WEIGHED_TRAYS.find((name) => name === props.tray);
  return tray ? massContradiction(tray, props.part as { massG?: number }) : null;
});
const trust = computed(() => (props.part as { massTrust?: 'scale' | 'size' }).massTrust);
const grams = (massG: number): string => shown('mass', massKgFromG(massG), system.value);
const unitOf = ({ of }: PartField): string => (of.kind === 'amount' ? displayUnit(of.quantity, system.value).unit : '');
</script>

<template>
  <section v-if="fields.length > 0" class="measured" :aria-label="words.measured">
    <h3>{{ words.measuredBesideComputed }}</h3>
    <div v-for="field in fields" :key="field.place" class="measured__row">
      <span class="measured__computed">
        <span class="soft">{{ field.form!.title }}{{ words.computed }}</span>
        <b class="number">{{ say(field, computedAt(field)) }}</b>
      </span>
      <PartAmount
        :field="field"
        :part="part"
        :name="words.measuredField(field.form!.title, unitOf(field))"
        @take="emit('change', field.place, $event)"
      />
      <span class="measured__off soft number">{{ offBy(field) }}</span>
      <v-btn v-if="field.place === 'massG'" class="measured__weigh" @click="weighing = true">{{ words.weighIt }}</v-btn>
    </div>
    <div v-if="contradiction" class="measured__ask" role="group" :aria-label="words.scaleAgainstSize">
      <p>
        {{ words.theScaleSays }} <b class="number">{{ grams(contradiction.measuredG) }}</b>{{ words.sizeComputesTo }}
        <b class="number">{{ grams(contradiction.computedG) }}</b>{{ words.askWhichCounts }}
      </p>
      <v-btn
        :class="{ measured__chosen: trust !== 'size' }"
        :aria-pressed="trust !== 'size'"
        @click="emit('change', 'massTrust', 'scale')"
        >{{ words.theScale }}</v-btn
      >
      <v-btn
        :class="{ measured__chosen: trust === 'size' }"
        :aria-pressed="trust === 'size'"
        @click="emit('change', 'massTrust', 'size')"
        >{{ words.theSize }}</v-btn
      >
    </div>
    <WeighDialog v-if="weighing" v-model="weighing" @keep="emit('change', 'massG', $event)" />
  </section>
</template>

<style scoped>
.measured {
  display: grid;
  gap: 8px;
  padding-top: 10px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.measured__row {
  display: grid;
  grid-template-columns: 1fr 170px 74px;
  gap: 4px 12px;
  align-items: center;
}
.measured__computed {
  display: grid;
}
.measured__computed b {
  font-size: 18px;
}
.measured__weigh {
  grid-column: 2 / 4;
}
.measured__ask {
  border-left: 4px solid rgb(var(--v-theme-oxblood));
  padding: 6px 0 6px 12px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.measured__ask p {
  flex-basis: 100%;
}
.measured__chosen {
  background: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
@media (max-width: 700px) {
  .measured__row {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  }
  .measured__weigh {
    grid-column: 1 / 3;
  }
}
</style>
