import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { DayClock, DayEvent, DayNews, Happening, ProblemDocument, RunningDay } from '@lupin/core';
import { api, useDayQuery } from '../../app/api.ts';
import { useAppDispatch } from '../../app/store.ts';
import { newId } from '../../shared/newId.ts';
import { keepWaiting, toSend, waitingIn, type Waiting } from './queue.ts';

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

const retryMs = 2000;

/** The name this browser goes by. */
export function deviceName(): string {
  try {
    const known = localStorage.getItem('lupin.device');
    if (known) return known;
    const kind = /iPad|Tablet/i.test(navigator.userAgent)
      ? 'tablet'
      : /Mobi/i.test(navigator.userAgent)
        ? 'phone'
        : 'laptop';
    const name = `${kind} ${Math.random().toString(36).slice(2, 5)}`;
    localStorage.setItem('lupin.device', name);
    return name;
  } catch {
    return 'a browser';
  }
}

/** The day as all devices see it, and what this one adds. `undefined` while it is asked for, `null` where none has been begun. */
export function useDay(id: string): Day | null | undefined {
  const { data } = useDayQuery(id);
  const dispatch = useAppDispatch();
  const [waiting, setWaiting] = useState<readonly Waiting[]>(() => waitingIn(localStorage, id));
  const [online, setOnline] = useState(true);
  const [refused, setRefused] = useState<string>();
  const queue = useRef(waiting);
  const today = useRef('');
  today.current = data?.day ?? '';
  const sending = useRef(false);
  const put = useCallback(
    (list: readonly Waiting[]) => {
      queue.current = list;
      keepWaiting(localStorage, id, list);
      setWaiting(list);
    },
    [id],
  );

  const flush = useCallback(async () => {
    if (sending.current || queue.current.length === 0) return;
    sending.current = true;
    // One day at a time: what is left of an earlier one is not taken for this.
    const batch = queue.current.filter((each) => each.day === queue.current[0]!.day).slice(0, 500);
    try {
      const answer = await fetch(`/api/occasions/${id}/day/events`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ day: batch[0]!.day, events: toSend(batch, deviceName(), Date.now()) }),
      });
      if (answer.status >= 500) throw new Error('later');
      setOnline(true);
      // What the server has is in its stream; what it will never take is not kept for ever.
      if (!answer.ok) setRefused(((await answer.json()) as ProblemDocument).detail ?? 'The server refused it.');
      const sent = new Set(batch.map((each) => each.id));
      if (answer.ok)
        await dispatch(api.endpoints.day.initiate(id, { forceRefetch: true, subscribe: false }))
          .unwrap()
          .catch(() => undefined);
      put(queue.current.filter((each) => !sent.has(each.id)));
    } catch {
      setOnline(false);
    } finally {
      sending.current = false;
    }
    if (queue.current.length > 0) setTimeout(() => void flush(), retryMs);
  }, [dispatch, id, put]);

  useEffect(() => {
    void flush();
  }, [flush]);

  useEffect(() => {
    // What came by the stream is kept with what was asked for, so that a reload without a connection knows it too.
    if (!data || !('caches' in window)) return;
    caches
      .open('lupin-seen-1')
      .then((seen) =>
        seen.put(
          `/api/occasions/${id}/day`,
          new Response(JSON.stringify(data), { headers: { 'content-type': 'application/json' } }),
        ),
      )
      .catch(() => undefined);
  }, [data, id]);

  useEffect(() => {
    if (!data) return undefined;
    const last = data.events.at(-1)?.seq ?? 0;
    const stream = new EventSource(`/api/occasions/${id}/day/stream?since=${last}`);
    stream.onopen = () => {
      setOnline(true);
      void flush();
    };
    stream.onerror = () => setOnline(false);
    stream.onmessage = ({ data: text }: MessageEvent<string>) => {
      const news = JSON.parse(text) as DayNews;
      let behind = false;
      dispatch(
        api.util.updateQueryData('day', id, (day) => {
          if (!day) return;
          behind = day.day !== news.day || day.version !== news.version || day.ended !== news.ended;
          if (day.day !== news.day) return;
          const known = new Set(day.events.map((each) => each.id));
          (day.events as DayEvent[]).push(...news.events.filter((each) => !known.has(each.id)));
          (day as { clock: DayClock }).clock = news.clock;
        }),
      );
      if (behind) dispatch(api.util.invalidateTags([{ type: 'day', id }]));
    };
    return () => stream.close();
    // One stream for each day that is begun; it carries on where it was.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [id, data === null || data === undefined, dispatch, flush]);

  const nowMin = useNow(data?.clock);
  const note = useCallback(
    (...what: readonly Happening[]) => {
      setRefused(undefined);
      put([
        ...queue.current,
        ...what.map((each): Waiting => ({ id: newId(), day: today.current, at: Date.now(), what: each })),
      ]);
      void flush();
    },
    [flush, put],
  );
  const clock = useRef({ nowMin, speed: 1 });
  clock.current = { nowMin, speed: data?.clock.speed ?? 1 };
  const noteAt = useCallback(
    (list: readonly { readonly atMin: number; readonly what: Happening }[]) => {
      const { nowMin: now, speed } = clock.current;
      put([
        ...queue.current,
        ...list.map(({ atMin, what }): Waiting => ({
          id: newId(),
          day: today.current,
          at: Date.now() - (speed > 0 ? Math.max(0, (now - atMin) / speed) * 60_000 : 0),
          what,
        })),
      ]);
      void flush();
    },
    [flush, put],
  );
  const events = useMemo(() => {
    const known = new Set((data?.events ?? []).map((each) => each.id));
    const own = waiting
      .filter((each) => each.day === data?.day && !known.has(each.id))
      .map((each, at): DayEvent => ({
        seq: Number.MAX_SAFE_INTEGER - waiting.length + at,
        id: each.id,
        device: deviceName(),
        atMin: nowMin,
        what: each.what,
      }));
    return [...(data?.events ?? []), ...own];
    // The moment of an unsent event is settled by the server; until then it is now.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [data?.events, data?.day, waiting]);
  if (data === undefined) return undefined;
  if (data === null) return null;
  return { day: data, events, nowMin, unsent: waiting.length, online, note, noteAt, refused };
}

/** The moment of the day, a little later every second; in a fast rehearsal more often. */
function useNow(clock: DayClock | undefined): number {
  const read = useRef({ clock, at: performance.now() });
  const [, tick] = useState(0);
  if (read.current.clock !== clock) read.current = { clock, at: performance.now() };
  const speed = clock?.speed ?? 0;
  useEffect(() => {
    if (speed === 0) return undefined;
    const timer = setInterval(() => tick((count) => count + 1), speed > 10 ? 250 : 1000);
    return () => clearInterval(timer);
  }, [speed]);
  return (clock?.nowMin ?? 0) + ((performance.now() - read.current.at) / 60_000) * speed;
}
