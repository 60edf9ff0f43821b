import swagger from '@fastify/swagger';
import swaggerUi from '@fastify/swagger-ui';
import { toJsonSchema } from '@valibot/to-json-schema';
import type { FastifyInstance } from 'fastify';
import type { GenericSchema } from 'valibot';
import packageInfo from '../package.json';

/** Describes the API from the very schemas it is checked with, and serves the description with a page to read it. */
export async function openapi(app: FastifyInstance): Promise<void> {
  await app.register(swagger, {
    openapi: {
      openapi: '3.1.0',
      info: {
        title: 'Lupin',
        version: packageInfo.version,
        description:
          'Plans, does not test food. Errors are problem documents (RFC 9457) with a stable code. Formats: docs/formats.md.',
      },
      tags: [
        { name: 'occasions' },
        { name: 'people' },
        { name: 'labels' },
        { name: 'foods' },
        { name: 'recipes' },
        { name: 'shopping' },
        { name: 'plan' },
        { name: 'day' },
        { name: 'devices' },
        { name: 'sharing' },
      ],
    },
    transform: ({ schema, url }) => {
      // Links between ids and branded text are checked by the server; a JSON Schema has no words for them.
      const told = (part: unknown) =>
        toJsonSchema(part as GenericSchema, { errorMode: 'ignore', typeMode: 'input', target: 'draft-2020-12' });
      const { body, querystring } = schema as { body?: unknown; querystring?: unknown };
      return {
        schema: {
          ...schema,
          ...(body ? { body: told(body) } : {}),
          ...(querystring ? { querystring: told(querystring) } : {}),
        },
        url,
      };
    },
  });
  await app.register(swaggerUi, { routePrefix: '/api/docs' });
  app.get('/api/openapi.json', { schema: { hide: true } }, () => app.swagger());
}
