import { advise, catalogueBox } from '@core';
import type { RankReply, RankRequest } from './protocol';

self.addEventListener('message', ({ data }: MessageEvent<RankRequest>) => {
  const { id, water, box, top } = data;
  let reply: RankReply;
  try {
    const started = performance.now();
    const advice = advise(water, box === 'catalogue' ? catalogueBox() : box, top);
    reply = { id, ok: true, advice, tookMs: performance.now() - started };
  } catch (error) {
    reply = { id, ok: false, bug: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
  self.postMessage(reply);
});
