<script setup lang="ts">
import { computed } from 'vue';

/**
 * Text whose fractions are set as fractions: the feature goes on the fraction alone, on other digits it would shrink them. Hook sizes
 * such as 2/0 are none.
 */
const props = defineProps<{ text: string }>();

const pieces = computed(() =>
  props.text.split(/(\d+\/[1-9]\d*)/).map((text, index) => ({ text, fraction: index % 2 === 1 })),
);
</script>

<template>
  <span class="fraction-text"
    ><template v-for="(piece, index) in pieces" :key="index"
      ><span v-if="piece.fraction" class="frac">{{ piece.text }}</span
      ><template v-else>{{ piece.text }}</template></template
    ></span
  >
</template>
