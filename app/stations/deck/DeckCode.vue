<script setup lang="ts">
import { computed, onMounted, ref } from 'vue';
import qrcode from 'qrcode-generator';
import type { MadePlan } from '@core';
import { useFocusBack } from '../../composables/useFocusBack';
import { useDeck } from '../../stores/deck';
import { useNotices } from '../../stores/notices';
import { canPack, CODE_LETTERS, dayToCode } from './day-code';
import * as words from '../../locale/en/deck';

/** The planned day as a code for a phone's camera, or as a file. */
useFocusBack();
const props = defineProps<{ plan: MadePlan }>();
const open = defineModel<boolean>({ required: true });
defineEmits<{ file: [] }>();
const deck = useDeck();
const notices = useNotices();
const address = ref('');
const isLocal = /^(localhost|127\.|\[?::1)/.test(location.hostname);
const isOld = !canPack();
const isTooLarge = computed(() => address.value.length > CODE_LETTERS);
const name = computed(() => deck.trip?.name || words.untitled);

onMounted(async () => {
  const trip = deck.asFile();
  const code = trip && (await dayToCode({ ...trip, plan: props.plan }));
  if (code) address.value = `${location.origin}${location.pathname}#/deck?plan=${code}`;
});
/** margin of white a camera needs around it, in squares of the code */
const QUIET = 4;
const picture = computed(() => {
  if (address.value === '' || isTooLarge.value) return null;
  const code = qrcode(0, 'L');
  code.addData(address.value);
  code.make();
  const size = code.getModuleCount();
  const squares: string[] = [];
  for (let row = 0; row < size; row++)
    for (let column = 0; column < size; column++)
      if (code.isDark(row, column)) squares.push(`M${column + QUIET} ${row + QUIET}h1v1h-1z`);
  return { size: size + 2 * QUIET, d: squares.join('') };
});
async function copy(): Promise<void> {
  try {
    await navigator.clipboard.writeText(address.value);
    notices.say(words.codeCopied);
  } catch {
    // over plain http there is no clipboard: the address stands there to be taken by hand
    document.querySelector<HTMLInputElement>('[data-testid="day-address"]')?.select();
    notices.say(words.codeByHand);
  }
}
</script>

<template>
  <v-dialog v-model="open" :aria-label="words.codeTitle" :max-width="560">
    <v-card class="code">
      <h2>{{ words.codeTitle }}</h2>
      <p>{{ words.codeSays }}</p>
      <p v-if="isLocal" class="code__warn" role="status">{{ words.codeLocal }}</p>
      <p v-if="isOld" role="alert">{{ words.codeOldBrowser }}</p>
      <p v-if="isTooLarge" role="alert">{{ words.codeTooLarge }}</p>
      <svg
        v-if="picture"
        class="code__picture"
        :viewBox="`0 0 ${picture.size} ${picture.size}`"
        shape-rendering="crispEdges"
        role="img"
        :aria-label="words.codeAlt(name)"
        data-testid="day-code"
      >
        <rect :width="picture.size" :height="picture.size" fill="#ffffff" />
        <path :d="picture.d" fill="#000000" />
      </svg>
      <input
        v-if="address"
        class="code__address"
        readonly
        :value="address"
        :aria-label="words.codeCopy"
        data-testid="day-address"
      />
      <div class="code__row">
        <v-btn v-if="address" @click="copy">{{ words.codeCopy }}</v-btn>
        <v-btn @click="$emit('file')">{{ words.codeFile }}</v-btn>
        <v-btn class="act" @click="open = false">{{ words.close }}</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.code {
  padding: 22px 26px;
  display: grid;
  grid-auto-rows: max-content;
  gap: 10px;
  overflow-y: auto;
}
.code__picture {
  width: 100%;
  max-width: 400px;
  aspect-ratio: 1;
  justify-self: center;
}
.code__address {
  width: 100%;
  padding: 6px 8px;
  border: 1px solid rgb(var(--v-theme-rule));
  color: inherit;
  font-size: 14px;
}
.code__warn {
  border-left: 4px solid rgb(var(--v-theme-brass));
  padding-left: 10px;
}
.code__row {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
