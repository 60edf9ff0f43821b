import { declaredIn, hazardWords, listed, servedName, type Occasion, type Region, type SetCourse } from '@lupin/core';

interface CardsProps {
  readonly occasion: Occasion;
  readonly courses: readonly SetCourse[];
  readonly region: Region;
  readonly named: boolean;
  readonly paper: string;
}

/** A card for each dish as it stands on the table: what is in it, and what the law of a region would have declared. */
export function Cards({ occasion, courses, region, named, paper }: CardsProps) {
  const nameOf = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  return (
    <>
      <p className="soft no-print">
        Declared as {region.law} asks.{' '}
        {named
          ? 'Guests are named on the cards: whoever reads a card learns who eats what.'
          : 'Nobody is named: what a guest must avoid stays private.'}{' '}
        Cut, fold, stand beside the dish.
      </p>
      <div className={`dish-cards ${paper}`}>
        {courses
          .flatMap(({ dishes }) => dishes)
          .map((each) => {
            const { declared, besides } = declaredIn(region, each.contains);
            const { declared: may, besides: mayBesides } = declaredIn(region, each.mayContain);
            return (
              <article key={`${each.dish}/${each.version}`} className="dish-card">
                <h3>{servedName(each)}</h3>
                <p className="in-it">{listed(each.ingredients)}</p>
                <p className="declared">
                  {declared.length > 0 ? (
                    <>
                      Contains <strong>{hazardWords(declared)}</strong>
                    </>
                  ) : (
                    'Nothing to declare is known in it'
                  )}
                  {may.length > 0 && (
                    <>
                      . May contain <strong>{hazardWords(may)}</strong>
                    </>
                  )}
                  .
                  {each.raw.length > 0 && (
                    <>
                      {' '}
                      Served with <strong>{listed(each.raw)}</strong>.
                    </>
                  )}
                </p>
                {besides.length + mayBesides.length > 0 && (
                  <p className="small">Also known: {hazardWords([...besides, ...mayBesides])}.</p>
                )}
                {each.unsure && (
                  <p className="small">
                    <strong>Ask the host:</strong> a label or a word in it is not settled.
                  </p>
                )}
                {named && each.clearFor.length > 0 && (
                  <p className="small">
                    Clear for {listed(each.clearFor.map(nameOf))}
                    {each.checkFor.length > 0 && `. Ask first: ${listed(each.checkFor.map(nameOf))}`}.
                  </p>
                )}
                {each.madeOn.length > 0 && (
                  <p className="small soft">
                    Made on {listed(each.madeOn.slice(0, 8))}
                    {each.madeOn.length > 8 ? ' …' : ''}.
                  </p>
                )}
              </article>
            );
          })}
      </div>
    </>
  );
}
