<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import { displayUnit, massContradiction, massKgFromG, shown, WEIGHED_TRAYS, type AnyPart, type Tray } from '@core';
import { useUnits } from '../../composables/useUnits';
import PartAmount from './PartAmount.vue';
import { FILE_UNITS, MEASURED_FIELDS, numberAt, type MeasuredField } from './part-fields-table';
import * as words from '../../locale/en/box';

/** What was measured, beside what the tables compute. Where the scale contradicts the size, both stay and the angler decides. */
const props = defineProps<{ tray: Tray; part: AnyPart }>();
const emit = defineEmits<{ change: [field: string, value: unknown] }>();
const WeighDialog = defineAsyncComponent(() => import('./WeighDialog.vue'));
const { system } = useUnits();
const weighing = ref(false);

const fields = computed(() => MEASURED_FIELDS[props.tray]);
const say = (field: MeasuredField, value: number): string =>
  shown(field.quantity, FILE_UNITS[field.unit].toSi(value), system.value);
const offBy = (field: MeasuredField): string => {
  const measured = numberAt(props.part, field.field);
  const computedValue = field.computed(props.part);
  if (measured === undefined || computedValue === null) return '';
  const percent = Math.round((measured / computedValue - 1) * 100);
  return percent === 0 ? words.asComputed : percent > 0 ? words.percentMore(percent) : words.percentLess(-percent);
};
const contradiction = computed(() => {
  const tray = WEIGHED_TRAYS.find((name) => name === props.tray);
  return tray ? massContradiction(tray, props.part as { massG?: number }) : null;
});
const trust = computed(() => (props.part as { massTrust?: 'scale' | 'size' }).massTrust);
const grams = (massG: number): string => shown('mass', massKgFromG(massG), system.value);
const unitOf = (field: MeasuredField): string => displayUnit(field.quantity, system.value).unit;
</script>

<template>
  <section v-if="fields.length > 0" class="measured" :aria-label="words.measured">
    <h3>{{ words.measuredBesideComputed }}</h3>
    <div v-for="field in fields" :key="field.field" class="measured__row">
      <span class="measured__computed">
        <span class="soft">{{ field.label }}{{ words.computed }}</span>
        <b class="number">{{ field.computed(part) === null ? words.notKnown : say(field, field.computed(part)!) }}</b>
      </span>
      <PartAmount
        :field="field"
        :value="numberAt(part, field.field)"
        :name="words.measuredField(field.label, unitOf(field))"
        @take="emit('change', field.field, $event)"
      />
      <span class="measured__off soft number">{{ offBy(field) }}</span>
      <v-btn v-if="field.field === 'massG'" class="measured__weigh" @click="weighing = true">{{ words.weighIt }}</v-btn>
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
