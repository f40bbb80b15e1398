import { advise, catalogueFor, emptyBox, leadAllowed, ownGear, TRAYS, type Box } from '@core';
import { answerRankings, type Mail } from '../workers/answer-ranking';
import { heedBelief } from '../workers/belief';
import type { BoxPiece, RankCancel, RankReply, RankRequest } from '../workers/protocol';

type Message = RankRequest | RankCancel | BoxPiece;
type Listener = (event: { readonly data: Message }) => void;

/** Rigs a page test gets at most, unless it asks for all: what is looked at is the page. */
const FEW = 3;
let ranked: 'all' | 'few' = 'few';
/** Ranks as much as the page asks for, with what other schools would tie and what would flip it, until the test has ended. */
export const rankAll = (): void => void (ranked = 'all');
export const rankFew = (): void => void (ranked = 'few');

/** Answers that were given before, by what was asked: most tests of a file begin with the same water and box. */
const answered = new Map<string, readonly RankReply[]>();

/** The first rigs of a water, at one go. */
function fewOf({ id, water, flipsOf, before, gear, log, belief }: RankRequest, box: Box): readonly RankReply[] {
  if (flipsOf !== null) return [{ id, flips: flipsOf.map(() => []) }];
  heedBelief(belief);
  const fitting = gear && ownGear(gear);
  const own = fitting || log ? { gear: fitting, log } : null;
  const advice = advise(water, box, FEW, { asks: 'own-school', before: before ?? null, own });
  return [
    { id, ok: true, advice, tookMs: 1 },
    { id, others: advice.picks.map(() => ({ dissent: [], agree: [] })) },
  ];
}

/** Stands in for the browser's Worker: the one that ranks runs in the page, any other cannot be had, which the app can do without. */
export class InPageWorker {
  onmessage: ((event: { data: RankReply }) => void) | null = null;
  onerror: (() => void) | null = null;
  readonly #listeners: Listener[] = [];
  readonly #isWhole = ranked === 'all';
  readonly #givenUp = new Set<number>();
  #held: Box = emptyBox();
  #isGone = false;

  constructor(_url: URL | string, { name }: { readonly name: string }) {
    if (name !== 'rank') throw new Error('only the worker that ranks runs here');
    const mail: Mail = {
      postMessage: (reply) => this.#say(reply),
      addEventListener: (_kind, listener) => this.#listeners.push(listener),
    };
    if (this.#isWhole) answerRankings(mail);
  }

  postMessage(message: Message): void {
    const data = structuredClone(message);
    this.#soon(() => {
      if (this.#isWhole) this.#listeners.forEach((listen) => listen({ data }));
      else this.#answerFew(data);
    });
  }

  terminate(): void {
    this.#isGone = true;
  }

  /** It is never without its work. */
  addEventListener(): void {}

  #answerFew(data: Message): void {
    if ('piece' in data) {
      const from = data.isFirst ? emptyBox() : this.#held;
      const trays = TRAYS.map((tray) => [tray, [...from[tray], ...(data.piece[tray] ?? [])]]);
      this.#held = { ...from, ...Object.fromEntries(trays) };
    } else if ('cancel' in data) {
      this.#givenUp.add(data.cancel);
      this.#say({ id: data.cancel, cancelled: true });
    } else {
      if (typeof data.box === 'object') this.#held = data.box;
      const box = data.box === 'catalogue' ? catalogueFor({ lead: leadAllowed(data.water.localRules) }) : this.#held;
      const key = JSON.stringify([{ ...data, id: 0, box: null }, data.box === 'catalogue' ? data.box : box]);
      // whoever was given up while this waited is not answered
      this.#soon(() => {
        if (this.#givenUp.has(data.id)) return;
        const replies = answered.get(key) ?? fewOf(data, box);
        answered.set(key, replies);
        for (const reply of replies) this.#say({ ...reply, id: data.id });
      });
    }
  }
  #say(reply: RankReply): void {
    this.#soon(() => this.onmessage?.({ data: structuredClone(reply) }));
  }
  #soon(run: () => void): void {
    setTimeout(() => !this.#isGone && run());
  }
}
