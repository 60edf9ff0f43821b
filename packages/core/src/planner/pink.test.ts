import { alone } from '../../test-support/alone.ts';
import { guest } from '../../test-support/small.ts';
import { checkRecipe, readRecipes } from '../recipes/index.ts';
import { fit } from '../fit/index.ts';
import { id } from '../../test-support/id.ts';
import { auditedPlanning, toEnd } from './index.ts';

const roast = (lines: string, method: string) =>
  readRecipes(`Sunday roast\n\nServes 4\n\nIngredients\n${lines}\n\nMethod\n${method}`).recipes[0]!.recipe;
const method = (coreC: number, after: string) =>
  `Roast at 190 °C for 70 minutes, until it is ${coreC} °C in the middle. ${after}`;
const little = { seconds: 0.005, firstSeconds: 1 };
const planOf = (lines: string, coreC: number) =>
  toEnd(auditedPlanning(alone(roast(lines, method(coreC, 'Rest it for 15 minutes, then carve.'))), little)).kind;

test.each([
  ['1.5 kg roast beef', 63, 'plan'],
  ['1 leg of lamb, about 2 kg', 63, 'plan'],
  ['1.5 kg roast beef', 55, 'none'],
  // What was on its outside is inside it.
  ['1.5 kg rolled lamb shoulder', 63, 'none'],
  ['1 kg beef mince', 63, 'none'],
  ['1.5 kg pork loin', 63, 'none'],
  ['1 chicken, about 1.6 kg', 63, 'none'],
])('%s at %d °C: %s', (lines, coreC, kind) => {
  expect(planOf(lines, coreC)).toBe(kind);
});

test('pink meat rests, or it is said', () => {
  const codes = (after: string) =>
    checkRecipe(roast('1.5 kg roast beef', method(63, after))).flatMap(({ code }) =>
      ['pink-rest', 'raw-core'].includes(code) ? [code] : [],
    );
  expect([codes('Carve and serve.'), codes('Rest it for 15 minutes, then carve.')]).toEqual([['pink-rest'], []]);
});

test('a stuffed or rolled joint is asked for the heat of mince', () => {
  const words = (steps: string) =>
    checkRecipe(roast('1 leg of lamb\n200 g breadcrumbs', `${steps} ${method(63, 'Rest it.')}`)).map(
      (each) => each.words,
    );
  expect(words('Spread the crumbs on the lamb, roll it up and tie it.').join('\n')).toMatch(/71 °C is asked/);
});

test('whoever may have nothing raw is asked before it is served pink', () => {
  const pregnant = { id: 'n', kind: 'regimen', regimen: 'pregnancy', strictness: 'not-ingredient' };
  const verdict = (coreC: number) =>
    fit(alone(roast('1.5 kg roast beef', method(coreC, 'Rest it.')), [], [guest('ida', pregnant)])).rows[0]!.cells.get(
      id('ida'),
    )!.judgement.verdict;
  expect([verdict(63), verdict(74)]).toEqual(['check', 'clear']);
});
