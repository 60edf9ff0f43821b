import { useState } from 'react';
import { Input } from 'antd';
import {
  clockTime,
  washItems,
  listed,
  type WashItem,
  type Occasion,
  type PlannedWash,
  type Progress,
  type WashEntry,
} from '@lupin/core';

interface WashCardProps {
  readonly occasion: Occasion;
  readonly entry: WashEntry;
  readonly wash: PlannedWash;
  readonly progress: Progress;
  readonly onClean: (items: readonly WashItem[], clean: boolean) => void;
  readonly onSkip: (items: readonly WashItem[], reason: string) => void;
}

/** A wash: what is on the kit, whom it could hurt, and every piece of it to be cleaned, one by one. */
export function WashCard({ occasion, entry, wash, progress, onClean, onSkip }: WashCardProps) {
  const [skipping, setSkipping] = useState(false);
  const [reason, setReason] = useState('');
  const clean = progress.washes.get(wash.id)?.clean;
  const items = washItems(wash);
  const left = items.filter((item) => !clean?.has(item));
  const names = (ids: readonly string[]) =>
    listed(ids.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id));
  const unitName = (item: WashItem) => occasion.kitchen.kit.find((unit) => unit.id === item)?.name ?? item;
  const inMachine = wash.machineUntilMin !== undefined;
  const nameOf = (item: WashItem) => {
    // Hands alone are washed with soap under the tap.
    if (item === 'water' && wash.units.length === 0 && !inMachine) return 'Running water';
    return washItemWords[item]?.long ?? `${unitName(item)}${inMachine ? ', loaded' : ''}`;
  };
  const shortName = (item: WashItem) => washItemWords[item]?.short ?? unitName(item).toLowerCase();
  return (
    <>
      <h2>{wash.machineUntilMin === undefined ? 'Wash before going on' : 'Start the dishwasher before going on'}</h2>
      <div className="wash">
        On it: <strong>{listed(entry.carries)}</strong>.
        {entry.guests.length > 0 && (
          <>
            {' '}
            Not a trace may reach <strong>{names(entry.guests)}</strong>.
          </>
        )}
        {entry.raw && <> What is raw may reach nobody’s plate.</>}{' '}
        {wash.machineUntilMin === undefined
          ? 'A wipe is not enough.'
          : `A rinse is not enough: the full programme. It is done about ${clockTime(occasion.serveAt, wash.machineUntilMin)}; nothing comes out before.`}
      </div>
      <div className="wash-items" role="group" aria-label="What must be clean">
        {items.map((item) => (
          <button
            key={item}
            type="button"
            role="checkbox"
            aria-checked={clean?.has(item) ?? false}
            className="wash-item"
            onClick={() => onClean([item], !clean?.has(item))}
          >
            <span className="box" aria-hidden>
              {clean?.has(item) ? '✓' : ''}
            </span>
            {nameOf(item)}
          </button>
        ))}
      </div>
      {skipping ? (
        <form
          className="wash-skip"
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim()) {
              onSkip(left, reason.trim());
              setSkipping(false);
            }
          }}
        >
          <label htmlFor="skip-reason">
            Why not: {listed(left.map(shortName))}? It is noted, and the plates are judged again.
          </label>
          <Input
            id="skip-reason"
            size="large"
            autoFocus
            value={reason}
            maxLength={300}
            onChange={(event) => setReason(event.target.value)}
          />
          <div className="row">
            <button type="submit" className="big-button" disabled={reason.trim() === ''}>
              Go on without
            </button>
            <button type="button" className="big-button plain" onClick={() => setSkipping(false)}>
              Keep the wash
            </button>
          </div>
        </form>
      ) : (
        left.length > 0 && (
          <p>
            <button type="button" className="bare skip-link" onClick={() => setSkipping(true)}>
              It cannot all be cleaned …
            </button>
          </p>
        )
      )}
    </>
  );
}

/** What is no kit at a wash, on its button and in a sentence. */
const washItemWords: Readonly<Record<string, { readonly long: string; readonly short: string }>> = {
  hands: { long: 'Hands, with soap', short: 'hands' },
  water: { long: 'Fresh hot water, detergent', short: 'fresh water' },
  cloth: { long: 'A clean towel', short: 'a clean towel' },
  machine: { long: 'Detergent in, started', short: 'the dishwasher' },
};
