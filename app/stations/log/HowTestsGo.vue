<script setup lang="ts">
import TestBands from './TestBands.vue';
import * as words from '../../locale/en/log-tests';

/** How the three tests go, drawn and in three steps each, and what one of them teaches: shown until the first one was made. */
const HOWS = ['drop', 'aside', 'wake'] as const;
/** made up: five feet, in seconds */
const EXAMPLE = [
  { name: words.before, value: 2.6, band: [2.1, 3.2] },
  { name: words.measured, value: 2.3, band: [2.2, 2.4] },
  { name: words.after, value: 2.32, band: [2.2, 2.5] },
] as const;
const rows = EXAMPLE.map((row) => ({
  ...row,
  says: words.tellsBand(
    words.seconds(row.value.toFixed(1)),
    words.seconds(row.band[0].toFixed(1)),
    words.seconds(row.band[1].toFixed(1)),
  ),
}));
</script>

<template>
  <div class="how" data-testid="how-tests-go">
    <section v-for="of in HOWS" :key="of" class="how__one">
      <svg viewBox="0 0 240 150" aria-hidden="true">
        <path class="how__water" d="M8 34H232V142H8Z" />
        <path class="how__line" d="M8 34q14 -4 28 0t28 0t28 0t28 0t28 0t28 0t28 0t28 0" />
        <g v-if="of === 'drop'">
          <path class="how__soft" d="M196 34V142M190 34h12M192 61h8M190 88h12M192 115h8M190 142h12" />
          <path class="how__thin" d="M96 6L118 26V54" />
          <path class="how__lure" d="M108 54a10 10 0 0 1 20 0l-4 26h-12Z" />
          <path class="how__ghost" d="M108 118a10 10 0 0 1 20 0l-4 24h-12Z" />
          <path class="how__way" d="M140 62V132M135 124l5 9l5 -9" />
          <circle class="how__watch" cx="48" cy="84" r="22" />
          <path class="how__thin" d="M48 58v-6M48 84V68M48 84l11 6" />
        </g>
        <g v-else-if="of === 'aside'">
          <path class="how__thin" d="M96 6L118 26" />
          <path class="how__soft" stroke-dasharray="4 4" d="M118 26V142" />
          <path class="how__thin" d="M118 26Q126 80 168 130" />
          <path class="how__lure" d="M160 132a9 9 0 0 1 16 -8l12 14h-22Z" />
          <path class="how__way" d="M118 104H156M126 99l-9 5l9 5M148 99l9 5l-9 5" />
        </g>
        <g v-else>
          <path class="how__thin" d="M14 20L44 8M44 8Q130 14 190 36" />
          <path class="how__lure" d="M186 40a8 8 0 0 1 16 0l14 8h-24Z" />
          <path class="how__line" d="M178 34l-14 -7M178 36l-20 -1M206 32l12 -8" />
          <circle class="how__watch" cx="40" cy="92" r="22" />
          <path class="how__thin" d="M40 92L58 82M58 82h8" />
          <path class="how__way" d="M40 62a30 30 0 0 1 30 30M75 84l-5 9l-6 -8" />
        </g>
      </svg>
      <h2>{{ words.newOf[of] }}</h2>
      <ol>
        <li v-for="step in words.howSteps[of]" :key="step">{{ step }}</li>
      </ol>
    </section>
    <section class="how__one how__teaches">
      <h2>{{ words.whatItTeaches }}</h2>
      <p class="soft">{{ words.exampleOf }}</p>
      <TestBands :rows="rows" data-testid="example-bands" />
    </section>
  </div>
</template>

<style scoped>
.how {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 16px 26px;
  padding-top: 10px;
}
.how__one svg {
  width: min(100%, 330px);
}
.how__one h2 {
  font-size: 17px;
}
.how__one ol {
  padding-left: 20px;
}
.how__teaches {
  grid-column: 1 / -1;
  padding-top: 10px;
  border-top: 1px solid rgb(var(--v-theme-rule));
}
.how svg path,
.how svg circle {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.how svg .how__water {
  fill: rgb(var(--v-theme-shade));
  stroke: none;
}
.how svg .how__soft {
  stroke: rgb(var(--v-theme-ink-soft));
}
.how svg .how__thin {
  stroke-width: 1.4;
}
.how svg .how__lure {
  fill: rgb(var(--v-theme-bottle));
}
.how svg .how__ghost {
  stroke-dasharray: 3 3;
}
.how svg .how__way {
  stroke: rgb(var(--v-theme-oxblood));
}
.how svg .how__watch {
  fill: rgb(var(--v-theme-skin));
}
@media (max-width: 700px) {
  .how {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
