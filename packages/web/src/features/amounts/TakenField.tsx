import { useMemo } from 'react';
import { Button, Select } from 'antd';
import { takeableFor, type Dish, type Taken } from '@lupin/core';
import { useOccasionView } from '../occasions/context.ts';

const keyOf = (from: string, step: string) => `${from}/${step}`;

/** What of this dish is made with the liquid or the juices of others: its line, and the step of the other dish that leaves it. */
export function TakenField({ dish, onChange }: { dish: Dish; onChange: (part: Partial<Dish>) => void }) {
  const { occasion } = useOccasionView();
  const { lines, sources, likely } = useMemo(() => takeableFor(occasion, dish), [occasion, dish]);
  const without = (line: string) => dish.takes.filter((taken) => taken.line !== line);
  const take = ({ line, from, step }: Taken) => onChange({ takes: [...without(line), { line, from, step }] });
  if (lines.length === 0 || sources.length === 0) return null;
  const options = [
    { value: '', label: 'as the recipe has it' },
    ...sources.map(({ from, step, what, name }) => ({
      value: keyOf(from, step.id),
      label: `${what} of ${name} (${step.title})`,
    })),
  ];
  return (
    <section aria-label="From another dish" style={{ marginTop: 14 }}>
      <h3>From another dish</h3>
      {likely.map((each) => (
        <p key={each.line} className="row">
          “{each.words}” may be what {each.source.name} leaves.
          <Button size="small" onClick={() => take(each)}>
            Take it from there
          </Button>
        </p>
      ))}
      {lines.map((line) => {
        const taken = dish.takes.find((each) => each.line === line.id);
        const source = taken && sources.find((each) => each.from === taken.from && each.step.id === taken.step);
        return (
          <div key={line.id} className="row" style={{ marginTop: 4 }}>
            <span style={{ minWidth: 190 }}>{line.text}</span>
            <Select
              aria-label={`Where ${line.text} comes from`}
              style={{ width: 'min(420px, 100%)' }}
              value={source ? keyOf(source.from, source.step.id) : ''}
              options={options}
              onChange={(key: string) => {
                const chosen = sources.find((each) => keyOf(each.from, each.step.id) === key);
                if (chosen) take({ line: line.id, from: chosen.from, step: chosen.step.id });
                else onChange({ takes: without(line.id) });
              }}
            />
            {taken && !source && (
              <span className="soft small">The step it was taken from is gone: the recipe’s own is used.</span>
            )}
          </div>
        );
      })}
      {dish.takes.length > 0 && (
        <p className="soft small" style={{ marginTop: 6 }}>
          Whatever was in that pot comes over, to every guest who eats this. It is ladled out before the other dish goes
          on; the timetable sees to it.
        </p>
      )}
    </section>
  );
}
