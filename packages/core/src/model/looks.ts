import { lookEntry, type LookEntryId } from './ids.ts';
import type { PlannedStep } from './plan.ts';
import { startLook } from './recipe.ts';

/** A moment at which somebody comes to a step that goes by itself, as it is planned. */
export type PlannedLook = PlannedStep['looks'][number];

/** The looks of a step besides setting it going. */
export const laterLooks = (step: PlannedStep): readonly PlannedLook[] =>
  step.looks.filter(({ look }) => look !== startLook);

/** The look that ends a step: out of the oven, off the heat. Undefined where it is over by itself, though somebody may look in between. */
export function endingLook(step: PlannedStep): PlannedLook | undefined {
  const last = laterLooks(step).at(-1);
  return last !== undefined && last.endMin >= step.endMin - 1 ? last : undefined;
}

/** What a look of a step is ticked under. */
export const entryOf = (step: PlannedStep, { look }: PlannedLook): LookEntryId => lookEntry(step.id, look);
