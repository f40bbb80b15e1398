<script setup lang="ts">
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue';
import {
  bestGear,
  CHANGE_TEXT,
  carries,
  cheapestChange,
  fishedOf,
  fishedOn,
  gearAt,
  isEnough,
  MARGIN_TEXT,
  marginsOf,
  NOT_ENOUGH,
  usablePlaces,
  weakestOf,
  type GearChange,
  type GearOfBox,
  type HowFished,
  type Margin,
  type PartOf,
  type Rig,
  type Water,
} from '@core';
import FractionText from './FractionText.vue';
import MarkLine from './MarkLine.vue';
import SelectField from './SelectField.vue';
import { useUnits } from '../composables/useUnits';
import { partTitle } from './part-text';
import { gearPartTitle } from './gear-part';
import { useBox } from '../stores/box';
import { useSettings } from '../stores/settings';
import * as words from '../locale/en/gear';

/** Whether the angler's rod, reel and line carry a rig, by how much, and what would lift the weakest of it. */
const props = defineProps<{
  rig: Rig;
  water: Water;
  /** how it is fished, where that is known */
  handled?: HowFished;
}>();
const box = useBox();
const settings = useSettings();
const { show, system } = useUnits();

const TRAYS = { rod: 'rods', reel: 'reels', line: 'lines' } as const;
type Of = keyof typeof TRAYS;
const OF = ['rod', 'reel', 'line'] as const satisfies readonly Of[];
const BEST = 'best';

/** what is fished follows a moment later: whatever was changed is drawn first */
const settled = shallowRef({ rig: props.rig, water: props.water, handled: props.handled });
let timer: ReturnType<typeof setTimeout> | undefined;
watch([() => props.rig, () => props.water, () => props.handled], ([rig, water, handled]) => {
  clearTimeout(timer);
  timer = setTimeout(() => (settled.value = { rig, water, handled }));
});
onBeforeUnmount(() => clearTimeout(timer));
const fished = computed(() => {
  const { rig, water, handled } = settled.value;
  return handled ? fishedOf(rig, handled, water) : fishedOn(water, rig);
});
const partsOf = (of: Of): readonly PartOf<'rods' | 'reels' | 'lines'>[] => box.box[TRAYS[of]];
/** place of the part the angler chose; null where none was, or where it cannot be fished any more */
function chosen(of: Of): number | null {
  const id = settings.settings.gear?.[of];
  return id === undefined ? null : (usablePlaces(partsOf(of)).find((at) => partsOf(of)[at]!.id === id) ?? null);
}
/** what is chosen stays, and the best of the box goes with it */
const places = computed<GearOfBox | null>(() => {
  const own = { rod: chosen('rod'), reel: chosen('reel'), line: chosen('line') };
  const { rods, reels, lines } = box.box;
  const one = <T,>(parts: readonly T[], at: number | null): T[] => (at === null ? [...parts] : [parts[at]!]);
  const narrowed = { ...box.box, rods: one(rods, own.rod), reels: one(reels, own.reel), lines: one(lines, own.line) };
  const found = bestGear(fished.value, narrowed);
  return found && { rod: own.rod ?? found.rod, reel: own.reel ?? found.reel, line: own.line ?? found.line };
});
const gear = computed(() => places.value && gearAt(box.box, places.value));
const margins = computed(() => (gear.value ? marginsOf(fished.value, gear.value) : []));
const weakest = computed(() => (margins.value.length > 0 ? weakestOf(margins.value) : null));
const allEnough = computed(() => carries(margins.value));
const change = computed(() => (gear.value ? cheapestChange(fished.value, gear.value, box.box) : null));

const title = (of: Of, at: number): string => gearPartTitle(TRAYS[of], box.box, at, system.value);
const choices = computed(() =>
  OF.map((of) => ({
    of,
    value: chosen(of) === null ? BEST : String(chosen(of)),
    items: [
      { value: BEST, title: words.bestOfBox(places.value ? title(of, places.value[of]) : '') },
      ...usablePlaces(partsOf(of)).map((at) => ({ value: String(at), title: title(of, at) })),
    ],
  })),
);
function choose(of: Of, value: string): void {
  const { [of]: _before, ...others } = settings.settings.gear ?? {};
  const id = value === BEST ? undefined : partsOf(of)[Number(value)]?.id;
  void settings.change({ gear: { ...others, ...(id === undefined ? {} : { [of]: id }) } });
}

/** Margins stand on a scale of equal factors, 1 a third of the way up. */
const SCALE = { from: 0.4, to: 6 } as const;
const place = (value: number): number =>
  (100 * Math.log(Math.min(SCALE.to, Math.max(SCALE.from, value)) / SCALE.from)) / Math.log(SCALE.to / SCALE.from);
/** near 1 it has to be told on which side it lies */
const times = (value: number): string => value.toFixed(value < 2 ? 2 : value < 10 ? 1 : 0);
const rows = computed(() =>
  margins.value.map(({ id, value, band }: Margin) => {
    const { title: name, says, less } = MARGIN_TEXT[id];
    const around = words.between(times(band[0]), words.times(times(band[1])));
    return {
      id,
      name,
      isEnough: isEnough({ value }),
      says: isEnough({ value }) ? says : less,
      value: words.times(times(value)),
      around,
      label: words.marginSays(name, words.times(times(value)), around),
      uncertain: [place(band[0]), place(band[1])] as const,
      dot: place(value),
    };
  }),
);
const WANTED = [place(1), 100] as const;

function changeSays(of: GearChange): string {
  switch (of.kind) {
    case 'cast':
      return CHANGE_TEXT.cast(show('depth', of.castM));
    case 'guard':
      return CHANGE_TEXT.guard();
    case 'buy-line':
      return CHANGE_TEXT['buy-line'](partTitle('lines', of.line, system.value));
    default:
      return CHANGE_TEXT[of.kind](title(of.kind, of.part));
  }
}
const inBox = computed(() => {
  const of = change.value?.change;
  return of && (of.kind === 'rod' || of.kind === 'reel' || of.kind === 'line') ? of : null;
});
</script>

<template>
  <section class="gear" :aria-label="words.title" data-testid="gear">
    <h3>{{ words.title }}</h3>
    <p v-if="!gear" class="soft">{{ words.lacks }}</p>
    <template v-else>
      <div class="gear__choices">
        <SelectField
          v-for="choice in choices"
          :key="choice.of"
          :model-value="choice.value"
          :label="words.of[choice.of]"
          :items="choice.items"
          @update:model-value="choose(choice.of, $event)"
        />
      </div>
      <p role="status" :class="{ gear__weak: !isEnough }">
        <template v-if="allEnough">{{ words.carries }}{{ ' ' }}</template>
        <template v-if="weakest">{{ words.weakest(MARGIN_TEXT[weakest.id].title) }}</template>
        <span class="soft gear__note">{{ words.oneIsEnough }}</span>
      </p>
      <ul class="gear__rows">
        <li v-for="row in rows" :key="row.id" class="gear__row" :data-margin="row.id">
          <b class="gear__name">{{ row.name }}</b>
          <MarkLine
            :label="row.label"
            :wanted="WANTED"
            :ghost="null"
            :uncertain="row.uncertain"
            :dot="row.dot"
            :out="!row.isEnough"
          />
          <span class="number">{{ row.value }}</span>
          <span class="soft">{{ row.around }}</span>
          <span class="gear__says" :class="row.isEnough ? 'soft' : 'gear__weak'">{{ row.says }}</span>
        </li>
      </ul>
      <div v-if="change" class="gear__change" data-testid="gear-change">
        <b>{{ words.wouldLift }}:</b> <FractionText :text="changeSays(change.change)" />
        <span v-if="!change.isEnough" class="soft">{{ NOT_ENOUGH }}</span>
        <button v-if="inBox" type="button" class="press" @click="choose(inBox.kind, String(inBox.part))">
          {{ words.take }}
        </button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.gear {
  container-type: inline-size;
  padding-top: 12px;
}
.gear__choices {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 8px;
  padding: 6px 0;
}
.gear__note {
  margin-left: 10px;
}
.gear__weak {
  color: rgb(var(--v-theme-oxblood));
}
.gear__rows {
  list-style: none;
  margin: 0;
  padding: 0;
}
.gear__row {
  display: grid;
  grid-template-columns: 74px minmax(80px, 1fr) 46px 92px;
  gap: 0 10px;
  align-items: center;
  padding: 5px 0;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.gear__says {
  grid-column: 1 / -1;
  padding-top: 3px;
  font-size: 15px;
}
.gear__change {
  padding-top: 8px;
}
.gear__change .press {
  margin-left: 10px;
}
@container (max-width: 420px) {
  .gear__row {
    grid-template-columns: 1fr auto auto;
  }
  .gear__row :deep(.band-line) {
    grid-row: 2;
    grid-column: 1 / -1;
  }
  .gear__choices {
    grid-template-columns: 1fr;
  }
}
@media print {
  .gear__choices,
  .gear__change .press {
    display: none;
  }
}
</style>
