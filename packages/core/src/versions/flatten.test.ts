import { id } from '../../test-support/id.ts';
import { line, occasion, recipe, step, guest, noTrace, dish } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import { scale } from '../scale/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { recipeOf } from './assign.ts';

const custard = recipe(
  'custard',
  [line('milk', 'milk', { amount: { kind: 'volume', volumeMl: 600 } }), line('yolks', 'egg-yolk')],
  [step('warm', { uses: ['milk'] }), step('thicken', { uses: ['yolks'], hands: 'on' })],
  { makes: { kind: 'volume', volumeMl: 700 } },
);
const trifle = (amount: object) =>
  recipe(
    'trifle',
    [line('pears', 'pear'), line('custard', undefined, { component: 'custard', amount })],
    [step('poach', { uses: ['pears'] }), step('layer', { uses: ['custard'] })],
  );
const evening = (amount: object, extra = {}) =>
  occasion({
    guests: [guest('ada', noTrace('milk')), guest('bo')],
    recipes: [trifle(amount), custard],
    dishes: [dish('trifle', 'trifle', extra)],
  });

test.each([
  ['half a batch', { kind: 'batches', batches: 0.5 }, 300],
  ['by what it makes', { kind: 'volume', volumeMl: 350 }, 300],
  ['two portions of four', { kind: 'count', count: 2, piece: 'portions' }, 300],
  ['an amount nobody can work out is one batch', { kind: 'words', words: 'some' }, 600],
])('a component goes in by its amount: %s', (_name, amount, volumeMl) => {
  const one = evening(amount);
  const whole = recipeOf(one, one.dishes[0]!);
  expect(whole.lines.find((each) => each.food === 'milk')!.amount).toEqual({ kind: 'volume', volumeMl });
  expect(whole.lines.some((each) => each.component)).toBe(false);
  expect(whole).toBe(recipeOf(one, one.dishes[0]!));
});

test('its hazards reach the plate, its steps come before the step that uses it, its amounts grow with the guests', () => {
  const one = evening({ kind: 'batches', batches: 1 });
  const table = fit(one);
  expect(table.rows[0]!.cells.get(id('ada'))!.judgement.verdict).toBe('conflict');
  const { tasks } = tasksOf(one, table);
  const layer = tasks.find((task) => task.step.id === 'layer')!;
  expect(layer.after.map((link) => link.task.split('.').at(-1))).toEqual(['poach', 'custard--thicken']);
  const milk = scale(one, table)[0]!.lines.find((each) => each.line.food === 'milk')!;
  expect(milk.amount).toMatchObject({ volumeMl: 600 * scale(one, table)[0]!.factor });
});

test('a swap reaches into a component', () => {
  const version = { id: 'plain', name: 'as written', guests: [], swaps: [{ kind: 'omit', line: 'custard--milk' }] };
  expect(() => evening({ kind: 'batches', batches: 1 }, { versions: [version] })).not.toThrow();
  expect(() =>
    evening(
      { kind: 'batches', batches: 1 },
      { versions: [{ ...version, swaps: [{ kind: 'omit', line: 'custard--cream' }] }] },
    ),
  ).toThrow(/no line "custard--cream"/);
});

test('a recipe made with itself, at any remove, is refused with the way round', () => {
  const a = recipe(
    'a',
    [line('b', undefined, { component: 'b', amount: { kind: 'batches', batches: 1 } })],
    [step('do', { uses: ['b'] })],
  );
  const b = recipe(
    'b',
    [line('a', undefined, { component: 'a', amount: { kind: 'batches', batches: 1 } })],
    [step('do', { uses: ['a'] })],
  );
  expect(() => occasion({ guests: [], recipes: [a, b] })).toThrow(/a → b → a/);
  expect(() => occasion({ guests: [], recipes: [a] })).toThrow(/no recipe "b"/);
});

test('a way chosen for a step replaces its time, kit and words, and nothing else', () => {
  const nuts = recipe(
    'cream',
    [line('cashews', 'cashew')],
    [
      step('soak', {
        uses: ['cashews'],
        hands: 'off',
        durationMin: { least: 480, likely: 600, most: 900 },
        alternatives: [
          {
            id: 'boil',
            name: 'Boil them soft',
            text: 'In plenty of water.',
            durationMin: { least: 12, likely: 15, most: 20 },
            hands: 'off',
            burner: true,
          },
        ],
      }),
      step('blend'),
    ],
  );
  const one = occasion({
    guests: [guest('ada')],
    recipes: [nuts],
    dishes: [dish('cream', 'cream', { choices: [{ step: 'soak', alternative: 'boil' }] })],
  });
  expect(recipeOf(one, one.dishes[0]!).steps[0]).toMatchObject({
    id: 'soak',
    title: 'Boil them soft',
    burner: true,
    durationMin: { likely: 15 },
    uses: ['cashews'],
  });
});
