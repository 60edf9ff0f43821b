import { clockTime, dayWords, listed, type Mend, type Occasion } from '@lupin/core';
import type { MendState } from './useMend.ts';

interface MendPanelProps {
  readonly state: MendState;
  readonly occasion: Occasion;
  readonly saving: boolean;
  readonly fault: string | undefined;
  readonly onTake: (mend: Mend) => void;
  readonly onClose: () => void;
}

/** How the day can go on, each way in a sentence, with the next few things it asks for. */
export function MendPanel({ state, occasion, saving, fault, onTake, onClose }: MendPanelProps) {
  const names = (mend: Mend) =>
    [...new Map(mend.lost.map((plate) => [`${plate.guest}/${plate.dish}`, plate])).values()].map(
      (plate) => `${occasion.guests.find((each) => each.id === plate.guest)?.name ?? plate.guest}: ${plate.why}`,
    );
  return (
    <section className="slips mends" aria-label="How to go on" aria-live="polite">
      <div className="row">
        <h2>{state.what}</h2>
        <button type="button" className="big-button plain" style={{ marginLeft: 'auto' }} onClick={onClose}>
          Leave the plan as it is
        </button>
      </div>
      {!state.mends && !state.fault && <p className="big soft">Looking for a way on …</p>}
      {state.fault && (
        <p className="fault" role="alert">
          It could not be worked out: {state.fault}
        </p>
      )}
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      {state.mends?.length === 0 && (
        <p className="big">
          No way was found to bring everything to the table that the audit lets through. Leave a dish out, or give it
          more time.
        </p>
      )}
      {state.mends?.map((mend, at) => (
        <article key={at} className="mend">
          <p className="big">{mend.words}</p>
          {names(mend).map((words) => (
            <p key={words} className="rawish">
              {words}
            </p>
          ))}
          {mend.changes.length > 0 && (
            <p className="soft">
              {listed(
                mend.changes
                  .filter((change) => change.after)
                  .slice(0, 4)
                  .map(
                    (change) =>
                      `${clockTime('00:00', change.after!.startAt)}${dayWords('00:00', change.after!.startAt) ? ` ${dayWords('00:00', change.after!.startAt)}` : ''} ${change.title.toLowerCase()}`,
                  ),
              )}
              {mend.changes.length > 4 ? ' …' : ''}
            </p>
          )}
          <button type="button" className="big-button" disabled={saving} onClick={() => onTake(mend)}>
            {at === 0 ? 'Go on like this' : 'Rather like this'}
          </button>
        </article>
      ))}
    </section>
  );
}
