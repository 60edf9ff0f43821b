import { useEffect, useRef, type TouchEvent } from 'react';
import {
  clockTime,
  dayWords,
  span,
  type WashItem,
  type Occasion,
  type PlannedWash,
  type Progress,
  type RunSheetEntry,
} from '@lupin/core';
import { useUnits } from '../../shared/units.ts';
import type { OvenHint } from './deviceWords.ts';
import { EntryBody } from './EntryBody.tsx';
import { WashCard } from './WashCard.tsx';
import { MeasureField } from './MeasureField.tsx';

interface NowCardProps {
  readonly occasion: Occasion;
  readonly entry: RunSheetEntry | undefined;
  readonly next: RunSheetEntry | undefined;
  readonly wash: PlannedWash | undefined;
  readonly progress: Progress;
  /** The step whose core temperature ends it, and the least of it. */
  readonly leastC: { readonly entry: string; readonly limitC: number } | undefined;
  /** What the probe in it says now. */
  readonly probeC: number | undefined;
  /** Why it must not be begun yet: the plates it would cost. */
  readonly notYet: string | undefined;
  readonly onBegin: () => void;
  /** The oven must not be opened yet, and why. */
  readonly door: string | undefined;
  /** What the oven says before something goes in. */
  readonly hint: OvenHint | undefined;
  /** This device looks on. */
  readonly readOnly: boolean;
  readonly canMend: boolean;
  readonly behindMin: number;
  /** When it is to be done as the day now goes: of a look, when its timer is due. */
  readonly dueMin: number;
  /** Minutes until it is to be done; 0 once it is. */
  readonly inMin: number;
  /** It may be begun though it is not due. */
  readonly isEarly: boolean;
  readonly onDone: () => void;
  readonly onClean: (items: readonly WashItem[], clean: boolean) => void;
  readonly onSkip: (items: readonly WashItem[], reason: string) => void;
  readonly onMeasure: (entry: string, celsius: number) => void;
  readonly onBack: (() => void) | undefined;
  readonly onSlip: () => void;
  readonly onMend: () => void;
}

/** So far a finger must go to the right for a tick, in pixels. */
const swipePx = 120;
/** What is due within so many minutes is due now. */
const soonMin = 2;

/** The one thing to do, in letters that are read from across the kitchen. */
export function NowCard(props: NowCardProps) {
  const { occasion, entry, wash, progress, leastC, onDone } = props;
  const readings = progress.readings.filter(
    (each) => each.counts && each.entry === leastC?.entry && each.measured === 'core',
  );
  const lastC = readings.at(-1)?.celsius;
  const tooLow = leastC !== undefined && lastC !== undefined && lastC < leastC.limitC;
  const blocked = tooLow || isBlocked(props);
  useSpaceBar(onDone, blocked);
  const swipe = useSwipe(onDone, blocked);
  if (!entry) return <AllDone onBack={props.onBack} />;
  return (
    <main className="now-card" aria-live="polite" {...swipe}>
      <Warnings {...props} />
      {props.inMin > soonMin && (
        <p className="not-yet">
          {props.isEarly
            ? `You are ${span(props.inMin)} early, and may go on:`
            : `Nothing to do for ${span(props.inMin)}. Then:`}
        </p>
      )}
      <p className="who">{whoWords(occasion, entry, props.dueMin)}</p>
      {entry.kind === 'wash' && wash ? (
        <WashCard
          key={wash.id}
          occasion={occasion}
          entry={entry}
          wash={wash}
          progress={progress}
          onClean={props.onClean}
          onSkip={props.onSkip}
        />
      ) : (
        <EntryBody occasion={occasion} entry={entry} />
      )}
      <Begun {...props} entry={entry} />
      {leastC && (
        <MeasureField
          key={leastC.entry}
          limitC={leastC.limitC}
          probeC={props.probeC}
          readings={readings}
          onMeasure={(celsius) => props.onMeasure(leastC.entry, celsius)}
        />
      )}
      <Behind {...props} />
      <Next {...props} />
      {props.readOnly ? (
        <p className="soft next">This device looks on; ticks are made elsewhere.</p>
      ) : (
        <DoneBar {...props} entry={entry} tooLow={tooLow} />
      )}
    </main>
  );
}

/** A stray key or sleeve must not tick what is not due yet, or better not done: that takes the button. */
const isBlocked = ({ entry, inMin, isEarly, hint, notYet, door, readOnly }: NowCardProps): boolean =>
  entry?.kind === 'wash' ||
  (inMin > soonMin && !isEarly) ||
  hint?.waits === true ||
  notYet !== undefined ||
  door !== undefined ||
  readOnly;

function useSpaceBar(onDone: () => void, blocked: boolean): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const isOnField = event.target instanceof HTMLButtonElement || event.target instanceof HTMLInputElement;
      if (event.code !== 'Space' || blocked || isOnField) return;
      event.preventDefault();
      onDone();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onDone, blocked]);
}

function useSwipe(onDone: () => void, blocked: boolean) {
  const touch = useRef<{ x: number; y: number }>(undefined);
  return {
    onTouchStart: (event: TouchEvent) => {
      touch.current = { x: event.touches[0]!.clientX, y: event.touches[0]!.clientY };
    },
    onTouchEnd: (event: TouchEvent) => {
      const [from, to] = [touch.current, event.changedTouches[0]!];
      if (from && !blocked && to.clientX - from.x > swipePx && Math.abs(to.clientY - from.y) < swipePx / 2) onDone();
    },
  };
}

function AllDone({ onBack }: Pick<NowCardProps, 'onBack'>) {
  return (
    <main className="now-card">
      <h2>All is done.</h2>
      <p className="big">Sit down with them.</p>
      <div className="done-bar">
        <button type="button" className="back" disabled={!onBack} onClick={onBack}>
          Back one
        </button>
      </div>
    </main>
  );
}

/** What must not be overlooked stands before the work itself: below it, it would lie under the buttons. */
function Warnings({ notYet, door, hint }: NowCardProps) {
  return (
    <>
      {notYet && (
        <p className="not-now" role="alert">
          <strong>Not now.</strong> {notYet}
        </p>
      )}
      {door && (
        <p className="oven-hint waits" role="status">
          {door}
        </p>
      )}
      {hint && (
        <p className={`oven-hint ${hint.waits ? 'waits' : ''}`} role="status">
          {hint.words}
        </p>
      )}
    </>
  );
}

/** When, by whom and for what: "12:20, the evening before · Ines · Apple crumble, for Nell". */
function whoWords({ kitchen, serveAt }: Occasion, entry: RunSheetEntry, dueMin: number): string {
  const step = entry.kind === 'step' ? entry : undefined;
  const cook = kitchen.cooks.find((each) => each.id === (entry.cook ?? step?.setBy))?.name;
  const day = dayWords(serveAt, dueMin);
  const when = clockTime(serveAt, dueMin);
  const dish = entry.kind === 'step' || entry.kind === 'look' ? entry.dishName : undefined;
  return [day ? `${when}, ${day}` : when, cook, dish && [dish, step?.versionName].filter(Boolean).join(', ')]
    .filter(Boolean)
    .join(' · ');
}

interface EntryProps extends NowCardProps {
  readonly entry: RunSheetEntry;
}

/** What is done by hand may be begun, for whoever wants to know how long it takes. */
function Begun({ occasion, entry, progress, inMin, isEarly, notYet, readOnly, onBegin }: EntryProps) {
  const begunMin = progress.begun.get(entry.id);
  if (begunMin !== undefined)
    return <p className="soft begin">Begun at {clockTime(occasion.serveAt, Math.round(begunMin))}.</p>;
  if (readOnly || entry.kind !== 'step' || entry.hands === 'off' || (inMin > soonMin && !isEarly)) return null;
  return (
    <p className="begin">
      <button type="button" className="big-button plain" disabled={notYet !== undefined} onClick={onBegin}>
        I begin it now
      </button>{' '}
      <span className="soft">if you want to know how long it takes</span>
    </p>
  );
}

function Behind({ behindMin, canMend, onMend }: NowCardProps) {
  if (behindMin <= 0) return null;
  return (
    <p className="behind">
      {span(behindMin)} behind.{' '}
      {canMend ? (
        <button type="button" className="big-button" onClick={onMend}>
          Plan again from now
        </button>
      ) : (
        'Tell the host.'
      )}
    </p>
  );
}

function Next({ occasion, next }: NowCardProps) {
  const units = useUnits();
  if (!next) return null;
  return (
    <p className="next soft">
      Then, at {clockTime(occasion.serveAt, next.startMin)}: {next.title}
      {next.kind === 'oven' && ` ${units.degrees(next.dialC)}`}
      {next.kind === 'step' && `, ${next.dishName}`}
    </p>
  );
}

interface DoneBarProps extends EntryProps {
  readonly tooLow: boolean;
}

function DoneBar({ tooLow, ...props }: DoneBarProps) {
  const { entry, notYet, onDone, onSlip, onBack } = props;
  return (
    <div className="done-bar">
      {entry.kind !== 'wash' && (
        // A button of its own for each entry: pressed for the last one, it would keep the focus, and a stray space bar press this one.
        <button
          key={entry.id}
          type="button"
          className={notYet ? 'yes against' : 'yes'}
          disabled={tooLow}
          onClick={onDone}
        >
          {doneWords(props)}
        </button>
      )}
      <button type="button" className="back" onClick={onSlip}>
        Not as planned
      </button>
      <button type="button" className="back" disabled={!onBack} onClick={onBack}>
        Back one
      </button>
    </div>
  );
}

function doneWords({ entry, notYet, inMin, isEarly, hint }: EntryProps): string {
  if (notYet) return 'Done all the same';
  if (inMin > soonMin && !isEarly) return 'Done already';
  if (entry.kind === 'oven') return 'Turned on';
  if (entry.kind !== 'step' || entry.hands === 'on') return 'Done';
  return hint?.waits ? 'In all the same' : 'Set going';
}
