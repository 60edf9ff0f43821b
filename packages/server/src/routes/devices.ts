import type { FastifyInstance } from 'fastify';
import { DeviceId, PutFault, PutReading } from '@lupin/core';
import type { Devices } from '../devices.ts';
import { checked } from '../validation.ts';

interface WithDevice {
  Params: { id: string; device: string };
}

/** Devices speak so often, in ms: in a fast rehearsal more often, or they would jump. */
const everyMs = (speed: number): number => (speed > 10 ? 250 : 1000);

/** The oven and the probe: simulated in a rehearsal, on a real day whatever pushes its readings. docs/devices.md tells of both sides. */
export function deviceRoutes(app: FastifyInstance, devices: Devices): void {
  const tags = ['devices'];
  app.get<WithDevice>(
    '/api/occasions/:id/day/devices',
    { schema: { summary: 'What every device says now', tags } },
    (request) => devices.readings(request.params.id),
  );

  app.put<WithDevice>(
    '/api/occasions/:id/day/devices/:device',
    {
      schema: {
        summary: 'A device says what it reads (a real day)',
        description: 'Again every few seconds; after two minutes without, it counts as silent.',
        tags,
        body: PutReading,
      },
    },
    async (request, reply) => {
      await devices.push(
        request.params.id,
        checked(DeviceId, request.params.device),
        checked(PutReading, request.body),
      );
      return reply.status(204).send();
    },
  );

  app.put<WithDevice>(
    '/api/occasions/:id/day/devices/:device/fault',
    { schema: { summary: 'Have a simulated device fail, or work again (a rehearsal)', tags, body: PutFault } },
    async (request, reply) => {
      await devices.fail(
        request.params.id,
        checked(DeviceId, request.params.device),
        checked(PutFault, request.body).fault,
      );
      return reply.status(204).send();
    },
  );

  app.get<WithDevice>(
    '/api/occasions/:id/day/devices/stream',
    { schema: { summary: 'The same as it changes (server-sent events)', tags } },
    async (request, reply) => {
      const { id } = request.params;
      const first = await devices.readings(id);
      reply.hijack();
      const { raw } = reply;
      raw.writeHead(200, {
        'content-type': 'text/event-stream; charset=utf-8',
        'cache-control': 'no-store',
        connection: 'keep-alive',
        'x-content-type-options': 'nosniff',
      });
      let timer: NodeJS.Timeout | undefined;
      let isOpen = true;
      let last = '';
      const send = (readings: typeof first) => {
        const text = JSON.stringify(readings);
        // What stands still is not said again and again, but that the line is open is.
        raw.write(text === last ? ': still here\n\n' : `data: ${text}\n\n`);
        last = text;
        if (isOpen)
          timer = setTimeout(() => void devices.readings(id).then(send, () => raw.end()), everyMs(readings.speed));
      };
      request.raw.on('close', () => {
        isOpen = false;
        clearTimeout(timer);
        raw.end();
      });
      send(first);
    },
  );
}
