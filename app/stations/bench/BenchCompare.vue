<script setup lang="ts">
import { computed } from 'vue';
import {
  changeEffects,
  EDIT_TITLE,
  editValueText,
  READOUT_TEXT,
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
import * as words from '../../locale/en/bench';

/** Two states of a build beside each other: what was changed, which cut worsens what, and by how much each number moved. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const bench = useBench();
const { system } = useUnits();
const { unitOf } = useEditValue();

// beside itself nothing is different: then it stands beside the rig as it came
if (bench.earlier && sameJson(bench.earlier.rig, bench.build?.rig)) bench.against = AS_IT_CAME;

const choices = computed(() => [
  { title: words.asItCame, value: AS_IT_CAME },
  ...(bench.build?.versions ?? []).map(({ name }, at) => ({ title: `${at + 1}. ${name || words.version}`, value: at })),
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
      ? words.changesNoNumber
      : worsens.length > 0
        ? words.worsens(
            worsens.map(({ want, by }) => `${WANT_TITLE[want].toLowerCase()} (−${Math.round(-by * 100)})`).join(', '),
          )
        : words.changesNothingAsked,
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
        title: READOUT_TEXT[id].title,
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
  <v-dialog v-model="open" :aria-label="words.compareVersions" :max-width="980" scrollable>
    <v-card class="compare" data-testid="compare">
      <div class="compare__head">
        <h2>{{ words.whatChanged }}</h2>
        <SelectField v-model="bench.against" :items="choices" :label="words.against" />
      </div>
      <div v-if="bench.earlierRig && bench.rig" class="compare__two">
        <figure>
          <figcaption>{{ choices.find(({ value }) => value === bench.against)?.title }}</figcaption>
          <RigDrawing :rig="bench.earlierRig" :label="words.earlierBuild" />
        </figure>
        <figure>
          <figcaption>{{ words.asNow }}</figcaption>
          <RigDrawing :rig="bench.rig" :label="words.buildAsItIs" />
        </figure>
      </div>
      <p v-if="changes.length === 0">{{ words.nothingDifferentYet }}</p>
      <template v-else>
        <section :aria-label="words.changes">
          <h3>{{ words.cutsAndTurns }}</h3>
          <ul class="compare__changes">
            <li v-for="row in changes" :key="row.edit">
              <b>{{ row.title }}</b>
              <span><FractionText :text="row.from" /> → <FractionText :text="row.to" /></span>
              <span :class="{ compare__worse: row.worse }">{{ row.effect }}</span>
            </li>
          </ul>
        </section>
        <section v-if="wants.length > 0" :aria-label="words.wants">
          <h3>{{ words.whatWaterAsks }}</h3>
          <p>
            <template v-for="(row, at) in wants" :key="row.want"
              >{{ at > 0 ? '; ' : '' }}{{ WANT_TITLE[row.want] }} {{ words.answered }}
              <b :class="{ compare__worse: row.by < 0 }">{{ row.by < 0 ? words.worse : words.better }}</b>
              {{ words.by }} {{ Math.abs(Math.round(row.by * 100)) }} {{ words.of100 }}</template
            >.
          </p>
        </section>
        <section :aria-label="words.numbers">
          <h3>{{ words.numbers }}</h3>
          <v-table density="compact">
            <thead>
              <tr>
                <th scope="col">{{ words.number }}</th>
                <th scope="col">{{ words.then }}</th>
                <th scope="col">{{ words.now }}</th>
                <th scope="col">{{ words.change }}</th>
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
        <v-btn :disabled="changes.length === 0" @click="goBack">{{ words.goBack }}</v-btn>
        <v-btn class="act" autofocus @click="open = false">{{ words.close }}</v-btn>
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
