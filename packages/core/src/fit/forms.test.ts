import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { knowledgeOf, lineEvidence } from '../exposure/index.ts';
import { readIngredient, wholeFood } from '../reading/index.ts';
import { judge, type Verdict } from './verdict.ts';

/** What a line is to a guest who avoids one food, as a choice. */
function verdictOn(food: string, words: string): Verdict {
  const text = `100 g ${words}`;
  const one = occasion({
    guests: [guest('ana', { id: 'n', kind: 'food', food, strictness: 'not-ingredient' })],
    recipes: [recipe('r', [line('l', wholeFood(readIngredient(text)), { text })], [step('s', { uses: ['l'] })])],
  });
  return judge(one.guests[0]!, lineEvidence(one.recipes[0]!.lines[0]!, knowledgeOf(one))).verdict;
}

const rows = readFileSync(join(import.meta.dirname, '../../test-support/needs/forms.txt'), 'utf8')
  .split('\n')
  .filter((row) => row.trim() !== '' && !row.startsWith('#'))
  .map((row) => {
    const [food, said] = row.split(' : ') as [string, string];
    const [forms, others] = said.split(' / ').map((list) => list.split(';').map((each) => each.trim()));
    return { food, forms: forms!, others: others ?? [] };
  });

describe('whoever avoids a food', () => {
  test.each(rows)('$food: finds it in every form, and in nothing that is only called so', ({ food, forms, others }) => {
    expect(forms.filter((each) => verdictOn(food, each) === 'clear')).toEqual([]);
    expect(others.filter((each) => verdictOn(food, each) !== 'clear')).toEqual([]);
  });
});

test('a family is found in every form of its members', () => {
  const verdictOf = (family: string, words: string) => {
    const text = `100 g ${words}`;
    const one = occasion({
      guests: [guest('ana', { id: 'n', kind: 'family', family, strictness: 'not-ingredient' })],
      recipes: [recipe('r', [line('l', wholeFood(readIngredient(text)), { text })], [step('s', { uses: ['l'] })])],
    });
    return judge(one.guests[0]!, lineEvidence(one.recipes[0]!.lines[0]!, knowledgeOf(one))).verdict;
  };
  for (const [family, words] of [
    ['legume', 'frozen green beans'],
    ['legume', 'tinned peas'],
    ['citrus', 'grapefruit juice'],
    ['stone-fruit', 'prunes'],
    ['stone-fruit', 'dried apricots'],
    ['pome', 'apple juice'],
    ['tropical-fruit', 'frozen mango'],
    ['tropical-fruit', 'tinned pineapple'],
    ['nightshade', 'potato starch'],
    ['nightshade', 'tinned potatoes'],
    ['allium', 'garlic butter'],
    ['mushroom', 'dried mushrooms'],
    ['cheese', 'feta'],
    ['beef', 'beef dripping'],
    ['pepper', 'roasted red peppers'],
    ['seed', 'tahini'],
  ] as const)
    expect(`${family} ${words} ${verdictOf(family, words)}`).not.toBe(`${family} ${words} clear`);
  for (const [family, words] of [
    ['citrus', 'apple juice'],
    ['nightshade', 'sweet potatoes'],
    ['stone-fruit', 'plum tomatoes'],
    ['cheese', 'milk'],
    ['seed', 'cumin seeds'],
  ] as const)
    expect(`${words} ${verdictOf(family, words)}`).toBe(`${words} clear`);
});
