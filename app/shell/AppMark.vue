<template>
  <svg class="mark" viewBox="0 0 32 32" width="32" height="32" aria-hidden="true">
    <circle class="mark__frame" cx="16" cy="16" r="14" />
    <circle class="mark__ring" cx="16" cy="16" r="9.5" />
    <circle class="mark__ring" cx="16" cy="16" r="5.6" />
    <circle class="mark__dot" cx="16" cy="16" r="2" />
  </svg>
</template>

<style scoped>
.mark__frame {
  fill: none;
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 3;
}
.mark__ring {
  fill: none;
  stroke: rgb(var(--v-theme-oxblood));
  stroke-width: 1.6;
}
.mark__dot {
  fill: rgb(var(--v-theme-oxblood));
}
</style>
