import type { RankReply, RankRequest } from './protocol';

type Job = Omit<RankRequest, 'id'>;

/** The part of a Worker the ranker needs; tests hand in a stand-in. */
export interface Mailbox {
  postMessage(message: RankRequest): void;
  onmessage: ((event: { data: RankReply }) => void) | null;
  onerror: ((event: { message: string }) => void) | null;
}

/**
 * Sends ranking jobs to a worker, the newest first: while one is computed, only the last that arrives waits; answers to
 * anything older than the newest request are dropped.
 */
export function createRanker(worker: Mailbox, onReply: (reply: RankReply) => void): { rank(job: Job): void } {
  let newest = 0;
  let busy = false;
  let waiting: RankRequest | null = null;

  const send = (request: RankRequest): void => {
    busy = true;
    worker.postMessage(request);
  };
  const finish = (reply: RankReply): void => {
    busy = false;
    if (waiting) {
      const next = waiting;
      waiting = null;
      send(next);
    }
    if (reply.id === newest) onReply(reply);
  };
  worker.onmessage = ({ data }) => finish(data);
  worker.onerror = ({ message }) => finish({ id: newest, ok: false, bug: message });

  return {
    rank(job) {
      const request: RankRequest = { ...job, id: ++newest };
      if (busy) waiting = request;
      else send(request);
    },
  };
}
