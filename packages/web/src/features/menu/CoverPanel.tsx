import { InputNumber } from 'antd';
import { coverGaps, type CoverGap } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';
import type { Spot } from './MenuPage.tsx';

/** Whoever would sit before too little, and how much is enough in each course. */
export function CoverPanel({ onSpot }: { onSpot: (spot: Spot) => void }) {
  const { occasion, table, edit } = useOccasionView();
  const gaps = coverGaps(occasion, table);
  const name = (id: string) => occasion.guests.find((guest) => guest.id === id)?.name ?? id;
  const setEnough = (course: string, enough: number) =>
    edit((one) => ({ ...one, courses: one.courses.map((each) => (each.id === course ? { ...each, enough } : each)) }));
  const short = gaps.filter((gap) => gap.state === 'short');
  const open = gaps.filter((gap) => gap.state === 'open');
  return (
    <section aria-label="Is it enough for everybody">
      <h3>Is it enough for everybody?</h3>
      {occasion.guests.length > 0 && occasion.dishes.length > 0 && gaps.length === 0 && (
        <p className="small">Everybody has enough that is clear in every course.</p>
      )}
      <ul className="questions">
        {occasion.courses.map((course) => {
          const some = short.filter((gap) => gap.course === course.id);
          return (
            some.length > 0 && (
              <li key={`short-${course.id}`} className="q-contradiction">
                {course.name}:{' '}
                <Names gaps={some} name={name} onSpot={onSpot} amount={(gap) => `${gap.hoped} of ${gap.enough}`} />,
                even if every check turns out well.
              </li>
            )
          );
        })}
        {occasion.courses.map((course) => {
          const some = open.filter((gap) => gap.course === course.id);
          return (
            some.length > 0 && (
              <li key={course.id}>
                {course.name}:{' '}
                <Names gaps={some} name={name} onSpot={onSpot} amount={(gap) => `${gap.clear} of ${gap.enough}`} />{' '}
                until the checks are settled.
              </li>
            )
          );
        })}
      </ul>
      <div className="row small" style={{ gap: '4px 14px', marginTop: 6 }}>
        <span className="soft">Enough is</span>
        {occasion.courses.map((course) => (
          <label key={course.id} className="row" style={{ gap: 4 }}>
            {course.name.toLowerCase()}{' '}
            <InputNumber
              size="small"
              min={0}
              max={10}
              precision={0}
              value={course.enough}
              style={{ width: 52 }}
              aria-label={`Enough ${course.name}`}
              onChange={(value) => {
                if (value !== null) setEnough(course.id, value);
              }}
            />
          </label>
        ))}
      </div>
    </section>
  );
}

function Names({
  gaps,
  name,
  amount,
  onSpot,
}: {
  gaps: readonly CoverGap[];
  name: (id: string) => string;
  amount: (gap: CoverGap) => string;
  onSpot: (spot: Spot) => void;
}) {
  return gaps.map((gap, index) => (
    <span key={gap.guest}>
      {index > 0 && ', '}
      <button type="button" className="bare" style={{ fontWeight: 650 }} onClick={() => onSpot({ guest: gap.guest })}>
        {name(gap.guest)}
      </button>{' '}
      {amount(gap)}
    </span>
  ));
}
