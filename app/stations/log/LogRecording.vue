<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import { issueText, momentText, type Recording } from '@core';
import FileField from '../../parts/FileField.vue';
import SelectField from '../../parts/SelectField.vue';
import UnitField from '../../parts/UnitField.vue';
import { useNotices } from '../../stores/notices';
import { useOutings } from '../../stores/outings';
import { useWater } from '../../stores/water';
import { askLog } from '../../workers/ask-log';
import LogTrack from './LogTrack.vue';
import * as words from '../../locale/en/log';

/** A recording of a sounder: read beside the page, kept with an outing, or for the water at hand. */
const outings = useOutings();
const water = useWater();
const notices = useNotices();
const mountedM = ref(0.3);
const MOUNTED_M = { min: 0, max: 3 } as const;
const progress = ref<number | null>(null);
const problem = ref('');
const recording = shallowRef<Recording | null>(null);
const to = ref('');

const items = computed(() =>
  (outings.rows ?? []).map((row) => ({ value: row.id, title: `${momentText(row.from)} ${row.place}` })),
);
/** when it began, ms; null where it tells no time */
const beganMs = computed(() => {
  const of = recording.value;
  return of?.day && of.startS !== null ? Date.parse(`${of.day}T00:00:00Z`) + 1000 * of.startS : null;
});

async function read(file: File | null): Promise<void> {
  recording.value = null;
  problem.value = '';
  if (!file) return;
  progress.value = 0;
  const found = await askLog('recording', { file, mountedM: mountedM.value }, (done) => (progress.value = done));
  progress.value = null;
  if (!found.ok) return void (problem.value = found.issues.map(issueText).join(' '));
  recording.value = found.value;
  // the outing it was recorded on, by its clock
  const began = beganMs.value;
  const like =
    began === null
      ? null
      : outings.rows?.find(
          (row) => Date.parse(row.from) - 3_600_000 <= began && began <= Date.parse(row.to ?? row.from) + 3_600_000,
        );
  to.value = like?.id ?? items.value[0]?.value ?? '';
}
const middleOf = (at: 3 | 4): number | null => {
  const values = (recording.value?.track ?? []).flatMap((point) => point[at] ?? []).sort((a, b) => a - b);
  return values[Math.floor(values.length / 2)] ?? null;
};
function useForWater(): void {
  const [depthM, temperatureC] = [middleOf(3), middleOf(4)];
  const problems = water.change({
    ...(depthM === null ? {} : { depthM: Math.round(100 * depthM) / 100 }),
    ...(temperatureC === null ? {} : { temperatureC: Math.round(10 * temperatureC) / 10 }),
  });
  if (problems.length > 0) notices.complain(problems);
  else notices.say(words.sounderTaken);
}
async function keepTrack(): Promise<void> {
  const of = recording.value;
  const outing = await outings.get(to.value);
  if (!of || !outing) return;
  const shiftS = beganMs.value === null ? 0 : (beganMs.value - Date.parse(outing.from)) / 1000;
  const track = of.track.map(([s, ...rest]): NonNullable<typeof outing.track>[number] => [s + shiftS, ...rest]);
  const problems = await outings.put({ ...outing, track }, outing);
  if (problems.length > 0) return notices.complain(problems);
  notices.say(words.recordingKept, async () => {
    // what it took the place of comes back
    const now = await outings.get(outing.id);
    if (!now) return;
    const { track: _new, ...rest } = now;
    await outings.put(outing.track ? { ...rest, track: outing.track } : rest, now);
  });
  recording.value = null;
}
</script>

<template>
  <details class="recording">
    <summary>{{ words.recordingFile }}</summary>
    <div class="recording__in">
      <UnitField v-model="mountedM" :label="words.mounted" quantity="depth" :min="MOUNTED_M.min" :max="MOUNTED_M.max" />
      <FileField :label="words.chooseFile" accept=".nmea,.txt,.log" @chosen="read" />
      <p v-if="progress !== null" role="status">{{ words.recordingReads(Math.round(100 * progress)) }}</p>
      <p v-if="problem" role="alert" class="recording__problem">{{ problem }}</p>
      <template v-if="recording">
        <p role="status" data-testid="recording">
          {{ words.recordingSays(recording.track.length, recording.readings, recording.corrupt + recording.noise) }}
        </p>
        <LogTrack v-if="recording.track.length > 1" :track="recording.track as never" />
        <div class="recording__row">
          <template v-if="items.length > 0">
            <SelectField v-model="to" :label="words.recordingTo" :items="items" />
            <button type="button" class="press" @click="keepTrack">{{ words.recordingKeep }}</button>
          </template>
          <button type="button" class="press" @click="useForWater">{{ words.recordingWater }}</button>
        </div>
      </template>
    </div>
  </details>
</template>

<style scoped>
.recording summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font: 600 17px var(--v-font-heading);
}
.recording__in {
  display: grid;
  gap: 10px;
  max-width: 640px;
}
.recording__row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: end;
}
.recording__problem {
  color: rgb(var(--v-theme-oxblood));
}
</style>
