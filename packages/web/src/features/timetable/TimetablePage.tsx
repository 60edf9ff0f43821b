import { Button, Progress, Segmented } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { clockTime, dayWords, planFigures, runSheet, span, tasksOf } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';
import { AuditPanel } from './AuditPanel.tsx';
import { CalendarButton } from './CalendarButton.tsx';
import { Detail } from './Detail.tsx';
import { NoPlanFound } from './NoPlanFound.tsx';
import { PlanAgain } from './PlanAgain.tsx';
import { KitchenPanel } from './KitchenPanel.tsx';
import { Lanes, type Shown } from './Lanes.tsx';
import { stretches, type Stretch } from './layout.ts';
import { pinned } from './pins.ts';
import { SheetTable } from './SheetTable.tsx';
import { inHundred } from './sureChart.ts';
import { SurePanel } from './SurePanel.tsx';
import { useChances } from './useChances.ts';
import { WhatIfPanel } from './WhatIfPanel.tsx';

export function TimetablePage() {
  const { occasion, edit, table, plan: state, planIsCurrent, stopPlanning, planAgain, offerPlan } = useOccasionView();
  const [view, setView] = useState('');
  const [shown, setShown] = useState<Shown>({ grouping: 'cook', allKit: false });
  const [selected, setSelected] = useState<string>();
  const plan = planIsCurrent ? state?.plan : undefined;
  const entries = useMemo(() => (plan ? runSheet(occasion, plan, table) : []), [occasion, plan, table]);
  const figures = useMemo(() => (plan ? planFigures(occasion, plan) : undefined), [occasion, plan]);
  const network = useMemo(() => tasksOf(occasion, table), [occasion, table]);
  const chances = useChances(occasion, state?.status === 'looking' ? undefined : plan, view === 'sure');
  const fresh = useMemo(
    () => (plan && state?.audit ? { occasion, plan, network, entries, audit: state.audit } : undefined),
    [occasion, plan, network, entries, state?.audit],
  );
  const lastShown = useRef(fresh);
  if (fresh) lastShown.current = fresh;
  // While a change is planned the lanes before it stay where they were, out of reach: nothing jumps, and nothing old can be taken for new.
  const before =
    !fresh && !planIsCurrent && lastShown.current?.occasion.id === occasion.id ? lastShown.current : undefined;
  const seen = fresh ?? before;
  const parts = useMemo(
    () => stretches((seen?.entries ?? []).filter((entry) => entry.cook || entry.kind === 'oven')),
    [seen],
  );

  if (occasion.dishes.length === 0)
    return (
      <>
        <main className="page" style={{ paddingBottom: 0, flex: 'none' }}>
          <h2>Nothing to put in order yet</h2>
          <p className="soft">
            The timetable follows from the menu: put dishes on it first. What it rests on besides stands here.
          </p>
        </main>
        <KitchenPanel />
      </>
    );
  const looking = !planIsCurrent || state?.status === 'looking';
  const main = parts.reduce<Stretch | undefined>(
    (longest, part) => (!longest || part.toMin - part.fromMin > longest.toMin - longest.fromMin ? part : longest),
    undefined,
  );
  // By its turn and not by its minutes: a better plan begins at another minute, and whoever looks at the day before stays there.
  const keyOf = (part: Stretch): string => `part${parts.indexOf(part) - (main ? parts.indexOf(main) : 0)}`;
  const options = [
    ...parts.map((part) => ({
      value: keyOf(part),
      label:
        part === main
          ? 'the day'
          : dayWords(occasion.serveAt, part.fromMin) || `from ${clockTime(occasion.serveAt, part.fromMin)}`,
    })),
    ...(seen && parts.length > 1 ? [{ value: 'all', label: 'all of it' }] : []),
    ...(seen
      ? [
          { value: 'last', label: 'last three hours' },
          { value: 'half', label: 'last half hour' },
          { value: 'table', label: 'as a table' },
          { value: 'sure', label: 'how sure' },
          { value: 'whatif', label: 'what if' },
        ]
      : []),
    { value: 'kitchen', label: 'kitchen and cooks' },
  ];
  const current = options.some((option) => option.value === view) ? view : main ? keyOf(main) : '';
  const last = Math.max(...occasion.courses.map((course) => course.offsetMin));
  const whole: Stretch = {
    fromMin: Math.min(...parts.map((part) => part.fromMin)),
    toMin: Math.max(...parts.map((part) => part.toMin)),
  };
  const jumps: Readonly<Record<string, Stretch>> = {
    all: whole,
    last: { fromMin: -180, toMin: last },
    half: { fromMin: -30, toMin: 5 },
  };
  const shownPart = jumps[current] ?? parts.find((part) => keyOf(part) === current) ?? { fromMin: -240, toMin: 0 };
  const onClock = current in jumps || parts.some((part) => keyOf(part) === current);
  const words =
    plan && figures
      ? `${span(figures.spanMin)}${figures.aheadMin > 0 ? ` and ${span(figures.aheadMin)} on days before` : ''}, no plan under ${span(plan.lowerBoundMin)} · ${figures.washes} washes${chances?.summary ? ` · in time ${inHundred(chances.summary.allOnTime)}` : ''}`
      : '';
  return (
    <>
      <div className="tt-head no-print">
        <Segmented
          aria-label="View"
          value={current}
          options={options}
          onChange={(value) => setView(view === value && value === 'kitchen' ? '' : String(value))}
        />
        {looking && (
          <span className="row">
            <Progress
              aria-label="Looking for a plan"
              type="circle"
              size={22}
              percent={Math.round((state?.share ?? 0) * 100)}
              showInfo={false}
            />{' '}
            {plan ? 'looking for a calmer one' : 'looking for a first plan'}{' '}
            {planIsCurrent && (
              <Button size="small" onClick={stopPlanning}>
                Stop here
              </Button>
            )}
          </span>
        )}
        {!looking && (
          <span className="row">
            <PlanAgain onPlan={planAgain} />
            {plan && <CalendarButton occasion={occasion} />}
          </span>
        )}
        {!onClock && (
          <span style={{ marginLeft: 'auto' }} className="soft">
            {words}
          </span>
        )}
      </div>
      {current === 'kitchen' && <KitchenPanel />}
      {current !== 'kitchen' && planIsCurrent && state?.status === 'none' && state.reason && (
        <NoPlanFound reason={state.reason} />
      )}
      {current !== 'kitchen' && onClock && before && (
        <div className="tt-before" inert>
          <p className="tt-before-words">before your change; it is being planned anew</p>
          <Lanes
            key={current}
            {...before}
            part={shownPart}
            selected={undefined}
            onSelect={() => undefined}
            figures=""
            shown={shown}
            onShow={() => undefined}
            onMove={() => undefined}
          />
        </div>
      )}
      {current !== 'kitchen' && plan && state?.audit && (
        <>
          {current === 'sure' && (
            <SurePanel
              occasion={occasion}
              network={network}
              chances={chances}
              onChange={edit}
              onOffer={offerPlan}
              onShow={(task) => {
                setSelected(task);
                setView(main ? keyOf(main) : '');
              }}
            />
          )}
          {current === 'whatif' && (
            <WhatIfPanel
              occasion={occasion}
              plan={plan}
              allOnTime={chances?.summary?.allOnTime}
              onChange={edit}
              onOffer={offerPlan}
            />
          )}
          {current === 'table' && (
            <div className="page">
              <SheetTable entries={entries} />
            </div>
          )}
          {onClock && (
            <Lanes
              key={current}
              occasion={occasion}
              plan={plan}
              network={network}
              entries={entries}
              audit={state.audit}
              part={shownPart}
              selected={selected}
              onSelect={setSelected}
              figures={words}
              shown={shown}
              onShow={setShown}
              onMove={(task, part) => {
                setSelected(task);
                edit((one) => pinned(one, task, part));
              }}
            />
          )}
          {(onClock || current === 'table') && (
            <div className="tt-dock">
              <Detail
                occasion={occasion}
                plan={plan}
                table={table}
                network={network}
                entry={entries.find((entry) => entry.id === selected)}
                entries={entries}
                onChange={edit}
              />
            </div>
          )}
          {(onClock || current === 'table') && (
            <div className="tt-audit">
              <AuditPanel audit={state.audit} network={network} />
            </div>
          )}
        </>
      )}
    </>
  );
}
