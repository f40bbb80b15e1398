import { extname } from 'node:path';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { bodyLimit } from 'hono/body-limit';
import { etag } from 'hono/etag';
import { secureHeaders } from 'hono/secure-headers';
import { onlyKnownHosts, type Names } from './hosts';
import { scaleRoutes } from './routes/scale';
import { sounderRoutes } from './routes/sounder';
import type { ScaleLine } from './scale-line';
import type { SounderLine } from './sounder-line';

/** Nothing is posted here yet; whatever comes is small or refused. */
const BODY_LIMIT_BYTES = 64 * 1024;

/** The one script that may compile WebAssembly. */
const SOLVES = /^\/assets\/work\.worker-[\w-]+\.js$/;

/** What a server of this kind needs to know. */
export interface AppOptions {
  /** absolute path of the static build */
  readonly folder: string;
  /** the line to a pocket scale that pages may listen to; null when there is none */
  readonly scale?: ScaleLine | null;
  /** where sentences of a sounder arrive; null when there is none */
  readonly sounder?: SounderLine | null;
  /** port of the practice tube on this machine; null when there is none */
  readonly tube?: number | null;
  readonly names?: Names;
}

/**
 * Serves the built app from a folder, with headers that keep the page to this machine. Exported so that tests call
 * `app.request(...)` without a port.
 */
export function createApp({
  folder,
  scale = null,
  sounder = null,
  tube = null,
  names = { open: false, more: [] },
}: AppOptions): Hono {
  const app = new Hono();
  app.use(onlyKnownHosts(names));
  // the worker runs a solver in WebAssembly when it plans a day; no page may
  app.use('/assets/*', async (c, next) => {
    await next();
    const policy = c.res.headers.get('content-security-policy');
    if (policy && SOLVES.test(c.req.path))
      c.res.headers.set(
        'content-security-policy',
        policy.replace("script-src 'self'", "script-src 'self' 'wasm-unsafe-eval'"),
      );
  });
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
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
      referrerPolicy: 'no-referrer',
      strictTransportSecurity: false,
      // over plain http on a boat's network a browser ignores these and complains of it
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  );
  app.use(
    bodyLimit({ maxSize: BODY_LIMIT_BYTES, onError: (c) => c.json({ code: 'too-big-a-file', issues: [] }, 413) }),
  );
  app.route('/api/scale', scaleRoutes(scale));
  app.route('/api/sounder', sounderRoutes(sounder));
  // a page asks where drops can be practised; the tube itself is another program
  app.get('/api/tube', (c) => c.json({ port: tube }));
  app.use(async (c, next) => {
    await next();
    if (c.res.status === 302 || c.res.status >= 400) return;
    const isForGood = c.req.path.startsWith('/assets/');
    c.header('Cache-Control', isForGood ? 'public, max-age=31536000, immutable' : 'no-cache');
  });
  // a part of a file is no other version of it
  const tagged = etag();
  app.use((c, next) => (c.req.header('range') === undefined ? tagged(c, next) : next()));
  app.use(serveStatic({ root: folder }));
  // stations live behind the hash, so a bare path is a guess: take the guest to the door
  app.get('*', (c) =>
    extname(c.req.path) === '' && !/[%\\]|\.\./.test(c.req.path)
      ? c.redirect('/')
      : c.json({ code: 'no-such-file', issues: [] }, 404),
  );
  app.all('*', (c) => c.json({ code: 'no-such-file', issues: [] }, 405));
  return app;
}
