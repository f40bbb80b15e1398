<script setup lang="ts">
import { ref } from 'vue';
import type { WaterRow } from '../../db/database';
import { useNotices } from '../../stores/notices';
import { today, useWater } from '../../stores/water';
import { useWatersBefore, type WaterBefore } from '../../stores/waters-before';
import { useUnits } from '../../composables/useUnits';
import FractionText from '../../parts/FractionText.vue';
import { moment } from '../../locale/intl';
import { placeName } from './place-name';
import { useFocusBack } from '../../composables/useFocusBack';
import TextField from '../../parts/TextField.vue';
import * as words from '../../locale/en/water';

/** Names the water at hand, starts a new day from it, and leads to the others. */
useFocusBack();
const open = defineModel<boolean>({ required: true });
const store = useWater();
const notices = useNotices();
const before = useWatersBefore();
const { show } = useUnits();

const beforeText = ({ water, atMs }: WaterBefore): string =>
  words.waterBefore(
    [show('temperature', water.temperatureC), show('visibility', water.visibilityM), show('depth', water.depthM)].join(
      ' · ',
    ),
    moment(new Date(atMs).toISOString(), 'medium'),
  );
function goBack(row: WaterBefore): void {
  before.goBack(row);
  notices.say(words.waterIsBack);
}

async function remove(row: WaterRow): Promise<void> {
  const removed = await store.remove(row);
  if (!removed.ok) return notices.complain(removed.issues);
  notices.say(words.waterTakenOut(placeName(row)), () => store.putBack(row));
}
/** name of the next one: what is typed here never renames the one at hand */
const place = ref(store.place);
const day = ref<string | null>(today());
async function start(from: 'this' | 'blank'): Promise<void> {
  await store.startAnother(from, { place: place.value, day: day.value });
  notices.say(from === 'this' ? words.copyIsAtHand : words.blankIsAtHand);
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.watersByPlace" :max-width="560">
    <v-card class="places__sheet">
      <h2>{{ words.watersByPlace }}</h2>
      <h3>{{ words.oneAtHand }}</h3>
      <div class="places__name" role="group" :aria-label="words.oneAtHand">
        <TextField
          :model-value="store.place"
          :label="words.place"
          maxlength="60"
          @update:model-value="store.rename({ place: $event })"
        />
        <TextField
          :model-value="store.day ?? ''"
          :label="words.day"
          type="date"
          @update:model-value="store.rename({ day: $event || null })"
        />
      </div>
      <template v-if="before.ofThis.length > 0">
        <h3>{{ words.beforeThisOne }}</h3>
        <ul data-testid="waters-before">
          <li v-for="row in before.ofThis" :key="row.atMs">
            <button type="button" class="places__before" @click="goBack(row)">
              <FractionText :text="beforeText(row)" />
            </button>
          </li>
        </ul>
      </template>
      <h3>{{ words.startAnother }}</h3>
      <div class="places__name" role="group" :aria-label="words.startAnother">
        <TextField v-model="place" :label="words.itsPlace" maxlength="60" />
        <TextField
          :model-value="day ?? ''"
          :label="words.itsDay"
          type="date"
          @update:model-value="day = $event || null"
        />
        <v-btn class="act" @click="start('this')">{{ words.fromOneAtHand }}</v-btn>
        <v-btn @click="start('blank')">{{ words.blank }}</v-btn>
      </div>
      <h3 v-if="store.all.length > 0">{{ words.allOfThem }}</h3>
      <ul v-if="store.all.length > 0">
        <li v-for="row in store.all" :key="row.key">
          <v-btn variant="text" class="places__open" :aria-pressed="row.key === store.key" @click="store.open(row)">
            {{ placeName(row) }}<template v-if="row.key === store.key">{{ ' ' }}{{ words.atHand }}</template>
          </v-btn>
          <v-btn
            v-if="row.key !== store.key"
            variant="text"
            :aria-label="words.takeOut(placeName(row))"
            @click="remove(row)"
            >×</v-btn
          >
        </li>
      </ul>
      <v-btn @click="open = false">{{ words.close }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.places__sheet {
  padding: 20px 24px;
  display: grid;
  gap: 12px;
}
.places__name {
  display: grid;
  grid-template-columns: 1fr 170px;
  gap: 10px;
}
.places__sheet ul {
  list-style: none;
}
.places__sheet li {
  display: flex;
  justify-content: space-between;
  border-bottom: 1px solid rgb(var(--v-theme-rule));
}
.places__before {
  flex: 1;
  min-height: 48px;
  padding: 4px 0;
  border: 0;
  background: none;
  color: inherit;
  text-align: left;
  font: inherit;
  cursor: pointer;
}
.places__open {
  min-width: 0;
  overflow-wrap: anywhere;
  justify-content: start;
  min-height: 44px;
}
@media (max-width: 700px) {
  .places__here {
    min-height: 48px;
  }
  .places__name {
    grid-template-columns: 1fr;
  }
}
</style>
