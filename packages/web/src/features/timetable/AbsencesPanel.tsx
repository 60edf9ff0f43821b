import { CloseOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import type { Absence, Occasion } from '@lupin/core';
import { ClockField } from '../../shared/ClockField.tsx';
import { windowFromClock, windowToClock, type ClockWindow } from './kitchenTimes.ts';

/** Two hours in the early afternoon, to be changed at once. */
const usual: ClockWindow = { day: 0, from: '14:00', to: '16:00' };

/** When a cook is out, inside the time they have. */
export function AbsencesPanel({
  occasion,
  onChange,
}: {
  occasion: Occasion;
  onChange: (next: (one: Occasion) => Occasion) => void;
}) {
  const { absences } = occasion.wishes;
  const { cooks } = occasion.kitchen;
  const set = (next: readonly Absence[]) =>
    onChange((one) => ({ ...one, wishes: { ...one.wishes, absences: [...next] } }));
  const setOne = (at: number, part: Partial<Absence>) =>
    set(absences.map((each, index) => (index === at ? { ...each, ...part } : each)));
  return (
    <section aria-label="Out of the kitchen">
      <h3>Out of the kitchen</h3>
      {absences.map((absence, at) => {
        const clock = windowToClock(occasion.serveAt, absence);
        const name = cooks.find((cook) => cook.id === absence.cook)?.name ?? absence.cook;
        const setClock = (part: Partial<ClockWindow>) =>
          setOne(at, windowFromClock(occasion.serveAt, { ...clock, ...part }));
        return (
          <div className="row" key={at} style={{ marginTop: 6, flexWrap: 'wrap' }}>
            {cooks.length > 1 ? (
              <Select
                aria-label="Who is out"
                value={absence.cook as string}
                style={{ width: 130 }}
                options={cooks.map((cook) => ({ value: cook.id as string, label: cook.name }))}
                onChange={(id) => {
                  const cook = cooks.find((each) => each.id === id);
                  if (cook) setOne(at, { cook: cook.id });
                }}
              />
            ) : (
              <strong>{name}</strong>
            )}
            <Select
              aria-label={`${name} is out on`}
              value={clock.day}
              style={{ width: 140 }}
              options={[-2, -1, 0].map((value) => ({
                value,
                label: value === 0 ? 'the day' : value === -1 ? 'the day before' : '2 days before',
              }))}
              onChange={(day) => setClock({ day })}
            />
            <ClockField label={`${name} is out from`} value={clock.from} onChange={(from) => setClock({ from })} /> to{' '}
            <ClockField label={`${name} is out until`} value={clock.to} onChange={(to) => setClock({ to })} />
            <Button
              size="small"
              type="text"
              icon={<CloseOutlined />}
              aria-label={`${name} is not out`}
              onClick={() => set(absences.filter((_, index) => index !== at))}
            />
          </div>
        );
      })}
      <Button
        style={{ marginTop: 8 }}
        icon={<PlusOutlined />}
        onClick={() => set([...absences, { cook: cooks[0]!.id, ...windowFromClock(occasion.serveAt, usual) }])}
      >
        Somebody is out
      </Button>
    </section>
  );
}
