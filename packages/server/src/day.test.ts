import { get } from 'node:http';
import { asPlanned } from '../../core/test-support/day.ts';
import {
  basisOf,
  happened,
  madeAgain,
  mends,
  progressOf,
  type DayNews,
  type KeptOccasion,
  type Plan,
  type PlannedWash,
  type ProblemDocument,
  type RunningDay,
} from '@lupin/core';
import { host, testApp, type TestApp } from '../test-support/app.ts';
import { planned } from '../../core/test-support/planned.ts';

let server: TestApp;
let plan: Plan;
const url = '/api/occasions/sunday-lunch/day';

async function call(method: 'GET' | 'PUT' | 'POST', path: string, payload?: unknown) {
  const response = await server.app.inject({
    method,
    url: path,
    headers: host,
    ...(payload === undefined ? {} : { payload: payload as object }),
  });
  return { status: response.statusCode, body: response.body === '' ? undefined : (response.json() as unknown) };
}
const day = async () => (await call('GET', url)).body as RunningDay;
const tick = (id: string, entry: string, more: object = {}) => ({
  id,
  device: 'bench',
  what: { kind: 'tick', entry },
  ...more,
});
/** Events for the day that is running. */
const send = async (list: readonly object[]) => call('POST', `${url}/events`, { day: (await day()).day, events: list });
const later = (minutes: number) => {
  server.clock.now = new Date(server.clock.now.getTime() + minutes * 60_000);
};

function planOf(occasion: KeptOccasion['occasion']): Plan {
  return planned(occasion);
}

beforeEach(async () => {
  server = await testApp();
  const { occasion } = (await call('GET', '/api/occasions/sunday-lunch')).body as KeptOccasion;
  // Made once: the demo is the same for every test.
  plan ??= planOf(occasion);
  expect((await call('PUT', '/api/occasions/sunday-lunch/plan', { plan })).status).toBe(204);
});
afterEach(() => server.close());

test('a day is begun with the plan that is kept, and not a second time while it runs; a rehearsal gives way', async () => {
  expect((await call('GET', url)).body).toMatchObject({ code: 'no-day' });
  expect((await call('POST', url, { mode: 'rehearsal' })).status).toBe(201);
  expect((await call('POST', url, { mode: 'day' })).status).toBe(201);
  expect((await call('POST', url, { mode: 'rehearsal' })).body).toMatchObject({ code: 'day-begun' });
  expect((await call('POST', `${url}/end`)).status).toBe(204);
  // What a device noted before it heard of the end is still taken.
  expect((await send([tick('event-01', 'x')])).status).toBe(200);
  const old = (await day()).day;
  expect((await call('POST', url, { mode: 'rehearsal' })).status).toBe(201);
  // A wash cleaned at a rehearsal is not clean on the day.
  expect((await call('POST', `${url}/events`, { day: old, events: [tick('event-02', 'x')] })).body).toMatchObject({
    code: 'another-day',
  });
  expect((await day()).events).toEqual([]);
});

test('an occasion that has changed since it was planned is not begun', async () => {
  const { revision, occasion } = (await call('GET', '/api/occasions/sunday-lunch')).body as KeptOccasion;
  await call('PUT', '/api/occasions/sunday-lunch', {
    baseRevision: revision,
    occasion: { ...occasion, serveAt: '14:00' },
  });
  expect((await call('POST', url, { mode: 'day' })).body).toMatchObject({ code: 'stale-plan' });
});

test('a rehearsal has a clock of its own: as fast as wanted, stopped, put forward, never back', async () => {
  await call('POST', url, { mode: 'rehearsal', speed: 60, fromMin: -200 });
  later(1);
  expect((await day()).clock).toEqual({ nowMin: -140, speed: 60 });
  await call('PUT', `${url}/clock`, { speed: 0 });
  later(10);
  expect((await day()).clock.nowMin).toBe(-140);
  expect((await call('PUT', `${url}/clock`, { speed: 1, nowMin: -100 })).body).toMatchObject({
    nowMin: -100,
    speed: 1,
  });
  expect((await call('PUT', `${url}/clock`, { speed: 1, nowMin: -190 })).body).toMatchObject({ nowMin: -100 });
  expect((await call('PUT', `${url}/clock`, { speed: 500 })).status).toBe(422);
});

test('a machine clock set back does not take the day back, and a real day’s clock is not set', async () => {
  await call('POST', url, { mode: 'day' });
  later(30);
  const { clock } = await day();
  later(-120);
  expect((await day()).clock.nowMin).toBe(clock.nowMin);
  expect((await call('PUT', `${url}/clock`, { speed: 2 })).body).toMatchObject({ code: 'not-a-rehearsal' });
});

test('events are kept once each, in the order they came, at the moment they happened', async () => {
  await call('POST', url, { mode: 'rehearsal', speed: 2, fromMin: -100 });
  later(10);
  const first = await send([tick('event-01', 'a', { agoMin: 5 }), tick('event-02', 'b')]);
  const again = await send([tick('event-02', 'b'), tick('event-01', 'a')]);
  expect(again.body).toEqual(first.body);
  // Five minutes of the rehearsal's double time ago.
  expect((await day()).events.map((each) => [each.id, each.atMin])).toEqual([
    ['event-01', -90],
    ['event-02', -80],
  ]);
});

test('of many devices ticking one step at once, every event is kept and one counts', async () => {
  await call('POST', url, { mode: 'rehearsal', speed: 0, fromMin: -100 });
  const answers = await Promise.all(
    Array.from({ length: 20 }, (_, i) => send([{ ...tick(`event-${i + 10}`, 'a'), device: `tablet ${i}` }])),
  );
  expect(new Set(answers.map((answer) => answer.status))).toEqual(new Set([200]));
  const { events } = await day();
  expect(new Set(events.map((each) => each.seq)).size).toBe(20);
  expect(progressOf(events).ticked.get('a')!.device).toBe(events[0]!.device);
});

test.each([
  ['no id', { events: [{ device: 'a', what: { kind: 'tick', entry: 'x' } }] }],
  ['in the future', { events: [tick('event-01', 'x', { agoMin: -5 })] }],
  ['a kind nobody knows', { events: [{ id: 'event-01', device: 'a', what: { kind: 'explode' } }] }],
  [
    'a wash skipped without a reason',
    {
      events: [{ id: 'event-01', device: 'a', what: { kind: 'skip', wash: 'wash-1', items: ['hands'], reason: ' ' } }],
    },
  ],
  [
    'a temperature from the sun',
    {
      events: [{ id: 'event-01', device: 'a', what: { kind: 'measure', entry: 'x', measured: 'core', celsius: 5500 } }],
    },
  ],
  ['nothing', { events: [] }],
])('nonsense is refused with the field it is in: %s', async (_name, body) => {
  await call('POST', url, { mode: 'rehearsal' });
  const answer = await call('POST', `${url}/events`, { day: (await day()).day, ...body });
  expect(answer.status).toBe(422);
  expect((answer.body as ProblemDocument).errors![0]!.pointer).toMatch(/^\/events/);
  expect((await day()).events).toEqual([]);
});

describe('a mend', () => {
  const nowMin = -60;
  const begun = async () => {
    await call('POST', url, { mode: 'rehearsal', speed: 1, fromMin: nowMin });
    const list = asPlanned(plan, nowMin - 15);
    await send(
      list.map(([atMin, what], at) => ({ id: `event-${at + 10}`, device: 'bench', what, agoMin: nowMin - atMin })),
    );
    return day();
  };
  const mendOf = async () => {
    const running = await begun();
    const standpoint = { ...happened(running.plan, progressOf(running.events), running.clock.nowMin), nowMin };
    const [mend] = mends(running.occasion, standpoint);
    return { running, mend: mend!, standpoint };
  };

  test('is held against what has happened, kept, and told; an older one is refused', async () => {
    const { mend, running } = await mendOf();
    const body = { day: running.day, baseVersion: 1, occasion: mend.occasion, plan: mend.plan, words: mend.words };
    const kept = await call('PUT', `${url}/plan`, body);
    expect(kept.body).toMatchObject({ version: 2, mends: [{ version: 2, words: mend.words }] });
    expect((await call('PUT', `${url}/plan`, body)).body).toMatchObject({ code: 'stale-mend', version: 2 });
  });

  test('that makes something again takes back what was ticked of it, with the plan or not at all', async () => {
    const { running, standpoint } = await mendOf();
    const batch = running.plan.batches.find(
      (each) =>
        running.plan.tasks.some(
          (task) => task.kind === 'step' && task.batch === each.id && standpoint.done.has(task.id),
        ) && !each.component,
    )!;
    const again = madeAgain({ occasion: running.occasion, standpoint }, batch.id)!;
    const [mend] = mends(again.occasion, again.standpoint);
    const body = { day: running.day, baseVersion: 1, occasion: mend!.occasion, plan: mend!.plan, words: mend!.words };
    expect((await call('PUT', `${url}/plan`, { ...body, baseVersion: 7, again: mend!.again })).status).toBe(409);
    expect((await day()).events.some((each) => each.what.kind === 'untick')).toBe(false);
    expect((await call('PUT', `${url}/plan`, { ...body, again: mend!.again })).status).toBe(200);
    const { ticked } = progressOf((await day()).events);
    for (const id of mend!.again) expect(ticked.has(id)).toBe(false);
    expect((await day()).plan.batches.some((each) => each.lost)).toBe(true);
  });

  test('that leaves out a wash which somebody needs is refused with what the audit says', async () => {
    const { mend, running } = await mendOf();
    const wash = mend.plan.tasks.findLast(
      (task): task is PlannedWash => task.kind === 'wash' && task.startMin >= nowMin,
    );
    const bad = {
      ...mend.plan,
      tasks: wash
        ? mend.plan.tasks.filter((task) => task !== wash)
        : mend.plan.tasks.filter((task) => !task.id.endsWith('.carve')),
    };
    const answer = await call('PUT', `${url}/plan`, {
      day: running.day,
      baseVersion: 1,
      occasion: mend.occasion,
      plan: { ...bad, basis: basisOf(mend.occasion) },
      words: '',
    });
    expect(answer.body).toMatchObject({ code: 'mend-has-findings' });
    expect((await day()).version).toBe(1);
  });
});

test('every device hears what happens as it happens, and what it missed', async () => {
  const address = await server.app.listen({ host: '127.0.0.1', port: 0 });
  await call('POST', url, { mode: 'rehearsal', speed: 0, fromMin: -50 });
  await send([tick('event-01', 'a')]);
  const heard: DayNews[] = [];
  const stream = get(`${address}${url}/stream?since=0`, (response) => {
    let text = '';
    response.on('data', (chunk: Buffer) => {
      text += chunk.toString();
      for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
        const data = /^data: (.*)$/m.exec(text.slice(0, end));
        if (data) heard.push(JSON.parse(data[1]!) as DayNews);
        text = text.slice(end + 2);
      }
    });
  });
  const until = async (count: number) => {
    while (heard.length < count)
      await new Promise((done) => {
        setTimeout(done, 10);
      });
  };
  await until(1);
  await send([tick('event-02', 'b')]);
  await until(2);
  stream.destroy();
  expect(heard.map((news) => news.events.map((each) => each.id))).toEqual([['event-01'], ['event-02']]);
});
