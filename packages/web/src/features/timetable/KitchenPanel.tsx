import { CloseOutlined, PlusOutlined } from '@ant-design/icons';
import { Button, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import * as v from 'valibot';
import {
  Cook,
  Day,
  movedServing,
  withoutCook,
  withoutUnit,
  type Chore,
  type Kitchen,
  type Occasion,
} from '@lupin/core';
import { ClockField } from '../../shared/ClockField.tsx';
import { freshId, longDay } from '../../shared/words.ts';
import { useOccasionView } from '../occasions/context.ts';
import { AbsencesPanel } from './AbsencesPanel.tsx';
import { OvensPanel } from './OvensPanel.tsx';
import { WishesPanel } from './WishesPanel.tsx';
import { KitList } from './KitList.tsx';
import { windowFromClock, windowToClock, type ClockWindow } from './kitchenTimes.ts';

/** When it is served, who cooks and when, and what there is to cook with: everything the timetable rests on besides the menu. */
export function KitchenPanel() {
  const { occasion, edit } = useOccasionView();
  const [fault, setFault] = useState('');
  const change = (next: (one: Occasion) => Occasion) => setFault(edit(next) ?? '');
  const kitchen = (part: Partial<Kitchen>) => change((one) => ({ ...one, kitchen: { ...one.kitchen, ...part } }));
  return (
    <main
      className="page"
      style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fit, minmax(min(100%, 400px), 1fr))', gap: 40 }}
    >
      <div className="stack" style={{ gap: 20 }}>
        {fault && (
          <p className="fault" role="alert">
            {fault} Nothing was changed.
          </p>
        )}
        <Serving change={change} />
        <Cooks change={change} />
        <AbsencesPanel occasion={occasion} onChange={change} />
        <OvensPanel kitchen={occasion.kitchen} onChange={kitchen} />
        <WishesPanel occasion={occasion} onChange={change} />
      </div>
      <KitList
        dishwasher={occasion.kitchen.dishwasher !== undefined}
        kit={occasion.kitchen.kit}
        onChange={(kit) => kitchen({ kit })}
        onRemove={(unit) => change((one) => withoutUnit(one, unit))}
      />
    </main>
  );
}

type Change = (next: (one: Occasion) => Occasion) => void;

function Serving({ change }: { change: Change }) {
  const { occasion } = useOccasionView();
  return (
    <section>
      <h3>Serving</h3>
      <div className="row" style={{ alignItems: 'flex-end', marginTop: 6 }}>
        <div className="field">
          <label htmlFor="serve-date">Day</label>
          <Input
            id="serve-date"
            type="date"
            style={{ width: 160 }}
            value={occasion.date}
            onChange={(event) => {
              const day = v.safeParse(Day, event.target.value);
              if (day.success) change((one) => ({ ...one, date: day.output }));
            }}
          />
        </div>
        <div className="field">
          <label htmlFor="serve-at">At the table</label>
          <ClockField
            id="serve-at"
            value={occasion.serveAt}
            onChange={(clock) => change((one) => movedServing(one, clock))}
          />
        </div>
        <span className="soft" style={{ paddingBottom: 6 }}>
          {longDay(occasion.date)}
        </span>
      </div>
      {occasion.courses.map((course) => (
        <div className="row" key={course.id} style={{ marginTop: 6 }}>
          <strong style={{ width: 92 }}>{course.name}</strong>
          <label className="row">
            after{' '}
            <InputNumber
              aria-label={`${course.name} after, minutes`}
              min={0}
              max={600}
              step={5}
              value={course.offsetMin}
              style={{ width: 76 }}
              onChange={(offsetMin) => {
                if (offsetMin !== null)
                  change((one) => ({
                    ...one,
                    courses: one.courses.map((each) =>
                      each.id === course.id ? { ...each, offsetMin: Math.round(offsetMin) } : each,
                    ),
                  }));
              }}
            />{' '}
            min
          </label>
          <label className="row">
            full with{' '}
            <InputNumber
              aria-label={`${course.name}, dishes that are enough`}
              min={0}
              max={10}
              value={course.enough}
              style={{ width: 64 }}
              onChange={(enough) => {
                if (enough !== null)
                  change((one) => ({
                    ...one,
                    courses: one.courses.map((each) =>
                      each.id === course.id ? { ...each, enough: Math.round(enough) } : each,
                    ),
                  }));
              }}
            />{' '}
            of it
          </label>
        </div>
      ))}
    </section>
  );
}

function Cooks({ change }: { change: Change }) {
  const { occasion } = useOccasionView();
  const { cooks } = occasion.kitchen;
  const set = (next: readonly Cook[]) => change((one) => ({ ...one, kitchen: { ...one.kitchen, cooks: [...next] } }));
  const setCook = (id: string, part: Partial<Cook>) =>
    set(cooks.map((cook) => (cook.id === id ? { ...cook, ...part } : cook)));
  const last = Math.max(...occasion.courses.map((course) => course.offsetMin)) + 15;
  const add = () =>
    set([
      ...cooks,
      v.parse(Cook, {
        id: freshId(
          'helper',
          cooks.map((cook) => cook.id),
        ),
        name: `Helper ${cooks.length}`,
        windows: [{ fromMin: -180, toMin: last }],
      }),
    ]);
  return (
    <section>
      <h3>Who cooks, and when</h3>
      {cooks.map((cook) => (
        <div key={cook.id} style={{ padding: '8px 0', borderBottom: '1px solid var(--line)' }}>
          <div className="row">
            <Input
              aria-label="Cook's name"
              style={{ width: 170, fontWeight: 650 }}
              maxLength={120}
              defaultValue={cook.name}
              onBlur={(event) => {
                const name = event.target.value.trim();
                if (name && name !== cook.name) setCook(cook.id, { name });
              }}
            />
            <Button
              size="small"
              icon={<PlusOutlined />}
              onClick={() => setCook(cook.id, { windows: [...cook.windows, { fromMin: -120, toMin: 0 }] })}
            >
              another time
            </Button>
            {cooks.length > 1 && (
              <Button
                size="small"
                type="text"
                icon={<CloseOutlined />}
                aria-label={`Remove ${cook.name}`}
                onClick={() => change((one) => withoutCook(one, cook.id))}
              />
            )}
          </div>
          {cook.windows.map((window, index) => (
            <WindowFields
              key={index}
              clock={windowToClock(occasion.serveAt, window)}
              onChange={(clock) =>
                setCook(cook.id, {
                  windows: cook.windows.map((each, at) =>
                    at === index ? windowFromClock(occasion.serveAt, clock) : each,
                  ),
                })
              }
              onRemove={
                cook.windows.length > 1
                  ? () => setCook(cook.id, { windows: cook.windows.filter((_, at) => at !== index) })
                  : undefined
              }
            />
          ))}
          {cooks.length > 1 && (
            <label className="row" style={{ marginTop: 6 }}>
              leaves to others{' '}
              <Select
                mode="multiple"
                aria-label={`${cook.name} leaves to others`}
                placeholder="nothing"
                value={cook.leaves}
                style={{ minWidth: 220 }}
                options={chores}
                onChange={(leaves: Chore[]) => setCook(cook.id, { leaves })}
              />
            </label>
          )}
        </div>
      ))}
      <Button style={{ marginTop: 8 }} icon={<PlusOutlined />} onClick={add}>
        Add a helper
      </Button>
    </section>
  );
}

const chores: { value: Chore; label: string }[] = [
  { value: 'knives', label: 'no knives' },
  { value: 'heat', label: 'no oven, no hob' },
  { value: 'raw', label: 'no raw meat or fish' },
  { value: 'washing-up', label: 'no washing up' },
];

function WindowFields({
  clock,
  onChange,
  onRemove,
}: {
  clock: ClockWindow;
  onChange: (clock: ClockWindow) => void;
  onRemove: (() => void) | undefined;
}) {
  return (
    <div className="row" style={{ marginTop: 6 }}>
      <Select
        aria-label="Day"
        value={clock.day}
        style={{ width: 150 }}
        onChange={(day: number) => onChange({ ...clock, day })}
        options={[
          { value: -2, label: '2 days before' },
          { value: -1, label: 'the day before' },
          { value: 0, label: 'the day' },
        ]}
      />
      <ClockField label="From" value={clock.from} onChange={(from) => onChange({ ...clock, from })} />
      to <ClockField label="To" value={clock.to} onChange={(to) => onChange({ ...clock, to })} />
      {onRemove && (
        <Button type="text" size="small" icon={<CloseOutlined />} aria-label="Remove this time" onClick={onRemove} />
      )}
    </div>
  );
}
