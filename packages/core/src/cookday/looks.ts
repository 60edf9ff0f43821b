import type { PlannedStep } from '../model/index.ts';

/** The id of a look in the run sheet. */
export const lookId = (task: string, index: number): string => `${task}@${index}`;

/** Which looks there are besides setting it going, by their number among the step's moments. */
export const looksOf = (step: PlannedStep): readonly number[] =>
  step.attention.flatMap((point, index) => (point.startMin > step.startMin ? [index] : []));

/** The look that ends a step: out of the oven, off the heat. Undefined where it is over by itself, though somebody may look in between. */
export function endingLook(step: PlannedStep): number | undefined {
  const last = looksOf(step).at(-1);
  return last !== undefined && step.attention[last]!.endMin >= step.endMin - 1 ? last : undefined;
}
