import { Button, Segmented } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { clockTime, dayWords, runSheet, type RunSheetEntry } from '@lupin/core';
import { problemWords, useTickMutation, useTicksQuery } from '../../app/api.ts';
import { useOccasionView } from '../occasions/context.ts';
import { useUnits } from '../../shared/units.ts';
import { NowCard } from './NowCard.tsx';
import { PrintSheet } from './PrintSheet.tsx';

export function CookPage() {
  const { occasion, table, plan: state, planIsCurrent, stopPlanning } = useOccasionView();
  const plan = planIsCurrent ? state?.plan : undefined;
  const entries = useMemo(() => (plan ? runSheet(occasion, plan, table) : []), [occasion, plan, table]);
  const { data: ticks = [] } = useTicksQuery(occasion.id);
  const [tick, ticking] = useTickMutation();
  const [who, setWho] = useState('all');
  const mine = entries.filter((entry) => who === 'all' || !doer(entry) || doer(entry) === who);
  // A step ticked in an earlier plan stays done; a wash belongs to the plan that asked for it.
  const done = useMemo(() => new Set(ticks.filter((each) => each.basis === plan?.basis || !/^(wash|oven)-/.test(each.task)).map((each) => each.task)), [ticks, plan]);
  const now = mine.find((entry) => !done.has(entry.id));
  const set = (entry: RunSheetEntry, isDone: boolean) => { if (plan) void tick({ id: occasion.id, basis: plan.basis, task: entry.id, done: isDone }); };
  const lastDone = mine.findLast((entry) => done.has(entry.id));

  if (!plan) {
    return <main className="page"><h2>{state?.status === 'none' ? 'There is no plan to cook from' : 'The plan is being made'}</h2><p className="soft">{state?.reason ? `${state.reason.what} ${state.reason.why}` : 'This takes a moment. The run sheet appears here by itself.'}</p></main>;
  }
  if (state?.status === 'looking') {
    // Ticking a sheet that may still change under the hand would be worse than waiting.
    return (
      <main className="page">
        <h2>The plan is still getting better</h2>
        <p className="soft" style={{ margin: '6px 0 14px' }}>A first one is there, audited. In a few seconds it settles, and then it stays as it is.</p>
        <Button type="primary" size="large" onClick={stopPlanning}>Cook from this one now</Button>
      </main>
    );
  }
  return (
    <>
      <div className="tt-head no-print" style={{ paddingBottom: 6 }}>
        <Segmented aria-label="Whose list" value={who} onChange={(value) => setWho(String(value))} options={[{ value: 'all', label: 'everybody' }, ...occasion.kitchen.cooks.map((cook) => ({ value: cook.id as string, label: cook.name }))]} />
        <span className="soft">{mine.filter((entry) => done.has(entry.id)).length} of {mine.length} done</span>
        <Button size="small" style={{ marginLeft: 'auto' }} onClick={() => window.print()}>Print the run sheet</Button>
      </div>
      {ticking.error && <p className="fault page" role="alert">Not ticked. {problemWords(ticking.error)}</p>}
      <div className="cook screen-only">
        <NowCard occasion={occasion} entry={now} onDone={() => { if (now) set(now, true); }} onBack={lastDone ? () => set(lastDone, false) : undefined} />
        <RunList occasion={occasion} entries={mine} done={done} now={now} onTick={set} />
      </div>
      <PrintSheet occasion={occasion} entries={mine} />
    </>
  );
}

/** Who does it, or sets it going. */
const doer = (entry: RunSheetEntry) => entry.cook ?? (entry.kind === 'step' ? entry.setBy : undefined);

interface RunListProps {
  readonly occasion: ReturnType<typeof useOccasionView>['occasion'];
  readonly entries: readonly RunSheetEntry[];
  readonly done: ReadonlySet<string>;
  readonly now: RunSheetEntry | undefined;
  readonly onTick: (entry: RunSheetEntry, done: boolean) => void;
}

function RunList({ occasion, entries, done, now, onTick }: RunListProps) {
  const current = useRef<HTMLLIElement>(null);
  useEffect(() => { if (window.innerWidth > 900) current.current?.scrollIntoView({ block: 'center' }); }, [now?.id]);
  const cook = (id: string | undefined) => occasion.kitchen.cooks.find((each) => each.id === id)?.name;
  let day = '?';
  return (
    <nav className="sheet" aria-label="Run sheet">
      <ol>
        {entries.map((entry) => {
          const words = dayWords(occasion.serveAt, entry.startMin);
          const head = words !== day ? <div className="day">{words ? words.charAt(0).toUpperCase() + words.slice(1) : 'On the day'}</div> : null;
          day = words;
          const isDone = done.has(entry.id);
          return (
            <li key={entry.id} ref={entry === now ? current : undefined}>
              {head}
              <div className={`entry ${isDone ? 'done' : ''} ${entry === now ? 'now' : ''} ${entry.kind === 'wash' ? 'washing' : ''}`}>
                <span className="time">{clockTime(occasion.serveAt, entry.startMin)}</span>
                <span className="what">{entry.title}{entry.kind === 'oven' && <OvenTo celsius={entry.dialC} />}{'dishName' in entry && entry.kind === 'step' && <span className="soft small"><br />{entry.dishName}{entry.versionName && `, ${entry.versionName}`}{cook(doer(entry)) && ` · ${cook(doer(entry))}`}</span>}</span>
                <button type="button" className="tick" role="checkbox" aria-checked={isDone} aria-label={`${entry.title}, ${clockTime(occasion.serveAt, entry.startMin)}`} onClick={() => onTick(entry, !isDone)}>{isDone ? '✓' : ''}</button>
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
