import { Input } from 'antd';
import { useState } from 'react';
import { clockFromText } from './clockText.ts';

interface ClockFieldProps {
  readonly id?: string;
  readonly label?: string;
  readonly value: string;
  readonly onChange: (clock: string) => void;
}

/** A time of day, typed on the 24-hour clock whatever the browser's language; what is no time is said and stays to be mended. */
export function ClockField({ id, label, value, onChange }: ClockFieldProps) {
  const [text, setText] = useState(value);
  const [before, setBefore] = useState(value);
  if (before !== value) {
    // Changed from outside, by undo or another field.
    setBefore(value);
    setText(value);
  }
  const clock = clockFromText(text);
  const commit = () => {
    if (clock === undefined) return;
    setText(clock);
    if (clock !== value) onChange(clock);
  };
  return (
    <span style={{ display: 'inline-flex', flexDirection: 'column' }}>
      <Input
        id={id}
        aria-label={label}
        style={{ width: 84 }}
        inputMode="numeric"
        maxLength={8}
        value={text}
        status={clock === undefined ? 'error' : ''}
        onChange={(event) => setText(event.target.value)}
        onBlur={commit}
        onPressEnter={commit}
      />
      {clock === undefined && (
        <span className="fault" role="alert">
          a time, like 18:30
        </span>
      )}
    </span>
  );
}
