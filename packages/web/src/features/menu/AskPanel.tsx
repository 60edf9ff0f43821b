import { Input } from 'antd';
import { useDeferredValue, useMemo, useState } from 'react';
import { askAbout, foodOf, hazardOf, listed } from '@lupin/core';
import { VerdictMark } from '../../shared/VerdictMark.tsx';
import { useOccasionView } from '../occasions/context.ts';

/** Anything edible, typed or pasted: what it can do, to whom at this table, and what must still be read. */
export function AskPanel() {
  const { occasion } = useOccasionView();
  const [text, setText] = useState('');
  const asked = useDeferredValue(text);
  const answer = useMemo(() => askAbout(occasion, asked), [occasion, asked]);
  const of = (verdict: string) => answer?.guests.filter((each) => each.judgement.verdict === verdict) ?? [];
  return (
    <section aria-label="Ask about a food">
      <h3>Could they eat …?</h3>
      <Input
        aria-label="Any food"
        placeholder="2 tbsp ghee, oat biscuits, a stock cube …"
        value={text}
        maxLength={300}
        onChange={(event) => setText(event.target.value)}
        allowClear
        style={{ margin: '4px 0 6px' }}
      />
      {answer && (
        <div className="small" aria-live="polite">
          {answer.reading.contained.length > 0 && (
            <p>Holds {listed(answer.reading.contained.map((each) => hazardOf(each.hazard).name))}.</p>
          )}
          {answer.reading.possible.length > 0 && (
            <p>
              May hold {listed(answer.reading.possible.map((each) => hazardOf(each.hazard).name))}, until the label is
              read.
            </p>
          )}
          {answer.reading.foods.length > 0 && (
            <p className="soft">
              Read as {listed([...new Set(answer.reading.foods.map((each) => foodOf(each.food)?.name ?? each.name))])}
              {answer.reading.claims.length > 0
                ? `; said to be ${listed(answer.reading.claims.map((each) => each.claim))}`
                : ''}
              .
            </p>
          )}
          {answer.reading.unknown.length > 0 && (
            <p style={{ color: 'var(--straw)' }}>
              Not understood: {listed(answer.reading.unknown.map((each) => `“${each.words}”`))}.
            </p>
          )}
          {(['conflict', 'check', 'clear'] as const).map(
            (verdict) =>
              of(verdict).length > 0 && (
                <p
                  key={verdict}
                  className="row"
                  style={{ flexWrap: 'nowrap', alignItems: 'flex-start', margin: '4px 0' }}
                >
                  <VerdictMark verdict={verdict} size={18} />
                  <span>
                    <strong>{verdict}</strong>{' '}
                    {verdict === 'clear' && of('clear').length === answer.guests.length
                      ? 'for everybody'
                      : `for ${listed(of(verdict).map((each) => each.guest.name))}`}
                  </span>
                </p>
              ),
          )}
          <p className="soft">By its words only; a packet decides by its label.</p>
        </div>
      )}
    </section>
  );
}
