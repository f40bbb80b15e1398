<script setup lang="ts">
import { computed } from 'vue';
import {
  fishesLikeText,
  pickSentence,
  wantValue,
  WANT_TITLE,
  type Advice,
  type Pick,
  type WantId,
  type Water,
} from '@core';
import BandLine from '../../parts/BandLine.vue';
import FractionText from '../../parts/FractionText.vue';
import RigDrawing from '../../parts/RigDrawing.vue';
import { useUnits } from '../../composables/useUnits';
import PickReasons from './PickReasons.vue';

const props = defineProps<{ pick: Pick; title: string; advice: Advice; water: Water; titled: boolean }>();
const { system, show } = useUnits();

const like = computed(() => fishesLikeText(props.pick.fall, system.value));
/** what it does, for the deck: how it runs where it is reeled, how it falls where it is dropped */
const does = computed(() => {
  const { has, fall } = props.pick;
  if (props.pick.wants.some(({ id }) => id === 'run')) {
    return `runs at ${wantValue('run', has.run, system.value)}, holds at ${wantValue('hold', has.hold, system.value)}`;
  }
  return `falls ${show('speed', fall.speedMps)}${like.value ? `, fishes like ${like.value}` : ''}`;
});
/** how sure a number is, where that is computed */
function bandOf(id: WantId): readonly [number, number] | undefined {
  if (id === 'fall') return props.pick.fall.bandMps;
  return id === 'run' || id === 'hold' ? props.pick.bands[id] : undefined;
}
const cells = computed(() =>
  props.pick.wants.map((want) => ({
    want,
    value: wantValue(want.id, props.pick.has[want.id], system.value),
    uncertain: bandOf(want.id),
  })),
);
</script>

<template>
  <v-expansion-panel class="pick-row" :data-testid="`pick-${pick.rank}`">
    <v-expansion-panel-title hide-actions class="pick-row__title">
      <div class="pick-row__grid" :style="{ '--wants': cells.length }">
        <div class="pick-row__rank number">{{ pick.rank }}</div>
        <RigDrawing class="pick-row__drawing" :rig="pick.rig" :label="`${title}, from the side`" />
        <div class="pick-row__what">
          <h2 class="pick-row__name"><FractionText :text="title" /></h2>
          <p class="pick-row__sentence"><FractionText :text="pickSentence(pick, advice, water, system)" /></p>
          <span class="pick-row__more" aria-hidden="true">Why</span>
          <p class="pick-row__phone number">
            <FractionText :text="does" />
          </p>
        </div>
        <div v-for="cell in cells" :key="cell.want.id" class="pick-row__cell">
          <span :class="titled ? 'pick-row__like' : 'visually-hidden'">{{ WANT_TITLE[cell.want.id] }}</span>
          <span class="pick-row__value number"><FractionText :text="cell.value" /></span>
          <span v-if="cell.want.id === 'fall' && like" class="pick-row__like"
            ><FractionText :text="`fishes like ${like}`"
          /></span>
          <BandLine
            class="pick-row__line"
            :want="cell.want"
            :has="pick.has[cell.want.id]"
            v-bind="cell.uncertain ? { uncertain: cell.uncertain } : {}"
          />
        </div>
      </div>
    </v-expansion-panel-title>
    <v-expansion-panel-text>
      <PickReasons :pick="pick" :title="title" :water="water" />
    </v-expansion-panel-text>
  </v-expansion-panel>
</template>

<style scoped>
.pick-row {
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  background: rgb(var(--v-theme-skin));
  color: rgb(var(--v-theme-ink));
}
.pick-row__title {
  padding: 0;
  min-height: 0;
}
.pick-row__grid {
  display: grid;
  grid-template-columns: 48px 338px repeat(var(--wants), 1fr);
  grid-template-rows: auto 1fr;
  width: 100%;
}
.pick-row__rank {
  grid-row: 1 / 3;
  color: rgb(var(--v-theme-oxblood));
  font-size: 34px;
  padding: 8px 0 0 16px;
}
.pick-row__drawing {
  grid-row: 1 / 3;
  align-self: center;
  padding: 4px 0;
}
.pick-row__what {
  grid-column: 3 / -1;
  display: flex;
  align-items: baseline;
  gap: 12px;
  padding: 8px 10px 0;
}
.pick-row__name {
  flex: none;
  max-width: 52%;
  font-size: 19px;
}
.pick-row__sentence {
  font-size: 14.5px;
  color: rgb(var(--v-theme-ink-soft));
}
.pick-row__more {
  flex: none;
  margin-left: auto;
  font: 600 15px var(--v-font-heading);
  color: rgb(var(--v-theme-oxblood));
  text-decoration: underline;
}
.v-expansion-panel--active .pick-row__more {
  text-decoration: none;
}
.pick-row__phone {
  display: none;
}
.pick-row__cell {
  display: grid;
  align-content: end;
  padding: 4px 10px 15px;
}
.pick-row__value {
  font-size: 20px;
  line-height: 1.1;
}
.pick-row__like {
  font-size: 13.5px;
  line-height: 1.1;
  color: rgb(var(--v-theme-ink-soft));
}
@media (max-width: 1100px) {
  .pick-row__grid {
    grid-template-columns: 44px 1fr;
  }
  .pick-row__rank {
    grid-row: 1;
  }
  .pick-row__drawing {
    grid-column: 1 / -1;
    grid-row: 2;
    padding: 0 14px 8px;
  }
  .pick-row__what {
    grid-column: 2;
    display: block;
  }
  .pick-row__name {
    max-width: none;
  }
  .pick-row__cell {
    display: none;
  }
  .pick-row__phone {
    display: block;
    font-size: 18px;
  }
}
</style>
