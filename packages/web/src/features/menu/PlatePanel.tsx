import { cellKey, needWords } from '@lupin/core';
import { PlateMark, plateWords } from '../../shared/PlateMark.tsx';
import { VerdictMark } from '../../shared/VerdictMark.tsx';
import { useOccasionView } from '../occasions/context.ts';
import type { Spot } from './MenuPage.tsx';

/** One guest's plate: what may this person eat, and how do we know. */
export function PlatePanel({ guestId, onSpot }: { guestId: string; onSpot: (spot: Spot) => void }) {
  const { occasion, table, shown } = useOccasionView();
  const index = occasion.guests.findIndex((each) => each.id === guestId);
  const guest = occasion.guests[index]!;
  const plate = table.plates[index]!;
  return (
    <div>
      <div className="row">
        <PlateMark plate={plate} name={guest.name} size={54} />
        <div>
          <h2>{guest.name}'s plate</h2>
          <p className="soft">{plateWords[plate.state]}</p>
        </div>
      </div>
      <p style={{ margin: '8px 0' }}>
        {guest.needs.length === 0 ? 'No needs noted.' : guest.needs.map(needWords).join('; ')}
      </p>
      {occasion.courses.map((course, at) => (
        <section key={course.id} style={{ marginTop: 10 }}>
          <h3>
            {course.name}{' '}
            <span className="soft small" style={{ fontFamily: 'inherit' }}>
              {plate.courses[at]!.clear} clear
              {plate.courses[at]!.check > 0 ? `, ${plate.courses[at]!.check} to check` : ''};{' '}
              {plate.courses[at]!.enough} are enough
            </span>
          </h3>
          {table.rows
            .filter((row) => row.dish.course === course.id)
            .map((row) => {
              const cell = row.cells.get(guest.id)!;
              const made = row.versions.find((each) => each.version.id === cell.version)!;
              return (
                <button
                  key={row.dish.id}
                  type="button"
                  className="bare row"
                  style={{ width: '100%', padding: '5px 0', borderBottom: '1px solid var(--line)', flexWrap: 'nowrap' }}
                  onClick={() => onSpot({ dish: row.dish.id, guest: guest.id })}
                >
                  <VerdictMark verdict={shown.get(cellKey(row.dish.id, guest.id))!} />
                  <span>
                    {made.recipe.name}
                    {row.versions.length > 1 && <span className="soft">, {made.version.name}</span>}
                  </span>
                </button>
              );
            })}
        </section>
      ))}
    </div>
  );
}
