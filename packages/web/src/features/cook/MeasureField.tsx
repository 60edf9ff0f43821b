import { useState } from 'react';
import { InputNumber } from 'antd';
import { rules, type Reading } from '@lupin/core';
import { useUnits } from '../../shared/units.ts';

interface MeasureFieldProps {
  readonly limitC: number;
  /** What a probe says that is in it. */
  readonly probeC?: number | undefined;
  readonly readings: readonly Reading[];
  readonly onMeasure: (celsius: number) => void;
}

/** A core temperature against what it must reach. Too low is not done. */
export function MeasureField({ limitC, probeC, readings, onMeasure }: MeasureFieldProps) {
  const units = useUnits();
  const [value, setValue] = useState<number | null>(null);
  const last = readings.at(-1);
  const low = last !== undefined && last.celsius < limitC;
  const fahrenheit = units.measure === 'us';
  const celsius = value === null ? undefined : fahrenheit ? ((value - 32) * 5) / 9 : value;
  return (
    <form
      className={`measure ${last === undefined ? '' : low ? 'low' : 'reached'}`}
      onSubmit={(event) => {
        event.preventDefault();
        if (celsius !== undefined) {
          onMeasure(Math.round(celsius * 10) / 10);
          setValue(null);
        }
      }}
    >
      <label htmlFor="core">
        Core, thickest part: at least <strong>{units.degrees(limitC)}</strong>
      </label>
      <div className="row">
        <InputNumber
          id="core"
          size="large"
          style={{ width: 130 }}
          value={value}
          onChange={setValue}
          min={fahrenheit ? -20 : rules.leastReadingC}
          max={fahrenheit ? 600 : rules.mostReadingC}
          suffix={fahrenheit ? '°F' : '°C'}
          inputMode="decimal"
        />
        <button type="submit" className="big-button" disabled={celsius === undefined}>
          Note it
        </button>
        {probeC !== undefined && (
          <button type="button" className="big-button" onClick={() => onMeasure(probeC)}>
            The probe says {units.degrees(Math.floor(probeC))}: take that
          </button>
        )}
        {last && (
          <span role="status">
            <strong>{units.degrees(last.celsius)}</strong>{' '}
            {low
              ? `: not done yet, ${Math.ceil(limitC - last.celsius)} °C short. Give it time, measure again.`
              : ': reached.'}
          </span>
        )}
      </div>
    </form>
  );
}
