import { useEffect } from 'react';
import { Link } from 'react-router';
import { problemWords, useDayQuery, useJoinedQuery } from '../../app/api.ts';
import { Bench } from '../cook/Bench.tsx';
import { useDay } from '../cook/useDay.ts';

/** The bench as a joined device has it: the day it has joined, and nothing else. */
export function JoinedBench() {
  const { data, error, refetch, isUninitialized } = useJoinedQuery();
  const status = (error as { status?: number | string } | undefined)?.status;
  useEffect(() => {
    // Until the host's machine answers again, it is asked again.
    if (status !== 'FETCH_ERROR' || isUninitialized) return undefined;
    const timer = setInterval(() => void refetch(), 3000);
    return () => clearInterval(timer);
  }, [status, isUninitialized, refetch]);
  if (data) return <JoinedDay occasion={data.occasion} role={data.role} name={data.name} />;
  if (status === 401)
    return (
      <main className="page join">
        <h1>This device is not in the kitchen</h1>
        <p>It has not joined yet, or the host has taken it out.</p>
        <p>
          <Link to="/join">Join with a code</Link>
        </p>
      </main>
    );
  return (
    <main className="page join">
      {error ? (
        <p className="fault" role="alert">
          {problemWords(error)} It is asked again every few seconds.
        </p>
      ) : (
        <p className="soft">Looking for the kitchen …</p>
      )}
    </main>
  );
}

function JoinedDay({ occasion, role, name }: { occasion: string; role: 'helper' | 'reader'; name: string }) {
  const day = useDay(occasion);
  // A day that is not begun yet, or over, makes way for the next by itself.
  useDayQuery(occasion, { pollingInterval: day && !day.day.ended ? 0 : 5000 });
  if (day && !day.day.ended)
    return (
      <div className="shell joined">
        <Bench day={day} rights={role} />
      </div>
    );
  return (
    <main className="page join">
      <h1>{day ? 'The day is over' : day === null ? 'The day is not begun yet' : 'Looking at the day …'}</h1>
      <p className="soft">
        {name} is in the kitchen. {day ? 'Thank you for helping.' : 'Once the host begins it, it opens here by itself.'}
      </p>
    </main>
  );
}
