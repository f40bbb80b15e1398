<script setup lang="ts">
import { computed } from 'vue';
import { HOOKED_AT, HOOKED_BY, lengthMFromMm, LOG_LIMITS, type HookedBy, type LogEvent } from '@core';
import { useUnits } from '../../composables/useUnits';
import { useOutings } from '../../stores/outings';
import * as words from '../../locale/en/log';

/** Where the fish of the last key was hooked, and how long it is: more of the same event. */
const props = defineProps<{ fish: LogEvent }>();
const outings = useOutings();
const { system, show } = useUnits();
/** A step of the keys, and what the first of them says, mm. */
const STEP_MM = { us: 6.35, metric: 10 } as const;
const FIRST_MM = { us: 355.6, metric: 350 } as const;

const hooks = HOOKED_BY.map((value) => ({ value, title: HOOKED_AT[value] }));
const tellHook = (hookedBy: HookedBy): void => void outings.tellMore(props.fish.at, { hookedBy });
function measure(by: number): void {
  const step = STEP_MM[system.value];
  const from = props.fish.lengthMm ?? FIRST_MM[system.value] - by * step;
  const { min, max } = LOG_LIMITS.lengthMm;
  const lengthMm = Math.min(max, Math.max(min, Math.round((from + by * step) * 100) / 100));
  void outings.tellMore(props.fish.at, { lengthMm });
}
const lengthText = computed(() =>
  props.fish.lengthMm === undefined ? words.noLength : show('partLength', lengthMFromMm(props.fish.lengthMm)),
);
</script>

<template>
  <div class="fish">
    <p class="fish__ask">{{ words.whereHooked }}</p>
    <div class="fish__hooks" role="group" :aria-label="words.whereHooked">
      <button
        v-for="hook in hooks"
        :key="hook.value"
        type="button"
        class="press"
        :aria-pressed="fish.hookedBy === hook.value"
        @click="tellHook(hook.value)"
      >
        {{ hook.title }}
      </button>
    </div>
    <p class="fish__ask">{{ words.howLong }}</p>
    <div class="fish__length">
      <button type="button" class="press" :aria-label="words.shorter" @click="measure(-1)">−</button>
      <output class="number">{{ lengthText }}</output>
      <button type="button" class="press" :aria-label="words.longer" @click="measure(1)">+</button>
    </div>
    <p class="soft fish__care">{{ words.releaseCaution }}</p>
  </div>
</template>

<style scoped>
.fish {
  display: grid;
  gap: 6px;
  padding: 8px 0;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.fish__ask {
  font: 600 16px var(--v-font-heading);
}
.fish__hooks {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 8px;
}
.fish__hooks .press,
.fish__length .press {
  min-height: 52px;
  font-size: 17px;
}
.fish__hooks [aria-pressed='true'] {
  background: rgb(var(--v-theme-bottle));
  color: rgb(var(--v-theme-on-secondary));
}
.fish__length {
  display: grid;
  grid-template-columns: 72px 1fr 72px;
  align-items: center;
  gap: 8px;
  text-align: center;
}
.fish__length output {
  font-size: 22px;
}
.fish__care {
  font-size: 14px;
}
</style>
