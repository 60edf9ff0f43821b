import type { ReactNode } from 'react';
import {
  clockTime,
  foodOf,
  listed,
  colderWords,
  rawWords,
  span,
  type Occasion,
  type RunSheetEntry,
  type StepEntry,
} from '@lupin/core';
import { AmountText } from '../../shared/AmountText.tsx';
import { useUnits } from '../../shared/units.ts';

/** What is to be done, whatever kind of thing it is. */
export function EntryBody({ occasion, entry }: { occasion: Occasion; entry: RunSheetEntry }) {
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
      {entry.raw && <p className="rawish">{rawWords(entry)}</p>}
      {entry.freeFrom.length > 0 && (
        <p className="free">
          Keep free from <strong>{listed(entry.freeFrom)}</strong>: {names}{' '}
          {entry.freeFor.length === 1 ? 'eats' : 'eat'} this.
        </p>
      )}
      <div className="big">
        <dl>
          <Amounts entry={entry} />
          {entry.oven && <OvenRows oven={entry.oven} />}
          {entry.cold && <Row name="in">the {entry.cold}</Row>}
          {entry.kit.length > 0 && <Row name="with">{entry.kit.join(', ')}</Row>}
          <Row name="for">{lastsWords(occasion, entry)}</Row>
          {entry.until && <Row name="until">{entry.until}</Row>}
          {entry.coreC !== undefined && <Row name="core">at least {units.degrees(entry.coreC)}</Row>}
        </dl>
        {entry.text && <p style={{ marginTop: 10 }}>{entry.text}</p>}
        {entry.colder && <p style={{ marginTop: 10 }}>{colderWords(entry)}</p>}
      </div>
    </>
  );
}

function Row({ name, children }: { name: string; children: ReactNode }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{children}</dd>
    </>
  );
}

function Amounts({ entry }: { entry: StepEntry }) {
  return entry.amounts.map((each) => (
    <div key={each.line.id} style={{ display: 'contents' }}>
      <dt>
        <AmountText scaled={each} factor={1} part="measure" />
      </dt>
      <dd>
        {(each.line.food ? foodOf(each.line.food)?.name : undefined) ?? each.line.text}{' '}
        <AmountText scaled={each} factor={1} part="beside" />
      </dd>
    </div>
  ));
}

function OvenRows({ oven }: { oven: NonNullable<StepEntry['oven']> }) {
  const units = useUnits();
  return (
    <>
      <Row name="oven">
        {units.degrees(oven.temperatureC)}
        {oven.dialC !== oven.temperatureC && ` (dial at ${units.degrees(oven.dialC)})`},{' '}
        {[oven.name, oven.rack].filter(Boolean).join(', ')}
        {oven.bentC !== 0 &&
          `. ${Math.abs(oven.bentC)} °C ${oven.bentC < 0 ? 'cooler' : 'hotter'} than the recipe, to share the oven; the time is a guess: look.`}
      </Row>
      {oven.shutMin !== undefined && <Row name="door">stays shut for {span(oven.shutMin)}</Row>}
    </>
  );
}

/** How long it takes: "10 min to 15 min, by itself until about 12:40". */
function lastsWords({ serveAt }: Occasion, entry: StepEntry): string {
  const longest = entry.mostMin > entry.leastMin ? ` to ${span(entry.mostMin)}` : '';
  const byItself = entry.hands === 'off' ? `, by itself until about ${clockTime(serveAt, entry.endMin)}` : '';
  const lies = entry.lies
    ? `. It lies ${entry.lies} than the recipe has it; the time is a guess: look from ${clockTime(serveAt, entry.startMin + entry.leastMin)}.`
    : '';
  return `${span(entry.leastMin)}${longest}${byItself}${lies}`;
}
