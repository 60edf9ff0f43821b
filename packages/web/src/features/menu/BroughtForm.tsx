import { Button, Input, InputNumber, Segmented, Select } from 'antd';
import { useState } from 'react';
import { useOccasionView } from '../occasions/context.ts';
import { withBrought } from './broughtDish.ts';

/** A dish that a guest brings or that is bought ready. */
export function BroughtForm({ onDone }: { onDone: (dish?: string) => void }) {
  const { occasion, edit } = useOccasionView();
  const [form, setForm] = useState({
    name: '',
    by: '',
    how: 'brought' as 'brought' | 'bought',
    course: occasion.courses[0]!.id as string,
    contents: '',
    portions: Math.max(1, occasion.guests.length),
    warmMin: 0,
  });
  const [fault, setFault] = useState('');
  const set = (more: Partial<typeof form>) => {
    setForm({ ...form, ...more });
    setFault('');
  };
  const add = () => {
    if (!form.name.trim() || !form.by.trim())
      return setFault(form.name.trim() ? 'Who makes it?' : 'What is it called?');
    let id: string | undefined;
    const refused = edit((one) => {
      const next = withBrought(one, { ...form, name: form.name.trim(), by: form.by.trim() });
      id = next.dishes.at(-1)!.id;
      return next;
    });
    if (refused === undefined) onDone(id);
    else setFault(refused);
  };
  return (
    <div className="offer">
      <h4>A dish that others cook</h4>
      <div className="stack" style={{ gap: 8, marginTop: 6 }}>
        <Input
          aria-label="Name of the dish"
          placeholder="potato salad"
          maxLength={120}
          value={form.name}
          onChange={(event) => set({ name: event.target.value })}
        />
        <div className="row" style={{ flexWrap: 'nowrap' }}>
          <Segmented
            aria-label="How it comes"
            value={form.how}
            options={[
              { value: 'brought', label: 'brought by' },
              { value: 'bought', label: 'bought from' },
            ]}
            onChange={(how) => set({ how: how as 'brought' | 'bought' })}
          />
          <Input
            aria-label="By whom"
            placeholder="Tamsin"
            maxLength={120}
            value={form.by}
            onChange={(event) => set({ by: event.target.value })}
          />
        </div>
        <Input.TextArea
          aria-label="What is in it"
          placeholder="what is in it, as far as you know: potatoes, mayonnaise, chives"
          autoSize={{ minRows: 2, maxRows: 6 }}
          maxLength={4000}
          value={form.contents}
          onChange={(event) => set({ contents: event.target.value })}
        />
        <div className="row small">
          <Select
            aria-label="Course"
            value={form.course}
            options={occasion.courses.map((course) => ({ value: course.id as string, label: course.name }))}
            onChange={(course: string) => set({ course })}
            style={{ width: 120 }}
          />
          <label className="row" style={{ gap: 4 }}>
            for{' '}
            <InputNumber
              min={1}
              max={100}
              precision={0}
              value={form.portions}
              onChange={(value) => set({ portions: value ?? 1 })}
              style={{ width: 62 }}
              aria-label="Portions"
            />
          </label>
          <label className="row" style={{ gap: 4 }}>
            oven{' '}
            <InputNumber
              min={0}
              max={180}
              precision={0}
              value={form.warmMin}
              onChange={(value) => set({ warmMin: value ?? 0 })}
              style={{ width: 62 }}
              aria-label="Minutes to warm"
            />{' '}
            min
          </label>
        </div>
      </div>
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      <div className="row" style={{ marginTop: 8 }}>
        <Button type="primary" onClick={add}>
          Put it on the menu
        </Button>
        <Button onClick={() => onDone()}>Cancel</Button>
      </div>
    </div>
  );
}
