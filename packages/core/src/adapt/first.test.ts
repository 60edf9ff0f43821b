import { alone } from '../../test-support/alone.ts';
import { id } from '../../test-support/id.ts';
import { guest } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { readRecipes } from '../recipes/index.ts';
import { offersFor } from './offers.ts';

const N = (hazard: string) => ({ id: 'n', kind: 'hazard', hazard, strictness: 'no-trace' });
const D = (diet: string) => ({ id: 'n', kind: 'diet', diet, strictness: 'not-ingredient' });

/** What is offered first in ordinary dishes does the job of what goes out, though its label may have to be read. */
test.each([
  [
    'Burgers',
    '4 burgers\n4 bread rolls',
    'Grill the burgers until 71 °C inside, serve in the rolls.',
    D('vegan'),
    'meat-free mince',
  ],
] as const)('%s: %s', (name, lines, method, need, first) => {
  const { recipe } = readRecipes(`${name}\n\nServes 4\n\nIngredients\n${lines}\n\nMethod\n${method}`).recipes[0]!;
  const all = alone(recipe, [], [guest('ana', need), guest('ben')]);
  const [offer] = offersFor(all, fit(all).rows[0]!, id('ana'));
  expect(offer!.lines[0]!.options[0]!.name).toBe(first);
});

test('water for milk is never among the first, and still there for bread and batter', () => {
  const { recipe } = readRecipes(
    'Rice pudding\n\nServes 4\n\n1 l milk\n150 g pudding rice\n\nBake the rice in the milk at 150 °C for 2 hours.',
  ).recipes[0]!;
  const all = alone(recipe, [], [guest('ana', N('milk'))]);
  const names = offersFor(all, fit(all).rows[0]!, id('ana'))[0]!.lines[0]!.options.map((option) => option.name);
  expect(names.slice(0, 2)).not.toContain('water');
  expect(names).toContain('water');
});
