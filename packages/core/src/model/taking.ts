import type { Dish } from './dish.ts';
import type { LinkFault } from './recipeLinks.ts';

/** What is wrong with what a dish takes from others, with its place among what it takes. */
export function takingFaults(dishes: readonly Dish[], dish: Dish): LinkFault[] {
  return dish.takes.flatMap(({ line, from }, at): LinkFault[] => {
    const message = faultOf(dishes, dish, from);
    if (message !== undefined) return [{ message, path: [at, 'from'] }];
    const isTwice = dish.takes.findIndex((each) => each.line === line) < at;
    return isTwice ? [{ message: 'A line is taken from one dish only.', path: [at, 'line'] }] : [];
  });
}

function faultOf(dishes: readonly Dish[], dish: Dish, from: string): string | undefined {
  if (from === dish.id) return 'A dish takes from others, not from itself.';
  const source = dishes.find((each) => each.id === from);
  if (!source) return `There is no dish "${from}" to take from.`;
  if (dish.brought || source.brought) return 'What others cook neither takes from a dish made here nor gives to one.';
  return takesFrom(dishes, source).has(dish.id) ? 'Two dishes cannot each take from the other.' : undefined;
}

/** The dishes that a dish takes from, at any remove. */
export function takesFrom(dishes: readonly Dish[], dish: Dish): ReadonlySet<string> {
  const met = new Set<string>(dish.takes.map(({ from }) => from));
  for (const id of met) for (const { from } of dishes.find((each) => each.id === id)?.takes ?? []) met.add(from);
  return met;
}
