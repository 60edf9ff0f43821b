import type { DayClock, DayEvent, DayNews, Happening, RunningDay, SentEvent } from '@lupin/core';
import { newId } from '../../shared/newId.ts';
import { keepWaiting, toSend, waitingIn, type Keep, type Waiting } from './queue.ts';

/** The day as all devices see it, and what this one adds. */
export interface Day {
  readonly day: RunningDay;
  /** All events, those this device has not sent yet at the end. */
  readonly events: readonly DayEvent[];
  readonly nowMin: number;
  /** How many events wait to be sent. */
  readonly unsent: number;
  readonly online: boolean;
  readonly note: (...what: readonly Happening[]) => void;
  /** Notes what happened a little while ago, each at its moment: in a rehearsal that runs fast. */
  readonly noteAt: (list: readonly { readonly atMin: number; readonly what: Happening }[]) => void;
  /** Why the server would not take what was noted; it is then gone. */
  readonly refused: string | undefined;
}

/** What the server is known to have: read, watched, put forward by news, asked for again. */
export interface KnownDay {
  /** `undefined` while it is asked for, `null` where no day has been begun. */
  readonly read: () => RunningDay | null | undefined;
  /** Calls whenever it may have changed, until what it answers with is called. */
  readonly watch: (changed: () => void) => () => void;
  readonly take: (news: DayNews) => void;
  readonly askAgain: () => Promise<void>;
}

/** What of a stream of news is heard. */
export interface Heard {
  readonly open: () => void;
  readonly lost: () => void;
  readonly news: (news: DayNews) => void;
}

/** The way to the server. */
export interface DayWire {
  /** Sends what was noted; answers with why it is refused. Rejects where there is no connection, or the server cannot now. */
  readonly send: (day: string, events: readonly SentEvent[]) => Promise<string | undefined>;
  /** Listens to what comes after an event's number, until what it answers with is called. */
  readonly listen: (sinceSeq: number, heard: Heard) => () => void;
}

/** One occasion's day outside any screen: the queue, the stream and the clock. It is at work while somebody listens. */
export interface DayLink {
  readonly subscribe: (changed: () => void) => () => void;
  /** The same object until something changes. */
  readonly state: () => Day | null | undefined;
}

const retryMs = 2000;
/** So many events are sent at once at most. */
const batchSize = 500;

/** How often the clock is told anew, in ms: in a fast rehearsal more often. */
const tickMs = (speed: number) => (speed > 10 ? 250 : 1000);

export function dayLink(id: string, device: string, keep: Keep, known: KnownDay, wire: DayWire): DayLink {
  const listeners = new Set<() => void>();
  let waiting = waitingIn(keep, id);
  let online = true;
  let refused: string | undefined;
  let sending = false;
  let clock: { readonly said: DayClock | undefined; readonly at: number } = { said: undefined, at: 0 };
  let state: Day | null | undefined;
  let events:
    { readonly of: RunningDay['events']; readonly waiting: typeof waiting; readonly all: Day['events'] } | undefined;
  let leave: (() => void) | undefined;
  let hush: (() => void) | undefined;
  let retry: ReturnType<typeof setTimeout> | undefined;
  let ticking: { readonly timer: ReturnType<typeof setInterval>; readonly speed: number } | undefined;

  const minutesSince = (ms: number, now: number, speed: number) => (Math.max(0, now - ms) / 60_000) * speed;
  const nowMin = () => {
    const { said, at } = clock;
    return said ? said.nowMin + minutesSince(at, performance.now(), said.speed) : 0;
  };

  /** All events: an own one that the server has not answered yet is taken for what happens now. */
  function allOf(day: RunningDay): Day['events'] {
    if (events?.of === day.events && events.waiting === waiting) return events.all;
    const known = new Set(day.events.map((each) => each.id));
    const own = waiting
      .filter((each) => each.day === day.day && !known.has(each.id))
      .map((each, at): DayEvent => ({
        seq: Number.MAX_SAFE_INTEGER - waiting.length + at,
        id: each.id,
        device,
        atMin: nowMin(),
        what: each.what,
      }));
    events = { of: day.events, waiting, all: [...day.events, ...own] };
    return events.all;
  }

  function changed(): void {
    const day = known.read();
    if (day && clock.said !== day.clock) clock = { said: day.clock, at: performance.now() };
    state = day && { day, events: allOf(day), nowMin: nowMin(), unsent: waiting.length, online, note, noteAt, refused };
    attend(day);
    for (const tell of listeners) tell();
  }

  /** Listens and ticks as the day that is known asks for. */
  function attend(day: RunningDay | null | undefined): void {
    if (!leave) return;
    if (day && !hush) hush = wire.listen(day.events.at(-1)?.seq ?? 0, { open, lost, news: known.take });
    if (!day && hush) {
      hush();
      hush = undefined;
    }
    const speed = day?.clock.speed ?? 0;
    if (ticking?.speed === speed) return;
    clearInterval(ticking?.timer);
    ticking = speed > 0 ? { timer: setInterval(changed, tickMs(speed)), speed } : undefined;
  }

  const connected = (is: boolean) => {
    if (online === is) return;
    online = is;
    changed();
  };
  const open = () => {
    connected(true);
    void flush();
  };
  const lost = () => connected(false);

  function put(list: readonly Waiting[]): void {
    waiting = list;
    keepWaiting(keep, id, list);
    changed();
  }

  async function flush(): Promise<void> {
    if (sending || waiting.length === 0) return;
    sending = true;
    clearTimeout(retry);
    // One day at a time: what is left of an earlier one is not taken for this.
    const { day } = waiting[0]!;
    const batch = waiting.filter((each) => each.day === day).slice(0, batchSize);
    try {
      // What the server has is in its stream; what it will never take is not kept for ever.
      const fault = await wire.send(day, toSend(batch, device, Date.now()));
      online = true;
      refused = fault ?? refused;
      if (fault === undefined) await known.askAgain().catch(() => undefined);
      const sent = new Set(batch.map((each) => each.id));
      put(waiting.filter((each) => !sent.has(each.id)));
    } catch {
      connected(false);
    } finally {
      sending = false;
    }
    if (leave && waiting.length > 0) retry = setTimeout(() => void flush(), retryMs);
  }

  function add(list: readonly { readonly at: number; readonly what: Happening }[]): void {
    const day = known.read()?.day ?? '';
    put([...waiting, ...list.map((each): Waiting => ({ id: newId(), day, ...each }))]);
    void flush();
  }

  const note: Day['note'] = (...what) => {
    refused = undefined;
    add(what.map((each) => ({ at: Date.now(), what: each })));
  };

  const noteAt: Day['noteAt'] = (list) => {
    const speed = clock.said?.speed ?? 0;
    const agoMs = (atMin: number) => (speed > 0 ? Math.max(0, (nowMin() - atMin) / speed) * 60_000 : 0);
    add(list.map(({ atMin, what }) => ({ at: Date.now() - agoMs(atMin), what })));
  };

  function begin(): void {
    waiting = waitingIn(keep, id);
    leave = known.watch(() => {
      // Other things than this day change in what is watched.
      if (known.read() !== (state && state.day)) changed();
    });
    changed();
    void flush();
  }

  function end(): void {
    leave?.();
    hush?.();
    clearInterval(ticking?.timer);
    clearTimeout(retry);
    leave = hush = ticking = undefined;
  }

  return {
    subscribe: (listener) => {
      listeners.add(listener);
      if (listeners.size === 1) begin();
      return () => {
        listeners.delete(listener);
        if (listeners.size === 0) end();
      };
    },
    state: () => state,
  };
}
