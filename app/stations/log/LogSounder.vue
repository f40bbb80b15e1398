<script setup lang="ts">
import { computed } from 'vue';
import { useUnits } from '../../composables/useUnits';
import { useNotices } from '../../stores/notices';
import { useSounder } from '../../stores/sounder';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/log';

/** The sounder aboard: what it says now, its track with the outing, and its numbers for the water at hand when asked. */
const sounder = useSounder();
const water = useWater();
const notices = useNotices();
const { show } = useUnits();
const reading = computed(() => sounder.reading);
const link = computed(() => sounder.link);

const says = computed(() => {
  const of = reading.value;
  if (!of) return '';
  const parts = [
    ...(of.depthM === null ? [] : [show('depth', of.depthM)]),
    ...(of.temperatureC === null ? [] : [show('temperature', of.temperatureC)]),
  ];
  return parts.length === 0 ? '' : words.sounderSays(parts.join(' · '));
});
function take(): void {
  const of = reading.value;
  if (!of) return;
  const problems = water.change({
    ...(of.depthM === null ? {} : { depthM: Math.round(of.depthM * 100) / 100 }),
    ...(of.temperatureC === null ? {} : { temperatureC: Math.round(of.temperatureC * 10) / 10 }),
  });
  if (problems.length > 0) notices.complain(problems);
  else notices.say(words.sounderTaken);
}
</script>

<template>
  <section class="sounder" :aria-label="words.sounder" data-testid="sounder" :data-link="link">
    <button v-if="link === 'off'" type="button" class="press" @click="sounder.listen()">
      {{ words.sounderListen }}
    </button>
    <template v-else>
      <p role="status">
        <template v-if="says">
          <b class="number">{{ says }}</b>
        </template>
        <template v-else-if="link === 'none'">{{ words.sounderNone }}</template>
        <template v-else-if="link === 'lost'">{{ words.sounderLost }}</template>
        <template v-else>{{ words.sounderQuiet }}</template>
      </p>
      <p v-if="reading && reading.corrupt > 0" class="soft">{{ words.sounderUnread(reading.corrupt) }}</p>
      <p v-if="sounder.heard > 0" class="soft" data-testid="track-points">{{ words.sounderTrack(sounder.heard) }}</p>
      <div class="sounder__row">
        <button v-if="says" type="button" class="press act" @click="take">{{ words.sounderTake }}</button>
        <button type="button" class="press" @click="sounder.stop()">{{ words.sounderStop }}</button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.sounder {
  display: grid;
  gap: 6px;
  padding: 8px 0;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.sounder b {
  font-size: 22px;
}
.sounder__row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.sounder .press {
  min-height: 48px;
}
</style>
