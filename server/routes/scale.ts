import { Hono } from 'hono';
import type { ScaleLine, ScaleNews } from '../scale-line';
import { relay } from './relay';

/** News kept for a page that reads slowly; older lines are dropped, since a scale says the same again. */
const KEPT = 8;

function latestLines() {
  const waiting: ScaleNews[] = [];
  return {
    put(news: ScaleNews): void {
      waiting.push(news);
      const surplus = waiting.findIndex(({ event }) => event === 'line');
      if (waiting.length > KEPT && surplus !== -1) waiting.splice(surplus, 1);
    },
    take: (): ScaleNews | null => waiting.shift() ?? null,
  };
}

/**
 * Relays a scale to the page: `GET /` streams its lines as they come. Its keys are pressed on the scale.
 * @param scale  null when this server was told of no scale
 */
export function scaleRoutes(scale: ScaleLine | null): Hono {
  const routes = new Hono();
  routes.get('/', (c) => {
    if (scale === null) return c.json({ code: 'no-scale', issues: [] }, 404);
    return relay(c, (hear) => scale.listen(hear), latestLines());
  });
  return routes;
}
