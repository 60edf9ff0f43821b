import {
  foodOf,
  kitWords,
  listed,
  rules,
  type IngredientLine,
  type Step,
  type WorkStep,
  type WorkWait,
} from '@lupin/core';

/** "45 min", "2 h", "2 h 30", "3 days". */
export function lengthWords(minutes: number): string {
  if (minutes >= 2880 && minutes % 1440 === 0) return `${minutes / 1440} days`;
  if (minutes < 120) return `${minutes} min`;
  const rest = minutes % 60;
  return `${Math.floor(minutes / 60)} h${rest === 0 ? '' : ` ${rest}`}`;
}

/**
 * What stands beside a stream: what its recipe asks, and what is stricter than the two hours that all food has. Empty where there is nothing to say.
 */
export function waitLabel({ leastMin, saidMostMin, roomMin = Infinity, fridgeMin = 0 }: WorkWait): string {
  if (leastMin > 0) {
    if (saidMostMin === undefined) return `${lengthWords(leastMin)} later or more`;
    return saidMostMin <= leastMin
      ? `after ${lengthWords(leastMin)}`
      : `${lengthWords(leastMin)} to ${lengthWords(saidMostMin)} later`;
  }
  if (saidMostMin === 0) return 'at once';
  if (saidMostMin !== undefined && saidMostMin <= Math.max(roomMin, fridgeMin))
    return `within ${lengthWords(saidMostMin)}`;
  if (roomMin >= rules.standsMostMin) return '';
  return `within ${lengthWords(roomMin)}${fridgeMin > roomMin ? ', or chilled' : ''}`;
}

/** How long it may stand between two steps, and where, in a sentence. */
export function waitSentence({ roomMin, fridgeMin, isCold, stays }: WorkWait): string {
  const piece = stays ? 'It stays in what it is in.' : '';
  if (roomMin === undefined && fridgeMin === undefined) return ['Nothing forbids it to wait.', piece].join(' ').trim();
  const room = roomMin === undefined ? '' : `stands ${lengthWords(roomMin)} at most`;
  const fridge = fridgeMin === undefined ? '' : `keeps ${lengthWords(fridgeMin)} in the fridge`;
  const both = [isCold ? '' : room, fridge].filter(Boolean).join('; ');
  if (both === '') return piece;
  return `${both.charAt(0).toUpperCase()}${both.slice(1)}. ${piece}`.trim();
}

/** Where a step goes on: "oven 200 °C", "hob", "fridge", "by hand". */
export function placeWords({ oven, burner, cold, hands }: Step, degrees: (celsius: number) => string): string {
  if (oven) return `${oven.grill ? 'grill' : 'oven'} ${degrees(oven.temperatureC)}`;
  if (burner) return 'hob';
  if (cold) return cold;
  return hands === 'on' ? 'by hand' : 'by itself';
}

/** The pieces that come into use in a step: what was in use before is seen by its thread. */
export function freshPieces({ pieces }: WorkStep, before: readonly WorkStep[]): readonly string[] {
  const there = new Set(before.flatMap((each) => each.pieces.map(({ id }) => id)));
  return [...new Set(pieces.filter(({ id }) => !there.has(id)).map(({ kind }) => kitWords(kind)))];
}

/** The name of what a line brings, without its amount. */
export function foodWords({ food, text }: IngredientLine): string {
  const known = food === undefined ? undefined : foodOf(food)?.name;
  if (known) return known.charAt(0).toLowerCase() + known.slice(1);
  return text
    .replace(/^[\d\s.,/½¼¾⅓⅔–-]+(?:(?:g|kg|ml|l|tbsp|tsp|cups?)\b\.?\s*)?/i, '')
    .split(/[,(]/)[0]!
    .trim();
}

/** "after 2 and 3", "at any time": what a step waits for, in the numbers of the steps. */
export function waitsInWords({ waits }: WorkStep, work: readonly WorkStep[]): string {
  if (waits.length === 0) return 'at any time';
  const numbers = waits.map(({ from }) => work.find(({ step }) => step.id === from)!.number).toSorted((a, b) => a - b);
  return `after ${listed(numbers.map(String))}`;
}
