import { Button, Popconfirm, Segmented, Switch } from 'antd';
import { useCallback, useEffect, useMemo, useState } from 'react';
import {
  clockTime,
  dayWords,
  doorShutFor,
  fit,
  happened,
  judgeDay,
  listed,
  lostByBeginning,
  progressOf,
  rules,
  runSheet,
  span,
  standingOf,
  timersOf,
  withNeedsOf,
  type DeviceFault,
  type WashItem,
  type Happening,
  type Mend,
  type PlannedStep,
  type PlannedWash,
  type RunSheetEntry,
  type StepEntry,
  kitchenOf,
  tasksOf,
  type TaskId,
} from '@lupin/core';
import { editOccasion } from '../../app/editing.ts';
import { useAppDispatch } from '../../app/store.ts';
import { problemWords, useEndDayMutation, useMendDayMutation, useSetClockMutation } from '../../app/api.ts';
import { dishVersionName, StandingTable } from '../after/StandingTable.tsx';
import { comingUp, doer, doneOf, washBefore } from './entries.ts';
import { AccountPanel } from './AccountPanel.tsx';
import { DevicePanel } from './DevicePanel.tsx';
import { ovenHint } from './deviceWords.ts';
import { MendPanel } from './MendPanel.tsx';
import { NowCard } from './NowCard.tsx';
import { PrintSheet } from './PrintSheet.tsx';
import { RunList } from './RunList.tsx';
import { SlipPanel } from './SlipPanel.tsx';
import { TimerBar, type NamedTimer } from './TimerBar.tsx';
import { newId } from '../../shared/newId.ts';
import { useUnits } from '../../shared/units.ts';
import { useRevealOnPhone } from '../../shared/useRevealOnPhone.ts';
import { useAwake } from './useAwake.ts';
import type { Day } from './useDay.ts';
import { useDevices } from './useDevices.ts';
import { useMend } from './useMend.ts';
import { usePlays } from './usePlays.ts';

/** So many minutes behind, the day offers to be mended. */
const behindMin = 10;
/** So many minutes before food has stood for too long, the day says so. */
const warnsMin = 20;

export type Rights = 'host' | 'helper' | 'reader';

/** The day at the bench: one thing at a time, the timers, and what to do when it goes otherwise. */
export function Bench({
  day: { day, events, nowMin, unsent, online, note: noteAll, noteAt, refused },
  rights = 'host',
  onDevices,
}: {
  day: Day;
  rights?: Rights;
  onDevices?: () => void;
}) {
  const isHost = rights === 'host';
  const readOnly = rights === 'reader';
  const note = useCallback(
    (...what: readonly Happening[]) => {
      if (!readOnly) noteAll(...what);
    },
    [readOnly, noteAll],
  );
  const { occasion, plan } = day;
  const table = useMemo(() => fit(occasion), [occasion]);
  const entries = useMemo(() => runSheet(occasion, plan, table), [occasion, plan, table]);
  const progress = useMemo(() => progressOf(events), [events]);
  const done = useMemo(() => doneOf(entries, plan, progress), [entries, plan, progress]);
  const units = useUnits();
  const dispatch = useAppDispatch();
  const [who, setWho] = useState('all');
  const [picked, setPicked] = useState<string>();
  // What was chosen in the list below the card is to be seen.
  const card = useRevealOnPhone<HTMLDivElement>(picked);
  const [slipping, setSlipping] = useState(false);
  const [standingOpen, setStandingOpen] = useState(false);
  const [sound, setSound] = useState(false);
  const mend = useMend();
  const [keepMend, mending] = useMendDayMutation();
  const [setClock] = useSetClockMutation();
  const [end] = useEndDayMutation();
  useAwake();
  const [plays, setPlays] = useState(false);
  const devices = useDevices(occasion.id, day.day);
  usePlays(plays, { occasion, plan, progress, nowMin, devices, noteAt });
  useEffect(() => {
    setPicked(undefined);
  }, [day.version]);

  const steps = useMemo(
    () =>
      new Map(entries.flatMap((entry): [string, StepEntry][] => (entry.kind === 'step' ? [[entry.id, entry]] : []))),
    [entries],
  );
  const minute = Math.floor(nowMin);
  // Timers change by the second; which of them run changes by the minute.
  const timers = useMemo(
    () =>
      timersOf(plan, (id) => steps.get(id)?.leastMin, progress, minute).map((timer): NamedTimer => {
        const step = timer.step === undefined ? undefined : steps.get(timer.step);
        return {
          ...timer,
          title: step ? step.dishName : timer.name,
          name: step ? (timer.name === '' ? step.title : timer.name) : '',
          where: step?.oven
            ? [step.oven.name, step.oven.rack].filter(Boolean).join(', ')
            : (step?.kit[0]?.toLowerCase() ?? ''),
        };
      }),
    [plan, steps, progress, minute],
  );
  const mine = entries.filter((entry) => who === 'all' || !doer(entry) || doer(entry) === who);
  const coming = comingUp(mine, done, timers);
  const now =
    (picked === undefined ? undefined : entries.find((entry) => entry.id === picked && !done.has(entry.id))) ??
    coming[0];
  const next = coming.find((entry) => entry.id !== now?.id);
  const wash =
    now?.kind === 'wash'
      ? plan.tasks.find((task): task is PlannedWash => task.kind === 'wash' && task.id === now.id)
      : undefined;
  const from = useMemo(
    () => ({ occasion, standpoint: happened(plan, progress, minute) }),
    [occasion, plan, progress, minute],
  );
  const skippedWashes = useMemo(
    () => new Set([...progress.washes].flatMap(([id, wash]) => (wash.skipped.length > 0 ? [id] : []))),
    [progress],
  );
  const kitchen = useMemo(
    () => kitchenOf(occasion, tasksOf(occasion, table, plan.batches), from.standpoint),
    [occasion, plan.batches, table, from],
  );
  const judged = useMemo(() => judgeDay(from.occasion, from.standpoint), [from]);
  const standing = useMemo(
    () => standingOf(occasion, plan, progress, minute, table),
    [occasion, plan, progress, minute, table],
  );
  const tooLong = standing.filter(
    (food) =>
      food.keepsOutDays === undefined &&
      minute - food.sinceMin > rules.standsMostMin - warnsMin &&
      !progress.leftovers.some((box) => box.dish === food.dish && box.version === food.version),
  );
  const lastDone = mine
    .filter((entry) => progress.ticked.has(entry.id))
    .sort((a, b) => progress.ticked.get(b.id)!.atMin - progress.ticked.get(a.id)!.atMin)[0];
  const dueMin = Math.round(timers.find((timer) => timer.id === now?.id)?.dueMin ?? now?.startMin ?? 0);
  // What goes by itself is behind once it should have been set going.
  const behind =
    now && now.kind !== 'look'
      ? Math.round(nowMin - (now.kind === 'step' && now.hands === 'off' ? now.startMin : now.endMin))
      : 0;
  const ovenTrouble = devices.find(
    (each) => each.kind === 'cavity' && each.silentSinceMin === null && each.setC !== null && each.thereInMin === null,
  );

  // What the next thing would cost if it were begun now: looked at once its time has come.
  const dueNow = now?.kind === 'step' && dueMin <= minute + 2 ? now.id : undefined;
  const costs = useMemo(
    () => (dueNow === undefined ? [] : lostByBeginning(from.occasion, from.standpoint, dueNow)),
    [from, dueNow],
  );
  const clock = (moment: number) => clockTime(occasion.serveAt, Math.round(moment));
  const goesIn =
    now?.kind === 'step' && now.oven
      ? plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.id === now.id)
      : undefined;
  const hint =
    goesIn && now?.kind === 'step' && now.oven
      ? ovenHint(goesIn, now.oven.dialC, devices, units.degrees, clock)
      : undefined;
  const core = coreOf(now, steps);
  const probe = devices.find((each) => each.kind === 'probe' && core !== undefined && each.task === core.entry);
  const falls = (task: TaskId) =>
    entries.find((entry): entry is StepEntry => entry.id === task)?.dishName ?? 'what is in it';
  const door = now && dueMin <= minute + 2 ? doorShutFor(now, plan, kitchen) : undefined;
  const failing = useMemo(
    () =>
      new Map(
        [...new Map(progress.faults.map((each) => [each.device, each.fault]))].filter(
          (each): each is [string, DeviceFault] => each[1] !== null,
        ),
      ),
    [progress],
  );

  const tick = (entry: RunSheetEntry, isDone: boolean) => {
    if (!isDone) {
      if (entry.kind === 'wash')
        note(
          ...[...(progress.washes.get(entry.id)?.clean.keys() ?? [])].map((item) => ({
            kind: 'unclean' as const,
            wash: entry.id,
            item,
          })),
        );
      else note({ kind: 'untick', entry: entry.id });
      return;
    }
    const wash = washBefore(entry, plan, progress);
    if (entry.kind === 'wash' || (wash && wash.id !== entry.id)) setPicked(wash?.id ?? entry.id);
    else {
      note({ kind: 'tick', entry: entry.id });
      setPicked(undefined);
    }
  };
  const clean = (items: readonly WashItem[], isClean: boolean) => {
    if (wash)
      note(
        ...items.map((item) => ({ kind: isClean ? ('clean' as const) : ('unclean' as const), wash: wash.id, item })),
      );
  };
  const longer = (minutes: number) => {
    const entry = now?.kind === 'look' ? now.of : now?.id;
    // Of what is in hand it is so many minutes from now; of what goes by itself, from when it was to be ready.
    if (entry !== undefined)
      note({
        kind: 'until',
        entry,
        atMin: (timers.find((timer) => timer.step === entry && timer.kind !== 'look')?.dueMin ?? nowMin) + minutes,
      });
    setSlipping(false);
  };
  const take = (chosen: Mend) => {
    keepMend({
      id: occasion.id,
      day: day.day,
      baseVersion: day.version,
      again: chosen.again,
      occasion: chosen.occasion,
      plan: chosen.plan,
      words: `${mend.state?.what ?? ''}. ${chosen.words}`,
    })
      .unwrap()
      .then(() => {
        // What a guest turned out to need on a real day outlasts it; of a rehearsal nothing stays.
        if (day.mode === 'day' && withNeedsOf(occasion, chosen.occasion) !== occasion)
          dispatch(editOccasion(occasion.id, (one) => withNeedsOf(one, chosen.occasion)));
        mend.close();
        setSlipping(false);
      })
      .catch(() => undefined);
  };
  const nameOf = (guest: string) => occasion.guests.find((each) => each.id === guest)?.name ?? guest;
  const dishOf = (dish: string) =>
    occasion.recipes.find((each) => each.id === occasion.dishes.find((one) => one.id === dish)?.recipe)?.name ?? dish;
  const plates = (list: readonly { guest: string; dish: string }[]) => {
    const dishes = [...new Set(list.map((plate) => dishOf(plate.dish)))];
    const guests = [...new Set(list.map((plate) => nameOf(plate.guest)))];
    return `${dishes.length > 4 ? `${dishes.length} dishes (${dishes.slice(0, 3).join(', ')} …)` : listed(dishes)}, for ${guests.length === occasion.guests.length ? 'everybody' : listed(guests)}`;
  };

  return (
    <>
      <div className="tt-head no-print bench-head">
        <strong className="bench-clock" aria-label="Time of the day">
          {clockTime(occasion.serveAt, minute)}
        </strong>
        {dayWords(occasion.serveAt, minute) && <span className="soft">{dayWords(occasion.serveAt, minute)}</span>}
        {day.mode === 'rehearsal' && !isHost && <span className="rehearsal">rehearsal</span>}
        {day.mode === 'rehearsal' && isHost && (
          <span className="rehearsal">
            rehearsal{' '}
            <Segmented
              size="small"
              aria-label="How fast"
              value={day.clock.speed}
              onChange={(speed) => void setClock({ id: occasion.id, speed: Number(speed) })}
              options={[
                { value: 0, label: 'stop' },
                { value: 1, label: '×1' },
                { value: 10, label: '×10' },
                { value: 60, label: '×60' },
                { value: 120, label: '×120' },
              ]}
            />
            <label className="row soft">
              <Switch size="small" checked={plays} onChange={setPlays} aria-label="Plays by itself" /> by itself
            </label>
            <Button
              size="small"
              disabled={!now || now.startMin <= nowMin}
              onClick={() => {
                if (now) void setClock({ id: occasion.id, speed: day.clock.speed, nowMin: now.startMin });
              }}
            >
              to the next thing
            </Button>
          </span>
        )}
        <Segmented
          aria-label="Whose list"
          value={who}
          onChange={(value) => setWho(String(value))}
          options={[
            { value: 'all', label: 'everybody' },
            ...occasion.kitchen.cooks.map((cook) => ({ value: cook.id as string, label: cook.name })),
          ]}
        />
        <span className="soft">
          {mine.filter((entry) => done.has(entry.id)).length} of {mine.length} done
        </span>
        <span role="status" className={online && unsent === 0 ? 'soft' : 'offline'}>
          {!online ? `no connection${unsent > 0 ? `, ${unsent} kept here` : ''}` : unsent > 0 ? 'sending' : 'kept'}
        </span>
        <label className="row soft">
          <Switch size="small" checked={sound} onChange={setSound} aria-label="Sound" /> sound
        </label>
        <span className="row" style={{ marginLeft: 'auto', flexWrap: 'nowrap' }}>
          {standing.length > 0 && (
            <Button size="small" onClick={() => setStandingOpen(!standingOpen)}>
              Standing ({standing.length})
            </Button>
          )}
          <Button size="small" onClick={() => window.print()}>
            Print
          </Button>
          {onDevices && (
            <Button size="small" onClick={onDevices}>
              Devices
            </Button>
          )}
          {isHost && (
            <Popconfirm
              title={
                day.mode === 'rehearsal' ? 'End the rehearsal?' : 'Is the day over? Nothing can be ticked afterwards.'
              }
              okText="End it"
              cancelText="Go on"
              onConfirm={() => void end(occasion.id)}
            >
              <Button size="small">End the {day.mode === 'rehearsal' ? 'rehearsal' : 'day'}</Button>
            </Popconfirm>
          )}
        </span>
      </div>
      {refused && (
        <p className="fault page" role="alert">
          Not noted. {refused}
        </p>
      )}
      {judged.lost.length > 0 && (
        <p className="plates-lost" role="alert">
          Not clear any more: <strong>{plates(judged.lost)}</strong>. {sentence(judged.lost[0]!.why)}{' '}
          {isHost ? (
            <button type="button" className="big-button" onClick={() => mend.ask('A plate is lost', from)}>
              Mend the day
            </button>
          ) : (
            'Tell the host.'
          )}
        </p>
      )}
      {judged.lost.length === 0 && judged.ahead.length > 0 && skippedWashes.size > 0 && (
        <p className="plates-lost" role="alert">
          If you go on like this, not clear any more: <strong>{plates(judged.ahead)}</strong>.{' '}
          {sentence(judged.ahead[0]!.why)}{' '}
          {isHost ? (
            <button type="button" className="big-button" onClick={() => mend.ask('A wash was skipped', from)}>
              Wash it after all
            </button>
          ) : (
            'Tell the host.'
          )}
        </p>
      )}
      {tooLong.length > 0 && !standingOpen && (
        <p className="standing-soon" role="alert">
          <strong>{dishVersionName(occasion, tooLong[0]!.dish, tooLong[0]!.version)}</strong>
          {tooLong.length > 1 && ` and ${tooLong.length - 1} more`}: ready for{' '}
          {span(Math.max(0, minute - tooLong[0]!.sinceMin))}.{' '}
          {minute - tooLong[0]!.sinceMin > rules.standsMostMin
            ? 'What is left of it has stood too long: throw it away.'
            : `Measure it hot or cold, or put it away by ${clockTime(occasion.serveAt, tooLong[0]!.sinceMin + rules.standsMostMin)}.`}{' '}
          <button type="button" className="big-button" onClick={() => setStandingOpen(true)}>
            What stands
          </button>
        </p>
      )}
      {ovenTrouble?.kind === 'cavity' && !slipping && (
        <p className="standing-soon" role="alert">
          <strong>
            {ovenTrouble.name} shows {units.degrees(ovenTrouble.shownC!)} and does not get to its{' '}
            {units.degrees(ovenTrouble.setC!)}.
          </strong>{' '}
          Look whether it heats.{' '}
          <button type="button" className="big-button" onClick={() => setSlipping(true)}>
            It has failed
          </button>
        </p>
      )}
      <div className="cook screen-only">
        <div className="bench-main" ref={card}>
          {mend.state ? (
            <MendPanel
              state={mend.state}
              occasion={occasion}
              saving={mending.isLoading}
              fault={mending.error ? problemWords(mending.error) : undefined}
              onTake={take}
              onClose={mend.close}
            />
          ) : standingOpen ? (
            <main className="now-card">
              <h2>What is ready and stands</h2>
              <p className="big soft">
                Hot at {units.degrees(rules.hotHoldC)} or over, cold at {units.degrees(rules.coldHoldC)} or under; two
                hours in all between.
              </p>
              <StandingTable
                occasion={occasion}
                standing={standing}
                readings={progress.readings}
                nowMin={minute}
                onNote={note}
              />
              <div className="done-bar">
                <button type="button" className="yes" onClick={() => setStandingOpen(false)}>
                  Back to the work
                </button>
              </div>
            </main>
          ) : slipping ? (
            <SlipPanel
              canMend={isHost}
              from={from}
              entry={now}
              onLonger={longer}
              onAsk={mend.ask}
              onClose={() => setSlipping(false)}
            />
          ) : !now && who === 'all' ? (
            <main className="now-card">
              <h2>All is done.</h2>
              <p className="big">Sit down with them.</p>
              <AccountPanel occasion={occasion} plan={plan} events={events} mends={day.mends} nowMin={minute} />
            </main>
          ) : (
            <NowCard
              occasion={occasion}
              entry={now}
              next={next}
              wash={wash}
              progress={progress}
              notYet={
                costs.length > 0 && wash === undefined
                  ? `${sentence(costs[0]!.why)} Not clear any more then: ${plates(costs)}.`
                  : undefined
              }
              door={door && `The oven stays shut until ${clock(door.untilMin)}: ${falls(door.task)} would fall.`}
              onBegin={() => {
                if (now) note({ kind: 'begin', entry: now.id });
              }}
              hint={hint}
              leastC={core}
              probeC={probe?.kind === 'probe' ? (probe.coreC ?? undefined) : undefined}
              onDone={() => {
                if (now) tick(now, true);
              }}
              onClean={clean}
              onSkip={(items, reason) => {
                if (wash) note({ kind: 'skip', wash: wash.id, items: [...items], reason });
              }}
              onMeasure={(entry, celsius) => note({ kind: 'measure', entry, measured: 'core', celsius })}
              onBack={lastDone ? () => note({ kind: 'untick', entry: lastDone.id }) : undefined}
              onSlip={() => setSlipping(true)}
              readOnly={readOnly}
              canMend={isHost}
              behindMin={behind >= behindMin ? behind : 0}
              dueMin={dueMin}
              inMin={picked === undefined ? Math.max(0, Math.round(dueMin - nowMin)) : 0}
              onMend={() => mend.ask('Behind the plan', from)}
            />
          )}
        </div>
        <div className="bench-side">
          <div className="side-top">
            <TimerBar
              timers={timers}
              nowMin={nowMin}
              sound={sound}
              onPick={(timer) => {
                if (timer.kind !== 'own' && timer.kind !== 'ready') setPicked(timer.id);
              }}
              onMore={(timer) =>
                note(
                  timer.step === undefined
                    ? { kind: 'timer', timer: timer.id, name: timer.title, endsAtMin: timer.dueMin + 5 }
                    : { kind: 'until', entry: timer.step, atMin: timer.dueMin + 5 },
                )
              }
              {...(readOnly
                ? {}
                : {
                    onAdd: (name: string, minutes: number) =>
                      note({ kind: 'timer', timer: newId(), name, endsAtMin: nowMin + minutes }),
                    onOff: (timer: NamedTimer) => note({ kind: 'timer-off', timer: timer.id }),
                  })}
            />
            <DevicePanel
              occasion={occasion.id}
              devices={devices}
              entries={entries}
              canFail={isHost && day.mode === 'rehearsal'}
              faults={failing}
              clock={clock}
            />
          </div>
          {day.mends.length > 0 && (
            <p className="mended soft">
              Mended at {clockTime(occasion.serveAt, day.mends.at(-1)!.atMin)}: {day.mends.at(-1)!.words}
            </p>
          )}
          <RunList
            occasion={occasion}
            entries={mine}
            done={done}
            skipped={skippedWashes}
            now={now}
            {...(readOnly ? {} : { onTick: tick })}
          />
        </div>
      </div>
      <PrintSheet occasion={occasion} entries={mine} />
    </>
  );
}

const sentence = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);

/** The core temperature that ends this entry: of a step done by hand, or of what a last look takes out. */
function coreOf(
  entry: RunSheetEntry | undefined,
  steps: ReadonlyMap<string, StepEntry>,
): { readonly entry: string; readonly limitC: number } | undefined {
  const step =
    entry?.kind === 'look' && entry.last
      ? steps.get(entry.of)
      : entry?.kind === 'step' && entry.hands === 'on'
        ? entry
        : undefined;
  return step?.coreC === undefined ? undefined : { entry: step.id, limitC: step.coreC };
}
