import { dish, line, occasion, recipe, step } from '../../test-support/small.ts';
import { leftOutWay } from '../model/index.ts';
import { recipeOf } from './assign.ts';
import { versionParts } from './parts.ts';

describe('a step that the dish stands without', () => {
  const salad = (canOmit: boolean) =>
    recipe(
      'salad',
      [line('leaves', 'rocket'), line('nuts', 'walnut'), line('oil', 'olive-oil')],
      [
        step('dress', { uses: ['leaves', 'oil'] }),
        step('scatter', { uses: ['nuts', 'oil'], after: [{ step: 'dress' }], ...(canOmit ? { canOmit: true } : {}) }),
        step('serve', { after: [{ step: 'scatter' }] }),
      ],
    );
  const made = (canOmit: boolean, choices: readonly { step: string; alternative: string }[]) => {
    const one = occasion({
      guests: [],
      recipes: [salad(canOmit)],
      dishes: [dish('it', 'salad', { choices: [...choices] })],
    });
    return recipeOf(one, one.dishes[0]!);
  };

  test('is left out with what only it uses, and the others wait for what it waited for', () => {
    const { lines, steps } = made(true, [{ step: 'scatter', alternative: leftOutWay }]);
    expect(lines.map(({ id }) => id)).toEqual(['leaves', 'oil']);
    expect(steps.map(({ id, after }) => [id, after?.map((link) => link.step)])).toEqual([
      ['dress', []],
      ['serve', ['dress']],
    ]);
  });

  test('takes nothing with it that others go on with, or speak of: the marinating is left out, the chicken is not', () => {
    const grill = (text: string, first = 'Marinate it all') =>
      recipe(
        'chicken',
        [line('meat', 'chicken'), line('yoghurt', 'yoghurt'), line('herb', 'coriander')],
        [
          step('marinate', { title: first, uses: ['meat', 'yoghurt'], canOmit: true }),
          step('grill', { text, uses: ['herb'], after: [{ step: 'marinate' }] }),
        ],
      );
    const linesOf = (one: ReturnType<typeof grill>) => {
      const whole = occasion({
        guests: [],
        recipes: [one],
        dishes: [dish('it', 'chicken', { choices: [{ step: 'marinate', alternative: leftOutWay }] })],
      });
      const { lines, steps } = recipeOf(whole, whole.dishes[0]!);
      return [lines.map(({ id }) => id), steps.map(({ uses }) => uses)];
    };
    expect(linesOf(grill('Until done.'))).toEqual([['meat', 'yoghurt', 'herb'], [['herb']]]);
    expect(linesOf(grill('Grill the chicken.'))).toEqual([['meat', 'yoghurt', 'herb'], [['herb', 'meat']]]);
    // What is scattered on at the end and spoken of nowhere else goes; toasted and scattered, both must be left out.
    const nuts = recipe(
      'nuts',
      [line('leaves', 'rocket'), line('nuts', 'walnut')],
      [
        step('toss', { uses: ['leaves'], after: [] }),
        step('toast', { uses: ['nuts'], after: [], canOmit: true }),
        step('scatter', { after: [{ step: 'toss' }, { step: 'toast' }], canOmit: true }),
      ],
    );
    const without = (...gone: string[]) => {
      const one = occasion({
        guests: [],
        recipes: [nuts],
        dishes: [dish('it', 'nuts', { choices: gone.map((each) => ({ step: each, alternative: leftOutWay })) })],
      });
      return recipeOf(one, one.dishes[0]!).lines.map(({ id }) => id);
    };
    expect(without('toast')).toEqual(['leaves', 'nuts']);
    expect(without('scatter')).toEqual(['leaves', 'nuts']);
    expect(without('toast', 'scatter')).toEqual(['leaves']);
  });

  test('stays where its recipe does not say so, and where nobody leaves it out', () => {
    expect(made(false, [{ step: 'scatter', alternative: leftOutWay }]).steps).toHaveLength(3);
    expect(made(true, []).lines).toHaveLength(3);
  });

  test('is left out of a component too, and a recipe of nothing else keeps it', () => {
    const whole = recipe(
      'plate',
      [line('it', undefined, { component: 'salad', amount: { kind: 'batches', batches: 1 } })],
      [step('lay', { uses: ['it'] })],
    );
    const one = occasion({ guests: [], recipes: [whole, salad(true)], dishes: [dish('it', 'plate')] });
    const [part] = recipeOf(one, one.dishes[0]!).steps.filter(({ canOmit }) => canOmit);
    const choices = [{ step: part!.id, alternative: leftOutWay }];
    expect(recipeOf(one, { ...one.dishes[0]!, choices }).steps).toHaveLength(3);
    const [version] = versionParts(one, { ...one.dishes[0]!, choices }, one.dishes[0]!.versions[0]!);
    expect(version!.made.steps.map(({ id }) => id)).toEqual(['dress', 'serve']);
    const alone = occasion({
      guests: [],
      recipes: [recipe('nuts', [line('nuts', 'walnut')], [step('toast', { uses: ['nuts'], canOmit: true })])],
      dishes: [dish('it', 'nuts', { choices: [{ step: 'toast', alternative: leftOutWay }] })],
    });
    expect(recipeOf(alone, alone.dishes[0]!).steps).toHaveLength(1);
  });
});
