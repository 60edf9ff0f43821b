import { Button, Select } from 'antd';
import { clockTime, pinWords, rackName, type Occasion, type Pin, type StepEntry } from '@lupin/core';
import { pinned, pinOf } from './pins.ts';

interface PinButtonsProps {
  readonly occasion: Occasion;
  readonly entry: StepEntry;
  readonly onChange: (next: (one: Occasion) => Occasion) => void;
}

const steps = [-30, -5, 5, 30];

/** Fixes a task to its time, moves it, gives it to a cook or to a rack; the plan is then made anew around it. */
export function PinButtons({ occasion, entry, onChange }: PinButtonsProps) {
  const pin = pinOf(occasion, entry.id);
  const set = (part: Partial<Pin>) => onChange((one) => pinned(one, entry.id, part));
  const by = entry.cook ?? entry.setBy;
  return (
    <div className="row no-print" style={{ marginTop: 10, flexWrap: 'wrap' }}>
      {pin?.startsAtMin === undefined
        ? <Button size="small" onClick={() => set({ startsAtMin: entry.startMin })}>Keep at {clockTime(occasion.serveAt, entry.startMin)}</Button>
        : <Button size="small" onClick={() => set({ startsAtMin: undefined })}>Let it move</Button>}
      {steps.map((minutes) => <Button key={minutes} size="small" aria-label={`${Math.abs(minutes)} minutes ${minutes < 0 ? 'earlier' : 'later'}`} onClick={() => set({ startsAtMin: (pin?.startsAtMin ?? entry.startMin) + minutes })}>{minutes > 0 ? '+' : '−'}{Math.abs(minutes)}</Button>)}
      {occasion.kitchen.cooks.length > 1 && by && (
        <Select size="small" aria-label="Done by" value={pin?.cook as string | undefined ?? ''} style={{ width: 150 }}
          options={[{ value: '', label: 'whoever is free' }, ...occasion.kitchen.cooks.map((cook) => ({ value: cook.id as string, label: `by ${cook.name}` }))]}
          onChange={(id) => set({ cook: occasion.kitchen.cooks.find((cook) => cook.id === id)?.id })} />
      )}
      {entry.oven && occasion.kitchen.oven.racks > 1 && (
        <Select size="small" aria-label="Rack" value={pin?.rack ?? -1} style={{ width: 150 }}
          options={[{ value: -1, label: 'any rack' }, ...Array.from({ length: occasion.kitchen.oven.racks }, (_, rack) => ({ value: rack, label: rackName(rack, occasion.kitchen.oven.racks) }))]}
          onChange={(rack) => set({ rack: rack < 0 ? undefined : rack })} />
      )}
      {pin && <span className="soft small">Fixed: it {pinWords(occasion, pin).join(', ')}.</span>}
    </div>
  );
}
