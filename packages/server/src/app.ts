import { existsSync } from 'node:fs';
import { join } from 'node:path';
import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyError, type FastifyInstance } from 'fastify';
import { guard } from './guard.ts';
import { openapi } from './openapi.ts';
import { Problem } from './problems.ts';
import type { DayStore } from './dayStore.ts';
import type { Devices } from './devices.ts';
import { computeRoutes } from './routes/compute.ts';
import { dayRoutes } from './routes/day.ts';
import { deviceRoutes } from './routes/devices.ts';
import { occasionRoutes } from './routes/occasions.ts';
import { recipeRoutes } from './routes/recipes.ts';
import { sharingRoutes } from './routes/sharing.ts';
import { shelfRoutes } from './routes/shelf.ts';
import type { Sharing } from './sharing.ts';
import type { Shelf } from './shelf.ts';
import type { Store } from './store.ts';

export interface AppOptions {
  readonly store: Store;
  readonly shelf: Shelf;
  readonly days: DayStore;
  readonly devices: Devices;
  readonly sharing: Sharing;
  /** The built web app; absent in API tests. */
  readonly webDir?: string | undefined;
  /** A new occasion's document, with the usual kitchen. */
  readonly blank: (id: string, name: string, date: string, serveAt: string) => unknown;
  /** What is written to the log, as lines of JSON; absent: errors that nobody expected. */
  readonly logLevel?: string | undefined;
}

function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  const { code, statusCode } = error as FastifyError;
  if (statusCode === 413) return new Problem('too-large');
  if (statusCode === 415) return new Problem('wrong-media-type');
  if (code === 'FST_ERR_CTP_EMPTY_JSON_BODY' || code === 'FST_ERR_CTP_INVALID_JSON_BODY' || statusCode === 400)
    return new Problem('malformed-json', (error as Error).message);
  return new Problem('internal');
}

/** The whole server without its port. */
export async function buildApp({
  store,
  shelf,
  days,
  devices,
  sharing,
  webDir,
  blank,
  logLevel = 'error',
}: AppOptions): Promise<FastifyInstance> {
  const app = Fastify({ bodyLimit: 4 * 1024 * 1024, logger: { level: logLevel }, forceCloseConnections: true });
  // Bodies are checked by the routes themselves, with the schemas that the API page shows.
  app.setValidatorCompiler(() => () => true);
  app.setSerializerCompiler(() => (data) => JSON.stringify(data));

  await guard(app, sharing);
  app.addHook('onSend', async (_request, reply) => {
    reply.header('x-content-type-options', 'nosniff');
    reply.header('referrer-policy', 'no-referrer');
  });
  app.setErrorHandler((error, request, reply) => {
    const problem = asProblem(error);
    if (problem.code === 'internal') request.log.error(error);
    if (typeof problem.extra['retryAfterSeconds'] === 'number')
      reply.header('retry-after', problem.extra['retryAfterSeconds']);
    return reply
      .status(problem.status)
      .type('application/problem+json')
      .send(JSON.stringify(problem.body(request.url)));
  });

  await openapi(app);
  app.get('/api/health', { schema: { summary: 'Is it there', tags: [] } }, () => ({ ok: true }));
  occasionRoutes(app, store, shelf, blank);
  dayRoutes(app, days);
  deviceRoutes(app, devices);
  sharingRoutes(app, sharing, store);
  shelfRoutes(app, shelf);
  recipeRoutes(app, shelf);
  computeRoutes(app, shelf);

  const hasWeb = webDir !== undefined && existsSync(join(webDir, 'index.html'));
  if (hasWeb) {
    await app.register(fastifyStatic, {
      root: webDir,
      wildcard: false,
      preCompressed: true,
      // Said below, by what it is.
      cacheControl: false,
      setHeaders: (response, path) => {
        response.setHeader('vary', 'accept-encoding');
        response.setHeader(
          'cache-control',
          path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    });
  }
  app.setNotFoundHandler((request, reply) => {
    // Addresses of the web app's own pages all get the app; it finds its way.
    if (hasWeb && request.method === 'GET' && !request.url.startsWith('/api/') && !/\.\w+$/.test(request.url))
      return reply.sendFile('index.html');
    throw new Problem('not-found', `${request.method} ${request.url.slice(0, 200)}`);
  });
  app.addHook('onClose', () => sharing.close());
  return app;
}
