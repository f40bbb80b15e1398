<script setup lang="ts">
import { computed } from 'vue';
import { AT_LEAST, meets, wantBand, wantValue, WANT_TITLE, type Want } from '@core';
import { useUnits } from '../composables/useUnits';
import MarkLine from './MarkLine.vue';
import { placeOf } from './want-scale';
import * as words from '../locale/en/parts';

/** A want on its scale, with what a rig has and how sure that is. */
const props = defineProps<{ want: Want; has?: number; uncertain?: readonly [number, number] }>();
const { system } = useUnits();

const place = (value: number): number => placeOf(props.want.id, value);
const wanted = computed(() => {
  const { id, from, to } = props.want;
  return [place(from), AT_LEAST.has(id) ? 100 : place(to)] as const;
});
const ghost = computed(() => {
  const { id, inHand } = props.want;
  return inHand ? ([place(inHand.from), AT_LEAST.has(id) ? 100 : place(inHand.to)] as const) : null;
});
const inside = computed(() => props.has !== undefined && meets(props.want, props.has));
const label = computed(() => {
  const asked = words.wantedBand(WANT_TITLE[props.want.id], wantBand(props.want, system.value));
  if (props.has === undefined) return asked;
  return words.has(
    asked,
    wantValue(props.want.id, props.has, system.value),
    inside.value ? words.inside : words.outside,
  );
});
</script>

<template>
  <MarkLine
    :label="label"
    :wanted="wanted"
    :ghost="ghost"
    :uncertain="uncertain ? [place(uncertain[0]), place(uncertain[1])] : null"
    :dot="has === undefined ? null : place(has)"
    :out="!inside"
  />
</template>
