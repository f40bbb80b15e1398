import { connect, type Socket } from 'node:net';

/** Where a scale's text feed comes from. */
export interface ScaleAddress {
  readonly host: string;
  readonly port: number;
}

/** What a page that listens is told. */
export type ScaleNews =
  | { readonly event: 'here'; readonly data: '' }
  | { readonly event: 'line'; readonly data: string }
  | { readonly event: 'gone'; readonly data: string };

/** Longest line that is passed on, characters. */
const LINE_LIMIT = 80;
/** Most that is kept of a line that never ends. */
const BUFFER_LIMIT = 4096;
/** How often lines are passed on, ms, and how many of the newest each time: more than anybody reads. */
const PASS_EVERY_MS = 100;
const LINES_EACH = 4;
/** Pages that may listen at once. */
export const LISTENER_LIMIT = 40;

/** Calls with every full line of a feed; a line without end is dropped. */
export function lineSplitter(onLine: (line: string) => void): (data: string) => void {
  let rest = '';
  return (data) => {
    const lines = (rest + data).split(/\r\n|\n|\r/);
    rest = (lines.pop() ?? '').slice(-BUFFER_LIMIT);
    for (const line of lines) if (line.trim() !== '') onLine(line.slice(0, LINE_LIMIT));
  };
}

/** One line to the scale, however many pages listen. */
export interface ScaleLine {
  /**
   * @returns how to stop listening, or null when too many listen already
   */
  listen(onNews: (news: ScaleNews) => void): (() => void) | null;
  /** how many listen, and whether the scale is connected */
  state(): { readonly listeners: number; readonly connected: boolean };
  /** Ends it for all who listen. */
  close(why: string): void;
}

/**
 * Connects to the scale while somebody listens, and passes on the newest of its lines a few times a second: a scale that writes
 * without pause starves nobody.
 */
export function createScaleLine({ host, port }: ScaleAddress): ScaleLine {
  const listeners = new Set<(news: ScaleNews) => void>();
  let socket: Socket | null = null;
  let isHere = false;
  /** how the scale introduced itself: told to who comes later */
  let hello: string | null = null;
  let newest: string[] = [];
  let timer: ReturnType<typeof setInterval> | null = null;

  const tell = (news: ScaleNews): void => {
    for (const listener of [...listeners]) listener(news);
  };

  function passOn(): void {
    const lines = newest.splice(0).slice(-LINES_EACH);
    for (const data of lines) tell({ event: 'line', data });
  }

  function open(): void {
    const own = connect(port, host);
    socket = own;
    own.setEncoding('utf8');
    own.on('connect', () => {
      isHere = true;
      tell({ event: 'here', data: '' });
    });
    own.on(
      'data',
      lineSplitter((line) => {
        if (hello === null && line.startsWith('#')) hello = line;
        newest.push(line);
        if (newest.length > 2 * LINES_EACH) newest = newest.slice(-LINES_EACH);
      }),
    );
    own.on('error', ({ message }) => end(own, message));
    own.on('close', () => end(own, 'it closed the line'));
    timer = setInterval(passOn, PASS_EVERY_MS);
  }

  function hangUp(): void {
    if (timer !== null) clearInterval(timer);
    timer = null;
    socket?.destroy();
    socket = null;
    isHere = false;
    hello = null;
    newest = [];
  }

  function end(which: Socket, why: string): void {
    if (which !== socket) return;
    passOn();
    hangUp();
    tell({ event: 'gone', data: why });
    listeners.clear();
  }

  return {
    listen(onNews) {
      if (listeners.size >= LISTENER_LIMIT) return null;
      listeners.add(onNews);
      if (socket === null) open();
      else if (isHere) {
        onNews({ event: 'here', data: '' });
        if (hello !== null) onNews({ event: 'line', data: hello });
      }
      return () => {
        listeners.delete(onNews);
        if (listeners.size === 0) hangUp();
      };
    },
    state: () => ({ listeners: listeners.size, connected: socket !== null }),
    close(why) {
      hangUp();
      tell({ event: 'gone', data: why });
      listeners.clear();
    },
  };
}
