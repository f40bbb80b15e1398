import { computed, type ComputedRef } from 'vue';
import { knownWaterBest, type WaterBest } from '@core';
import { useAdvice } from '../stores/advice';
import { useWater } from '../stores/water';

/** What scores are shares of on the water at hand; null until the worker has found it. */
export function useWaterBest(): ComputedRef<WaterBest | null> {
  const advice = useAdvice();
  const water = useWater();
  return computed(() => (advice.advice ? knownWaterBest(water.water) : null));
}
