import type { FastifyInstance } from 'fastify';
import { BeginDay, PutMend, SendEvents, SetClock, SinceQuery } from '@lupin/core';
import type { DayStore } from '../dayStore.ts';
import { checked } from '../validation.ts';

interface WithId {
  Params: { id: string };
}

/** So often, in ms, a quiet stream says that it is still there. */
const heartbeatMs = 15_000;

/** The day itself: begun or rehearsed, what happens on it, how it is mended, and a stream of it to every device. */
export function dayRoutes(app: FastifyInstance, days: DayStore): void {
  const tags = ['day'];
  app.get<WithId>('/api/occasions/:id/day', { schema: { summary: 'The day as it stands', tags } }, (request) =>
    days.get(request.params.id),
  );

  app.get<WithId>(
    '/api/occasions/:id/day/begun',
    { schema: { summary: 'What the day was begun with, before any mend', tags } },
    (request) => days.begunWith(request.params.id),
  );

  app.post<WithId>(
    '/api/occasions/:id/day',
    {
      schema: {
        summary: 'Begin the day, or a rehearsal of it',
        description:
          'With the plan kept for the occasion as it stands. A rehearsal, or a day that is over, gives way to the new one.',
        tags,
        body: BeginDay,
      },
    },
    async (request, reply) =>
      reply.status(201).send(await days.begin(request.params.id, checked(BeginDay, request.body))),
  );

  app.post<WithId>(
    '/api/occasions/:id/day/events',
    {
      schema: {
        summary: 'Say what happened',
        description:
          'Events are added in the order they come in, each id once: sending again does no harm. `agoMin` is how long ago it happened, so that no clocks need agree; `day` is the one meant, refused with 409 where another has been begun. What has been answered is on the disk.',
        tags,
        body: SendEvents,
      },
    },
    (request) => {
      const { day, events } = checked(SendEvents, request.body);
      // A joined device goes by the name it joined with.
      const name = request.joined?.name;
      return days.add(
        request.params.id,
        day,
        name === undefined ? events : events.map((event) => ({ ...event, device: name })),
      );
    },
  );

  app.put<WithId>(
    '/api/occasions/:id/day/plan',
    {
      schema: {
        summary: 'Go on with another plan (a mend)',
        description:
          'Audited here together with what has happened; refused with 409 where the day has been mended meanwhile.',
        tags,
        body: PutMend,
      },
    },
    (request) => days.mend(request.params.id, checked(PutMend, request.body)),
  );

  app.put<WithId>(
    '/api/occasions/:id/day/clock',
    { schema: { summary: 'Set the clock of a rehearsal', tags, body: SetClock } },
    (request) => {
      const { speed, nowMin } = checked(SetClock, request.body);
      return days.setClock(request.params.id, speed, nowMin);
    },
  );

  app.post<WithId>(
    '/api/occasions/:id/day/end',
    { schema: { summary: 'End the day', tags } },
    async (request, reply) => {
      await days.end(request.params.id);
      return reply.status(204).send();
    },
  );

  app.get<WithId>(
    '/api/occasions/:id/day/stream',
    {
      schema: {
        summary: 'What happens, as it happens (server-sent events)',
        description:
          'Each message is JSON: `version`, `ended`, `clock` and the `events` after `since`, or after the Last-Event-ID.',
        tags,
        querystring: SinceQuery,
      },
    },
    async (request, reply) => {
      const last = Number(request.headers['last-event-id']);
      const since = Number.isInteger(last) && last >= 0 ? last : checked(SinceQuery, request.query).since;
      const first = await days.news(request.params.id, since);
      reply.hijack();
      const { raw } = reply;
      raw.writeHead(200, {
        'content-type': 'text/event-stream; charset=utf-8',
        'cache-control': 'no-store',
        connection: 'keep-alive',
        'x-content-type-options': 'nosniff',
      });
      const send = (news: typeof first) => {
        const id = news.events.at(-1)?.seq;
        raw.write(`${id === undefined ? '' : `id: ${id}\n`}data: ${JSON.stringify(news)}\n\n`);
      };
      const stop = days.listen(request.params.id, send);
      const beat = setInterval(() => raw.write(': still here\n\n'), heartbeatMs);
      send(first);
      request.raw.on('close', () => {
        stop();
        clearInterval(beat);
        raw.end();
      });
    },
  );
}
