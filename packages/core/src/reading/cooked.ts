import type { ReadFood } from './ingredient.ts';

/** Words that say that what is named has been cooked before it comes into the kitchen; not where that is still to be done, or half done. */
const cookedWords =
  /(?<!\b(?:be|not|until|get|when|once|for|to)\s)(?<!\b(?:part|par|half|lightly|un)[-\s])\b(?:pre-?cooked|cooked|roasted|rotisserie|left-?over|tinned|canned|poached|grilled|barbecued|confit|hard-boiled|pasteurised|pasteurized)\b/gi;
/** What parts one thing from the next. */
const parts = /[,;()/&+]|\b(?:and|with|plus|or)\b/i;

/**
 * The foods of a line that its words say are cooked. Such a word belongs to what follows it ("mince with roasted peppers": the peppers), or, where
 * nothing does, to what stands right before it ("salmon, poached").
 */
export function cookedIn(text: string, foods: readonly ReadFood[]): ReadonlySet<ReadFood> {
  const cooked = new Set<ReadFood>();
  for (const { index, 0: word } of text.matchAll(cookedWords)) {
    const end = index + word.length;
    const around = foods.find((food) => food.start <= index && end <= food.end);
    const next = foods.find((food) => food.start >= end && !parts.test(text.slice(end, food.start)));
    const before = foods.findLast((food) => food.end <= index);
    // A word more than a comma between them, and it is no longer said of that food alone.
    const isRightBefore = before && /^\s*(?:,|\()?\s*$/.test(text.slice(before.end, index));
    const meant = around ?? next ?? (isRightBefore && !/^\s*[\p{L}-]/u.test(text.slice(end)) ? before : undefined);
    if (meant) cooked.add(meant);
  }
  return cooked;
}
