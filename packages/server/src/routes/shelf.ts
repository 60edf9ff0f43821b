import type { FastifyInstance } from 'fastify';
import { PutFood, PutPack, PutPerson, PutProduct, PutSwap } from '@lupin/core';
import { Problem } from '../problems.ts';
import type { Shelf } from '../shelf.ts';
import { checked } from '../validation.ts';

interface WithId {
  Params: { id: string };
}

export function sameId(address: string, id: string): void {
  if (address !== id) throw new Problem('invalid-field', 'The entry has another id than its address.', { errors: [{ pointer: '/entry/id', message: 'It must be the id in the address.' }] });
}

/** The address book, the products with their last label, and foods that the user added or corrected. */
export function shelfRoutes(app: FastifyInstance, shelf: Shelf): void {
  app.get('/api/people', { schema: { summary: 'The address book', tags: ['people'] } }, () => shelf.list('person'));
  app.put<WithId>('/api/people/:id', { schema: { summary: 'Keep a person', description: 'baseRevision 0 for somebody new; 409 where it is not the latest.', tags: ['people'], body: PutPerson } }, (request) => {
    const { baseRevision, entry } = checked(PutPerson, request.body);
    sameId(request.params.id, entry.id);
    return shelf.put('person', baseRevision, entry);
  });
  app.delete<WithId>('/api/people/:id', { schema: { summary: 'Take a person out of the address book', description: 'Occasions keep what was noted for them.', tags: ['people'] } }, async (request, reply) => {
    await shelf.remove('person', request.params.id);
    return reply.status(204).send();
  });

  app.get('/api/products', { schema: { summary: 'Products and what was last read on their labels', tags: ['labels'] } }, () => shelf.list('product'));
  app.put<WithId>('/api/products/:id', { schema: { summary: 'Keep what was read on a label', tags: ['labels'], body: PutProduct } }, (request) => {
    const { baseRevision, entry } = checked(PutProduct, request.body);
    sameId(request.params.id, entry.id);
    return shelf.put('product', baseRevision, entry);
  });
  app.delete<WithId>('/api/products/:id', { schema: { summary: 'Forget a product', tags: ['labels'] } }, async (request, reply) => {
    await shelf.remove('product', request.params.id);
    return reply.status(204).send();
  });

  app.get('/api/foods', { schema: { summary: 'Foods that the user added or corrected', tags: ['foods'] } }, () => shelf.list('food'));
  app.put<WithId>('/api/foods/:id', { schema: { summary: 'Add or correct a food', description: 'The user’s word; hazards that the catalogue knows to be in it stay.', tags: ['foods'], body: PutFood } }, (request) => {
    const { baseRevision, entry } = checked(PutFood, request.body);
    sameId(request.params.id, entry.id);
    return shelf.put('food', baseRevision, entry);
  });
  app.delete<WithId>('/api/foods/:id', { schema: { summary: 'Take back what was added or corrected', tags: ['foods'] } }, async (request, reply) => {
    await shelf.remove('food', request.params.id);
    return reply.status(204).send();
  });

  app.get('/api/swaps', { schema: { summary: 'Swaps that the user added', tags: ['foods'] } }, () => shelf.list('swap'));
  app.put<WithId>('/api/swaps/:id', { schema: { summary: 'Add or change a swap', tags: ['foods'], body: PutSwap } }, (request) => {
    const { baseRevision, entry } = checked(PutSwap, request.body);
    sameId(request.params.id, entry.id);
    return shelf.put('swap', baseRevision, entry);
  });
  app.delete<WithId>('/api/swaps/:id', { schema: { summary: 'Take a swap out of the table', tags: ['foods'] } }, async (request, reply) => {
    await shelf.remove('swap', request.params.id);
    return reply.status(204).send();
  });

  app.get('/api/packs', { schema: { summary: 'Package sizes and prices that the user noted', tags: ['shopping'] } }, () => shelf.list('pack'));
  app.put<WithId>('/api/packs/:id', { schema: { summary: 'Note how a food is sold', tags: ['shopping'], body: PutPack } }, (request) => {
    const { baseRevision, entry } = checked(PutPack, request.body);
    sameId(request.params.id, entry.id);
    return shelf.put('pack', baseRevision, entry);
  });
  app.delete<WithId>('/api/packs/:id', { schema: { summary: 'Forget how a food is sold', tags: ['shopping'] } }, async (request, reply) => {
    await shelf.remove('pack', request.params.id);
    return reply.status(204).send();
  });
}
