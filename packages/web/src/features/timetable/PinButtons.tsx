import { Button, Popover, Select } from 'antd';
import { useState } from 'react';
import { clockTime, pinWords, rackName, type Occasion, type Pin, type StepEntry } from '@lupin/core';
import { ClockField } from '../../shared/ClockField.tsx';
import { windowFromClock, windowToClock } from './kitchenTimes.ts';
import { pinned, pinOf } from './pins.ts';

interface PinButtonsProps {
  readonly occasion: Occasion;
  readonly entry: StepEntry;
  /** What is only put away has no time of its own to be fixed to. */
  readonly isTask: boolean;
  readonly onChange: (next: (one: Occasion) => Occasion) => void;
}

const steps = [-30, -5, 5, 30];

/** Fixes a task to its time, moves it, gives it to a cook or to a rack; the plan is then made anew around it. */
export function PinButtons({ occasion, entry, isTask, onChange }: PinButtonsProps) {
  if (!isTask) return null;
  const pin = pinOf(occasion, entry.id);
  const set = (part: Partial<Pin>) => onChange((one) => pinned(one, entry.id, part));
  const by = entry.cook ?? entry.setBy;
  return (
    <div className="row no-print" style={{ marginTop: 10, flexWrap: 'wrap' }}>
      {pin?.startsAtMin === undefined ? (
        <Button size="small" onClick={() => set({ startsAtMin: entry.startMin })}>
          Keep at {clockTime(occasion.serveAt, entry.startMin)}
        </Button>
      ) : (
        <Button size="small" onClick={() => set({ startsAtMin: undefined })}>
          Let it move
        </Button>
      )}
      {steps.map((minutes) => (
        <Button
          key={minutes}
          size="small"
          aria-label={`${Math.abs(minutes)} minutes ${minutes < 0 ? 'earlier' : 'later'}`}
          onClick={() => set({ startsAtMin: (pin?.startsAtMin ?? entry.startMin) + minutes })}
        >
          {minutes > 0 ? '+' : '−'}
          {Math.abs(minutes)}
        </Button>
      ))}
      <Popover
        trigger="click"
        placement="topLeft"
        content={<TimeLimits occasion={occasion} entry={entry} pin={pin} onKeep={set} />}
        destroyOnHidden
      >
        <Button size="small">Not before, done by …</Button>
      </Popover>
      {occasion.kitchen.cooks.length > 1 && by && (
        <Select
          size="small"
          aria-label="Done by"
          value={(pin?.cook as string | undefined) ?? ''}
          style={{ width: 150 }}
          options={[
            { value: '', label: 'whoever is free' },
            ...occasion.kitchen.cooks.map((cook) => ({ value: cook.id as string, label: `by ${cook.name}` })),
          ]}
          onChange={(id) => set({ cook: occasion.kitchen.cooks.find((cook) => cook.id === id)?.id })}
        />
      )}
      {entry.oven && occasion.kitchen.oven.racks > 1 && (
        <Select
          size="small"
          aria-label="Rack"
          value={pin?.rack ?? -1}
          style={{ width: 150 }}
          options={[
            { value: -1, label: 'any rack' },
            ...Array.from({ length: occasion.kitchen.oven.racks }, (_, rack) => ({
              value: rack,
              label: rackName(rack, occasion.kitchen.oven.racks),
            })),
          ]}
          onChange={(rack) => set({ rack: rack < 0 ? undefined : rack })}
        />
      )}
      {pin && <span className="soft small">Fixed: it {pinWords(occasion, pin).join(', ')}.</span>}
    </div>
  );
}

interface TimeLimitsProps {
  readonly occasion: Occasion;
  readonly entry: StepEntry;
  readonly pin: Pin | undefined;
  readonly onKeep: (part: Partial<Pin>) => void;
}

/** "Bread before noon": a time before which a task does not begin, one by which it is done, and minutes to spare after it. Nothing is planned anew until all of it is said. */
function TimeLimits({ occasion, entry, pin, onKeep }: TimeLimitsProps) {
  const [draft, setDraft] = useState<Partial<Pin>>({
    notBeforeMin: pin?.notBeforeMin,
    endsByMin: pin?.endsByMin,
    spareMin: pin?.spareMin,
  });
  const set = (part: Partial<Pin>) => setDraft((before) => ({ ...before, ...part }));
  // The day it is planned for is the day that is meant.
  const moment = (clock: string, near: number) =>
    windowFromClock(occasion.serveAt, {
      ...windowToClock(occasion.serveAt, { fromMin: near, toMin: near + 1 }),
      from: clock,
    }).fromMin;
  const row = (label: string, key: 'notBeforeMin' | 'endsByMin', near: number) => {
    const value = draft[key];
    return (
      <div className="row" style={{ marginBottom: 6 }}>
        <span style={{ width: 110 }}>{label}</span>
        {value === undefined ? (
          <Button size="small" aria-label={`${label} …`} onClick={() => set({ [key]: near })}>
            any time
          </Button>
        ) : (
          <>
            <ClockField
              label={label}
              value={clockTime(occasion.serveAt, value)}
              onChange={(clock) => set({ [key]: moment(clock, value) })}
            />
            <Button size="small" onClick={() => set({ [key]: undefined })}>
              Let go
            </Button>
          </>
        )}
      </div>
    );
  };
  return (
    <section aria-label="Time limits" style={{ width: 290 }}>
      {row('Not before', 'notBeforeMin', entry.startMin)}
      {row('Done by', 'endsByMin', entry.endMin)}
      <label className="row">
        <span style={{ width: 110 }}>To spare after it</span>
        <Select
          aria-label="To spare after it"
          value={draft.spareMin ?? 0}
          style={{ width: 120 }}
          options={[...new Set([0, 5, 10, 15, 20, 30, pin?.spareMin ?? 0])]
            .sort((a, b) => a - b)
            .map((value) => ({ value, label: value === 0 ? 'nothing' : `${value} min` }))}
          onChange={(minutes) => set({ spareMin: minutes || undefined })}
        />
      </label>
      <Button type="primary" style={{ marginTop: 10 }} onClick={() => onKeep(draft)}>
        Plan it so
      </Button>
    </section>
  );
}
