<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  EVENT_TITLE,
  HOOKED_AT,
  HOOKED_BY,
  lengthMFromMm,
  mmFromLengthM,
  momentText,
  parseShown,
  shownNumber,
  type EventKind,
  type HookedBy,
  type LogEvent,
} from '@core';
import SelectField from '../../parts/SelectField.vue';
import { useUnits } from '../../composables/useUnits';
import { momentFrom } from './moment-from';
import { useRigChoices } from './useRigChoices';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/log';

/** One event as a form: when, what, on which rod, and what is known of the fish. */
const props = defineProps<{ event: LogEvent; offsetMin: number; kinds: readonly EventKind[] }>();
const emit = defineEmits<{ take: [event: LogEvent]; cancel: [] }>();
const { system } = useUnits();
const { choices } = useRigChoices();

const at = ref(momentText(props.event.at));
const what = ref<EventKind>(props.event.what);
const rod = ref(String((props.event.rod ?? 0) + 1));
const hookedBy = ref<HookedBy | ''>(props.event.hookedBy ?? '');
const length = ref(
  props.event.lengthMm === undefined
    ? ''
    : shownNumber('partLength', lengthMFromMm(props.event.lengthMm), system.value),
);
const says = ref(props.event.says ?? '');
const KEEP = 'keep';
const rig = ref(props.event.rig ? KEEP : '');
const problem = ref('');
const kinds = computed(() => props.kinds.map((value) => ({ value, title: EVENT_TITLE[value] })));
const hooks = [{ value: '' as const, title: '–' }, ...HOOKED_BY.map((value) => ({ value, title: HOOKED_AT[value] }))];
const rigs = computed(() => [...(props.event.rig ? [{ value: KEEP, title: words.keepIt }] : []), ...choices.value]);
const isFish = computed(() => ['bite', 'hooked', 'landed', 'lost'].includes(what.value));

function take(): void {
  // what was not touched keeps its seconds
  const when = at.value.trim() === momentText(props.event.at) ? props.event.at : momentFrom(at.value, props.offsetMin);
  const place = Number(rod.value);
  if (when === null) return void (problem.value = words.notAMoment);
  if (rod.value.trim() !== '' && !(Number.isInteger(place) && place >= 1 && place <= 1000))
    return void (problem.value = words.notARod);
  const si = length.value.trim() === '' ? null : parseShown('partLength', length.value, system.value);
  if (length.value.trim() !== '' && si === null) return void (problem.value = words.notALength);
  const tied =
    what.value === 'tie-on'
      ? rig.value === KEEP
        ? props.event.rig
        : choices.value.find(({ value }) => value === rig.value)?.rig
      : undefined;
  const { water, stop } = props.event;
  emit('take', {
    at: when,
    what: what.value,
    ...(rod.value.trim() === '' ? {} : { rod: place - 1 }),
    ...(tied ? { rig: tied } : {}),
    ...(water ? { water } : {}),
    ...(stop === undefined ? {} : { stop }),
    ...(isFish.value && hookedBy.value !== '' ? { hookedBy: hookedBy.value } : {}),
    ...(isFish.value && si !== null ? { lengthMm: Math.round(mmFromLengthM(si)) } : {}),
    ...(says.value.trim() === '' ? {} : { says: says.value.trim() }),
  });
}
</script>

<template>
  <form class="event-form" @submit.prevent="take">
    <TextField v-model="at" :label="words.when" />
    <SelectField v-model="what" :label="words.what" :items="kinds" />
    <TextField v-model="rod" :label="words.rod" inputmode="numeric" />
    <SelectField v-if="what === 'tie-on'" v-model="rig" :label="words.rigFrom" :items="rigs" />
    <template v-if="isFish">
      <SelectField v-model="hookedBy" :label="words.where" :items="hooks" />
      <TextField v-model="length" :label="words.length" />
    </template>
    <TextField v-model="says" :label="words.remark" :maxlength="80" />
    <div class="event-form__row">
      <button type="submit" class="press act">{{ words.keepIt }}</button>
      <button type="button" class="press" @click="$emit('cancel')">{{ words.cancel }}</button>
    </div>
    <p v-if="problem" role="alert" class="event-form__problem">{{ problem }}</p>
  </form>
</template>

<style scoped>
.event-form {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px;
  align-items: end;
  width: 100%;
  padding: 8px 0;
}
.event-form__row {
  display: flex;
  gap: 8px;
}
.event-form__problem {
  grid-column: 1 / -1;
  color: rgb(var(--v-theme-oxblood));
}
</style>
