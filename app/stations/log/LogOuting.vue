<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import {
  EVENT_KINDS,
  EVENT_TITLE,
  issueText,
  lastMoment,
  momentText,
  odditiesOf,
  oddityText,
  offsetOf,
  outingOf,
  outingSums,
  outingTitle,
  shiftClock,
  spellsOf,
  withChanged,
  withEvent,
  withoutEvent,
  type KeptOuting,
  type LogEvent,
} from '@core';
import SelectField from '../../parts/SelectField.vue';
import PlainNumber from '../deck/PlainNumber.vue';
import { useNotices } from '../../stores/notices';
import { useOutings } from '../../stores/outings';
import LogEventForm from './LogEventForm.vue';
import LogTrack from './LogTrack.vue';
import OutingEvents from './OutingEvents.vue';
import { momentFrom } from './moment-from';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/log';

/** One outing: what was noted, and everything that can be put right in it. */
const props = defineProps<{ id: string }>();
const emit = defineEmits<{ back: []; open: [id: string] }>();
const outings = useOutings();
const notices = useNotices();

const outing = shallowRef<KeptOuting | null>(null);
const missing = ref(false);
async function look(): Promise<void> {
  outing.value = await outings.get(props.id);
  missing.value = outing.value === null;
}
watch([() => props.id, () => outings.turn], look, { immediate: true });

const problems = ref<readonly string[]>([]);
/** Changes the outing as it is kept by now: another tab, or a tap on Undo, may have been at it. */
async function put(changed: (now: KeptOuting) => KeptOuting): Promise<boolean> {
  const now = await outings.get(props.id);
  if (!now) return false;
  const found = await outings.put(changed(now), now);
  problems.value = found.map(issueText);
  if (found.length > 0) return false;
  await look();
  return true;
}
const sums = computed(() => outing.value && outingSums(spellsOf(outingOf(outing.value))));
const odd = computed(() => {
  const of = outing.value;
  if (!of) return [];
  const others = outings.rows?.find(({ id }) => id === of.id)?.odd ?? [];
  return odditiesOf(of, Date.now(), [])
    .concat(others.filter(({ what }) => what === 'overlaps'))
    .map((one) =>
      oddityText(one, {
        clock: momentText,
        titleOf: (id) => {
          const row = outings.rows?.find((other) => other.id === id);
          return row ? `${row.place} ${momentText(row.from)}` : '';
        },
      }),
    );
});
const changing = ref<string | null>(null);
const adding = ref(false);
async function takeEvent(key: string | null, event: LogEvent): Promise<void> {
  if (await put((now) => (key === null ? withEvent(now, event) : withChanged(now, key, event)))) {
    changing.value = null;
    adding.value = false;
  }
}
async function takeOut(key: string, event: LogEvent): Promise<void> {
  if (!(await put((now) => withoutEvent(now, key)))) return;
  notices.say(words.removed(EVENT_TITLE[event.what]), () => put((now) => withEvent(now, event)));
}
async function splitAt(event: LogEvent): Promise<void> {
  const now = await outings.get(props.id);
  if (!now) return;
  const made = await outings.split(now, event.at);
  if (!made.ok) problems.value = made.issues.map(issueText);
  await look();
}
const other = ref('');
const others = computed(() =>
  (outings.rows ?? [])
    .filter(({ id, to }) => id !== props.id && to !== null)
    .map(({ id, place, from }) => ({ value: id, title: `${momentText(from)} ${place}` })),
);
async function joinThem(): Promise<void> {
  const [one, two] = [await outings.get(props.id), await outings.get(other.value)];
  if (!one || !two) return;
  const both = await outings.join(one, two);
  if (both.id === props.id) await look();
  else emit('open', both.id);
}
const minutes = ref(60);
async function moveTimes(by: number): Promise<void> {
  if (await put((now) => shiftClock(now, by, '')))
    notices.say(words.moved, () => put((now) => shiftClock(now, -by, '')));
}
/** place and ends as they are typed */
const draft = ref({ place: '', from: '', to: '' });
watch(outing, (of) => {
  if (of) draft.value = { place: of.place, from: momentText(of.from), to: of.to === null ? '' : momentText(of.to) };
});
async function takeDraft(): Promise<void> {
  const of = outing.value;
  if (!of) return;
  const offset = offsetOf(of.from);
  const { place, from, to } = draft.value;
  // what was not touched keeps its seconds
  const at = (typed: string, was: string | null): string | null =>
    was !== null && typed.trim() === momentText(was) ? was : momentFrom(typed, offset);
  const [begins, ends] = [at(from, of.from), to.trim() === '' && of.to === null ? null : at(to, of.to)];
  if (begins === null || (ends === null && to.trim() !== '')) return void (problems.value = [words.notAMoment]);
  if (ends === null && of.to !== null) return void (problems.value = [words.notAMoment]);
  await put((now) => ({ ...now, place: place.trim(), from: begins, to: ends }));
}
async function remove(): Promise<void> {
  await outings.remove(outing.value!);
  emit('back');
}
</script>

<template>
  <section class="outing" :aria-label="words.outings" data-testid="outing-page">
    <button type="button" class="press" @click="$emit('back')">← {{ words.back }}</button>
    <p v-if="missing">{{ words.none }}</p>
    <template v-if="outing">
      <h2>{{ outingTitle(outing) }}</h2>
      <p v-if="sums">
        {{ words.rowSays(sums.hours.toFixed(1), sums.bites, sums.landed) }}
        <em v-if="outing.isDemo" class="soft"> · {{ words.isMadeUp }}</em>
      </p>
      <ul v-if="odd.length > 0" class="outing__odd" data-testid="oddities">
        <li v-for="text in odd" :key="text">{{ text }}</li>
      </ul>
      <button
        v-if="outing.to === null && lastMoment(outing) !== outing.from"
        type="button"
        class="press"
        @click="put((now) => ({ ...now, to: lastMoment(now) }))"
      >
        {{ words.endAt(momentText(lastMoment(outing))) }}
      </button>
      <ul v-if="problems.length > 0" class="outing__problem" role="alert">
        <li v-for="text in problems" :key="text">{{ text }}</li>
      </ul>
      <div class="outing__draft">
        <TextField v-model="draft.place" :label="words.place" :maxlength="80" @change="takeDraft" />
        <TextField v-model="draft.from" :label="words.begins" @change="takeDraft" />
        <TextField v-model="draft.to" :label="words.ends" :placeholder="words.stillRunning" @change="takeDraft" />
      </div>
      <h3>{{ words.events }}</h3>
      <OutingEvents
        v-model:changing="changing"
        :outing="outing"
        @take="takeEvent"
        @take-out="takeOut"
        @split="splitAt"
      />
      <button v-if="!adding" type="button" class="press" @click="adding = true">{{ words.addEvent }}</button>
      <LogEventForm
        v-else
        :event="{ at: lastMoment(outing), what: 'bite', rod: outing.rod ?? 0 }"
        :offset-min="offsetOf(outing.from)"
        :kinds="EVENT_KINDS"
        @take="takeEvent(null, $event)"
        @cancel="adding = false"
      />
      <template v-if="outing.track && outing.track.length > 1">
        <h3>{{ words.trackKept }}</h3>
        <LogTrack :track="outing.track" />
      </template>
      <div class="outing__tools">
        <template v-if="others.length > 0 && outing.to !== null">
          <SelectField v-model="other" :label="words.joinWith" :items="others" />
          <button type="button" class="press" :disabled="other === ''" @click="joinThem">{{ words.join }}</button>
        </template>
        <PlainNumber
          :model-value="minutes"
          :label="`${words.clockWrong} (${words.minutes})`"
          :min="-2880"
          :max="2880"
          :step="15"
          @update:model-value="minutes = $event ?? 0"
        />
        <button type="button" class="press" :disabled="minutes === 0" @click="moveTimes(minutes)">
          {{ words.moveTimes }}
        </button>
        <button type="button" class="press" @click="remove">{{ words.deleteOuting }}</button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.outing {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 12px 14px 24px;
}
.outing__odd {
  padding: 8px 12px 8px 28px;
  border-left: 4px solid rgb(var(--v-theme-brass));
}
.outing__problem {
  list-style: none;
  color: rgb(var(--v-theme-oxblood));
}
.outing__draft {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 220px));
  gap: 10px;
  width: 100%;
}
.outing__tools {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: end;
  padding-top: 10px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
@media (max-width: 700px) {
  .outing__draft {
    grid-template-columns: 1fr;
  }
}
</style>
