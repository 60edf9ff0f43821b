import type { Recipe, Step, StepId } from '../model/index.ts';
import { ancestry, withLinks, withOrderSaid, withoutLink } from '../versions/index.ts';
import { asks, made, type Reshaped } from './reshaped.ts';

type Link = NonNullable<Step['after']>[number];

/** The steps so that each comes after what it waits for; where nothing asks otherwise they stay as they are. Throws for a circle. */
function inOrder(recipe: Recipe): Recipe {
  const left = [...recipe.steps];
  const done = new Set<StepId>();
  const steps: Step[] = [];
  while (left.length > 0) {
    const at = left.findIndex((step) => step.after!.every((link) => done.has(link.step)));
    if (at < 0) throw new Error(`The steps of ${recipe.id} wait for each other in a circle.`);
    const [next] = left.splice(at, 1);
    done.add(next!.id);
    steps.push(next!);
  }
  return { ...recipe, steps };
}

const stepIn = (recipe: Recipe, id: StepId): Step => {
  const step = recipe.steps.find((each) => each.id === id);
  if (!step) throw new Error(`${recipe.id} has no step ${id}.`);
  return step;
};
const named = (recipe: Recipe, id: StepId): string => `“${stepIn(recipe, id).title}”`;
const linksOf = (recipe: Recipe, id: StepId): readonly Link[] => stepIn(recipe, id).after ?? [];
const waitsDirectly = (recipe: Recipe, id: StepId, on: StepId): boolean =>
  linksOf(recipe, id).some((link) => link.step === on);

/** A step waits for another, wherever the two stand in the list. Asks where that would go round in a circle. */
export function waitFor(recipe: Recipe, id: StepId, on: StepId): Reshaped {
  const said = withOrderSaid(recipe);
  if (id === on) return asks('A step cannot wait for itself.');
  if (waitsDirectly(said, id, on)) return made(recipe);
  const added = (one: Recipe) => inOrder(withLinks(one, id, (links) => [...links, { step: on, leastMin: 0 }]));
  if (!ancestry(said).get(on)!.has(id)) return made(added(said));
  const words = `${named(said, on)} waits for ${named(said, id)}: they would wait for each other in a circle.`;
  const turned = withoutLink(said, on, id);
  if (!waitsDirectly(said, on, id) || ancestry(turned).get(on)!.has(id)) return asks(words);
  return asks(words, { words: `Turn it round: ${named(said, on)} goes first`, recipe: added(turned) });
}

/** Whether a step waits for another, be it by way of others. */
export const isBehind = (recipe: Recipe, id: StepId, on: StepId): boolean =>
  id !== on && ancestry(recipe).get(id)?.has(on) === true;

/** A step waits no longer for another: the two may go side by side. It waits for what that one waited for, until the cook says that it need not. */
export function sideBySide(recipe: Recipe, id: StepId, on: StepId): Reshaped {
  const said = withOrderSaid(recipe);
  if (!waitsDirectly(said, id, on)) {
    const by = linksOf(said, id).find((link) => isBehind(said, link.step, on));
    return by ? asks(`${named(said, id)} waits for it by way of ${named(said, by.step)}.`) : made(recipe);
  }
  return madeWithFood(recipe, said, withoutLink(said, id, on), id);
}

/** One step drawn on to another: it waits for that one; or, where it waits for it already, the two go side by side. */
export const drawnOn = (recipe: Recipe, id: StepId, on: StepId): Reshaped =>
  isBehind(recipe, id, on) ? sideBySide(recipe, id, on) : waitFor(recipe, id, on);

/** A step waits for nothing. */
export function atAnyTime(recipe: Recipe, id: StepId): Reshaped {
  const said = withOrderSaid(recipe);
  return madeWithFood(
    recipe,
    said,
    withLinks(said, id, () => []),
    id,
  );
}

/** Asks first where a step would then have nothing in it: no line of its own, and nothing that was made before. */
function madeWithFood(recipe: Recipe, said: Recipe, next: Recipe, id: StepId): Reshaped {
  const isEmpty = linksOf(next, id).length === 0 && stepIn(next, id).uses.length === 0;
  if (!isEmpty || linksOf(said, id).length === 0) return made(linksOf(said, id).length === 0 ? recipe : next);
  return asks(`${named(said, id)} would have nothing in it: no ingredient is used first there.`, {
    words: 'It needs nothing: do it all the same',
    recipe: next,
  });
}

/** How long what comes from a step waits for another, in minutes, at least and at most (undefined: as long as it keeps). */
export function setWait(
  recipe: Recipe,
  id: StepId,
  on: StepId,
  { leastMin, mostMin }: Pick<Link, 'leastMin' | 'mostMin'>,
): Reshaped {
  if (mostMin !== undefined && mostMin < leastMin)
    return asks(`It cannot wait at least ${leastMin} minutes and at most ${mostMin}.`);
  return made(
    withLinks(withOrderSaid(recipe), id, (links) =>
      links.map((link) =>
        link.step === on ? { step: on, leastMin, ...(mostMin === undefined ? {} : { mostMin }) } : link,
      ),
    ),
  );
}
