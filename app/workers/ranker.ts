import type { RankCancel, RankReply, RankRequest } from './protocol';

type Job = Omit<RankRequest, 'id'>;

/** The part of a Worker the ranker needs; tests hand in a stand-in. */
export interface Mailbox {
  postMessage(message: RankRequest | RankCancel): void;
  onmessage: ((event: { data: RankReply }) => void) | null;
  onerror: ((event: { message: string }) => void) | null;
}

/**
 * Sends ranking jobs to a worker, the newest first: a running one is given up when a newer arrives, only the last that arrives
 * waits for it, and answers to anything older are dropped.
 */
export function createRanker(
  worker: Mailbox,
  onReply: (reply: RankReply) => void,
): { rank(job: Job): void; cancel(): void } {
  let newest = 0;
  let running: number | null = null;
  let waiting: RankRequest | null = null;

  const send = (request: RankRequest): void => {
    running = request.id;
    worker.postMessage(request);
  };
  const giveUp = (): void => {
    if (running !== null) worker.postMessage({ cancel: running });
  };
  const finish = (reply: RankReply): void => {
    running = null;
    if (waiting) {
      const next = waiting;
      waiting = null;
      send(next);
    }
    if (reply.id === newest) onReply(reply);
  };
  worker.onmessage = ({ data }) => {
    // an answer is shown at once; the job goes on to what would flip it
    const goesOn = 'progress' in data || ('ok' in data && data.ok);
    if (!goesOn) finish(data);
    else if (data.id === newest) onReply(data);
  };
  worker.onerror = ({ message }) => finish({ id: newest, ok: false, bug: message });

  return {
    rank(job) {
      const request: RankRequest = { ...job, id: ++newest };
      if (running === null) return send(request);
      if (waiting === null) giveUp();
      waiting = request;
    },
    cancel() {
      waiting = null;
      giveUp();
    },
  };
}
