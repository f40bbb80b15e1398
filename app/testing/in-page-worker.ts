import { answerRankings, type Mail } from '../workers/answer-ranking';
import type { BoxPiece, RankCancel, RankReply, RankRequest } from '../workers/protocol';

type Listener = (event: { readonly data: RankRequest | RankCancel | BoxPiece }) => void;

/** Stands in for the browser's Worker: the one that ranks runs in the page, any other cannot be had, which the app can do without. */
export class InPageWorker {
  onmessage: ((event: { data: RankReply }) => void) | null = null;
  onerror: (() => void) | null = null;
  readonly #listeners: Listener[] = [];
  #isGone = false;

  constructor(url: URL | string) {
    if (!String(url).includes('rank.worker')) throw new Error('only the worker that ranks runs here');
    const mail: Mail = {
      postMessage: (reply) => this.#soon(() => this.onmessage?.({ data: structuredClone(reply) })),
      addEventListener: (_kind, listener) => this.#listeners.push(listener),
    };
    answerRankings(mail);
  }

  postMessage(message: RankRequest | RankCancel | BoxPiece): void {
    const data = structuredClone(message);
    this.#soon(() => this.#listeners.forEach((listen) => listen({ data })));
  }

  terminate(): void {
    this.#isGone = true;
  }

  #soon(run: () => void): void {
    setTimeout(() => !this.#isGone && run());
  }
}
