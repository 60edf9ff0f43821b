import dayjs from 'dayjs';
import type { Amount, MeasureSystem, TemperatureScale } from '@lupin/core';
import { foodOf, measure, temperature, type Measured } from '@lupin/core';
import { useAppSelector } from '../app/store.ts';

export const longDay = (iso: string): string => dayjs(iso).format('dddd D MMMM YYYY');
export const shortDay = (iso: string): string => dayjs(iso).format('D MMM');

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
    amount: (amount, food, massG) => measure(amount, prefs.measure, { densityGPerMl: food ? foodOf(food)?.densityGPerMl : undefined, massG }),
    degrees: (celsius) => temperature(celsius, prefs.temperature),
  };
}

/** A new id from a name that none of the others has. */
export function freshId(name: string, taken: readonly string[]): string {
  const base = name.normalize('NFKD').toLowerCase().replace(/[^a-z0-9]+/g, '-').replace(/^-+|-+$/g, '').slice(0, 50) || 'x';
  let id = base;
  for (let count = 2; taken.includes(id); count++) id = `${base}-${count}`;
  return id;
}
