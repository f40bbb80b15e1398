<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import {
  BENCH_PARTS,
  computedMassG,
  editsFor,
  EDIT_TITLE,
  gFromMassKg,
  GRAVITY_MPS2,
  guardCollapseN,
  massKgFromG,
  optionText,
  PART_TITLE,
  PART_LIMITS,
  rigBody,
  shown,
  type BenchPart,
  type ChoiceEdit,
  type Rig,
} from '@core';
import ChoiceRow from '../../parts/ChoiceRow.vue';
import FractionText from '../../parts/FractionText.vue';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import { useBox } from '../../stores/box';
import BenchAmount from './BenchAmount.vue';
import { partText } from './part-lines';
import * as words from '../../locale/en/bench';

/** The parts of a build; the one at hand is open, with a field for everything that can be done to it. */
const props = defineProps<{ rig: Rig }>();
const part = defineModel<BenchPart>({ required: true });
const WeighDialog = defineAsyncComponent(() => import('../box/WeighDialog.vue'));
const bench = useBench();
const box = useBox();
const { system } = useUnits();

const rows = computed(() => {
  const edits = editsFor(props.rig);
  return BENCH_PARTS.map((id) => ({
    id,
    edits: edits.filter((edit) => edit.part === id),
    lines: partText(id, props.rig, system.value),
  })).filter(({ edits }) => edits.length > 0);
});
/** more than a few words go into a list */
const LISTED_FROM = 6;
const owned = computed(() => new Set(box.box.blades.map(({ shape, size }) => `${shape} ${size}`)));
const options = (edit: ChoiceEdit): { value: string; title: string }[] =>
  edit.options(props.rig).map((value) => ({
    value,
    title: `${optionText(edit.id, value, system.value)}${edit.part === 'blades' && owned.value.has(value) ? words.inTheBox : ''}`,
  }));

/** what can be weighed, or pressed on a scale */
const WEIGHS: Partial<Record<BenchPart, string>> = {
  trailer: words.weighIt,
  skirt: words.weighIt,
  guard: words.pressOnScale,
};
const weighing = ref<BenchPart | null>(null);
const measured = computed(() => {
  const { trailer, skirt, guard } = props.rig;
  return {
    trailer: trailer?.massG === undefined ? '' : shown('mass', massKgFromG(trailer.massG), system.value),
    skirt: skirt?.massG === undefined ? '' : shown('mass', massKgFromG(skirt.massG), system.value),
    guard: guard?.pushN === undefined ? '' : shown('force', guard.pushN, system.value),
  } as Partial<Record<BenchPart, string>>;
});
const canWeigh = (id: BenchPart): boolean =>
  (id === 'trailer' && !!props.rig.trailer) ||
  (id === 'skirt' && !!props.rig.skirt) ||
  (id === 'guard' && !!props.rig.guard);

/** A mass read off the cut piece, taken back to the whole one by the model's own ratio. */
function uncutG(massG: number, now: number, whole: number): number {
  const { min, max } = PART_LIMITS.massG;
  return Math.min(max, Math.max(min, Math.round(((massG * whole) / now) * 100) / 100));
}
function keepMeasured(massG: number): void {
  const { rig } = props;
  const body = rigBody(rig);
  if (weighing.value === 'trailer' && rig.trailer && body.trailer) {
    const { massG: _old, ...trailer } = rig.trailer;
    const plain = rigBody({ ...rig, trailer });
    const whole = computedMassG.trailers({ ...trailer, colour: trailer.colour });
    void bench.take({
      ...rig,
      trailer: { ...trailer, massG: uncutG(massG, gFromMassKg(plain.trailer!.massKg), whole) },
    });
  } else if (weighing.value === 'skirt' && rig.skirt) {
    const { massG: _old, ...skirt } = rig.skirt;
    const plain = rigBody({ ...rig, skirt });
    const whole = computedMassG.skirts({ ...skirt, lengthMm: skirt.fullMm ?? skirt.lengthMm });
    void bench.take({ ...rig, skirt: { ...skirt, massG: uncutG(massG, gFromMassKg(plain.skirt!.massKg), whole) } });
  } else if (weighing.value === 'guard' && rig.guard) {
    const { min, max } = PART_LIMITS.guardN;
    const pushN = Math.min(max, Math.max(min, massKgFromG(massG) * GRAVITY_MPS2));
    void bench.take({ ...rig, guard: { ...rig.guard, pushN } });
  }
}
function forget(id: BenchPart): void {
  const { rig } = props;
  if (id === 'trailer' && rig.trailer) {
    const { massG: _gone, ...trailer } = rig.trailer;
    void bench.take({ ...rig, trailer });
  } else if (id === 'skirt' && rig.skirt) {
    const { massG: _gone, ...skirt } = rig.skirt;
    void bench.take({ ...rig, skirt });
  } else if (id === 'guard' && rig.guard) {
    const { pushN: _gone, ...guard } = rig.guard;
    void bench.take({ ...rig, guard });
  }
}
/** what the model would say of a guard that was measured */
const guardModel = computed(() => {
  if (props.rig.guard?.pushN === undefined) return '';
  const { pushN: _measured, ...guard } = props.rig.guard;
  return shown('force', guardCollapseN(guard), system.value);
});
</script>

<template>
  <div class="stack">
    <section v-for="row in rows" :key="row.id" class="stack__part" :class="{ 'stack__part--here': part === row.id }">
      <button
        type="button"
        class="stack__head"
        :aria-expanded="part === row.id"
        :data-testid="`part-${row.id}`"
        @click="part = row.id"
      >
        <span class="stack__kind">{{ PART_TITLE[row.id] }}</span>
        <b><FractionText :text="row.lines.name" /></b>
        <span class="soft"><FractionText :text="row.lines.state" /></span>
      </button>
      <div v-if="part === row.id" class="stack__fields" :data-testid="`fields-${row.id}`">
        <template v-for="edit in row.edits" :key="edit.id">
          <BenchAmount v-if="edit.kind === 'amount'" :edit="edit" :rig="rig" />
          <SelectField
            v-else-if="edit.options(rig).length > LISTED_FROM"
            class="stack__list"
            :model-value="edit.read(rig)"
            :items="options(edit)"
            :label="EDIT_TITLE[edit.id]"
            :data-testid="`edit-${edit.id}`"
            @update:model-value="bench.edit(edit.id, $event)"
          />
          <ChoiceRow
            v-else
            class="stack__choice"
            :model-value="edit.read(rig)"
            :options="options(edit)"
            :label="EDIT_TITLE[edit.id]"
            :data-testid="`edit-${edit.id}`"
            @update:model-value="bench.edit(edit.id, String($event))"
          />
        </template>
        <p v-if="row.id === 'trailer' && !rig.trailer" class="soft">{{ words.noTrailerOn }}</p>
        <template v-if="canWeigh(row.id)">
          <p v-if="measured[row.id]" class="stack__measured">
            {{ row.id === 'guard' ? words.measured : words.weighedWhole }}: <b class="number">{{ measured[row.id] }}</b>
            <template v-if="row.id === 'guard'">{{ ' ' }}{{ words.theModelSays(guardModel) }}</template
            >.
            <button type="button" class="because" @click="forget(row.id)">{{ words.goByModelAgain }}</button>
          </p>
          <v-btn class="stack__weigh" @click="weighing = row.id">{{ WEIGHS[row.id] }}</v-btn>
        </template>
      </div>
    </section>
    <WeighDialog
      v-if="weighing !== null"
      :model-value="true"
      :title="weighing === 'guard' ? words.pressGuardOnPan : words.weighAsNow"
      :how="weighing === 'guard' ? words.howToPressTheGuard : words.howToWeigh"
      @update:model-value="weighing = null"
      @keep="keepMeasured"
    />
  </div>
</template>

<style scoped>
.stack__part {
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  border-left: 5px solid transparent;
}
.stack__part--here {
  border-left-color: rgb(var(--v-theme-oxblood));
  background: rgb(var(--v-theme-shade));
}
.stack__head {
  display: grid;
  width: 100%;
  padding: 7px 12px 8px 11px;
  border: 0;
  background: none;
  color: inherit;
  text-align: left;
  font: inherit;
  line-height: 1.2;
  cursor: pointer;
}
.stack__kind {
  font: 500 14px var(--v-font-heading);
  color: rgb(var(--v-theme-ink-soft));
}
.stack__head b {
  font: 700 18px/1.15 var(--v-font-heading);
}
.stack__head .soft {
  font-size: 13.5px;
}
.stack__fields {
  padding: 0 12px 12px 11px;
}
.stack__list {
  padding-top: 8px;
}
.stack__choice {
  grid-template-columns: 1fr;
  gap: 3px;
}
.stack__measured {
  padding-top: 8px;
  font-size: 14px;
}
.stack__weigh {
  margin-top: 10px;
  width: 100%;
}
</style>
