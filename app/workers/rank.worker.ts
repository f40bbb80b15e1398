import { adviseInSteps, catalogueBox } from '@core';
import type { RankCancel, RankReply, RankRequest } from './protocol';

/** Time a job may take before the worker looks at its mail, and between two reports of progress, ms. */
const SLICE_MS = 25;
const REPORT_MS = 120;

const given = new Set<number>();
const reply = (message: RankReply): void => self.postMessage(message);
/** Lets waiting messages in. */
const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

async function rank({ id, water, box, top }: RankRequest): Promise<void> {
  const started = performance.now();
  const steps = adviseInSteps(water, box === 'catalogue' ? catalogueBox() : box, top);
  let sliceEnds = started + SLICE_MS;
  let reports = started + REPORT_MS;
  for (;;) {
    const step = steps.next();
    if (step.done) return reply({ id, ok: true, advice: step.value, tookMs: performance.now() - started });
    const now = performance.now();
    if (now < sliceEnds) continue;
    if (now > reports) {
      reply({ id, progress: step.value });
      reports = now + REPORT_MS;
    }
    await breathe();
    if (given.delete(id)) return reply({ id, cancelled: true });
    sliceEnds = performance.now() + SLICE_MS;
  }
}

self.addEventListener('message', ({ data }: MessageEvent<RankRequest | RankCancel>) => {
  if ('cancel' in data) {
    given.add(data.cancel);
    return;
  }
  rank(data).catch((error: unknown) => {
    const bug = error instanceof Error ? (error.stack ?? error.message) : String(error);
    reply({ id: data.id, ok: false, bug });
  });
});
