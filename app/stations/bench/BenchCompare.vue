<script setup lang="ts">
import { computed } from 'vue';
import {
  changeEffects,
  EDIT_TITLE,
  editValueText,
  READOUT_TITLE,
  readoutChange,
  readoutMoves,
  readoutText,
  sameJson,
  WANT_TITLE,
  wantMoves,
  type EditId,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { AS_IT_CAME, useBench } from '../../stores/bench';
import { useEditValue } from './useEditValue';
import { useFocusBack } from '../../composables/useFocusBack';

/** Two states of a build beside each other: what was changed, which cut worsens what, and by how much each number moved. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const bench = useBench();
const { system } = useUnits();
const { unitOf } = useEditValue();

// beside itself nothing is different: then it stands beside the rig as it came
if (bench.earlier && sameJson(bench.earlier.rig, bench.build?.rig)) bench.against = AS_IT_CAME;

const choices = computed(() => [
  { title: 'as it came', value: AS_IT_CAME },
  ...(bench.build?.versions ?? []).map(({ name }, at) => ({ title: `${at + 1}. ${name || 'version'}`, value: at })),
]);
const then = computed(() => bench.before);
const now = computed(() => bench.numbers);
const changes = computed(() => {
  if (!bench.on || !bench.earlierRig || !now.value) return [];
  const say = (id: EditId, value: number | string): string => editValueText(id, unitOf(id), value, system.value);
  return changeEffects(bench.on, bench.earlierRig, now.value).map(({ edit, from, to, worsens, idle }) => ({
    edit,
    title: EDIT_TITLE[edit],
    from: say(edit, from),
    to: say(edit, to),
    effect: idle
      ? 'changes none of the numbers'
      : worsens.length > 0
        ? `worsens ${worsens.map(({ want, by }) => `${WANT_TITLE[want].toLowerCase()} (−${Math.round(-by * 100)})`).join(', ')}`
        : 'changes nothing that is asked for',
    worse: worsens.length > 0,
  }));
});
const moves = computed(() => {
  if (!then.value || !now.value) return [];
  const [before, after] = [then.value, now.value];
  return readoutMoves(before, after)
    .map(({ id, from, to }) => {
      const [was, is] = [before, after].map(({ readouts }) => readouts.find((row) => row.id === id)!);
      return {
        id,
        title: READOUT_TITLE[id],
        from: readoutText(was!, system.value).value,
        to: readoutText(is!, system.value).value,
        by: readoutChange(is!.unit, from, to, system.value),
      };
    })
    .filter((row) => row.from !== row.to);
});
const wants = computed(() => (then.value && now.value ? wantMoves(then.value, now.value) : []));
function goBack(): void {
  if (bench.earlierRig) void bench.take(bench.earlierRig);
  open.value = false;
}
</script>

<template>
  <v-dialog v-model="open" aria-label="Compare versions" :max-width="980" scrollable>
    <v-card class="compare" data-testid="compare">
      <div class="compare__head">
        <h2>What changed, and by how much</h2>
        <SelectField v-model="bench.against" :items="choices" label="Against" />
      </div>
      <div v-if="bench.earlierRig && bench.rig" class="compare__two">
        <figure>
          <figcaption>{{ choices.find(({ value }) => value === bench.against)?.title }}</figcaption>
          <RigDrawing :rig="bench.earlierRig" label="The earlier build, from the side" />
        </figure>
        <figure>
          <figcaption>as it is now</figcaption>
          <RigDrawing :rig="bench.rig" label="The build as it is now, from the side" />
        </figure>
      </div>
      <p v-if="changes.length === 0">Nothing is different yet.</p>
      <template v-else>
        <section aria-label="Changes">
          <h3>Cuts and turns</h3>
          <ul class="compare__changes">
            <li v-for="row in changes" :key="row.edit">
              <b>{{ row.title }}</b>
              <span><FractionText :text="row.from" /> → <FractionText :text="row.to" /></span>
              <span :class="{ compare__worse: row.worse }">{{ row.effect }}</span>
            </li>
          </ul>
        </section>
        <section v-if="wants.length > 0" aria-label="Wants">
          <h3>What this water asks</h3>
          <p>
            <template v-for="(row, at) in wants" :key="row.want"
              >{{ at > 0 ? '; ' : '' }}{{ WANT_TITLE[row.want] }} answered
              <b :class="{ compare__worse: row.by < 0 }">{{ row.by < 0 ? 'worse' : 'better' }}</b> by
              {{ Math.abs(Math.round(row.by * 100)) }} of 100</template
            >.
          </p>
        </section>
        <section aria-label="Numbers">
          <h3>Numbers</h3>
          <v-table density="compact">
            <thead>
              <tr>
                <th scope="col">Number</th>
                <th scope="col">Then</th>
                <th scope="col">Now</th>
                <th scope="col">Change</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in moves" :key="row.id">
                <th scope="row">{{ row.title }}</th>
                <td><FractionText :text="row.from" /></td>
                <td><FractionText :text="row.to" /></td>
                <td class="number">{{ row.by }}</td>
              </tr>
            </tbody>
          </v-table>
        </section>
      </template>
      <div class="compare__foot">
        <v-btn :disabled="changes.length === 0" @click="goBack">Go back to the earlier one</v-btn>
        <v-btn class="act" autofocus @click="open = false">Close</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.compare {
  padding: 18px 22px;
  display: grid;
  gap: 12px;
  overflow: auto;
}
.compare__head {
  display: grid;
  grid-template-columns: 1fr 260px;
  gap: 12px;
  align-items: center;
}
.compare__two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 18px;
}
.compare__two figure {
  margin: 0;
}
.compare__changes {
  list-style: none;
}
.compare__changes li {
  display: grid;
  grid-template-columns: 190px 240px 1fr;
  gap: 10px;
  padding: 3px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.compare__worse {
  color: rgb(var(--v-theme-oxblood));
}
.compare__foot {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  justify-content: space-between;
}
.compare :deep(.v-table) {
  background: none;
}
@media (max-width: 700px) {
  .compare__head,
  .compare__two,
  .compare__changes li {
    grid-template-columns: 1fr;
  }
}
</style>
