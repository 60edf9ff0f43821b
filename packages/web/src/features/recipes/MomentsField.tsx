import { DeleteOutlined } from '@ant-design/icons';
import { Button, Input, InputNumber } from 'antd';
import { withLookIds, type Step } from '@lupin/core';

type Moments = Step['looks'];

/** Moments inside something that goes by itself, when a cook must come: turn, stir, take the foil off. */
export function MomentsField({ step, put }: { step: Step; put: (part: Partial<Step>) => void }) {
  const set = (looks: Moments) => put({ looks: [...looks].sort((a, b) => a.atMin - b.atMin) });
  const change = (at: number, part: Partial<Moments[number]>) =>
    set(step.looks.map((each, index) => (index === at ? { ...each, ...part } : each)));
  return (
    <div className="field">
      <span>To see to on the way</span>
      {step.looks.map((moment, index) => (
        <div key={moment.id} className="row" style={{ flexWrap: 'nowrap' }}>
          after{' '}
          <InputNumber
            size="small"
            aria-label="After how many minutes"
            min={1}
            max={4320}
            precision={0}
            value={moment.atMin}
            onChange={(atMin) => {
              if (atMin !== null) change(index, { atMin });
            }}
            style={{ width: 66 }}
          />{' '}
          min
          <Input
            size="small"
            aria-label="What to do then"
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
            style={{ width: 56 }}
          />{' '}
          min
          <Button
            size="small"
            type="text"
            icon={<DeleteOutlined />}
            aria-label={`Take out: ${moment.what}`}
            onClick={() => set(step.looks.filter((_, other) => other !== index))}
          />
        </div>
      ))}
      <div>
        <Button
          size="small"
          disabled={step.looks.length >= 12}
          onClick={() =>
            set(
              withLookIds([
                ...step.looks,
                { atMin: Math.max(1, Math.round(step.durationMin.likely / 2)), takesMin: 1, what: 'stir' },
              ]),
            )
          }
        >
          Something to see to
        </Button>
      </div>
    </div>
  );
}
