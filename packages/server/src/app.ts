import { existsSync } from 'node:fs';
import { join } from 'node:path';
import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyError, type FastifyInstance } from 'fastify';
import { openapi } from './openapi.ts';
import { Problem } from './problems.ts';
import type { DayStore } from './dayStore.ts';
import { computeRoutes } from './routes/compute.ts';
import { dayRoutes } from './routes/day.ts';
import { occasionRoutes } from './routes/occasions.ts';
import { recipeRoutes } from './routes/recipes.ts';
import { shelfRoutes } from './routes/shelf.ts';
import type { Shelf } from './shelf.ts';
import type { Store } from './store.ts';

export interface AppOptions {
  readonly store: Store;
  readonly shelf: Shelf;
  readonly days: DayStore;
  /** The built web app; absent in API tests. */
  readonly webDir?: string | undefined;
  /** A new occasion's document, with the usual kitchen. */
  readonly blank: (id: string, name: string, date: string, serveAt: string) => unknown;
}

const ownHost = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;

function asProblem(error: unknown): Problem {
  if (error instanceof Problem) return error;
  const { code, statusCode } = error as FastifyError;
  if (statusCode === 413) return new Problem('too-large');
  if (statusCode === 415) return new Problem('wrong-media-type');
  if (code === 'FST_ERR_CTP_EMPTY_JSON_BODY' || code === 'FST_ERR_CTP_INVALID_JSON_BODY' || statusCode === 400) return new Problem('malformed-json', (error as Error).message);
  return new Problem('internal');
}

/** The whole server without its port. */
export async function buildApp({ store, shelf, days, webDir, blank }: AppOptions): Promise<FastifyInstance> {
  const app = Fastify({ bodyLimit: 4 * 1024 * 1024, logger: false, forceCloseConnections: true });
  // Bodies are checked by the routes themselves, with the schemas that the API page shows.
  app.setValidatorCompiler(() => () => true);
  app.setSerializerCompiler(() => (data) => JSON.stringify(data));

  // Guests' needs are health data: a page of another site must not read or write them through the browser.
  app.addHook('onRequest', async (request) => {
    const { host, origin } = request.headers;
    if (!host || !ownHost.test(host)) throw new Problem('wrong-host', 'Open it as 127.0.0.1 or localhost.');
    if (origin && !ownHost.test(origin.replace(/^https?:\/\//, ''))) throw new Problem('wrong-host', 'A page from elsewhere asked.');
  });
  app.addHook('onSend', async (_request, reply) => {
    reply.header('x-content-type-options', 'nosniff');
    reply.header('referrer-policy', 'no-referrer');
  });
  app.setErrorHandler((error, request, reply) => {
    const problem = asProblem(error);
    if (problem.code === 'internal') console.error(error);
    return reply.status(problem.status).type('application/problem+json').send(JSON.stringify(problem.body(request.url)));
  });

  await openapi(app);
  app.get('/api/health', { schema: { summary: 'Is it there', tags: [] } }, () => ({ ok: true }));
  occasionRoutes(app, store, blank);
  dayRoutes(app, days);
  shelfRoutes(app, shelf);
  recipeRoutes(app, shelf);
  computeRoutes(app, shelf);

  const hasWeb = webDir !== undefined && existsSync(join(webDir, 'index.html'));
  if (hasWeb) {
    await app.register(fastifyStatic, { root: webDir, wildcard: false, setHeaders: (response, path) => {
      response.setHeader('cache-control', path.includes('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache');
    } });
  }
  app.setNotFoundHandler((request, reply) => {
    // Addresses of the web app's own pages all get the app; it finds its way.
    if (hasWeb && request.method === 'GET' && !request.url.startsWith('/api/') && !/\.\w+$/.test(request.url)) return reply.sendFile('index.html');
    throw new Problem('not-found', `${request.method} ${request.url.slice(0, 200)}`);
  });
  return app;
}
