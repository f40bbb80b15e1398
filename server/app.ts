import { readFile, stat } from 'node:fs/promises';
import { extname, join, normalize, sep } from 'node:path';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { secureHeaders } from 'hono/secure-headers';
import { scaleRoutes, type ScaleAddress } from './routes/scale';

const TYPES: Readonly<Record<string, string>> = {
  '.html': 'text/html; charset=utf-8',
  '.js': 'text/javascript; charset=utf-8',
  '.css': 'text/css; charset=utf-8',
  '.json': 'application/json; charset=utf-8',
  '.svg': 'image/svg+xml',
  '.woff2': 'font/woff2',
  '.png': 'image/png',
};

/** Nothing is posted here yet; whatever comes is small or refused. */
const BODY_LIMIT_BYTES = 64 * 1024;

/** A file below the folder, or null: never one outside it. */
async function fileBelow(folder: string, path: string): Promise<string | null> {
  const wanted = normalize(join(folder, path));
  if (!wanted.startsWith(folder + sep)) return null;
  const found = await stat(wanted).catch(() => null);
  return found?.isFile() ? wanted : null;
}

/**
 * Serves the built app from a folder, with headers that keep the page to this machine. Exported so that tests call
 * `app.request(...)` without a port.
 * @param folder  absolute path of the static build
 * @param scale   text feed of a pocket scale that pages may listen to
 */
export function createApp(folder: string, scale: ScaleAddress | null = null): Hono {
  const app = new Hono();
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        // Vuetify writes its theme into one style element
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
      referrerPolicy: 'no-referrer',
      strictTransportSecurity: false,
    }),
  );
  app.use(
    bodyLimit({ maxSize: BODY_LIMIT_BYTES, onError: (c) => c.json({ code: 'too-big-a-file', issues: [] }, 413) }),
  );
  app.route('/api/scale', scaleRoutes(scale));
  app.get('*', async (c) => {
    let path: string;
    try {
      path = decodeURIComponent(new URL(c.req.url).pathname);
    } catch {
      return c.json({ code: 'no-such-file', issues: [] }, 400);
    }
    const file = await fileBelow(folder, path === '/' ? 'index.html' : path);
    // stations live behind the hash, so a bare path is a guess: take the guest to the door
    if (file === null)
      return extname(path) === '' ? c.redirect('/') : c.json({ code: 'no-such-file', issues: [] }, 404);
    const cache = path.startsWith('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache';
    // not compressed: on this machine packing and unpacking takes longer than the bytes saved
    const bytes = await readFile(file);
    return c.body(new Uint8Array(bytes), 200, {
      'Content-Type': TYPES[extname(file)] ?? 'application/octet-stream',
      'Cache-Control': cache,
    });
  });
  app.all('*', (c) => c.json({ code: 'no-such-file', issues: [] }, 405));
  return app;
}
