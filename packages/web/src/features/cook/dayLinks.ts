import type { DayClock, DayEvent, DayNews, ProblemDocument } from '@lupin/core';
import { api } from '../../app/api.ts';
import type { store as appStore } from '../../app/store.ts';
import { dayLink, type DayLink, type DayWire, type KnownDay } from './dayLink.ts';

type Store = Pick<typeof appStore, 'getState' | 'dispatch' | 'subscribe'>;

/** The name this browser goes by. */
export function deviceName(): string {
  try {
    const known = localStorage.getItem('lupin.device');
    if (known) return known;
    const kinds: readonly (readonly [RegExp, string])[] = [
      [/iPad|Tablet/i, 'tablet'],
      [/Mobi/i, 'phone'],
    ];
    const kind = kinds.find(([pattern]) => pattern.test(navigator.userAgent))?.[1] ?? 'laptop';
    const name = `${kind} ${Math.random().toString(36).slice(2, 5)}`;
    localStorage.setItem('lupin.device', name);
    return name;
  } catch {
    return 'a browser';
  }
}

/** What the store knows of a day, kept for a reload without a connection. */
function knownDay(store: Store, id: string): KnownDay {
  const select = api.endpoints.day.select(id);
  const read = () => select(store.getState()).data;
  return {
    read,
    watch: (changed) => {
      const asked = store.dispatch(api.endpoints.day.initiate(id));
      let seen = read();
      if (seen) keepSeen(id, seen);
      const unsubscribe = store.subscribe(() => {
        const day = read();
        if (day && day !== seen) keepSeen(id, day);
        seen = day;
        changed();
      });
      return () => {
        unsubscribe();
        asked.unsubscribe();
      };
    },
    take: (news: DayNews) => {
      let behind = false;
      store.dispatch(
        api.util.updateQueryData('day', id, (day) => {
          if (!day) return;
          behind = day.day !== news.day || day.version !== news.version || day.ended !== news.ended;
          if (day.day !== news.day) return;
          const known = new Set(day.events.map((each) => each.id));
          (day.events as DayEvent[]).push(...news.events.filter((each) => !known.has(each.id)));
          (day as { clock: DayClock }).clock = news.clock;
        }),
      );
      if (behind) store.dispatch(api.util.invalidateTags([{ type: 'day', id }]));
    },
    askAgain: async () => {
      await store.dispatch(api.endpoints.day.initiate(id, { forceRefetch: true, subscribe: false })).unwrap();
    },
  };
}

/** What came by the stream is kept with what was asked for, so that a reload without a connection knows it too. */
function keepSeen(id: string, day: object): void {
  if (!('caches' in window)) return;
  caches
    .open('lupin-seen-1')
    .then((seen) =>
      seen.put(
        `/api/occasions/${id}/day`,
        new Response(JSON.stringify(day), { headers: { 'content-type': 'application/json' } }),
      ),
    )
    .catch(() => undefined);
}

const wireTo = (id: string): DayWire => ({
  send: async (day, events) => {
    const answer = await fetch(`/api/occasions/${id}/day/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ day, events }),
    });
    if (answer.status >= 500) throw new Error('later');
    if (answer.ok) return undefined;
    return ((await answer.json()) as ProblemDocument).detail ?? 'The server refused it.';
  },
  listen: (sinceSeq, heard) => {
    const stream = new EventSource(`/api/occasions/${id}/day/stream?since=${sinceSeq}`);
    stream.onopen = heard.open;
    stream.onerror = heard.lost;
    stream.onmessage = ({ data }: MessageEvent<string>) => heard.news(JSON.parse(data) as DayNews);
    return () => stream.close();
  },
});

const links = new WeakMap<Store, Map<string, DayLink>>();

/** The one link to the day of an occasion. */
export function dayLinkOf(store: Store, id: string): DayLink {
  const known = links.get(store) ?? new Map<string, DayLink>();
  links.set(store, known);
  const link = known.get(id) ?? dayLink(id, deviceName(), localStorage, knownDay(store, id), wireTo(id));
  known.set(id, link);
  return link;
}
