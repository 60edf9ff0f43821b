import type { KeyboardEvent } from 'react';

/** Arrow keys, Home and End walk the buttons of a list that match a selector. */
export function rowKeys(selector: string): (event: KeyboardEvent<HTMLElement>) => void {
  return (event) => {
    const rows = [...event.currentTarget.querySelectorAll<HTMLElement>(selector)];
    const at = rows.indexOf(document.activeElement as HTMLElement);
    const to = { ArrowDown: at + 1, ArrowUp: at - 1, Home: 0, End: rows.length - 1 }[event.key];
    if (at < 0 || to === undefined) return;
    event.preventDefault();
    rows[Math.min(rows.length - 1, Math.max(0, to))]!.focus();
  };
}
