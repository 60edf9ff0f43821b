import { Fragment, useRef, type KeyboardEvent } from 'react';
import { cellKey, nameFaults, needWords, type DishRow, type Guest } from '@lupin/core';
import { PlateMark } from '../../shared/PlateMark.tsx';
import { VerdictMark, verdictWords } from '../../shared/VerdictMark.tsx';
import { useOccasionView } from '../occasions/context.ts';
import type { Spot } from './MenuPage.tsx';

/** A need in the few words that fit over a plate. */
function shortNeeds(guest: Guest): string {
  return guest.needs
    .map((need) => {
      const words = needWords(need);
      return words
        .replace('no trace of ', 'no ')
        .replace(' as an ingredient', '')
        .replace(/^not yet understood: .*/, 'ask')
        .replace(
          /\p{L}{10,}/gu,
          (word) =>
            `${word.slice(0, Math.ceil(word.length / 2) - 1)}\u00AD${word.slice(Math.ceil(word.length / 2) - 1)}`,
        );
    })
    .join(', ');
}

const dishOrder = (dishes: readonly DishRow[], courses: readonly { id: string }[]) =>
  courses.flatMap((course) => dishes.filter((row) => row.dish.course === course.id));

export function MenuTable({ spot, onSpot }: { spot: Spot; onSpot: (spot: Spot) => void }) {
  const { occasion, table, shown } = useOccasionView();
  const ref = useRef<HTMLTableElement>(null);
  const ordered = dishOrder(table.rows, occasion.courses);
  const many = occasion.guests.length > 15;

  const onKey = (event: KeyboardEvent) => {
    const moves: Record<string, readonly [number, number]> = {
      ArrowUp: [-1, 0],
      ArrowDown: [1, 0],
      ArrowLeft: [0, -1],
      ArrowRight: [0, 1],
    };
    const move = moves[event.key];
    if (!move) return;
    event.preventDefault();
    const at = ordered.findIndex((row) => row.dish.id === spot.dish);
    const column = occasion.guests.findIndex((guest) => guest.id === spot.guest);
    const row = ordered[Math.min(ordered.length - 1, Math.max(0, at + move[0]))];
    const guest = occasion.guests[Math.min(occasion.guests.length - 1, Math.max(0, column + move[1]))];
    if (!row || !guest) return;
    onSpot({ dish: row.dish.id, guest: guest.id });
    ref.current?.querySelector<HTMLElement>(`[data-cell="${cellKey(row.dish.id, guest.id)}"]`)?.focus();
  };

  return (
    <table className={`menu-table ${many ? 'many' : ''}`} ref={ref} onKeyDown={onKey} aria-label="Who may eat what">
      <colgroup>
        <col style={{ width: many ? 220 : 292 }} />
        {occasion.guests.map((guest) => (
          <col key={guest.id} />
        ))}
      </colgroup>
      <thead>
        <tr>
          <th />
          {occasion.guests.map((guest, index) => (
            <th key={guest.id} scope="col">
              <span className="need" title={guest.needs.map(needWords).join(', ')}>
                {shortNeeds(guest)}
              </span>
              <button
                type="button"
                className="bare"
                style={{ width: '100%', textAlign: 'center' }}
                aria-label={`${guest.name}'s plate`}
                onClick={() => onSpot({ guest: guest.id })}
              >
                <PlateMark plate={table.plates[index]!} name={guest.name} size={many ? 28 : 38} />
                <span className="guest-name">{guest.name}</span>
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {occasion.courses.map((course) => {
          const rows = ordered.filter((row) => row.dish.course === course.id);
          if (rows.length === 0) return null;
          return (
            <Fragment key={course.id}>
              <tr className="course">
                <th scope="rowgroup" colSpan={occasion.guests.length + 1}>
                  {course.name}
                </th>
              </tr>
              {rows.map((row) => (
                <Rows key={row.dish.id} row={row} spot={spot} onSpot={onSpot} shown={shown} guests={occasion.guests} />
              ))}
            </Fragment>
          );
        })}
      </tbody>
    </table>
  );
}

function Rows({
  row,
  spot,
  onSpot,
  shown,
  guests,
}: {
  row: DishRow;
  spot: Spot;
  onSpot: (spot: Spot) => void;
  shown: ReadonlyMap<string, 'clear' | 'check' | 'adaptable' | 'conflict'>;
  guests: readonly Guest[];
}) {
  const { dish, versions } = row;
  return versions.map((made, index) => (
    <tr key={made.version.id} className={index === 0 ? 'dish' : 'dish version'}>
      <th scope="row" className="dish-name">
        {index === 0 ? made.recipe.name : made.version.name}{' '}
        <span className="soft small" style={{ whiteSpace: 'nowrap' }}>
          {dish.brought ? `${dish.brought.how === 'bought' ? 'bought from' : 'brought by'} ${dish.brought.by}, ` : ''}
          for {made.eaters.length}
        </span>
        {nameFaults(index === 0 ? made.recipe.name : made.version.name, made.evidence).map((fault) => (
          <span
            key={fault.claim}
            className="fault small"
            style={{ display: 'block', color: fault.state === 'broken' ? 'var(--clay)' : 'var(--straw)' }}
          >
            {fault.state === 'broken' ? `not ${fault.claim}` : `${fault.claim}: not proven`}
          </span>
        ))}
      </th>
      {guests.map((guest) => {
        const cell = row.cells.get(guest.id)!;
        const here = cell.version === made.version.id;
        const inColumn = spot.guest === guest.id ? 'in-column' : '';
        if (!here)
          return (
            <td key={guest.id} className={inColumn}>
              {index === 0 && (
                <span className="moved" title={`${guest.name} has a version of it`}>
                  ↓
                </span>
              )}
            </td>
          );
        const verdict = shown.get(cellKey(dish.id, guest.id))!;
        const leftOut = dish.notFor.includes(guest.id);
        const pressed = spot.dish === dish.id && spot.guest === guest.id;
        return (
          <td key={guest.id} className={inColumn}>
            <button
              type="button"
              className="cell"
              data-cell={cellKey(dish.id, guest.id)}
              aria-pressed={pressed}
              aria-label={`${guest.name}, ${made.recipe.name}: ${leftOut ? 'not served' : verdictWords[verdict]}`}
              onClick={() => onSpot({ dish: dish.id, guest: guest.id })}
            >
              {leftOut ? (
                <span className="soft" aria-hidden>
                  —
                </span>
              ) : (
                <VerdictMark verdict={verdict} />
              )}
            </button>
          </td>
        );
      })}
    </tr>
  ));
}
