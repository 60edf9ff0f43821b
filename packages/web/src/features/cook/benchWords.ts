import { listed, type Occasion } from '@lupin/core';

export const sentence = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** "Nut roast and gravy, for Ana and Ben". */
export function platesWords(
  occasion: Occasion,
  plates: readonly { readonly guest: string; readonly dish: string }[],
): string {
  const nameOf = (guest: string) => occasion.guests.find((each) => each.id === guest)?.name ?? guest;
  const dishOf = (dish: string) => {
    const recipe = occasion.dishes.find((each) => each.id === dish)?.recipe;
    return occasion.recipes.find((each) => each.id === recipe)?.name ?? dish;
  };
  const dishes = [...new Set(plates.map((plate) => dishOf(plate.dish)))];
  const guests = [...new Set(plates.map((plate) => nameOf(plate.guest)))];
  const what = dishes.length > 4 ? `${dishes.length} dishes (${dishes.slice(0, 3).join(', ')} …)` : listed(dishes);
  return `${what}, for ${guests.length === occasion.guests.length ? 'everybody' : listed(guests)}`;
}
