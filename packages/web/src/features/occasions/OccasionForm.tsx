import { Button, Input } from 'antd';
import dayjs from 'dayjs';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import type { KeptOccasion } from '@lupin/core';
import { problemWords } from '../../app/api.ts';
import { ClockField } from '../../shared/ClockField.tsx';
import { longDay } from '../../shared/words.ts';

export interface NewOne {
  readonly name: string;
  readonly date: string;
  readonly serveAt: string;
}

interface OccasionFormProps {
  /** What the form is for, for those who do not see it. */
  readonly label: string;
  readonly from: NewOne;
  readonly placeholder?: string;
  readonly button: string;
  readonly isLoading: boolean;
  readonly error: unknown;
  /** Makes it; undefined where that failed, which `error` then says. */
  readonly onMake: (one: NewOne) => Promise<KeptOccasion | undefined>;
}

/** Name, day and time of an occasion to be; once it is made it opens. */
export function OccasionForm({ label, from, placeholder, button, isLoading, error, onMake }: OccasionFormProps) {
  const id = useId();
  const [name, setName] = useState(from.name);
  const [date, setDate] = useState(from.date);
  const [serveAt, setServeAt] = useState(from.serveAt);
  const [fault, setFault] = useState('');
  const navigate = useNavigate();
  const submit = async () => {
    if (!name.trim()) return setFault('A name is needed.');
    if (!dayjs(date).isValid()) return setFault('A day is needed.');
    setFault('');
    const kept = await onMake({ name: name.trim(), date, serveAt });
    if (kept) await navigate(`/o/${kept.occasion.id}/guests`);
    return undefined;
  };
  return (
    <form
      aria-label={label}
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div className="row" style={{ alignItems: 'flex-end' }}>
        <div className="field">
          <label htmlFor={`${id}-name`}>Name</label>
          <Input
            id={`${id}-name`}
            style={{ width: 280 }}
            value={name}
            maxLength={120}
            status={fault ? 'error' : ''}
            onChange={(event) => setName(event.target.value)}
            {...(placeholder ? { placeholder } : {})}
          />
        </div>
        <div className="field">
          <label htmlFor={`${id}-date`}>Day</label>
          <Input
            id={`${id}-date`}
            type="date"
            style={{ width: 160 }}
            value={date}
            onChange={(event) => setDate(event.target.value)}
          />
        </div>
        <div className="field">
          <label htmlFor={`${id}-time`}>At the table</label>
          <ClockField id={`${id}-time`} value={serveAt} onChange={setServeAt} />
        </div>
        <Button type="primary" htmlType="submit" loading={isLoading}>
          {button}
        </Button>
      </div>
      {dayjs(date).isValid() && (
        <p className="soft small" style={{ marginTop: 4 }}>
          {longDay(date)}
        </p>
      )}
      {fault && (
        <p className="fault" role="alert">
          {fault}
        </p>
      )}
      {Boolean(error) && (
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
      )}
    </form>
  );
}
