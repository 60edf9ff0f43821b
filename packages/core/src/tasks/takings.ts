import { listed, taskOf, type Occasion, type Step, type StepId, type TaskId } from '../model/index.ts';
import { followsOf, leavingsOf, takingStep } from '../versions/index.ts';
import type { Batch } from './batches.ts';

/** A task with which a dish takes of what another's makes. */
export interface Taking {
  readonly task: TaskId;
  readonly from: TaskId;
  readonly batch: Batch;
}

export function takingsOf(occasion: Occasion, batches: readonly Batch[]): readonly Taking[] {
  return batches.flatMap((batch) =>
    batch.into.length > 0
      ? []
      : occasion.dishes
          .find(({ id }) => id === batch.dish)!
          .takes.flatMap(({ line }) => {
            const step = takingStep(line);
            const index = batch.recipe.steps.findIndex(({ id }) => id === step);
            if (!batch.steps.includes(step)) return [];
            return followsOf(batch.recipe, index).map((link) => ({
              task: taskOf(batch.id, step),
              from: doneAt(batch, link.step),
              batch,
            }));
          }),
  );
}

/** The task that does a step of a batch's recipe, in whichever batch that is. */
export function doneAt({ doneIn }: Batch, step: StepId): TaskId {
  const done = doneIn.get(step)!;
  return taskOf(done.batch, done.step);
}

/** What whoever does a step must know of those that take from it: nothing of it is poured away. */
export function withTakers(step: Step, task: TaskId, takings: readonly Taking[]): Step {
  const dishes = new Set(takings.flatMap(({ from, batch }) => (from === task ? [batch.recipe.name] : [])));
  if (dishes.size === 0) return step;
  const names = listed([...dishes].map((name) => `‘${name}’`));
  return { ...step, text: `${step.text} Keep the ${leavingsOf(step)}: some of it goes into ${names}.`.slice(0, 2000) };
}
