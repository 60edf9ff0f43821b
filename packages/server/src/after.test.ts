import { asPlanned } from '../../core/test-support/day.ts';
import * as v from 'valibot';
import {
  endingLook,
  guestNeeds,
  happened,
  entryOf,
  mends,
  Need,
  timedOn,
  progressOf,
  type BegunWith,
  type Kept,
  type KeptOccasion,
  type OccasionSummary,
  type PlannedStep,
  type RunningDay,
  type StepTiming,
} from '@lupin/core';
import { dayUrl, plannedSunday, type Sunday } from '../test-support/sunday.ts';

let sunday: Sunday;
const url = dayUrl;
const call: Sunday['call'] = (method, path, payload) => sunday.call(method, path, payload);

const timings = async () => (await call<Kept<StepTiming>[]>('GET', '/api/timings')).body.map((each) => each.entry);

/** A whole day, ticked as planned. */
async function cook(mode: 'day' | 'rehearsal'): Promise<RunningDay> {
  const { body } = await call<RunningDay>('POST', url, mode === 'day' ? { mode } : { mode, speed: 0, fromMin: 30 });
  // An occasion's day lies before or after this machine's: the ticks are told by how long ago they were.
  const events = asPlanned(sunday.plan, 20).map(([atMin, what], at) => ({
    id: `event-${at + 1000}`,
    device: 'bench',
    agoMin: 20 - atMin,
    what,
  }));
  for (let at = 0; at < events.length; at += 400)
    expect((await call('POST', `${url}/events`, { day: body.day, events: events.slice(at, at + 400) })).status).toBe(
      200,
    );
  expect((await call('POST', `${url}/end`)).status).toBe(204);
  return (await call<RunningDay>('GET', url)).body;
}

beforeEach(async () => {
  sunday = await plannedSunday();
});
afterEach(() => sunday.server.close());

test('a day that is over leaves the times of its steps behind, a rehearsal does not', async () => {
  await cook('rehearsal');
  expect(await timings()).toEqual([]);
  const day = await cook('day');
  const expected = timedOn(day.occasion, day.plan, progressOf(day.events));
  expect(expected.length).toBeGreaterThan(1);
  const kept = await timings();
  expect(kept.map((each) => [each.recipe, each.step, each.timed]).sort()).toEqual(
    expected
      .map((each) => [each.recipe, each.step, [{ day: day.day, on: day.occasion.date, minutes: each.minutes }]])
      .sort(),
  );
  // A tick that was taken back late says nothing any more.
  const roast = day.plan.tasks.find(
    (task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0 && endingLook(task) !== undefined,
  )!;
  await call('POST', `${url}/events`, {
    day: day.day,
    events: [{ id: 'taken-back', device: 'late', what: { kind: 'untick', entry: entryOf(roast, endingLook(roast)!) } }],
  });
  expect((await timings()).filter((each) => each.timed.length > 0)).toHaveLength(kept.length - 1);
  expect((await call('DELETE', `/api/timings/${kept[0]!.id}`)).status).toBe(204);
  expect((await call('DELETE', '/api/timings/nothing')).status).toBe(404);
  expect(await timings()).toHaveLength(kept.length - 1);
});

test('what is put away after the day is taken, and nonsense is refused with its field', async () => {
  const { day } = await cook('day');
  const leftover = {
    id: 'box-1',
    dish: 'chicken',
    version: 'as-written',
    portions: 2,
    where: 'fridge',
    box: 'glass box',
    keptBack: false,
    putMin: 70,
  };
  const send = (more: object) =>
    call<{ errors?: { pointer: string }[] }>('POST', `${url}/events`, {
      day,
      events: [
        {
          id: `put-${Math.round(Object.keys(more).length)}-away`,
          device: 'bench',
          what: { kind: 'leftover', leftover: { ...leftover, ...more } },
        },
      ],
    });
  expect((await send({})).status).toBe(200);
  expect(progressOf((await call<RunningDay>('GET', url)).body.events).leftovers).toMatchObject([
    { id: 'box-1', warmRoom: false },
  ]);
  const refused = await send({ portions: -1 });
  expect(refused.status).toBe(422);
  expect(JSON.stringify(refused.body.errors)).toContain('portions');
});

test('what a day was begun with is still there after it', async () => {
  await call('POST', url, { mode: 'rehearsal', speed: 0 });
  const { body } = await call<BegunWith>('GET', `${url}/begun`);
  expect(body.plan).toEqual(sunday.plan);
  expect((await call('GET', '/api/occasions/lantern-supper/day/begun')).status).toBe(404);
});

test('what a guest turned out to need on a real day is not forgotten when it is made again', async () => {
  const day = (await call<RunningDay>('POST', url, { mode: 'day' })).body;
  const nowMin = Math.floor(day.clock.nowMin);
  const need = v.parse(Need, { id: 'found-today', kind: 'hazard', hazard: 'sesame', strictness: 'no-trace' });
  const from = guestNeeds(
    { occasion: day.occasion, standpoint: { ...happened(day.plan, progressOf([]), nowMin), nowMin } },
    day.occasion.guests[0]!.id,
    need,
  );
  const [mend] = mends(from.occasion, from.standpoint);
  expect(
    (
      await call('PUT', `${url}/plan`, {
        day: day.day,
        baseVersion: 1,
        occasion: mend!.occasion,
        plan: mend!.plan,
        again: [],
        words: 'A need was found.',
      })
    ).status,
  ).toBe(200);
  const again = await call<KeptOccasion>('POST', '/api/occasions/sunday-lunch/again', {
    name: 'Next',
    date: '2027-03-07',
    serveAt: '12:30',
  });
  expect(again.body.occasion.guests[0]!.needs).toContainEqual(need);
});

test('an old occasion is made into a new one that asks for everything again', async () => {
  const wish = { name: 'Sunday lunch', date: '2027-03-07', serveAt: '12:30' };
  const made = await call<KeptOccasion>('POST', '/api/occasions/sunday-lunch/again', wish);
  expect(made.status).toBe(201);
  expect(made.body.occasion).toMatchObject({ ...wish, id: 'sunday-lunch-2' });
  expect(made.body.occasion.guests.every((guest) => guest.confirmedOn === undefined)).toBe(true);
  expect((await call<OccasionSummary[]>('GET', '/api/occasions')).body.map((each) => each.id)).toContain(
    'sunday-lunch-2',
  );
  expect((await call('POST', '/api/occasions/sunday-lunch/again', { ...wish, date: 'soon' })).status).toBe(422);
  expect((await call('POST', '/api/occasions/nowhere/again', wish)).status).toBe(404);
});
