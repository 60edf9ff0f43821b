import { get } from 'node:http';
import {
  type CavityReading,
  type DeviceReading,
  type PlannedStep,
  type ProblemDocument,
  type RunningDay,
} from '@lupin/core';
import { dayUrl, plannedSunday, type Sunday } from '../test-support/sunday.ts';

let sunday: Sunday;
const url = dayUrl;
const call: Sunday['call'] = (method, path, payload) => sunday.call(method, path, payload);
interface Said {
  readonly devices: readonly DeviceReading[];
  readonly speed: number;
}

const later = (minutes: number) => sunday.later(minutes);
const cavity = async () =>
  (await call<Said>('GET', `${url}/devices`)).body.devices.find(
    (each): each is CavityReading => each.kind === 'cavity',
  )!;
const tick = async (id: string, entry: string) =>
  call('POST', `${url}/events`, {
    day: (await call<RunningDay>('GET', url)).body.day,
    events: [{ id, device: 'bench', what: { kind: 'tick', entry } }],
  });

beforeEach(async () => {
  sunday = await plannedSunday();
});
afterEach(() => sunday.server.close());

test('a rehearsed oven heats once it is ticked as turned on, as fast as the rehearsal goes', async () => {
  const turned = sunday.plan.tasks.find((task) => task.kind === 'oven')!;
  await call('POST', url, { mode: 'rehearsal', speed: 60, fromMin: turned.startMin });
  expect(await cavity()).toMatchObject({ setC: null, shownC: 20 });
  await tick('turned-on', turned.id);
  later(0.1);
  const warm = await cavity();
  expect(warm.setC).not.toBeNull();
  expect(warm.shownC!).toBeGreaterThan(60);
  expect(warm.thereInMin!).toBeGreaterThan(1);
  later(0.5);
  expect((await cavity()).thereInMin).toBe(0);
});

test('a device fails on demand in a rehearsal, and only there', async () => {
  await call('POST', url, { mode: 'rehearsal', speed: 1 });
  expect((await call('PUT', `${url}/devices/cavity-1/fault`, { fault: 'disconnected' })).status).toBe(204);
  later(3);
  expect(await cavity()).toMatchObject({ shownC: null });
  expect((await call('PUT', `${url}/devices/cavity-1/fault`, { fault: null })).status).toBe(204);
  later(1);
  expect((await cavity()).shownC).toBe(20);
  expect((await call<ProblemDocument>('PUT', `${url}/devices/cavity-9/fault`, { fault: 'slow' })).body.code).toBe(
    'unknown-device',
  );
  expect((await call<ProblemDocument>('PUT', `${url}/devices/cavity-1/fault`, { fault: 'on fire' })).body.code).toBe(
    'invalid-field',
  );
  expect(
    (await call<ProblemDocument>('PUT', `${url}/devices/cavity-1`, { kind: 'cavity', shownC: 100 })).body.code,
  ).toBe('a-rehearsal');
  await call('POST', url, { mode: 'day' });
  expect((await call<ProblemDocument>('PUT', `${url}/devices/cavity-1/fault`, { fault: 'slow' })).body.code).toBe(
    'not-a-rehearsal',
  );
  const { day } = (await call<RunningDay>('GET', url)).body;
  expect(
    (
      await call<ProblemDocument>('POST', `${url}/events`, {
        day,
        events: [{ id: 'smuggled-1', device: 'bench', what: { kind: 'fault', device: 'cavity-1', fault: 'slow' } }],
      })
    ).body.code,
  ).toBe('not-a-rehearsal');
});

test('on a real day a device pushes its readings; nonsense is refused, silence is told', async () => {
  await call('POST', url, { mode: 'day' });
  expect((await call<Said>('GET', `${url}/devices`)).body.devices).toEqual([]);
  expect(
    (await call('PUT', `${url}/devices/kitchen-oven`, { kind: 'cavity', setC: 200, shownC: 120, isHeating: true }))
      .status,
  ).toBe(204);
  expect(await cavity()).toMatchObject({ device: 'kitchen-oven', shownC: 120, thereInMin: null, silentSinceMin: null });
  const step = sunday.plan.tasks.find((task): task is PlannedStep => task.kind === 'step')!;
  expect((await call('PUT', `${url}/devices/probe-a`, { kind: 'probe', task: step.id, coreC: 61.5 })).status).toBe(204);
  for (const nonsense of [
    { kind: 'cavity', shownC: 9000 },
    { kind: 'cavity', shownC: 'hot' },
    { kind: 'kettle' },
    { kind: 'probe', coreC: 60, task: 'nowhere' },
    [],
    'x',
  ]) {
    const { status } = await call('PUT', `${url}/devices/kitchen-oven`, nonsense);
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
  }
  expect((await call('PUT', `${url}/devices/Not%20an%20id`, { kind: 'cavity', shownC: 100 })).status).toBe(422);
  for (let more = 0; more < 30; more++)
    await call('PUT', `${url}/devices/flood-${more}`, { kind: 'cavity', shownC: 100 });
  expect((await call<Said>('GET', `${url}/devices`)).body.devices).toHaveLength(20);
  later(3);
  expect(await cavity()).toMatchObject({ shownC: null, silentSinceMin: expect.any(Number) });
});

test('devices are heard as they change', async () => {
  await call('POST', url, { mode: 'rehearsal', speed: 60 });
  await sunday.server.app.listen({ host: '127.0.0.1', port: 0 });
  const { port } = sunday.server.app.server.address() as { port: number };
  const heard: Said[] = [];
  await new Promise<void>((resolve, reject) => {
    const request = get(
      { host: '127.0.0.1', port, path: `${url}/devices/stream`, headers: { host: '127.0.0.1:4400' } },
      (response) => {
        expect(response.headers['content-type']).toContain('text/event-stream');
        response.on('data', (chunk: Buffer) => {
          for (const line of chunk.toString().split('\n'))
            if (line.startsWith('data: ')) heard.push(JSON.parse(line.slice(6)) as Said);
          later(0.2);
          if (heard.length >= 3) {
            request.destroy();
            resolve();
          }
        });
      },
    );
    request.on('error', reject);
  });
  expect(heard[2]!.devices[0]!.atMin).toBeGreaterThan(heard[0]!.devices[0]!.atMin);
});
