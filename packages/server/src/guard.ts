import fastifyCookie from '@fastify/cookie';
import type { FastifyInstance, FastifyRequest } from 'fastify';
import type { JoinedDevice } from '@lupin/core';
import { Problem } from './problems.ts';
import type { Sharing } from './sharing.ts';

declare module 'fastify' {
  interface FastifyRequest {
    /** The device that asks, where it came through the second door; null for the host's own browser. */
    joined: Omit<JoinedDevice, 'isHere'> | null;
  }
}

export const deviceCookie = 'lupin-device';
const ownHost = /^(127\.0\.0\.1|localhost|\[::1\])(:\d+)?$/;
/** On the home network only a bare address will do: a name could be made to mean this machine by a page from elsewhere. */
const bareAddress = /^\d{1,3}(\.\d{1,3}){3}(:\d+)?$/;

/** What a joined device may ask of its own occasion, by the route that answers: an address can be written in many ways. */
const day = '/api/occasions/:id/day';
const mayRead: ReadonlySet<string> = new Set([
  day,
  `${day}/begun`,
  `${day}/stream`,
  `${day}/devices`,
  `${day}/devices/stream`,
]);
const mayWrite: ReadonlySet<string> = new Set([`${day}/events`]);
const mayAnybody: ReadonlySet<string> = new Set(['/api/join', '/api/health']);

/** Guests' needs are health data: a page of another site must not read or write them through the browser, and another device only what it has joined for. */
export async function guard(app: FastifyInstance, sharing: Sharing): Promise<void> {
  await app.register(fastifyCookie);
  app.decorateRequest('joined', null);
  app.addHook('onRequest', async (request, reply) => {
    const { host = '', origin } = request.headers;
    if (!sharing.isShared(request.raw)) {
      if (!ownHost.test(host)) throw new Problem('wrong-host', 'Open it as 127.0.0.1 or localhost.');
      if (origin && !ownHost.test(origin.replace(/^https?:\/\//, '')))
        throw new Problem('wrong-host', 'A page from elsewhere asked.');
      return undefined;
    }
    if (!bareAddress.test(host))
      throw new Problem('wrong-host', 'Open it by the address that the host’s screen shows.');
    if (origin && origin !== `http://${host}`) throw new Problem('wrong-host', 'A page from elsewhere asked.');
    return checkDevice(request, sharing).then((where) => (where ? reply.redirect(where) : undefined));
  });
}

/** Throws where a device may not; returns where to send it instead, if anywhere. */
async function checkDevice(request: FastifyRequest, sharing: Sharing): Promise<string | undefined> {
  const route = request.routeOptions.url;
  const device = await sharing.deviceOf(request.cookies[deviceCookie], request.raw.socket);
  request.joined = device ?? null;
  // What no route answers is the web app's own page, or nothing; built files hold nothing of anybody.
  if (!route?.startsWith('/api'))
    return /^\/(o\/.*|recipes.*|swaps.*)?(\?.*)?$/.test(request.url) ? (device ? '/bench' : '/join') : undefined;
  if (mayAnybody.has(route)) return undefined;
  if (!device) throw new Problem('not-joined', 'Join with the code on the host’s screen.');
  if (route === '/api/joined') return undefined;
  const isRead = request.method === 'GET' || request.method === 'HEAD';
  const { id } = request.params as { id?: string };
  if (!(isRead ? mayRead : mayWrite).has(route) || id !== device.occasion || (!isRead && device.role !== 'helper'))
    throw new Problem('not-allowed', device.role === 'reader' ? 'It joined to look on.' : 'Ask the host to do it.');
  return undefined;
}
