import { request } from 'node:http';
import { type ProblemDocument, type RunningDay, type SharingState } from '@lupin/core';
import { dayUrl, plannedSunday, type Sunday } from '../test-support/sunday.ts';

let sunday: Sunday;
const url = dayUrl;
const own: Sunday['call'] = (method, path, payload) => sunday.call(method, path, payload);

interface Said {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly text: string;
  readonly code: string | undefined;
}
/** Asks through the second door, as a device of the home network does. */
async function device(
  method: string,
  path: string,
  {
    cookie,
    body,
    headers = {},
  }: { cookie?: string | undefined; body?: unknown; headers?: Record<string, string> } = {},
): Promise<Said> {
  const { port } = sunday.server.sharing.boundTo()!;
  return new Promise((resolve, reject) => {
    const asked = request(
      {
        host: '127.0.0.1',
        port,
        method,
        path,
        agent: false,
        headers: {
          host: `192.168.0.7:${port}`,
          ...(cookie ? { cookie } : {}),
          ...(body === undefined ? {} : { 'content-type': 'application/json' }),
          ...headers,
        },
      },
      (response) => {
        let text = '';
        response.on('data', (chunk: Buffer) => {
          text += chunk.toString();
          if (response.headers['content-type']?.includes('event-stream')) {
            asked.destroy();
            resolve({ status: response.statusCode!, headers: response.headers, text, code: undefined });
          }
        });
        response.on('end', () =>
          resolve({
            status: response.statusCode!,
            headers: response.headers,
            text,
            code: text.startsWith('{') ? (JSON.parse(text) as ProblemDocument).code : undefined,
          }),
        );
      },
    );
    asked.on('error', reject);
    asked.end(body === undefined ? undefined : JSON.stringify(body));
  });
}
const codeFor = async (role: 'reader' | 'helper', occasion = 'sunday-lunch') =>
  (await own<SharingState>('POST', '/api/sharing/code', { occasion, role })).body.code!.code;
/** Joins, and answers the cookie. */
async function joined(role: 'reader' | 'helper', name = 'tablet'): Promise<string> {
  const answer = await device('POST', '/api/join', { body: { code: await codeFor(role), name } });
  expect(answer.status).toBe(201);
  const [cookie] = answer.headers['set-cookie'] as string[];
  expect(cookie).toMatch(/HttpOnly/);
  expect(cookie).toMatch(/SameSite=Strict/);
  return cookie!.split(';')[0]!;
}
const tick = async (cookie: string | undefined, id: string) =>
  device('POST', `${url}/events`, {
    cookie,
    body: {
      day: (await own<RunningDay>('GET', url)).body.day,
      events: [{ id, device: 'somebody else', what: { kind: 'tick', entry: 'x' } }],
    },
  });
const later = (minutes: number) => sunday.later(minutes);

beforeEach(async () => {
  sunday = await plannedSunday();
  await own('POST', url, { mode: 'rehearsal', speed: 1 });
});
afterEach(() => sunday.server.close());

test('nothing listens until the host switches it on, and nothing once it is off again', async () => {
  expect(sunday.server.sharing.isOn).toBe(false);
  expect(
    (await own<ProblemDocument>('POST', '/api/sharing/code', { occasion: 'sunday-lunch', role: 'helper' })).body.code,
  ).toBe('sharing-off');
  expect((await own<SharingState>('PUT', '/api/sharing', { on: true })).body.on).toBe(true);
  expect((await device('GET', '/api/health')).status).toBe(200);
  const { port } = sunday.server.sharing.boundTo()!;
  await own('PUT', '/api/sharing', { on: false });
  await expect(
    new Promise((resolve, reject) =>
      request({ host: '127.0.0.1', port, path: '/api/health' }, resolve).on('error', reject).end(),
    ),
  ).rejects.toThrow();
});

describe('switched on', () => {
  beforeEach(async () => {
    await own('PUT', '/api/sharing', { on: true });
  });

  test('who has not joined learns nothing, however the address is written', async () => {
    for (const path of [
      '/api/occasions',
      '/api/people',
      url,
      '/api/sharing',
      '/api/openapi.json',
      '/api/docs',
      '/%61pi/occasions',
      '/api/%6fccasions',
      `${url}/stream`,
    ]) {
      const answer = await device('GET', path);
      expect([path, answer.code]).toEqual([path, 'not-joined']);
    }
    expect((await tick(undefined, 'event-aa01')).code).toBe('not-joined');
    expect((await device('GET', url, { cookie: 'lupin-device=made-up' })).code).toBe('not-joined');
    expect((await device('GET', '/')).headers['location']).toBe('/join');
    expect((await device('GET', '/o/sunday-lunch/guests')).headers['location']).toBe('/join');
  });

  test('a helper sees and ticks the day it has joined, under its own name, and nothing else', async () => {
    const cookie = await joined('helper', 'the tablet');
    expect((await device('GET', url, { cookie })).status).toBe(200);
    expect((await tick(cookie, 'event-aa01')).status).toBe(200);
    expect((await own<RunningDay>('GET', url)).body.events).toMatchObject([{ device: 'the tablet' }]);
    expect((await device('GET', `${url}/stream`, { cookie })).headers['content-type']).toContain('event-stream');
    for (const [method, path, body] of [
      ['GET', '/api/occasions'],
      ['GET', '/api/occasions/sunday-lunch'],
      ['GET', '/api/people'],
      ['GET', '/api/occasions/lantern-supper/day'],
      ['GET', '/api/sharing'],
      ['POST', `${url}/end`],
      ['PUT', `${url}/clock`, { speed: 60 }],
      ['PUT', `${url}/devices/cavity-1/fault`, { fault: 'slow' }],
      ['DELETE', '/api/occasions/sunday-lunch'],
      ['PUT', '/api/sharing', { on: false }],
    ] as const) {
      expect([path, (await device(method, path, { cookie, body })).code]).toEqual([path, 'not-allowed']);
    }
    expect((await device('GET', '/', { cookie })).headers['location']).toBe('/bench');
  });

  test('a reader looks on', async () => {
    const cookie = await joined('reader');
    expect((await device('GET', url, { cookie })).status).toBe(200);
    expect((await tick(cookie, 'event-aa01')).code).toBe('not-allowed');
  });

  test('a code is good once, and for ten minutes; written with spaces and small letters it is the same', async () => {
    const code = await codeFor('reader');
    expect(
      (
        await device('POST', '/api/join', {
          body: { code: ` ${code.slice(0, 3).toLowerCase()}-${code.slice(3)} `, name: 'phone' },
        })
      ).status,
    ).toBe(201);
    expect((await device('POST', '/api/join', { body: { code, name: 'phone' } })).code).toBe('wrong-code');
    const old = await codeFor('reader');
    later(11);
    expect((await device('POST', '/api/join', { body: { code: old, name: 'phone' } })).code).toBe('wrong-code');
    const first = await codeFor('reader');
    await codeFor('reader');
    expect((await device('POST', '/api/join', { body: { code: first, name: 'phone' } })).code).toBe('wrong-code');
  });

  test('guessed a thousand times it stays unknown: five tries, then a rest; fifteen in all, and the code is gone', async () => {
    const code = await codeFor('helper');
    const answers: (string | undefined)[] = [];
    for (let guess = 0; guess < 1000; guess++)
      answers.push(
        (await device('POST', '/api/join', { body: { code: `A${String(guess).padStart(5, '2')}`, name: 'guesser' } }))
          .code,
      );
    expect(answers.filter((each) => each === 'wrong-code')).toHaveLength(5);
    expect(answers.filter((each) => each === 'too-many-tries')).toHaveLength(995);
    // Also the right one has to wait from there; the header says how long.
    const waiting = await device('POST', '/api/join', { body: { code, name: 'guesser' } });
    expect(waiting.code).toBe('too-many-tries');
    expect(Number(waiting.headers['retry-after'])).toBeGreaterThan(200);
    for (let round = 0; round < 2; round++) {
      later(5.1);
      if (round === 1) expect((await own<SharingState>('GET', '/api/sharing')).body.code).toBeNull();
      for (let guess = 0; guess < 5; guess++)
        await device('POST', '/api/join', { body: { code: 'AAAAAA', name: 'guesser' } });
    }
    expect((await own<SharingState>('GET', '/api/sharing')).body.devices).toEqual([]);
  });

  test('a device that is taken out is out at once, with what it has open', async () => {
    const cookie = await joined('helper');
    const { devices } = (await own<SharingState>('GET', '/api/sharing')).body;
    expect(devices).toMatchObject([{ name: 'tablet', role: 'helper', isHere: true }]);
    expect(JSON.stringify(devices)).not.toContain('igest');
    const { port } = sunday.server.sharing.boundTo()!;
    const closed = new Promise<void>((resolve) => {
      const stream = request(
        { host: '127.0.0.1', port, path: `${url}/stream`, headers: { host: `192.168.0.7:${port}`, cookie } },
        (response) => {
          response.once('data', () => void own('DELETE', `/api/sharing/devices/${devices[0]!.id}`));
          response.on('close', resolve);
          response.on('error', () => resolve());
        },
      );
      stream.on('error', () => resolve());
      stream.end();
    });
    await closed;
    expect((await device('GET', url, { cookie })).code).toBe('not-joined');
    expect((await own('DELETE', `/api/sharing/devices/${devices[0]!.id}`)).status).toBe(404);
  });

  test('a page from elsewhere, or a name that was made to mean this machine, is refused', async () => {
    const cookie = await joined('helper');
    expect((await device('GET', url, { cookie, headers: { host: 'kitchen.example' } })).code).toBe('wrong-host');
    expect((await device('GET', url, { cookie, headers: { origin: 'http://elsewhere.example' } })).code).toBe(
      'wrong-host',
    );
    expect((await own<ProblemDocument>('POST', '/api/join', { code: 'ABCDEF', name: 'me' })).body.code).toBe(
      'not-allowed',
    );
  });
});
