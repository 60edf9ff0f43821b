import { guestSheets, type FitTable, type Occasion } from '@lupin/core';
import { VerdictMark } from '../../shared/VerdictMark.tsx';

/** For the host alone: guest by guest, what they may eat. */
export function GuestByGuest({ occasion, table }: { occasion: Occasion; table: FitTable }) {
  const sheets = guestSheets(occasion, table);
  return (
    <>
      <p className="soft">For the host alone. What is not settled is not served before somebody has asked.</p>
      <div className="guest-sheets">
        {sheets.map(({ guest, rows }) => (
          <section key={guest} className="guest-sheet">
            <h3>{occasion.guests.find((each) => each.id === guest)!.name}</h3>
            {occasion.courses.map((course) => {
              const mine = rows.filter((row) => row.course === course.id);
              if (mine.length === 0) return null;
              return (
                <div key={course.id}>
                  <p className="soft small">{course.name}</p>
                  <ul className="plain">
                    {mine.map((row) => (
                      <li key={row.dish}>
                        {row.verdict === 'left-out' ? (
                          <span className="soft">— {row.dish}: not for them</span>
                        ) : (
                          <>
                            <VerdictMark verdict={row.verdict} /> {row.dish}
                            {row.verdict !== 'clear' && (
                              <span className="small">
                                : {row.verdict === 'check' ? 'ask first. ' : 'no. '}
                                {row.why}
                              </span>
                            )}
                          </>
                        )}
                      </li>
                    ))}
                  </ul>
                </div>
              );
            })}
          </section>
        ))}
      </div>
    </>
  );
}
