import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { alone } from '../../test-support/alone.ts';
import { swapCases } from '../../test-support/swaps/cases.ts';
import { scoreSwap, unknownFoods, type SwapScore } from '../../test-support/swaps/score.ts';
import { readRecipes } from '../recipes/index.ts';
import { settingNames, substitutions } from '../reference/index.ts';
import { swapsAt } from './offers.ts';

const seen = [...swapCases('seen'), ...swapCases('seen-2'), ...swapCases('seen-3'), ...swapCases('seen-4')];
const unseen = swapCases('unseen');
const share = (scores: readonly SwapScore[], is: (score: SwapScore) => boolean) =>
  scores.filter(is).length / scores.length;

test.each([
  ['seen', seen, { job: 0.98, first: 0.99, any: 0.99, forbidden: 0.01 }],
  ['unseen', unseen, { job: 0.9, first: 0.93, any: 0.97, forbidden: 0.1 }],
] as const)('the %s swaps judged by hand do not get worse', (_, cases, floor) => {
  const scores = cases.map(scoreSwap);
  expect(unknownFoods(cases)).toEqual([]);
  expect(share(scores, ({ isJobRight }) => isJobRight)).toBeGreaterThanOrEqual(floor.job);
  expect(share(scores, ({ isFirstRight }) => isFirstRight)).toBeGreaterThanOrEqual(floor.first);
  expect(share(scores, ({ isAnyRight }) => isAnyRight)).toBeGreaterThanOrEqual(floor.any);
  expect(share(scores, ({ forbidden }) => forbidden.length > 0)).toBeLessThanOrEqual(floor.forbidden);
});

const offeredAt = (text: string, line?: string): readonly string[] => {
  const { recipe } = readRecipes(text).recipes[0]!;
  const occasion = alone(recipe);
  return recipe.lines
    .filter((each) => line === undefined || each.text === line)
    .flatMap((each) => swapsAt(occasion, occasion.dishes[0]!, each, []).options)
    .flatMap(({ swap }) => (swap.kind === 'substitute' ? [swap.substitution] : []));
};

const places = readFileSync(join('packages/core/test-support/swaps', 'places.txt'), 'utf8')
  .trim()
  .split('\n')
  .map((row) => row.split(' | ') as [string, string, string, string]);

test.each(places)('%s is offered in: %s', (id, name, line, method) => {
  expect(offeredAt(`${name}\nServes 4\n\n${line}\n\nMethod\n${method}`, line)).toContain(id);
});

test('every swap of the table is offered somewhere, and what is retired nowhere', () => {
  const offered = new Set([
    ...places.map(([id]) => id),
    ...[...new Set([...seen, ...unseen].map(({ text }) => text))].flatMap((text) => offeredAt(text)),
  ]);
  expect(substitutions.filter(({ id, retired }) => !retired && !offered.has(id)).map(({ id }) => id)).toEqual([]);
  expect(substitutions.filter(({ id, retired }) => retired && offered.has(id))).toEqual([]);
});

test('every setting is one in which some swap does its job, or does not', () => {
  const asked = new Set<string>(substitutions.flatMap(({ only = [], never }) => [...only, ...never]));
  expect(Object.keys(settingNames).filter((name) => !asked.has(name))).toEqual([]);
});
