import { Segmented } from 'antd';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useBegunQuery } from '../../app/api.ts';
import { useDay } from '../cook/useDay.ts';
import { useOccasionView } from '../occasions/context.ts';
import { AgainForm } from './AgainForm.tsx';
import { LearnedTimes } from './LearnedTimes.tsx';
import { Leftovers } from './Leftovers.tsx';
import { WhatHappened } from './WhatHappened.tsx';

const views = [
  { value: 'leftovers', label: 'what is left' },
  { value: 'happened', label: 'what happened' },
  { value: 'times', label: 'times' },
  { value: 'again', label: 'make it again' },
] as const;
type View = (typeof views)[number]['value'];

/** Afterwards: what is left and until when, what the day was, what it taught, and the same again. */
export function AfterPage() {
  const { occasion } = useOccasionView();
  const [query, setQuery] = useSearchParams();
  const day = useDay(occasion.id);
  const { data: begun } = useBegunQuery({ id: occasion.id, day: day?.day.day ?? '' }, { skip: !day });
  const view = views.find((each) => each.value === query.get('view'))?.value ?? 'leftovers';
  const recipes = useMemo(() => new Set<string>(occasion.recipes.map((recipe) => recipe.id)), [occasion.recipes]);
  const put = (value: View) => setQuery({ view: value }, { replace: true });
  return (
    <>
      <div className="tt-head no-print" style={{ flexWrap: 'wrap' }}>
        <Segmented
          aria-label="What to see"
          value={view}
          onChange={(value) => put(value as View)}
          options={[...views]}
        />
        {day?.day.mode === 'rehearsal' && (view === 'leftovers' || view === 'happened') && (
          <span className="rehearsal">of the rehearsal; the day itself begins anew</span>
        )}
        {day && !day.online && (
          <span className="offline" role="status">
            no connection{day.unsent > 0 ? `, ${day.unsent} kept here` : ''}
          </span>
        )}
        {day?.refused && (
          <span className="fault" role="alert">
            Not noted. {day.refused}
          </span>
        )}
      </div>
      <main className="page after-page">
        {view === 'again' ? (
          <AgainForm occasion={occasion} />
        ) : view === 'times' ? (
          <LearnedTimes only={recipes} />
        ) : day === undefined ? (
          <p className="soft">Looking at the day …</p>
        ) : day === null ? (
          <>
            <h2>The day has not been yet</h2>
            <p className="soft">
              Once it is begun on the Cook page, what is ready, left over and measured is kept here, and what it took.
            </p>
          </>
        ) : view === 'happened' ? (
          <WhatHappened day={day.day} begun={begun} events={day.events} nowMin={day.nowMin} onNote={day.note} />
        ) : (
          <Leftovers day={day.day} begun={begun} events={day.events} nowMin={day.nowMin} onNote={day.note} />
        )}
      </main>
    </>
  );
}
