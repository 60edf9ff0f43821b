import { useCallback, useEffect, useMemo, useReducer, useState } from 'react';
import {
  clockTime,
  rules,
  withNeedsOf,
  type DeviceFault,
  type Happening,
  type Mend,
  type RunSheetEntry,
} from '@lupin/core';
import { problemWords, useMendDayMutation } from '../../app/api.ts';
import { editOccasion } from '../../app/editing.ts';
import { useAppDispatch } from '../../app/store.ts';
import { newId } from '../../shared/newId.ts';
import { useUnits } from '../../shared/units.ts';
import { useRevealOnPhone } from '../../shared/useRevealOnPhone.ts';
import { StandingTable } from '../after/StandingTable.tsx';
import { AccountPanel } from './AccountPanel.tsx';
import { alertsOf } from './alerts.ts';
import { Alerts } from './Alerts.tsx';
import { BenchHead } from './BenchHead.tsx';
import { benchView, dayAt, sheetOf, type BenchView, type DayNow } from './benchView.ts';
import { platesWords, sentence } from './benchWords.ts';
import { DevicePanel } from './DevicePanel.tsx';
import { ovenHint } from './deviceWords.ts';
import { washBefore } from './entries.ts';
import { MendPanel } from './MendPanel.tsx';
import { cleaned, undone } from './notes.ts';
import { NowCard } from './NowCard.tsx';
import { PrintSheet } from './PrintSheet.tsx';
import { RunList } from './RunList.tsx';
import { atWork, pickedOn, screenAfter, type Move, type Screen } from './screen.ts';
import { SlipPanel } from './SlipPanel.tsx';
import { TimerBar, type NamedTimer } from './TimerBar.tsx';
import { useAwake } from './useAwake.ts';
import type { Day } from './dayLink.ts';
import { useDevices } from './useDevices.ts';
import { useMend } from './useMend.ts';
import { usePlays } from './usePlays.ts';

/** So many minutes behind, the day offers to be mended. */
const behindMin = 10;

export type Rights = 'host' | 'helper' | 'reader';

type Note = (...what: readonly Happening[]) => void;

interface BenchProps {
  readonly day: Day;
  readonly rights?: Rights;
  readonly onDevices?: () => void;
}

/** The day at the bench: one thing at a time, the timers, and what to do when it goes otherwise. */
export function Bench({ day: shared, rights = 'host', onDevices }: BenchProps) {
  const { day, events, nowMin, note: noteAll, noteAt, refused } = shared;
  const { occasion, plan } = day;
  const isHost = rights === 'host';
  const readOnly = rights === 'reader';
  const note = useCallback<Note>(
    (...what) => {
      if (!readOnly) noteAll(...what);
    },
    [readOnly, noteAll],
  );
  const minute = Math.floor(nowMin);
  const sheet = useMemo(() => sheetOf(occasion, plan), [occasion, plan]);
  const now = useMemo(() => dayAt(sheet, events, minute), [sheet, events, minute]);
  const [who, setWho] = useState('all');
  const [screen, move] = useReducer(screenAfter, atWork);
  const [plays, setPlays] = useState(false);
  const [sound, setSound] = useState(false);
  const devices = useDevices(occasion.id, day.day);
  const picked = pickedOn(screen);
  const view = useMemo(() => benchView(now, who, picked, devices), [now, who, picked, devices]);
  // What was chosen in the list below the card is to be seen.
  const card = useRevealOnPhone<HTMLDivElement>(picked);
  const mend = useMend();
  useAwake();
  usePlays(plays, { occasion, plan, progress: now.progress, nowMin, devices, noteAt });
  useEffect(() => move({ kind: 'replanned' }), [day.version]);

  const tick = (entry: RunSheetEntry, isDone: boolean) => {
    if (!isDone) {
      note(...undone(entry, now.progress));
      return;
    }
    const wash = washBefore(entry, plan, now.progress);
    if (entry.kind === 'wash' || (wash && wash.id !== entry.id)) move({ kind: 'pick', entry: wash?.id ?? entry.id });
    else {
      note({ kind: 'tick', entry: entry.id });
      move({ kind: 'work' });
    }
  };

  return (
    <>
      <BenchHead
        day={shared}
        isHost={isHost}
        mine={view.mine}
        done={now.done}
        now={view.now}
        who={who}
        onWho={setWho}
        plays={plays}
        onPlays={setPlays}
        sound={sound}
        onSound={setSound}
        standing={now.standing.length}
        onStanding={() => move({ kind: 'stands' })}
        onDevices={onDevices}
      />
      <Alerts
        alerts={alertsOf(now, devices, refused)}
        occasion={occasion}
        steps={now.sheet.steps}
        minute={minute}
        isHost={isHost}
        onNote={note}
        screen={screen.kind}
        onMend={(what) => mend.ask(what, now.slipped)}
        onStanding={() => move({ kind: 'stands' })}
        onFailed={() => move({ kind: 'slip' })}
      />
      <div className="cook screen-only">
        <div className="bench-main" ref={card}>
          {mend.state ? (
            <Mending
              day={day}
              mend={mend}
              onTaken={() => move({ kind: 'work' })}
              onLeft={() => move({ kind: 'back' })}
            />
          ) : (
            <Main
              shared={shared}
              rights={rights}
              who={who}
              now={now}
              view={view}
              screen={screen}
              move={move}
              note={note}
              tick={tick}
              hint={hintOf(view, devices)}
              onAsk={(what) => mend.ask(what, now.slipped)}
              onMend={mend.ask}
            />
          )}
        </div>
        <div className="bench-side">
          <div className="side-top">
            <TimerBar
              timers={now.timers}
              nowMin={nowMin}
              sound={sound}
              onPick={(timer) => {
                if (timer.kind !== 'own' && timer.kind !== 'ready') move({ kind: 'pick', entry: timer.id });
              }}
              onMore={(timer) => note(fiveMore(timer))}
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
              entries={sheet.entries}
              canFail={isHost && day.mode === 'rehearsal'}
              faults={failing(now)}
              clock={(moment) => clockTime(occasion.serveAt, Math.round(moment))}
            />
          </div>
          {day.mends.length > 0 && (
            <p className="mended soft">
              Mended at {clockTime(occasion.serveAt, day.mends.at(-1)!.atMin)}: {day.mends.at(-1)!.words}
            </p>
          )}
          <RunList
            occasion={occasion}
            entries={view.mine}
            done={now.done}
            skipped={now.skipped}
            now={view.now}
            {...(readOnly ? {} : { onTick: tick })}
          />
        </div>
      </div>
      <PrintSheet occasion={occasion} entries={view.mine} />
    </>
  );
}

const fiveMore = (timer: NamedTimer): Happening =>
  timer.step === undefined
    ? { kind: 'timer', timer: timer.id, name: timer.title, endsAtMin: timer.dueMin + 5 }
    : { kind: 'until', entry: timer.step, atMin: timer.dueMin + 5 };

/** Devices whose fault was asked for and still is. */
const failing = ({ progress }: DayNow): ReadonlyMap<string, DeviceFault> =>
  new Map(
    [...new Map(progress.faults.map((each) => [each.device, each.fault]))].filter(
      (each): each is [string, DeviceFault] => each[1] !== null,
    ),
  );

type Hint = (degrees: (celsius: number) => string, clock: (moment: number) => string) => ReturnType<typeof ovenHint>;

/** What the oven says before something goes in. */
const hintOf =
  ({ now, load }: BenchView, devices: Parameters<typeof ovenHint>[2]): Hint =>
  (degrees, clock) =>
    load && now?.kind === 'step' && now.oven ? ovenHint(load, now.oven.dialC, devices, degrees, clock) : undefined;

interface MendingProps {
  readonly day: Day['day'];
  readonly mend: ReturnType<typeof useMend>;
  readonly onTaken: () => void;
  /** The plan is left as it is. */
  readonly onLeft: () => void;
}

/** Ways to go on, and the one that is chosen kept. */
function Mending({ day, mend, onTaken, onLeft }: MendingProps) {
  const { occasion } = day;
  const dispatch = useAppDispatch();
  const [keepMend, keeping] = useMendDayMutation();
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
        onTaken();
      })
      .catch(() => undefined);
  };
  if (!mend.state) return null;
  return (
    <MendPanel
      state={mend.state}
      occasion={occasion}
      saving={keeping.isLoading}
      fault={keeping.error ? problemWords(keeping.error) : undefined}
      onTake={take}
      onClose={() => {
        mend.close();
        onLeft();
      }}
    />
  );
}

interface MainProps {
  readonly shared: Day;
  readonly rights: Rights;
  readonly who: string;
  readonly now: DayNow;
  readonly view: BenchView;
  readonly screen: Screen;
  readonly move: (move: Move) => void;
  readonly note: Note;
  readonly tick: (entry: RunSheetEntry, isDone: boolean) => void;
  readonly hint: Hint;
  /** Asks for ways to go on from the day as it is. */
  readonly onAsk: (what: string) => void;
  readonly onMend: ReturnType<typeof useMend>['ask'];
}

/** The one thing that the bench shows large. */
function Main(props: MainProps) {
  const { shared, rights, who, now, view, screen, move, note, onMend } = props;
  const { day, events, nowMin } = shared;
  const { occasion, plan } = day;
  if (screen.kind === 'standing') return <Standing now={now} note={note} onBack={() => move({ kind: 'work' })} />;
  if (screen.kind === 'slip') {
    const longer = (minutes: number) => {
      const entry = view.now?.kind === 'look' ? view.now.of : view.now?.id;
      // Of what is in hand it is so many minutes from now; of what goes by itself, from when it was to be ready.
      const readyMin = now.timers.find((timer) => timer.step === entry && timer.kind !== 'look')?.dueMin ?? nowMin;
      if (entry !== undefined) note({ kind: 'until', entry, atMin: readyMin + minutes });
      move({ kind: 'back' });
    };
    return (
      <SlipPanel
        canMend={rights === 'host'}
        from={now.slipped}
        entry={view.now}
        onLonger={longer}
        onAsk={onMend}
        onClose={() => move({ kind: 'back' })}
      />
    );
  }
  if (!view.now && who === 'all')
    return (
      <main className="now-card">
        <h2>All is done.</h2>
        <p className="big">Sit down with them.</p>
        <AccountPanel occasion={occasion} plan={plan} events={events} mends={day.mends} nowMin={now.minute} />
      </main>
    );
  return <Work {...props} />;
}

/** The one thing to do now. */
function Work({ shared, rights, now, view, screen, move, note, tick, hint, onAsk }: MainProps) {
  const { occasion } = shared.day;
  const units = useUnits();
  const clock = (moment: number) => clockTime(occasion.serveAt, Math.round(moment));
  const { now: entry, wash, costs, door, lastDone } = view;
  const falls = now.sheet.entries.find((each) => each.id === door?.task);
  const isPicked = pickedOn(screen) !== undefined;
  return (
    <NowCard
      occasion={occasion}
      entry={entry}
      next={view.next}
      wash={wash}
      progress={now.progress}
      notYet={
        costs.length > 0
          ? `${sentence(costs[0]!.why)} Not clear any more then: ${platesWords(occasion, costs)}.`
          : undefined
      }
      door={
        door &&
        `The oven stays shut until ${clock(door.untilMin)}: ${falls?.kind === 'step' ? falls.dishName : 'what is in it'} would fall.`
      }
      onBegin={() => {
        if (entry) note({ kind: 'begin', entry: entry.id });
      }}
      hint={hint(units.degrees, clock)}
      leastC={view.core}
      probeC={view.probeC}
      onDone={() => {
        if (entry) tick(entry, true);
      }}
      onClean={(items, isClean) => {
        if (wash) note(...cleaned(wash, items, isClean));
      }}
      onSkip={(items, reason) => {
        if (wash) note({ kind: 'skip', wash: wash.id, items: [...items], reason });
      }}
      onMeasure={(of, celsius) => note({ kind: 'measure', entry: of, measured: 'core', celsius })}
      onBack={lastDone && (() => note({ kind: 'untick', entry: lastDone.id }))}
      onSlip={() => move({ kind: 'slip' })}
      readOnly={rights === 'reader'}
      canMend={rights === 'host'}
      behindMin={view.lateMin >= behindMin ? view.lateMin : 0}
      dueMin={view.dueMin}
      inMin={isPicked ? 0 : Math.max(0, Math.round(view.dueMin - shared.nowMin))}
      isEarly={view.isEarly}
      onMend={() => onAsk('Behind the plan')}
    />
  );
}

interface StandingProps {
  readonly now: DayNow;
  readonly note: Note;
  readonly onBack: () => void;
}

function Standing({ now, note, onBack }: StandingProps) {
  const units = useUnits();
  return (
    <main className="now-card">
      <h2>What is ready and stands</h2>
      <p className="big soft">
        Hot at {units.degrees(rules.hotHoldC)} or over, cold at {units.degrees(rules.coldHoldC)} or under; two hours in
        all between.
      </p>
      <StandingTable
        occasion={now.sheet.occasion}
        standing={now.standing}
        readings={now.progress.readings}
        nowMin={now.minute}
        onNote={note}
      />
      <div className="done-bar">
        <button type="button" className="yes" onClick={onBack}>
          Back to the work
        </button>
      </div>
    </main>
  );
}
