import { useEffect, useRef, type RefObject } from 'react';

/** On a narrow screen the panel beside the table stands below it: brings it into sight when what it shows changes. */
export function useRevealOnPhone<T extends HTMLElement>(shown: string | undefined): RefObject<T | null> {
  const ref = useRef<T>(null);
  const first = useRef(true);
  useEffect(() => {
    if (first.current) {
      first.current = false;
      return;
    }
    if (shown && window.innerWidth <= 900) ref.current?.scrollIntoView({ block: 'start' });
  }, [shown]);
  return ref;
}
