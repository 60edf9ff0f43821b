import { demo } from '../../../../core/test-support/demo.ts';
import { planned } from '../../../../core/test-support/planned.ts';
import type { DayEvent, DayNews, RunningDay, SentEvent } from '@lupin/core';
import { dayLink, type Heard } from './dayLink.ts';
import { waitingIn, type Keep } from './queue.ts';

const occasion = demo('sunday-lunch');
const plan = planned(occasion);

const begun = (speed = 0): RunningDay => ({
  day: 'today',
  mode: 'rehearsal',
  clock: { nowMin: -120, speed },
  ended: false,
  version: 1,
  occasion,
  plan,
  events: [],
  mends: [],
});

const memory = (): Keep => {
  const text = new Map<string, string>();
  return { getItem: (key) => text.get(key) ?? null, setItem: (key, value) => void text.set(key, value) };
};

/** A server that can be cut off, and what it was sent. */
function bench(first: RunningDay | null | undefined, keep = memory()) {
  let day = first;
  let isCut = false;
  let fault: string | undefined;
  const watchers = new Set<() => void>();
  const streams: { sinceSeq: number; heard: Heard; isOpen: boolean }[] = [];
  const sent: SentEvent[][] = [];
  const become = (next: RunningDay | null | undefined) => {
    day = next;
    for (const tell of watchers) tell();
  };
  const link = dayLink(
    'sunday-lunch',
    'phone',
    keep,
    {
      read: () => day,
      watch: (changed) => {
        watchers.add(changed);
        return () => watchers.delete(changed);
      },
      take: (news: DayNews) => {
        if (day) become({ ...day, clock: news.clock, events: [...day.events, ...news.events] });
      },
      askAgain: async () => {
        const known: readonly DayEvent[] = day?.events ?? [];
        if (day)
          become({
            ...day,
            events: sent.flat().map((each, at): DayEvent => ({
              seq: at + 1,
              id: each.id,
              device: 'phone',
              atMin: known.find((one) => one.id === each.id)?.atMin ?? -120,
              what: each.what,
            })),
          });
      },
    },
    {
      send: async (_day, events) => {
        if (isCut) throw new Error('no connection');
        if (fault === undefined) sent.push([...events]);
        return fault;
      },
      listen: (sinceSeq, heard) => {
        const stream = { sinceSeq, heard, isOpen: true };
        streams.push(stream);
        return () => (stream.isOpen = false);
      },
    },
  );
  return {
    link,
    keep,
    sent,
    streams,
    become,
    watchers,
    cut: (is: boolean) => (isCut = is),
    refuse: (why: string | undefined) => (fault = why),
  };
}

const tick = (entry: string) => ({ kind: 'tick' as const, entry });
const entriesOf = (list: readonly { readonly what: object }[]) =>
  list.map((each) => (each.what as { entry: string }).entry);
const settle = () => jest.advanceTimersByTimeAsync(0);

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

test('what is noted is seen at once, sent, and then stands once', async () => {
  const { link, sent } = bench(begun());
  link.subscribe(() => undefined);
  link.state()!.note(tick('a'), tick('b'));
  expect(entriesOf(link.state()!.events)).toEqual(['a', 'b']);
  expect(link.state()!.unsent).toBe(2);
  await settle();
  expect(entriesOf(sent.flat())).toEqual(['a', 'b']);
  expect(entriesOf(link.state()!.events)).toEqual(['a', 'b']);
  expect(link.state()!.unsent).toBe(0);
});

test('without a connection it is kept, tried again, and survives the page', async () => {
  const first = bench(begun());
  const leave = first.link.subscribe(() => undefined);
  first.cut(true);
  first.link.state()!.note(tick('a'));
  await settle();
  expect(first.link.state()).toMatchObject({ online: false, unsent: 1 });
  leave();

  const second = bench(begun(), first.keep);
  second.cut(true);
  second.link.subscribe(() => undefined);
  await settle();
  expect(entriesOf(second.link.state()!.events)).toEqual(['a']);
  second.cut(false);
  await jest.advanceTimersByTimeAsync(2000);
  expect(entriesOf(second.sent.flat())).toEqual(['a']);
  expect(second.link.state()).toMatchObject({ online: true, unsent: 0 });
  expect(waitingIn(second.keep, 'sunday-lunch')).toEqual([]);
});

test('what was noted while something is on its way is sent after it, in its order, nothing twice', async () => {
  const { link, sent } = bench(begun());
  link.subscribe(() => undefined);
  link.state()!.note(tick('a'));
  link.state()!.note(tick('b'));
  link.state()!.note(tick('c'));
  await jest.advanceTimersByTimeAsync(2000);
  expect(sent.map(entriesOf)).toEqual([['a'], ['b', 'c']]);
});

test('what the server refuses is said and gone; the next note clears the words', async () => {
  const { link, refuse } = bench(begun());
  link.subscribe(() => undefined);
  refuse('The day is over.');
  link.state()!.note(tick('a'));
  await settle();
  expect(link.state()).toMatchObject({ refused: 'The day is over.', unsent: 0, events: [] });
  refuse(undefined);
  link.state()!.note(tick('b'));
  expect(link.state()!.refused).toBeUndefined();
  await settle();
  expect(entriesOf(link.state()!.events)).toEqual(['b']);
});

test('left, it neither listens, ticks nor tries again', async () => {
  const { link, cut, streams, watchers } = bench(begun(60));
  let told = 0;
  const leave = link.subscribe(() => told++);
  cut(true);
  link.state()!.note(tick('a'));
  await settle();
  leave();
  expect(jest.getTimerCount()).toBe(0);
  expect(streams.map((stream) => stream.isOpen)).toEqual([false]);
  expect(watchers.size).toBe(0);
  const before = told;
  await jest.advanceTimersByTimeAsync(60_000);
  expect(told).toBe(before);
});

test('one stream for all who listen, from the last event known; none where no day has been begun', () => {
  const old: DayEvent = { seq: 7, id: 'old', device: 'laptop', atMin: -130, what: tick('x') };
  const { link, streams, become } = bench(undefined);
  link.subscribe(() => undefined);
  const leave = link.subscribe(() => undefined);
  expect(link.state()).toBeUndefined();
  become(null);
  expect(link.state()).toBeNull();
  expect(streams).toHaveLength(0);
  become({ ...begun(), events: [old] });
  leave();
  expect(streams.map(({ sinceSeq, isOpen }) => ({ sinceSeq, isOpen }))).toEqual([{ sinceSeq: 7, isOpen: true }]);
  become(null);
  expect(streams[0]!.isOpen).toBe(false);
});

test('the clock goes on by itself at its speed, and stands when it is stopped', async () => {
  const { link, become } = bench(begun(60));
  link.subscribe(() => undefined);
  await jest.advanceTimersByTimeAsync(5000);
  expect(link.state()!.nowMin).toBeCloseTo(-115, 5);
  become(begun(0));
  expect(link.state()!.nowMin).toBe(-120);
  expect(jest.getTimerCount()).toBe(0);
});

test('the state is the same object until something changes', async () => {
  const { link, become } = bench(begun());
  link.subscribe(() => undefined);
  const before = link.state();
  await jest.advanceTimersByTimeAsync(5000);
  expect(link.state()).toBe(before);
  const { events } = before!;
  become({ ...before!.day, clock: { nowMin: -100, speed: 0 } });
  expect(link.state()).not.toBe(before);
  expect(link.state()!.events).toBe(events);
});

test('what happened a while ago is sent with how long ago, by the speed of the rehearsal', async () => {
  const { link, sent } = bench(begun(60));
  link.subscribe(() => undefined);
  await jest.advanceTimersByTimeAsync(10_000);
  link.state()!.noteAt([{ atMin: -116, what: tick('a') }]);
  await settle();
  // Ten seconds at sixty are ten minutes: it is 110 minutes to go, and six minutes ago was six seconds ago.
  expect(sent.flat()[0]!.agoMin).toBeCloseTo(0.1, 5);
});
