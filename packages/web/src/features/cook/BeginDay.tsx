import { Button, Popconfirm } from 'antd';
import { basisOf, clockTime, dayWords, type Occasion, type Plan } from '@lupin/core';
import { problemWords, useBeginDayMutation } from '../../app/api.ts';
import { longDay } from '../../shared/words.ts';

/** Before the day: begin it, or play it through beforehand. */
export function BeginDay({
  occasion,
  plan,
  over,
  real,
}: {
  occasion: Occasion;
  plan: Plan;
  over: boolean;
  /** The day that is over was no rehearsal: what was noted on it is asked about before it goes. */ real: boolean;
}) {
  const [begin, { isLoading, error }] = useBeginDayMutation();
  const first = Math.min(...plan.tasks.map((task) => task.startMin));
  const daysOff = Math.round((new Date(`${occasion.date}T12:00`).getTime() - Date.now()) / 86_400_000);
  const far = daysOff > 2;
  const ready = plan.basis === basisOf(occasion);
  return (
    <main className="now-card">
      <h2>{over ? 'That day is over' : 'The day is not begun yet'}</h2>
      <p className="big">
        {longDay(occasion.date)}
        {far && `, in ${daysOff} days`}: the first thing to do is at {clockTime(occasion.serveAt, first)}
        {dayWords(occasion.serveAt, first) && `, ${dayWords(occasion.serveAt, first)}`}; the first food goes out at{' '}
        {occasion.serveAt}.
      </p>
      <p className="big soft">
        Once it is begun the plan stays as it is, and every tick, timer and reading is kept. If something goes
        otherwise, it is mended from there on.
      </p>
      <div className="row" style={{ gap: 14, flexWrap: 'wrap' }}>
        <Starter
          label="Begin the day"
          primary={!far}
          disabled={!ready || isLoading}
          asks={over && real}
          onStart={() => void begin({ id: occasion.id, how: { mode: 'day' } })}
        />
        <Starter
          label="Rehearse it first"
          primary={far}
          disabled={!ready || isLoading}
          asks={over && real}
          onStart={() => void begin({ id: occasion.id, how: { mode: 'rehearsal', speed: 1 } })}
        />
      </div>
      {error && (
        <p className="fault" role="alert">
          {problemWords(error)}
        </p>
      )}
      <p className="soft">
        A rehearsal has a clock of its own, beginning two minutes before the first thing to do. It can be sped up or
        stopped, and leaves nothing behind when the day is begun.
      </p>
    </main>
  );
}

interface StarterProps {
  readonly label: string;
  readonly primary: boolean;
  readonly disabled: boolean;
  readonly asks: boolean;
  readonly onStart: () => void;
}

function Starter({ label, primary, disabled, asks, onStart }: StarterProps) {
  const button = (
    <Button
      size="large"
      type={primary ? 'primary' : 'default'}
      disabled={disabled}
      {...(asks ? {} : { onClick: onStart })}
    >
      {label}
    </Button>
  );
  return asks ? (
    <Popconfirm
      title="What was noted on the day that is over is thrown away."
      okText="Throw it away and begin"
      cancelText="Keep it"
      disabled={disabled}
      onConfirm={onStart}
    >
      {button}
    </Popconfirm>
  ) : (
    button
  );
}
