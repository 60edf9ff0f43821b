import type { FastifyInstance } from 'fastify';
import { AskCode, JoinWithCode, PutSharing } from '@lupin/core';
import { deviceCookie } from '../guard.ts';
import { Problem } from '../problems.ts';
import type { Sharing } from '../sharing.ts';
import type { Store } from '../store.ts';
import { checked } from '../validation.ts';

const cookieLivesS = 7 * 24 * 3600;

/** Sharing with devices of the home network: the host opens and closes it; a device joins with a code. */
export function sharingRoutes(app: FastifyInstance, sharing: Sharing, store: Store): void {
  const tags = ['sharing'];
  app.get('/api/sharing', { schema: { summary: 'Whether devices may join, and which have (the host)', tags } }, () =>
    sharing.state(),
  );

  app.put(
    '/api/sharing',
    {
      schema: {
        summary: 'Let devices of the home network in, or close to all of them (the host)',
        description:
          'Off until it is switched on. Its own port: LUPIN_SHARE_PORT, by default the one after LUPIN_PORT.',
        tags,
        body: PutSharing,
      },
    },
    async (request) => {
      await sharing.switch(checked(PutSharing, request.body).on);
      return sharing.state();
    },
  );

  app.post(
    '/api/sharing/code',
    {
      schema: {
        summary: 'A code for one device (the host)',
        description:
          'Good for ten minutes and one device, for one occasion. Fifteen wrong guesses, and it is withdrawn.',
        tags,
        body: AskCode,
      },
    },
    async (request, reply) => {
      const { occasion, role } = checked(AskCode, request.body);
      await store.get(occasion);
      sharing.newCode(occasion, role);
      return reply.status(201).send(await sharing.state());
    },
  );

  app.delete<{ Params: { id: string } }>(
    '/api/sharing/devices/:id',
    { schema: { summary: 'Take a device out (the host)', tags } },
    async (request, reply) => {
      await sharing.revoke(request.params.id);
      return reply.status(204).send();
    },
  );

  app.post(
    '/api/join',
    {
      schema: {
        summary: 'Join with a code (a device)',
        description: 'Five wrong codes from one address, and it must wait for five minutes (429).',
        tags,
        body: JoinWithCode,
      },
    },
    async (request, reply) => {
      if (!sharing.isShared(request.raw))
        throw new Problem('not-allowed', 'This is the host’s own screen; it need not join.');
      const { code, name } = checked(JoinWithCode, request.body);
      const { token, device } = await sharing.join(code, name, request.ip);
      return reply
        .status(201)
        .setCookie(deviceCookie, token, { path: '/', httpOnly: true, sameSite: 'strict', maxAge: cookieLivesS })
        .send(device);
    },
  );

  app.get('/api/joined', { schema: { summary: 'What this device has joined (a device)', tags } }, (request) => {
    if (!request.joined) throw new Problem('not-joined', 'This is the host’s own screen.');
    return request.joined;
  });
}
