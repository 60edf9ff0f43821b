import { clockTime, hazardWords, listed, servedName, type Occasion, type Served, type SetCourse } from '@lupin/core';

export function Serving({ occasion, courses }: { occasion: Occasion; courses: readonly SetCourse[] }) {
  const names = (ids: readonly string[]) =>
    ids.length === occasion.guests.length
      ? 'everybody'
      : listed(ids.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id));
  return (
    <>
      {courses
        .filter(({ dishes }) => dishes.length > 0)
        .map(({ course, dishes, apart, plated }) => (
          <section key={course.id} className="set-course">
            <h2>
              {course.name} <span className="soft">{clockTime(occasion.serveAt, course.offsetMin)}</span>
            </h2>
            {plated.length > 0 && (
              <p className="plate-first">
                Fill in the kitchen first, with clean hands and spoons, and bring by name:{' '}
                <strong>{listed(plated)}</strong>, for those who may not have a trace.
              </p>
            )}
            <ol className="serve-order">
              {dishes.map((each, at) => (
                <li key={`${each.dish}/${each.version}`}>
                  <span className="serve-no">{at + 1}</span>
                  <div>
                    <strong>{servedName(each)}</strong>, with a spoon of its own.
                    <br />
                    {each.clearFor.length > 0 ? `For ${names(each.clearFor)}.` : 'For nobody before it is settled.'}
                    {each.checkFor.length > 0 && (
                      <em className="to-check"> Not before it is checked: {names(each.checkFor)}.</em>
                    )}
                    <Holds served={each} />
                    {apart
                      .filter((one) => one.kept === servedName(each))
                      .map((one) => (
                        <p key={one.from} className="apart">
                          Apart from {one.from}: {hazardWords(one.hazards)} must not reach {names(one.guests)}.
                        </p>
                      ))}
                    <p className="soft small">
                      Can stand {each.holdMin} min{each.holdHow && `, ${each.holdHow}`}. Hot food stays at 57 °C or
                      more, cold at 5 °C or less; otherwise two hours and no longer.
                    </p>
                  </div>
                </li>
              ))}
            </ol>
          </section>
        ))}
    </>
  );
}

export function Holds({ served: { contains, mayContain, raw, unsure } }: { served: Served }) {
  return (
    <p className="holds">
      {contains.length > 0 ? (
        <>
          Holds <strong>{hazardWords(contains)}</strong>.
        </>
      ) : (
        'Holds none of the allergens Lupin follows, as far as its labels say.'
      )}
      {mayContain.length > 0 && <> May hold {hazardWords(mayContain)}.</>}
      {raw.length > 0 && (
        <>
          {' '}
          Served with <strong>{listed(raw)}</strong>.
        </>
      )}
      {unsure && <> Something in it is not known for sure.</>}
    </p>
  );
}
