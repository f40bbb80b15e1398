<script setup lang="ts">
import { defineAsyncComponent } from 'vue';
import { useStages } from '../../composables/useStages';
import { whenIdle } from '../../when-idle';
import WaterCover from './WaterCover.vue';
import WaterNumbers from './WaterNumbers.vue';
import WaterPlaces from './WaterPlaces.vue';
import WaterSwitches from './WaterSwitches.vue';
import WaterTieOn from './WaterTieOn.vue';
import WaterWants from './WaterWants.vue';
import * as words from '../../locale/en/water';

// the answer first, then what was asked, then what is asked of: each in a task of its own
const stage = useStages(6);
// the picture comes a moment after what can be typed; its place is kept
const WaterColumn = defineAsyncComponent(() => whenIdle(() => import('./WaterColumn.vue')));
</script>

<template>
  <div class="water">
    <h1 class="visually-hidden">{{ words.water }}</h1>
    <WaterTieOn class="water__tie" />
    <section class="water__left" :aria-label="words.whatYouMeasure">
      <WaterPlaces v-if="stage > 1" />
      <div class="water__picture"><WaterColumn v-if="stage > 5" /></div>
      <WaterNumbers v-if="stage > 2" />
    </section>
    <div class="water__switches">
      <WaterCover v-if="stage > 4" />
      <WaterSwitches v-if="stage > 3" />
    </div>
    <WaterWants v-if="stage > 0" class="water__wants" />
  </div>
</template>

<style scoped>
.water {
  display: grid;
  grid-template: 'left switches tie' auto 'left switches wants' 1fr / 388px 408px 1fr;
}
.water > * {
  padding: 10px 18px;
}
.water__left {
  grid-area: left;
  display: grid;
  gap: 8px;
  align-content: start;
}
.water__left {
  grid-template-rows: minmax(69px, auto);
}
.water__picture {
  grid-row: 2;
  height: 484px;
}
.water__switches {
  grid-area: switches;
  border: solid rgb(var(--v-theme-rule));
  border-width: 0 1px;
  display: grid;
  gap: 8px;
  align-content: start;
}
.water .water__tie {
  grid-area: tie;
  padding-bottom: 0;
}
.water .water__wants {
  grid-area: wants;
  padding-top: 6px;
}
@media (max-width: 1100px) {
  .water {
    grid-template: 'tie tie' auto 'left switches' auto 'wants wants' auto / 1fr 1fr;
  }
  .water__switches {
    border-right: 0;
  }
}
@media (max-width: 700px) {
  .water {
    grid-template: 'tie' auto 'left' auto 'switches' auto 'wants' auto / 1fr;
    padding-bottom: 64px;
  }
  .water > * {
    padding: 12px 14px;
  }
  .water__picture {
    height: auto;
    aspect-ratio: 380 / 520;
  }
  .water__switches {
    border-width: 1px 0;
  }
}
</style>
