<script setup lang="ts">
import { computed } from 'vue';
import { clarityOf, effectiveVisibilityM, WATER_LIMITS, type Water, NAME } from '@core';
import UnitField from '../../parts/UnitField.vue';
import { useWater } from '../../stores/water';
import * as words from '../../locale/en/water';

/** The typed twins of what can be dragged in the picture. */
const store = useWater();

const field = (name: 'temperatureC' | 'visibilityM' | 'depthM') =>
  computed({ get: () => store.water[name], set: (value: number) => void store.change({ [name]: value }) });
const temperatureC = field('temperatureC');
const visibilityM = field('visibilityM');
const depthM = field('depthM');
const usualM = computed({
  get: () => store.water.usualVisibilityM ?? store.water.visibilityM,
  set: (value: number) => void store.change({ usualVisibilityM: value }),
});
const knowsUsual = computed(() => store.water.usualVisibilityM !== undefined);
function toggleUsual(): void {
  if (knowsUsual.value) store.change({ usualVisibilityM: undefined } as unknown as Partial<Water>);
  else usualM.value = store.water.visibilityM;
}

/** Salt is a field only where there is some. */
const saltGPerKg = computed({
  get: () => store.water.salinityGPerKg ?? 0,
  set: (value: number) => void store.change({ salinityGPerKg: value }),
});
const isSalt = computed(() => store.water.salinityGPerKg !== undefined);
function toggleSalt(): void {
  if (isSalt.value) store.change({ salinityGPerKg: undefined } as unknown as Partial<Water>);
  else saltGPerKg.value = BRACKISH_G_PER_KG;
}
/** What a river mouth has that bass stand in, g/kg. */
const BRACKISH_G_PER_KG = 5;

const clarity = computed(() => {
  const word = clarityOf(store.water.visibilityM);
  const seen = clarityOf(effectiveVisibilityM(store.water.visibilityM, store.water.sky));
  return seen === word ? words.waterOf(NAME[word]) : words.fishesLikeInThisLight(NAME[word], NAME[seen]);
});
</script>

<template>
  <div class="numbers">
    <UnitField
      v-model="temperatureC"
      :label="words.waterTemperature"
      quantity="temperature"
      v-bind="WATER_LIMITS.temperatureC"
    />
    <UnitField v-model="depthM" :label="words.depth" quantity="depth" v-bind="WATER_LIMITS.depthM" />
    <UnitField
      v-model="visibilityM"
      :label="words.visibility"
      quantity="visibility"
      v-bind="WATER_LIMITS.visibilityM"
    />
    <UnitField
      v-if="knowsUsual"
      v-model="usualM"
      :label="words.usualVisibility"
      quantity="visibility"
      v-bind="WATER_LIMITS.visibilityM"
    />
    <button v-else type="button" class="press numbers__usual" @click="toggleUsual">
      {{ words.addUsualVisibility }}
    </button>
    <UnitField
      v-if="isSalt"
      v-model="saltGPerKg"
      :label="words.salt"
      quantity="salinity"
      v-bind="WATER_LIMITS.salinityGPerKg"
    />
    <p class="numbers__clarity">
      <span>{{ clarity }}</span>
      <button type="button" class="press press--text" @click="toggleSalt">
        {{ isSalt ? words.itIsFresh : words.itIsSalt }}
      </button>
      <button v-if="knowsUsual" type="button" class="press press--text" @click="toggleUsual">
        {{ words.usualUnknown }}
      </button>
    </p>
  </div>
</template>

<style scoped>
.numbers {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px 10px;
}
.numbers__usual {
  height: 44px;
  align-self: start;
}
.numbers__clarity {
  grid-column: 1 / -1;
  display: flex;
  justify-content: space-between;
  align-items: center;
  min-height: 24px;
  line-height: 1.2;
}
</style>
