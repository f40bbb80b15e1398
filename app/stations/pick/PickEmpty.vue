<script setup lang="ts">
import { fillWithDemoBox } from '../../stores/demo-world';
import { useSettings } from '../../stores/settings';
import * as words from '../../locale/en/pick';

defineProps<{ warnings: readonly string[] }>();
const settings = useSettings();
</script>

<template>
  <section class="empty" :aria-label="words.nothingPickFrom">
    <h2>{{ words.nothingPickFromYet }}</h2>
    <ul v-if="warnings.length > 0">
      <li v-for="warning in warnings" :key="warning">{{ warning }}</li>
    </ul>
    <div class="empty__row">
      <v-btn class="act" @click="fillWithDemoBox()">{{ words.fillWithDemoParts }}</v-btn>
      <v-btn to="/box">{{ words.goToTheBox }}</v-btn>
      <v-btn @click="settings.change({ source: 'catalogue' })">{{ words.pickFromEveryKind }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.empty {
  padding: 28px 20px;
  display: grid;
  gap: 14px;
  max-width: 720px;
}
.empty ul {
  padding-left: 18px;
}
.empty__row {
  display: flex;
  gap: 10px;
  flex-wrap: wrap;
}
.empty__row .v-btn {
  min-height: 48px;
}
</style>
