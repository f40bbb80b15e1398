import {
  adviseInSteps,
  catalogueFor,
  emptyBox,
  ownGear,
  tippingPointsInSteps,
  leadAllowed,
  TRAYS,
  type Box,
  type Told,
} from '@core';
import { breath } from '../first/breath';
import { heedBelief } from './belief';
import type { BoxPiece, RankCancel, RankReply, RankRequest } from './protocol';

/** Time slice of a job before the worker reads its messages, and interval of progress reports, ms. */
const SLICE_MS = 25;
const REPORT_MS = 120;

/** What a worker is to whoever runs in it: mail comes in and goes out. */
export interface Mail {
  postMessage(message: RankReply): void;
  addEventListener(
    kind: 'message',
    listener: (event: { readonly data: RankRequest | RankCancel | BoxPiece }) => void,
  ): void;
}

/** Serves the ranking jobs of a message port, one after another; a cancelled job ends within one time slice. */
export function answerRankings(mail: Mail): void {
  const given = new Set<number>();
  /** the box that was handed over last: the same box need not be laid out again */
  let held: Box = emptyBox();

  function hold({ piece, isFirst }: BoxPiece): void {
    const before = isFirst ? emptyBox() : held;
    held = { ...before, ...Object.fromEntries(TRAYS.map((tray) => [tray, [...before[tray], ...(piece[tray] ?? [])]])) };
  }

  const reply = (message: RankReply): void => mail.postMessage(message);
  /** Runs steps in slices, reporting how far they are; null when the job was given up meanwhile. */
  async function inSlices<T>(id: number, steps: Generator<number, T>, report: boolean): Promise<{ value: T } | null> {
    let sliceEnds = performance.now() + SLICE_MS;
    let reports = performance.now() + REPORT_MS;
    for (;;) {
      const step = steps.next();
      if (step.done) return { value: step.value };
      const now = performance.now();
      if (now < sliceEnds) continue;
      if (now > reports) {
        reply(report ? { id, progress: step.value } : { id, alive: true });
        reports = now + REPORT_MS;
      }
      // waiting messages come in
      await breath();
      if (given.delete(id)) {
        reply({ id, cancelled: true });
        return null;
      }
      sliceEnds = performance.now() + SLICE_MS;
    }
  }

  async function rank({ id, water, box, top, flipsOf, before, gear, log, belief }: RankRequest): Promise<void> {
    const started = performance.now();
    reply({ id, alive: true });
    if (typeof box === 'object') held = box;
    const from = box === 'catalogue' ? catalogueFor({ lead: leadAllowed(water.localRules) }) : held;
    heedBelief(belief);
    const fitting = gear && ownGear(gear);
    const own = fitting || log ? { gear: fitting, log } : null;
    if (flipsOf !== null) {
      const flips = await inSlices(id, tippingPointsInSteps(water, from, flipsOf, own), false);
      if (flips !== null) reply({ id, flips: flips.value });
      return;
    }
    let told = false;
    const tell = (early: Told): void => {
      if ('first' in early) return reply({ id, first: early.first });
      told = true;
      reply({ id, ok: true, advice: early.whole, tookMs: performance.now() - started });
    };
    const answer = await inSlices(id, adviseInSteps(water, from, top, { tell, before, own }), true);
    if (answer === null) return;
    const { value: advice } = answer;
    if (!told) reply({ id, ok: true, advice, tookMs: performance.now() - started });
    reply({ id, others: advice.picks.map(({ dissent, agree }) => ({ dissent, agree })) });
  }

  mail.addEventListener('message', ({ data }) => {
    if ('piece' in data) return hold(data);
    if ('cancel' in data) {
      given.add(data.cancel);
      return;
    }
    rank(data).catch((error: unknown) => {
      const bug = error instanceof Error ? (error.stack ?? error.message) : String(error);
      reply({ id: data.id, ok: false, bug });
    });
  });
}
