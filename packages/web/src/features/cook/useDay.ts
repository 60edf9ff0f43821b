import { useSyncExternalStore } from 'react';
import { useStore } from 'react-redux';
import type { store } from '../../app/store.ts';
import type { Day } from './dayLink.ts';
import { dayLinkOf } from './dayLinks.ts';

/** The day as all devices see it, and what this one adds. `undefined` while it is asked for, `null` where none has been begun. */
export function useDay(id: string): Day | null | undefined {
  const link = dayLinkOf(useStore() as typeof store, id);
  return useSyncExternalStore(link.subscribe, link.state);
}
