import type { FastifyInstance } from 'fastify';
import type { GenericSchema } from 'valibot';
import { PutFood, PutPack, PutPerson, PutProduct, PutSwap } from '@lupin/core';
import { Problem } from '../problems.ts';
import type { Entry, Shelf, ShelfKind } from '../shelf.ts';
import { checked } from '../validation.ts';

interface WithId {
  Params: { id: string };
}

export function sameId(address: string, id: string): void {
  if (address !== id)
    throw new Problem('invalid-field', 'The entry has another id than its address.', {
      errors: [{ pointer: '/entry/id', message: 'It must be the id in the address.' }],
    });
}

interface ShelfPlace<Kind extends ShelfKind> {
  readonly path: string;
  readonly kind: Kind;
  readonly tag: string;
  readonly body: GenericSchema<unknown, { readonly baseRevision: number; readonly entry: Entry<Kind> }>;
  /** What the API page says: of the whole, of keeping one, of taking one out. */
  readonly says: readonly [list: string, put: string, remove: string];
}

/** List, keep and take out, the same for everything that outlives an occasion. */
function shelfPlace<Kind extends ShelfKind>(
  app: FastifyInstance,
  shelf: Shelf,
  { path, kind, tag, body, says: [list, put, remove] }: ShelfPlace<Kind>,
): void {
  app.get(path, { schema: { summary: list, tags: [tag] } }, () => shelf.list(kind));
  app.put<WithId>(
    `${path}/:id`,
    {
      schema: {
        summary: put,
        description: 'baseRevision 0 for a new one; 409 where it is not the latest.',
        tags: [tag],
        body,
      },
    },
    (request) => {
      const { baseRevision, entry } = checked(body, request.body);
      sameId(request.params.id, entry.id);
      return shelf.put(kind, baseRevision, entry);
    },
  );
  app.delete<WithId>(`${path}/:id`, { schema: { summary: remove, tags: [tag] } }, async (request, reply) => {
    await shelf.remove(kind, request.params.id);
    return reply.status(204).send();
  });
}

/** The address book, the products with their last label, and foods, swaps and packages of the user's own. Recipes have more to them and routes of their own. */
export function shelfRoutes(app: FastifyInstance, shelf: Shelf): void {
  shelfPlace(app, shelf, {
    path: '/api/people',
    kind: 'person',
    tag: 'people',
    body: PutPerson,
    says: [
      'The address book',
      'Keep a person',
      'Take a person out of the address book; occasions keep what was noted for them',
    ],
  });
  shelfPlace(app, shelf, {
    path: '/api/products',
    kind: 'product',
    tag: 'labels',
    body: PutProduct,
    says: ['Products and what was last read on their labels', 'Keep what was read on a label', 'Forget a product'],
  });
  shelfPlace(app, shelf, {
    path: '/api/foods',
    kind: 'food',
    tag: 'foods',
    body: PutFood,
    says: [
      'Foods that the user added or corrected',
      'Add or correct a food: the user’s word; hazards that the catalogue knows to be in it stay',
      'Take back what was added or corrected',
    ],
  });
  shelfPlace(app, shelf, {
    path: '/api/swaps',
    kind: 'swap',
    tag: 'foods',
    body: PutSwap,
    says: ['Swaps that the user added', 'Add or change a swap', 'Take a swap out of the table'],
  });
  shelfPlace(app, shelf, {
    path: '/api/packs',
    kind: 'pack',
    tag: 'shopping',
    body: PutPack,
    says: ['Package sizes and prices that the user noted', 'Note how a food is sold', 'Forget how a food is sold'],
  });
  app.get(
    '/api/timings',
    {
      schema: {
        summary: 'How long steps really took, day by day',
        description:
          'Only of days that were no rehearsals, and of steps that were ticked at both ends; minutes at the size of the recipe.',
        tags: ['recipes'],
      },
    },
    () => shelf.list('timing'),
  );
  app.delete<WithId>(
    '/api/timings/:id',
    { schema: { summary: 'Forget what was timed of a step', tags: ['recipes'] } },
    async (request, reply) => {
      await shelf.remove('timing', request.params.id);
      return reply.status(204).send();
    },
  );
}
