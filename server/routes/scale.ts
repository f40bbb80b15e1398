import { Hono } from 'hono';
import { streamSSE } from 'hono/streaming';
import type { ScaleLine, ScaleNews } from '../scale-line';

/** News kept for a page that reads slowly; older lines are dropped, since a scale says the same again. */
const KEPT = 8;

/**
 * Relays a scale to the page: `GET /` streams its lines as they come. Its keys are pressed on the scale.
 * @param scale  null when this server was told of no scale
 */
export function scaleRoutes(scale: ScaleLine | null): Hono {
  const routes = new Hono();

  routes.get('/', (c) => {
    if (scale === null) return c.json({ code: 'no-scale', issues: [] }, 404);
    // asked for its headers alone: nobody listens
    if (c.req.method === 'HEAD') return c.body(null, 200, { 'Content-Type': 'text/event-stream' });
    let wake: () => void = () => undefined;
    const waiting: ScaleNews[] = [];
    const stop = scale.listen((news) => {
      waiting.push(news);
      const surplus = waiting.findIndex(({ event }) => event === 'line');
      if (waiting.length > KEPT && surplus !== -1) waiting.splice(surplus, 1);
      wake();
    });
    if (stop === null) return c.json({ code: 'too-many-listeners', issues: [] }, 503);
    return streamSSE(c, async (stream) => {
      let isOpen = true;
      stream.onAbort(() => {
        isOpen = false;
        stop();
        wake();
      });
      while (isOpen) {
        const news = waiting.shift();
        if (news === undefined) {
          await new Promise<void>((resolve) => (wake = resolve));
          continue;
        }
        await stream.writeSSE({ ...news });
        if (news.event === 'gone') break;
      }
      stop();
    });
  });
  return routes;
}
