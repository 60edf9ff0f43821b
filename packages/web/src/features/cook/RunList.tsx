import { useEffect, useRef } from 'react';
import { clockTime, dayWords, type Occasion, type RunSheetEntry } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import { doer } from './entries.ts';

interface RunListProps {
  readonly occasion: Occasion;
  readonly entries: readonly RunSheetEntry[];
  readonly done: ReadonlySet<string>;
  /** Gates that were passed without all of it. */
  readonly skipped?: ReadonlySet<string>;
  readonly now: RunSheetEntry | undefined;
  /** Absent before the day is begun: nothing can be ticked then. */
  readonly onTick?: ((entry: RunSheetEntry, done: boolean) => void) | undefined;
}

export function RunList({ occasion, entries, done, skipped, now, onTick }: RunListProps) {
  const current = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // Only the list moves; the page stays where it is.
    const list =
      current.current?.closest<HTMLElement>('.bench-side') ?? current.current?.closest<HTMLElement>('.sheet');
    if (list && current.current)
      list.scrollTop +=
        current.current.getBoundingClientRect().top - list.getBoundingClientRect().top - list.clientHeight / 3;
  }, [now?.id]);
  const cook = (id: string | undefined) => occasion.kitchen.cooks.find((each) => each.id === id)?.name;
  let day = '?';
  return (
    <nav className="sheet" aria-label="Run sheet" tabIndex={0}>
      <ol>
        {entries.map((entry) => {
          const words = dayWords(occasion.serveAt, entry.startMin);
          const head =
            words !== day ? (
              <div className="day">{words ? words.charAt(0).toUpperCase() + words.slice(1) : 'On the day'}</div>
            ) : null;
          day = words;
          const isDone = done.has(entry.id);
          return (
            <li key={entry.id} ref={entry.id === now?.id ? current : undefined}>
              {head}
              <div
                className={`entry ${isDone ? 'done' : ''} ${entry.id === now?.id ? 'now' : ''} ${entry.kind === 'wash' ? 'washing' : ''}`}
              >
                <span className="time">{clockTime(occasion.serveAt, entry.startMin)}</span>
                <span className="what">
                  {entry.title}
                  {entry.kind === 'oven' && <OvenTo celsius={entry.dialC} />}
                  {entry.kind === 'step' && (
                    <span className="soft small">
                      <br />
                      {entry.dishName}
                      {entry.versionName && `, ${entry.versionName}`}
                      {cook(doer(entry)) && ` · ${cook(doer(entry))}`}
                    </span>
                  )}
                </span>
                {onTick && (
                  <button
                    type="button"
                    className="tick"
                    role="checkbox"
                    aria-checked={isDone}
                    aria-label={`${entry.title}, ${clockTime(occasion.serveAt, entry.startMin)}${skipped?.has(entry.id) ? ', not all of it' : ''}`}
                    onClick={() => onTick(entry, !isDone)}
                  >
                    {skipped?.has(entry.id) ? '!' : isDone ? '✓' : ''}
                  </button>
                )}
              </div>
            </li>
          );
        })}
      </ol>
    </nav>
  );
}

function OvenTo({ celsius }: { celsius: number }) {
  const { degrees } = useUnits();
  return <> {degrees(celsius)}</>;
}
