import { linePurposes } from '../reference/index.ts';
import type { Step } from '../model/index.ts';
import type { KnownLine } from './mentions.ts';

/** "Oil for frying": no step names it, and the first that fries takes it. What says nothing of its purpose stays where it is. */
export function withPurposes<T extends { readonly step: Step }>(
  readings: readonly T[],
  lines: readonly KnownLine[],
): readonly T[] {
  const used = new Set(readings.flatMap(({ step }) => step.uses));
  const taken = new Map<Step, Step['uses']>();
  for (const { id, reading } of lines) {
    if (used.has(id)) continue;
    const purpose = linePurposes.find(({ line }) => line.test(reading.text));
    const taker = purpose && readings.find(({ step }) => purpose.step.test(step.text))?.step;
    if (taker) taken.set(taker, [...(taken.get(taker) ?? taker.uses), id]);
  }
  return readings.map((each) => {
    const uses = taken.get(each.step);
    return uses ? { ...each, step: { ...each.step, uses } } : each;
  });
}
