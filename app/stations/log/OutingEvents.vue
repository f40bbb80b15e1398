<script setup lang="ts">
import { computed } from 'vue';
import {
  eventKeys,
  EVENT_KINDS,
  EVENT_TITLE,
  HOOKED_AT,
  lengthMFromMm,
  momentText,
  msOf,
  offsetOf,
  rigTitle,
  type KeptOuting,
  type LogEvent,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import LogEventForm from './LogEventForm.vue';
import * as words from '../../locale/en/log';

/** The events of an outing as a table; each can be changed, taken out, or made the place where the outing is split in two. */
const props = defineProps<{ outing: KeptOuting }>();
const emit = defineEmits<{
  take: [key: string, event: LogEvent];
  'take-out': [key: string, event: LogEvent];
  split: [event: LogEvent];
}>();
/** key of the event whose form is open */
const changing = defineModel<string | null>('changing', { required: true });
const { system, show } = useUnits();

const keyed = computed(() => {
  const events = props.outing.events;
  const keys = eventKeys(events);
  return events.map((event, at) => ({ event, key: keys[at]! }));
});
const remarkOf = ({ what, rig, stop, says }: LogEvent): string =>
  [what === 'tie-on' && rig ? rigTitle(rig, system.value) : '', stop ?? '', says ?? '']
    .filter((part) => part !== '')
    .join(' · ');
/** at its very start or end there is nothing to split */
const canSplit = ({ at }: LogEvent): boolean => {
  const { from, to } = props.outing;
  return msOf(at) > msOf(from) && (to === null || msOf(at) < msOf(to));
};
</script>

<template>
  <div class="events" tabindex="0" role="region" :aria-label="words.events">
    <table class="ruled events__table">
      <thead>
        <tr>
          <th scope="col">{{ words.when }}</th>
          <th scope="col">{{ words.rod }}</th>
          <th scope="col">{{ words.what }}</th>
          <th scope="col">{{ words.where }}</th>
          <th scope="col">{{ words.length }}</th>
          <th scope="col">{{ words.remark }}</th>
          <th scope="col">
            <span class="visually-hidden">{{ words.change }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <template v-for="{ event, key } in keyed" :key="key">
          <tr :data-what="event.what">
            <td class="number">{{ momentText(event.at).slice(11) }}</td>
            <td class="number">{{ event.rod === undefined ? '' : event.rod + 1 }}</td>
            <td>{{ EVENT_TITLE[event.what] }}</td>
            <td>{{ event.hookedBy ? HOOKED_AT[event.hookedBy] : '' }}</td>
            <td class="number">
              <FractionText
                :text="event.lengthMm === undefined ? '' : show('partLength', lengthMFromMm(event.lengthMm))"
              />
            </td>
            <td><FractionText :text="remarkOf(event)" /></td>
            <td class="events__acts">
              <button type="button" class="press press--text" @click="changing = changing === key ? null : key">
                {{ words.change }}
              </button>
              <button type="button" class="press press--text" @click="emit('take-out', key, event)">
                {{ words.remove }}
              </button>
              <button v-if="canSplit(event)" type="button" class="press press--text" @click="emit('split', event)">
                {{ words.splitHere }}
              </button>
            </td>
          </tr>
          <tr v-if="changing === key">
            <td colspan="7">
              <LogEventForm
                :event="event"
                :offset-min="offsetOf(event.at)"
                :kinds="EVENT_KINDS"
                @take="emit('take', key, $event)"
                @cancel="changing = null"
              />
            </td>
          </tr>
        </template>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.events {
  width: 100%;
  max-height: 440px;
  overflow: auto;
}
.events__table {
  width: 100%;
}
.events__acts {
  white-space: nowrap;
}
</style>
