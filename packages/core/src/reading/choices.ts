import { foodOf, type FoodId } from '../reference/index.ts';
import { readIngredient, type Span } from './ingredient.ts';
import { wholeFood } from './whole.ts';

/** One of several things of which a line lets the cook take one. */
export interface Choice {
  readonly food: FoodId;
  /** As the line calls it; with its amount there, the food's own name. */
  readonly words: string;
}

/**
 * What a line itself lets the cook choose from ("butter (or vegan butter)"), as foods of the catalogue: those of which the line says no more
 * than the food does. "Red or white wine" is said of wine both times.
 */
export function choicesOf(text: string): readonly Choice[] {
  const { choices, foods, contained, possible, claims, forms, unknown } = readIngredient(text);
  // Where the line says something besides, a food or a warning, it is not the whole line that is chosen.
  const said = [...foods, ...contained, ...possible, ...claims, ...forms, ...unknown];
  const isInside = ({ start, end }: Span) => choices.some((each) => each.start <= start && end <= each.end);
  if (!said.every(isInside)) return [];
  const [shared, ...others] = choices.at(-1)?.words.split(/\s+/).reverse() ?? [];
  const whole = choices.flatMap(({ words }, at): readonly Choice[] => {
    const isShort = at < choices.length - 1 && others.length > 0;
    const food =
      (isShort ? wholeFood(readIngredient(`${words} ${shared}`)) : undefined) ?? wholeFood(readIngredient(words));
    return food ? [{ food, words: /\d/.test(words) ? (foodOf(food)?.name ?? words) : words }] : [];
  });
  if (whole.length !== choices.length) return [];
  return whole.filter((one, at) => whole.findIndex((other) => other.food === one.food) === at);
}
