import { computed, onBeforeUnmount, ref, shallowRef } from 'vue';
import { readScaleLine, weighing, type ScaleUnit, type TimedMass } from '@core';
import * as words from '../locale/en/notices';

/** Readings kept: enough for the longest look back. */
const KEPT = 200;
const CLOCK_MS = 250;
const SILENT_MS = 2500;

/** A scale's live feed through the server: its readings, their average, and what is wrong with the line. */
export function useScale() {
  const readings = shallowRef<readonly TimedMass[]>([]);
  const link = ref<'asking' | 'here' | 'gone' | 'none'>('asking');
  const why = ref('');
  const unit = ref<ScaleUnit>('g');
  const standIn = ref(false);
  /** lines in a row that could not be used, and the last of them */
  const unread = ref(0);
  const lastUnread = ref('');
  const tareG = ref(0);
  const lastLineMs = ref(performance.now());
  const now = ref(performance.now());
  const clock = setInterval(() => (now.value = performance.now()), CLOCK_MS);
  let feed: EventSource | null = null;

  function onLine(text: string): void {
    lastLineMs.value = performance.now();
    const reading = readScaleLine(text);
    if (reading.kind === 'remark') {
      standIn.value ||= reading.text.includes('stand-in');
      return;
    }
    if (reading.kind !== 'mass') {
      unread.value++;
      lastUnread.value = reading.kind === 'overload' ? 'overload' : reading.text;
      return;
    }
    unread.value = 0;
    unit.value = reading.unit;
    now.value = performance.now();
    if (!reading.moving)
      readings.value = [...readings.value.slice(1 - KEPT), { atMs: now.value, massG: reading.massG }];
  }

  function listen(): void {
    feed?.close();
    link.value = 'asking';
    readings.value = [];
    unread.value = 0;
    feed = new EventSource('/api/scale');
    feed.addEventListener('here', () => (link.value = 'here'));
    feed.addEventListener('line', ({ data }: MessageEvent<string>) => onLine(data));
    feed.addEventListener('gone', ({ data }: MessageEvent<string>) => stop('gone', data));
    feed.onerror = () => stop(link.value === 'here' ? 'gone' : 'none', words.serverSilent);
  }
  function stop(as: 'gone' | 'none', reason: string): void {
    feed?.close();
    feed = null;
    link.value = as;
    why.value = reason;
  }
  /** Takes what the pan reads now as empty. */
  function tare(): void {
    tareG.value = (result.value.meanG ?? 0) + tareG.value;
  }
  /** Forgets what was read: something else lies on the pan now. */
  const restart = (): void => void (readings.value = []);

  const result = computed(() => weighing(readings.value, now.value, tareG.value));
  /** not a line of any kind for a while */
  const silent = computed(() => link.value === 'here' && now.value - lastLineMs.value > SILENT_MS);
  const last = computed(() => readings.value.at(-1) ?? null);
  onBeforeUnmount(() => {
    clearInterval(clock);
    feed?.close();
  });
  listen();
  return { link, why, unit, standIn, unread, lastUnread, tareG, result, last, silent, listen, tare, restart };
}
