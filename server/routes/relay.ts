import type { Context } from 'hono';
import { streamSSE } from 'hono/streaming';

interface News {
  readonly event: string;
  readonly data: string;
}

/** What waits for a page that reads slowly: which news are kept is the matter of each device. */
interface Mailbag<Told extends News> {
  put(news: Told): void;
  take(): Told | null;
}

/**
 * Streams what a device says to one page, until the page goes or the device does.
 * @param listen  begins to listen to the device; null where too many do already
 */
export function relay<Told extends News>(
  c: Context,
  listen: (hear: (news: Told) => void) => (() => void) | null,
  bag: Mailbag<Told>,
): Response {
  // asked for its headers alone: nobody listens
  if (c.req.method === 'HEAD') return c.body(null, 200, { 'Content-Type': 'text/event-stream' });
  let wake: () => void = () => undefined;
  const stop = listen((news) => {
    bag.put(news);
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
      const news = bag.take();
      if (news === null) {
        await new Promise<void>((resolve) => (wake = resolve));
        continue;
      }
      await stream.writeSSE({ event: news.event, data: news.data });
      if (news.event === 'gone') break;
    }
    stop();
  });
}
