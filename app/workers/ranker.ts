import { partCount, TRAYS, type Box } from '@core';
import type { BoxPiece, RankCancel, RankReply, RankRequest } from './protocol';

type Job = Omit<RankRequest, 'id'>;

/** The part of a Worker the ranker needs; tests hand in a stand-in. */
export interface Mailbox {
  postMessage(message: RankRequest | RankCancel | BoxPiece): void;
  terminate(): void;
  onmessage: ((event: { data: RankReply }) => void) | null;
  onerror: ((event: { message?: string; preventDefault?(): void }) => void) | null;
}

/** Watchdog of the ranking worker, ms: it reports many times a second. */
export const SILENT_MS = 6000;
/** Parts of a box that are handed over at one go. */
const PIECE = 600;
/** Attempts at one job, each with a new worker. */
const TRIES = 2;

/**
 * Sends ranking jobs to a worker, the newest first: a running one is given up when a newer arrives, only the last that arrives
 * waits for it, and answers to anything older are dropped. A worker that stops answering, dies or cannot be had is started anew;
 * after the second time it is said.
 */
export function createRanker(
  make: () => Mailbox,
  onReply: (reply: RankReply) => void,
  silentMs = SILENT_MS,
): { rank(job: Job): void; cancel(): void } {
  let newest = 0;
  let running: RankRequest | null = null;
  let waiting: RankRequest | null = null;
  let worker: Mailbox | null = null;
  /** whether this worker ever said anything: one that never did could not be started */
  let spoke = false;
  let tries = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  /** the box this worker was handed last; one that is still on its way is none */
  let handed: Box | null = null;

  function listen(): void {
    clearTimeout(timer);
    timer = setTimeout(() => lost('silent'), silentMs);
  }

  /** The worker is gone, or as good as: the job that was running goes to a new one. */
  function lost(how: 'silent' | 'missing'): void {
    clearTimeout(timer);
    worker?.terminate();
    worker = null;
    const request = running;
    if (request === null) return;
    // one that nobody waits for any more is not tried again
    if (waiting === null && tries < TRIES) {
      onReply({ id: request.id, restarted: how });
      return send(request);
    }
    finish(waiting ? { id: request.id, cancelled: true } : { id: request.id, ok: false, lost: how });
  }

  function start(): Mailbox {
    const made = make();
    spoke = false;
    handed = null;
    made.onmessage = ({ data }) => {
      if (made !== worker) return;
      spoke = true;
      if (data.id !== running?.id) return;
      listen();
      if ('alive' in data) return;
      // an answer is shown at once; the job goes on to what other schools would tie
      const goesOn = 'progress' in data || 'first' in data || ('ok' in data && data.ok);
      if (!goesOn) finish(data);
      else if (data.id === newest) onReply(data);
    };
    made.onerror = (event) => {
      event.preventDefault?.();
      if (made === worker) lost(spoke ? 'silent' : 'missing');
    };
    return made;
  }

  function send(request: RankRequest): void {
    running = request;
    tries++;
    listen();
    try {
      worker ??= start();
      const { box } = request;
      if (box === 'catalogue' || box === 'held') worker.postMessage(request);
      else if (partCount(box) > PIECE) void handOver(worker, request, box);
      else {
        worker.postMessage(handed === box ? { ...request, box: 'held' } : request);
        handed = box;
      }
    } catch (error) {
      finish({ id: request.id, ok: false, bug: String(error) });
    }
  }
  /** A large box goes over in pieces, the page's own work between them; the job that needs it goes last. */
  async function handOver(to: Mailbox, request: RankRequest, box: Box): Promise<void> {
    const isGone = (): boolean => to !== worker || running?.id !== request.id;
    if (handed !== box) {
      handed = null;
      let isFirst = true;
      for (const tray of TRAYS) {
        for (let at = 0; at < box[tray].length; at += PIECE) {
          to.postMessage({ piece: { [tray]: box[tray].slice(at, at + PIECE) }, isFirst });
          isFirst = false;
          listen();
          await new Promise((resolve) => setTimeout(resolve));
          if (isGone()) return;
        }
      }
      handed = box;
    }
    to.postMessage({ ...request, box: 'held' });
  }
  function giveUp(): void {
    if (running === null) return;
    // still being handed over: the worker knows nothing of it
    if (isHandedOver(running)) worker?.postMessage({ cancel: running.id });
    else finish({ id: running.id, cancelled: true });
  }
  /** Whether the worker has the job, and not only pieces of its box. */
  const isHandedOver = ({ box }: RankRequest): boolean =>
    box === 'catalogue' || box === 'held' || partCount(box) <= PIECE || handed === box;
  function finish(reply: RankReply): void {
    clearTimeout(timer);
    running = null;
    tries = 0;
    const next = waiting;
    waiting = null;
    if (next) send(next);
    if (reply.id === newest) onReply(reply);
  }

  return {
    rank(job) {
      const request: RankRequest = { ...job, id: ++newest };
      if (running === null) return send(request);
      const first = waiting === null;
      waiting = request;
      if (first) giveUp();
    },
    cancel() {
      waiting = null;
      giveUp();
    },
  };
}
