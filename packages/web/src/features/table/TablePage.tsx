import { Button, Segmented, Select, Switch } from 'antd';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { fit, regions, setTable } from '@lupin/core';
import { useDayQuery } from '../../app/api.ts';
import { useOccasionView } from '../occasions/context.ts';
import { Cards } from './Cards.tsx';
import { Emergency } from './Emergency.tsx';
import { GuestByGuest } from './GuestByGuest.tsx';
import { Serving } from './Serving.tsx';

const views = [
  { value: 'serving', label: 'serving' },
  { value: 'cards', label: 'dish cards' },
  { value: 'guests', label: 'guest by guest' },
  { value: 'emergency', label: 'emergency' },
] as const;
type View = (typeof views)[number]['value'];

/** The table set safely: what goes out when and stands apart from what, cards for the dishes, a sheet for the host, and one for the wall. */
export function TablePage() {
  const here = useOccasionView();
  const [query, setQuery] = useSearchParams();
  const { data: day } = useDayQuery(here.occasion.id);
  // On the day the table is what the day has made of it; a rehearsal changes nothing.
  const running = day?.mode === 'day' ? day : undefined;
  const occasion = running?.occasion ?? here.occasion;
  const plan = running?.plan ?? (here.planIsCurrent ? here.plan?.plan : undefined);
  const table = useMemo(() => (running ? fit(running.occasion) : here.table), [running, here.table]);
  const courses = useMemo(() => setTable(occasion, plan, table), [occasion, plan, table]);
  const view = (query.get('view') ?? 'serving') as View;
  const put = (key: string, value: string) =>
    setQuery(
      (now) => {
        const next = new URLSearchParams(now);
        next.set(key, value);
        return next;
      },
      { replace: true },
    );
  const region = regions.find((each) => each.id === query.get('region')) ?? regions[0]!;
  const named = query.get('named') === 'yes';
  const large = query.get('large') === 'yes';
  if (occasion.dishes.length === 0)
    return (
      <main className="page">
        <h2>Nothing to serve yet</h2>
        <p className="soft">Put dishes on the menu; the order of serving, cards and sheets follow from it.</p>
      </main>
    );
  return (
    <>
      <div className="tt-head no-print" style={{ flexWrap: 'wrap' }}>
        <Segmented
          aria-label="What to see"
          value={view}
          onChange={(value) => put('view', String(value))}
          options={[...views]}
        />
        {view === 'cards' && (
          <>
            <label className="row soft">
              declared as in{' '}
              <Select
                size="small"
                aria-label="Region"
                value={region.id}
                style={{ minWidth: 150 }}
                onChange={(value) => put('region', value)}
                options={regions.map((each) => ({ value: each.id, label: each.name }))}
              />
            </label>
            <label className="row soft">
              <Switch
                size="small"
                checked={named}
                aria-label="Names of guests on the cards"
                onChange={(on) => put('named', on ? 'yes' : 'no')}
              />{' '}
              name the guests
            </label>
            <label className="row soft">
              paper{' '}
              <Select
                size="small"
                aria-label="Card size"
                value={query.get('paper') ?? 'a6'}
                style={{ width: 110 }}
                onChange={(value) => put('paper', value)}
                options={[
                  { value: 'a6', label: 'A6' },
                  { value: 'a5', label: 'A5' },
                  { value: 'letter', label: '¼ US letter' },
                ]}
              />
            </label>
          </>
        )}
        <label className="row soft">
          <Switch
            size="small"
            checked={large}
            aria-label="Large print"
            onChange={(on) => put('large', on ? 'yes' : 'no')}
          />{' '}
          large print
        </label>
        <Button size="small" style={{ marginLeft: 'auto' }} onClick={() => window.print()}>
          Print
        </Button>
      </div>
      <main className={`page table-page ${large ? 'large' : ''}`}>
        {view === 'serving' && <Serving occasion={occasion} courses={courses} />}
        {view === 'cards' && (
          <Cards
            occasion={occasion}
            courses={courses}
            region={region}
            named={named}
            paper={query.get('paper') ?? 'a6'}
          />
        )}
        {view === 'guests' && <GuestByGuest occasion={occasion} table={table} />}
        {view === 'emergency' && <Emergency occasion={occasion} />}
      </main>
    </>
  );
}
