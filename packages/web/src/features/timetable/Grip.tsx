import { useDraggable, type DraggableSyntheticListeners } from '@dnd-kit/core';
import { useLayoutEffect, type RefObject } from 'react';
import type { Near } from './Bar.tsx';

/** What the pointer is near to, and what it does when pressed there. */
export interface Held {
  readonly id: string;
  readonly listeners: DraggableSyntheticListeners;
}

interface GripProps {
  readonly near: Near;
  readonly held: RefObject<Held | undefined>;
}

export const gripId = (lane: string, entry: string): string => `${lane}|${entry}`;

/** Makes the one bar under the pointer draggable: five hundred that listen would be slow, and a bar that changes under the finger loses its press. */
export function Grip({ near, held }: GripProps) {
  const id = gripId(near.lane, near.entry.id);
  const { setNodeRef, listeners } = useDraggable({ id, data: { entry: near.entry } });
  useLayoutEffect(() => {
    setNodeRef(near.element);
    held.current = { id, listeners };
    return () => {
      held.current = undefined;
    };
  }, [id, near.element, listeners, setNodeRef, held]);
  return null;
}
