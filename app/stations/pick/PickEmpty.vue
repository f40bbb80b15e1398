<script setup lang="ts">
import { fillWithDemoBox } from '../../demo-world';
import { useSettings } from '../../stores/settings';

defineProps<{ warnings: readonly string[] }>();
const settings = useSettings();
</script>

<template>
  <section class="empty" aria-label="Nothing to pick from">
    <h2>Nothing to pick from yet</h2>
    <ul v-if="warnings.length > 0">
      <li v-for="warning in warnings" :key="warning">{{ warning }}</li>
    </ul>
    <div class="empty__row">
      <v-btn class="act" @click="fillWithDemoBox()">Fill the box with the demo parts</v-btn>
      <v-btn to="/box">Go to the box</v-btn>
      <v-btn @click="settings.change({ source: 'catalogue' })">Pick from every kind there is</v-btn>
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
