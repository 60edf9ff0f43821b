import { useEffect } from 'react';
import { clockTime, dayWords, foodOf, listed, span, type Occasion, type RunSheetEntry, type StepEntry } from '@lupin/core';
import { AmountText } from '../../shared/AmountText.tsx';
import { useUnits } from '../../shared/units.ts';

interface NowCardProps {
  readonly occasion: Occasion;
  readonly entry: RunSheetEntry | undefined;
  readonly onDone: () => void;
  readonly onBack: (() => void) | undefined;
}

/** The one thing to do, in letters that are read from across the kitchen. */
export function NowCard({ occasion, entry, onDone, onBack }: NowCardProps) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.code !== 'Space' || event.target instanceof HTMLButtonElement || event.target instanceof HTMLInputElement) return;
      event.preventDefault();
      onDone();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [onDone]);
  if (!entry) return <main className="now-card"><h2>All is done.</h2><p className="big">Sit down with them.</p><div className="done-bar"><button type="button" className="back" disabled={!onBack} onClick={onBack}>Back one</button></div></main>;
  const cook = occasion.kitchen.cooks.find((each) => each.id === (entry.cook ?? (entry.kind === 'step' ? entry.setBy : undefined)))?.name;
  const when = `${clockTime(occasion.serveAt, entry.startMin)}${dayWords(occasion.serveAt, entry.startMin) ? `, ${dayWords(occasion.serveAt, entry.startMin)}` : ''}`;
  return (
    <main className="now-card" aria-live="polite">
      <p className="who">{when}{cook ? ` · ${cook}` : ''}{entry.kind === 'step' ? ` · ${entry.dishName}${entry.versionName ? `, ${entry.versionName}` : ''}` : ''}</p>
      <Body occasion={occasion} entry={entry} />
      <div className="done-bar">
        <button type="button" className="yes" onClick={onDone}>{entry.kind === 'wash' ? 'Washed' : 'Done'}</button>
        <button type="button" className="back" disabled={!onBack} onClick={onBack}>Back one</button>
      </div>
    </main>
  );
}

function Body({ occasion, entry }: { occasion: Occasion; entry: RunSheetEntry }) {
  const units = useUnits();
  const names = (ids: readonly string[]) => listed(ids.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id));
  switch (entry.kind) {
    case 'oven':
      return <><h2>{entry.title} {units.degrees(entry.dialC)}</h2><p className="big">{entry.dialC !== entry.temperatureC && `The dial: inside it is then ${units.degrees(entry.temperatureC)}. `}It is hot at {clockTime(occasion.serveAt, entry.endMin)}.</p></>;
    case 'look':
      return <><h2>{entry.title}</h2>{entry.until && <p className="big"><strong>until</strong> {entry.until}</p>}</>;
    case 'wash':
      return (
        <>
          <h2>{entry.title}</h2>
          <div className="gate">On it: <strong>{listed(entry.carries)}</strong>.{entry.guests.length > 0 && <> Not a trace may reach <strong>{names(entry.guests)}</strong>.</>}{entry.raw && <> What is raw may reach nobody's plate.</>} Hot water and detergent, rinse, clean towel. A wipe is not enough.</div>
          <div className="big">{entry.next.map((next) => <p key={next.item}>{next.item.charAt(0).toUpperCase() + next.item.slice(1)} next: {next.title.toLowerCase()} <span className="soft">{clockTime(occasion.serveAt, next.atMin)}{dayWords(occasion.serveAt, next.atMin) !== dayWords(occasion.serveAt, entry.startMin) && ` ${dayWords(occasion.serveAt, next.atMin) || 'on the day'}`}</span></p>)}</div>
        </>
      );
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
      {entry.raw && <p className="rawish">Raw. Keep it apart; wash hands, board and knife before touching anything else.</p>}
      {entry.freeFrom.length > 0 && <p className="free">Keep free from <strong>{listed(entry.freeFrom)}</strong>: {names} {entry.freeFor.length === 1 ? 'eats' : 'eat'} this.</p>}
      <div className="big">
        <dl>
          {entry.amounts.map((each) => <div key={each.line.id} style={{ display: 'contents' }}><dt><AmountText scaled={each} factor={1} part="measure" /></dt><dd>{(each.line.food ? foodOf(each.line.food)?.name : undefined) ?? each.line.text} <AmountText scaled={each} factor={1} part="beside" /></dd></div>)}
          {entry.oven && <><dt>oven</dt><dd>{units.degrees(entry.oven.temperatureC)}{entry.oven.dialC !== entry.oven.temperatureC && ` (dial at ${units.degrees(entry.oven.dialC)})`}, {[entry.oven.name, entry.oven.rack].filter(Boolean).join(', ')}{entry.oven.bentC !== 0 && `. ${Math.abs(entry.oven.bentC)} °C ${entry.oven.bentC < 0 ? 'cooler' : 'hotter'} than the recipe, to share the oven; the time is a guess: look.`}</dd></>}
          {entry.kit.length > 0 && <><dt>with</dt><dd>{entry.kit.join(', ')}</dd></>}
          <dt>for</dt><dd>{span(entry.leastMin)}{entry.mostMin > entry.leastMin && ` to ${span(entry.mostMin)}`}{entry.hands === 'off' && `, by itself until about ${clockTime(occasion.serveAt, entry.endMin)}`}</dd>
          {entry.until && <><dt>until</dt><dd>{entry.until}</dd></>}
          {entry.coreC !== undefined && <><dt>core</dt><dd>at least {units.degrees(entry.coreC)}</dd></>}
        </dl>
        {entry.text && <p style={{ marginTop: 10 }}>{entry.text}</p>}
      </div>
    </>
  );
}
