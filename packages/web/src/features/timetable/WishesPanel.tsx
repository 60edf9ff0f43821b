import { CloseOutlined } from '@ant-design/icons';
import { Button, Select } from 'antd';
import { fit, pinWords, tasksOf, type Occasion, type PlanGoal } from '@lupin/core';
import { useMemo } from 'react';
import { pinned } from './pins.ts';

const goalWords: Readonly<Record<PlanGoal, string>> = { washes: 'fewest washes', washMin: 'least time at the sink', day: 'the shortest day', calm: 'a calm last half hour', held: 'food standing as briefly as can be' };

/** What counts most, and what the cook has fixed. */
export function WishesPanel({ occasion, onChange }: { occasion: Occasion; onChange: (next: (one: Occasion) => Occasion) => void }) {
  const titles = useMemo(() => new Map(tasksOf(occasion, fit(occasion)).tasks.map((task) => [task.id, task.title])), [occasion]);
  const { goals, pins } = occasion.wishes;
  return (
    <section>
      <h3>What counts first</h3>
      <div className="row" style={{ marginTop: 6 }}>
        <Select aria-label="What counts first" value={goals[0]!} style={{ width: 280 }} options={(Object.keys(goalWords) as PlanGoal[]).map((value) => ({ value, label: goalWords[value] }))}
          onChange={(first) => onChange((one) => ({ ...one, wishes: { ...one.wishes, goals: [first, ...one.wishes.goals.filter((goal) => goal !== first)] } }))} />
        <span className="soft small">Nothing is ever late, and nothing crosses over.</span>
      </div>
      {pins.length > 0 && <h3 style={{ marginTop: 14 }}>Fixed by you</h3>}
      {pins.map((pin) => (
        <div className="row" key={pin.task} style={{ marginTop: 4 }}>
          <span>{titles.get(pin.task) ?? 'A step that is no longer there'} {pinWords(occasion, pin).join(', ')}</span>
          <Button size="small" type="text" icon={<CloseOutlined />} aria-label={`Let go: ${titles.get(pin.task) ?? pin.task}`} onClick={() => onChange((one) => pinned(one, pin.task, { startsAtMin: undefined, notBeforeMin: undefined, endsByMin: undefined, cook: undefined, oven: undefined, rack: undefined, unit: undefined, spareMin: undefined }))} />
        </div>
      ))}
    </section>
  );
}
