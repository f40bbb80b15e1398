import { ref, shallowRef } from 'vue';
import { defineStore } from 'pinia';
import type { KeptOuting } from '@core';
import { useOutings } from './outings';

/** What a sounder says by now. */
export interface SounderReading {
  readonly depthM: number | null;
  readonly temperatureC: number | null;
  readonly lat: number | null;
  readonly lon: number | null;
  readonly corrupt: number;
  readonly foreign: number;
}
/** A point of the track every so often, and kept with the outing so often, ms. */
const POINT_MS = 4000;
const KEEP_MS = 20_000;
/** A feed that is lost is asked for again, ms. */
const AGAIN_MS = 3000;
const MOST_AGAIN_MS = 30_000;

const isNumberOrNone = (value: unknown): value is number | null => value === null || Number.isFinite(value);
function readingOf(data: string): SounderReading | null {
  try {
    const { depthM, temperatureC, lat, lon, corrupt, foreign } = JSON.parse(data) as Partial<SounderReading>;
    return [depthM, temperatureC, lat, lon].every(isNumberOrNone)
      ? {
          ...{ depthM: depthM!, temperatureC: temperatureC!, lat: lat!, lon: lon! },
          ...{ corrupt: Number(corrupt ?? 0), foreign: Number(foreign ?? 0) },
        }
      : null;
  } catch {
    return null;
  }
}

/**
 * A sounder’s live feed through the server, on whatever page one is: its track goes with the outing that runs. A feed that goes quiet or is lost
 * is waited for, and taken up again by itself.
 */
export const useSounder = defineStore('sounder', () => {
  const outings = useOutings();
  const reading = shallowRef<SounderReading | null>(null);
  const link = ref<'off' | 'asking' | 'here' | 'quiet' | 'lost' | 'none'>('off');
  /** points of the track that were heard since one listens */
  const heard = ref(0);
  let points: NonNullable<KeptOuting['track']> = [];
  let [pointAt, keptAt] = [0, 0];

  /** Keeps what was heard of the track with the outing that runs. */
  function keep(): void {
    if (points.length === 0) return;
    outings.track(points);
    points = [];
    keptAt = performance.now();
  }
  function hear({ depthM, temperatureC, lat, lon }: SounderReading): void {
    const { running } = outings;
    const now = performance.now();
    if (!running || now - pointAt < POINT_MS) return;
    pointAt = now;
    const sinceS = Math.round((Date.now() - Date.parse(running.from)) / 100) / 10;
    points.push([sinceS, lat, lon, depthM, temperatureC]);
    heard.value++;
    if (now - keptAt > KEEP_MS) keep();
  }
  // what was heard is not lost when the page is left
  addEventListener('pagehide', keep);
  document.addEventListener('visibilitychange', keep);

  let feed: EventSource | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let wait = AGAIN_MS;

  function open(): void {
    feed?.close();
    if (typeof EventSource === 'undefined') return void (link.value = 'none');
    feed = new EventSource('/api/sounder');
    feed.addEventListener('reading', ({ data }: MessageEvent<string>) => {
      const found = readingOf(data);
      if (!found) return;
      [link.value, wait] = ['here', AGAIN_MS];
      reading.value = found;
      hear(found);
    });
    // what was told last stands no longer
    feed.addEventListener('quiet', () => {
      reading.value = null;
      link.value = 'quiet';
      wait = AGAIN_MS;
    });
    feed.addEventListener('gone', () => lost());
    feed.onerror = () => lost();
  }
  function lost(): void {
    // one that never said anything: no sounder is listened to where the app is served from
    const never = link.value === 'asking' || link.value === 'none';
    feed?.close();
    feed = null;
    reading.value = null;
    link.value = never ? 'none' : 'lost';
    clearTimeout(timer);
    timer = setTimeout(open, wait);
    wait = Math.min(MOST_AGAIN_MS, wait * 2);
  }
  function listen(): void {
    link.value = 'asking';
    wait = AGAIN_MS;
    open();
  }
  function stop(): void {
    keep();
    clearTimeout(timer);
    feed?.close();
    feed = null;
    reading.value = null;
    link.value = 'off';
  }
  return { reading, link, heard, keep, listen, stop };
});
