import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input, InputNumber, Select } from 'antd';
import { useState } from 'react';
import { withLookIds, type Step } from '@lupin/core';
import { everySoOften, mostMoments } from './moments.ts';

type Moments = Step['looks'];

/** Moments inside something that goes by itself, when a cook must come: turn, stir, take the foil off; counted from its start or from its end. */
export function MomentsField({ step, put }: { step: Step; put: (part: Partial<Step>) => void }) {
  const [every, setEvery] = useState(15);
  const { likely } = step.durationMin;
  const set = (looks: Moments) => put({ looks: [...looks].sort((a, b) => a.atMin - b.atMin) });
  const change = (at: number, part: Partial<Moments[number]>) =>
    set(step.looks.map((each, index) => (index === at ? { ...each, ...part } : each)));
  const isFull = step.looks.length >= mostMoments;
  return (
    <div className="field">
      <span>To see to on the way</span>
      {step.looks.map((moment, index) => {
        const saidMin = moment.fromEnd ? likely - moment.atMin : moment.atMin;
        return (
          <div key={moment.id} className="row" style={{ flexWrap: 'nowrap' }}>
            <InputNumber
              size="small"
              aria-label={moment.fromEnd ? 'How many minutes before the end' : 'After how many minutes'}
              min={1}
              max={4320}
              precision={0}
              value={saidMin}
              onChange={(minutes) => {
                if (minutes !== null)
                  change(index, { atMin: Math.max(1, moment.fromEnd ? likely - minutes : minutes) });
              }}
              style={{ width: 58 }}
            />
            <Select
              size="small"
              aria-label="Counted from"
              value={moment.fromEnd ? 'end' : 'start'}
              options={[
                { value: 'start', label: 'min in' },
                { value: 'end', label: 'min to go' },
              ]}
              popupMatchSelectWidth={false}
              onChange={(from) => change(index, { fromEnd: from === 'end' ? true : undefined })}
              style={{ width: 96 }}
            />
            <Input
              size="small"
              aria-label="What to do then"
              key={moment.what}
              defaultValue={moment.what}
              maxLength={80}
              onBlur={(event) => {
                if (event.target.value.trim() && event.target.value !== moment.what)
                  change(index, { what: event.target.value.trim() });
              }}
            />
            for{' '}
            <InputNumber
              size="small"
              aria-label="For how many minutes"
              min={1}
              max={240}
              precision={0}
              value={moment.takesMin}
              onChange={(takesMin) => {
                if (takesMin !== null) change(index, { takesMin });
              }}
              style={{ width: 50 }}
            />
            <Button
              size="small"
              type="text"
              icon={<DeleteOutlined />}
              aria-label={`Take out: ${moment.what}`}
              onClick={() => set(step.looks.filter((_, other) => other !== index))}
            />
          </div>
        );
      })}
      <div className="row">
        <Button
          size="small"
          disabled={isFull}
          onClick={() =>
            set(withLookIds([...step.looks, { atMin: Math.max(1, Math.round(likely / 2)), takesMin: 1, what: 'stir' }]))
          }
        >
          Something to see to
        </Button>
        <span className="row small">
          <Button
            size="small"
            disabled={isFull || every >= likely}
            onClick={() => set(everySoOften(step.looks, every, likely, step.looks.at(-1)?.what ?? 'stir'))}
          >
            Every
          </Button>
          <InputNumber
            size="small"
            aria-label="Every so many minutes"
            min={1}
            max={720}
            precision={0}
            value={every}
            onChange={(value) => setEvery(value ?? 15)}
            style={{ width: 56 }}
          />{' '}
          min
        </span>
      </div>
    </div>
  );
}
