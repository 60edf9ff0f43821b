import type { FastifyInstance } from 'fastify';
import { madeWith, PutRecipe, toJsonLd, toRecipeFile, toText, type Recipe } from '@lupin/core';
import { Problem } from '../problems.ts';
import type { Shelf } from '../shelf.ts';
import { checked } from '../validation.ts';
import { sameId } from './shelf.ts';

interface WithId {
  Params: { id: string };
}

/** The recipe library: kept with revisions, and given out in open formats. */
export function recipeRoutes(app: FastifyInstance, shelf: Shelf): void {
  const library = async () => {
    const all = await shelf.list('recipe');
    return (id: string) => all.find((each) => each.entry.id === id)?.entry;
  };
  /** A recipe with everything it is made with, itself first. */
  const whole = async (id: string): Promise<readonly Recipe[]> =>
    madeWith((await shelf.get('recipe', id)).entry, await library()).parts;

  app.get('/api/recipes', { schema: { summary: 'The recipe library', tags: ['recipes'] } }, () => shelf.list('recipe'));
  app.get<WithId>('/api/recipes/:id', { schema: { summary: 'One recipe', tags: ['recipes'] } }, (request) =>
    shelf.get('recipe', request.params.id),
  );
  app.put<WithId>(
    '/api/recipes/:id',
    {
      schema: {
        summary: 'Keep a recipe',
        description:
          'baseRevision 0 for a new one; 409 where it is not the latest. Occasions keep the copies they were planned with.',
        tags: ['recipes'],
        body: PutRecipe,
      },
    },
    async (request) => {
      const { baseRevision, entry } = checked(PutRecipe, request.body);
      sameId(request.params.id, entry.id);
      const kept = await library();
      const { loop } = madeWith(entry, (id) => (id === entry.id ? entry : kept(id)));
      if (loop)
        throw new Problem('invalid-field', 'A recipe cannot be made with itself.', {
          errors: [{ pointer: '/entry/lines', message: `It goes round in a circle: ${loop.join(' → ')}.` }],
        });
      return shelf.put('recipe', baseRevision, entry);
    },
  );
  app.delete<WithId>(
    '/api/recipes/:id',
    {
      schema: {
        summary: 'Take a recipe out of the library',
        description: 'Occasions keep their copies.',
        tags: ['recipes'],
      },
    },
    async (request, reply) => {
      const users = (await shelf.list('recipe')).filter((each) =>
        each.entry.lines.some((line) => line.component === request.params.id),
      );
      if (users.length > 0)
        throw new Problem('recipe-in-use', `It is used in ${users.map((each) => each.entry.name).join(', ')}.`);
      await shelf.remove('recipe', request.params.id);
      return reply.status(204).send();
    },
  );

  app.get<WithId>(
    '/api/recipes/:id/json-ld',
    { schema: { summary: 'A recipe as schema.org linked data', tags: ['recipes'] } },
    async (request, reply) => {
      const [recipe, ...components] = await whole(request.params.id);
      return reply.type('application/ld+json').send(JSON.stringify(toJsonLd(recipe!, components), null, 1));
    },
  );
  app.get<WithId>(
    '/api/recipes/:id/text',
    { schema: { summary: 'A recipe as plain text', tags: ['recipes'] } },
    async (request, reply) => {
      const parts = await whole(request.params.id);
      return reply.type('text/plain; charset=utf-8').send(parts.map(toText).join('\n\n'));
    },
  );
  app.get<WithId>(
    '/api/recipes/:id/file',
    {
      schema: {
        summary: 'A recipe as a lupin.recipe/2 file',
        description: 'Loses nothing; see docs/formats.md.',
        tags: ['recipes'],
      },
    },
    async (request) => {
      const [recipe, ...components] = await whole(request.params.id);
      return toRecipeFile(recipe!, components);
    },
  );
}
