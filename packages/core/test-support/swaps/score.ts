import { swapsAt, type LineOption } from '../../src/adapt/index.ts';
import { diets, foodOf, hazards } from '../../src/reference/index.ts';
import { readRecipes } from '../../src/recipes/index.ts';
import { alone } from '../alone.ts';
import { guest } from '../small.ts';
import type { SwapCase } from './cases.ts';

const families: Readonly<Record<string, readonly string[]>> = {
  nut: ['tree-nut'],
  soya: ['soy'],
  shellfish: ['crustacean', 'mollusc'],
};

const needOf = (word: string) => {
  if (diets.some(({ id }) => id === word)) return { id: word, kind: 'diet', diet: word, strictness: 'not-ingredient' };
  const isHazard = hazards.some(({ id }) => id === word);
  return isHazard
    ? { id: word, kind: 'hazard', hazard: word, strictness: 'no-trace' }
    : { id: word, kind: 'food', food: word === 'corn' ? 'cornflour' : word, strictness: 'not-ingredient' };
};

export interface SwapScore {
  readonly case: SwapCase;
  readonly job: string | undefined;
  readonly isJobRight: boolean;
  readonly isFirstRight: boolean;
  readonly isAnyRight: boolean;
  /** Offered, though it never should be. */
  readonly forbidden: readonly string[];
  readonly offered: readonly string[];
}

const leadOf = ({ swap, foods }: LineOption): string => (swap.kind === 'omit' ? 'omit' : foods[0]!);

export function scoreSwap(judged: SwapCase): SwapScore {
  const recipe = readRecipes(judged.text).recipes[0]!.recipe;
  const line = recipe.lines.find(({ text }) => text.toLowerCase().startsWith(judged.line.toLowerCase().trim()));
  if (!line) throw new Error(`No line begins with “${judged.line}” in “${judged.dish}”.`);
  const needs = judged.needs.flatMap((word) => families[word] ?? [word]).map(needOf);
  const occasion = alone(recipe, [], [guest('eats', ...needs)]);
  const offer = swapsAt(occasion, occasion.dishes[0]!, line, occasion.guests);
  const options = offer.options.filter((option) => option.breaks.length === 0);
  const isForbidden = (option: LineOption) =>
    judged.forbidden.includes(leadOf(option)) ||
    (judged.unsayable !== undefined && judged.unsayable.test(option.technique));
  const isAcceptable = (option: LineOption) => judged.acceptable.includes(leadOf(option)) && !isForbidden(option);
  const wantsNone = judged.acceptable.includes('-');
  return {
    case: judged,
    job: offer.role,
    isJobRight: offer.role === judged.job,
    isFirstRight: options.length === 0 ? wantsNone : isAcceptable(options[0]!),
    isAnyRight: options.length === 0 ? wantsNone : options.some(isAcceptable),
    forbidden: options.filter(isForbidden).map((option) => `${option.name} (${option.technique})`),
    offered: options.map((option) => (option.swap.kind === 'substitute' ? option.swap.substitution : option.swap.kind)),
  };
}

/** Foods named in the cases that the catalogue does not have: a slip of the pen would count as a fault of the engine. */
export const unknownFoods = (cases: readonly SwapCase[]): readonly string[] =>
  cases
    .flatMap(({ acceptable, forbidden }) => [...acceptable, ...forbidden])
    .filter((word) => word !== 'omit' && word !== '-' && !foodOf(word as never));
