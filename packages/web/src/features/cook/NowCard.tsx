import { useEffect, useRef } from 'react';
import {
  clockTime,
  dayWords,
  foodOf,
  listed,
  span,
  type WashItem,
  type Occasion,
  type PlannedWash,
  type Progress,
  type RunSheetEntry,
  type StepEntry,
} from '@lupin/core';
import { AmountText } from '../../shared/AmountText.tsx';
import { useUnits } from '../../shared/units.ts';
import type { OvenHint } from './deviceWords.ts';
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

/** The one thing to do, in letters that are read from across the kitchen. */
export function NowCard({
  occasion,
  entry,
  next,
  wash,
  progress,
  leastC,
  probeC,
  notYet,
  onBegin,
  door,
  hint,
  readOnly,
  canMend,
  behindMin,
  dueMin,
  inMin,
  onDone,
  onClean,
  onSkip,
  onMeasure,
  onBack,
  onSlip,
  onMend,
}: NowCardProps) {
  const readings = progress.readings.filter(
    (each) => each.counts && each.entry === leastC?.entry && each.measured === 'core',
  );
  const last = readings.at(-1);
  const tooLow = leastC !== undefined && last !== undefined && last.celsius < leastC.limitC;
  // A stray key or sleeve must not tick what is not due yet: that takes the button.
  const blocked =
    entry?.kind === 'wash' ||
    tooLow ||
    inMin > 2 ||
    hint?.waits === true ||
    notYet !== undefined ||
    door !== undefined ||
    readOnly;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (
        event.code !== 'Space' ||
        blocked ||
        event.target instanceof HTMLButtonElement ||
        event.target instanceof HTMLInputElement
      )
        return;
      event.preventDefault();
      onDone();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onDone, blocked]);
  const units = useUnits();
  const touch = useRef<{ x: number; y: number }>(undefined);
  if (!entry)
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
  const cook = occasion.kitchen.cooks.find(
    (each) => each.id === (entry.cook ?? (entry.kind === 'step' ? entry.setBy : undefined)),
  )?.name;
  const when = `${clockTime(occasion.serveAt, dueMin)}${dayWords(occasion.serveAt, dueMin) ? `, ${dayWords(occasion.serveAt, dueMin)}` : ''}`;
  return (
    <main
      className="now-card"
      aria-live="polite"
      onTouchStart={(event) => {
        touch.current = { x: event.touches[0]!.clientX, y: event.touches[0]!.clientY };
      }}
      onTouchEnd={(event) => {
        const [from, to] = [touch.current, event.changedTouches[0]!];
        if (from && !blocked && to.clientX - from.x > swipePx && Math.abs(to.clientY - from.y) < swipePx / 2) onDone();
      }}
    >
      {/* What must not be overlooked stands before the work itself: below it, it would lie under the buttons. */}
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
      {inMin > 2 && <p className="not-yet">Nothing to do for {span(inMin)}. Then:</p>}
      <p className="who">
        {when}
        {cook ? ` · ${cook}` : ''}
        {entry.kind === 'step'
          ? ` · ${entry.dishName}${entry.versionName ? `, ${entry.versionName}` : ''}`
          : entry.kind === 'look'
            ? ` · ${entry.dishName}`
            : ''}
      </p>
      {entry.kind === 'wash' && wash ? (
        <WashCard
          key={wash.id}
          occasion={occasion}
          entry={entry}
          wash={wash}
          progress={progress}
          onClean={onClean}
          onSkip={onSkip}
        />
      ) : (
        <Body occasion={occasion} entry={entry} />
      )}
      {!readOnly && entry.kind === 'step' && entry.hands === 'on' && !progress.begun.has(entry.id) && inMin <= 2 && (
        <p className="begin">
          <button type="button" className="big-button plain" disabled={notYet !== undefined} onClick={onBegin}>
            I begin it now
          </button>{' '}
          <span className="soft">if you want to know how long it takes</span>
        </p>
      )}
      {progress.begun.has(entry.id) && (
        <p className="soft begin">Begun at {clockTime(occasion.serveAt, Math.round(progress.begun.get(entry.id)!))}.</p>
      )}
      {leastC && (
        <MeasureField
          key={leastC.entry}
          limitC={leastC.limitC}
          probeC={probeC}
          readings={readings}
          onMeasure={(celsius) => onMeasure(leastC.entry, celsius)}
        />
      )}
      {behindMin > 0 && (
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
      )}
      {next && (
        <p className="next soft">
          Then, at {clockTime(occasion.serveAt, next.startMin)}: {next.title}
          {next.kind === 'oven' && ` ${units.degrees(next.dialC)}`}
          {next.kind === 'step' && `, ${next.dishName}`}
        </p>
      )}
      {readOnly ? (
        <p className="soft next">This device looks on; ticks are made elsewhere.</p>
      ) : (
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
              {notYet
                ? 'Done all the same'
                : inMin > 2
                  ? 'Done already'
                  : entry.kind === 'step' && entry.hands === 'off'
                    ? hint?.waits
                      ? 'In all the same'
                      : 'Set going'
                    : entry.kind === 'oven'
                      ? 'Turned on'
                      : 'Done'}
            </button>
          )}
          <button type="button" className="back" onClick={onSlip}>
            Not as planned
          </button>
          <button type="button" className="back" disabled={!onBack} onClick={onBack}>
            Back one
          </button>
        </div>
      )}
    </main>
  );
}

function Body({ occasion, entry }: { occasion: Occasion; entry: RunSheetEntry }) {
  const units = useUnits();
  switch (entry.kind) {
    case 'oven':
      return (
        <>
          <h2>
            {entry.title} {units.degrees(entry.dialC)}
          </h2>
          <p className="big">
            {entry.dialC !== entry.temperatureC && `The dial: inside it is then ${units.degrees(entry.temperatureC)}. `}
            It is hot at {clockTime(occasion.serveAt, entry.endMin)}.
          </p>
        </>
      );
    case 'look':
      return (
        <>
          <h2>{entry.title}</h2>
          {entry.until && (
            <p className="big">
              <strong>until</strong> {entry.until}
            </p>
          )}
        </>
      );
    case 'wash':
      return <h2>{entry.title}</h2>;
    case 'step':
      return <StepBody occasion={occasion} entry={entry} />;
    default:
      return entry satisfies never;
  }
}

function StepBody({ occasion, entry }: { occasion: Occasion; entry: StepEntry }) {
  const units = useUnits();
  const names = listed(entry.freeFor.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id));
  return (
    <>
      <h2>{entry.title}</h2>
      {entry.raw && (
        <p className="rawish">Raw. Keep it apart; wash hands, board and knife before touching anything else.</p>
      )}
      {entry.freeFrom.length > 0 && (
        <p className="free">
          Keep free from <strong>{listed(entry.freeFrom)}</strong>: {names}{' '}
          {entry.freeFor.length === 1 ? 'eats' : 'eat'} this.
        </p>
      )}
      <div className="big">
        <dl>
          {entry.amounts.map((each) => (
            <div key={each.line.id} style={{ display: 'contents' }}>
              <dt>
                <AmountText scaled={each} factor={1} part="measure" />
              </dt>
              <dd>
                {(each.line.food ? foodOf(each.line.food)?.name : undefined) ?? each.line.text}{' '}
                <AmountText scaled={each} factor={1} part="beside" />
              </dd>
            </div>
          ))}
          {entry.oven && (
            <>
              <dt>oven</dt>
              <dd>
                {units.degrees(entry.oven.temperatureC)}
                {entry.oven.dialC !== entry.oven.temperatureC && ` (dial at ${units.degrees(entry.oven.dialC)})`},{' '}
                {[entry.oven.name, entry.oven.rack].filter(Boolean).join(', ')}
                {entry.oven.bentC !== 0 &&
                  `. ${Math.abs(entry.oven.bentC)} °C ${entry.oven.bentC < 0 ? 'cooler' : 'hotter'} than the recipe, to share the oven; the time is a guess: look.`}
              </dd>
            </>
          )}
          {entry.oven?.shutMin !== undefined && (
            <>
              <dt>door</dt>
              <dd>stays shut for {span(entry.oven.shutMin)}</dd>
            </>
          )}
          {entry.cold && (
            <>
              <dt>in</dt>
              <dd>the {entry.cold}</dd>
            </>
          )}
          {entry.kit.length > 0 && (
            <>
              <dt>with</dt>
              <dd>{entry.kit.join(', ')}</dd>
            </>
          )}
          <dt>for</dt>
          <dd>
            {span(entry.leastMin)}
            {entry.mostMin > entry.leastMin && ` to ${span(entry.mostMin)}`}
            {entry.hands === 'off' && `, by itself until about ${clockTime(occasion.serveAt, entry.endMin)}`}
            {entry.lies &&
              `. It lies ${entry.lies} than the recipe has it; the time is a guess: look from ${clockTime(occasion.serveAt, entry.startMin + entry.leastMin)}.`}
          </dd>
          {entry.until && (
            <>
              <dt>until</dt>
              <dd>{entry.until}</dd>
            </>
          )}
          {entry.coreC !== undefined && (
            <>
              <dt>core</dt>
              <dd>at least {units.degrees(entry.coreC)}</dd>
            </>
          )}
        </dl>
        {entry.text && <p style={{ marginTop: 10 }}>{entry.text}</p>}
      </div>
    </>
  );
}
