import { createSocket, type Socket } from 'node:dgram';
import {
  afterReading,
  boatGate,
  depthBelowSurfaceM,
  readSentence,
  sentenceLines,
  withoutPlace,
  type Reading,
} from '../core';

/** Where sentences of a sounder arrive. */
export interface SounderAddress {
  readonly host: string;
  readonly port: number;
}

/** What a page that listens is told. */
export type SounderNews =
  /** what it says by now, as JSON: depth below the surface, temperature, place, time, and how much was no reading */
  | { readonly event: 'reading'; readonly data: string }
  /** nothing came for a while: what was told last stands no longer */
  | { readonly event: 'quiet'; readonly data: '' }
  | { readonly event: 'gone'; readonly data: string };

/** How often pages are told at most, ms: sounders write many times a second. */
const TELL_EVERY_MS = 200;
/** Silence after which what was told last stands no longer, ms. */
const QUIET_MS = 5000;
/** A field that was not told for so long is told no more, while others go on, ms. */
const STALE_MS = 10_000;
/** Talkers whose pieces are put together at once; more than a boat has. */
const TALKERS = 32;
/** Largest datagram that is looked at, bytes. */
const DATAGRAM_BYTES = 8192;
/** Pages that may listen at once. */
export const SOUNDER_LISTENERS = 40;

/** One port for sentences, however many pages listen. */
export interface SounderLine {
  /** @returns how to stop listening, or null when too many listen already */
  listen(onNews: (news: SounderNews) => void): (() => void) | null;
  state(): { readonly listeners: number; readonly heard: number; readonly corrupt: number; readonly foreign: number };
  close(why: string): void;
}

/**
 * Hears NMEA 0183 over UDP and tells pages what it says by now, five times a second at most; its memory does not grow with the feed.
 * @param onBound  hears the port it got, or why it got none
 */
export function createSounderLine(
  { host, port }: SounderAddress,
  onBound: (how: { readonly port: number } | { readonly why: string }) => void = () => undefined,
): SounderLine {
  const listeners = new Set<(news: SounderNews) => void>();
  /** pieces of sentences by who sends them: two talkers do not meet in one sentence */
  const feeds = new Map<string, (data: string) => void>();
  let state: Reading = {};
  /** when each field was told last */
  const toldAt = new Map<keyof Reading, number>();
  const isThere = boatGate();
  let [heard, corrupt, foreign] = [0, 0, 0];
  let isNew = false;
  let heardAt = 0;
  let isQuiet = true;
  let isOpen = true;

  const tell = (news: SounderNews): void => {
    for (const listener of [...listeners]) listener(news);
  };
  const told = (): SounderNews => ({
    event: 'reading',
    data: JSON.stringify({
      depthM: depthBelowSurfaceM(state),
      temperatureC: state.temperatureC ?? null,
      lat: state.lat ?? null,
      lon: state.lon ?? null,
      day: state.day ?? null,
      timeS: state.timeS ?? null,
      corrupt,
      foreign,
    }),
  });
  function hear(line: string): void {
    const sentence = readSentence(line);
    if (sentence.kind === 'corrupt' || sentence.kind === 'noise') return void corrupt++;
    if (sentence.kind === 'foreign') return void foreign++;
    heard++;
    heardAt = Date.now();
    const { lat, lon } = sentence.reading;
    const isJump = lat !== undefined && lon !== undefined && !isThere(lat, lon, heardAt / 1000);
    if (isJump) corrupt++;
    const reading = isJump ? withoutPlace(sentence.reading) : sentence.reading;
    for (const name of Object.keys(reading) as (keyof Reading)[]) toldAt.set(name, heardAt);
    const fresh = Object.entries(state).filter(([name]) => heardAt - toldAt.get(name as keyof Reading)! <= STALE_MS);
    state = afterReading(Object.fromEntries(fresh), reading);
    isNew = true;
    isQuiet = false;
  }
  function feedOf(talker: string): (data: string) => void {
    const known = feeds.get(talker);
    if (known) return known;
    if (feeds.size >= TALKERS) feeds.delete(feeds.keys().next().value!);
    const feed = sentenceLines(hear);
    feeds.set(talker, feed);
    return feed;
  }
  const socket: Socket = createSocket({ type: host.includes(':') ? 'udp6' : 'udp4', reuseAddr: true });
  socket.on('message', (data, { address, port: from }) => {
    if (data.length <= DATAGRAM_BYTES) feedOf(`${address} ${from}`)(data.toString('latin1'));
  });
  socket.on('error', (error) => {
    isOpen = false;
    onBound({ why: error.message });
    tell({ event: 'gone', data: error.message });
    socket.close();
  });
  socket.bind(port, host, () => onBound({ port: socket.address().port }));
  const timer = setInterval(() => {
    if (isNew) {
      isNew = false;
      tell(told());
    } else if (!isQuiet && Date.now() - heardAt > QUIET_MS) {
      isQuiet = true;
      state = {};
      tell({ event: 'quiet', data: '' });
    }
  }, TELL_EVERY_MS);
  timer.unref();

  return {
    listen(onNews) {
      if (listeners.size >= SOUNDER_LISTENERS) return null;
      listeners.add(onNews);
      // who comes later is told at once how it stands
      onNews(isQuiet ? { event: 'quiet', data: '' } : told());
      return () => listeners.delete(onNews);
    },
    state: () => ({ listeners: listeners.size, heard, corrupt, foreign }),
    close(why) {
      clearInterval(timer);
      tell({ event: 'gone', data: why });
      listeners.clear();
      if (isOpen) socket.close();
      isOpen = false;
    },
  };
}
