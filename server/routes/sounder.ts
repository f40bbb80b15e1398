import { Hono } from 'hono';
import type { SounderLine, SounderNews } from '../sounder-line';
import { relay } from './relay';

function newestAlone() {
  let newest: SounderNews | null = null;
  let isGone = false;
  return {
    put(news: SounderNews): void {
      // that it is gone is not passed over for a reading
      if (!isGone) newest = news;
      isGone ||= news.event === 'gone';
    },
    take(): SounderNews | null {
      const news = newest;
      newest = null;
      return news;
    },
  };
}

/**
 * Relays a sounder to the page: `GET /` streams what it says by now. A page that reads slowly gets the newest alone.
 * @param sounder  null when this server listens to none
 */
export function sounderRoutes(sounder: SounderLine | null): Hono {
  const routes = new Hono();
  routes.get('/', (c) => {
    if (sounder === null) return c.json({ code: 'no-sounder', issues: [] }, 404);
    return relay(c, (hear) => sounder.listen(hear), newestAlone());
  });
  return routes;
}
