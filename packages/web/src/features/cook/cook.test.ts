import { id } from '../../../../core/test-support/id.ts';
import {
  progressOf,
  runSheet,
  timersOf,
  type DayEvent,
  type Happening,
  type PlannedStep,
  entryOf,
  laterLooks,
} from '@lupin/core';
import { demo } from '../../../../core/test-support/demo.ts';
import { comingUp, doneOf, washBefore } from './entries.ts';
import { keepWaiting, toSend, waitingIn, type Keep } from './queue.ts';
import { planned } from '../../../../core/test-support/planned.ts';

const sunday = demo('sunday-lunch');
const plan = planned(sunday);
const entries = runSheet(sunday, plan);
const noted = (...list: readonly (readonly [number, Happening])[]): readonly DayEvent[] =>
  list.map(([atMin, what], at) => ({ seq: at + 1, id: `event-${at}`, device: 'a', atMin, what }));
const least = (id: string) => {
  const entry = entries.find((each) => each.id === id);
  return entry?.kind === 'step' ? entry.leastMin : undefined;
};

const memory = (): Keep & { text: Map<string, string> } => {
  const text = new Map<string, string>();
  return { text, getItem: (key) => text.get(key) ?? null, setItem: (key, value) => void text.set(key, value) };
};

test('what is not sent survives a reload; what cannot be read is nothing', () => {
  const keep = memory();
  const waiting = [{ id: 'a-long-id', day: 'today', at: 1000, what: { kind: 'tick' as const, entry: 'x' } }];
  keepWaiting(keep, 'sunday-lunch', waiting);
  expect(waitingIn(keep, 'sunday-lunch')).toEqual(waiting);
  expect(waitingIn(keep, 'another')).toEqual([]);
  keep.setItem('lupin.unsent.sunday-lunch', '{broken');
  expect(waitingIn(keep, 'sunday-lunch')).toEqual([]);
});

test('events say how long ago they were noted, never the future, never more than two days', () => {
  const at = (ms: number) =>
    toSend([{ id: 'a-long-id', day: 'today', at: ms, what: { kind: 'tick', entry: 'x' } }], 'phone', 10_000_000)[0]!
      .agoMin;
  expect(at(10_000_000 - 90_000)).toBe(1.5);
  expect(at(10_000_000 + 60_000)).toBe(0);
  expect(at(-1e12)).toBe(2880);
});

const bake = plan.tasks.find(
  (task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0 && task.looks.length > 1,
)!;

test('a timer begins when the thing was really set going, and is moved by what it was given', () => {
  const late = bake.startMin + 9;
  const progress = progressOf(
    noted(
      [late, { kind: 'tick', entry: bake.id }],
      [late + 1, { kind: 'until', entry: bake.id, atMin: bake.looks.at(-1)!.startMin + 14 }],
    ),
  );
  const timers = timersOf(plan, least, progress, late + 2);
  const last = timers.find((timer) => timer.kind === 'last-look')!;
  expect(last.dueMin).toBe(bake.looks.at(-1)!.startMin + 14);
  expect(last.earlyMin).toBeLessThanOrEqual(last.dueMin);
  expect(
    timersOf(
      plan,
      least,
      progressOf(noted([late, { kind: 'tick', entry: bake.id }], [late + 60, { kind: 'tick', entry: last.id }])),
      late + 61,
    ).some((timer) => timer.kind === 'last-look'),
  ).toBe(false);
});

test('a look comes up when its timer is due, not when the plan thought', () => {
  const early = bake.startMin - 30;
  const progress = progressOf(noted([early, { kind: 'tick', entry: bake.id }]));
  const timers = timersOf(plan, least, progress, early + 1);
  const done = doneOf(entries, plan, progress);
  const coming = comingUp(entries, done, timers);
  expect(done.has(bake.id)).toBe(true);
  const at = (id: string) => coming.findIndex((entry) => entry.id === id);
  const look = entryOf(bake, bake.looks.at(-1)!);
  const dueMin = timers.find((timer) => timer.id === look)!.dueMin;
  for (const entry of coming)
    if (entry.kind !== 'look' && entry.startMin < dueMin) expect(at(entry.id)).toBeLessThan(at(look));
  for (const entry of coming)
    if (entry.kind !== 'look' && entry.startMin > dueMin) expect(at(entry.id)).toBeGreaterThan(at(look));
});

test('before a step whose wash has not been passed the wash stands', () => {
  const wash = plan.tasks.find((task) => task.kind === 'wash')!;
  const before = wash.kind === 'wash' ? wash.because[0]!.before : '';
  const entry = entries.find((each) => each.id === before)!;
  expect(washBefore(entry, plan, progressOf([]))!.id).toBe(wash.id);
  const items = wash.kind === 'wash' ? ['water', ...wash.units, 'cloth', 'hands'] : [];
  const passed = progressOf(
    noted(...items.map((item): [number, Happening] => [0, { kind: 'clean', wash: wash.id, item: id(item) }])),
  );
  expect(washBefore(entry, plan, passed)).toBeUndefined();
});

test('what was looked at is on its way, though nobody ticked that it was set going', () => {
  const looked = plan.tasks
    .filter((task): task is PlannedStep => task.kind === 'step' && task.cook === undefined)
    .find((task) => laterLooks(task).length > 1)!;
  const [first, last] = [laterLooks(looked)[0]!, laterLooks(looked).at(-1)!];
  const late = first.startMin + 4;
  const progress = progressOf(noted([late, { kind: 'tick', entry: entryOf(looked, first) }]));
  expect(timersOf(plan, least, progress, late + 1)).toMatchObject([
    { id: entryOf(looked, last), beganMin: looked.startMin + 4, dueMin: last.startMin + 4, kind: 'last-look' },
  ]);
  expect(doneOf(entries, plan, progress).has(looked.id)).toBe(true);
  // Ticked afterwards, it was not set going only then; a look that comes early moves nothing.
  const after = noted(
    [late, { kind: 'tick', entry: entryOf(looked, first) }],
    [late + 10, { kind: 'tick', entry: looked.id }],
  );
  expect(timersOf(plan, least, progressOf(after), late + 11)).toMatchObject([{ dueMin: last.startMin + 4 }]);
  const early = noted(
    [looked.startMin, { kind: 'tick', entry: looked.id }],
    [looked.startMin + 1, { kind: 'tick', entry: entryOf(looked, first) }],
  );
  expect(timersOf(plan, least, progressOf(early), looked.startMin + 2)).toMatchObject([{ dueMin: last.startMin }]);
});
