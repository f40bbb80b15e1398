<script setup lang="ts">
import { computed, ref } from 'vue';
import {
  bandsMet,
  fishesLikeText,
  isAsGood,
  pickSentence,
  rigFaults,
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
import { useStages } from '../../composables/useStages';
import { cutsOf } from './cuts-of';
import PickReasons from './PickReasons.vue';
import ScoreBar from './ScoreBar.vue';
import * as words from '../../locale/en/pick';

const props = defineProps<{ pick: Pick; title: string; advice: Advice; water: Water; titled: boolean }>();
const { system, show } = useUnits();
const open = ref(false);
/** what is wrong with it is looked for once the row stands */
const stage = useStages(1);
const fault = computed(() =>
  stage.value > 0
    ? rigFaults(props.pick.rig, { water: props.water, plan: props.pick.handled.plan }, system.value)[0]
    : undefined,
);

const cuts = computed(() => {
  const titles = stage.value > 0 ? cutsOf(props.pick, system.value).map(({ title }) => title.toLowerCase()) : [];
  return titles.length > 0 ? words.cutShort(titles.join(', ')) : '';
});
const score = computed(() => Math.round(100 * props.pick.score));
const metBy = ({ wants, has }: Pick): number => bandsMet(wants, has);
/** how far it is behind the first, where the numbers can tell them apart at all */
const distance = computed(() => {
  const first = props.advice.picks[0];
  if (!first || props.pick.rank === 1) return props.advice.isKept ? words.staysFirst : words.of100;
  const less = Math.round(100 * first.score) - score.value;
  if (less < 0 && metBy(props.pick) < metBy(first)) return words.moreButMissesMore(-less);
  return less <= 0 || isAsGood(props.pick, first) ? words.asGoodAsFirst : words.lessThanFirst(less);
});
const like = computed(() => fishesLikeText(props.pick.fall, system.value));
/** what it does, for the deck: how it runs where it is reeled, how it falls where it is dropped */
const does = computed(() => {
  const { has, fall } = props.pick;
  if (props.pick.wants.some(({ id }) => id === 'run')) {
    return words.runsAndHolds(wantValue('run', has.run, system.value), wantValue('hold', has.hold, system.value));
  }
  return words.falls(show('speed', fall.speedMps), like.value ? words.andFishesLike(like.value) : '');
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
  <article class="pick-row" :data-testid="`pick-${pick.rank}`">
    <button type="button" class="pick-row__title" :aria-expanded="open" @click="open = !open">
      <div class="pick-row__grid" :style="{ '--wants': cells.length }">
        <div class="pick-row__rank number">{{ pick.rank }}</div>
        <div class="pick-row__score" data-testid="row-score">
          <template v-if="advice.best">
            <b class="number" :aria-label="words.answersOf100(score)">{{ score }}</b>
            <ScoreBar :parts="pick.scoreParts" />
            <small>{{ distance }}</small>
          </template>
          <b v-else class="number" :aria-label="words.scaleIsSought">{{ words.scaleUnknown }}</b>
        </div>
        <RigDrawing class="pick-row__drawing" :rig="pick.rig" :label="words.fromTheSide(title)" />
        <div class="pick-row__what">
          <h2 class="pick-row__name"><FractionText :text="title" /></h2>
          <p class="pick-row__sentence"><FractionText :text="pickSentence(pick, advice, water, system)" /></p>
          <p v-if="cuts !== ''" class="pick-row__cuts soft">{{ cuts }}</p>
          <span class="pick-row__more" aria-hidden="true">{{ words.why }}</span>
          <p class="pick-row__phone number">
            <FractionText :text="does" />
          </p>
          <p v-if="fault" class="pick-row__fault" data-testid="row-fault">
            <FractionText :text="fault.says" /> <b><FractionText :text="fault.remedy" /></b>
          </p>
        </div>
        <div v-for="cell in cells" :key="cell.want.id" class="pick-row__cell">
          <span :class="titled ? 'pick-row__like' : 'visually-hidden'">{{ WANT_TITLE[cell.want.id] }}</span>
          <span class="pick-row__value number"><FractionText :text="cell.value" /></span>
          <span v-if="cell.want.id === 'fall' && like" class="pick-row__like"
            ><FractionText :text="words.fishesLike(like)"
          /></span>
          <BandLine
            class="pick-row__line"
            :want="cell.want"
            :has="pick.has[cell.want.id]"
            v-bind="cell.uncertain ? { uncertain: cell.uncertain } : {}"
          />
        </div>
      </div>
    </button>
    <div v-if="open" class="pick-row__inside">
      <PickReasons :pick="pick" :title="title" :water="water" :best="advice.best" />
    </div>
  </article>
</template>

<style scoped>
.pick-row {
  border-bottom: 1px solid rgb(var(--v-theme-rule));
  background: rgb(var(--v-theme-skin));
  color: rgb(var(--v-theme-ink));
}
.pick-row__title {
  display: block;
  width: 100%;
  padding: 0;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.pick-row__title:hover .pick-row__more {
  text-decoration-thickness: 2px;
}
.pick-row__inside {
  padding: 4px 18px 14px;
}
.pick-row__grid {
  display: grid;
  grid-template-columns: 78px 308px repeat(var(--wants), 1fr);
  grid-template-rows: auto 1fr;
  width: 100%;
}
.pick-row__score {
  grid-column: 1;
  grid-row: 2;
  padding: 0 0 8px 16px;
  line-height: 1.1;
}
.pick-row__score b {
  display: block;
  font-size: 18px;
}
.pick-row__score small {
  font-size: 13px;
  color: rgb(var(--v-theme-ink-soft));
}
.pick-row__rank {
  grid-column: 1;
  grid-row: 1;
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
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0 12px;
  padding: 5px 10px 0;
}
.pick-row__name {
  flex: none;
  max-width: 75%;
  font-size: 19px;
}
.pick-row__fault {
  order: 2;
  flex: 1 0 100%;
  padding: 1px 0 1px 8px;
  border-left: 3px solid rgb(var(--v-theme-oxblood));
  font-size: 14.5px;
}
.pick-row__sentence {
  /* rather a line of its own than a column of single words beside a long name */
  order: 1;
  flex: 1 0 100%;
  font-size: 14.5px;
  color: rgb(var(--v-theme-ink-soft));
}
.pick-row__cuts {
  font-size: 14.5px;
}
.pick-row__more {
  flex: none;
  margin-left: auto;
  font: 600 15px var(--v-font-heading);
  color: rgb(var(--v-theme-oxblood));
  text-decoration: underline;
}
.pick-row__title[aria-expanded='true'] .pick-row__more {
  text-decoration: none;
}
.pick-row__phone {
  display: none;
}
.pick-row__cell {
  display: grid;
  align-content: end;
  padding: 2px 10px 10px;
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
  .pick-row__score {
    grid-column: 2;
    grid-row: 3;
    padding: 0 10px 8px;
  }
  .pick-row__score b,
  .pick-row__score small {
    display: inline;
    margin-right: 8px;
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
