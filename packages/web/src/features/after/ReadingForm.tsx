import { Button, InputNumber } from 'antd';
import { useState } from 'react';
import { rules } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';

interface ReadingFormProps {
  /** What is measured, for those who do not see it. */
  readonly label: string;
  readonly onNote: (celsius: number) => void;
}

/** A temperature noted, in the cook's own scale. */
export function ReadingForm({ label, onNote }: ReadingFormProps) {
  const { temperature } = useUnits();
  const [value, setValue] = useState<number | null>(null);
  const fahrenheit = temperature === 'F';
  const note = () => {
    if (value === null) return;
    onNote(Math.round((fahrenheit ? ((value - 32) * 5) / 9 : value) * 10) / 10);
    setValue(null);
  };
  return (
    <span className="row reading-form">
      <InputNumber
        aria-label={label}
        value={value}
        onChange={setValue}
        onPressEnter={note}
        min={fahrenheit ? -20 : rules.leastReadingC}
        max={fahrenheit ? 600 : rules.mostReadingC}
        suffix={fahrenheit ? '°F' : '°C'}
        inputMode="decimal"
        style={{ width: 96 }}
      />
      <Button disabled={value === null} onClick={note}>
        Note
      </Button>
    </span>
  );
}
