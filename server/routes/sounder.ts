import { Hono } from 'hono';
import { streamSSE } from 'hono/streaming';
import type { SounderLine, SounderNews } from '../sounder-line';

/**
 * Relays a sounder to the page: `GET /` streams what it says by now. A page that reads slowly gets the newest alone.
 * @param sounder  null when this server listens to none
 */
export function sounderRoutes(sounder: SounderLine | null): Hono {
  const routes = new Hono();
  routes.get('/', (c) => {
    if (sounder === null) return c.json({ code: 'no-sounder', issues: [] }, 404);
    // asked for its headers alone: nobody listens
    if (c.req.method === 'HEAD') return c.body(null, 200, { 'Content-Type': 'text/event-stream' });
    let wake: () => void = () => undefined;
    let newest: SounderNews | null = null;
    let isGone = false;
    const stop = sounder.listen((news) => {
      // that it is gone is not passed over for a reading
      if (!isGone) newest = news;
      isGone ||= news.event === 'gone';
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
        const news = newest as SounderNews | null;
        newest = null;
        if (news === null) {
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
