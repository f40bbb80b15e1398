<script setup lang="ts">
import { computed } from 'vue';
import { HAPPENING_TEXT, type Film, type Happening } from '@core';
import { useNarrow } from '../../composables/useNarrow';
import { useUnits } from '../../composables/useUnits';
import * as words from '../../locale/en/tank';

/** The time of a retrieve: its steps as stretches, what happens as notes along them, and where the film stands. */
const props = defineProps<{ film: Film; told: readonly Happening[]; endsS: number }>();
const timeS = defineModel<number>({ required: true });
const { show } = useUnits();
const narrow = useNarrow();

const share = (s: number): string => `${((100 * s) / Math.max(0.1, props.endsS)).toFixed(2)}%`;
const stretches = computed(() =>
  props.film.done.marks.map(({ step, fromS }, at, all) => {
    const toS = all[at + 1]?.fromS ?? props.film.endsS;
    const name = words.stepNames[props.film.plan.steps[step]!.do];
    const part = (toS - fromS) / Math.max(0.1, props.endsS);
    return {
      at,
      isThin: part < THIN,
      left: share(fromS),
      width: share(toS - fromS),
      // a name that would be cut off is not begun: the programme below names every step
      name: part * STRIP_PX[narrow.value ? 'phone' : 'desk'] > name.length * LETTER_PX + 10 ? name : '',
    };
  }),
);
/** steps so short that their borders would be all there is */
const THIN = 0.015;
/** how wide the strip is at least, and a letter of it at most, px */
const STRIP_PX = { phone: 300, desk: 900 } as const;
const LETTER_PX = 7;
const text = ({ kind }: Happening): string => HAPPENING_TEXT[kind];
const spoken = computed(() => words.atTime(words.seconds(timeS.value), words.seconds(props.endsS)));
/** a note every so often finds room on the strip; the others stand in the list */
const ROOM = 0.06;
const noted = computed(() => {
  let last = -1;
  return props.told.filter(({ timeS: s }) => {
    const at = s / Math.max(0.1, props.endsS);
    if (at - last < ROOM) return false;
    last = at;
    return true;
  });
});
const nearest = computed(() => {
  const past = props.told.filter(({ timeS: s }) => s <= timeS.value + 0.05);
  return past.at(-1) ?? null;
});
</script>

<template>
  <div class="time">
    <div class="time__steps" aria-hidden="true">
      <span
        v-for="stretch in stretches"
        :key="stretch.at"
        class="time__step"
        :class="{ 'time__step--thin': stretch.isThin }"
        :style="{ left: stretch.left, width: stretch.width }"
        >{{ stretch.name }}</span
      >
    </div>
    <input
      v-model.number="timeS"
      type="range"
      class="time__range"
      min="0"
      :max="endsS"
      step="0.05"
      :aria-label="words.time"
      :aria-valuetext="spoken"
    />
    <div class="time__notes">
      <button
        v-for="note in noted"
        :key="`${note.timeS} ${note.kind}`"
        type="button"
        class="time__note"
        :class="{ 'time__note--now': note === nearest }"
        :style="{ left: share(note.timeS) }"
        @click="timeS = note.timeS"
      >
        {{ text(note) }}
      </button>
    </div>
    <details class="time__all">
      <summary>{{ words.whatIsFelt }} ({{ told.length }})</summary>
      <ol>
        <li v-for="note in told" :key="`${note.timeS} ${note.kind}`">
          <button type="button" class="because" @click="timeS = note.timeS">
            {{ words.seconds(note.timeS) }}, {{ show('depth', note.zM) }}: {{ text(note) }}
          </button>
        </li>
      </ol>
    </details>
  </div>
</template>

<style scoped>
.time {
  position: relative;
  padding: 0 14px 4px 58px;
}
.time__steps {
  position: relative;
  height: 20px;
  border: 1px solid rgba(var(--v-theme-ink), 0.3);
  overflow: hidden;
}
.time__step {
  position: absolute;
  top: 0;
  bottom: 0;
  padding: 0 4px;
  border-left: 2px solid rgb(var(--v-theme-ink));
  font: 500 13px/19px var(--v-font-heading);
  white-space: nowrap;
  overflow: hidden;
}
.time__step--thin {
  padding: 0;
  border-left: 0;
  color: transparent;
}
.time__step:nth-child(even) {
  background: rgb(var(--v-theme-shade));
}
.time__range {
  width: 100%;
  height: 26px;
  margin: 0;
  accent-color: rgb(var(--v-theme-oxblood));
}
.time__notes {
  position: relative;
  height: 25px;
}
.time__note {
  position: absolute;
  min-height: 24px;
  padding: 0 3px;
  border: 0;
  border-left: 1px solid rgb(var(--v-theme-ink-soft));
  background: none;
  color: inherit;
  font: 500 13px/1.1 var(--v-font-heading);
  white-space: nowrap;
  cursor: pointer;
}
.time__note:last-child {
  transform: translateX(-100%);
  border-left: 0;
  border-right: 1px solid rgb(var(--v-theme-ink-soft));
}
.time__note--now {
  color: rgb(var(--v-theme-oxblood));
  font-weight: 700;
}
.time__all summary {
  cursor: pointer;
  font: 500 14px var(--v-font-heading);
}
.time__all ol {
  margin: 0;
  padding: 2px 0 2px 20px;
  columns: 3;
}
@media (max-width: 700px) {
  .time {
    padding: 0 12px 4px;
  }
  .time__notes {
    display: none;
  }
  .time__range {
    height: 48px;
  }
  .time__all summary {
    min-height: 48px;
    line-height: 48px;
  }
  .time__all ol {
    columns: 1;
  }
}
</style>
