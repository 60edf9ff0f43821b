import {
  densityDoubtOf,
  foodOf,
  measure,
  temperature,
  type Amount,
  type Measured,
  type MeasureSystem,
  type TemperatureScale,
} from '@lupin/core';
import { useAppSelector } from '../app/store.ts';

export interface Units {
  readonly measure: MeasureSystem;
  readonly temperature: TemperatureScale;
  amount(amount: Amount, food: string | undefined, massG: number | undefined): Measured;
  degrees(celsius: number): string;
}

/** Amounts and temperatures as the cook has chosen to read them. */
export function useUnits(): Units {
  const prefs = useAppSelector((state) => state.prefs);
  return {
    ...prefs,
    amount: (amount, food, massG) => {
      const entry = food ? foodOf(food) : undefined;
      return measure(amount, prefs.measure, {
        densityGPerMl: entry?.densityGPerMl,
        densityDoubt: entry && densityDoubtOf(entry),
        massG,
      });
    },
    degrees: (celsius) => temperature(celsius, prefs.temperature),
  };
}
