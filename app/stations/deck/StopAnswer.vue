<script setup lang="ts">
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { coverFits, massKgFromOz, rigTitle, type KeptStop } from '@core';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useUnits } from '../../composables/useUnits';
import { useBench } from '../../stores/bench';
import type { PlanView } from './useDeckPlan';
import * as words from '../../locale/en/deck';

/** What answers a stop, how fast it is fished there, and whether its cover can be fished in the time. */
const props = defineProps<{ stop: KeptStop; view: PlanView | null }>();
const bench = useBench();
const router = useRouter();
const { show, showBand, showHead, system } = useUnits();

const place = computed(() => props.view?.indexOf(props.stop.id) ?? -1);
const answer = computed(() => (place.value === -1 ? null : (props.view?.plan.stops[place.value] ?? null)));
const answering = computed(() => props.view?.plan.rods.find(({ stops }) => stops.includes(place.value)) ?? null);
const told = computed(() => props.view?.paces[place.value] ?? null);
const metres = (m: number): string => show('depth', m);
const pace = computed(() => {
  const of = told.value;
  if (!of) return null;
  const fits = props.stop.coverM ? coverFits(of.pace, props.stop.minutes, props.stop.coverM) : null;
  return {
    casts: words.castsAnHour(
      ...([of.pace.castsPerHour, ...of.pace.castsBand].map(Math.round) as [number, number, number]),
    ),
    cover: words.coverAnHour(metres(of.pace.coverMPerHour), showBand('depth', of.pace.band[0], of.pace.band[1])),
    heads: of.byHead.map(({ weightOz, pace: by }) =>
      words.withHead(showHead(massKgFromOz(weightOz)), Math.round(by.castsPerHour), metres(by.coverMPerHour)),
    ),
    isShort: fits?.fits === false,
    fits: fits
      ? fits.fits === null
        ? words.coverNearlyFits(Math.round(fits.wantsMin))
        : fits.fits
          ? words.coverFitsAll(Math.round(fits.wantsMin))
          : words.coverDoesNotFit(metres(fits.fitsM), Math.round(fits.wantsMin))
      : '',
  };
});
async function toTheBench(): Promise<void> {
  if (!answering.value) return;
  await bench.start(answering.value.rig, answering.value.base);
  await router.push('/bench');
}
</script>

<template>
  <p v-if="!answering" class="soft">{{ view ? words.nobody : words.notPlannedYet }}</p>
  <div v-else class="answer">
    <RigDrawing class="answer__rig" :rig="answering.rig" :label="words.fromTheSide(rigTitle(answering.rig, system))" />
    <div>
      <p>
        <b><FractionText :text="rigTitle(answering.rig, system)" /></b>
        <span v-if="answer" class="soft">{{ ' ' }}{{ words.answers(Math.round(100 * answer.score)) }}</span>
      </p>
      <button type="button" class="press" @click="toTheBench">{{ words.toTheBench }}</button>
    </div>
    <ul v-if="pace" class="answer__pace" :aria-label="words.pace" data-testid="pace">
      <li>{{ pace.casts }}</li>
      <li>{{ pace.cover }}</li>
      <li v-if="pace.fits" :class="{ answer__short: pace.isShort }">{{ pace.fits }}</li>
      <li v-for="head in pace.heads" :key="head" class="soft"><FractionText :text="head" /></li>
    </ul>
  </div>
</template>

<style scoped>
.answer {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr) minmax(0, 1fr);
  gap: 10px 22px;
  align-items: start;
}
.answer__rig {
  width: 100%;
}
.answer .press {
  margin-top: 6px;
}
.answer__pace {
  list-style: none;
}
.answer__short {
  color: rgb(var(--v-theme-oxblood));
}
@media (max-width: 700px) {
  .answer {
    grid-template-columns: minmax(0, 1fr);
  }
  .answer__rig {
    width: 220px;
  }
}
</style>
