import { hazards } from '../reference/index.ts';
import {
  isMarkEndedBy,
  isMeantAt,
  type BatchId,
  type GuestId,
  type Occasion,
  type Recipe,
  type ResidueMark,
  type Step,
  type StepId,
} from '../model/index.ts';
import { knowledgeOf, lineEvidence } from '../exposure/index.ts';
import { noTraceHazards } from '../fit/index.ts';
import { isFlesh } from '../keeping/index.ts';
import { ancestry, linesInto } from '../versions/index.ts';
import type { Batch } from './batches.ts';

/** A hazard that a task's food holds or may hold, and the batch in which it came in. */
export interface Carried {
  readonly mark: ResidueMark;
  readonly origin: BatchId;
}

/** A hazard that must not reach a task's food from elsewhere. Residue of the batches in `exempt` is the dish's own and does not count. */
export interface Guarded {
  readonly mark: ResidueMark;
  readonly exempt: readonly BatchId[];
  readonly guests: readonly GuestId[];
}

/** What a line brings to kit and hands, contained or only feared: both leave a residue to be reckoned with. */
function marksOf(recipe: Recipe, lineId: string, occasion: Occasion): readonly ResidueMark[] {
  const line = recipe.lines.find((each) => each.id === lineId);
  if (!line) return [];
  // What others cooked in a kitchen that nobody here knows may carry anything.
  const unknownKitchen: readonly ResidueMark[] = occasion.dishes.some(
    (dish) => dish.recipe === recipe.id && dish.brought && !dish.brought.sealed,
  )
    ? ['unread']
    : [];
  return [
    ...unknownKitchen,
    ...lineEvidence(line, knowledgeOf(occasion)).flatMap(({ about }): ResidueMark[] => {
      switch (about.kind) {
        case 'hazard':
          return [about.hazard];
        case 'unread':
        case 'unknown':
          return ['unread'];
        case 'food':
        case 'unlisted':
        case 'kitchen':
          return [];
        default:
          return about satisfies never;
      }
    }),
  ];
}

/** Whether a raw-food risk that is in the food at `from` has been cooked away before `at` begins, or at it when nobody handles it. */
function cookedBy(
  recipe: Recipe,
  before: Map<StepId, Set<StepId>>,
  from: StepId,
  at: Step,
  mark: ResidueMark,
): boolean {
  return recipe.steps.some(
    (step) =>
      isMarkEndedBy(mark, step) &&
      before.get(step.id)!.has(from) &&
      before.get(at.id)!.has(step.id) &&
      (step.id !== at.id || step.hands === 'off'),
  );
}

/** What a step's food holds by then, and the batch in which each came in; without what was cooked away before. */
export function carriesOf(batch: Batch, step: Step, occasion: Occasion): readonly Carried[] {
  const before = ancestry(batch.recipe);
  const found = new Map<string, Carried>();
  for (const [index, earlier] of batch.recipe.steps.entries()) {
    if (!before.get(step.id)!.has(earlier.id)) continue;
    const origin = batch.doneIn.get(earlier.id)!.batch;
    for (const line of linesInto(batch.recipe, index)) {
      for (const mark of marksOf(batch.recipe, line, occasion)) {
        if (cookedBy(batch.recipe, before, earlier.id, step, mark)) continue;
        found.set(`${mark}/${origin}`, { mark, origin });
      }
    }
  }
  return [...found.values()];
}

/** What is raw in a dish that is done, and neither cooked nor meant to be so. */
export function rawAtTable({ recipe }: Batch, last: Step, occasion: Occasion): readonly ResidueMark[] {
  const before = ancestry(recipe);
  const isSettled = (mark: ResidueMark, from: StepId) =>
    recipe.steps.some(
      (step) =>
        (isMarkEndedBy(mark, step) || isMeantAt(mark, step)) &&
        before.get(step.id)!.has(from) &&
        before.get(last.id)!.has(step.id),
    );
  const found = recipe.steps.flatMap((step, index) =>
    before.get(last.id)!.has(step.id)
      ? linesInto(recipe, index)
          .flatMap((line) => marksOf(recipe, line, occasion))
          .filter((mark) => rawMarks.includes(mark) && !isSettled(mark, step.id))
      : [],
  );
  return [...new Set(found)];
}

const rawMarks: readonly ResidueMark[] = hazards.filter((hazard) => hazard.kind === 'raw').map((hazard) => hazard.id);

/**
 * What flies about with loose flour: what the food holds, and what kit may have brought to it from work on the same batch that
 * goes on beside it. Nobody knows what an unread mark is, and whether it flies; what is raw in it does not matter in such traces.
 */
export function dustOf(batch: Batch, step: Step, occasion: Occasion): readonly Carried[] {
  if (!step.looseFlour) return [];
  const before = ancestry(batch.recipe);
  const beside = batch.recipe.steps.filter(
    (each) => each.id === step.id || (batch.steps.includes(each.id) && !before.get(each.id)!.has(step.id)),
  );
  const all = new Map(
    beside.flatMap((each) => carriesOf(batch, each, occasion)).map((each) => [`${each.mark}/${each.origin}`, each]),
  );
  return [...all.values()].filter(({ mark }) => mark !== 'unread' && !rawMarks.includes(mark));
}

/** Whether what a batch does in a step comes into, or is made of, what another has raw on purpose. */
function isOnWayTo({ recipe, doneIn }: Batch, batch: Batch, step: Step, mark: ResidueMark): boolean {
  const before = ancestry(recipe);
  const here = [...doneIn].flatMap(([id, done]) => (done.batch === batch.id && done.step === step.id ? [id] : []));
  return here.every((id) =>
    recipe.steps.some(
      (each) =>
        isMeantAt(mark, each) &&
        !isMarkEndedBy(mark, each) &&
        (before.get(each.id)!.has(id) || before.get(id)!.has(each.id)),
    ),
  );
}

/** Who eats of what a step makes: of its own batch, and of those that take from it, which another dish may do. */
function eatersOf(occasion: Occasion, batch: Batch, others: readonly Batch[], step: Step): readonly GuestId[] {
  const isDoneHere = (each: Batch) =>
    [...each.doneIn.values()].some((done) => done.batch === batch.id && done.step === step.id);
  const eaters = new Set([batch, ...others.filter(isDoneHere)].flatMap((each) => each.eaters));
  return occasion.guests.flatMap(({ id }) => (eaters.has(id) ? [id] : []));
}

/** What a step's food must be kept from: for whom no trace may reach, and raw food that nothing cooks after it. */
export function guardsOf(occasion: Occasion, batch: Batch, others: readonly Batch[], step: Step): readonly Guarded[] {
  const guards: Guarded[] = [];
  const exempt = batch.lineage;
  const eaters = eatersOf(occasion, batch, others, step);
  const byMark = new Map<ResidueMark, GuestId[]>();
  for (const guest of occasion.guests) {
    if (!eaters.includes(guest.id)) continue;
    const kept = noTraceHazards(guest);
    for (const mark of kept) byMark.set(mark, [...(byMark.get(mark) ?? []), guest.id]);
    if (kept.size > 0) byMark.set('unread', [...(byMark.get('unread') ?? []), guest.id]);
  }
  for (const [mark, guests] of byMark) guards.push({ mark, exempt, guests });
  // Raw-food risks from anywhere, its own kit included, unless what follows cooks them away in every version made from it.
  const takers = others.filter((each) => each.id !== batch.id && each.lineage.includes(batch.id));
  // What is only taken from, a base or a component, is judged by what is made of it in the end.
  const isServed = (each: Batch) => each.into.length === 0 && !others.some((one) => one.base === each.id);
  const served = [batch, ...takers].filter(isServed);
  const finishing = served.length === 0 ? [batch] : served;
  for (const mark of rawMarks) {
    const cooked = finishing.every((each) => {
      const before = ancestry(each.recipe);
      const here = [...each.doneIn].flatMap(([id, done]) =>
        done.batch === batch.id && done.step === step.id ? [id] : [],
      );
      return here.every((id) =>
        each.recipe.steps.some((later) => isMarkEndedBy(mark, later) && before.get(later.id)!.has(id)),
      );
    });
    // Food that is to hold it need not be kept from its own.
    const isMeant = finishing.every((each) => isOnWayTo(each, batch, step, mark));
    if (!cooked) guards.push({ mark, exempt: isMeant ? exempt : [], guests: eaters });
    else if (isFlesh(mark)) guards.push({ mark, exempt, guests: eaters });
  }
  return guards;
}
