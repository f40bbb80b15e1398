<script setup lang="ts">
import { ref, watch } from 'vue';
import {
  displayUnit,
  HOOKED_AT,
  HOOKED_BY,
  lengthMFromMm,
  LOG_LIMITS,
  mmFromLengthM,
  parseShown,
  shown,
  shownNumber,
  type HookedBy,
  type LogEvent,
} from '@core';
import FractionText from '../../parts/FractionText.vue';
import { useUnits } from '../../composables/useUnits';
import { useOutings } from '../../stores/outings';
import * as words from '../../locale/en/log';

/** Where the fish of the last key was hooked, and how long it is: more of the same event. */
const props = defineProps<{ fish: LogEvent }>();
const outings = useOutings();
const { system } = useUnits();
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

const textOf = (): string =>
  props.fish.lengthMm === undefined ? '' : shownNumber('partLength', lengthMFromMm(props.fish.lengthMm), system.value);
const text = ref(textOf());
const problem = ref('');
watch([() => props.fish.at, () => props.fish.lengthMm, system], () => {
  text.value = textOf();
  problem.value = '';
});
/** What was typed counts once the field is left: half a number is none yet. */
function typed(): void {
  problem.value = '';
  if (text.value.trim() === '') {
    text.value = textOf();
    return;
  }
  const lengthM = parseShown('partLength', text.value, system.value);
  const lengthMm = lengthM === null ? null : Math.round(mmFromLengthM(lengthM) * 100) / 100;
  const { min, max } = LOG_LIMITS.lengthMm;
  if (lengthMm === null || lengthMm < min || lengthMm > max) {
    const limit = (mm: number): string => shown('partLength', lengthMFromMm(mm), system.value);
    problem.value = words.lengthFrom(limit(min), limit(max));
    return;
  }
  if (lengthMm !== props.fish.lengthMm) void outings.tellMore(props.fish.at, { lengthMm });
}
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
      <label class="fish__typed">
        <input
          v-model="text"
          class="number"
          type="text"
          inputmode="decimal"
          autocomplete="off"
          :aria-label="words.lengthIn(displayUnit('partLength', system).unit)"
          :placeholder="words.noLength"
          :aria-invalid="problem !== ''"
          data-testid="fish-length"
          @change="typed"
          @keydown.enter="typed"
        />
        <span v-if="text !== ''" aria-hidden="true">{{ displayUnit('partLength', system).unit }}</span>
      </label>
      <button type="button" class="press" :aria-label="words.longer" @click="measure(1)">+</button>
    </div>
    <p v-if="problem" class="fish__problem" role="alert"><FractionText :text="problem" /></p>
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
.fish__typed {
  display: flex;
  align-items: baseline;
  justify-content: center;
  gap: 6px;
  min-width: 0;
}
.fish__typed input {
  width: 7.5em;
  min-height: 48px;
  border: 0;
  border-bottom: 2px solid rgb(var(--v-theme-ink-soft));
  background: none;
  color: inherit;
  text-align: center;
  font-size: 20px;
}
.fish__problem {
  color: rgb(var(--v-theme-oxblood));
  font-size: 15px;
}
@media (max-width: 700px) and (min-height: 601px) {
  /* beside each other there is room for both above the keys */
  .fish__ask,
  .fish__care {
    display: none;
  }
}
.fish__care {
  font-size: 14px;
}
</style>
