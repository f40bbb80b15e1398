<script setup lang="ts">
import { computed } from 'vue';
import {
  CAUSE_TEXT,
  displayUnit,
  isTold,
  MEASURE_TEXT,
  type Band,
  type Difference,
  type Measure,
  type Quantity,
} from '@core';
import { useNewest } from '../../composables/useNewest';
import { useUnits } from '../../composables/useUnits';
import { useTank } from '../../stores/tank';
import { useWater } from '../../stores/water';
import { askTank } from '../../workers/ask-tank';
import * as words from '../../locale/en/tank';

/** Two rigs, one water, one programme: what differs, and which of their differences makes most of it. */
const tank = useTank();
const water = useWater();
const { show, showAround, system } = useUnits();
const DEPTHS: readonly Measure[] = ['mid-depth', 'max-depth'];
const quantityOf = (measure: Measure): Quantity => (DEPTHS.includes(measure) ? 'depth' : 'speed');

const { last, busy, problem } = useNewest(
  () => {
    const { rig, other } = tank.tank;
    return rig && other && { rig, other, plan: tank.plan, water: water.water };
  },
  (of) => askTank('versus', of),
);

function text(measure: Measure, value: number | null): string {
  if (value === null) return '–';
  return measure === 'in-band' ? words.seconds(value) : show(quantityOf(measure), value);
}
const bandText = (measure: Measure, band: Band | null): string =>
  measure === 'in-band' ? words.secondsAround(band) : showAround(quantityOf(measure), band);
const isAlike = ({ measure, a, b }: Difference): boolean => text(measure, a.value) === text(measure, b.value);
/** How far they are apart, and how sure that is. */
function by(difference: Difference): readonly [says: string, band: string] {
  const { measure, a, b, by: apart } = difference;
  if (a.value === null || b.value === null || apart === null) return ['', ''];
  if (isAlike(difference)) return [words.noDifference, ''];
  if (!isTold(apart)) return [words.tooClose, ''];
  // of the numbers as they are read: what is told must add up
  const quantity = quantityOf(measure);
  const { fromSi, toSi, digits } = displayUnit(quantity, system.value);
  const read = (value: number): number => Number(fromSi(value).toFixed(digits));
  const amount =
    measure === 'in-band'
      ? words.seconds(Math.abs(Number(b.value.toFixed(1)) - Number(a.value.toFixed(1))))
      : show(quantity, toSi(Math.abs(read(b.value) - read(a.value))));
  const more = DEPTHS.includes(measure) ? words.deeperBy : words.moreBy;
  const less = DEPTHS.includes(measure) ? words.shallowerBy : words.lessBy;
  const [least = 0, most = 0] = (apart.band ?? []).map(Math.abs).sort((one, other) => one - other);
  return [(b.value > a.value ? more : less)(amount), apart.band ? bandText(measure, [least, most]) : ''];
}
const rows = computed(() =>
  (last.value?.answer ?? []).map((difference) => {
    const { measure, a, b, cause } = difference;
    return {
      measure,
      name: MEASURE_TEXT[measure],
      sides: [a, b].map(({ value, band }) => [text(measure, value), bandText(measure, band)] as const),
      by: by(difference),
      cause: cause && !isAlike(difference) ? CAUSE_TEXT[cause.of] : '',
    };
  }),
);
</script>

<template>
  <p v-if="!tank.tank.other" class="soft">{{ words.chooseBeside }}</p>
  <p v-else-if="problem" role="alert">{{ problem }}</p>
  <p v-else-if="rows.length === 0" class="soft" role="status">{{ words.isComparing }}</p>
  <table v-else class="versus ruled" data-testid="tank-versus" :aria-busy="busy">
    <thead>
      <tr>
        <th scope="col">{{ words.measure }}</th>
        <th scope="col">{{ words.a }}</th>
        <th scope="col">{{ words.b }}</th>
        <td />
        <th scope="col">{{ words.mostOfIt }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.measure">
        <th scope="row">{{ row.name }}</th>
        <td v-for="([value, band], at) in [...row.sides, row.by]" :key="at">
          <span :class="{ number: at < 2 }">{{ value }}</span>
          <span v-if="band" class="soft versus__band">{{ band }}</span>
        </td>
        <td>{{ row.cause }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.versus {
  width: 100%;
  max-width: 900px;
}
.versus__band {
  display: block;
}
</style>
