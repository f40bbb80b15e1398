import { computed, onBeforeUnmount, ref, watch, type ComputedRef } from 'vue';

/** Longest a frame may advance the film, s: a tab that slept does not leap. */
const MOST_FRAME_S = 0.5;
const FAST = 4;
/** Where motion is reduced each moment stands so long, ms. */
const STILL_MS = 1500;

export const prefersStills = (): boolean =>
  typeof matchMedia === 'function' && matchMedia('(prefers-reduced-motion: reduce)').matches;

/**
 * A clock for a film: runs, pauses, steps from moment to moment. It stops with the page.
 * @param endsS    how long the film is
 * @param moments  seconds worth stopping at, upwards
 */
export function useRun(endsS: ComputedRef<number>, moments: ComputedRef<readonly number[]>) {
  const timeS = ref(0);
  const running = ref(false);
  const isFast = ref(false);
  let frame = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let last = 0;

  function stop(): void {
    running.value = false;
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  }
  function tick(now: number): void {
    const passed = Math.min(MOST_FRAME_S, (now - last) / 1000);
    last = now;
    timeS.value = Math.min(endsS.value, timeS.value + passed * (isFast.value ? FAST : 1));
    if (timeS.value >= endsS.value) return stop();
    frame = requestAnimationFrame(tick);
  }
  function still(): void {
    const next = moments.value.find((s) => s > timeS.value + 1e-6);
    if (next === undefined) return stop();
    timeS.value = next;
    timer = setTimeout(still, STILL_MS);
  }
  function run(): void {
    stop();
    if (timeS.value >= endsS.value - 1e-6) timeS.value = 0;
    running.value = true;
    if (prefersStills()) return still();
    last = performance.now();
    frame = requestAnimationFrame(tick);
  }
  const toggle = (): void => (running.value ? stop() : run());
  function seek(s: number): void {
    stop();
    timeS.value = Math.min(endsS.value, Math.max(0, s));
  }
  function jump(by: 1 | -1): void {
    const list = moments.value;
    const next =
      by > 0 ? list.find((s) => s > timeS.value + 0.05) : [...list].reverse().find((s) => s < timeS.value - 0.05);
    seek(next ?? (by > 0 ? endsS.value : 0));
  }
  watch(endsS, (end) => (timeS.value = Math.min(timeS.value, end)));
  onBeforeUnmount(stop);
  const atEnd = computed(() => timeS.value >= endsS.value);
  return { timeS, running, isFast, atEnd, toggle, stop, seek, jump };
}
