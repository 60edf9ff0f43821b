import type { FastifyInstance } from 'fastify';
import * as v from 'valibot';
import {
  anewFrom,
  audit,
  basisOf,
  CalendarQuery,
  Occasion,
  NewOccasion,
  OccasionAgain,
  OccasionId,
  PutOccasion,
  PutPlan,
  RestoreOccasion,
  toCalendar,
  withNeedsOf,
} from '@lupin/core';
import { Problem } from '../problems.ts';
import type { Shelf } from '../shelf.ts';
import type { Store } from '../store.ts';
import { checked } from '../validation.ts';

interface WithId {
  Params: { id: string };
}

/** Occasions, their revisions, and the plan kept for each. */
export function occasionRoutes(
  app: FastifyInstance,
  store: Store,
  shelf: Shelf,
  blank: (id: string, name: string, date: string, serveAt: string) => unknown,
): void {
  app.get('/api/occasions', { schema: { summary: 'All occasions, newest first', tags: ['occasions'] } }, () =>
    store.list(),
  );

  app.post(
    '/api/occasions',
    { schema: { summary: 'Make an occasion, empty or from a whole document', tags: ['occasions'], body: NewOccasion } },
    async (request, reply) => {
      const body = request.body as Record<string, unknown>;
      const whole = 'occasion' in body;
      const occasion = whole
        ? checked(v.strictObject({ occasion: Occasion }), body).occasion
        : await fresh(checked(NewOccasion.options[0], body));
      const kept = await store.create(occasion);
      return reply.status(201).send(kept);
    },
  );

  app.post<WithId>(
    '/api/occasions/:id/again',
    {
      schema: {
        summary: 'Make a new occasion from an old one',
        description:
          'With its guests, menu and kitchen, and the times that its recipes have learned since; needs, labels and answers of makers are to be confirmed again.',
        tags: ['occasions'],
        body: OccasionAgain,
      },
    },
    async (request, reply) => {
      const wish = checked(OccasionAgain, request.body);
      const { occasion } = await store.get(request.params.id);
      const recipes = await shelf.list('recipe');
      // What a guest turned out to need on the day must not be forgotten for the next.
      const day = await store.dayOf(occasion.id);
      return reply.status(201).send(
        await store.create(
          checked(
            Occasion,
            anewFrom(
              day ? withNeedsOf(occasion, day) : occasion,
              { ...wish, id: await freeId(wish.name) },
              recipes.map((each) => each.entry),
            ),
          ),
        ),
      );
    },
  );

  const fresh = async ({ name, date, serveAt }: { name: string; date: string; serveAt: string }): Promise<Occasion> =>
    checked(Occasion, blank(await freeId(name), name, date, serveAt));

  async function freeId(name: string): Promise<OccasionId> {
    const base =
      name
        .normalize('NFKD')
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-+|-+$/g, '')
        .slice(0, 50) || 'occasion';
    const taken = new Set((await store.list()).map((each) => each.id));
    let id = base;
    for (let count = 2; taken.has(id); count++) id = `${base}-${count}`;
    return v.parse(OccasionId, id);
  }

  app.get<WithId>(
    '/api/occasions/:id',
    { schema: { summary: 'An occasion and its revision', tags: ['occasions'] } },
    (request) => store.get(request.params.id),
  );

  app.put<WithId>(
    '/api/occasions/:id',
    {
      schema: {
        summary: 'Write the next revision',
        description: 'Refused with 409 and what changed where baseRevision is not the latest.',
        tags: ['occasions'],
        body: PutOccasion,
      },
    },
    (request) => {
      const { baseRevision, occasion } = checked(PutOccasion, request.body);
      if (occasion.id !== request.params.id)
        throw new Problem('invalid-field', 'The occasion has another id than its address.', {
          errors: [{ pointer: '/occasion/id', message: 'It must be the id in the address.' }],
        });
      return store.put(request.params.id, baseRevision, occasion);
    },
  );

  app.delete<WithId>(
    '/api/occasions/:id',
    { schema: { summary: 'Remove an occasion with all its revisions', tags: ['occasions'] } },
    async (request, reply) => {
      await store.remove(request.params.id);
      return reply.status(204).send();
    },
  );

  app.get<WithId>(
    '/api/occasions/:id/revisions',
    { schema: { summary: 'Its revisions, newest first', tags: ['occasions'] } },
    (request) => store.revisions(request.params.id),
  );

  app.post<WithId>(
    '/api/occasions/:id/restore',
    { schema: { summary: 'Make an earlier revision the newest (undo)', tags: ['occasions'], body: RestoreOccasion } },
    (request) => {
      const { baseRevision, revision } = checked(RestoreOccasion, request.body);
      return store.restore(request.params.id, baseRevision, revision);
    },
  );

  app.get<WithId>(
    '/api/occasions/:id/plan',
    { schema: { summary: 'The plan kept for it', tags: ['plan'] } },
    (request) => store.plan(request.params.id),
  );

  app.get<WithId>(
    '/api/occasions/:id/calendar.ics',
    {
      schema: {
        summary: 'The kept plan as iCalendar, to download or to subscribe to',
        description:
          'RFC 5545, local times, an alarm for each event; of everybody, or of one cook. Once the occasion has changed, until it is planned again, one event says so.',
        tags: ['plan'],
        querystring: CalendarQuery,
      },
    },
    async (request, reply) => {
      const { cook, alarm } = checked(CalendarQuery, request.query);
      const { occasion } = await store.get(request.params.id);
      const known = occasion.kitchen.cooks.find((each) => each.id === cook);
      if (cook !== undefined && !known)
        throw new Problem('invalid-field', `There is no cook "${cook}".`, {
          errors: [{ pointer: '/cook', message: `There is no cook "${cook}".` }],
        });
      const text = toCalendar(occasion, await store.plan(occasion.id), {
        writtenAt: new Date(),
        cook: known?.id,
        alarmMin: alarm,
      });
      return reply
        .type('text/calendar; charset=utf-8')
        .header('content-disposition', `inline; filename="${occasion.id}${known ? `-${known.id}` : ''}.ics"`)
        .send(text);
    },
  );

  app.put<WithId>(
    '/api/occasions/:id/plan',
    {
      schema: {
        summary: 'Keep a plan',
        description: 'Audited again here; a plan with a finding is refused.',
        tags: ['plan'],
        body: PutPlan,
      },
    },
    async (request, reply) => {
      const { plan } = checked(PutPlan, request.body);
      const { occasion } = await store.get(request.params.id);
      if (plan.basis !== basisOf(occasion)) throw new Problem('stale-plan', 'Plan again, then keep it.');
      const report = audit(occasion, plan);
      if (!report.passed)
        throw new Problem('plan-has-findings', report.findings[0]!.message, { findings: report.findings });
      await store.keepPlan(request.params.id, plan);
      return reply.status(204).send();
    },
  );
}
