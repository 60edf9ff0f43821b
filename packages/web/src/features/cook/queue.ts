import type { Happening, SentEvent } from '@lupin/core';

/** An event that this device has noted and the server has not answered yet; `at` is ms since 1970 by this device. */
export interface Waiting {
  readonly id: string;
  /** The day it was noted for. */
  readonly day: string;
  readonly at: number;
  readonly what: Happening;
}

/** The part of a browser's storage that is used; a test brings its own. */
export type Keep = Pick<Storage, 'getItem' | 'setItem'>;

const keyOf = (occasion: string) => `lupin.unsent.${occasion}`;

/** What this device still has to send, as it was left by the last page; nothing where it cannot be read. */
export function waitingIn(keep: Keep, occasion: string): readonly Waiting[] {
  try {
    const list = JSON.parse(keep.getItem(keyOf(occasion)) ?? '[]') as Waiting[];
    return Array.isArray(list) ? list : [];
  } catch {
    return [];
  }
}

export function keepWaiting(keep: Keep, occasion: string, list: readonly Waiting[]): void {
  keep.setItem(keyOf(occasion), JSON.stringify(list));
}

/** Events as they are sent: with how long ago each was noted, whatever this device takes for the time. */
export const toSend = (list: readonly Waiting[], device: string, now: number): SentEvent[] =>
  list.map(({ id, at, what }) => ({ id, device, agoMin: Math.min(2880, Math.max(0, (now - at) / 60_000)), what }));
